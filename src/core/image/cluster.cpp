// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/cluster.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"
#include "core/color/difference.h"

#include <Eigen/Eigenvalues>

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>
#include <numeric>
#include <random>

namespace zc {
namespace {

constexpr int kMeanRounds = 12, kMedianRounds = 8;
constexpr unsigned kDrawnStarts = 4;
/// So many times a color is sent elsewhere, and stays there if the whole gains by it.
constexpr int kMoves = 8;
/// CIEDE2000 decides between so many candidates that are nearest in OKLab.
constexpr std::size_t kCandidates = 5;

Eigen::Vector3d vector_of(const Oklab& c) { return {c.l, c.a, c.b}; }
Oklab oklab_of(const Eigen::Vector3d& v) { return {v[0], v[1], v[2]}; }

/// Points that so far share one center.
struct Group {
  std::vector<std::size_t> members;
  Oklab mean, axis;  ///< `axis` is the direction in which they lie widest apart.
  double spread = 0; ///< Sum of the squared distances to the mean.
};

Group group_of(const std::vector<WeighedColor>& points, std::vector<std::size_t> members) {
  double weight = 0;
  Eigen::Vector3d sum = Eigen::Vector3d::Zero();
  for (const auto i : members) {
    weight += points[i].weight;
    sum += points[i].weight * vector_of(points[i].at);
  }
  const Eigen::Vector3d mean = sum / weight;
  Eigen::Matrix3d covariance = Eigen::Matrix3d::Zero();
  for (const auto i : members) {
    const Eigen::Vector3d off = vector_of(points[i].at) - mean;
    covariance += points[i].weight * off * off.transpose();
  }
  const Eigen::SelfAdjointEigenSolver<Eigen::Matrix3d> solved(covariance);
  return {std::move(members), oklab_of(mean), oklab_of(solved.eigenvectors().col(2)), covariance.trace()};
}

/// Splits the group with the largest spread at its mean, across its widest direction, until there are enough.
std::vector<Oklab> first_centers(const std::vector<WeighedColor>& points, std::size_t count) {
  std::vector<std::size_t> all(points.size());
  std::iota(all.begin(), all.end(), std::size_t{0});
  std::vector<Group> groups{group_of(points, std::move(all))};
  while (groups.size() < count) {
    const auto widest = std::max_element(groups.begin(), groups.end(),
                                         [](const Group& a, const Group& b) { return a.spread < b.spread; });
    if (widest->spread <= 1e-12) break;
    const Eigen::Vector3d mean = vector_of(widest->mean), axis = vector_of(widest->axis);
    std::vector<std::size_t> low, high;
    for (const auto i : widest->members)
      ((vector_of(points[i].at) - mean).dot(axis) > 0 ? high : low).push_back(i);
    if (low.empty() || high.empty()) {
      widest->spread = 0;
      continue;
    }
    *widest = group_of(points, std::move(low));
    groups.push_back(group_of(points, std::move(high)));
  }
  std::vector<Oklab> out;
  out.reserve(groups.size());
  for (const auto& g : groups) out.push_back(g.mean);
  return out;
}

Nearest nearest_in_cielab(const WeighedColor& p, const std::vector<Lab>& labs) {
  Nearest out{0, 1e9};
  for (std::size_t k = 0; k < labs.size(); ++k) {
    const double l = p.lab.l - labs[k].l, a = p.lab.a - labs[k].a, b = p.lab.b - labs[k].b;
    const double d = l * l + a * a + b * b;
    if (d < out.away) out = {k, d};
  }
  return out;
}

std::vector<Lab> labs_of(const std::vector<Oklab>& centers) {
  std::vector<Lab> out;
  out.reserve(centers.size());
  for (const auto& c : centers) out.push_back(lab_from_xyz(xyz_from_oklab(c)));
  return out;
}

/// Every point's nearest center, on all cores.
template <class Find>
std::vector<Nearest> nearest_of(const std::vector<WeighedColor>& points, const Find& find) {
  std::vector<Nearest> out(points.size());
  in_parallel(static_cast<int>(points.size()), 128, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      out[i] = find(points[i]);
  });
  return out;
}

/// Every center to the weighted middle of its points.
template <class Weigh>
void move_centers(const std::vector<WeighedColor>& points, const std::vector<Nearest>& nearest,
                  std::vector<Oklab>& centers, const Weigh& weigh) {
  std::vector<Oklab> sums(centers.size());
  std::vector<double> weights(centers.size(), 0);
  for (std::size_t i = 0; i < points.size(); ++i) {
    const double w = weigh(points[i], nearest[i]);
    Oklab& sum = sums[nearest[i].center];
    sum.l += w * points[i].at.l;
    sum.a += w * points[i].at.a;
    sum.b += w * points[i].at.b;
    weights[nearest[i].center] += w;
  }
  for (std::size_t k = 0; k < centers.size(); ++k)
    if (weights[k] > 0) centers[k] = {sums[k].l / weights[k], sums[k].a / weights[k], sums[k].b / weights[k]};
}

/// Points drawn with the squared distance to those drawn before as their weight (D. Arthur, S. Vassilvitskii,
/// "k-means++: the advantages of careful seeding", SODA 2007); the same for the same seed.
std::vector<Oklab> drawn_centers(const std::vector<WeighedColor>& points, std::size_t count, unsigned seed) {
  std::mt19937_64 random(seed);
  std::vector<double> away(points.size(), 1);
  std::vector<Oklab> out;
  while (out.size() < count) {
    double sum = 0;
    for (std::size_t i = 0; i < points.size(); ++i) sum += points[i].weight * away[i];
    if (sum <= 0) break;
    double left = sum * (static_cast<double>(random() >> 11) / 9007199254740992.0);
    std::size_t at = 0;
    while (at + 1 < points.size() && (left -= points[at].weight * away[at]) > 0) ++at;
    for (std::size_t i = 0; i < points.size(); ++i) {
      const double d = apart(points[i].at, points[at].at);
      away[i] = out.empty() ? d : std::min(away[i], d);
    }
    out.push_back(points[at].at);
  }
  return out;
}

enum class Space { Oklab, Cielab };

/// Neither space is even everywhere: now the one, now the other leads to the better palette.
void move_to_means(const std::vector<WeighedColor>& points, std::vector<Oklab>& centers, Space space) {
  for (int i = 0; i < kMeanRounds; ++i) {
    const auto labs = labs_of(centers);
    const auto nearest = nearest_of(points, [&](const WeighedColor& p) {
      return space == Space::Oklab ? nearest_in_oklab(p, centers) : nearest_in_cielab(p, labs);
    });
    move_centers(points, nearest, centers, [](const WeighedColor& p, const Nearest&) { return p.weight; });
  }
}

/// Since a user minds how far colors are off, not the squares of it.
void move_to_medians(const std::vector<WeighedColor>& points, const std::vector<Nearest>& nearest,
                     std::vector<Oklab>& centers) {
  move_centers(points, nearest, centers,
               [](const WeighedColor& p, const Nearest& n) { return p.weight / std::max(n.away, 0.5); });
}

/// The best palette seen so far, by the sum of the CIEDE2000 of all pixels to their nearest color.
class Best {
public:
  explicit Best(const std::vector<WeighedColor>& points) : m_points(points) {}

