// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/change.h"

#include "core/piece/adjust.h"

namespace zc::cli {
namespace {

struct AdjustRequest : ChangeRequest {
  std::string tint;
  Adjustment adjustment;
};

/// The swatches, as they are now, whose saturation or value had to be reduced to what exists.
Json reduced_of(const SwatchSet& set, const std::vector<Adjusted>& preview) {
  Json out = Json::array();
  for (const Adjusted& a : preview)
    for (const Family& family : set.families)
      for (const Swatch& s : family.swatches)
        if (a.reduced && s.id == a.swatch) out.push_back(swatch_json(s, family));
  return out;
}

Result<Json> adjust_set(const AdjustRequest& r) {
  Adjustment adjustment = r.adjustment;
  if (!r.tint.empty()) {
    const auto tint = given_color(r.tint);
    if (!tint) return tint.error();
    adjustment.tint = *tint;
  }
  const Status valid = validate(adjustment);
  if (!valid) return valid.error();
  std::vector<Adjusted> preview;
  Id set = 0;
  const auto made = changed(r, [&](const Piece& piece) {
    set = piece.current_set;
    preview = adjust_preview(*current_set(piece), {}, adjustment, Wheel(piece.wheel));
    return with_adjusted(piece, set, {}, adjustment);
  });
  if (!made) return made.error();
  Json out = made->answer;
  out["count"] = preview.size();
  out["reduced_swatches"] = reduced_of(*find_set(made->piece, set), preview);
  return out;
}

} // namespace

Command add_adjust(const Options& app) {
  auto r = std::make_shared<AdjustRequest>();
  Adjustment& a = r->adjustment;
  const Options command = app.command("adjust", "Change all colors of a set");
  command.changed_piece(r->piece, r->output);
  add_set_option(command, *r);
  command.number("--turn", a.turn, kTurnRange, "Degrees on the wheel of the piece");
  command.number("--saturation", a.saturation, kFactorRange, "Factor of the saturation");
  command.number("--value", a.value, kValueShiftRange, "Added to each value");
  command.number("--contrast", a.contrast, kFactorRange, "Factor of the distance in value from the pivot");
  command.number("--pivot", a.pivot, kPivotRange, "Value that contrast leaves");
  command.text("--toward", r->tint, "Color of a light to tint toward");
  command.number("--share", a.tint_share, kTintRange, "How far toward it");
  return {command, [r] { return adjust_set(*r); }};
}

} // namespace zc::cli
