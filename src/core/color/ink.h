// SPDX-License-Identifier: GPL-3.0-or-later
// The four inks of a press.
#pragma once

namespace zc {

/// Percent of the paper, 0..100 each.
struct Ink {
  double c = 0, m = 0, y = 0, k = 0;
  [[nodiscard]] double total() const { return c + m + y + k; }
  bool operator==(const Ink&) const = default;
};

} // namespace zc
