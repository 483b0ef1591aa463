// SPDX-License-Identifier: GPL-3.0-or-later
// Small photos made of words.
#pragma once

#include "core/image/pixels.h"

namespace zc::test {

struct Patch {
  int width, height;
  std::vector<std::uint32_t> words;
  Patch(int w, int h, std::uint32_t fill = 0xff000000u)
      : width(w), height(h), words(static_cast<std::size_t>(w) * h, fill) {}
  [[nodiscard]] PixelView view() const { return {width, height, width, words.data()}; }
  std::uint32_t& at(int x, int y) { return words[static_cast<std::size_t>(y) * width + x]; }
};

} // namespace zc::test
