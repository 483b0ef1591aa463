// SPDX-License-Identifier: GPL-3.0-or-later
// Angles in degrees, the unit of every hue and wheel angle in this library.
#pragma once

#include <cmath>
#include <numbers>

namespace zc {

[[nodiscard]] constexpr double radians(double degrees) { return degrees * std::numbers::pi / 180.0; }
[[nodiscard]] constexpr double degrees(double radians) { return radians * 180.0 / std::numbers::pi; }

/// A direction or a turn where a function takes other numbers too, so that none is given for the other.
class Angle {
public:
  constexpr Angle() = default;
  constexpr explicit Angle(double degrees) : m_degrees(degrees) {}
  [[nodiscard]] constexpr double degrees() const { return m_degrees; }
  [[nodiscard]] constexpr double radians() const { return zc::radians(m_degrees); }
  /// Compares them as numbers: 0 and 360 degrees are two.
  constexpr bool operator==(const Angle&) const = default;

private:
  double m_degrees = 0;
};

/// The same direction in [0, 360).
[[nodiscard]] inline double wrap_degrees(double a) {
  const double w = std::fmod(a, 360.0);
  if (w < 0) return w + 360.0 < 360.0 ? w + 360.0 : 0.0;
  return w;
}

/// Signed turn from `from` to `to`, in [-180, 180).
[[nodiscard]] inline double turn_between(double from, double to) {
  return wrap_degrees(to - from + 180.0) - 180.0;
}

} // namespace zc
