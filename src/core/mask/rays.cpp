// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mask/rays.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace zc {
namespace {

constexpr double kAtOnce = 1e-9;

struct BorderEdge {
  DiscPoint from, to; ///< Relative to the neutral.
};

double cross_of(DiscPoint p, DiscPoint q) { return p.x * q.y - p.y * q.x; }
double length_of(DiscPoint p) { return std::hypot(p.x, p.y); }
DiscPoint way_of(const BorderEdge& s) { return {s.to.x - s.from.x, s.to.y - s.from.y}; }

/// Where the ray meets the segment, in lengths of `ray`; nothing where it does not.
std::optional<double> met_by(DiscPoint ray, const BorderEdge& s) {
  const DiscPoint way = way_of(s);
  const double across = cross_of(ray, way);
  if (across == 0) return std::nullopt;
  const double along = cross_of(s.from, way) / across, place = cross_of(s.from, ray) / across;
  if (along <= kAtOnce || place < 0 || place > 1) return std::nullopt;
  return along;
}

std::vector<BorderEdge> border_edges(const MaskRegion& region, DiscPoint neutral) {
  std::vector<BorderEdge> out;
  for (const auto& outline : region.outlines()) {
    DiscPoint before = outline.back();
    for (const DiscPoint& p : outline) {
      out.push_back({{before.x - neutral.x, before.y - neutral.y}, {p.x - neutral.x, p.y - neutral.y}});
      before = p;
    }
  }
  return out;
}

} // namespace

std::optional<DiscPoint> mask_neutral(const MaskRegion& region) {
  const auto middle = region.centroid();
  return middle ? region.nearest(*middle) : std::nullopt;
}

MaskRays::MaskRays(const MaskRegion& region) : m_neutral(*mask_neutral(region)) {
  const std::vector<BorderEdge> all = border_edges(region, m_neutral);
  std::vector<double> corners;
  for (const BorderEdge& s : all)
    if (length_of(s.from) > kAtOnce) corners.push_back(wrap_degrees(degrees(std::atan2(s.from.x, s.from.y))));
  std::sort(corners.begin(), corners.end());
  corners.erase(std::unique(corners.begin(), corners.end()), corners.end());
  for (std::size_t i = 0; i < corners.size(); ++i) {
    const double from = corners[i], to = i + 1 < corners.size() ? corners[i + 1] : corners[0] + 360;
    if (to - from < 1e-9) continue;
    const DiscPoint ray = disc_point(Angle((from + to) / 2), 1);
    double nearest = std::numeric_limits<double>::infinity();
    int crossings = 0;
    Sector sector{from, {}, {}, false};
    for (const BorderEdge& s : all) {
      const auto along = met_by(ray, s);
      if (!along) continue;
      ++crossings;
      if (*along >= nearest) continue;
      nearest = *along;
      sector.at = s.from;
      sector.way = way_of(s);
    }
    // From a neutral on the border some directions leave the mask at once.
    sector.inside = crossings > 0 &&
                    region.inside({m_neutral.x + ray.x * nearest / 2, m_neutral.y + ray.y * nearest / 2});
    m_sees_all = m_sees_all && crossings <= 1 && (sector.inside || crossings == 0);
    m_sectors.push_back(sector);
  }
}

double MaskRays::way_to_border(Angle a) const {
  const double direction = wrap_degrees(a.degrees());
  auto at = std::upper_bound(m_sectors.begin(), m_sectors.end(), direction,
                             [](double x, const Sector& s) { return x < s.from; });
  // Before the first begins the last goes on.
  const Sector& sector = at == m_sectors.begin() ? m_sectors.back() : *(at - 1);
  if (!sector.inside) return 0;
  const DiscPoint ray = disc_point(a, 1);
  const double across = cross_of(ray, sector.way);
  return across == 0 ? length_of(sector.at) : std::max(0.0, cross_of(sector.at, sector.way) / across);
}

} // namespace zc
