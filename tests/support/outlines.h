// SPDX-License-Identifier: GPL-3.0-or-later
// Outlines compared as lines, wherever their points stand on them.
#pragma once

#include "core/mask/shapes.h"

#include <algorithm>
#include <cmath>

namespace zc::test {

using Outlines = std::vector<std::vector<DiscPoint>>;

inline double distance(DiscPoint p, DiscPoint q) { return std::hypot(p.x - q.x, p.y - q.y); }

/// From a point to the nearest of a closed outline's straight pieces.
inline double distance_to(const std::vector<DiscPoint>& c, DiscPoint p) {
  double best = 1e9;
  for (std::size_t i = 0, j = c.size() - 1; i < c.size(); j = i++) {
    const double dx = c[i].x - c[j].x, dy = c[i].y - c[j].y, n = dx * dx + dy * dy;
    const double t = n == 0 ? 0 : std::clamp(((p.x - c[j].x) * dx + (p.y - c[j].y) * dy) / n, 0.0, 1.0);
    best = std::min(best, distance(p, {c[j].x + t * dx, c[j].y + t * dy}));
  }
  return best;
}

/// The furthest that any point of one lies from the other, both ways (Hausdorff); 1e9 for unequal numbers of
/// outlines.
inline double outlines_apart(const Outlines& a, const Outlines& b) {
  if (a.size() != b.size()) return 1e9;
  double worst = 0;
  const auto one_way = [&worst](const Outlines& from, const Outlines& to) {
    for (const auto& outline : from)
      for (std::size_t i = 0; i < outline.size(); i += std::max<std::size_t>(1, outline.size() / 30)) {
        double nearest = 1e9;
        for (const auto& other : to) nearest = std::min(nearest, distance_to(other, outline[i]));
        worst = std::max(worst, nearest);
      }
  };
  one_way(a, b);
  one_way(b, a);
  return worst;
}

template <class F> Outlines each_point(Outlines outlines, const F& f) {
  for (auto& outline : outlines)
    for (auto& p : outline) p = f(p);
  return outlines;
}

} // namespace zc::test
