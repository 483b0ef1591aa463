// SPDX-License-Identifier: GPL-3.0-or-later
// One question to the desktop's portal (org.freedesktop.portal.Request): asked by a call, answered later by a
// signal of an object made for it.
#pragma once

#include "core/base/result.h"

#include <QDBusConnection>
#include <QObject>
#include <QTimer>
#include <QVariantMap>
#include <functional>
#include <string>

namespace zc {

class PortalRequest final : public QObject {
  Q_OBJECT
public:
  using Answer = std::function<void(const Result<QVariantMap>&)>;
  /// What is said where the user called it off, and where the desktop does not do it.
  struct Sentences {
    Saying called_off, refused;
  };
  PortalRequest(QDBusConnection bus, Sentences sentences, QObject* parent = nullptr);
  [[nodiscard]] bool busy() const { return static_cast<bool>(m_answer); }
  /// How long an answer is waited for; it waits for a hand.
  void set_patience(int milliseconds) { m_patience.setInterval(milliseconds); }

  /// Whether the desktop has this interface of the portal; told within three seconds.
  void find(const QString& interface, const std::function<void(bool)>& then);
  /// `before` are the arguments that stand before the options. Answered once, with what the desktop tells or
  /// one sentence; with ErrorCode::Stopped when the user called it off.
  void ask(const QString& interface, const QString& method, const QVariantList& before, QVariantMap options,
           const Answer& then);

  static constexpr auto kService = "org.freedesktop.portal.Desktop";
  static constexpr auto kObject = "/org/freedesktop/portal/desktop";

private:
  Q_SLOT void respond(uint response, const QVariantMap& results);
  void end(const Result<QVariantMap>& result);
  void listen(bool on);

  QDBusConnection m_bus;
  Sentences m_sentences;
  QTimer m_patience;
  Answer m_answer;
  QString m_request; ///< The object that answers.
  int m_count = 0;
};

} // namespace zc
