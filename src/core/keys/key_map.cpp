// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/keys/key_map.h"

#include "core/mask/rays.h"

#include <algorithm>

namespace zc {

KeyMap KeyMap::turned(const Wheel& wheel, double by) {
  KeyMap out(wheel);
  out.m_turn = wrap_degrees(by);
  return out;
}

KeyMap KeyMap::pressed(const Wheel& wheel, const MaskRegion& region, double strength, double rim) {
  KeyMap out(wheel);
  if (region.empty()) return out;
  out.m_rays = std::make_shared<const MaskRays>(region);
  out.m_strength = std::clamp(strength, 0.0, 1.0);
  out.m_rim = std::clamp(rim, 1e-6, 1.0);
  return out;
}

bool KeyMap::still() const { return m_rays ? m_strength == 0 : m_turn == 0; }

bool KeyMap::is_smooth() const { return !m_rays || m_rays->sees_whole_border(); }

WheelPoint KeyMap::wanted(const WheelPoint& at) const {
  if (!m_rays) return {at.a + m_turn, at.r, at.v};
  const double way = std::min(1.0, at.r / m_rim) * m_rays->way_to_border(Angle(at.a));
  const DiscPoint from = disc_point(at), ray = disc_point(Angle(at.a), way), n = m_rays->neutral();
  const double s = m_strength;
  return wheel_point({from.x + s * (n.x + ray.x - from.x), from.y + s * (n.y + ray.y - from.y)}, at.v,
                     Angle(at.a));
}

KeyMap::Moved KeyMap::moved(const WheelPoint& at) const {
  const WheelPoint wish = wanted(at);
  const Wheel::Found found = m_wheel.nearest_existing(wish);
  return {found.at, found.color, found.at.r < wish.r - 1e-6};
}

KeyMap::Moved KeyMap::moved(Srgb color) const {
  const WheelPoint at = m_wheel.locate(color);
  if (leaves(at)) return {at, color, false};
  return moved(at);
}

ColorMap KeyMap::color_map() const {
  if (still()) return {};
  return ColorMap([map = *this](Srgb color) { return map.moved(color).color; });
}

} // namespace zc
