// SPDX-License-Identifier: GPL-3.0-or-later
// Drags in the whole window at 1280x800: the value line, for which wheel, section and rail are painted anew,
// and a corner of the mask.
#include "bench_copy.h"
#include "bench_window.h"
#include "core/piece/edits.h"
#include "model/photo/photo_model.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <benchmark/benchmark.h>
#include <chrono>
#include <cmath>

namespace {

struct Desk : zc::benches::BenchWindow {
  explicit Desk(zc::Desk desk) {
    show();
    program->documents.open_demo();
    wait_for_files();
    program->model.viewing().show_desk(desk);
    QApplication::processEvents();
  }
};

void drag_value_line(benchmark::State& state) {
  const Desk desk(zc::Desk::Pick);
  zc::AppModel& model = desk.program->model;
  double value = 5;
  model.picking().begin_pick();
  for (auto _ : state) {
    value = value > 95 ? 5 : value + 0.7;
    model.picking().pick_value(value);
    QApplication::processEvents(); // paints everything the move has changed
  }
  state.counters["frames_per_second"] =
      benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(drag_value_line)->Unit(benchmark::kMillisecond)->Iterations(300)->UseRealTime();

/// From the edit to the repaint of plan, section and numbers; the section is not at Limit, so both desks. At
/// Limit also with the sheet of keys, which is made anew beside the window meanwhile.
void drag_mask_corner(benchmark::State& state) {
  const Desk desk(static_cast<zc::Desk>(state.range(0)));
  zc::AppModel& model = desk.program->model;
  model.viewing().show_keys(state.range(1) != 0);
  QApplication::processEvents();
  std::vector<double> times;
  int move = 0;
  for (auto _ : state) {
    const auto start = std::chrono::steady_clock::now();
    ++move;
    model.store().apply(
        QStringLiteral("Reshape"),
        [move](zc::Piece p) {
          return zc::with_mask_handle(std::move(p), 0, zc::Grip::Corner, 0,
                                      zc::disc_point(zc::Angle(30 + move % 40), 0.8 + 0.1 * std::sin(move)));
        },
        QStringLiteral("drag"));
    QApplication::processEvents();
    times.push_back(
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
  }
  std::sort(times.begin(), times.end());
  state.counters["median_ms"] = times[times.size() / 2];
  state.counters["worst_ms"] = times.back();
}
BENCHMARK(drag_mask_corner)
    ->Args({static_cast<int>(zc::Desk::Limit), 0})
    ->Args({static_cast<int>(zc::Desk::Limit), 1})
    ->Args({static_cast<int>(zc::Desk::Pick), 0})
    ->Unit(benchmark::kMillisecond)
    ->Iterations(300)
    ->UseRealTime();

void tell_times(benchmark::State& state, std::vector<double> times) {
  std::sort(times.begin(), times.end());
  state.counters["median_ms"] = times[times.size() / 2];
  state.counters["worst_ms"] = times.back();
}

/// At Try, from a swatch's new color to the picture on the screen; 0 study, 1 follow, 2 check.
void try_changed_swatch(benchmark::State& state) {
  const Desk desk(zc::Desk::Try);
  zc::AppModel& model = desk.program->model;
  while (!model.reader().photo()) QApplication::processEvents(QEventLoop::WaitForMoreEvents, 50);
  zc::Trying trying = model.session().trying;
  trying.way = std::array{zc::TryWay::Study, zc::TryWay::Follow, zc::TryWay::Check}[state.range(0)];
  trying.from.version = zc::current_set(model.piece())->versions[0].id;
  model.viewing().try_on(trying);
  QApplication::processEvents();
  const zc::Id swatch = zc::current_set(model.piece())->families[1].swatches[1].id;
  std::vector<double> times;
  int move = 0;
  for (auto _ : state) {
    const auto start = std::chrono::steady_clock::now();
    const double t = 0.5 + 0.3 * std::sin(0.1 * ++move);
    model.store().apply(
        QStringLiteral("Color"),
        [&](zc::Piece p) {
          return zc::with_swatches_colored(std::move(p), {swatch}, {{t, 0.4, 1 - t}, {}, {}});
        },
        QStringLiteral("drag"));
    QApplication::processEvents();
    times.push_back(
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
  }
  tell_times(state, times);
}
BENCHMARK(try_changed_swatch)
    ->Arg(0)
    ->Arg(1)
    ->Arg(2)
    ->Unit(benchmark::kMillisecond)
    ->Iterations(100)
    ->UseRealTime();

/// Of 24 megapixels, from the choice of a way to its first picture on the screen; 0 study, 1 follow, 2 check.
void try_first_picture(benchmark::State& state) {
  const Desk desk(zc::Desk::Try);
  zc::AppModel& model = desk.program->model;
  const std::size_t before = model.piece().references.size();
  model.photos().import_photo(zc::benches::large().image, QStringLiteral("large"));
  while (model.piece().references.size() == before) QApplication::processEvents(QEventLoop::AllEvents, 20);
  zc::Trying trying = model.session().trying;
  trying.way = zc::TryWay::Photo;
  trying.from.version = zc::current_set(model.piece())->versions[0].id;
  model.viewing().try_on(trying);
  model.viewing().show_reference(model.piece().references.back().id);
  while (!model.reader().photo()) QApplication::processEvents(QEventLoop::AllEvents, 20);
  const auto until = std::chrono::steady_clock::now() + std::chrono::milliseconds(1000);
  while (std::chrono::steady_clock::now() < until) QApplication::processEvents(QEventLoop::AllEvents, 20);
  trying.way = std::array{zc::TryWay::Study, zc::TryWay::Follow, zc::TryWay::Check}[state.range(0)];
  for (auto _ : state) {
    model.viewing().try_on(trying);
    QApplication::processEvents();
  }
}
BENCHMARK(try_first_picture)
    ->Arg(0)
    ->Arg(1)
    ->Arg(2)
    ->Unit(benchmark::kMillisecond)
    ->Iterations(1)
    ->UseRealTime();

/// A flat drawing of 200 colors while Change is dragged.
void try_recolored_drawing(benchmark::State& state) {
  const Desk desk(zc::Desk::Try);
  zc::AppModel& model = desk.program->model;
  QImage drawing(1600, 1000, QImage::Format_RGB32);
  for (int y = 0; y < 1000; ++y)
    for (int x = 0; x < 1600; ++x) {
      const int n = x / 80 + 20 * (y / 100);
      drawing.setPixel(x, y, qRgb(n, (n * 7) % 256, (n * 13) % 256));
    }
  const std::size_t before = model.piece().references.size();
  model.photos().import_photo(drawing, QStringLiteral("drawing"));
  while (model.piece().references.size() == before) QApplication::processEvents(QEventLoop::AllEvents, 20);
  model.viewing().show_reference(model.piece().references.back().id);
  while (!model.reader().photo()) QApplication::processEvents(QEventLoop::AllEvents, 20);
  model.tries().change_study(QStringLiteral("areas"), [](zc::Study& s) { s.by_areas = true; });
  while (!model.tries().areas()) QApplication::processEvents(QEventLoop::AllEvents, 20);
  std::vector<double> times;
  double turn = 0;
  for (auto _ : state) {
    const auto start = std::chrono::steady_clock::now();
    zc::Adjustment adjustment;
    adjustment.turn = turn += 0.7;
    model.set_work().try_out(adjustment);
    QApplication::processEvents();
    times.push_back(
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
  }
  state.counters["frames_per_second"] =
      benchmark::Counter(static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
  tell_times(state, times);
}
BENCHMARK(try_recolored_drawing)->Unit(benchmark::kMillisecond)->Iterations(200)->UseRealTime();

/// From the choice of a look to its picture on the screen, the first time and the worst after that.
void switch_look(benchmark::State& state) {
  const Desk desk(zc::Desk::Observe);
  zc::AppModel& model = desk.program->model;
  while (!model.reader().photo()) QApplication::processEvents(QEventLoop::WaitForMoreEvents, 50);
  // The photo is looked at before its looks are.
  const auto until = std::chrono::steady_clock::now() + std::chrono::milliseconds(600);
  while (std::chrono::steady_clock::now() < until) QApplication::processEvents(QEventLoop::AllEvents, 20);
  const std::pair<const char*, zc::PhotoLook> looks[] = {
      {"value", zc::PhotoLook::Value}, {"flat", zc::PhotoLook::Flat}, {"squint", zc::PhotoLook::Squint},
      {"steps", zc::PhotoLook::Steps}, {"mask", zc::PhotoLook::Mask}, {"color", zc::PhotoLook::Color}};
  double worst = 0;
  bool first = true;
  for (auto _ : state) {
    for (const auto& [name, look] : looks) {
      const auto start = std::chrono::steady_clock::now();
      model.viewing().show_look(look);
      QApplication::processEvents();
      const double ms =
          std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count();
      if (first)
        state.counters[std::string("first_") + name + "_ms"] = ms;
      else
        worst = std::max(worst, ms);
    }
    first = false;
  }
  state.counters["worst_later_ms"] = worst;
}
BENCHMARK(switch_look)->Unit(benchmark::kMillisecond)->Iterations(10)->UseRealTime();

} // namespace
