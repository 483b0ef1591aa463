// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/render.h"

#include "core/color/convert.h"
#include "core/image/blur.h"
#include "core/image/color_table.h"
#include "core/image/distinct.h"
#include "core/try/study.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <cstring>

namespace zc {
namespace {

/// How much of the ground lies over what steps back.
constexpr double kMuted = 0.78;

void copy_photo(const PixelView& photo, std::uint32_t* out) {
  for (int y = 0; y < photo.height; ++y)
    std::memmove(out + static_cast<std::size_t>(y) * photo.width, photo.row(y),
                 static_cast<std::size_t>(photo.width) * sizeof *out);
}

void render_side(const PixelView& photo, const TriedSide& side, std::uint32_t* out) {
  if (side.way == TryWay::Photo || side.colors.empty()) return copy_photo(photo, out);
  if (side.way == TryWay::Follow) return FollowMapper(Follow(side.moves, side.softness)).map(photo, out);
  if (side.way == TryWay::Check) {
    const SwatchMatcher matcher(side.colors);
    const StrayChecker checker(&matcher, side.mask ? &*side.mask : nullptr, side.limits);
    return ColorTable().map(photo, out,
                            [&](std::uint32_t w) { return checked_word(side, w, checker.stray(w)); });
  }
  if (!side.areas) return StudyMapper(side.colors, side.match).map(photo, out);
  std::vector<std::uint32_t> words;
  words.reserve(side.area_swatches.size());
  for (const std::size_t s : side.area_swatches) words.push_back(swatch_word(side.colors, s));
  paint_areas(*side.areas, words, out);
}

} // namespace

std::uint32_t stepped_back(std::uint32_t word, Srgb8 ground) {
  const Srgb8 c = color_of_word(word);
  const auto mixed = [](int from, int to) {
    return static_cast<std::uint8_t>(std::lround(from + (to - from) * kMuted));
  };
  return (word & 0xff000000u) |
         (word_of({mixed(c.r, ground.r), mixed(c.g, ground.g), mixed(c.b, ground.b)}) & 0xffffffu);
}

std::uint32_t checked_word(const TriedSide& side, std::uint32_t word, const Stray& stray) {
  const bool shown = (side.show_far && stray.far) || (side.show_outside && stray.outside);
  return shown ? word : stepped_back(word, side.ground);
}

std::uint32_t swatch_word(const std::vector<MatchColor>& colors, std::size_t swatch) {
  return word_of(rounded_8bit(colors[swatch].color));
}

void render_tried(const PixelView& photo, const TriedPicture& tried, std::uint32_t* out) {
  const std::size_t count = static_cast<std::size_t>(photo.width) * photo.height;
  render_side(photo, tried.right, out);
  if (tried.two) {
    std::vector<std::uint32_t> left(count);
    render_side(photo, tried.left, left.data());
    const auto edge = static_cast<std::size_t>(
        std::clamp(static_cast<int>(std::lround(tried.edge * photo.width)), 0, photo.width));
    for (std::size_t row = 0; row < count; row += static_cast<std::size_t>(photo.width))
      std::copy_n(left.begin() + static_cast<std::ptrdiff_t>(row), edge, out + row);
  }
  const PixelView made{photo.width, photo.height, photo.width, out};
  if (tried.proof) {
    const std::vector<std::uint32_t> before(out, out + count);
    ColorTable().map(PixelView{photo.width, photo.height, photo.width, before.data()}, out,
                     [&](std::uint32_t w) {
                       return word_of(rounded_8bit(tried.proof(srgb_from_8bit(color_of_word(w)))));
                     });
  }
  if (tried.squint) {
    std::vector<std::uint32_t> soft(count);
    squint(made, kTrySquint * std::max(photo.width, photo.height), soft.data());
    std::copy(soft.begin(), soft.end(), out);
  }
  to_seen(tried.eyes, out, count);
}

Result<std::vector<std::uint64_t>> exact_uses(const PixelView& photo, const TriedSide& side,
                                              const Progress& progress) {
  const Error stopped{ErrorCode::Stopped, "Counting what is used was stopped.", "use"};
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
        nearest[i] = static_cast<std::uint32_t>(matcher.nearest(colors[i].word).swatch);
    });
  }
  for (std::size_t i = 0; i < colors.size(); ++i) out[nearest[i]] += colors[i].pixels;
  return out;
}

} // namespace zc
