// SPDX-License-Identifier: GPL-3.0-or-later
// A text file of the user's own shape: lines with fields in braces, written and read back.
#pragma once

#include "core/patterns/line_pattern.h"
#include "core/piece/import.h"

namespace zc {

inline constexpr std::size_t kLongestPattern = 10'000; ///< Bytes of a pattern as text.

/// A first part, one line a family, one line a swatch, a last part; see LinePattern for the fields. Parts may
/// have several lines or none.
struct LinesPattern {
  std::string first, family, swatch, last;
  /// None of these letters stands in a name, family, note, set or title; `instead` does.
  std::string forbidden, instead;
  bool operator==(const LinesPattern&) const = default;
};

/// A pattern as text looks like the file it makes, with one family of one swatch: the first line with a field
/// of a color is that of a swatch; a line with {family} right before it, and no color, is that of a family;
/// what stands before and behind are the first and last part. A line {names without ",;" but "-"} says what
/// names may not hold and what stands instead; a quotation mark is written twice.
/// ERRORS: BadInput with the line: for a field that is none, for no line with a color, for a pattern that is
/// too long.
[[nodiscard]] Result<LinesPattern> lines_pattern_from_text(std::string_view text);
[[nodiscard]] std::string text_of(const LinesPattern& pattern);

/// ERRORS: BadInput for a pattern with an unknown field; for a set without swatches.
[[nodiscard]] Result<std::string> set_in_lines(const SwatchSet& set, const std::string& title,
                                               const LinesPattern& pattern);
/// Lines that do not fit the pattern are left out, and a remark says how many. ERRORS: BadInput for a pattern
/// that no color can be read back by, with the missing field; Damaged where no line fits; TooLarge where
/// lines can be read in too many ways.
[[nodiscard]] Result<FoundSet> set_from_lines(std::string_view text, const LinesPattern& pattern);

} // namespace zc
