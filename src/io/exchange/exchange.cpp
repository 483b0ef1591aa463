// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/exchange/exchange.h"

#include "core/base/sentences.h"
#include "core/color/text.h"
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"
#include "io/exchange/png_strip.h"

#include <QStringDecoder>

#include <algorithm>

namespace zc {
namespace {

bool looks_like_text(const Bytes& bytes) {
  const auto end = bytes.begin() + static_cast<std::ptrdiff_t>(std::min<std::size_t>(bytes.size(), 4096));
  return std::none_of(bytes.begin(), end,
                      [](unsigned char c) { return c < 9 || (c > 13 && c < 32 && c != 27); });
}

/// As UTF-8, from whatever Unicode encoding its mark says; bytes that are none become the replacement letter.
std::string as_utf8(const Bytes& bytes) {
  const QByteArrayView view(bytes.data(), static_cast<qsizetype>(bytes.size()));
  const auto encoding = QStringDecoder::encodingForData(view).value_or(QStringDecoder::Utf8);
  QStringDecoder decoder(encoding);
  const QString text = decoder.decode(view);
  return text.toStdString();
}

bool has_mark(const Bytes& b) {
  return b.size() >= 2 && ((b[0] == 0xff && b[1] == 0xfe) || (b[0] == 0xfe && b[1] == 0xff));
}

bool has(std::string_view text, std::string_view what) { return text.find(what) != std::string_view::npos; }

/// A custom property somewhere at the start of a line or behind a brace.
bool looks_like_css(std::string_view text) {
  for (std::size_t at = text.find("--"); at != std::string_view::npos; at = text.find("--", at + 2)) {
    const std::string_view before = trimmed(text.substr(0, at));
    const bool begins =
        before.empty() || before.ends_with('{') || before.ends_with(';') || before.ends_with("*/");
    if (begins && has(text.substr(at, 300), ":")) return true;
  }
  return false;
}

std::string_view first_line(std::string_view text) { return trimmed(text.substr(0, text.find('\n'))); }

bool begins_with_a_hex_color(std::string_view text) {
  const std::string_view line = first_line(text);
  const auto end = line.find_first_of(" \t,;:");
  const bool alone = end == std::string_view::npos || line[end] == ' ';
  return alone && !line.empty() && line[0] == '#' && parse_color(line.substr(0, end)).ok();
}

/// A row of column names, "hex" among them.
bool begins_with_a_header(std::string_view text) {
  std::string cell;
  for (const char c : lower_ascii(first_line(text)) + ",") {
    if (c != ',' && c != ';' && c != '\t') {
      if (c != '"' && c != ' ') cell += c;
      continue;
    }
    if (cell == "hex") return true;
    cell.clear();
  }
  return false;
}

bool looks_like_table(std::string_view text) {
  const std::string_view first = first_line(text);
  const std::string line = lower_ascii(first);
  return first.find_first_of(",;\t") != std::string_view::npos &&
         (has(line, "family") || has(line, "name") || has(line, "l,a,b") || has(first, ",#") ||
          first.find('"') != std::string_view::npos);
}

/// A line that says nothing but that data begin.
bool looks_like_cgats(std::string_view text) {
  for (std::size_t at = 0; at < text.size();) {
    const std::size_t end = std::min(text.find('\n', at), text.size());
    const std::string_view line = trimmed(text.substr(at, end - at));
    if (line == "BEGIN_DATA" || line == "BEGIN_DATA_FORMAT") return true;
    at = end + 1;
  }
  return false;
}

/// The name of the outermost element.
std::string_view root_of(std::string_view xml) {
  for (std::size_t at = xml.find('<'); at != std::string_view::npos; at = xml.find('<', at + 1)) {
    if (xml.substr(at, 4) == "<!--") at = std::min(xml.find("-->", at), xml.size() - 1);
    const std::string_view rest = xml.substr(at + 1);
    if (rest.empty() || rest[0] == '?' || rest[0] == '!' || rest[0] == '-') continue;
    return rest.substr(0, rest.find_first_of(" \t\r\n/>"));
  }
  return {};
}

/// By how sure the signs of a format are, the surest first.
Result<FoundSet> read_text(std::string_view text) {
  const std::string_view start = trimmed(text.substr(0, 100'000));
  if (start.empty()) return Error{ErrorCode::Damaged, Sentence::FileEmpty, "text"};
  if (start[0] == '{' || start[0] == '[') return read_tokens(text);
  if (start[0] == '<') return has(root_of(start), "CxF") ? read_cxf(text) : read_svg(text);
  if (begins_with_a_hex_color(start)) return read_hex_list(text);
  if (begins_with_a_header(start)) return read_csv(text);
  if (looks_like_cgats(text)) return read_cgats(text);
  if (looks_like_css(start)) return read_css(text);
  if (looks_like_numbers(start)) return read_numbers(text);
  if (looks_like_table(start)) return read_csv(text);
  return read_hex_list(text);
}

std::string printable(std::string text) {
  std::erase_if(text, [](char c) {
    return static_cast<unsigned char>(c) < 0x20 && c != '\n' && c != '\r' && c != '\t';
  });
  return text;
}

/// Without letters that would make a file something else than text, and that XML cannot hold.
SwatchSet printable(SwatchSet set) {
  set.name = printable(set.name);
  set.families.change_each([](Family& family) {
    family.name = printable(family.name);
    family.swatches.change_each([](Swatch& s) {
      s.name = printable(s.name);
      s.note = printable(s.note);
    });
  });
  return set;
}

std::string stem_of(const std::string& file_name) {
  const auto slash = file_name.find_last_of('/');
  const std::string name = slash == std::string::npos ? file_name : file_name.substr(slash + 1);
  const auto dot = name.find('.');
  return dot == std::string::npos || dot == 0 ? name : name.substr(0, dot);
}

} // namespace

Result<Bytes> write_set(const SwatchSet& given, ExchangeFormat format) {
  if (swatch_count(given) == 0)
    return Error{ErrorCode::BadInput, say(Sentence::NamedSetEmpty, given.name), "set"};
  const SwatchSet set = printable(given);
  Result<std::string> text = std::string();
  switch (format) {
  case ExchangeFormat::Png:
    return png_strip(set);
  case ExchangeFormat::Tokens:
    text = tokens_text(set);
    break;
  case ExchangeFormat::Cxf:
    text = cxf_text(set);
    break;
  case ExchangeFormat::Cgats:
    text = cgats_text(set);
    break;
  case ExchangeFormat::Css:
    text = css_text(set);
    break;
  case ExchangeFormat::Csv:
    text = csv_text(set);
    break;
  case ExchangeFormat::Hex:
    text = hex_list_text(set);
    break;
  case ExchangeFormat::Svg:
    text = svg_text(set);
    break;
  }
  if (!text) return text.error();
  return bytes_of(*text);
}

Result<std::string> text_of_file(const Bytes& bytes, const std::string& file_name) {
  if (has_mark(bytes) || looks_like_text(bytes)) return as_utf8(bytes);
  return Error{ErrorCode::Damaged, say(Sentence::NoText, file_name), file_name};
}

namespace {

bool names_file(const Saying& said, const std::string& file_name) {
  return std::any_of(said.with.begin(), said.with.end(),
                     [&](const Argument& a) { return a.text() == file_name; });
}

} // namespace

Result<FoundSet> read_set_file(const Bytes& bytes, const std::string& file_name) {
  const auto with_file = [&file_name](Error error) {
    error.said = say(Sentence::NotRead, file_name, error.said);
    return error;
  };
  if (bytes.empty()) return with_file({ErrorCode::Damaged, Sentence::FileEmpty, file_name});
  if (bytes.size() > kLargestExchangeFile)
    return with_file({ErrorCode::TooLarge, Sentence::FileOver64MB, file_name});
  auto found =
      has_mark(bytes) || looks_like_text(bytes) ? read_text(as_utf8(bytes)) : read_picture(bytes, file_name);
  // A photo's own sentence names the file already.
  if (!found) return names_file(found.error().said, file_name) ? found.error() : with_file(found.error());
  FoundSet out = std::move(found).value();
  if (trimmed(out.name).empty()) out.name = stem_of(file_name);
  return out;
}

} // namespace zc
