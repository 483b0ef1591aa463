// SPDX-License-Identifier: GPL-3.0-or-later
// A screen or window that the desktop lets us watch (org.freedesktop.portal.ScreenCast): asked for by the
// desktop's own dialog once, and with its token without one from then on.
#pragma once

#include "app/platform/portal_request.h"

#include <QDBusUnixFileDescriptor>
#include <QPoint>

namespace zc {

class ScreenCast final : public QObject {
  Q_OBJECT
public:
  explicit ScreenCast(QDBusConnection bus, QObject* parent = nullptr);
  ~ScreenCast() override;
  struct Stream {
    QDBusUnixFileDescriptor remote; ///< A connection to PipeWire.
    std::uint32_t node = 0;
    std::optional<QPoint> position = {}; ///< Of the monitor, where the desktop tells it.
    bool window = false;                 ///< Of one window rather than of a monitor.
  };
  using Answer = std::function<void(const Result<Stream>&)>;
  /// Whether the desktop has one.
  void find(const std::function<void(bool)>& then);
  /// `again`: the same as last time, where the desktop remembers it. Answered once.
  void begin(bool again, const Answer& then);
  void end();
  /// Whether there is a token of last time.
  [[nodiscard]] static bool remembers();

signals:
  /// The desktop, or its user, has ended it.
  void ended();

private:
  Q_SLOT void session_closed();
  void select(bool again, const Answer& then);
  void start(const Answer& then);
  void open(Stream stream, const Answer& then);
  void fail(const Error& error, const Answer& then);
  QDBusConnection m_bus;
  PortalRequest m_request;
  QString m_session; ///< Empty while there is none.
};

} // namespace zc
