// SPDX-License-Identifier: GPL-3.0-or-later
// The loupe: enlarged pixels at the pointer, the sampled average beside the color held, hex and value.
#pragma once

#include "model/session/studio.h"

#include <QImage>
#include <QPainter>

namespace zc {

class Studio;

struct Loupe {
  QRectF frame, note;
  QRectF compared; ///< Below both, where a spot is pinned.
  int shown = 0;   ///< So many pixels a side are enlarged; odd.
};

/// A loupe beside the pointer, inside of `room`, for a sample of `side` pixels; with room to compare.
[[nodiscard]] Loupe loupe_at(QPointF pointer, QSize room, int side, bool compares);
/// `patch` has loupe.shown pixels a side; the sampled square is framed.
void paint_loupe_patch(QPainter& painter, const Loupe& loupe, const QImage& patch, int side);
/// `here` is what would be taken; it differs from the average where samples are held in the mask.
/// What is here against the pinned spot.
void paint_comparison(QPainter& painter, const Studio& model, const QRectF& note, Srgb pinned, Srgb here);
void paint_loupe_note(QPainter& painter, const Studio& model, const QRectF& note, Srgb here, Srgb average);

} // namespace zc
