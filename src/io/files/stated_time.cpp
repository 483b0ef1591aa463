// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/stated_time.h"

#include <charconv>
#include <cstdlib>
#include <cstring>
#include <ctime>

namespace zc {

std::optional<std::int64_t> stated_time() {
  const char* given = std::getenv("SOURCE_DATE_EPOCH");
  if (!given) return std::nullopt;
  std::int64_t seconds = 0;
  const char* end = given + std::strlen(given);
  const auto read = std::from_chars(given, end, seconds);
  if (read.ec != std::errc() || read.ptr != end || seconds < 0) return std::nullopt;
  return seconds;
}

std::string iso_time(std::int64_t seconds) {
  const std::time_t at = seconds;
  std::tm parts{};
  ::gmtime_r(&at, &parts);
  char text[64];
  return {text, std::strftime(text, sizeof text, "%Y-%m-%dT%H:%M:%SZ", &parts)};
}

} // namespace zc
