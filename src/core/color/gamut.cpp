// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/gamut.h"

#include "core/base/angle.h"
#include "core/color/convert.h"

#include <Eigen/Dense>
#include <algorithm>
#include <boost/math/tools/toms748_solve.hpp>
#include <cassert>
#include <cmath>
#include <limits>
#include <utility>

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

namespace {

using Eigen::Matrix3d;
using Eigen::Vector3d;

/// So much more a turn in hue counts than an equal step in chroma or lightness (ours).
constexpr double kHueWeight = 2;
/// So much more value counts where it may give way only a little (ours).
constexpr double kValueWeight = 4;
/// Below this chroma in OKLab a hue says less and less (ours).
constexpr double kHueless = 0.03;
/// Near black the cube root of OKLab is steeper than any number.
constexpr double kDarkestLms = 1e-9;
constexpr int kSteps = 4;
/// Square of a step in linear light after which none is worth making.
constexpr double kNoStep = 1e-20;

Matrix3d eigen_of(const Matrix3& m) {
  Matrix3d out;
  for (int i = 0; i < 3; ++i)
    for (int j = 0; j < 3; ++j) out(i, j) = m[i][j];
  return out;
}
const Matrix3d& lms_from_linear() {
  static const Matrix3d m = eigen_of(lms_from_xyz_matrix()) * eigen_of(linear_to_xyz_matrix());
  return m;
}
const Matrix3d& oklab_from_roots() {
  static const Matrix3d m = eigen_of(oklab_from_lms_matrix());
  return m;
}
const Vector3d& luminance_weights() {
  static const Vector3d w = eigen_of(linear_to_xyz_matrix()).row(1);
  return w;
}
Vector3d vector_of(const LinearRgb& c) { return {c.r, c.g, c.b}; }
Vector3d vector_of(const Oklab& c) { return {c.l, c.a, c.b}; }
Vector3d oklab_of(const Vector3d& linear) {
  return oklab_from_roots() *
         Vector3d((lms_from_linear() * linear).array().unaryExpr([](double x) { return std::cbrt(x); }));
}
Srgb srgb_of(const Vector3d& linear) { return srgb_from_linear({linear(0), linear(1), linear(2)}); }
bool within_cube(const Vector3d& x) { return x.minCoeff() >= 0 && x.maxCoeff() <= 1; }

/// x H x / 2 - g x over linear light, H positive definite.
struct Quadratic {
  Matrix3d h;
  Vector3d g;
  [[nodiscard]] double at(const Vector3d& x) const { return x.dot(h * x) / 2 - g.dot(x); }
  /// Goes downhill along `way`.
  [[nodiscard]] double fall(const Vector3d& x, const Vector3d& way) const { return way.dot(g - h * x); }
};

/// A wish, and how far others are from it: in OKLab, its three directions weighed apart.
class Wish {
public:
  Wish(const Vector3d& oklab, double lightness_weight, double hue_weight) : m_wish(oklab) {
    const double chroma = std::hypot(oklab(1), oklab(2));
    const double c = chroma > 0 ? oklab(1) / chroma : 1, s = chroma > 0 ? oklab(2) / chroma : 0;
    const double hue = 1 + (hue_weight - 1) * chroma * chroma / (chroma * chroma + kHueless * kHueless);
    m_weighed << lightness_weight, 0, 0, 0, c, s, 0, -hue * s, hue * c;
  }
  /// The square of the distance of colors near `x`, the curves taken as straight there (Gauss and Newton).
  [[nodiscard]] Quadratic near(const Vector3d& x) const {
    Vector3d root = lms_from_linear() * x;
    for (double& lms : root) lms = std::cbrt(std::max(lms, kDarkestLms));
    const Vector3d slope = (3 * root.array().square()).inverse();
    const Matrix3d change = m_weighed * oklab_from_roots() * slope.asDiagonal() * lms_from_linear();
    const Vector3d target = change * x + m_weighed * (m_wish - oklab_from_roots() * root);
    return {change.transpose() * change, change.transpose() * target};
  }

private:
  Vector3d m_wish;
  Matrix3d m_weighed;
};

/// The best of what it is offered.
class Least {
public:
  Least(const Quadratic& form, const Vector3d& start) : m_form(form), m_x(start) {}
  void offer(const Vector3d& x) {
    const double there = m_form.at(x);
    if (there < m_least) m_least = there, m_x = x;
  }
  [[nodiscard]] const Vector3d& x() const { return m_x; }

private:
  const Quadratic& m_form;
  Vector3d m_x;
  double m_least = std::numeric_limits<double>::infinity();
};

/// The least on the line x + s way, s from `low` to `high`.
Vector3d least_on_line(const Quadratic& form, const Vector3d& x, const Vector3d& way, double low,
                       double high) {
  const double bend = way.dot(form.h * way);
  return x + way * (bend > 0 ? std::clamp(form.fall(x, way) / bend, low, high) : low);
}

/// The least on the plane x + s u + t v; nothing where it lies outside the cube.
std::optional<Vector3d> least_on_plane(const Quadratic& form, const Vector3d& x, const Vector3d& u,
                                       const Vector3d& v) {
  const Vector3d hv = form.h * v;
  const double uu = u.dot(form.h * u), uv = u.dot(hv), vv = v.dot(hv), det = uu * vv - uv * uv;
  if (!(det > 0)) return std::nullopt;
  const double p = form.fall(x, u), q = form.fall(x, v);
  const Vector3d out = x + u * ((p * vv - q * uv) / det) + v * ((q * uu - p * uv) / det);
  if (!within_cube(out)) return std::nullopt;
  return out;
}

/// Over the cube of linear light. A convex form over a convex body has one least place, which moves
/// continuously with both.
Vector3d least_in_cube(const Quadratic& form, const Vector3d& start) {
  Vector3d inside = form.h.ldlt().solve(form.g);
  if (inside.allFinite() && within_cube(inside)) return inside;
  Least best(form, start);
  for (int i = 0; i < 3; ++i)
    for (const double side : {0.0, 1.0}) {
      const int j = (i + 1) % 3, k = (i + 2) % 3;
      const Vector3d corner = side * Vector3d::Unit(i);
      if (const auto face = least_on_plane(form, corner, Vector3d::Unit(j), Vector3d::Unit(k)))
        best.offer(*face);
      for (const double other : {0.0, 1.0})
        best.offer(least_on_line(form, corner + other * Vector3d::Unit(j), Vector3d::Unit(k), 0, 1));
    }
  return best.x();
}

/// Over the cut through the cube at one luminance, a convex polygon.
Vector3d least_at_luminance(const Quadratic& form, double y, const Vector3d& start) {
  const Vector3d& w = luminance_weights();
  const Vector3d red(1, -w(0) / w(1), 0), blue(0, -w(2) / w(1), 1);
  if (const auto inside = least_on_plane(form, Vector3d::Constant(y), red, blue)) return *inside;
  Least best(form, start);
  for (int i = 0; i < 3; ++i)
    for (const double side : {0.0, 1.0}) {
      const int j = (i + 1) % 3, k = (i + 2) % 3;
      const double rest = y - side * w(i);
      const double low = std::max(0.0, (rest - w(k)) / w(j)), high = std::min(1.0, rest / w(j));
      if (low > high) continue;
      const Vector3d from = side * Vector3d::Unit(i) + rest / w(k) * Vector3d::Unit(k);
      best.offer(least_on_line(form, from, Vector3d::Unit(j) - w(j) / w(k) * Vector3d::Unit(k), low, high));
    }
  return best.x().cwiseMax(0).cwiseMin(1);
}

/// No farther from the wish than `plain` by more than a just noticeable step. Both are in a convex body, and
/// so is all between them.
Vector3d not_much_farther(const Vector3d& x, const Vector3d& plain, const Vector3d& wish) {
  const double most = (oklab_of(plain) - wish).norm() + kJustNoticeable;
  const auto far = [&](double share) { return (oklab_of(plain + share * (x - plain)) - wish).norm() - most; };
  const double whole = far(1);
  if (whole <= 0) return x;
  std::uintmax_t turns = 60;
  const auto edge = boost::math::tools::toms748_solve(far, 0.0, 1.0, -kJustNoticeable, whole,
                                                      boost::math::tools::eps_tolerance<double>(40), turns);
  return plain + edge.first * (x - plain);
}

/// A number without bound has no direction to come back from.
bool bounded(const Xyz& c) {
  const auto small = [](double x) { return std::abs(x) < 1e12; };
  return small(c.x) && small(c.y) && small(c.z);
}

/// REQUIRES a bounded wish outside the gamut.
Vector3d nearest_in_cube(Xyz c, double lightness_weight) {
  const Vector3d wish = vector_of(oklab_from_xyz(c));
  const Vector3d clipped = vector_of(linear_from_xyz(c)).cwiseMax(0).cwiseMin(1);
  const Wish near(wish, lightness_weight, kHueWeight);
  Vector3d x = clipped;
  for (int i = 0; i < kSteps; ++i) x = least_in_cube(near.near(x), x);
  return lightness_weight == 1 ? not_much_farther(x, clipped, wish) : x;
}

} // namespace

