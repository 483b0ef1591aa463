// SPDX-License-Identifier: GPL-3.0-or-later
// A study as shapes, and the pairing of two states of a set as a table.
#pragma once

#include "core/piece/pairing.h"
#include "core/try/areas.h"

#include <string>

namespace zc {

/// SVG 1.1: a path an area, filled with its color and titled by its name. REQUIRES as many colors and names
/// as areas.
[[nodiscard]] std::string study_svg(const Areas& areas, const std::vector<Srgb>& colors,
                                    const std::vector<std::string>& names);
/// CSV (RFC 4180): old, new, name.
[[nodiscard]] std::string pairs_csv(const std::vector<Pair>& pairs, const List<Family>& from,
                                    const List<Family>& to);

} // namespace zc
