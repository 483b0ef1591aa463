// SPDX-License-Identifier: GPL-3.0-or-later
// The shapes a mask area can have, and what a hand can do to one.
#pragma once

#include "core/base/result.h"
#include "core/wheel/wheel.h"

#include <optional>
#include <variant>
#include <vector>

namespace zc {

/// Corners in order, joined by straight lines. Crossing outlines are filled by the even-odd rule; fewer than
/// three points, or all on a line, enclose nothing.
struct Polygon {
  std::vector<DiscPoint> points;
  /// Edges between two corners at the rim go along it, the shorter way, where that lies outside of the
  /// straight line as seen from the other corners.
  bool follows_rim = false;
  bool operator==(const Polygon&) const = default;
};

/// Clipped to the disc where it reaches beyond the rim.
struct Ellipse {
  DiscPoint center;
  double along = 0;  ///< Half the length of the axis that points at wheel angle `turned`.
  double across = 0; ///< Half the length of the other axis; both from kThinnest to kLongestAxis.
  double turned = 0; ///< Degrees clockwise from the top, [0, 360).
  bool operator==(const Ellipse&) const = default;
};

/// All hues of an interval at all saturations of an interval.
struct RingSector {
  double from = 0;    ///< Wheel angle where it begins, degrees, [0, 360).
  double sweep = 360; ///< How far it goes clockwise, above 0 to 360.
  double inner = 0;   ///< Saturation, 0 <= inner < outer <= 1.
  double outer = 1;
  bool operator==(const RingSector&) const = default;
};

using Shape = std::variant<Polygon, Ellipse, RingSector>;

/// Half axes of an ellipse, at least and at most; also the least width of a ring sector that a hand can make.
inline constexpr double kThinnest = 0.01;
inline constexpr double kLongestAxis = 2;
/// Corners of a polygon.
inline constexpr std::size_t kMostPoints = 10'000;

/// The point itself, or the rim point in its direction.
[[nodiscard]] DiscPoint pulled_onto_disc(DiscPoint p);
/// Clockwise by degrees, like wheel angles.
[[nodiscard]] DiscPoint turned_point(DiscPoint p, double by);

/// Closed outlines without a repeated end, filled by the even-odd rule: a whole ring has two. Curves are
/// walked in steps that stay within 1e-5 of the true curve.
[[nodiscard]] std::vector<std::vector<DiscPoint>> outlines_of(const Shape& shape);
/// Where a shape is held: the mean of the corners, the center, the middle of the sector.
[[nodiscard]] DiscPoint middle_of(const Shape& shape);

[[nodiscard]] Shape turned_shape(const Shape& shape, double by);
/// Taken hold of at `from` and brought to `to`. Corners stop at the rim; a ring sector slides round and in or
/// out, keeping its width.
[[nodiscard]] Shape moved_shape(const Shape& shape, DiscPoint from, DiscPoint to);
/// Larger or smaller about its middle, within the disc. REQUIRES factor > 0.
[[nodiscard]] Shape scaled_shape(const Shape& shape, double factor);
/// The same shape on the other side of neutral: around the complements.
[[nodiscard]] Shape mirrored_shape(const Shape& shape);

/// What a hand can take hold of.
enum class Grip { Corner, Along, Across, Outer, Inner, From, To };
struct Handle {
  Grip grip = Grip::Corner;
  std::size_t index = 0; ///< Which corner; which end of an axis.
  DiscPoint at;
};
[[nodiscard]] std::vector<Handle> handles_of(const Shape& shape);
/// The shape after a handle was brought to a place; a handle the shape does not have changes nothing.
[[nodiscard]] Shape with_handle_at(const Shape& shape, Grip grip, std::size_t index, DiscPoint to);

/// What a mask may hold. ERRORS: BadInput with one sentence for points or centers off the disc, too many
/// points, and numbers out of the ranges above.
[[nodiscard]] Status in_bounds(const Shape& shape);
/// What an area may be made of: in bounds and enclosing something. ERRORS: also for fewer than three points,
/// or all on one line.
[[nodiscard]] Status validate(const Shape& shape);
/// Whether the edge behind corner `edge` goes along the rim. REQUIRES a corner of the polygon.
[[nodiscard]] bool edge_follows_rim(const Polygon& polygon, std::size_t edge);
/// A place on an edge, away from its corners.
struct EdgePlace {
  std::size_t edge = 0; ///< The corner it comes behind.
  DiscPoint at;
};
/// The one nearest to a place, within `reach`.
[[nodiscard]] std::optional<EdgePlace> edge_near(const Polygon& polygon, DiscPoint p, double reach);
/// The middle of the edge behind corner `edge`, on the rim where the edge follows it. REQUIRES a corner of
/// the polygon.
[[nodiscard]] DiscPoint middle_of_edge(const Polygon& polygon, std::size_t edge);
/// Does an outline run over itself? Where it overlaps twice the area is left open (even-odd).
[[nodiscard]] bool crosses_itself(const Polygon& polygon);

/// A line drawn by hand as few corners: none of the places drawn lies further than `tolerance` from it.
[[nodiscard]] Polygon polygon_along(const std::vector<DiscPoint>& drawn, double tolerance = 0.012);

} // namespace zc
