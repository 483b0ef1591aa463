// SPDX-License-Identifier: GPL-3.0-or-later
// Looks at the photo, and the references.
#pragma once

#include "app/controls/late_widget.h"
#include "app/menus/command_menu.h"

namespace zc {

class Arrivals;
class ObserveDesk;
class AppModel;

class ObserveMenu final : public DeskMenu {
  Q_OBJECT
public:
  ObserveMenu(AppModel& model, LateWidget<ObserveDesk>& observe, Arrivals& arrivals, QWidget* parent);

private:
  AppModel& m_model;
  LateWidget<ObserveDesk>& m_observe;
  Arrivals& m_arrivals;
};

} // namespace zc
