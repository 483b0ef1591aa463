// SPDX-License-Identifier: GPL-3.0-or-later
// Grading and showing large sets: the near-duplicate search against comparing all pairs, the whole report,
// and scrolling and box-selecting five thousand swatches in the window.
#include "app/band/staff_view.h"
#include "app/desks/grade/rows_view.h"
#include "bench_window.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/grading/grading.h"
#include "core/mask/patterns.h"
#include "core/piece/edits.h"
#include "model/work/set_work.h"

#include <QMouseEvent>
#include <QScrollBar>
#include <QTableView>

#include <benchmark/benchmark.h>
#include <chrono>
#include <random>

namespace {

using namespace zc;
using namespace zc::benches;

std::vector<Srgb> random_colors(std::size_t n) {
  std::mt19937 random(1);
  std::uniform_real_distribution<double> unit(0, 1);
  std::vector<Srgb> out;
  for (std::size_t i = 0; i < n; ++i) out.push_back({unit(random), unit(random), unit(random)});
  return out;
}

void near_duplicates(benchmark::State& state) {
  std::vector<Lab> labs;
  for (const Srgb& c : random_colors(static_cast<std::size_t>(state.range(0))))
    labs.push_back(lab_from_srgb(c));
  std::size_t found = 0;
  for (auto _ : state) found = near_pairs(labs, 3).size();
  state.counters["pairs"] = static_cast<double>(found);
  // Comparing all pairs, on as many rows as half a second allows.
  const auto start = std::chrono::steady_clock::now();
  double sum = 0, done = 0;
  for (std::size_t i = 0;
       i < labs.size() && std::chrono::steady_clock::now() - start < std::chrono::milliseconds(500); ++i) {
    for (std::size_t j = i + 1; j < labs.size(); ++j) sum += ciede2000(labs[i], labs[j]) < 3;
    done += static_cast<double>(labs.size() - i - 1);
  }
  benchmark::DoNotOptimize(sum);
  const double seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
  const double all = static_cast<double>(labs.size()) * static_cast<double>(labs.size() - 1) / 2;
  state.counters["all_pairs_ms"] = 1000 * seconds * all / done;
}
BENCHMARK(near_duplicates)
    ->Arg(500)
    ->Arg(1500)
    ->Arg(5000)
    ->Arg(15000)
    ->Arg(50000)
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

SwatchSet large_set() {
  SwatchSet set{1, "large"};
  const auto colors = random_colors(5000);
  Id id = 10;
  for (int f = 0; f < 100; ++f) {
    Family family{id++, "family " + std::to_string(f)};
    for (int i = 0; i < 50; ++i) {
      Swatch s{id++, colors[static_cast<std::size_t>(f * 50 + i)]};
      s.name = "swatch " + std::to_string(i);
      s.place = i;
      family.swatches.push_back(s);
    }
    set.families.push_back(family);
  }
  return set;
}

void grading_report(benchmark::State& state) {
  const SwatchSet set = large_set();
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
  const MaskRegion region(pattern_mask({Pattern::Triad, 40, 20}));
  std::size_t twins = 0;
  for (auto _ : state) twins = grade(set, {}, {}, wheel, &region).twins.size();
  state.counters["twins"] = static_cast<double>(twins);
}
BENCHMARK(grading_report)->Unit(benchmark::kMillisecond)->UseRealTime();

struct GradeWindow : BenchWindow {
  explicit GradeWindow(SetView view) {
    show();
    Piece piece = new_piece({});
    piece.sets.change(0).families = large_set().families;
    piece.next_id = 100'000;
    program->model.start(piece, {}, true);
    program->model.viewing().show_desk(Desk::Grade);
    program->model.viewing().show_set_view(view);
    QApplication::processEvents();
  }
};

void mouse(QWidget& w, QEvent::Type type, QPointF at, Qt::MouseButtons buttons) {
  QMouseEvent event(type, at, w.mapToGlobal(at), type == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton,
                    buttons, {});
  QCoreApplication::sendEvent(&w, &event);
}

/// Scrolling one step, or a box that grows move by move and selects at the end, each painted.
void large_set_on_screen(benchmark::State& state) {
  const auto view = static_cast<SetView>(state.range(0));
  const GradeWindow desk(view);
  auto* scrolled = view == SetView::Staff  ? desk.window->findChild<StaffView*>()->findChild<QScrollBar*>()
                   : view == SetView::Rows ? desk.window->findChild<RowsView*>()->verticalScrollBar()
                                           : desk.window->findChild<QTableView*>()->verticalScrollBar();
  QWidget* ground = view == SetView::Staff  ? static_cast<QWidget*>(desk.window->findChild<StaffView*>())
                    : view == SetView::Rows ? desk.window->findChild<RowsView*>()->viewport()
                                            : desk.window->findChild<QTableView*>()->viewport();
  double scroll = 0, box = 0, select = 0, selected = 0;
  int steps = 0;
  const auto timed = [](auto work) {
    const auto start = std::chrono::steady_clock::now();
    work();
    QApplication::processEvents();
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count();
  };
  for (auto _ : state) {
    scroll += timed([&] {
      scrolled->setValue((scrolled->value() + 3 * std::max(1, scrolled->singleStep())) %
                         std::max(1, scrolled->maximum()));
    });
    if (view != SetView::List) {
      // From free ground: right of the staff's columns, over the names of the rows.
      const bool from_left = view == SetView::Rows;
      const auto corner = [&](int i) {
        return QPointF(from_left ? 4 + 60.0 * i : ground->width() - 4 - 20.0 * i, 40 + 15.0 * i);
      };
      mouse(*ground, QEvent::MouseButtonPress, corner(0), Qt::LeftButton);
      for (int i = 1; i <= 10; ++i)
        box += timed([&] { mouse(*ground, QEvent::MouseMove, corner(i), Qt::LeftButton); }) / 10;
      select += timed([&] { mouse(*ground, QEvent::MouseButtonRelease, corner(10), {}); });
      selected += static_cast<double>(desk.program->model.set_work().selection().size());
    }
    ++steps;
  }
  state.counters["scroll_ms"] = scroll / steps;
  state.counters["box_ms"] = box / steps;
  state.counters["select_ms"] = select / steps;
  state.counters["selected"] = selected / steps;
}
BENCHMARK(large_set_on_screen)
    ->Arg(0)
    ->Arg(1)
    ->Arg(2)
    ->Iterations(60)
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

/// From one swatch recolored while all are selected to everything that changes on the screen.
void edit_of_large_set(benchmark::State& state) {
  const GradeWindow desk(static_cast<SetView>(state.range(0)));
  AppModel& model = desk.program->model;
  const Id swatch = model.piece().sets[0].families[3].swatches[7].id;
  model.set_work().select_all();
  double shade = 0;
  for (auto _ : state) {
    shade = shade > 0.9 ? 0 : shade + 0.1;
    model.store().apply({}, [&](Piece p) {
      return with_swatches_colored(std::move(p), {swatch}, {{shade, 0.5, 0.5}, {}, {}});
    });
    QApplication::processEvents();
  }
}
BENCHMARK(edit_of_large_set)
    ->Arg(0)
    ->Arg(1)
    ->Arg(2)
    ->Iterations(30)
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();

} // namespace
