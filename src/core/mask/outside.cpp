// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mask/outside.h"

#include "core/color/convert.h"
#include "core/color/difference.h"

#include <cassert>
#include <cmath>

namespace zc {

double outside_by(const Wheel& wheel, const MaskRegion& region, Srgb color, const WheelPoint& at) {
  assert(!region.empty());
  assert(std::abs(wheel.locate(color, at.a).v - at.v) < 1e-6);
  const DiscPoint place = disc_point(at), held = *region.nearest(place);
  if (held == place) return 0;
  const Srgb nearest = wheel.nearest_existing(wheel_point(held, at.v, Angle(at.a))).color;
  return ciede2000(lab_from_srgb(color), lab_from_srgb(nearest));
}

} // namespace zc
