// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/unfinished.h"

#include "app/platform/drag_out.h"
#include "app/platform/drags.h"

#include <QAbstractButton>
#include <QAbstractSlider>
#include <QApplication>
#include <QDrag>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPlainTextEdit>
#include <QPointer>

namespace zc {
namespace {

/// At most so many menus are open within menus.
constexpr int kMostPopups = 20;

/// In every window: one that is not the active one can have a field that was typed in, too.
QList<QPointer<QWidget>> typed_fields() {
  QList<QPointer<QWidget>> out;
  for (const QWidget* window : QApplication::topLevelWidgets())
    if (QWidget* field = window->focusWidget(); field && takes_text(*field)) out << field;
  return out;
}

/// The toolkit's sliders take their moves until they hear of a release.
void let_go_of(QAbstractSlider& slider) {
  const QPointF at(slider.rect().center());
  QMouseEvent release(QEvent::MouseButtonRelease, at, slider.mapToGlobal(at), Qt::LeftButton, Qt::NoButton,
                      Qt::NoModifier);
  QCoreApplication::sendEvent(&slider, &release);
}

/// A button remembers a press, also when the pointer has left it and it looks as usual, and would be clicked
/// by a move back onto it; a release beside it ends that without a click, and is nothing to one not pressed.
void let_go_of(QAbstractButton& button) {
  const QPointF beside(-20, -20);
  QMouseEvent release(QEvent::MouseButtonRelease, beside, button.mapToGlobal(beside), Qt::LeftButton,
                      Qt::NoButton, Qt::NoModifier);
  QCoreApplication::sendEvent(&button, &release);
  button.setDown(false);
}

/// What is called off may change what others show, who make their widgets anew.
void call_off_presses() {
  const QWidgetList all = QApplication::allWidgets();
  for (const QPointer<QWidget>& widget : QList<QPointer<QWidget>>(all.begin(), all.end())) {
    if (!widget) continue;
    if (auto* view = dynamic_cast<Draggable*>(widget.data())) view->end_drag();
    if (!widget) continue;
    if (auto* button = qobject_cast<QAbstractButton*>(widget.data())) let_go_of(*button);
    if (!widget) continue;
    if (auto* slider = qobject_cast<QAbstractSlider*>(widget.data()); slider && slider->isSliderDown())
      let_go_of(*slider);
  }
}

} // namespace

bool takes_text(const QWidget& widget) {
  return qobject_cast<const QLineEdit*>(&widget) || qobject_cast<const QPlainTextEdit*>(&widget);
}

void commit_typed_text() {
  for (const QPointer<QWidget>& field : typed_fields()) {
    if (field) field->clearFocus();
    if (field && field->isVisible()) field->setFocus(Qt::OtherFocusReason);
  }
}

void end_what_hands_do() {
  for (const QPointer<QWidget>& field : typed_fields())
    if (field) field->clearFocus();
  if (dragging_out()) QDrag::cancel();
  call_off_presses();
  for (int closed = 0; closed < kMostPopups; ++closed) {
    QWidget* popup = QApplication::activePopupWidget();
    if (!popup) break;
    popup->close();
  }
}

bool hands_are_busy() {
  return dragging_out() || QApplication::activeModalWidget() || QApplication::activePopupWidget() ||
         QGuiApplication::mouseButtons() != Qt::NoButton;
}

} // namespace zc
