// SPDX-License-Identifier: GPL-3.0-or-later
// A set under a colored light and in the distance: changes to try.
#pragma once

#include "core/base/range.h"
#include "core/color/spaces.h"
#include "core/mix/spectral_data.h"

#include <array>
#include <optional>
#include <vector>

namespace zc {

/// Stops of exposure: each doubles the light.
inline constexpr Range kExposureRange{-4, 4};

/// What surfaces look like under a light. Spectra are multiplied, not channels: each color's smoothest
/// reflectance curve (paint_of()) by the light over daylight (light_of()). At exposure 0 a white surface has
/// the light's own color, as bright as the display can show it; so a white wall in lamplight is the color of
/// the lamp. What is beyond the display, as under a longer exposure, is brought back at its value.
class UnderLight {
public:
  /// `strength` 0 is daylight, which changes nothing but the exposure; 1 is the full light; between them the
  /// ratio to daylight is raised to that power. The light's own lightness does not matter, its color does;
  /// black is no light, and stands for daylight.
  UnderLight(Srgb light, double strength, double stops);
  [[nodiscard]] bool changes() const { return m_ratio.has_value() || m_exposure != 1; }
  [[nodiscard]] Srgb seen(Srgb color) const;

private:
  std::optional<std::array<double, kBands>> m_ratio;
  double m_exposure = 1;
};

/// Seen through air: mixed with its color in linear light; `amount` 0 is near, 1 the air alone.
[[nodiscard]] Srgb into_distance(Srgb color, Srgb haze, double amount);

/// Both: first the light, then the air.
struct LightAndHaze {
  Srgb light{1, 1, 1};
  double strength = 0; ///< 0..1.
  double stops = 0;    ///< In kExposureRange.
  Srgb haze{0.6, 0.7, 0.8};
  double amount = 0; ///< 0..1.
  [[nodiscard]] bool changes() const { return strength > 0 || stops != 0 || amount > 0; }
  bool operator==(const LightAndHaze&) const = default;
};
[[nodiscard]] std::vector<Srgb> lit(const std::vector<Srgb>& colors, const LightAndHaze& by);

} // namespace zc
