// SPDX-License-Identifier: GPL-3.0-or-later
// What the edits share: ways to what is to be changed, names, and the sentences for what is not there. For
// the files of edits only.
#pragma once

#include "core/base/result.h"
#include "core/piece/set_edits.h"

#include <algorithm>
#include <string>
#include <string_view>
#include <unordered_set>

namespace zc {

// What has this id, made this piece's own to be changed; null when there is none. Good until something is put
// into or taken out of a list it is in.
[[nodiscard]] SwatchSet* set_to_change(Piece& piece, Id set);
[[nodiscard]] SwatchSet* set_of_family(Piece& piece, Id family);
[[nodiscard]] SwatchSet* set_of_version(Piece& piece, Id version);
[[nodiscard]] Family* family_to_change(Piece& piece, Id family);
[[nodiscard]] Swatch* swatch_to_change(Piece& piece, Id swatch);
[[nodiscard]] SetVersion* version_to_change(Piece& piece, Id version);
[[nodiscard]] Reference* reference_to_change(Piece& piece, Id reference);

/// The index of what has this id, or the size of the list.
template <class T> [[nodiscard]] std::size_t index_of(const List<T>& list, Id id) {
  const auto at = std::find_if(list.begin(), list.end(), [id](const T& x) { return x.id == id; });
  return static_cast<std::size_t>(at - list.begin());
}

using IdSet = std::unordered_set<Id>;

// Places of a row.
/// Takes the swatches out of their families and gives them in the order of the set.
[[nodiscard]] std::vector<Swatch> taken_out(Piece& piece, const IdSet& ids);
void put_at(Family& family, Swatch swatch, int place);
/// Puts it behind the last swatch.
void put_last(Family& family, Swatch swatch);
/// Null where the place is free.
[[nodiscard]] const Swatch* swatch_at_place(const Family& family, int place);
/// The first free place from there on or, where the row ends, the first of all. A set holds no more swatches
/// than a row has places.
[[nodiscard]] int free_place_from(const Family& family, int place);

[[nodiscard]] Error not_found(std::string_view what);
[[nodiscard]] Error too_many_swatches();
/// The name without the spaces around it. ERRORS: BadInput when nothing is left or it is too long.
[[nodiscard]] Result<std::string> clean_name(const std::string& name, std::string_view what);
/// `name`, or `name` with the first number that makes it free; it stays short enough for a name.
template <class Taken> std::string free_name(const std::string& name, const Taken& taken) {
  std::string out = shortened(name, kLongestName);
  for (int n = 2; taken(out); ++n) {
    const std::string number = " " + std::to_string(n);
    out = shortened(name, kLongestName - number.size()) + number;
  }
  return out;
}

/// What the program calls a color that is added to a set; no swatch of the set has this name.
[[nodiscard]] std::string name_for(const SwatchSet& set, Srgb color);

/// Its wheel and mask become those of the piece; without one the piece's own mask stays, off.
void take_plan(Piece& piece, const PlanKey& plan);

} // namespace zc
