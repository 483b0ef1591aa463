// SPDX-License-Identifier: GPL-3.0-or-later
// A picture as it is tried in a set: the one way from its colors to what is shown, for the window, files,
// sheets and the command line.
#pragma once

#include "core/color/color_vision.h"
#include "core/image/color_map.h"
#include "core/keys/key_map.h"
#include "core/try/areas.h"
#include "core/try/check.h"
#include "core/try/follow.h"
#include "core/try/match.h"

#include <memory>

namespace zc {

/// How a picture is tried: as it is; each pixel or area in its swatch; moved as the swatches moved; with what
/// strays from the plan.
enum class TryWay { Photo, Study, Follow, Check };

/// One side of the edge. Without swatches it is the picture as it is.
struct TriedSide {
  TryWay way = TryWay::Photo;
  std::vector<MatchColor> colors; ///< In the order of the set.
  Match match = Match::Color;
  /// A study by areas: the areas of the whole picture and the place of the swatch of each; null by pixels.
  std::shared_ptr<const Areas> areas = nullptr;
  std::vector<std::size_t> area_swatches = {};
  std::vector<SwatchMove> moves = {}; ///< For following.
  double softness = 0;
  // For checking: which strays keep their color, and over what the rest steps back.
  std::shared_ptr<const MaskMapper> mask = nullptr;
  StrayLimits limits = {};
  bool show_outside = true, show_far = true;
  Srgb8 ground{0x38, 0x38, 0x38};
  /// A swatch that is pointed out: what is any other's steps back. Checks point out what strays instead.
  std::optional<std::size_t> pointed_out = {};
  std::shared_ptr<const KeyMap> key = nullptr; ///< Of a photo: what each color becomes; null: as it is.
};

struct TriedPicture {
  TriedSide left, right;
  bool two = false;    ///< Both under an edge; else the right one alone.
  double edge = 0.5;   ///< 0 left to 1 right, of the picture's width.
  double squint = 0;   ///< Blur, in pixels of the picture as it is rendered; 0 for none.
  ColorMap proof = {}; ///< As a press prints it; may be empty.
  ColorVision vision = ColorVision::Normal;
};

/// How far squinting blurs a whole picture of that size, in its pixels.
[[nodiscard]] double squint_of(double width, double height);

/// A color that is not looked for, mixed with the ground until it steps back.
[[nodiscard]] Pixel stepped_back(Pixel pixel, Srgb8 ground);
/// What a color becomes when it is checked: itself where it strays in a way that is shown.
[[nodiscard]] Pixel checked_pixel(const TriedSide& side, Pixel pixel, const Stray& stray);
/// A pixel moved as the swatches near it moved; see Follow.
[[nodiscard]] Pixel moved_pixel(const Follow& follow, Pixel pixel);
/// A pixel in another key.
[[nodiscard]] Pixel keyed_pixel(const KeyMap& key, Pixel pixel);
/// A pixel, or where another swatch than this is pointed out what it is stepped back.
[[nodiscard]] Pixel pointed_pixel(const TriedSide& side, Pixel pixel, std::size_t swatch);
/// What a side compares by when it asks for the nearest swatch: only studies may do so by value.
[[nodiscard]] Match match_of(const TriedSide& side);
/// The swatch's own color.
[[nodiscard]] Pixel swatch_pixel(const std::vector<MatchColor>& colors, std::size_t swatch);

/// What comes after both sides have met at the edge: the press, squinting and the eyes that look. `pixels`
/// are width * height.
void finish(const TriedPicture& tried, int width, int height, Pixel* pixels);

/// Each pixel by itself, for pictures of any size: `out` holds width * height pixels; alpha is kept, and what
/// lies in no area is not seen. REQUIRES areas of the size of the picture where there are any. See
/// LivePicture for one that is looked at while hands move.
void render_tried(const PixelView& photo, const TriedPicture& tried, Pixel* out);

/// How many pixels each swatch of a side stands for, every one counted; for sides that study. ERRORS:
/// Stopped.
[[nodiscard]] Result<std::vector<std::uint64_t>> exact_uses(const PixelView& photo, const TriedSide& side,
                                                            const Progress& progress = {});

} // namespace zc
