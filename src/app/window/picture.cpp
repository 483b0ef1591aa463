// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/picture.h"

#include <QGuiApplication>
#include <QPixmap>
#include <QScreen>
#include <QWidget>

namespace zc {

bool write_window_picture(QWidget& window, const QString& path) {
  // Only a real window system can show what is on the screen itself.
  QPixmap shot;
  if (QGuiApplication::platformName() == QLatin1String("xcb"))
    shot = window.screen()->grabWindow(window.winId());
  if (shot.isNull()) shot = window.grab();
  return shot.save(path, "PNG");
}

} // namespace zc
