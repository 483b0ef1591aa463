#include "core/piece/import.h"

#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/piece/change.h"
#include "core/piece/set_edits.h"
#include "core/wheel/color_words.h"

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

Result<Piece> with_found(Piece piece, const FoundSet& found, const ImportPlan& plan) {
  const bool fresh = plan.into == ImportInto::NewSet;
  if (plan.into == ImportInto::OneFamily && !find_family(piece, plan.family)) return not_found("family");
  std::vector<FoundState> states(color_count(found));
  if (!fresh) states = compare_found(found, *current_set(piece), piece.grading.near_duplicate);
  const auto wanted = [&](const FoundState& s) {
    return !(s.known == Known::Same && plan.leave_out_same) &&
           !(s.known == Known::Near && plan.leave_out_near);
  };
  if (std::none_of(states.begin(), states.end(), wanted))
    return Error{ErrorCode::BadInput,
                 "There is nothing to bring in: the set has all of these colors already.", "import"};
  Result<Piece> out = std::move(piece);
  if (fresh) {
    const std::string name = stripped(fitting_name(found.name, "Imported set"));
    const auto taken = [&](const std::string& n) { return find_set_by_name(*out, n) != nullptr; };
    const std::string free = free_name(name, taken);
    out = with_set(std::move(out).value(), free);
  }
  std::size_t at = 0;
  for (const auto& family : found.families) {
    std::vector<Swatch> swatches;
    for (const auto& c : family.colors) {
      if (!wanted(states[at++])) continue;
      Swatch s{0, c.color};
      s.name = stripped(fitting_name(c.name, ""));
      if (s.name.empty()) s.name = color_in_words(c.color);
      s.note = shortened(c.note, kLongestNote);
      swatches.push_back(std::move(s));
    }
    if (!out) return out;
    if (swatches.empty()) continue;
    Id home = plan.into == ImportInto::OneFamily ? plan.family : 0;
    const std::string name = stripped(fitting_name(family.name, "imported"));
    if (home == 0) home = family_named(*current_set(*out), name);
    if (home == 0) {
      out = with_family(std::move(out).value(), name);
      if (!out) return out;
      home = current_set(*out)->families.back().id;
    }
    out = with_swatches_pasted(std::move(out).value(), home, swatches);
  }
  return out;
}

} // namespace zc
