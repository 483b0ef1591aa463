// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/program/window_hands.h"

#include "app/controls/number_field.h"
#include "app/platform/unfinished.h"

namespace zc {

bool WindowHands::commit_typed() {
  const int refused = refusals_said();
  commit_typed_text();
  return refusals_said() == refused;
}

void WindowHands::end() { end_what_hands_do(); }

} // namespace zc
