// SPDX-License-Identifier: GPL-3.0-or-later
// Codes of colors in words.
#pragma once

#include "core/piece/code.h"

#include <QString>

namespace zc {

/// "C 20  M 40  Y 0  K 10".
[[nodiscard]] QString ink_words(const Ink& ink);
/// Its four inks, or its name in its book.
[[nodiscard]] QString code_words(const Code& code);
/// The same with the press or the book it belongs to, and what a display cannot show of it.
[[nodiscard]] QString code_told(const Code& code);

} // namespace zc
