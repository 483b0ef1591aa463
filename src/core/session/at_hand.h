// SPDX-License-Identifier: GPL-3.0-or-later
// What the user keeps at hand beside the piece: saved with it, not undone.
#pragma once

#include "core/color/spaces.h"
#include "core/wheel/steps.h"

#include <array>
#include <optional>
#include <vector>

namespace zc {

inline constexpr std::size_t kRecentColors = 16;

struct AtHand {
  std::array<std::optional<Srgb>, 8> wells;
  std::vector<Srgb> recent; ///< Newest first, at most kRecentColors.
  Srgb current{0.5, 0.5, 0.5};
  Steps steps;
  bool mask_locked = false; ///< Against hands on the wheel that slip.
  bool operator==(const AtHand&) const = default;
};

/// Trail with `c` put first; an equal 8-bit color further down is dropped.
[[nodiscard]] std::vector<Srgb> with_recent(std::vector<Srgb> recent, Srgb c);

} // namespace zc
