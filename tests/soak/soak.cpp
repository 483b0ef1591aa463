// SPDX-License-Identifier: GPL-3.0-or-later
// A long afternoon: random hands at all desks and beside the canvas, for as many minutes as are asked for.
// Memory, handles, the parts of the window and the time that an action takes are noted, and at the end
// compared with those after the first twelfth. Usage: soak [MINUTES [SEED]]; the same seed does the same.
#include "app/program/beside.h"
#include "app/shelf/shelf_panel.h"
#include "app/window/picture.h"
#include "io/container/piece_file.h"
#include "model/derived/memory.h"
#include "support/any_hands.h"

#include <QClipboard>
#include <QDir>
#include <QElapsedTimer>
#include <QEventLoop>

#include <cstdio>
#include <ctime>
#include <sys/resource.h>
#include <unistd.h>

using namespace zc;
using namespace zc::test;

namespace {

struct Note {
  double minute = 0, megabytes = 0, asked = 0, milliseconds = 0;
  int handles = 0;
  qsizetype parts = 0; ///< Of the window and all that is in it.
};

/// Of this thread at work, so that what else runs on the machine does not count.
double milliseconds_worked() {
  timespec at{};
  clock_gettime(CLOCK_THREAD_CPUTIME_ID, &at);
  return static_cast<double>(at.tv_sec) * 1e3 + static_cast<double>(at.tv_nsec) / 1e6;
}

double megabytes_at_most() {
  rusage used{};
  getrusage(RUSAGE_SELF, &used);
  return static_cast<double>(used.ru_maxrss) * 1024 / 1e6;
}

double megabytes_in_use() {
  give_back_memory(); // What is free is not in use, whoever holds it.
  QFile file(QStringLiteral("/proc/self/statm"));
  if (!file.open(QIODevice::ReadOnly)) return 0;
  return file.readAll().split(' ').value(1).toDouble() * static_cast<double>(sysconf(_SC_PAGESIZE)) / 1e6;
}

/// What the program has asked for and not given back, without what the allocator keeps between.
double megabytes_asked() { return static_cast<double>(memory_asked()) / 1e6; }

int handles_in_use() {
  return static_cast<int>(QDir(QStringLiteral("/proc/self/fd"))
                              .entryList(QDir::NoDotAndDotDot | QDir::AllEntries | QDir::System)
                              .size());
}

double median(std::vector<double> all) {
  std::nth_element(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2), all.end());
  return all[all.size() / 2];
}

/// The middle of what was noted between two minutes.
template <class Read> double between(const std::vector<Note>& notes, double from, double to, Read read) {
  std::vector<double> all;
  for (const Note& n : notes)
    if (n.minute >= from && n.minute <= to) all.push_back(read(n));
  return all.empty() ? 0 : median(std::move(all));
}

bool says(const char* what, double early, double late, double most) {
  const bool good = early > 0 && late <= early * most;
  std::printf("%-28s %8.1f early %8.1f late %6.1f %%  %s\n", what, early, late, 100 * (late / early - 1),
              good ? "fine" : "GROWS");
  return good;
}

/// All that is kept from piece to piece is put back to what it was at first, so that notes can be compared:
/// what hands have put on the shelves and how they look at things takes its room by right.
void come_to_rest(DeskTop& desk) {
  if (desk.program.beside.shown()) desk.program.beside.switch_shown();
  QDir(shelf_folder({})).removeRecursively();
  QApplication::clipboard()->clear(); // A copied plan is some megabytes.
  desk.model().viewing().look_with(Session().vision);
  desk.model().viewing().show_look(PhotoLook::Color);
  desk.model().viewing().keep_reference(false);
  desk.model().viewing().try_on({});
  desk.model().viewing().share({});
  desk.model().viewing().show_set_view(SetView::Staff);
  desk.window.resize(1280, 800);
  if (!desk.photos_decoded()) std::puts("the photos are not there");
}

} // namespace

