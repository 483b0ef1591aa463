// SPDX-License-Identifier: GPL-3.0-or-later
// Photos made smaller.
#pragma once

#include "core/image/pixels.h"

namespace zc {

/// The photo at another, smaller size: every pixel is the average, in linear light and with alpha
/// premultiplied, of the area it covers, so that a fine texture keeps its value at any size. REQUIRES 1 <=
/// width <= photo.width and 1 <= height <= photo.height; `out` has width * height pixels.
void reduce(const PixelView& photo, int width, int height, Pixel* out);

} // namespace zc
