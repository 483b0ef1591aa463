// SPDX-License-Identifier: GPL-3.0-or-later
// Pieces, photos, palettes and parcels, in and out.
#pragma once

#include "app/menus/command_menu.h"

namespace zc {

/// Setting: files of another start go to the running window.
inline constexpr auto kOneWindowKey = "oneWindow";

class Arrivals;
class Documents;
class SetFiles;

class FileMenu final : public CommandMenu {
  Q_OBJECT
public:
  FileMenu(Documents& documents, SetFiles& set_files, Arrivals& arrivals, QWidget* parent);

signals:
  void cardAsked();
  void quitAsked();

private:
  void fill_recent(QMenu* menu);

  Documents& m_documents;
  SetFiles& m_set_files;
  Arrivals& m_arrivals;
};

} // namespace zc
