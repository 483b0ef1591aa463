// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/files/zip_archive.h"
#include "io/photo/picture_file.h"

#include <algorithm>

namespace zc::cli {
namespace {

struct ThumbnailRequest {
  std::string piece;
  OutputFile output;
  int size = 256;
};

/// The small picture that was saved with the piece, no larger than asked for.
Result<Json> thumbnail(const ThumbnailRequest& r) {
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
  const Status saved = save_picture(std::move(image), r.output.path);
  if (!saved) return saved.error();
  return Json{{"files", files_json(r.output.path)}, {"width", size.width()}, {"height", size.height()}};
}

} // namespace

Command add_thumbnail(const Options& app) {
  auto r = std::make_shared<ThumbnailRequest>();
  const Options command = app.command("thumbnail", "Write the small picture of a piece");
  command.input("piece", r->piece, "Piece file");
  command.whole("--size", r->size, {16, 1024}, "Largest side in pixels");
  command.output(r->output, {{"png", {".png"}}}, "PNG file to write");
  return {command, [r] { return thumbnail(*r); }};
}

} // namespace zc::cli
