// SPDX-License-Identifier: GPL-3.0-or-later
// Small work on text that is UTF-8 or plain bytes.
#pragma once

#include <string>
#include <string_view>

namespace zc {

/// The text without the spaces, tabs and line ends around it.
[[nodiscard]] inline std::string_view trimmed(std::string_view text) {
  constexpr std::string_view blank = " \t\r\n";
  const auto from = text.find_first_not_of(blank);
  if (from == std::string_view::npos) return {};
  return text.substr(from, text.find_last_not_of(blank) - from + 1);
}

/// Letters outside of ASCII stay as they are.
[[nodiscard]] inline std::string lower_ascii(std::string_view text) {
  std::string out(text);
  for (char& c : out)
    if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
  return out;
}

/// The text as far as `most` bytes hold it, without a cut character or spaces at its end.
[[nodiscard]] inline std::string shortened(std::string text, std::size_t most) {
  if (text.size() <= most) return text;
  while (most > 0 && (static_cast<unsigned char>(text[most]) & 0xc0) == 0x80) --most;
  text.resize(most);
  text.erase(text.find_last_not_of(" \t\r\n") + 1);
  return text;
}

} // namespace zc
