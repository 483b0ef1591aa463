// SPDX-License-Identifier: GPL-3.0-or-later
// The values of a photo: how they are spread, and the photo in a few flat tones.
#pragma once

#include "core/color/bands.h"
#include "core/image/pixels.h"

#include <string_view>

namespace zc {

/// Weight of pixels per tenth of L*: bin i counts L* nearest to i / 10. Transparent pixels do not count.
using FineValues = std::array<double, 1001>;
[[nodiscard]] FineValues fine_values(const PixelView& photo);
/// Weight per whole L*: bin i counts L* nearest to i.
[[nodiscard]] std::array<double, 101> whole_values(const FineValues& values);

/// Limits in L*, ascending, that part the values into so many tones with the least variance inside them
/// (multi-level Otsu: N. Otsu, "A threshold selection method from gray-level histograms", IEEE Trans. SMC 9,
/// 1979). Where there are fewer different values than tones, limits may coincide. REQUIRES 2 <= tones <= 11.
[[nodiscard]] std::vector<double> flat_limits(const FineValues& values, int tones);

/// Tone i covers limit i - 1 <= L* < limit i and is shown at its level.
struct FlatTones {
  std::vector<double> limits; ///< L*, ascending; one fewer than levels.
  std::vector<double> levels; ///< L* of each tone.
  bool operator==(const FlatTones&) const = default;
};
/// Each tone at the mean of the values in it; an empty one at its middle.
[[nodiscard]] FlatTones flat_tones(const FineValues& values, std::vector<double> limits);
/// So many equal steps from black to white, whatever the photo holds. REQUIRES 2 <= steps <= 101.
[[nodiscard]] FlatTones even_tones(int steps);
/// Every pixel as the grey of its tone; alpha is kept; `out` holds width * height pixels.
void to_flat_tones(const PixelView& photo, const FlatTones& tones, Pixel* out);

/// Shares 0..1 of the photo that are dark, middle and light.
struct BandShares {
  double dark = 0, middle = 0, light = 0;
};
[[nodiscard]] BandShares band_shares(const FineValues& values, const Bands& bands);

/// "low key" where half of the photo lies below L* 35, "high key" where half lies above 65, else "middle
/// key". Common practice, no source.
[[nodiscard]] std::string_view key_of(const FineValues& values);

} // namespace zc
