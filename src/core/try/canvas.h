// SPDX-License-Identifier: GPL-3.0-or-later
// A canvas while it is painted, measured against the plan again and again.
#pragma once

#include "core/base/result.h"
#include "core/try/check.h"

#include <memory>

namespace zc {

struct CanvasSpec {
  Bands bands;
  StrayLimits limits;
  bool outside = true, far = true; ///< Which strays are gathered.
  bool operator==(const CanvasSpec&) const = default;
};
inline constexpr std::size_t kMostStrayColors = 5;
/// A stray color is told from this share of the canvas on (ours).
inline constexpr double kLeastStray = 0.001;

/// Like strays as one color.
struct StrayColor {
  Srgb color;       ///< Of a pixel.
  double share = 0; ///< Of the canvas, 0..1.
  int x = 0, y = 0; ///< That pixel: the one of this color nearest to the middle of them all.
  Stray stray;
  double off = 0; ///< CIEDE2000 to the nearest place in the mask, or else to the nearest swatch.
  bool operator==(const StrayColor&) const = default;
};

struct CanvasCheck {
  StrayShares shares;
  /// CIEDE2000 by which what lies outside the mask does, like colors as one: the mean, and what 95 of 100
  /// pixels stay below.
  double outside_mean = 0, outside_most = 0;
  std::vector<StrayColor> strays; ///< The largest share first.
  /// Of the canvas, 0..1, in the order of the set: what is nearest to the swatch and not far from it.
  std::vector<double> used;
  int unused = 0; ///< Swatches with less than a thousandth of the canvas.
  /// For each pixel, row by row: 0 where the plan is kept, 1 + the place of its stray color, kOtherStray.
  std::vector<std::uint8_t> places;
  static constexpr std::uint8_t kOtherStray = 255;
};

/// One set, mask and spec: what is found out about a color is remembered from picture to picture, so that
/// one in which little has changed is quick. That takes memory as new colors come up, 64 MB at most. Cheap to
/// copy; copies share what they know.
class CanvasChecker {
public:
  /// `mask` may be null; so may the set be empty. Nothing strays from what is missing.
  CanvasChecker(const std::vector<MatchColor>& set, std::shared_ptr<const MaskMapper> mask,
                const CanvasSpec& spec);
  /// ERRORS: Stopped.
  [[nodiscard]] Result<CanvasCheck> check(const PixelView& canvas, const Progress& progress = {}) const;
  /// Difference of a stray; see StrayColor::off.
  [[nodiscard]] double off(Pixel pixel, const Stray& stray) const;

private:
  struct Judged;
  [[nodiscard]] Judged judged(Pixel pixel) const;
  std::shared_ptr<const SwatchMatcher> m_matcher; ///< Null without a set.
  std::shared_ptr<const MaskMapper> m_mask;
  std::size_t m_swatches;
  CanvasSpec m_spec;
  ColorTable m_known;
};

/// The canvas as a small picture: what keeps the plan steps back, so that strays are seen. `only` shows no
/// other than that stray color. REQUIRES a check of this picture; `out` holds width * height pixels.
void paint_strays(const PixelView& canvas, const CanvasCheck& check, std::optional<std::size_t> only,
                  Srgb8 ground, Pixel* out);

} // namespace zc
