// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wheel/steps.h"

#include <algorithm>

namespace zc {

Steps sensible_steps(Steps s) {
  const auto sensible = [](int n, Range range) {
    return n < range.low ? 0 : std::min(n, static_cast<int>(range.high));
  };
  return {sensible(s.hues, kHueStepsRange), sensible(s.saturations, kSaturationStepsRange),
          sensible(s.values, kValueCutsRange)};
}

double stepped_hue(double a, const Steps& steps) {
  return steps.hues ? wrap_degrees(std::round(a * steps.hues / 360) * 360 / steps.hues) : a;
}
double stepped_saturation(double r, const Steps& steps) {
  return steps.saturations ? std::round(r * steps.saturations) / steps.saturations : r;
}
double stepped_value(double v, const Steps& steps) {
  return steps.values ? std::round(v / 100 * (steps.values - 1)) * 100 / (steps.values - 1) : v;
}
WheelPoint stepped(WheelPoint p, const Steps& steps) {
  return {stepped_hue(p.a, steps), stepped_saturation(p.r, steps), stepped_value(p.v, steps)};
}

double nudged(double from, double by, double step) {
  if (step <= 0) return from + by;
  const double whole = std::max(1.0, std::round(std::abs(by) / step));
  // From between two steps the first nudge goes to the next one.
  const double place = from / step;
  const double start = by > 0 ? std::floor(place + 1e-9) : std::ceil(place - 1e-9);
  return (start + (by > 0 ? whole : -whole)) * step;
}

double saturation_within(double reach, const Steps& steps) {
  return steps.saturations ? std::floor(reach * steps.saturations + 1e-9) / steps.saturations : reach;
}

} // namespace zc
