// Partners of a color at the trade's angles on the chosen wheel.
#pragma once

#include "core/wheel/wheel.h"

#include <string_view>
#include <vector>

namespace zc {

struct Partner {
  std::string_view name; ///< "complement", "triad", ...
  double turn;           ///< Degrees from the color's own angle.
  WheelPoint at;
  Srgb color;
};

/// Complement 180; split complement 150, 210; triad 120, 240; tetrad 90, 270; analogous 30, 330 (common
/// practice, no source), at the color's value and saturation. Where the display lacks that saturation the
/// partner stands at its reach.
[[nodiscard]] std::vector<Partner> partners_of(const Wheel& wheel, WheelPoint color);

} // namespace zc
