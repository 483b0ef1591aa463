// SPDX-License-Identifier: GPL-3.0-or-later
// Luminance of 8-bit pixels, for pixel loops.
#pragma once

#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/image/pixels.h"

#include <algorithm>
#include <array>
#include <cstdint>

namespace zc {

/// Y of a pixel in steps of 1 / kLinearSteps, by one table a channel.
class Luminance {
public:
  Luminance() : m_tables(tables()) {}
  [[nodiscard]] std::uint32_t step(Pixel pixel) const {
    const std::uint32_t sum = m_tables[0][pixel.r()] + m_tables[1][pixel.g()] + m_tables[2][pixel.b()];
    return std::min<std::uint32_t>((sum + kHalf) >> kShift, kLinearSteps);
  }

private:
  // Whole numbers with some bits below a step, so that three roundings do not add up.
  static constexpr int kShift = 8;
  static constexpr std::uint32_t kHalf = 1u << (kShift - 1);
  using Tables = std::array<std::array<std::uint32_t, 256>, 3>;
  static const Tables& tables() {
    static const Tables t = [] {
      Tables out{};
      for (int channel = 0; channel < 3; ++channel)
        for (int i = 0; i < 256; ++i)
          out[channel][i] =
              static_cast<std::uint32_t>(linear_to_xyz_matrix()[1][channel] * linear_from_encoded(i / 255.0) *
                                             kLinearSteps * (1 << kShift) +
                                         0.5);
      return out;
    }();
    return t;
  }
  const Tables& m_tables;
};

} // namespace zc
