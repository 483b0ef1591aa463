// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/key_hand.h"

#include "app/platform/drags.h"

#include <QAbstractScrollArea>
#include <QApplication>
#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>

namespace zc {
namespace {

constexpr double kStep = 8, kFarStep = 48;
constexpr int kMark = 25;

/// A cross that is open in its middle; closed by a ring while it holds something.
class Mark final : public QWidget {
public:
  Mark(QWidget& window, const DragKeeper& drags) : QWidget(&window), m_drags(drags) {
    setObjectName(QStringLiteral("keyHand"));
    setAttribute(Qt::WA_TransparentForMouseEvents);
    resize(kMark, kMark);
  }

protected:
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QPointF middle = QRectF(rect()).center();
    for (const auto& [color, wide] : {std::pair(Qt::black, 3.6), std::pair(Qt::white, 1.4)}) {
      painter.setPen(QPen(color, wide));
      for (const QPointF way : {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)})
        painter.drawLine(middle + way * 4, middle + way * 10);
      if (m_drags.dragging()) painter.drawEllipse(middle, 6, 6);
    }
  }

private:
  const DragKeeper& m_drags;
};

QPointF way_of(const QKeyEvent& event) {
  const bool far = event.modifiers() & Qt::ShiftModifier, near = event.modifiers() & Qt::AltModifier;
  const double step = far ? kFarStep : near ? 1 : kStep;
  switch (event.key()) {
  case Qt::Key_Left:
    return {-step, 0};
  case Qt::Key_Right:
    return {step, 0};
  case Qt::Key_Up:
    return {0, -step};
  case Qt::Key_Down:
    return {0, step};
  default:
    return {};
  }
}

} // namespace

KeyHand::KeyHand(DragKeeper& drags) : m_drags(drags) { qApp->installEventFilter(this); }

bool KeyHand::turn() {
  if (on()) return end(), true;
  QWidget* view = QApplication::focusWidget();
  if (!view || !dynamic_cast<Draggable*>(view) || view->inherits("QLineEdit")) return false;
  begin(*view);
  return true;
}

void KeyHand::begin(QWidget& view) {
  const auto* area = qobject_cast<QAbstractScrollArea*>(&view);
  m_view = &view;
  m_pointed = area ? area->viewport() : &view;
  m_at = QRectF(m_pointed->rect()).center().toPoint();
  m_mark = new Mark(*view.window(), m_drags);
  m_mark->show();
  move_by({});
}

void KeyHand::end() {
  QWidget* pointed = m_pointed;
  if (on()) m_drags.end();
  delete m_mark;
  m_view.clear();
  m_pointed.clear();
  if (!pointed) return;
  QEvent left(QEvent::Leave);
  QCoreApplication::sendEvent(pointed, &left);
}

/// Over the view; while something is held over the whole window.
void KeyHand::move_by(QPointF way) {
  QWidget* window = m_pointed->window();
  const QRectF room = m_drags.dragging()
                          ? QRectF(m_pointed->mapFrom(window, QPoint()), QSizeF(window->size()))
                          : QRectF(m_pointed->rect());
  m_at = {std::clamp(m_at.x() + way.x(), room.left(), room.right() - 1),
          std::clamp(m_at.y() + way.y(), room.top(), room.bottom() - 1)};
  m_mark->move(m_pointed->mapTo(window, m_at.toPoint()) - QPoint(kMark / 2, kMark / 2));
  m_mark->raise();
  send(QEvent::MouseMove, Qt::NoButton, {});
}

void KeyHand::send(QEvent::Type type, Qt::MouseButton button, Qt::KeyboardModifiers modifiers) {
  if (!m_pointed) return;
  const bool down = type == QEvent::MouseButtonPress || (type == QEvent::MouseMove && m_drags.dragging());
  const QPointF global = m_pointed->mapToGlobal(m_at);
  QMouseEvent event(type, m_at, m_pointed->mapTo(m_pointed->window(), m_at), global, button,
                    down ? Qt::LeftButton : Qt::NoButton, modifiers, Qt::MouseEventSynthesizedByApplication);
  QCoreApplication::sendEvent(m_pointed, &event);
  if (m_mark) m_mark->update();
}

void KeyHand::press(Qt::KeyboardModifiers modifiers) {
  send(QEvent::MouseButtonPress, Qt::LeftButton, modifiers);
}

void KeyHand::release(Qt::KeyboardModifiers modifiers) {
  send(QEvent::MouseButtonRelease, Qt::LeftButton, modifiers);
}

void KeyHand::open_menu() {
  QContextMenuEvent asked(QContextMenuEvent::Other, m_at.toPoint(), m_pointed->mapToGlobal(m_at.toPoint()));
  QCoreApplication::sendEvent(m_pointed, &asked);
}

/// True for the keys it takes.
bool KeyHand::key(const QKeyEvent& event) {
  const bool acts = event.type() == QEvent::KeyPress;
  const Qt::KeyboardModifiers with = event.modifiers() & ~Qt::KeypadModifier;
  if (const QPointF way = way_of(event); !way.isNull()) {
    if (acts) move_by(way);
    return true;
  }
  switch (event.key()) {
  case Qt::Key_Return:
  case Qt::Key_Enter:
    if (!acts) return true;
    if (!m_drags.dragging()) press(with);
    release(with);
    return true;
  case Qt::Key_Space:
    if (acts && !event.isAutoRepeat()) m_drags.dragging() ? release(with) : press(with);
    return true;
  case Qt::Key_Escape:
    if (m_drags.dragging()) return false; // That is called off first.
    if (acts) end();
    return true;
  default:
    return false;
  }
}

bool KeyHand::eventFilter(QObject* watched, QEvent* event) {
  if (!on()) return false;
  switch (event->type()) {
  case QEvent::ShortcutOverride:
  case QEvent::KeyPress: {
    const bool ours = watched == m_view && key(static_cast<const QKeyEvent&>(*event));
    if (ours) event->accept();
    return ours;
  }
  case QEvent::KeyRelease:
    return watched == m_view && static_cast<const QKeyEvent&>(*event).key() == Qt::Key_Space;
  case QEvent::ContextMenu: {
    const bool ours = watched == m_view &&
                      static_cast<const QContextMenuEvent&>(*event).reason() == QContextMenuEvent::Keyboard;
    if (ours) open_menu();
    return ours;
  }
  case QEvent::MouseButtonPress:
    // The hand is at the mouse again.
    if (event->spontaneous()) end();
    return false;
  case QEvent::FocusOut:
    // A menu or a name that is typed comes back to the view.
    if (watched == m_view && !QApplication::activePopupWidget() &&
        static_cast<const QFocusEvent&>(*event).reason() != Qt::PopupFocusReason)
      end();
    return false;
  case QEvent::Hide:
    if (watched == m_view) end();
    return false;
  default:
    return false;
  }
}

} // namespace zc
