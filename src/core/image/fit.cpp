#include "core/image/fit.h"

#include "core/base/parallel.h"

#include <boost/geometry.hpp>
#include <boost/geometry/geometries/multi_point.hpp>
#include <boost/geometry/geometries/point_xy.hpp>
#include <boost/geometry/geometries/polygon.hpp>

#include <algorithm>
#include <cmath>
#include <numeric>

namespace zc {
namespace {

namespace bg = boost::geometry;
using Point = bg::model::d2::point_xy<double>;
using Hull = bg::model::polygon<Point>;

constexpr int kGrid = 96, kDirections = 72;

struct Cell {
  DiscPoint at;
  double weight = 0;
};

/// Like places as one, so that many masks can be tried.
std::vector<Cell> gathered(const std::vector<ColorPlace>& places) {
  std::vector<Cell> cells(static_cast<std::size_t>(kGrid) * kGrid);
  const auto cell = [](double x) { return std::clamp(static_cast<int>((x + 1) / 2 * kGrid), 0, kGrid - 1); };
  for (const auto& p : places) {
    Cell& c = cells[static_cast<std::size_t>(cell(p.at.y)) * kGrid + static_cast<std::size_t>(cell(p.at.x))];
    c.at.x += p.weight * p.at.x;
    c.at.y += p.weight * p.at.y;
    c.weight += p.weight;
  }
  std::erase_if(cells, [](const Cell& c) { return c.weight <= 0; });
  for (auto& c : cells) c.at = pulled_onto_disc({c.at.x / c.weight, c.at.y / c.weight});
  return cells;
}

double weight_of(const std::vector<Cell>& cells) {
  return std::accumulate(cells.begin(), cells.end(), 0.0,
                         [](double sum, const Cell& c) { return sum + c.weight; });
}

Status validate(const std::vector<ColorPlace>& places, double hold) {
  if (!(hold > 0 && hold <= 1))
    return Error{ErrorCode::BadInput, "The share to hold goes from above 0 to 100 percent.", "share"};
  if (places.empty())
    return Error{ErrorCode::BadInput, "The reference has no colors to fit to.", "reference"};
  return Done{};
}

struct Tried {
  PatternSpec spec;
  double held = 0, area = 0;
};

bool better(const Tried& a, const Tried& b, double hold) {
  const bool a_holds = a.held >= hold, b_holds = b.held >= hold;
  if (a_holds != b_holds) return a_holds;
  return a_holds ? a.area < b.area : a.held > b.held;
}

Tried tried(const std::vector<Cell>& cells, double whole, const PatternSpec& spec) {
  const MaskRegion region(pattern_mask(spec));
  Tried out{spec, 0, region.share()};
  for (const auto& c : cells)
    if (region.inside(c.at)) out.held += c.weight / whole;
  return out;
}

Tried best_of(const std::vector<Cell>& cells, const std::vector<PatternSpec>& specs, double hold) {
  const double whole = weight_of(cells);
  std::vector<Tried> all(specs.size());
  in_parallel(static_cast<int>(specs.size()), 4, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      all[i] = tried(cells, whole, specs[i]);
  });
  return *std::min_element(all.begin(), all.end(),
                           [hold](const Tried& a, const Tried& b) { return better(a, b, hold); });
}

Fit judged(Mask mask, const std::vector<ColorPlace>& places, double hold) {
  const MaskRegion region(mask);
  const double held = share_held(places, region);
  return {std::move(mask), held, region.share(), held >= hold - 1e-9};
}

// ---------------------------------------------------------------- free polygons

std::vector<DiscPoint> hull_of(const std::vector<Cell>& cells) {
  bg::model::multi_point<Point> points;
  for (const auto& c : cells) points.emplace_back(c.at.x, c.at.y);
  Hull hull;
  bg::convex_hull(points, hull);
  std::vector<DiscPoint> out;
  for (std::size_t i = 0; i + 1 < hull.outer().size(); ++i)
    out.push_back({hull.outer()[i].x(), hull.outer()[i].y()});
  return out;
}

double area_of(const std::vector<DiscPoint>& p) {
  double twice = 0;
  for (std::size_t i = 0, j = p.size() - 1; i < p.size(); j = i++) twice += p[j].x * p[i].y - p[i].x * p[j].y;
  return std::abs(twice) / 2;
}

double along(const DiscPoint& p, int direction) {
  const DiscPoint d = disc_point(360.0 * direction / kDirections, 1);
  return p.x * d.x + p.y * d.y;
}

/// The cells without those furthest out in a direction, up to so much weight.
std::vector<Cell> cut(const std::vector<Cell>& cells, int direction, double most) {
  std::vector<Cell> out = cells;
  std::sort(out.begin(), out.end(), [direction](const Cell& a, const Cell& b) {
    return along(a.at, direction) < along(b.at, direction);
  });
  double lost = 0;
  while (out.size() > 3 && lost + out.back().weight <= most) {
    lost += out.back().weight;
    out.pop_back();
  }
  return out;
}

std::vector<Cell> peeled(std::vector<Cell> cells, double hold) {
  const double whole = weight_of(cells);
  double spare = whole - hold * whole;
  for (int round = 0; round < 60 && spare > 0; ++round) {
    const double before = area_of(hull_of(cells)), slice = std::max(spare / 6, whole * 0.002);
    std::vector<std::vector<Cell>> tries(kDirections);
    std::vector<double> saved(kDirections, 0);
    in_parallel(kDirections, 4, [&](int from, int to) {
      for (int d = from; d < to; ++d) {
        const auto i = static_cast<std::size_t>(d);
        tries[i] = cut(cells, d, std::min(slice, spare));
        const double lost = weight_of(cells) - weight_of(tries[i]);
        if (lost > 0) saved[i] = (before - area_of(hull_of(tries[i]))) / lost;
      }
    });
    const auto best = static_cast<std::size_t>(std::max_element(saved.begin(), saved.end()) - saved.begin());
    if (saved[best] <= 0) break;
    spare -= weight_of(cells) - weight_of(tries[best]);
    cells = std::move(tries[best]);
  }
  return cells;
}

std::optional<DiscPoint> crossing(DiscPoint a, DiscPoint b, DiscPoint c, DiscPoint d) {
  const double rx = b.x - a.x, ry = b.y - a.y, sx = d.x - c.x, sy = d.y - c.y, cross = rx * sy - ry * sx;
  if (std::abs(cross) < 1e-12) return std::nullopt;
  const double t = ((c.x - a.x) * sy - (c.y - a.y) * sx) / cross;
  if (t < 1) return std::nullopt;
  return DiscPoint{a.x + t * rx, a.y + t * ry};
}

/// Takes away the edge whose neighbors, carried on until they meet, add the least area.
std::vector<DiscPoint> with_fewer_corners(std::vector<DiscPoint> p, std::size_t most) {
  while (p.size() > std::max<std::size_t>(most, 3)) {
    const std::size_t n = p.size();
    double least = 1e9;
    std::size_t edge = n;
    DiscPoint tip;
    for (std::size_t i = 0; i < n; ++i) {
      const DiscPoint before = p[(i + n - 1) % n], a = p[i], b = p[(i + 1) % n], after = p[(i + 2) % n];
      const auto meet = crossing(before, a, after, b);
      if (!meet || std::hypot(meet->x, meet->y) > 1) continue;
      const double more = area_of({a, *meet, b});
      if (more >= least) continue;
      least = more;
      edge = i;
      tip = *meet;
    }
    if (edge == n) {
      // No two edges meet on the disc: the corner that takes the least away goes.
      std::size_t flat = 0;
      double lost = 1e9;
      for (std::size_t i = 0; i < n; ++i)
        if (const double a = area_of({p[(i + n - 1) % n], p[i], p[(i + 1) % n]}); a < lost) {
          lost = a;
          flat = i;
        }
      p.erase(p.begin() + static_cast<std::ptrdiff_t>(flat));
      continue;
    }
    p[edge] = tip;
    p.erase(p.begin() + static_cast<std::ptrdiff_t>((edge + 1) % n));
  }
  return p;
}

} // namespace

