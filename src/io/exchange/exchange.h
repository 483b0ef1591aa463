// SPDX-License-Identifier: GPL-3.0-or-later
// Swatch sets in open formats: the one way to write one and the one way to read any.
#pragma once

#include "core/base/result.h"
#include "core/piece/import.h"
#include "io/files/bytes.h"

#include <string>
#include <string_view>

namespace zc {

enum class ExchangeFormat { Tokens, Cxf, Cgats, Css, Csv, Hex, Svg, Png };

struct ExchangeFormatFacts {
  ExchangeFormat format;
  std::string_view word;   ///< For the command line.
  std::string_view name;   ///< For people.
  std::string_view suffix; ///< Of files, with the dot.
};
inline constexpr ExchangeFormatFacts kExchangeFormats[] = {
    {ExchangeFormat::Tokens, "tokens", "Design tokens", ".tokens.json"},
    {ExchangeFormat::Cxf, "cxf", "CxF (ISO 17972-1)", ".cxf"},
    {ExchangeFormat::Cgats, "cgats", "CGATS.17 table", ".txt"},
    {ExchangeFormat::Css, "css", "CSS custom properties", ".css"},
    {ExchangeFormat::Csv, "csv", "CSV table", ".csv"},
    {ExchangeFormat::Hex, "hex", "Hex list", ".hex.txt"},
    {ExchangeFormat::Svg, "svg", "SVG drawing", ".svg"},
    {ExchangeFormat::Png, "png", "PNG strip", ".png"}};

/// Largest file and most colors that are read.
inline constexpr std::uint64_t kLargestExchangeFile = std::uint64_t{64} << 20;
inline constexpr std::size_t kMostFoundColors = 10'000;
/// A picture with more different colors than this is no palette; colors are taken out of it as from a photo.
inline constexpr std::size_t kMostPaletteColors = 1000;
/// How many colors are taken out of a photo.
inline constexpr int kColorsOfPhoto = 30;

/// Names and families are kept by every format but PNG, and by a hex list without families. A CGATS table has
/// apostrophes for quotes and spaces for line breaks, a hex list spaces for line breaks. Control letters are
/// left out. ERRORS: BadInput for a set without swatches.
[[nodiscard]] Result<Bytes> write_set(const SwatchSet& set, ExchangeFormat format);

/// Reads a file of any format, told by its contents; any picture is read too. Colors the display cannot show
/// are brought to the nearest by chroma and a remark says how many. `file_name` serves sentences and the
/// set's name where the file has none. ERRORS: Unreadable, Damaged (with the place), TooLarge.
[[nodiscard]] Result<FoundSet> read_set_file(const Bytes& bytes, const std::string& file_name);
/// A text file as UTF-8, from whatever Unicode encoding its mark says. ERRORS: Damaged for what is no text.
[[nodiscard]] Result<std::string> text_of_file(const Bytes& bytes, const std::string& file_name);

} // namespace zc
