// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "core/color/text.h"
#include "core/wheel/relations.h"

namespace zc::cli {
namespace {

struct RelateRequest {
  std::string color;
  Relation relation = Relation::Complement;
  WheelSpec wheel;
  bool vivid = false;
};

Result<Json> relate(const RelateRequest& r) {
  const auto color = given_color(r.color);
  if (!color) return color.error();
  const Wheel wheel(r.wheel);
  Json out = Json::array();
  for (const auto& member : related(wheel, wheel.locate(*color), r.relation,
                                    r.vivid ? MemberValue::Vivid : MemberValue::Current)) {
    Json told = place_json(member.at);
    told["color"] = color_json(member.color);
    out.push_back(std::move(told));
  }
  return Json{
      {"wheel", wheel_json(r.wheel)}, {"relation", word_for(kRelationWords, r.relation)}, {"members", out}};
}

} // namespace

Command add_relate(const Options& app) {
  auto r = std::make_shared<RelateRequest>();
  const Options command = app.command("relate", "A color and the hues that stand in a relation to it");
  command.text("color", r->color, kColorHelp, Options::Need::Needed);
  command.choice("--relation", kRelationWords, "Relation", r->relation, Options::Need::Needed);
  command.flag("--vivid", r->vivid, "Each at the value where its hue is vivid");
  add_wheel_options(command, r->wheel);
  return {command, [r] { return relate(*r); }};
}

} // namespace zc::cli
