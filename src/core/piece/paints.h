// SPDX-License-Identifier: GPL-3.0-or-later
// The palette of paints of a piece: its edits, and what is mixed of it.
#pragma once

#include "core/base/result.h"
#include "core/mix/mixer.h"
#include "core/piece/piece.h"

namespace zc {

/// The curve that it mixes by.
[[nodiscard]] Paint curve_of(const PalettePaint& paint);

/// Gives the new paint's id in `piece.paints.back().id`. A name of a paint of the trade as `trade` gives it
/// that curve and its color. ERRORS: BadInput for no name, a name that is too long or a trade that is none;
/// TooLarge past kMostPaints.
[[nodiscard]] Result<Piece> with_paint(Piece piece, const std::string& name, Srgb color,
                                       std::string trade = {});
[[nodiscard]] Result<Piece> without_paint(Piece piece, Id paint);
[[nodiscard]] Result<Piece> with_paint_named(Piece piece, Id paint, const std::string& name);
/// It is no longer the paint of the trade that it may have been.
[[nodiscard]] Result<Piece> with_paint_color(Piece piece, Id paint, Srgb color);
/// ERRORS: BadInput for a strength out of kStrengthRange.
[[nodiscard]] Result<Piece> with_paint_strength(Piece piece, Id paint, double strength);
[[nodiscard]] Result<Piece> with_paint_out(Piece piece, Id paint, bool out);
/// Only these are put out.
[[nodiscard]] Piece with_paints_out(Piece piece, const std::vector<Id>& paints);
/// Puts a paint before the one now at `place` (the number of paints puts it last).
[[nodiscard]] Result<Piece> with_paint_moved(Piece piece, Id paint, std::size_t place);
/// Another palette in the place of this one, with ids of this piece. ERRORS: TooLarge past kMostPaints.
[[nodiscard]] Result<Piece> with_paints(Piece piece, const List<PalettePaint>& paints);

/// Paints as they are mixed. Those of the palette that are put out, in its order; white and black of the
/// trade behind them where they are asked for and not among them.
struct PutOut {
  struct One {
    Id id = 0; ///< 0 for a white or black that is no paint of the palette.
    std::string name;
    Srgb color;
    bool exact = true; ///< False where no paint has its color and the nearest stands for it.
  };
  std::vector<One> paints;
  Mixer mixer{std::vector<MixPaint>{}};
};
[[nodiscard]] PutOut put_out(const List<PalettePaint>& paints, bool white_and_black);

} // namespace zc
