// SPDX-License-Identifier: GPL-3.0-or-later
// Looks at the photo, and the references.
#pragma once

#include "app/menus/command_menu.h"

namespace zc {

class Arrivals;
class ObserveDesk;
class Workspace;

class ObserveMenu final : public DeskMenu {
  Q_OBJECT
public:
  ObserveMenu(Workspace& space, ObserveDesk& observe, Arrivals& arrivals, QWidget* parent);

private:
  Workspace& m_space;
  ObserveDesk& m_observe;
  Arrivals& m_arrivals;
};

} // namespace zc
