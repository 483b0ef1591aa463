// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mask/shapes.h"

#include "core/base/sentences.h"
#include "core/mask/outline.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace zc {
namespace {

constexpr double kStep = 0.5;     // Degrees between the points of a curve as wide as the disc.
constexpr double kBulge = 9.6e-6; // How far a curve may run outside of its points' lines, of the radius.
constexpr double kRim = 1 + 1e-9;

template <class... F> struct Cases : F... { using F::operator()...; };
template <class... F> Cases(F...) -> Cases<F...>; // Not every compiler finds it by itself.

DiscPoint plus(DiscPoint p, DiscPoint q) { return {p.x + q.x, p.y + q.y}; }
DiscPoint minus(DiscPoint p, DiscPoint q) { return {p.x - q.x, p.y - q.y}; }
double length(DiscPoint p) { return std::hypot(p.x, p.y); }
double dot(DiscPoint p, DiscPoint q) { return p.x * q.x + p.y * q.y; }
DiscPoint direction(double angle) { return disc_point(Angle(angle), 1); }
double angle_of(DiscPoint p) { return wrap_degrees(degrees(std::atan2(p.x, p.y))); }

/// Degrees between the points of a curve of this radius: small ones need fewer.
double step_of(double r) {
  return std::clamp(2 * degrees(std::acos(std::max(0.0, 1 - kBulge / std::max(r, kBulge)))), kStep, 15.0);
}

void add_arc(std::vector<DiscPoint>& out, double from, double sweep, double r) {
  const int steps = std::max(1, static_cast<int>(std::ceil(std::abs(sweep) / step_of(r))));
  for (int i = 0; i <= steps; ++i) out.push_back(disc_point(Angle(from + sweep * i / steps), r));
}

std::vector<DiscPoint> outline_of(const Ellipse& e) {
  std::vector<DiscPoint> out;
  const DiscPoint u = direction(e.turned), w = direction(e.turned + 90);
  // An ellipse is bent most at the ends of its longer axis, where points at equal angles of its circle lie
  // closest; so the longer axis counts.
  const int steps = static_cast<int>(std::ceil(360 / step_of(std::max(e.along, e.across))));
  for (int i = 0; i < steps; ++i) {
    const double t = 360.0 * i / steps;
    const double c = e.along * std::cos(radians(t)), s = e.across * std::sin(radians(t));
    out.push_back({e.center.x + u.x * c + w.x * s, e.center.y + u.y * c + w.y * s});
  }
  return out;
}

std::vector<DiscPoint> circle(double r) {
  std::vector<DiscPoint> out;
  add_arc(out, 0, 360, r);
  out.pop_back();
  return out;
}

std::vector<std::vector<DiscPoint>> outlines_of_sector(const RingSector& s) {
  if (s.sweep >= 360 && s.inner > 0) return {circle(s.outer), circle(s.inner)};
  if (s.sweep >= 360) return {circle(s.outer)};
  std::vector<DiscPoint> out;
  add_arc(out, s.from, s.sweep, s.outer);
  if (s.inner > 0)
    add_arc(out, s.from + s.sweep, -s.sweep, s.inner);
  else
    out.push_back({0, 0});
  return {out};
}

/// Mean saturation of a sector, and the angle of its middle.
double mid_radius(const RingSector& s) { return (s.inner + s.outer) / 2; }
double mid_angle(const RingSector& s) { return s.from + s.sweep / 2; }

Status wrong(Sentence sentence) { return Error{ErrorCode::BadInput, sentence, "area"}; }

bool encloses_nothing(const Polygon& polygon) {
  const auto& p = polygon.points;
  const auto away = [&](DiscPoint q) { return length(minus(q, p.front())); };
  const DiscPoint far =
      *std::max_element(p.begin(), p.end(), [&](DiscPoint a, DiscPoint b) { return away(a) < away(b); });
  const double span = away(far);
  if (span < 1e-9) return true;
  const DiscPoint along = minus(far, p.front());
  return std::all_of(p.begin(), p.end(), [&](DiscPoint q) {
    const DiscPoint d = minus(q, p.front());
    return std::abs(d.x * along.y - d.y * along.x) / span < 1e-9;
  });
}

/// How near to the rim a corner is at it.
constexpr double kAtRim = 1e-6;

double cross(DiscPoint a, DiscPoint b) { return a.x * b.y - a.y * b.x; }

std::vector<DiscPoint> outline_of(const Polygon& p) {
  if (!p.follows_rim) return p.points;
  std::vector<DiscPoint> out;
  for (std::size_t i = 0; i < p.points.size(); ++i) {
    out.push_back(p.points[i]);
    if (!edge_follows_rim(p, i)) continue;
    const double from = angle_of(p.points[i]),
                 sweep = turn_between(from, angle_of(p.points[(i + 1) % p.points.size()]));
    std::vector<DiscPoint> arc;
    add_arc(arc, from, sweep, 1);
    out.insert(out.end(), arc.begin() + 1, arc.end() - 1);
  }
  return out;
}

} // namespace

