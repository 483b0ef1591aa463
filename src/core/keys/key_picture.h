// SPDX-License-Identifier: GPL-3.0-or-later
// A picture in many keys: its different colors are found on the wheel once.
#pragma once

#include "core/image/distinct.h"
#include "core/keys/key_map.h"

namespace zc {

/// What a key does to a picture, by its pixels; what is transparent does not count.
struct KeyNumbers {
  double reduced = 0;    ///< Share 0..1 whose saturation had to go down.
  double difference = 0; ///< Mean CIEDE2000 from the picture as it is.
  double kept = 1;       ///< Mean OKLab chroma as a share of the picture's own; 1 for a grey one.
  bool operator==(const KeyNumbers&) const = default;
};

class KeyPicture {
public:
  KeyPicture() = default;
  KeyPicture(const PixelView& photo, const Wheel& wheel);
  [[nodiscard]] bool empty() const { return m_picture.width == 0; }
  [[nodiscard]] int width() const { return m_picture.width; }
  [[nodiscard]] int height() const { return m_picture.height; }
  /// The largest saturation of its colors, 0..1.
  [[nodiscard]] double largest_saturation() const;

  /// `out` holds width() * height() pixels. Exact: to the pixel what the map makes of each color. Coarse:
  /// colors that are alike by their first six bits a channel go one way, each keeping its own lightness
  /// (BT.601 luma). REQUIRES a map on the same wheel.
  enum class Quality { Coarse, Exact };
  void render(const KeyMap& map, Quality quality, Pixel* out) const;
  /// What any other function from color to color makes of it.
  void render(const std::function<Srgb(Srgb)>& map, Pixel* out) const;
  /// Of the exact picture. REQUIRES as render().
  [[nodiscard]] KeyNumbers numbers(const KeyMap& map) const;
  [[nodiscard]] KeyNumbers numbers(const std::function<Srgb(Srgb)>& map) const;

private:
  [[nodiscard]] std::vector<Pixel> coarse(const KeyMap& map) const;
  IndexedPicture m_picture;
  ColorCells m_cells;
  std::vector<WheelPoint> m_places; ///< Of each color.
};

/// A picture of any size; each different color is worked out once. `out` holds width * height pixels; alpha
/// is kept.
void render_in_key(const PixelView& photo, const KeyMap& map, Pixel* out);
/// Of a picture of any size.
[[nodiscard]] KeyNumbers key_numbers(const PixelView& photo, const KeyMap& map);

} // namespace zc
