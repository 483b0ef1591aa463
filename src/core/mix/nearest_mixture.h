// SPDX-License-Identifier: GPL-3.0-or-later
// The place among the mixtures of up to four paints that comes nearest to a color.
#pragma once

#include "core/mix/kubelka.h"

#include <array>
#include <optional>

namespace zc {

/// Up to four paints of a mixer, with a coarse net of their mixtures to begin a search from.
class FewPaints {
public:
  using Shares = Eigen::Vector4f;

  /// REQUIRES 1 to 4 paints with strength.
  FewPaints(const Mixer::Kernel& kernel, const std::vector<std::size_t>& paints);
  [[nodiscard]] const std::vector<std::size_t>& paints() const { return m_paints; }

  struct Found {
    float squared = 0; ///< Of the NearDifference.
    LabF color;
    std::array<double, 4> parts{}; ///< By weight, strengths taken into account; the largest is 1.
  };
  /// Levenberg and Marquardt's way down from the nearest knot of the net (K. Levenberg 1944, D. W. Marquardt
  /// 1963), with the shares kept at or above 0.
  [[nodiscard]] Found nearest(const NearDifference& to) const;
  /// The least of the net alone: an upper limit.
  [[nodiscard]] float nearest_knot(const NearDifference& to) const;

private:
  struct Knot {
    Shares shares;
    LabF color;
  };
  /// Where the search stands.
  struct Place {
    Shares shares;
    float squared = 0, damping = 0;
  };
  struct Slope {
    Eigen::Vector3f residual = Eigen::Vector3f::Zero();
    Eigen::Matrix<float, 3, 4> jacobian = Eigen::Matrix<float, 3, 4>::Zero();
  };
  [[nodiscard]] KsBands ks_of(const Shares& shares) const;
  [[nodiscard]] const Knot& knot_nearest_to(const NearDifference& to) const;
  [[nodiscard]] Slope slope_at(const Shares& shares, const NearDifference& to) const;
  [[nodiscard]] Shares step_from(const Shares& shares, const Slope& slope, float damping) const;
  [[nodiscard]] std::optional<Shares> along(const Shares& shares, const Shares& step) const;
  [[nodiscard]] bool comes_nearer(Place& place, const NearDifference& to) const;
  [[nodiscard]] Found told(const Place& place) const;

  const Mixer::Kernel& m_kernel;
  std::vector<std::size_t> m_paints;
  std::array<KsBands, 4> m_ks;
  Shares m_scale = Shares::Zero();
  std::vector<Knot> m_net;
};

/// All choices of exactly `size` out of the paints that have strength, in order.
[[nodiscard]] std::vector<std::vector<std::size_t>> choices_of(const Mixer::Kernel& kernel, std::size_t size);

} // namespace zc
