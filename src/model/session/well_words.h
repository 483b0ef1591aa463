// SPDX-License-Identifier: GPL-3.0-or-later
// Wells and their rows in words.
#pragma once

#include "core/session/at_hand.h"

#include <QString>

namespace zc {

/// Its name, or its number. REQUIRES a row of the wells.
[[nodiscard]] QString well_row_words(const AtHand& at_hand, std::size_t row);
/// "well 3", with the name of its row where there are several.
[[nodiscard]] QString well_words(const AtHand& at_hand, std::size_t well);

} // namespace zc
