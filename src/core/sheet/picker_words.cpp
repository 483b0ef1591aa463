// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/sheet/picker_words.h"

#include "core/color/text.h"

#include <cmath>

namespace zc {
namespace {

std::string as_whole(double x) { return std::to_string(std::lround(x)); }
std::string as_degrees(double hue) { return std::to_string(std::lround(hue) % 360); }

/// Chroma of small scales needs digits.
std::string saturation_told(SaturationMeasure model, double number) {
  if (tells_percent(model) || model == SaturationMeasure::CielabChroma) return as_whole(number);
  const long thousandths = std::lround(1000 * number);
  return std::to_string(thousandths / 1000) + '.' + std::to_string(1000 + thousandths % 1000).substr(1);
}

} // namespace

std::vector<std::string> range_lines(const PickerFit& fit, const SheetWords& words) {
  std::vector<std::string> out;
  const auto told = [&](double saturation) {
    return saturation_told(fit.model, picker_number(fit.model, saturation));
  };
  const bool percent = tells_percent(fit.model);
  for (const PickerRange& range : fit.ranges) {
    if (out.size() == kMostPickerLines) break;
    const std::string from = as_degrees(range.hue), to = as_degrees(wrap_degrees(range.hue + range.sweep)),
                      low = told(range.low), high = told(range.high);
    if (range.sweep >= 360)
      out.push_back(percent ? words.said("every hue, saturation %1 to %2 %", {low, high})
                            : words.said("every hue, chroma %1 to %2", {low, high}));
    else
      out.push_back(percent ? words.said("hue %1 to %2, saturation %3 to %4 %", {from, to, low, high})
                            : words.said("hue %1 to %2, chroma %3 to %4", {from, to, low, high}));
  }
  return out;
}

std::string fit_line(const PickerFit& fit, const SheetWords& words) {
  const std::string filled = as_whole(100 * fit.filled);
  const std::string_view name = picker_name(fit.model);
  if (fit.ranges.size() == 1) return words.said("%1: the limit fills %2 % of this range", {name, filled});
  return words.said("%1: the limit fills %2 % of these ranges", {name, filled});
}

std::vector<std::string> corner_lines(const Mask& mask, const Wheel& wheel, double value,
                                      SaturationMeasure model, const SheetWords& words) {
  std::vector<std::string> out;
  for (const DiscPoint& corner : MaskRegion(mask).corners()) {
    const Srgb color = wheel.nearest_existing(wheel_point(corner, value)).color;
    const PickerNumbers is = picker_numbers(model, color);
    const std::string hex = hex_of(color), hue = as_degrees(is.hue),
                      saturation = saturation_told(model, is.saturation), light = as_whole(is.light);
    out.push_back(
        tells_percent(model)
            ? words.said("%1: hue %2, saturation %3 %, lightness %4 %", {hex, hue, saturation, light})
            : words.said("%1: hue %2, chroma %3, lightness %4 %", {hex, hue, saturation, light}));
  }
  return out;
}

} // namespace zc
