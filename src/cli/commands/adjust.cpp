// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/sets.h"
#include "core/piece/adjust.h"
#include "io/container/piece_file.h"

namespace zc::cli {
namespace {

struct AdjustRequest {
  std::string piece, set, tint;
  OutputFile output;
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
  const FileClaim claim(r.output.path, kClaimPatience);
  if (claim.taken()) return taken_elsewhere(r.output.path);
  auto document = open_document(r.piece);
  if (!document) return document.error();
  Document changed = *document;
  const auto set = set_or_current(changed.piece, r.set);
  if (!set) return set.error();
  Adjustment adjustment = r.adjustment;
  if (!r.tint.empty()) {
    const auto tint = given_color(r.tint);
    if (!tint) return tint.error();
    adjustment.tint = *tint;
  }
  const Status valid = validate(adjustment);
  if (!valid) return valid.error();
  const Id id = (*set)->id;
  const auto preview = adjust_preview(**set, {}, adjustment, Wheel(changed.piece.wheel));
  auto piece = with_adjusted(changed.piece, id, {}, adjustment);
  if (!piece) return piece.error();
  changed.piece = std::move(piece).value();
  const Status saved = save_document(r.output.path, changed);
  if (!saved) return saved.error();
  return Json{{"files", files_json(r.output.path)},
              {"count", preview.size()},
              {"reduced_swatches", reduced_of(*find_set(changed.piece, id), preview)}};
}

} // namespace

Command add_adjust(const Options& app) {
  auto r = std::make_shared<AdjustRequest>();
  Adjustment& a = r->adjustment;
  const Options command = app.command("adjust", "Change all colors of a set");
  command.changed_piece(r->piece, r->output);
  command.text("--set", r->set, "Name of the set; the current one when left out");
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
