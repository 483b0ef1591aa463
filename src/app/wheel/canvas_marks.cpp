// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/wheel/canvas_marks.h"

#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "app/wheel/wheel_view.h"

namespace zc {
namespace {

constexpr double kStrayMark = 9, kPointedMark = 14, kLeave = 6;

QRectF square(QPointF middle, double side) {
  return {middle.x() - side / 2, middle.y() - side / 2, side, side};
}

} // namespace

void CanvasMarks::paint(QPainter& painter, ColorVision vision, const WheelView& view) const {
  if (!path.empty()) {
    QPainterPath line(view.screen_point(path.front()));
    for (const DiscPoint& at : path) line.lineTo(view.screen_point(at));
    draw_double_line(painter, line, 1.4);
  }
  if (leaves) {
    const QPointF at = view.screen_point(*leaves);
    draw_double_line(painter, at - QPointF(kLeave, kLeave), at + QPointF(kLeave, kLeave), 1.6);
    draw_double_line(painter, at - QPointF(kLeave, -kLeave), at + QPointF(kLeave, -kLeave), 1.6);
  }
  for (std::size_t i = 0; i < strays.size(); ++i) {
    const QRectF mark = square(view.screen_point(strays[i].at), pointed == i ? kPointedMark : kStrayMark);
    painter.fillRect(mark, shown_color(strays[i].color, vision));
    QPainterPath frame;
    frame.addRect(mark);
    draw_double_line(painter, frame, pointed == i ? 1.8 : 1);
  }
}

} // namespace zc
