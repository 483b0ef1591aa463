// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/places.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace zc {
namespace {

constexpr int kBits = 6, kSide = 1 << kBits, kBoxes = kSide * kSide * kSide;

std::uint32_t box_of(Pixel p) {
  constexpr int drop = 8 - kBits;
  return p.r() >> drop << (2 * kBits) | p.g() >> drop << kBits | p.b() >> drop;
}

Srgb middle_of_box(int box) {
  // The middle of the levels that fall into it.
  const auto channel = [](int i) { return (i * (256 >> kBits) + ((256 >> kBits) - 1) / 2.0) / 255; };
  return {channel(box >> (2 * kBits)), channel(box >> kBits & (kSide - 1)), channel(box & (kSide - 1))};
}

using Counts = std::vector<std::uint32_t>;

Counts counted(const PixelView& photo) {
  // As few tables as cores: each is a megabyte.
  const int stretch = std::max(1, (photo.height + 3) / 4);
  return summed_in_parallel(
      photo.height, stretch, Counts(kBoxes, 0),
      [&](int from, int to, Counts& sum) {
        for (int y = from; y < to; ++y) {
          const Pixel* pixels = photo.row(y);
          for (int x = 0; x < photo.width; ++x) sum[box_of(pixels[x])] += pixels[x].alpha() ? 1u : 0u;
        }
      },
      [](Counts& a, const Counts& b) {
        for (std::size_t i = 0; i < a.size(); ++i) a[i] += b[i];
      });
}

} // namespace

std::vector<ColorPlace> color_places(const PixelView& photo, const Wheel& wheel) {
  std::vector<ColorPlace> out;
  const Counts counts = counted(photo);
  for (int box = 0; box < kBoxes; ++box)
    if (counts[static_cast<std::size_t>(box)] > 0)
      out.push_back({{}, double(counts[static_cast<std::size_t>(box)]), middle_of_box(box)});
  return relocated(std::move(out), wheel);
}

std::vector<ColorPlace> relocated(std::vector<ColorPlace> places, const Wheel& wheel) {
  in_parallel(static_cast<int>(places.size()), 256, [&](int from, int to) {
    for (int i = from; i < to; ++i) {
      ColorPlace& place = places[static_cast<std::size_t>(i)];
      const WheelPoint p = wheel.locate(place.color);
      place.at = disc_point(Angle(p.a), std::min(p.r, 1.0));
    }
  });
  return places;
}

std::vector<WeightedColor> gathered(const std::vector<WeightedColor>& colors, std::size_t most) {
  if (colors.size() <= most) return colors;
  struct Sum {
    double l = 0, a = 0, b = 0, weight = 0;
  };
  for (double side = 0.02;; side *= 1.25) {
    std::map<std::array<int, 3>, Sum> groups;
    for (const WeightedColor& c : colors) {
      const Oklab lab = oklab_from_srgb(c.color);
      const auto cell = [side](double x) { return static_cast<int>(std::floor(x / side)); };
      Sum& sum = groups[{cell(lab.l), cell(lab.a), cell(lab.b)}];
      sum.l += lab.l * c.weight;
      sum.a += lab.a * c.weight;
      sum.b += lab.b * c.weight;
      sum.weight += c.weight;
    }
    if (groups.size() > most) continue;
    std::vector<WeightedColor> out;
    for (const auto& [cell, s] : groups) {
      const Srgb mean = srgb_from_oklab({s.l / s.weight, s.a / s.weight, s.b / s.weight});
      out.push_back({brought_into_gamut_at_value(xyz_from_srgb(mean)), s.weight});
    }
    return out;
  }
}

std::vector<WeightedColor> weighted_colors(const std::vector<ColorPlace>& places) {
  std::vector<WeightedColor> out;
  out.reserve(places.size());
  for (const ColorPlace& p : places) out.push_back({p.color, p.weight});
  return out;
}

double share_inside(const std::vector<ColorPlace>& places, const MaskRegion& region) {
  struct Sum {
    double inside = 0, total = 0;
  };
  // Weights are whole numbers, so the order of adding does not matter.
  const Sum sum = summed_in_parallel(
      static_cast<int>(places.size()), 1024, Sum{},
      [&](int from, int to, Sum& out) {
        for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
          out.total += places[i].weight;
          if (region.inside(places[i].at)) out.inside += places[i].weight;
        }
      },
      [](Sum& one, const Sum& other) {
        one.inside += other.inside;
        one.total += other.total;
      });
  return sum.total > 0 ? sum.inside / sum.total : 0;
}

Footprint footprint_of(const std::vector<ColorPlace>& places, int size) {
  Footprint out{size, std::vector<float>(static_cast<std::size_t>(size) * size, 0)};
  const auto cell = [size](double x) {
    return std::clamp(static_cast<int>((x + 1) / 2 * size), 0, size - 1);
  };
  for (const auto& place : places)
    out.weight[static_cast<std::size_t>(cell(-place.at.y)) * size + cell(place.at.x)] +=
        static_cast<float>(place.weight);
  return out;
}

} // namespace zc
