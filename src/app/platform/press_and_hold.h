// SPDX-License-Identifier: GPL-3.0-or-later
// A press that is held still opens what the right button opens, with mouse, pen and finger alike.
#pragma once

#include <QBasicTimer>
#include <QObject>
#include <QPointF>
#include <QPointer>

class QWidget;

namespace zc {

class DragKeeper;

/// A widget with menus of the right button at some of its places.
class OffersMenu {
public:
  virtual ~OffersMenu() = default;
  [[nodiscard]] virtual bool offers_menu(QPointF p) const = 0;
};

/// Hears all presses of the program. What a press that is held had begun is called off first.
class PressAndHold final : public QObject {
  Q_OBJECT
public:
  explicit PressAndHold(DragKeeper& drags);
  /// A press that is held opens nothing any more: another piece is open.
  void stop() { m_timer.stop(); }

protected:
  bool eventFilter(QObject* watched, QEvent* event) override;
  void timerEvent(QTimerEvent* event) override;

private:
  void begin(QWidget& widget, QPointF at);
  void moved(QPointF to);
  DragKeeper& m_drags;
  QBasicTimer m_timer;
  QPointer<QWidget> m_pressed;
  QPointF m_at;
};

} // namespace zc
