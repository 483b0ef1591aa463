// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/set_keys.h"

#include "model/session/laying.h"
#include "model/work/set_work.h"

#include <QKeyEvent>

namespace zc {

bool takes_set_key(Laying& laying, SetWork& work, const QKeyEvent& event) {
  switch (event.key()) {
  case Qt::Key_Delete:
  case Qt::Key_Backspace:
    work.remove();
    return true;
  case Qt::Key_Escape:
    laying.select_swatch(0);
    return true;
  case Qt::Key_Return:
  case Qt::Key_Enter:
    work.use_focus();
    return true;
  default:
    return false;
  }
}

} // namespace zc
