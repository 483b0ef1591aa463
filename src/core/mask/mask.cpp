// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mask/mask.h"

#include "core/mask/edge_rows.h"

#include <boost/geometry.hpp>
#include <boost/geometry/algorithms/closest_points.hpp>
#include <boost/geometry/geometries/multi_polygon.hpp>
#include <boost/geometry/geometries/point_xy.hpp>
#include <boost/geometry/geometries/polygon.hpp>
#include <boost/geometry/geometries/segment.hpp>
#include <boost/geometry/index/rtree.hpp>
#include <polyclipping/clipper.hpp>

#include <algorithm>
#include <limits>
#include <mutex>
#include <numbers>

namespace zc {
namespace {

namespace bg = boost::geometry;
using Point = bg::model::d2::point_xy<double>;
using Ring = bg::model::ring<Point>;
using Piecewise = bg::model::polygon<Point>;
using Region = bg::model::multi_polygon<Piecewise>;
using Segment = bg::model::segment<Point>;
namespace bgi = boost::geometry::index;

namespace clip = ClipperLib;

constexpr double kBorder = 1e-9;
/// The clipping library reckons in whole numbers, which makes it sure of every crossing; one of its units is
/// 1e-15 of the radius.
constexpr double kUnits = 1LL << 50;
/// How far outlines may run inside of the curves they stand for; see outlines_of().
constexpr double kInsideCurve = 1e-5;
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
  clipper.AddPaths(one, clip::ptSubject, true);
  clipper.AddPaths(other, clip::ptClip, true);
  clipper.Execute(how, out, clip::pftNonZero, clip::pftNonZero);
}

clip::Paths combined(clip::ClipType how, const clip::Paths& one, const clip::Paths& other) {
  clip::PolyTree tree;
  clip::Paths out;
  combine(how, one, other, tree);
  clip::PolyTreeToPaths(tree, out);
  return out;
}

bool beyond_rim(const clip::Paths& paths) {
  for (const auto& path : paths)
    for (const auto& p : path)
      if (std::hypot(p.X / kUnits, p.Y / kUnits) > 1 + kBorder) return true;
  return false;
}

clip::Paths whole_disc() {
  clip::Paths out = paths_of(RingSector{});
  if (!clip::Orientation(out.front())) clip::ReversePath(out.front());
  return out;
}

/// The outlines of a shape so that what they enclose is wound around and what they leave open is not: many
/// can then be combined at once.
clip::Paths wound(const Shape& shape) {
  clip::Paths out = paths_of(shape);
  if (std::holds_alternative<Polygon>(shape)) {
    clip::SimplifyPolygons(out, clip::pftEvenOdd);
  } else {
    for (std::size_t i = 0; i < out.size(); ++i)
      if (clip::Orientation(out[i]) != (i == 0)) clip::ReversePath(out[i]);
  }
  return beyond_rim(out) ? combined(clip::ctIntersection, out, whole_disc()) : out;
}

struct Box {
  clip::cInt left = std::numeric_limits<clip::cInt>::max(), right = std::numeric_limits<clip::cInt>::min(),
             low = left, high = right;
  [[nodiscard]] bool meets(const Box& o) const {
    return left <= o.right && o.left <= right && low <= o.high && o.low <= high;
  }
};

Box box_of(const clip::Paths& paths) {
  Box out;
  for (const auto& path : paths)
    for (const auto& p : path) {
      out.left = std::min(out.left, p.X);
      out.right = std::max(out.right, p.X);
      out.low = std::min(out.low, p.Y);
      out.high = std::max(out.high, p.Y);
    }
  return out;
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

/// Every area that adds, without what the areas after it cut from it, and then all of those in one go.
Region combined(const List<Area>& areas) {
  struct Cut {
    clip::Paths paths;
    Box box;
  };
  std::vector<Cut> later_cuts;
  clip::Paths all;
  for (std::size_t i = areas.size(); i-- > 0;) {
    clip::Paths paths = wound(areas[i].shape);
    const Box box = box_of(paths);
    if (areas[i].mode == AreaMode::Cuts) {
      later_cuts.push_back({std::move(paths), box});
      continue;
    }
    clip::Paths cuts;
    for (const Cut& cut : later_cuts)
      if (cut.box.meets(box)) cuts.insert(cuts.end(), cut.paths.begin(), cut.paths.end());
    if (!cuts.empty()) paths = combined(clip::ctDifference, paths, cuts);
    all.insert(all.end(), paths.begin(), paths.end());
  }
  clip::PolyTree tree;
  combine(clip::ctUnion, all, {}, tree);
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

/// In order, with those that meet made one and those without length left out.
std::vector<Stretch> joined(std::vector<Stretch> all) {
  std::sort(all.begin(), all.end(), [](const Stretch& p, const Stretch& q) { return p.from < q.from; });
  std::vector<Stretch> out;
  for (const Stretch& s : all) {
    if (s.to - s.from <= kBorder) continue;
    if (!out.empty() && s.from <= out.back().to + kBorder)
      out.back().to = std::max(out.back().to, s.to);
    else
      out.push_back(s);
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
  std::vector<std::vector<DiscPoint>> outlines;
  std::vector<Edge> edges;
  EdgeRows rows;
  /// Made when a nearest place is first asked for.
  mutable std::once_flag tree_made;
  mutable bgi::rtree<Segment, bgi::quadratic<16>> tree;

  [[nodiscard]] bool near_box(DiscPoint p) const {
    return p.x >= low.x - kBorder && p.x <= high.x + kBorder && p.y >= low.y - kBorder &&
           p.y <= high.y + kBorder;
  }
  [[nodiscard]] bool on_border(DiscPoint p) const {
    for (std::size_t row = rows.row_of(p.y - kBorder); row <= rows.row_of(p.y + kBorder); ++row)
      for (const Edge& e : rows.row(row))
        if (distance(p, e) <= kBorder) return true;
    return false;
  }
  void make_tree() const {
    std::call_once(tree_made, [this] {
      std::vector<Segment> all;
      all.reserve(edges.size());
      for (const Edge& e : edges) all.push_back({Point(e.from.x, e.from.y), Point(e.to.x, e.to.y)});
      tree = decltype(tree)(all);
    });
  }
};

/// By the even-odd rule over all outlines, which do not cross: asked for every color of a photo. A point on a
/// border may come out either way; callers look at the distance as well.
bool MaskRegion::encloses(const Geometry& g, DiscPoint p) {
  if (p.x < g.low.x || p.x > g.high.x || p.y < g.low.y || p.y > g.high.y) return false;
  bool within = false;
  for (const auto& [a, b] : g.rows.row(g.rows.row_of(p.y)))
    if ((a.y > p.y) != (b.y > p.y) && p.x < a.x + (p.y - a.y) / (b.y - a.y) * (b.x - a.x)) within = !within;
  return within;
}

/// What is fully saturated lies on the rim itself, and an outline that follows the rim runs that little
/// inside.
bool MaskRegion::holds_rim(const Geometry& g, DiscPoint p) {
  const double r = std::hypot(p.x, p.y);
  if (r < 1 - kInsideCurve || r > 1 + kBorder) return false;
  const double in = (1 - 2 * kInsideCurve) / r;
  return encloses(g, {p.x * in, p.y * in});
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
    const auto& outline = g->outlines.emplace_back(open_ring(ring));
    DiscPoint before = outline.back();
    for (const auto& p : outline) {
      g->low = {std::min(g->low.x, p.x), std::min(g->low.y, p.y)};
      g->high = {std::max(g->high.x, p.x), std::max(g->high.y, p.y)};
      g->edges.push_back({std::exchange(before, p), p});
    }
  };
  for (const auto& polygon : g->region) {
    add(polygon.outer());
    for (const auto& hole : polygon.inners()) add(hole);
  }
  g->rows.fill(g->edges, g->low.y, g->high.y);
  m_geometry = std::move(g);
}

bool MaskRegion::empty() const { return m_geometry->region.empty(); }

bool MaskRegion::inside(DiscPoint p) const {
  if (empty()) return false;
  if (m_geometry->near_box(p) && (encloses(*m_geometry, p) || m_geometry->on_border(p))) return true;
  return holds_rim(*m_geometry, p);
}

std::optional<DiscPoint> MaskRegion::nearest(DiscPoint p) const {
  if (empty()) return std::nullopt;
  if (encloses(*m_geometry, p) || holds_rim(*m_geometry, p)) return p;
  m_geometry->make_tree();
  const Point q(p.x, p.y);
  Segment edge;
  m_geometry->tree.query(bgi::nearest(q, 1), &edge);
  Segment link;
  bg::closest_points(q, edge, link);
  const DiscPoint found{link.second.x(), link.second.y()};
  return std::hypot(found.x - p.x, found.y - p.y) <= kBorder ? p : found;
}

std::optional<DiscPoint> MaskRegion::nearest_on_circle(double r, Angle a) const {
  const DiscPoint wanted = disc_point(a, r);
  if (inside(wanted)) return wanted;
  std::optional<DiscPoint> best;
  double least = 3;
  const auto judge = [&](DiscPoint p) {
    const double away = std::hypot(p.x - wanted.x, p.y - wanted.y);
    if (away >= least) return;
    least = away;
    best = p;
  };
  // The circle enters and leaves the region at its edges, or touches it at a corner.
  for (const auto& [from, to] : m_geometry->edges) {
    const double dx = to.x - from.x, dy = to.y - from.y, square = dx * dx + dy * dy;
    const double half = from.x * dx + from.y * dy, beyond = from.x * from.x + from.y * from.y - r * r;
    if (std::abs(beyond) <= 2 * kBorder * std::max(r, kBorder)) judge(from);
    const double under = half * half - square * beyond;
    if (under < 0 || square == 0) continue;
    for (const double root : {-std::sqrt(under), std::sqrt(under)}) {
      const double t = (root - half) / square;
      if (t >= 0 && t <= 1) judge({from.x + t * dx, from.y + t * dy});
    }
  }
  return best;
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

std::vector<Stretch> MaskRegion::along_diameter(Angle a) const {
  const DiscPoint rim = disc_point(a, 1);
  const auto height = [&rim](DiscPoint p) { return p.x * rim.y - p.y * rim.x; };
  const auto place = [&rim](DiscPoint p) { return p.x * rim.x + p.y * rim.y; };
  std::vector<Stretch> out;
  // Where a border runs along the diameter the region is on one side of it only: either side is looked at.
  for (const double level : {-kBorder, kBorder}) {
    std::vector<double> crossings;
    for (const auto& [from, to] : m_geometry->edges) {
      const double h = height(from), k = height(to);
      if ((h > level) == (k > level)) continue;
      const double p = place(from), q = place(to);
      crossings.push_back(p + (level - h) / (k - h) * (q - p));
    }
    std::sort(crossings.begin(), crossings.end());
    for (std::size_t i = 0; i + 1 < crossings.size(); i += 2) out.push_back({crossings[i], crossings[i + 1]});
  }
  return joined(std::move(out));
}

const std::vector<std::vector<DiscPoint>>& MaskRegion::outlines() const& { return m_geometry->outlines; }

} // namespace zc
