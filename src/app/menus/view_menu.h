// SPDX-License-Identifier: GPL-3.0-or-later
// Desks, eyes and how the window stands.
#pragma once

#include "app/menus/command_menu.h"
#include "app/theme/theme.h"

namespace zc {

class AppModel;

class ViewMenu final : public CommandMenu {
  Q_OBJECT
public:
  ViewMenu(AppModel& model, QWidget* parent);
  void show_beside(bool shown) { m_beside->setChecked(shown); }
  void show_tray_folded(bool folded) { m_tray->setChecked(folded); }
  void show_left_handed(bool left) { m_left_handed->setChecked(left); }

signals:
  void besideAsked();
  void watchAsked();
  void watchAgainAsked();
  void keyHandAsked();
  void foldTrayAsked(bool folded);
  void leftHandAsked(bool left);
  void surroundAsked(zc::Surround surround);

private:
  void add_visions();
  void add_sizes(CommandMenu& menu);

  AppModel& m_model;
  QAction *m_beside = nullptr, *m_tray = nullptr, *m_left_handed = nullptr;
};

} // namespace zc
