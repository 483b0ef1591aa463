// SPDX-License-Identifier: GPL-3.0-or-later
// A stand-in for the desktop's portal: a picture is its screen. For tests, and to try the program where the
// desktop has no portal: zonachrom-standin-portal PICTURE [--pixel X,Y] [--answer WORD]
// A line on its standard input is the user pressing the keys that were given out.
#include "standins/portal.h"

#include <QCommandLineParser>
#include <QDBusConnection>
#include <QFileInfo>
#include <QGuiApplication>
#include <QImage>
#include <QSocketNotifier>

#include <cstdio>
#include <unistd.h>

int main(int argc, char** argv) {
  // It shows nothing itself.
  qputenv("QT_QPA_PLATFORM", "offscreen");
  const QGuiApplication app(argc, argv);
  QCommandLineParser line;
  line.setApplicationDescription("A stand-in for the desktop's portal, with a picture as its screen.");
  line.addHelpOption();
  line.addPositionalArgument("PICTURE", "What is on the screen.");
  line.addOption({"pixel", "The pixel that is pointed at; else the middle.", "X,Y"});
  line.addOption({"answer", "What is answered: color, cancel, refuse, silence or garbage.", "WORD", "color"});
  line.process(app);
  const QString path = QFileInfo(line.positionalArguments().value(0)).absoluteFilePath();
  const QImage screen(path);
  if (screen.isNull()) {
    std::fprintf(stderr, "zonachrom-standin-portal: \"%s\" is no picture.\n", qPrintable(path));
    return 2;
  }
  const QStringList given = line.value("pixel").split(',');
  const QPoint pixel =
      given.size() == 2 ? QPoint(given[0].toInt(), given[1].toInt()) : screen.rect().center();
  if (!screen.rect().contains(pixel)) {
    std::fputs("zonachrom-standin-portal: that pixel lies outside the picture.\n", stderr);
    return 2;
  }
  auto bus = QDBusConnection::sessionBus();
  zc::StandInPortal portal(bus, path, screen.pixelColor(pixel), line.value("answer"));
  if (!bus.registerObject("/org/freedesktop/portal/desktop", &portal, QDBusConnection::ExportAdaptors) ||
      !bus.registerService("org.freedesktop.portal.Desktop")) {
    std::fputs("zonachrom-standin-portal: there is no session bus, or a portal on it already.\n", stderr);
    return 1;
  }
  QSocketNotifier hand(STDIN_FILENO, QSocketNotifier::Read);
  QObject::connect(&hand, &QSocketNotifier::activated, &portal, [&portal, &hand] {
    char pressed[256];
    const auto read = ::read(STDIN_FILENO, pressed, sizeof pressed);
    if (read <= 0) return hand.setEnabled(false);
    portal.press_keys();
  });
  std::puts("ready");
  std::fflush(stdout);
  return QGuiApplication::exec();
}
