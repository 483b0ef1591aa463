// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/sets.h"
#include "core/color/text.h"
#include "core/piece/press_check.h"
#include "io/container/piece_file.h"
#include "io/shelf/press_shelf.h"

namespace zc::cli {
namespace {

struct PressRequest {
  std::string piece, set, profile;
  double limit = kPrintLimit;
};

Result<Json> press(const PressRequest& r) {
  if (!(r.limit > 0 && r.limit <= kLargestPrintLimit))
    return Error{ErrorCode::BadInput, as_said("The limit must lie above 0 and not above 20."), "--limit"};
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const auto set = set_or_current(document->piece, r.set);
  if (!set) return set.error();
  const auto press = open_press(r.profile.empty() ? shipped_press() : std::filesystem::path(r.profile));
  if (!press) return press.error();
  std::vector<const Swatch*> all;
  for (const auto& family : (*set)->families)
    for (const auto& s : family.swatches) all.push_back(&s);
  const auto found = check_for_press(**press, press_wishes(**set), r.limit);
  Json swatches = Json::array();
  for (std::size_t i = 0; i < all.size(); ++i) {
    const SwatchPress& p = found[i];
    const NearestPrintable nearest = p.nearest.value_or(NearestPrintable{all[i]->color, 0, true});
    const Ink& ink = p.printed.ink;
    const Code* code = code_of(*all[i]);
    swatches.push_back({{"name", all[i]->name},
                        {"hex", hex_of(all[i]->color)},
                        {"prints", p.prints},
                        {"difference", p.printed.difference},
                        {"ink", Json::array({ink.c, ink.m, ink.y, ink.k})},
                        {"total", ink.total()},
                        {"nearest", hex_of(nearest.color)},
                        {"nearest_difference", nearest.difference},
                        {"equal_value", nearest.equal_value},
                        {"as_written", written_for(**press, code) != nullptr},
                        {"no_display_shows_it", code && beyond_display(*code)}});
  }
  return Json{{"profile", (*press)->name()}, {"ink_limit", (*press)->ink_limit()}, {"swatches", swatches}};
}

} // namespace

Command add_press(const Options& app) {
  auto r = std::make_shared<PressRequest>();
  const Options command = app.command("press", "Tell which swatches a press can print, and with which ink");
  command.text("piece", r->piece, "Piece file", Options::Need::Needed);
  command.text("--set", r->set, "Name of the set; the current one when left out");
  command.text("--profile", r->profile, "ICC profile of the press; the stand-in when left out");
  command.number("--limit", r->limit, "CIEDE2000 from which on a color does not print");
  return {command, [r] { return press(*r); }};
}

} // namespace zc::cli
