// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/check.h"

#include "core/base/parallel.h"
#include "core/base/sentences.h"
#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/image/reduce.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace zc {
namespace {

/// Pixels looked at for what is lacking; more add time and no colors.
constexpr double kLookedAt = 1e6;
/// A swatch is needed from this share of a picture on (ours).
constexpr double kNeededShare = 0.001;

Lab lab_of(Pixel pixel) { return lab_from_8bit(color_of(pixel)); }

/// A picture parted by how near the set is.
struct Parted {
  std::vector<Pixel> far; ///< The picture, with nothing seen where a swatch is near enough.
  std::vector<int> near;  ///< Pixels that are near to each swatch.
  int seen = 0, left = 0; ///< Pixels that are not transparent, and those of them that are far.
};

Parted part_by_set(const PixelView& photo, const SwatchMatcher& matcher, std::size_t swatches, double far) {
  constexpr std::uint32_t kFar = 1, kFirstSwatch = 2;
  Parted out;
  out.far.resize(static_cast<std::size_t>(photo.width) * photo.height);
  const ColorTable known;
  const auto standing = [&](Pixel pixel) {
    if (matcher.empty()) return kFar;
    const Matched m = matcher.nearest(pixel);
    return m.away > far ? kFar : kFirstSwatch + static_cast<std::uint32_t>(m.swatch);
  };
  using Counts = std::vector<int>; // Seen, far, near to each swatch.
  const Counts counts = summed_in_parallel(
      photo.height, 16, Counts(swatches + 2),
      [&](int from, int to, Counts& sums) {
        for (int y = from; y < to; ++y)
          for (int x = 0; x < photo.width; ++x) {
            const Pixel pixel = photo.row(y)[x];
            if (pixel.alpha() == 0) continue;
            const std::uint32_t stands = known.at(pixel, standing);
            ++sums[0];
            ++sums[stands];
            if (stands == kFar) out.far[static_cast<std::size_t>(y) * photo.width + x] = pixel;
          }
      },
      [](Counts& into, const Counts& other) {
        for (std::size_t i = 0; i < into.size(); ++i) into[i] += other[i];
      });
  out.seen = counts[0];
  out.left = counts[kFar];
  out.near.assign(counts.begin() + kFirstSwatch, counts.end());
  return out;
}

} // namespace

std::vector<double> used_shares(const std::vector<ColorCount>& colors, const SwatchMatcher& matcher,
                                std::size_t swatches) {
  assert(!matcher.empty());
  const auto pixels = summed_in_parallel(
      static_cast<int>(colors.size()), 256, std::vector<std::uint64_t>(swatches),
      [&](int from, int to, std::vector<std::uint64_t>& sums) {
        for (int i = from; i < to; ++i) sums[matcher.nearest(colors[i].color).swatch] += colors[i].pixels;
      },
      [](std::vector<std::uint64_t>& into, const std::vector<std::uint64_t>& other) {
        for (std::size_t i = 0; i < into.size(); ++i) into[i] += other[i];
      });
  std::uint64_t all = 0;
  for (const auto n : pixels) all += n;
  std::vector<double> out(swatches, 0);
  for (std::size_t i = 0; i < swatches && all > 0; ++i)
    out[i] = static_cast<double>(pixels[i]) / static_cast<double>(all);
  return out;
}

Stray StrayChecker::stray(Pixel pixel) const {
  const Lab lab = lab_of(pixel);
  Stray out;
  if (m_matcher) out.far = !m_matcher->any_within(lab, m_limits.far);
  if (m_mask && !m_mask->keeps(pixel))
    out.outside = ciede2000(lab, lab_of(m_mask->remembered(pixel))) > m_limits.outside;
  return out;
}

std::vector<char> outside_of(const MaskMapper* mask, const std::vector<ColorCount>& colors, double limit) {
  std::vector<char> out(colors.size(), 0);
  if (!mask) return out;
  const StrayChecker checker(nullptr, mask, {0, limit});
  in_rows(static_cast<int>(colors.size()), [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      out[i] = checker.stray(colors[i].color).outside;
  });
  return out;
}

