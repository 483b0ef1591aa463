// SPDX-License-Identifier: GPL-3.0-or-later
// A picture cut into areas of like color.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/color/spaces.h"
#include "core/image/pixels.h"
#include "core/try/study_spec.h"

#include <cstdint>
#include <vector>

namespace zc {

/// A picture of at most so many different colors is flat artwork: each color is an area.
inline constexpr std::size_t kFlatColors = 256;

using AreaNumber = std::uint16_t;
/// Where nothing is seen.
inline constexpr AreaNumber kNoArea = 0xffff;

struct PictureArea {
  Oklab mean; ///< Of the pixels that are seen.
  std::uint64_t pixels = 0;
  int x = 0, y = 0; ///< A pixel of it.
};
struct Areas {
  int width = 0, height = 0;
  std::vector<AreaNumber> numbers; ///< Of each pixel, rows from the top.
  std::vector<PictureArea> areas;
  bool flat = false; ///< Each area is one color.
  [[nodiscard]] AreaNumber at(int x, int y) const { return numbers[static_cast<std::size_t>(y) * width + x]; }
  /// Also beside the picture, where no area is.
  [[nodiscard]] AreaNumber number_at(int x, int y) const {
    return x < 0 || y < 0 || x >= width || y >= height ? kNoArea : at(x, y);
  }
};

/// Cut along edges, in OKLab: parted from the whole down by color, each area where its own colors fall into
/// two, until there are as many as asked for (area_splits.h, with the published sources). Large pictures are
/// cut at a smaller size, and the edges found again in the full one, so that areas belong to the picture and
/// not to its raster. The same answer every time. ERRORS: as validate(); Stopped.
[[nodiscard]] Result<Areas> cut_into_areas(const PixelView& photo, const AreaSpec& spec,
                                           const Progress& progress = {});

/// An area that lies in several places is split into them; one that lies in one place into its two colors. A
/// pixel without an area changes nothing, as does a split that would make too many.
void edit_areas(Areas& areas, const PixelView& photo, const AreaEdit& edit);

} // namespace zc
