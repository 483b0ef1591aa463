// SPDX-License-Identifier: GPL-3.0-or-later
// Outside of a mask as an eye sees it.
#pragma once

#include "core/mask/mask.h"

namespace zc {

/// CIEDE2000 between a color and the color of the mask that lies nearest to its place on the wheel, at the
/// same value; 0 where the place is inside. Near white and black, where a saturation means nothing to the
/// eye, it is small wherever the place lies. REQUIRES a region that encloses something, and that `at` is the
/// color's place on the wheel.
[[nodiscard]] double outside_by(const Wheel& wheel, const MaskRegion& region, Srgb color,
                                const WheelPoint& at);

} // namespace zc
