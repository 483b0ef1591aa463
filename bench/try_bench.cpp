// The set on a picture of 24 megapixels, as multiples of copying its pixels in the same run.
#include "bench_load.h"
#include "bench_photos.h"
#include "core/color/convert.h"
#include "core/image/extract.h"
#include "core/mask/patterns.h"
#include "core/try/check.h"
#include "core/try/follow.h"
#include "core/try/study.h"

#include <benchmark/benchmark.h>
#include <cstring>
#include <functional>

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
  std::vector<MatchColor> set = [this] {
    ExtractionSpec spec;
    spec.count = 20;
    std::vector<MatchColor> colors;
    const auto found = extract_colors(view, spec);
    for (const auto& c : found->colors) colors.push_back({c.color, colors.size() / 5});
    return colors;
  }();
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

void try_study(benchmark::State& s) {
  against_copy(s, [] { StudyMapper(large().set, Match::Color).map(large().view, large().out.data()); });
}
void try_follow(benchmark::State& s) {
  std::vector<SwatchMove> moves;
  for (std::size_t i = 0; i < large().set.size(); ++i) {
    const Srgb c = large().set[i].color;
    moves.push_back({c, i % 3 ? Srgb{c.g, c.r * 0.9, c.b} : c});
  }
  against_copy(s, [&] { FollowMapper(Follow(moves)).map(large().view, large().out.data()); });
}
void try_check(benchmark::State& s) {
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
  const MaskRegion region(pattern_mask({Pattern::Triad, 40, 20}));
  against_copy(s, [&] {
    const SwatchMatcher matcher(large().set);
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
