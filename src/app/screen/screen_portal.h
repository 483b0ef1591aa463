// The desktop's portal for what is on the screen: one pixel, or a picture
// (org.freedesktop.portal.Screenshot).
#pragma once

#include "core/base/result.h"
#include "core/color/spaces.h"

#include <QDBusConnection>
#include <QObject>
#include <QTimer>
#include <QVariantMap>
#include <functional>

namespace zc {

class ScreenPortal final : public QObject {
  Q_OBJECT
public:
  explicit ScreenPortal(QDBusConnection bus, QObject* parent = nullptr);
  /// Whether the desktop has one.
  [[nodiscard]] bool there() const;
  [[nodiscard]] bool busy() const { return static_cast<bool>(m_answer); }
  /// How long an answer is waited for; it waits for a hand.
  void set_patience(int milliseconds) { m_patience.setInterval(milliseconds); }

  /// One pixel; the desktop lets the painter point at it. Answered once, with a color or one sentence; with
  /// ErrorCode::Stopped when the painter called it off.
  void pick_color(const std::function<void(const Result<Srgb>&)>& then);
  /// A picture of the screen, or of what part of it the painter chooses: the path of its file.
  void take_picture(const std::function<void(const Result<QString>&)>& then);

private slots:
  void respond(uint response, const QVariantMap& results);

private:
  using Answer = std::function<void(const Result<QVariantMap>&)>;
  void ask(const QString& method, QVariantMap options, const Answer& then);
  void end(const Result<QVariantMap>& result);
  void listen(bool on);

  QDBusConnection m_bus;
  QTimer m_patience;
  Answer m_answer;
  QString m_request; ///< The object that answers.
  int m_count = 0;
};

} // namespace zc
