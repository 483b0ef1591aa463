// SPDX-License-Identifier: GPL-3.0-or-later
// Limits of the sRGB display gamut, and the three ways to come back within them, each called by name:
// clipped_to_gamut() takes off rounding noise and nothing else, chroma_reduced() keeps L* and hue, and
// Wheel::nearest_existing() keeps value and angle on a wheel.
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

/// The nearest color of equal L* and CIELAB hue that the display can show, by reducing chroma. L* is first
/// limited to 0..100.
[[nodiscard]] Srgb chroma_reduced(Lab c);

/// The six lines of largest_chroma_luv() at one L*: along line i, 1 / chroma = a[i] cos h + b[i] sin h, so
/// the first line a ray meets is the one with the largest sum. REQUIRES 0 < l < 100.
struct LuvEdge {
  explicit LuvEdge(double l);
  [[nodiscard]] double chroma(double cos_h, double sin_h) const;

  double a[6], b[6];
};

} // namespace zc
