// SPDX-License-Identifier: GPL-3.0-or-later
// The first steps of a user who is new here: each is ticked when it is done with their own hands.
#pragma once

#include "core/piece/piece.h"
#include "core/session/session.h"

#include <array>

namespace zc {

enum class FirstStep { Reference, Color, Mask, Swatch, Report, Picture, Save, Share };
inline constexpr std::size_t kFirstSteps = 8;

struct FirstSteps {
  std::array<bool, kFirstSteps> done{};
  [[nodiscard]] bool has(FirstStep step) const { return done[static_cast<std::size_t>(step)]; }
  [[nodiscard]] bool all() const;
  bool operator==(const FirstSteps&) const = default;
};

/// What is done now, after `before` was. `opened` is the piece as it was opened or begun: what came with it
/// was done by somebody else. What was done once stays done.
[[nodiscard]] FirstSteps followed(FirstSteps before, const Piece& opened, const Piece& piece,
                                  const Session& session);
[[nodiscard]] FirstSteps with_done(FirstSteps steps, FirstStep step);

} // namespace zc
