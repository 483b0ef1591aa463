// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/container/piece_json.h"

#include "core/base/sentences.h"
#include "io/container/at_hand_json.h"
#include "io/container/mask_json.h"
#include "io/container/paint_json.h"
#include "io/container/set_json.h"

#include <algorithm>
#include <tuple>

namespace zc {
namespace {

constexpr Word<MaskRule> kRuleWords[] = {
    {MaskRule::Held, "held"}, {MaskRule::Flagged, "flagged"}, {MaskRule::Free, "free"}};
// ---------------------------------------------------------------- writing

constexpr Word<Match> kMatchWords[] = {{Match::Color, "color"}, {Match::Value, "value"}};

Json study_json(const Study& s) {
  Json out{{"by_areas", s.by_areas},
           {"areas", s.cut.count},
           {"smallest", s.cut.smallest},
           {"smoothing", s.cut.smoothing},
           {"match", word_for(kMatchWords, s.match)}};
  for (const AreaEdit& e : s.edits)
    out["edits"].push_back(e.kind == AreaEdit::Kind::Split ? Json{{"split", {{"x", e.x}, {"y", e.y}}}}
                                                           : Json{{"merge", {{"x", e.x}, {"y", e.y}}},
                                                                  {"with", {{"x", e.x2}, {"y", e.y2}}}});
  for (const AreaBinding& b : s.bound) out["bound"].push_back({{"x", b.x}, {"y", b.y}, {"swatch", b.swatch}});
  return out;
}

Json reference_json(const Reference& r) {
  Json out{{"id", r.id}, {"name", r.name}, {"file", reference_entry(r)}};
  if (!r.follows.empty()) out["follows"] = r.follows;
  if (r.study != Study()) out["study"] = study_json(r.study);
  put_extras(out, r.extras);
  return out;
}

// ---------------------------------------------------------------- reading

constexpr double kLargestPixel = 1e6;

std::pair<int, int> read_pixel(Fields f) {
  return {f.whole("x", 0, kLargestPixel, 0), f.whole("y", 0, kLargestPixel, 0)};
}

Study read_study(Fields f) {
  Study out;
  out.by_areas = f.flag("by_areas", out.by_areas);
  out.cut.count = f.whole("areas", kFewestPictureAreas, kMostPictureAreas, out.cut.count);
  out.cut.smallest = f.number("smallest", 0, 5, out.cut.smallest);
  out.cut.smoothing = f.number("smoothing", 0, 2, out.cut.smoothing);
  out.match = f.word("match", kMatchWords, out.match);
  f.each("edits", kMostStudyEdits, [&](const Json& j, const std::string& key) {
    auto e = f.inner(j, key);
    AreaEdit edit;
    const bool merge = e.has("merge");
    edit.kind = merge ? AreaEdit::Kind::Merge : AreaEdit::Kind::Split;
    const char* at = merge ? "merge" : "split";
    std::tie(edit.x, edit.y) = read_pixel(e.inner(e.raw(at), at));
    if (merge) std::tie(edit.x2, edit.y2) = read_pixel(e.inner(e.raw("with"), "with"));
    out.edits.push_back(edit);
  });
  f.each("bound", kMostStudyEdits, [&](const Json& j, const std::string& key) {
    auto b = f.inner(j, key);
    const auto [x, y] = read_pixel(b);
    out.bound.push_back({x, y, b.id("swatch")});
  });
  return out;
}

void read_references(Fields& f, ReadDocument& out) {
  f.each("references", kMostReferences, [&](const Json& j, const std::string& key) {
    auto r = f.inner(j, key);
    const std::string file = r.text("file");
    const auto dot = file.rfind('.');
    const std::string ending = dot == std::string::npos ? "" : file.substr(dot + 1);
    out.document.piece.references.push_back(
        {r.id("id"), r.text("name"), good_extension(ending) ? ending : "", nullptr, r.text("follows"),
         r.has("study") ? read_study(r.inner(r.raw("study"), "study")) : Study(),
         r.extras({"id", "name", "file", "follows", "study"})});
    out.reference_files.push_back(file);
  });
}

Bands read_bands(Fields f) {
  const Bands usual;
  return {f.number("dark_below", kValueRange, usual.dark_below),
          f.number("light_from", kValueRange, usual.light_from)};
}

/// Above every id that occurs, as far as there are numbers.
Id next_id_of(const Piece& piece) {
  Id next = piece.next_id;
  const auto above = [&next](Id id) { next = std::max(next, id < kIdEnd ? id + 1 : id); };
  const auto above_all = [&above](const List<Family>& families) {
    for (const auto& family : families) {
      above(family.id);
      for (const auto& swatch : family.swatches) above(swatch.id);
    }
  };
  for (const auto& r : piece.references) above(r.id);
  for (const auto& p : piece.paints) above(p.id);
  for (const auto& set : piece.sets) {
    above(set.id);
    above_all(set.families);
    for (const auto& version : set.versions) {
      above(version.id);
      above_all(version.families);
    }
  }
  return next;
}

void read_sets(Fields& f, Piece& p) {
  const Wheel wheel(p.wheel);
  f.each("sets", kMostSets,
         [&](const Json& j, const std::string& key) { p.sets.push_back(read_set(f.inner(j, key), &wheel)); });
  p.next_id = f.has("next_id") ? f.id("next_id") : 1;
  p.next_id = next_id_of(p);
  if (p.sets.empty()) p.sets.push_back({p.next_id++, "First set"});
  p.current_set = f.has("current_set") ? f.id("current_set") : p.sets.front().id;
  if (!find_set(p, p.current_set)) p.current_set = p.sets.front().id;
}

ReadDocument read_document(Fields& f) {
  ReadDocument out;
  Piece& p = out.document.piece;
  p.title = f.text("title", p.title);
  p.words = f.text("words");
  p.signature = f.text("signature");
  p.date = f.text("date");
  if (f.has("wheel")) p.wheel = read_wheel(f.inner(f.raw("wheel"), "wheel"));
  if (f.has("mask")) p.mask = read_mask(f.inner(f.raw("mask"), "mask"));
  p.mask_on = f.flag("mask_on", true);
  p.rule = f.word("mask_rule", kRuleWords, MaskRule::Held);
  read_references(f, out);
  f.each("paints", kMostPaints, [&](const Json& j, const std::string& key) {
    p.paints.push_back(read_paint(f.inner(j, key), true));
  });
  read_sets(f, p);
  if (f.has("bands")) p.bands = read_bands(f.inner(f.raw("bands"), "bands"));
  if (f.has("grading")) p.grading = read_grading(f.inner(f.raw("grading"), "grading"));
  if (f.has("bench")) out.document.at_hand = read_at_hand(f.inner(f.raw("bench"), "bench"));
  p.extras =
      f.extras({"format", "title", "words", "signature", "date", "wheel", "mask", "mask_on", "mask_rule",
                "references", "sets", "current_set", "bands", "grading", "paints", "next_id", "bench"});
  return out;
}

/// What the rules find broken, but for fields that could not be read and stand at a default.
void add_broken_rules(const Piece& piece, std::vector<Error>& faults) {
  const std::size_t unread = faults.size();
  for (const Fault& fault : check(piece)) {
    const auto same = [&fault](const Error& e) { return e.place == fault.place; };
    if (std::any_of(faults.begin(), faults.begin() + static_cast<std::ptrdiff_t>(unread), same)) continue;
    faults.push_back(
        {ErrorCode::Damaged, say(Sentence::PieceDamagedAt, fault.place, fault.said), fault.place});
  }
}

} // namespace

std::string reference_entry(const Reference& r) {
  return "references/" + std::to_string(r.id) + "." + r.extension;
}

std::string document_to_json(const Document& document) {
  const Piece& p = document.piece;
  Json out{{"format", kPieceFormat},
           {"title", p.title},
           {"words", p.words},
           {"signature", p.signature},
           {"date", p.date}};
  out["wheel"] = wheel_json(p.wheel);
  out["mask"] = p.mask ? mask_json(*p.mask) : Json(nullptr);
  out["mask_on"] = p.mask_on;
  out["mask_rule"] = word_for(kRuleWords, p.rule);
  out["references"] = Json::array();
  for (const auto& r : p.references) out["references"].push_back(reference_json(r));
  out["sets"] = Json::array();
  for (const auto& set : p.sets) out["sets"].push_back(set_json(set));
  out["current_set"] = p.current_set;
  out["bands"] = {{"dark_below", p.bands.dark_below}, {"light_from", p.bands.light_from}};
  if (p.grading != GradingRules{}) out["grading"] = grading_json(p.grading);
  for (const auto& paint : p.paints) out["paints"].push_back(paint_json(paint, true));
  out["next_id"] = p.next_id;
  out["bench"] = at_hand_json(document.at_hand);
  put_extras(out, p.extras);
  return json_text(out);
}

std::string at_hand_to_json(const AtHand& at_hand) { return at_hand_json(at_hand).dump(); }

Result<AtHand> at_hand_from_json(std::string_view text) {
  const auto json = parse_json(text);
  if (!json) return json.error();
  std::vector<Error> faults;
  const AtHand at_hand = read_at_hand({*json, "bench", faults});
  if (!faults.empty()) return faults.front();
  return at_hand;
}

Result<ReadDocument> document_from_json(std::string_view text, std::vector<Error>* all_faults) {
  const auto json = parse_json(text);
  if (!json) return Error{json.error().code, say(Sentence::PieceDamagedBy, json.error().said), "piece.json"};
  std::vector<Error> faults;
  Fields f(*json, "", faults);
  if (!json->is_object()) return Error{ErrorCode::Damaged, Sentence::PieceHasNoData, "piece.json"};
  const double format =
      f.has("format") ? f.number("format", 1, 1e9, 1) : (f.fail("format", Sentence::ShouldANumber), 1);
  if (format > kPieceFormat) return Error{ErrorCode::Newer, Sentence::NewerPiece, "format"};
  ReadDocument out = read_document(f);
  add_broken_rules(out.document.piece, faults);
  if (all_faults) *all_faults = faults;
  if (!faults.empty()) return faults.front();
  return out;
}

} // namespace zc
