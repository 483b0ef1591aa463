// SPDX-License-Identifier: GPL-3.0-or-later
// Keys of one letter or digit: typed where something takes text or searches by letters, shortcuts elsewhere;
// and the row of digits by its place, for layouts that have other signs there. A wheel changes a drop-down
// only where that has the focus.
#pragma once

#include <QObject>

class QKeyEvent;
class QWidget;

namespace zc {

/// Hears the keys and wheels of a window before its shortcuts and widgets do.
class KeyKeeper final : public QObject {
  Q_OBJECT
public:
  explicit KeyKeeper(QWidget& window);

signals:
  /// On the row of digits, 1 to 9, with no modifier, with Shift or with Ctrl.
  void digitPressed(int digit, Qt::KeyboardModifiers modifiers);

protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  [[nodiscard]] static bool wheel(QObject& watched, QEvent& event);
  /// True when nobody else is to hear of it.
  [[nodiscard]] bool key(const QWidget& widget, QKeyEvent& key);
  QWidget& m_window;
};

} // namespace zc
