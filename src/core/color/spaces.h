// SPDX-License-Identifier: GPL-3.0-or-later
// One plain struct per color space. All are relative to the sRGB white D65 (x 0.3127, y 0.3290, 2-degree
// observer). Hues are degrees in [0, 360). A struct may hold a color that the display cannot show; see
// in_gamut().
#pragma once

#include <array>
#include <cstdint>

namespace zc {

struct Srgb { ///< IEC 61966-2-1, gamma-encoded; 0..1 is the display gamut.
  double r = 0, g = 0, b = 0;
  bool operator==(const Srgb&) const = default;
};
struct Srgb8 { ///< 8 bits a channel, rounded to nearest.
  std::uint8_t r = 0, g = 0, b = 0;
  bool operator==(const Srgb8&) const = default;
};
struct LinearRgb { ///< sRGB primaries, linear light; 0..1 is the display gamut.
  double r = 0, g = 0, b = 0;
};
struct Xyz { ///< CIE 1931 XYZ, Y of the white = 1.
  double x = 0, y = 0, z = 0;
};
struct Lab { ///< CIE 1976 L*a*b*, white D65. L 0..100.
  double l = 0, a = 0, b = 0;
};
struct LchAb { ///< Cylindrical CIELAB.
  double l = 0, c = 0, h = 0;
};
struct Luv { ///< CIE 1976 L*u*v*, white D65. L 0..100.
  double l = 0, u = 0, v = 0;
};
struct LchUv { ///< Cylindrical CIELUV.
  double l = 0, c = 0, h = 0;
};
struct Hsluv { ///< h degrees; s 0..100, share of the largest chroma at this h and l; l = L*.
  double h = 0, s = 0, l = 0;
};
struct Oklab { ///< L 0..1.
  double l = 0, a = 0, b = 0;
};
struct Oklch { ///< Cylindrical OKLab.
  double l = 0, c = 0, h = 0;
};
struct Hsv { ///< h degrees; s and v 0..1.
  double h = 0, s = 0, v = 0;
};
/// Luma and color differences of gamma-encoded channels (ITU-R BT.709): y 0..1, cb and cr -0.5..0.5.
struct Ycbcr {
  double y = 0, cb = 0, cr = 0;
};
struct Hsl { ///< h degrees; s and l 0..1.
  double h = 0, s = 0, l = 0;
};

using Matrix3 = std::array<std::array<double, 3>, 3>;

/// OKLab chroma below which a color counts as a neutral, without a hue (common practice, no source).
inline constexpr double kNeutralChroma = 0.03;

} // namespace zc
