// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/keys.h"

#include "app/platform/unfinished.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QComboBox>
#include <QKeyEvent>

namespace zc {
namespace {

/// The kernel numbers the row of digits from 2 on, and X11 and Wayland add 8 to that.
constexpr quint32 kFirstDigit = 10, kLastDigit = 18;

bool takes_letters(const QWidget& widget) {
  return takes_text(widget) || qobject_cast<const QComboBox*>(&widget) ||
         qobject_cast<const QAbstractItemView*>(&widget);
}

/// The digit, 1 to 9, that a key of the row above the letters stands for by its place, whatever the layout
/// writes with it. 0 for other keys, and where the platform does not tell places.
int digit_by_place(const QKeyEvent& event) {
  const quint32 code = event.nativeScanCode();
  return code >= kFirstDigit && code <= kLastDigit ? static_cast<int>(code - kFirstDigit) + 1 : 0;
}

bool writes(const QKeyEvent& event) {
  const bool plain = !(event.modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier));
  return plain && !event.text().isEmpty() && event.text().front().isPrint();
}

} // namespace

KeyKeeper::KeyKeeper(QWidget& window) : QObject(&window), m_window(window) { qApp->installEventFilter(this); }

bool KeyKeeper::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::Wheel) return wheel(*watched, *event);
  if (event->type() != QEvent::ShortcutOverride && event->type() != QEvent::KeyPress) return false;
  const auto* widget = qobject_cast<const QWidget*>(watched);
  return widget && widget->window() == &m_window && key(*widget, static_cast<QKeyEvent&>(*event));
}

/// What is around a drop-down without the focus may take the wheel.
bool KeyKeeper::wheel(QObject& watched, QEvent& event) {
  const auto* box = qobject_cast<const QComboBox*>(&watched);
  if (!box || box->hasFocus()) return false;
  event.ignore();
  return true;
}

bool KeyKeeper::key(const QWidget& widget, QKeyEvent& key) {
  const bool asked = key.type() == QEvent::ShortcutOverride;
  if (takes_letters(widget) && writes(key)) {
    if (asked) key.accept();
    return asked;
  }
  const int digit = digit_by_place(key);
  const Qt::KeyboardModifiers with = key.modifiers();
  const bool ours = with == Qt::NoModifier || with == Qt::ShiftModifier || with == Qt::ControlModifier;
  if (!digit || !ours) return false;
  key.accept();
  if (!asked) emit digitPressed(digit, with);
  return true;
}

} // namespace zc
