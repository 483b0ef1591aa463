// SPDX-License-Identifier: GPL-3.0-or-later
// The shelf of swatch sets kept across pieces; see shelf_files.h.
#pragma once

#include "core/piece/piece.h"
#include "io/shelf/shelf_files.h"

namespace zc {

/// The tags are those of the card; ids in the set mean nothing outside of it.
struct ShelfSet : ShelfCard {
  SwatchSet set;
};

[[nodiscard]] std::string shelf_set_to_json(const ShelfSet& set);
/// ERRORS: Damaged or Newer, as for a piece.
[[nodiscard]] Result<ShelfSet> shelf_set_from_json(std::string_view text);

struct SetShelf {
  std::vector<ShelfSet> sets;    ///< By name.
  std::vector<Error> unreadable; ///< One for each file that is no set; the others are there all the same.
};
[[nodiscard]] SetShelf read_set_shelf(const std::string& folder);

/// Gives the file's path. ERRORS: as put_file(); BadInput for a set without swatches.
[[nodiscard]] Result<std::string> put_on_shelf(const std::string& folder, const ShelfSet& set);
/// Another name, other tags, on or off. ERRORS: as change_file().
[[nodiscard]] Status with_card_changed(const ShelfSet& set, const ShelfCard& card);

/// What lies there becomes this set and keeps its own card. ERRORS: as change_file().
[[nodiscard]] Status put_back(const ShelfSet& there, const ShelfSet& set);

/// Our own sets, to start from.
[[nodiscard]] std::vector<ShelfSet> shipped_sets();

/// Equal families, swatch names, notes and 8-bit colors, whatever the ids, locks and ticks.
[[nodiscard]] bool same_content(const SwatchSet& a, const SwatchSet& b);

} // namespace zc
