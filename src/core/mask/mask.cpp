#include "core/mask/mask.h"

#include <boost/geometry.hpp>
#include <boost/geometry/algorithms/closest_points.hpp>
#include <boost/geometry/geometries/linestring.hpp>
#include <boost/geometry/geometries/multi_linestring.hpp>
#include <boost/geometry/geometries/multi_polygon.hpp>
#include <boost/geometry/geometries/point_xy.hpp>
#include <boost/geometry/geometries/polygon.hpp>
#include <boost/geometry/geometries/segment.hpp>
#include <polyclipping/clipper.hpp>

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

namespace clip = ClipperLib;

constexpr double kBorder = 1e-9;
/// The clipping library reckons in whole numbers, which makes it sure of every crossing; one of its units is
/// 1e-15 of the radius.
constexpr double kUnits = 1LL << 50;
/// Smaller pieces are leftovers of rounding.
constexpr double kLeastArea = 1e-10;

clip::Path path_of(const std::vector<DiscPoint>& points) {
  clip::Path out;
  for (const auto& p : points) out.emplace_back(std::llround(p.x * kUnits), std::llround(p.y * kUnits));
  return out;
}

clip::Paths paths_of(const Shape& shape) {
  clip::Paths out;
  for (const auto& outline : outlines_of(shape)) out.push_back(path_of(outline));
  return out;
}

/// A tree owns its nodes and must not be copied, so it is filled in place.
void combine(clip::ClipType how, const clip::Paths& one, const clip::Paths& other, clip::PolyTree& out) {
  clip::Clipper clipper;
  clipper.StrictlySimple(true);
  clipper.AddPaths(one, clip::ptSubject, true);
  clipper.AddPaths(other, clip::ptClip, true);
  clipper.Execute(how, out, clip::pftEvenOdd, clip::pftEvenOdd);
}

bool beyond_rim(const clip::Paths& paths) {
  for (const auto& path : paths)
    for (const auto& p : path)
      if (std::hypot(p.X / kUnits, p.Y / kUnits) > 1 + kBorder) return true;
  return false;
}

Ring ring_of(const clip::Path& path) {
  Ring ring;
  for (const auto& p : path) ring.emplace_back(p.X / kUnits, p.Y / kUnits);
  bg::correct(ring);
  return ring;
}

bool worth_keeping(const clip::PolyNode& node) {
  return std::abs(clip::Area(node.Contour)) > kLeastArea * kUnits * kUnits;
}

Region region_of(const clip::PolyTree& tree) {
  Region out;
  for (const clip::PolyNode* node = tree.GetFirst(); node; node = node->GetNext()) {
    if (node->IsHole() || !worth_keeping(*node)) continue;
    Piecewise p;
    p.outer() = ring_of(node->Contour);
    for (const clip::PolyNode* hole : node->Childs)
      if (worth_keeping(*hole)) p.inners().push_back(ring_of(hole->Contour));
    bg::correct(p);
    out.push_back(std::move(p));
  }
  return out;
}

Region combined(const List<Area>& areas) {
  clip::Paths so_far;
  clip::PolyTree tree;
  for (const auto& area : areas) {
    clip::Paths next = paths_of(area.shape);
    if (beyond_rim(next)) {
      combine(clip::ctIntersection, next, paths_of(RingSector{}), tree);
      clip::PolyTreeToPaths(tree, next);
    }
    combine(area.mode == AreaMode::Adds ? clip::ctUnion : clip::ctDifference, so_far, next, tree);
    clip::PolyTreeToPaths(tree, so_far);
  }
  return region_of(tree);
}

std::vector<DiscPoint> open_ring(const Ring& ring) {
  std::vector<DiscPoint> out;
  for (std::size_t i = 0; i + 1 < ring.size(); ++i) out.push_back({ring[i].x(), ring[i].y()});
  return out;
}

/// Walked curves bend by half a degree at a point; a corner by much more.
std::vector<DiscPoint> sharp_corners(const std::vector<DiscPoint>& ring) {
  constexpr double kBend = 8; // degrees
  std::vector<DiscPoint> out;
  for (std::size_t i = 0; i < ring.size(); ++i) {
    const DiscPoint before = ring[(i + ring.size() - 1) % ring.size()], here = ring[i],
                    after = ring[(i + 1) % ring.size()];
    const double in = std::atan2(here.x - before.x, here.y - before.y),
                 on = std::atan2(after.x - here.x, after.y - here.y);
    if (std::abs(turn_between(degrees(in), degrees(on))) > kBend) out.push_back(here);
  }
  return out;
}

