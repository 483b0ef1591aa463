// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/photos.h"

#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"

#include <algorithm>
#include <charconv>
#include <filesystem>

namespace zc::cli {

Result<OpenedPhoto> opened(const std::string& path) {
  const auto bytes = read_file(path);
  if (!bytes) return bytes.error();
  const std::string name = std::filesystem::path(path).filename().string();
  auto image = of_file(decode_photo(*bytes, name));
  if (!image) return image.error();
  return OpenedPhoto{std::move(image).value(), read_metadata(*bytes)};
}

Result<std::vector<int>> whole_numbers(const std::string& text, std::size_t count, const char* what) {
  std::vector<int> out;
  const char *at = text.data(), *end = text.data() + text.size();
  while (at != end) {
    int n = 0;
    const auto read = std::from_chars(at, end, n);
    if (read.ec != std::errc()) break;
    out.push_back(n);
    at = read.ptr;
    if (at == end || *at != ',') break;
    ++at;
  }
  if (at != end || out.size() != count || text.ends_with(','))
    return Error{
        ErrorCode::BadInput,
        as_said("\"" + text + "\" is not " + std::to_string(count) + " whole numbers for " + what + "."),
        what};
  return out;
}

Result<PixelRect> region_of(const std::string& text, const PixelView& photo) {
  if (text.empty()) return PixelRect{0, 0, photo.width, photo.height};
  const auto n = whole_numbers(text, 4, "--region");
  if (!n) return n.error();
  const PixelRect asked{(*n)[0], (*n)[1], (*n)[2], (*n)[3]};
  const PixelRect rect = cut_to(asked, photo);
  if (asked.width <= 0 || asked.height <= 0 || rect.width == 0 || rect.height == 0)
    return Error{ErrorCode::BadInput,
                 as_said("The region " + text + " does not lie on the photo of " +
                         std::to_string(photo.width) + " x " + std::to_string(photo.height) + " pixels."),
                 "--region"};
  return rect;
}

Result<PieceMask> mask_of(const std::string& path) {
  if (path.empty())
    return Error{ErrorCode::BadInput, as_said("Say with --piece which piece has the mask."), "--piece"};
  const auto document = open_document(path);
  if (!document) return document.error();
  const Piece& piece = document->piece;
  if (!piece.mask) return Error{ErrorCode::NotFound, as_said("The piece has no mask."), path};
  return PieceMask{Wheel(piece.wheel), MaskRegion(*piece.mask), piece.bands};
}

void add_photo_options(const Options& command, PhotoRequest& photo, bool with_region) {
  command.input("photo", photo.photo, "Photo file");
  if (with_region)
    command.text("--region", photo.region, "X,Y,WIDTH,HEIGHT in pixels; the whole photo when left out");
  command.input("--piece", photo.piece, "Piece whose mask is used", Options::Need::MayBeLeftOut);
}

} // namespace zc::cli
