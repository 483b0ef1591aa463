// What is read from a photo of 24 megapixels, as multiples of copying its pixels in the same run; and
// palettes against libimagequant, both by the mean CIEDE2000 of a pixel to its nearest color and by time.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/image/extract.h"
#include "core/image/places.h"
#include "core/image/through_mask.h"
#include "core/image/values.h"
#include "core/mask/patterns.h"
#include "io/container/safe_save.h"
#include "io/photo/decode.h"

#include <QImage>

#include <benchmark/benchmark.h>
#include <chrono>
#include <cstring>
#include <functional>
#include <libimagequant.h>
#ifdef WITH_OPENCV
#include <opencv2/core.hpp>
#endif

namespace {

using namespace zc;

double seconds(const std::function<void()>& work) {
  const auto start = std::chrono::steady_clock::now();
  work();
  return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

QImage demo_photo(const char* name) {
  const auto bytes = read_file(std::string(DEMO_PHOTOS "/") + name);
  return decode_photo(*bytes, name).value();
}

/// Smooth ramps of hue across and value down, and confetti of many colors: pictures no camera makes.
QImage synthetic(bool confetti) {
  QImage image(1200, 800, QImage::Format_RGB32);
  std::uint32_t state = 12345;
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x) {
      if (confetti && x % 4 + y % 4 == 0) state = state * 1664525u + 1013904223u;
      const Srgb c = srgb_from_hsv({360.0 * x / image.width(), 0.7, 1.0 - double(y) / image.height()});
      reinterpret_cast<std::uint32_t*>(image.scanLine(y))[x] =
          confetti ? 0xff000000u | state >> 8 : word_of(rounded_8bit(c));
    }
  return image;
}

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
  for (auto _ : state) {
    copy += seconds([&] { std::memcpy(l.out.data(), l.view.words, l.count * 4); });
    ours += seconds(work);
  }
  state.counters["copy_ms"] = 1000 * copy / static_cast<double>(state.iterations());
  state.counters["ms"] = 1000 * ours / static_cast<double>(state.iterations());
  state.counters["times_a_copy"] = ours / copy;
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

// ---------------------------------------------------------------- palettes

double mean_difference(const QImage& image, const std::vector<Srgb>& palette) {
  std::vector<Lab> labs;
  for (const Srgb& c : palette) labs.push_back(lab_from_srgb(c));
  const PixelView view = view_of(image);
  double sum = 0;
  int count = 0;
  for (int y = 1; y < view.height; y += 5)
    for (int x = 1; x < view.width; x += 5) {
      const Lab p = lab_from_srgb(srgb_from_8bit(color_of_word(view.row(y)[x])));
      double least = 1e9;
      for (const Lab& q : labs) least = std::min(least, ciede2000(p, q));
      sum += least;
      ++count;
    }
  return sum / count;
}

std::vector<Srgb> by_imagequant(const QImage& image, int count) {
  const QImage rgba = image.convertToFormat(QImage::Format_RGBA8888);
  liq_attr* attr = liq_attr_create();
  liq_set_max_colors(attr, count);
  liq_image* picture = liq_image_create_rgba(attr, rgba.constBits(), rgba.width(), rgba.height(), 0);
  liq_result* result = nullptr;
  std::vector<Srgb> out;
  if (liq_image_quantize(picture, attr, &result) == LIQ_OK) {
    const liq_palette* palette = liq_get_palette(result);
    for (unsigned i = 0; i < palette->count; ++i)
      out.push_back(srgb_from_8bit({palette->entries[i].r, palette->entries[i].g, palette->entries[i].b}));
    liq_result_destroy(result);
  }
  liq_image_destroy(picture);
  liq_attr_destroy(attr);
  return out;
}

#ifdef WITH_OPENCV
/// k-means by OpenCV in CIELAB on every fifth pixel both ways.
std::vector<Srgb> by_kmeans(const QImage& image, int count) {
  const PixelView view = view_of(image);
  std::vector<float> labs;
  for (int y = 0; y < view.height; y += 5)
    for (int x = 0; x < view.width; x += 5) {
      const Lab lab = lab_from_srgb(srgb_from_8bit(color_of_word(view.row(y)[x])));
      labs.insert(labs.end(),
                  {static_cast<float>(lab.l), static_cast<float>(lab.a), static_cast<float>(lab.b)});
    }
  const cv::Mat samples(static_cast<int>(labs.size() / 3), 3, CV_32F, labs.data());
  cv::Mat labels, centers;
  cv::setRNGSeed(1);
  cv::kmeans(samples, count, labels, {cv::TermCriteria::COUNT | cv::TermCriteria::EPS, 30, 0.1}, 1,
             cv::KMEANS_PP_CENTERS, centers);
  std::vector<Srgb> out;
  for (int i = 0; i < centers.rows; ++i)
    out.push_back(srgb_from_xyz(
        xyz_from_lab({centers.at<float>(i, 0), centers.at<float>(i, 1), centers.at<float>(i, 2)})));
  return out;
}
#endif

void palette(benchmark::State& state) {
  const char* photos[] = {"blue-hour.jpg", "forge.jpg", "noon.jpg"};
  const auto which = static_cast<std::size_t>(state.range(0));
  const QImage image = which < 3 ? demo_photo(photos[which]) : synthetic(which == 4);
  ExtractionSpec spec;
  spec.count = static_cast<int>(state.range(1));
  spec.least_difference = 0;
  spec.representative = Representative::Mean;
  std::vector<Srgb> ours, theirs;
  double our_time = 0, their_time = 0;
  for (auto _ : state) {
    our_time += seconds([&] {
      ours.clear();
      const auto made = extract_colors(view_of(image), spec);
      for (const auto& c : made->colors) ours.push_back(c.color);
    });
    their_time += seconds([&] { theirs = by_imagequant(image, spec.count); });
  }
  state.counters["ours"] = mean_difference(image, ours);
  state.counters["theirs"] = mean_difference(image, theirs);
  state.counters["our_ms"] = 1000 * our_time / static_cast<double>(state.iterations());
#ifdef WITH_OPENCV
  std::vector<Srgb> means;
  state.counters["kmeans_ms"] = 1000 * seconds([&] { means = by_kmeans(image, spec.count); });
  state.counters["kmeans"] = mean_difference(image, means);
#endif
  state.counters["their_ms"] = 1000 * their_time / static_cast<double>(state.iterations());
}
BENCHMARK(palette)->ArgsProduct({{0, 1, 2, 3, 4}, {8, 16, 30}})->Iterations(2)->Unit(benchmark::kMillisecond);

} // namespace
