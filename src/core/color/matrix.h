// SPDX-License-Identifier: GPL-3.0-or-later
// 3x3 matrix arithmetic usable at compile time.
#pragma once

#include "core/color/spaces.h"

#include <cassert>

namespace zc {

using Vector3 = std::array<double, 3>;

[[nodiscard]] constexpr Vector3 multiply(const Matrix3& m, const Vector3& v) {
  return {m[0][0] * v[0] + m[0][1] * v[1] + m[0][2] * v[2], m[1][0] * v[0] + m[1][1] * v[1] + m[1][2] * v[2],
          m[2][0] * v[0] + m[2][1] * v[1] + m[2][2] * v[2]};
}

/// Inverse by cofactors. REQUIRES a non-singular matrix.
[[nodiscard]] constexpr Matrix3 inverse(const Matrix3& m) {
  const auto minor = [&m](int r0, int r1, int c0, int c1) {
    return m[r0][c0] * m[r1][c1] - m[r0][c1] * m[r1][c0];
  };
  const double det = m[0][0] * minor(1, 2, 1, 2) - m[0][1] * minor(1, 2, 0, 2) + m[0][2] * minor(1, 2, 0, 1);
  assert(det != 0);
  return {{{minor(1, 2, 1, 2) / det, -minor(0, 2, 1, 2) / det, minor(0, 1, 1, 2) / det},
           {-minor(1, 2, 0, 2) / det, minor(0, 2, 0, 2) / det, -minor(0, 1, 0, 2) / det},
           {minor(1, 2, 0, 1) / det, -minor(0, 2, 0, 1) / det, minor(0, 1, 0, 1) / det}}};
}

} // namespace zc
