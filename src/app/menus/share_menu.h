// SPDX-License-Identifier: GPL-3.0-or-later
// The sheet, the press, files of the set, parcels.
#pragma once

#include "app/controls/late_widget.h"
#include "app/menus/command_menu.h"

namespace zc {

class Dialogs;
class Documents;
class SetFiles;
class ParcelPanel;
class ShareDesk;
class ShareFiles;
class AppModel;

class ShareMenu final : public DeskMenu {
  Q_OBJECT
public:
  ShareMenu(AppModel& model, Documents& documents, Dialogs& dialogs, ShareFiles& share_files,
            SetFiles& set_files, LateWidget<ShareDesk>& share, QWidget* parent);

private:
  void add_views();
  void add_sheet_commands();
  void add_press_commands();
  void hear_desk();
  void hear_parcels(ParcelPanel& parcels);
  void keep_sharing();
  void add_press();

  AppModel& m_model;
  Documents& m_documents;
  Dialogs& m_dialogs;
  ShareFiles& m_share_files;
  SetFiles& m_set_files;
  LateWidget<ShareDesk>& m_share;
};

} // namespace zc
