// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/channel_tables.h"

#include "core/color/convert.h"

#include <cmath>

namespace zc {

const std::array<float, 256>& linear_of_8bit() {
  static const auto table = [] {
    std::array<float, 256> t{};
    for (int i = 0; i < 256; ++i) t[i] = static_cast<float>(linear_from_encoded(i / 255.0));
    return t;
  }();
  return table;
}

const std::array<std::uint8_t, kLinearSteps + 1>& encoded_8bit_of_linear() {
  static const auto table = [] {
    std::array<std::uint8_t, kLinearSteps + 1> t{};
    for (int i = 0; i <= kLinearSteps; ++i)
      t[i] = static_cast<std::uint8_t>(std::lround(255 * encoded_from_linear(i / double(kLinearSteps))));
    return t;
  }();
  return table;
}

const std::array<double, 256>& exact_linear_of_8bit() {
  static const auto table = [] {
    std::array<double, 256> out{};
    for (std::size_t i = 0; i < out.size(); ++i) out[i] = linear_from_encoded(static_cast<double>(i) / 255);
    return out;
  }();
  return table;
}

Xyz xyz_from_8bit(Srgb8 color) {
  const auto& linear = exact_linear_of_8bit();
  return xyz_from_linear({linear[color.r], linear[color.g], linear[color.b]});
}

Lab lab_from_8bit(Srgb8 color) { return lab_from_xyz(xyz_from_8bit(color)); }

} // namespace zc
