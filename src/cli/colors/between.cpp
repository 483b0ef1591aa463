// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "core/color/text.h"
#include "core/mix/ramps.h"

namespace zc::cli {
namespace {

struct BetweenRequest {
  std::string from, to;
  int steps = 3;
  Way way = Way::Straight;
};

Result<Json> between(const BetweenRequest& r) {
  const auto from = given_color(r.from);
  if (!from) return from.error();
  const auto to = given_color(r.to);
  if (!to) return to.error();
  const auto steps = steps_between(*from, *to, r.steps, r.way);
  if (!steps) return steps.error();
  Json out = Json::array();
  for (const auto& step : *steps) out.push_back(color_json(step.color));
  return Json{{"colors", out}};
}

} // namespace

Command add_between(const Options& app) {
  auto r = std::make_shared<BetweenRequest>();
  const Options command = app.command("between", "Colors between two, without the two");
  command.text("from", r->from, kColorHelp, Options::Need::Needed);
  command.text("to", r->to, "The other color", Options::Need::Needed);
  command.whole("--steps", r->steps, {1, 22}, "How many");
  command.choice("--way", kWayWords, "How they go from one to the other", r->way);
  return {command, [r] { return between(*r); }};
}

} // namespace zc::cli
