// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/sets.h"

#include "io/exchange/exchange.h"
#include "io/files/safe_save.h"

namespace zc::cli {

std::vector<FileFormat> exchange_formats() {
  std::vector<FileFormat> out;
  for (const ExchangeFormatFacts& f : kExchangeFormats) {
    out.push_back({std::string(f.word), {std::string(f.suffix)}});
    // A list of hex codes is the plainest text there is, and .json of colors is design tokens.
    if (f.format == ExchangeFormat::Hex) out.back().endings = {std::string(f.suffix), ".hex"};
    if (f.format == ExchangeFormat::Tokens) out.back().endings = {std::string(f.suffix), ".json"};
  }
  return out;
}

Result<const SwatchSet*> set_named(const Piece& piece, const std::string& name) {
  const SwatchSet* set = find_set_by_name(piece, name);
  if (!set)
    return Error{ErrorCode::NotFound, as_said("The piece has no set named \"" + name + "\"."), "--set"};
  return set;
}

Result<const SwatchSet*> set_or_current(const Piece& piece, const std::string& name) {
  if (!name.empty()) return set_named(piece, name);
  if (const SwatchSet* set = current_set(piece)) return set;
  return Error{ErrorCode::NotFound, as_said("The piece has no set yet."), "--set"};
}

Result<LinesPattern> pattern_in(const std::string& file) {
  const auto bytes = read_file(file, kLongestPattern);
  if (!bytes) return bytes.error();
  const auto text = text_of_file(*bytes, file);
  if (!text) return text.error();
  return lines_pattern_from_text(*text);
}

} // namespace zc::cli
