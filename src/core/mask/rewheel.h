// SPDX-License-Identifier: GPL-3.0-or-later
// Extracting a mask to another wheel.
#pragma once

#include "core/mask/mask.h"

namespace zc {

/// The mask around the same colors on another wheel: outlines are walked in short steps and each place is
/// mapped by its color at that L*, or at the nearest value where it exists; places in line are then
/// thinned out again. Round shapes become polygons. Outlines agree with the true ones within about a
/// hundredth of the radius.
inline constexpr double kColorsKeptAt = 60; ///< L*.
[[nodiscard]] Mask with_colors_kept(const Mask& mask, const Wheel& from, const Wheel& to,
                                    double value = kColorsKeptAt);

} // namespace zc
