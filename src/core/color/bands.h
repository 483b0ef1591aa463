// SPDX-License-Identifier: GPL-3.0-or-later
// The value bands: light, middle and dark.
#pragma once

namespace zc {

/// Limits between the value bands, L*: dark < dark_below <= middle < light_from <= light.
struct Bands {
  double dark_below = 33.3;
  double light_from = 66.7;
  bool operator==(const Bands&) const = default;
};

enum class Band { Dark, Middle, Light };

[[nodiscard]] constexpr Band band_of(double value, const Bands& bands) {
  if (value < bands.dark_below) return Band::Dark;
  return value < bands.light_from ? Band::Middle : Band::Light;
}

/// How many colors lie in each value band, or are meant to.
struct BandCounts {
  int dark = 0, middle = 0, light = 0;
  bool operator==(const BandCounts&) const = default;
};

} // namespace zc
