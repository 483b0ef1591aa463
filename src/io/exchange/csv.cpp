// SPDX-License-Identifier: GPL-3.0-or-later
// CSV (RFC 4180) through libcsv. Written: family,name,hex,note,L,a,b with CIELAB relative to D65. Read: any
// order of columns; only "hex", or L, a and b, must be there. Semicolons and tabs between fields are
// understood.
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "io/exchange/csv_line.h"
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"

#include <csv.h>

#include <algorithm>
#include <map>

namespace zc {
namespace {

using Row = std::vector<std::string>;

std::string quoted(const std::string& text) {
  std::string out(csv_write(nullptr, 0, text.data(), text.size()), '\0');
  csv_write(out.data(), out.size(), text.data(), text.size());
  return out;
}

struct Reading {
  std::vector<Row> rows;
  Row row;
  std::size_t fields = 0;
};
constexpr std::size_t kMostFields = 1'000'000;

void take_field(void* text, std::size_t size, void* data) {
  auto& reading = *static_cast<Reading*>(data);
  if (++reading.fields <= kMostFields) reading.row.emplace_back(static_cast<const char*>(text), size);
}
void end_row(int, void* data) {
  auto& reading = *static_cast<Reading*>(data);
  reading.rows.push_back(std::move(reading.row));
  reading.row.clear();
}

char delimiter_of(std::string_view text) {
  const std::string_view first = text.substr(0, text.find('\n'));
  const auto count = [first](char c) { return std::count(first.begin(), first.end(), c); };
  if (count(';') > count(',')) return ';';
  return count('\t') > count(',') ? '\t' : ',';
}

Result<std::vector<Row>> rows_of(std::string_view text) {
  Reading reading;
  csv_parser parser;
  csv_init(&parser, 0);
  csv_set_delim(&parser, static_cast<unsigned char>(delimiter_of(text)));
  bool whole = csv_parse(&parser, text.data(), text.size(), take_field, end_row, &reading) == text.size();
  // Quotes within a field are taken as they come, but one without an end has swallowed rows.
  csv_set_opts(&parser, CSV_STRICT | CSV_STRICT_FINI);
  whole = csv_fini(&parser, take_field, end_row, &reading) == 0 && whole;
  csv_free(&parser);
  if (whole && reading.fields <= kMostFields) return std::move(reading.rows);
  return Error{ErrorCode::Damaged, say(Sentence::TableBrokenAfterRow, std::to_string(reading.rows.size())),
               "row " + std::to_string(reading.rows.size() + 1)};
}

/// Column of each known title, or none where the first row is no header.
std::map<std::string, std::size_t> columns_of(const Row& row) {
  std::map<std::string, std::size_t> out;
  for (std::size_t i = 0; i < row.size(); ++i) out.emplace(lower_ascii(trimmed(row[i])), i);
  const bool lab = out.contains("l") && out.contains("a") && out.contains("b");
  return out.contains("hex") || lab ? out : std::map<std::string, std::size_t>{};
}

/// Without a header: the first field that is a hex color, and the first other one as its name.
std::map<std::string, std::size_t> guessed_columns(const Row& row) {
  std::map<std::string, std::size_t> out;
  for (std::size_t i = 0; i < row.size(); ++i)
    out.emplace(!out.contains("hex") && parse_color(row[i]) ? "hex" : "name", i);
  return out;
}

std::optional<Lab> lab_of(const std::string& l, const std::string& a, const std::string& b) {
  const auto x = number_of(l), y = number_of(a), z = number_of(b);
  if (!x || !y || !z || *x < 0 || *x > 100 || std::abs(*y) > 200 || std::abs(*z) > 200) return std::nullopt;
  return Lab{*x, *y, *z};
}

} // namespace

namespace {

/// Any apostrophes and then what begins a formula.
bool begins_as_formula(const std::string& words) {
  const auto at = words.find_first_not_of('\'');
  return at != std::string::npos && std::string_view("=+-@\t\r").find(words[at]) != std::string_view::npos;
}

} // namespace

std::string safe_words(const std::string& words) { return begins_as_formula(words) ? "'" + words : words; }

std::string plain_words(const std::string& words) {
  return words.starts_with('\'') && begins_as_formula(words) ? words.substr(1) : words;
}

std::string csv_line(const std::vector<std::string>& row) {
  std::string out;
  for (const auto& field : row) out += (out.empty() ? "" : ",") + quoted(field);
  return out + "\r\n";
}

Result<std::string> csv_text(const SwatchSet& set) {
  std::string out = csv_line({"family", "name", "hex", "note", "L", "a", "b"});
  for (const auto& family : set.families)
    for (const auto& s : family.swatches) {
      const Lab lab = lab_from_srgb(s.color);
      out += csv_line({safe_words(family.name), safe_words(s.name), hex_of(s.color), safe_words(s.note),
                       number_text(lab.l), number_text(lab.a), number_text(lab.b)});
    }
  return out;
}

namespace {

/// Lab says more than 8 bits do, but where the two speak of different colors the hex is what a person sees.
std::optional<Xyz> color_of(const Result<Srgb>& hex, const std::optional<Lab>& lab) {
  if (!hex && !lab) return std::nullopt;
  const bool agree = lab && (!hex || rounded_8bit(displayed(xyz_from_lab(*lab)).color) == rounded_8bit(*hex));
  return agree ? xyz_from_lab(*lab) : xyz_from_srgb(*hex);
}

} // namespace

Result<FoundSet> read_csv(std::string_view text) {
  const auto rows = rows_of(text);
  if (!rows) return rows.error();
  if (rows->empty()) return Gathering().done("CSV");
  auto columns = columns_of(rows->front());
  const std::size_t first = columns.empty() ? 0 : 1;
  Gathering gathering;
  for (std::size_t i = first; i < rows->size(); ++i) {
    const Row& row = (*rows)[i];
    if (std::all_of(row.begin(), row.end(), [](const auto& f) { return trimmed(f).empty(); })) continue;
    const auto at = first == 1 ? columns : guessed_columns(row);
    const auto field = [&](const char* title) {
      const auto column = at.find(title);
      return column == at.end() || column->second >= row.size() ? std::string() : row[column->second];
    };
    const auto color = color_of(parse_color(field("hex")), lab_of(field("l"), field("a"), field("b")));
    if (!color) {
      gathering.skip();
      continue;
    }
    if (!gathering.add(plain_words(field("family")), *color, plain_words(field("name")),
                       plain_words(field("note"))))
      break;
  }
  return gathering.done("CSV");
}

} // namespace zc
