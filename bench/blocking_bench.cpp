// SPDX-License-Identifier: GPL-3.0-or-later
// What must never hold the window up: changed areas of a picture of 24 megapixels, thousands of swatches
// alike, a long text that nothing can read, and the end of the program while work is running.
#include "bench_copy.h"
#include "bench_window.h"
#include "core/patterns/lines_pattern.h"
#include "core/piece/edits.h"
#include "core/try/areas.h"
#include "model/derived/job_pool.h"
#include "model/work/set_work.h"

#include <atomic>
#include <sys/resource.h>
#include <thread>

namespace {

using namespace zc;
using namespace zc::benches;

/// One more change by hand, as the window makes it: to a copy of the areas that are kept.
void areas_changed(benchmark::State& s) {
  const Areas kept = cut_into_areas(large().view, {100, 0.02, 0.1}).value();
  int i = 0;
  against_copy(s, [&] {
    Areas changed = kept;
    const PictureArea& area = kept.areas[static_cast<std::size_t>(++i) % kept.areas.size()];
    edit_areas(changed, large().view, {AreaEdit::Kind::Split, area.x, area.y, 0, 0});
    benchmark::DoNotOptimize(changed.areas.size());
  });
}
BENCHMARK(areas_changed)->Unit(benchmark::kMillisecond)->Iterations(10);

Piece piece_of_alike(int swatches) {
  Piece piece = new_piece({});
  Id id = 10;
  Family family{id++, "alike"};
  for (int i = 0; i < swatches; ++i) {
    Swatch s{id++, {0.5, 0.4, 0.3 + 1e-6 * i}};
    s.place = i;
    family.swatches.push_back(s);
  }
  piece.sets.change(0).families = {family};
  piece.next_id = id;
  return piece;
}

double most_memory_mb() {
  rusage usage{};
  getrusage(RUSAGE_SELF, &usage);
  return static_cast<double>(usage.ru_maxrss) / 1024;
}

/// From an edit to everything on the screen but the report, and until the report is there.
void alike_swatches_edited(benchmark::State& s) {
  BenchWindow bench;
  bench.show();
  AppModel& model = bench.program->model;
  model.start(piece_of_alike(static_cast<int>(s.range(0))), {}, true);
  model.viewing().show_desk(Desk::Grade);
  const Id swatch = model.piece().sets[0].families[0].swatches[7].id;
  QApplication::processEvents();
  const double before = most_memory_mb();
  double window = 0, report = 0, shade = 0;
  for (auto _ : s) {
    shade += 0.01;
    window += seconds([&] {
      model.store().apply({}, [&](Piece p) {
        return with_swatches_colored(std::move(p), {swatch}, {{shade, 0.5, 0.5}, {}, {}});
      });
      QApplication::processEvents();
    });
    report += seconds([&] {
      while (model.set_work().report_is_late()) QApplication::processEvents(QEventLoop::AllEvents, 5);
    });
  }
  const double n = static_cast<double>(s.iterations());
  s.counters["window_ms"] = 1000 * window / n;
  s.counters["report_ms"] = 1000 * report / n;
  s.counters["more_mb"] = most_memory_mb() - before;
  s.counters["near"] = static_cast<double>(model.set_work().report().near_duplicates.size());
}
BENCHMARK(alike_swatches_edited)
    ->Arg(500)
    ->Arg(2000)
    ->Arg(10'000)
    ->Iterations(10)
    ->Unit(benchmark::kMillisecond);

/// Text of so many megabytes that a pattern of three numbers cannot read, in lines of that length (0 for one
/// line), as a multiple of copying it.
void unknown_text(benchmark::State& s) {
  std::string text, copy;
  const auto line = static_cast<std::size_t>(s.range(1));
  for (std::size_t in_line = 0; text.size() < static_cast<std::size_t>(s.range(0)) << 20;) {
    text += "1 2 3 a-b ";
    in_line += 10;
    if (line == 0 || in_line < line) continue;
    text += '\n';
    in_line = 0;
  }
  const auto pattern = lines_pattern_from_text("{name} {r} {g} {b} {family} {note}!");
  if (!pattern) return s.SkipWithError(pattern.error().sentence().c_str());
  double ours = 0, copying = 0;
  for (auto _ : s) {
    copying += seconds([&] {
      copy.assign(text);
      benchmark::DoNotOptimize(copy.data());
    });
    ours += seconds([&] { benchmark::DoNotOptimize(set_from_lines(text, *pattern).ok()); });
  }
  s.counters["ms"] = 1000 * ours / static_cast<double>(s.iterations());
  s.counters["times_a_copy"] = ours / copying;
}
BENCHMARK(unknown_text)
    ->ArgsProduct({{1, 4, 16}, {0, 60, 4000}})
    ->Iterations(1)
    ->Unit(benchmark::kMillisecond);

/// How long the end of the program waits for a pool with work that has minutes to go.
void quitting_while_busy(benchmark::State& s) {
  JobPool pool;
  std::atomic<bool> over = false;
  for (int i = 0; i < 20; ++i)
    pool.start([&] {
      while (!over) std::this_thread::sleep_for(std::chrono::milliseconds(1));
    });
  double waited = 0;
  for (auto _ : s) waited += seconds([] { benchmark::DoNotOptimize(all_jobs_rest(150)); });
  over = true;
  s.counters["wait_ms"] = 1000 * waited;
}
BENCHMARK(quitting_while_busy)->Iterations(1)->Unit(benchmark::kMillisecond);

} // namespace
