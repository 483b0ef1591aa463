// SPDX-License-Identifier: GPL-3.0-or-later
// Color spaces by the names CSS Color 4 gives them, as exchange files use them.
#pragma once

#include "core/color/spaces.h"

#include <array>
#include <optional>
#include <string_view>

namespace zc {

/// CIELAB relative to D50 (ICC PCS white 0.9642, 1, 0.8249), as files of the print trade and CSS mean it.
struct LabD50 {
  double l = 0, a = 0, b = 0;
  bool operator==(const LabD50&) const = default;
};
/// Adapted between D65 and D50 by the Bradford transform (ICC.1:2022, Annex E).
[[nodiscard]] LabD50 lab_d50_from_srgb(Srgb c);
[[nodiscard]] Xyz xyz_from_lab_d50(LabD50 c);
/// XYZ relative to D50 to XYZ relative to D65.
[[nodiscard]] Xyz xyz_d65_from_d50(Xyz c);
[[nodiscard]] Xyz xyz_d50_from_d65(Xyz c);

/// XYZ of a color in a space named as in CSS Color 4: srgb, srgb-linear, hsl, hwb, lab, lch, oklab, oklch,
/// display-p3, a98-rgb, prophoto-rgb, rec2020, xyz, xyz-d65, xyz-d50. Components as in CSS: RGB 0..1, hue in
/// degrees, saturation, whiteness, blackness and the lightness of hsl 0..100, L of lab and lch 0..100, L of
/// oklab and oklch 0..1. Nothing for a name that is not known.
[[nodiscard]] std::optional<Xyz> xyz_in_space(std::string_view space,
                                              const std::array<double, 3>& components);

/// The color as the display can show it, and whether it had to be moved for that: by less chroma at its L*
/// and hue.
struct Displayed {
  Srgb color;
  bool moved = false;
};
[[nodiscard]] Displayed displayed(Xyz c);

} // namespace zc
