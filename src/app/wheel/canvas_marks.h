// SPDX-License-Identifier: GPL-3.0-or-later
// Where a canvas strays from the plan, on the wheel: the stray colors, and the way back for one of them.
#pragma once

#include "core/color/color_vision.h"
#include "core/wheel/wheel.h"

#include <optional>
#include <vector>

class QPainter;

namespace zc {

class WheelView;

struct CanvasMarks {
  struct Stray {
    Srgb color;
    DiscPoint at;
  };
  std::vector<Stray> strays;
  std::optional<std::size_t> pointed; ///< One of them.
  std::vector<DiscPoint> path;        ///< Of mixtures, even to the eye; empty for none.
  std::optional<DiscPoint> leaves;    ///< Where it leaves the mask.
  void paint(QPainter& painter, ColorVision vision, const WheelView& view) const;
};

} // namespace zc
