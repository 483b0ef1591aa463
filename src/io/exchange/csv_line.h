// SPDX-License-Identifier: GPL-3.0-or-later
// A line of comma-separated values (RFC 4180).
#pragma once

#include <string>
#include <vector>

namespace zc {

/// Words that are text in a spreadsheet too: what it would take for a formula gets an apostrophe before it,
/// and so does what could be mistaken for such words; plain_words() takes it away again.
[[nodiscard]] std::string safe_words(const std::string& words);
[[nodiscard]] std::string plain_words(const std::string& words);
/// Quoted where it must be, with the end of the line.
[[nodiscard]] std::string csv_line(const std::vector<std::string>& row);

} // namespace zc
