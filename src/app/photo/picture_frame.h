// SPDX-License-Identifier: GPL-3.0-or-later
// How a picture lies in a view that zooms: in the room above its foot, fitted or enlarged.
#pragma once

#include <QPointF>
#include <QRectF>

class QWidget;

namespace zc {

struct PictureFrame {
  const QWidget& view;
  double largest;     ///< Screen pixels per picture pixel, at most.
  double scale = 1;   ///< Screen pixels per picture pixel.
  QPointF center{};   ///< Picture pixel in the middle of the room.
  bool fitted = true; ///< All of it is seen; it stays so when the view grows.
  int foot = 0;       ///< Height at the bottom of the view that is covered.

  /// What of the view is not covered.
  [[nodiscard]] QRectF room() const;
  /// All of a picture of that size is seen, `middle` of it in the middle.
  void fit(QSizeF picture, QPointF middle);
  /// Takes that scale, as far as it goes. False where all of the picture would be seen: then nothing has
  /// changed, and it is to be fitted.
  [[nodiscard]] bool enlarge(QSizeF picture, double wanted);

private:
  [[nodiscard]] double fitting(QSizeF picture) const;
};

} // namespace zc
