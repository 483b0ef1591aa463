// SPDX-License-Identifier: GPL-3.0-or-later
// OKLab lightness that gives a color a stated luminance.
#pragma once

namespace zc {

/// Luminance of OKLab (L, a, b) as a cubic in L: c3 L^3 + c2 L^2 + c1 L + c0.
struct OklabCubic {
  double c3, c2, c1, c0;
};
[[nodiscard]] OklabCubic oklab_cubic(double a, double b);

/// OKLab L at which (L, a, b) has the relative luminance (0..1), to double precision.
[[nodiscard]] double oklab_lightness_for(double luminance, double a, double b);

} // namespace zc
