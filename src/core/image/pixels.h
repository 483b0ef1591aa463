// SPDX-License-Identifier: GPL-3.0-or-later
// Photos as pixels, and what a user reads from them.
#pragma once

#include "core/color/color_vision.h"
#include "core/color/pixel.h"

#include <array>
#include <cstdint>
#include <optional>
#include <vector>

namespace zc {

/// What every analysis reads. The pixels must outlive it.
struct PixelView {
  int width = 0, height = 0;
  std::ptrdiff_t stride = 0; ///< Pixels from one row to the next.
  const Pixel* pixels = nullptr;
  [[nodiscard]] const Pixel* row(int y) const { return pixels + y * stride; }
};

/// A picture that the core makes: rows from the top, without a gap.
struct PixelPicture {
  int width = 0, height = 0;
  std::vector<Pixel> pixels;
  [[nodiscard]] PixelView view() const { return {width, height, width, pixels.data()}; }
};

/// A part of a photo in its own pixels.
struct PixelRect {
  int x = 0, y = 0, width = 0, height = 0;
  bool operator==(const PixelRect&) const = default;
};
/// The part of it that lies on the photo; empty where none does.
[[nodiscard]] PixelRect cut_to(const PixelRect& rect, const PixelView& photo);
[[nodiscard]] PixelView part_of(const PixelView& photo, const PixelRect& rect);

/// A place for each 24-bit color in tables of all of them: colors that look alike stand close together, so
/// that a picture reads few pages of such a table.
[[nodiscard]] constexpr std::uint32_t table_place(Pixel p) {
  const std::uint32_t w = p.word;
  return (w & 0xf80000u) | (w & 0xf800u) << 3 | (w & 0xf8u) << 6 | (w & 0x70000u) >> 10 | (w & 0x700u) >> 5 |
         (w & 7u);
}
/// The opaque color of a place.
[[nodiscard]] constexpr Pixel pixel_of_place(std::uint32_t p) {
  return {0xff000000u | (p & 0xf80000u) | (p >> 3 & 0xf800u) | (p >> 6 & 0xf8u) | (p << 10 & 0x70000u) |
          (p << 5 & 0x700u) | (p & 7u)};
}

/// Sides of the sampling square a user can choose, in pixels of the original.
inline constexpr std::array<int, 6> kSampleSides{1, 3, 5, 11, 31, 101};

/// Average in linear light, weighted by alpha, over the square of `side` pixels centered on (x, y), cut to
/// the photo. Nothing when the center lies outside or every pixel is transparent. REQUIRES an odd side.
[[nodiscard]] std::optional<Srgb> sample_average(const PixelView& photo, int x, int y, int side);

/// The neutral of equal L* for one pixel; alpha is kept. Linear in neither: it goes through luminance.
[[nodiscard]] Pixel value_grey(Pixel pixel);
/// value_grey() of every pixel; `out` may be the input.
void to_value_greys(const Pixel* in, Pixel* out, std::size_t count);
/// Every pixel as those eyes see it, in place: seen_by() to within half an 8-bit step and 0.03. Alpha is
/// kept.
void to_seen(ColorVision vision, Pixel* pixels, std::size_t count);

} // namespace zc
