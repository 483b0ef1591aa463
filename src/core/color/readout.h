// Readouts: a color as three numbers in the spaces painters read, and back.
#pragma once

#include "core/base/result.h"
#include "core/color/spaces.h"

#include <string>
#include <string_view>

namespace zc {

/// RGB 0-255; HSV and HSL in degrees and percent; LCh(ab) relative to D65.
enum class ReadoutSpace { Rgb, Hsv, Hsl, Lch };

/// Three numbers in the C locale, parted by two spaces; whole for RGB, HSV and HSL, one decimal for LCh.
[[nodiscard]] std::string readout_of(ReadoutSpace space, Srgb color);

/// Reads three numbers parted by spaces or commas; degree and percent signs are ignored. ERRORS: BadInput
/// when they are not three numbers in range, or when the display has no such color.
[[nodiscard]] Result<Srgb> color_of_readout(ReadoutSpace space, std::string_view text);

} // namespace zc
