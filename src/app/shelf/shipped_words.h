// SPDX-License-Identifier: GPL-3.0-or-later
// What came with the program on the shelves, called in the language of the window.
#pragma once

#include "io/shelf/mask_shelf.h"
#include "io/shelf/paint_shelf.h"
#include "io/shelf/pattern_shelf.h"
#include "io/shelf/set_shelf.h"

namespace zc {

[[nodiscard]] std::vector<ShelfMask> masks_that_came();
/// The shipped sets with their families, their swatches named in the language of the window.
[[nodiscard]] std::vector<ShelfSet> sets_that_came();
/// read_pattern_shelf(); those of the user keep their names.
[[nodiscard]] std::vector<ShelfPattern> patterns_on_shelf(const std::string& folder);
/// read_paint_shelf() likewise.
[[nodiscard]] std::vector<ShelfPaints> paints_on_shelf(const std::string& folder);

} // namespace zc
