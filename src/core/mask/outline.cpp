// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mask/outline.h"

#include <boost/geometry.hpp>
#include <boost/geometry/geometries/linestring.hpp>
#include <boost/geometry/geometries/multi_point.hpp>
#include <boost/geometry/geometries/register/point.hpp>
#include <boost/geometry/geometries/ring.hpp>

#include <algorithm>
#include <cmath>

BOOST_GEOMETRY_REGISTER_POINT_2D(zc::DiscPoint, double, boost::geometry::cs::cartesian, x, y)

namespace zc {
namespace {

namespace bg = boost::geometry;
using OutlineRing = bg::model::ring<DiscPoint>;

OutlineRing closed(const std::vector<DiscPoint>& outline) {
  OutlineRing ring(outline.begin(), outline.end());
  bg::correct(ring);
  return ring;
}

} // namespace

double enclosed_area(const std::vector<DiscPoint>& outline) { return std::abs(bg::area(closed(outline))); }

bool encloses(const std::vector<DiscPoint>& outline, DiscPoint p) { return bg::within(p, closed(outline)); }

bool meets_itself(const std::vector<DiscPoint>& outline) { return bg::intersects(closed(outline)); }

std::vector<DiscPoint> thinned_line(const std::vector<DiscPoint>& line, double tolerance) {
  const bg::model::linestring<DiscPoint> whole(line.begin(), line.end());
  bg::model::linestring<DiscPoint> thin;
  bg::simplify(whole, thin, tolerance);
  return thin;
}

std::vector<DiscPoint> convex_hull(const std::vector<DiscPoint>& points) {
  const bg::model::multi_point<DiscPoint> all(points.begin(), points.end());
  OutlineRing hull;
  bg::convex_hull(all, hull);
  hull.erase(std::unique(hull.begin(), hull.end()), hull.end()); // Of one point there are several copies.
  if (hull.size() > 1) hull.pop_back();
  return hull;
}

} // namespace zc
