// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/color_manager.h"

#include <QDBusArgument>
#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QFile>

namespace zc {
namespace {

constexpr auto kService = "org.freedesktop.ColorManager";
constexpr auto kObject = "/org/freedesktop/ColorManager";
constexpr auto kInterface = "org.freedesktop.ColorManager";
constexpr qint64 kLargestProfile = 16 << 20;

QByteArray content(const QString& path) {
  QFile file(path);
  if (!file.open(QIODevice::ReadOnly) || file.size() > kLargestProfile) return {};
  return file.readAll();
}

} // namespace

ColorManager::ColorManager(QDBusConnection bus, QObject* parent) : QObject(parent), m_bus(std::move(bus)) {
  for (const char* signal : {"DeviceAdded", "DeviceChanged", "DeviceRemoved"})
    m_bus.connect(QLatin1String(kService), QLatin1String(kObject), QLatin1String(kInterface),
                  QLatin1String(signal), this, SIGNAL(changed()));
}

void ColorManager::find_profile(const QString& monitor,
                                const std::function<void(const QByteArray& icc)>& then) {
  if (!m_bus.isConnected()) return;
  const QString device_part = QStringLiteral("org.freedesktop.ColorManager.Device");
  const QString profile_part = QStringLiteral("org.freedesktop.ColorManager.Profile");
  call(QLatin1String(kObject), QLatin1String(kInterface), QStringLiteral("FindDeviceByProperty"),
       {QStringLiteral("XRANDR_name"), monitor}, [=, this](const QVariant& device) {
         const QString path = qvariant_cast<QDBusObjectPath>(device).path();
         if (path.isEmpty()) return;
         // The first of a device's profiles is the one in use.
         read(path, device_part, QStringLiteral("Profiles"), [=, this](const QVariant& told) {
           if (!told.canConvert<QDBusArgument>() && !told.canConvert<QList<QDBusObjectPath>>()) return;
           const auto profiles = qdbus_cast<QList<QDBusObjectPath>>(told);
           if (profiles.empty()) return;
           read(profiles.front().path(), profile_part, QStringLiteral("Filename"),
                [then](const QVariant& file) {
                  const QByteArray icc = content(file.toString());
                  if (!icc.isEmpty()) then(icc);
                });
         });
       });
}

void ColorManager::call(const QString& object, const QString& interface, const QString& method,
                        const QVariantList& arguments, const Then& then) {
  auto message = QDBusMessage::createMethodCall(QLatin1String(kService), object, interface, method);
  message.setArguments(arguments);
  auto* watcher = new QDBusPendingCallWatcher(m_bus.asyncCall(message), this);
  connect(watcher, &QDBusPendingCallWatcher::finished, this, [then](QDBusPendingCallWatcher* w) {
    w->deleteLater();
    const QVariantList told = w->reply().arguments();
    if (!w->isError() && !told.empty()) then(told.front());
  });
}

void ColorManager::read(const QString& object, const QString& interface, const QString& property,
                        const Then& then) {
  call(object, QStringLiteral("org.freedesktop.DBus.Properties"), QStringLiteral("Get"),
       {interface, property},
       [then](const QVariant& told) { then(qvariant_cast<QDBusVariant>(told).variant()); });
}

} // namespace zc
