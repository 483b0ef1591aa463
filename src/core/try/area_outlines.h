// SPDX-License-Identifier: GPL-3.0-or-later
// The shapes of areas, for programs that draw shapes.
#pragma once

#include "core/try/areas.h"

#include <utility>
#include <vector>

namespace zc {

/// A closed line through corners of pixels, the first not repeated; the area lies to its right.
using AreaLoop = std::vector<std::pair<int, int>>;
/// Outlines and holes of each area, exactly along its pixels. What touches by a corner only is parted.
[[nodiscard]] std::vector<std::vector<AreaLoop>> area_outlines(const Areas& areas);

} // namespace zc
