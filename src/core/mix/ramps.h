// SPDX-License-Identifier: GPL-3.0-or-later
// Ramps: graded rows of colors from one color.
#pragma once

#include "core/base/range.h"
#include "core/base/result.h"
#include "core/base/word.h"
#include "core/mask/mask.h"
#include "core/wheel/wheel.h"

#include <optional>
#include <vector>

namespace zc {

enum class RampKind {
  Tints,    ///< Toward white, hue of the wheel's measure kept.
  Shades,   ///< Toward black, hue kept.
  Tones,    ///< Toward the grey of equal value, hue kept.
  Greys,    ///< At equal value straight across the disc to another place, the neutral of a mask.
  Values,   ///< Constant angle and saturation, over all the values where the color exists, ends left out.
            ///< With equal steps of L* the color itself is one of them.
  Between,  ///< From one color to another by a Way.
  Distance, ///< Into the air: light of the color fades into the air's, as it does with distance (linear
            ///< light).
};

/// How a ramp between two colors goes.
enum class Way {
  Straight, ///< A straight line in OKLab.
  Short,    ///< Lightness, chroma and hue of OKLab side by side, the hue by the shorter turn.
  Long,     ///< The same by the longer turn.
  Light,    ///< Mixed as light.
  Paint,    ///< Mixed as paint; ends no paint can have become the nearest paint.
};
inline constexpr Word<Way> kWayWords[] = {{Way::Straight, "straight"},
                                          {Way::Short, "short"},
                                          {Way::Long, "long"},
                                          {Way::Light, "light"},
                                          {Way::Paint, "paint"}};

enum class Evenness {
  Lightness,  ///< Equal steps of L*. Where the ends have one L*, equal steps of CIEDE2000.
  Difference, ///< Equal CIEDE2000 from step to step.
};

inline constexpr Range kRampStepsRange{2, 24};

struct RampSpec {
  RampKind kind = RampKind::Values;
  Srgb from;
  std::optional<Srgb> to; ///< Between: the other end. Distance: the color of the air. Greys: the neutral.
  int steps = 9;          ///< In kRampStepsRange, ends included.
  Evenness even = Evenness::Lightness;
  double neutral_angle = 0; ///< Wheel angle taken for a neutral start.
  Way way = Way::Straight;  ///< Of a ramp between two colors.
  /// L* where tints end, shades end, and both ends of values; 0 <= darkest < lightest <= 100.
  double darkest = 0, lightest = 100;
};

struct RampStep {
  Srgb color;
  std::optional<WheelPlace> at; ///< For the kinds that run on the wheel.
  bool held = false;            ///< Moved into the mask.
  bool reached = true;          ///< False where the way leaves what the display, or a paint, can show, and
                                ///< the nearest that can be shown stands.
  int row = 0;                  ///< Of a ladder, from 0.
  bool operator==(const RampStep&) const = default;
};

/// The color the air has when none is chosen: a light, dull blue.
[[nodiscard]] Srgb usual_haze();

/// ERRORS: BadInput for steps and ends outside their range, for a missing second color, and for ends too
/// alike to part.
[[nodiscard]] Status validate(const RampSpec& spec);

/// The row; even within 2 %, hue of the measure within 0.1 degree for the kinds that keep it. With a region,
/// steps outside it go to its nearest point at equal value and are marked. ERRORS: as validate(); NotFound
/// when the start has no place on the wheel.
[[nodiscard]] Result<std::vector<RampStep>> make_ramp(const RampSpec& spec, const Wheel& wheel,
                                                      const MaskRegion* hold = nullptr);

/// So many colors between two, the two left out, even in L* as far as they differ in it. ERRORS: BadInput for
/// a number outside 1..22 and for ends too alike to part.
[[nodiscard]] Result<std::vector<RampStep>> steps_between(Srgb from, Srgb to, int count, Way way);

} // namespace zc
