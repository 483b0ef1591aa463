// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/color_map.h"

#include "core/color/convert.h"

namespace zc {

void ColorMap::map(int width, int height, Pixel* pixels) const {
  if (!m_function) return;
  m_known->map(PixelView{width, height, width, pixels}, pixels, [this](Pixel pixel) {
    return pixel_of(rounded_8bit(m_function(srgb_from_8bit(color_of(pixel)))));
  });
}

} // namespace zc
