#include "core/mask/picking.h"

#include <algorithm>

namespace zc {
namespace {

DiscPoint on_step(DiscPoint p, const Steps& steps) {
  const WheelPoint at = wheel_point(p, 0);
  return disc_point(stepped_hue(at.a, steps), stepped_saturation(at.r, steps));
}

/// All saturations admitted at a hue, as the ends and steps nearest to the wanted place.
void add_along_hue(std::vector<DiscPoint>& out, const MaskRegion& region, const Steps& steps, double a,
                   DiscPoint wanted) {
  const DiscPoint rim = disc_point(a, 1);
  const double along = wanted.x * rim.x + wanted.y * rim.y;
  for (const Stretch& s : region.along_diameter(a)) {
    if (s.to < 0) continue;
    const double r = std::clamp(along, std::max(0.0, s.from), s.to);
    if (steps.saturations == 0) {
      out.push_back(disc_point(a, r));
      continue;
    }
    for (const double near : {std::floor(r * steps.saturations), std::ceil(r * steps.saturations)})
      out.push_back(disc_point(a, near / steps.saturations));
  }
}

std::vector<DiscPoint> candidates(const MaskRegion& region, const Steps& steps, DiscPoint wanted) {
  std::vector<DiscPoint> out;
  if (steps.hues > 0) {
    for (int i = 0; i < steps.hues; ++i) add_along_hue(out, region, steps, 360.0 * i / steps.hues, wanted);
    return out;
  }
  for (int ring = 0; ring <= steps.saturations; ++ring)
    for (double a = 0; a < 360; a += 0.5)
      out.push_back(disc_point(a, static_cast<double>(ring) / steps.saturations));
  return out;
}

double stepped_along(double along, const Steps& steps) {
  return std::copysign(stepped_saturation(std::abs(along), steps), along);
}

/// The admitted place along a cut that is nearest to the wanted one; a step where a stretch holds one.
double nearest_along(const std::vector<Stretch>& stretches, const Steps& steps, double wanted) {
  double best = 1e9, place = wanted;
  const auto judge = [&](double at) {
    if (std::abs(at - wanted) >= best) return;
    best = std::abs(at - wanted);
    place = at;
  };
  for (const Stretch& s : stretches) {
    for (int k = -steps.saturations; k <= steps.saturations; ++k) {
      const double at = steps.saturations ? static_cast<double>(k) / steps.saturations : wanted;
      if (at >= s.from - 1e-9 && at <= s.to + 1e-9) judge(at);
    }
  }
  if (best < 1e9) return place;
  for (const Stretch& s : stretches) judge(std::clamp(wanted, s.from, s.to));
  return place;
}

} // namespace

std::optional<DiscPoint> stepped_pick(const PickRules& rules, DiscPoint wanted) {
  const auto& [wheel, region, rule, steps] = rules;
  const DiscPoint on_disc = pulled_onto_disc(wanted);
  const bool smooth = steps.hues == 0 && steps.saturations == 0;
  if (!region || rule != MaskRule::Held) return smooth ? on_disc : on_step(on_disc, steps);
  if (smooth) return region->nearest(on_disc);
  if (const DiscPoint first = on_step(on_disc, steps); region->inside(first)) return first;
  const auto away = [&](DiscPoint p) { return std::hypot(p.x - on_disc.x, p.y - on_disc.y); };
  auto places = candidates(*region, steps, on_disc);
  std::sort(places.begin(), places.end(), [&](DiscPoint p, DiscPoint q) { return away(p) < away(q); });
  const auto found = std::find_if(places.begin(), places.end(),
                                  [inside = region](DiscPoint p) { return inside->inside(p); });
  return found != places.end() ? *found : region->nearest(on_disc);
}

std::optional<WheelPoint> pick_in_plan(const PickRules& rules, const WheelPoint& now, DiscPoint wanted) {
  const auto place = stepped_pick(rules, wanted);
  if (!place) return std::nullopt;
  return wheel_point(*place, stepped_value(now.v, rules.steps), now.a);
}

WheelPoint pick_in_section(const PickRules& rules, const WheelPoint& now, double angle, double along,
                           double value) {
  const double wanted = std::clamp(along, -1.0, 1.0);
  double place = stepped_along(wanted, rules.steps);
  if (rules.region && rules.rule == MaskRule::Held) {
    const auto stretches = rules.region->along_diameter(angle);
    if (stretches.empty()) return pick_on_rail(rules, now, value);
    place = nearest_along(stretches, rules.steps, wanted);
  }
  const bool other_side = place < 0 || (place == 0 && along < 0);
  return {wrap_degrees(other_side ? angle + 180 : angle), std::abs(place), stepped_value(value, rules.steps)};
}

WheelPoint pick_on_rail(const PickRules& rules, const WheelPoint& now, double value) {
  const ValueSpan span = rules.wheel.value_span(now.a, now.r);
  if (span.empty()) return {now.a, now.r, stepped_value(value, rules.steps)};
  const double kept = std::clamp(value, span.low, span.high);
  if (rules.steps.values == 0) return {now.a, now.r, kept};
  const double step = 100.0 / (rules.steps.values - 1);
  double v = stepped_value(kept, rules.steps);
  if (v > span.high + 1e-9) v -= step;
  if (v < span.low - 1e-9) v += step;
  return {now.a, now.r, std::clamp(v, 0.0, 100.0)};
}

Wheel::Found shown_pick(const PickRules& rules, const WheelPoint& wanted) {
  const auto found = rules.wheel.nearest_existing(wanted);
  if (found.at.r >= wanted.r - 1e-12) return found;
  return rules.wheel.nearest_existing({found.at.a, saturation_within(found.at.r, rules.steps), found.at.v});
}

} // namespace zc
