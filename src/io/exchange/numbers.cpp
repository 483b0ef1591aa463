// SPDX-License-Identifier: GPL-3.0-or-later
// Lines of text that begin with three numbers, red, green and blue in 0..255 or all in 0..1; the rest of a
// line is the name. Only read: lines of the user's own write any such shape.
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"

#include <array>
#include <charconv>
#include <optional>

namespace zc {
namespace {

constexpr std::string_view kBetween = " \t,;";

struct NumberLine {
  std::array<double, 3> numbers{};
  std::string name;
};

std::optional<NumberLine> number_line(std::string_view line) {
  NumberLine out;
  for (double& n : out.numbers) {
    line.remove_prefix(std::min(line.find_first_not_of(kBetween), line.size()));
    const auto read = std::from_chars(line.data(), line.data() + line.size(), n);
    if (read.ec != std::errc() || !(n >= 0 && n <= 255)) return std::nullopt;
    line.remove_prefix(static_cast<std::size_t>(read.ptr - line.data()));
    if (!line.empty() && kBetween.find(line[0]) == std::string_view::npos) return std::nullopt;
  }
  line.remove_prefix(std::min(line.find_first_not_of(kBetween), line.size()));
  out.name = std::string(trimmed(line));
  return out;
}

template <class Each> void each_line(std::string_view text, const Each& each) {
  for (std::size_t at = 0; at < text.size();) {
    const std::size_t end = std::min(text.find('\n', at), text.size());
    const std::string_view line = trimmed(text.substr(at, end - at));
    at = end + 1;
    if (!line.empty() && !each(line)) return;
  }
}

} // namespace

bool looks_like_numbers(std::string_view text) {
  int fitting = 0, others = 0;
  each_line(text, [&](std::string_view line) {
    ++(number_line(line) ? fitting : others);
    return fitting + others < 50;
  });
  return fitting > others;
}

Result<FoundSet> read_numbers(std::string_view text) {
  std::vector<NumberLine> lines;
  Gathering gathering;
  double largest = 0;
  each_line(text, [&](std::string_view line) {
    auto read = number_line(line);
    if (!read) {
      gathering.skip();
      return true;
    }
    for (const double n : read->numbers) largest = std::max(largest, n);
    lines.push_back(std::move(*read));
    return lines.size() <= kMostFoundColors;
  });
  const double scale = largest <= 1 ? 1 : 255;
  for (const auto& line : lines)
    if (!gathering.add(
            "", {{line.numbers[0] / scale, line.numbers[1] / scale, line.numbers[2] / scale}, line.name}))
      break;
  return gathering.done("lines of numbers");
}

} // namespace zc
