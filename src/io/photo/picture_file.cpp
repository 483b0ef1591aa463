#include "io/photo/picture_file.h"

#include "io/files/safe_save.h"

#include <QBuffer>
#include <QColorSpace>
#include <QFileInfo>

namespace zc {
namespace {

constexpr int kJpegQuality = 95;

} // namespace

Status save_picture(const QImage& image, const std::string& path) {
  const QString ending = QFileInfo(QString::fromStdString(path)).suffix().toLower();
  const bool jpeg = ending == QLatin1String("jpg") || ending == QLatin1String("jpeg");
  if (!jpeg && ending != QLatin1String("png"))
    return Error{ErrorCode::BadInput, "A picture is written as .png or .jpg; name the file so.", path};
  QImage tagged = image;
  tagged.setColorSpace(QColorSpace(QColorSpace::SRgb));
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  if (!tagged.save(&buffer, jpeg ? "JPEG" : "PNG", jpeg ? kJpegQuality : -1))
    return Error{ErrorCode::Unwritable, "The picture could not be made.", path};
  return save_safely(path, Bytes(bytes.begin(), bytes.end()), Backup::None);
}

} // namespace zc
