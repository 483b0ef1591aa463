// SPDX-License-Identifier: GPL-3.0-or-later
// A press on coated paper that no one owns: what four inks look like on it, by the Neugebauer equations
// (H. E. J. Neugebauer 1937) with the factor of Yule and Nielsen (J. A. C. Yule, W. J. Nielsen 1951).
#pragma once

#include <array>

namespace zc::standin {

/// Areas of cyan, magenta, yellow and black, 0..1 of the paper, as told to the plate.
using Areas = std::array<double, 4>;
/// CIELAB under D50, white of the perfect diffuser (L* 100), 2 degree observer.
struct LabD50 {
  double l = 0, a = 0, b = 0;
};
/// CIE XYZ, Y of the perfect diffuser is 1.
using XyzD50 = std::array<double, 3>;
inline constexpr XyzD50 kWhiteD50{0.9642, 1, 0.8249}; ///< ISO 15076-1, the profile connection space.

[[nodiscard]] LabD50 lab_of(const XyzD50& c);
[[nodiscard]] XyzD50 xyz_of(const LabD50& c);

/// Paper, solids and overprints. Bit 0 is cyan, 1 magenta, 2 yellow, 3 black.
[[nodiscard]] const std::array<LabD50, 16>& overprints();

/// How much of the paper an area covers in print; dots grow by the press.
[[nodiscard]] double printed_area(int ink, double area);
[[nodiscard]] XyzD50 printed(const Areas& areas);
/// The same relative to the paper, as profiles tell it.
[[nodiscard]] LabD50 printed_on_paper(const Areas& areas);

/// The largest sum of areas that the stand-in lays.
inline constexpr double kMostInk = 3.3;
/// Areas that come nearest to a color relative to the paper; with black in place of the grey that the three
/// others would make, the more of it the darker. `off` is how far it misses the color in CIE 1976 units.
struct Separation {
  Areas areas{};
  double off = 0;
};
[[nodiscard]] Separation separated(const LabD50& on_paper);

} // namespace zc::standin
