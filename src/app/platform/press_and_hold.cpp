// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/press_and_hold.h"

#include "app/platform/drags.h"

#include <QApplication>
#include <QContextMenuEvent>
#include <QLineF>
#include <QMouseEvent>
#include <QStyleHints>
#include <QWidget>

namespace zc {

PressAndHold::PressAndHold(DragKeeper& drags) : m_drags(drags) { qApp->installEventFilter(this); }

void PressAndHold::begin(QWidget& widget, QPointF at) {
  const auto* offers = dynamic_cast<const OffersMenu*>(&widget);
  if (!offers || !offers->offers_menu(at)) return m_timer.stop();
  m_pressed = &widget;
  m_at = at;
  m_timer.start(QGuiApplication::styleHints()->mousePressAndHoldInterval(), this);
}

void PressAndHold::moved(QPointF to) {
  if (QLineF(m_at, to).length() >= QGuiApplication::styleHints()->startDragDistance() / 2.0) m_timer.stop();
}

bool PressAndHold::eventFilter(QObject* watched, QEvent* event) {
  auto* widget = qobject_cast<QWidget*>(watched);
  if (!widget) return false;
  switch (event->type()) {
  case QEvent::MouseButtonPress: {
    const auto* press = static_cast<QMouseEvent*>(event);
    // Keys have a key for menus, and take their time; see KeyHand.
    const bool by_keys = press->source() == Qt::MouseEventSynthesizedByApplication;
    if (press->button() == Qt::LeftButton && !by_keys)
      begin(*widget, press->position());
    else
      m_timer.stop();
    break;
  }
  case QEvent::MouseMove:
    if (m_timer.isActive() && widget == m_pressed) moved(static_cast<QMouseEvent*>(event)->position());
    break;
  case QEvent::MouseButtonRelease:
    m_timer.stop();
    break;
  default:
    break;
  }
  return false;
}

void PressAndHold::timerEvent(QTimerEvent* event) {
  if (event->timerId() != m_timer.timerId()) return QObject::timerEvent(event);
  m_timer.stop();
  if (!m_pressed || !m_pressed->isVisible()) return;
  m_drags.call_off();
  if (!m_pressed) return;
  const QPoint at = m_at.toPoint();
  QContextMenuEvent asked(QContextMenuEvent::Other, at, m_pressed->mapToGlobal(at));
  QCoreApplication::sendEvent(m_pressed, &asked);
}

} // namespace zc
