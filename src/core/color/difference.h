// SPDX-License-Identifier: GPL-3.0-or-later
// Color differences.
#pragma once

#include "core/color/spaces.h"

#include <optional>

namespace zc {

/// CIEDE2000 with kL = kC = kH = 1 (CIE 142-2001; G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000
/// color-difference formula: implementation notes, supplementary test data, and mathematical observations",
/// Color Research & Application 30(1), 2005). Symmetric; hues within 1e-9 degree of opposite count as exactly
/// opposite, since rounding would otherwise choose the branch.
[[nodiscard]] double ciede2000(Lab a, Lab b);

/// Two colors side by side, from the first to the second.
struct ColorDifference {
  double value = 0, chroma = 0; ///< L* and C*ab.
  std::optional<double> hue;    ///< Degrees of CIELAB, -180 to 180; nothing where one of the two is neutral.
  double ciede2000 = 0;
};
/// A chroma C*ab below this has no hue that an eye could name (ours).
inline constexpr double kHuelessChroma = 2;
[[nodiscard]] ColorDifference difference_between(Srgb from, Srgb to);

} // namespace zc
