// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "cli/sets.h"
#include "core/grading/grading.h"
#include "core/grading/relation_check.h"
#include "io/container/piece_file.h"

#include <algorithm>
#include <map>
#include <span>

namespace zc::cli {
namespace {

/// A list tells its first entries; "counts" tells how many there are.
constexpr std::size_t kMostListed = 200, kMostOfBand = 20;

template <class T> std::span<const T> first(const std::vector<T>& list) {
  return std::span<const T>(list).first(std::min(list.size(), kMostListed));
}

struct GradeRequest {
  std::string piece, set;
  bool strict = false;
};

/// Whether there is something to look at.
bool finds_faults(const Json& told) {
  const auto& counts = told["counts"];
  return std::any_of(counts.begin(), counts.end(), [](const Json& n) { return n != 0; });
}

class Swatches {
public:
  explicit Swatches(const SwatchSet& set) {
    for (const auto& family : set.families)
      for (const auto& s : family.swatches) m_known[s.id] = {&family, &s};
  }
  [[nodiscard]] Json told(Id id) const {
    const auto& [family, swatch] = m_known.at(id);
    return swatch_json(*swatch, *family);
  }
  template <class Pair> [[nodiscard]] Json pair(const Pair& p) const {
    return Json::array({told(p.a), told(p.b)});
  }
  template <class Pair> [[nodiscard]] Json pairs(std::span<const Pair> all) const {
    Json out = Json::array();
    for (const auto& p : all) {
      const Contrast c = contrast_of(m_known.at(p.a).second->color, m_known.at(p.b).second->color);
      out.push_back(
          {{"swatches", pair(p)}, {"difference", c.difference}, {"value_difference", c.value_difference}});
    }
    return out;
  }
  [[nodiscard]] Json band(const TwinBand& band) const {
    Json out{{"value_span", Json::array({band.low, band.high})},
             {"count", band.swatches.size()},
             {"swatches", Json::array()}};
    for (const Id id : std::span(band.swatches).first(std::min(band.swatches.size(), kMostOfBand)))
      out["swatches"].push_back(told(id));
    return out;
  }
  [[nodiscard]] Json confusions(std::span<const Confusion> all) const {
    Json out = Json::array();
    for (const auto& c : all)
      out.push_back({{"color_vision", word_for(kColorVisionWords, c.vision.kind())},
                     {"swatches", pair(c)},
                     {"difference", c.difference}});
    return out;
  }

private:
  std::map<Id, std::pair<const Family*, const Swatch*>> m_known;
};

/// The relation that fits best, and how far each family is off; null where there are too few hues.
Json relation_json(const Piece& piece, const SwatchSet& set) {
  const auto fits = relation_fits(family_hues(set.families, Wheel(piece.wheel)));
  if (fits.empty()) return nullptr;
  const RelationFit& best = fits.front();
  Json families = Json::array();
  for (const auto& member : best.families)
    families.push_back({{"family", find_family(piece, member.family)->name},
                        {"hue", member.angle},
                        {"hue_off", member.off}});
  return {{"name", word_for(kRelationWords, best.relation)},
          {"turn", best.turn},
          {"hue_off", best.error},
          {"families", families}};
}

Result<Json> grade_set(const GradeRequest& r) {
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const Piece& piece = document->piece;
  const auto set = set_or_current(piece, r.set);
  if (!set) return set.error();
  std::optional<MaskRegion> region;
  if (piece.mask && piece.mask_on) region.emplace(*piece.mask);
  const GradingReport report =
      grade(**set, piece.bands, piece.grading, Wheel(piece.wheel), region ? &*region : nullptr);
  const Swatches swatches(**set);
  Json gaps = Json::array(), outside = Json::array(), bands = Json::array();
  for (const auto& g : first(report.gaps))
    gaps.push_back({{"family", find_family(piece, g.family)->name},
                    {"swatches", Json::array({swatches.told(g.dark), swatches.told(g.light)})},
                    {"value_difference", g.size}});
  for (const Id id : first(report.outside_mask)) outside.push_back(swatches.told(id));
  for (const auto& band : first(report.twin_bands)) bands.push_back(swatches.band(band));
  return Json{{"set", (*set)->name},
              {"count", swatch_count(**set)},
              {"band_counts", bands_json(report.bands.light, report.bands.middle, report.bands.dark)},
              {"target", bands_json(piece.grading.target.light, piece.grading.target.middle,
                                    piece.grading.target.dark)},
              {"values", report.steps},
              {"relation", relation_json(piece, **set)},
              {"counts",
               {{"twins", report.twin_count},
                {"twin_bands", report.twin_bands.size()},
                {"near_duplicates", report.near_duplicates.size()},
                {"gaps", report.gaps.size()},
                {"outside_mask", report.outside_mask.size()},
                {"confusions", report.confusions.size()}}},
              {"more_near_duplicates", report.more_near_duplicates},
              {"twin_bands", bands},
              {"twins", swatches.pairs(first(report.twins))},
              {"near_duplicates", swatches.pairs(first(report.near_duplicates))},
              {"gaps", gaps},
              {"outside_mask", outside},
              {"confusions", swatches.confusions(first(report.confusions))}};
}

} // namespace

Command add_grade(const Options& app) {
  auto r = std::make_shared<GradeRequest>();
  const Options command = app.command("grade", "Grading report of a set");
  command.input("piece", r->piece, "Piece file");
  command.text("--set", r->set, "Name of the set; the current one when left out");
  command.flag("--strict", r->strict, "End with exit code 1 where there is something to look at");
  return {command, [r] { return grade_set(*r); },
          [r](const Json& told) { return r->strict && finds_faults(told); }};
}

} // namespace zc::cli