bool edge_follows_rim(const Polygon& polygon, std::size_t edge) {
  const auto& p = polygon.points;
  const DiscPoint a = p[edge], b = p[(edge + 1) % p.size()];
  if (!polygon.follows_rim || p.size() < 3 || length(a) < 1 - kAtRim || length(b) < 1 - kAtRim) return false;
  // The other corners have to lie on the side where neutral lies.
  const DiscPoint along = minus(b, a);
  DiscPoint others;
  for (std::size_t i = 0; i < p.size(); ++i)
    if (i != edge && i != (edge + 1) % p.size()) others = plus(others, minus(p[i], a));
  const double neutral = cross(along, minus({0, 0}, a));
  return std::abs(neutral) > kAtRim && cross(along, others) * neutral > 0;
}

std::optional<EdgePlace> edge_near(const Polygon& polygon, DiscPoint p, double reach) {
  const auto& points = polygon.points;
  std::optional<EdgePlace> out;
  double nearest = reach;
  for (std::size_t i = 0; i < points.size(); ++i) {
    const DiscPoint a = points[i], along = minus(points[(i + 1) % points.size()], a);
    if (length(along) == 0) continue;
    DiscPoint at;
    if (edge_follows_rim(polygon, i)) {
      const double sweep = turn_between(angle_of(a), angle_of(plus(a, along))),
                   turn = turn_between(angle_of(a), angle_of(p));
      if (turn * sweep <= 0 || std::abs(turn) >= std::abs(sweep)) continue;
      at = direction(angle_of(p));
    } else {
      const double place = dot(minus(p, a), along) / dot(along, along);
      if (place <= 0 || place >= 1) continue;
      at = plus(a, {along.x * place, along.y * place});
    }
    if (length(minus(p, at)) >= nearest) continue;
    nearest = length(minus(p, at));
    out = EdgePlace{i, at};
  }
  return out;
}

DiscPoint middle_of_edge(const Polygon& polygon, std::size_t edge) {
  const DiscPoint a = polygon.points[edge], b = polygon.points[(edge + 1) % polygon.points.size()];
  if (!edge_follows_rim(polygon, edge)) return {(a.x + b.x) / 2, (a.y + b.y) / 2};
  return turned_point(a, turn_between(angle_of(a), angle_of(b)) / 2);
}

DiscPoint pulled_onto_disc(DiscPoint p) {
  // Divided by its length a point may still be a last digit too long; pulled again it has to stay the same.
  constexpr double on_rim = 1 + 1e-15;
  const double r = length(p);
  return r <= on_rim ? p : DiscPoint{p.x / r, p.y / r};
}

DiscPoint turned_point(DiscPoint p, double by) {
  const double c = std::cos(radians(by)), s = std::sin(radians(by));
  return {p.x * c + p.y * s, p.y * c - p.x * s};
}

std::vector<std::vector<DiscPoint>> outlines_of(const Shape& shape) {
  using Outlines = std::vector<std::vector<DiscPoint>>;
  return std::visit(Cases{[](const Polygon& p) -> Outlines { return {outline_of(p)}; },
                          [](const Ellipse& e) -> Outlines { return {outline_of(e)}; },
                          [](const RingSector& s) { return outlines_of_sector(s); }},
                    shape);
}

DiscPoint middle_of(const Shape& shape) {
  return std::visit(Cases{[](const Polygon& p) {
                            DiscPoint sum;
                            for (const auto& q : p.points) sum = plus(sum, q);
                            const auto n = std::max(1.0, static_cast<double>(p.points.size()));
                            return DiscPoint{sum.x / n, sum.y / n};
                          },
                          [](const Ellipse& e) { return e.center; },
                          [](const RingSector& s) {
                            return s.sweep >= 360 ? DiscPoint{}
                                                  : disc_point(Angle(mid_angle(s)), mid_radius(s));
                          }},
                    shape);
}

Shape turned_shape(const Shape& shape, double by) {
  return std::visit(Cases{[by](Polygon p) -> Shape {
                            for (auto& q : p.points) q = pulled_onto_disc(turned_point(q, by));
                            return p;
                          },
                          [by](Ellipse e) -> Shape {
                            e.center = pulled_onto_disc(turned_point(e.center, by));
                            e.turned = wrap_degrees(e.turned + by);
                            return e;
                          },
                          [by](RingSector s) -> Shape {
                            s.from = wrap_degrees(s.from + by);
                            return s;
                          }},
                    shape);
}

