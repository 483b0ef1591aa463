// SPDX-License-Identifier: GPL-3.0-or-later
// The tried picture, and what is found out by it.
#pragma once

#include "app/controls/late_widget.h"
#include "app/menus/command_menu.h"

namespace zc {

class Dialogs;
class FileJob;
class TryDesk;
class AppModel;

class TryMenu final : public DeskMenu {
  Q_OBJECT
public:
  TryMenu(AppModel& model, FileJob& job, Dialogs& dialogs, LateWidget<TryDesk>& desk, QWidget* parent);

private:
  void try_way(TryWay way);
  void save_picture();
  void save_fills();
  void by_exact_use(bool used, const std::function<void(const std::vector<Id>&)>& then);
  void let_go_of(const std::vector<Id>& unused);
  void mark_used(const std::vector<Id>& used);
  void save_pairs();

  AppModel& m_model;
  FileJob& m_job;
  Dialogs& m_dialogs;
  LateWidget<TryDesk>& m_try;
};

} // namespace zc
