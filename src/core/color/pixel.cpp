// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/pixel.h"

#include <algorithm>

namespace zc {

PremultipliedPixel premultiplied(Pixel p) {
  const std::uint32_t alpha = p.alpha();
  if (alpha == 255) return {p.word};
  const auto part = [alpha](std::uint32_t channel) { return (channel * alpha + 127) / 255; };
  return {alpha << 24 | part(p.r()) << 16 | part(p.g()) << 8 | part(p.b())};
}

Pixel straight(PremultipliedPixel p) {
  const std::uint32_t alpha = p.alpha();
  if (alpha == 0) return {};
  if (alpha == 255) return {p.word};
  const auto whole = [&](int shift) {
    return std::min(255u, ((p.word >> shift & 255u) * 255 + alpha / 2) / alpha) << shift;
  };
  return {alpha << 24 | whole(16) | whole(8) | whole(0)};
}

} // namespace zc
