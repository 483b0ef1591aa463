// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/light.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/mix/pigment.h"

#include <algorithm>
#include <cmath>

namespace zc {

UnderLight::UnderLight(Srgb light, double strength, double stops) : m_exposure(std::exp2(stops)) {
  if (!(strength > 0)) return;
  m_ratio = light_of(light);
  if (!m_ratio) return;
  for (double& band : *m_ratio) band = std::pow(band, std::min(strength, 1.0));
  // A white surface just fits into the gamut.
  const LinearRgb white = linear_from_xyz(xyz_of_reflectance(*m_ratio));
  const double largest = std::max({white.r, white.g, white.b});
  for (double& band : *m_ratio) band /= largest;
}

Srgb UnderLight::seen(Srgb color) const {
  if (!m_ratio) {
    const Xyz c = xyz_from_srgb(color);
    return brought_into_gamut_at_value({c.x * m_exposure, c.y * m_exposure, c.z * m_exposure});
  }
  const Paint paint = paint_of(color);
  Reflectance lit;
  for (int i = 0; i < kBands; ++i) lit[i] = paint.curve[i] * (*m_ratio)[i];
  Xyz seen = xyz_of_reflectance(lit);
  // Curves end a little below white: what is white in daylight is white under this light.
  const Xyz shown = xyz_of_reflectance(paint.curve), own = xyz_from_srgb(color);
  const double exposure = m_exposure * (shown.y > 0 ? own.y / shown.y : 1);
  return brought_into_gamut_at_value({seen.x * exposure, seen.y * exposure, seen.z * exposure});
}

Srgb into_distance(Srgb color, Srgb haze, double amount) {
  if (amount <= 0) return color;
  const double t = std::min(amount, 1.0);
  const LinearRgb c = linear_from_srgb(color), a = linear_from_srgb(haze);
  return srgb_from_linear({c.r + (a.r - c.r) * t, c.g + (a.g - c.g) * t, c.b + (a.b - c.b) * t});
}

std::vector<Srgb> lit(const std::vector<Srgb>& colors, const LightAndHaze& by) {
  const UnderLight light(by.light, by.strength, by.stops);
  std::vector<Srgb> out(colors.size());
  in_parallel(static_cast<int>(colors.size()), 32, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      out[i] = into_distance(light.changes() ? light.seen(colors[i]) : colors[i], by.haze, by.amount);
  });
  return out;
}

} // namespace zc