double& of(BandShares& shares, Band band) {
  if (band == Band::Dark) return shares.dark;
  return band == Band::Middle ? shares.middle : shares.light;
}

double sum(const BandShares& shares) { return shares.dark + shares.middle + shares.light; }

std::vector<Band> bands_of(const std::vector<ColorCount>& colors, const Bands& bands) {
  std::vector<Band> out;
  out.reserve(colors.size());
  for (const ColorCount& c : colors)
    out.push_back(band_of(lightness_from_luminance(xyz_from_8bit(color_of(c.color)).y), bands));
  return out;
}

StrayShares shares_of(const std::vector<ColorCount>& colors, const std::vector<Stray>& strays,
                      const std::vector<Band>& bands) {
  assert(strays.size() == colors.size() && bands.size() == colors.size());
  StrayShares sums;
  for (std::size_t i = 0; i < colors.size(); ++i) {
    const Band band = bands[i];
    of(sums.all, band) += colors[i].pixels;
    if (strays[i].outside) of(sums.outside, band) += colors[i].pixels;
    if (strays[i].far) of(sums.far, band) += colors[i].pixels;
  }
  const double all = sum(sums.all);
  if (all <= 0) return {};
  for (BandShares* part : {&sums.all, &sums.outside, &sums.far}) {
    part->dark /= all;
    part->middle /= all;
    part->light /= all;
  }
  return sums;
}

StrayShares stray_shares(const std::vector<ColorCount>& colors, const StrayChecker& checker,
                         const Bands& bands) {
  std::vector<Stray> strays(colors.size());
  in_parallel(static_cast<int>(colors.size()), 256, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      strays[i] = checker.stray(colors[i].color);
  });
  return shares_of(colors, strays, bands_of(colors, bands));
}

Result<Needs> needs(const PixelView& photo, const std::vector<MatchColor>& set, int count, double far,
                    const Progress& progress) {
  if (count < 1 || count > kMostMissing) return Error{ErrorCode::BadInput, Sentence::MissingRange, "count"};
  if (!(far >= 0 && far <= 50)) return Error{ErrorCode::BadInput, Sentence::FarRange, "difference"};
  const double pixels = static_cast<double>(photo.width) * photo.height;
  const double by = std::min(1.0, std::sqrt(kLookedAt / pixels));
  const int width = std::max(1, static_cast<int>(photo.width * by)),
            height = std::max(1, static_cast<int>(photo.height * by));
  std::vector<Pixel> small;
  PixelView looked = photo;
  if (by < 1) {
    small.resize(static_cast<std::size_t>(width) * height);
    reduce(photo, width, height, small.data());
    looked = {width, height, width, small.data()};
  }
  const SwatchMatcher matcher(set);
  const Parted parted = part_by_set(looked, matcher, set.size(), far);
  Needs out;
  out.present = static_cast<int>(std::count_if(parted.near.begin(), parted.near.end(), [&](int near) {
    return near > 0 && near >= kNeededShare * parted.seen;
  }));
  if (parted.left == 0) return out;
  ExtractionSpec spec;
  spec.count = count;
  spec.least_difference = far;
  const auto found = extract_colors({looked.width, looked.height, looked.width, parted.far.data()}, spec,
                                    nullptr, nullptr, progress);
  if (!found) return found.error();
  for (const ExtractedColor& c : found->colors) {
    MissingColor lack{
        c.color,
        c.share * parted.left / parted.seen,
        std::min(photo.width - 1, static_cast<int>((c.x + 0.5) * photo.width / looked.width)),
        std::min(photo.height - 1, static_cast<int>((c.y + 0.5) * photo.height / looked.height)),
        {},
        0};
    if (!matcher.empty()) {
      const Matched m = matcher.nearest(lab_from_srgb(c.color));
      lack.nearest = m.swatch;
      lack.difference = m.away;
    }
    out.missing.push_back(lack);
  }
  std::stable_sort(out.missing.begin(), out.missing.end(),
                   [](const MissingColor& a, const MissingColor& b) { return a.share > b.share; });
  return out;
}

} // namespace zc
