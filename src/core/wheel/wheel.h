// SPDX-License-Identifier: GPL-3.0-or-later
// The wheel: a hue scale combined with a saturation measure, every color at true L*.
#pragma once

#include "core/base/angle.h"
#include "core/wheel/measure.h"

#include <memory>
#include <optional>

namespace zc {

/// What the user chose; a plain value kept in the piece.
struct WheelSpec {
  HueScale hues = HueScale::Traditional;
  SaturationMeasure measure = SaturationMeasure::Hsluv;
  bool operator==(const WheelSpec&) const = default;
};

struct WheelPoint {
  double a = 0; ///< Degrees clockwise from the top, [0, 360).
  double r = 0; ///< 0 neutral .. 1 rim.
  double v = 0; ///< L*, 0..100.
  bool operator==(const WheelPoint&) const = default;
};

/// A place together with the wheel it is a place of: on another wheel the same numbers mean another color.
struct WheelPlace {
  WheelPoint at;
  WheelSpec wheel;
  bool operator==(const WheelPlace&) const = default;
};

/// Cartesian place on the unit disc, x to the right, y up.
struct DiscPoint {
  double x = 0, y = 0;
  bool operator==(const DiscPoint&) const = default;
};

[[nodiscard]] inline DiscPoint disc_point(Angle a, double r) {
  return {r * std::sin(a.radians()), r * std::cos(a.radians())};
}
[[nodiscard]] inline DiscPoint disc_point(const WheelPoint& p) { return disc_point(Angle(p.a), p.r); }
/// Angle of the disc center is `angle_at_center`.
[[nodiscard]] WheelPoint wheel_point(DiscPoint p, double v, Angle angle_at_center = {});

/// Saturation below which a color counts as neutral: its hue is not defined and the last one is kept.
inline constexpr double kNeutralSaturation = 1e-6;

/// Immutable; cheap to copy (shares its tables).
class Wheel {
public:
  explicit Wheel(WheelSpec spec);
  [[nodiscard]] const WheelSpec& spec() const { return m_spec; }

  /// The color at a wheel point, L* = v within 1e-9, or nothing where the display has none. Angles are
  /// wrapped. Nothing for an angle that is no number, r outside 0..1 or v outside 0..100.
  [[nodiscard]] std::optional<Srgb> color_at(WheelPoint p) const;
  struct Found {
    WheelPoint at;
    Srgb color;
  };
  /// The color at a wheel point or, where the display has none, at the reach of that angle and value; neutral
  /// always exists. Angles are wrapped, r and v brought into their ranges; what is no number counts as 0.
  [[nodiscard]] Found nearest_existing(WheelPoint p) const;
  /// The wheel point of a color; inverse of color_at to 1e-6. A neutral takes `angle_of_neutral`.
  [[nodiscard]] WheelPoint locate(Srgb c, double angle_of_neutral = 0) const;
  /// r at which the ray from neutral at angle a first leaves the gamut at value v.
  [[nodiscard]] double reach(Angle a, double v) const;
  /// Values at which the color (a, r) exists.
  [[nodiscard]] ValueSpan value_span(Angle a, double r) const;
  /// Hue number of the measure at an angle.
  [[nodiscard]] double hue_at(double a) const { return m_hues->hue_at(a); }

private:
  WheelSpec m_spec;
  std::shared_ptr<const HueMap> m_hues;
  std::shared_ptr<const Measure> m_measure;
};

/// Where a color stands on a wheel: where it was picked, when it was picked on this wheel; otherwise it is
/// located anew. A neutral that has no place of its own takes `angle_of_neutral`.
[[nodiscard]] WheelPoint place_on(const Wheel& wheel, Srgb color, const std::optional<WheelPlace>& picked,
                                  double angle_of_neutral = 0);

} // namespace zc
