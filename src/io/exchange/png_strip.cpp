// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/exchange/png_strip.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "io/photo/decode.h"

#include <QBuffer>
#include <QColorSpace>
#include <QImage>

#include <algorithm>
#include <cstddef>

namespace zc {
namespace {

/// By hand, since the toolkit's painter ends at 32,767 rows.
void fill_square(QImage& image, int column, int row, Pixel color) {
  for (int y = row * kStripSquare; y < (row + 1) * kStripSquare; ++y) {
    Pixel* line = pixels_of(image) + std::ptrdiff_t{image.width()} * y;
    std::fill_n(line + std::ptrdiff_t{column} * kStripSquare, kStripSquare, color);
  }
}

} // namespace

Result<Bytes> png_strip(const SwatchSet& set) {
  int rows = 0, columns = 0;
  for (const auto& family : set.families) {
    const int n = static_cast<int>(family.swatches.size());
    rows += (n + kStripPerRow - 1) / kStripPerRow;
    columns = std::max(columns, std::min(n, kStripPerRow));
  }
  if (rows == 0) return Error{ErrorCode::BadInput, say(Sentence::NamedSetEmpty, set.name), "set"};
  QImage image(columns * kStripSquare, rows * kStripSquare, QImage::Format_ARGB32);
  image.fill(Qt::transparent);
  image.setColorSpace(QColorSpace::SRgb);
  int row = 0;
  for (const auto& family : set.families) {
    if (family.swatches.empty()) continue;
    int column = 0;
    for (const auto& swatch : family.swatches) {
      if (column == kStripPerRow) {
        column = 0;
        ++row;
      }
      fill_square(image, column++, row, pixel_of(rounded_8bit(swatch.color)));
    }
    ++row;
  }
  QByteArray data;
  QBuffer buffer(&data);
  buffer.open(QIODevice::WriteOnly);
  if (!image.save(&buffer, "PNG")) return Error{ErrorCode::Unwritable, Sentence::StripNotMade, "png"};
  return Bytes(data.begin(), data.end());
}

} // namespace zc
