// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

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
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const auto set = set_or_current(document->piece, r.set);
  if (!set) return set.error();
  const auto press =
      of_file(open_press(r.profile.empty() ? shipped_press() : std::filesystem::path(r.profile)));
  if (!press) return press.error();
  std::vector<std::pair<const Swatch*, const Family*>> all;
  for (const auto& family : (*set)->families)
    for (const auto& s : family.swatches) all.emplace_back(&s, &family);
  const auto found = check_for_press(**press, press_wishes(**set), r.limit);
  Json swatches = Json::array();
  for (std::size_t i = 0; i < all.size(); ++i) {
    const SwatchPress& p = found[i];
    const auto& [swatch, family] = all[i];
    const NearestPrintable nearest = p.nearest.value_or(NearestPrintable{swatch->color, 0, true});
    const Ink& ink = p.printed.ink;
    const Code* code = code_of(*swatch);
    Json told = swatch_json(*swatch, *family);
    told["prints"] = p.prints;
    told["difference"] = p.printed.difference;
    told["inks"] = Json::array({ink.c, ink.m, ink.y, ink.k});
    told["ink"] = ink.total();
    told["nearest"] = color_json(nearest.color);
    told["nearest"]["difference"] = nearest.difference;
    told["nearest"]["equal_value"] = nearest.equal_value;
    told["as_written"] = written_for(**press, code) != nullptr;
    told["no_display_shows_it"] = code && beyond_display(*code);
    swatches.push_back(std::move(told));
  }
  return Json{{"set", (*set)->name},
              {"profile", (*press)->name()},
              {"ink_limit", (*press)->ink_limit()},
              {"swatches", swatches}};
}

} // namespace

Command add_press(const Options& app) {
  auto r = std::make_shared<PressRequest>();
  const Options command = app.command("press", "Tell which swatches a press can print, and with which ink");
  command.input("piece", r->piece, "Piece file");
  command.text("--set", r->set, "Name of the set; the current one when left out");
  command.input("--profile", r->profile, "ICC profile of the press; the stand-in when left out",
                Options::Need::MayBeLeftOut);
  command.number("--most-difference", r->limit, {0.001, kLargestPrintLimit},
                 "CIEDE2000 below which a color counts as printed");
  return {command, [r] { return press(*r); }};
}

} // namespace zc::cli
