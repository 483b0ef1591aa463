// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/blur.h"

#include "core/base/parallel.h"
#include "core/image/light.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>
#include <cstring>

namespace zc {
namespace {

/// Widths of three boxes whose run equals a Gaussian of this deviation most closely (P. Kovesi, "Fast almost-
/// Gaussian filtering", DICTA 2010).
std::array<int, 3> box_halves(double deviation) {
  const double ideal = std::sqrt(12 * deviation * deviation / 3 + 1);
  int lower = static_cast<int>(ideal);
  if (lower % 2 == 0) --lower;
  const double wide =
      (12 * deviation * deviation - 3.0 * lower * lower - 12 * lower - 9) / (-4.0 * lower - 4);
  const auto narrow = static_cast<int>(std::lround(wide));
  std::array<int, 3> out{};
  for (int i = 0; i < 3; ++i) out[i] = (i < narrow ? lower : lower + 2) / 2;
  return out;
}

/// One line through one box; the ends are held.
void box(const LightPixel* in, LightPixel* out, int n, int half) {
  LightPixel sum;
  const auto at = [&](int i) -> const LightPixel& { return in[std::clamp(i, 0, n - 1)]; };
  for (int i = -half; i <= half; ++i) sum += at(i);
  const float share = 1.0f / static_cast<float>(2 * half + 1);
  for (int i = 0; i < n; ++i) {
    out[i] = sum * share;
    sum += at(i + half + 1);
    sum -= at(i - half);
  }
}

/// Lines that are turned together: as many pixels as fill a cache line.
constexpr int kTogether = 4;

/// Through the three boxes; `other` is room for as many pixels.
void blur_line(std::vector<LightPixel>& line, std::vector<LightPixel>& other,
               const std::array<int, 3>& halves) {
  for (const int half : halves) {
    if (half == 0) continue;
    box(line.data(), other.data(), static_cast<int>(line.size()), half);
    std::swap(line, other);
  }
}

/// All lines of a picture through the three boxes, and the picture turned on its side: twice makes both ways.
void blur_lines(std::vector<LightPixel>& pixels, int width, int height, const std::array<int, 3>& halves) {
  std::vector<LightPixel> turned(pixels.size());
  in_parallel((height + kTogether - 1) / kTogether, 4, [&](int from, int to) {
    std::array<std::vector<LightPixel>, kTogether> lines;
    for (auto& line : lines) line.resize(static_cast<std::size_t>(width));
    std::vector<LightPixel> other(static_cast<std::size_t>(width));
    for (int block = from; block < to; ++block) {
      const int top = block * kTogether, count = std::min(kTogether, height - top);
      for (int k = 0; k < count; ++k) {
        auto& line = lines[static_cast<std::size_t>(k)];
        std::copy_n(pixels.begin() + static_cast<std::ptrdiff_t>(top + k) * width, width, line.begin());
        blur_line(line, other, halves);
      }
      for (int x = 0; x < width; ++x)
        for (int k = 0; k < count; ++k)
          turned[static_cast<std::size_t>(x) * height + top + k] = lines[static_cast<std::size_t>(k)][x];
    }
  });
  pixels = std::move(turned);
}

} // namespace

void squint(const PixelView& photo, double radius, Pixel* out) {
  assert(radius >= 0);
  const auto copy = [&] {
    for (int y = 0; y < photo.height; ++y)
      std::memcpy(out + static_cast<std::size_t>(y) * photo.width, photo.row(y),
                  static_cast<std::size_t>(photo.width) * sizeof(Pixel));
  };
  const auto halves = box_halves(radius);
  if (photo.width == 0 || photo.height == 0 || halves[2] == 0) return copy();
  const LightConverter converter;
  std::vector<LightPixel> pixels(static_cast<std::size_t>(photo.width) * photo.height);
  in_parallel(photo.height, 16, [&](int from, int to) {
    for (int y = from; y < to; ++y)
      std::transform(photo.row(y), photo.row(y) + photo.width,
                     pixels.begin() + static_cast<std::ptrdiff_t>(y) * photo.width,
                     [&converter](Pixel w) { return converter.light(w); });
  });
  blur_lines(pixels, photo.width, photo.height, halves);
  blur_lines(pixels, photo.height, photo.width, halves);
  in_parallel(static_cast<int>(pixels.size()), 4096, [&](int from, int to) {
    std::transform(pixels.begin() + from, pixels.begin() + to, out + from,
                   [&converter](const LightPixel& p) { return converter.pixel(p); });
  });
}

} // namespace zc
