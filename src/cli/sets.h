// SPDX-License-Identifier: GPL-3.0-or-later
// What the commands on sets share.
#pragma once

#include "core/base/result.h"
#include "core/piece/lines_pattern.h"
#include "core/piece/piece.h"

namespace zc::cli {

/// ERRORS: NotFound.
[[nodiscard]] Result<const SwatchSet*> set_named(const Piece& piece, const std::string& name);
/// The current set for an empty name. ERRORS: NotFound.
[[nodiscard]] Result<const SwatchSet*> set_or_current(const Piece& piece, const std::string& name);

/// A pattern of lines in a text file. ERRORS: as reading and lines_pattern_from_text().
[[nodiscard]] Result<LinesPattern> pattern_in(const std::string& file);

} // namespace zc::cli
