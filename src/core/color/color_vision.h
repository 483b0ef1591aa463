// SPDX-License-Identifier: GPL-3.0-or-later
// Colors as other eyes see them: by value alone, or with one kind of cone missing or weak.
#pragma once

#include "core/base/range.h"
#include "core/base/word.h"
#include "core/color/spaces.h"

#include <array>
#include <compare>

namespace zc {

/// How much of a kind of cone is missing, 0 none to 1 all.
inline constexpr Range kSeverityRange{0, 1};

/// Whose eyes everything is looked at with.
class ColorVision {
public:
  /// Protan, Deutan and Tritan: without long, middle or short wave cones.
  enum Kind { Normal, Values, Protan, Deutan, Tritan };
  /// `severity`, in kSeverityRange, belongs to the last three alone.
  constexpr ColorVision(Kind kind = Normal, double severity = 1) : m_kind(kind), m_severity(severity) {}
  [[nodiscard]] constexpr Kind kind() const { return m_kind; }
  [[nodiscard]] constexpr double severity() const { return m_severity; }
  [[nodiscard]] constexpr bool deficient() const { return m_kind >= Protan; }
  friend constexpr auto operator<=>(const ColorVision&, const ColorVision&) = default;
  friend constexpr bool operator==(const ColorVision&, const ColorVision&) = default;
  /// Whether it is of that kind, whatever the severity.
  friend constexpr bool operator==(const ColorVision& vision, Kind kind) { return vision.m_kind == kind; }

private:
  Kind m_kind;
  double m_severity;
};
inline constexpr Word<ColorVision::Kind> kColorVisionWords[] = {{ColorVision::Normal, "usual"},
                                                                {ColorVision::Values, "values"},
                                                                {ColorVision::Protan, "protan"},
                                                                {ColorVision::Deutan, "deutan"},
                                                                {ColorVision::Tritan, "tritan"}};
inline constexpr std::array<ColorVision::Kind, 3> kDeficientVisions{ColorVision::Protan, ColorVision::Deutan,
                                                                    ColorVision::Tritan};

/// What linear light is taken through: H. Brettel, F. Vienot, J. D. Mollon, "Computerized simulation of color
/// appearance for dichromats", JOSA A 14(10), 1997. Along the axis of the missing cone every color goes onto
/// one of two half planes, which meet in the greys and lead to the two lights that such eyes see as all do:
/// 475 and 575 nm, for Tritan 485 and 660 nm. Cones by Hunt, Pointer and Estevez from the CIE 1931 observer;
/// the greys are those of D65. Lower severities lie on the straight way in linear light.
struct ConeLoss {
  std::array<double, 3> side;     ///< Linear light on the first side when its product with this is below 0.
  std::array<Matrix3, 2> through; ///< Greys stay; twice is as once at full severity.
};
/// REQUIRES deficient eyes.
[[nodiscard]] ConeLoss cone_loss(ColorVision vision);
/// A color of the display as those eyes see it, in the display again: Values gives the neutral of equal L*,
/// see neutral_of_value(). Of a deficiency the strongest colors lead outside the display; each of their
/// channels is brought to its end, as a screen would show them.
[[nodiscard]] Srgb seen_by(ColorVision vision, Srgb c);

} // namespace zc
