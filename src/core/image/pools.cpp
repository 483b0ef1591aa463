// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/pools.h"

#include "core/base/parallel.h"
#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/image/through_mask.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace zc {
namespace {

/// More pixels change a palette by less than the eye can tell.
constexpr std::size_t kMostSamples = 60'000;
/// With fewer of a pool every pixel is looked at.
constexpr std::size_t kFewSamples = 3'000;
/// Likes closer than this in OKLab are one color; about one CIEDE2000.
constexpr double kGrain = 0.0125;

struct Place {
  int x = 0, y = 0;
};

/// Values a pool may take its pixels from, as luminance. Extracting a color into the mask keeps its value to
/// the rounding of 8 bits, so it may come from a little beyond.
struct Range {
  double from = 0, to = 2;
};
Range range_of(const ExtractionSpec& spec, std::optional<Band> band) {
  constexpr double kBeyond = 1;
  if (!band) return {};
  const auto luminance = [](double value) { return luminance_from_lightness(std::clamp(value, 0.0, 100.0)); };
  Range out;
  if (*band != Band::Dark)
    out.from = luminance((*band == Band::Light ? spec.bands.light_from : spec.bands.dark_below) - kBeyond);
  if (*band != Band::Light)
    out.to = luminance((*band == Band::Dark ? spec.bands.dark_below : spec.bands.light_from) + kBeyond);
  return out;
}

class Looker {
public:
  Looker(const PixelView& photo, const ExtractionSpec& spec, const Wheel* wheel, const MaskRegion* region)
      : m_photo(photo), m_spec(spec), m_wheel(wheel), m_region(region) {
    if (spec.mask != MaskUse::Ignore) m_mapper.emplace(*wheel, *region);
    const double pixels = static_cast<double>(photo.width) * photo.height;
    m_step = std::max(1, static_cast<int>(std::ceil(std::sqrt(pixels / kMostSamples))));
  }

  /// Pixels at even distances are kept, of every band.
  [[nodiscard]] std::vector<Sample> coarse() const {
    std::vector<Place> places;
    for (int y = std::min(m_step / 2, m_photo.height - 1); y < m_photo.height; y += m_step)
      for (int x = std::min(m_step / 2, m_photo.width - 1); x < m_photo.width; x += m_step)
        if (m_photo.row(y)[x].alpha() >= 128) places.push_back({x, y});
    return samples_at(places);
  }
  [[nodiscard]] bool passed_any_over() const { return m_step > 1; }

  /// Out of all pixels that belong to the pool. `weight` becomes what one of them weighs against a coarse
  /// one.
  [[nodiscard]] std::vector<Sample> fine(std::optional<Band> band, double& weight) const {
    const Range range = range_of(m_spec, band);
    std::vector<Place> places;
    std::size_t seen = 0, every = 1;
    constexpr int kRows = 128;
    std::vector<std::vector<int>> found(kRows);
    for (int top = 0; top < m_photo.height; top += kRows) {
      const int rows = std::min(kRows, m_photo.height - top);
      in_parallel(rows, 4, [&](int from, int to) {
        for (int r = from; r < to; ++r) find_in_row(top + r, range, found[static_cast<std::size_t>(r)]);
      });
      for (int r = 0; r < rows; ++r)
        for (const int x : found[static_cast<std::size_t>(r)]) {
          if (seen++ % every == 0) places.push_back({x, top + r});
          if (places.size() >= 2 * kMostSamples) halve(places, every);
        }
    }
    weight = static_cast<double>(every) / (static_cast<double>(m_step) * m_step);
    return samples_at(places);
  }

private:
  /// Every other place stays, and from now on every other one of those that come.
  static void halve(std::vector<Place>& places, std::size_t& every) {
    for (std::size_t i = 0; i < kMostSamples; ++i) places[i] = places[2 * i];
    places.resize(kMostSamples);
    every *= 2;
  }
  /// The pixels of a row that can belong to a pool.
  void find_in_row(int y, const Range& range, std::vector<int>& found) const {
    static const auto& linear = linear_of_8bit();
    const Pixel* pixels = m_photo.row(y);
    found.clear();
    for (int x = 0; x < m_photo.width; ++x) {
      const Pixel w = pixels[x];
      const double luminance = 0.2126 * linear[w.r()] + 0.7152 * linear[w.g()] + 0.0722 * linear[w.b()];
      if (w.alpha() < 128 || luminance < range.from || luminance > range.to) continue;
      if (m_spec.mask == MaskUse::InsideOnly && !m_mapper->keeps(w)) continue;
      found.push_back(x);
    }
  }

