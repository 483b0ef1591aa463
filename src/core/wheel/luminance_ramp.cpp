// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wheel/luminance_ramp.h"

#include "core/color/convert.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

/// Luminance along a ramp, how it rises and how it bends.
struct Rise {
  double luminance = 0, slope = 0, bend = 0;
};
Rise rise_at(const LuminanceRamp& ramp, double t) {
  static const double weights[3] = {xyz_from_linear({1, 0, 0}).y, xyz_from_linear({0, 1, 0}).y,
                                    xyz_from_linear({0, 0, 1}).y};
  constexpr double offset = 0.055, gamma = 2.4; // Of the curve, for its slope: IEC 61966-2-1.
  constexpr double foot = 0.04045, foot_slope = 1 / 12.92;
  Rise out;
  for (int k = 0; k < 3; ++k) {
    const double encoded = ramp.from[k] + ramp.rate[k] * t, size = std::abs(encoded);
    const double linear = linear_from_encoded(encoded), rate = ramp.rate[k] / (size + offset);
    out.luminance += weights[k] * linear;
    out.slope += weights[k] * (size <= foot ? foot_slope * ramp.rate[k] : gamma * std::abs(linear) * rate);
    if (size > foot) out.bend += weights[k] * gamma * (gamma - 1) * linear * rate * rate;
  }
  return out;
}

} // namespace

/// By Halley's steps. They start where the root would lie if all channels were alike; steps that leave the
/// stretch are halvings.
double at_luminance(const LuminanceRamp& ramp, double luminance, const RampStretch& stretch) {
  constexpr double done = 1e-5; // A step this short is followed by one of its cube.
  double low = stretch.low, high = stretch.high;
  const double from = encoded_from_linear(stretch.luminance_low),
               to = encoded_from_linear(stretch.luminance_high);
  const double share = to > from ? (encoded_from_linear(luminance) - from) / (to - from) : 1;
  double t = std::lerp(low, high, std::clamp(share, 0.0, 1.0));
  for (int i = 0; i < 60 && high - low > 1e-15; ++i) {
    const Rise rise = rise_at(ramp, t);
    const double off = rise.luminance - luminance;
    (off < 0 ? low : high) = t;
    double next =
        rise.slope > 0 ? t - 2 * off * rise.slope / (2 * rise.slope * rise.slope - off * rise.bend) : low;
    const bool inside = next > low && next < high;
    if (!inside && std::abs(next - t) < done) return t;
    if (!inside) next = (low + high) / 2;
    if (std::abs(next - t) < done) return next;
    t = next;
  }
  return t;
}

} // namespace zc
