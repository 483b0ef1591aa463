// SPDX-License-Identifier: GPL-3.0-or-later
// What the commands on sets share.
#pragma once

#include "cli/line/options.h"
#include "core/base/result.h"
#include "core/patterns/lines_pattern.h"
#include "core/piece/piece.h"
#include "io/files/claim.h"

namespace zc::cli {

/// Milliseconds that a command waits for another one that changes the same piece.
inline constexpr int kClaimPatience = 30'000;
[[nodiscard]] inline Error taken_elsewhere(const std::string& piece) {
  return {ErrorCode::Unwritable,
          as_said("\"" + piece +
                  "\" is open in another window or changed by another command; close it there first."),
          piece};
}

/// ERRORS: NotFound.
[[nodiscard]] Result<const SwatchSet*> set_named(const Piece& piece, const std::string& name);
/// The current set for an empty name. ERRORS: NotFound.
[[nodiscard]] Result<const SwatchSet*> set_or_current(const Piece& piece, const std::string& name);

/// Of kExchangeFormats, in their order.
[[nodiscard]] std::vector<FileFormat> exchange_formats();

/// A pattern of lines in a text file. ERRORS: as reading and lines_pattern_from_text().
[[nodiscard]] Result<LinesPattern> pattern_in(const std::string& file);

} // namespace zc::cli
