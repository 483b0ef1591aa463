// SPDX-License-Identifier: GPL-3.0-or-later
// Letters that open menus and choose in them: each once in a menu, whatever the language made of its words.
#pragma once

#include <QStringList>

class QMenu;
class QMenuBar;

namespace zc {

/// The words, each with a letter of its own behind an ampersand: the one that is given, where no word before
/// it has that; else the first letter of one of its words, or any letter of it, that is free; none where all
/// are taken. Letters of `taken` are others'.
[[nodiscard]] QStringList with_mnemonics(const QStringList& words, const QString& taken = {});

/// For the entries of the bar, of which those of the desks stand in one place, and of all menus in it, each
/// time one is opened.
void keep_mnemonics(QMenuBar& bar);

} // namespace zc
