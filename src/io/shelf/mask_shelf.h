// The shelf of masks kept across pieces: plain JSON files in one folder, one file a mask.
//
// Files are only ever written under new names and removed whole, so two windows can use one shelf at once.
#pragma once

#include "core/mask/mask.h"

#include <string>
#include <string_view>
#include <vector>

namespace zc {

struct ShelfMask {
  std::string name;
  std::vector<std::string> tags;
  WheelSpec wheel; ///< The wheel the mask was drawn on.
  Mask mask;
  std::string file; ///< Empty for a mask that ships with the program.
};

[[nodiscard]] std::string shelf_mask_to_json(const ShelfMask& mask);
/// ERRORS: Damaged or Newer, as for a piece.
[[nodiscard]] Result<ShelfMask> shelf_mask_from_json(std::string_view text);

struct MaskShelf {
  std::vector<ShelfMask> masks;  ///< By name.
  std::vector<Error> unreadable; ///< One for each file that is no mask; the others are there all the same.
};
/// A folder that does not exist is an empty shelf.
[[nodiscard]] MaskShelf read_mask_shelf(const std::string& folder);

/// Writes a new file and makes the folder where it is missing; gives the file's path. ERRORS: BadInput for an
/// empty name, Unwritable.
[[nodiscard]] Result<std::string> put_on_shelf(const std::string& folder, const ShelfMask& mask);
[[nodiscard]] Status take_off_shelf(const ShelfMask& mask);

/// Our own masks: moods to start from.
[[nodiscard]] std::vector<ShelfMask> shipped_masks();

/// Does every word of the search occur in the name or a tag? Letter case is ignored for ASCII.
[[nodiscard]] bool found_by(const ShelfMask& mask, std::string_view search);
/// "dusk, Harbor ,dusk" as {"dusk", "Harbor"}.
[[nodiscard]] std::vector<std::string> tags_of(std::string_view text);

} // namespace zc
