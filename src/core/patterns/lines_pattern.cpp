// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/patterns/lines_pattern.h"

#include "core/base/range.h"
#include "core/base/sentences.h"
#include "core/base/text.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/color/text.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <map>

namespace zc {
namespace {

constexpr std::string_view kNamesRule = "{names without ";
/// Ten thousand lines with names of ten words take a tenth of it.
constexpr int kMostTriesOfText = 2'000'000;
constexpr std::array<std::string_view, 10> kColorFields{"hex", "r",  "g",   "b",      "L",
                                                        "a*",  "b*", "hue", "chroma", "value"};

std::vector<std::string_view> lines_in(std::string_view text) {
  std::vector<std::string_view> out;
  while (!text.empty()) {
    const std::size_t end = std::min(text.find('\n'), text.size());
    std::string_view line = text.substr(0, end);
    while (line.ends_with('\r')) line.remove_suffix(1);
    out.push_back(line);
    text.remove_prefix(std::min(end + 1, text.size()));
  }
  return out;
}

bool has_color(const LinePattern& line) {
  const auto fields = line.fields();
  return std::any_of(fields.begin(), fields.end(), [](const std::string& f) {
    return std::find(kColorFields.begin(), kColorFields.end(), f) != kColorFields.end();
  });
}

bool has_field(const LinePattern& line, std::string_view field) {
  const auto fields = line.fields();
  return std::find(fields.begin(), fields.end(), field) != fields.end();
}

void add_line(std::string& part, std::string_view line) {
  part += line;
  part += '\n';
}

Error at_line(Error error, std::size_t line) {
  error.place = "line " + std::to_string(line + 1) + ", " + error.place;
  return error;
}

/// What stands between quotation marks at the start; a mark within is written twice.
std::optional<std::string> quoted(std::string_view& text) {
  if (!text.starts_with('"')) return std::nullopt;
  std::string out;
  for (std::size_t i = 1; i < text.size(); ++i) {
    if (text[i] != '"') {
      out += text[i];
    } else if (i + 1 < text.size() && text[i + 1] == '"') {
      out += text[i++];
    } else {
      text.remove_prefix(i + 1);
      return out;
    }
  }
  return std::nullopt;
}

std::string in_quotes(const std::string& text) {
  std::string out = "\"";
  for (const char c : text) out += c == '"' ? std::string("\"\"") : std::string(1, c);
  return out + "\"";
}

bool read_names_rule(std::string_view line, LinesPattern& into) {
  line.remove_prefix(kNamesRule.size());
  const auto forbidden = quoted(line);
  if (!forbidden || !line.starts_with(" but ")) return false;
  line.remove_prefix(5);
  const auto instead = quoted(line);
  if (!instead || line != "}") return false;
  into.forbidden = *forbidden;
  into.instead = forbidden->empty() ? std::string() : *instead; // Nothing to stand for.
  return true;
}

std::string allowed(const std::string& words, const LinesPattern& pattern) {
  std::string out;
  for (const char c : words)
    if (pattern.forbidden.find(c) == std::string::npos)
      out += c;
    else
      out += pattern.instead;
  return out;
}

/// All lines of a part, filled in.
Result<std::string> filled(const std::string& part, const LineFields& fields) {
  std::string out;
  for (const auto line : lines_in(part)) {
    const auto pattern = LinePattern::read(line);
    if (!pattern) return pattern.error();
    out += pattern->line(fields) + "\n";
  }
  return out;
}

std::optional<double> number_in(const std::map<std::string, std::string>& fields, const char* name) {
  const auto at = fields.find(name);
  if (at == fields.end()) return std::nullopt;
  double out = 0;
  const char *begin = at->second.data(), *end = begin + at->second.size();
  const auto read = std::from_chars(begin, end, out);
  if (read.ec != std::errc() || read.ptr != end) return std::nullopt;
  return out;
}

using Fields = std::map<std::string, std::string>;

/// Three numbers of these names, where the fields have all of them.
std::optional<std::array<double, 3>> three_in(const Fields& fields, const char* first, const char* second,
                                              const char* third) {
  const auto a = number_in(fields, first), b = number_in(fields, second), c = number_in(fields, third);
  if (!a || !b || !c) return std::nullopt;
  return std::array{*a, *b, *c};
}

/// No color of the eye lies further out.
constexpr Range kOfTheEye{-400, 400};
constexpr Range kLightnessRange{0, 100}, kChromaRange{0, 400}, kHueRange{-360, 360}, kChannelRange{0, 255};

std::optional<Xyz> color_of_hex(const std::string& hex) {
  const auto color = parse_color("#" + hex);
  return color ? std::optional(xyz_from_srgb(*color)) : std::nullopt;
}
std::optional<Xyz> color_of_rgb(const std::array<double, 3>& n) {
  if (!std::all_of(n.begin(), n.end(), [](double c) { return kChannelRange.holds(c); })) return std::nullopt;
  return xyz_from_srgb({n[0] / 255, n[1] / 255, n[2] / 255});
}
std::optional<Xyz> color_of_lab(const std::array<double, 3>& n) {
  if (!kLightnessRange.holds(n[0]) || !kOfTheEye.holds(n[1]) || !kOfTheEye.holds(n[2])) return std::nullopt;
  return xyz_from_lab({n[0], n[1], n[2]});
}
std::optional<Xyz> color_of_lch(const std::array<double, 3>& n) {
  if (!kLightnessRange.holds(n[0]) || !kChromaRange.holds(n[1]) || !kHueRange.holds(n[2]))
    return std::nullopt;
  return xyz_from_lab(lab_from_lch({n[0], n[1], n[2]}));
}

std::optional<Xyz> color_in(const Fields& fields) {
  if (const auto hex = fields.find("hex"); hex != fields.end()) return color_of_hex(hex->second);
  if (const auto rgb = three_in(fields, "r", "g", "b")) return color_of_rgb(*rgb);
  if (const auto lab = three_in(fields, "L", "a*", "b*")) return color_of_lab(*lab);
  if (const auto lch = three_in(fields, "value", "chroma", "hue")) return color_of_lch(*lch);
  return std::nullopt;
}

/// The field without which no color can be read; nothing when there are enough.
std::optional<std::string> missing_field(const LinePattern& line) {
  constexpr std::array<std::array<std::string_view, 3>, 3> ways{
      {{"r", "g", "b"}, {"L", "a*", "b*"}, {"value", "chroma", "hue"}}};
  if (has_field(line, "hex")) return std::nullopt;
  std::optional<std::string> least;
  int most = 0;
  for (const auto& way : ways) {
    int there = 0;
    std::string lacking;
    for (const auto field : way)
      if (has_field(line, field))
        ++there;
      else if (lacking.empty())
        lacking = field;
    if (there == 3) return std::nullopt;
    if (there > most) {
      most = there;
      least = lacking;
    }
  }
  return least ? least : std::optional<std::string>("hex");
}

/// What stands before the line of a swatch: of a family, if it names one, else once at the beginning.
void add_head(LinesPattern& out, std::vector<std::string_view> before) {
  if (!before.empty() && has_field(*LinePattern::read(before.back()), "family")) {
    add_line(out.family, before.back());
    before.pop_back();
  }
  for (const auto part : before) add_line(out.first, part);
}

} // namespace

Result<LinesPattern> lines_pattern_from_text(std::string_view text) {
  if (text.size() > kLongestPattern) return Error{ErrorCode::BadInput, Sentence::PatternTooLong, "pattern"};
  LinesPattern out;
  const auto lines = lines_in(text);
  bool swatch_seen = false;
  std::vector<std::string_view> before;
  for (std::size_t i = 0; i < lines.size(); ++i) {
    if (lines[i].starts_with(kNamesRule)) {
      if (!read_names_rule(lines[i], out))
        return Error{ErrorCode::BadInput, Sentence::NameRule, "line " + std::to_string(i + 1)};
      continue;
    }
    const auto line = LinePattern::read(lines[i]);
    if (!line) return at_line(line.error(), i);
    if (swatch_seen) {
      add_line(out.last, lines[i]);
    } else if (has_color(*line)) {
      swatch_seen = true;
      add_line(out.swatch, lines[i]);
      add_head(out, before);
    } else {
      before.push_back(lines[i]);
    }
  }
  if (!swatch_seen) return Error{ErrorCode::BadInput, Sentence::PatternHasNoColor, "pattern"};
  return out;
}

std::string text_of(const LinesPattern& pattern) {
  std::string rule;
  if (!pattern.forbidden.empty())
    rule =
        std::string(kNamesRule) + in_quotes(pattern.forbidden) + " but " + in_quotes(pattern.instead) + "}\n";
  return rule + pattern.first + pattern.family + pattern.swatch + pattern.last;
}

Result<std::string> set_in_lines(const SwatchSet& set, const std::string& title,
                                 const LinesPattern& pattern) {
  const std::size_t count = swatch_count(set);
  if (count == 0) return Error{ErrorCode::BadInput, say(Sentence::NamedSetEmpty, set.name), "set"};
  LineFields fields;
  fields.set = allowed(set.name, pattern);
  fields.title = allowed(title, pattern);
  fields.count = static_cast<int>(count);
  std::string out;
  const auto add = [&](const std::string& part) {
    auto lines = filled(part, fields);
    if (lines) out += *lines;
    return lines;
  };
  if (const auto done = add(pattern.first); !done) return done.error();
  for (const auto& family : set.families) {
    if (family.swatches.empty()) continue;
    fields.family = allowed(family.name, pattern);
    fields.color = family.swatches.front().color;
    if (const auto done = add(pattern.family); !done) return done.error();
    for (const auto& s : family.swatches) {
      fields.color = s.color;
      fields.name = allowed(s.name, pattern);
      fields.note = allowed(s.note, pattern);
      if (const auto done = add(pattern.swatch); !done) return done.error();
      ++fields.number;
    }
  }
  fields.family = fields.name = fields.note = {};
  if (const auto done = add(pattern.last); !done) return done.error();
  return out;
}

namespace {

/// The first line of a part as a pattern; nothing where it has none.
Result<std::optional<LinePattern>> first_line(const std::string& part) {
  const auto lines = lines_in(part);
  if (lines.empty()) return std::optional<LinePattern>();
  auto read = LinePattern::read(lines.front());
  if (!read) return read.error();
  return std::optional(std::move(read).value());
}

std::string word_in(const Fields& fields, const char* name) {
  const auto at = fields.find(name);
  return at == fields.end() ? std::string() : at->second;
}

/// Gathers what the lines of a text give.
class LinesReader {
public:
  void add_color(const Xyz& color, const Fields& fields) {
    const Srgb exact = srgb_from_xyz(color);
    const Srgb shown = brought_into_gamut(color);
    // What rounded numbers push over the edge is no color beyond the display.
    m_moved +=
        !clipped_to_gamut(exact) &&
        rounded_8bit(shown) != rounded_8bit({std::clamp(exact.r, 0.0, 1.0), std::clamp(exact.g, 0.0, 1.0),
                                             std::clamp(exact.b, 0.0, 1.0)});
    if (fields.contains("family")) m_family = word_in(fields, "family");
    if (m_out.name.empty()) m_out.name = word_in(fields, "set");
    if (m_out.families.empty() || m_out.families.back().name != m_family)
      m_out.families.push_back({m_family, {}});
    m_out.families.back().colors.push_back({shown, word_in(fields, "name"), word_in(fields, "note")});
  }
  /// A line without a color may name the family of those that follow.
  void add_line(std::string_view line, const std::optional<Fields>& named) {
    if (named && named->contains("family"))
      m_family = named->at("family");
    else
      m_left_out += !trimmed(line).empty();
  }
  [[nodiscard]] Result<FoundSet> done() {
    if (m_out.families.empty()) return Error{ErrorCode::Damaged, Sentence::NoLineFits, "pattern"};
    if (m_left_out > 0) m_out.remarks.push_back(say(Sentence::LinesLeftOut, m_left_out));
    if (m_moved > 0) m_out.remarks.push_back(say(Sentence::ColorsBeyond, m_moved));
    return std::move(m_out);
  }

private:
  FoundSet m_out;
  std::string m_family;
  std::size_t m_left_out = 0, m_moved = 0;
};

Status can_be_read_back(const LinePattern& swatch) {
  if (const auto missing = missing_field(swatch))
    return Error{ErrorCode::BadInput, say(Sentence::PatternLacksField, *missing), *missing};
  if (const auto two = swatch.inseparable())
    return Error{ErrorCode::BadInput, say(Sentence::FieldsNotParted, two->first, two->second), two->second};
  return Done{};
}

} // namespace

Result<FoundSet> set_from_lines(std::string_view text, const LinesPattern& pattern) {
  const auto swatch_lines = lines_in(pattern.swatch);
  const auto swatch = LinePattern::read(swatch_lines.empty() ? std::string_view() : swatch_lines.front());
  if (!swatch) return swatch.error();
  if (const Status readable = can_be_read_back(*swatch); !readable) return readable.error();
  const auto family = first_line(pattern.family);
  if (!family) return family.error();
  LinesReader reader;
  int tries = kMostTriesOfText;
  const auto lines = lines_in(text);
  const std::size_t heads = lines_in(pattern.first).size(), feet = lines_in(pattern.last).size();
  for (std::size_t i = heads; i + feet < lines.size(); ++i) {
    const auto fields = swatch->read_line(lines[i], tries);
    const auto color = fields ? color_in(*fields) : std::nullopt;
    if (color) {
      reader.add_color(*color, *fields);
      continue;
    }
    const auto named = *family ? (*family)->read_line(lines[i], tries) : std::nullopt;
    if (tries <= 0) return Error{ErrorCode::TooLarge, Sentence::PatternAmbiguous, std::to_string(i + 1)};
    reader.add_line(lines[i], named);
  }
  return reader.done();
}

} // namespace zc
