// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wheel/wheel.h"

#include "core/color/convert.h"

#include <algorithm>

namespace zc {

WheelPoint wheel_point(DiscPoint p, double v, Angle angle_at_center) {
  const double r = std::hypot(p.x, p.y);
  if (r < kNeutralSaturation) return {angle_at_center.degrees(), r, v};
  return {wrap_degrees(degrees(std::atan2(p.x, p.y))), r, v};
}

Wheel::Wheel(WheelSpec spec)
    : m_spec(spec), m_hues(std::make_shared<const HueMap>(spec.hues, spec.measure)),
      m_measure(make_measure(spec.measure)) {}

std::optional<Srgb> Wheel::color_at(WheelPoint p) const {
  if (!std::isfinite(p.a) || !(p.r >= 0 && p.r <= 1 && p.v >= 0 && p.v <= 100)) return std::nullopt;
  return m_measure->color_at(Angle(hue_at(p.a)), p.r, p.v);
}

Wheel::Found Wheel::nearest_existing(WheelPoint p) const {
  const auto within = [](double x, double high) { return std::isnan(x) ? 0 : std::clamp(x, 0.0, high); };
  p = {std::isfinite(p.a) ? wrap_degrees(p.a) : 0, within(p.r, 1), within(p.v, 100)};
  if (const auto color = color_at(p)) return {p, *color};
  p.r = std::min(p.r, reach(Angle(p.a), p.v));
  if (const auto color = color_at(p)) return {p, *color};
  p.r = 0;
  return {p, neutral_of_value(p.v)};
}

WheelPoint Wheel::locate(Srgb c, double angle_of_neutral) const {
  const Measure::Located at = m_measure->located(c);
  const double v = std::clamp(at.v, 0.0, 100.0);
  if (at.r < kNeutralSaturation) return {angle_of_neutral, 0, v};
  return {m_hues->angle_of(at.hue), at.r, v};
}

double Wheel::reach(Angle a, double v) const { return m_measure->reach(Angle(hue_at(a.degrees())), v); }

ValueSpan Wheel::value_span(Angle a, double r) const {
  return m_measure->value_span(Angle(hue_at(a.degrees())), r);
}

WheelPoint place_on(const Wheel& wheel, Srgb color, const std::optional<WheelPlace>& picked,
                    double angle_of_neutral) {
  if (picked && picked->wheel == wheel.spec()) return picked->at;
  return wheel.locate(color, angle_of_neutral);
}

} // namespace zc
