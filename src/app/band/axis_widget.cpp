// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/axis_widget.h"

#include "app/paint/paint.h"
#include "app/store/paint_reading.h"

#include <QKeyEvent>
#include <QWheelEvent>

namespace zc {

AxisWidget::AxisWidget(Workspace& space, QWidget* parent) : QWidget(parent), m_space(space) {
  setFocusPolicy(Qt::StrongFocus);
  space.hear({&Workspace::colorChanged, &Workspace::geometryChanged, &Workspace::referencesChanged,
              &Workspace::setsChanged, &Workspace::viewChanged},
             this, qOverload<>(&QWidget::update));
  connect(&space.paints(), &PaintReader::changed, this, qOverload<>(&QWidget::update));
}

void AxisWidget::paint_line(QPainter& painter) { draw_value_line(painter, line_y(), 0, width()); }

void AxisWidget::wheelEvent(QWheelEvent* event) {
  m_space.nudge_value(wheel_notches(*event) * nudge_size(event->modifiers()));
  event->accept();
}

void AxisWidget::keyPressEvent(QKeyEvent* event) {
  const double step = nudge_size(event->modifiers());
  if (event->key() == Qt::Key_Up)
    m_space.nudge_value(step);
  else if (event->key() == Qt::Key_Down)
    m_space.nudge_value(-step);
  else
    QWidget::keyPressEvent(event);
}

} // namespace zc
