// SPDX-License-Identifier: GPL-3.0-or-later
// Which swatch of a set stands for a color.
#pragma once

#include "core/color/pixel.h"
#include "core/color/spaces.h"
#include "core/try/study_spec.h"

#include <cstddef>
#include <cstdint>
#include <optional>
#include <vector>

namespace zc {

struct MatchColor {
  Srgb color;
  std::size_t family = 0; ///< Colors with one number belong together.
};

struct Matched {
  std::size_t swatch = 0; ///< Its place in the order of the set.
  double away = 0;        ///< CIEDE2000.
};

/// The colors of a set, made ready to be asked about many colors. Exact: most swatches are ruled out by a
/// bound that CIEDE2000 never falls below, never by a guess. Of equally near swatches the first stands. May
/// be asked by several threads at once.
class SwatchMatcher {
public:
  /// `colors` in the order of the set.
  explicit SwatchMatcher(const std::vector<MatchColor>& colors, Match match = Match::Color);
  [[nodiscard]] bool empty() const { return m_swatches.empty(); }
  /// REQUIRES at least one swatch.
  [[nodiscard]] Matched nearest(const Lab& color) const;
  [[nodiscard]] Matched nearest(Pixel pixel) const;
  /// The nearest by CIEDE2000 if it is as near as `limit`; most are ruled out sooner than by nearest().
  [[nodiscard]] std::optional<Matched> nearest_within(const Lab& color, double limit) const;
  /// Whether any swatch is as near as `limit`; found out sooner than which is the nearest.
  [[nodiscard]] bool any_within(const Lab& color, double limit) const;

private:
  struct Ready {
    Lab lab;
    double chroma = 0;
    std::size_t place = 0;
  };
  struct FamilyHue {
    double a = 0, b = 0; ///< Mean of its colors.
    std::vector<std::size_t> swatches;
  };
  /// No further away than `within`; the search ends early at a swatch as near as `enough`.
  [[nodiscard]] std::optional<Matched> nearest_color(const Lab& color, double within, double enough) const;
  [[nodiscard]] Matched nearest_value(const Lab& color) const;

  Match m_match;
  std::vector<Ready> m_swatches; ///< By L*, and of one L* in the order of the set.
  std::vector<Lab> m_labs;       ///< In the order of the set.
  std::vector<FamilyHue> m_families;
};

} // namespace zc
