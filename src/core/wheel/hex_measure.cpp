// SPDX-License-Identifier: GPL-3.0-or-later
// HSL and HSV at true L*: the third coordinate is solved.
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/wheel/luminance_ramp.h"
#include "core/wheel/measure.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace zc {
namespace {

double luminance_of(Srgb c) { return xyz_from_srgb(c).y; }

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
    LuminanceRamp dark{}, light{};
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
    LuminanceRamp from_black{};
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
    LuminanceRamp to_white{};
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
