// What is read from a photo of 24 megapixels, as multiples of copying its pixels in the same run.
#include "bench_load.h"
#include "bench_photos.h"
#include "core/image/extract.h"
#include "core/image/places.h"
#include "core/image/through_mask.h"
#include "core/image/values.h"
#include "core/mask/patterns.h"

#include <benchmark/benchmark.h>
#include <cstring>

namespace {

using namespace zc;
using namespace zc::space;

struct Large {
  QImage image = demo_photo("blue-hour.jpg")
                     .scaled(6000, 4000, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                     .convertToFormat(QImage::Format_RGB32);
  PixelView view = view_of(image);
  std::size_t count = static_cast<std::size_t>(view.width) * view.height;
  std::vector<std::uint32_t> out = std::vector<std::uint32_t>(count);
};
Large& large() {
  static Large l;
  return l;
}

void against_copy(benchmark::State& state, const std::function<void()>& work) {
  Large& l = large();
  double copy = 0, ours = 0;
  std::memcpy(l.out.data(), l.view.words, l.count * 4);
  const OthersAtWork others;
  for (auto _ : state) {
    copy += seconds([&] { std::memcpy(l.out.data(), l.view.words, l.count * 4); });
    ours += seconds(work);
  }
  state.counters["copy_ms"] = 1000 * copy / static_cast<double>(state.iterations());
  state.counters["ms"] = 1000 * ours / static_cast<double>(state.iterations());
  state.counters["times_a_copy"] = ours / copy;
  others.label(state);
}

const Wheel& wheel() {
  static const Wheel w({HueScale::Traditional, SaturationMeasure::Hsluv});
  return w;
}

void value_view(benchmark::State& s) {
  against_copy(s, [] { to_value_greys(large().view.words, large().out.data(), large().count); });
}
void flat(benchmark::State& s) {
  against_copy(s, [] {
    const FineValues values = fine_values(large().view);
    to_flat_tones(large().view, flat_tones(values, flat_limits(values, 4)), large().out.data());
  });
}
void histogram(benchmark::State& s) {
  against_copy(s, [] { benchmark::DoNotOptimize(fine_values(large().view)); });
}
void footprint(benchmark::State& s) {
  against_copy(s, [] { benchmark::DoNotOptimize(footprint_of(color_places(large().view, wheel()), 256)); });
}
void through_mask(benchmark::State& s) {
  const MaskRegion region(pattern_mask({Pattern::Triad, 40, 20}));
  against_copy(s, [&] { MaskMapper(wheel(), region).map(large().view, large().out.data()); });
}
void extraction(benchmark::State& s) {
  ExtractionSpec spec;
  spec.quotas = BandCounts{10, 10, 10};
  against_copy(s, [&] { benchmark::DoNotOptimize(extract_colors(large().view, spec).ok()); });
}
BENCHMARK(value_view)->Iterations(8)->Unit(benchmark::kMillisecond);
BENCHMARK(flat)->Iterations(8)->Unit(benchmark::kMillisecond);
BENCHMARK(histogram)->Iterations(8)->Unit(benchmark::kMillisecond);
BENCHMARK(footprint)->Iterations(8)->Unit(benchmark::kMillisecond);
BENCHMARK(through_mask)->Iterations(3)->Unit(benchmark::kMillisecond);
BENCHMARK(extraction)->Iterations(4)->Unit(benchmark::kMillisecond);

} // namespace
