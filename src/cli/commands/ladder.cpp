// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "core/mix/ladders.h"
#include "core/wheel/relations.h"
#include "io/container/piece_file.h"

namespace zc::cli {
namespace {

struct LadderRequest {
  std::string color, piece;
  Relation relation = Relation::Complement;
  LadderSpec spec;
  WheelSpec wheel;
};

/// On the wheel of a piece its rows are held in its mask.
Result<Json> ladder(LadderRequest r) {
  const auto color = given_color(r.color);
  if (!color) return color.error();
  std::optional<MaskRegion> region;
  if (!r.piece.empty()) {
    const auto document = open_document(r.piece);
    if (!document) return document.error();
    r.wheel = document->piece.wheel;
    if (const Mask* mask = mask_in_use(document->piece)) region.emplace(*mask);
  }
  const Wheel wheel(r.wheel);
  for (const auto& member : related(wheel, wheel.locate(*color), r.relation))
    r.spec.hues.push_back(member.at.a);
  const auto rows = make_ladder(r.spec, wheel, region ? &*region : nullptr);
  if (!rows) return rows.error();
  Json out = Json::array();
  for (std::size_t i = 0; i < rows->size(); ++i) {
    Json steps = Json::array();
    for (const RampStep& step : (*rows)[i]) {
      steps.push_back(color_json(step.color));
      steps.back()["held"] = step.held;
    }
    out.push_back({{"hue", place_json({r.spec.hues[i], 0, 0})["hue"]}, {"colors", std::move(steps)}});
  }
  return Json{{"wheel", wheel_json(r.wheel)}, {"rows", std::move(out)}};
}

} // namespace

Command add_ladder(const Options& app) {
  auto r = std::make_shared<LadderRequest>();
  const Options command =
      app.command("ladder", "A graded row for each hue of a relation, no two at one value");
  command.text("color", r->color, kColorHelp, Options::Need::Needed);
  command.choice("--relation", kRelationWords, "Relation", r->relation, Options::Need::Needed);
  command.whole("--steps", r->spec.steps, {3, 9}, "Colors of each row");
  command.number("--darkest", r->spec.darkest, kValueRange, "Value of the darkest step");
  command.number("--lightest", r->spec.lightest, kValueRange, "Value of the lightest step");
  command.number("--saturation", r->spec.saturation, kShareRange,
                 "Share of what each hue has where it is strongest");
  command.input("--piece", r->piece, "Piece file: its wheel, and its mask to hold the rows",
                Options::Need::MayBeLeftOut);
  add_wheel_options(command, r->wheel);
  return {command, [r] { return ladder(*r); }};
}

} // namespace zc::cli