/// The two ends of the longest way across, and the widest place on either side of it.
std::vector<DiscPoint> round_ends(const std::vector<DiscPoint>& ring) {
  const auto furthest = [&ring](const auto& measure) {
    return *std::max_element(ring.begin(), ring.end(),
                             [&](DiscPoint p, DiscPoint q) { return measure(p) < measure(q); });
  };
  const auto from = [](DiscPoint o) { return [o](DiscPoint p) { return std::hypot(p.x - o.x, p.y - o.y); }; };
  const DiscPoint one = furthest(from(ring.front())), other = furthest(from(one));
  const auto side = [&](DiscPoint p) {
    return (other.x - one.x) * (p.y - one.y) - (other.y - one.y) * (p.x - one.x);
  };
  return {one, furthest(side), other, furthest([&](DiscPoint p) { return -side(p); })};
}

} // namespace

struct MaskRegion::Geometry {
  Region region;
  DiscPoint low{1, 1}, high{-1, -1}; ///< Of the box around the region.
  Lines borders;
  std::vector<std::vector<DiscPoint>> outlines;
};

/// By the even-odd rule over all outlines, which do not cross: asked for every color of a photo. A point on a
/// border may come out either way; callers look at the distance as well.
bool MaskRegion::encloses(const Geometry& g, DiscPoint p) {
  if (p.x < g.low.x || p.x > g.high.x || p.y < g.low.y || p.y > g.high.y) return false;
  bool within = false;
  for (const auto& outline : g.outlines) {
    DiscPoint a = outline.back();
    for (const DiscPoint& b : outline) {
      if ((a.y > p.y) != (b.y > p.y) && p.x < a.x + (p.y - a.y) / (b.y - a.y) * (b.x - a.x)) within = !within;
      a = b;
    }
  }
  return within;
}

Mask turned_mask(const Mask& mask, double by) {
  Mask out = mask;
  out.turned = wrap_degrees(mask.turned + by);
  out.areas.change_each([by](Area& area) { area.shape = turned_shape(area.shape, by); });
  return out;
}

MaskRegion::MaskRegion(const Mask& mask) {
  auto g = std::make_shared<Geometry>();
  g->region = combined(mask.areas);
  const auto add = [&g](const Ring& ring) {
    g->borders.emplace_back(ring.begin(), ring.end());
    g->outlines.push_back(open_ring(ring));
    for (const auto& p : g->outlines.back()) {
      g->low = {std::min(g->low.x, p.x), std::min(g->low.y, p.y)};
      g->high = {std::max(g->high.x, p.x), std::max(g->high.y, p.y)};
    }
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
  const DiscPoint &low = m_geometry->low, &high = m_geometry->high;
  if (p.x < low.x - kBorder || p.x > high.x + kBorder || p.y < low.y - kBorder || p.y > high.y + kBorder)
    return false;
  return encloses(*m_geometry, p) || bg::distance(Point(p.x, p.y), m_geometry->borders) <= kBorder;
}

std::optional<DiscPoint> MaskRegion::nearest(DiscPoint p) const {
  if (empty()) return std::nullopt;
  if (encloses(*m_geometry, p)) return p;
  const Point q(p.x, p.y);
  bg::model::segment<Point> link;
  bg::closest_points(q, m_geometry->borders, link);
  const DiscPoint found{link.second.x(), link.second.y()};
  return std::hypot(found.x - p.x, found.y - p.y) <= kBorder ? p : found;
}

double MaskRegion::share() const { return bg::area(m_geometry->region) / std::numbers::pi; }

std::optional<DiscPoint> MaskRegion::centroid() const {
  if (empty()) return std::nullopt;
  Point c(0, 0);
  bg::centroid(m_geometry->region, c);
  return DiscPoint{c.x(), c.y()};
}

std::vector<DiscPoint> MaskRegion::corners() const {
  std::vector<DiscPoint> out;
  for (const auto& polygon : m_geometry->region) {
    const auto ring = open_ring(polygon.outer());
    auto sharp = sharp_corners(ring);
    if (sharp.size() < 3) sharp = round_ends(ring);
    out.insert(out.end(), sharp.begin(), sharp.end());
  }
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

const std::vector<std::vector<DiscPoint>>& MaskRegion::outlines() const& { return m_geometry->outlines; }

} // namespace zc
