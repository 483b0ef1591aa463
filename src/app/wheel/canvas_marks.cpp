// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/wheel/canvas_marks.h"

#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "app/wheel/wheel_view.h"
#include "model/session/studio.h"

namespace zc {
namespace {

constexpr double kStrayMark = 9, kPointedMark = 14, kLeave = 6;

QRectF square(QPointF middle, double side) {
  return {middle.x() - side / 2, middle.y() - side / 2, side, side};
}

} // namespace

void CanvasMarks::paint(QPainter& painter, const Studio& studio, const WheelView& view) const {
  const auto place = [&](const Srgb& color) {
    return view.screen_point(disc_point(studio.wheel().locate(color)));
  };
  if (!path.empty()) {
    QPainterPath line(place(path.front()));
    for (const Srgb& color : path) line.lineTo(place(color));
    draw_double_line(painter, line, 1.4);
  }
  if (leaves) {
    const QPointF at = place(*leaves);
    draw_double_line(painter, at - QPointF(kLeave, kLeave), at + QPointF(kLeave, kLeave), 1.6);
    draw_double_line(painter, at - QPointF(kLeave, -kLeave), at + QPointF(kLeave, -kLeave), 1.6);
  }
  for (std::size_t i = 0; i < strays.size(); ++i) {
    const QRectF mark = square(place(strays[i]), pointed == i ? kPointedMark : kStrayMark);
    painter.fillRect(mark, shown_color(strays[i], studio.session().vision));
    QPainterPath frame;
    frame.addRect(mark);
    draw_double_line(painter, frame, pointed == i ? 1.8 : 1);
  }
}

} // namespace zc
