// SPDX-License-Identifier: GPL-3.0-or-later
// Colors as text.
#pragma once

#include "core/base/result.h"
#include "core/color/spaces.h"

#include <string>
#include <string_view>

namespace zc {

/// "#rrggbb" in lower case.
[[nodiscard]] std::string hex_of(Srgb8 c);
[[nodiscard]] std::string hex_of(Srgb c);

/// Reads "#rrggbb", "#rgb" (the number sign may be left out) or "srgb:R,G,B" with numbers 0..1. Spaces around
/// it are ignored. ERRORS: BadInput with one sentence that quotes the text.
[[nodiscard]] Result<Srgb> parse_color(std::string_view text);

/// Reads exactly `count` numbers parted by commas, in the C locale. ERRORS: BadInput.
[[nodiscard]] Result<std::array<double, 3>> parse_three_numbers(std::string_view text);

} // namespace zc
