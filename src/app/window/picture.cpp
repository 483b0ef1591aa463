// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/picture.h"

#include <QGuiApplication>
#include <QPixmap>
#include <QScreen>
#include <QTimer>
#include <QWidget>

#include <ctime>
#include <utility>

namespace zc {

void when_at_rest(QWidget& window, std::function<void()> then) {
  constexpr int kLook = 100, kMostLooks = 300, kStill = 8; // Milliseconds; times.
  constexpr std::clock_t kNothing = CLOCKS_PER_SEC / 100;
  auto* timer = new QTimer(&window);
  const auto look = [timer, then = std::move(then), before = std::clock(), looks = 0, still = 0]() mutable {
    const std::clock_t now = std::clock(); // Of all threads.
    still = now - std::exchange(before, now) < kNothing ? still + 1 : 0;
    if (still < kStill && ++looks < kMostLooks) return;
    timer->stop();
    timer->deleteLater();
    then();
  };
  QObject::connect(timer, &QTimer::timeout, &window, look);
  timer->start(kLook);
}

bool write_window_picture(QWidget& window, const QString& path) {
  // Only a real window system can show what is on the screen itself.
  QPixmap shot;
  if (QGuiApplication::platformName() == QLatin1String("xcb"))
    shot = window.screen()->grabWindow(window.winId());
  if (shot.isNull()) shot = window.grab();
  return shot.save(path, "PNG");
}

} // namespace zc
