// SPDX-License-Identifier: GPL-3.0-or-later
// Few colors that stand for many: the palette with the least CIEDE2000 from every pixel to its nearest color.
#pragma once

#include "core/color/spaces.h"

#include <cstddef>
#include <vector>

namespace zc {

/// Like pixels as one color.
struct WeighedColor {
  Oklab at;
  Lab lab;
  double weight = 0;      ///< How many pixels, above 0.
  std::size_t sample = 0; ///< The pixel that stands for it.
};

/// Gives at most `count` colors, fewer where there are not so many. Splits at means first, then goes by
/// CIEDE2000; several starts are tried and the best place passed is kept. Deterministic. REQUIRES count >= 1
/// and at least one color.
[[nodiscard]] std::vector<Oklab> cluster(const std::vector<WeighedColor>& colors, std::size_t count);

/// Squared distance in OKLab.
[[nodiscard]] inline double apart(const Oklab& p, const Oklab& q) {
  const double l = p.l - q.l, a = p.a - q.a, b = p.b - q.b;
  return l * l + a * a + b * b;
}

struct Nearest {
  std::size_t center = 0;
  double away = 0; ///< CIEDE2000 to the eye, squared distance in OKLab.
  double next = 0; ///< To the nearest of the other centers; to the eye only.
};

/// REQUIRES at least one center, and `labs` to be the same colors.
[[nodiscard]] Nearest nearest_in_oklab(const WeighedColor& color, const std::vector<Oklab>& centers);
[[nodiscard]] Nearest nearest_to_the_eye(const WeighedColor& color, const std::vector<Oklab>& centers,
                                         const std::vector<Lab>& labs);

} // namespace zc
