// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/convert.h"

#include "core/base/angle.h"
#include "core/color/gamut.h"
#include "core/color/matrix.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace zc {
namespace {

// IEC 61966-2-1: chromaticities of the primaries and of the white.
constexpr Vector3 kWhite{0.3127 / 0.3290, 1.0, (1.0 - 0.3127 - 0.3290) / 0.3290};

constexpr Matrix3 derive_linear_to_xyz() {
  constexpr std::array<std::array<double, 2>, 3> xy{{{0.64, 0.33}, {0.30, 0.60}, {0.15, 0.06}}};
  Matrix3 p{};
  for (int i = 0; i < 3; ++i) {
    p[0][i] = xy[i][0] / xy[i][1];
    p[1][i] = 1.0;
    p[2][i] = (1.0 - xy[i][0] - xy[i][1]) / xy[i][1];
  }
  const Vector3 scale = multiply(inverse(p), kWhite);
  for (auto& row : p)
    for (int i = 0; i < 3; ++i) row[i] *= scale[i];
  return p;
}

constexpr Matrix3 kToXyz = derive_linear_to_xyz();
constexpr Matrix3 kFromXyz = inverse(kToXyz);

// CSS Color 4, section 10.1: XYZ to LMS and LMS' to OKLab.
constexpr Matrix3 kXyzToLms{{{0.8190224379967030, 0.3619062600528904, -0.1288737815209879},
                             {0.0329836539323885, 0.9292868615863434, 0.0361446663506424},
                             {0.0481771893596242, 0.2642395317527308, 0.6335478284694309}}};
constexpr Matrix3 kLmsToOklab{{{0.2104542683093140, 0.7936177747023054, -0.0040720430116193},
                               {1.9779985324311684, -2.4285922420485799, 0.4505937096174110},
                               {0.0259040424655478, 0.7827717124575296, -0.8086757549230774}}};
constexpr Matrix3 kLmsFromXyzInverse = inverse(kXyzToLms);
constexpr Matrix3 kOklabToLms = inverse(kLmsToOklab);

constexpr double kEpsilon = 216.0 / 24389.0; // CIE 15:2004
constexpr double kKappa = 24389.0 / 27.0;

constexpr double kUn = 4 * kWhite[0] / (kWhite[0] + 15 * kWhite[1] + 3 * kWhite[2]);
constexpr double kVn = 9 * kWhite[1] / (kWhite[0] + 15 * kWhite[1] + 3 * kWhite[2]);

/// 0 where the chroma is rounding noise: a neutral has no hue.
double hue_of(double x, double y) {
  if (std::abs(x) < 1e-10 && std::abs(y) < 1e-10) return 0;
  return wrap_degrees(degrees(std::atan2(y, x)));
}

/// Hue in degrees of the channels' order; 0 for a neutral.
double hexagon_hue(Srgb c, double high, double chroma) {
  if (chroma <= 0) return 0;
  if (high == c.r) return wrap_degrees(60 * ((c.g - c.b) / chroma));
  if (high == c.g) return 60 * ((c.b - c.r) / chroma + 2);
  return 60 * ((c.r - c.g) / chroma + 4);
}

/// Channel of HSV at hue offset n (CSS Color 4 style closed form).
double hsv_channel(Hsv c, double n) {
  const double k = std::fmod(n + c.h / 60, 6);
  return c.v - c.v * c.s * std::max(0.0, std::min({k, 4 - k, 1.0}));
}

} // namespace

const Matrix3& linear_to_xyz_matrix() { return kToXyz; }
const Matrix3& xyz_to_linear_matrix() { return kFromXyz; }
Xyz white_d65() { return {kWhite[0], kWhite[1], kWhite[2]}; }

namespace {

double linear_by_formula(double e) {
  const double m = std::abs(e);
  if (m <= 0.04045) return e / 12.92;
  return std::copysign(std::pow((m + 0.055) / 1.055, 2.4), e);
}

} // namespace

double linear_from_encoded(double e) {
  // Most colors come from 8-bit channels; theirs are reckoned once.
  static const auto levels = [] {
    std::array<double, 256> t{};
    for (int i = 0; i < 256; ++i) t[i] = linear_by_formula(i / 255.0);
    return t;
  }();
  if (e >= 0 && e <= 1) {
    const auto level = static_cast<int>(e * 255 + 0.5);
    if (level / 255.0 == e) return levels[level];
  }
  return linear_by_formula(e);
}
double encoded_from_linear(double l) {
  const double m = std::abs(l);
  if (m <= 0.0031308) return l * 12.92;
  // m^(1 / 2.4) = m^(5 / 12), by roots: faster than a general power and as exact.
  const double root = std::cbrt(std::sqrt(std::sqrt(m))), square = root * root;
  return std::copysign(1.055 * square * square * root - 0.055, l);
}

