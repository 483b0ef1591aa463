// SPDX-License-Identifier: GPL-3.0-or-later
// Laying whole families of colors: ramps, extracted palettes, key colors.
#pragma once

#include "core/piece/set_edits.h"

namespace zc {

/// A color as a new swatch of a family, or of a first one that is made when `family` is 0.
[[nodiscard]] Result<Piece> with_color_laid(Piece piece, Id family, const LaidColor& color);
/// A color under this name, into the family of this name in the current set, which is made when it is not
/// there; without a name as above, into the last family. ERRORS: BadInput for a bad name.
[[nodiscard]] Result<Piece> with_color_laid_as(Piece piece, const LaidColor& color, const std::string& name,
                                               const std::string& family);
/// Copies of swatches likewise; those without a name are named by their color.
[[nodiscard]] Result<Piece> with_swatches_pasted_into(Piece piece, Id family,
                                                      const std::vector<Swatch>& swatches);
/// The swatch laid last. REQUIRES a family with swatches.
[[nodiscard]] Id newest_of(const Family& family);

/// The corners of a mask at a value, each as the nearest color that exists. ERRORS: BadInput without a mask
/// in use that has corners.
[[nodiscard]] Result<std::vector<LaidColor>> corner_colors(const Piece& piece, double value);

/// A whole family of colors in one step; a taken name gets a number. ERRORS: BadInput for a bad name or no
/// colors.
[[nodiscard]] Result<Piece> with_laid_family(Piece piece, const std::string& name,
                                             const std::vector<LaidColor>& colors);

/// Several families in one step.
struct LaidFamily {
  std::string name;
  std::vector<LaidColor> colors;
};
[[nodiscard]] Result<Piece> with_laid_families(Piece piece, const std::vector<LaidFamily>& families);
/// Colors suggested as families by hue: neutrals together, the others parted at the widest gaps between their
/// OKLab hues, named by the trade's hue of their middle on the traditional wheel.
[[nodiscard]] std::vector<LaidFamily> grouped_by_hue(const std::vector<LaidColor>& colors);
/// Colors suggested as families "light", "middle" and "dark"; without those that would be empty.
[[nodiscard]] std::vector<LaidFamily> grouped_by_band(const std::vector<LaidColor>& colors,
                                                      const Bands& bands);

} // namespace zc
