// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/theme/interface_size.h"

#include <QCoreApplication>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusVariant>
#include <QSettings>

#include <algorithm>

namespace zc {
namespace {

const auto kSizeKey = QStringLiteral("interfaceSize");
constexpr auto kScale = "QT_SCALE_FACTOR";
double g_words = 1; // One for the whole program, like its typeface.

constexpr int kPatience = 200; // Milliseconds; a start does not wait for a desktop.

/// Of the desktop portal's settings, which has it from the desktop; 1 where nobody answers.
double text_size_of_desktop() {
  QDBusMessage question = QDBusMessage::createMethodCall(
      QStringLiteral("org.freedesktop.portal.Desktop"), QStringLiteral("/org/freedesktop/portal/desktop"),
      QStringLiteral("org.freedesktop.portal.Settings"), QStringLiteral("Read"));
  question << QStringLiteral("org.gnome.desktop.interface") << QStringLiteral("text-scaling-factor");
  question.setAutoStartService(false);
  // A connection of its own: the application's is made later and stays.
  const QString own = QStringLiteral("interface size");
  const QDBusMessage answer =
      QDBusConnection::connectToBus(QDBusConnection::SessionBus, own).call(question, QDBus::Block, kPatience);
  QDBusConnection::disconnectFromBus(own);
  if (answer.type() != QDBusMessage::ReplyMessage || answer.arguments().isEmpty()) return 1;
  QVariant inner = answer.arguments().front();
  while (inner.canConvert<QDBusVariant>()) inner = inner.value<QDBusVariant>().variant();
  const double size = inner.toDouble();
  return size > 0 ? size : 1;
}

double wanted_size() {
  // Whoever sets it for one start means it.
  if (qEnvironmentVariableIsSet(kScale)) {
    const double asked = qgetenv(kScale).toDouble();
    return asked > 0 ? asked : 1;
  }
  if (const auto chosen = chosen_interface_size()) return *chosen / 100.0;
  if (!qEnvironmentVariableIsSet("DBUS_SESSION_BUS_ADDRESS")) return 1;
  // The bus wants an application; this one ends before that of the window begins.
  int count = 1;
  char name[] = "zonachrom";
  char* words[] = {name, nullptr};
  const QCoreApplication passing(count, words);
  return text_size_of_desktop();
}

} // namespace

std::optional<int> chosen_interface_size() {
  const int percent = QSettings().value(kSizeKey, 0).toInt();
  return percent > 0 ? std::optional(percent) : std::nullopt;
}

void choose_interface_size(std::optional<int> percent) {
  if (percent)
    QSettings().setValue(kSizeKey, *percent);
  else
    QSettings().remove(kSizeKey);
}

double words_scale() { return g_words; }

void apply_interface_size() {
  const double size = std::clamp(wanted_size(), kSmallestInterface, kLargestInterface);
  g_words = std::min(size, 1.0);
  if (size < 1) qunsetenv(kScale);
  if (size > 1) qputenv(kScale, QByteArray::number(size));
}

} // namespace zc
