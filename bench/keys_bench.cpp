// SPDX-License-Identifier: GPL-3.0-or-later
// A picture in other keys: a full one of 24 megapixels, and a sheet of twelve small ones after the mask was
// moved, as multiples of copying 24 megapixels in the same run. The argument is the saturation measure.
#include "bench_copy.h"
#include "core/image/reduce.h"
#include "core/keys/key_picture.h"
#include "core/mask/patterns.h"

#include <benchmark/benchmark.h>

namespace {

using namespace zc;
using namespace zc::benches;

Wheel wheel_of(const benchmark::State& s) {
  return Wheel({HueScale::Traditional, static_cast<SaturationMeasure>(s.range(0))});
}

void full_turned(benchmark::State& s) {
  const KeyMap map = KeyMap::turned(wheel_of(s), 77);
  against_copy(s, [&] { render_in_key(large().view, map, large().out.data()); });
}
void full_pressed(benchmark::State& s) {
  const Wheel wheel = wheel_of(s);
  against_copy(s, [&] {
    const KeyMap map = KeyMap::pressed(wheel, MaskRegion(pattern_mask({Pattern::Accent, 40, 60})));
    render_in_key(large().view, map, large().out.data());
  });
}

/// Eleven turns and patterns and the picture as it is, from the mask to their pixels.
void sheet(benchmark::State& s, KeyPicture::Quality quality) {
  const Wheel wheel = wheel_of(s);
  const QImage small = large()
                           .image.scaled(252, 157, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                           .convertToFormat(QImage::Format_RGB32);
  const KeyPicture picture(view_of(small), wheel);
  std::vector<Pixel> out(252 * 157);
  against_copy(s, [&] {
    for (int i = 0; i < 6; ++i) picture.render(KeyMap::turned(wheel, 30.0 * i), quality, out.data());
    for (int i = 0; i < 6; ++i)
      picture.render(
          KeyMap::pressed(wheel, MaskRegion(pattern_mask({kPatterns[i], 40, usual_spread(kPatterns[i])}))),
          quality, out.data());
  });
}
void sheet_coarse(benchmark::State& s) { sheet(s, KeyPicture::Quality::Coarse); }
void sheet_exact(benchmark::State& s) { sheet(s, KeyPicture::Quality::Exact); }
void numbers_of_twelve(benchmark::State& s) {
  const Wheel wheel = wheel_of(s);
  const QImage small = large().image.scaled(252, 157).convertToFormat(QImage::Format_RGB32);
  const KeyPicture picture(view_of(small), wheel);
  against_copy(s, [&] {
    for (int i = 1; i <= 12; ++i) benchmark::DoNotOptimize(picture.numbers(KeyMap::turned(wheel, 29.0 * i)));
  });
}

} // namespace

BENCHMARK(full_turned)->Arg(0)->Arg(1)->Arg(4)->Iterations(2)->Unit(benchmark::kMillisecond);
BENCHMARK(full_pressed)->Arg(0)->Iterations(2)->Unit(benchmark::kMillisecond);
BENCHMARK(sheet_coarse)->DenseRange(0, 4)->Iterations(5)->Unit(benchmark::kMillisecond);
BENCHMARK(sheet_exact)->DenseRange(0, 4)->Iterations(3)->Unit(benchmark::kMillisecond);
BENCHMARK(numbers_of_twelve)->Arg(0)->Iterations(3)->Unit(benchmark::kMillisecond);
