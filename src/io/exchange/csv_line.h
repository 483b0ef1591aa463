// SPDX-License-Identifier: GPL-3.0-or-later
// A line of comma-separated values (RFC 4180).
#pragma once

#include <string>
#include <vector>

namespace zc {

/// Quoted where it must be, with the end of the line.
[[nodiscard]] std::string csv_line(const std::vector<std::string>& row);

} // namespace zc
