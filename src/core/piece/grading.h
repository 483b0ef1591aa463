// Grading a set by value.
#pragma once

#include "core/piece/piece.h"

namespace zc {

enum class Band { Dark, Middle, Light };

[[nodiscard]] Band band_of(double value, const Bands& bands);

struct BandCounts {
  int dark = 0, middle = 0, light = 0;
  bool operator==(const BandCounts&) const = default;
};
[[nodiscard]] BandCounts band_counts(const SwatchSet& set, const Bands& bands);

/// Step 1..steps of a value in 0..100 divided evenly; 100 belongs to the last step. REQUIRES steps >= 1.
[[nodiscard]] int value_step(double value, int steps);

} // namespace zc
