// SPDX-License-Identifier: GPL-3.0-or-later
// Accents: small colors far off from all the others of a palette, like a red cup in a blue room.
#pragma once

#include "core/image/pools.h"

namespace zc {

/// A pixel looks like none of the taken colors from this CIEDE2000 on.
inline constexpr double kFarOff = 15;
/// The least share of the pixels looked at that is worth a place.
inline constexpr double kLeastAccent = 0.0005;

/// At most `count` pixels, each from a cluster of pixels far off from all that is taken, those with the
/// largest distance times the root of their share first; each the cluster's most colorful core rather than
/// its middle, and at least `least` CIEDE2000 from what is taken and from each other. Deterministic.
[[nodiscard]] std::vector<Sample> accents_of(const std::vector<Pool>& pools, std::vector<Lab> taken,
                                             int count, double least);

} // namespace zc
