// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/set_keys.h"

#include "model/work/set_work.h"

#include <QKeyEvent>

namespace zc {

bool takes_set_key(Workspace& space, const QKeyEvent& event) {
  switch (event.key()) {
  case Qt::Key_Delete:
  case Qt::Key_Backspace:
    space.set_work().remove();
    return true;
  case Qt::Key_Escape:
    space.laying().select_swatch(0);
    return true;
  case Qt::Key_Return:
  case Qt::Key_Enter:
    space.set_work().take_up_focus();
    return true;
  default:
    return false;
  }
}

} // namespace zc
