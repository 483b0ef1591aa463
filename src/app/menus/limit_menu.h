// SPDX-License-Identifier: GPL-3.0-or-later
// The mask and its areas.
#pragma once

#include "app/menus/command_menu.h"

namespace zc {

class LimitDesk;
class AppModel;

class LimitMenu final : public DeskMenu {
  Q_OBJECT
public:
  LimitMenu(AppModel& model, LimitDesk& limit, QWidget* parent);

private:
  AppModel& m_model;
  LimitDesk& m_limit;
};

} // namespace zc
