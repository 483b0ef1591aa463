// SPDX-License-Identifier: GPL-3.0-or-later
// A photo of 24 megapixels, and work on it as multiples of copying its pixels in the same run.
#pragma once

#include "bench_load.h"
#include "bench_photos.h"

#include <benchmark/benchmark.h>
#include <cstring>
#include <functional>
#include <vector>

namespace zc::benches {

struct Large {
  QImage image = demo_photo("blue-hour.jpg")
                     .scaled(6000, 4000, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                     .convertToFormat(QImage::Format_RGB32);
  PixelView view = view_of(image);
  std::size_t count = static_cast<std::size_t>(view.width) * view.height;
  std::vector<Pixel> out = std::vector<Pixel>(count);
};
inline Large& large() {
  static Large l;
  return l;
}

inline void against_copy(benchmark::State& state, const std::function<void()>& work) {
  Large& l = large();
  double copy = 0, ours = 0;
  std::memcpy(l.out.data(), l.view.pixels, l.count * 4);
  const OthersAtWork others;
  for (auto _ : state) {
    copy += seconds([&] { std::memcpy(l.out.data(), l.view.pixels, l.count * 4); });
    ours += seconds(work);
  }
  state.counters["copy_ms"] = 1000 * copy / static_cast<double>(state.iterations());
  state.counters["ms"] = 1000 * ours / static_cast<double>(state.iterations());
  state.counters["times_a_copy"] = ours / copy;
  others.label(state);
}

} // namespace zc::benches
