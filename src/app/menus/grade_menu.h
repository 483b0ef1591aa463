// SPDX-License-Identifier: GPL-3.0-or-later
// The set as a whole.
#pragma once

#include "app/menus/command_menu.h"

namespace zc {

class AppModel;

class GradeMenu final : public DeskMenu {
  Q_OBJECT
public:
  GradeMenu(AppModel& model, QWidget* parent);

private:
  AppModel& m_model;
};

} // namespace zc
