// SPDX-License-Identifier: GPL-3.0-or-later
// The shelf of masks kept across pieces; see shelf_files.h.
#pragma once

#include "core/mask/mask.h"
#include "io/shelf/shelf_files.h"

namespace zc {

struct ShelfMask : ShelfCard {
  WheelSpec wheel; ///< The wheel the mask was drawn on.
  Mask mask;
};

[[nodiscard]] Json shelf_mask_json(const ShelfMask& mask);
[[nodiscard]] ShelfMask read_shelf_mask(Fields f);
[[nodiscard]] std::string shelf_mask_to_json(const ShelfMask& mask);
/// ERRORS: Damaged or Newer, as for a piece.
[[nodiscard]] Result<ShelfMask> shelf_mask_from_json(std::string_view text);

/// As it lies on that wheel: around the same colors, see with_colors_kept(). It has its name on the shelf.
[[nodiscard]] Mask mask_on(const ShelfMask& mask, const WheelSpec& wheel);
/// ERRORS: as above, with the file as their place; NotFound.
[[nodiscard]] Result<ShelfMask> mask_in_file(const std::string& path);

struct MaskShelf {
  std::vector<ShelfMask> masks;  ///< By name.
  std::vector<Error> unreadable; ///< One for each file that is no mask; the others are there all the same.
};
/// A folder that does not exist is an empty shelf.
[[nodiscard]] MaskShelf read_mask_shelf(const std::string& folder);

/// Gives the file's path. ERRORS: as put_file().
[[nodiscard]] Result<std::string> put_on_shelf(const std::string& folder, const ShelfMask& mask);
/// Another name, other tags, on or off. ERRORS: as change_file().
[[nodiscard]] Status with_card_changed(const ShelfMask& mask, const ShelfCard& card);

/// What lies there becomes this mask and keeps its own card. ERRORS: as change_file().
[[nodiscard]] Status put_back(const ShelfMask& there, const ShelfMask& mask);

/// Our own masks: moods to start from.
[[nodiscard]] std::vector<ShelfMask> shipped_masks();

} // namespace zc
