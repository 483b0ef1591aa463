// SPDX-License-Identifier: GPL-3.0-or-later
// Drags end as they began. In every view a drag goes on while the button that began it is down; another
// button does nothing meanwhile; Escape puts back what was; and whatever takes the hand away ends it where it
// is.
#pragma once

#include "core/session/session.h"
#include "model/document/piece_store.h"

#include <QObject>
#include <QPointer>

#include <optional>

class QSinglePointEvent;
class QWidget;

namespace zc {

class Picking;
class Studio;

/// A widget that can be in the middle of a drag.
class Draggable {
public:
  virtual ~Draggable() = default;
  /// The drag ends where it is. Until the next press the widget is as if nothing were pressed.
  virtual void end_drag() = 0;
  /// What drags here can change of the session; it is put back when one is called off: unless a view says
  /// otherwise everything but the colors taken from photos, which can arrive meanwhile.
  [[nodiscard]] virtual Parts changed_by_drags() const;
  /// A drag is called off: a field that only tells others what it wants asks for what it showed before.
  virtual void ask_back() {}
};

/// Hears all presses of the program, and keeps the rule above for every draggable widget.
class DragKeeper final : public QObject {
  Q_OBJECT
public:
  DragKeeper(Studio& studio, Picking& picking);
  /// A button is down that was pressed on a draggable widget.
  [[nodiscard]] bool dragging() const { return m_drag && m_drag->view && m_drag->widget; }
  /// Ends the drag, and what it has changed is again what it was when the button went down.
  void call_off();
  /// Ends the drag where it is.
  void end();

protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  struct Drag {
    QPointer<QWidget> view, widget; ///< That drags, and whose events they are: its viewport, if it has one.
    Qt::MouseButton button = Qt::NoButton;
    Session before;
    StepNumber last_step = 0;
    DocumentId document = 0;
  };
  [[nodiscard]] bool press(QObject& watched, const QSinglePointEvent& event);
  [[nodiscard]] bool move(const QSinglePointEvent& event);
  [[nodiscard]] bool release(QObject& watched, const QSinglePointEvent& event);
  [[nodiscard]] bool menu_asked(const QEvent& event);
  [[nodiscard]] bool key(const QEvent& event);
  [[nodiscard]] bool taken_away(const QObject& watched, const QEvent& event) const;
  Studio& m_studio;
  Picking& m_picks;
  std::optional<Drag> m_drag;
};

} // namespace zc
