// SPDX-License-Identifier: GPL-3.0-or-later
// Kubelka-Munk in the loops of this room: K/S of all bands at once, in float.
#pragma once

#include "core/color/spaces.h"
#include "core/mix/mixer.h"

#include <Eigen/Core>

#include <cmath>

namespace zc {

using KsBands = Eigen::Array<float, kBands, 1>;

struct Mixer::Kernel {
  std::vector<MixPaint> paints;          ///< Their own strength is part of their strength.
  std::vector<KsBands> ks;               ///< K/S, not yet by strength.
  std::vector<float> scale;              ///< Shares times this spread about evenly to the eye.
  Eigen::Matrix<float, 3, kBands> light; ///< From reflectance to linear sRGB.
  Eigen::Matrix<float, 3, kBands, Eigen::RowMajor> tristimulus; ///< From reflectance to XYZ over its white.
};

/// R = 1 + K/S - sqrt((K/S)^2 + 2 K/S), in the form that loses nothing where K/S is large.
[[nodiscard]] inline KsBands reflectance_of_ks(const KsBands& ks) {
  return (1 + ks + (ks * (ks + 2)).sqrt()).inverse();
}

/// CIELAB as Eigen has it in these loops: float, within 0.001.
struct LabF {
  float l = 0, a = 0, b = 0;
};
[[nodiscard]] inline LabF lab_of_ratios(const Eigen::Vector3f& t) {
  const auto curve = [](float x) {
    return x > 216.0f / 24389 ? std::cbrt(x) : (24389.0f / 27 * x + 16) / 116;
  };
  const float x = curve(t(0)), y = curve(t(1)), z = curve(t(2));
  return {116 * y - 16, 500 * (x - y), 200 * (y - z)};
}
[[nodiscard]] inline LabF lab_of_ks(const Mixer::Kernel& kernel, const KsBands& ks) {
  return lab_of_ratios(kernel.tristimulus * reflectance_of_ks(ks).matrix());
}

/// The same as it will be shown: a mixture beyond the display is brought back at its value.
[[nodiscard]] LabF shown_lab(const Mixer::Kernel& kernel, const KsBands& reflectance);

/// A difference that is CIEDE2000 near one color, and quick: its weights at that color (G. Sharma, W. Wu, E.
/// N. Dalal 2005, without the turn of blue).
class NearDifference {
public:
  explicit NearDifference(Lab target) : NearDifference(target, target) {}
  /// Takes the weights of another color, as CIEDE2000 has those of the mean of its two.
  NearDifference(Lab target, Lab weights_of);
  /// Residuals whose squares add up to the square of the difference.
  [[nodiscard]] Eigen::Vector3f residual(const LabF& c) const {
    return m_weights * Eigen::Vector3f(c.l - m_target.l, c.a - m_target.a, c.b - m_target.b);
  }
  [[nodiscard]] float squared(const LabF& c) const { return residual(c).squaredNorm(); }
  [[nodiscard]] const Eigen::Matrix3f& weights() const { return m_weights; }

private:
  LabF m_target;
  Eigen::Matrix3f m_weights;
};

} // namespace zc
