// One reference large: zoom, pan, color and value looks, sampling through a loupe.
#pragma once

#include "app/store/workbench.h"

#include <QWidget>

namespace zc {

class PhotoView final : public QWidget {
  Q_OBJECT
public:
  PhotoView(Workbench& bench, QWidget* parent);

  /// Place of a widget position in the photo's own pixels, when it lies on it.
  [[nodiscard]] std::optional<QPoint> pixel_at(QPointF position) const;
  [[nodiscard]] double zoom() const { return m_scale; } ///< Screen pixels per photo pixel.
  void zoom_to(double scale, QPointF about);
  void fit();

signals:
  void zoomChanged();

protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void keyReleaseEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void leaveEvent(QEvent* event) override;

private:
  void follow();
  void refresh_picture();
  void settle();
  void change_sample_side(int steps);
  [[nodiscard]] std::optional<Srgb> sample_at(QPointF position) const;
  void take_sample(QPointF position);
  void paint_empty(QPainter& painter);
  void paint_loupe(QPainter& painter);
  [[nodiscard]] QRectF photo_rect() const; ///< The whole photo in widget coordinates.

  struct Shown {
    const Photo* photo = nullptr;
    QRectF rect;
    QSize size;
    double ratio = 0;
    bool grey = false;
    bool operator==(const Shown&) const = default;
  };

  Workbench& m_bench;
  std::shared_ptr<const Photo> m_photo;
  double m_scale = 1;
  QPointF m_center; ///< Photo pixel in the middle of the view.
  bool m_fitted = true;
  bool m_space = false;
  bool m_sampling = false;
  std::optional<QPointF> m_pan_from;
  std::optional<QPointF> m_pointer;
  Shown m_shown;
  QImage m_picture;
};

} // namespace zc
