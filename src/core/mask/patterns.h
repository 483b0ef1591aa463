// Starting shapes for a gamut mask, at the trade's angles on whichever wheel is chosen.
#pragma once

#include "core/mask/mask.h"

#include <string_view>

namespace zc {

enum class Pattern { Analogous, Complement, Triad };

struct PatternSpec {
  Pattern kind = Pattern::Triad;
  double base = 0;   ///< Wheel angle of the leading hue, degrees.
  double spread = 0; ///< Width in degrees, 0..120: the whole range of an analogous mask, else of each hue.
};

[[nodiscard]] std::string_view pattern_name(Pattern kind);
/// The spread a pattern starts with: analogous 60 (base and 30 either side), complement 30, triad 0.
[[nodiscard]] double usual_spread(Pattern kind);
/// One adding polygon. Spread outside 0..120 is brought to the nearer end; a spread of 0 gives an analogous
/// or complement mask that encloses nothing.
[[nodiscard]] Mask pattern_mask(const PatternSpec& spec);

} // namespace zc
