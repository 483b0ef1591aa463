// SPDX-License-Identifier: GPL-3.0-or-later
// Small pictures in lists.
#pragma once

#include <QColor>
#include <QIcon>
#include <functional>

class QPainter;

namespace zc {

/// Painted each time it shows, into the rectangle, however the row is chosen. The toolkit's own icons are
/// tinted in a chosen row, and each leaves a copy and its name in a cache that only grows.
[[nodiscard]] QIcon painted_icon(std::function<void(QPainter&, const QRect&)> paint);
/// One color, as it is.
[[nodiscard]] QIcon color_icon(const QColor& color);

} // namespace zc
