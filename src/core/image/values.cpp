// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/values.h"

#include "core/base/parallel.h"
#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/image/luminance.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numeric>

namespace zc {
namespace {

constexpr int kRowsAtOnce = 64;
/// Otsu's search runs on halves of L*; finer limits are not seen.
constexpr int kSearchBins = 201;

const std::vector<std::uint16_t>& tenth_of_luminance() {
  static const auto table = [] {
    std::vector<std::uint16_t> t(kLinearSteps + 1);
    for (int i = 0; i <= kLinearSteps; ++i)
      t[static_cast<std::size_t>(i)] =
          static_cast<std::uint16_t>(std::lround(10 * lightness_from_luminance(i / double(kLinearSteps))));
    return t;
  }();
  return table;
}

using Counts = std::array<std::uint64_t, 1001>;

double total_of(const FineValues& values) { return std::accumulate(values.begin(), values.end(), 0.0); }

} // namespace

FineValues fine_values(const PixelView& photo) {
  const auto& tenths = tenth_of_luminance();
  const Luminance luminance;
  const auto counts = summed_in_parallel(
      photo.height, kRowsAtOnce, Counts{},
      [&](int from, int to, Counts& sum) {
        // Neighbors are often alike: in counts of their own they do not wait for each other.
        Counts second{};
        for (int y = from; y < to; ++y) {
          const Pixel* pixels = photo.row(y);
          const auto count = [&](Counts& into, int x) {
            into[tenths[luminance.step(pixels[x])]] += pixels[x].alpha();
          };
          int x = 0;
          for (; x + 1 < photo.width; x += 2) {
            count(sum, x);
            count(second, x + 1);
          }
          if (x < photo.width) count(sum, x);
        }
        for (std::size_t i = 0; i < sum.size(); ++i) sum[i] += second[i];
      },
      [](Counts& a, const Counts& b) {
        for (std::size_t i = 0; i < a.size(); ++i) a[i] += b[i];
      });
  FineValues out{};
  std::transform(counts.begin(), counts.end(), out.begin(),
                 [](std::uint64_t n) { return static_cast<double>(n) / 255; });
  return out;
}

std::array<double, 101> whole_values(const FineValues& values) {
  std::array<double, 101> out{};
  for (std::size_t i = 0; i < values.size(); ++i) out[(i + 5) / 10] += values[i];
  return out;
}

std::vector<double> flat_limits(const FineValues& values, int tones) {
  assert(tones >= 2 && tones <= 11);
  // Sums of weight and of weight * value up to each bin.
  std::vector<double> weight(kSearchBins + 1, 0), moment(kSearchBins + 1, 0);
  std::array<double, kSearchBins> bins{};
  for (std::size_t i = 0; i < values.size(); ++i)
    bins[std::min<std::size_t>((i + 2) / 5, kSearchBins - 1)] += values[i];
  for (int i = 0; i < kSearchBins; ++i) {
    weight[i + 1] = weight[i] + bins[i];
    moment[i + 1] = moment[i] + bins[i] * i;
  }
  // The least variance inside is the largest sum of (moment^2 / weight); best[k][j]: bins before j in k
  // tones.
  const auto gain = [&](int from, int to) {
    const double w = weight[to] - weight[from], m = moment[to] - moment[from];
    return w > 0 ? m * m / w : 0.0;
  };
  std::vector<std::vector<double>> best(tones + 1, std::vector<double>(kSearchBins + 1, -1));
  std::vector<std::vector<int>> cut(tones + 1, std::vector<int>(kSearchBins + 1, 0));
  best[0][0] = 0;
  for (int k = 1; k <= tones; ++k)
    for (int j = k; j <= kSearchBins; ++j)
      for (int i = k - 1; i < j; ++i) {
        if (best[k - 1][i] < 0) continue;
        const double total = best[k - 1][i] + gain(i, j);
        if (total <= best[k][j]) continue;
        best[k][j] = total;
        cut[k][j] = i;
      }
  std::vector<double> limits;
  for (int k = tones, j = kSearchBins; k > 1; --k) {
    j = cut[k][j];
    limits.push_back(std::clamp(j / 2.0 - 0.25, 0.0, 100.0));
  }
  std::reverse(limits.begin(), limits.end());
  return limits;
}

FlatTones flat_tones(const FineValues& values, std::vector<double> limits) {
  FlatTones out;
  std::sort(limits.begin(), limits.end());
  out.limits = std::move(limits);
  for (std::size_t tone = 0; tone <= out.limits.size(); ++tone) {
    const double low = tone == 0 ? 0 : out.limits[tone - 1],
                 high = tone == out.limits.size() ? 100.05 : out.limits[tone];
    double weight = 0, moment = 0;
    for (std::size_t i = 0; i < values.size(); ++i) {
      const double v = static_cast<double>(i) / 10;
      if (v < low || v >= high) continue;
      weight += values[i];
      moment += values[i] * v;
    }
    out.levels.push_back(weight > 0 ? moment / weight : (low + std::min(high, 100.0)) / 2);
  }
  return out;
}

FlatTones even_tones(int steps) {
  assert(steps >= 2 && steps <= 101);
  FlatTones out;
  for (int i = 0; i < steps; ++i) {
    out.levels.push_back(100.0 * i / (steps - 1));
    if (i > 0) out.limits.push_back(100.0 * (i - 0.5) / (steps - 1));
  }
  return out;
}

void to_flat_tones(const PixelView& photo, const FlatTones& tones, Pixel* out) {
  std::vector<std::uint8_t> grey(kLinearSteps + 1);
  for (int i = 0; i <= kLinearSteps; ++i) {
    const double v = lightness_from_luminance(i / double(kLinearSteps));
    const auto tone = std::upper_bound(tones.limits.begin(), tones.limits.end(), v) - tones.limits.begin();
    grey[static_cast<std::size_t>(i)] =
        rounded_8bit(neutral_of_value(tones.levels[static_cast<std::size_t>(tone)])).r;
  }
  const Luminance luminance;
  in_parallel(photo.height, kRowsAtOnce, [&](int from, int to) {
    for (int y = from; y < to; ++y) {
      const Pixel* pixels = photo.row(y);
      Pixel* row = out + static_cast<std::size_t>(y) * photo.width;
      for (int x = 0; x < photo.width; ++x)
        row[x] = pixels[x].with(grey[luminance.step(pixels[x])] * 0x010101u);
    }
  });
}

BandShares band_shares(const FineValues& values, const Bands& bands) {
  BandShares out;
  const double total = total_of(values);
  if (total <= 0) return out;
  for (std::size_t i = 0; i < values.size(); ++i) {
    const Band band = band_of(static_cast<double>(i) / 10, bands);
    (band == Band::Dark ? out.dark : band == Band::Middle ? out.middle : out.light) += values[i] / total;
  }
  return out;
}

std::string_view key_of(const FineValues& values) {
  const double half = total_of(values) / 2;
  double below = 0;
  std::size_t median = 0;
  while (median < values.size() && below + values[median] < half) below += values[median++];
  if (median < 350) return "low key";
  return median > 650 ? "high key" : "middle key";
}

} // namespace zc