Shape moved_shape(const Shape& shape, DiscPoint from, DiscPoint to) {
  return std::visit(Cases{[&](Polygon p) -> Shape {
                            for (auto& q : p.points) q = pulled_onto_disc(plus(q, minus(to, from)));
                            return p;
                          },
                          [&](Ellipse e) -> Shape {
                            e.center = pulled_onto_disc(plus(e.center, minus(to, from)));
                            return e;
                          },
                          [&](RingSector s) -> Shape {
                            const double out = std::clamp(length(to) - length(from), -s.inner, 1.0 - s.outer);
                            s.inner += out;
                            s.outer += out;
                            s.from = wrap_degrees(s.from + turn_between(angle_of(from), angle_of(to)));
                            return s;
                          }},
                    shape);
}

Shape scaled_shape(const Shape& shape, double factor) {
  assert(factor > 0);
  const DiscPoint middle = middle_of(shape);
  return std::visit(Cases{[&](Polygon p) -> Shape {
                            for (auto& q : p.points) {
                              const DiscPoint d = minus(q, middle);
                              q = pulled_onto_disc(plus(middle, {d.x * factor, d.y * factor}));
                            }
                            return p;
                          },
                          [&](Ellipse e) -> Shape {
                            e.along = std::clamp(e.along * factor, kThinnest, kLongestAxis);
                            e.across = std::clamp(e.across * factor, kThinnest, kLongestAxis);
                            return e;
                          },
                          [&](RingSector s) -> Shape {
                            const double mid = mid_radius(s), angle = mid_angle(s);
                            const double half = std::max(kThinnest, (s.outer - s.inner) * factor) / 2;
                            if (s.sweep < 360) s.sweep = std::min(359.0, std::max(1.0, s.sweep * factor));
                            s.from = wrap_degrees(angle - s.sweep / 2);
                            s.inner = std::clamp(mid - half, 0.0, 1 - kThinnest);
                            s.outer = std::clamp(mid + half, s.inner + kThinnest, 1.0);
                            return s;
                          }},
                    shape);
}

Shape mirrored_shape(const Shape& shape) { return turned_shape(shape, 180); }

std::vector<Handle> handles_of(const Shape& shape) {
  std::vector<Handle> out;
  std::visit(Cases{[&](const Polygon& p) {
                     for (std::size_t i = 0; i < p.points.size(); ++i)
                       out.push_back({Grip::Corner, i, p.points[i]});
                   },
                   [&](const Ellipse& e) {
                     for (const std::size_t end : {0, 1}) {
                       const double a = e.turned + 180.0 * static_cast<double>(end);
                       const DiscPoint u = disc_point(Angle(a), e.along),
                                       w = disc_point(Angle(a + 90), e.across);
                       out.push_back({Grip::Along, end, plus(e.center, u)});
                       out.push_back({Grip::Across, end, plus(e.center, w)});
                     }
                   },
                   [&](const RingSector& s) {
                     out.push_back({Grip::Outer, 0, disc_point(Angle(mid_angle(s)), s.outer)});
                     out.push_back({Grip::Inner, 0, disc_point(Angle(mid_angle(s)), s.inner)});
                     out.push_back({Grip::From, 0, disc_point(Angle(s.from), mid_radius(s))});
                     out.push_back({Grip::To, 0, disc_point(Angle(s.from + s.sweep), mid_radius(s))});
                   }},
             shape);
  return out;
}

namespace {

Ellipse with_grip(Ellipse e, Grip grip, std::size_t index, DiscPoint to) {
  const DiscPoint d = minus(to, e.center);
  if (grip == Grip::Along && length(d) > 0) {
    e.along = std::clamp(length(d), kThinnest, kLongestAxis);
    e.turned = wrap_degrees(angle_of(d) + (index == 1 ? 180 : 0));
  }
  if (grip == Grip::Across)
    e.across = std::clamp(std::abs(dot(d, direction(e.turned + 90))), kThinnest, kLongestAxis);
  return e;
}

/// How far a sector goes when a hand has hold of an end; rounding does not open a whole ring.
double swept(double sweep) { return sweep > 360 - 1e-9 ? 360 : std::max(sweep, 1.0); }

RingSector with_grip(RingSector s, Grip grip, DiscPoint to) {
  // Near neutral a hand has no angle.
  const bool has_angle = length(to) > 1e-6;
  switch (grip) {
  case Grip::Outer:
    s.outer = std::clamp(length(to), std::min(1.0, s.inner + kThinnest), 1.0);
    break;
  case Grip::Inner:
    // A sector that is thinner already goes down to neutral.
    s.inner = std::clamp(length(to), 0.0, std::max(0.0, s.outer - kThinnest));
    break;
  case Grip::From:
    if (has_angle) {
      const double end = s.from + s.sweep;
      s.sweep = swept(s.sweep - turn_between(s.from, angle_of(to)));
      s.from = wrap_degrees(end - s.sweep);
    }
    break;
  case Grip::To:
    if (has_angle) s.sweep = swept(s.sweep + turn_between(s.from + s.sweep, angle_of(to)));
    break;
  default:
    break;
  }
  return s;
}

} // namespace

