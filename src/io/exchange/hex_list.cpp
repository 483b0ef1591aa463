#include "io/exchange/hex_list.h"

#include "core/color/text.h"

#include <algorithm>

namespace zc {

std::string hex_list(const SwatchSet& set) {
  std::string out;
  for (const auto& family : set.families)
    for (const auto& swatch : family.swatches) {
      std::string name = swatch.name;
      std::replace_if(
          name.begin(), name.end(), [](char c) { return c == '\n' || c == '\r'; }, ' ');
      out += hex_of(swatch.color) + (name.empty() ? "" : " " + name) + "\n";
    }
  return out;
}

} // namespace zc
