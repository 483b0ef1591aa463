#include "io/container/piece_json.h"

#include "io/container/mask_json.h"
#include "io/container/set_json.h"

#include "core/piece/set_edits.h"

#include <algorithm>

namespace zc {
namespace {

constexpr int kDeepest = 64;

constexpr Word<MaskRule> kRuleWords[] = {
    {MaskRule::Held, "held"}, {MaskRule::Flagged, "flagged"}, {MaskRule::Free, "free"}};
// ---------------------------------------------------------------- writing

Json reference_json(const Reference& r) {
  Json out{{"id", r.id}, {"name", r.name}, {"file", reference_entry(r)}};
  put_extras(out, r.extras);
  return out;
}

Json bench_json(const Bench& bench) {
  Json out{{"wells", Json::array()}, {"recent", Json::array()}, {"current", color_json(bench.current)}};
  for (const auto& well : bench.wells) out["wells"].push_back(well ? color_json(*well) : Json(nullptr));
  for (const auto& c : bench.recent) out["recent"].push_back(color_json(c));
  if (!bench.steps.off())
    out["steps"] = {
        {"hues", bench.steps.hues}, {"saturations", bench.steps.saturations}, {"values", bench.steps.values}};
  return out;
}

// ---------------------------------------------------------------- reading

Bench read_bench(Fields f) {
  Bench bench;
  if (f.has("current")) bench.current = f.color("current");
  std::size_t well = 0;
  f.each("wells", bench.wells.size(), [&](const Json& j, const std::string& key) {
    if (!j.is_null()) bench.wells[well] = f.color_of(j, key);
    ++well;
  });
  f.each("recent", kRecentColors,
         [&](const Json& j, const std::string& key) { bench.recent.push_back(f.color_of(j, key)); });
  if (f.has("steps")) {
    auto s = f.inner(f.raw("steps"), "steps");
    bench.steps = sensible_steps({static_cast<int>(s.number("hues", 0, 360, 0)),
                                  static_cast<int>(s.number("saturations", 0, 50, 0)),
                                  static_cast<int>(s.number("values", 0, 101, 0))});
  }
  return bench;
}

/// Every id is used once and lies below next_id, so that edits can trust them.
void settle_ids(Piece& piece, Fields& f) {
  std::vector<Id> ids;
  for (const auto& r : piece.references) ids.push_back(r.id);
  for (const auto& set : piece.sets) {
    ids.push_back(set.id);
    for (const auto& family : set.families) {
      ids.push_back(family.id);
      for (const auto& swatch : family.swatches) ids.push_back(swatch.id);
    }
  }
  std::sort(ids.begin(), ids.end());
  if (std::adjacent_find(ids.begin(), ids.end()) != ids.end()) f.fail("id", "used only once");
  // Swatches of versions share their ids with those of the set; some are only there.
  for (const auto& set : piece.sets)
    for (const auto& version : set.versions) {
      ids.push_back(version.id);
      for (const auto& family : version.families) {
        ids.push_back(family.id);
        for (const auto& swatch : family.swatches) ids.push_back(swatch.id);
      }
    }
  if (!ids.empty()) piece.next_id = std::max(piece.next_id, *std::max_element(ids.begin(), ids.end()) + 1);
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
  out["next_id"] = p.next_id;
  out["bench"] = bench_json(document.bench);
  put_extras(out, p.extras);
  return out.dump(1, ' ', false, Json::error_handler_t::replace);
}

std::string bench_to_json(const Bench& bench) { return bench_json(bench).dump(); }

Result<Bench> bench_from_json(std::string_view text) {
  const Json json = Json::parse(text, nullptr, false);
  std::optional<Error> error;
  const Bench bench = read_bench({json, "bench", error});
  if (error) return *error;
  return bench;
}

Result<ReadDocument> document_from_json(std::string_view text) {
  bool too_deep = false;
  const Json json = Json::parse(
      text,
      [&too_deep](int depth, Json::parse_event_t, Json&) {
        too_deep = too_deep || depth > kDeepest;
        return !too_deep;
      },
      false);
  if (too_deep)
    return Error{ErrorCode::Damaged, "The piece is damaged: its data is nested too deeply.", "piece.json"};
  if (json.is_discarded() || !json.is_object())
    return Error{ErrorCode::Damaged, "The piece is damaged: its data cannot be read.", "piece.json"};

  std::optional<Error> error;
  Fields f(json, "", error);
  const double format = f.has("format") ? f.number("format", 1, 1e9, 1) : (f.fail("format", "a number"), 1);
  if (format > kPieceFormat)
    return Error{ErrorCode::Newer,
                 "This piece was saved by a newer Zonachrom; update the program to open it.", "format"};

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
  f.each("references", 200, [&](const Json& j, const std::string& key) {
    auto r = f.inner(j, key);
    const std::string file = r.text("file");
    const auto dot = file.rfind('.');
    p.references.push_back({r.id("id"), r.text("name"), dot == std::string::npos ? "" : file.substr(dot + 1),
                            nullptr, r.extras({"id", "name", "file"})});
    out.reference_files.push_back(file);
  });
  f.each("sets", kMostSets,
         [&](const Json& j, const std::string& key) { p.sets.push_back(read_set(f.inner(j, key))); });
  if (f.has("bands")) {
    auto b = f.inner(f.raw("bands"), "bands");
    p.bands = {b.number("dark_below", 0, 100, p.bands.dark_below),
               b.number("light_from", 0, 100, p.bands.light_from)};
    if (!with_bands({}, p.bands)) b.fail("", "a dark band below a light one, both between 0 and 100");
  }
  if (f.has("grading")) p.grading = read_grading(f.inner(f.raw("grading"), "grading"));
  p.next_id = f.has("next_id") ? f.id("next_id") : 1;
  settle_ids(p, f);
  if (p.sets.empty()) p.sets.push_back({p.next_id++, "First set"});
  p.current_set = f.has("current_set") ? f.id("current_set") : p.sets.front().id;
  if (!find_set(p, p.current_set)) p.current_set = p.sets.front().id;
  if (f.has("bench")) out.document.bench = read_bench(f.inner(f.raw("bench"), "bench"));
  p.extras =
      f.extras({"format", "title", "words", "signature", "date", "wheel", "mask", "mask_on", "mask_rule",
                "references", "sets", "current_set", "bands", "grading", "next_id", "bench"});
  if (error) return *error;
  return out;
}

} // namespace zc