Srgb brought_into_gamut(Xyz c) {
  if (!bounded(c)) return brought_into_gamut_at_value(c);
  if (const auto there = clipped_to_gamut(srgb_from_xyz(c))) return *there;
  return srgb_of(nearest_in_cube(c, 1));
}

Srgb brought_into_gamut_at_value(Xyz c) {
  if (!bounded(c)) return neutral_of_value(c.y > 0 ? lightness_from_luminance(std::min(c.y, 1.0)) : 0);
  if (const auto there = clipped_to_gamut(srgb_from_xyz(c))) return *there;
  if (c.y <= 0) return {0, 0, 0};
  if (c.y >= 1) return {1, 1, 1};
  const Vector3d wish = vector_of(oklab_from_xyz(c)), linear = vector_of(linear_from_xyz(c));
  // The straight way to the neutral meets the border of a convex polygon once.
  double share = 1;
  for (const double channel : linear) {
    if (channel > 1) share = std::min(share, (1 - c.y) / (channel - c.y));
    if (channel < 0) share = std::min(share, c.y / (c.y - channel));
  }
  const Vector3d grey = Vector3d::Constant(c.y);
  const Vector3d start = (grey + share * (linear - grey)).cwiseMax(0).cwiseMin(1);
  const auto least = [&](double hue_weight) {
    const Wish near(wish, 0, hue_weight);
    Vector3d x = start;
    for (int i = 0; i < kSteps; ++i) {
      const Vector3d before = std::exchange(x, least_at_luminance(near.near(x), c.y, x));
      if ((x - before).squaredNorm() < kNoStep) break;
    }
    return x;
  };
  const Vector3d found = least(kHueWeight);
  if ((oklab_of(found) - wish).norm() <= kJustNoticeable) return srgb_of(found);
  return srgb_of(not_much_farther(found, least(1), wish));
}

Srgb brought_into_gamut_near_value(Xyz c) {
  static const double yellow = xyz_from_linear({1, 1, 0}).y;
  const Srgb level = brought_into_gamut_at_value(c);
  if (!bounded(c) || c.y <= yellow || in_gamut(srgb_from_xyz(c))) return level;
  const double over = std::min((c.y - yellow) / (1 - yellow), 1.0), share = over * over * (3 - 2 * over);
  const Vector3d at = vector_of(linear_from_srgb(level));
  return srgb_of(at + share * (nearest_in_cube(c, kValueWeight) - at));
}

} // namespace zc
