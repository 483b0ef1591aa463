// SPDX-License-Identifier: GPL-3.0-or-later
// Accents: small colors far off from all the others of a palette, like a red cup in a blue room.
#pragma once

#include "core/image/pools.h"

namespace zc {

/// A pixel looks like none of the taken colors from this CIEDE2000 on.
inline constexpr double kFarOff = 15;
/// The least share of the pixels looked at that is worth a place.
inline constexpr double kLeastAccent = 0.0005;
/// What covers this share or more is not small: it is a color of the counts like any other.
inline constexpr double kMostAccent = 0.01;

struct FarOff {
  Sample core;
  bool small = true; ///< An accent.
};

/// Finds at most `count` accents, and beside them what is far off and not small: pixels, each from a cluster
/// of pixels far off from all that is taken, those with the largest distance times the root of their share
/// first; each the cluster's most colorful core rather than its middle, and at least `least` CIEDE2000 from
/// what is taken and from each other. Deterministic.
[[nodiscard]] std::vector<FarOff> far_off_colors(const std::vector<Pool>& pools, std::vector<Lab> taken,
                                                 int count, double least);

} // namespace zc
