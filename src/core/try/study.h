// SPDX-License-Identifier: GPL-3.0-or-later
// A picture in the colors of a set, area by area.
#pragma once

#include "core/try/areas.h"
#include "core/try/match.h"

#include <optional>

namespace zc {

/// The swatch of each area: the one it is bound to, or the one nearest to its mean. REQUIRES a swatch, and as
/// many bindings as areas.
[[nodiscard]] std::vector<std::size_t> swatches_of(const Areas& areas, const SwatchMatcher& matcher,
                                                   const std::vector<std::optional<std::size_t>>& bound);

/// Each area in its pixel; nothing where there is none. `out` holds width * height pixels. REQUIRES as many
/// pixels as areas.
void paint_areas(const Areas& areas, const std::vector<Pixel>& pixels, Pixel* out);

} // namespace zc
