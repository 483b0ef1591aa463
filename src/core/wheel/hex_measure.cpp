// SPDX-License-Identifier: GPL-3.0-or-later
// HSL and HSV at true L*: the third coordinate is solved.
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/wheel/measure.h"
#include "core/wheel/solve.h"

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

class HslMeasure final : public Measure {
public:
  [[nodiscard]] std::optional<Srgb> color_at(Angle hue, double r, double v) const override {
    assert(r >= 0 && r <= 1 && v >= 0 && v <= 100);
    // L* grows with HSL lightness from 0 to 100 at any hue and saturation, so one root exists.
    if (v <= 0) return Srgb{0, 0, 0};
    if (v >= 100) return Srgb{1, 1, 1};
    const auto at = [hue, r](double l) { return srgb_from_hsl({hue.degrees(), r, l}); };
    return clipped_to_gamut(at(root_between([&](double l) { return value_of(at(l)) - v; }, 0, 1)));
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
    const auto at = [hue, r](double x) { return srgb_from_hsv({hue.degrees(), r, x}); };
    if (v >= most) return at(1);
    return at(root_between([&](double x) { return value_of(at(x)) - v; }, 0, 1));
  }
  [[nodiscard]] Located located(Srgb c) const override {
    const Hsv p = hsv_from_srgb(c);
    return {p.h, p.s, value_of(c)};
  }
  [[nodiscard]] double reach(Angle hue, double v) const override {
    if (v <= lightest(hue, 1)) return 1;
    if (v >= 100) return 0;
    return root_between([&](double r) { return lightest(hue, r) - v; }, 0, 1);
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
