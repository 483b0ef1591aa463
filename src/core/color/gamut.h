// SPDX-License-Identifier: GPL-3.0-or-later
// Limits of the sRGB display gamut, and the ways to come back within them, each called by name:
// clipped_to_gamut() takes off rounding noise and nothing else, brought_into_gamut() finds the nearest color
// that exists, at equal L* where that is promised, and Wheel::nearest_existing() keeps value and angle on a
// wheel.
#pragma once

#include "core/base/angle.h"
#include "core/color/spaces.h"

#include <optional>

namespace zc {

/// How far outside 0..1 a channel may lie and still count as on the edge: far above rounding noise of the
/// conversions (1e-14), far below half an 8-bit step (2e-3).
inline constexpr double kGamutTolerance = 1e-9;

[[nodiscard]] bool in_gamut(Srgb c);
/// The color with channels within kGamutTolerance of the edge put onto it; nothing when it lies outside.
[[nodiscard]] std::optional<Srgb> clipped_to_gamut(Srgb c);

/// Largest LCh(uv) chroma that sRGB holds at this L* (0..100) and hue; 0 at L* 0 and 100.
/// At one L* the gamut is a convex polygon in the u*v* plane bounded by the six lines on which a linear
/// channel is 0 or 1 (A. Boronine, HSLuv), so the ray never leaves and returns.
[[nodiscard]] double largest_chroma_luv(double l, Angle hue);

/// One just noticeable step in OKLab (CSS Color 4, 13.2).
inline constexpr double kJustNoticeable = 0.02;

/// The color of the display for any wish, also one far outside. What exists is left as it is. Otherwise the
/// nearest color in OKLab, a step in hue counting twice one in chroma or lightness, and never farther
/// from the wish (plainly measured) than clipping the channels by more than kJustNoticeable.
/// Continuous: the wish's distance, taken as quadratic at four places one after the other (Gauss-Newton), is
/// least at one place of the cube of linear light, which moves continuously with the wish. A reduction along
/// a hue, as in CSS Color 4, jumps where its ray leaves the gamut and returns. Numbers without bound
/// (1e12 and more) give a neutral.
[[nodiscard]] Srgb brought_into_gamut(Xyz c);
/// The same at the wish's own L* (limited to 0..100), which is met exactly: only chroma and, as little as can
/// be, hue give way. Never farther from the wish than the nearest color of that L* by more than
/// kJustNoticeable.
[[nodiscard]] Srgb brought_into_gamut_at_value(Xyz c);

/// The same for pictures, whose neighboring colors must stay neighbors: above the value of the display's
/// yellow (L* 97.1), where a hair in value is a leap in chroma, value gives way little by little; at white a
/// step in it still counts four times one in chroma.
[[nodiscard]] Srgb brought_into_gamut_near_value(Xyz c);

/// The six lines of largest_chroma_luv() at one L*: along line i, 1 / chroma = a[i] cos h + b[i] sin h, so
/// the first line a ray meets is the one with the largest sum. REQUIRES 0 < l < 100.
struct LuvEdge {
  explicit LuvEdge(double l);
  [[nodiscard]] double chroma(double cos_h, double sin_h) const;

  double a[6], b[6];
};

} // namespace zc
