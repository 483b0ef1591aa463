// SPDX-License-Identifier: GPL-3.0-or-later
// Colors in the notation of CSS Color 4: hex, names, rgb(), hsl(), hwb(), lab(), lch(), oklab(), oklch(),
// color().
#pragma once

#include "core/base/result.h"
#include "core/color/ink.h"
#include "core/color/named_spaces.h"

#include <optional>
#include <string_view>

namespace zc {

struct CssColor {
  Xyz color;
  double alpha = 1; ///< 0..1.
};
/// CSS Color 4 as a whole but for calc(), currentcolor and the colors of a system: "none" counts as 0, and
/// numbers beyond their ends are brought to them where the standard says so (rgb(300 0 0) is red). Nothing
/// for what is no color there, and for "transparent".
[[nodiscard]] std::optional<CssColor> css_color(std::string_view text);

/// Four inks as a user types or pastes them, in percent: "20 40 0 10", "20, 40, 0, 10" or "cmyk 20 40 0 10",
/// each with a percent sign or without; nothing for what is no four numbers. ERRORS: BadInput for shares
/// outside 0..100.
[[nodiscard]] Result<std::optional<Ink>> typed_inks(std::string_view text);

/// A color as a user types or pastes it: a notation of css_color(), hex with or without the number sign,
/// or srgb:R,G,B. ERRORS: BadInput with one sentence for what is no color, and for one that is not opaque.
[[nodiscard]] Result<Displayed> typed_color(std::string_view text);

} // namespace zc
