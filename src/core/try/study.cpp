// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/study.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"

#include <cassert>

namespace zc {

std::vector<std::size_t> swatches_of(const Areas& areas, const SwatchMatcher& matcher,
                                     const std::vector<std::optional<std::size_t>>& bound) {
  assert(bound.size() == areas.areas.size());
  std::vector<std::size_t> out;
  for (std::size_t i = 0; i < areas.areas.size(); ++i)
    out.push_back(bound[i] ? *bound[i]
                           : matcher.nearest(lab_from_xyz(xyz_from_oklab(areas.areas[i].mean))).swatch);
  return out;
}

void paint_areas(const Areas& areas, const std::vector<Pixel>& pixels, Pixel* out) {
  assert(pixels.size() == areas.areas.size());
  in_parallel(areas.height, 32, [&](int from, int to) {
    const std::size_t end = static_cast<std::size_t>(to) * areas.width;
    for (std::size_t i = static_cast<std::size_t>(from) * areas.width; i < end; ++i)
      out[i] = areas.numbers[i] == kNoArea ? Pixel() : pixels[areas.numbers[i]];
  });
}

} // namespace zc
