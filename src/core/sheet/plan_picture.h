// SPDX-License-Identifier: GPL-3.0-or-later
// The plan as a picture: the disc of a wheel with its mask, to lie beside a painting or on a layer of it.
#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/image/pixels.h"
#include "core/mask/mask.h"
#include "core/wheel/steps.h"
#include "core/wheel/wheel.h"

namespace zc {

inline constexpr Range kPlanSizeRange{16, 8192}; ///< Pixels of a disc.
inline constexpr int kFewestPlanValues = 3, kMostPlanValues = 11;
/// How much of what lies outside the mask stays: the color is the same, the rest is transparent (ours).
inline constexpr double kOutsideShown = 0.22;

struct PlanSpec {
  std::optional<double> value; ///< L*, 0..100; none for the vivid plan.
  int size = 1024;             ///< In kPlanSizeRange.
  Steps steps;
};

/// A square picture that the disc fills: 0xAARRGGBB, rows from the top, not premultiplied. Every pixel of the
/// disc has the color at its center, within 1/255 where it is smooth; with a mask, what lies outside of it
/// has kOutsideShown of alpha, with the share of the pixel at the edge. Alpha is 0 outside the disc, and
/// where the display has no color. ERRORS: BadInput for a value or size outside its range.
[[nodiscard]] Result<PixelPicture> plan_disc(const Wheel& wheel, const MaskRegion* mask,
                                             const PlanSpec& spec);

/// The steps of a stepped plan: twelve hues and eight saturations where the user has cut neither (ours).
[[nodiscard]] Steps plan_steps(Steps cut);

/// Evenly between black and white, dark to light. REQUIRES a count from 1 to kMostPlanValues.
[[nodiscard]] std::vector<double> plan_values(int count);

/// Shares 0..1 of each pixel of a square that the region covers, rows from the top; the unit disc fills it.
[[nodiscard]] std::vector<float> mask_cover(const MaskRegion& mask, int size);

} // namespace zc
