// SPDX-License-Identifier: GPL-3.0-or-later
// The value rail: the current hue and saturation at every value, the photo's value histogram hanging on it.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/band/axis_widget.h"
#include "app/band/rail_picture.h"
#include "app/platform/drags.h"

namespace zc {

class Reaches;
class PhotoModel;
class Picking;
class PlanModel;
class Studio;
class Viewing;

class RailView final : public AxisWidget, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  /// Slim leaves out the histogram and the number at the value line.
  enum class Build { Full, Slim };
  RailView(Studio& model, Picking& picking, Viewing& viewing, PlanModel& plan, PhotoModel& photos,
           Reaches& reaches, Build build, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {m_build == Build::Full ? 150 : 68, 400}; }
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override;

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;

private:
  [[nodiscard]] std::vector<double> flat_limits_shown() const;
  void paint_flat_limits(QPainter& painter, const QRectF& bar);
  void drag_flat_limit(double value);
  void paint_histogram(QPainter& painter, const QRectF& bar);
  void paint_reaches(QPainter& painter, const QRectF& bar);
  void paint_reading(QPainter& painter);
  void paint_scale(QPainter& painter, const QRectF& bar);
  void paint_limits(QPainter& painter, const QRectF& bar);

  Viewing& m_viewing;
  PlanModel& m_plan;
  PhotoModel& m_photos;
  Reaches& m_reaches;
  Build m_build;
  RailPicture m_picture;
  bool m_picking = false;
  std::optional<std::size_t> m_limit; ///< The flat-tone limit being dragged.
};

} // namespace zc
