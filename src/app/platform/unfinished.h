// SPDX-License-Identifier: GPL-3.0-or-later
// What hands are in the middle of, anywhere in the program: text being typed, drags, presses, open menus. It
// belongs to the piece it was begun in, and ends before another piece begins.
#pragma once

class QWidget;

namespace zc {

/// Whether text is typed into it.
[[nodiscard]] bool takes_text(const QWidget& widget);
/// A field with text that is being typed gives it to whoever takes it, as when it is left, and keeps the
/// focus as long as it stays.
void commit_typed_text();

/// Text being typed is taken, drags and presses are called off, menus are closed.
void end_what_hands_do();

/// True while a question, a menu, a press or a drag waits for the user's next act: what comes from outside
/// the program has to wait then.
[[nodiscard]] bool hands_are_busy();

} // namespace zc
