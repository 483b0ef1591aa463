// SPDX-License-Identifier: GPL-3.0-or-later
// The time that stands in what is written, where the one who runs the program states it so that two runs give
// the same bytes: SOURCE_DATE_EPOCH (reproducible-builds.org), seconds since 1970-01-01 UTC.
#pragma once

#include <cstdint>
#include <optional>
#include <string>

namespace zc {

/// Nothing where none is stated, or no whole number from 0 on.
[[nodiscard]] std::optional<std::int64_t> stated_time();
/// "2026-12-01T15:56:13Z" (ISO 8601), UTC.
[[nodiscard]] std::string iso_time(std::int64_t seconds);

} // namespace zc
