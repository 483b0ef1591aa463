// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/patterns/line_pattern.h"

#include "core/base/sentences.h"
#include "core/base/text.h"
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
  // A number is never written as "-0".
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
  if (field == "value") return rounded(lch[0], 2);
  return rounded(field == "chroma" ? lch[1] : lch[2], 2);
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

Error wrong(Saying why, std::size_t at) {
  return {ErrorCode::BadInput, std::move(why), std::to_string(at + 1)};
}

/// How many ways one line is tried to be read in.
constexpr int kMostTries = 2000;
/// The most that is read as one number, and as one word.
constexpr std::size_t kLongestNumber = 64, kLongestWords = 20'000;
/// No line of a swatch is longer, whatever its pattern.
constexpr std::size_t kLongestLine = 100'000;

std::size_t longest_of(std::string_view field) {
  return is_one_of(kWordFields, field) ? kLongestWords : kLongestNumber;
}

bool may_fill(std::string_view field, std::string_view text) {
  if (is_one_of(kWordFields, field)) return true;
  if (field == "hex")
    return text.size() == 6 && text.find_first_not_of("0123456789abcdefABCDEF") == std::string_view::npos;
  return !text.empty() && text.find_first_not_of("0123456789.-") == std::string_view::npos;
}

/// What stands behind the name of a field, as in "hex:8"; 0 where nothing does, nothing for what is no width.
std::optional<std::size_t> width_in(std::string_view inside, std::string_view name) {
  if (name.size() == inside.size()) return 0;
  const std::string_view digits = inside.substr(name.size() + 1);
  const bool whole = !digits.empty() && digits.size() <= 2 &&
                     digits.find_first_not_of("0123456789") == std::string_view::npos;
  const std::size_t width = whole ? std::stoul(std::string(digits)) : 0;
  return width > 0 ? std::optional(width) : std::nullopt;
}

} // namespace

Result<LinePattern> LinePattern::read(std::string_view pattern) {
  LinePattern out;
  std::string words;
  for (std::size_t i = 0; i < pattern.size(); ++i) {
    const bool brace = pattern[i] == '{' || pattern[i] == '}';
    if (brace && i + 1 < pattern.size() && pattern[i + 1] == pattern[i]) {
      words += pattern[i++];
      continue;
    }
    if (pattern[i] != '{') {
      words += pattern[i];
      continue;
    }
    const auto end = pattern.find('}', i);
    if (end == std::string_view::npos) return wrong(Sentence::BraceOpen, i);
    const std::string_view inside = pattern.substr(i + 1, end - i - 1);
    const std::string_view name = inside.substr(0, inside.find(':'));
    if (!is_one_of(kFields, name)) return wrong(say(Sentence::NoPatternField, inside), i);
    const auto width = width_in(inside, name);
    if (!width) return wrong(say(Sentence::PatternWidth, inside), i);
    if (!words.empty()) out.m_parts.push_back({std::exchange(words, {})});
    out.m_parts.push_back({std::string(name), true, *width});
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

std::vector<std::string> LinePattern::fields() const {
  std::vector<std::string> out;
  for (const auto& part : m_parts)
    if (part.field) out.push_back(part.words);
  return out;
}

std::optional<std::pair<std::string, std::string>> LinePattern::inseparable() const {
  for (std::size_t i = 0; i + 1 < m_parts.size(); ++i) {
    const Part &a = m_parts[i], &b = m_parts[i + 1];
    if (a.field && b.field && a.words != "hex" && (a.width == 0 || is_one_of(kWordFields, a.words)))
      return std::pair(a.words, b.words);
  }
  return std::nullopt;
}

std::optional<std::map<std::string, std::string>> LinePattern::read_line(std::string_view line,
                                                                         int& tries) const {
  if (line.size() > kLongestLine || tries <= 0) return std::nullopt;
  std::map<std::string, std::string> out;
  const int most = std::min(tries, kMostTries);
  int left = most;
  const bool read = read_from(0, line, out, left);
  tries -= most - std::max(left, 0);
  if (!read) return std::nullopt;
  return out;
}

/// Each possible end of a field is tried in turn, as long as there are tries left.
bool LinePattern::read_from(std::size_t part, std::string_view rest, std::map<std::string, std::string>& into,
                            int& tries) const {
  if (part == m_parts.size()) return trimmed(rest).empty();
  if (--tries < 0) return false;
  const Part& p = m_parts[part];
  if (!p.field) {
    // Spaces at the end of a line are easily lost.
    if (part + 1 == m_parts.size() && trimmed(rest) == trimmed(p.words)) return true;
    return rest.starts_with(p.words) && read_from(part + 1, rest.substr(p.words.size()), into, tries);
  }
  return read_field(part, rest, into, tries);
}

bool LinePattern::read_field(std::size_t part, std::string_view rest,
                             std::map<std::string, std::string>& into, int& tries) const {
  const Part& p = m_parts[part];
  const auto fits = [&](std::size_t end) { return fills(part, rest, end, into, tries); };
  if (part + 1 == m_parts.size()) return fits(rest.size());
  const Part& next = m_parts[part + 1];
  if (next.field) {
    const std::size_t width = p.words == "hex" ? std::max<std::size_t>(6, p.width) : p.width;
    return width <= rest.size() && fits(width);
  }
  const std::size_t longest = longest_of(p.words);
  for (std::size_t at = rest.find(next.words); at != std::string_view::npos && at <= longest && --tries >= 0;
       at = rest.find(next.words, at + 1))
    if (fits(at)) return true;
  // The last words of the line may have lost their spaces.
  return part + 2 == m_parts.size() && trimmed(next.words).empty() && fits(rest.size());
}

/// The field takes what stands before `end`, and the rest of the line fits too.
bool LinePattern::fills(std::size_t part, std::string_view rest, std::size_t end,
                        std::map<std::string, std::string>& into, int& tries) const {
  const Part& p = m_parts[part];
  const std::string_view there = trimmed(rest.substr(0, end));
  if (!may_fill(p.words, there)) return false;
  const std::string text(there);
  const auto before = into.find(p.words);
  if (before != into.end() && before->second != text) return false;
  auto tried = into;
  tried[p.words] = text;
  if (!read_from(part + 1, rest.substr(end), tried, tries)) return false;
  into = std::move(tried);
  return true;
}

} // namespace zc
