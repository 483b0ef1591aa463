// SPDX-License-Identifier: GPL-3.0-or-later
// A color as it is typed or pasted: in a notation of its own, or as four inks of the chosen press.
#pragma once

#include "core/base/result.h"
#include "core/piece/code.h"
#include "core/press/press.h"

#include <QString>

namespace zc {

class Picking;
class Studio;

/// Nothing for what is no four numbers. ERRORS: BadInput past 100 percent, and without a press.
[[nodiscard]] Result<std::optional<Code>> typed_code(const QString& given, const Press* press);
/// The inks become the current color, as they are written; that no display shows them is told.
void use_inks(const Code& code, Studio& studio, Picking& picking);
/// It becomes the current color, with its code where it has one; what it is not is told.
void use_typed(const QString& given, Studio& studio, Picking& picking, const Press* press);

} // namespace zc
