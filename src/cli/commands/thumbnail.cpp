// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/files/zip_archive.h"
#include "io/photo/picture_file.h"

#include <algorithm>

namespace zc::cli {
namespace {

struct ThumbnailRequest {
  std::string piece, output;
  int size = 256;
};

/// The small picture that was saved with the piece, no larger than asked for.
Result<Json> thumbnail(const ThumbnailRequest& r) {
  if (r.size < 16 || r.size > 1024)
    return Error{ErrorCode::BadInput, as_said("A thumbnail can be 16 to 1024 pixels large."), "--size"};
  const auto bytes = read_file(r.piece);
  if (!bytes) return bytes.error();
  const auto entries = read_zip(*bytes);
  if (!entries) return entries.error();
  const auto at = std::find_if(entries->begin(), entries->end(),
                               [](const ZipEntry& e) { return e.name == "preview.png"; });
  if (at == entries->end())
    return Error{ErrorCode::NotFound, as_said("\"" + r.piece + "\" has no preview; save it once more."),
                 r.piece};
  QImage image;
  if (!image.loadFromData(at->bytes.data(), static_cast<int>(at->bytes.size()), "PNG"))
    return Error{ErrorCode::Damaged, as_said("The preview of \"" + r.piece + "\" is damaged."),
                 "preview.png"};
  if (std::max(image.width(), image.height()) > r.size)
    image = image.scaled(r.size, r.size, Qt::KeepAspectRatio, Qt::SmoothTransformation);
  const QSize size = image.size();
  const Status saved = save_picture(std::move(image), r.output);
  if (!saved) return saved.error();
  return Json{{"file", r.output}, {"width", size.width()}, {"height", size.height()}};
}

} // namespace

Command add_thumbnail(const Options& app) {
  auto r = std::make_shared<ThumbnailRequest>();
  const Options command = app.command("thumbnail", "Write the small picture of a piece");
  command.text("piece", r->piece, "Piece file", Options::Need::Needed);
  command.whole("--size", r->size, "Largest side in pixels, 16 to 1024");
  command.text("-o,--output", r->output, "PNG file to write", Options::Need::Needed);
  return {command, [r] { return thumbnail(*r); }};
}

} // namespace zc::cli
