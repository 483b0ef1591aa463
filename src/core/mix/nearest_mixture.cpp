// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/nearest_mixture.h"

#include <Eigen/Dense>

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

constexpr int kNetSteps = 5, kRounds = 14, kTries = 6;

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

const FewPaints::Knot& FewPaints::knot_nearest_to(const NearDifference& to) const {
  const Knot* out = &m_net.front();
  for (const Knot& knot : m_net)
    if (to.squared(knot.color) < to.squared(out->color)) out = &knot;
  return *out;
}

/// What a change of each share does to the residual.
FewPaints::Slope FewPaints::slope_at(const Shares& shares, const NearDifference& to) const {
  const float whole = shares.cwiseProduct(m_scale).sum();
  const KsBands ks = ks_of(shares), root = (ks * (ks + 2)).sqrt(), r = (1 + ks + root).inverse();
  const KsBands falls = -r / root.max(1e-6f); // dR / d(K/S) = -R / sqrt((K/S)^2 + 2 K/S).
  const Eigen::Vector3f t = m_kernel.tristimulus * r.matrix();
  const auto rise = [](float x) { return x > 216.0f / 24389 ? std::cbrt(x) / (3 * x) : 24389.0f / 27 / 116; };
  const Eigen::Vector3f rises(rise(t(0)), rise(t(1)), rise(t(2)));
  Eigen::Matrix3f to_lab;
  to_lab << 0, 116 * rises(1), 0, 500 * rises(0), -500 * rises(1), 0, 0, 200 * rises(1), -200 * rises(2);
  Slope out;
  out.residual = to.residual(lab_of_ratios(t));
  for (std::size_t i = 0; i < m_paints.size(); ++i) {
    const int column = static_cast<int>(i);
    const KsBands change = falls * (m_ks[i] - ks) * (m_scale(column) / whole);
    out.jacobian.col(column) = to.weights() * (to_lab * (m_kernel.tristimulus * change.matrix()));
  }
  return out;
}

/// Shares at 0 that would fall further are held; the sum stays.
FewPaints::Shares FewPaints::step_from(const Shares& shares, const Slope& slope, float damping) const {
  const int n = static_cast<int>(m_paints.size());
  std::array<bool, 4> held{false, n < 2, n < 3, n < 4};
  const auto moves = [&held](int i) { return !held[static_cast<std::size_t>(i)]; };
  Shares step = Shares::Zero();
  for (bool more = true; more;) {
    Eigen::Matrix<float, 5, 5> a = Eigen::Matrix<float, 5, 5>::Identity();
    Eigen::Matrix<float, 5, 1> b = Eigen::Matrix<float, 5, 1>::Zero();
    a(4, 4) = 0;
    for (int i = 0; i < 4; ++i) {
      if (!moves(i)) continue;
      for (int j = 0; j < 4; ++j)
        if (moves(j)) a(i, j) = slope.jacobian.col(i).dot(slope.jacobian.col(j));
      a(i, i) += damping * (1 + a(i, i));
      a(i, 4) = a(4, i) = 1;
      b(i) = -slope.jacobian.col(i).dot(slope.residual);
    }
    step = (a.partialPivLu().solve(b)).head<4>();
    more = false;
    for (int i = 0; i < n; ++i) {
      if (!moves(i) || shares(i) > 1e-7f || step(i) >= 0) continue;
      held[static_cast<std::size_t>(i)] = more = true;
    }
  }
  return step;
}

/// As far along the step as no share falls below 0; nothing where there is no way.
std::optional<FewPaints::Shares> FewPaints::along(const Shares& shares, const Shares& step) const {
  if (!step.allFinite()) return std::nullopt;
  float length = 1;
  for (int i = 0; i < static_cast<int>(m_paints.size()); ++i)
    if (step(i) < 0) length = std::min(length, shares(i) / -step(i));
  const Shares next = (shares + length * step).cwiseMax(0);
  if (!(next.sum() > 0)) return std::nullopt;
  return next;
}

/// Nearer by one step, with more damping until one helps; false where none does or it is as near as it gets.
bool FewPaints::comes_nearer(Place& place, const NearDifference& to) const {
  const Slope slope = slope_at(place.shares, to);
  for (int tries = 0; tries < kTries; ++tries, place.damping *= 6) {
    const auto next = along(place.shares, step_from(place.shares, slope, place.damping));
    if (!next) continue;
    const float squared = to.squared(lab_of_ks(m_kernel, ks_of(*next)));
    if (squared >= place.squared) continue;
    const bool settled = place.squared - squared < 1e-7f;
    place = {*next / next->sum(), squared, std::max(6e-6f, place.damping * 0.15f)};
    return !settled;
  }
  return false;
}

FewPaints::Found FewPaints::nearest(const NearDifference& to) const {
  const Knot& start = knot_nearest_to(to);
  Place place{start.shares, to.squared(start.color), 1e-2f};
  for (int round = 0; round < kRounds && place.squared > 1e-8f; ++round)
    if (!comes_nearer(place, to)) break;
  return told(place);
}

FewPaints::Found FewPaints::told(const Place& place) const {
  Found out{place.squared, lab_of_ks(m_kernel, ks_of(place.shares)), {}};
  double largest = 0;
  for (std::size_t i = 0; i < m_paints.size(); ++i) {
    const int at = static_cast<int>(i);
    out.parts[i] =
        static_cast<double>(place.shares(at) * m_scale(at)) / m_kernel.paints[m_paints[i]].strength;
    largest = std::max(largest, out.parts[i]);
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
