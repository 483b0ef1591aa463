// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/wheel_steps.h"

#include <cmath>

namespace zc {
namespace {

bool counts_chroma(const Wheel& wheel) {
  const SaturationMeasure measure = wheel.spec().measure;
  return measure == SaturationMeasure::CielabChroma || measure == SaturationMeasure::OklabChroma ||
         measure == SaturationMeasure::LumaChroma;
}

} // namespace

RampStep step_on_wheel(const Wheel& wheel, const WheelPoint& p) {
  const auto found = wheel.nearest_existing(p);
  return {found.color, WheelPlace{found.at, wheel.spec()}};
}

WheelPoint tinted(const WheelPoint& p, double v) {
  return {p.a, p.v < 100 ? p.r * (100 - v) / (100 - p.v) : p.r, v};
}

WheelPoint shaded(const Wheel& wheel, const WheelPoint& p, double v) {
  return {p.a, counts_chroma(wheel) && p.v > 0 ? p.r * v / p.v : p.r, v};
}

void hold_in(const MaskRegion& region, const Wheel& wheel, double neutral_angle, RampStep& step) {
  const WheelPoint p = place_on(wheel, step.color, step.at, neutral_angle);
  const DiscPoint place = disc_point(p);
  if (region.inside(place)) return;
  const auto nearest = region.nearest(place);
  if (!nearest) return;
  const RampStep moved = step_on_wheel(wheel, wheel_point(*nearest, p.v, Angle(p.a)));
  step.color = moved.color;
  step.at = moved.at;
  step.held = true;
}

} // namespace zc
