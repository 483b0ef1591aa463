// SPDX-License-Identifier: GPL-3.0-or-later
// A photo through a gamut mask: every color outside goes to the nearest place inside at the same value.
#pragma once

#include "core/image/color_table.h"
#include "core/mask/mask.h"

namespace zc {

/// One wheel and one mask; each different color is mapped once and remembered, exactly as Wheel and
/// MaskRegion have it, so that L* is kept to the rounding of 8 bits. A color inside stays what it is; with an
/// empty mask every color does. Neutrals keep their place in the middle of the wheel. May be used by several
/// threads at once; cheap to copy.
class MaskMapper {
public:
  MaskMapper(const Wheel& wheel, const MaskRegion& region);

  [[nodiscard]] Pixel mapped(Pixel pixel) const;
  /// Whether mapped() leaves a color as it is; remembered.
  [[nodiscard]] bool keeps(Pixel pixel) const;
  /// Maps on all cores; alpha is kept. `out` holds width * height pixels.
  void map(const PixelView& photo, Pixel* out) const;

  /// mapped() of the opaque color, remembered.
  [[nodiscard]] Pixel remembered(Pixel pixel) const;

private:
  Wheel m_wheel;
  MaskRegion m_region;
  ColorTable m_known; ///< What one copy has mapped the others know.
};

} // namespace zc
