// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "core/color/text.h"
#include "core/mask/patterns.h"

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
  if (!kSpreadRange.holds(request.pattern.spread))
    return Error{ErrorCode::BadInput, as_said("A spread goes from 0 to 120 degrees."), "--spread"};
  const Wheel wheel(request.wheel);
  const MaskRegion region(pattern_mask(request.pattern));
  Json tests = Json::array();
  for (const auto& text : request.colors) {
    const auto color = given_color(text);
    if (!color) return color.error();
    const WheelPoint p = wheel.locate(*color, request.pattern.base);
    const DiscPoint place = disc_point(p);
    const auto nearest = region.nearest(place);
    tests.push_back(
        {{"color", hex_of(*color)},
         {"inside", region.inside(place)},
         {"nearest", nearest
                         ? Json(hex_of(wheel.nearest_existing(wheel_point(*nearest, p.v, Angle(p.a))).color))
                         : Json(nullptr)}});
  }
  Json out{{"pattern", pattern_name(request.pattern.kind)},
           {"share", region.share()},
           {"neutral", nullptr},
           {"colors", tests}};
  if (const auto neutral = region.centroid()) {
    // A subjective neutral is a color once a value is given; the middle one stands here.
    const WheelPoint p = wheel_point(*neutral, 50, Angle(request.pattern.base));
    out["neutral"] = {{"a", p.a}, {"r", p.r}, {"v", p.v}, {"hex", hex_of(wheel.nearest_existing(p).color)}};
  }
  return out;
}

std::vector<Word<Pattern>> pattern_words() {
  std::vector<Word<Pattern>> out;
  out.reserve(std::size(kPatterns));
  for (const Pattern kind : kPatterns) out.push_back({kind, pattern_name(kind)});
  return out;
}

} // namespace

Command add_mask(const Options& app) {
  auto r = std::make_shared<MaskRequest>();
  auto spread = std::make_shared<double>(-1);
  const Options command = app.command("mask", "Test colors against a gamut mask pattern");
  command.choice("--pattern", pattern_words(), "Pattern", r->pattern.kind, Options::Need::Needed);
  command.number("--base", r->pattern.base, "Wheel angle of the leading hue");
  command.number("--spread", *spread, "Degrees; the pattern's usual one when left out");
  command.texts("--test", r->colors, "Colors to test");
  add_wheel_options(command, r->wheel);
  return {command, [r, spread, command] {
            r->pattern.spread = command.given("--spread") ? *spread : usual_spread(r->pattern.kind);
            return mask(*r);
          }};
}

} // namespace zc::cli
