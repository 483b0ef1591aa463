// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/log/session_log.h"

#include "io/files/claim.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QGuiApplication>
#include <QLocale>
#include <QRegularExpression>
#include <QScreen>
#include <QStringList>
#include <QSysInfo>

namespace zc::session_log {
namespace {

struct Log {
  QStringList lines, before;
  QString file;
  QtMessageHandler toolkit = nullptr;
  bool noting = false;
};
Log& log() {
  static Log one;
  return one;
}

/// Names of a user's things stand in quotes or are paths.
QString without_names(QString line) {
  static const QRegularExpression quoted(QStringLiteral("\"[^\"]*\"")), path(QStringLiteral("(~|\\.)?/\\S+"));
  line.replace(quoted, QStringLiteral("\"...\"")).replace(path, QStringLiteral("/..."));
  return line.simplified().left(300);
}

QStringList read_lines(const QString& name) {
  QFile file(name);
  if (!file.open(QIODevice::ReadOnly)) return {};
  return QString::fromUtf8(file.readAll()).split(QLatin1Char('\n'), Qt::SkipEmptyParts);
}

void on_message(QtMsgType type, const QMessageLogContext& context, const QString& words) {
  if (type != QtDebugMsg && type != QtInfoMsg) note(QStringLiteral("toolkit: ") + words);
  if (log().toolkit) log().toolkit(type, context, words);
}

/// The whole ring is written once it has gone round, else a line is added.
void write(const QString& line, bool round) {
  QFile file(log().file);
  if (log().file.isEmpty() ||
      !file.open(QIODevice::WriteOnly | (round ? QIODevice::Truncate : QIODevice::Append)))
    return;
  file.write(((round ? log().lines.join(QLatin1Char('\n')) : line) + QLatin1Char('\n')).toUtf8());
}

} // namespace

void begin() {
  QDir().mkpath(state_folder());
  Log& all = log();
  all.lines.clear();
  all.file = state_folder() + QStringLiteral("/session.log");
  all.before = read_lines(all.file);
  const QString kept = state_folder() + QStringLiteral("/session-before.log");
  QFile::remove(kept);
  QFile::rename(all.file, kept);
  if (!all.toolkit) all.toolkit = qInstallMessageHandler(on_message);
  note(QStringLiteral("started ") + QCoreApplication::applicationVersion());
}

void note(const QString& line) {
  Log& all = log();
  if (all.noting) return; // A warning about the writing itself.
  all.noting = true;
  const QString said = QTime::currentTime().toString(QStringLiteral("hh:mm:ss ")) + without_names(line);
  all.lines.append(said);
  const bool round = all.lines.size() > kMostLines;
  // A quarter at once, so that the file is seldom written whole.
  if (round) all.lines.remove(0, kMostLines / 4);
  write(said, round);
  all.noting = false;
}

QStringList lines() { return log().lines; }

QString details() {
  QStringList out{
      QStringLiteral("Zonachrom ") + QCoreApplication::applicationVersion(),
      QStringLiteral("Qt %1 on %2").arg(QLatin1String(qVersion()), QGuiApplication::platformName()),
      QSysInfo::prettyProductName() + QLatin1Char(' ') + QSysInfo::currentCpuArchitecture() +
          QStringLiteral(", kernel ") + QSysInfo::kernelVersion(),
      QStringLiteral("desktop ") + qEnvironmentVariable("XDG_CURRENT_DESKTOP", "unknown") +
          QStringLiteral(", language ") + QLocale().name()};
  for (const QScreen* screen : QGuiApplication::screens())
    out << QStringLiteral("screen %1x%2, scale %3")
               .arg(screen->size().width())
               .arg(screen->size().height())
               .arg(screen->devicePixelRatio());
  out << QString() << QStringLiteral("This session:") << log().lines;
  if (!log().before.isEmpty()) out << QString() << QStringLiteral("The session before:") << log().before;
  return out.join(QLatin1Char('\n')) + QLatin1Char('\n');
}

} // namespace zc::session_log
