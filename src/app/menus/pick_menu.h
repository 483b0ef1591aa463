// SPDX-License-Identifier: GPL-3.0-or-later
// The current color, the wheel, mixtures and paints.
#pragma once

#include "app/controls/late_widget.h"
#include "app/menus/command_menu.h"

namespace zc {

class PickDesk;
class AppModel;

class PickMenu final : public DeskMenu {
  Q_OBJECT
public:
  PickMenu(AppModel& model, LateWidget<PickDesk>& pick, QWidget* parent);
  /// They cut the wheel, which is worked on at Limit too.
  [[nodiscard]] const QList<QAction*>& hue_commands() const { return m_hue_commands; }

private:
  QList<QAction*> m_hue_commands;
  AppModel& m_model;
  LateWidget<PickDesk>& m_pick;
};

} // namespace zc
