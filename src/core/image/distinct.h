// SPDX-License-Identifier: GPL-3.0-or-later
// The different colors of a picture.
#pragma once

#include "core/image/pixels.h"

#include <cstdint>
#include <vector>

namespace zc {

struct ColorCount {
  Pixel color; ///< Opaque.
  std::uint32_t pixels = 0;
  bool operator==(const ColorCount&) const = default;
};
/// Each color once. Pixels of which nothing is seen do not count; others count as if opaque.
[[nodiscard]] std::vector<ColorCount> distinct_colors(const PixelView& photo);
/// The same, or nothing when there are more than so many, which is found out early.
[[nodiscard]] std::optional<std::vector<ColorCount>> few_colors(const PixelView& photo, std::size_t most);

/// A picture as its different colors and, for each pixel, which of them it has: what is found out about
/// colors can then be shown over and over as they change.
struct IndexedPicture {
  int width = 0, height = 0;
  std::uint64_t serial = 0;         ///< Another for each one that indexed() makes.
  std::vector<ColorCount> colors;   ///< In the order in which they come up.
  std::vector<std::uint32_t> index; ///< kNothing where nothing is seen.
  static constexpr std::uint32_t kNothing = 0xffffffffu;
};
[[nodiscard]] IndexedPicture indexed(const PixelView& photo);
/// Like colors together, by their first six bits a channel: what is worked out for one of each is a good
/// first guess for all.
struct ColorCells {
  std::vector<std::uint32_t> first; ///< Of each cell a color, by its place.
  std::vector<std::uint32_t> cell;  ///< Of each color.
};
[[nodiscard]] ColorCells cells_of(const std::vector<ColorCount>& colors);
/// Every pixel in what its color becomes; `out` holds width * height pixels. REQUIRES as many `painted` as
/// colors.
void paint_indexed(const IndexedPicture& picture, const std::vector<Pixel>& painted, Pixel* out);

} // namespace zc
