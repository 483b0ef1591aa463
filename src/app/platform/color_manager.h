// SPDX-License-Identifier: GPL-3.0-or-later
// The system's color manager on D-Bus (org.freedesktop.ColorManager): which profile it keeps for a monitor.
#pragma once

#include <QByteArray>
#include <QDBusConnection>
#include <QDBusObjectPath>
#include <QObject>
#include <functional>

namespace zc {

class ColorManager final : public QObject {
  Q_OBJECT
public:
  explicit ColorManager(QDBusConnection bus, QObject* parent = nullptr);
  /// The profile of the monitor with this connector name, as "eDP-1"; told later, and never where there is
  /// none.
  void find_profile(const QString& monitor, const std::function<void(const QByteArray& icc)>& then);

signals:
  /// A monitor came, went, or was given another profile.
  void changed();

private:
  using Then = std::function<void(const QVariant&)>;
  void call(const QString& object, const QString& interface, const QString& method,
            const QVariantList& arguments, const Then& then);
  void read(const QString& object, const QString& interface, const QString& property, const Then& then);
  QDBusConnection m_bus;
};

} // namespace zc
