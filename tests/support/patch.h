// SPDX-License-Identifier: GPL-3.0-or-later
// Small photos, written to as words 0xAARRGGBB.
#pragma once

#include "core/image/pixels.h"

#include <random>

namespace zc::test {

struct Patch {
  int width, height;
  std::vector<Pixel> pixels;
  Patch(int w, int h, std::uint32_t fill = 0xff000000u)
      : width(w), height(h), pixels(static_cast<std::size_t>(w) * h, Pixel{fill}) {}
  [[nodiscard]] PixelView view() const { return {width, height, width, pixels.data()}; }
  std::uint32_t& at(int x, int y) { return pixels[static_cast<std::size_t>(y) * width + x].word; }
};

inline Srgb random_color(std::mt19937& random) {
  std::uniform_real_distribution<double> unit(0, 1);
  return {unit(random), unit(random), unit(random)};
}

} // namespace zc::test
