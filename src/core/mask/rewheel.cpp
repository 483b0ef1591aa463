// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mask/rewheel.h"

#include "core/mask/outline.h"

#include <algorithm>

namespace zc {
namespace {

/// Of the shape's own size, at most of the disc: how long a step is, and how far from a line still counts as
/// on it.
constexpr double kShortStep = 0.03, kInLine = 0.004;

DiscPoint mapped(DiscPoint p, const Wheel& from, const Wheel& to, double value) {
  const WheelPoint place = wheel_point(pulled_onto_disc(p), value);
  const ValueSpan span = from.value_span(Angle(place.a), place.r);
  const double v = span.empty() ? value : std::clamp(value, span.low, span.high);
  const WheelPoint there = to.locate(from.nearest_existing({place.a, place.r, v}).color, place.a);
  return disc_point(there);
}

double size_of(const std::vector<DiscPoint>& p) {
  double out = 0;
  for (const auto& q : p) out = std::max(out, std::hypot(q.x - p.front().x, q.y - p.front().y));
  return std::min(out, 1.0);
}

Polygon thinned(const std::vector<DiscPoint>& p) {
  std::vector<DiscPoint> walked = p;
  walked.push_back(walked.front());
  const auto thin = thinned_line(walked, kInLine * size_of(p));
  Polygon out;
  for (std::size_t i = 0; i + 1 < thin.size(); ++i) out.points.push_back(pulled_onto_disc(thin[i]));
  return out;
}

Polygon mapped(const std::vector<DiscPoint>& p, const Wheel& from, const Wheel& to, double value) {
  if (p.empty()) return {};
  const double step = kShortStep * std::max(size_of(p), 1e-6);
  std::vector<DiscPoint> walked;
  for (std::size_t i = 0; i < p.size(); ++i) {
    const DiscPoint a = p[i], b = p[(i + 1) % p.size()];
    const int steps = std::max(1, static_cast<int>(std::ceil(std::hypot(b.x - a.x, b.y - a.y) / step)));
    for (int k = 0; k < steps; ++k) {
      const double t = static_cast<double>(k) / steps;
      walked.push_back(mapped({a.x + (b.x - a.x) * t, a.y + (b.y - a.y) * t}, from, to, value));
    }
  }
  Polygon out = thinned(walked);
  // What shrinks to nothing on the other wheel goes on admitting its colors.
  if (validate(Shape(out))) return out;
  return Polygon{outlines_of(Ellipse{middle_of(Polygon{walked}), kThinnest, kThinnest, 0}).front()};
}

/// A whole ring as two halves that overlap a little, so that no seam opens between them.
std::vector<Shape> without_holes(const Shape& shape) {
  const auto* ring = std::get_if<RingSector>(&shape);
  if (!ring || ring->sweep < 360 || ring->inner <= 0) return {shape};
  return {RingSector{ring->from, 181, ring->inner, ring->outer},
          RingSector{wrap_degrees(ring->from + 180), 181, ring->inner, ring->outer}};
}

} // namespace

Mask with_colors_kept(const Mask& mask, const Wheel& from, const Wheel& to, double value) {
  if (from.spec() == to.spec()) return mask;
  Mask out = mask;
  out.areas.clear();
  for (const auto& area : mask.areas)
    for (const auto& part : without_holes(area.shape))
      out.areas.push_back({area.mode, mapped(outlines_of(part).front(), from, to, value)});
  return out;
}

} // namespace zc
