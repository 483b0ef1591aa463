// SPDX-License-Identifier: GPL-3.0-or-later
// What a press makes of swatches, with their codes: inks that were written for it are printed as they are.
#pragma once

#include "core/piece/piece.h"
#include "core/press/press.h"

#include <utility>
#include <vector>

namespace zc {

/// The inks of a code, where they were written for this press; else null.
[[nodiscard]] const Ink* written_for(const Press& press, const Code* code);
/// Four inks as they are written for a press, with what stands for them on a display. REQUIRES 0 to 100 each.
[[nodiscard]] Code written_inks(const Press& press, const Ink& ink);

/// What of a swatch a press is asked about.
struct PressWish {
  Srgb color;
  std::optional<Code> code = {};
  bool operator==(const PressWish&) const = default;
};
/// Whether it prints, by the same rules.
[[nodiscard]] bool prints(const Press& press, const PressWish& wish, double limit);
[[nodiscard]] std::vector<PressWish> press_wishes(const SwatchSet& set);
/// Of each what check_for_press() says of its color. Inks written for this press are printed as they are; of
/// any other code its CIELAB is what is asked for, and a finish that a display does not show is printed by no
/// four inks.
[[nodiscard]] std::vector<SwatchPress> check_for_press(const Press& press,
                                                       const std::vector<PressWish>& wishes, double limit);

/// What the swatches that do not print may become.
struct PrintableColors {
  std::vector<std::pair<Id, Srgb>> colors; ///< The nearest printable of each that is not locked.
  std::size_t locked = 0;                  ///< So many do not print and stay.
};
/// Of the swatches named, or of all where none is. REQUIRES what check_for_press() says of press_wishes(set).
[[nodiscard]] PrintableColors printable_colors(const SwatchSet& set, const std::vector<SwatchPress>& found,
                                               const std::vector<Id>& of = {});

} // namespace zc
