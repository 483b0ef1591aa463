// SPDX-License-Identifier: GPL-3.0-or-later
// Mixing by hand: colors at the corners of a field, what is read out of it, the string and the grid.
#pragma once

#include "core/mix/field.h"
#include "core/mix/smear.h"
#include "core/piece/piece.h"

namespace zc {

struct MixingCorner {
  Srgb color;
  std::string trade = {}; ///< The paint of the trade whose curve it has; or empty.
  double strength = 1;
  bool muted = false; ///< Left out of every mixture.
  bool operator==(const MixingCorner&) const = default;
};
/// What a drag over the field does.
enum class MixHand { Pick, Line, Stroke, Smear };

struct Mixing {
  bool begun = false; ///< By hand; until then only wells may stand at its corners, and it is not saved.
  std::vector<MixingCorner> corners; ///< At most kMostCorners; mixing begins with kFewestCorners.
  MixAs as = MixAs::Paint;
  std::optional<std::size_t> follows = {}; ///< The corner that takes the current color as it changes.
  double toward = 0;                       ///< -1 all black to 1 all white.
  std::optional<Srgb> white = {};          ///< Else the set's lightest swatch, or the trade's.
  std::optional<Srgb> black = {};          ///< Else the set's darkest swatch, or the trade's.
  std::vector<double> parts = {}; ///< That are read, one for each corner; empty before the first pick.
  /// Where they were read; without it they lie at place_of_parts().
  std::optional<FieldPoint> at = {};
  std::vector<std::vector<double>> picks = {};                ///< Parts that were picked, in order.
  std::optional<std::pair<FieldPoint, FieldPoint>> line = {}; ///< Drawn across it for a ramp.
  std::vector<FieldPath> smears = {}; ///< Of two colors or more, in order; at most kMostSmears.
  MixHand hand = MixHand::Pick;
  int steps = 7; ///< Of the string, and along a side of the grid.
  bool operator==(const Mixing&) const = default;
};
inline constexpr std::size_t kMostMixPicks = 24;
inline constexpr Range kMixingStepsRange{2, 12};
/// Its field, or nothing with fewer than two corners.
[[nodiscard]] std::optional<MixField> field_of(const Mixing& mixing, const Piece& piece);
/// The white and black that it is lightened and darkened with.
[[nodiscard]] MixingCorner white_of(const Mixing& mixing, const Piece& piece);
[[nodiscard]] MixingCorner black_of(const Mixing& mixing, const Piece& piece);
/// The field with a color at a corner, or at a new one behind the others. What was read and drawn of another
/// number of corners goes. REQUIRES a corner below kMostCorners.
[[nodiscard]] Mixing with_corner(Mixing mixing, std::size_t corner, MixingCorner color);
/// What a stroke along a path picks up, as many as the mixing has steps, joins the picks.
[[nodiscard]] Mixing with_stroke(Mixing mixing, const MixField& field, const FieldPath& path);
/// One more smear; the first one goes where there are kMostSmears.
[[nodiscard]] Mixing with_smear(Mixing mixing, FieldPath path);
/// The smears as they lie over the field.
[[nodiscard]] std::vector<Streak> streaks_of(const Mixing& mixing);
[[nodiscard]] Mixing without_corner(Mixing mixing, std::size_t corner);
/// Steps along the drawn line, ends included.
[[nodiscard]] std::vector<Srgb> mixing_ramp(const Mixing& mixing, const MixField& field);
/// Rows of steps by steps colors; a triangle has one more in each row, a line is one row.
[[nodiscard]] std::vector<std::vector<Srgb>> mixing_grid(const MixField& field, int steps);

} // namespace zc
