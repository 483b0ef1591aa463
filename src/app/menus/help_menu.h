// SPDX-License-Identifier: GPL-3.0-or-later
// Help: the handbook, the first steps, what a report needs.
#pragma once

#include "app/menus/command_menu.h"

namespace zc {

class Dialogs;

class HelpMenu final : public CommandMenu {
  Q_OBJECT
public:
  HelpMenu(Studio& model, Dialogs& dialogs, QWidget* parent);

signals:
  void handbookAsked(const QString& page);
  void stepsAsked();

private:
  Studio& m_model;
  Dialogs& m_dialogs;
};

} // namespace zc
