// SPDX-License-Identifier: GPL-3.0-or-later
// Masks as they are given on a line, and told.
#pragma once

#include "cli/line/answers.h"
#include "core/base/result.h"

namespace zc::cli {

inline constexpr Word<MaskRule> kRules[] = {
    {MaskRule::Held, "always"}, {MaskRule::Flagged, "mark"}, {MaskRule::Free, "no"}};

/// How the help says what an area is.
inline constexpr auto kAreaHelp =
    "polygon HUE,SATURATION three times or more; ellipse HUE,SATURATION of its middle, then "
    "ALONG,ACROSS,TURN; or sector FROM,SWEEP,INNER,OUTER: degrees, and saturations 0 to 1";
/// "polygon 10,0.9 60,0.8 200,0.3". ERRORS: BadInput.
[[nodiscard]] Result<Shape> shape_in(const std::string& text);
/// Null without a mask.
[[nodiscard]] Json mask_json(const Piece& piece);

} // namespace zc::cli
