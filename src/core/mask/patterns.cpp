// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mask/patterns.h"

#include <algorithm>

namespace zc {
namespace {

void add_rim(Polygon& out, double from, double to) {
  constexpr double kLongestStep = 30;
  const int steps = std::max(1, static_cast<int>(std::ceil((to - from) / kLongestStep - 1e-9)));
  for (int i = 0; i <= steps; ++i) out.points.push_back(disc_point(Angle(from + (to - from) * i / steps), 1));
}

void add_hue(Polygon& out, double angle, double spread) {
  if (spread <= 0)
    out.points.push_back(disc_point(Angle(angle), 1));
  else
    add_rim(out, angle - spread / 2, angle + spread / 2);
}

struct PatternRow {
  std::string_view name;
  double usual_spread;
  bool from_neutral;         ///< A wedge that has neutral as a corner.
  std::vector<double> turns; ///< Hues from the base, in order round the wheel.
};

const PatternRow& row_of(Pattern kind) {
  static const PatternRow rows[] = {
      {"single", 20, true, {0}},
      {"analogous", 60, true, {0}},
      {"complement", 30, false, {0, 180}},
      {"split", 0, false, {0, 150, 210}},
      {"triad", 0, false, {0, 120, 240}},
      {"square", 0, false, {0, 90, 180, 270}},
      {"rectangle", 0, false, {0, 60, 180, 240}},
      {"accent", 60, false, {0, 180}},
  };
  return rows[static_cast<int>(kind)];
}

/// The widest spread at which no two hues run into each other.
double widest_spread(const PatternRow& row) {
  double widest = 120;
  for (std::size_t i = 0; i + 1 < row.turns.size(); ++i)
    widest = std::min(widest, row.turns[i + 1] - row.turns[i] - 1);
  return widest;
}

} // namespace

std::string_view pattern_name(Pattern kind) { return row_of(kind).name; }
double usual_spread(Pattern kind) { return row_of(kind).usual_spread; }

Mask pattern_mask(const PatternSpec& spec) {
  const PatternRow& row = row_of(spec.kind);
  const double spread = std::clamp(spec.spread, 0.0, widest_spread(row));
  Polygon p;
  if (row.from_neutral) p.points.push_back({0, 0});
  for (const double turn : row.turns) {
    // The accent itself is a point across from its family.
    const bool accent = spec.kind == Pattern::Accent && turn == 180;
    add_hue(p, spec.base + turn, accent ? 0 : spread);
  }
  for (auto& point : p.points) point = pulled_onto_disc(point);
  Mask mask;
  mask.name = row.name;
  mask.areas.push_back({AreaMode::Adds, p});
  return mask;
}

} // namespace zc
