// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/pigment.h"

#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/color/matrix.h"

#include <Eigen/Dense>

#include <algorithm>
#include <cassert>
#include <cmath>
#include <limits>
#include <optional>
#include <vector>

namespace zc {
namespace {

using Row = Eigen::Matrix<double, 1, kBands>;
using Weights = Eigen::Matrix<double, 3, kBands>;

/// XYZ weights of a reflectance, each row scaled to the white of sRGB.
const Weights& xyz_weights() {
  static const Weights weights = [] {
    Weights w;
    const Xyz white = white_d65();
    const std::array<double, kBands>* observer[] = {&kObserverX, &kObserverY, &kObserverZ};
    const double sums[] = {white.x, white.y, white.z};
    for (int i = 0; i < 3; ++i) {
      for (int band = 0; band < kBands; ++band) w(i, band) = (*observer[i])[band] * kDaylight65[band];
      w.row(i) *= sums[i] / w.row(i).sum();
    }
    return w;
  }();
  return weights;
}

const Weights& linear_weights() {
  static const Weights weights = [] {
    Eigen::Matrix3d m;
    for (int i = 0; i < 3; ++i)
      for (int j = 0; j < 3; ++j) m(i, j) = xyz_to_linear_matrix()[i][j];
    return Weights(m * xyz_weights());
  }();
  return weights;
}

/// Newton's method on the conditions for the least squared slope of z, where the curve is low + (high - low)
/// (1 + tanh z) / 2. Nothing when no such curve has the color.
std::optional<Reflectance> smoothest_curve(LinearRgb color) {
  constexpr int n = kBands;
  constexpr double low = kDarkestReflectance, half_range = (kLightestReflectance - kDarkestReflectance) / 2;
  using Matrix = Eigen::Matrix<double, n + 3, n + 3>;
  using Vector = Eigen::Matrix<double, n + 3, 1>;
  const Weights& weights = linear_weights();
  const Eigen::Vector3d wanted(color.r, color.g, color.b);
  Matrix slope = Matrix::Zero();
  for (int i = 0; i + 1 < n; ++i) {
    slope(i, i) += 2;
    slope(i + 1, i + 1) += 2;
    slope(i, i + 1) = slope(i + 1, i) = -2;
  }
  Vector z = Vector::Zero(); // The curve's z, then the three multipliers.
  for (int round = 0; round < 40; ++round) {
    const Eigen::Matrix<double, n, 1> t = z.head<n>().array().tanh();
    const Eigen::Matrix<double, n, 1> curve = (low + half_range * (1 + t.array())).matrix();
    const Eigen::Matrix<double, n, 1> first = (half_range * (1 - t.array().square())).matrix();
    const Eigen::Matrix<double, n, 1> second = (-2 * t.array() * first.array()).matrix();
    const Eigen::Matrix<double, n, 1> pull = weights.transpose() * z.tail<3>();
    Vector off;
    off.head<n>() = (slope.topLeftCorner<n, n>() * z.head<n>()).array() + first.array() * pull.array();
    off.tail<3>() = weights * curve - wanted;
    if (off.cwiseAbs().maxCoeff() < 1e-10) {
      Reflectance out;
      for (int i = 0; i < n; ++i) out[i] = curve(i);
      return out;
    }
    Matrix jacobian = slope;
    for (int i = 0; i < n; ++i) jacobian(i, i) += second(i) * pull(i);
    jacobian.block<n, 3>(0, n) = first.asDiagonal() * weights.transpose();
    jacobian.block<3, n>(n, 0) = weights * first.asDiagonal();
    const Vector step = jacobian.partialPivLu().solve(-off);
    const double longest = step.head<n>().cwiseAbs().maxCoeff();
    if (!std::isfinite(longest)) return std::nullopt;
    // Long steps overshoot where tanh is flat.
    z += step * std::min(1.0, 2.0 / longest);
    if (z.head<n>().cwiseAbs().maxCoeff() > 60) return std::nullopt;
  }
  return std::nullopt;
}

/// The solid of all colors that curves between the darkest and the lightest reflectance have: a zonotope,
/// whose faces lie along pairs of bands. (The optimal colors of Schroedinger 1920, with the two bounds in the
/// place of 0 and 1.)
class PaintSolid {
public:
  PaintSolid() {
    const Weights& w = linear_weights();
    for (int i = 0; i < kBands; ++i)
      for (int j = i + 1; j < kBands; ++j) {
        const Eigen::Vector3d normal = Eigen::Vector3d(w.col(i)).cross(Eigen::Vector3d(w.col(j)));
        if (normal.norm() < 1e-15) continue;
        add(w, normal.normalized());
        add(w, -normal.normalized());
      }
  }
  /// How far a ray from a point inside goes until it leaves, in lengths of the way.
  [[nodiscard]] double reach(const Eigen::Vector3d& from, const Eigen::Vector3d& way) const {
    double out = std::numeric_limits<double>::infinity();
    for (const auto& [normal, height] : m_faces)
      if (const double rise = normal.dot(way); rise > 0)
        out = std::min(out, (height - normal.dot(from)) / rise);
    return out;
  }

private:
  struct Face {
    Eigen::Vector3d normal;
    double height;
  };
  void add(const Weights& w, const Eigen::Vector3d& normal) {
    const Row along = normal.transpose() * w;
    double height = 0;
    for (int i = 0; i < kBands; ++i)
      height += along(i) * (along(i) > 0 ? kLightestReflectance : kDarkestReflectance);
    m_faces.push_back({normal, height});
  }
  std::vector<Face> m_faces;
};

const PaintSolid& paint_solid() {
  static const PaintSolid solid;
  return solid;
}

/// The last paintable color on the way from a grey to a color that is not.
struct LastPaint {
  double grey = 0, share = 0; ///< Of the way, 0 the grey.
  double away = 0;            ///< CIEDE2000 from there to the color.
};

LinearRgb on_way(LinearRgb c, double grey, double share) {
  return {grey + (c.r - grey) * share, grey + (c.g - grey) * share, grey + (c.b - grey) * share};
}

LastPaint last_paint(LinearRgb color, double grey) {
  const Eigen::Vector3d from(grey, grey, grey);
  const double share = paint_solid().reach(from, Eigen::Vector3d(color.r, color.g, color.b) - from);
  const Lab there = lab_from_xyz(xyz_from_linear(on_way(color, grey, share)));
  return {grey, share, ciede2000(there, lab_from_xyz(xyz_from_linear(color)))};
}

/// A curve for it, as near to the edge of what can be painted as the search for one goes.
std::optional<Reflectance> curve_at(LinearRgb color, const LastPaint& last) {
  for (int halvings = 12; halvings > 1; --halvings) {
    const double back = std::ldexp(1.0, -halvings);
    if (const auto curve = smoothest_curve(on_way(color, last.grey, last.share * (1 - back)))) return curve;
  }
  return std::nullopt;
}

double k_over_s(double r) { return (1 - r) * (1 - r) / (2 * r); }
double reflectance_of(double ks) { return 1 + ks - std::sqrt(ks * ks + 2 * ks); }

Mixture shown(Xyz xyz, bool exact) {
  const Srgb c = srgb_from_xyz(xyz);
  if (const auto fits = clipped_to_gamut(c)) return {*fits, exact};
  return {chroma_reduced(lab_from_xyz(xyz)), false};
}

} // namespace

Xyz xyz_of_reflectance(const Reflectance& curve) {
  const Eigen::Vector3d xyz =
      xyz_weights() * Eigen::Map<const Eigen::Matrix<double, kBands, 1>>(curve.data());
  return {xyz(0), xyz(1), xyz(2)};
}

Paint paint_of(Srgb color) {
  const LinearRgb linear = linear_from_srgb(color);
  const double own =
      std::clamp(xyz_from_linear(linear).y, kDarkestReflectance + 0.005, kLightestReflectance - 0.005);
  std::vector<LastPaint> ways;
  for (const double grey : {own, 0.1, 0.2, 0.35, 0.6, 0.9}) ways.push_back(last_paint(linear, grey));
  if (ways.front().share >= 1)
    if (const auto curve = smoothest_curve(linear)) return {*curve, true};
  std::stable_sort(ways.begin(), ways.end(),
                   [](const LastPaint& a, const LastPaint& b) { return a.away < b.away; });
  for (const LastPaint& way : ways)
    if (const auto curve = curve_at(linear, {way.grey, std::min(way.share, 1.0), way.away}))
      return {*curve, false};
  return {smoothest_curve({own, own, own}).value_or(Reflectance{}), false};
}

Mixture mix_paints(const std::vector<PaintPart>& parts) {
  assert(!parts.empty());
  double whole = 0;
  for (const auto& part : parts) whole += part.parts;
  std::array<double, kBands> ks{};
  bool exact = true;
  for (const auto& [paint, n] : parts) {
    exact = exact && paint.exact;
    for (std::size_t i = 0; i < ks.size(); ++i) ks[i] += k_over_s(paint.curve[i]) * n / whole;
  }
  Reflectance mixed;
  std::transform(ks.begin(), ks.end(), mixed.begin(), reflectance_of);
  return shown(xyz_of_reflectance(mixed), exact);
}

Result<Mixture> mix(const std::vector<MixPart>& parts, MixAs as) {
  double whole = 0;
  for (const auto& part : parts) {
    if (!(part.parts > 0) || !std::isfinite(part.parts))
      return Error{ErrorCode::BadInput, "Every color of a mixture needs more than 0 parts.", "parts"};
    whole += part.parts;
  }
  if (parts.empty()) return Error{ErrorCode::BadInput, "A mixture needs at least one color.", "parts"};
  if (as == MixAs::Light) {
    LinearRgb sum;
    for (const auto& part : parts) {
      const LinearRgb c = linear_from_srgb(part.color);
      const double share = part.parts / whole;
      sum = {sum.r + c.r * share, sum.g + c.g * share, sum.b + c.b * share};
    }
    return shown(xyz_from_linear(sum), true);
  }
  std::vector<PaintPart> paints;
  paints.reserve(parts.size());
  for (const auto& part : parts) paints.push_back({paint_of(part.color), part.parts});
  return mix_paints(paints);
}

} // namespace zc
