// SPDX-License-Identifier: GPL-3.0-or-later
// What large photos weigh: memory while one of 100 megapixels is looked at in every way, and how soon a piece
// with twenty of 24 megapixels can be worked on.
#include "bench_load.h"
#include "bench_photos.h"
#include "bench_window.h"
#include "core/piece/edits.h"
#include "io/container/piece_file.h"
#include "model/photo/photo_model.h"

#include <QAbstractButton>
#include <QTemporaryDir>

#include <benchmark/benchmark.h>
#include <fstream>
#include <string>

namespace {

using namespace zc;
using namespace zc::benches;

/// A line of /proc/self/status, in megabytes.
double status(const std::string& name) {
  std::ifstream lines("/proc/self/status");
  for (std::string line; std::getline(lines, line);)
    if (line.starts_with(name)) return std::stod(line.substr(name.size() + 1)) / 1024;
  return 0;
}

/// The most memory held at one time since this was made, above what was held then.
class Peak {
public:
  Peak() : m_before(status("VmRSS")) { std::ofstream("/proc/self/clear_refs") << "5"; }
  [[nodiscard]] double megabytes() const { return status("VmHWM") - m_before; }

private:
  double m_before;
};

struct PhotoWindow : BenchWindow {
  QTemporaryDir folder;
  QString photo(int width, int height, int quality) {
    const QString path = folder.filePath(QStringLiteral("%1-%2.jpg").arg(width).arg(quality));
    demo_photo("blue-hour.jpg")
        .scaled(width, height, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
        .save(path, "JPEG", quality);
    return path;
  }
};

template <class Condition> void work_until(Condition condition) {
  while (!condition()) QApplication::processEvents(QEventLoop::WaitForMoreEvents, 20);
}

void photo_of_100_megapixels(benchmark::State& state) {
  PhotoWindow desk;
  const QString path = desk.photo(12'000, 8'400, 92);
  const OthersAtWork others;
  for (auto _ : state) {
    const Peak peak;
    desk.show();
    AppModel& model = desk.program->model;
    desk.program->documents.open_demo(); // For its mask.
    desk.wait_for_files();
    model.viewing().show_desk(Desk::Observe);
    model.photos().import_photo(path);
    work_until([&] { return model.piece().references.size() == 4; });
    model.viewing().show_reference(model.piece().references.back().id);
    work_until([&] { return model.reader().photo() != nullptr; });
    state.counters["megapixels"] =
        1e-6 * model.reader().photo()->full().width() * model.reader().photo()->full().height();
    state.counters["decoded_MB"] = peak.megabytes();
    for (const auto look : {PhotoLook::Value, PhotoLook::Flat, PhotoLook::Squint, PhotoLook::Steps,
                            PhotoLook::Mask, PhotoLook::Color}) {
      model.viewing().show_look(look);
      QApplication::processEvents();
    }
    desk.window->findChild<QAbstractButton*>(QStringLiteral("takeColors"))->click();
    work_until([&] { return !model.session().extracted.colors.empty(); });
    state.counters["peak_MB"] = peak.megabytes();
  }
  others.label(state);
}
BENCHMARK(photo_of_100_megapixels)->Iterations(1)->Unit(benchmark::kMillisecond)->UseRealTime();

void twenty_references(benchmark::State& state) {
  PhotoWindow desk;
  const QString file = desk.folder.filePath(QStringLiteral("twenty.zonachrom"));
  {
    Piece piece = new_piece({});
    for (int i = 0; i < 20; ++i) {
      auto bytes = read_file(desk.photo(6000, 4000, 75 + i).toStdString());
      piece = with_reference(std::move(piece), "photo " + std::to_string(i), "jpg",
                             std::make_shared<const Bytes>(std::move(bytes).value()))
                  .value();
    }
    if (!save_document(file.toStdString(), {piece, {}})) return state.SkipWithError("not written");
  }
  const OthersAtWork others;
  for (auto _ : state) {
    const Peak peak;
    const double usable = seconds([&] {
      desk.show();
      desk.program->documents.open(file);
      desk.wait_for_files();
      desk.program->model.viewing().show_desk(Desk::Observe);
      QApplication::processEvents(QEventLoop::AllEvents, 50); // shown, painted, and answering
    });
    const auto& references = desk.program->model.piece().references;
    const double all = seconds([&] {
      work_until([&] {
        return std::none_of(references.begin(), references.end(), [&](const Reference& r) {
          return desk.program->model.photos().state_of(r).loading;
        });
      });
    });
    state.counters["usable_ms"] = 1000 * usable;
    state.counters["thumbnails_ms"] = 1000 * (usable + all);
    state.counters["peak_MB"] = peak.megabytes();
  }
  others.label(state);
}
BENCHMARK(twenty_references)->Iterations(1)->Unit(benchmark::kMillisecond)->UseRealTime();

} // namespace
