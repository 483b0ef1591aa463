// Colors in the notation of CSS Color 4: hex, names, rgb(), hsl(), hwb(), lab(), lch(), oklab(), oklch(),
// color().
#pragma once

#include "core/color/spaces.h"

#include <optional>
#include <string_view>

namespace zc {

/// Nothing for what is no color; alpha is left aside. "none" counts as 0.
[[nodiscard]] std::optional<Xyz> css_color(std::string_view text);

} // namespace zc
