// SPDX-License-Identifier: GPL-3.0-or-later
// The form in which a color is copied on pick to another program as text.
#pragma once

#include "core/base/word.h"
#include "core/patterns/line_pattern.h"

namespace zc {

enum class CopyForm { Hex, Digits, Rgb, Css, Own };
inline constexpr Word<CopyForm> kCopyFormWords[] = {{CopyForm::Hex, "#rrggbb"},
                                                    {CopyForm::Digits, "rrggbb"},
                                                    {CopyForm::Rgb, "r, g, b"},
                                                    {CopyForm::Css, "css"},
                                                    {CopyForm::Own, "own"}};
/// What a user who has not written a pattern yet starts from.
inline constexpr std::string_view kFirstPattern = "{hex} {name}";

/// `own` is the pattern of CopyForm::Own. ERRORS: as LinePattern::read().
[[nodiscard]] Result<std::string> handed_text(CopyForm form, std::string_view own, const LineFields& fields);

} // namespace zc
