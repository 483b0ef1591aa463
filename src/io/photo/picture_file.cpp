// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/photo/picture_file.h"

#include "core/base/sentences.h"
#include "core/image/distinct.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"

#include <QBuffer>
#include <QColorSpace>
#include <QFileInfo>

#include <unordered_map>

namespace zc {
namespace {

constexpr int kJpegQuality = 95;

/// With a table of its colors, where there are few enough and all are opaque.
QImage with_table(QImage image) {
  const PixelView view = view_of(image);
  const auto few = image.hasAlphaChannel() ? std::nullopt : few_colors(view, 256);
  if (!few) return image;
  QImage out(image.size(), QImage::Format_Indexed8);
  std::unordered_map<std::uint32_t, uchar> places;
  QList<QRgb> table;
  for (const auto& c : *few) {
    places[c.color.word] = static_cast<uchar>(table.size());
    table.append(c.color.word);
  }
  out.setColorTable(table);
  for (int y = 0; y < view.height; ++y) {
    uchar* row = out.scanLine(y);
    for (int x = 0; x < view.width; ++x) row[x] = places[view.row(y)[x].opaque().word];
  }
  return out;
}

} // namespace

Status save_picture(QImage image, const std::string& path) {
  const QString ending = QFileInfo(QString::fromStdString(path)).suffix().toLower();
  const bool jpeg = ending == QLatin1String("jpg") || ending == QLatin1String("jpeg");
  if (!jpeg && ending != QLatin1String("png"))
    return Error{ErrorCode::BadInput, Sentence::PictureFileEnding, path};
  if (!jpeg) image = with_table(std::move(image));
  image.setColorSpace(QColorSpace(QColorSpace::SRgb));
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  if (!image.save(&buffer, jpeg ? "JPEG" : "PNG", jpeg ? kJpegQuality : -1))
    return Error{ErrorCode::Unwritable, Sentence::PictureNotMade, path};
  return save_safely(path, Bytes(bytes.begin(), bytes.end()), Backup::None);
}

} // namespace zc
