// SPDX-License-Identifier: GPL-3.0-or-later
// The shelf of palettes of paints; see shelf_files.h. A file of it is also what the command line reads.
#pragma once

#include "core/piece/piece.h"
#include "io/shelf/shelf_files.h"

namespace zc {

struct ShelfPaints : ShelfCard {
  List<PalettePaint> paints; ///< Their ids are 0.
};

[[nodiscard]] Json shelf_paints_json(const ShelfPaints& paints);
/// ERRORS: Damaged, with what is wrong and where; TooLarge past kMostPaints.
[[nodiscard]] Result<ShelfPaints> read_shelf_paints(const Json& json);
/// One file's text. ERRORS: also Newer.
[[nodiscard]] Result<ShelfPaints> shelf_paints_from_json(std::string_view text);
/// Ours first, then those of the folder by name; files that are no paints are left out.
[[nodiscard]] std::vector<ShelfPaints> read_paint_shelf(const std::string& folder);
/// Gives the file's path. ERRORS: as put_file(); BadInput without a paint.
[[nodiscard]] Result<std::string> put_on_shelf(const std::string& folder, const ShelfPaints& paints);

} // namespace zc
