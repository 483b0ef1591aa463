// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures of the color solid: the wheel slice (plan), the hue section and the value rail.
//
// Rows run from the top. Every opaque pixel is within 1/255 of
// the exact color at its center; where the display has no color a pixel is transparent.
#pragma once

#include "core/color/pixel.h"
#include "core/wheel/planes.h"
#include "core/wheel/steps.h"
#include "core/wheel/wheel.h"

#include <cstdint>
#include <list>
#include <vector>

namespace zc {

struct Raster {
  int width = 0, height = 0;
  std::vector<PremultipliedPixel> pixels;
  bool operator==(const Raster&) const = default;
};

/// The vivid plan of a wheel: along rays from neutral, at the value where the ray's hue is vivid.
struct VividTable {
  struct Spoke {
    double reach = 0;         ///< r at which the display ends.
    std::vector<Srgb> colors; ///< At even steps of r; beyond the reach those of the reach.
  };
  std::vector<Spoke> spokes; ///< At even angles, the first one repeated at the end.
};
/// Takes up to a second with the chroma measures; to be made once for a wheel, off the main thread.
[[nodiscard]] VividTable vivid_table(const Wheel& wheel);

/// Draws one wheel; holds the tables of that wheel so that a new value costs only the pixels.
/// Not thread-safe: one painter per thread.
class SolidPainter {
public:
  explicit SolidPainter(const Wheel& wheel);
  /// Every picture shows the colors of the steps from now on; angles and values given are stepped as well.
  void set_steps(const Steps& steps);

  /// The disc at value v in 0..100, filling a square of `size` pixels (at least 1); the rim is antialiased
  /// and the corners are transparent.
  void slice(double v, int size, Raster& out);
  /// The disc with each hue at the value where it is vivid, out of the table of the same wheel. Pixels may be
  /// 2/255 off, and at the kinks of the hue scale 7/255.
  void vivid(const VividTable& table, int size, Raster& out);
  /// The diametrical cut: angle a on the right, a + 180 on the left, neutral in the middle, value 100 at the
  /// top edge and 0 at the bottom edge.
  void section(Angle a, int width, int height, Raster& out) const;
  /// The color (a, r) at every value, one pixel wide.
  void rail(Angle a, double r, int height, Raster& out) const;

private:
  /// A row of the disc: its first column, how many pixels, where they start in the lists below.
  struct Row {
    int first, count;
    std::size_t start;
  };
  [[nodiscard]] HueDirection direction_at(double angle) const;
  [[nodiscard]] PremultipliedPixel end_color(double v, float r) const;
  /// What a disc of one size is made of.
  struct Disc {
    int size = 0;
    std::vector<Row> rows;
    // Per pixel of the disc: direction of the hue, r, 0..255 of the pixel inside the disc.
    std::vector<float> cos, sin, degrees, radius;
    std::vector<std::uint8_t> cover;
  };
  [[nodiscard]] const Disc& disc_of(int size);
  [[nodiscard]] Disc made_disc(int size) const;

  Wheel m_wheel;
  Steps m_steps;
  std::vector<HueDirection> m_hues; ///< Per table angle.
  std::list<Disc> m_discs;          ///< As many as there are windows with a wheel; the latest first.
};

} // namespace zc
