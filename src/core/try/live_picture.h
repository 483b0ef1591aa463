// SPDX-License-Identifier: GPL-3.0-or-later
// A tried picture that is looked at while hands move: its colors are indexed once, and of what follows from
// them only what has changed is worked out anew.
#pragma once

#include "core/try/live_study.h"
#include "core/try/render.h"

namespace zc {

enum class Quality {
  Draft, ///< In a picture of many colors, those that are alike may go one way.
  Exact, ///< To the pixel what render_tried() makes of the same pixels.
};

/// Which part of the whole picture is seen: where its first pixel's corner lies, and how many pixels of the
/// whole one of it is wide.
struct SeenPart {
  double left = 0, top = 0, step = 1;
};

class LivePicture {
public:
  /// Another picture or another part of it.
  void show(const PixelView& seen, const SeenPart& part);
  [[nodiscard]] bool empty() const { return m_picture.width == 0; }
  [[nodiscard]] int width() const { return m_picture.width; }
  [[nodiscard]] int height() const { return m_picture.height; }

  /// `out` holds width() * height() pixels; of what is transparent nothing is seen. Areas are those of the
  /// whole picture.
  void render(const TriedPicture& tried, Quality quality, Pixel* out);

  // Of what was rendered last; places in pixels of the part that is seen.
  [[nodiscard]] bool exact() const { return !m_right.draft && !(m_two && m_left.draft); }
  [[nodiscard]] bool on_left(int x) const { return m_two && x < m_edge; }
  /// The place of the swatch in the order of its side; nothing where the side shows none.
  [[nodiscard]] std::optional<std::size_t> swatch_at(int x, int y) const;
  /// Before the press, squinting and other eyes.
  [[nodiscard]] std::optional<Pixel> pixel_at(int x, int y) const;
  /// Where the side shows areas.
  [[nodiscard]] AreaNumber area_at(int x, int y) const;
  /// A line around an area, light inside and dark outside, so that it is seen on any color; the rest of `out`
  /// is left as it is.
  void outline(AreaNumber area, Pixel* out) const;

private:
  struct Side {
    LiveStudy study;
    std::vector<std::size_t> swatches; ///< Of each color, or of each area; empty where none is shown.
    std::vector<Pixel> pixels;         ///< Likewise.
    bool by_areas = false;
    bool draft = false;
    // What followed last, and from what: an edge that is dragged changes none of it.
    std::vector<SwatchMove> moves;
    double softness = 0;
    std::vector<Pixel> followed; ///< Empty before.
    bool followed_as_draft = false;
    // Likewise of a key.
    std::shared_ptr<const KeyMap> key;
    std::vector<Pixel> keyed;
    bool keyed_as_draft = false;
  };
  /// A stretch of pixels.
  void paint(const Side& side, std::size_t from, std::size_t to, Pixel* out) const;
  void render_side(Side& side, const TriedSide& tried, Quality quality);
  void follow(Side& side, const TriedSide& tried, Quality quality);
  void show_key(Side& side, const TriedSide& tried, Quality quality);
  /// Every color of the picture moved; as a draft each goes the way that one like it goes.
  template <class Move> [[nodiscard]] std::vector<Pixel> moved(const Move& move, bool draft) const;
  void check(Side& side, const TriedSide& tried, Quality quality);
  /// Which colors lie outside the mask; asked once for both sides.
  void find_outside(const TriedSide& tried, Quality quality);
  void place_areas(const std::shared_ptr<const Areas>& areas);
  [[nodiscard]] std::optional<std::size_t> entry_at(int x, int y) const;
  [[nodiscard]] const Side& side_at(int x) const { return on_left(x) ? m_left : m_right; }

  IndexedPicture m_picture;
  ColorCells m_cells; ///< Empty where there are few colors.
  SeenPart m_part;
  std::shared_ptr<const Areas> m_areas;
  std::vector<AreaNumber> m_numbers; ///< Of each pixel that is seen.
  std::vector<char> m_outside;       ///< Of each color; empty until it is asked for.
  std::shared_ptr<const MaskMapper> m_outside_of;
  double m_outside_limit = 0;
  bool m_outside_as_draft = false;
  Side m_left, m_right;
  bool m_two = false;
  int m_edge = 0; ///< The first column of the right side.
};

} // namespace zc
