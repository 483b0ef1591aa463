// SPDX-License-Identifier: GPL-3.0-or-later
// The screen as it was when the key was pressed, under the same loupe as a photo: a click takes the color, or
// a drag a part of the screen as a picture, or to be watched. Escape leaves.
#pragma once

#include "app/controls/number_field.h"
#include "app/platform/drags.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Picking;
class Viewing;

class FrozenScreen final : public QWidget, public Draggable {
  Q_OBJECT
public:
  enum class Use { Color, Picture, Watch };
  /// Covers the screen with its picture. REQUIRES a platform that can grab screens.
  /// `picture` is shown in the place of the screen's own, where there is one.
  FrozenScreen(Studio& model, Picking& picking, Viewing& viewing, QScreen& screen, Use use,
               const QImage& picture = {});
  void end_drag() override;
  /// Only what is shown here.
  [[nodiscard]] Parts changed_by_drags() const override { return {}; }

signals:
  void colorTaken(const zc::Srgb& color);
  void pictureTaken(const QImage& picture);
  /// In pixels of all screens together, or of the picture that was given.
  void partTaken(QRect part);
  void left();

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

private:
  [[nodiscard]] QPoint pixel_at(QPointF p) const;
  [[nodiscard]] std::optional<Srgb> sample() const;
  [[nodiscard]] QRectF part() const;
  void step_side(int by);
  void step_pointer(int x, int y);
  void take();
  void take_watched(const QRect& pixels);
  Studio& m_model;
  Picking& m_picks;
  Viewing& m_viewing;
  Use m_use;
  WheelSteps m_side_wheel;
  [[nodiscard]] QRectF picture_rect() const;
  QImage m_picture;              ///< In pixels of the screen.
  bool m_given;                  ///< It is no picture of this screen.
  QPointF m_pointer;             ///< In halves too, where the screen is finer than the toolkit counts.
  std::optional<QPointF> m_from; ///< Where a press, and with it a part, is begun.
};

} // namespace zc
