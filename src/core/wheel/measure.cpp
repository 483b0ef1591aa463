// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wheel/measure.h"

#include "core/base/angle.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace zc {
namespace {

/// This near to black and white no chroma is left.
constexpr double kNoChroma = 1e-7;

/// r = share of the largest LCh(uv) chroma at this L* and hue: the disc is full at every value.
class HsluvMeasure final : public Measure {
public:
  [[nodiscard]] std::optional<Srgb> color_at(Angle hue, double r, double v) const override {
    assert(r >= 0 && r <= 1 && v >= 0 && v <= 100);
    return clipped_to_gamut(srgb_from_lchuv({v, r * largest_chroma_luv(v, hue), hue.degrees()}));
  }
  [[nodiscard]] Located located(Srgb c) const override {
    const Luv luv = luv_from_xyz(xyz_from_srgb(c));
    const double chroma = std::sqrt(luv.u * luv.u + luv.v * luv.v);
    if (chroma == 0 || luv.l < kNoChroma || luv.l > 100 - kNoChroma) return {0, 0, luv.l};
    const double most = LuvEdge(luv.l).chroma(luv.u / chroma, luv.v / chroma);
    return {wrap_degrees(degrees(std::atan2(luv.v, luv.u))), std::clamp(chroma / most, 0.0, 1.0), luv.l};
  }
  [[nodiscard]] double reach(Angle, double) const override { return 1; }
  [[nodiscard]] ValueSpan value_span(Angle, double) const override { return {0, 100}; }
};

} // namespace

std::unique_ptr<const Measure> make_measure(SaturationMeasure measure) {
  switch (measure) {
  case SaturationMeasure::Hsl:
  case SaturationMeasure::Hsv:
    return make_hex_measure(measure);
  case SaturationMeasure::CielabChroma:
  case SaturationMeasure::OklabChroma:
  case SaturationMeasure::LumaChroma:
    return make_chroma_measure(measure);
  case SaturationMeasure::Hsluv:
    break;
  }
  return std::make_unique<HsluvMeasure>();
}

} // namespace zc
