// SPDX-License-Identifier: GPL-3.0-or-later
// The middle of the program at its limits: masks of many areas, stepped picks, fits, edits of large sets.
#include "core/image/fit.h"
#include "core/mask/patterns.h"
#include "core/mask/picking.h"
#include "core/mix/pigment.h"
#include "core/mix/ramps.h"
#include "core/piece/edits.h"
#include "core/piece/set_edits.h"

#include <benchmark/benchmark.h>
#include <malloc.h>
#include <random>

namespace {

using namespace zc;

double unit(std::mt19937& random) { return static_cast<double>(random() % 10'001) / 10'000; }

/// Round, angular and ring-like areas that overlap, every third of them cutting.
Mask many_areas(int n, bool cuts) {
  std::mt19937 random(5);
  Mask out;
  for (int i = 0; i < n; ++i) {
    const DiscPoint at = disc_point(Angle(360 * unit(random)), unit(random));
    const double size = 0.05 + 0.15 * unit(random);
    Shape shape = Ellipse{at, size, size / 2, 359 * unit(random)};
    if (i % 3 == 1) shape = RingSector{359 * unit(random), 10 + 60 * unit(random), 0.3, 0.3 + size};
    if (i % 3 == 2)
      shape = Polygon{{pulled_onto_disc({at.x + size, at.y}), pulled_onto_disc({at.x, at.y + size}),
                       pulled_onto_disc({at.x - size, at.y}), pulled_onto_disc({at.x, at.y - size / 2})}};
    out.areas.push_back({cuts && i % 3 == 2 ? AreaMode::Cuts : AreaMode::Adds, shape});
  }
  return out;
}

void mask_of_100_areas(benchmark::State& state) {
  const Mask mask = many_areas(100, state.range(0) != 0);
  for (auto _ : state) benchmark::DoNotOptimize(MaskRegion(mask).empty());
}
BENCHMARK(mask_of_100_areas)->Arg(0)->Arg(1)->ArgName("cuts")->Unit(benchmark::kMillisecond);

void nearest_in_100_areas(benchmark::State& state) {
  const MaskRegion region(many_areas(100, true));
  std::mt19937 random(6);
  for (auto _ : state) {
    const DiscPoint p = disc_point(Angle(360 * unit(random)), unit(random));
    benchmark::DoNotOptimize(region.inside(p));
    benchmark::DoNotOptimize(region.nearest(p));
  }
}
BENCHMARK(nearest_in_100_areas)->Unit(benchmark::kMicrosecond);

/// 50 saturations, in a ring mask, from the middle to the rim and all around.
void stepped_pick_in_a_ring(benchmark::State& state) {
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
  const MaskRegion region(Mask{"ring", {{AreaMode::Adds, RingSector{0, 360, 0.905, 0.915}}}, 0, {}});
  const PickRules rules{wheel, &region, MaskRule::Held, {static_cast<int>(state.range(0)), 50, 0}};
  std::mt19937 random(7);
  for (auto _ : state)
    benchmark::DoNotOptimize(stepped_pick(rules, disc_point(Angle(360 * unit(random)), unit(random))));
}
BENCHMARK(stepped_pick_in_a_ring)->Arg(0)->Arg(36)->ArgName("hues")->Unit(benchmark::kMillisecond);

std::vector<ColorPlace> some_places(int n) {
  std::mt19937 random(8);
  std::normal_distribution<double> spread(0, 0.25);
  std::vector<ColorPlace> out;
  for (int i = 0; i < n; ++i) {
    const DiscPoint at = pulled_onto_disc({0.2 + spread(random), -0.1 + spread(random)});
    out.push_back({at, 1 + unit(random), {}});
  }
  return out;
}

void polygon_fitted_to_40000_places(benchmark::State& state) {
  const auto places = some_places(40'000);
  for (auto _ : state) benchmark::DoNotOptimize(fit_polygon(places, 6, 0.8).ok());
}
BENCHMARK(polygon_fitted_to_40000_places)->Unit(benchmark::kMillisecond)->UseRealTime();

void unpaintable_color_through_paint(benchmark::State& state) {
  std::mt19937 random(9);
  const Srgb pure[] = {{0, 0, 1}, {1, 0, 1}, {0, 1, 0}, {0, 1, 1}, {1, 0, 0}};
  for (auto _ : state) {
    const Srgb a = pure[random() % 5];
    benchmark::DoNotOptimize(mix({{a, 1}, {{1, 1 - 1e-3 * unit(random), 0}, 1}}, MixAs::Paint).ok());
  }
}
BENCHMARK(unpaintable_color_through_paint)->Unit(benchmark::kMillisecond);

void paint_ramp(benchmark::State& state) {
  RampSpec spec{RampKind::Between, {0, 0, 1}, Srgb{1, 1, 0}, 9};
  spec.way = Way::Paint;
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
  std::mt19937 random(10);
  for (auto _ : state) {
    spec.from.r = 1e-3 * unit(random);
    benchmark::DoNotOptimize(make_ramp(spec, wheel).ok());
  }
}
BENCHMARK(paint_ramp)->Unit(benchmark::kMillisecond);

/// 10,000 swatches in one family, 20 versions, 500 steps of undo.
void memory_of_500_edits(benchmark::State& state) {
  Piece piece = *with_family(new_piece({}), "family");
  for (int i = 0; i < 10'000; ++i) {
    Swatch s{piece.next_id++, {0.2, 0.3, 0.4}};
    s.name = "a swatch with a name of its own";
    s.place = i;
    piece.sets.change(0).families.change(0).swatches.push_back(s);
  }
  for (int i = 0; i < 20; ++i) piece = *with_version_kept(piece, 1, "version");
  double grown = 0;
  for (auto _ : state) {
    std::vector<Piece> undo;
    const auto before = mallinfo2().uordblks;
    for (Id i = 0; i < 500; ++i) {
      undo.push_back(piece);
      piece = *with_swatch_note(piece, 3 + (i * 37) % 10'000, "note " + std::to_string(i));
    }
    grown = static_cast<double>(mallinfo2().uordblks - before) / 1e6;
  }
  state.counters["MB"] = grown;
}
BENCHMARK(memory_of_500_edits)->Iterations(1)->Unit(benchmark::kMillisecond);

} // namespace
