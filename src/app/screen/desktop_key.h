// SPDX-License-Identifier: GPL-3.0-or-later
// Keys that the desktop listens for whichever program has the keyboard, through its portal
// (org.freedesktop.portal.GlobalShortcuts): one for a color from the screen, one for the companion. The
// desktop and the user choose them; we only propose.
#pragma once

#include "app/platform/portal_request.h"

#include <QDBusObjectPath>

namespace zc {

class DesktopKey final : public QObject {
  Q_OBJECT
public:
  explicit DesktopKey(QDBusConnection bus, QObject* parent = nullptr);
  [[nodiscard]] bool on() const { return !m_session.isEmpty(); }
  /// Whether the user switched it on; remembered.
  [[nodiscard]] static bool wanted();
  /// Told by changed() when it is so, or by failed() with one sentence when it is not.
  void turn(bool on);

signals:
  void pressed();
  void companionPressed();
  /// The key for colors has changed; it is told in the desktop's own words, empty when it is off.
  void changed(const QString& key);
  void failed(const QString& sentence);

private:
  Q_SLOT void activated(const QDBusObjectPath& session, const QString& key, qulonglong when,
                        const QVariantMap& options);
  Q_SLOT void session_closed();
  void begin();
  void bind(const QString& session);
  void close(const QString& session);
  void fail(const QString& sentence);
  void listen(const QString& session, bool on);

  QDBusConnection m_bus;
  PortalRequest m_request;
  QString m_session; ///< Empty while it is off.
};

} // namespace zc
