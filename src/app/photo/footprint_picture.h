// SPDX-License-Identifier: GPL-3.0-or-later
// A photo's footprint as light dots over a wheel.
#pragma once

#include "core/image/places.h"

#include <QImage>

namespace zc {

/// White or black with the weight as transparency, on a square that covers the unit disc.
[[nodiscard]] QImage footprint_picture(const std::vector<ColorPlace>& places, int size, bool black);

} // namespace zc
