// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/sets.h"
#include "core/color/text.h"
#include "core/grading/grading.h"
#include "core/grading/relation_check.h"
#include "io/container/piece_file.h"

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
};

class Names {
public:
  explicit Names(const SwatchSet& set) {
    for (const auto& family : set.families)
      for (const auto& s : family.swatches) m_known[s.id] = {&family, &s};
  }
  [[nodiscard]] std::string name(Id id) const { return m_known.at(id).second->name; }
  [[nodiscard]] Json full(Id id) const {
    const auto& [family, swatch] = m_known.at(id);
    return {{"name", swatch->name}, {"family", family->name}, {"hex", hex_of(swatch->color)}};
  }
  template <class Pair> [[nodiscard]] Json pairs(std::span<const Pair> all) const {
    Json out = Json::array();
    for (const auto& p : all) {
      const Contrast c = contrast_of(m_known.at(p.a).second->color, m_known.at(p.b).second->color);
      out.push_back({{"a", name(p.a)},
                     {"b", name(p.b)},
                     {"difference", c.difference},
                     {"value_difference", c.value_difference},
                     {"swatches", Json::array({full(p.a), full(p.b)})}});
    }
    return out;
  }

  [[nodiscard]] Json band(const TwinBand& band) const {
    Json out{
        {"low", band.low}, {"high", band.high}, {"count", band.swatches.size()}, {"swatches", Json::array()}};
    for (const Id id : std::span(band.swatches).first(std::min(band.swatches.size(), kMostOfBand)))
      out["swatches"].push_back(name(id));
    return out;
  }

  [[nodiscard]] Json confusions(std::span<const Confusion> all) const {
    Json out = Json::array();
    for (const auto& c : all)
      out.push_back({{"eyes", word_for(kColorVisionWords, c.vision.kind())},
                     {"a", name(c.a)},
                     {"b", name(c.b)},
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
    families.push_back(
        {{"family", find_family(piece, member.family)->name}, {"member", member.angle}, {"off", member.off}});
  return {{"name", word_for(kRelationWords, best.relation)},
          {"turn", best.turn},
          {"error", best.error},
          {"families", families}};
}

Result<Json> grade_set(const GradeRequest& r) {
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const Piece& piece = document->piece;
  const auto set = set_named(piece, r.set);
  if (!set) return set.error();
  std::optional<MaskRegion> region;
  if (piece.mask && piece.mask_on) region.emplace(*piece.mask);
  const GradingReport report =
      grade(**set, piece.bands, piece.grading, Wheel(piece.wheel), region ? &*region : nullptr);
  const Names names(**set);
  Json gaps = Json::array(), outside = Json::array(), bands = Json::array();
  for (const auto& g : first(report.gaps))
    gaps.push_back({{"family", find_family(piece, g.family)->name},
                    {"dark", names.name(g.dark)},
                    {"light", names.name(g.light)},
                    {"size", g.size}});
  for (const Id id : first(report.outside_mask)) outside.push_back(names.name(id));
  for (const auto& band : first(report.twin_bands)) bands.push_back(names.band(band));
  return Json{{"set", (*set)->name},
              {"swatches", swatch_count(**set)},
              {"bands",
               {{"light", report.bands.light}, {"middle", report.bands.middle}, {"dark", report.bands.dark}}},
              {"target",
               {{"light", piece.grading.target.light},
                {"middle", piece.grading.target.middle},
                {"dark", piece.grading.target.dark}}},
              {"steps", report.steps},
              {"relation", relation_json(piece, **set)},
              {"counts",
               {{"twins", report.twin_count},
                {"twin_bands", report.twin_bands.size()},
                {"near_duplicates", report.near_duplicates.size()},
                {"more_near_duplicates", report.more_near_duplicates},
                {"gaps", report.gaps.size()},
                {"outside_mask", report.outside_mask.size()},
                {"confusions", report.confusions.size()}}},
              {"twin_bands", bands},
              {"twins", names.pairs(first(report.twins))},
              {"near_duplicates", names.pairs(first(report.near_duplicates))},
              {"gaps", gaps},
              {"outside_mask", outside},
              {"confusions", names.confusions(first(report.confusions))}};
}

} // namespace

Command add_grade(const Options& app) {
  auto r = std::make_shared<GradeRequest>();
  const Options command = app.command("grade", "Grading report of a set");
  command.text("piece", r->piece, "Piece file", Options::Need::Needed);
  command.text("--set", r->set, "Name of the set", Options::Need::Needed);
  return {command, [r] { return grade_set(*r); }};
}

} // namespace zc::cli
