// SPDX-License-Identifier: GPL-3.0-or-later
// A limit in the words and numbers of a picker.
#pragma once

#include "core/mask/picker_ranges.h"
#include "core/sheet/sheet.h"

namespace zc {

inline constexpr std::size_t kMostPickerLines = 3;

/// A line for each range, at most kMostPickerLines of them: "hue 20 to 52, saturation 12 to 64 %".
[[nodiscard]] std::vector<std::string> range_lines(const PickerFit& fit, const SheetWords& words = {});
/// How well the ranges are the limit: "HSL: the limit fills 96 % of this range".
[[nodiscard]] std::string fit_line(const PickerFit& fit, const SheetWords& words = {});
/// "#d8904a: hue 30, saturation 64 %, lightness 57 %", for each corner of the mask at an L*.
[[nodiscard]] std::vector<std::string> corner_lines(const Mask& mask, const Wheel& wheel, double value,
                                                    SaturationMeasure model, const SheetWords& words = {});

} // namespace zc
