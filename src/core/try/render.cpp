// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/render.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/image/blur.h"
#include "core/image/color_table.h"
#include "core/image/distinct.h"
#include "core/keys/key_picture.h"
#include "core/try/study.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <cstring>

namespace zc {
namespace {

/// How much of the ground lies over what steps back.
constexpr double kMuted = 0.78;
/// Squinting blurs by this share of the longer side.
constexpr double kSquint = 0.008;

void copy_photo(const PixelView& photo, Pixel* out) {
  for (int y = 0; y < photo.height; ++y)
    std::memmove(out + static_cast<std::size_t>(y) * photo.width, photo.row(y),
                 static_cast<std::size_t>(photo.width) * sizeof *out);
}

void render_areas(const TriedSide& side, Pixel* out) {
  std::vector<Pixel> pixels;
  pixels.reserve(side.area_swatches.size());
  for (const std::size_t s : side.area_swatches)
    pixels.push_back(pointed_pixel(side, swatch_pixel(side.colors, s), s));
  paint_areas(*side.areas, pixels, out);
}

void render_side(const PixelView& photo, const TriedSide& side, Pixel* out) {
  if (side.way == TryWay::Photo && side.key) return render_in_key(photo, *side.key, out);
  if (side.way == TryWay::Photo || side.colors.empty()) return copy_photo(photo, out);
  if (side.way == TryWay::Study && side.areas) return render_areas(side, out);
  const bool follows = side.way == TryWay::Follow, checks = side.way == TryWay::Check;
  const SwatchMatcher matcher(side.colors, match_of(side));
  const Follow follow(follows ? side.moves : std::vector<SwatchMove>(), side.softness);
  const StrayChecker checker(&matcher, checks ? side.mask.get() : nullptr, side.limits);
  ColorTable().map(photo, out, [&](Pixel w) {
    if (checks) return checked_pixel(side, w, checker.stray(w));
    if (follows && !side.pointed_out) return moved_pixel(follow, w);
    const std::size_t swatch = matcher.nearest(w).swatch;
    return pointed_pixel(side, follows ? moved_pixel(follow, w) : swatch_pixel(side.colors, swatch), swatch);
  });
}

} // namespace

Pixel stepped_back(Pixel pixel, Srgb8 ground) {
  const Srgb8 c = color_of(pixel);
  const auto mixed = [](int from, int to) {
    return static_cast<std::uint8_t>(std::lround(from + (to - from) * kMuted));
  };
  return pixel.with(pixel_of({mixed(c.r, ground.r), mixed(c.g, ground.g), mixed(c.b, ground.b)}).rgb());
}

Pixel checked_pixel(const TriedSide& side, Pixel pixel, const Stray& stray) {
  const bool shown = (side.show_far && stray.far) || (side.show_outside && stray.outside);
  return shown ? pixel : stepped_back(pixel, side.ground);
}

Pixel swatch_pixel(const std::vector<MatchColor>& colors, std::size_t swatch) {
  return pixel_of(rounded_8bit(colors[swatch].color));
}

Pixel pointed_pixel(const TriedSide& side, Pixel pixel, std::size_t swatch) {
  return side.pointed_out && *side.pointed_out != swatch ? stepped_back(pixel, side.ground) : pixel;
}

Match match_of(const TriedSide& side) { return side.way == TryWay::Study ? side.match : Match::Color; }

double squint_of(double width, double height) { return kSquint * std::max(width, height); }

Pixel moved_pixel(const Follow& follow, Pixel pixel) {
  return follow.still() ? pixel : pixel_of(follow.moved(color_of(pixel)));
}

Pixel keyed_pixel(const KeyMap& key, Pixel pixel) {
  return key.still() ? pixel : pixel_of(rounded_8bit(key.moved(srgb_from_8bit(color_of(pixel))).color));
}

void finish(const TriedPicture& tried, int width, int height, Pixel* pixels) {
  const std::size_t count = static_cast<std::size_t>(width) * height;
  tried.proof.map(width, height, pixels);
  if (tried.squint > 0) {
    std::vector<Pixel> soft(count);
    squint({width, height, width, pixels}, tried.squint, soft.data());
    std::copy(soft.begin(), soft.end(), pixels);
  }
  to_seen(tried.vision, pixels, count);
}

void render_tried(const PixelView& photo, const TriedPicture& tried, Pixel* out) {
  const std::size_t count = static_cast<std::size_t>(photo.width) * photo.height;
  render_side(photo, tried.right, out);
  if (tried.two) {
    std::vector<Pixel> left(count);
    render_side(photo, tried.left, left.data());
    const auto edge = static_cast<std::size_t>(
        std::clamp(static_cast<int>(std::lround(tried.edge * photo.width)), 0, photo.width));
    for (std::size_t row = 0; row < count; row += static_cast<std::size_t>(photo.width))
      std::copy_n(left.begin() + static_cast<std::ptrdiff_t>(row), edge, out + row);
  }
  finish(tried, photo.width, photo.height, out);
}

Result<std::vector<std::uint64_t>> exact_uses(const PixelView& photo, const TriedSide& side,
                                              const Progress& progress) {
  const Error stopped{ErrorCode::Stopped, Sentence::CountingStopped, "use"};
  std::vector<std::uint64_t> out(side.colors.size(), 0);
  if (side.colors.empty()) return out;
  if (side.areas) {
    for (std::size_t i = 0; i < side.area_swatches.size(); ++i)
      out[side.area_swatches[i]] += side.areas->areas[i].pixels;
    return out;
  }
  if (progress && !progress(0)) return stopped;
  const auto colors = distinct_colors(photo);
  const SwatchMatcher matcher(side.colors, side.match);
  std::vector<std::uint32_t> nearest(colors.size());
  constexpr std::size_t stretch = 20'000; // Between looks at whether it goes on.
  for (std::size_t start = 0; start < colors.size(); start += stretch) {
    if (progress && !progress(0.2 + 0.8 * static_cast<double>(start) / static_cast<double>(colors.size())))
      return stopped;
    const auto count = static_cast<int>(std::min(stretch, colors.size() - start));
    in_rows(count, [&](int from, int to) {
      for (auto i = start + static_cast<std::size_t>(from); i < start + static_cast<std::size_t>(to); ++i)
        nearest[i] = static_cast<std::uint32_t>(matcher.nearest(colors[i].color).swatch);
    });
  }
  for (std::size_t i = 0; i < colors.size(); ++i) out[nearest[i]] += colors[i].pixels;
  return out;
}

} // namespace zc
