// SPDX-License-Identifier: GPL-3.0-or-later
// HSL and HSV at true L*: the third coordinate is solved.
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/wheel/measure.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace zc {
namespace {

/// Encoded channels that grow evenly with t: from + rate * t, no rate below 0.
struct Ramp {
  double from[3], rate[3];
  [[nodiscard]] Srgb at(double t) const {
    return {from[0] + rate[0] * t, from[1] + rate[1] * t, from[2] + rate[2] * t};
  }
};

double luminance_of(Srgb c) { return xyz_from_srgb(c).y; }

/// A stretch of a ramp and the luminances at its ends.
struct Stretch {
  double low, high, luminance_low, luminance_high;
};

/// Luminance along a ramp, how it rises and how it bends.
struct Rise {
  double luminance = 0, slope = 0, bend = 0;
};
Rise rise_at(const Ramp& ramp, double t) {
  static const double weights[3] = {xyz_from_linear({1, 0, 0}).y, xyz_from_linear({0, 1, 0}).y,
                                    xyz_from_linear({0, 0, 1}).y};
  constexpr double offset = 0.055, gamma = 2.4; // Of the curve, for its slope: IEC 61966-2-1.
  constexpr double foot = 0.04045, foot_slope = 1 / 12.92;
  Rise out;
  for (int k = 0; k < 3; ++k) {
    const double encoded = ramp.from[k] + ramp.rate[k] * t, linear = linear_from_encoded(encoded);
    const double rate = ramp.rate[k] / (encoded + offset);
    out.luminance += weights[k] * linear;
    out.slope += weights[k] * (encoded <= foot ? foot_slope * ramp.rate[k] : gamma * linear * rate);
    if (encoded > foot) out.bend += weights[k] * gamma * (gamma - 1) * linear * rate * rate;
  }
  return out;
}

/// t at which the ramp has that luminance, which lies between those of the ends, by Halley's steps. They
/// start where the root would lie if all channels were alike; steps that leave the stretch are halvings.
double at_luminance(const Ramp& ramp, double luminance, const Stretch& stretch) {
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

/// The pure color of a hue.
void pure_channels(Angle hue, double (&out)[3]) {
  const Srgb pure = srgb_from_hsv({hue.degrees(), 1, 1});
  out[0] = pure.r;
  out[1] = pure.g;
  out[2] = pure.b;
}

class HslMeasure final : public Measure {
public:
  [[nodiscard]] std::optional<Srgb> color_at(Angle hue, double r, double v) const override {
    assert(r >= 0 && r <= 1 && v >= 0 && v <= 100);
    // L* grows with HSL lightness from 0 to 100 at any hue and saturation, so one root exists.
    if (v <= 0) return Srgb{0, 0, 0};
    if (v >= 100) return Srgb{1, 1, 1};
    double pure[3];
    pure_channels(hue, pure);
    // From black to the middle each channel grows by 1 + r (2 pure - 1), from there to white by what is left.
    const double luminance = luminance_from_lightness(v);
    Ramp dark{}, light{};
    for (int k = 0; k < 3; ++k) {
      const double lean = r * (2 * pure[k] - 1);
      dark.rate[k] = 1 + lean;
      light.from[k] = lean;
      light.rate[k] = 1 - lean;
    }
    const double middle = luminance_of(dark.at(0.5));
    if (luminance < middle)
      return clipped_to_gamut(dark.at(at_luminance(dark, luminance, {0, 0.5, 0, middle})));
    return clipped_to_gamut(light.at(at_luminance(light, luminance, {0.5, 1, middle, 1})));
  }
  [[nodiscard]] Located located(Srgb c) const override {
    return {hsv_from_srgb(c).h, std::clamp(hsl_from_srgb(c).s, 0.0, 1.0), value_of(c)};
  }
  [[nodiscard]] double reach(Angle, double) const override { return 1; }
  [[nodiscard]] ValueSpan value_span(Angle, double) const override { return {0, 100}; }
};

class HsvMeasure final : public Measure {
public:
  [[nodiscard]] std::optional<Srgb> color_at(Angle hue, double r, double v) const override {
    assert(r >= 0 && r <= 1 && v >= 0 && v <= 100);
    if (v <= 0) return Srgb{0, 0, 0};
    const double most = lightest(hue, r);
    if (v > most + 1e-9) return std::nullopt;
    double pure[3];
    pure_channels(hue, pure);
    Ramp from_black{};
    for (int k = 0; k < 3; ++k) from_black.rate[k] = 1 - r * (1 - pure[k]);
    const Srgb tint = from_black.at(1);
    if (v >= most) return tint;
    return from_black.at(
        at_luminance(from_black, luminance_from_lightness(v), {0, 1, 0, luminance_of(tint)}));
  }
  [[nodiscard]] Located located(Srgb c) const override {
    const Hsv p = hsv_from_srgb(c);
    return {p.h, p.s, value_of(c)};
  }
  [[nodiscard]] double reach(Angle hue, double v) const override {
    if (v <= lightest(hue, 1)) return 1;
    if (v >= 100) return 0;
    double pure[3];
    pure_channels(hue, pure);
    Ramp to_white{};
    for (int k = 0; k < 3; ++k) {
      to_white.from[k] = pure[k];
      to_white.rate[k] = 1 - pure[k];
    }
    return 1 - at_luminance(to_white, luminance_from_lightness(v), {0, 1, luminance_of(to_white.at(0)), 1});
  }
  [[nodiscard]] ValueSpan value_span(Angle hue, double r) const override { return {0, lightest(hue, r)}; }

private:
  /// L* of the pure tint, V = 1: falls from 100 as r grows.
  [[nodiscard]] static double lightest(Angle hue, double r) {
    return value_of(srgb_from_hsv({hue.degrees(), r, 1}));
  }
};

} // namespace

std::unique_ptr<const Measure> make_hex_measure(SaturationMeasure measure) {
  if (measure == SaturationMeasure::Hsl) return std::make_unique<HslMeasure>();
  return std::make_unique<HsvMeasure>();
}

} // namespace zc
