// SPDX-License-Identifier: GPL-3.0-or-later
// Interfaces of the desktop's portal: the screenshots and the screen as a stream, from one picture, and the
// keys that it listens for.
#pragma once

#include "standins/cast.h"

#include <QColor>
#include <QDBusAbstractAdaptor>
#include <QDBusArgument>
#include <QDBusConnection>
#include <QDBusContext>
#include <QDBusMessage>
#include <QDBusMetaType>
#include <QDBusObjectPath>
#include <QDBusUnixFileDescriptor>
#include <QTimer>
#include <QUrl>
#include <QVariantMap>

#include <cstdio>

namespace zc {

/// (ddd)
struct PortalColor {
  double r = 0, g = 0, b = 0;
};
inline QDBusArgument& operator<<(QDBusArgument& out, const PortalColor& c) {
  out.beginStructure();
  out << c.r << c.g << c.b;
  out.endStructure();
  return out;
}
inline const QDBusArgument& operator>>(const QDBusArgument& in, PortalColor& c) {
  in.beginStructure();
  in >> c.r >> c.g >> c.b;
  in.endStructure();
  return in;
}

class StandInPortal final : public QObject, public QDBusContext {
  Q_OBJECT
public:
  StandInPortal(QDBusConnection bus, QString picture, QColor pixel, QString answer);

