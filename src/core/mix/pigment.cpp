// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/pigment.h"

#include "core/base/sentences.h"
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

struct Bounds {
  double low = kDarkestReflectance, high = kLightestReflectance;
};

/// The floor of a color's own curve.
Bounds bounds_of(LinearRgb color) {
  constexpr double darkest = 1e-6; // Far below one 8-bit step above black.
  return {std::clamp(xyz_from_linear(color).y / 12, darkest, kDarkestReflectance), kLightestReflectance};
}

/// Newton's method on the conditions for the least squared slope of z, where the curve is low + (high - low)
/// (1 + tanh z) / 2. Nothing when no such curve has the color.
std::optional<Reflectance> smoothest_curve(LinearRgb color, Bounds bounds) {
  constexpr int n = kBands;
  const double low = bounds.low, half_range = (bounds.high - bounds.low) / 2;
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
  // From the grey of the same luminance, which has the curve of one height.
  const double grey = std::clamp(xyz_from_linear(color).y, 1.5 * low, bounds.high - 0.01);
  z.head<n>().setConstant(std::atanh((grey - low) / half_range - 1));
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

/// The most saturated colors of curves within the bounds: high from one place of the spectrum to another, low
/// elsewhere, or the other way round. A place lies between 0 and kBands, inside a band too.
class SteppedCurves {
public:
  explicit SteppedCurves(Bounds bounds) : m_bounds(bounds) {
    const Weights& w = linear_weights();
    for (int i = 0; i < kBands; ++i) m_before.col(i + 1) = m_before.col(i) + w.col(i);
  }
  [[nodiscard]] Eigen::Vector3d color(double up, double down) const {
    Eigen::Vector3d within = before(down) - before(up);
    if (down < up) within += m_before.col(kBands);
    return m_bounds.low * m_before.col(kBands) + (m_bounds.high - m_bounds.low) * within;
  }
  /// The nearest by CIEDE2000: from every band steps of many widths, narrow ones for the dark and their
  /// opposites for the light, then the best few made finer.
  [[nodiscard]] Eigen::Vector3d nearest(const Lab& wish) const {
    std::vector<Try> tries;
    std::vector<double> widths;
    widths.reserve(12 + kBands / 2);
    for (int k = 0; k < 12; ++k) widths.push_back(0.01 * std::pow(1.6, k));
    for (int w = 2; w < kBands; w += 2) widths.push_back(w);
    for (int up = 0; up < kBands; ++up)
      for (const double width : widths)
        for (const double wide : {width, kBands - width})
          tries.push_back(plainly_tried(wish, up, std::fmod(up + wide, double{kBands})));
    // By the plain distance first, which costs a fraction.
    constexpr std::size_t some = 160, few = 4;
    std::partial_sort(tries.begin(), tries.begin() + some, tries.end());
    tries.resize(some);
    for (Try& t : tries) t = tried(wish, t.up, t.down);
    std::partial_sort(tries.begin(), tries.begin() + few, tries.end());
    for (std::size_t i = 0; i < few; ++i) tries[i] = refined(wish, tries[i]);
    const Try best = *std::min_element(tries.begin(), tries.begin() + few);
    return color(best.up, best.down);
  }

private:
  struct Try {
    double away, up, down;
    bool operator<(const Try& other) const { return away < other.away; }
  };
  [[nodiscard]] Eigen::Vector3d before(double place) const {
    const int band = std::min(static_cast<int>(place), kBands - 1);
    return m_before.col(band) + (place - band) * (m_before.col(band + 1) - m_before.col(band));
  }
  [[nodiscard]] Try plainly_tried(const Lab& wish, double up, double down) const {
    const Eigen::Vector3d c = color(up, down);
    const Lab lab = lab_from_xyz(xyz_from_linear({c(0), c(1), c(2)}));
    return {std::hypot(lab.l - wish.l, lab.a - wish.a, lab.b - wish.b), up, down};
  }
  [[nodiscard]] Try tried(const Lab& wish, double up, double down) const {
    const Eigen::Vector3d c = color(up, down);
    return {ciede2000(lab_from_xyz(xyz_from_linear({c(0), c(1), c(2)})), wish), up, down};
  }
  [[nodiscard]] Try refined(const Lab& wish, Try best) const {
    for (double step = 0.5; step > 1e-3;) {
      Try better = best;
      for (const auto& [u, d] :
           {std::pair(1, 0), {-1, 0}, {0, 1}, {0, -1}, {1, 1}, {-1, -1}, {1, -1}, {-1, 1}})
        better = std::min(better, tried(wish, std::clamp<double>(best.up + u * step, 0, kBands),
                                        std::clamp<double>(best.down + d * step, 0, kBands)));
      if (better < best)
        best = better;
      else
        step /= 2;
    }
    return best;
  }

  Bounds m_bounds;
  Eigen::Matrix<double, 3, kBands + 1> m_before = Eigen::Matrix<double, 3, kBands + 1>::Zero();
};

/// A curve for a color on the edge of what can be painted, as near to it as the search for one goes.
std::optional<Reflectance> curve_near_edge(const Eigen::Vector3d& edge, Bounds bounds) {
  const double grey = std::clamp(edge.mean(), 2 * bounds.low, bounds.high - 0.01);
  for (int halvings = 12; halvings > 1; --halvings) {
    const double back = std::ldexp(1.0, -halvings);
    const Eigen::Vector3d c = edge + back * (Eigen::Vector3d::Constant(grey) - edge);
    if (const auto curve = smoothest_curve({c(0), c(1), c(2)}, bounds)) return curve;
  }
  return std::nullopt;
}

Paint made(const Reflectance& curve, bool exact) {
  constexpr double dark = 0.02, most = (1 - dark) * (1 - dark) / (2 * dark);
  const double darkest = *std::min_element(curve.begin(), curve.end());
  return {curve, exact, std::min(1.0, most * 2 * darkest / ((1 - darkest) * (1 - darkest)))};
}

double k_over_s(double r) { return (1 - r) * (1 - r) / (2 * r); }
double reflectance_of(double ks) { return 1 / (1 + ks + std::sqrt(ks * (ks + 2))); }

Mixture shown(Xyz xyz, bool exact) {
  const Srgb c = srgb_from_xyz(xyz);
  if (const auto fits = clipped_to_gamut(c)) return {*fits, exact};
  return {brought_into_gamut_at_value(xyz), false};
}

} // namespace

