// SPDX-License-Identifier: GPL-3.0-or-later
// A picture as OKLab points, and what was cut at a smaller size found again in the full
// one: the steps of cut_into_areas().
#pragma once

#include "core/image/pixels.h"
#include "core/try/areas.h"

#include <cstdint>
#include <vector>

namespace zc {

/// OKLab in floats: enough for cutting.
struct Point {
  float l = 0, a = 0, b = 0;
};
[[nodiscard]] inline float apart2(const Point& p, const Point& q) {
  const float l = p.l - q.l, a = p.a - q.a, b = p.b - q.b;
  return l * l + a * a + b * b;
}
[[nodiscard]] Point point_of(Pixel pixel);
[[nodiscard]] std::vector<Point> points_of(const PixelView& photo);

/// A picture of so many OKLab points.
struct Plane {
  int width = 0, height = 0;
  std::vector<Point> points;
  [[nodiscard]] std::size_t at(int x, int y) const { return static_cast<std::size_t>(y) * width + x; }
};

inline constexpr std::uint32_t kNoPart = 0xffffffffu;

/// Texture and noise taken away, edges kept where they are: the guided filter, each channel by itself (K. He,
/// J. Sun, X. Tang, "Guided image filtering", PAMI 35(6), 2013).
void smooth_inside(Plane& plane, int radius);
/// The numbers of the picture that was cut at the size of the full one. Where several meet within two pixels
/// of the smaller one, each full pixel goes to the one whose color nearby its own surroundings are most like,
/// and the less an edge stands out the more to the one that lies there.
[[nodiscard]] std::vector<AreaNumber> enlarged(const PixelView& photo, const Plane& plane,
                                               const std::vector<AreaNumber>& cut);

} // namespace zc
