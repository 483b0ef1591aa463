// SPDX-License-Identifier: GPL-3.0-or-later
// What the user keeps at hand beside the piece: saved with it, not undone.
#pragma once

#include "core/color/spaces.h"
#include "core/session/mixing.h"
#include "core/wheel/steps.h"

#include <optional>
#include <string>
#include <vector>

namespace zc {

inline constexpr std::size_t kRecentColors = 16;
inline constexpr std::size_t kWellsInRow = 8, kMostWellRows = 3;

struct AtHand {
  /// Rows of kWellsInRow, one behind the other; at least one, at most kMostWellRows.
  std::vector<std::optional<Srgb>> wells = std::vector<std::optional<Srgb>>(kWellsInRow);
  std::vector<std::string> row_names; ///< Of the rows, as far as they have one.
  std::size_t row = 0;                ///< The row that the keys 1 to 8 use.
  std::vector<Srgb> recent;           ///< Newest first, at most kRecentColors.
  Srgb current{0.5, 0.5, 0.5};
  Steps steps;
  Mixing mixing;            ///< The field of mixtures as it was left.
  bool mask_locked = false; ///< Against hands on the wheel that slip.
  std::string extras = {};  ///< Unknown fields of the file, kept as JSON text.
  bool operator==(const AtHand&) const = default;
};

[[nodiscard]] inline std::size_t well_rows(const AtHand& at_hand) {
  return at_hand.wells.size() / kWellsInRow;
}
/// What the user called a row, or nothing. REQUIRES a row.
[[nodiscard]] inline std::string row_name(const AtHand& at_hand, std::size_t row) {
  return row < at_hand.row_names.size() ? at_hand.row_names[row] : std::string();
}

/// Trail with `c` put first; an equal 8-bit color further down is dropped.
[[nodiscard]] std::vector<Srgb> with_recent(std::vector<Srgb> recent, Srgb c);

} // namespace zc
