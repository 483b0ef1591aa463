// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/distinct.h"

#include "core/base/parallel.h"

#include <atomic>
#include <cassert>
#include <cstdlib>
#include <memory>
#include <new>
#include <unordered_map>

namespace zc {
namespace {

constexpr std::size_t kColors = std::size_t{1} << 24;

struct Free {
  void operator()(std::uint32_t* counts) const { std::free(counts); }
};
using CountOfColor = std::unique_ptr<std::uint32_t, Free>;

/// Zeroed by the system, piece by piece as colors come up.
CountOfColor one_for_each_color() {
  CountOfColor out(static_cast<std::uint32_t*>(std::calloc(kColors, sizeof(std::uint32_t))));
  if (!out) throw std::bad_alloc();
  return out;
}

} // namespace

/// Two halves of the picture with a table each: counting in one together costs more than a second table.
std::vector<ColorCount> distinct_colors(const PixelView& photo) {
  const CountOfColor halves[2] = {one_for_each_color(), one_for_each_color()};
  in_parallel(2, 1, [&](int first, int last) {
    for (int half = first; half < last; ++half) {
      std::uint32_t* const counts = halves[half].get();
      for (int y = half * photo.height / 2; y < (half + 1) * photo.height / 2; ++y) {
        const Pixel* row = photo.row(y);
        for (int x = 0; x < photo.width; ++x)
          if (row[x].alpha()) ++counts[table_place(row[x])];
      }
    }
  });
  std::vector<ColorCount> out;
  for (std::size_t c = 0; c < kColors; ++c) {
    const std::uint32_t pixels = halves[0].get()[c] + halves[1].get()[c];
    if (pixels) out.push_back({pixel_of_place(static_cast<std::uint32_t>(c)), pixels});
  }
  return out;
}

std::optional<std::vector<ColorCount>> few_colors(const PixelView& photo, std::size_t most) {
  std::unordered_map<std::uint32_t, std::size_t> known;
  std::vector<ColorCount> out;
  for (int y = 0; y < photo.height; ++y) {
    const Pixel* row = photo.row(y);
    Pixel last; // Not opaque, so no color.
    std::size_t at = 0;
    for (int x = 0; x < photo.width; ++x) {
      if (row[x].alpha() == 0) continue;
      const Pixel color = row[x].opaque();
      if (color != last) {
        const auto [place, fresh] = known.try_emplace(color.word, out.size());
        if (fresh && out.size() == most) return std::nullopt;
        if (fresh) out.push_back({color, 0});
        at = place->second;
        last = color;
      }
      ++out[at].pixels;
    }
  }
  return out;
}

IndexedPicture indexed(const PixelView& photo) {
  static std::atomic<std::uint64_t> made{0};
  IndexedPicture out{photo.width, photo.height, ++made, {}, {}};
  out.index.resize(static_cast<std::size_t>(photo.width) * photo.height);
  const CountOfColor number = one_for_each_color(); // One more than its place in `colors`.
  std::size_t i = 0;
  for (int y = 0; y < photo.height; ++y) {
    const Pixel* row = photo.row(y);
    for (int x = 0; x < photo.width; ++x, ++i) {
      if (row[x].alpha() == 0) {
        out.index[i] = IndexedPicture::kNothing;
        continue;
      }
      std::uint32_t& n = number.get()[table_place(row[x])];
      if (n == 0) {
        out.colors.push_back({row[x].opaque(), 0});
        n = static_cast<std::uint32_t>(out.colors.size());
      }
      out.index[i] = n - 1;
      ++out.colors[n - 1].pixels;
    }
  }
  return out;
}

ColorCells cells_of(const std::vector<ColorCount>& colors) {
  constexpr std::uint32_t bits = 6, none = 0xffffffffu;
  std::vector<std::uint32_t> known(std::size_t{1} << 3 * bits, none);
  ColorCells out;
  out.cell.reserve(colors.size());
  for (std::size_t i = 0; i < colors.size(); ++i) {
    const Srgb8 c = color_of(colors[i].color);
    std::uint32_t& place =
        known[static_cast<std::size_t>(c.r >> 2) << 2 * bits | c.g >> 2 << bits | c.b >> 2];
    if (place == none) {
      place = static_cast<std::uint32_t>(out.first.size());
      out.first.push_back(static_cast<std::uint32_t>(i));
    }
    out.cell.push_back(place);
  }
  return out;
}

void paint_indexed(const IndexedPicture& picture, const std::vector<Pixel>& painted, Pixel* out) {
  assert(painted.size() == picture.colors.size());
  in_parallel(picture.height, 32, [&](int from, int to) {
    const std::size_t end = static_cast<std::size_t>(to) * picture.width;
    for (std::size_t i = static_cast<std::size_t>(from) * picture.width; i < end; ++i)
      out[i] = picture.index[i] == IndexedPicture::kNothing ? Pixel() : painted[picture.index[i]];
  });
}

} // namespace zc
