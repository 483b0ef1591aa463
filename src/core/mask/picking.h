// SPDX-License-Identifier: GPL-3.0-or-later
// Where a pick ends: on a wheel that may be stepped, under a mask and its rule, where the display has colors.
#pragma once

#include "core/mask/mask.h"
#include "core/wheel/steps.h"

namespace zc {

struct PickRules {
  const Wheel& wheel;
  const MaskRegion* region = nullptr; ///< Null: no mask in use.
  MaskRule rule = MaskRule::Held;
  Steps steps;
};

/// A place on the disc, brought to the steps. Under Held the nearest step inside the mask is taken; when the
/// mask holds no step, its nearest point; nothing when it is empty.
[[nodiscard]] std::optional<DiscPoint> stepped_pick(const PickRules& rules, DiscPoint wanted);

/// Hue and saturation wanted in the plan, at the (stepped) value of `now`. Nothing when the mask holds no
/// color.
[[nodiscard]] std::optional<WheelPoint> pick_in_plan(const PickRules& rules, const WheelPoint& now,
                                                     DiscPoint wanted);
/// Saturation and value wanted in the section at `angle`: -1 the complement's rim .. 1 the hue's rim. Under
/// Held the nearest saturation admitted along this cut; where the cut misses the mask only the value moves.
[[nodiscard]] WheelPoint pick_in_section(const PickRules& rules, const WheelPoint& now, double angle,
                                         double along, double value);
/// A value wanted at the hue and saturation of `now`, kept to where that color exists.
[[nodiscard]] WheelPoint pick_on_rail(const PickRules& rules, const WheelPoint& now, double value);

/// The color at a place, or at the highest (stepped) saturation the display has there.
[[nodiscard]] Wheel::Found shown_pick(const PickRules& rules, const WheelPoint& wanted);

} // namespace zc
