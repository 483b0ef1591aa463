// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/smear.h"

#include "core/color/convert.h"
#include "core/color/difference.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace zc {
namespace {

constexpr double kApart = 0.008; ///< Between places of a streak, in sides of the field, or more:
constexpr double kMostPlaces = 800;
/// Below this two ends of a stroke are one color, in CIEDE2000.
constexpr double kSameColor = 1e-6;

double distance(FieldPoint a, FieldPoint b) { return std::hypot(a.x - b.x, a.y - b.y); }

/// The path with places close to each other, on the field.
FieldPath close_path(std::size_t corners, const FieldPath& path) {
  FieldPath out{onto_field(corners, path.front())};
  double way = 0;
  for (std::size_t i = 1; i < path.size(); ++i) way += distance(path[i - 1], path[i]);
  const double apart = std::max(kApart, way / kMostPlaces);
  for (std::size_t i = 1; i < path.size(); ++i) {
    const FieldPoint from = path[i - 1], to = path[i];
    const int steps = std::max(1, static_cast<int>(std::ceil(distance(from, to) / apart)));
    for (int k = 1; k <= steps; ++k) {
      const double t = static_cast<double>(k) / steps;
      out.push_back(onto_field(corners, {from.x + (to.x - from.x) * t, from.y + (to.y - from.y) * t}));
    }
  }
  return out;
}

double longest_step(const Streak& streak) {
  double out = 0;
  for (std::size_t i = 1; i < streak.places.size(); ++i)
    out = std::max(out, distance(streak.places[i - 1], streak.places[i]));
  return out;
}

std::vector<double> longest_steps(const std::vector<Streak>& streaks) {
  std::vector<double> out;
  out.reserve(streaks.size());
  for (const Streak& streak : streaks) out.push_back(longest_step(streak));
  return out;
}

/// The nearest place of a streak, or nothing beyond its reach. `step` is its longest one: no place that is
/// passed over can be within reach.
std::optional<std::size_t> place_on(const Streak& streak, double step, FieldPoint p) {
  std::optional<std::size_t> best;
  double nearest = kSmearReach;
  for (std::size_t i = 0; i < streak.places.size();) {
    const double away = distance(streak.places[i], p);
    // The later one where the streak crosses itself.
    if (away <= nearest) {
      nearest = away;
      best = i;
    }
    const double free = step > 0 ? (away - kSmearReach) / step : 0;
    i += free > 1 ? static_cast<std::size_t>(free) : 1;
  }
  return best;
}

std::vector<double> parts_under(std::size_t corners, const std::vector<Streak>& streaks,
                                const std::vector<double>& steps, FieldPoint p) {
  for (std::size_t i = streaks.size(); i-- > 0;)
    if (const auto place = place_on(streaks[i], steps[i], p)) return streaks[i].parts[*place];
  return parts_at(corners, p);
}

/// Nothing where there is no mixture.
std::vector<std::optional<Srgb>> colors_of(const MixField& field, const Streak& streak) {
  std::vector<std::optional<Srgb>> out;
  out.reserve(streak.parts.size());
  for (const auto& parts : streak.parts) {
    const auto mixture = field.of_parts(parts);
    out.push_back(mixture ? std::optional(mixture->color) : std::nullopt);
  }
  return out;
}

} // namespace

std::vector<double> parts_under(std::size_t corners, const std::vector<Streak>& streaks, FieldPoint p) {
  return parts_under(corners, streaks, longest_steps(streaks), p);
}

Streak smeared(std::size_t corners, const std::vector<Streak>& below, const FieldPath& path) {
  assert(!path.empty());
  Streak out{close_path(corners, path), {}};
  const std::vector<double> steps = longest_steps(below);
  std::vector<double> load = parts_under(corners, below, steps, out.places.front());
  out.parts.push_back(load);
  for (std::size_t i = 1; i < out.places.size(); ++i) {
    const double taken = 1 - std::exp(-distance(out.places[i - 1], out.places[i]) / kLoadLasts);
    const auto there = parts_under(corners, below, steps, out.places[i]);
    for (std::size_t c = 0; c < corners; ++c) load[c] += (there[c] - load[c]) * taken;
    out.parts.push_back(load);
  }
  return out;
}

Smears smears_along(const MixField& field, Smears known, const std::vector<FieldPath>& paths) {
  const auto differ = std::mismatch(known.paths.begin(), known.paths.end(), paths.begin(), paths.end());
  const auto kept = static_cast<std::size_t>(differ.first - known.paths.begin());
  known.paths.resize(kept);
  known.streaks.resize(kept);
  known.colors.resize(std::min(kept, known.colors.size()));
  for (std::size_t i = kept; i < paths.size(); ++i) {
    known.streaks.push_back(smeared(field.corners(), known.streaks, paths[i]));
    known.paths.push_back(paths[i]);
  }
  while (known.colors.size() < known.streaks.size())
    known.colors.push_back(colors_of(field, known.streaks[known.colors.size()]));
  return known;
}

std::vector<std::vector<double>> picked_along(const MixField& field, const std::vector<Streak>& streaks,
                                              const FieldPath& path, std::size_t count) {
  std::vector<std::vector<double>> met, out;
  std::vector<double> way;
  Lab before;
  if (path.empty() || count == 0) return out;
  const std::vector<double> steps = longest_steps(streaks);
  for (const FieldPoint p : close_path(field.corners(), path)) {
    auto parts = parts_under(field.corners(), streaks, steps, p);
    const auto mixture = field.of_parts(parts);
    if (!mixture) continue;
    const Lab lab = lab_from_srgb(mixture->color);
    way.push_back(way.empty() ? 0 : way.back() + ciede2000(before, lab));
    met.push_back(std::move(parts));
    before = lab;
  }
  if (met.empty()) return out;
  if (way.back() < kSameColor || count == 1) return {met.front()};
  for (std::size_t i = 0; i < count; ++i) {
    const double wanted = way.back() * static_cast<double>(i) / static_cast<double>(count - 1);
    const auto at = std::lower_bound(way.begin(), way.end(), wanted - kSameColor);
    const auto place = static_cast<std::size_t>(at - way.begin());
    out.push_back(met[std::min(place, met.size() - 1)]);
  }
  return out;
}

} // namespace zc
