// SPDX-License-Identifier: GPL-3.0-or-later
// Found everywhere: what the window waits for, and how long it is until the first and the last is there.
#include "bench_window.h"
#include "core/piece/laying.h"
#include "io/container/piece_file.h"
#include "io/shelf/set_shelf.h"
#include "model/find/finder.h"

#include <QTemporaryDir>
#include <benchmark/benchmark.h>
#include <chrono>

using namespace zc;
using namespace zc::benches;

namespace {

using Clock = std::chrono::steady_clock;

double ms_since(Clock::time_point start) {
  return std::chrono::duration<double, std::milli>(Clock::now() - start).count();
}

/// 500 sets on a shelf and 200 pieces as large as the demo, sought through for the first time, and again.
void find_everywhere(benchmark::State& state) {
  BenchWindow window;
  window.show();
  const QTemporaryDir folder;
  const Document demo = *open_document(DEMO_PIECE);
  Finder::Files files{folder.filePath("shelf"), {}};
  for (int i = 0; i < 500; ++i) {
    ShelfSet set;
    set.name = "set " + std::to_string(i);
    set.set = *current_set(demo.piece);
    benchmark::DoNotOptimize(put_on_shelf(files.shelf.toStdString(), set));
  }
  for (int i = 0; i < 200; ++i) {
    files.pieces << folder.filePath(QString("%1.zonachrom").arg(i));
    benchmark::DoNotOptimize(QFile::copy(QStringLiteral(DEMO_PIECE), files.pieces.back()));
  }
  AppModel& model = window.program->model;
  model.start(demo.piece, demo.at_hand, true);
  Finder finder(model, [&files] { return files; });
  double first = 0, blocked = 0, whole = 0, again = 0;
  for (auto _ : state)
    for (double* const total : {&whole, &again}) {
      const auto start = Clock::now();
      finder.seek("lamp");
      blocked = std::max(blocked, ms_since(start));
      first = 0;
      while (finder.seeking()) {
        const auto turn = Clock::now();
        QApplication::processEvents(QEventLoop::AllEvents, 1);
        blocked = std::max(blocked, ms_since(turn));
        if (first == 0 && !finder.found().empty()) first = ms_since(start);
      }
      *total = ms_since(start);
    }
  state.counters["first_ms"] = first;
  state.counters["blocked_ms"] = blocked;
  state.counters["whole_ms"] = whole;
  state.counters["again_ms"] = again;
}
BENCHMARK(find_everywhere)->Unit(benchmark::kMillisecond)->Iterations(1)->UseRealTime();

} // namespace
