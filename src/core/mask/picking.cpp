// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mask/picking.h"

#include <algorithm>

namespace zc {
namespace {

DiscPoint on_step(DiscPoint p, const Steps& steps) {
  const WheelPoint at = wheel_point(p, 0);
  return disc_point(Angle(stepped_hue(at.a, steps)), stepped_saturation(at.r, steps));
}

/// Keeps the place nearest to a wanted one.
class Nearest {
public:
  explicit Nearest(DiscPoint wanted) : m_wanted(wanted) {}
  void judge(DiscPoint p) {
    const double away = std::hypot(p.x - m_wanted.x, p.y - m_wanted.y);
    if (away >= m_away) return;
    m_away = away;
    m_best = p;
  }
  [[nodiscard]] const std::optional<DiscPoint>& best() const { return m_best; }
  [[nodiscard]] double away() const { return m_away; }

private:
  DiscPoint m_wanted;
  std::optional<DiscPoint> m_best;
  double m_away = 3;
};

/// The admitted saturation along a hue that is nearest to the wanted place; a step where there are steps.
void judge_along_hue(const MaskRegion& region, const Steps& steps, double a, DiscPoint wanted,
                     Nearest& nearest) {
  const DiscPoint rim = disc_point(Angle(a), 1);
  const double along = wanted.x * rim.x + wanted.y * rim.y;
  constexpr double rounding = 1e-9;
  for (const Stretch& s : region.along_diameter(Angle(a))) {
    // A stretch that begins at a tip in the middle begins there.
    const bool from_middle = s.from < 1e-6 && region.inside({0, 0});
    const double from = from_middle ? 0 : std::max(0.0, s.from);
    if (s.to < from) continue;
    if (steps.saturations == 0) {
      nearest.judge(disc_point(Angle(a), std::clamp(along, from, s.to)));
      continue;
    }
    const double low = std::ceil(from * steps.saturations - rounding),
                 high = std::floor(s.to * steps.saturations + rounding);
    if (low > high) continue;
    nearest.judge(disc_point(Angle(a), std::clamp(std::round(along * steps.saturations), low, high) /
                                           steps.saturations));
  }
}

/// Hues from the nearest on, until none further away can be nearer.
void judge_hues(const MaskRegion& region, const Steps& steps, DiscPoint wanted, Nearest& nearest) {
  const WheelPoint at = wheel_point(wanted, 0);
  const double step = 360.0 / steps.hues;
  const double first = std::round(at.a / step);
  for (int i = 0; i < steps.hues; ++i) {
    const int off = (i + 1) / 2 * (i % 2 ? 1 : -1);
    const double a = wrap_degrees((first + off) * step), turn = std::abs(turn_between(a, at.a));
    const double least = turn < 90 ? at.r * std::sin(radians(turn)) : at.r;
    if (least <= nearest.away()) judge_along_hue(region, steps, a, wanted, nearest);
  }
}

/// Saturations are tried from the nearest on.
void judge_saturations(const MaskRegion& region, const Steps& steps, DiscPoint wanted, Nearest& nearest) {
  const WheelPoint at = wheel_point(wanted, 0);
  for (int ring = 0; ring <= steps.saturations; ++ring) {
    const double r = static_cast<double>(ring) / steps.saturations;
    if (std::abs(r - at.r) > nearest.away()) continue;
    if (const auto place = region.nearest_on_circle(r, Angle(at.a))) nearest.judge(*place);
  }
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
  Nearest nearest(on_disc);
  if (steps.hues > 0)
    judge_hues(*region, steps, on_disc, nearest);
  else
    judge_saturations(*region, steps, on_disc, nearest);
  return nearest.best() ? nearest.best() : region->nearest(on_disc);
}

std::optional<WheelPoint> pick_in_plan(const PickRules& rules, const WheelPoint& now, DiscPoint wanted) {
  const auto place = stepped_pick(rules, wanted);
  if (!place) return std::nullopt;
  return wheel_point(*place, stepped_value(now.v, rules.steps), Angle(now.a));
}

WheelPoint pick_in_section(const PickRules& rules, const WheelPoint& now, double angle, double along,
                           double value) {
  const double wanted = std::clamp(along, -1.0, 1.0);
  double place = stepped_along(wanted, rules.steps);
  if (rules.region && rules.rule == MaskRule::Held) {
    const auto stretches = rules.region->along_diameter(Angle(angle));
    if (stretches.empty()) return pick_on_rail(rules, now, value);
    place = nearest_along(stretches, rules.steps, wanted);
  }
  const bool other_side = place < 0 || (place == 0 && along < 0);
  return {wrap_degrees(other_side ? angle + 180 : angle), std::abs(place), stepped_value(value, rules.steps)};
}

WheelPoint pick_on_rail(const PickRules& rules, const WheelPoint& now, double value) {
  const ValueSpan span = rules.wheel.value_span(Angle(now.a), now.r);
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
