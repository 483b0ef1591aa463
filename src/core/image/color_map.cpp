// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/color_map.h"

#include "core/color/convert.h"

namespace zc {

void ColorMap::map(int width, int height, std::uint32_t* words) const {
  if (!m_function) return;
  m_known->map(PixelView{width, height, width, words}, words, [this](std::uint32_t word) {
    return word_of(rounded_8bit(m_function(srgb_from_8bit(color_of_word(word)))));
  });
}

} // namespace zc
