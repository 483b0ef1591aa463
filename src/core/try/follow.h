// SPDX-License-Identifier: GPL-3.0-or-later
// A picture that moves as the swatches of a set moved, its texture kept.
#pragma once

#include "core/color/spaces.h"
#include "core/image/pixels.h"

#include <complex>
#include <vector>

namespace zc {

/// A swatch before and after.
struct SwatchMove {
  Srgb from, to;
};

/// What the moves of a set make of any color. Each move is a shift of L* and, in the a-b plane of OKLab, a
/// turn and ratio (a complex factor) and what that leaves. What all moves have in common, a line in L* and
/// one factor, holds everywhere; the rest is blended by inverse distance to the fourth power in OKLab (D.
/// Shepard, "A two-dimensional interpolation function for irregularly-spaced data", ACM National Conference
/// 1968). So a color at a swatch becomes what the swatch became, and a turn, ratio, shift or contrast of the
/// whole set is exact for every color.
class Follow {
public:
  /// `softness`, a distance in OKLab from 0 on, lets each move reach further and blunts it at its swatch.
  explicit Follow(const std::vector<SwatchMove>& moves, double softness = 0);
  /// Whether it leaves every color as it is.
  [[nodiscard]] bool still() const { return m_moves.empty(); }
  struct Moved {
    Lab wanted; ///< Before the gamut is met.
    Srgb color; ///< Reduced in chroma at its value and hue where it does not exist.
    bool reduced = false;
  };
  [[nodiscard]] Moved moved(Srgb color) const;
  /// The same for pictures.
  [[nodiscard]] Srgb8 moved(Srgb8 color) const;

private:
  [[nodiscard]] Oklab moved(const Xyz& color) const;

  struct Move {
    Oklab at;
    double shift = 0;          ///< L*, beside what is common.
    std::complex<double> turn; ///< Factor of a and b.
    std::complex<double> rest; ///< Of a and b, added.
  };
  std::vector<Move> m_moves;
  double m_contrast = 1, m_shift = 0; ///< Common: L* becomes contrast * L* + shift.
  double m_softness2 = 0;
};

} // namespace zc
