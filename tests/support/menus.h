// SPDX-License-Identifier: GPL-3.0-or-later
// What a menu offers when it opens, and what a painter chooses in it.
#pragma once

#include <QApplication>
#include <QContextMenuEvent>
#include <QMenu>
#include <QTest>
#include <QTimer>

namespace zc::test {

/// Does what opens a menu, lets it be looked at while it is open, and closes it. Waits a little for a menu
/// that comes late; false when none comes.
template <class Opens, class Look> bool with_menu(Opens&& opens, Look&& look) {
  bool seen = false;
  QTimer finds; // The menu has an event loop of its own.
  QObject::connect(&finds, &QTimer::timeout, [&] {
    auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
    if (!menu || seen) return;
    seen = true;
    look(*menu);
    menu->close();
  });
  finds.start(10);
  opens();
  return QTest::qWaitFor([&] { return seen; });
}

/// The words of all entries; none when no menu opens.
template <class Opens> [[nodiscard]] QStringList words_in_menu(Opens&& opens) {
  QStringList words;
  with_menu(opens, [&](const QMenu& menu) {
    for (const QAction* entry : menu.actions()) words << entry->text();
  });
  return words;
}

/// Chooses the entry of these words; false when the menu has none, or it cannot be chosen now.
template <class Opens> [[nodiscard]] bool chosen_from(Opens&& opens, const QString& words) {
  bool chosen = false;
  with_menu(opens, [&](const QMenu& menu) {
    for (QAction* entry : menu.actions()) {
      if (chosen || entry->text() != words || !entry->isEnabled()) continue;
      entry->trigger();
      chosen = true;
    }
  });
  return chosen;
}

/// As the right button does there.
inline void ask_for_menu(QWidget& view, QPointF at) {
  const QPoint p = at.toPoint();
  QContextMenuEvent asked(QContextMenuEvent::Mouse, p, view.mapToGlobal(p));
  QApplication::sendEvent(&view, &asked);
}

[[nodiscard]] inline bool chosen_at(QWidget& view, QPointF at, const QString& words) {
  return chosen_from([&] { ask_for_menu(view, at); }, words);
}

} // namespace zc::test
