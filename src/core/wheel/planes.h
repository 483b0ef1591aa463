// SPDX-License-Identifier: GPL-3.0-or-later
// The color solid cut at one L*, as fast pixel arithmetic for each saturation measure.
#pragma once

#include "core/color/pixel.h"
#include "core/wheel/hue_scale.h"

#include <cstdint>
#include <memory>

namespace zc {

/// Hue of a pixel: degrees as the measure counts them, and its direction.
struct HueDirection {
  float cos, sin, degrees;
};

/// Runs of pixels are worked on in blocks of at most this many, so that the arithmetic fills vector
/// registers.
inline constexpr int kBlock = 256;

/// One plane of equal L*. Colors are opaque and within 1/255 of the exact color, or nothing
/// is seen where the display has none.
class Plane {
public:
  virtual ~Plane() = default;
  /// A block of up to kBlock pixels given by hue and r in 0..1.
  virtual void colors(const float* cos_h, const float* sin_h, const float* degrees, const float* r, int n,
                      PremultipliedPixel* out) = 0;
};

/// REQUIRES 0 < v < 100.
[[nodiscard]] std::unique_ptr<Plane> make_plane(SaturationMeasure measure, double v);

} // namespace zc
