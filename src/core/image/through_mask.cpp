// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/through_mask.h"

#include "core/color/convert.h"

namespace zc {

MaskMapper::MaskMapper(const Wheel& wheel, const MaskRegion& region) : m_wheel(wheel), m_region(region) {}

Pixel MaskMapper::mapped(Pixel pixel) const {
  if (m_region.empty()) return pixel;
  const WheelPoint at = m_wheel.locate(srgb_from_8bit(color_of(pixel)));
  const DiscPoint place = disc_point(at);
  const DiscPoint held = *m_region.nearest(place);
  if (held == place) return pixel;
  const WheelPoint nearest = wheel_point(held, at.v, Angle(at.a));
  const Srgb8 c = rounded_8bit(m_wheel.nearest_existing(nearest).color);
  return pixel.with(pixel_of(c).rgb());
}

bool MaskMapper::keeps(Pixel pixel) const { return remembered(pixel) == pixel.opaque(); }

Pixel MaskMapper::remembered(Pixel pixel) const {
  return Pixel{m_known.at(pixel, [this](Pixel p) { return mapped(p).word; })}.opaque();
}

void MaskMapper::map(const PixelView& photo, Pixel* out) const {
  m_known.map(photo, out, [this](Pixel p) { return mapped(p); });
}

} // namespace zc
