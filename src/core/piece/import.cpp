// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/import.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/piece/change.h"
#include "core/piece/set_edits.h"

#include <algorithm>

namespace zc {
namespace {

struct KnownColor {
  Id swatch;
  Srgb8 rounded;
  Lab lab;
};

FoundState state_of(const FoundColor& c, const std::vector<KnownColor>& known, double limit) {
  FoundState out{Known::New, 0, limit};
  const Srgb8 rounded = rounded_8bit(c.color);
  const Lab lab = lab_from_srgb(c.color);
  for (const auto& k : known) {
    if (k.rounded == rounded) return {Known::Same, k.swatch, ciede2000(k.lab, lab)};
    if (std::abs(k.lab.l - lab.l) > 2 * limit) continue; // SL of CIEDE2000 stays below 1.75.
    const double difference = ciede2000(k.lab, lab);
    if (difference < out.difference) out = {Known::Near, k.swatch, difference};
  }
  return out;
}

/// Names a file gives are taken as far as a piece allows.
std::string fitting_name(const std::string& name, const char* otherwise) {
  if (name.find_first_not_of(" \t\r\n") == std::string::npos) return otherwise;
  return shortened(name, kLongestName);
}

Id family_named(const SwatchSet& set, const std::string& name) {
  const auto at =
      std::find_if(set.families.begin(), set.families.end(), [&](const Family& f) { return f.name == name; });
  return at == set.families.end() ? 0 : at->id;
}

std::string stripped(const std::string& name) {
  auto clean = clean_name(name, "family");
  return clean ? *clean : name;
}

} // namespace

std::size_t color_count(const FoundSet& found) {
  std::size_t n = 0;
  for (const auto& family : found.families) n += family.colors.size();
  return n;
}

std::vector<FoundState> compare_found(const FoundSet& found, const SwatchSet& set, double limit) {
  std::vector<KnownColor> known;
  for (const auto& family : set.families)
    for (const auto& s : family.swatches)
      known.push_back({s.id, rounded_8bit(s.color), lab_from_srgb(s.color)});
  std::vector<FoundState> out;
  for (const auto& family : found.families)
    for (const auto& c : family.colors) out.push_back(state_of(c, known, limit));
  return out;
}

std::vector<bool> wanted_colors(const std::vector<FoundState>& states, const ImportPlan& plan) {
  const bool fresh = plan.into == ImportInto::NewSet;
  std::vector<bool> out(states.size());
  for (std::size_t i = 0; i < states.size(); ++i) {
    const bool by_rule = fresh || (!(states[i].known == Known::Same && plan.leave_out_same) &&
                                   !(states[i].known == Known::Near && plan.leave_out_near));
    out[i] = i < plan.chosen.size() ? plan.chosen[i].value_or(by_rule) : by_rule;
  }
  return out;
}

namespace {

/// The set that the colors of a plan come into; null for a new one.
const SwatchSet* target_of(const Piece& piece, const ImportPlan& plan) {
  if (plan.into == ImportInto::NewSet) return nullptr;
  if (plan.into == ImportInto::OneFamily) return find_set_of_family(piece, plan.family);
  return plan.set == 0 ? current_set(piece) : find_set(piece, plan.set);
}

Swatch swatch_of(const FoundColor& c, const std::string& book) {
  Swatch out{0, c.color};
  out.code = c.code;
  if (!c.code && !book.empty() && !c.name.empty())
    out.code = Code{BookName{shortened(book, kLongestName), shortened(c.name, kLongestName)},
                    c.lab.value_or(lab_d50_from_srgb(c.color)), c.color};
  out.name = stripped(fitting_name(c.name, ""));
  out.note = shortened(c.note, kLongestNote);
  return out;
}

/// Into the family the plan names, or the one of this name in the current set.
Result<Piece> with_brought_in(Piece piece, const std::string& family, const std::vector<Swatch>& swatches,
                              const ImportPlan& plan) {
  if (swatches.empty()) return piece;
  if (plan.into == ImportInto::OneFamily)
    return with_swatches_pasted(std::move(piece), plan.family, swatches);
  const std::string name = stripped(fitting_name(family, "imported"));
  if (const Id there = family_named(*current_set(piece), name))
    return with_swatches_pasted(std::move(piece), there, swatches);
  auto out = with_family(std::move(piece), name);
  if (!out) return out;
  const Id made = current_set(*out)->families.back().id;
  return with_swatches_pasted(std::move(out).value(), made, swatches);
}

Result<Piece> with_set_for(Piece piece, const std::string& found_name) {
  const auto taken = [&](const std::string& n) { return find_set_by_name(piece, n) != nullptr; };
  const std::string name = free_name(stripped(fitting_name(found_name, "Imported set")), taken);
  return with_set(std::move(piece), name);
}

} // namespace

Result<Piece> with_found(Piece piece, const FoundSet& found, const ImportPlan& plan) {
  const SwatchSet* target = target_of(piece, plan);
  if (plan.into == ImportInto::OneFamily && !target) return not_found("family");
  if (plan.into == ImportInto::OneSet && !target) return not_found("set");
  const auto states = target ? compare_found(found, *target, piece.grading.near_duplicate)
                             : std::vector<FoundState>(color_count(found));
  const auto wanted = wanted_colors(states, plan);
  if (std::find(wanted.begin(), wanted.end(), true) == wanted.end())
    return Error{ErrorCode::BadInput, Sentence::NothingToBringIn, "import"};
  Result<Piece> out = std::move(piece);
  if (plan.into == ImportInto::OneSet && plan.set != 0)
    out = with_current_set(std::move(out).value(), plan.set);
  if (plan.into == ImportInto::NewSet) out = with_set_for(std::move(out).value(), found.name);
  std::size_t at = 0;
  for (const auto& family : found.families) {
    std::vector<Swatch> swatches;
    for (const auto& c : family.colors)
      if (wanted[at++]) swatches.push_back(swatch_of(c, plan.book));
    if (out) out = with_brought_in(std::move(out).value(), family.name, swatches, plan);
  }
  return out;
}

} // namespace zc
