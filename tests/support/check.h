// SPDX-License-Identifier: GPL-3.0-or-later
// Checks with words: what was compared, what was expected, what came.
#pragma once

#include "core/color/spaces.h"

#include <QTest>
#include <algorithm>
#include <cmath>

namespace zc::test {

/// Relative to the size of the expected number; close to zero, absolute to `floor`.
inline bool near(double got, double expected, double tolerance, double floor = 1.0) {
  return std::abs(got - expected) <= tolerance * std::max(std::abs(expected), floor);
}

/// Angles on a circle.
inline bool near_angle(double got, double expected, double tolerance) {
  const double d = std::abs(std::remainder(got - expected, 360.0));
  return d <= tolerance;
}

inline double largest_step(Srgb a, Srgb b) {
  return std::max({std::abs(a.r - b.r), std::abs(a.g - b.g), std::abs(a.b - b.b)});
}

} // namespace zc::test

#define CHECK_NEAR(got, expected, tolerance)                                                                 \
  QVERIFY2(zc::test::near(got, expected, tolerance), qPrintable(QStringLiteral(#got " is %1, expected %2")   \
                                                                    .arg(double(got), 0, 'g', 15)            \
                                                                    .arg(double(expected), 0, 'g', 15)))
#define CHECK_ANGLE(got, expected, tolerance)                                                                \
  QVERIFY2(zc::test::near_angle(got, expected, tolerance),                                                   \
           qPrintable(QStringLiteral(#got " is %1 degrees, expected %2")                                     \
                          .arg(double(got), 0, 'g', 15)                                                      \
                          .arg(double(expected), 0, 'g', 15)))
