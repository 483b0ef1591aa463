// SPDX-License-Identifier: GPL-3.0-or-later
// Steps of rows that run on the wheel: tints, shades, and what a mask makes of a step.
#pragma once

#include "core/mix/ramps.h"

namespace zc {

/// The color at a place or, where it does not exist, at its reach; value stays.
[[nodiscard]] RampStep step_on_wheel(const Wheel& wheel, const WheelPoint& p);

/// On the way from `p` to white, at value `v` in [p.v, 100]: the saturation falls evenly with it.
[[nodiscard]] WheelPoint tinted(const WheelPoint& p, double v);
/// On the way from `p` to black, at value `v` in [0, p.v]. A saturation that is an amount of chroma falls
/// evenly with it, for black holds none; one that is a share stays.
[[nodiscard]] WheelPoint shaded(const Wheel& wheel, const WheelPoint& p, double v);

/// A step outside the region goes to its nearest point at equal value and is marked. A neutral takes
/// `neutral_angle` for its hue. An empty region holds nothing.
void hold_in(const MaskRegion& region, const Wheel& wheel, double neutral_angle, RampStep& step);

} // namespace zc
