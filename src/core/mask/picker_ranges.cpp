// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mask/picker_ranges.h"

#include "core/color/convert.h"
#include "core/mask/measured_outlines.h"
#include "core/mask/outline.h"
#include "core/wheel/measure.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace zc {
namespace {

using Outline = std::vector<MeasuredPoint>;

DiscPoint as_point(const MeasuredPoint& p) { return disc_point(Angle(p.hue), p.saturation); }

std::vector<DiscPoint> as_points(const Outline& outline) {
  std::vector<DiscPoint> out;
  out.reserve(outline.size());
  for (const MeasuredPoint& p : outline) out.push_back(as_point(p));
  return out;
}

/// The shortest interval that holds all hues of an outline, by the widest gap between them.
void hues_of(const Outline& outline, PickerRange& range) {
  std::vector<double> hues;
  for (const MeasuredPoint& p : outline)
    if (p.saturation > kNeutralSaturation) hues.push_back(p.hue);
  if (hues.empty()) return;
  std::sort(hues.begin(), hues.end());
  double widest = hues.front() + 360 - hues.back();
  range.hue = hues.front();
  for (std::size_t i = 1; i < hues.size(); ++i) {
    if (hues[i] - hues[i - 1] <= widest) continue;
    widest = hues[i] - hues[i - 1];
    range.hue = hues[i];
  }
  range.sweep = 360 - widest;
}

double area_of(const PickerRange& range) {
  return range.sweep / 360 * std::numbers::pi * (range.high * range.high - range.low * range.low);
}

bool less_saturated(const MeasuredPoint& a, const MeasuredPoint& b) { return a.saturation < b.saturation; }

double least_saturation(const Outline& outline) {
  return std::min_element(outline.begin(), outline.end(), less_saturated)->saturation;
}

PickerRange range_around(const Outline& outline) {
  PickerRange out;
  out.high = std::max_element(outline.begin(), outline.end(), less_saturated)->saturation;
  if (encloses(as_points(outline), {0, 0})) return out; // Every hue, from neutral on.
  out.low = least_saturation(outline);
  hues_of(outline, out);
  return out;
}

PickerFit fit_of(const Mask& mask, const Wheel& wheel, SaturationMeasure model, double value) {
  PickerFit out{model, {}, 0};
  std::vector<std::vector<DiscPoint>> drawn;
  const auto outlines = measured_outlines(mask, wheel, model, value);
  drawn.reserve(outlines.size());
  for (const Outline& outline : outlines) drawn.push_back(as_points(outline));
  double filled = 0, ranged = 0;
  const auto is_hole = [&](std::size_t i) {
    const auto holds = [&](const std::vector<DiscPoint>& other) {
      return &other != &drawn[i] && encloses(other, drawn[i].front());
    };
    return std::count_if(drawn.begin(), drawn.end(), holds) % 2 == 1;
  };
  for (std::size_t i = 0; i < outlines.size(); ++i) {
    filled += (is_hole(i) ? -1 : 1) * enclosed_area(drawn[i]);
    if (!is_hole(i)) out.ranges.push_back(range_around(outlines[i]));
  }
  // A whole ring begins where its hole ends.
  for (std::size_t i = 0; i < outlines.size(); ++i)
    for (PickerRange& range : out.ranges)
      if (range.sweep == 360 && is_hole(i) && encloses(drawn[i], {0, 0}))
        range.low = least_saturation(outlines[i]);
  std::stable_sort(out.ranges.begin(), out.ranges.end(),
                   [](const PickerRange& a, const PickerRange& b) { return area_of(a) > area_of(b); });
  for (const PickerRange& range : out.ranges) ranged += area_of(range);
  out.filled = ranged > 0 ? std::min(1.0, filled / ranged) : 0;
  return out;
}

} // namespace

std::vector<PickerFit> picker_fits(const Mask& mask, const Wheel& wheel, double value) {
  std::vector<PickerFit> out;
  if (MaskRegion(mask).empty()) return out;
  for (const SaturationMeasure model : kPickerModels) out.push_back(fit_of(mask, wheel, model, value));
  std::stable_sort(out.begin(), out.end(),
                   [](const PickerFit& a, const PickerFit& b) { return a.filled > b.filled; });
  return out;
}

double picker_number(SaturationMeasure model, double saturation) {
  return saturation * (tells_percent(model) ? 100 : largest_chroma(model));
}

std::string_view picker_name(SaturationMeasure model) {
  switch (model) {
  case SaturationMeasure::Hsl:
    return "HSL";
  case SaturationMeasure::Hsv:
    return "HSV";
  case SaturationMeasure::CielabChroma:
    return "CIELAB";
  case SaturationMeasure::OklabChroma:
    return "OKLab";
  case SaturationMeasure::LumaChroma:
    return "luma";
  case SaturationMeasure::Hsluv:
    break;
  }
  return "HSLuv";
}

PickerNumbers picker_numbers(SaturationMeasure model, Srgb color) {
  const Measure::Located at = make_measure(model)->located(color);
  const double saturation = picker_number(model, at.r);
  switch (model) {
  case SaturationMeasure::Hsl:
    return {at.hue, saturation, 100 * hsl_from_srgb(color).l};
  case SaturationMeasure::Hsv:
    return {at.hue, saturation, 100 * hsv_from_srgb(color).v};
  case SaturationMeasure::OklabChroma:
    return {at.hue, saturation, 100 * oklab_from_srgb(color).l};
  case SaturationMeasure::LumaChroma:
    return {at.hue, saturation, 100 * ycbcr_from_srgb(color).y};
  case SaturationMeasure::CielabChroma:
  case SaturationMeasure::Hsluv:
    break;
  }
  return {at.hue, saturation, value_of(color)};
}

} // namespace zc
