// SPDX-License-Identifier: GPL-3.0-or-later
// The photos the benchmarks look at, and a clock.
#pragma once

#include "core/color/convert.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"

#include <QImage>

#include <chrono>
#include <functional>

namespace zc::benches {

inline double seconds(const std::function<void()>& work) {
  const auto start = std::chrono::steady_clock::now();
  work();
  return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

inline QImage demo_photo(const char* name) {
  const auto bytes = read_file(std::string(DEMO_PHOTOS "/") + name);
  return decode_photo(*bytes, name).value();
}

/// Smooth ramps of hue across and value down, and confetti of many colors: pictures no camera makes.
inline QImage synthetic(bool confetti) {
  QImage image(1200, 800, QImage::Format_RGB32);
  std::uint32_t state = 12345;
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x) {
      if (confetti && x % 4 + y % 4 == 0) state = state * 1664525u + 1013904223u;
      const Srgb c = srgb_from_hsv({360.0 * x / image.width(), 0.7, 1.0 - double(y) / image.height()});
      reinterpret_cast<Pixel*>(image.scanLine(y))[x] =
          confetti ? Pixel{state >> 8}.opaque() : pixel_of(rounded_8bit(c));
    }
  return image;
}

} // namespace zc::benches
