// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/paints.h"
#include "core/mix/reach.h"

#include <cmath>

namespace zc::cli {
namespace {

struct ReachRequest {
  PaintsRequest paints;
  double value = 50;
  WheelSpec wheel;
};

Result<Json> reach(const ReachRequest& r, bool one_value) {
  const auto paints = paints_in(r.paints);
  if (!paints) return paints.error();
  const auto reach = reach_of(paints->mixer, Wheel(r.wheel));
  if (!reach) return reach.error();
  Json lines = Json::array();
  for (const auto& line : one_value ? reach->outlines(r.value) : reach->outlines()) {
    Json points = Json::array();
    for (const DiscPoint& p : line) points.push_back({p.x, p.y});
    lines.push_back(points);
  }
  Json out{{"wheel", wheel_json(r.wheel)}, {"outlines", lines}};
  out["value"] = one_value ? Json(r.value) : Json();
  if (one_value) out["share"] = reach->share(r.value);
  return out;
}

} // namespace

Command add_reach(const Options& app) {
  auto r = std::make_shared<ReachRequest>();
  const Options command = app.command("reach", "Tell what paints can mix, as outlines on the wheel's disc");
  add_paint_options(command, r->paints);
  auto value = std::make_shared<double>(std::numeric_limits<double>::quiet_NaN());
  command.number("--value", *value, kValueRange, "Value of the outlines; all values together when left out");
  add_wheel_options(command, r->wheel);
  return {command, [r, value] {
            if (!std::isnan(*value)) r->value = *value;
            return reach(*r, !std::isnan(*value));
          }};
}

} // namespace zc::cli
