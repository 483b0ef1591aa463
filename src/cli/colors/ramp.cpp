// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "core/color/text.h"
#include "core/mix/ramps.h"

namespace zc::cli {
namespace {

constexpr Word<RampKind> kKinds[] = {{RampKind::Tints, "tints"},      {RampKind::Shades, "shades"},
                                     {RampKind::Tones, "tones"},      {RampKind::Values, "values"},
                                     {RampKind::Between, "between"},  {RampKind::Greys, "greys"},
                                     {RampKind::Distance, "distance"}};
constexpr Word<Evenness> kEvens[] = {{Evenness::Lightness, "lightness"},
                                     {Evenness::Difference, "difference"}};

struct RampRequest {
  RampSpec spec;
  std::string from, to;
  WheelSpec wheel;
};

Result<Json> ramp(const RampSpec& given, const std::string& from, const std::string& to,
                  const WheelSpec& wheel) {
  RampSpec spec = given;
  const auto start = given_color(from);
  if (!start) return start.error();
  spec.from = *start;
  if (!to.empty()) {
    const auto end = given_color(to);
    if (!end) return end.error();
    spec.to = *end;
  }
  const auto steps = make_ramp(spec, Wheel(wheel));
  if (!steps) return steps.error();
  Json out = Json::array();
  for (const auto& step : *steps) out.push_back(color_json(step.color));
  return Json{{"colors", out}};
}

} // namespace

Command add_ramp(const Options& app) {
  auto r = std::make_shared<RampRequest>();
  const Options command = app.command("ramp", "Make a graded row of colors");
  command.choice("--kind", kKinds, "Kind of row", r->spec.kind, Options::Need::Needed);
  command.text("--from", r->from, std::string("Color to start from: ") + kColorHelp, Options::Need::Needed);
  command.text("--to", r->to, "Other end, the color of the haze, or the neutral of greys");
  command.whole("--steps", r->spec.steps, {2, 24}, "Colors in the row");
  command.number("--darkest", r->spec.darkest, kValueRange, "Value where shades and values end in the dark");
  command.number("--lightest", r->spec.lightest, kValueRange,
                 "Value where tints and values end in the light");
  command.choice("--way", kWayWords, "How a row between two colors goes", r->spec.way);
  command.choice("--even", kEvens, "What is equal from step to step", r->spec.even);
  add_wheel_options(command, r->wheel);
  return {command, [r] { return ramp(r->spec, r->from, r->to, r->wheel); }};
}

} // namespace zc::cli
