// SPDX-License-Identifier: GPL-3.0-or-later
// Lines through points of a plane: the only place, beside the mask's own region, that asks the geometry
// library.
#pragma once

#include "core/wheel/wheel.h"

#include <vector>

namespace zc {

/// The area of the polygon through these points, closed by itself, whichever way it turns. 0 for fewer than
/// three.
[[nodiscard]] double enclosed_area(const std::vector<DiscPoint>& outline);

/// Whether the point lies inside the polygon through these points, closed by itself; on its border it does
/// not. REQUIRES that the outline does not cross itself.
[[nodiscard]] bool encloses(const std::vector<DiscPoint>& outline, DiscPoint p);

/// Whether the polygon through these points, closed by itself, meets itself elsewhere than at its corners.
[[nodiscard]] bool meets_itself(const std::vector<DiscPoint>& outline);

/// The open line without the points that lie closer than `tolerance` to it; its ends stay (D. Douglas,
/// T. Peucker, "Algorithms for the reduction of the number of points", 1973).
[[nodiscard]] std::vector<DiscPoint> thinned_line(const std::vector<DiscPoint>& line, double tolerance);

/// The corners of the smallest convex polygon that holds all points, one way around. Of one or two points the
/// points themselves.
[[nodiscard]] std::vector<DiscPoint> convex_hull(const std::vector<DiscPoint>& points);

} // namespace zc
