// SPDX-License-Identifier: GPL-3.0-or-later
// The shelf of patterns for lines of the user's own; see shelf_files.h.
#pragma once

#include "core/patterns/lines_pattern.h"
#include "io/shelf/shelf_files.h"

namespace zc {

struct ShelfPattern : ShelfCard {
  LinesPattern pattern;
};

[[nodiscard]] Json shelf_pattern_json(const ShelfPattern& pattern);
/// ERRORS: Damaged.
[[nodiscard]] Result<ShelfPattern> read_shelf_pattern(Fields f);
/// Ours first, then those of the folder by name; files that are no pattern are left out.
[[nodiscard]] std::vector<ShelfPattern> read_pattern_shelf(const std::string& folder);
/// Gives the file's path. ERRORS: as put_file(); BadInput for a pattern without a color.
[[nodiscard]] Result<std::string> put_on_shelf(const std::string& folder, const ShelfPattern& pattern);

} // namespace zc
