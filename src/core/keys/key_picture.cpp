// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/keys/key_picture.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"
#include "core/color/difference.h"

#include <algorithm>

namespace zc {
namespace {

constexpr int kLeastColors = 512; ///< That are worth another core.

Srgb color_of_pixel(Pixel pixel) { return srgb_from_8bit(color_of(pixel)); }
Pixel rounded(Srgb color) { return pixel_of(rounded_8bit(color)); }

double chroma_of(Pixel pixel) {
  const Oklab c = oklab_from_srgb(color_of_pixel(pixel));
  return std::hypot(c.a, c.b);
}

struct Sums {
  double pixels = 0, reduced = 0, difference = 0, chroma_before = 0, chroma_after = 0;
  void add(Pixel before, Pixel after, bool is_reduced, double weight) {
    pixels += weight;
    if (is_reduced) reduced += weight;
    chroma_before += weight * chroma_of(before);
    chroma_after += weight * chroma_of(after);
    if (before == after) return;
    difference +=
        weight * ciede2000(lab_from_srgb(color_of_pixel(before)), lab_from_srgb(color_of_pixel(after)));
  }
};

/// moved(i) of each of the colors. What is summed goes by stretches of a fixed length, so that it is the same
/// on every machine.
template <class Moved> KeyNumbers numbers_of(const std::vector<ColorCount>& colors, const Moved& moved) {
  constexpr std::size_t stretch = 4096;
  std::vector<Sums> sums((colors.size() + stretch - 1) / stretch);
  in_parallel(static_cast<int>(sums.size()), 1, [&](int first, int last) {
    for (auto s = static_cast<std::size_t>(first); s < static_cast<std::size_t>(last); ++s)
      for (std::size_t i = s * stretch; i < std::min(colors.size(), (s + 1) * stretch); ++i) {
        const KeyMap::Moved to = moved(i);
        sums[s].add(colors[i].color, rounded(to.color), to.reduced, colors[i].pixels);
      }
  });
  Sums all;
  for (const Sums& s : sums) {
    all.pixels += s.pixels;
    all.reduced += s.reduced;
    all.difference += s.difference;
    all.chroma_before += s.chroma_before;
    all.chroma_after += s.chroma_after;
  }
  if (all.pixels == 0) return {};
  const bool grey = all.chroma_before / all.pixels < 1e-4;
  return {all.reduced / all.pixels, all.difference / all.pixels,
          grey ? 1 : all.chroma_after / all.chroma_before};
}

} // namespace

KeyPicture::KeyPicture(const PixelView& photo, const Wheel& wheel)
    : m_picture(indexed(photo)), m_cells(cells_of(m_picture.colors)), m_places(m_picture.colors.size()) {
  in_parallel(static_cast<int>(m_places.size()), kLeastColors, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      m_places[i] = wheel.locate(color_of_pixel(m_picture.colors[i].color));
  });
}

double KeyPicture::largest_saturation() const {
  double out = 0;
  for (const WheelPoint& p : m_places) out = std::max(out, p.r);
  return std::min(out, 1.0);
}

void KeyPicture::render(const KeyMap& map, Quality quality, Pixel* out) const {
  std::vector<Pixel> painted(m_places.size());
  if (map.still())
    std::transform(m_picture.colors.begin(), m_picture.colors.end(), painted.begin(),
                   [](const ColorCount& c) { return c.color; });
  else if (quality == Quality::Coarse)
    painted = coarse(map);
  else
    in_parallel(static_cast<int>(painted.size()), kLeastColors, [&](int from, int to) {
      for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
        painted[i] = rounded(map.moved(m_places[i]).color);
    });
  paint_indexed(m_picture, painted, out);
}

void KeyPicture::render(const std::function<Srgb(Srgb)>& map, Pixel* out) const {
  std::vector<Pixel> painted(m_picture.colors.size());
  in_parallel(static_cast<int>(painted.size()), kLeastColors, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      painted[i] = rounded(map(color_of_pixel(m_picture.colors[i].color)));
  });
  paint_indexed(m_picture, painted, out);
}

/// Of the difference inside a cell only that in lightness is sure to keep its direction.
std::vector<Pixel> KeyPicture::coarse(const KeyMap& map) const {
  std::vector<Srgb8> cells(m_cells.first.size());
  in_parallel(static_cast<int>(cells.size()), kLeastColors / 4, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      cells[i] = rounded_8bit(map.moved(m_places[m_cells.first[i]]).color);
  });
  std::vector<Pixel> out(m_places.size());
  const auto light = [](Pixel p) { return static_cast<int>(299 * p.r() + 587 * p.g() + 114 * p.b()); };
  const auto near = [](int channel, int by) {
    return static_cast<std::uint8_t>(std::clamp(channel + by, 0, 255));
  };
  in_parallel(static_cast<int>(out.size()), 8 * kLeastColors, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
      const std::uint32_t cell = m_cells.cell[i];
      const int by =
          (light(m_picture.colors[i].color) - light(m_picture.colors[m_cells.first[cell]].color)) / 1000;
      const Srgb8 c = cells[cell];
      out[i] = pixel_of({near(c.r, by), near(c.g, by), near(c.b, by)});
    }
  });
  return out;
}

KeyNumbers KeyPicture::numbers(const KeyMap& map) const {
  if (map.still()) return {};
  return numbers_of(m_picture.colors, [&](std::size_t i) { return map.moved(m_places[i]); });
}

KeyNumbers KeyPicture::numbers(const std::function<Srgb(Srgb)>& map) const {
  return numbers_of(m_picture.colors, [&](std::size_t i) {
    return KeyMap::Moved{{}, map(color_of_pixel(m_picture.colors[i].color)), false};
  });
}

void render_in_key(const PixelView& photo, const KeyMap& map, Pixel* out) {
  ColorTable().map(photo, out, [&map](Pixel pixel) {
    return map.still() ? pixel : rounded(map.moved(color_of_pixel(pixel)).color);
  });
}

KeyNumbers key_numbers(const PixelView& photo, const KeyMap& map) {
  if (map.still()) return {};
  const std::vector<ColorCount> colors = distinct_colors(photo);
  return numbers_of(colors, [&](std::size_t i) { return map.moved(color_of_pixel(colors[i].color)); });
}

} // namespace zc
