// SPDX-License-Identifier: GPL-3.0-or-later
// Grading a set by value: bands and steps, near-duplicates, value twins, gaps, swatches outside the mask.
#pragma once

#include "core/color/color_vision.h"
#include "core/color/spaces.h"
#include "core/mask/mask.h"
#include "core/piece/piece.h"

namespace zc {

/// OKLab hues at least this many degrees apart are different hues (common practice, no source).
inline constexpr double kDifferentHue = 20;

[[nodiscard]] BandCounts band_counts(const SwatchSet& set, const Bands& bands);

/// Step 1..steps of a value in 0..100 divided evenly; 100 belongs to the last step. REQUIRES steps >= 1.
[[nodiscard]] int value_step(double value, int steps);

/// Two swatches of a set; a stands before b in it.
struct SwatchPair {
  Id a = 0, b = 0;
  double difference = 0;       ///< CIEDE2000.
  double value_difference = 0; ///< |dL*|.
  bool operator==(const SwatchPair&) const = default;
};

/// Neighbors in value within a family that lie too far apart.
struct ValueGap {
  Id family = 0, dark = 0, light = 0;
  double size = 0; ///< dL*.
  bool operator==(const ValueGap&) const = default;
};

/// Two swatches of a set that differ in hue and not in value; a stands before b in it.
struct ValueTwins {
  Id a = 0, b = 0;
  double value_difference = 0; ///< |dL*|.
  bool operator==(const ValueTwins&) const = default;
};

/// Swatches that merge into one value: each is within the twin limit of the next, all of them within twice
/// the limit, and some differ in hue.
struct TwinBand {
  std::vector<Id> swatches; ///< From dark to light; at least two.
  double low = 0, high = 0; ///< L* of the first and the last.
  bool operator==(const TwinBand&) const = default;
};

/// Colors at least so far apart, in CIEDE2000, are told apart at a glance (common practice, no source).
inline constexpr double kPlainlyDifferent = 10;

/// Two swatches, plainly different, that eyes with one kind of cone missing take for near-duplicates; a
/// stands before b in the set.
struct Confusion {
  ColorVision vision = ColorVision::Protan;
  Id a = 0, b = 0;
  double difference = 0; ///< CIEDE2000 as those eyes see them.
  bool operator==(const Confusion&) const = default;
};

/// Pairs of a report at most; of a large set of like colors there would be millions.
inline constexpr std::size_t kMostPairs = 10'000;

struct GradingReport {
  BandCounts bands;
  std::vector<int> steps;                  ///< Swatches in each value step, from dark to light.
  std::vector<SwatchPair> near_duplicates; ///< The nearest first; of more than kMostPairs, some.
  bool more_near_duplicates = false;       ///< There are more than are listed.
  std::vector<ValueTwins> twins;           ///< From dark to light, the first kMostPairs of them.
  std::size_t twin_count = 0;              ///< All of them.
  std::vector<TwinBand> twin_bands;        ///< The same as bands of like value, from dark to light.
  std::vector<ValueGap> gaps;              ///< In the order of the families, from dark to light.
  std::vector<Id> outside_mask;            ///< In the order of the set; see GradingRules::outside.
  /// They stand in the order of kDeficientEyes, the nearest first; of each no more than kMostPairs, those of
  /// the darkest swatches.
  std::vector<Confusion> confusions;
};

/// `region` is the piece's mask, or null where none is in use. Twins are no near-duplicates, and the hue of
/// the two differs by kDifferentHue or one of them is a neutral.
[[nodiscard]] GradingReport grade(const SwatchSet& set, const Bands& bands, const GradingRules& rules,
                                  const Wheel& wheel, const MaskRegion* region);

/// Pairs of colors less than `limit` CIEDE2000 apart, as indices i < j in rising order: what comparing all
/// pairs gives. Colors are swept in the order of L*, and the formula is only asked where bounds of it allow a
/// pair: with kL = kC = kH = 1 its square is never below (dL* / SL)^2 + (1 - |RT| / 2) (da^2 + db^2) / S^2,
/// where S, the larger of SC and SH, is at most 1 + 0.045 times the mean C'. Once there are `most` of them
/// the search ends, and those of the darker colors stand. REQUIRES 0 < limit <= 20.
struct IndexPair {
  std::size_t i = 0, j = 0;
  double difference = 0;
};
[[nodiscard]] std::vector<IndexPair> near_pairs(const std::vector<Lab>& colors, double limit,
                                                std::size_t most = SIZE_MAX);

/// Contrast of two swatches; both numbers at least 0.
struct Contrast {
  double difference = 0;       ///< CIEDE2000.
  double value_difference = 0; ///< |dL*|.
};
[[nodiscard]] Contrast contrast_of(Srgb a, Srgb b);

/// What the swatches can be mixed to: the convex hull of a set in the OKLab a-b plane, brought onto a wheel
/// as a closed outline of the unit disc. One or two colors, or colors on a line, give what is left of an
/// outline; none give nothing.
[[nodiscard]] std::vector<DiscPoint> mixing_reach(const std::vector<Srgb>& colors, const Wheel& wheel);

} // namespace zc
