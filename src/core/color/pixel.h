// SPDX-License-Identifier: GPL-3.0-or-later
// What the number of a pixel means, by its type: Pixel is encoded with straight alpha, PremultipliedPixel
// encoded and times its alpha; LightPixel (core/image/light.h) is linear and times its alpha, the only one
// that may be averaged.
#pragma once

#include "core/color/spaces.h"

#include <cstdint>

namespace zc {

/// sRGB, gamma-encoded, with straight alpha.
struct Pixel {
  std::uint32_t word = 0; ///< 0xAARRGGBB.
  [[nodiscard]] constexpr std::uint32_t alpha() const { return word >> 24; }
  [[nodiscard]] constexpr std::uint32_t r() const { return word >> 16 & 255u; }
  [[nodiscard]] constexpr std::uint32_t g() const { return word >> 8 & 255u; }
  [[nodiscard]] constexpr std::uint32_t b() const { return word & 255u; }
  /// The color without alpha, 0xRRGGBB.
  [[nodiscard]] constexpr std::uint32_t rgb() const { return word & 0xffffffu; }
  [[nodiscard]] constexpr Pixel opaque() const { return {word | 0xff000000u}; }
  /// Another color with this alpha.
  [[nodiscard]] constexpr Pixel with(std::uint32_t rgb) const { return {(word & 0xff000000u) | rgb}; }
  bool operator==(const Pixel&) const = default;
};

/// sRGB, gamma-encoded, each channel times alpha: what windows lay over each other. Opaque it is a Pixel's
/// word.
struct PremultipliedPixel {
  std::uint32_t word = 0; ///< 0xAARRGGBB.
  [[nodiscard]] constexpr std::uint32_t alpha() const { return word >> 24; }
  bool operator==(const PremultipliedPixel&) const = default;
};
/// Rounds to the nearest 8 bits. What is premultiplied has lost some of a color that is hardly seen, and all
/// of one that is not.
[[nodiscard]] PremultipliedPixel premultiplied(Pixel pixel);
[[nodiscard]] Pixel straight(PremultipliedPixel pixel);

[[nodiscard]] constexpr Pixel pixel_of(Srgb8 c) { return {0xff000000u | c.r << 16 | c.g << 8 | c.b}; }
[[nodiscard]] constexpr Srgb8 color_of(Pixel p) {
  return {static_cast<std::uint8_t>(p.r()), static_cast<std::uint8_t>(p.g()),
          static_cast<std::uint8_t>(p.b())};
}

} // namespace zc
