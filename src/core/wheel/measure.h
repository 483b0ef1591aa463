// Saturation measures: how (hue, r) at a value becomes a color. L* always equals the value.
#pragma once

#include "core/wheel/hue_scale.h"

#include <memory>
#include <optional>

namespace zc {

struct ValueSpan {
  double low = 0, high = 100; ///< L*; low > high means the color exists nowhere.
  bool operator==(const ValueSpan&) const = default;
};

/// One measure. Hues are degrees as measured_hue() counts them, r is 0 at neutral and 1 at the rim, v is L*.
class Measure {
public:
  virtual ~Measure() = default;
  /// The color, or nothing where the display has none. REQUIRES 0 <= r <= 1 and 0 <= v <= 100.
  [[nodiscard]] virtual std::optional<Srgb> color_at(double hue, double r, double v) const = 0;
  /// r of a color.
  [[nodiscard]] virtual double saturation_of(Srgb c) const = 0;
  /// r at which the ray from neutral first leaves the display gamut, at most 1.
  [[nodiscard]] virtual double reach(double hue, double v) const = 0;
  /// The values at which (hue, r) exists.
  [[nodiscard]] virtual ValueSpan value_span(double hue, double r) const = 0;
};

[[nodiscard]] std::unique_ptr<const Measure> make_measure(SaturationMeasure measure);

} // namespace zc
