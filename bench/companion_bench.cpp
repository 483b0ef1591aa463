// SPDX-License-Identifier: GPL-3.0-or-later
// The companion: called, picked in, and dragged in with the desk beside it, with a monitor's profile or none.
#include "app/companion/companion.h"
#include "app/paint/monitor.h"
#include "app/program/beside.h"
#include "app/wheel/wheel_view.h"
#include "bench_window.h"

#include <QClipboard>
#include <QFile>
#include <benchmark/benchmark.h>
#include <chrono>

namespace {

using Clock = std::chrono::steady_clock;

double milliseconds_since(Clock::time_point start) {
  return std::chrono::duration<double, std::milli>(Clock::now() - start).count();
}

struct Pair : zc::benches::BenchWindow {
  Pair() {
    show();
    program->documents.open_demo();
    wait_for_files();
    QApplication::processEvents();
  }
};

/// From the key to its first painting.
void companion_called(benchmark::State& state) {
  const Pair pair;
  for (auto _ : state) {
    pair.program->beside.show(zc::CompanionShape::Column);
    QApplication::processEvents();
    state.PauseTiming();
    pair.program->beside.end();
    state.ResumeTiming();
  }
}
BENCHMARK(companion_called)->Unit(benchmark::kMillisecond)->Iterations(10)->UseRealTime();

/// From the end of a pick to the text on the clipboard, with both windows painted.
void pick_handed_over(benchmark::State& state) {
  const Pair pair;
  pair.program->beside.show(zc::CompanionShape::Column);
  pair.program->copy_on_pick.turn(true);
  zc::AppModel& model = pair.program->model;
  double worst = 0, n = 0;
  for (auto _ : state) {
    const auto start = Clock::now();
    model.picking().use_color({n / 300, 0.5, 0.3});
    QApplication::processEvents();
    if (QGuiApplication::clipboard()->text().isEmpty()) state.SkipWithError("nothing was handed over");
    worst = std::max(worst, milliseconds_since(start));
    n = n > 298 ? 0 : n + 1;
  }
  state.counters["worst_ms"] = worst;
}
BENCHMARK(pick_handed_over)->Unit(benchmark::kMillisecond)->Iterations(200)->UseRealTime();

/// Both windows follow the value line; 1: through a monitor's profile (converted at every painting).
void drag_with_companion(benchmark::State& state) {
  const Pair pair;
  pair.program->beside.show(zc::CompanionShape::Column);
  zc::AppModel& model = pair.program->model;
  if (state.range(0) != 0) {
    QFile file(QStringLiteral("/usr/share/color/icc/colord/SwappedRedAndGreen.icc"));
    if (!file.open(QIODevice::ReadOnly)) return state.SkipWithError("the profile of colord-data is missing");
    const auto profile = zc::DisplayProfile::read(file.readAll());
    zc::Monitors::all().use_for_all(*profile);
  }
  double value = 5, worst = 0;
  model.picking().begin_pick();
  for (auto _ : state) {
    const auto start = Clock::now();
    value = value > 95 ? 5 : value + 0.7;
    model.picking().pick_value(value);
    QApplication::processEvents();
    worst = std::max(worst, milliseconds_since(start));
  }
  zc::Monitors::all().look_again();
  state.counters["worst_ms"] = worst;
  state.counters["frames_per_second"] =
      benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(drag_with_companion)->Arg(0)->Arg(1)->Unit(benchmark::kMillisecond)->Iterations(200)->UseRealTime();

} // namespace
