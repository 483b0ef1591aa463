// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/named_spaces.h"

#include "core/base/angle.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/color/matrix.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

constexpr Vector3 kD50{0.9642, 1, 0.8249};

Xyz xyz_of(const Vector3& v) { return {v[0], v[1], v[2]}; }

/// Bradford cone responses (ICC.1:2022, Annex E).
constexpr Matrix3 kBradford{
    {{0.8951, 0.2664, -0.1614}, {-0.7502, 1.7135, 0.0367}, {0.0389, -0.0685, 1.0296}}};

Matrix3 adaptation(const Vector3& from, const Vector3& to) {
  const Vector3 a = multiply(kBradford, from), b = multiply(kBradford, to);
  Matrix3 out{};
  for (std::size_t column = 0; column < 3; ++column) {
    Vector3 cone{kBradford[0][column], kBradford[1][column], kBradford[2][column]};
    for (std::size_t i = 0; i < 3; ++i) cone[i] *= b[i] / a[i];
    const Vector3 back = multiply(inverse(kBradford), cone);
    for (std::size_t i = 0; i < 3; ++i) out[i][column] = back[i];
  }
  return out;
}

Vector3 d65() {
  const Xyz w = white_d65();
  return {w.x, w.y, w.z};
}

struct Primaries {
  double rx, ry, gx, gy, bx, by;
};

/// Linear RGB of the primaries to XYZ with the given white.
Vector3 xyz_from_primaries(const Primaries& p, const Vector3& white, const Vector3& rgb) {
  const auto column = [](double x, double y) { return Vector3{x / y, 1, (1 - x - y) / y}; };
  const Vector3 r = column(p.rx, p.ry), g = column(p.gx, p.gy), b = column(p.bx, p.by);
  const Matrix3 m{{{r[0], g[0], b[0]}, {r[1], g[1], b[1]}, {r[2], g[2], b[2]}}};
  const Vector3 s = multiply(inverse(m), white);
  return multiply(m, {s[0] * rgb[0], s[1] * rgb[1], s[2] * rgb[2]});
}

template <class F> Vector3 each(const std::array<double, 3>& c, F f) {
  const auto odd = [&f](double x) { return std::copysign(f(std::abs(x)), x); };
  return {odd(c[0]), odd(c[1]), odd(c[2])};
}

/// The display's curve of ITU-R BT.1886, as CSS Color 4 has it since its draft of 2025; before that it was
/// the camera's of BT.2020.
double rec2020_linear(double x) { return std::pow(x, 2.4); }
double prophoto_linear(double x) { return x <= 16.0 / 512 ? x / 16 : std::pow(x, 1.8); }

Srgb srgb_from_hwb(const std::array<double, 3>& c) {
  const double w = c[1] / 100, b = c[2] / 100;
  if (w + b >= 1) return {w / (w + b), w / (w + b), w / (w + b)};
  const Srgb hue = srgb_from_hsv({wrap_degrees(c[0]), 1, 1});
  const auto mix = [w, b](double x) { return x * (1 - w - b) + w; };
  return {mix(hue.r), mix(hue.g), mix(hue.b)};
}

} // namespace

LabD50 lab_d50_from_srgb(Srgb c) {
  const Xyz at = xyz_d50_from_d65(xyz_from_srgb(c));
  const double x = cielab_curve(at.x / kD50[0]), y = cielab_curve(at.y), z = cielab_curve(at.z / kD50[2]);
  return {116 * y - 16, 500 * (x - y), 200 * (y - z)};
}

Xyz xyz_from_lab_d50(LabD50 c) {
  const double y = (c.l + 16) / 116, x = y + c.a / 500, z = y - c.b / 200;
  return xyz_d65_from_d50(
      {kD50[0] * cielab_curve_back(x), cielab_curve_back(y), kD50[2] * cielab_curve_back(z)});
}

Xyz xyz_d65_from_d50(Xyz c) {
  static const Matrix3 matrix = adaptation(kD50, d65());
  return xyz_of(multiply(matrix, {c.x, c.y, c.z}));
}

Xyz xyz_d50_from_d65(Xyz c) {
  static const Matrix3 matrix = adaptation(d65(), kD50);
  return xyz_of(multiply(matrix, {c.x, c.y, c.z}));
}

namespace {

/// Spaces of three primaries. SMPTE EG 432-1, Adobe RGB (1998) encoding, ITU-R BT.2020, ISO 22028-2:
/// primaries as CSS Color 4 gives them.
std::optional<Xyz> xyz_in_rgb_space(std::string_view space, const std::array<double, 3>& c) {
  if (space == "srgb") return xyz_from_srgb({c[0], c[1], c[2]});
  if (space == "srgb-linear") return xyz_from_linear({c[0], c[1], c[2]});
  if (space == "display-p3")
    return xyz_of(
        xyz_from_primaries({0.680, 0.320, 0.265, 0.690, 0.150, 0.060}, d65(), each(c, linear_from_encoded)));
  if (space == "a98-rgb")
    return xyz_of(xyz_from_primaries({0.64, 0.33, 0.21, 0.71, 0.15, 0.06}, d65(),
                                     each(c, [](double x) { return std::pow(x, 563.0 / 256); })));
  if (space == "rec2020")
    return xyz_of(
        xyz_from_primaries({0.708, 0.292, 0.170, 0.797, 0.131, 0.046}, d65(), each(c, rec2020_linear)));
  if (space == "prophoto-rgb")
    return xyz_d65_from_d50(xyz_of(xyz_from_primaries(
        {0.734699, 0.265301, 0.159597, 0.840403, 0.036598, 0.000105}, kD50, each(c, prophoto_linear))));
  return std::nullopt;
}

} // namespace

std::optional<Xyz> xyz_in_space(std::string_view space, const std::array<double, 3>& c) {
  const auto polar = [&c] {
    return std::pair(c[1] * std::cos(radians(c[2])), c[1] * std::sin(radians(c[2])));
  };
  if (space == "hsl") return xyz_from_srgb(srgb_from_hsl({wrap_degrees(c[0]), c[1] / 100, c[2] / 100}));
  if (space == "hwb") return xyz_from_srgb(srgb_from_hwb(c));
  if (space == "lab") return xyz_from_lab_d50({c[0], c[1], c[2]});
  if (space == "lch") return xyz_from_lab_d50({c[0], polar().first, polar().second});
  if (space == "oklab") return xyz_from_oklab({c[0], c[1], c[2]});
  if (space == "oklch") return xyz_from_oklab({c[0], polar().first, polar().second});
  if (space == "xyz" || space == "xyz-d65") return Xyz{c[0], c[1], c[2]};
  if (space == "xyz-d50") return xyz_d65_from_d50({c[0], c[1], c[2]});
  return xyz_in_rgb_space(space, c);
}

Displayed displayed(Xyz c) {
  const Srgb wanted = srgb_from_xyz(c);
  if (const auto shown = clipped_to_gamut(wanted)) return {*shown, false};
  // Rounding in a file is no move.
  constexpr double near = 2e-4;
  const auto close = [](double x) { return x >= -near && x <= 1 + near; };
  if (close(wanted.r) && close(wanted.g) && close(wanted.b))
    return {{std::clamp(wanted.r, 0.0, 1.0), std::clamp(wanted.g, 0.0, 1.0), std::clamp(wanted.b, 0.0, 1.0)},
            false};
  return {brought_into_gamut(c), true};
}

} // namespace zc
