// SPDX-License-Identifier: GPL-3.0-or-later
// Readouts: a color as three numbers in the spaces users read, and back.
#pragma once

#include "core/base/result.h"
#include "core/color/spaces.h"

#include <array>
#include <string_view>

namespace zc {

enum class ReadoutSpace { Rgb, Hsv, Hsl, Hsluv, Lch, Lab, LchUv, Luv, Oklch, Oklab, Xyz, LinearRgb };

inline constexpr std::array<ReadoutSpace, 12> kReadoutSpaces{
    ReadoutSpace::Rgb,   ReadoutSpace::Hsv,   ReadoutSpace::Hsl,   ReadoutSpace::Hsluv,
    ReadoutSpace::Lch,   ReadoutSpace::Lab,   ReadoutSpace::LchUv, ReadoutSpace::Luv,
    ReadoutSpace::Oklch, ReadoutSpace::Oklab, ReadoutSpace::Xyz,   ReadoutSpace::LinearRgb};

/// One number of a readout: its name, its range, the digits shown after the point, and how far one nudge
/// moves it.
struct ReadoutNumber {
  std::string_view name;
  double low, high;
  int digits;
  double step;
  bool wraps = false; ///< A hue: past the end it begins again.
};
struct ReadoutForm {
  std::string_view name; ///< "LCh"
  std::string_view words;
  std::array<ReadoutNumber, 3> numbers;
};

[[nodiscard]] const ReadoutForm& readout_form(ReadoutSpace space);

/// In the units of the form: RGB 0..255, hues in degrees, HSV, HSL and HSLuv in percent, L* 0..100, OKLab and
/// linear light 0..1, XYZ with Y of white 100. A neutral has hue 0.
[[nodiscard]] std::array<double, 3> readout_of(ReadoutSpace space, Srgb color);

/// ERRORS: BadInput when a number is out of its range, or when the display has no such color.
[[nodiscard]] Result<Srgb> color_of_readout(ReadoutSpace space, std::array<double, 3> numbers);

} // namespace zc
