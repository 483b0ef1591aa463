// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/photo/picture_frame.h"

#include <QWidget>

#include <algorithm>

namespace zc {
namespace {

constexpr double kLeastRoom = 40;

} // namespace

QRectF PictureFrame::room() const {
  return {0, 0, double(view.width()), std::max(kLeastRoom, double(view.height() - foot))};
}

double PictureFrame::fitting(QSizeF picture) const {
  return std::min({room().width() / picture.width(), room().height() / picture.height(), largest});
}

void PictureFrame::fit(QSizeF picture, QPointF middle) {
  fitted = true;
  scale = fitting(picture);
  center = middle;
}

bool PictureFrame::enlarge(QSizeF picture, double wanted) {
  const double least = fitting(picture), next = std::clamp(wanted, least, std::max(largest, least));
  if (next <= least * 1.0001) return false;
  fitted = false;
  scale = next;
  return true;
}

} // namespace zc
