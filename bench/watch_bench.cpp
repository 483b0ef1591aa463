// SPDX-License-Identifier: GPL-3.0-or-later
// A canvas that is watched: what one picture costs beside a copy of it, and a drag while pictures come.
#include "app/program/beside.h"
#include "bench_copy.h"
#include "bench_window.h"
#include "core/image/reduce.h"
#include "core/try/canvas.h"
#include "io/photo/decode.h"
#include "support/painted_canvas.h"

#include <benchmark/benchmark.h>
#include <chrono>
#include <fstream>
#include <unistd.h>

using namespace zc;
using namespace zc::benches;

namespace {

using Clock = std::chrono::steady_clock;

double resident_mb() {
  long whole = 0, resident = 0;
  std::ifstream("/proc/self/statm") >> whole >> resident;
  return static_cast<double>(resident) * static_cast<double>(sysconf(_SC_PAGESIZE)) / (1 << 20);
}

/// The demo's noon as if it were painted on 1600x1000 of the screen.
QImage canvas() {
  return QImage(QStringLiteral(DEMO_PHOTOS "/noon.jpg"))
      .scaled(1600, 1000, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
      .convertToFormat(QImage::Format_RGB32);
}

struct Watching : BenchWindow {
  Watching() {
    show();
    program->documents.open_demo();
    wait_for_files();
    program->beside.show(CompanionShape::Column);
    auto source = std::make_unique<test::PaintedCanvas>(QColor(128, 128, 128), QSize(1600, 1000));
    painted = source.get();
    program->model.watch().begin(std::move(source));
    QApplication::processEvents();
  }
  test::PaintedCanvas* painted;
};

/// Made smaller and measured, with every color known from the picture before; 1: with a new checker.
void canvas_measured(benchmark::State& state) {
  const QImage whole = canvas();
  Watching watching;
  const SideColors set = watching.program->model.tries().colors_of({}, false);
  const auto mask = watching.program->model.reader().mapper();
  const CanvasChecker known(set.colors, mask, {});
  const auto measure = [&](const CanvasChecker& checker) {
    const QImage small = reduced(whole, WatchModel::kSide, WatchModel::kSide * 1000 / 1600);
    benchmark::DoNotOptimize(checker.check(view_of(small)));
  };
  measure(known);
  const QImage copied = whole.copy();
  double copy_ms = 0, ms = 0;
  for (auto _ : state) {
    const auto start = Clock::now();
    benchmark::DoNotOptimize(whole.copy());
    const auto middle = Clock::now();
    measure(state.range(0) ? CanvasChecker(set.colors, mask, {}) : known);
    copy_ms += std::chrono::duration<double, std::milli>(middle - start).count();
    ms += std::chrono::duration<double, std::milli>(Clock::now() - middle).count();
  }
  state.counters["copy_ms"] = copy_ms / static_cast<double>(state.iterations());
  state.counters["ms"] = ms / static_cast<double>(state.iterations());
  state.counters["times_a_copy"] = ms / copy_ms;
}
BENCHMARK(canvas_measured)->Arg(0)->Arg(1)->Unit(benchmark::kMillisecond)->Iterations(20)->UseRealTime();

/// Both windows follow the value line; 1: while the canvas changes twice a second.
void drag_while_watching(benchmark::State& state) {
  Watching watching;
  AppModel& model = watching.program->model;
  constexpr double frame = 1000.0 / 60;
  double value = 5, worst = 0, late = 0;
  auto last = Clock::now();
  int n = 0;
  model.picking().begin_pick();
  for (; value < 60; value += 5) { // What is made only once.
    model.picking().pick_value(value);
    QApplication::processEvents();
  }
  for (auto _ : state) {
    const auto start = Clock::now();
    if (state.range(0) && start - last > std::chrono::milliseconds(CanvasSource::kPace)) {
      last = start;
      ++n;
      watching.painted->paint({n * 37 % 1500, 100, 60, 300}, QColor(n % 255, 200, 40));
    }
    value = value > 95 ? 5 : value + 0.7;
    model.picking().pick_value(value);
    QApplication::processEvents();
    const double took = std::chrono::duration<double, std::milli>(Clock::now() - start).count();
    worst = std::max(worst, took);
    late += took > frame;
  }
  model.picking().end_pick();
  state.counters["worst_ms"] = worst;
  state.counters["late"] = late;
}
BENCHMARK(drag_while_watching)->Arg(0)->Arg(1)->Unit(benchmark::kMillisecond)->Iterations(300)->UseRealTime();

/// Memory after so many pictures, the first of which make what stays: among it what is known of their colors,
/// so the same ones come again.
void canvas_watched_for_long(benchmark::State& state) {
  Watching watching;
  WatchModel& watch = watching.program->model.watch();
  int told = 0, painted = 0;
  const auto paint = [&] {
    painted = (painted + 1) % 40;
    watching.painted->paint({painted * 37 % 1500, painted * 13 % 700, 60, 300},
                            QColor(painted * 7 % 256, painted * 3 % 256, 40 + painted % 100));
  };
  QObject::connect(&watch, &WatchModel::changed, &watching.app, [&] { ++told; });
  const auto watch_more = [&](int pictures) {
    for (const int end = told + pictures; told < end;) {
      const int before = told;
      paint();
      while (told == before) QApplication::processEvents(QEventLoop::AllEvents, 1);
    }
  };
  watch_more(500);
  const double before = resident_mb();
  for (auto _ : state) watch_more(static_cast<int>(state.range(0)));
  state.counters["before_mb"] = before;
  state.counters["more_mb"] = resident_mb() - before;
}
BENCHMARK(canvas_watched_for_long)->Arg(3000)->Unit(benchmark::kSecond)->Iterations(1)->UseRealTime();

} // namespace
