// SPDX-License-Identifier: GPL-3.0-or-later
// Stepping: a wheel cut into so many hues, saturations and values.
#pragma once

#include "core/base/range.h"
#include "core/wheel/wheel.h"

namespace zc {

inline constexpr Range kHueStepsRange{3, 360}, kSaturationStepsRange{1, 50}, kValueCutsRange{2, 101};

/// 0 leaves a dimension smooth. Hues are spread evenly from angle 0. Saturations are the steps from neutral
/// to the rim, neutral itself not counted. Values are spread from black to white, both counted.
struct Steps {
  int hues = 0;        ///< 0, or in kHueStepsRange.
  int saturations = 0; ///< 0, or in kSaturationStepsRange.
  int values = 0;      ///< 0, or in kValueCutsRange.
  [[nodiscard]] bool off() const { return hues == 0 && saturations == 0 && values == 0; }
  bool operator==(const Steps&) const = default;
};

/// The numbers brought into their ranges; 1 and 2 hues and 1 value, which cut nothing, become 0.
[[nodiscard]] Steps sensible_steps(Steps steps);

[[nodiscard]] double stepped_hue(double a, const Steps& steps);
[[nodiscard]] double stepped_saturation(double r, const Steps& steps);
[[nodiscard]] double stepped_value(double v, const Steps& steps);
[[nodiscard]] WheelPoint stepped(WheelPoint p, const Steps& steps);

/// One nudge of a stepped dimension: whole steps toward `by`, at least one; plain addition when `step`, the
/// size of a step in the same units, is 0.
[[nodiscard]] double nudged(double from, double by, double step);

/// The highest stepped saturation not above `reach`.
[[nodiscard]] double saturation_within(double reach, const Steps& steps);

} // namespace zc
