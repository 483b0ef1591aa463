// SPDX-License-Identifier: GPL-3.0-or-later
// A picture of the window as it stands on the screen, for scripts.
#pragma once

#include <QString>

#include <functional>

class QWidget;

namespace zc {

/// Calls `then` once no thread of the program has had anything to do for a moment, or after half a minute.
void when_at_rest(QWidget& window, std::function<void()> then);
/// True when the file was written.
[[nodiscard]] bool write_window_picture(QWidget& window, const QString& path);

} // namespace zc
