// SPDX-License-Identifier: GPL-3.0-or-later
// Bounds that both a core and its number fields go by.
#pragma once

namespace zc {

/// Both ends belong to it; a number that is none lies in no range.
struct Range {
  double low = 0, high = 0;
  [[nodiscard]] constexpr bool holds(double x) const { return x >= low && x <= high; }
};

} // namespace zc
