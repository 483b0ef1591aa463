// SPDX-License-Identifier: GPL-3.0-or-later
// Mask shapes at random: every kind, whole rings and whole discs among them.
#pragma once

#include "core/mask/shapes.h"

#include <random>

namespace zc::test {

inline DiscPoint random_point(std::mt19937_64& random) {
  std::uniform_real_distribution<double> u(-1, 1);
  for (;;)
    if (const DiscPoint p{u(random), u(random)}; std::hypot(p.x, p.y) <= 1) return p;
}

inline Shape random_shape(std::mt19937_64& random) {
  std::uniform_real_distribution<double> u(0, 1);
  switch (random() % 4) {
  case 0: {
    Polygon p;
    for (int k = 0; k < 6; ++k) p.points.push_back(disc_point(Angle(60 * k), 0.1 + 0.9 * u(random)));
    return p;
  }
  case 1:
    return Ellipse{random_point(random), 0.1 + 0.6 * u(random), 0.1 + 0.6 * u(random), 360 * u(random)};
  case 2: {
    const double inner = random() % 4 ? 0.8 * u(random) : 0; // One in four is a slice.
    return RingSector{360 * u(random), 5 + 354 * u(random), inner, inner + 0.1 + (0.9 - inner) * u(random)};
  }
  default: {
    // A whole ring, one time in three without a hole.
    const double inner = random() % 3 ? 0.1 + 0.5 * u(random) : 0;
    return RingSector{360 * u(random), 360, inner, inner + 0.2 + (0.8 - inner) * u(random)};
  }
  }
}

} // namespace zc::test
