// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/drags.h"

#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QAbstractScrollArea>
#include <QApplication>
#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QWidget>

#include <utility>

namespace zc {
namespace {

/// The widget, or the area whose viewport it is, where that can drag.
QWidget* view_of(QWidget& widget) {
  if (dynamic_cast<Draggable*>(&widget)) return &widget;
  auto* area = qobject_cast<QAbstractScrollArea*>(widget.parentWidget());
  return area && area->viewport() == &widget && dynamic_cast<Draggable*>(area) ? area : nullptr;
}

} // namespace

Parts Draggable::changed_by_drags() const {
  Parts out = Parts::all();
  out.remove(Part::Extracted);
  return out;
}

DragKeeper::DragKeeper(Studio& studio, Picking& picking) : m_studio(studio), m_picks(picking) {
  qApp->installEventFilter(this);
}

void DragKeeper::end() {
  const auto drag = std::exchange(m_drag, std::nullopt);
  if (!drag || !drag->view) return;
  dynamic_cast<Draggable&>(*drag->view).end_drag();
  m_picks.end_begun();
}

void DragKeeper::call_off() {
  const auto drag = std::exchange(m_drag, std::nullopt);
  if (!drag || !drag->view) return;
  auto& view = dynamic_cast<Draggable&>(*drag->view);
  const Parts parts = view.changed_by_drags();
  view.ask_back();
  view.end_drag();
  m_picks.forget_begun();
  if (drag->document != m_studio.document()) return;
  m_studio.store().take_back_drags(drag->last_step);
  m_studio.take(with_parts(m_studio.session(), drag->before, parts));
}

/// True when the press is swallowed.
bool DragKeeper::press(QObject& watched, const QSinglePointEvent& event) {
  if (dragging() && event.button() != m_drag->button) return true;
  // The release of the press before never came.
  if (dragging() && m_drag->widget != &watched) end();
  auto* widget = qobject_cast<QWidget*>(&watched);
  QWidget* view = widget ? view_of(*widget) : nullptr;
  if (!view) return false;
  m_drag = {
      view, widget, event.button(), m_studio.session(), m_studio.store().last_step(), m_studio.document()};
  return false;
}

bool DragKeeper::move(const QSinglePointEvent& event) {
  if (dragging() && !(event.buttons() & m_drag->button)) end();
  return false;
}

bool DragKeeper::release(QObject& watched, const QSinglePointEvent& event) {
  if (!dragging()) return false;
  if (event.button() != m_drag->button) return true;
  if (m_drag->widget == &watched) m_drag.reset();
  return false;
}

/// The right button opens nothing while another one drags. A menu asked for by key ends the drag.
bool DragKeeper::menu_asked(const QEvent& event) {
  if (!dragging() || m_drag->button == Qt::RightButton) return false;
  if (static_cast<const QContextMenuEvent&>(event).reason() == QContextMenuEvent::Mouse) return true;
  end();
  return false;
}

bool DragKeeper::key(const QEvent& event) {
  if (!dragging() || static_cast<const QKeyEvent&>(event).key() != Qt::Key_Escape) return false;
  if (event.type() == QEvent::KeyPress) call_off();
  return true;
}

bool DragKeeper::taken_away(const QObject& watched, const QEvent& event) const {
  if (!dragging()) return false;
  const auto* widget = qobject_cast<const QWidget*>(&watched);
  if (event.type() == QEvent::Hide) return widget == m_drag->widget;
  if (event.type() == QEvent::WindowDeactivate) return widget == m_drag->widget->window();
  return event.type() == QEvent::Show && widget && widget->windowType() == Qt::Popup;
}

bool DragKeeper::eventFilter(QObject* watched, QEvent* event) {
  switch (event->type()) {
  case QEvent::MouseButtonPress:
  case QEvent::MouseButtonDblClick:
    return press(*watched, static_cast<const QSinglePointEvent&>(*event));
  case QEvent::MouseMove:
    return move(static_cast<const QSinglePointEvent&>(*event));
  case QEvent::MouseButtonRelease:
    return release(*watched, static_cast<const QSinglePointEvent&>(*event));
  case QEvent::ContextMenu:
    return menu_asked(*event);
  case QEvent::ShortcutOverride:
  case QEvent::KeyPress: {
    const bool ours = key(*event);
    if (ours) event->accept();
    return ours;
  }
  case QEvent::Hide:
  case QEvent::Show:
  case QEvent::WindowDeactivate:
    if (taken_away(*watched, *event)) end();
    return false;
  default:
    return false;
  }
}

} // namespace zc
