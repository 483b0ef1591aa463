// SPDX-License-Identifier: GPL-3.0-or-later
// The set in a strip beside a canvas: the value axis and every swatch at its value, families side by side.
// Upright, value runs upward; lying, to the right.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/band/rail_picture.h"
#include "app/platform/drag_out.h"
#include "app/platform/drags.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Picking;
class PlanModel;
class SetWork;

class StripView final : public QWidget, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  StripView(Studio& model, Picking& picking, SetWork& work, PlanModel& plan, QWidget* parent);
  void lie(bool lying);
  [[nodiscard]] QSize minimumSizeHint() const override { return {60, 60}; }
  /// Where a swatch is drawn; empty when it is not in the current set.
  [[nodiscard]] QRectF swatch_rect(Id swatch) const;
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override;
  /// The middle of the axis at a value.
  [[nodiscard]] QPointF axis_point(double value) const;

signals:
  /// The swatch under the pointer, or null.
  void hovered(const zc::Swatch* swatch);

protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void leaveEvent(QEvent* event) override;

private:
  struct Mark {
    Id swatch;
    QRectF rect;
  };
  [[nodiscard]] double length() const;
  [[nodiscard]] double along(double value) const;
  [[nodiscard]] double value_at(QPointF p) const;
  [[nodiscard]] double across() const;
  /// A rectangle given along and across the axis, as it lies in the widget.
  [[nodiscard]] QRectF placed(double from, double to, double across_from, double across_to) const;
  [[nodiscard]] const Swatch* swatch_at(QPointF p) const;
  void follow();
  void lay_out();
  void paint_axis(QPainter& painter);
  Studio& m_model;
  Picking& m_picks;
  SetWork& m_work;
  PlanModel& m_plan;
  bool m_lying = false;
  std::vector<Mark> m_marks;
  RailPicture m_picture;
  PressedColor m_color;
  Id m_pressed = 0;
  bool m_picking = false;
};

} // namespace zc
