// SPDX-License-Identifier: GPL-3.0-or-later
// A sheet of 300 swatches, and 5,000 swatches at the press as multiples of the library's own way there and
// back.
#include "bench_photos.h"
#include "core/press/press.h"
#include "io/sheet/sheet_files.h"
#include "io/sheet/typeface.h"
#include "io/shelf/press_shelf.h"

#include <QGuiApplication>

#include <benchmark/benchmark.h>
#include <random>

namespace {

using namespace zc;
using namespace zc::benches;

Piece piece_of(int swatches) {
  std::mt19937 random(5);
  Piece piece;
  piece.title = "Three hundred";
  SwatchSet set{1, "row"};
  for (int i = 0; i < swatches; ++i) {
    if (i % 10 == 0) set.families.push_back({Id(1000 + i), "family " + std::to_string(i / 10)});
    const auto channel = [&] { return (random() & 255u) / 255.0; };
    Swatch s{Id(2 + i), {channel(), channel(), channel()}, {}, "swatch " + std::to_string(i)};
    s.place = i % 10;
    set.families.change(set.families.size() - 1).swatches.push_back(s);
  }
  piece.sets = {set};
  piece.current_set = 1;
  return piece;
}

/// Letters are measured by the toolkit, which wants an application.
struct Letters {
  int argc = 1;
  char name[6] = "bench";
  char* argv[2] = {name, nullptr};
  std::unique_ptr<QGuiApplication> app;
  Letters() {
    if (!QCoreApplication::instance()) app = std::make_unique<QGuiApplication>(argc, argv);
    install_typeface();
  }
};

void share_lay_out(benchmark::State& state) {
  const Letters letters;
  const Piece piece = piece_of(300);
  const TextMeasure measure = toolkit_measure();
  for (auto _ : state) benchmark::DoNotOptimize(sheet_of(piece, {&piece.sets[0]}, {}, {}, measure).ok());
}
void share_pdf(benchmark::State& state) {
  const Letters letters;
  const Piece piece = piece_of(300);
  const SheetSpec spec;
  const QImage photo = demo_photo("blue-hour.jpg");
  const auto sheet = *sheet_of(piece, {&piece.sets[0]}, spec, {1.6, "photo"}, toolkit_measure());
  const SheetImages images = sheet_images(piece, spec, photo, 800);
  for (auto _ : state) benchmark::DoNotOptimize(sheet_pdf(sheet, images, {"title", ""}).ok());
}

void share_press(benchmark::State& state) {
  const auto press = *open_press(shipped_press());
  std::mt19937 random(7);
  std::vector<Srgb> colors;
  for (int i = 0; i < 5000; ++i) {
    const auto channel = [&] { return (random() & 255u) / 255.0; };
    colors.push_back({channel(), channel(), channel()});
  }
  double ours = 0, plain = 0;
  for (auto _ : state) {
    ours += seconds([&] { benchmark::DoNotOptimize(check_for_press(*press, colors).size()); });
    plain += seconds([&] {
      for (const Srgb& c : colors) benchmark::DoNotOptimize(press->color_of(press->printed(c).ink));
    });
  }
  state.counters["ms"] = 1000 * ours / static_cast<double>(state.iterations());
  state.counters["times_there_and_back"] = ours / plain;
}
BENCHMARK(share_lay_out)->Unit(benchmark::kMillisecond)->Iterations(10);
BENCHMARK(share_pdf)->Unit(benchmark::kMillisecond)->Iterations(3);
BENCHMARK(share_press)->Unit(benchmark::kMillisecond)->Iterations(3);

} // namespace
