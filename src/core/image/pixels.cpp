// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/pixels.h"

#include "core/base/parallel.h"
#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/image/luminance.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace zc {

PixelRect cut_to(const PixelRect& r, const PixelView& photo) {
  const int left = std::clamp(r.x, 0, photo.width), top = std::clamp(r.y, 0, photo.height);
  const auto end = [](int from, int length, int most) {
    return static_cast<int>(std::clamp<std::int64_t>(std::int64_t{from} + length, 0, most));
  };
  const int right = end(r.x, r.width, photo.width), bottom = end(r.y, r.height, photo.height);
  return {left, top, std::max(0, right - left), std::max(0, bottom - top)};
}

PixelView part_of(const PixelView& photo, const PixelRect& rect) {
  const PixelRect r = cut_to(rect, photo);
  return {r.width, r.height, photo.stride, photo.pixels + r.y * photo.stride + r.x};
}

std::optional<Srgb> sample_average(const PixelView& photo, int x, int y, int side) {
  assert(side % 2 == 1);
  if (x < 0 || y < 0 || x >= photo.width || y >= photo.height) return std::nullopt;
  const int half = side / 2;
  const int x1 = std::min(photo.width - 1, x + half), y1 = std::min(photo.height - 1, y + half);
  const auto& linear = linear_of_8bit();
  double r = 0, g = 0, b = 0, weight = 0;
  for (int row = std::max(0, y - half); row <= y1; ++row) {
    const Pixel* pixels = photo.row(row);
    for (int column = std::max(0, x - half); column <= x1; ++column) {
      const Pixel w = pixels[column];
      const double alpha = w.alpha();
      r += alpha * linear[w.r()];
      g += alpha * linear[w.g()];
      b += alpha * linear[w.b()];
      weight += alpha;
    }
  }
  if (weight == 0) return std::nullopt;
  const auto channel = [weight](double sum) { return std::min(1.0, encoded_from_linear(sum / weight)); };
  return Srgb{channel(r), channel(g), channel(b)};
}

Pixel value_grey(Pixel pixel) {
  Pixel out;
  to_value_greys(&pixel, &out, 1);
  return out;
}

void to_value_greys(const Pixel* in, Pixel* out, std::size_t count) {
  constexpr std::size_t block = 65536;
  const std::uint8_t* encoded = encoded_8bit_of_linear().data();
  const Luminance luminance;
  in_parallel(static_cast<int>((count + block - 1) / block), 1, [&](int from, int to) {
    const std::size_t end = std::min(count, static_cast<std::size_t>(to) * block);
    for (std::size_t i = static_cast<std::size_t>(from) * block; i < end; ++i)
      out[i] = in[i].with(encoded[luminance.step(in[i])] * 0x010101u);
  });
}

void to_seen(ColorVision vision, Pixel* pixels, std::size_t count) {
  if (vision == ColorVision::Normal) return;
  if (vision == ColorVision::Values) return to_value_greys(pixels, pixels, count);
  // Each entry is a share of a channel's own, so that a pixel costs twelve sums and three look-ups.
  const ConeLoss loss = cone_loss(vision);
  const auto& linear = exact_linear_of_8bit();
  using Shares = std::array<std::array<float, 256>, 3>; // Of one result, by channel.
  std::array<std::array<Shares, 3>, 2> share{};
  Shares to_side{};
  for (std::size_t from = 0; from < 3; ++from)
    for (std::size_t i = 0; i < 256; ++i) {
      to_side[from][i] = static_cast<float>(loss.side[from] * linear[i]);
      for (std::size_t side = 0; side < 2; ++side)
        for (std::size_t to = 0; to < 3; ++to)
          share[side][to][from][i] =
              static_cast<float>(loss.through[side][to][from] * linear[i] * kLinearSteps);
    }
  const std::uint8_t* encoded = encoded_8bit_of_linear().data();
  constexpr std::size_t block = 16384;
  in_parallel(static_cast<int>((count + block - 1) / block), 1, [&](int first, int last) {
    const std::size_t end = std::min(count, static_cast<std::size_t>(last) * block);
    for (std::size_t i = static_cast<std::size_t>(first) * block; i < end; ++i) {
      const Pixel w = pixels[i];
      const std::size_t r = w.r(), g = w.g(), b = w.b();
      const auto& by = share[to_side[0][r] + to_side[1][g] + to_side[2][b] < 0 ? 0 : 1];
      const auto channel = [&](const Shares& row) {
        const float sum = std::clamp(row[0][r] + row[1][g] + row[2][b], 0.0F, float(kLinearSteps));
        return static_cast<std::uint32_t>(encoded[static_cast<std::size_t>(sum + 0.5F)]);
      };
      pixels[i] = w.with(channel(by[0]) << 16 | channel(by[1]) << 8 | channel(by[2]));
    }
  });
}

} // namespace zc
