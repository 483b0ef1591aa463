// SPDX-License-Identifier: GPL-3.0-or-later
// A piece as a whole: made, shown, described, mended.
#include "cli/change.h"

#include "cli/masks.h"
#include "core/piece/edits.h"
#include "io/container/piece_file.h"

namespace zc::cli {
namespace {

struct CardRequest : ChangeRequest {
  std::optional<std::string> title, words, date, signature;
};

void add_card_options(const Options& command, CardRequest& r) {
  const auto add = [&](const char* name, std::optional<std::string>& target, const char* help) {
    command.each(
        name, [&target](const std::string& given) { target = given; }, help);
  };
  add("--title", r.title, "What it is called");
  add("--words", r.words, "Mood and intent");
  add("--date", r.date, "A day as 2026-11-26, or nothing");
  add("--signature", r.signature, "Signature");
}

Result<Piece> described(const Piece& piece, const CardRequest& r) {
  Card card = card_of(piece);
  card.title = r.title.value_or(card.title);
  card.words = r.words.value_or(card.words);
  card.date = r.date.value_or(card.date);
  card.signature = r.signature.value_or(card.signature);
  return with_card(piece, card);
}

Result<Json> make(const CardRequest& r) {
  const auto piece = described(new_piece(""), r);
  if (!piece) return piece.error();
  const Status saved = save_document(r.output.path, {*piece, {}});
  if (!saved) return saved.error();
  return Json{{"files", files_json(r.output.path)}, {"changed", true}};
}

Json shown(const SwatchSet& set, bool current) {
  Json families = Json::array(), versions = Json::array();
  for (const Family& family : set.families) {
    Json swatches = Json::array();
    for (const Swatch& s : family.swatches) {
      Json swatch = swatch_json(s, family);
      swatch["place"] = s.place + 1;
      if (!s.note.empty()) swatch["note"] = s.note;
      swatch["locked"] = s.locked;
      swatch["used"] = s.used;
      swatches.push_back(std::move(swatch));
    }
    families.push_back({{"name", family.name}, {"swatches", std::move(swatches)}});
  }
  for (const SetVersion& v : set.versions) versions.push_back({{"name", v.name}});
  return {{"name", set.name},
          {"current", current},
          {"note", set.note},
          {"tags", set.tags},
          {"families", std::move(families)},
          {"versions", std::move(versions)}};
}

Json colors_json(const std::vector<Srgb>& colors) {
  Json out = Json::array();
  for (const Srgb& c : colors) out.push_back(color_json(c));
  return out;
}

/// Row by row; an empty well is null.
Json wells_json(const AtHand& at_hand) {
  Json out = Json::array();
  for (std::size_t row = 0; row < well_rows(at_hand); ++row) {
    Json colors = Json::array();
    for (std::size_t i = 0; i < kWellsInRow; ++i) {
      const auto& color = at_hand.wells[row * kWellsInRow + i];
      colors.push_back(color ? color_json(*color) : Json());
    }
    out.push_back({{"name", row_name(at_hand, row)}, {"colors", std::move(colors)}});
  }
  return out;
}

Result<Json> show(const std::string& path) {
  const auto document = open_document(path);
  if (!document) return document.error();
  const Piece& p = document->piece;
  Json sets = Json::array(), references = Json::array(), paints = Json::array();
  for (const SwatchSet& set : p.sets) sets.push_back(shown(set, set.id == p.current_set));
  for (const Reference& r : p.references)
    references.push_back(
        {{"name", r.name}, {"format", r.extension}, {"bytes", r.bytes->size()}, {"follows", r.follows}});
  for (const PalettePaint& paint : p.paints) {
    Json told{
        {"name", paint.name}, {"trade", paint.trade}, {"strength", paint.strength}, {"active", paint.out}};
    told.update(color_json(paint.color));
    paints.push_back(std::move(told));
  }
  return Json{{"title", p.title},
              {"words", p.words},
              {"date", p.date},
              {"signature", p.signature},
              {"wheel", wheel_json(p.wheel)},
              {"mask", mask_json(p)},
              {"band_limits", {{"dark_below", p.bands.dark_below}, {"light_from", p.bands.light_from}}},
              {"sets", std::move(sets)},
              {"references", std::move(references)},
              {"paints", std::move(paints)},
              {"wells", wells_json(document->at_hand)},
              {"recent", colors_json(document->at_hand.recent)},
              {"current", color_json(document->at_hand.current)}};
}

Result<Json> recover(const ChangeRequest& r) {
  const auto rescued = rescued_document(r.piece);
  if (!rescued) return of_file(Result<Json>(rescued.error()));
  const Status saved = save_document(r.output.path, rescued->document);
  if (!saved) return saved.error();
  return Json{{"files", files_json(r.output.path)}, {"lost", rescued->lost}};
}

} // namespace

Command add_new(const Options& app) {
  auto r = std::make_shared<CardRequest>();
  const Options command = app.command("new", "Make a piece with one empty set");
  command.output(r->output, {{"piece", {}}}, "Piece file to write", Options::Need::Needed, "piece");
  add_card_options(command, *r);
  return {command, [r] { return make(*r); }};
}

Command add_show(const Options& app) {
  auto piece = std::make_shared<std::string>();
  const Options command = app.command(
      "show", "Tell what is in a piece: sets, families, versions, references, mask, paints, wells");
  command.input("piece", *piece, "Piece file");
  return {command, [piece] { return show(*piece); }};
}

Command add_details(const Options& app) {
  auto r = std::make_shared<CardRequest>();
  const Options command = app.command("details", "Change title, words, date and signature of a piece");
  add_card_options(command, *r);
  return change_command(command, r, [r = r.get()](const Piece& p) { return described(p, *r); });
}

Command add_recover(const Options& app) {
  auto r = std::make_shared<ChangeRequest>();
  const Options command = app.command("recover", "Save what can still be read of a damaged piece file");
  command.input("piece", r->piece, "Piece file");
  command.output(r->output, {{"piece", {}}}, "Piece file to write");
  return {command, [r] { return recover(*r); }};
}

} // namespace zc::cli
