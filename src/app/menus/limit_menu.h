// SPDX-License-Identifier: GPL-3.0-or-later
// The mask and its areas.
#pragma once

#include "app/controls/late_widget.h"
#include "app/menus/command_menu.h"

namespace zc {

class LimitDesk;
class AppModel;
class Dialogs;

class LimitMenu final : public DeskMenu {
  Q_OBJECT
public:
  LimitMenu(AppModel& model, LateWidget<LimitDesk>& limit, Dialogs& dialogs, QWidget* parent);

private:
  void show_keys(bool on);
  void save_key_sheet();
  AppModel& m_model;
  LateWidget<LimitDesk>& m_limit;
  Dialogs& m_dialogs;
};

} // namespace zc
