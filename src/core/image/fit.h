// SPDX-License-Identifier: GPL-3.0-or-later
// Masks fitted to a reference: the smallest one that holds a stated share of a photo.
#pragma once

#include "core/base/progress.h"
#include "core/base/range.h"
#include "core/image/places.h"
#include "core/mask/patterns.h"

namespace zc {

inline constexpr Range kFitCornersRange{3, 24};

struct Fit {
  Mask mask;
  double inside = 0;   ///< Share of the photo inside, 0..1.
  double area = 0;     ///< Share of the wheel, 0..1.
  bool reached = true; ///< False when no mask of this kind holds as much; then it holds as much as it can.
};

/// Base angle and spread of a pattern, to about two degrees, for the least area. ERRORS: BadInput for a share
/// outside 0..1 or no places; Stopped.
[[nodiscard]] Result<Fit> fit_pattern(const std::vector<ColorPlace>& places, Pattern kind, double hold,
                                      const Progress& progress = {});

/// A convex polygon of at most so many corners, whose edges between two corners at the rim go along it: half
/// planes are cut off where that saves the most area for the weight lost. ERRORS: as fit_pattern(), and for
/// corners outside kFitCornersRange.
[[nodiscard]] Result<Fit> fit_polygon(const std::vector<ColorPlace>& places, int most_points, double hold,
                                      const Progress& progress = {});

} // namespace zc
