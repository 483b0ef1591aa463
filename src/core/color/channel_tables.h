// SPDX-License-Identifier: GPL-3.0-or-later
// Tables for pixel loops: 8-bit channels to linear light and back.
#pragma once

#include "core/color/spaces.h"

#include <array>
#include <cstdint>

namespace zc {

inline constexpr int kLinearSteps = 65535;

/// Linear light 0..1 of an 8-bit sRGB channel.
[[nodiscard]] const std::array<float, 256>& linear_of_8bit();
/// The same in full precision.
[[nodiscard]] const std::array<double, 256>& exact_linear_of_8bit();
/// The XYZ of an 8-bit sRGB color, by that table; exactly what convert.h gives.
[[nodiscard]] Xyz xyz_from_8bit(Srgb8 color);
[[nodiscard]] Lab lab_from_8bit(Srgb8 color);
/// 8-bit sRGB of round(linear * kLinearSteps); within 0.03 of an 8-bit step of the exact value.
[[nodiscard]] const std::array<std::uint8_t, kLinearSteps + 1>& encoded_8bit_of_linear();

} // namespace zc
