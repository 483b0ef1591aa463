// SPDX-License-Identifier: GPL-3.0-or-later
// What fills an empty view, offered in the view itself, under the sentence that says what it is for.
#pragma once

#include "app/controls/word_control.h"

namespace zc {

/// It stays below the middle of the view, whatever size that takes. Hidden at first.
[[nodiscard]] WordControl* empty_action(const QString& name, const QString& word, const QString& tip,
                                        QWidget& view);

} // namespace zc
