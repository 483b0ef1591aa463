// SPDX-License-Identifier: GPL-3.0-or-later
// A set as a PNG (ISO/IEC 15948): plain squares to sample from in any program.
#pragma once

#include "core/base/result.h"
#include "core/piece/piece.h"
#include "io/files/bytes.h"

namespace zc {

inline constexpr int kStripSquare = 48; ///< Side of a swatch in pixels.
inline constexpr int kStripPerRow = 16; ///< A longer family goes on in the next row.

/// Each family starts a row; squares touch, so that every sample hits a swatch; the rest is transparent.
/// Tagged as sRGB. ERRORS: BadInput when the set is empty.
[[nodiscard]] Result<Bytes> png_strip(const SwatchSet& set);

} // namespace zc
