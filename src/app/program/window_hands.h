// SPDX-License-Identifier: GPL-3.0-or-later
// What hands are in the middle of in the program's windows, for the model: see app/platform/unfinished.h.
#pragma once

#include "model/session/studio.h"

namespace zc {

class WindowHands final : public Unfinished {
public:
  [[nodiscard]] bool commit_typed() override;
  void end() override;
};

} // namespace zc