LinearRgb linear_from_srgb(Srgb c) {
  return {linear_from_encoded(c.r), linear_from_encoded(c.g), linear_from_encoded(c.b)};
}
Srgb srgb_from_linear(LinearRgb c) {
  return {encoded_from_linear(c.r), encoded_from_linear(c.g), encoded_from_linear(c.b)};
}
Srgb srgb_from_8bit(Srgb8 c) { return {c.r / 255.0, c.g / 255.0, c.b / 255.0}; }
Srgb8 rounded_8bit(Srgb c) {
  [[maybe_unused]] const auto near = [](double x) { return x > -0.5 / 255 && x < 255.5 / 255; };
  assert(near(c.r) && near(c.g) && near(c.b));
  const auto channel = [](double x) {
    return static_cast<std::uint8_t>(std::lround(std::clamp(x, 0.0, 1.0) * 255.0));
  };
  return {channel(c.r), channel(c.g), channel(c.b)};
}

Xyz xyz_from_linear(LinearRgb c) {
  const auto v = multiply(kToXyz, {c.r, c.g, c.b});
  return {v[0], v[1], v[2]};
}
LinearRgb linear_from_xyz(Xyz c) {
  const auto v = multiply(kFromXyz, {c.x, c.y, c.z});
  return {v[0], v[1], v[2]};
}
Xyz xyz_from_srgb(Srgb c) { return xyz_from_linear(linear_from_srgb(c)); }
Srgb srgb_from_xyz(Xyz c) { return srgb_from_linear(linear_from_xyz(c)); }

double lightness_from_luminance(double y) { return y > kEpsilon ? 116 * std::cbrt(y) - 16 : kKappa * y; }
double luminance_from_lightness(double l) {
  if (l <= kKappa * kEpsilon) return l / kKappa;
  const double f = (l + 16) / 116;
  return f * f * f;
}
double value_of(Srgb c) { return lightness_from_luminance(xyz_from_srgb(c).y); }
Srgb neutral_of_value(double v) {
  const double e = encoded_from_linear(luminance_from_lightness(v));
  return {e, e, e};
}

double cielab_curve(double ratio) {
  return ratio > kEpsilon ? std::cbrt(ratio) : (kKappa * ratio + 16) / 116;
}
double cielab_curve_back(double f) {
  const double cube = f * f * f;
  return cube > kEpsilon ? cube : (116 * f - 16) / kKappa;
}
Lab lab_from_xyz(Xyz c) {
  const double fx = cielab_curve(c.x / kWhite[0]), fy = cielab_curve(c.y), fz = cielab_curve(c.z / kWhite[2]);
  return {116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)};
}
Xyz xyz_from_lab(Lab c) {
  const double fy = (c.l + 16) / 116, fx = fy + c.a / 500, fz = fy - c.b / 200;
  return {kWhite[0] * cielab_curve_back(fx), luminance_from_lightness(c.l),
          kWhite[2] * cielab_curve_back(fz)};
}
Luv luv_from_xyz(Xyz c) {
  const double l = lightness_from_luminance(c.y);
  const double d = c.x + 15 * c.y + 3 * c.z;
  if (d == 0) return {l, 0, 0};
  return {l, 13 * l * (4 * c.x / d - kUn), 13 * l * (9 * c.y / d - kVn)};
}
Xyz xyz_from_luv(Luv c) {
  if (c.l <= 0) return {};
  const double y = luminance_from_lightness(c.l);
  const double u = c.u / (13 * c.l) + kUn, v = c.v / (13 * c.l) + kVn;
  return {y * 9 * u / (4 * v), y, y * (12 - 3 * u - 20 * v) / (4 * v)};
}
LchAb lch_from_lab(Lab c) { return {c.l, std::hypot(c.a, c.b), hue_of(c.a, c.b)}; }
Lab lab_from_lch(LchAb c) { return {c.l, c.c * std::cos(radians(c.h)), c.c * std::sin(radians(c.h))}; }
LchUv lch_from_luv(Luv c) { return {c.l, std::hypot(c.u, c.v), hue_of(c.u, c.v)}; }
Luv luv_from_lch(LchUv c) { return {c.l, c.c * std::cos(radians(c.h)), c.c * std::sin(radians(c.h))}; }
Lab lab_from_srgb(Srgb c) { return lab_from_xyz(xyz_from_srgb(c)); }
LchUv lchuv_from_srgb(Srgb c) { return lch_from_luv(luv_from_xyz(xyz_from_srgb(c))); }
Srgb srgb_from_lchuv(LchUv c) { return srgb_from_xyz(xyz_from_luv(luv_from_lch(c))); }

