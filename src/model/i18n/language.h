// SPDX-License-Identifier: GPL-3.0-or-later
// The language of the window: the desktop's, where we have it, and English elsewhere.
#pragma once

#include "core/base/sentence.h"
#include "core/color/spaces.h"
#include "core/sheet/sheet.h"

#include <QLocale>
#include <QString>

#include <string_view>

namespace zc {

/// Loads our words and the toolkit's for this language; again for another one. False where there are none of
/// ours, and then it is English.
bool speak(const QLocale& locale);
/// A word of the core in the language of the window, as in "yellow"; itself where it has no other.
[[nodiscard]] QString word(std::string_view of_core);
/// The same in place, where the core names what becomes the user's.
void put_in_words(std::string& of_core);
/// A sentence of the core or of the files, as in "The value must lie between 0 and 100."
[[nodiscard]] QString sentence(const Saying& said);
/// surround_name() as it stands before "surround".
[[nodiscard]] QString surround_word(const QString& of_theme);
/// color_in_words() in the language of the window, put together by its rule.
[[nodiscard]] QString color_name(Srgb c);
/// short_color_name() likewise.
[[nodiscard]] QString swatch_name(Srgb c);
/// hue_in_words() likewise.
[[nodiscard]] QString hue_word(Srgb c);
/// How sheets and plans that are written say what is ours.
[[nodiscard]] SheetWords words_of_sheets();

} // namespace zc
