// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/difference.h"

#include "core/base/angle.h"
#include "core/color/convert.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

// Searches ask for millions of differences. So powers are products, lengths are roots without a care for
// overflow that Lab does not need, and hues stay directions: half their difference, their middle and the
// cosines of its multiples come from unit vectors, and the arc tangent is left to the one term that needs
// degrees.

double length(double x, double y) { return std::sqrt(x * x + y * y); }

double seventh_power_share(double c) {
  const double c2 = c * c, c7 = c2 * c2 * c2 * c;
  return std::sqrt(c7 / (c7 + 6103515625.0)); // 25^7
}

/// A hue as a unit vector.
struct Direction {
  double x = 1, y = 0;
};

Direction toward(double degrees) { return {std::cos(radians(degrees)), std::sin(radians(degrees))}; }

/// Cosine of the angle from q to p.
double cosine_between(Direction p, Direction q) { return p.x * q.x + p.y * q.y; }

Direction twice(Direction p) { return {p.x * p.x - p.y * p.y, 2 * p.x * p.y}; }
Direction sum_of(Direction p, Direction q) { return {p.x * q.x - p.y * q.y, p.x * q.y + p.y * q.x}; }

/// C' and h' of the formula.
struct Polar {
  double c = 0;
  Direction h;
};

Polar stretched(Lab p, double g) {
  const double a = (1 + g) * p.a, c = length(a, p.b);
  if (c == 0) return {};
  return {c, {a / c, p.b / c}};
}

struct Hues {
  double half_sine = 0; ///< Sine of half the signed step from the first to the second.
  Direction middle;     ///< On the shorter way.
};

/// By their angles, where vectors cancel: close to opposite. Within 1e-9 degree of that they count as a step
/// of +180 whichever comes first.
Hues nearly_opposite(Direction p, Direction q) {
  const auto hue = [](Direction d) { return wrap_degrees(degrees(std::atan2(d.y, d.x))); };
  const double h1 = hue(p), h2 = hue(q), apart = std::abs(h2 - h1), middle = (h1 + h2) / 2;
  if (std::abs(apart - 180) <= 1e-9) return {1, toward(middle)};
  if (apart < 180) return {std::sin(radians((h2 - h1) / 2)), toward(middle)};
  const double step = h2 > h1 ? h2 - h1 - 360 : h2 - h1 + 360;
  return {std::sin(radians(step / 2)), toward(middle + 180)};
}

Hues compared(Direction p, Direction q) {
  const Direction sum{p.x + q.x, p.y + q.y};
  const double size = length(sum.x, sum.y);
  if (size < 1e-3) return nearly_opposite(p, q);
  const double half = length(q.x - p.x, q.y - p.y) / 2;
  const bool ahead = p.x * q.y - p.y * q.x >= 0;
  return {ahead ? half : -half, {sum.x / size, sum.y / size}};
}

/// T of the formula: 1 - 0.17 cos(h - 30) + 0.24 cos 2h + 0.32 cos(3h + 6) - 0.20 cos(4h - 63).
double hue_weight(Direction h) {
  static const Direction k30 = toward(30), k6 = toward(-6), k63 = toward(63);
  const Direction h2 = twice(h);
  return 1 - 0.17 * cosine_between(h, k30) + 0.24 * h2.x + 0.32 * cosine_between(sum_of(h2, h), k6) -
         0.20 * cosine_between(twice(h2), k63);
}

/// Sine of twice the angle of the rotation term, the blues': h - 275 is never below -275, and from 163
/// degrees off on it is below the last digit.
double rotation(Direction h) {
  const double hue = degrees(std::atan2(h.y, h.x));
  const double bend = ((hue < 0 ? hue + 360 : hue) - 275) / 25;
  return bend < -6.5 ? 0 : std::sin(radians(60 * std::exp(-bend * bend)));
}

} // namespace

double ciede2000(Lab one, Lab two) {
  const double c_mean = (length(one.a, one.b) + length(two.a, two.b)) / 2;
  const double g = 0.5 * (1 - seventh_power_share(c_mean));
  const Polar p1 = stretched(one, g), p2 = stretched(two, g);
  // A neutral has no hue: the other's is that of both.
  const Hues hues = p1.c == 0 ? Hues{0, p2.h} : p2.c == 0 ? Hues{0, p1.h} : compared(p1.h, p2.h);
  const double dl = two.l - one.l, dc = p2.c - p1.c, dh = 2 * std::sqrt(p1.c * p2.c) * hues.half_sine;
  const double off = (one.l + two.l) / 2 - 50, l50 = off * off, c = (p1.c + p2.c) / 2;
  const double sl = 1 + 0.015 * l50 / std::sqrt(20 + l50), sc = 1 + 0.045 * c;
  const double sh = 1 + 0.015 * c * hue_weight(hues.middle);
  const double rt = -rotation(hues.middle) * 2 * seventh_power_share(c);
  const double x = dl / sl, y = dc / sc, z = dh / sh;
  return std::sqrt(x * x + y * y + z * z + rt * y * z);
}

ColorDifference difference_between(Srgb from, Srgb to) {
  const Lab a = lab_from_srgb(from), b = lab_from_srgb(to);
  const LchAb one = lch_from_lab(a), other = lch_from_lab(b);
  ColorDifference out{b.l - a.l, other.c - one.c, std::nullopt, ciede2000(a, b)};
  if (std::min(one.c, other.c) >= kHuelessChroma) out.hue = turn_between(one.h, other.h);
  return out;
}

} // namespace zc
