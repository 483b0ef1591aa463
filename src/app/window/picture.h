// SPDX-License-Identifier: GPL-3.0-or-later
// A picture of the window as it stands on the screen, for scripts.
#pragma once

#include <QString>

class QWidget;

namespace zc {

/// True when the file was written.
[[nodiscard]] bool write_window_picture(QWidget& window, const QString& path);

} // namespace zc
