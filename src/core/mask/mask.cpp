#include "core/mask/mask.h"

#include <boost/geometry.hpp>
#include <boost/geometry/algorithms/closest_points.hpp>
#include <boost/geometry/geometries/linestring.hpp>
#include <boost/geometry/geometries/multi_linestring.hpp>
#include <boost/geometry/geometries/multi_polygon.hpp>
#include <boost/geometry/geometries/point_xy.hpp>
#include <boost/geometry/geometries/polygon.hpp>
#include <boost/geometry/geometries/segment.hpp>

#include <algorithm>
#include <numbers>

namespace zc {
namespace {

namespace bg = boost::geometry;
using Point = bg::model::d2::point_xy<double>;
using Ring = bg::model::ring<Point>;
using Piecewise = bg::model::polygon<Point>;
using Region = bg::model::multi_polygon<Piecewise>;
using Line = bg::model::linestring<Point>;
using Lines = bg::model::multi_linestring<Line>;

constexpr double kBorder = 1e-9;

Region one_ring(Ring ring) {
  bg::correct(ring);
  Region out;
  if (bg::area(ring) <= 0) return out;
  Piecewise p;
  p.outer() = std::move(ring);
  out.push_back(std::move(p));
  return out;
}

/// Even-odd filling of an outline that may cross itself: the symmetric difference of the triangles of a fan.
Region even_odd(const Polygon& polygon) {
  Region out;
  const auto& p = polygon.points;
  for (std::size_t i = 1; i + 1 < p.size(); ++i) {
    Ring triangle;
    for (const auto& corner : {p[0], p[i], p[i + 1]}) triangle.emplace_back(corner.x, corner.y);
    Region next;
    bg::sym_difference(out, one_ring(std::move(triangle)), next);
    out = std::move(next);
  }
  return out;
}

Region region_of(const Polygon& polygon) {
  if (polygon.points.size() < 3) return {};
  Ring ring;
  for (const auto& p : polygon.points) ring.emplace_back(p.x, p.y);
  bg::correct(ring);
  if (bg::is_valid(ring)) return one_ring(std::move(ring));
  return even_odd(polygon);
}

Region combined(const std::vector<Area>& areas) {
  Region out;
  for (const auto& area : areas) {
    const Region next = std::visit([](const auto& shape) { return region_of(shape); }, area.shape);
    Region result;
    if (area.mode == AreaMode::Adds)
      bg::union_(out, next, result);
    else
      bg::difference(out, next, result);
    out = std::move(result);
  }
  return out;
}

std::vector<DiscPoint> open_ring(const Ring& ring) {
  std::vector<DiscPoint> out;
  for (std::size_t i = 0; i + 1 < ring.size(); ++i) out.push_back({ring[i].x(), ring[i].y()});
  return out;
}

} // namespace

struct MaskRegion::Geometry {
  Region region;
  Lines borders;
  std::vector<std::vector<DiscPoint>> outlines;
};

DiscPoint pulled_onto_disc(DiscPoint p) {
  const double r = std::hypot(p.x, p.y);
  return r <= 1 ? p : DiscPoint{p.x / r, p.y / r};
}

DiscPoint turned_point(DiscPoint p, double by) {
  const double c = std::cos(radians(by)), s = std::sin(radians(by));
  return {p.x * c + p.y * s, p.y * c - p.x * s};
}

Mask turned_mask(const Mask& mask, double by) {
  Mask out = mask;
  out.turned = wrap_degrees(mask.turned + by);
  for (auto& area : out.areas)
    for (auto& p : std::get<Polygon>(area.shape).points) p = pulled_onto_disc(turned_point(p, by));
  return out;
}

MaskRegion::MaskRegion(const Mask& mask) {
  auto g = std::make_shared<Geometry>();
  g->region = combined(mask.areas);
  const auto add = [&g](const Ring& ring) {
    g->borders.emplace_back(ring.begin(), ring.end());
    g->outlines.push_back(open_ring(ring));
  };
  for (const auto& polygon : g->region) {
    add(polygon.outer());
    for (const auto& hole : polygon.inners()) add(hole);
  }
  m_geometry = std::move(g);
}

bool MaskRegion::empty() const { return m_geometry->region.empty(); }

bool MaskRegion::inside(DiscPoint p) const {
  if (empty()) return false;
  const Point q(p.x, p.y);
  return bg::covered_by(q, m_geometry->region) || bg::distance(q, m_geometry->borders) <= kBorder;
}

std::optional<DiscPoint> MaskRegion::nearest(DiscPoint p) const {
  if (empty()) return std::nullopt;
  if (inside(p)) return p;
  bg::model::segment<Point> link;
  bg::closest_points(Point(p.x, p.y), m_geometry->borders, link);
  return DiscPoint{link.second.x(), link.second.y()};
}

double MaskRegion::share() const { return bg::area(m_geometry->region) / std::numbers::pi; }

std::optional<DiscPoint> MaskRegion::centroid() const {
  if (empty()) return std::nullopt;
  Point c;
  bg::centroid(m_geometry->region, c);
  return DiscPoint{c.x(), c.y()};
}

std::vector<DiscPoint> MaskRegion::corners() const {
  std::vector<DiscPoint> out;
  for (const auto& polygon : m_geometry->region)
    for (const auto& p : open_ring(polygon.outer())) out.push_back(p);
  return out;
}

std::vector<Stretch> MaskRegion::along_diameter(double a) const {
  if (empty()) return {};
  const DiscPoint rim = disc_point(a, 1);
  Lines cut;
  bg::intersection(Line{Point(-rim.x, -rim.y), Point(rim.x, rim.y)}, m_geometry->region, cut);
  std::vector<Stretch> out;
  for (const auto& line : cut) {
    const auto place = [&rim](const Point& p) { return p.x() * rim.x + p.y() * rim.y; };
    const double one = place(line.front()), other = place(line.back());
    out.push_back({std::min(one, other), std::max(one, other)});
  }
  std::sort(out.begin(), out.end(), [](const Stretch& p, const Stretch& q) { return p.from < q.from; });
  return out;
}

const std::vector<std::vector<DiscPoint>>& MaskRegion::outlines() const { return m_geometry->outlines; }

std::optional<DiscPoint> ruled_pick(const MaskRegion& region, MaskRule rule, DiscPoint wanted) {
  const DiscPoint on_disc = pulled_onto_disc(wanted);
  return rule == MaskRule::Held ? region.nearest(on_disc) : on_disc;
}

} // namespace zc
