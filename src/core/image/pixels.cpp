#include "core/image/pixels.h"

#include "core/color/channel_tables.h"
#include "core/color/convert.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

struct LuminanceWeights {
  float r, g, b;
};

const LuminanceWeights& luminance_weights() {
  static const auto& row = linear_to_xyz_matrix()[1];
  static const LuminanceWeights w{static_cast<float>(row[0]), static_cast<float>(row[1]),
                                  static_cast<float>(row[2])};
  return w;
}

int luminance_step(std::uint32_t w, const std::array<float, 256>& linear, const LuminanceWeights& weights) {
  const float y =
      weights.r * linear[w >> 16 & 0xff] + weights.g * linear[w >> 8 & 0xff] + weights.b * linear[w & 0xff];
  return std::min(kLinearSteps, static_cast<int>(y * kLinearSteps + 0.5f));
}

const std::array<std::uint8_t, kLinearSteps + 1>& bin_of_luminance() {
  static const auto table = [] {
    std::array<std::uint8_t, kLinearSteps + 1> t{};
    for (int i = 0; i <= kLinearSteps; ++i)
      t[i] = static_cast<std::uint8_t>(
          std::clamp(std::floor(lightness_from_luminance(i / double(kLinearSteps)) + 1e-6), 0.0, 99.0));
    return t;
  }();
  return table;
}

} // namespace

std::optional<Srgb> sample_average(const PixelView& photo, int x, int y, int side) {
  if (x < 0 || y < 0 || x >= photo.width || y >= photo.height) return std::nullopt;
  const int half = side / 2;
  const int x1 = std::min(photo.width - 1, x + half), y1 = std::min(photo.height - 1, y + half);
  const auto& linear = linear_of_8bit();
  double r = 0, g = 0, b = 0, weight = 0;
  for (int row = std::max(0, y - half); row <= y1; ++row) {
    const std::uint32_t* words = photo.row(row);
    for (int column = std::max(0, x - half); column <= x1; ++column) {
      const std::uint32_t w = words[column];
      const double alpha = w >> 24;
      r += alpha * linear[w >> 16 & 0xff];
      g += alpha * linear[w >> 8 & 0xff];
      b += alpha * linear[w & 0xff];
      weight += alpha;
    }
  }
  if (weight == 0) return std::nullopt;
  const auto channel = [weight](double sum) { return std::min(1.0, encoded_from_linear(sum / weight)); };
  return Srgb{channel(r), channel(g), channel(b)};
}

ValueHistogram value_histogram(const PixelView& photo) {
  std::array<std::uint64_t, 100> counts{};
  const auto& bins = bin_of_luminance();
  const auto& linear = linear_of_8bit();
  const auto& weights = luminance_weights();
  for (int y = 0; y < photo.height; ++y) {
    const std::uint32_t* words = photo.row(y);
    for (int x = 0; x < photo.width; ++x)
      counts[bins[luminance_step(words[x], linear, weights)]] += words[x] >> 24;
  }
  ValueHistogram out{};
  std::transform(counts.begin(), counts.end(), out.begin(), [](std::uint64_t n) { return n / 255.0; });
  return out;
}

std::uint32_t value_grey(std::uint32_t word) {
  std::uint32_t out;
  to_value_greys(&word, &out, 1);
  return out;
}

void to_value_greys(const std::uint32_t* in, std::uint32_t* out, std::size_t count) {
  const auto& encoded = encoded_8bit_of_linear();
  const auto& linear = linear_of_8bit();
  const auto& weights = luminance_weights();
  for (std::size_t i = 0; i < count; ++i) {
    const std::uint32_t grey = encoded[luminance_step(in[i], linear, weights)];
    out[i] = (in[i] & 0xff000000u) | grey << 16 | grey << 8 | grey;
  }
}

} // namespace zc
