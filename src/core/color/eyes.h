// SPDX-License-Identifier: GPL-3.0-or-later
// Colors as other eyes see them: by value alone, or with one kind of cone missing.
#pragma once

#include "core/base/word.h"
#include "core/color/spaces.h"

#include <array>

namespace zc {

/// Whose eyes everything is looked at with. Protan, Deutan and Tritan: without long, middle or short wave
/// cones.
enum class Eyes { Usual, Values, Protan, Deutan, Tritan };
inline constexpr Word<Eyes> kEyesWords[] = {{Eyes::Usual, "usual"},
                                            {Eyes::Values, "values"},
                                            {Eyes::Protan, "protan"},
                                            {Eyes::Deutan, "deutan"},
                                            {Eyes::Tritan, "tritan"}};
inline constexpr std::array<Eyes, 3> kDeficientEyes{Eyes::Protan, Eyes::Deutan, Eyes::Tritan};

/// What linear light is taken through: G. M. Machado, M. M. Oliveira, L. A. F. Fernandes, "A
/// Physiologically-based Model for Simulation of Color Vision Deficiency", IEEE TVCG 15(6), 2009, full
/// severity. Rows sum to 1: greys stay as they are. REQUIRES one of kDeficientEyes.
[[nodiscard]] const Matrix3& deficiency_matrix(Eyes eyes);
/// A color of the display as those eyes see it, in the display again: Values gives the neutral of equal L*,
/// see neutral_of_value(). Of a deficiency the strongest colors lead outside the display; each of their
/// channels is brought to its end, as a screen would show them.
[[nodiscard]] Srgb seen_by(Eyes eyes, Srgb c);

} // namespace zc
