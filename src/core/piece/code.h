// SPDX-License-Identifier: GPL-3.0-or-later
// A color as it is written where it is printed or bought: four inks of a press, or its name in a color book.
// It is never worked out anew from the color that a display shows for it.
#pragma once

#include "core/base/word.h"
#include "core/color/difference.h"
#include "core/color/ink.h"
#include "core/color/named_spaces.h"

#include <string>
#include <variant>

namespace zc {

struct WrittenInks {
  Ink ink;
  std::string profile = {}; ///< What the profile of the press calls itself; may be empty.
  std::string digest = {};  ///< Its profile ID (ISO 15076-1, 7.2.18) in hex; empty where it is not known.
  bool operator==(const WrittenInks&) const = default;
};
struct BookName {
  std::string book, name;
  bool operator==(const BookName&) const = default;
};
/// What an ink does that no display shows.
enum class Finish { Plain, Metallic, Fluorescent };
inline constexpr Word<Finish> kFinishWords[] = {
    {Finish::Plain, "plain"}, {Finish::Metallic, "metallic"}, {Finish::Fluorescent, "fluorescent"}};

struct Code {
  std::variant<WrittenInks, BookName> as;
  LabD50 lab; ///< The color itself, which a display may not be able to show.
  Srgb shown; ///< What stands for it on a display.
  Finish finish = Finish::Plain;
  bool operator==(const Code&) const = default;
};
/// CIEDE2000 from which on what a display shows is another color (a just noticeable difference).
inline constexpr double kShownOtherwise = 1;

/// A code with the nearest color that a display shows. REQUIRES finite numbers.
[[nodiscard]] Code code_with(std::variant<WrittenInks, BookName> as, LabD50 lab,
                             Finish finish = Finish::Plain);
/// It is true as long as the color is still the one that stands for it, in 8 bits; else null.
[[nodiscard]] const Code* code_for(Srgb color, const std::optional<Code>& code);
/// A display cannot show it: by its finish, or because it lies outside what displays have.
[[nodiscard]] bool beyond_display(const Code& code);
/// CIEDE2000 between the color itself and another.
[[nodiscard]] double difference_to(const Code& code, Srgb other);

} // namespace zc
