// SPDX-License-Identifier: GPL-3.0-or-later
// Conversions between the spaces of spaces.h, named by both ends. Double precision throughout; nothing here
// clips: a color outside the display gamut comes out as numbers outside 0..1.
#pragma once

#include "core/color/spaces.h"

namespace zc {

/// Linear sRGB to XYZ, derived from the primaries and white of IEC 61966-2-1 (no rounded constants).
[[nodiscard]] const Matrix3& linear_to_xyz_matrix();
[[nodiscard]] const Matrix3& xyz_to_linear_matrix();
/// XYZ of the white, Y = 1.
[[nodiscard]] Xyz white_d65();

/// The sRGB transfer function and its inverse (IEC 61966-2-1), extended to negative numbers by symmetry as in
/// CSS Color 4.
[[nodiscard]] double linear_from_encoded(double encoded);
[[nodiscard]] double encoded_from_linear(double linear);

[[nodiscard]] LinearRgb linear_from_srgb(Srgb c);
[[nodiscard]] Srgb srgb_from_linear(LinearRgb c);
[[nodiscard]] Srgb srgb_from_8bit(Srgb8 c);
/// Rounds to nearest. REQUIRES the color to be in gamut to within half a step; anything further out is a
/// programming mistake and is brought to the nearest end.
[[nodiscard]] Srgb8 rounded_8bit(Srgb c);

[[nodiscard]] Xyz xyz_from_linear(LinearRgb c);
[[nodiscard]] LinearRgb linear_from_xyz(Xyz c);
[[nodiscard]] Xyz xyz_from_srgb(Srgb c);
[[nodiscard]] Srgb srgb_from_xyz(Xyz c);

/// L* of a relative luminance Y in 0..1 and back (CIE 15:2004, exact fractions 216/24389 and 24389/27).
[[nodiscard]] double lightness_from_luminance(double y);
[[nodiscard]] double luminance_from_lightness(double l);
/// L* of a color: the one meaning of "value" in this program.
[[nodiscard]] double value_of(Srgb c);
/// The neutral of the given L* in 0..100.
[[nodiscard]] Srgb neutral_of_value(double v);

/// The curve of CIELAB over a ratio to the white, and back (CIE 15:2004, the same fractions).
[[nodiscard]] double cielab_curve(double ratio);
[[nodiscard]] double cielab_curve_back(double f);
[[nodiscard]] Lab lab_from_xyz(Xyz c);
[[nodiscard]] Xyz xyz_from_lab(Lab c);
[[nodiscard]] Luv luv_from_xyz(Xyz c);
[[nodiscard]] Xyz xyz_from_luv(Luv c);
[[nodiscard]] LchAb lch_from_lab(Lab c);
[[nodiscard]] Lab lab_from_lch(LchAb c);
[[nodiscard]] LchUv lch_from_luv(Luv c);
[[nodiscard]] Luv luv_from_lch(LchUv c);
[[nodiscard]] Lab lab_from_srgb(Srgb c);
[[nodiscard]] LchUv lchuv_from_srgb(Srgb c);
[[nodiscard]] Srgb srgb_from_lchuv(LchUv c);

/// HSLuv (hsluv.org, revision 4), with the gamut edge computed exactly instead of from rounded integers.
[[nodiscard]] Hsluv hsluv_from_lch(LchUv c);
[[nodiscard]] LchUv lch_from_hsluv(Hsluv c);

/// OKLab (B. Ottosson 2020), matrices at the precision of CSS Color 4.
[[nodiscard]] const Matrix3& lms_from_xyz_matrix();
[[nodiscard]] const Matrix3& oklab_from_lms_matrix(); ///< From the cube roots of LMS.
[[nodiscard]] Oklab oklab_from_xyz(Xyz c);
[[nodiscard]] Xyz xyz_from_oklab(Oklab c);
[[nodiscard]] Oklab oklab_from_srgb(Srgb c);
[[nodiscard]] Srgb srgb_from_oklab(Oklab c);
/// `t` of the way from one to the other on a straight line.
[[nodiscard]] Oklab mixed(Oklab from, Oklab to, double t);
[[nodiscard]] Oklch lch_from_oklab(Oklab c);
[[nodiscard]] Oklab oklab_from_lch(Oklch c);

/// HSV and HSL of gamma-encoded sRGB (A. R. Smith 1978; CSS Color 4 section 7). Hue of a neutral is 0.
[[nodiscard]] Hsv hsv_from_srgb(Srgb c);
[[nodiscard]] Srgb srgb_from_hsv(Hsv c);
[[nodiscard]] Hsl hsl_from_srgb(Srgb c);
[[nodiscard]] Srgb srgb_from_hsl(Hsl c);
/// ITU-R BT.709-6, items 3.2 and 3.3, of the channels of sRGB, whose primaries are the same.
[[nodiscard]] Ycbcr ycbcr_from_srgb(Srgb c);
[[nodiscard]] Srgb srgb_from_ycbcr(Ycbcr c);
/// Weighted sum of the gamma-encoded channels, 0..1 (ITU-R BT.601).
[[nodiscard]] double luma_of(Srgb c);

} // namespace zc
