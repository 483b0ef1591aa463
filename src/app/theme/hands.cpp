// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/theme/hands.h"

#include <QGestureEvent>
#include <QNativeGestureEvent>
#include <QPinchGesture>
#include <QWheelEvent>
#include <QWidget>

namespace zc {
namespace {

std::optional<TwoFingers> on_screen(QWidget& widget, QGestureEvent& event) {
  const auto* pinch = static_cast<QPinchGesture*>(event.gesture(Qt::PinchGesture));
  if (!pinch) return std::nullopt;
  event.accept();
  return TwoFingers{pinch->scaleFactor(), widget.mapFromGlobal(pinch->centerPoint()),
                    pinch->centerPoint() - pinch->lastCenterPoint()};
}

std::optional<TwoFingers> on_pad(const QNativeGestureEvent& event) {
  if (event.gestureType() != Qt::ZoomNativeGesture) return std::nullopt;
  return TwoFingers{1 + event.value(), event.position(), {}};
}

/// A pad says when fingers come and go, and moves by pixels.
std::optional<TwoFingers> scrolled(const QWheelEvent& event) {
  const bool fingers = event.phase() != Qt::NoScrollPhase && !event.pixelDelta().isNull();
  if (!fingers || event.modifiers() != Qt::NoModifier) return std::nullopt;
  return TwoFingers{1, event.position(), event.pixelDelta()};
}

} // namespace

void listen_to_two_fingers(QWidget& widget) { widget.grabGesture(Qt::PinchGesture); }

std::optional<TwoFingers> two_fingers(QWidget& widget, QEvent& event) {
  switch (event.type()) {
  case QEvent::Gesture:
    return on_screen(widget, static_cast<QGestureEvent&>(event));
  case QEvent::NativeGesture:
    return on_pad(static_cast<QNativeGestureEvent&>(event));
  case QEvent::Wheel:
    return scrolled(static_cast<QWheelEvent&>(event));
  default:
    return std::nullopt;
  }
}

} // namespace zc
