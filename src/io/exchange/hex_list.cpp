// SPDX-License-Identifier: GPL-3.0-or-later
// Plain hex list: one "#rrggbb name" a line, families in order. Read: lines of any text that begin with a hex
// color.
#include "core/color/text.h"
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"

namespace zc {

std::string hex_list_text(const SwatchSet& set) {
  std::string out;
  for (const auto& family : set.families)
    for (const auto& swatch : family.swatches) {
      const std::string name = on_one_line(swatch.name);
      out += hex_of(swatch.color) + (name.empty() ? "" : " " + name) + "\n";
    }
  return out;
}

Result<FoundSet> read_hex_list(std::string_view text) {
  Gathering gathering;
  for (std::size_t at = 0; at < text.size();) {
    const std::size_t end = std::min(text.find('\n', at), text.size());
    const std::string_view line = trimmed(text.substr(at, end - at));
    at = end + 1;
    if (line.empty()) continue;
    const std::size_t hex_end = std::min(line.find_first_of(" \t,;:"), line.size());
    const auto color = parse_color(line.substr(0, hex_end));
    if (!color) {
      gathering.skip();
      continue;
    }
    // Behind a space all is name, behind another sign what follows the signs.
    std::string_view rest = line.substr(hex_end);
    if (!rest.starts_with(' ')) rest.remove_prefix(std::min(rest.find_first_not_of(" \t,;:"), rest.size()));
    if (!gathering.add("", {*color, std::string(trimmed(rest))})) break;
  }
  return gathering.done("a hex list");
}

} // namespace zc
