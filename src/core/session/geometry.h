// SPDX-License-Identifier: GPL-3.0-or-later
// The geometry that follows from a piece: its wheel and the region of its mask.
#pragma once

#include "core/mask/picking.h"
#include "core/piece/piece.h"

namespace zc {

/// Immutable; cheap to copy. Made anew when wheel or mask of the piece change.
class Geometry {
public:
  explicit Geometry(const Piece& piece);
  /// The same for a piece that has changed; what did not change is taken over.
  [[nodiscard]] Geometry followed(const Piece& piece) const;

  [[nodiscard]] const Wheel& wheel() const { return m_wheel; }
  /// The mask's region, or null when there is no mask or it is off.
  [[nodiscard]] const MaskRegion* region() const { return m_region && m_mask_on ? &*m_region : nullptr; }
  /// The place of a color on the wheel, with the wheel.
  [[nodiscard]] WheelPlace place(const WheelPoint& at) const { return {at, m_wheel.spec()}; }

private:
  Wheel m_wheel;
  std::optional<Mask> m_mask;
  std::optional<MaskRegion> m_region;
  bool m_mask_on;
};

} // namespace zc
