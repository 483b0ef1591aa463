// SPDX-License-Identifier: GPL-3.0-or-later
// What of a picture a set holds, what strays from the plan, and what the set lacks.
#pragma once

#include "core/base/result.h"
#include "core/image/distinct.h"
#include "core/image/extract.h"
#include "core/image/through_mask.h"
#include "core/image/values.h"
#include "core/try/match.h"

namespace zc {

/// Shares 0..1 of the pixels that are seen, for each swatch in the order of the set. REQUIRES a swatch.
[[nodiscard]] std::vector<double> used_shares(const std::vector<ColorCount>& colors,
                                              const SwatchMatcher& matcher, std::size_t swatches);

/// How far a color may be off, in CIEDE2000.
struct StrayLimits {
  double far = 10;    ///< From its nearest swatch (common practice, no source).
  double outside = 1; ///< From its nearest place in the mask.
  bool operator==(const StrayLimits&) const = default;
};

struct Stray {
  bool outside = false, far = false;
  bool operator==(const Stray&) const = default;
};
/// Asks whether a color strays; either part may be missing, and then nothing strays from it.
class StrayChecker {
public:
  StrayChecker(const SwatchMatcher* matcher, const MaskMapper* mask, const StrayLimits& limits)
      : m_matcher(matcher && !matcher->empty() ? matcher : nullptr), m_mask(mask), m_limits(limits) {}
  [[nodiscard]] Stray stray(Pixel pixel) const;

private:
  const SwatchMatcher* m_matcher;
  const MaskMapper* m_mask;
  StrayLimits m_limits;
};

/// 1 for each color that lies outside of a mask by more than `limit`, else 0; nothing does without one. On
/// all cores.
[[nodiscard]] std::vector<char> outside_of(const MaskMapper* mask, const std::vector<ColorCount>& colors,
                                           double limit);

/// Shares 0..1 of the pixels that are seen.
struct StrayShares {
  BandShares all; ///< Of the picture.
  BandShares outside, far;
};
[[nodiscard]] double sum(const BandShares& shares);
[[nodiscard]] double& of(BandShares& shares, Band band);
/// The band of each color.
[[nodiscard]] std::vector<Band> bands_of(const std::vector<ColorCount>& colors, const Bands& bands);
/// REQUIRES a stray and a band for each color.
[[nodiscard]] StrayShares shares_of(const std::vector<ColorCount>& colors, const std::vector<Stray>& strays,
                                    const std::vector<Band>& bands);
[[nodiscard]] StrayShares stray_shares(const std::vector<ColorCount>& colors, const StrayChecker& checker,
                                       const Bands& bands);

/// A color that the picture has and the set has not.
struct MissingColor {
  Srgb color;
  double share = 0;                   ///< Of the picture, 0..1: what is far from the set and nearest to this.
  int x = 0, y = 0;                   ///< A typical pixel.
  std::optional<std::size_t> nearest; ///< The swatch that comes nearest, where there is one.
  double difference = 0;              ///< CIEDE2000 to it.
};
inline constexpr int kMostMissing = 30;
/// What a picture needs of a set.
struct Needs {
  int present = 0; ///< Swatches that are the nearest to a thousandth of the picture or more, and not far.
  std::vector<MissingColor> missing; ///< The largest share first.
  [[nodiscard]] int needed() const { return present + static_cast<int>(missing.size()); }
};
/// Missing are at most `count` colors of the pixels that are further than `far` from every swatch, themselves
/// as far apart from each other and from the set. ERRORS: BadInput for a count outside 1..kMostLacks or a
/// difference outside 0..50; Stopped.
[[nodiscard]] Result<Needs> needs(const PixelView& photo, const std::vector<MatchColor>& set, int count,
                                  double far, const Progress& progress = {});

} // namespace zc
