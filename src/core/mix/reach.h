// SPDX-License-Identifier: GPL-3.0-or-later
// What paints can mix, or a press prints, as a body in the color solid of a wheel.
#pragma once

#include "core/base/progress.h"
#include "core/mask/mask.h"
#include "core/mix/mixer.h"
#include "core/wheel/wheel.h"

#include <memory>

namespace zc {

/// Cells of the unit disc along a side, and slices from value 0 to 100.
inline constexpr int kReachCells = 512, kReachValues = 101;

/// A body of colors, cell by cell and value by value. Immutable; cheap to copy.
class Reach {
public:
  using Rows = std::vector<std::uint64_t>; ///< A bit a cell, rows from the top, kReachCells / 64 words a row.
  /// REQUIRES kReachValues slices, from value 0 on.
  Reach(const WheelSpec& wheel, std::shared_ptr<const std::vector<Rows>> slices)
      : m_wheel(wheel), m_slices(std::move(slices)) {}
  [[nodiscard]] const WheelSpec& wheel() const { return m_wheel; }
  /// Whether the cell of a place is reached, at the value next to its own.
  [[nodiscard]] bool holds(const WheelPoint& p) const;
  /// Share of the disc's area that is reached at a value, 0..1.
  [[nodiscard]] double share(double value) const;
  /// Closed lines around what is reached at a value, to be filled by the even-odd rule; within a cell of the
  /// true edge.
  [[nodiscard]] std::vector<std::vector<DiscPoint>> outlines(double value) const;
  /// Around all that is reached at any value.
  [[nodiscard]] std::vector<std::vector<DiscPoint>> outlines() const;
  /// Where the diameter through an angle runs inside at a value, in order.
  [[nodiscard]] std::vector<Stretch> along_diameter(Angle a, double value) const;

private:
  [[nodiscard]] const Rows& slice(double value) const;
  WheelSpec m_wheel;
  std::shared_ptr<const std::vector<Rows>> m_slices;
};

/// Every mixture of any parts.
///
/// 1. Mixtures of four paints fill it: a mixture of more can be changed at the same color until a paint is
///    gone, as long as the way is not closed in itself. Random mixtures are within CIEDE2000 1 of it.
/// 2. One to three paints have no inside: every cell that they touch counts.
///
/// ERRORS: BadInput where no paint has any strength; Stopped.
[[nodiscard]] Result<Reach> reach_of(const Mixer& mixer, const Wheel& wheel, const Progress& progress = {});

/// Lines as the areas of a mask: what lies around adds, holes cut. ERRORS: BadInput where they enclose
/// nothing.
[[nodiscard]] Result<Mask> mask_of_outlines(const std::vector<std::vector<DiscPoint>>& outlines,
                                            const std::string& name);

} // namespace zc
