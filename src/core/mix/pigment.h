// SPDX-License-Identifier: GPL-3.0-or-later
// Mixing colors as paint and as light.
#pragma once

#include "core/base/result.h"
#include "core/color/spaces.h"
#include "core/mix/spectral_data.h"

#include <optional>
#include <vector>

namespace zc {

/// Reflectance 0..1 every 10 nm from 380 to 730 nm.
using Reflectance = std::array<double, kBands>;

/// Real paints reflect neither nothing nor everything; curves are kept within these. Colors of a luminance
/// below twelve times the darkest have a lower floor of their own, or a mixture of two of them would be
/// lighter than both.
inline constexpr double kDarkestReflectance = 0.003;
inline constexpr double kLightestReflectance = 0.98;

/// XYZ under D65 for the 2-degree observer, scaled so that a perfect white has exactly the white of sRGB.
[[nodiscard]] Xyz xyz_of_reflectance(const Reflectance& curve);

struct Paint {
  Reflectance curve{};
  bool exact = true; ///< False when no paint has the color and the nearest paintable one stands for it.
  /// How often a part of it counts, above 0 and at most 1. K/S has no upper end, so the darkest curves would
  /// swallow every mixture: what absorbs more than a reflectance of 0.02 does counts less by as much (ours).
  double own_strength = 1;
};

/// The smoothest reflectance curve of a color: least squared slope of the hyperbolic arctangent of
/// reflectance (S. A. Burns, "Numerical methods for smoothest reflectance reconstruction", Color Research &
/// Application 45(1), 2020), with the bounds above in place of 0 and 1. Where no paint has the color the
/// nearest by CIEDE2000 of the most saturated ones stands for it: those whose curve has one step up and one
/// down (E. Schroedinger, "Theorie der Pigmente von groesster Leuchtkraft", Annalen der Physik 62, 1920).
[[nodiscard]] Paint paint_of(Srgb color);

/// A light over daylight, band by band: the smoothest curve that gives a white surface this color, scaled so
/// that the largest channel of that white is 1. Nothing for black. A color of the display's own edge has such
/// a curve too, since a light may be as dark as it needs to be.
[[nodiscard]] std::optional<Reflectance> light_of(Srgb color);

enum class MixAs { Paint, Light };

struct MixPart {
  Srgb color;
  double parts = 1;
};

struct Mixture {
  Srgb color;
  bool exact =
      true; ///< False when a part is no paint's color, or the mixture had to be brought into the gamut.
};

struct PaintPart {
  Paint paint;
  double parts = 1;
};
/// K/S of the curves added by parts, for paints recovered once and mixed often. REQUIRES at least one part,
/// each above 0 or at least one above 0 and none below.
[[nodiscard]] Mixture mix_paints(const std::vector<PaintPart>& parts);

/// Paint: K/S of the curves added by parts (single-constant Kubelka-Munk, K/S = (1 - R)^2 / 2R; P. Kubelka,
/// F. Munk 1931). Light: linear light averaged by parts. ERRORS: BadInput for fewer than one part, or parts
/// that are not above 0.
[[nodiscard]] Result<Mixture> mix(const std::vector<MixPart>& parts, MixAs as);

} // namespace zc
