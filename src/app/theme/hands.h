// SPDX-License-Identifier: GPL-3.0-or-later
// What hands do beside pressing and dragging: two fingers on a screen or a pad.
#pragma once

#include <QPointF>

#include <optional>

class QEvent;
class QWidget;

namespace zc {

/// Two fingers that spread, close or wander together.
struct TwoFingers {
  double zoom = 1; ///< Factor since the event before.
  QPointF about;   ///< In the widget.
  QPointF pan;     ///< In pixels of the widget.
};

/// Asks for such events.
void listen_to_two_fingers(QWidget& widget);
/// What two fingers do in a pinch on a screen, in a pinch or a scroll with two fingers on a pad; nothing for
/// any other event. A wheel of a mouse is none.
[[nodiscard]] std::optional<TwoFingers> two_fingers(QWidget& widget, QEvent& event);

} // namespace zc
