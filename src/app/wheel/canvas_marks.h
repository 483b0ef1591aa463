// SPDX-License-Identifier: GPL-3.0-or-later
// Where a canvas strays from the plan, on the wheel: the stray colors, and the way back for one of them.
#pragma once

#include "core/color/spaces.h"

#include <optional>
#include <vector>

class QPainter;

namespace zc {

class Studio;
class WheelView;

struct CanvasMarks {
  std::vector<Srgb> strays;
  std::optional<std::size_t> pointed; ///< One of them.
  std::vector<Srgb> path;             ///< Of mixtures, even to the eye; empty for none.
  std::optional<Srgb> leaves;         ///< Where it leaves the mask.
  void paint(QPainter& painter, const Studio& studio, const WheelView& view) const;
};

} // namespace zc
