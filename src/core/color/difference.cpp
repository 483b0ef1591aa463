#include "core/color/difference.h"

#include "core/base/angle.h"

#include <cmath>

namespace zc {
namespace {

double seventh_power_share(double c) {
  const double c7 = std::pow(c, 7);
  return std::sqrt(c7 / (c7 + 6103515625.0)); // 25^7
}

struct Polar {
  double c, h;
};

Polar stretched(Lab p, double g) {
  const double a = (1 + g) * p.a;
  if (a == 0 && p.b == 0) return {0, 0};
  return {std::hypot(a, p.b), wrap_degrees(degrees(std::atan2(p.b, a)))};
}

/// Signed hue step from one to two in (-180, 180], with exact opposites always +180.
double hue_step(double h1, double h2) {
  const double d = h2 - h1;
  if (std::abs(std::abs(d) - 180) <= 1e-9) return 180;
  if (d > 180) return d - 360;
  return d < -180 ? d + 360 : d;
}

double mean_hue(double h1, double h2) {
  const double apart = std::abs(h1 - h2);
  if (apart <= 180 + 1e-9) return (h1 + h2) / 2;
  return h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2;
}

} // namespace

double ciede2000(Lab one, Lab two) {
  const double c_mean = (std::hypot(one.a, one.b) + std::hypot(two.a, two.b)) / 2;
  const double g = 0.5 * (1 - seventh_power_share(c_mean));
  const Polar p1 = stretched(one, g), p2 = stretched(two, g);
  const bool grey = p1.c * p2.c == 0;

  const double dl = two.l - one.l, dc = p2.c - p1.c;
  const double dh = grey ? 0 : 2 * std::sqrt(p1.c * p2.c) * std::sin(radians(hue_step(p1.h, p2.h) / 2));
  const double l = (one.l + two.l) / 2, c = (p1.c + p2.c) / 2;
  const double h = grey ? p1.h + p2.h : mean_hue(p1.h, p2.h);

  const double t = 1 - 0.17 * std::cos(radians(h - 30)) + 0.24 * std::cos(radians(2 * h)) +
                   0.32 * std::cos(radians(3 * h + 6)) - 0.20 * std::cos(radians(4 * h - 63));
  const double l50 = (l - 50) * (l - 50);
  const double sl = 1 + 0.015 * l50 / std::sqrt(20 + l50), sc = 1 + 0.045 * c, sh = 1 + 0.015 * c * t;
  const double bend = (h - 275) / 25;
  const double rt = -std::sin(radians(60 * std::exp(-bend * bend))) * 2 * seventh_power_share(c);
  const double x = dl / sl, y = dc / sc, z = dh / sh;
  return std::sqrt(x * x + y * y + z * z + rt * y * z);
}

double oklab_distance(Oklab p, Oklab q) { return std::hypot(p.l - q.l, p.a - q.a, p.b - q.b); }

} // namespace zc