  /// The object that the answer will come from.
  QDBusObjectPath answer(const QVariantMap& options, const QVariantMap& results);
  [[nodiscard]] QColor pixel() const { return m_pixel; }
  [[nodiscard]] QString picture() const { return m_picture; }
  void press_keys();
  /// The stream, made when it is asked for first.
  StandInCast& cast() {
    if (!m_cast) m_cast = std::make_unique<StandInCast>(m_picture);
    return *m_cast;
  }

private:
  std::unique_ptr<StandInCast> m_cast;
  QDBusConnection m_bus;
  QString m_picture;
  QColor m_pixel;
  QString m_answer;
  class KeysAdaptor* m_keys;
};

class ScreenshotAdaptor final : public QDBusAbstractAdaptor {
  Q_OBJECT
  Q_CLASSINFO("D-Bus Interface", "org.freedesktop.portal.Screenshot")
  Q_PROPERTY(uint version READ version)
public:
  explicit ScreenshotAdaptor(StandInPortal* portal) : QDBusAbstractAdaptor(portal), m_portal(*portal) {}
  [[nodiscard]] uint version() const { return 2; }

public slots: // NOLINT(readability-redundant-access-specifiers)
  QDBusObjectPath PickColor(const QString&, const QVariantMap& options) {
    const QColor c = m_portal.pixel();
    const PortalColor color{c.red() / 255.0, c.green() / 255.0, c.blue() / 255.0};
    return m_portal.answer(options, {{"color", QVariant::fromValue(color)}});
  }
  QDBusObjectPath Screenshot(const QString&, const QVariantMap& options) {
    return m_portal.answer(options, {{"uri", QUrl::fromLocalFile(m_portal.picture()).toString()}});
  }

private:
  StandInPortal& m_portal;
};

/// (ua{sv})
struct PortalStream {
  uint node = 0;
  QVariantMap about;
};
inline QDBusArgument& operator<<(QDBusArgument& out, const PortalStream& s) {
  out.beginStructure();
  out << s.node << s.about;
  out.endStructure();
  return out;
}
inline const QDBusArgument& operator>>(const QDBusArgument& in, PortalStream& s) {
  in.beginStructure();
  in >> s.node >> s.about;
  in.endStructure();
  return in;
}
using PortalStreams = QList<PortalStream>;

class ScreenCastAdaptor final : public QDBusAbstractAdaptor {
  Q_OBJECT
  Q_CLASSINFO("D-Bus Interface", "org.freedesktop.portal.ScreenCast")
  Q_PROPERTY(uint version READ version)
public:
  explicit ScreenCastAdaptor(StandInPortal* portal) : QDBusAbstractAdaptor(portal), m_portal(*portal) {}
  [[nodiscard]] uint version() const { return 4; }

public slots: // NOLINT(readability-redundant-access-specifiers)
  QDBusObjectPath CreateSession(const QVariantMap& options) {
    return m_portal.answer(options,
                           {{"session_handle", "/org/freedesktop/portal/desktop/session/standin/cast"}});
  }
  QDBusObjectPath SelectSources(const QDBusObjectPath&, const QVariantMap& options) {
    std::puts(options.contains("restore_token") ? "asked again" : "asked anew");
    std::fflush(stdout);
    return m_portal.answer(options, {});
  }
  QDBusObjectPath Start(const QDBusObjectPath&, const QString&, const QVariantMap& options) {
    const PortalStreams streams{{m_portal.cast().node(), {}}};
    return m_portal.answer(options,
                           {{"streams", QVariant::fromValue(streams)}, {"restore_token", "standin"}});
  }
  QDBusUnixFileDescriptor OpenPipeWireRemote(const QDBusObjectPath&, const QVariantMap&) {
    QDBusUnixFileDescriptor out;
    out.giveFileDescriptor(StandInCast::remote());
    return out;
  }

private:
  StandInPortal& m_portal;
};

/// What the desktop is set to; as old as the portal knows it, each value wrapped twice.
class SettingsAdaptor final : public QDBusAbstractAdaptor {
  Q_OBJECT
  Q_CLASSINFO("D-Bus Interface", "org.freedesktop.portal.Settings")
public:
  explicit SettingsAdaptor(StandInPortal* portal) : QDBusAbstractAdaptor(portal) {}

public slots: // NOLINT(readability-redundant-access-specifiers)
  QDBusVariant Read(const QString&, const QString& key) {
    const double size = qEnvironmentVariable("STANDIN_TEXT_SIZE", "1").toDouble();
    return QDBusVariant(QVariant::fromValue(
        QDBusVariant(key == QLatin1String("text-scaling-factor") ? QVariant(size) : QVariant())));
  }
};

/// (sa{sv})
struct PortalKey {
  QString id;
  QVariantMap about;
};
inline QDBusArgument& operator<<(QDBusArgument& out, const PortalKey& k) {
  out.beginStructure();
  out << k.id << k.about;
  out.endStructure();
  return out;
}
inline const QDBusArgument& operator>>(const QDBusArgument& in, PortalKey& k) {
  in.beginStructure();
  in >> k.id >> k.about;
  in.endStructure();
  return in;
}
using PortalKeys = QList<PortalKey>;

class KeysAdaptor final : public QDBusAbstractAdaptor {
  Q_OBJECT
  Q_CLASSINFO("D-Bus Interface", "org.freedesktop.portal.GlobalShortcuts")
  Q_PROPERTY(uint version READ version)
public:
  explicit KeysAdaptor(StandInPortal* portal) : QDBusAbstractAdaptor(portal), m_portal(*portal) {}
  [[nodiscard]] uint version() const { return 1; }

public slots: // NOLINT(readability-redundant-access-specifiers)
  QDBusObjectPath CreateSession(const QVariantMap& options) {
    const QString session = "/org/freedesktop/portal/desktop/session/standin/" +
                            options.value("session_handle_token", "none").toString();
    return m_portal.answer(options, {{"session_handle", session}});
  }
  /// The proposed keys are given.
  QDBusObjectPath BindShortcuts(const QDBusObjectPath& session, const zc::PortalKeys& keys, const QString&,
                                const QVariantMap& options) {
    m_session = session;
    m_keys = keys;
    PortalKeys given;
    for (const PortalKey& key : keys)
      given.append({key.id, {{"trigger_description", key.about.value("preferred_trigger")}}});
    return m_portal.answer(options, {{"shortcuts", QVariant::fromValue(given)}});
  }

signals:
  void Activated(const QDBusObjectPath& session, const QString& id, qulonglong when,
                 const QVariantMap& options);

public:
  /// Goes on as if the user pressed every key that was given.
  void press() {
    for (const PortalKey& key : m_keys) emit Activated(m_session, key.id, 0, {});
  }

private:
  StandInPortal& m_portal;
  QDBusObjectPath m_session;
  PortalKeys m_keys;
};

inline StandInPortal::StandInPortal(QDBusConnection bus, QString picture, QColor pixel, QString answer)
    : m_bus(std::move(bus)), m_picture(std::move(picture)), m_pixel(pixel), m_answer(std::move(answer)) {
  qDBusRegisterMetaType<PortalColor>();
  qDBusRegisterMetaType<PortalKey>();
  qDBusRegisterMetaType<PortalKeys>();
  new ScreenshotAdaptor(this);
  new SettingsAdaptor(this);
  qDBusRegisterMetaType<PortalStream>();
  qDBusRegisterMetaType<PortalStreams>();
  new ScreenCastAdaptor(this);
  m_keys = new KeysAdaptor(this);
}

inline void StandInPortal::press_keys() { m_keys->press(); }

inline QDBusObjectPath StandInPortal::answer(const QVariantMap& options, const QVariantMap& results) {
  const QString sender = message().service().mid(1).replace('.', '_');
  const QString path = "/org/freedesktop/portal/desktop/request/" + sender + '/' +
                       options.value("handle_token", "none").toString();
  if (m_answer == "refuse") {
    sendErrorReply("org.freedesktop.portal.Error.NotAllowed", "This desktop gives out no pixels.");
    return {};
  }
  if (m_answer == "silence") return QDBusObjectPath(path);
  auto response = QDBusMessage::createSignal(path, "org.freedesktop.portal.Request", "Response");
  const QVariantMap garbage{{"color", "mauve"},
                            {"uri", "https://nowhere.example/picture"},
                            {"session_handle", 7},
                            {"shortcuts", "all"},
                            {"streams", "many"}};
  response << (m_answer == "cancel" ? 1u : 0u)
           << (m_answer == "garbage"  ? garbage
               : m_answer == "cancel" ? QVariantMap()
                                      : results);
  QTimer::singleShot(0, this, [this, response] { m_bus.send(response); });
  return QDBusObjectPath(path);
}

} // namespace zc

Q_DECLARE_METATYPE(zc::PortalColor)
Q_DECLARE_METATYPE(zc::PortalKey)
Q_DECLARE_METATYPE(zc::PortalKeys)
Q_DECLARE_METATYPE(zc::PortalStream)
Q_DECLARE_METATYPE(zc::PortalStreams)