Shape with_handle_at(const Shape& shape, Grip grip, std::size_t index, DiscPoint to) {
  return std::visit(Cases{[&](Polygon p) -> Shape {
                            if (grip == Grip::Corner && index < p.points.size())
                              p.points[index] = pulled_onto_disc(to);
                            return p;
                          },
                          [&](const Ellipse& e) -> Shape { return with_grip(e, grip, index, to); },
                          [&](const RingSector& s) -> Shape { return with_grip(s, grip, to); }},
                    shape);
}

namespace {

bool on_disc(DiscPoint p) { return length(p) <= kRim; }
bool half_axis(double x) { return x >= kThinnest && x <= kLongestAxis; }
bool wheel_angle(double a) { return a >= 0 && a < 360; }

Status bounds_of(const Polygon& p) {
  if (p.points.size() > kMostPoints) return wrong(Sentence::AreaTooManyPoints);
  if (!std::all_of(p.points.begin(), p.points.end(), on_disc)) return wrong(Sentence::PointOffWheel);
  return Done{};
}
Status bounds_of(const Ellipse& e) {
  if (!on_disc(e.center)) return wrong(Sentence::EllipseOffWheel);
  if (!half_axis(e.along) || !half_axis(e.across)) return wrong(Sentence::EllipseAxes);
  if (!wheel_angle(e.turned)) return wrong(Sentence::EllipseTurn);
  return Done{};
}
Status bounds_of(const RingSector& s) {
  if (!wheel_angle(s.from)) return wrong(Sentence::SectorFrom);
  if (!(s.sweep > 0 && s.sweep <= 360)) return wrong(Sentence::SectorSweep);
  if (!(s.inner >= 0 && s.inner < s.outer && s.outer <= 1)) return wrong(Sentence::SectorSaturation);
  return Done{};
}

} // namespace

Status in_bounds(const Shape& shape) {
  return std::visit([](const auto& s) { return bounds_of(s); }, shape);
}

Status validate(const Shape& shape) {
  if (const auto* p = std::get_if<Polygon>(&shape)) {
    if (p->points.size() < 3) return wrong(Sentence::AreaTooFewPoints);
    Status bounds = bounds_of(*p);
    if (bounds && encloses_nothing(*p)) return wrong(Sentence::PointsOnOneLine);
    return bounds;
  }
  return in_bounds(shape);
}

bool crosses_itself(const Polygon& polygon) { return meets_itself(polygon.points); }

Polygon polygon_along(const std::vector<DiscPoint>& drawn, double tolerance) {
  Polygon out;
  if (drawn.size() < 3) {
    for (const auto& p : drawn) out.points.push_back(pulled_onto_disc(p));
    return out;
  }
  // Closed lines are thinned in two halves, so that no end is special.
  const auto far = static_cast<std::size_t>(std::max_element(drawn.begin(), drawn.end(),
                                                             [&](DiscPoint a, DiscPoint b) {
                                                               return length(minus(a, drawn[0])) <
                                                                      length(minus(b, drawn[0]));
                                                             }) -
                                            drawn.begin());
  const auto thin = [&](std::size_t from, std::size_t to) {
    std::vector<DiscPoint> line;
    for (std::size_t i = from; i <= to; ++i) line.push_back(pulled_onto_disc(drawn[i % drawn.size()]));
    const auto thinned = thinned_line(line, tolerance);
    out.points.insert(out.points.end(), thinned.begin(), thinned.end() - 1);
  };
  thin(0, far);
  thin(far, drawn.size());
  const auto close = [&](DiscPoint a, DiscPoint b) { return length(minus(a, b)) < tolerance; };
  while (out.points.size() > 3 && close(out.points.back(), out.points.front())) out.points.pop_back();
  return out;
}

} // namespace zc
