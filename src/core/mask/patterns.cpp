#include "core/mask/patterns.h"

#include <algorithm>

namespace zc {
namespace {

void add_rim(Polygon& out, double from, double to) {
  constexpr double kLongestStep = 30;
  const int steps = std::max(1, static_cast<int>(std::ceil((to - from) / kLongestStep - 1e-9)));
  for (int i = 0; i <= steps; ++i) out.points.push_back(disc_point(from + (to - from) * i / steps, 1));
}

void add_hue(Polygon& out, double angle, double spread) {
  if (spread <= 0)
    out.points.push_back(disc_point(angle, 1));
  else
    add_rim(out, angle - spread / 2, angle + spread / 2);
}

} // namespace

std::string_view pattern_name(Pattern kind) {
  switch (kind) {
  case Pattern::Analogous:
    return "analogous";
  case Pattern::Complement:
    return "complement";
  case Pattern::Triad:
    break;
  }
  return "triad";
}

double usual_spread(Pattern kind) {
  switch (kind) {
  case Pattern::Analogous:
    return 60;
  case Pattern::Complement:
    return 30;
  case Pattern::Triad:
    break;
  }
  return 0;
}

Mask pattern_mask(const PatternSpec& spec) {
  const double spread = std::clamp(spec.spread, 0.0, 120.0);
  Polygon p;
  switch (spec.kind) {
  case Pattern::Analogous:
    p.points.push_back({0, 0});
    add_hue(p, spec.base, spread);
    break;
  case Pattern::Complement:
    for (const double turn : {0.0, 180.0}) add_hue(p, spec.base + turn, spread);
    break;
  case Pattern::Triad:
    for (const double turn : {0.0, 120.0, 240.0}) add_hue(p, spec.base + turn, std::min(spread, 119.0));
    break;
  }
  for (auto& point : p.points) point = pulled_onto_disc(point);
  Mask mask;
  mask.name = pattern_name(spec.kind);
  mask.areas.push_back({AreaMode::Adds, p});
  return mask;
}

} // namespace zc
