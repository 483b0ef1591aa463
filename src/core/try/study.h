// SPDX-License-Identifier: GPL-3.0-or-later
// A picture in the colors of a set: each pixel or each area in its swatch.
#pragma once

#include "core/image/color_table.h"
#include "core/try/areas.h"
#include "core/try/match.h"

#include <optional>

namespace zc {

/// Each pixel in its nearest swatch; each different color is worked out once. Copies share what they know.
class StudyMapper {
public:
  /// `colors` in the order of the set. REQUIRES at least one.
  StudyMapper(const std::vector<MatchColor>& colors, Match match);
  [[nodiscard]] std::uint32_t mapped(std::uint32_t word) const;
  /// Alpha is kept. `out` holds width * height words.
  void map(const PixelView& photo, std::uint32_t* out) const;

private:
  SwatchMatcher m_matcher;
  std::vector<std::uint32_t> m_words;
  ColorTable m_known;
};

/// The swatch of each area: the one it is bound to, or the one nearest to its mean. REQUIRES a swatch, and as
/// many bindings as areas.
[[nodiscard]] std::vector<std::size_t> swatches_of(const Areas& areas, const SwatchMatcher& matcher,
                                                   const std::vector<std::optional<std::size_t>>& bound);

/// Each area in its word; nothing where there is none. `out` holds width * height words. REQUIRES as many
/// words as areas.
void paint_areas(const Areas& areas, const std::vector<std::uint32_t>& words, std::uint32_t* out);

} // namespace zc
