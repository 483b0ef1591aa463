#include "core/piece/line_pattern.h"

#include "core/color/readout.h"
#include "core/color/text.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

namespace zc {
namespace {

constexpr std::array<std::string_view, 17> kFields{"hex",  "r",   "g",      "b",     "L",    "a*",
                                                   "b*",   "hue", "chroma", "value", "name", "family",
                                                   "note", "set", "title",  "n",     "count"};
constexpr std::array<std::string_view, 5> kWordFields{"name", "family", "note", "set", "title"};

template <std::size_t N> bool is_one_of(const std::array<std::string_view, N>& all, std::string_view word) {
  return std::find(all.begin(), all.end(), word) != all.end();
}

std::string rounded(double number, int digits) {
  // Never "-0".
  const double scale = std::pow(10, digits), whole = std::round(number * scale) / scale + 0.0;
  std::array<char, 32> out{};
  std::snprintf(out.data(), out.size(), "%.*f", digits, whole);
  std::string text = out.data();
  // The C library may have been given a comma by a locale; files and clipboards know the point.
  std::replace(text.begin(), text.end(), ',', '.');
  return text;
}

std::string number_of(std::string_view field, const LineFields& f) {
  constexpr std::string_view channels = "rgb";
  if (field == "hex") return hex_of(f.color).substr(1);
  if (field == "n") return std::to_string(f.number);
  if (field == "count") return std::to_string(f.count);
  if (field.size() == 1 && channels.find(field) != std::string_view::npos)
    return rounded(readout_of(ReadoutSpace::Rgb, f.color)[channels.find(field)], 0);
  const auto lab = readout_of(ReadoutSpace::Lab, f.color), lch = readout_of(ReadoutSpace::Lch, f.color);
  if (field == "L") return rounded(lab[0], 2);
  if (field == "a*") return rounded(lab[1], 2);
  if (field == "b*") return rounded(lab[2], 2);
  if (field == "value") return rounded(lch[0], 1);
  return rounded(field == "chroma" ? lch[1] : lch[2], 1);
}

std::string words_of(std::string_view field, const LineFields& f) {
  std::string out = field == "name"     ? f.name
                    : field == "family" ? f.family
                    : field == "note"   ? f.note
                    : field == "set"    ? f.set
                                        : f.title;
  std::replace_if(
      out.begin(), out.end(), [](char c) { return c == '\n' || c == '\r'; }, ' ');
  return out;
}

Error wrong(const std::string& why, std::size_t at) {
  return {ErrorCode::BadInput, why, std::to_string(at + 1)};
}

} // namespace

Result<LinePattern> LinePattern::read(std::string_view pattern) {
  LinePattern out;
  std::string words;
  for (std::size_t i = 0; i < pattern.size(); ++i) {
    if (pattern[i] != '{') {
      words += pattern[i];
      continue;
    }
    if (i + 1 < pattern.size() && pattern[i + 1] == '{') {
      words += pattern[i++];
      continue;
    }
    const auto end = pattern.find('}', i);
    if (end == std::string_view::npos)
      return wrong("A brace is open to the end of the pattern; close it with }.", i);
    const std::string_view inside = pattern.substr(i + 1, end - i - 1);
    const std::string_view name = inside.substr(0, inside.find(':'));
    if (!is_one_of(kFields, name))
      return wrong("The pattern asks for {" + std::string(inside) + "}, which is no field.", i);
    std::size_t width = 0;
    if (name.size() < inside.size()) {
      const std::string_view digits = inside.substr(name.size() + 1);
      const bool whole = !digits.empty() && digits.size() <= 2 &&
                         digits.find_first_not_of("0123456789") == std::string_view::npos;
      width = whole ? std::stoul(std::string(digits)) : 0;
      if (width == 0)
        return wrong("The width in {" + std::string(inside) + "} is no number from 1 to 99.", i);
    }
    if (!words.empty()) out.m_parts.push_back({std::exchange(words, {})});
    out.m_parts.push_back({std::string(name), true, width});
    i = end;
  }
  if (!words.empty()) out.m_parts.push_back({words});
  return out;
}

std::string LinePattern::line(const LineFields& fields) const {
  std::string out;
  for (const auto& part : m_parts) {
    if (!part.field) {
      out += part.words;
      continue;
    }
    const bool is_words = is_one_of(kWordFields, part.words);
    const std::string text = is_words ? words_of(part.words, fields) : number_of(part.words, fields);
    const std::string room(part.width > text.size() ? part.width - text.size() : 0, ' ');
    out += is_words ? text + room : room + text;
  }
  return out;
}

} // namespace zc
