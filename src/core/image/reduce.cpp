#include "core/image/reduce.h"

#include "core/base/parallel.h"
#include "core/image/light.h"

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

} // namespace

void reduce(const PixelView& photo, int width, int height, std::uint32_t* out) {
  assert(width >= 1 && width <= photo.width && height >= 1 && height <= photo.height);
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
        const std::uint32_t* words = photo.row(row);
        const float down = high.share(row) * per_area;
        for (int x = 0; x < width; ++x) {
          const Cover& wide = columns[static_cast<std::size_t>(x)];
          for (int i = wide.from; i < wide.to; ++i)
            sums[static_cast<std::size_t>(x)] += converter.light(words[i]) * (down * wide.share(i));
        }
      }
      std::transform(sums.begin(), sums.end(), out + static_cast<std::ptrdiff_t>(y) * width,
                     [&converter](const LightPixel& sum) { return converter.word(sum); });
    }
  });
}

} // namespace zc
