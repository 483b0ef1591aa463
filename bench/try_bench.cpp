// SPDX-License-Identifier: GPL-3.0-or-later
// The set on a picture of 24 megapixels, as multiples of copying its pixels in the same run.
#include "bench_copy.h"
#include "core/color/convert.h"
#include "core/image/extract.h"
#include "core/mask/patterns.h"
#include "core/try/check.h"
#include "core/try/render.h"

#include <benchmark/benchmark.h>

namespace {

using namespace zc;
using namespace zc::benches;

/// Twenty colors of it, in four families.
const std::vector<MatchColor>& set() {
  static const auto made = [] {
    ExtractionSpec spec;
    spec.count = 20;
    const auto found = extract_colors(large().view, spec);
    std::vector<MatchColor> colors;
    for (const auto& c : found->colors) colors.push_back({c.color, colors.size() / 5});
    return colors;
  }();
  return made;
}

void try_study(benchmark::State& s) {
  TriedPicture tried;
  tried.right.way = TryWay::Study;
  tried.right.colors = set();
  against_copy(s, [&] { render_tried(large().view, tried, large().out.data()); });
}
void try_follow(benchmark::State& s) {
  TriedPicture tried;
  tried.right.way = TryWay::Follow;
  tried.right.colors = set();
  for (std::size_t i = 0; i < set().size(); ++i) {
    const Srgb c = set()[i].color;
    tried.right.moves.push_back({c, i % 3 ? Srgb{c.g, c.r * 0.9, c.b} : c});
  }
  against_copy(s, [&] { render_tried(large().view, tried, large().out.data()); });
}
void try_check(benchmark::State& s) {
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
  const MaskRegion region(pattern_mask({Pattern::Triad, 40, 20}));
  against_copy(s, [&] {
    const SwatchMatcher matcher(set());
    const MaskMapper mapper(wheel, region);
    benchmark::DoNotOptimize(
        stray_shares(distinct_colors(large().view), StrayChecker(&matcher, &mapper, {}), {}));
  });
}
void try_distinct(benchmark::State& s) {
  against_copy(s, [] { benchmark::DoNotOptimize(distinct_colors(large().view).size()); });
}
void try_areas(benchmark::State& s) {
  AreaSpec spec;
  spec.count = 100;
  against_copy(s, [&] { benchmark::DoNotOptimize(cut_into_areas(large().view, spec).ok()); });
}
BENCHMARK(try_study)->Unit(benchmark::kMillisecond)->Iterations(5);
BENCHMARK(try_follow)->Unit(benchmark::kMillisecond)->Iterations(5);
BENCHMARK(try_check)->Unit(benchmark::kMillisecond)->Iterations(5);
BENCHMARK(try_distinct)->Unit(benchmark::kMillisecond)->Iterations(5);
BENCHMARK(try_areas)->Unit(benchmark::kMillisecond)->Iterations(3);

} // namespace