Xyz xyz_of_reflectance(const Reflectance& curve) {
  const Eigen::Vector3d xyz =
      xyz_weights() * Eigen::Map<const Eigen::Matrix<double, kBands, 1>>(curve.data());
  return {xyz(0), xyz(1), xyz(2)};
}

Paint paint_of(Srgb color) {
  const LinearRgb linear = linear_from_srgb(color);
  const Bounds bounds = bounds_of(linear);
  if (const auto curve = smoothest_curve(linear, bounds)) return made(*curve, true);
  const Lab wish = lab_from_xyz(xyz_from_linear(linear));
  if (const auto curve = curve_near_edge(SteppedCurves(bounds).nearest(wish), bounds))
    return made(*curve, false);
  Reflectance grey;
  grey.fill(std::clamp(xyz_from_linear(linear).y, bounds.low, bounds.high));
  return made(grey, false);
}

std::optional<Reflectance> light_of(Srgb color) {
  LinearRgb linear = linear_from_srgb(color);
  const double largest = std::max({linear.r, linear.g, linear.b});
  if (!(largest > 0)) return std::nullopt;
  // Dim enough that a curve between almost nothing and everything has it.
  for (double dim = 0.5 / largest; dim * largest > 1e-3; dim /= 2) {
    const LinearRgb dimmed{linear.r * dim, linear.g * dim, linear.b * dim};
    auto curve = smoothest_curve(dimmed, {1e-7, 1});
    if (!curve) continue;
    for (double& band : *curve) band /= dim * largest;
    return curve;
  }
  return std::nullopt;
}

Mixture mix_paints(const std::vector<PaintPart>& parts) {
  assert(!parts.empty());
  double whole = 0;
  for (const auto& part : parts) whole += part.parts * part.paint.own_strength;
  std::array<double, kBands> ks{};
  bool exact = true;
  for (const auto& [paint, n] : parts) {
    exact = exact && paint.exact;
    const double share = n * paint.own_strength / whole;
    for (std::size_t i = 0; i < ks.size(); ++i) ks[i] += k_over_s(paint.curve[i]) * share;
  }
  Reflectance mixed;
  std::transform(ks.begin(), ks.end(), mixed.begin(), reflectance_of);
  return shown(xyz_of_reflectance(mixed), exact);
}

Result<Mixture> mix(const std::vector<MixPart>& parts, MixAs as) {
  double whole = 0;
  for (const auto& part : parts) {
    if (!(part.parts > 0) || !std::isfinite(part.parts))
      return Error{ErrorCode::BadInput, Sentence::MixtureParts, "parts"};
    whole += part.parts;
  }
  if (parts.empty()) return Error{ErrorCode::BadInput, Sentence::MixtureEmpty, "parts"};
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
