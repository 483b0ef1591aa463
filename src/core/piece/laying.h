// Laying whole families of colors: strings, extracted palettes, key colors.
#pragma once

#include "core/piece/set_edits.h"

namespace zc {

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
/// OKLab hues, named by the trade's hue on the traditional wheel.
[[nodiscard]] std::vector<LaidFamily> grouped_by_hue(const std::vector<LaidColor>& colors);

} // namespace zc
