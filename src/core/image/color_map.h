// SPDX-License-Identifier: GPL-3.0-or-later
// A function from color to color, for pictures: as a press prints them, say.
#pragma once

#include "core/image/color_table.h"

namespace zc {

/// Copies share what they know; an empty one leaves everything as it is. May be used by several threads at
/// once where the function may.
class ColorMap {
public:
  ColorMap() = default;
  /// `f` from and to colors of 0..1.
  explicit ColorMap(std::function<Srgb(Srgb)> f) : m_function(std::move(f)) {
    if (m_function) m_known.emplace();
  }
  [[nodiscard]] explicit operator bool() const { return static_cast<bool>(m_function); }
  [[nodiscard]] Srgb operator()(Srgb color) const { return m_function ? m_function(color) : color; }
  /// Rows of pixels without a gap, in place; alpha is kept.
  void map(int width, int height, Pixel* pixels) const;

private:
  std::function<Srgb(Srgb)> m_function;
  std::optional<ColorTable> m_known; ///< Its memory is asked for only where it is needed.
};

} // namespace zc
