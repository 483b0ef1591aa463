// A drag of the value line in the whole window at 1280x800: wheel, section and rail painted anew for every
// move.
#include "app/theme/theme.h"
#include "app/window/documents.h"
#include "app/window/main_window.h"

#include <QApplication>
#include <benchmark/benchmark.h>

namespace {

void drag_value_line(benchmark::State& state) {
  static int argc = 1;
  static char name[] = "bench";
  static char* argv[] = {name, nullptr};
  QApplication app(argc, argv);
  zc::install_theme();
  zc::ToolkitDialogs dialogs;
  zc::MainWindow window(dialogs);
  window.resize(1280, 800);
  window.show();
  window.documents().open_demo();
  window.bench().show_desk(zc::Desk::Pick);
  QApplication::processEvents();
  double value = 5;
  window.bench().begin_pick();
  for (auto _ : state) {
    value = value > 95 ? 5 : value + 0.7;
    window.bench().pick_value(value);
    QApplication::processEvents(); // paints everything the move has changed
  }
  state.counters["frames_per_second"] =
      benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(drag_value_line)->Unit(benchmark::kMillisecond)->Iterations(300)->UseRealTime();

} // namespace
