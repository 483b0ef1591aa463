// What the parts of the value band share: the axis, the value line, moving the value by wheel and keys.
#pragma once

#include "app/band/value_axis.h"
#include "app/store/workbench.h"
#include "app/theme/number_field.h"

#include <QWidget>

namespace zc {

class AxisWidget : public QWidget {
  Q_OBJECT
public:
  AxisWidget(Workbench& bench, QWidget* parent);

protected:
  [[nodiscard]] ValueAxis axis() const { return ValueAxis(height()); }
  [[nodiscard]] double line_y() const { return axis().y_of(m_bench.session().at.v); }
  void paint_line(QPainter& painter);
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

  Workbench& m_bench;
};

} // namespace zc
