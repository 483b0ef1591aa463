// SPDX-License-Identifier: GPL-3.0-or-later
// Saturation measures: how (hue, r) at a value becomes a color. L* always equals the value.
//
// HSLuv: r = share of the largest LCh(uv) chroma at this L* and hue; the disc is full at every value.
// HSL: r = HSL saturation, lightness solved for L*; the disc is full at every value.
// HSV: r = HSV saturation, V solved for L*; above the L* of the pure tint nothing exists.
// CIELAB, OKLab and luma chroma: r = chroma / the largest chroma anywhere in sRGB; the slice has the outline
// of the display gamut. Luma chroma is the length of (Cb, Cr) of ITU-R BT.709, its hue their angle from Cb to
// Cr.
#pragma once

#include "core/base/angle.h"
#include "core/wheel/hue_scale.h"

#include <memory>
#include <optional>

namespace zc {

struct ValueSpan {
  double low = 0, high = 100; ///< L*; low > high means the color exists nowhere.
  [[nodiscard]] bool empty() const { return low > high; }
  bool operator==(const ValueSpan&) const = default;
};

/// One measure. Hues are degrees as measured_hue() counts them, r is 0 at neutral and 1 at the rim, v is L*.
class Measure {
public:
  virtual ~Measure() = default;
  /// The color, L* = v within 1e-9, or nothing where the display has none. REQUIRES 0 <= r <= 1, 0 <= v <=
  /// 100.
  [[nodiscard]] virtual std::optional<Srgb> color_at(Angle hue, double r, double v) const = 0;
  /// Hue, r and L* of a color at once. The hue of a neutral means nothing.
  struct Located {
    double hue = 0, r = 0, v = 0;
  };
  [[nodiscard]] virtual Located located(Srgb c) const = 0;
  /// r at which the ray from neutral first leaves the display gamut, at most 1. A ray may come back further
  /// out; color_at() shows what exists there all the same.
  [[nodiscard]] virtual double reach(Angle hue, double v) const = 0;
  /// The values at which (hue, r) exists: the widest unbroken span.
  [[nodiscard]] virtual ValueSpan value_span(Angle hue, double r) const = 0;
};

[[nodiscard]] std::unique_ptr<const Measure> make_measure(SaturationMeasure measure);
[[nodiscard]] std::unique_ptr<const Measure> make_hex_measure(SaturationMeasure measure); ///< HSL or HSV.
[[nodiscard]] std::unique_ptr<const Measure>
make_chroma_measure(SaturationMeasure measure); ///< CIELAB, OKLab or luma.

/// Whether every (hue, r) exists at every value between black and white.
[[nodiscard]] constexpr bool fills_disc(SaturationMeasure measure) {
  return measure == SaturationMeasure::Hsluv || measure == SaturationMeasure::Hsl;
}

/// Largest chroma anywhere in sRGB: CIELAB's at blue, OKLab's at magenta, luma's at green and magenta.
[[nodiscard]] double largest_chroma(SaturationMeasure measure);

} // namespace zc
