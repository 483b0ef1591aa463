// SPDX-License-Identifier: GPL-3.0-or-later
// What the photo commands of zonachrom-cli share.
#pragma once

#include "cli/line/command.h"
#include "core/image/pixels.h"
#include "core/mask/mask.h"
#include "io/photo/profile.h"

#include <QImage>

namespace zc::cli {

/// "x,y,w,h" in pixels of the upright photo; empty for the whole.
struct PhotoRequest {
  std::string photo, region, piece;
};

/// The photo, the piece whose mask is used and, if asked for, the region.
void add_photo_options(const Options& command, PhotoRequest& photo, bool with_region);

struct OpenedPhoto {
  QImage image;
  PhotoMetadata metadata;
};
[[nodiscard]] Result<OpenedPhoto> opened(const std::string& path);

/// Whole numbers parted by commas, exactly so many; `what` names them in the sentence.
[[nodiscard]] Result<std::vector<int>> whole_numbers(const std::string& text, std::size_t count,
                                                     const char* what);
/// The part of the photo that was asked for, the whole when nothing was.
[[nodiscard]] Result<PixelRect> region_of(const std::string& text, const PixelView& photo);

struct PieceMask {
  Wheel wheel;
  MaskRegion region;
  Bands bands;
};
[[nodiscard]] Result<PieceMask> mask_of(const std::string& path);

} // namespace zc::cli