  /// Takes the centers and the places that `rounds` rounds lead them past.
  void settle(std::vector<Oklab> centers, int rounds) {
    for (int i = 0;; ++i) {
      const auto labs = labs_of(centers);
      const auto nearest =
          nearest_of(m_points, [&](const WeighedColor& p) { return nearest_to_the_eye(p, centers, labs); });
      offer(centers, nearest);
      if (i == rounds) return;
      move_to_medians(m_points, nearest, centers);
    }
  }
  [[nodiscard]] const std::vector<Oklab>& centers() const { return m_centers; }
  [[nodiscard]] const std::vector<Nearest>& nearest() const { return m_nearest; }
  [[nodiscard]] double error() const { return m_error; }

private:
  void offer(const std::vector<Oklab>& centers, const std::vector<Nearest>& nearest) {
    double error = 0;
    for (std::size_t i = 0; i < m_points.size(); ++i) error += m_points[i].weight * nearest[i].away;
    if (!m_centers.empty() && (error >= m_error || centers.size() < m_centers.size())) return;
    m_centers = centers;
    m_nearest = nearest;
    m_error = error;
  }

  const std::vector<WeighedColor>& m_points;
  std::vector<Oklab> m_centers;
  std::vector<Nearest> m_nearest; ///< Of every point.
  double m_error = 0;
};

/// Sends the center that is missed least into the group that is `rank`-th in error: to the point there that
/// would gain most. Moving centers little by little never makes such a leap.
std::vector<Oklab> with_one_sent(const std::vector<WeighedColor>& points, const Best& best,
                                 std::size_t rank) {
  std::vector<Oklab> centers = best.centers();
  std::vector<double> missed(centers.size(), 0), error(centers.size(), 0);
  for (std::size_t i = 0; i < points.size(); ++i) {
    const Nearest& n = best.nearest()[i];
    missed[n.center] += points[i].weight * (n.next - n.away);
    error[n.center] += points[i].weight * n.away;
  }
  std::vector<std::size_t> order(centers.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  std::stable_sort(order.begin(), order.end(),
                   [&](std::size_t a, std::size_t b) { return error[a] > error[b]; });
  const std::size_t into = order[rank];
  const auto sent = static_cast<std::size_t>(std::min_element(missed.begin(), missed.end()) - missed.begin());
  if (sent == into) return centers;
  std::size_t place = points.size();
  double most = 0;
  for (std::size_t i = 0; i < points.size(); ++i) {
    const Nearest& n = best.nearest()[i];
    if (n.center != into || points[i].weight * n.away <= most) continue;
    most = points[i].weight * n.away;
    place = i;
  }
  if (place < points.size()) centers[sent] = points[place].at;
  return centers;
}

} // namespace

Nearest nearest_in_oklab(const WeighedColor& p, const std::vector<Oklab>& centers) {
  assert(!centers.empty());
  Nearest out{0, 1e9};
  for (std::size_t k = 0; k < centers.size(); ++k)
    if (const double d = apart(p.at, centers[k]); d < out.away) out = {k, d};
  return out;
}

Nearest nearest_to_the_eye(const WeighedColor& p, const std::vector<Oklab>& centers,
                           const std::vector<Lab>& labs) {
  assert(!centers.empty() && labs.size() == centers.size());
  std::array<std::pair<double, std::size_t>, kCandidates> best;
  std::size_t n = 0;
  for (std::size_t k = 0; k < centers.size(); ++k) {
    const std::pair candidate{apart(p.at, centers[k]), k};
    if (n == kCandidates && candidate >= best[n - 1]) continue;
    std::size_t place = n < kCandidates ? n++ : n - 1;
    for (; place > 0 && candidate < best[place - 1]; --place) best[place] = best[place - 1];
    best[place] = candidate;
  }
  Nearest out{0, 1e9, 1e9};
  // One three times as far off in OKLab hardly ever turns out nearer; it is left out for speed.
  for (std::size_t i = 0; i < n && (i < 2 || best[i].first < 9 * best[0].first); ++i) {
    const double d = ciede2000(p.lab, labs[best[i].second]);
    if (d < out.away)
      out = {best[i].second, d, out.away};
    else
      out.next = std::min(out.next, d);
  }
  return out;
}

/// The best of a few starts and of the places they pass, since moving centers ends at a good place near the
/// start and not at the best.
std::vector<Oklab> cluster(const std::vector<WeighedColor>& points, std::size_t count) {
  assert(count >= 1 && !points.empty());
  Best best(points);
  for (unsigned start = 0; start <= kDrawnStarts; ++start) {
    auto centers = start == 0 ? first_centers(points, count) : drawn_centers(points, count, start);
    move_to_means(points, centers, start % 2 == 0 ? Space::Oklab : Space::Cielab);
    best.settle(std::move(centers), 1);
  }
  std::size_t rank = 0;
  for (int i = 0; i < kMoves && best.centers().size() > 2; ++i) {
    const double before = best.error();
    best.settle(with_one_sent(points, best, std::min(rank, best.centers().size() - 1)), 2);
    rank = best.error() < before ? 0 : rank + 1;
  }
  auto centers = best.centers();
  move_to_medians(points, best.nearest(), centers);
  best.settle(std::move(centers), kMedianRounds - 1);
  return best.centers();
}

} // namespace zc
