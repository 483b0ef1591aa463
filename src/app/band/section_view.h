// SPDX-License-Identifier: GPL-3.0-or-later
// The hue section: the cut through the color solid, current hue to the right, its complement to the left.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/band/axis_widget.h"
#include "app/platform/drags.h"

namespace zc {

class Reaches;
class Picking;
class PlanModel;
class Studio;

class SectionView final : public AxisWidget, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  SectionView(Studio& model, Picking& picking, PlanModel& plan, Reaches& reaches, QWidget* parent);
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override;
  [[nodiscard]] QSize sizeHint() const override { return {250, 400}; }
  [[nodiscard]] QSize minimumSizeHint() const override { return {150, 200}; }

protected:
  void paintEvent(QPaintEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;

private:
  [[nodiscard]] QRectF picture_rect() const;
  [[nodiscard]] double x_of(double along) const;
  void pick(QPointF at);
  void refresh_picture();
  void paint_limits(QPainter& painter);
  void paint_reaches(QPainter& painter);
  [[nodiscard]] QPainterPath line_around(const std::vector<std::vector<Stretch>>& rows) const;

  PlanModel& m_plan;
  Reaches& m_reaches;
  bool m_picking = false;
  struct Shown {
    WheelSpec wheel;
    double angle = -1;
    QSize size;
    Steps steps;
    ColorVision vision = ColorVision::Normal;
    bool operator==(const Shown&) const = default;
  };
  Shown m_shown;
  Raster m_picture;
  QImage m_image; ///< Of the same pixels.
};

} // namespace zc
