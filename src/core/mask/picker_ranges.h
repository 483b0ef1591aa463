// SPDX-License-Identifier: GPL-3.0-or-later
// A limit as ranges of hue and saturation in the pickers that painting programs have.
#pragma once

#include "core/mask/rewheel.h"

#include <array>
#include <string_view>

namespace zc {

/// The models that pickers turn by numbers, as saturation measures.
inline constexpr std::array kPickerModels{SaturationMeasure::Hsl, SaturationMeasure::Hsv,
                                          SaturationMeasure::CielabChroma, SaturationMeasure::OklabChroma,
                                          SaturationMeasure::LumaChroma};

/// All hues of an interval at all saturations of an interval.
struct PickerRange {
  double hue = 0;     ///< Where it begins, in the model's degrees, [0, 360).
  double sweep = 360; ///< How far it goes on rising, 0 to 360.
  double low = 0;     ///< Saturation 0..1, as SaturationMeasure counts it; see picker_number().
  double high = 1;
};
struct PickerFit {
  SaturationMeasure model = SaturationMeasure::Hsl;
  std::vector<PickerRange> ranges; ///< One for each outline that stands by itself, the largest first.
  double filled = 0;               ///< Share of the ranges' area, 0..1, that the limit fills: 1 is the same.
};

/// How the colors of a mask lie in each of the models, the best filled first: the least range around each
/// part. The same colors as on the mask's own wheel at that L*, see with_colors_kept(). Empty for a mask that
/// encloses nothing.
[[nodiscard]] std::vector<PickerFit> picker_fits(const Mask& mask, const Wheel& wheel,
                                                 double value = kColorsKeptAt);

/// A saturation in the model's own numbers: percent, or chroma (CIELAB C*ab, OKLab C, luma's length of Cb and
/// Cr).
[[nodiscard]] double picker_number(SaturationMeasure model, double saturation);

/// "HSL", "HSV", "CIELAB", "OKLab", "luma".
[[nodiscard]] std::string_view picker_name(SaturationMeasure model);
/// Whether its saturation is told in percent; else it is a chroma.
[[nodiscard]] constexpr bool tells_percent(SaturationMeasure model) {
  return model == SaturationMeasure::Hsl || model == SaturationMeasure::Hsv ||
         model == SaturationMeasure::Hsluv;
}

/// A color in the numbers of a picker: degrees; percent or chroma; lightness, V, L*, L or luma, each in
/// percent.
struct PickerNumbers {
  double hue = 0, saturation = 0, light = 0;
};
[[nodiscard]] PickerNumbers picker_numbers(SaturationMeasure model, Srgb color);

} // namespace zc
