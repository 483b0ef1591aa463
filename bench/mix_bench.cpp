// SPDX-License-Identifier: GPL-3.0-or-later
// Mixing by hand: the field against the plain way to mix, a recipe of twelve paints, the reach, the fewest
// paints; and a corner that follows the color in the whole window.
#include "app/desks/pick/mix_view.h"
#include "bench_copy.h"
#include "bench_window.h"
#include "core/mix/field.h"
#include "core/mix/reach.h"
#include "core/mix/recipe.h"
#include "core/mix/trade_paints.h"
#include "model/mixing/paint_model.h"

#include <QAbstractButton>
#include <QMouseEvent>

#include <benchmark/benchmark.h>
#include <random>

namespace {

using namespace zc;
using namespace zc::benches;

std::vector<FieldCorner> four_corners() {
  std::vector<FieldCorner> out;
  for (const char* name : {"ultramarine blue", "cadmium yellow", "iron-oxide red", "titanium white"}) {
    const TradePaint& paint = *trade_paint(name);
    out.push_back({color_of(paint.curve), Paint{paint.curve, true}, paint.strength});
  }
  return out;
}

Mixer palette_of(std::size_t paints) {
  std::vector<MixPaint> out;
  for (const TradePaint& p : trade_paints())
    if (out.size() < paints) out.push_back({{p.curve, true}, p.strength});
  return Mixer(out);
}

/// 240 by 240 pixels, as paint; against mixing each pixel by itself, asked of every hundredth.
void mix_field(benchmark::State& state) {
  constexpr int side = 240;
  const MixField field(four_corners(), MixAs::Paint);
  Raster picture;
  double ours = 0, plain = 0;
  for (auto _ : state) {
    ours += seconds([&] { field.draw(side, side, picture); });
    plain += 100 * seconds([&] {
               for (int i = 0; i < side * side; i += 100)
                 benchmark::DoNotOptimize(field.at(MixField::place_of_pixel(i % side, i / side, side, side)));
             });
  }
  state.counters["ms"] = 1000 * ours / static_cast<double>(state.iterations());
  state.counters["share_of_plain"] = ours / plain;
}

void mix_recipe(benchmark::State& state) {
  const Mixer mixer = palette_of(static_cast<std::size_t>(state.range(0)));
  std::mt19937 random(3);
  double longest = 0;
  for (auto _ : state) {
    const auto channel = [&] { return (random() & 255u) / 255.0; };
    const Srgb color{channel(), channel(), channel()};
    longest = std::max(longest, seconds([&] { benchmark::DoNotOptimize(recipe_for(color, mixer).ok()); }));
  }
  state.counters["longest_ms"] = 1000 * longest;
}

void mix_reach(benchmark::State& state) {
  const Mixer mixer = palette_of(static_cast<std::size_t>(state.range(0)));
  const Wheel wheel(WheelSpec{});
  for (auto _ : state) benchmark::DoNotOptimize(reach_of(mixer, wheel).ok());
}

void mix_fewest(benchmark::State& state) {
  const Mixer mixer = palette_of(static_cast<std::size_t>(state.range(0)));
  std::mt19937 random(5);
  std::vector<WeightedColor> colors;
  for (int i = 0; i < 500; ++i) {
    std::vector<double> parts(mixer.count(), 0);
    for (int k = 0; k < 4; ++k) parts[random() % parts.size()] += 1 + random() % 12;
    colors.push_back({mixer.mixed(parts).color, 1});
  }
  for (auto _ : state) benchmark::DoNotOptimize(fewest_paints(colors, mixer, {3, 0.95}).ok());
}

/// As many smears as a field keeps, each winding over all of it.
std::vector<FieldPath> full_smears(std::size_t count) {
  std::vector<FieldPath> out(count);
  for (std::size_t i = 0; i < count; ++i)
    for (std::size_t k = 0; k < kMostPathPoints; ++k) {
      const double t = static_cast<double>(k) / kMostPathPoints;
      out[i].push_back({t, 0.5 + 0.45 * std::sin(30 * t + static_cast<double>(i))});
    }
  return out;
}

/// The color is dragged on the wheel, a corner of the field goes along, the window is painted. Argument:
/// smears that lie over the field.
void mix_corner_follows(benchmark::State& state) {
  BenchWindow window;
  window.show();
  window.program->documents.open_demo();
  window.wait_for_files();
  AppModel& model = window.program->model;
  model.viewing().show_desk(Desk::Pick);
  window.window->findChild<QAbstractButton*>(QStringLiteral("page.mixing"))->click();
  Mixing mixing = model.session().at_hand.mixing;
  mixing.follows = 0;
  mixing.smears = full_smears(static_cast<std::size_t>(state.range(0)));
  model.picking().mix_by_hand(mixing);
  QApplication::processEvents();
  std::vector<double> times;
  int move = 0;
  model.picking().begin_pick();
  for (auto _ : state) {
    ++move;
    times.push_back(1000 * seconds([&] {
                      model.picking().pick_plan(disc_point(Angle(40 + move % 60), 0.3 + 0.004 * (move % 90)));
                      QApplication::processEvents();
                    }));
  }
  model.picking().end_pick();
  std::sort(times.begin(), times.end());
  state.counters["median_ms"] = times[times.size() / 2];
  state.counters["worst_ms"] = times.back();
}

/// One smear is drawn over a field with all others, the window painted after every move.
void mix_smear_drawn(benchmark::State& state) {
  BenchWindow window;
  window.show();
  window.program->documents.open_demo();
  window.wait_for_files();
  AppModel& model = window.program->model;
  model.viewing().show_desk(Desk::Pick);
  window.window->findChild<QAbstractButton*>(QStringLiteral("page.mixing"))->click();
  Mixing mixing = model.session().at_hand.mixing;
  mixing.hand = MixHand::Smear;
  mixing.smears = full_smears(kMostSmears - 1);
  model.picking().mix_by_hand(mixing);
  auto& field = *window.window->findChild<MixView*>(QStringLiteral("mixField"));
  QApplication::processEvents();
  const FieldPath way = full_smears(kMostSmears).back();
  const auto hand = [&](QEvent::Type type, FieldPoint at) {
    const QPointF p = field.screen_point(at);
    QMouseEvent event(type, p, field.mapToGlobal(p), Qt::LeftButton, Qt::LeftButton, {});
    QApplication::sendEvent(&field, &event);
    QApplication::processEvents();
  };
  std::vector<double> times;
  hand(QEvent::MouseButtonPress, way.front());
  for (auto _ : state) {
    const FieldPoint at = way[times.size() % way.size()];
    times.push_back(1000 * seconds([&] { hand(QEvent::MouseMove, at); }));
  }
  hand(QEvent::MouseButtonRelease, way.back());
  std::sort(times.begin(), times.end());
  state.counters["median_ms"] = times[times.size() / 2];
  state.counters["worst_ms"] = times.back();
}

BENCHMARK(mix_field)->Unit(benchmark::kMillisecond)->Iterations(40)->UseRealTime();
BENCHMARK(mix_recipe)->Arg(4)->Arg(12)->Unit(benchmark::kMillisecond)->Iterations(100)->UseRealTime();
BENCHMARK(mix_reach)->Arg(4)->Arg(7)->Arg(12)->Unit(benchmark::kMillisecond)->Iterations(3)->UseRealTime();
BENCHMARK(mix_fewest)->Arg(7)->Arg(12)->Unit(benchmark::kMillisecond)->Iterations(1)->UseRealTime();
BENCHMARK(mix_smear_drawn)->Unit(benchmark::kMillisecond)->Iterations(400)->UseRealTime();
BENCHMARK(mix_corner_follows)->Arg(0)->Arg(12)->Unit(benchmark::kMillisecond)->Iterations(200)->UseRealTime();

} // namespace
