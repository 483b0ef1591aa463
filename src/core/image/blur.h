// SPDX-License-Identifier: GPL-3.0-or-later
// Squinting: a photo with its detail taken away.
#pragma once

#include "core/image/pixels.h"

namespace zc {

/// Blurred in linear light, as an eye out of focus does it: three box filters in a row, close to a Gaussian
/// of standard deviation `radius` pixels. Transparency is blurred along. `out` holds width * height pixels.
/// REQUIRES 0 <= radius.
void squint(const PixelView& photo, double radius, Pixel* out);

} // namespace zc
