// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/through_mask.h"

#include "core/color/convert.h"

namespace zc {

MaskMapper::MaskMapper(const Wheel& wheel, const MaskRegion& region) : m_wheel(wheel), m_region(region) {}

std::uint32_t MaskMapper::mapped(std::uint32_t word) const {
  if (m_region.empty()) return word;
  const WheelPoint at = m_wheel.locate(srgb_from_8bit(color_of_word(word)));
  const DiscPoint place = disc_point(at);
  const DiscPoint held = *m_region.nearest(place);
  if (held == place) return word;
  const WheelPoint nearest = wheel_point(held, at.v, Angle(at.a));
  const Srgb8 c = rounded_8bit(m_wheel.nearest_existing(nearest).color);
  return (word & 0xff000000u) | (word_of(c) & 0xffffffu);
}

bool MaskMapper::keeps(std::uint32_t word) const { return remembered(word) == (word & 0xffffffu); }

std::uint32_t MaskMapper::remembered(std::uint32_t word) const {
  return m_known.at(word, [this](std::uint32_t w) { return mapped(w); });
}

void MaskMapper::map(const PixelView& photo, std::uint32_t* out) const {
  m_known.map(photo, out, [this](std::uint32_t w) { return mapped(w); });
}

} // namespace zc
