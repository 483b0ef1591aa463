// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/render.h"

#include "core/base/sentences.h"
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
/// Squinting blurs by this share of the longer side.
constexpr double kSquint = 0.008;

void copy_photo(const PixelView& photo, std::uint32_t* out) {
  for (int y = 0; y < photo.height; ++y)
    std::memmove(out + static_cast<std::size_t>(y) * photo.width, photo.row(y),
                 static_cast<std::size_t>(photo.width) * sizeof *out);
}

void render_areas(const TriedSide& side, std::uint32_t* out) {
  std::vector<std::uint32_t> words;
  words.reserve(side.area_swatches.size());
  for (const std::size_t s : side.area_swatches)
    words.push_back(pointed_word(side, swatch_word(side.colors, s), s));
  paint_areas(*side.areas, words, out);
}

void render_side(const PixelView& photo, const TriedSide& side, std::uint32_t* out) {
  if (side.way == TryWay::Photo || side.colors.empty()) return copy_photo(photo, out);
  if (side.way == TryWay::Study && side.areas) return render_areas(side, out);
  const bool follows = side.way == TryWay::Follow, checks = side.way == TryWay::Check;
  const SwatchMatcher matcher(side.colors, match_of(side));
  const Follow follow(follows ? side.moves : std::vector<SwatchMove>(), side.softness);
  const StrayChecker checker(&matcher, checks ? side.mask.get() : nullptr, side.limits);
  ColorTable().map(photo, out, [&](std::uint32_t w) {
    if (checks) return checked_word(side, w, checker.stray(w));
    if (follows && !side.pointed_out) return moved_word(follow, w);
    const std::size_t swatch = matcher.nearest(w).swatch;
    return pointed_word(side, follows ? moved_word(follow, w) : swatch_word(side.colors, swatch), swatch);
  });
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

std::uint32_t pointed_word(const TriedSide& side, std::uint32_t word, std::size_t swatch) {
  return side.pointed_out && *side.pointed_out != swatch ? stepped_back(word, side.ground) : word;
}

Match match_of(const TriedSide& side) { return side.way == TryWay::Study ? side.match : Match::Color; }

double squint_of(double width, double height) { return kSquint * std::max(width, height); }

std::uint32_t moved_word(const Follow& follow, std::uint32_t word) {
  return follow.still() ? word : word_of(follow.moved(color_of_word(word)));
}

void finish(const TriedPicture& tried, int width, int height, std::uint32_t* words) {
  const std::size_t count = static_cast<std::size_t>(width) * height;
  tried.proof.map(width, height, words);
  if (tried.squint > 0) {
    std::vector<std::uint32_t> soft(count);
    squint({width, height, width, words}, tried.squint, soft.data());
    std::copy(soft.begin(), soft.end(), words);
  }
  to_seen(tried.eyes, words, count);
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
        nearest[i] = static_cast<std::uint32_t>(matcher.nearest(colors[i].word).swatch);
    });
  }
  for (std::size_t i = 0; i < colors.size(); ++i) out[nearest[i]] += colors[i].pixels;
  return out;
}

} // namespace zc
