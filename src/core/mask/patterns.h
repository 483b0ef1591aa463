// SPDX-License-Identifier: GPL-3.0-or-later
// Starting shapes for a gamut mask, at the trade's angles on whichever wheel is chosen.
#pragma once

#include "core/base/range.h"
#include "core/mask/mask.h"

#include <array>
#include <string_view>

namespace zc {

/// Hues from the base: single 0; analogous 0 and 30 either side; complement 0, 180; split complement 0, 150,
/// 210; triad 0, 120, 240; square tetrad 0, 90, 180, 270; rectangle tetrad 0, 60, 180, 240 (two complementary
/// pairs); accented analogous: analogous with an accent at 180. Common practice, no source.
enum class Pattern { Single, Analogous, Complement, Split, Triad, Square, Rectangle, Accent };

inline constexpr std::array<Pattern, 8> kPatterns{Pattern::Single,    Pattern::Analogous, Pattern::Complement,
                                                  Pattern::Split,     Pattern::Triad,     Pattern::Square,
                                                  Pattern::Rectangle, Pattern::Accent};

inline constexpr Range kSpreadRange{0, 120}; ///< Degrees.

struct PatternSpec {
  Pattern kind = Pattern::Triad;
  double base = 0;   ///< Wheel angle of the leading hue, degrees.
  double spread = 0; ///< In kSpreadRange: the whole range of a single, analogous or accented mask, else the
                     ///< width of each hue.
};

[[nodiscard]] std::string_view pattern_name(Pattern kind);
/// The spread a pattern starts with: single 20, analogous and accent 60, complement 30, the others 0.
[[nodiscard]] double usual_spread(Pattern kind);
/// One adding polygon. Spread outside its range is brought to the nearer end, and at most to where
/// neighboring hues meet; a spread of 0 gives a single, analogous or complement mask that encloses nothing.
[[nodiscard]] Mask pattern_mask(const PatternSpec& spec);

} // namespace zc
