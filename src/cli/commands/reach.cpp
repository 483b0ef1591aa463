// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "cli/line/progress.h"
#include "cli/paints.h"
#include "core/mix/reach.h"

namespace zc::cli {
namespace {

struct ReachRequest {
  PaintsRequest paints;
  std::optional<double> value;
  WheelSpec wheel;
};

Result<Json> reach(const ReachRequest& r) {
  const auto paints = paints_in(r.paints);
  if (!paints) return paints.error();
  const auto reach = reach_of(paints->mixer, Wheel(r.wheel), told_progress("reach"));
  if (!reach) return reach.error();
  Json lines = Json::array();
  for (const auto& line : r.value ? reach->outlines(*r.value) : reach->outlines()) {
    Json points = Json::array();
    for (const DiscPoint& p : line) points.push_back({p.x, p.y});
    lines.push_back(points);
  }
  Json out{{"wheel", wheel_json(r.wheel)}, {"outlines", lines}};
  out["value"] = r.value ? Json(*r.value) : Json();
  if (r.value) out["share"] = reach->share(*r.value);
  return out;
}

} // namespace

Command add_reach(const Options& app) {
  auto r = std::make_shared<ReachRequest>();
  const Options command = app.command("reach", "Tell what paints can mix, as outlines on the wheel's disc");
  add_paint_options(command, r->paints);
  command.number("--value", r->value, kValueRange,
                 "Value of the outlines; all values together when left out");
  add_wheel_options(command, r->wheel);
  return {command, [r] { return reach(*r); }};
}

} // namespace zc::cli
