// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/base/text.h"
#include "core/sheet/sheet.h"
#include "core/wheel/color_words.h"

namespace zc {
namespace {

constexpr std::string_view kDots = "\u2026";

bool continues(char byte) { return (static_cast<unsigned char>(byte) & 0xc0) == 0x80; }

/// Where the letters of UTF-8 text begin, and its end.
std::vector<std::size_t> letters_of(std::string_view text) {
  std::vector<std::size_t> out;
  for (std::size_t i = 0; i < text.size(); ++i)
    if (!continues(text[i])) out.push_back(i);
  out.push_back(text.size());
  return out;
}

/// The longest beginning, by whole letters, that fits with an end behind it; at least `least` letters.
std::size_t fitting(std::string_view text, std::string_view end, std::size_t least, double width, double size,
                    bool bold, const TextMeasure& measure) {
  const auto letters = letters_of(text);
  std::size_t low = std::min(least, letters.size() - 1), high = letters.size() - 1;
  while (low < high) {
    const std::size_t middle = (low + high + 1) / 2;
    const std::string tried = std::string(text.substr(0, letters[middle])) + std::string(end);
    if (measure(tried, size, bold) <= width)
      low = middle;
    else
      high = middle - 1;
  }
  return letters[low];
}

/// Line ends and tabs as spaces, several as one; other control letters are left out.
std::string one_line(std::string_view words) {
  std::string out;
  for (const char c : words) {
    const bool blank = c == ' ' || c == '\t' || c == '\n' || c == '\r';
    if (blank && (out.empty() || out.back() == ' ')) continue;
    if (blank)
      out += ' ';
    else if (static_cast<unsigned char>(c) >= 32 && c != 127)
      out += c;
  }
  return std::string(trimmed(out));
}

} // namespace

std::string SheetWords::said(std::string_view ours, std::initializer_list<std::string_view> within) const {
  const std::string whole = said(ours);
  std::string out;
  for (std::size_t i = 0; i < whole.size(); ++i) {
    const bool place = whole[i] == '%' && i + 1 < whole.size() && whole[i + 1] >= '1' && whole[i + 1] <= '9';
    const auto which = place ? static_cast<std::size_t>(whole[i + 1] - '1') : within.size();
    if (which >= within.size()) {
      out += whole[i];
      continue;
    }
    out += within.begin()[which];
    ++i;
  }
  return out;
}

std::string SheetWords::named(Srgb c) const { return color ? color(c) : color_in_words(c); }

std::string fitted_words(std::string_view words, double width, double size, bool bold,
                         const TextMeasure& measure) {
  std::string line = one_line(words);
  if (measure(line, size, bold) <= width) return line;
  const std::size_t kept = fitting(line, kDots, 0, width, size, bold, measure);
  const std::string out = std::string(trimmed(std::string_view(line).substr(0, kept))) + std::string(kDots);
  return measure(out, size, bold) <= width ? out : std::string();
}

std::vector<std::string> wrapped_words(std::string_view words, double width, double size, bool bold,
                                       std::size_t most, const TextMeasure& measure) {
  const std::string text = one_line(words);
  std::vector<std::string> out;
  std::string_view rest = text;
  while (!rest.empty() && out.size() < most) {
    if (out.size() + 1 == most) {
      out.push_back(fitted_words(rest, width, size, bold, measure));
      break;
    }
    std::size_t end = fitting(rest, "", 1, width, size, bold, measure);
    if (end < rest.size())
      if (const auto space = rest.substr(0, end + 1).rfind(' '); space != std::string_view::npos && space > 0)
        end = space;
    out.push_back(std::string(trimmed(rest.substr(0, end))));
    rest = trimmed(rest.substr(end));
  }
  return out;
}

} // namespace zc
