// SPDX-License-Identifier: GPL-3.0-or-later
// The form in which a color is handed over to another program as text.
#pragma once

#include "core/base/word.h"
#include "core/patterns/line_pattern.h"

namespace zc {

enum class HandForm { Hex, Digits, Rgb, Css, Own };
inline constexpr Word<HandForm> kHandFormWords[] = {{HandForm::Hex, "#rrggbb"},
                                                    {HandForm::Digits, "rrggbb"},
                                                    {HandForm::Rgb, "r, g, b"},
                                                    {HandForm::Css, "css"},
                                                    {HandForm::Own, "own"}};
/// What a painter who has not written a pattern yet starts from.
inline constexpr std::string_view kFirstPattern = "{hex} {name}";

/// `own` is the pattern of HandForm::Own. ERRORS: as LinePattern::read().
[[nodiscard]] Result<std::string> handed_text(HandForm form, std::string_view own, const LineFields& fields);

} // namespace zc
