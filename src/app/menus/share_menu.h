// SPDX-License-Identifier: GPL-3.0-or-later
// The sheet, the press, files of the set, parcels.
#pragma once

#include "app/menus/command_menu.h"

namespace zc {

class Dialogs;
class Documents;
class SetFiles;
class ShareDesk;
class ShareFiles;
class AppModel;

class ShareMenu final : public DeskMenu {
  Q_OBJECT
public:
  ShareMenu(AppModel& model, Documents& documents, Dialogs& dialogs, ShareFiles& share_files,
            SetFiles& set_files, ShareDesk& share, QWidget* parent);

private:
  void add_views();
  void add_sheet_commands();
  void add_press_commands();
  void hear_desk();
  void keep_sharing();
  void add_press();

  AppModel& m_model;
  Documents& m_documents;
  Dialogs& m_dialogs;
  ShareFiles& m_share_files;
  SetFiles& m_set_files;
  ShareDesk& m_share;
};

} // namespace zc
