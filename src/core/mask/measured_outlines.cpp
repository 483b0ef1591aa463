// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mask/measured_outlines.h"

namespace zc {

std::vector<std::vector<MeasuredPoint>> measured_outlines(const Mask& mask, const Wheel& wheel,
                                                          SaturationMeasure measure, double value) {
  // Hues of this scale turn as the measure's own do, so that straight edges stay what they are.
  const Wheel other({HueScale::Light, measure});
  const bool same = wheel.spec() == other.spec();
  const MaskRegion region(same ? mask : with_colors_kept(mask, wheel, other, value));
  std::vector<std::vector<MeasuredPoint>> out;
  for (const auto& outline : region.outlines()) {
    std::vector<MeasuredPoint> points;
    for (const DiscPoint& p : outline) {
      const WheelPoint at = wheel_point(p, 0);
      points.push_back({other.hue_at(at.a), std::min(at.r, 1.0)});
    }
    if (points.empty()) continue;
    const bool closed =
        points.front().hue == points.back().hue && points.front().saturation == points.back().saturation;
    if (!closed) points.push_back(points.front());
    out.push_back(std::move(points));
  }
  return out;
}

} // namespace zc
