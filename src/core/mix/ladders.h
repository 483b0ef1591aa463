// SPDX-License-Identifier: GPL-3.0-or-later
// Ladders: one ramp for each hue of a relation, their values interlocked.
#pragma once

#include "core/mix/ramps.h"

namespace zc {

inline constexpr Range kLadderStepsRange{3, 9};
inline constexpr std::size_t kMostLadderRows = 6;

struct LadderSpec {
  std::vector<double> hues;           ///< Wheel angles in degrees, one a row; 1..kMostLadderRows.
  int steps = 5;                      ///< Of each row, in kLadderStepsRange.
  double darkest = 12, lightest = 92; ///< L* of the first step of the first row and the last of the last one.
  double saturation = 1;              ///< Share 0..1 of what each hue has where it is strongest.
};

/// Rows in the order of the hues, each from dark to light. Every row runs on its own hue from black through
/// the place where the hue is strongest (see vivid_value()) to white, and has even values. Of m rows each is
/// shifted against the one before by 1/m of a step, so that all values together are even and no two rows have
/// one value. With a region, steps outside it go to its nearest point at equal value and are marked. ERRORS:
/// BadInput for a number outside its range, and where the lightest is not lighter than the darkest by 1 or
/// more.
[[nodiscard]] Result<std::vector<std::vector<RampStep>>>
make_ladder(const LadderSpec& spec, const Wheel& wheel, const MaskRegion* hold = nullptr);

/// How far the values of two steps of a ladder are apart at least, in L*.
[[nodiscard]] double ladder_interval(const LadderSpec& spec);

} // namespace zc