Result<Fit> fit_pattern(const std::vector<ColorPlace>& places, Pattern kind, double hold) {
  const Status valid = validate(places, hold);
  if (!valid) return valid.error();
  const auto cells = gathered(places);
  std::vector<PatternSpec> specs;
  for (int spread = 0; spread <= 120; spread += 10)
    for (int base = 0; base < 360; base += 10) specs.push_back({kind, double(base), double(spread)});
  PatternSpec best = best_of(cells, specs, hold).spec;
  for (const double step : {4.0, 1.5}) {
    specs.clear();
    for (int s = -3; s <= 3; ++s)
      for (int b = -3; b <= 3; ++b)
        specs.push_back(
            {kind, wrap_degrees(best.base + step * b), std::clamp(best.spread + step * s, 0.0, 120.0)});
    best = best_of(cells, specs, hold).spec;
  }
  return judged(pattern_mask(best), places, hold);
}

Result<Fit> fit_polygon(const std::vector<ColorPlace>& places, int most_points, double hold) {
  const Status valid = validate(places, hold);
  if (!valid) return valid.error();
  if (most_points < 3 || most_points > 24)
    return Error{ErrorCode::BadInput, "A fitted polygon has from 3 to 24 corners.", "points"};
  Polygon polygon{
      with_fewer_corners(hull_of(peeled(gathered(places), hold)), static_cast<std::size_t>(most_points))};
  Mask mask;
  mask.name = "fitted";
  if (!validate(Shape(polygon))) {
    // All colors on a line or a point: the smallest area around them.
    const DiscPoint middle = middle_of(polygon);
    mask.areas = {{AreaMode::Adds, Ellipse{middle, 0.05, 0.05, 0}}};
    return judged(std::move(mask), places, hold);
  }
  mask.areas = {{AreaMode::Adds, polygon}};
  Fit out = judged(mask, places, hold);
  for (int grown = 0; !out.reached && grown < 60; ++grown) {
    mask.areas.change(0).shape = scaled_shape(mask.areas[0].shape, 1.01);
    out = judged(mask, places, hold);
  }
  return out;
}

} // namespace zc
