// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/sets.h"
#include "core/color/text.h"
#include "core/piece/adjust.h"
#include "io/container/piece_file.h"

namespace zc::cli {
namespace {

struct AdjustRequest {
  std::string piece, set, output, tint;
  Adjustment adjustment;
};

Result<Json> adjust_set(const AdjustRequest& r) {
  const FileClaim claim(r.output, kClaimPatience);
  if (claim.taken()) return taken_elsewhere(r.output);
  auto document = open_document(r.piece);
  if (!document) return document.error();
  Document changed = *document;
  const auto set = set_named(changed.piece, r.set);
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
  Json held = Json::array();
  for (const auto& a : preview)
    if (a.reduced) held.push_back(find_swatch(changed.piece, a.swatch)->name);
  auto piece = with_adjusted(changed.piece, id, {}, adjustment);
  if (!piece) return piece.error();
  changed.piece = std::move(piece).value();
  const Status saved = save_document(r.output, changed);
  if (!saved) return saved.error();
  return Json{{"file", r.output}, {"changed", preview.size()}, {"held", held}};
}

} // namespace

Command add_adjust(const Options& app) {
  auto r = std::make_shared<AdjustRequest>();
  Adjustment& a = r->adjustment;
  const Options command = app.command("adjust", "Change all colors of a set");
  command.text("piece", r->piece, "Piece file", Options::Need::Needed);
  command.text("--set", r->set, "Name of the set", Options::Need::Needed);
  command.number("--turn", a.turn, "Degrees on the piece's wheel");
  command.number("--saturation", a.saturation, "Factor");
  command.number("--value", a.value, "Added to L*");
  command.number("--contrast", a.contrast, "Factor of the distance in L* from the pivot");
  command.number("--pivot", a.pivot, "L* that contrast leaves; 50 when left out");
  command.text("--toward", r->tint, "Color of a light to tint toward");
  command.number("--share", a.tint_share, "How far toward it, 0 to 1");
  command.text("-o,--output", r->output, "Piece file to write", Options::Need::Needed);
  return {command, [r] { return adjust_set(*r); }, true};
}

} // namespace zc::cli