  [[nodiscard]] std::vector<Sample> samples_at(const std::vector<Place>& places) const {
    std::vector<Sample> all(places.size());
    std::vector<char> kept(places.size(), 1);
    in_parallel(static_cast<int>(places.size()), 512, [&](int from, int to) {
      for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
        const auto [x, y] = places[i];
        Pixel pixel = m_photo.row(y)[x];
        if (m_spec.mask == MaskUse::MapInto) pixel = m_mapper->mapped(pixel);
        const Srgb color = srgb_from_8bit(color_of(pixel));
        all[i] = {color_of(pixel), oklab_from_srgb(color), x, y};
        if (m_spec.mask != MaskUse::InsideOnly) continue;
        const WheelPoint p = m_wheel->locate(color);
        kept[i] = m_region->inside(disc_point(p));
      }
    });
    std::vector<Sample> out;
    for (std::size_t i = 0; i < all.size(); ++i)
      if (kept[i]) out.push_back(all[i]);
    return out;
  }

  const PixelView& m_photo;
  const ExtractionSpec& m_spec;
  const Wheel* m_wheel;
  const MaskRegion* m_region;
  std::optional<MaskMapper> m_mapper;
  int m_step = 1;
};

std::vector<WeighedColor> colors_of(const std::vector<Sample>& samples, double weight) {
  struct Sum {
    double l = 0, a = 0, b = 0, n = 0;
    std::size_t place = 0;
  };
  std::unordered_map<std::uint64_t, Sum> sums;
  std::vector<std::uint64_t> keys, order;
  const auto cell = [](double x) {
    return static_cast<std::uint64_t>(std::lround(x / kGrain) + 4096) & 0xffff;
  };
  for (const Sample& s : samples) {
    const std::uint64_t key = cell(s.at.l) << 32 | cell(s.at.a) << 16 | cell(s.at.b);
    Sum& sum = sums[key];
    if (sum.n == 0) {
      sum.place = order.size();
      order.push_back(key);
    }
    sum.l += s.at.l;
    sum.a += s.at.a;
    sum.b += s.at.b;
    ++sum.n;
    keys.push_back(key);
  }
  std::vector<WeighedColor> out(order.size());
  std::vector<double> nearest(order.size(), 1e9);
  for (std::size_t k = 0; k < order.size(); ++k) {
    const Sum& s = sums[order[k]];
    out[k].at = {s.l / s.n, s.a / s.n, s.b / s.n};
    out[k].weight = s.n * weight;
  }
  for (std::size_t i = 0; i < samples.size(); ++i) {
    const std::size_t k = sums[keys[i]].place;
    const double d = apart(samples[i].at, out[k].at);
    if (d >= nearest[k]) continue;
    nearest[k] = d;
    out[k].sample = i;
  }
  for (auto& c : out) c.lab = lab_from_xyz(xyz_from_oklab(c.at));
  return out;
}

std::vector<Pool> empty_pools(const ExtractionSpec& spec) {
  if (!spec.quotas) return {{{}, spec.count, {}, {}}};
  const BandCounts& q = *spec.quotas;
  return {{Band::Light, q.light, {}, {}}, {Band::Middle, q.middle, {}, {}}, {Band::Dark, q.dark, {}, {}}};
}

/// Samples of other bands are left out: a mask may have moved them, or they came from beyond a limit.
void fill(Pool& pool, const std::vector<Sample>& samples, const Bands& bands) {
  pool.samples.clear();
  for (const Sample& s : samples)
    if (!pool.band || band_of(value_of(srgb_from_8bit(s.color)), bands) == *pool.band)
      pool.samples.push_back(s);
}

} // namespace

std::vector<Pool> pools_of(const PixelView& photo, const ExtractionSpec& spec, const Wheel* wheel,
                           const MaskRegion* region) {
  auto out = empty_pools(spec);
  if (photo.width <= 0 || photo.height <= 0) return out;
  const Looker looker(photo, spec, wheel, region);
  const auto coarse = looker.coarse();
  for (Pool& pool : out) {
    double weight = 1;
    fill(pool, coarse, spec.bands);
    if (pool.wanted > 0 && pool.samples.size() < kFewSamples && looker.passed_any_over())
      fill(pool, looker.fine(pool.band, weight), spec.bands);
    pool.colors = colors_of(pool.samples, weight);
  }
  return out;
}

} // namespace zc
