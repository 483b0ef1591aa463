// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/axis_widget.h"

#include "app/paint/paint.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QKeyEvent>
#include <QWheelEvent>

namespace zc {

AxisWidget::AxisWidget(Studio& model, Picking& picking, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking) {
  setFocusPolicy(Qt::StrongFocus);
  // What all of them paint; each hears what it paints besides.
  model.hear({Part::Color, Part::Geometry, Part::Steps, Part::ColorVision}, this,
             qOverload<>(&QWidget::update));
}

void AxisWidget::paint_line(QPainter& painter) { draw_value_line(painter, line_y(), 0, width()); }

void AxisWidget::wheelEvent(QWheelEvent* event) {
  m_picks.nudge_value(wheel_notches(*event) * nudge_size(event->modifiers()));
  event->accept();
}

void AxisWidget::keyPressEvent(QKeyEvent* event) {
  const double step = nudge_size(event->modifiers());
  if (event->key() == Qt::Key_Up)
    m_picks.nudge_value(step);
  else if (event->key() == Qt::Key_Down)
    m_picks.nudge_value(-step);
  else
    QWidget::keyPressEvent(event);
}

} // namespace zc
