// SPDX-License-Identifier: GPL-3.0-or-later
// A mask in the numbers of another picker.
#pragma once

#include "core/mask/rewheel.h"

namespace zc {

struct MeasuredPoint {
  double hue = 0;        ///< In the measure's own degrees, [0, 360).
  double saturation = 0; ///< As the measure counts it, 0..1: see SaturationMeasure.
};

/// The closed outlines of a mask, holes included, in the hue and saturation of a measure: the same colors as
/// on the mask's own wheel at that L*, see with_colors_kept(). Even-odd; each outline ends where it begins.
[[nodiscard]] std::vector<std::vector<MeasuredPoint>> measured_outlines(const Mask& mask, const Wheel& wheel,
                                                                        SaturationMeasure measure,
                                                                        double value = kColorsKeptAt);

} // namespace zc
