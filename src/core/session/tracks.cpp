// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/session/tracks.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

double whole_range(PlaceNumber number) { return number == PlaceNumber::Hue ? 360 : 100; }

/// In the units of a nudge.
double way_to(const WheelPoint& at, PlaceNumber number, double wanted) {
  switch (number) {
  case PlaceNumber::Hue:
    return turn_between(at.a, wanted);
  case PlaceNumber::Saturation:
    return wanted / 100 - at.r;
  case PlaceNumber::Value:
    break;
  }
  return wanted - at.v;
}

template <class Color> Track track_of(double low, double high, std::size_t stretches, const Color& color) {
  Track out;
  out.reserve(stretches);
  for (std::size_t i = 0; i < stretches; ++i)
    out.push_back(
        color(low + (high - low) * (static_cast<double>(i) + 0.5) / static_cast<double>(stretches)));
  return out;
}

} // namespace

Result<Session> place_set(const Session& session, const PickRules& rules, PlaceNumber number, double wanted) {
  return nudged(session, rules, number, way_to(session.at.at, number, wanted));
}

Track place_track(const Session& session, const PickRules& rules, PlaceNumber number, std::size_t stretches) {
  const WheelPoint& at = session.at.at;
  // A pick of a value goes to the nearest that the color has; on steps that may be the step before.
  const double step = rules.steps.values > 1 ? 100.0 / (rules.steps.values - 1) : 0;
  const auto values_end = [&](const WheelPoint& asked, double wanted) {
    return number == PlaceNumber::Value && std::abs(asked.v - wanted) > step;
  };
  return track_of(0, whole_range(number), stretches, [&](double wanted) -> std::optional<Srgb> {
    if (number == PlaceNumber::Value && step == 0) return rules.wheel.color_at({at.a, at.r, wanted});
    const auto asked = nudge_asked(session, rules, number, way_to(at, number, wanted));
    if (!asked || values_end(*asked, wanted)) return std::nullopt;
    return rules.wheel.color_at(*asked);
  });
}

Track readout_track(ReadoutSpace space, Srgb color, std::size_t number, std::size_t stretches) {
  const ReadoutNumber& range = readout_form(space).numbers[number];
  auto numbers = readout_of(space, color);
  return track_of(range.low, range.high, stretches, [&](double wanted) -> std::optional<Srgb> {
    numbers[number] = wanted;
    const auto made = color_of_readout(space, numbers);
    return made ? std::optional(*made) : std::nullopt;
  });
}

} // namespace zc
