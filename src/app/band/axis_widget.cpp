#include "app/band/axis_widget.h"

#include "app/paint/paint.h"

#include <QKeyEvent>
#include <QWheelEvent>

namespace zc {

AxisWidget::AxisWidget(Workbench& bench, QWidget* parent) : QWidget(parent), m_bench(bench) {
  setFocusPolicy(Qt::StrongFocus);
  connect(&bench, &Workbench::colorChanged, this, qOverload<>(&QWidget::update));
  connect(&bench, &Workbench::viewChanged, this, qOverload<>(&QWidget::update));
  connect(&bench, &Workbench::pieceChanged, this, qOverload<>(&QWidget::update));
}

void AxisWidget::paint_line(QPainter& painter) { draw_value_line(painter, line_y(), 0, width()); }

void AxisWidget::wheelEvent(QWheelEvent* event) {
  m_bench.nudge_value(wheel_notches(*event) * nudge_size(event->modifiers()));
  event->accept();
}

void AxisWidget::keyPressEvent(QKeyEvent* event) {
  const double step = nudge_size(event->modifiers());
  if (event->key() == Qt::Key_Up)
    m_bench.nudge_value(step);
  else if (event->key() == Qt::Key_Down)
    m_bench.nudge_value(-step);
  else
    QWidget::keyPressEvent(event);
}

} // namespace zc
