// SPDX-License-Identifier: GPL-3.0-or-later
// The mask and its areas.
#pragma once

#include "app/menus/command_menu.h"

namespace zc {

class LimitDesk;
class Workspace;

class LimitMenu final : public DeskMenu {
  Q_OBJECT
public:
  LimitMenu(Workspace& space, LimitDesk& limit, QWidget* parent);

private:
  Workspace& m_space;
  LimitDesk& m_limit;
};

} // namespace zc
