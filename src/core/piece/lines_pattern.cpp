// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/lines_pattern.h"

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

std::optional<Xyz> color_in(const std::map<std::string, std::string>& fields) {
  if (const auto hex = fields.find("hex"); hex != fields.end()) {
    const auto color = parse_color("#" + hex->second);
    return color ? std::optional(xyz_from_srgb(*color)) : std::nullopt;
  }
  const auto n = [&](const char* name) { return number_in(fields, name); };
  if (const auto r = n("r"), g = n("g"), b = n("b"); r && g && b) {
    const auto fits = [](double c) { return c >= 0 && c <= 255; };
    if (!fits(*r) || !fits(*g) || !fits(*b)) return std::nullopt;
    return xyz_from_srgb({*r / 255, *g / 255, *b / 255});
  }
  // No color of the eye lies further out.
  constexpr double farthest = 400;
  const auto near = [](double x) { return std::abs(x) <= farthest; };
  if (const auto l = n("L"), a = n("a*"), b = n("b*"); l && a && b) {
    if (!(*l >= 0 && *l <= 100) || !near(*a) || !near(*b)) return std::nullopt;
    return xyz_from_lab({*l, *a, *b});
  }
  if (const auto v = n("value"), c = n("chroma"), h = n("hue"); v && c && h) {
    if (!(*v >= 0 && *v <= 100) || *c < 0 || !near(*c) || !(std::abs(*h) <= 360)) return std::nullopt;
    return xyz_from_lab(lab_from_lch({*v, *c, *h}));
  }
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

} // namespace

Result<LinesPattern> lines_pattern_from_text(std::string_view text) {
  if (text.size() > kLongestPattern)
    return Error{ErrorCode::BadInput, "A pattern is no longer than 10,000 letters.", "pattern"};
  LinesPattern out;
  const auto lines = lines_in(text);
  bool swatch_seen = false;
  std::vector<std::string_view> before;
  for (std::size_t i = 0; i < lines.size(); ++i) {
    if (lines[i].starts_with(kNamesRule)) {
      if (!read_names_rule(lines[i], out))
        return Error{ErrorCode::BadInput,
                     "The rule for names reads {names without \"letters\" but \"what stands instead\"}.",
                     "line " + std::to_string(i + 1)};
      continue;
    }
    const auto line = LinePattern::read(lines[i]);
    if (!line) return at_line(line.error(), i);
    if (swatch_seen) {
      add_line(out.last, lines[i]);
    } else if (has_color(*line)) {
      swatch_seen = true;
      add_line(out.swatch, lines[i]);
      if (!before.empty() && has_field(*LinePattern::read(before.back()), "family")) {
        add_line(out.family, before.back());
        before.pop_back();
      }
      for (const auto part : before) add_line(out.first, part);
    } else {
      before.push_back(lines[i]);
    }
  }
  if (!swatch_seen)
    return Error{ErrorCode::BadInput, "No line of the pattern has a color; put {hex} where it belongs.",
                 "pattern"};
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
  if (count == 0)
    return Error{ErrorCode::BadInput, "The set \"" + set.name + "\" has no swatches yet; lay some first.",
                 "set"};
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

Result<FoundSet> set_from_lines(std::string_view text, const LinesPattern& pattern) {
  const auto swatch_lines = lines_in(pattern.swatch);
  const auto swatch = LinePattern::read(swatch_lines.empty() ? std::string_view() : swatch_lines.front());
  if (!swatch) return swatch.error();
  if (const auto missing = missing_field(*swatch))
    return Error{ErrorCode::BadInput,
                 "A color cannot be read back by this pattern: {" + *missing + "} is missing.", *missing};
  if (const auto two = swatch->inseparable())
    return Error{ErrorCode::BadInput,
                 "Nothing stands between {" + two->first + "} and {" + two->second +
                     "} in the pattern, so that they cannot be told apart.",
                 two->second};
  std::optional<LinePattern> family;
  if (const auto lines = lines_in(pattern.family); !lines.empty()) {
    auto read = LinePattern::read(lines.front());
    if (!read) return read.error();
    family = std::move(read).value();
  }
  FoundSet out;
  std::string current;
  std::size_t left_out = 0, moved = 0;
  int tries = kMostTriesOfText;
  const auto lines = lines_in(text);
  const std::size_t heads = lines_in(pattern.first).size(), feet = lines_in(pattern.last).size();
  for (std::size_t i = heads; i + feet < lines.size(); ++i) {
    const auto fields = swatch->read_line(lines[i], tries);
    const auto color = fields ? color_in(*fields) : std::nullopt;
    if (!color) {
      const auto named = family ? family->read_line(lines[i], tries) : std::nullopt;
      if (tries <= 0)
        return Error{
            ErrorCode::TooLarge,
            "This pattern can read the text in so many ways that it would take too long; put something "
            "between its fields that their contents do not hold.",
            std::to_string(i + 1)};
      if (named && named->contains("family"))
        current = named->at("family");
      else
        left_out += !trimmed(lines[i]).empty();
      continue;
    }
    const Srgb exact = srgb_from_xyz(*color);
    const auto there = clipped_to_gamut(exact);
    // What rounded numbers push over the edge is no color beyond the display.
    const Srgb shown = brought_into_gamut(*color);
    moved += !there && rounded_8bit(shown) !=
                           rounded_8bit({std::clamp(exact.r, 0.0, 1.0), std::clamp(exact.g, 0.0, 1.0),
                                         std::clamp(exact.b, 0.0, 1.0)});
    const auto word = [&](const char* name) {
      const auto at = fields->find(name);
      return at == fields->end() ? std::string() : at->second;
    };
    if (fields->contains("family")) current = word("family");
    if (out.name.empty()) out.name = word("set");
    if (out.families.empty() || out.families.back().name != current) out.families.push_back({current, {}});
    out.families.back().colors.push_back({shown, word("name"), word("note")});
  }
  if (out.families.empty())
    return Error{ErrorCode::Damaged, "No line of the file has the shape of the pattern.", "pattern"};
  if (left_out > 0)
    out.remarks.push_back(std::to_string(left_out) + " lines do not have the shape of the pattern.");
  if (moved > 0)
    out.remarks.push_back(std::to_string(moved) +
                          " colors lie beyond the display and were brought to the nearest.");
  return out;
}

} // namespace zc
