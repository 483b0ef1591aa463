// SPDX-License-Identifier: GPL-3.0-or-later
// What becomes of each color of a picture: worked out once for every different color, then looked up.
#pragma once

#include "core/image/pixels.h"

#include <atomic>
#include <functional>
#include <memory>

namespace zc {

/// Calls work(from, to) for stretches of rows, on all cores. (Headers that the window reads stay free of
/// oneTBB, whose words clash with the toolkit's.)
void in_rows(int height, const std::function<void(int, int)>& work);

/// A table for functions from a color to a color; alpha is kept. It may be used by several threads at once;
/// copies share what they know.
class ColorTable {
public:
  ColorTable() : m_known(std::make_shared<Known>()) {}

  /// The 24 bits that are known of a color: `make(pixel)` gives them when it comes up for the first time.
  template <class Make> [[nodiscard]] std::uint32_t at(Pixel pixel, const Make& make) const {
    return at(m_known->words, pixel, make);
  }
  /// All pixels, each what `make(pixel)` makes of its color, on all cores. `out` holds width * height pixels.
  template <class Make> void map(const PixelView& photo, Pixel* out, const Make& make) const {
    std::uint32_t* const known = m_known->words;
    const auto word = [&make](Pixel pixel) { return make(pixel).word; };
    in_rows(photo.height, [&, known](int from, int to) {
      for (int y = from; y < to; ++y) {
        const Pixel* pixels = photo.row(y);
        Pixel* row = out + static_cast<std::size_t>(y) * photo.width;
        for (int x = 0; x < photo.width; ++x) row[x] = pixels[x].with(at(known, pixels[x], word));
      }
    });
  }

private:
  /// What is known by table_place(); 0 where nothing is known yet. The memory is asked for zeroed, so that
  /// the system gives the 64 MB piece by piece as colors come up.
  struct Known {
    std::uint32_t* words;
    Known();
    ~Known();
    Known(const Known&) = delete;
    Known& operator=(const Known&) = delete;
  };

  template <class Make>
  [[nodiscard]] static std::uint32_t at(std::uint32_t* known, Pixel pixel, const Make& make) {
    // Two threads may make one color at the same time; they come to the same result.
    const std::atomic_ref<std::uint32_t> place(known[table_place(pixel)]);
    std::uint32_t color = place.load(std::memory_order_relaxed);
    if (color == 0) [[unlikely]] {
      color = make(pixel.opaque()) | 0xff000000u;
      place.store(color, std::memory_order_relaxed);
    }
    return color & 0xffffffu;
  }

  std::shared_ptr<Known> m_known;
};

} // namespace zc
