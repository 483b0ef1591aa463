// The plan: the wheel at the current value, the mask over it, the current color on it.
#pragma once

#include "app/store/workbench.h"

#include <QWidget>

namespace zc {

class WheelView final : public QWidget {
  Q_OBJECT
public:
  WheelView(Workbench& bench, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {440, 440}; }
  [[nodiscard]] QSize minimumSizeHint() const override { return {240, 240}; }

  [[nodiscard]] QPointF screen_point(DiscPoint p) const;
  [[nodiscard]] DiscPoint disc_point_at(QPointF p) const;
  [[nodiscard]] double radius() const;
  /// 1 shows the whole wheel.
  [[nodiscard]] double zoom() const { return m_zoom; }
  void zoom_to(double zoom, QPointF about);
  void zoom_around_pick(double factor);

protected:
  void paintEvent(QPaintEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;
  void leaveEvent(QEvent* event) override;

private:
  enum class Drag { None, Pick, Point, Turn };
  struct MaskPoint {
    std::size_t area = 0, point = 0;
    bool operator==(const MaskPoint&) const = default;
  };
  struct Shown {
    WheelSpec wheel;
    double value = -1;
    int size = 0;
    bool operator==(const Shown&) const = default;
  };
  [[nodiscard]] QPointF middle() const;
  [[nodiscard]] std::optional<MaskPoint> point_at(QPointF p) const;
  [[nodiscard]] double screen_angle(QPointF p) const;
  [[nodiscard]] bool beyond_rim(QPointF p) const;
  [[nodiscard]] bool mask_shown() const { return m_bench.region() != nullptr; }
  void refresh_picture();
  void paint_disc(QPainter& painter);
  void paint_rim(QPainter& painter);
  void paint_partners(QPainter& painter);
  void paint_mask(QPainter& painter);
  void drag_point(QPointF p);
  void turn_to(QPointF p);
  void remove_point(MaskPoint point);
  [[nodiscard]] QString drag_key(const char* what) const;

  Workbench& m_bench;
  double m_zoom = 1;
  DiscPoint m_center; ///< In the middle of the view.
  Shown m_shown;
  Raster m_picture;
  bool m_full = true; ///< Every place of the disc has a color.
  Drag m_drag = Drag::None;
  MaskPoint m_dragged;
  double m_turn_from = 0;
  Piece m_turned; ///< As it was when turning began.
  int m_drag_number = 0;
  std::optional<MaskPoint> m_hovered;
};

} // namespace zc