int main(int argc, char** argv) {
  const Home home;
  QApplication app(argc, argv);
  install_theme();
  speak_to_assistants();
  const double minutes = argc > 1 ? QString::fromLocal8Bit(argv[1]).toDouble() : 120;
  const unsigned seed = argc > 2 ? QString::fromLocal8Bit(argv[2]).toUInt() : 1;
  const QTemporaryDir folder;
  const QString file = folder.filePath("demo.zonachrom"), saved = folder.filePath("saved.zonachrom");
  if (!QFile::copy(QStringLiteral(DEMO_PIECE), file)) return 2;
  DeskTop desk;
  desk.dialogs.unsaved = UnsavedAnswer::Discard;
  if (!desk.documents().open(file)) return 2;
  desk.dialogs.save_path = folder.filePath("hands.zonachrom");
  desk.dialogs.set_path = QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv");
  desk.dialogs.export_path = folder.filePath("set.csv");
  Hands hands(desk, seed);
  std::vector<Note> notes;
  QElapsedTimer clock;
  clock.start();
  constexpr int kActions = 400, kRounds = 8; // Then all is undone, so that the piece stays as large.
  const auto minute = [&clock] { return static_cast<double>(clock.elapsed()) / 60'000; };
  // Each note is taken at the same place: the piece just opened, at Observe, no companion, all at rest.
  for (int note = 0; minute() < minutes; ++note) {
    double worked = 0;
    for (int round = 0; round < kRounds; ++round) {
      desk.model().viewing().show_desk(static_cast<Desk>((note + round) % static_cast<int>(kDesks)));
      if (round % 4 == 3) desk.program.beside.switch_shown();
      const double before = milliseconds_worked();
      for (int i = 0; i < kActions; ++i) {
        hands.do_anything();
        QCoreApplication::processEvents();
      }
      worked += milliseconds_worked() - before;
      desk.window.show(); // The hands may have closed it to the companion.
      QUndoStack& stack = desk.model().store().stack();
      while (stack.canUndo()) stack.undo();
    }
    // The hands may have saved over it; and no other desk is to make its pictures of what is opened.
    QFile::remove(file);
    if (!QFile::copy(QStringLiteral(DEMO_PIECE), file)) return 2;
    desk.model().viewing().show_desk(Desk::Observe);
    if (!desk.documents().open(file)) return 2;
    come_to_rest(desk);
    QEventLoop rest;
    when_at_rest(desk.window, [&rest] { rest.quit(); });
    rest.exec();
    notes.push_back({minute(), megabytes_in_use(), megabytes_asked(), worked / kActions / kRounds,
                     handles_in_use(), desk.window.findChildren<QObject*>().size()});
    const Note& n = notes.back();
    std::printf("%6.1f min %7.1f MB, %7.1f asked for, %4d handles %5d parts %6.2f ms an action\n", n.minute,
                n.megabytes, n.asked, n.handles, static_cast<int>(n.parts), n.milliseconds);
    std::fflush(stdout);
  }
  // What hands leave is saved, opened again, and the same.
  for (int i = 0; i < kActions; ++i) hands.do_anything();
  const Piece end = desk.piece();
  const bool written = save_document(saved.toStdString(), {end, desk.session().at_hand}).ok();
  const auto back = open_document(saved.toStdString());
  const bool same = written && back && back->piece == end;
  std::printf("seed %u, %zu actions, %.0f MB at most; saved and opened again: %s\n", seed,
              notes.size() * kActions * kRounds, megabytes_at_most(), same ? "equal" : "NOT EQUAL");
  const double early = minutes / 12, width = minutes / 12;
  const auto compare = [&](const char* what, double most, auto read) {
    return says(what, between(notes, early, early + width, read),
                between(notes, minutes - width, minutes + 1, read), most);
  };
  const bool memory = compare("memory, MB", 1.05, [](const Note& n) { return n.megabytes; });
  const bool handles = compare("handles", 1.05, [](const Note& n) { return static_cast<double>(n.handles); });
  const bool parts =
      compare("parts of the window", 1.05, [](const Note& n) { return static_cast<double>(n.parts); });
  const bool speed = compare("an action, ms", 1.25, [](const Note& n) { return n.milliseconds; });
  return same && memory && handles && parts && speed ? 0 : 1;
}
