// SPDX-License-Identifier: GPL-3.0-or-later
// A systematic name for a color, built from value, chroma and the trade's hue names.
#pragma once

#include "core/color/spaces.h"

#include <string>
#include <string_view>

namespace zc {

/// For example "very dark dull blue-green", "light muted warm orange" or "light warm grey". Value, by limits
/// of L* at 14, 28, 42, 58, 72, 86: blackish, very dark, dark, (not said), light, very light, whitish.
/// Chroma, LCh(ab): grey below 4, greyed below 10, dull below 20, muted below 36, not said below 62, else
/// vivid. Hue: the nearest of the twelve traditional hues; from a chroma of 24 on also its warm or cool side
/// where it is more than 6 degrees off; dark dull oranges are called
/// brown, light colorful colors between red-violet and violet magenta. Two colors that differ by a
/// CIEDE2000 of 10 rarely have one name.
[[nodiscard]] std::string color_in_words(Srgb c);
/// The same in its parts, each as it stands in the name; empty where it is not said. Languages put them
/// together in their own way.
struct ColorWords {
  std::string_view value, chroma, side, hue;
};
[[nodiscard]] ColorWords color_word_parts(Srgb c);
/// What stands before the hue in a short name: the chroma, the side of a grey, or nothing.
[[nodiscard]] std::string_view short_first_word(const ColorWords& parts);
/// A name short enough for a swatch: its first word, its hue, L* as a whole number: "vivid yellow 84", "warm
/// grey 45".
[[nodiscard]] std::string short_color_name(Srgb c);
/// How the program names swatches: in the language that is spoken, which is English until it is told another
/// way. Told once, before any piece is open.
using SwatchNaming = std::string (*)(Srgb);
void name_swatches_by(SwatchNaming naming);
[[nodiscard]] std::string made_swatch_name(Srgb c);
/// Its hue alone: "blue-violet", "brown", "grey".
[[nodiscard]] std::string hue_in_words(Srgb c);

} // namespace zc
