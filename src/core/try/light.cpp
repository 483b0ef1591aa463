// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/light.h"

#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/color/matrix.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

constexpr Matrix3 kBradford{
    {{0.8951, 0.2664, -0.1614}, {-0.7502, 1.7135, 0.0367}, {0.0389, -0.0685, 1.0296}}};

Vector3 cones(const Xyz& c) { return multiply(kBradford, {c.x, c.y, c.z}); }

Srgb shown(const Xyz& c) {
  const Srgb wanted = srgb_from_xyz(c);
  return clipped_to_gamut(wanted).value_or(chroma_reduced(lab_from_xyz(c)));
}

} // namespace

Srgb under_light(Srgb color, Srgb light, double strength) {
  if (strength <= 0) return color;
  const Xyz seen = xyz_from_srgb(light);
  if (seen.y <= 0) return color; // No light has no color.
  const Vector3 white = cones(white_d65()), lit = cones({seen.x / seen.y, 1, seen.z / seen.y});
  Vector3 c = cones(xyz_from_srgb(color));
  for (std::size_t i = 0; i < 3; ++i)
    c[i] *= std::pow(std::max(lit[i], 1e-3) / white[i], std::min(strength, 1.0));
  static const Matrix3 back = inverse(kBradford);
  const Vector3 xyz = multiply(back, c);
  return shown({xyz[0], xyz[1], xyz[2]});
}

Srgb into_distance(Srgb color, Srgb air, double amount) {
  if (amount <= 0) return color;
  const double t = std::min(amount, 1.0);
  const LinearRgb c = linear_from_srgb(color), a = linear_from_srgb(air);
  return srgb_from_linear({c.r + (a.r - c.r) * t, c.g + (a.g - c.g) * t, c.b + (a.b - c.b) * t});
}

Srgb lit(Srgb color, const LightAndAir& by) {
  return into_distance(under_light(color, by.light, by.strength), by.air, by.amount);
}

} // namespace zc
