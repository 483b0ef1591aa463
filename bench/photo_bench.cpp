// SPDX-License-Identifier: GPL-3.0-or-later
// What is read from a photo of 24 megapixels, as multiples of copying its pixels in the same run.
#include "bench_copy.h"
#include "core/image/extract.h"
#include "core/image/places.h"
#include "core/image/through_mask.h"
#include "core/image/values.h"
#include "core/mask/patterns.h"
#include "model/photos/photo_library.h"

#include <QBuffer>
#include <benchmark/benchmark.h>
#include <cstdio>
#include <cstring>
#include <jpeglib.h>
#include <memory>

namespace {

using namespace zc;
using namespace zc::benches;

const Wheel& wheel() {
  static const Wheel w({HueScale::Traditional, SaturationMeasure::Hsluv});
  return w;
}

void value_view(benchmark::State& s) {
  against_copy(s, [] { to_value_greys(large().view.pixels, large().out.data(), large().count); });
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
/// A photo of 24 megapixels as a camera writes it.
const std::vector<unsigned char>& large_jpeg() {
  static const std::vector<unsigned char> bytes = [] {
    QByteArray out;
    QBuffer buffer(&out);
    buffer.open(QIODevice::WriteOnly);
    large().image.save(&buffer, "JPEG", 92);
    return std::vector<unsigned char>(out.begin(), out.end());
  }();
  return bytes;
}

/// The same by libjpeg alone, into fresh memory as any program has to.
void read_by_libjpeg(int eighths) {
  jpeg_decompress_struct info{};
  jpeg_error_mgr errors{};
  info.err = jpeg_std_error(&errors);
  jpeg_create_decompress(&info);
  jpeg_mem_src(&info, large_jpeg().data(), large_jpeg().size());
  jpeg_read_header(&info, TRUE);
  info.out_color_space = JCS_EXT_BGRX;
  info.scale_num = static_cast<unsigned int>(eighths);
  info.scale_denom = 8;
  jpeg_start_decompress(&info);
  const std::unique_ptr<unsigned char[]> out(
      new unsigned char[std::size_t{4} * info.output_width * info.output_height]);
  while (info.output_scanline < info.output_height) {
    JSAMPROW row = out.get() + std::size_t{4} * info.output_width * info.output_scanline;
    jpeg_read_scanlines(&info, &row, 1);
  }
  benchmark::DoNotOptimize(out.get());
  jpeg_finish_decompress(&info);
  jpeg_destroy_decompress(&info);
}

void against_libjpeg(benchmark::State& state, int eighths, const std::function<void()>& work) {
  read_by_libjpeg(eighths);
  double theirs = 0, ours = 0;
  const OthersAtWork others;
  for (auto _ : state) {
    theirs += seconds([&] { read_by_libjpeg(eighths); });
    ours += seconds(work);
  }
  state.counters["libjpeg_ms"] = 1000 * theirs / static_cast<double>(state.iterations());
  state.counters["ms"] = 1000 * ours / static_cast<double>(state.iterations());
  state.counters["times_libjpeg"] = ours / theirs;
  others.label(state);
}

void coarse_picture(benchmark::State& s) {
  against_libjpeg(s, 1, [] { benchmark::DoNotOptimize(decode_coarse(large_jpeg(), "large")); });
}
void full_picture(benchmark::State& s) {
  against_libjpeg(s, 8, [] { benchmark::DoNotOptimize(decode_photo(large_jpeg(), "large")); });
}

/// Decoded and its smaller sizes made: as it is put on the stage.
void photo_on_stage(benchmark::State& s) {
  against_libjpeg(s, 8,
                  [] { benchmark::DoNotOptimize(levels_of(decode_photo(large_jpeg(), "large").value())); });
}

BENCHMARK(photo_on_stage)->Iterations(4)->Unit(benchmark::kMillisecond);
BENCHMARK(coarse_picture)->Iterations(8)->Unit(benchmark::kMillisecond);
BENCHMARK(full_picture)->Iterations(4)->Unit(benchmark::kMillisecond);
BENCHMARK(value_view)->Iterations(8)->Unit(benchmark::kMillisecond);
BENCHMARK(flat)->Iterations(8)->Unit(benchmark::kMillisecond);
BENCHMARK(histogram)->Iterations(8)->Unit(benchmark::kMillisecond);
BENCHMARK(footprint)->Iterations(8)->Unit(benchmark::kMillisecond);
BENCHMARK(through_mask)->Iterations(3)->Unit(benchmark::kMillisecond);
BENCHMARK(extraction)->Iterations(4)->Unit(benchmark::kMillisecond);

} // namespace
