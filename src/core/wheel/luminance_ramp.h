// SPDX-License-Identifier: GPL-3.0-or-later
// Where a row of colors whose encoded channels grow evenly has a wanted luminance.
#pragma once

#include "core/color/spaces.h"

namespace zc {

/// Encoded channels, from + rate * t, no rate below 0. They may leave 0..1: the transfer curve is then
/// continued, below 0 as its mirror image.
struct LuminanceRamp {
  double from[3], rate[3];
  [[nodiscard]] Srgb at(double t) const {
    return {from[0] + rate[0] * t, from[1] + rate[1] * t, from[2] + rate[2] * t};
  }
};

/// A stretch of a ramp and the luminances at its ends, white 1.
struct RampStretch {
  double low, high, luminance_low, luminance_high;
};

/// t at which the ramp has that luminance, within 1e-9. REQUIRES: it lies between those of the stretch's
/// ends.
[[nodiscard]] double at_luminance(const LuminanceRamp& ramp, double luminance, const RampStretch& stretch);

} // namespace zc
