// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/reduce.h"

#include "core/base/parallel.h"
#include "core/image/light.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>
#include <vector>

namespace zc {
namespace {

/// The pixels that one pixel of the smaller size covers along a side; the first and the last may be covered
/// in part.
struct Cover {
  int from = 0, to = 0; ///< [from, to)
  float first = 1, last = 1;
  [[nodiscard]] float share(int i) const { return i == from ? first : i + 1 == to ? last : 1.0f; }
};

/// The light of a run of pixels, each by its share.
LightPixel along(const LightConverter& converter, const Pixel* pixels, const Cover& wide) {
  LightPixel sum = converter.light(pixels[wide.from]) * wide.first;
  if (wide.to - wide.from == 1) return sum;
  for (int i = wide.from + 1; i + 1 < wide.to; ++i) sum += converter.light(pixels[i]);
  sum += converter.light(pixels[wide.to - 1]) * wide.last;
  return sum;
}

std::vector<Cover> covers(int length, int smaller) {
  const double each = static_cast<double>(length) / smaller;
  std::vector<Cover> out(static_cast<std::size_t>(smaller));
  for (int i = 0; i < smaller; ++i) {
    const double from = i * each, to = i + 1 == smaller ? length : (i + 1) * each;
    Cover& c = out[static_cast<std::size_t>(i)];
    c.from = std::min(static_cast<int>(from), length - 1);
    c.to = std::clamp(static_cast<int>(std::ceil(to - 1e-9)), c.from + 1, length);
    c.first = static_cast<float>(std::min<double>(c.from + 1, to) - from);
    c.last = static_cast<float>(to - (c.to - 1));
  }
  return out;
}

/// The average of four opaque pixels, in whole steps of linear light.
class OpaqueMean {
public:
  [[nodiscard]] Pixel operator()(Pixel a, Pixel b, Pixel c, Pixel d) const {
    const auto channel = [&](int shift) {
      const std::uint32_t sum = m_steps[a.word >> shift & 255] + m_steps[b.word >> shift & 255] +
                                m_steps[c.word >> shift & 255] + m_steps[d.word >> shift & 255];
      return std::uint32_t{m_encoded[(sum + 2) >> 2]} << shift;
    };
    return Pixel{channel(16) | channel(8) | channel(0)}.opaque();
  }

private:
  static std::array<std::uint32_t, 256> steps() {
    std::array<std::uint32_t, 256> out{};
    const auto& linear = linear_of_8bit();
    std::transform(linear.begin(), linear.end(), out.begin(),
                   [](float l) { return static_cast<std::uint32_t>(std::lrint(l * kLinearSteps)); });
    return out;
  }
  std::array<std::uint32_t, 256> m_steps = steps();
  const std::uint8_t* m_encoded = encoded_8bit_of_linear().data();
};

/// What every photo goes through when it is opened; nothing but whole pixels is averaged.
void halve(const PixelView& photo, Pixel* out) {
  const int width = photo.width / 2;
  const LightConverter converter;
  const OpaqueMean opaque_mean;
  in_parallel(photo.height / 2, 8, [&](int from, int to) {
    for (int y = from; y < to; ++y) {
      const Pixel *upper = photo.row(2 * y), *lower = photo.row(2 * y + 1);
      Pixel* row = out + static_cast<std::ptrdiff_t>(y) * width;
      for (int x = 0; x < width; ++x, upper += 2, lower += 2) {
        if ((upper[0].alpha() & upper[1].alpha() & lower[0].alpha() & lower[1].alpha()) == 255) {
          row[x] = opaque_mean(upper[0], upper[1], lower[0], lower[1]);
          continue;
        }
        LightPixel sum = converter.light(upper[0]);
        sum += converter.light(upper[1]);
        sum += converter.light(lower[0]);
        sum += converter.light(lower[1]);
        row[x] = converter.pixel(sum * 0.25f);
      }
    }
  });
}

} // namespace

void reduce(const PixelView& photo, int width, int height, Pixel* out) {
  assert(width >= 1 && width <= photo.width && height >= 1 && height <= photo.height);
  if (photo.width == 2 * width && photo.height == 2 * height) return halve(photo, out);
  const auto columns = covers(photo.width, width), rows = covers(photo.height, height);
  const float per_area = static_cast<float>(width) / static_cast<float>(photo.width) *
                         static_cast<float>(height) / static_cast<float>(photo.height);
  const LightConverter converter;
  in_parallel(height, 8, [&](int from, int to) {
    std::vector<LightPixel> sums;
    for (int y = from; y < to; ++y) {
      sums.assign(static_cast<std::size_t>(width), {});
      const Cover& high = rows[static_cast<std::size_t>(y)];
      for (int row = high.from; row < high.to; ++row) {
        const Pixel* pixels = photo.row(row);
        const float down = high.share(row) * per_area;
        for (int x = 0; x < width; ++x)
          sums[static_cast<std::size_t>(x)] +=
              along(converter, pixels, columns[static_cast<std::size_t>(x)]) * down;
      }
      std::transform(sums.begin(), sums.end(), out + static_cast<std::ptrdiff_t>(y) * width,
                     [&converter](const LightPixel& sum) { return converter.pixel(sum); });
    }
  });
}

} // namespace zc
