// SPDX-License-Identifier: GPL-3.0-or-later
// A mask as it is seen from its middle: how far it is to the border in every direction.
#pragma once

#include "core/mask/mask.h"

#include <vector>

namespace zc {

/// The subjective neutral as a place of the mask: its centroid or, where that lies in no area, the point of
/// the mask nearest to it. Nothing when the mask is empty.
[[nodiscard]] std::optional<DiscPoint> mask_neutral(const MaskRegion& region);

/// Exact to 1e-9 of the radius. Immutable.
class MaskRays {
public:
  /// Seen from mask_neutral(). REQUIRES a region that is not empty.
  explicit MaskRays(const MaskRegion& region);
  [[nodiscard]] DiscPoint neutral() const { return m_neutral; }
  /// From the neutral in this direction to the first border; 0 where the mask ends at once.
  [[nodiscard]] double way_to_border(Angle a) const;
  /// Whether no part of the border hides behind another.
  [[nodiscard]] bool sees_whole_border() const { return m_sees_all; }

private:
  /// From one corner of the border to the next, seen from the neutral, one edge is the first.
  struct Sector {
    double from = 0;    ///< Degrees clockwise from the top, [0, 360); ascending.
    DiscPoint at, way;  ///< A point of the edge, relative to the neutral, and its direction.
    bool inside = true; ///< The mask lies in this direction.
  };
  DiscPoint m_neutral;
  std::vector<Sector> m_sectors;
  bool m_sees_all = true;
};

} // namespace zc
