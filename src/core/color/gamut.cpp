// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/gamut.h"

#include "core/base/angle.h"
#include "core/color/convert.h"

#include <algorithm>
#include <boost/math/tools/toms748_solve.hpp>
#include <cassert>
#include <cmath>

namespace zc {

bool in_gamut(Srgb c) {
  const auto fits = [](double x) { return x >= -kGamutTolerance && x <= 1 + kGamutTolerance; };
  return fits(c.r) && fits(c.g) && fits(c.b);
}

std::optional<Srgb> clipped_to_gamut(Srgb c) {
  if (!in_gamut(c)) return std::nullopt;
  return Srgb{std::clamp(c.r, 0.0, 1.0), std::clamp(c.g, 0.0, 1.0), std::clamp(c.b, 0.0, 1.0)};
}

// A channel of XYZ -> linear RGB is m0 X + m1 Y + m2 Z. With X = 9 Y u' / 4v' and Z = Y (12 - 3u' - 20v') /
// 4v' the condition "channel = t" is linear in u' and v', hence in chroma along a hue.
LuvEdge::LuvEdge(double l) {
  assert(l > 0 && l < 100);
  const Xyz w = white_d65();
  const double d = w.x + 15 * w.y + 3 * w.z, un = 4 * w.x / d, vn = 9 * w.y / d;
  const double y = luminance_from_lightness(l);
  const Matrix3& m = xyz_to_linear_matrix();
  for (int i = 0; i < 6; ++i) {
    const auto& row = m[i / 2];
    const double t = i % 2;
    const double u = y * (9 * row[0] - 3 * row[2]), v = y * (4 * row[1] - 20 * row[2]) - 4 * t;
    const double k = -13 * l * (u * un + v * vn + 12 * row[2] * y);
    a[i] = u / k;
    b[i] = v / k;
  }
}

double LuvEdge::chroma(double cos_h, double sin_h) const {
  double most = 0;
  for (int i = 0; i < 6; ++i) most = std::max(most, a[i] * cos_h + b[i] * sin_h);
  return 1 / most;
}

double largest_chroma_luv(double l, Angle hue) {
  if (l < 1e-8 || l > 99.9999999) return 0;
  return LuvEdge(l).chroma(std::cos(hue.radians()), std::sin(hue.radians()));
}

Srgb chroma_reduced(Lab c) {
  c.l = std::clamp(c.l, 0.0, 100.0);
  const auto xyz_at = [c](double share) { return xyz_from_lab({c.l, c.a * share, c.b * share}); };
  const auto at = [&](double share) { return clipped_to_gamut(srgb_from_xyz(xyz_at(share))); };
  if (const auto whole = at(1)) return *whole;
  // Sought in linear light, which meets the same limits and needs no curve: how far the worst channel is out.
  const auto out = [&](double share) {
    const LinearRgb light = linear_from_xyz(xyz_at(share));
    return std::max(std::max({light.r, light.g, light.b}) - 1, -std::min({light.r, light.g, light.b}));
  };
  // A number without bound has no direction to be reduced along.
  const double neutral = out(0), whole = out(1);
  if (!std::isfinite(neutral) || !std::isfinite(whole)) return neutral_of_value(std::isfinite(c.l) ? c.l : 0);
  if (neutral >= 0 || whole <= 0) return at(neutral >= 0 ? 0 : 1).value_or(neutral_of_value(c.l));
  std::uintmax_t turns = 60;
  const auto edge = boost::math::tools::toms748_solve(out, 0.0, 1.0, neutral, whole,
                                                      boost::math::tools::eps_tolerance<double>(50), turns);
  return at(edge.first).value_or(neutral_of_value(c.l));
}

} // namespace zc
