// A systematic name for a color, built from value, chroma and the trade's hue names.
#pragma once

#include "core/color/spaces.h"

#include <string>

namespace zc {

/// For example "dark dull blue-green" or "light warm grey". Value: very dark below L* 15, dark below 35,
/// light from 65, very light from 85 (middle is not said). Chroma, LCh(ab): grey below 4, greyed below 12,
/// dull below 28, vivid from 70 (in between is not said). Hue: the nearest of the twelve traditional hues;
/// dark dull oranges are called brown.
[[nodiscard]] std::string color_in_words(Srgb c);

} // namespace zc
