// SPDX-License-Identifier: GPL-3.0-or-later
// Where the colors of a photo sit on the wheel: the footprint, and how much of it a mask holds.
#pragma once

#include "core/image/pixels.h"
#include "core/mask/mask.h"
#include "core/mix/recipe.h"

namespace zc {

/// A group of like colors at one place of the disc.
struct ColorPlace {
  DiscPoint at;
  double weight = 0; ///< Pixels.
  Srgb color;        ///< The middle of the group.
};

/// The colors of a photo, counted in boxes of 1/64 of each channel and located on the wheel. Transparent
/// pixels do not count. Deterministic.
[[nodiscard]] std::vector<ColorPlace> color_places(const PixelView& photo, const Wheel& wheel);
/// The same colors on another wheel.
[[nodiscard]] std::vector<ColorPlace> relocated(std::vector<ColorPlace> places, const Wheel& wheel);

/// Share 0..1 of the weight that lies inside.
[[nodiscard]] double share_inside(const std::vector<ColorPlace>& places, const MaskRegion& region);

/// Like colors gathered in OKLab, so that at most so many stand for a photo; each is the mean of its group.
/// REQUIRES most >= 1.
[[nodiscard]] std::vector<WeightedColor> gathered(const std::vector<WeightedColor>& colors, std::size_t most);
/// The colors of a photo with their weights, see color_places().
[[nodiscard]] std::vector<WeightedColor> weighted_colors(const std::vector<ColorPlace>& places);

/// The places as a picture of the disc: weights on a square grid over -1..1, row 0 at the top.
struct Footprint {
  int size = 0;
  std::vector<float> weight;
};
[[nodiscard]] Footprint footprint_of(const std::vector<ColorPlace>& places, int size);

} // namespace zc
