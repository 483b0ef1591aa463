// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/photo/footprint_picture.h"

#include <algorithm>
#include <cmath>

namespace zc {

QImage footprint_picture(const std::vector<ColorPlace>& places, int size, bool black) {
  const Footprint print = footprint_of(places, size);
  QImage out(size, size, QImage::Format_ARGB32_Premultiplied);
  // Cube roots, so that a few pixels are seen beside many.
  const float most = std::max(1.0f, *std::max_element(print.weight.begin(), print.weight.end()));
  for (int y = 0; y < size; ++y) {
    auto* row = reinterpret_cast<PremultipliedPixel*>(out.scanLine(y));
    for (int x = 0; x < size; ++x) {
      const float w = print.weight[static_cast<std::size_t>(y) * static_cast<std::size_t>(size) +
                                   static_cast<std::size_t>(x)];
      const auto level = w > 0 ? static_cast<std::uint32_t>(40 + 190 * std::cbrt(w / most)) : 0u;
      row[x].word = level * (black ? 0x01000000u : 0x01010101u);
    }
  }
  return out;
}

} // namespace zc
