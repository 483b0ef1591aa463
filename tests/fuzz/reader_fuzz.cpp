// SPDX-License-Identifier: GPL-3.0-or-later
// One libFuzzer target a reader, chosen by the READER macro: no input may crash, leak, or take memory without
// bound.
#include "core/patterns/lines_pattern.h"
#include "core/press/press.h"
#include "io/container/piece_file.h"
#include "io/exchange/formats.h"
#include "io/photo/openraster.h"
#include "io/shelf/mask_shelf.h"
#include "io/shelf/paint_shelf.h"
#include "io/shelf/parcel.h"
#include "io/shelf/set_shelf.h"

#include <QBuffer>
#include <QImageReader>

#include <cstdlib>

namespace {

using namespace zc;

enum Reader {
  Tokens,
  Cxf,
  Cgats,
  Css,
  Csv,
  Hex,
  Svg,
  Any,
  Picture,
  OpenRaster,
  Piece,
  Parcel,
  Shelf,
  Numbers,
  Pattern,
  Profile
};

/// What was read must be sound enough to be written again.
void check(const Result<FoundSet>& found) {
  if (!found) return;
  for (const auto& family : found->families)
    for (const auto& c : family.colors)
      for (const double x : {c.color.r, c.color.g, c.color.b})
        if (!(x >= -1e-6 && x <= 1 + 1e-6)) std::abort();
}

/// Hundreds of megapixels from a few bytes are read well enough, but would take a fuzzer's whole time.
bool says_it_is_huge(std::string_view text) {
  QByteArray bytes(text.data(), static_cast<qsizetype>(text.size()));
  QBuffer buffer(&bytes);
  const QSize size = QImageReader(&buffer).size();
  return static_cast<double>(size.width()) * size.height() > 1e6;
}

void read(std::string_view text) {
  const Bytes bytes(text.begin(), text.end());
  switch (READER) {
  case Tokens:
    return check(read_tokens(text));
  case Cxf:
    return check(read_cxf(text));
  case Cgats:
    return check(read_cgats(text));
  case Css:
    return check(read_css(text));
  case Csv:
    return check(read_csv(text));
  case Hex:
    return check(read_hex_list(text));
  case Svg:
    return check(read_svg(text));
  case Any:
    return check(read_set_file(bytes, "fuzz"));
  case Picture:
    if (says_it_is_huge(text)) return;
    return check(read_picture(bytes, "fuzz"));
  case OpenRaster:
    static_cast<void>(looks_like_openraster(bytes));
    static_cast<void>(merged_image(bytes, "fuzz").ok());
    return;
  case Piece:
    if (unpack_document(bytes)) return;
    static_cast<void>(document_from_json(text).ok());
    return;
  case Parcel:
    static_cast<void>(unpack_parcel(bytes).ok());
    return;
  case Shelf:
    static_cast<void>(shelf_mask_from_json(text).ok());
    static_cast<void>(shelf_set_from_json(text).ok());
    static_cast<void>(shelf_paints_from_json(text).ok());
    return;
  case Numbers:
    static_cast<void>(looks_like_numbers(text));
    return check(read_numbers(text));
  case Pattern: {
    // The pattern, an empty line, what is read by it.
    const auto end = std::min(text.find("\n\n"), text.size());
    const auto pattern = lines_pattern_from_text(text.substr(0, end));
    if (!pattern) return;
    if (*lines_pattern_from_text(text_of(*pattern)) != *pattern) std::abort();
    SwatchSet set{1, "set", {{2, "family", {{3, {0.2, 0.4, 0.6}, {}, "name"}}}}};
    static_cast<void>(set_in_lines(set, "title", *pattern).ok());
    return check(set_from_lines(text.substr(end), *pattern));
  }
  case Profile:
    if (const auto press = Press::read(bytes, "fuzz"))
      static_cast<void>((*press)->nearest({0.1, 0.2, 0.9}).difference);
  }
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  read({reinterpret_cast<const char*>(data), size});
  return 0;
}
