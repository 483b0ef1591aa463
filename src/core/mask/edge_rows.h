// SPDX-License-Identifier: GPL-3.0-or-later
// The edges of a mask, found by their height.
#pragma once

#include "core/mask/mask.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace zc {

struct Edge {
  DiscPoint from, to;
};

[[nodiscard]] inline double distance(DiscPoint p, const Edge& e) {
  const double dx = e.to.x - e.from.x, dy = e.to.y - e.from.y, square = dx * dx + dy * dy;
  const double along = square > 0 ? ((p.x - e.from.x) * dx + (p.y - e.from.y) * dy) / square : 0;
  const double t = std::clamp(along, 0.0, 1.0);
  return std::hypot(p.x - e.from.x - t * dx, p.y - e.from.y - t * dy);
}

/// Edges in rows of equal height, so that a place asks only those at its own height.
class EdgeRows {
public:
  void fill(const std::vector<Edge>& edges, double low, double high) {
    m_low = low;
    const auto rows = std::clamp<std::size_t>(edges.size() / 4, 1, 1024);
    m_scale = high > low ? static_cast<double>(rows) / (high - low) : 0;
    m_rows.assign(rows, {});
    for (const Edge& e : edges) {
      const std::size_t from = row_of(std::min(e.from.y, e.to.y)), to = row_of(std::max(e.from.y, e.to.y));
      for (std::size_t row = from; row <= to; ++row) m_rows[row].push_back(e);
    }
  }
  [[nodiscard]] std::size_t row_of(double y) const {
    return static_cast<std::size_t>(
        std::clamp((y - m_low) * m_scale, 0.0, static_cast<double>(m_rows.size() - 1)));
  }
  [[nodiscard]] const std::vector<Edge>& row(std::size_t i) const { return m_rows[i]; }

private:
  double m_low = 0, m_scale = 0;
  std::vector<std::vector<Edge>> m_rows;
};

} // namespace zc
