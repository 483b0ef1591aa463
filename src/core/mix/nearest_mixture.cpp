// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/nearest_mixture.h"

#include <Eigen/Dense>

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

constexpr int kNetSteps = 5, kRounds = 14;

} // namespace

FewPaints::FewPaints(const Mixer::Kernel& kernel, const std::vector<std::size_t>& paints)
    : m_kernel(kernel), m_paints(paints) {
  assert(!paints.empty() && paints.size() <= 4);
  const int n = static_cast<int>(paints.size());
  for (int i = 0; i < n; ++i) {
    m_ks[static_cast<std::size_t>(i)] = kernel.ks[paints[static_cast<std::size_t>(i)]];
    m_scale(i) = kernel.scale[paints[static_cast<std::size_t>(i)]];
  }
  for (int i = n; i < 4; ++i) m_ks[static_cast<std::size_t>(i)] = KsBands::Zero();
  for (int a = 0; a <= kNetSteps; ++a)
    for (int b = 0; a + b <= kNetSteps; ++b)
      for (int c = 0; a + b + c <= kNetSteps; ++c) {
        const int d = kNetSteps - a - b - c;
        const int steps[] = {d, a, b, c};
        if ((n < 2 && a) || (n < 3 && b) || (n < 4 && c)) continue;
        Knot knot;
        for (int i = 0; i < 4; ++i) knot.shares(i) = static_cast<float>(steps[i]) / kNetSteps;
        knot.color = lab_of_ks(kernel, ks_of(knot.shares));
        m_net.push_back(knot);
      }
}

KsBands FewPaints::ks_of(const Shares& shares) const {
  const Shares weights = shares.cwiseProduct(m_scale);
  KsBands ks = m_ks[0] * weights(0);
  for (std::size_t i = 1; i < m_paints.size(); ++i) ks += m_ks[i] * weights(static_cast<int>(i));
  return ks / weights.sum();
}

float FewPaints::nearest_knot(const NearDifference& to) const {
  float out = to.squared(m_net.front().color);
  for (const Knot& knot : m_net) out = std::min(out, to.squared(knot.color));
  return out;
}

FewPaints::Found FewPaints::nearest(const NearDifference& to) const {
  const int n = static_cast<int>(m_paints.size());
  const Knot* start = &m_net.front();
  for (const Knot& knot : m_net)
    if (to.squared(knot.color) < to.squared(start->color)) start = &knot;
  Shares shares = start->shares;
  float best = to.squared(start->color), damping = 1e-2f;
  for (int round = 0; round < kRounds && best > 1e-8f; ++round) {
    // What a change of each share does to the color.
    const Shares weights = shares.cwiseProduct(m_scale);
    const float whole = weights.sum();
    const KsBands ks = ks_of(shares), root = (ks * (ks + 2)).sqrt(), r = (1 + ks + root).inverse();
    const KsBands falls = -r / root.max(1e-6f); // dR / d(K/S) = -R / sqrt((K/S)^2 + 2 K/S).
    const Eigen::Vector3f t = m_kernel.tristimulus * r.matrix();
    const auto slope = [](float x) {
      return x > 216.0f / 24389 ? std::cbrt(x) / (3 * x) : 24389.0f / 27 / 116;
    };
    const Eigen::Vector3f rises(slope(t(0)), slope(t(1)), slope(t(2)));
    Eigen::Matrix3f to_lab;
    to_lab << 0, 116 * rises(1), 0, 500 * rises(0), -500 * rises(1), 0, 0, 200 * rises(1), -200 * rises(2);
    const Eigen::Vector3f off = to.residual(lab_of_ratios(t));
    Eigen::Matrix<float, 3, 4> jacobian = Eigen::Matrix<float, 3, 4>::Zero();
    for (int i = 0; i < n; ++i) {
      const KsBands change = falls * (m_ks[static_cast<std::size_t>(i)] - ks) * (m_scale(i) / whole);
      jacobian.col(i) = to.weights() * (to_lab * (m_kernel.tristimulus * change.matrix()));
    }
    bool better = false;
    for (int tries = 0; tries < 6 && !better; ++tries, damping *= 6) {
      // Shares at 0 that would fall further are held; the sum stays.
      std::array<bool, 4> held{false, n < 2, n < 3, n < 4};
      Shares step = Shares::Zero();
      for (int holds = 0; holds < 4; ++holds) {
        Eigen::Matrix<float, 5, 5> a = Eigen::Matrix<float, 5, 5>::Identity();
        Eigen::Matrix<float, 5, 1> b = Eigen::Matrix<float, 5, 1>::Zero();
        a(4, 4) = 0;
        for (int i = 0; i < 4; ++i) {
          if (held[static_cast<std::size_t>(i)]) continue;
          for (int j = 0; j < 4; ++j)
            if (!held[static_cast<std::size_t>(j)]) a(i, j) = jacobian.col(i).dot(jacobian.col(j));
          a(i, i) += damping * (1 + a(i, i));
          a(i, 4) = a(4, i) = 1;
          b(i) = -jacobian.col(i).dot(off);
        }
        step = (a.partialPivLu().solve(b)).head<4>();
        bool more = false;
        for (int i = 0; i < n; ++i)
          if (!held[static_cast<std::size_t>(i)] && shares(i) <= 1e-7f && step(i) < 0) {
            held[static_cast<std::size_t>(i)] = true;
            more = true;
          }
        if (!more) break;
      }
      if (!step.allFinite()) continue;
      float length = 1;
      for (int i = 0; i < n; ++i)
        if (step(i) < 0) length = std::min(length, shares(i) / -step(i));
      const Shares next = (shares + length * step).cwiseMax(0);
      if (!(next.sum() > 0)) continue;
      const float squared = to.squared(lab_of_ks(m_kernel, ks_of(next)));
      if (squared >= best) continue;
      better = true;
      const bool settled = best - squared < 1e-7f;
      best = squared;
      shares = next / next.sum();
      damping = std::max(1e-6f, damping / 40);
      if (settled) round = kRounds;
    }
    if (!better) break;
  }
  Found out{best, lab_of_ks(m_kernel, ks_of(shares)), {}};
  double largest = 0;
  for (int i = 0; i < n; ++i) {
    const double strength = m_kernel.paints[m_paints[static_cast<std::size_t>(i)]].strength;
    out.parts[static_cast<std::size_t>(i)] = static_cast<double>(shares(i) * m_scale(i)) / strength;
    largest = std::max(largest, out.parts[static_cast<std::size_t>(i)]);
  }
  for (double& p : out.parts) p /= largest;
  return out;
}

std::vector<std::vector<std::size_t>> choices_of(const Mixer::Kernel& kernel, std::size_t size) {
  std::vector<std::size_t> all;
  for (std::size_t i = 0; i < kernel.paints.size(); ++i)
    if (kernel.paints[i].strength > 0) all.push_back(i);
  std::vector<std::vector<std::size_t>> out;
  if (size == 0 || size > all.size()) return out;
  std::vector<bool> taken(all.size(), false);
  std::fill_n(taken.begin(), size, true);
  do {
    std::vector<std::size_t> one;
    for (std::size_t i = 0; i < all.size(); ++i)
      if (taken[i]) one.push_back(all[i]);
    out.push_back(one);
  } while (std::prev_permutation(taken.begin(), taken.end()));
  return out;
}

} // namespace zc
