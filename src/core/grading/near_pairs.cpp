// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/angle.h"
#include "core/base/parallel.h"
#include "core/color/difference.h"
#include "core/grading/grading.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <map>
#include <mutex>
#include <numeric>

namespace zc {
namespace {

/// SL of the formula at a mean lightness.
double sl_at(double l) { return 1 + 0.015 * (l - 50) * (l - 50) / std::sqrt(20 + (l - 50) * (l - 50)); }

/// Largest |RT| of the formula for mean chromas up to `chroma` and mean hues within `spread` of `hue`,
/// degrees.
double largest_rotation(double chroma, double hue, double spread) {
  const double off = std::max(0.0, std::abs(std::remainder(hue - 275, 360)) - spread);
  const double turn = 30 * std::exp(-(off / 25) * (off / 25));
  const double c7 = std::pow(chroma, 7), weight = 2 * std::sqrt(c7 / (c7 + std::pow(25.0, 7)));
  return weight * std::sin(radians(2 * turn));
}

/// The formula stretches a by 1 + G before all else; G falls from a half at the greys to nothing.
constexpr double kMostG = 0.5;
/// So it adds at most the largest of C G(C) to a chroma...
const double kStretched = [] {
  double most = 0;
  for (double c = 0; c < 50; c += 0.01) {
    const double c7 = std::pow(c / 25, 7);
    most = std::max(most, c * kMostG * (1 - std::sqrt(c7 / (1 + c7))));
  }
  return most + 0.01; // More than it can rise between two steps.
}();
/// ...and turns a hue by at most the angle, in degrees, between x and the x that is stretched most: from
/// tan x = 1 / sqrt(s) to sqrt(s).
const double kTurned = degrees(std::asin(kMostG / (2 + kMostG)));

/// A color made ready: the pair test below is asked millions of times, and most often says no.
struct Ready {
  Lab lab;
  double chroma = 0;
  double per_sl2 = 0; ///< 1 / SL^2 at its least for colors lighter than this one and within the limit.
  double reach_l = 0; ///< Lighter colors further off in L* are not near.
  double kept2 = 0;   ///< 1 - |RT| / 2 at its least for colors that can be near.
  std::size_t index = 0;
};

/// Starts with the largest rotation term anywhere; the reach in a and b that follows from it bounds mean
/// chroma and hue, and they a smaller term, for as long as that shrinks the reach.
double least_kept(const Lab& c, double limit) {
  const double chroma = std::hypot(c.a, c.b), hue = degrees(std::atan2(c.b, c.a));
  double kept2 = 1 - std::sin(radians(60.0)), reach = 1e9;
  for (int round = 0; round < 4; ++round) {
    const double slope = limit / std::sqrt(kept2);
    // The other color's chroma is at most `reach` more, so the mean is at most half of it more.
    reach = std::min(reach, slope * (1 + 0.045 * (chroma + kStretched)) / std::max(0.05, 1 - 0.0225 * slope));
    const double spread = reach >= chroma ? 180 : degrees(std::asin(reach / chroma)) + kTurned;
    kept2 = 1 - largest_rotation(chroma + kStretched + reach / 2, hue, spread) / 2;
  }
  return kept2;
}

Ready ready(const Lab& c, double limit, std::size_t index) {
  // SL falls to L* 50 and rises from there, so it is largest at an end.
  const double sl = std::max(sl_at(c.l), sl_at(c.l + limit));
  return {c, std::hypot(c.a, c.b), 1 / (sl * sl), limit * sl, least_kept(c, limit), index};
}

/// False only where the formula is certainly not below the limit. REQUIRES q to be as light as p or lighter.
bool may_be_near(const Ready& p, const Ready& q, double limit2) {
  assert(q.lab.l >= p.lab.l);
  const double dl = q.lab.l - p.lab.l, da = q.lab.a - p.lab.a, db = q.lab.b - p.lab.b;
  const double s = 1 + 0.045 * ((p.chroma + q.chroma) / 2 + kStretched);
  return (da * da + db * db) * p.kept2 < (limit2 - dl * dl * p.per_sl2) * s * s;
}

/// The places behind `i` in the order that may be near to it, into `out`. Most are not, without a pattern:
/// each is written, and only those that may be stay.
std::size_t candidates(const std::vector<Ready>& order, std::size_t i, double limit2,
                       std::vector<std::size_t>& out) {
  const Ready& p = order[i];
  const auto end =
      std::lower_bound(order.begin() + static_cast<std::ptrdiff_t>(i), order.end(), p.lab.l + p.reach_l,
                       [](const Ready& q, double l) { return q.lab.l < l; });
  const auto last = static_cast<std::size_t>(end - order.begin());
  if (out.size() < last - i) out.resize(last - i);
  std::size_t n = 0;
  for (std::size_t j = i + 1; j < last; ++j) {
    out[n] = j;
    n += may_be_near(p, order[j], limit2);
  }
  return n;
}

/// Rows between looks at how many pairs there are: as many as compare so many colors, so that ten thousand
/// alike are found out after a few of them.
std::size_t end_of_stretch(const std::vector<Ready>& order, std::size_t start) {
  constexpr std::size_t most_rows = 2048, most_compared = 2'000'000;
  std::size_t compared = 0, end = start;
  while (end < order.size() && end - start < most_rows && compared < most_compared) {
    const auto last = std::lower_bound(order.begin() + static_cast<std::ptrdiff_t>(end), order.end(),
                                       order[end].lab.l + order[end].reach_l,
                                       [](const Ready& q, double l) { return q.lab.l < l; });
    compared += static_cast<std::size_t>(last - order.begin()) - end;
    ++end;
  }
  return end;
}

/// By the row they begin at; of each run of rows no more than `most` pairs are kept.
std::map<int, std::vector<IndexPair>> pairs_of_rows(const std::vector<Ready>& order, std::size_t start,
                                                    std::size_t end, double limit, std::size_t most) {
  std::map<int, std::vector<IndexPair>> out;
  std::mutex gate;
  in_parallel(static_cast<int>(end - start), 64, [&](int from, int to) {
    std::vector<IndexPair> found;
    std::vector<std::size_t> near;
    for (auto i = start + static_cast<std::size_t>(from);
         i < start + static_cast<std::size_t>(to) && found.size() < most; ++i) {
      const Ready& p = order[i];
      const std::size_t count = candidates(order, i, limit * limit, near);
      for (std::size_t k = 0; k < count && found.size() < most; ++k) {
        const Ready& q = order[near[k]];
        const double difference = ciede2000(p.lab, q.lab);
        if (difference < limit)
          found.push_back({std::min(p.index, q.index), std::max(p.index, q.index), difference});
      }
    }
    const std::scoped_lock lock(gate);
    out[from] = std::move(found);
  });
  return out;
}

} // namespace

std::vector<IndexPair> near_pairs(const std::vector<Lab>& colors, double limit, std::size_t most) {
  assert(limit > 0 && limit <= 20);
  std::vector<Ready> order;
  order.reserve(colors.size());
  for (std::size_t i = 0; i < colors.size(); ++i) order.push_back(ready(colors[i], limit, i));
  std::sort(order.begin(), order.end(), [](const Ready& p, const Ready& q) {
    return std::pair(p.lab.l, p.index) < std::pair(q.lab.l, q.index);
  });
  std::vector<IndexPair> out;
  for (std::size_t start = 0; start < order.size() && out.size() < most;) {
    const std::size_t end = end_of_stretch(order, start);
    for (auto& [from, found] : pairs_of_rows(order, start, end, limit, most))
      out.insert(out.end(), found.begin(), found.end());
    start = end;
  }
  // The first ones in the order of the sweep, so that those of the darker colors stand.
  if (out.size() > most) out.resize(most);
  std::sort(out.begin(), out.end(),
            [](const IndexPair& p, const IndexPair& q) { return std::pair(p.i, p.j) < std::pair(q.i, q.j); });
  return out;
}

} // namespace zc
