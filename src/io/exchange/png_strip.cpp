#include "io/exchange/png_strip.h"

#include "core/color/convert.h"

#include <QBuffer>
#include <QColorSpace>
#include <QImage>
#include <QPainter>

namespace zc {
namespace {

QColor opaque(Srgb c) {
  const Srgb8 p = rounded_8bit(c);
  return {p.r, p.g, p.b};
}

} // namespace

Result<Bytes> png_strip(const SwatchSet& set) {
  int rows = 0, columns = 0;
  for (const auto& family : set.families) {
    const int n = static_cast<int>(family.swatches.size());
    rows += (n + kStripPerRow - 1) / kStripPerRow;
    columns = std::max(columns, std::min(n, kStripPerRow));
  }
  if (rows == 0)
    return Error{ErrorCode::BadInput, "The set \"" + set.name + "\" has no swatches yet; lay some first.",
                 "set"};
  QImage image(columns * kStripSquare, rows * kStripSquare, QImage::Format_ARGB32);
  image.fill(Qt::transparent);
  image.setColorSpace(QColorSpace::SRgb);
  QPainter painter(&image);
  int row = 0;
  for (const auto& family : set.families) {
    if (family.swatches.empty()) continue;
    int column = 0;
    for (const auto& swatch : family.swatches) {
      if (column == kStripPerRow) {
        column = 0;
        ++row;
      }
      painter.fillRect(column++ * kStripSquare, row * kStripSquare, kStripSquare, kStripSquare,
                       opaque(swatch.color));
    }
    ++row;
  }
  painter.end();
  QByteArray data;
  QBuffer buffer(&data);
  buffer.open(QIODevice::WriteOnly);
  if (!image.save(&buffer, "PNG"))
    return Error{ErrorCode::Unwritable, "The PNG strip could not be made.", "png"};
  return Bytes(data.begin(), data.end());
}

} // namespace zc
