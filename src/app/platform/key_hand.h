// SPDX-License-Identifier: GPL-3.0-or-later
// A pointer moved by keys, for all that is otherwise done with a mouse or a pen. Over the view with the focus
// arrows move it (far with Shift, by a pixel with Alt), Enter clicks, Space takes hold and lets go, the Menu
// key opens what the right button opens there; Escape calls off a drag, and then ends it.
#pragma once

#include <QEvent>
#include <QObject>
#include <QPointF>
#include <QPointer>

class QKeyEvent;
class QWidget;

namespace zc {

class DragKeeper;

class KeyHand final : public QObject {
  Q_OBJECT
public:
  explicit KeyHand(DragKeeper& drags);
  /// Begins on the view with the focus, or ends. False when what has the focus cannot be pointed at.
  bool turn();
  [[nodiscard]] bool on() const { return m_view; }
  /// What it holds is let go where it is, and dropped nowhere.
  void end();

protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  void begin(QWidget& view);
  void move_by(QPointF way);
  void press(Qt::KeyboardModifiers modifiers);
  void release(Qt::KeyboardModifiers modifiers);
  void send(QEvent::Type type, Qt::MouseButton button, Qt::KeyboardModifiers modifiers);
  [[nodiscard]] bool key(const QKeyEvent& event);
  void open_menu();
  DragKeeper& m_drags;
  QPointer<QWidget> m_view;    ///< With the focus.
  QPointer<QWidget> m_pointed; ///< That hears of the pointer: its viewport, where it has one.
  QPointer<QWidget> m_mark;
  QPointF m_at; ///< In m_pointed.
};

} // namespace zc
