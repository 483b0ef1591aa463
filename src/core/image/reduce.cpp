#include "core/image/reduce.h"

#include "core/base/parallel.h"
#include "core/color/channel_tables.h"

#include <algorithm>
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
  [[nodiscard]] float share(int i) const {
    return (i == from ? first : 1.0f) * (i + 1 == to && to - from > 1 ? last : 1.0f);
  }
};

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

/// Sums of linear light times alpha, and of alpha.
struct Sum {
  float r = 0, g = 0, b = 0, alpha = 0;
};

std::uint32_t word_of(const Sum& s, float area) {
  if (s.alpha <= 0) return 0;
  const auto& encoded = encoded_8bit_of_linear();
  const auto channel = [&](float sum) {
    const float linear = std::clamp(sum / s.alpha, 0.0f, 1.0f);
    return static_cast<std::uint32_t>(encoded[static_cast<std::size_t>(std::lround(linear * kLinearSteps))]);
  };
  const auto alpha = static_cast<std::uint32_t>(std::lround(std::min(255.0f, s.alpha / area)));
  return alpha << 24 | channel(s.r) << 16 | channel(s.g) << 8 | channel(s.b);
}

} // namespace

void reduce(const PixelView& photo, int width, int height, std::uint32_t* out) {
  assert(width >= 1 && width <= photo.width && height >= 1 && height <= photo.height);
  const auto columns = covers(photo.width, width), rows = covers(photo.height, height);
  const float* linear = linear_of_8bit().data();
  const float area = static_cast<float>(photo.width) / static_cast<float>(width) *
                     static_cast<float>(photo.height) / static_cast<float>(height);
  in_parallel(height, 8, [&](int from, int to) {
    std::vector<Sum> sums;
    for (int y = from; y < to; ++y) {
      sums.assign(static_cast<std::size_t>(width), {});
      const Cover& high = rows[static_cast<std::size_t>(y)];
      for (int row = high.from; row < high.to; ++row) {
        const std::uint32_t* words = photo.row(row);
        const float down = high.share(row);
        for (int x = 0; x < width; ++x) {
          Sum& sum = sums[static_cast<std::size_t>(x)];
          const Cover& wide = columns[static_cast<std::size_t>(x)];
          for (int i = wide.from; i < wide.to; ++i) {
            const std::uint32_t w = words[i];
            const float weight = down * wide.share(i) * static_cast<float>(w >> 24);
            sum.r += weight * linear[w >> 16 & 0xff];
            sum.g += weight * linear[w >> 8 & 0xff];
            sum.b += weight * linear[w & 0xff];
            sum.alpha += weight;
          }
        }
      }
      for (int x = 0; x < width; ++x)
        out[static_cast<std::size_t>(y) * static_cast<std::size_t>(width) + static_cast<std::size_t>(x)] =
            word_of(sums[static_cast<std::size_t>(x)], area);
    }
  });
}

} // namespace zc
