#include "core/piece/grading.h"

#include "core/color/convert.h"

#include <algorithm>

namespace zc {

Band band_of(double value, const Bands& bands) {
  if (value < bands.dark_below) return Band::Dark;
  return value < bands.light_from ? Band::Middle : Band::Light;
}

BandCounts band_counts(const SwatchSet& set, const Bands& bands) {
  BandCounts n;
  for (const auto& family : set.families)
    for (const auto& swatch : family.swatches) switch (band_of(value_of(swatch.color), bands)) {
      case Band::Dark:
        ++n.dark;
        break;
      case Band::Middle:
        ++n.middle;
        break;
      case Band::Light:
        ++n.light;
        break;
      }
  return n;
}

int value_step(double value, int steps) {
  return std::clamp(static_cast<int>(value / 100 * steps) + 1, 1, steps);
}

} // namespace zc
