// SPDX-License-Identifier: GPL-3.0-or-later
// Hue scales: where each hue sits around the wheel.
//
// Wheel angles are degrees clockwise from the top, yellow at the top, the warm side on the right. A hue map
// is a strictly monotone periodic map between the angle and the hue number of a saturation measure.
#pragma once

#include "core/base/word.h"
#include "core/color/spaces.h"

#include <array>
#include <memory>
#include <string_view>
#include <vector>

namespace zc {

enum class HueScale {
  Traditional, ///< Twelve pigment hues every 30 degrees: red faces green.
  Light,       ///< The six-primary ring, red-green-blue named: red faces cyan.
  Ink,         ///< The same geometry, yellow-magenta-cyan named.
  Even,        ///< OKLab hue spaced evenly.
};

/// Which hue number and which saturation the wheel is built on. See measure.h.
enum class SaturationMeasure { Hsluv, Hsl, Hsv, CielabChroma, OklabChroma, LumaChroma };

inline constexpr Word<HueScale> kHueWords[] = {{HueScale::Traditional, "traditional"},
                                               {HueScale::Light, "light"},
                                               {HueScale::Ink, "ink"},
                                               {HueScale::Even, "even"}};
inline constexpr Word<SaturationMeasure> kMeasureWords[] = {
    {SaturationMeasure::Hsluv, "hsluv"},       {SaturationMeasure::Hsl, "hsl"},
    {SaturationMeasure::Hsv, "hsv"},           {SaturationMeasure::CielabChroma, "cielab"},
    {SaturationMeasure::OklabChroma, "oklab"}, {SaturationMeasure::LumaChroma, "luma"}};

struct NamedHue {
  double angle;           ///< Wheel angle in degrees.
  std::string_view name;  ///< "red-orange"
  std::string_view label; ///< "RO"
  bool primary;           ///< One of the named primaries of this scale.
};

/// The hues the trade names on this scale, in order of angle.
[[nodiscard]] const std::vector<NamedHue>& named_hues(HueScale scale);
/// The nearest named hue.
[[nodiscard]] const NamedHue& nearest_named_hue(HueScale scale, double angle);

/// Anchor colors of the traditional scale, every 30 degrees from yellow at 0.
[[nodiscard]] const std::array<Srgb8, 12>& traditional_anchors();

/// The fully saturated sRGB color of an HSV hue: the ring of the display's own primaries.
[[nodiscard]] Srgb ring_color(double hsv_hue);

/// The hue number of a color as the measure counts it, degrees in [0, 360). Undefined for neutrals.
[[nodiscard]] double measured_hue(SaturationMeasure measure, Srgb c);

/// Angle of a hue scale <-> hue number of a measure. Both directions agree to 1e-9 degree.
/// Traditional: the anchors' measured hues joined by a monotone cubic (F. N. Fritsch, R. E. Carlson,
/// "Monotone piecewise cubic interpolation", SIAM J. Numer. Anal. 17, 1980). Light and Ink: the measured hue
/// of ring_color(60 - angle). Even: the measured hue of the ring color whose OKLab hue lies `angle` short of
/// yellow's; OKLab hue folds back by 0.16 degree just before blue, and is straightened there.
class HueMap {
public:
  HueMap(HueScale scale, SaturationMeasure measure);
  ~HueMap();
  HueMap(HueMap&&) noexcept;
  [[nodiscard]] double hue_at(double angle) const;
  [[nodiscard]] double angle_of(double hue) const;

  struct Curve;

private:
  std::unique_ptr<const Curve> m_curve;
};

} // namespace zc
