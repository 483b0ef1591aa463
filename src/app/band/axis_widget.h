// SPDX-License-Identifier: GPL-3.0-or-later
// What the parts of the value band share: the axis, the value line, moving the value by wheel and keys.
#pragma once

#include "app/band/value_axis.h"
#include "app/controls/number_field.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Picking;

class AxisWidget : public QWidget {
  Q_OBJECT
public:
  AxisWidget(Studio& model, Picking& picking, QWidget* parent);

protected:
  [[nodiscard]] ValueAxis axis() const { return ValueAxis(height()); }
  [[nodiscard]] double line_y() const { return axis().y_of(m_model.session().at.at.v); }
  void paint_line(QPainter& painter);
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  Studio& m_model;
  Picking& m_picks;
};

} // namespace zc
