// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "core/color/text.h"
#include "core/mask/patterns.h"

#include <limits>
#include <optional>

namespace zc::cli {
namespace {

struct MaskRequest {
  WheelSpec wheel;
  PatternSpec pattern;
  std::vector<std::string> colors;
};
/// One pattern mask and, for each color, whether it lies inside and the nearest color that does.
Result<Json> mask(const MaskRequest& request) {
  const Wheel wheel(request.wheel);
  const MaskRegion region(pattern_mask(request.pattern));
  Json tests = Json::array();
  for (const auto& text : request.colors) {
    const auto color = given_color(text);
    if (!color) return color.error();
    const WheelPoint p = wheel.locate(*color, request.pattern.base);
    const DiscPoint place = disc_point(p);
    const auto nearest = region.nearest(place);
    Json tested = color_json(*color);
    tested["inside"] = region.inside(place);
    tested["nearest"] =
        nearest ? color_json(wheel.nearest_existing(wheel_point(*nearest, p.v, Angle(p.a))).color) : Json();
    tests.push_back(std::move(tested));
  }
  Json out{{"wheel", wheel_json(request.wheel)},
           {"pattern", pattern_name(request.pattern.kind)},
           {"share", region.share()},
           {"neutral", nullptr},
           {"colors", tests}};
  if (const auto neutral = region.centroid()) {
    // A subjective neutral is a color once a value is given; the middle one stands here.
    const WheelPoint p = wheel_point(*neutral, 50, Angle(request.pattern.base));
    out["neutral"] = place_json(p);
    out["neutral"]["color"] = color_json(wheel.nearest_existing(p).color);
  }
  return out;
}

} // namespace

Command add_mask(const Options& app) {
  auto r = std::make_shared<MaskRequest>();
  auto spread = std::make_shared<double>(std::numeric_limits<double>::quiet_NaN());
  const Options command = app.command("mask", "Test colors against a gamut mask pattern");
  command.choice("--pattern", pattern_words(), "Pattern", r->pattern.kind, Options::Need::Needed);
  command.number("--hue", r->pattern.base, kDegrees, "The leading hue on the wheel, degrees");
  command.number("--spread", *spread, kSpreadRange, "Degrees; the usual one of the pattern when left out");
  command.texts("--test", r->colors, "Color to test, once for each");
  add_wheel_options(command, r->wheel);
  return {command, [r, spread, command] {
            r->pattern.spread = command.given("--spread") ? *spread : usual_spread(r->pattern.kind);
            return mask(*r);
          }};
}

} // namespace zc::cli
