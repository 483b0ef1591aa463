// SPDX-License-Identifier: GPL-3.0-or-later
// Paints as the commands are given them.
#pragma once

#include "cli/line/options.h"
#include "core/piece/paints.h"

namespace zc::cli {

struct PaintsRequest {
  std::string file;
  bool white_and_black = false;
};

/// A piece's palette of paints, or the swatches of its current set where it has none; a palette's file; or
/// any file of colors. ERRORS: as reading; BadInput for more than 12 colors, and where none is put out.
[[nodiscard]] Result<PutOut> paints_in(const PaintsRequest& request);
/// --paints and --white-and-black.
void add_paint_options(const Options& command, PaintsRequest& request);

} // namespace zc::cli
