// SPDX-License-Identifier: GPL-3.0-or-later
// The place among the mixtures of up to four paints that comes nearest to a color.
#pragma once

#include "core/mix/kubelka.h"

#include <array>
#include <optional>

namespace zc {

/// Mixtures of up to four paints at coarse steps, each different one once however many choices of paints it
/// belongs to; finer steps where there are few choices. Shares are spread about evenly to the eye.
class MixtureNet {
public:
  using Shares = Eigen::Vector4f;

  /// REQUIRES choices of 1 to 4 paints with strength, out of the first 16 of the kernel.
  MixtureNet(const Mixer::Kernel& kernel, const std::vector<std::vector<std::size_t>>& choices);
  struct Knot {
    Shares shares;      ///< Of the choice's paints.
    std::size_t number; ///< Of the mixture.
  };
  /// The knots of a choice, by its place among the choices.
  [[nodiscard]] const std::vector<Knot>& knots(std::size_t choice) const { return m_knots[choice]; }
  /// CIEDE2000 of each different mixture, by number.
  [[nodiscard]] std::vector<float> differences(const Lab& wanted) const;

private:
  std::vector<std::vector<Knot>> m_knots;
  std::vector<Lab> m_colors;
};

/// Up to four paints of a mixer, and the search for the nearest of their mixtures.
class FewPaints {
public:
  using Shares = MixtureNet::Shares;

  /// REQUIRES 1 to 4 paints with strength.
  FewPaints(const Mixer::Kernel& kernel, const std::vector<std::size_t>& paints);

  /// A place to begin from.
  struct Start {
    Shares shares;
    double difference = 0; ///< CIEDE2000.
  };
  struct Found {
    double difference = 0;         ///< CIEDE2000 of the mixture as it is shown.
    std::array<double, 4> parts{}; ///< By weight, strengths taken into account; the largest is 1.
  };
  /// The nearest mixture by CIEDE2000 that is found from these places. From each Levenberg and Marquardt's
  /// way down (K. Levenberg 1944, D. W. Marquardt 1963) with weights that stand still, the shares kept at or
  /// above 0; the weights made anew where it ends and the way gone on. From the best of them ever smaller
  /// steps from paint to paint by the difference itself. Left as soon as it is as near as `enough`, and when
  /// it is hopelessly far from `limit`.
  [[nodiscard]] Found nearest(const Lab& wanted, const std::vector<Start>& starts, double enough = 0,
                              double limit = 1e30) const;
  /// The mixture as it is shown.
  [[nodiscard]] Lab shown(const Shares& shares) const;

private:
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
  [[nodiscard]] Slope slope_at(const Shares& shares, const NearDifference& to) const;
  [[nodiscard]] Shares step_from(const Shares& shares, const Slope& slope, float damping) const;
  [[nodiscard]] std::optional<Shares> along(const Shares& shares, const Shares& step) const;
  [[nodiscard]] bool comes_nearer(Place& place, const NearDifference& to) const;
  [[nodiscard]] Shares down_from(const Shares& shares, const NearDifference& to) const;
  [[nodiscard]] Start stepped(Start place, const Lab& wanted, double enough) const;
  [[nodiscard]] Found told(const Start& place) const;

  const Mixer::Kernel& m_kernel;
  std::vector<std::size_t> m_paints;
  std::array<KsBands, 4> m_ks;
  Shares m_scale = Shares::Zero();
};

/// The few knots of a choice that are nearest, the nearest first. `differences` as the net gives them.
[[nodiscard]] std::vector<FewPaints::Start> nearest_knots(const std::vector<MixtureNet::Knot>& knots,
                                                          const std::vector<float>& differences,
                                                          std::size_t count);

/// All choices of exactly `size` out of the paints that have strength, in order.
[[nodiscard]] std::vector<std::vector<std::size_t>> choices_of(const Mixer::Kernel& kernel, std::size_t size);

} // namespace zc
