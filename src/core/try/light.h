// SPDX-License-Identifier: GPL-3.0-or-later
// A set under a colored light and in the distance: changes to try.
#pragma once

#include "core/color/spaces.h"

namespace zc {

/// A surface under another light: its cone responses scaled as those of the light itself, the adaptation of
/// von Kries in the Bradford space (K. M. Lam 1985; matrix as in CIE 159:2004), backwards. `strength` 0 is
/// daylight, 1 the full light. The light's own lightness does not matter, its color does. What cannot be
/// shown is reduced in chroma at its value and hue.
[[nodiscard]] Srgb under_light(Srgb color, Srgb light, double strength);

/// Seen through air: mixed with its color in linear light; `amount` 0 is near, 1 the air alone.
[[nodiscard]] Srgb into_distance(Srgb color, Srgb air, double amount);

/// Both: first the light, then the air.
struct LightAndAir {
  Srgb light{1, 1, 1};
  double strength = 0; ///< 0..1.
  Srgb air{0.6, 0.7, 0.8};
  double amount = 0; ///< 0..1.
  [[nodiscard]] bool changes() const { return strength > 0 || amount > 0; }
  bool operator==(const LightAndAir&) const = default;
};
[[nodiscard]] Srgb lit(Srgb color, const LightAndAir& by);

} // namespace zc
