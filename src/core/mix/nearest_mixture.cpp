// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/nearest_mixture.h"

#include "core/color/difference.h"

#include <Eigen/Dense>

#include <algorithm>
#include <array>
#include <cassert>
#include <cstdint>
#include <unordered_map>

namespace zc {
namespace {

constexpr int kRounds = 14, kTries = 6;
/// What ends beyond so many limits after the quick way down is not reached by small steps.
constexpr double kHopeless = 1.3;
/// From here on CIEDE2000 has more than one valley, and the small steps are made from every start.
constexpr double kFar = 6;

/// Every way to part `all` steps among so many paints, up to four.
std::vector<std::array<int, 4>> parts_of(int all, std::size_t paints) {
  const auto most = [&](std::size_t needs, int left) { return paints < needs ? 0 : left; };
  std::vector<std::array<int, 4>> out;
  for (int a = 0; a <= most(2, all); ++a)
    for (int b = 0; b <= most(3, all - a); ++b)
      for (int c = 0; c <= most(4, all - a - b); ++c) out.push_back({all - a - b - c, a, b, c});
  return out;
}

} // namespace

MixtureNet::MixtureNet(const Mixer::Kernel& kernel, const std::vector<std::vector<std::size_t>>& choices) {
  const int all = choices.size() <= 5 ? 12 : choices.size() <= 70 ? 8 : 5;
  std::unordered_map<std::uint64_t, std::size_t> numbers; // By the steps of each paint, four bits each.
  std::array<std::vector<std::array<int, 4>>, 5> parts;
  for (std::size_t paints = 1; paints < parts.size(); ++paints) parts[paints] = parts_of(all, paints);
  for (const auto& choice : choices) {
    const FewPaints few(kernel, choice);
    assert(std::ranges::all_of(choice, [](std::size_t paint) { return paint < 16; }));
    auto& knots = m_knots.emplace_back();
    for (const auto& steps : parts[choice.size()]) {
      Shares shares = Shares::Zero();
      std::uint64_t mixture = 0;
      for (std::size_t i = 0; i < choice.size(); ++i) {
        shares(static_cast<int>(i)) = static_cast<float>(steps[i]) / static_cast<float>(all);
        mixture |= static_cast<std::uint64_t>(steps[i]) << 4 * choice[i];
      }
      const auto [at, is_new] = numbers.try_emplace(mixture, m_colors.size());
      if (is_new) m_colors.push_back(few.shown(shares));
      knots.push_back({shares, at->second});
    }
  }
}

std::vector<float> MixtureNet::differences(const Lab& wanted) const {
  std::vector<float> out;
  out.reserve(m_colors.size());
  for (const Lab& color : m_colors) out.push_back(static_cast<float>(ciede2000(color, wanted)));
  return out;
}

std::vector<FewPaints::Start> nearest_knots(const std::vector<MixtureNet::Knot>& knots,
                                            const std::vector<float>& differences, std::size_t count) {
  std::vector<FewPaints::Start> out;
  for (const MixtureNet::Knot& knot : knots) {
    const double d = differences[knot.number];
    if (out.size() == count && d >= out.back().difference) continue;
    const auto at = std::upper_bound(out.begin(), out.end(), d,
                                     [](double a, const FewPaints::Start& b) { return a < b.difference; });
    out.insert(at, {knot.shares, d});
    if (out.size() > count) out.pop_back();
  }
  return out;
}

FewPaints::FewPaints(const Mixer::Kernel& kernel, const std::vector<std::size_t>& paints)
    : m_kernel(kernel), m_paints(paints) {
  assert(!paints.empty() && paints.size() <= 4);
  const int n = static_cast<int>(paints.size());
  for (int i = 0; i < n; ++i) {
    m_ks[static_cast<std::size_t>(i)] = kernel.ks[paints[static_cast<std::size_t>(i)]];
    m_scale(i) = kernel.scale[paints[static_cast<std::size_t>(i)]];
  }
  for (int i = n; i < 4; ++i) m_ks[static_cast<std::size_t>(i)] = KsBands::Zero();
}

KsBands FewPaints::ks_of(const Shares& shares) const {
  const Shares weights = shares.cwiseProduct(m_scale);
  KsBands ks = m_ks[0] * weights(0);
  for (std::size_t i = 1; i < m_paints.size(); ++i) ks += m_ks[i] * weights(static_cast<int>(i));
  return ks / weights.sum();
}

Lab FewPaints::shown(const Shares& shares) const {
  const LabF lab = shown_lab(m_kernel, reflectance_of_ks(ks_of(shares)));
  return {lab.l, lab.a, lab.b};
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

FewPaints::Shares FewPaints::down_from(const Shares& shares, const NearDifference& to) const {
  Place place{shares, to.squared(lab_of_ks(m_kernel, ks_of(shares))), 1e-2f};
  for (int round = 0; round < kRounds && place.squared > 1e-8f; ++round)
    if (!comes_nearer(place, to)) break;
  return place.shares;
}

FewPaints::Start FewPaints::stepped(Start place, const Lab& wanted, double enough) const {
  const int n = static_cast<int>(m_paints.size());
  for (float step = 0.1f; step > 5e-5f && place.difference > enough;) {
    Start best = place;
    for (int from = 0; from < n; ++from)
      for (int to = 0; to < n; ++to) {
        const float moved = std::min(step, place.shares(from));
        if (from == to || !(moved > 0)) continue;
        Shares next = place.shares;
        next(from) -= moved;
        next(to) += moved;
        if (const double d = ciede2000(shown(next), wanted); d < best.difference) best = {next, d};
      }
    if (best.difference < place.difference - 1e-6)
      place = best;
    else
      step /= 2;
  }
  return place;
}

FewPaints::Found FewPaints::nearest(const Lab& wanted, const std::vector<Start>& starts, double enough,
                                    double limit) const {
  Start best = starts.front();
  std::vector<Start> ends;
  for (const Start& start : starts) {
    Start place = start;
    Lab weights_of = wanted;
    for (int turn = 0; turn < 2 && best.difference > enough; ++turn) {
      const Shares there = down_from(place.shares, NearDifference(wanted, weights_of));
      const Lab color = shown(there);
      if (const double d = ciede2000(color, wanted); d < place.difference) place = {there, d};
      if (place.difference < best.difference) best = place;
      if (place.difference > 1.5 * kHopeless * limit) break;
      weights_of = {(wanted.l + color.l) / 2, (wanted.a + color.a) / 2, (wanted.b + color.b) / 2};
    }
    ends.push_back(place);
  }
  if (best.difference <= enough || best.difference > kHopeless * limit) return told(best);
  if (best.difference < kFar) return told(stepped(best, wanted, enough));
  for (const Start& end : ends)
    if (const Start place = stepped(end, wanted, enough); place.difference < best.difference) best = place;
  return told(best);
}

FewPaints::Found FewPaints::told(const Start& place) const {
  Found out{place.difference, {}};
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
