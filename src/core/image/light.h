// SPDX-License-Identifier: GPL-3.0-or-later
// Pixels as light: the only form in which they may be added up.
#pragma once

#include "core/color/channel_tables.h"
#include "core/image/pixels.h"

#include <algorithm>
#include <cmath>
#include <cstdint>

namespace zc {

/// Linear light times alpha, and alpha, both 0..1: what encoded pixels with straight alpha must become before
/// they are averaged, or their colors come out too dark and bleed from where nothing is seen.
struct LightPixel {
  float r = 0, g = 0, b = 0, alpha = 0;

  LightPixel& operator+=(const LightPixel& p) {
    r += p.r, g += p.g, b += p.b, alpha += p.alpha;
    return *this;
  }
  LightPixel& operator-=(const LightPixel& p) {
    r -= p.r, g -= p.g, b -= p.b, alpha -= p.alpha;
    return *this;
  }
  friend LightPixel operator*(const LightPixel& p, float by) {
    return {p.r * by, p.g * by, p.b * by, p.alpha * by};
  }
};

/// Between encoded pixels and light. Made once before a loop, since it looks up the tables.
class LightConverter {
public:
  [[nodiscard]] LightPixel light(Pixel w) const {
    const float alpha = static_cast<float>(w.alpha()) * (1 / 255.0f);
    return {alpha * m_linear[w.r()], alpha * m_linear[w.g()], alpha * m_linear[w.b()], alpha};
  }
  /// 0 where nothing is seen.
  [[nodiscard]] Pixel pixel(const LightPixel& p) const {
    if (p.alpha <= 0) return {};
    const float per_alpha = 1 / p.alpha;
    const auto channel = [&](float light) {
      const float linear = std::clamp(light * per_alpha, 0.0f, 1.0f);
      return std::uint32_t{m_encoded[std::lrint(linear * kLinearSteps)]};
    };
    const auto alpha = static_cast<std::uint32_t>(std::lrint(std::min(p.alpha, 1.0f) * 255));
    return {alpha << 24 | channel(p.r) << 16 | channel(p.g) << 8 | channel(p.b)};
  }

private:
  const float* m_linear = linear_of_8bit().data();
  const std::uint8_t* m_encoded = encoded_8bit_of_linear().data();
};

} // namespace zc
