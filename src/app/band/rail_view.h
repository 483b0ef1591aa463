// The value rail: the current hue and saturation at every value, the photo's value histogram hanging on it.
#pragma once

#include "app/band/axis_widget.h"

namespace zc {

class RailView final : public AxisWidget {
  Q_OBJECT
public:
  RailView(Workbench& bench, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {150, 400}; }

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;

private:
  void paint_histogram(QPainter& painter, const QRectF& bar);
  void paint_scale(QPainter& painter, const QRectF& bar);
  Raster m_picture;
};

} // namespace zc
