// SPDX-License-Identifier: GPL-3.0-or-later
// The way back from a color that strays: the two swatches whose mixture comes nearest to it, and how much
// less of one keeps that mixture in the mask.
#pragma once

#include "core/base/progress.h"
#include "core/mask/mask.h"
#include "core/mix/pigment.h"

namespace zc {

/// A mixture of the pair.
struct PairMixture {
  double share = 0; ///< Of the second in it, 0..1.
  Srgb color;
  double difference = 0; ///< CIEDE2000 to the stray color.
  bool operator==(const PairMixture&) const = default;
};

struct WayBack {
  std::size_t first = 0, second = 0; ///< Places in the set, first < second.
  PairMixture nearest;
  /// The mixtures from the first to the second, both among them, about evenly apart to the eye.
  std::vector<Srgb> path;
  /// The nearest of the path that lies in the mask: where the path leaves it, unless the nearest of all lies
  /// inside too. Nothing where none does, or there is no mask.
  std::optional<PairMixture> inside;
};

/// How many mixtures the path has.
inline constexpr int kWaySteps = 49;

/// Every pair is tried. A paint counts by its own strength as in mix(). `outside` is the CIEDE2000 from which
/// a color counts as outside the region, which may be null. ERRORS: BadInput for fewer than two colors;
/// Stopped.
[[nodiscard]] Result<WayBack> way_back(Srgb stray, const std::vector<Srgb>& set, MixAs as, const Wheel& wheel,
                                       const MaskRegion* region, double outside = 1,
                                       const Progress& progress = {});

} // namespace zc