Hsluv hsluv_from_lch(LchUv c) {
  const double most = largest_chroma_luv(c.l, Angle(c.h));
  return {c.h, most > 0 ? 100 * c.c / most : 0, c.l};
}
LchUv lch_from_hsluv(Hsluv c) { return {c.l, c.s / 100 * largest_chroma_luv(c.l, Angle(c.h)), c.h}; }

const Matrix3& lms_from_xyz_matrix() { return kXyzToLms; }
const Matrix3& oklab_from_lms_matrix() { return kLmsToOklab; }

Oklab oklab_from_xyz(Xyz c) {
  auto lms = multiply(kXyzToLms, {c.x, c.y, c.z});
  for (double& x : lms) x = std::cbrt(x);
  const auto v = multiply(kLmsToOklab, lms);
  return {v[0], v[1], v[2]};
}
Xyz xyz_from_oklab(Oklab c) {
  auto lms = multiply(kOklabToLms, {c.l, c.a, c.b});
  for (double& x : lms) x = x * x * x;
  const auto v = multiply(kLmsFromXyzInverse, lms);
  return {v[0], v[1], v[2]};
}
Oklab oklab_from_srgb(Srgb c) { return oklab_from_xyz(xyz_from_srgb(c)); }
Srgb srgb_from_oklab(Oklab c) { return srgb_from_xyz(xyz_from_oklab(c)); }
Oklab mixed(Oklab from, Oklab to, double t) {
  return {from.l + t * (to.l - from.l), from.a + t * (to.a - from.a), from.b + t * (to.b - from.b)};
}
Oklch lch_from_oklab(Oklab c) { return {c.l, std::hypot(c.a, c.b), hue_of(c.a, c.b)}; }
Oklab oklab_from_lch(Oklch c) { return {c.l, c.c * std::cos(radians(c.h)), c.c * std::sin(radians(c.h))}; }

Hsv hsv_from_srgb(Srgb c) {
  const double high = std::max({c.r, c.g, c.b}), chroma = high - std::min({c.r, c.g, c.b});
  return {hexagon_hue(c, high, chroma), high > 0 ? chroma / high : 0, high};
}
Srgb srgb_from_hsv(Hsv c) { return {hsv_channel(c, 5), hsv_channel(c, 3), hsv_channel(c, 1)}; }
Hsl hsl_from_srgb(Srgb c) {
  const double high = std::max({c.r, c.g, c.b}), low = std::min({c.r, c.g, c.b}), chroma = high - low;
  const double l = (high + low) / 2;
  const double room = 1 - std::abs(2 * l - 1);
  return {hexagon_hue(c, high, chroma), room > 0 ? chroma / room : 0, l};
}
Srgb srgb_from_hsl(Hsl c) {
  const double v = c.l + c.s * std::min(c.l, 1 - c.l);
  return srgb_from_hsv({c.h, v > 0 ? 2 * (1 - c.l / v) : 0, v});
}
namespace {
// ITU-R BT.709-6: weights of luma, and what scales the differences to one.
constexpr double kLumaRed = 0.2126, kLumaGreen = 0.7152, kLumaBlue = 0.0722;
constexpr double kBlueScale = 1.8556, kRedScale = 1.5748;
} // namespace

Ycbcr ycbcr_from_srgb(Srgb c) {
  const double y = kLumaRed * c.r + kLumaGreen * c.g + kLumaBlue * c.b;
  return {y, (c.b - y) / kBlueScale, (c.r - y) / kRedScale};
}

Srgb srgb_from_ycbcr(Ycbcr c) {
  const double r = c.y + kRedScale * c.cr, b = c.y + kBlueScale * c.cb;
  return {r, (c.y - kLumaRed * r - kLumaBlue * b) / kLumaGreen, b};
}

double luma_of(Srgb c) { return 0.299 * c.r + 0.587 * c.g + 0.114 * c.b; }

} // namespace zc
