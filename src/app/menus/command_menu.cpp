// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/command_menu.h"

#include "model/session/studio.h"

namespace zc {

CommandMenu::CommandMenu(const QString& title, QWidget* parent) : QMenu(title, parent) {
  setToolTipsVisible(true);
}

QAction* CommandMenu::add_command(const QString& name, const QString& text, const QString& tip,
                                  const QKeySequence& key, const std::function<void()>& run) {
  auto* action = addAction(text);
  action->setObjectName(name);
  action->setShortcut(key);
  action->setToolTip(tip);
  action->setStatusTip(tip);
  connect(action, &QAction::triggered, this, run);
  return action;
}

CommandMenu* CommandMenu::add_submenu(const QString& title) {
  auto* menu = new CommandMenu(title, this);
  addMenu(menu);
  return menu;
}

DeskMenu::DeskMenu(const QString& title, Desk desk, Studio& studio, QWidget* parent)
    : CommandMenu(title, parent) {
  const auto follow = [this, desk, &studio] { menuAction()->setVisible(studio.session().desk == desk); };
  studio.hear({Part::Desk}, this, follow);
  follow();
}

} // namespace zc
