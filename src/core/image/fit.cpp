// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/fit.h"

#include "core/base/parallel.h"
#include "core/base/sentences.h"
#include "core/mask/outline.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

namespace zc {
namespace {

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
  if (!(hold > 0 && hold <= 1)) return Error{ErrorCode::BadInput, Sentence::HoldRange, "share"};
  if (places.empty()) return Error{ErrorCode::BadInput, Sentence::NoColorsToFit, "reference"};
  return Done{};
}

struct Tried {
  PatternSpec spec;
  double inside = 0, area = 0;
};

bool better(const Tried& a, const Tried& b, double hold) {
  const bool a_holds = a.inside >= hold, b_holds = b.inside >= hold;
  if (a_holds != b_holds) return a_holds;
  return a_holds ? a.area < b.area : a.inside > b.inside;
}

Tried tried(const std::vector<Cell>& cells, double whole, const PatternSpec& spec) {
  const MaskRegion region(pattern_mask(spec));
  Tried out{spec, 0, region.share()};
  for (const auto& c : cells)
    if (region.inside(c.at)) out.inside += c.weight / whole;
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
  const double inside = share_inside(places, region);
  return {std::move(mask), inside, region.share(), inside >= hold - 1e-9};
}

Error stopped() { return {ErrorCode::Stopped, Sentence::FitStopped, "fit"}; }

// ---------------------------------------------------------------- free polygons

/// Convex hull by the monotone chain (Andrew 1979) of those that are in, which come sorted by x and y.
template <class In> std::vector<DiscPoint> hull_of(const std::vector<Cell>& cells, const In& in) {
  std::vector<DiscPoint> out;
  const auto turns_left = [](DiscPoint a, DiscPoint b, DiscPoint c) {
    return (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x) > 0;
  };
  const auto add = [&](std::size_t i, std::size_t least) {
    if (!in(i)) return;
    while (out.size() >= least + 2 && !turns_left(out[out.size() - 2], out.back(), cells[i].at))
      out.pop_back();
    out.push_back(cells[i].at);
  };
  for (std::size_t i = 0; i < cells.size(); ++i) add(i, 0);
  if (out.size() < 2) return out;
  out.pop_back();
  const std::size_t lower = out.size();
  for (std::size_t i = cells.size(); i-- > 0;) add(i, lower);
  out.pop_back();
  return out;
}

double along(const DiscPoint& p, int direction) {
  const DiscPoint d = disc_point(Angle(360.0 * direction / kDirections), 1);
  return p.x * d.x + p.y * d.y;
}

/// Takes cells away from the outside, always where the hull loses most for the weight lost.
class Peeler {
public:
  Peeler(std::vector<Cell> cells, double hold) : m_cells(std::move(cells)), m_in(m_cells.size(), 1) {
    m_whole = weight_of(m_cells);
    m_left = m_cells.size();
    m_spare = m_whole - hold * m_whole;
    in_parallel(kDirections, 4, [this](int from, int to) {
      for (int d = from; d < to; ++d) sort_along(d);
    });
  }
  /// False once nothing is gained any more.
  [[nodiscard]] bool peel() {
    if (m_spare <= 0) return false;
    const double before = enclosed_area(hull()),
                 slice = std::min(m_spare, std::max(m_spare / 6, m_whole * 0.002));
    std::vector<Slice> tries(kDirections);
    in_parallel(kDirections, 4, [&](int from, int to) {
      for (int d = from; d < to; ++d) tries[static_cast<std::size_t>(d)] = cut(d, slice, before);
    });
    const auto best = std::max_element(tries.begin(), tries.end(),
                                       [](const Slice& a, const Slice& b) { return a.saved < b.saved; });
    if (best->saved <= 0) return false;
    m_spare -= best->lost;
    m_left -= best->gone.size();
    for (const std::size_t i : best->gone) m_in[i] = 0;
    return true;
  }
  [[nodiscard]] std::vector<DiscPoint> hull() const {
    return hull_of(m_cells, [this](std::size_t i) { return m_in[i] != 0; });
  }

private:
  struct Slice {
    std::vector<std::size_t> gone;
    double lost = 0, saved = 0; ///< Weight, and area for it.
  };
  void sort_along(int d) {
    auto& order = m_orders[static_cast<std::size_t>(d)];
    std::vector<double> places;
    for (const auto& c : m_cells) places.push_back(along(c.at, d));
    order.resize(m_cells.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::sort(order.begin(), order.end(),
              [&](std::size_t a, std::size_t b) { return places[a] > places[b]; });
  }
  /// The places furthest out in a direction, up to so much weight.
  [[nodiscard]] Slice cut(int d, double most, double area) const {
    Slice out;
    for (const std::size_t i : m_orders[static_cast<std::size_t>(d)]) {
      if (!m_in[i]) continue;
      if (m_left - out.gone.size() <= 3 || out.lost + m_cells[i].weight > most) break;
      out.lost += m_cells[i].weight;
      out.gone.push_back(i);
    }
    if (out.lost <= 0) return out;
    std::vector<char> in = m_in;
    for (const std::size_t i : out.gone) in[i] = 0;
    out.saved =
        (area - enclosed_area(hull_of(m_cells, [&in](std::size_t i) { return in[i] != 0; }))) / out.lost;
    return out;
  }

  std::vector<Cell> m_cells;
  std::vector<char> m_in;
  std::array<std::vector<std::size_t>, kDirections> m_orders; ///< From the outside in.
  double m_whole = 0, m_spare = 0;
  std::size_t m_left = 0;
};

/// The hull of what is left when as much is peeled off as need not be inside.
Result<std::vector<DiscPoint>> peeled_hull(std::vector<Cell> cells, double hold, const Progress& progress) {
  constexpr int rounds = 60;
  std::sort(cells.begin(), cells.end(), [](const Cell& a, const Cell& b) {
    return std::pair(a.at.x, a.at.y) < std::pair(b.at.x, b.at.y);
  });
  Peeler peeler(std::move(cells), hold);
  for (int round = 0; round < rounds && peeler.peel(); ++round)
    if (progress && !progress(static_cast<double>(round) / rounds)) return stopped();
  return peeler.hull();
}

std::optional<DiscPoint> crossing(DiscPoint a, DiscPoint b, DiscPoint c, DiscPoint d) {
  const double rx = b.x - a.x, ry = b.y - a.y, sx = d.x - c.x, sy = d.y - c.y, cross = rx * sy - ry * sx;
  if (std::abs(cross) < 1e-12) return std::nullopt;
  const double t = ((c.x - a.x) * sy - (c.y - a.y) * sx) / cross;
  if (t < 1) return std::nullopt;
  return DiscPoint{a.x + t * rx, a.y + t * ry};
}

/// Corners this near to the rim stand on it: a cell of the grid reaches as far.
constexpr double kNearRim = 0.97;

bool at_rim(DiscPoint p) { return std::hypot(p.x, p.y) > 1 - 1e-9; }

/// Where the line from `inner` through `outer` leaves the disc.
DiscPoint carried_to_rim(DiscPoint inner, DiscPoint outer) {
  const double dx = outer.x - inner.x, dy = outer.y - inner.y, a = dx * dx + dy * dy;
  if (a < 1e-18) return pulled_onto_disc(outer);
  const double b = inner.x * dx + inner.y * dy, c = inner.x * inner.x + inner.y * inner.y - 1;
  const double t = (-b + std::sqrt(std::max(0.0, b * b - a * c))) / a;
  return pulled_onto_disc({inner.x + t * dx, inner.y + t * dy});
}

/// Carries on the neighbors of an edge until they meet, or on to the rim where they meet beyond it; `more` is
/// the area that this adds, without what lies between a straight edge and the rim.
struct Widened {
  DiscPoint a, b; ///< One place where they meet within the disc.
  double more = 1e9;
  bool meets = false;
};
Widened widened(DiscPoint before, DiscPoint a, DiscPoint b, DiscPoint after) {
  const auto meet = crossing(before, a, after, b);
  if (meet && std::hypot(meet->x, meet->y) <= 1) return {*meet, *meet, enclosed_area({a, *meet, b}), true};
  if (at_rim(a) && at_rim(b)) return {};
  const DiscPoint c = at_rim(a) ? a : carried_to_rim(before, a), d = at_rim(b) ? b : carried_to_rim(after, b);
  return {c, d, enclosed_area({a, c, d, b}), false};
}

/// A corner at the rim between two others at the rim adds nothing where the edges go along it; the one goes
/// whose neighbors are nearest. REQUIRES more than three corners.
bool drop_rim_corner(std::vector<DiscPoint>& p) {
  const std::size_t n = p.size();
  std::size_t nearest = n;
  double least = 175; // The way along the rim is the shorter one.
  for (std::size_t i = 0; i < n; ++i) {
    const DiscPoint before = p[(i + n - 1) % n], after = p[(i + 1) % n];
    const bool between = at_rim(before) && at_rim(p[i]) && at_rim(after);
    const auto angle = [](DiscPoint q) { return degrees(std::atan2(q.x, q.y)); };
    const double to = turn_between(angle(before), angle(p[i])), on = turn_between(angle(p[i]), angle(after));
    if (!between || to * on <= 0 || std::abs(to + on) >= least) continue;
    least = std::abs(to + on);
    nearest = i;
  }
  if (nearest == n) return false;
  p.erase(p.begin() + static_cast<std::ptrdiff_t>(nearest));
  return true;
}

/// The edge whose widening until its neighbors meet adds the least area; nothing where none can be widened.
std::optional<std::pair<std::size_t, Widened>> least_widened(const std::vector<DiscPoint>& p) {
  const std::size_t n = p.size();
  std::optional<std::pair<std::size_t, Widened>> out;
  Widened best;
  for (std::size_t i = 0; i < n; ++i) {
    const Widened w = widened(p[(i + n - 1) % n], p[i], p[(i + 1) % n], p[(i + 2) % n]);
    if (w.more >= best.more) continue;
    best = w;
    out.emplace(i, w);
  }
  return out;
}

/// The corner that takes the least area away.
std::size_t flattest_corner(const std::vector<DiscPoint>& p) {
  const std::size_t n = p.size();
  std::size_t flat = 0;
  double lost = 1e9;
  for (std::size_t i = 0; i < n; ++i)
    if (const double a = enclosed_area({p[(i + n - 1) % n], p[i], p[(i + 1) % n]}); a < lost) {
      lost = a;
      flat = i;
    }
  return flat;
}

/// Takes corners away where that adds the least area.
std::vector<DiscPoint> with_fewer_corners(std::vector<DiscPoint> p, std::size_t most) {
  for (DiscPoint& q : p)
    if (std::hypot(q.x, q.y) > kNearRim) q = carried_to_rim({0, 0}, q);
  while (p.size() > std::max<std::size_t>(most, 3)) {
    if (drop_rim_corner(p)) continue;
    const auto edge = least_widened(p);
    if (!edge) {
      p.erase(p.begin() + static_cast<std::ptrdiff_t>(flattest_corner(p)));
      continue;
    }
    const auto& [at, best] = *edge;
    const std::size_t next = (at + 1) % p.size();
    p[at] = best.a;
    p[next] = best.b;
    if (best.meets) p.erase(p.begin() + static_cast<std::ptrdiff_t>(next));
  }
  return p;
}

/// All bases of one spread, in steps of ten degrees.
std::vector<PatternSpec> row_of_bases(Pattern kind, int spread) {
  std::vector<PatternSpec> out;
  for (int base = 0; base < 360; base += 10) out.push_back({kind, double(base), double(spread)});
  return out;
}

std::vector<PatternSpec> specs_around(const PatternSpec& best, double step) {
  std::vector<PatternSpec> out;
  for (int s = -3; s <= 3; ++s)
    for (int b = -3; b <= 3; ++b)
      out.push_back(
          {best.kind, wrap_degrees(best.base + step * b), std::clamp(best.spread + step * s, 0.0, 120.0)});
  return out;
}

} // namespace

Result<Fit> fit_pattern(const std::vector<ColorPlace>& places, Pattern kind, double hold,
                        const Progress& progress) {
  const Status valid = validate(places, hold);
  if (!valid) return valid.error();
  const auto cells = gathered(places);
  PatternSpec best{kind, 0, 0};
  // All there are in steps of ten degrees; a row of bases at a time, so that it can be stopped.
  Tried first;
  for (int spread = 0; spread <= 120; spread += 10) {
    const Tried row = best_of(cells, row_of_bases(kind, spread), hold);
    if (spread == 0 || better(row, first, hold)) first = row;
    if (progress && !progress(spread / 160.0)) return stopped();
  }
  best = first.spec;
  for (const double step : {4.0, 1.5}) {
    best = best_of(cells, specs_around(best, step), hold).spec;
    if (progress && !progress(step > 2 ? 0.8 : 0.95)) return stopped();
  }
  return judged(pattern_mask(best), places, hold);
}

Result<Fit> fit_polygon(const std::vector<ColorPlace>& places, int most_points, double hold,
                        const Progress& progress) {
  const Status valid = validate(places, hold);
  if (!valid) return valid.error();
  if (!kFitCornersRange.holds(most_points)) return Error{ErrorCode::BadInput, Sentence::FitCorners, "points"};
  const auto hull = peeled_hull(gathered(places), hold, progress);
  if (!hull) return hull.error();
  Polygon polygon{with_fewer_corners(*hull, static_cast<std::size_t>(most_points)), true};
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
    if (progress && !progress(0.99)) return stopped();
  }
  return out;
}

} // namespace zc
