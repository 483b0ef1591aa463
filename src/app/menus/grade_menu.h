// SPDX-License-Identifier: GPL-3.0-or-later
// The set as a whole.
#pragma once

#include "app/menus/command_menu.h"

namespace zc {

class Workspace;

class GradeMenu final : public DeskMenu {
  Q_OBJECT
public:
  GradeMenu(Workspace& space, QWidget* parent);

private:
  Workspace& m_space;
};

} // namespace zc
