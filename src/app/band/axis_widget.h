// SPDX-License-Identifier: GPL-3.0-or-later
// What the parts of the value band share: the axis, the value line, moving the value by wheel and keys.
#pragma once

#include "app/band/value_axis.h"
#include "app/theme/number_field.h"
#include "model/workspace/workspace.h"

#include <QWidget>

namespace zc {

class AxisWidget : public QWidget {
  Q_OBJECT
public:
  AxisWidget(Workspace& space, QWidget* parent);

protected:
  [[nodiscard]] ValueAxis axis() const { return ValueAxis(height()); }
  [[nodiscard]] double line_y() const { return axis().y_of(m_space.session().at.at.v); }
  void paint_line(QPainter& painter);
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

  Workspace& m_space;
};

} // namespace zc
