// SPDX-License-Identifier: GPL-3.0-or-later
// What a painter chooses in a menu that opens.
#pragma once

#include <QApplication>
#include <QContextMenuEvent>
#include <QMenu>
#include <QTimer>

namespace zc::test {

/// Opens a menu and chooses the entry of these words in it; false where there is no such entry to be had.
template <class Opens> [[nodiscard]] bool chosen_from(Opens&& opens, const QString& words) {
  bool chosen = false;
  QTimer::singleShot(0, qApp, [&] {
    auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
    if (!menu) return;
    for (QAction* entry : menu->actions()) {
      if (chosen || entry->text() != words || !entry->isEnabled()) continue;
      entry->trigger();
      chosen = true;
    }
    menu->close();
  });
  opens();
  return chosen;
}

/// The same of the menu that the right button opens there.
[[nodiscard]] inline bool chosen_at(QWidget& view, QPointF at, const QString& words) {
  const QPoint p = at.toPoint();
  return chosen_from(
      [&] {
        QContextMenuEvent asked(QContextMenuEvent::Mouse, p, view.mapToGlobal(p));
        QApplication::sendEvent(&view, &asked);
      },
      words);
}

} // namespace zc::test
