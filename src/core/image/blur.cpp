#include "core/image/blur.h"

#include "core/base/parallel.h"
#include "core/color/channel_tables.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>
#include <cstring>

namespace zc {
namespace {

/// Linear light times alpha, and alpha.
using Pixel = std::array<float, 4>;

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
void box(const Pixel* in, Pixel* out, int n, int half) {
  Pixel sum{};
  const auto at = [&](int i) -> const Pixel& { return in[std::clamp(i, 0, n - 1)]; };
  for (int i = -half; i <= half; ++i)
    for (int c = 0; c < 4; ++c) sum[c] += at(i)[c];
  const float share = 1.0f / static_cast<float>(2 * half + 1);
  for (int i = 0; i < n; ++i) {
    const Pixel &enters = at(i + half + 1), &leaves = at(i - half);
    for (int c = 0; c < 4; ++c) {
      out[i][c] = sum[c] * share;
      sum[c] += enters[c] - leaves[c];
    }
  }
}

/// Lines that are turned together: as many pixels as fill a cache line.
constexpr int kTogether = 4;

/// All lines of a picture through the three boxes, and the picture turned on its side: twice makes both ways.
void blur_lines(std::vector<Pixel>& pixels, int width, int height, const std::array<int, 3>& halves) {
  std::vector<Pixel> turned(pixels.size());
  in_parallel((height + kTogether - 1) / kTogether, 4, [&](int from, int to) {
    std::array<std::vector<Pixel>, kTogether> lines;
    for (auto& line : lines) line.resize(static_cast<std::size_t>(width));
    std::vector<Pixel> other(static_cast<std::size_t>(width));
    for (int block = from; block < to; ++block) {
      const int top = block * kTogether, count = std::min(kTogether, height - top);
      for (int k = 0; k < count; ++k) {
        auto& line = lines[static_cast<std::size_t>(k)];
        std::copy_n(pixels.begin() + static_cast<std::ptrdiff_t>(top + k) * width, width, line.begin());
        for (const int half : halves) {
          if (half == 0) continue;
          box(line.data(), other.data(), width, half);
          std::swap(line, other);
        }
      }
      for (int x = 0; x < width; ++x)
        for (int k = 0; k < count; ++k)
          turned[static_cast<std::size_t>(x) * height + top + k] = lines[static_cast<std::size_t>(k)][x];
    }
  });
  pixels = std::move(turned);
}

} // namespace

void squint(const PixelView& photo, double radius, std::uint32_t* out) {
  assert(radius >= 0);
  const auto copy = [&] {
    for (int y = 0; y < photo.height; ++y)
      std::memcpy(out + static_cast<std::size_t>(y) * photo.width, photo.row(y),
                  static_cast<std::size_t>(photo.width) * sizeof(std::uint32_t));
  };
  const auto halves = box_halves(radius);
  if (photo.width == 0 || photo.height == 0 || halves[2] == 0) return copy();
  const auto& linear = linear_of_8bit();
  std::vector<Pixel> pixels(static_cast<std::size_t>(photo.width) * photo.height);
  in_parallel(photo.height, 16, [&](int from, int to) {
    for (int y = from; y < to; ++y)
      for (int x = 0; x < photo.width; ++x) {
        const std::uint32_t w = photo.row(y)[x];
        const float alpha = static_cast<float>(w >> 24) / 255;
        pixels[static_cast<std::size_t>(y) * photo.width + x] = {
            alpha * linear[w >> 16 & 0xff], alpha * linear[w >> 8 & 0xff], alpha * linear[w & 0xff], alpha};
      }
  });
  blur_lines(pixels, photo.width, photo.height, halves);
  blur_lines(pixels, photo.height, photo.width, halves);
  const std::uint8_t* encoded = encoded_8bit_of_linear().data();
  in_parallel(static_cast<int>(pixels.size()), 4096, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
      const Pixel& p = pixels[i];
      const float alpha = std::clamp(p[3], 0.0f, 1.0f), per_alpha = alpha > 0 ? 1 / alpha : 0;
      const auto channel = [&](int c) {
        return std::uint32_t{
            encoded[static_cast<int>(std::clamp(p[c] * per_alpha, 0.0f, 1.0f) * kLinearSteps + 0.5f)]};
      };
      out[i] = static_cast<std::uint32_t>(std::lround(255 * alpha)) << 24 | channel(0) << 16 |
               channel(1) << 8 | channel(2);
    }
  });
}

} // namespace zc
