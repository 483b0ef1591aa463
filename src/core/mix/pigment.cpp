#include "core/mix/pigment.h"

#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/color/matrix.h"

#include <Eigen/Dense>

#include <algorithm>
#include <cmath>
#include <optional>

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

LinearRgb toward_grey(LinearRgb c, double grey, double share) {
  return {c.r + (grey - c.r) * share, c.g + (grey - c.g) * share, c.b + (grey - c.b) * share};
}

/// The paintable color nearest to one that is not, on the line to a grey.
Reflectance nearest_toward(LinearRgb color, double grey) {
  double fails = 0, holds = 1;
  Reflectance out = smoothest_curve(toward_grey(color, grey, 1)).value_or(Reflectance{});
  for (int i = 0; i < 12; ++i) {
    const double share = (fails + holds) / 2;
    const auto curve = smoothest_curve(toward_grey(color, grey, share));
    if (curve) out = *curve;
    (curve ? holds : fails) = share;
  }
  return out;
}

double k_over_s(double r) { return (1 - r) * (1 - r) / (2 * r); }
double reflectance_of(double ks) { return 1 + ks - std::sqrt(ks * ks + 2 * ks); }

Mixture shown(Xyz xyz, bool exact) {
  const Srgb c = srgb_from_xyz(xyz);
  if (const auto fits = shown_on_display(c)) return {*fits, exact};
  return {reduced_to_gamut(lab_from_xyz(xyz)), false};
}

} // namespace

Xyz xyz_of_reflectance(const Reflectance& curve) {
  const Eigen::Vector3d xyz =
      xyz_weights() * Eigen::Map<const Eigen::Matrix<double, kBands, 1>>(curve.data());
  return {xyz(0), xyz(1), xyz(2)};
}

Paint paint_of(Srgb color) {
  const LinearRgb linear = linear_from_srgb(color);
  if (const auto curve = smoothest_curve(linear)) return {*curve, true};
  const Lab wanted = lab_from_srgb(color);
  const double own =
      std::clamp(xyz_from_linear(linear).y, kDarkestReflectance + 0.005, kLightestReflectance - 0.005);
  Paint out{{}, false};
  double nearest = 1e9;
  for (const double grey : {own, 0.1, 0.2, 0.35, 0.6, 0.9}) {
    const Reflectance curve = nearest_toward(linear, grey);
    const double away = ciede2000(lab_from_xyz(xyz_of_reflectance(curve)), wanted);
    if (away >= nearest) continue;
    nearest = away;
    out.curve = curve;
  }
  return out;
}

Mixture mix_paints(const std::vector<PaintPart>& parts) {
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
  for (const auto& part : parts) paints.push_back({paint_of(part.color), part.parts});
  return mix_paints(paints);
}

} // namespace zc
