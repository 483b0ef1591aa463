// SPDX-License-Identifier: GPL-3.0-or-later
// Fields of the tray that are dragged while all their tracks follow.
#include "app/tray/readout_panel.h"
#include "app/tray/track_view.h"
#include "bench_window.h"
#include "io/shelf/press_shelf.h"

#include <QMenu>
#include <QSettings>
#include <benchmark/benchmark.h>
#include <chrono>

using namespace zc;
using namespace zc::benches;

namespace {

using Clock = std::chrono::steady_clock;
constexpr double kFrame = 1000.0 / 60;

/// Each move of a drag against a frame; the first ones make what is made only once.
template <class Move> void measure_drag(benchmark::State& state, const Move& move) {
  for (int i = 0; i < 20; ++i) move();
  double worst = 0, late = 0;
  for (auto _ : state) {
    const auto start = Clock::now();
    move();
    const double took = std::chrono::duration<double, std::milli>(Clock::now() - start).count();
    worst = std::max(worst, took);
    late += took > kFrame;
  }
  state.counters["worst_ms"] = worst;
  state.counters["late"] = late;
}

/// Hue, saturation, value and RGB: six tracks, on the wheel of that measure.
void drag_with_tracks(benchmark::State& state) {
  BenchWindow window;
  // What runs before have left would be more tracks, or a press.
  QSettings().clear();
  window.show();
  window.program->documents.open_demo();
  window.wait_for_files();
  AppModel& model = window.program->model;
  const auto measure = static_cast<SaturationMeasure>(state.range(0));
  model.store().apply(QStringLiteral("measure"), [&](Piece p) -> Result<Piece> {
    p.wheel.measure = measure;
    return p;
  });
  QMenu spaces;
  window.window->findChild<ReadoutPanel*>(QStringLiteral("readouts"))->fill_add_menu(spaces);
  spaces.actions().front()->trigger();
  QApplication::processEvents();
  double hue = 0;
  const auto move = [&] {
    hue += 1.3;
    model.picking().set_place(PlaceNumber::Hue, hue > 359 ? hue = 0 : hue);
    QApplication::processEvents();
  };
  measure_drag(state, move);
}
BENCHMARK(drag_with_tracks)
    ->Arg(static_cast<int>(SaturationMeasure::Hsluv))
    ->Arg(static_cast<int>(SaturationMeasure::OklabChroma))
    ->Unit(benchmark::kMillisecond)
    ->Iterations(200)
    ->UseRealTime();

/// The value is dragged while the dotted line of a press follows on plan, section and rail.
void drag_with_press_reach(benchmark::State& state) {
  BenchWindow window;
  window.show();
  window.program->documents.open_demo();
  window.wait_for_files();
  AppModel& model = window.program->model;
  Sharing sharing = model.session().sharing;
  sharing.press = shipped_press().string();
  model.viewing().share(sharing);
  const auto asked = Clock::now();
  while (!model.reaches().body(Reaches::Of::Press)) QApplication::processEvents(QEventLoop::AllEvents, 1);
  state.counters["made_ms"] = std::chrono::duration<double, std::milli>(Clock::now() - asked).count();
  double value = 5;
  const auto move = [&] {
    value = value > 95 ? 5 : value + 0.7;
    model.picking().pick_value(value);
    QApplication::processEvents();
  };
  model.picking().begin_pick();
  measure_drag(state, move);
  model.picking().end_pick();
}
BENCHMARK(drag_with_press_reach)->Unit(benchmark::kMillisecond)->Iterations(200)->UseRealTime();

/// Without a window: one track of the place, by measure; 31 picks under the demo's kind of mask.
void place_tracks(benchmark::State& state) {
  const Wheel wheel({HueScale::Traditional, static_cast<SaturationMeasure>(state.range(0))});
  Session session;
  session.at = {wheel.locate({0.8, 0.5, 0.3}), wheel.spec()};
  const PickRules rules{wheel, nullptr, MaskRule::Free, {}};
  for (auto _ : state)
    for (const auto number : {PlaceNumber::Hue, PlaceNumber::Saturation, PlaceNumber::Value})
      benchmark::DoNotOptimize(place_track(session, rules, number, 31));
}
BENCHMARK(place_tracks)
    ->Arg(static_cast<int>(SaturationMeasure::Hsluv))
    ->Arg(static_cast<int>(SaturationMeasure::OklabChroma))
    ->Unit(benchmark::kMillisecond);

} // namespace
