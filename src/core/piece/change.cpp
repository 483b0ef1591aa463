// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/change.h"

#include "core/base/sentences.h"
#include "core/piece/set_edits.h"
#include "core/wheel/color_words.h"

namespace zc {
namespace {

/// The first set of which has() is true.
template <class Has> SwatchSet* set_that(Piece& piece, const Has& has) {
  for (std::size_t i = 0; i < piece.sets.size(); ++i)
    if (has(piece.sets[i])) return &piece.sets.change(i);
  return nullptr;
}

template <class T> T* in_list(List<T>& list, Id id) {
  const std::size_t i = index_of(list, id);
  return i < list.size() ? &list.change(i) : nullptr;
}

} // namespace

SwatchSet* set_to_change(Piece& piece, Id set) { return in_list(piece.sets, set); }

SwatchSet* set_of_family(Piece& piece, Id family) {
  return set_that(piece,
                  [family](const SwatchSet& s) { return index_of(s.families, family) < s.families.size(); });
}

SwatchSet* set_of_version(Piece& piece, Id version) {
  return set_that(
      piece, [version](const SwatchSet& s) { return index_of(s.versions, version) < s.versions.size(); });
}

Family* family_to_change(Piece& piece, Id family) {
  SwatchSet* set = set_of_family(piece, family);
  return set ? in_list(set->families, family) : nullptr;
}

Swatch* swatch_to_change(Piece& piece, Id swatch) {
  for (std::size_t i = 0; i < piece.sets.size(); ++i)
    for (std::size_t f = 0; f < piece.sets[i].families.size(); ++f) {
      const auto& swatches = piece.sets[i].families[f].swatches;
      if (const std::size_t at = index_of(swatches, swatch); at < swatches.size())
        return &piece.sets.change(i).families.change(f).swatches.change(at);
    }
  return nullptr;
}

SetVersion* version_to_change(Piece& piece, Id version) {
  SwatchSet* set = set_of_version(piece, version);
  return set ? in_list(set->versions, version) : nullptr;
}

Reference* reference_to_change(Piece& piece, Id reference) { return in_list(piece.references, reference); }

std::vector<Swatch> taken_out(Piece& piece, const IdSet& ids) {
  const auto wanted = [&ids](const Swatch& s) { return ids.contains(s.id); };
  std::vector<Swatch> out;
  for (std::size_t i = 0; i < piece.sets.size(); ++i)
    for (std::size_t k = 0; k < piece.sets[i].families.size(); ++k) {
      const auto& there = piece.sets[i].families[k].swatches;
      const std::size_t before = out.size();
      std::copy_if(there.begin(), there.end(), std::back_inserter(out), wanted);
      if (out.size() > before) piece.sets.change(i).families.change(k).swatches.erase_if(wanted);
    }
  return out;
}

void put_at(Family& family, Swatch swatch, int place) {
  swatch.place = place;
  const auto& there = family.swatches;
  const auto at =
      std::upper_bound(there.begin(), there.end(), place, [](int p, const Swatch& s) { return p < s.place; });
  family.swatches.insert(static_cast<std::size_t>(at - there.begin()), std::move(swatch));
}

const Swatch* swatch_at_place(const Family& family, int place) {
  const auto at = std::lower_bound(family.swatches.begin(), family.swatches.end(), place,
                                   [](const Swatch& s, int p) { return s.place < p; });
  return at != family.swatches.end() && at->place == place ? &*at : nullptr;
}

int free_place_from(const Family& family, int place) {
  while (swatch_at_place(family, place)) ++place;
  if (place < kMostPlaces) return place;
  for (place = 0; swatch_at_place(family, place);) ++place;
  return place;
}

void put_last(Family& family, Swatch swatch) {
  const int place = free_place_from(family, next_place(family));
  put_at(family, std::move(swatch), place);
}

Error too_many_swatches() {
  return {ErrorCode::TooLarge, say(Sentence::SwatchesFull, std::to_string(kMostSwatches)), "set"};
}

Error not_found(std::string_view what) {
  return {ErrorCode::NotFound, say(Sentence::NoSuchPart, Term{what}), std::string(what)};
}

Result<std::string> clean_name(const std::string& name, std::string_view what) {
  std::string clean(trimmed(name));
  if (clean.empty())
    return Error{ErrorCode::BadInput, say(Sentence::NeedsName, Term{what}), std::string(what)};
  if (clean.size() > kLongestName)
    return Error{ErrorCode::BadInput, say(Sentence::NameTooLong, Term{what}), std::string(what)};
  return clean;
}

std::string name_for(const SwatchSet& set, Srgb color) {
  const auto taken = [&set](const std::string& name) {
    for (const Family& family : set.families)
      for (const Swatch& s : family.swatches)
        if (s.name == name) return true;
    return false;
  };
  std::string name = made_swatch_name(color);
  if (!taken(name)) return name;
  for (char letter = 'b'; letter <= 'z'; ++letter)
    if (!taken(name + ' ' + letter)) return name + ' ' + letter;
  return free_name(name, taken);
}

void take_plan(Piece& piece, const PlanKey& plan) {
  piece.wheel = plan.wheel;
  if (plan.mask) piece.mask = plan.mask;
  piece.mask_on = plan.mask.has_value();
}

} // namespace zc
