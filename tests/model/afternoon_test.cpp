// SPDX-License-Identifier: GPL-3.0-or-later
// A user's afternoon without a window, and everything that can become of a document.
#include "core/color/convert.h"
#include "core/image/fit.h"
#include "io/container/piece_file.h"
#include "model/application/app_model.h"
#include "model/photos/extraction_job.h"
#include "support/home.h"
#include "support/waited.h"

#include <QFile>
#include <QSettings>
#include <QTest>

using namespace zc;
using namespace zc::test;

namespace {

/// As long as a busy machine may take.
template <class F> [[nodiscard]] bool comes_true(F&& f) {
  return QTest::qWaitFor(std::forward<F>(f), 60'000);
}

struct Answers final : Questions {
  QString open_path, save_path;
  UnsavedAnswer unsaved = UnsavedAnswer::Cancel;
  RecoveryAnswer recovery = RecoveryAnswer::Later;
  DamagedAnswer damaged = DamagedAnswer::Neither;
  QStringList asked;
  QString open_piece(const QString&) override { return asked << QStringLiteral("open"), open_path; }
  QString save_piece(const QString&) override { return asked << QStringLiteral("save as"), save_path; }
  UnsavedAnswer ask_unsaved(const QString&) override { return asked << QStringLiteral("unsaved"), unsaved; }
  RecoveryAnswer offer_recovery(const QString& title, const QString&, const QString& newer) override {
    asked << QStringLiteral("recover ") + title + QLatin1Char(' ') + newer;
    return recovery;
  }
  DamagedAnswer ask_damaged(const QString&, bool rest, bool before) override {
    asked << QStringLiteral("damaged %1 %2").arg(rest).arg(before);
    return damaged;
  }
};

struct Program {
  AppModel model;
  Answers answers;
  FileJob job;
  std::function<void()> meanwhile; ///< Done once while a file is worked on.
  Documents documents{model, answers, job};
  QStringList notices;
  Program() {
    QObject::connect(&job, &FileJob::changed, [this] {
      if (!job.running()) return;
      if (const auto act = std::exchange(meanwhile, {})) act();
    });
    QObject::connect(&model, &Studio::notice, [this](const QString& said) { notices << said; });
  }
  [[nodiscard]] const Piece& piece() const { return model.piece(); }
  [[nodiscard]] Waited asked() { return {documents, job}; }
  bool retitle(const char* title) {
    return model.store().apply(QStringLiteral("title"),
                               [&](Piece p) { return with_title(std::move(p), title); });
  }
};

} // namespace

class AfternoonTest : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_folder = std::make_unique<QTemporaryDir>();
    QSettings().clear();
    for (const auto& left : Journal::leftovers()) Journal::discard(left);
  }
  void an_afternoon_is_played_without_a_window();
  void a_document_is_clean_edited_saved();
  void a_document_that_cannot_be_saved_stays();
  void a_file_that_changed_outside_is_not_replaced();
  void a_damaged_file_is_asked_about();
  void leaving_asks_until_nothing_is_unsaved();
  void what_a_crash_left_is_offered();
  void a_refusal_is_over_with_the_next_thing_done();

private:
  [[nodiscard]] QString path(const char* name) const { return m_folder->filePath(QLatin1String(name)); }
  [[nodiscard]] QString saved(const char* name, const char* title) const {
    Program p;
    p.documents.new_piece();
    (void)p.retitle(title);
    p.answers.save_path = path(name);
    if (!p.asked().save()) qFatal("not saved");
    p.documents.finish();
    return path(name);
  }
  std::unique_ptr<QTemporaryDir> m_folder;
};

void AfternoonTest::an_afternoon_is_played_without_a_window() {
  auto program = std::make_unique<Program>();
  AppModel& model = program->model;
  program->documents.new_piece();
  QVERIFY(!model.store().edited() && program->documents.path().isEmpty());
  // A photo.
  model.photos().import_photo(QStringLiteral(DEMO_PHOTOS "/noon.jpg"));
  QVERIFY(comes_true([&] { return model.piece().references.size() == 1 && model.reader().values(); }));
  QCOMPARE(model.session().reference, model.piece().references[0].id);
  // Its palette, by bands.
  ExtractionJob job(model.scope(), nullptr);
  ExtractionSpec spec;
  spec.quotas = BandCounts{4, 5, 6};
  Extraction found;
  connect(&job, &ExtractionJob::finished, this,
          [&](const ExtractionJob::Order&, const Extraction& result) { found = result; });
  job.start({model.session().reference,
             model.piece().references[0].bytes,
             model.reader().photo(),
             {},
             spec,
             model.wheel(),
             {},
             {}});
  QVERIFY(job.running());
  QVERIFY(comes_true([&] { return !job.running(); }));
  QCOMPARE(found.colors.size(), std::size_t{15});
  model.laying().show_extracted({model.session().reference, found.colors, {}});
  model.laying().add_extracted(ExtractionFamilies::ByBand);
  QVERIFY(model.session().extracted.colors.empty());
  QCOMPARE(swatch_count(*current_set(model.piece())), std::size_t{15});
  QVERIFY(model.set_work().counts() == (BandCounts{4, 5, 6}));
  // A mask that holds four fifths of it.
  const auto fit = fit_polygon(model.reader().places(), 6, 0.8);
  QVERIFY(fit && model.store().apply(
                     "fit", [&](Piece p) -> Result<Piece> { return with_mask(std::move(p), fit->mask); }));
  QVERIFY(*model.reader().share_inside() >= 0.8 && *model.reader().share_inside() < 0.95);
  // Picks are held by it, from wherever they come; each is one to go back from.
  model.picking().use_color({0.5, 0.5, 0.5});
  model.picking().begin_pick();
  for (int degrees = 0; degrees < 360; degrees += 30) {
    model.picking().pick_plan(disc_point(Angle(degrees), 0.99));
    QVERIFY(model.in_mask().value_or(false));
  }
  model.picking().end_pick();
  const Srgb picked = model.session().color();
  QVERIFY(model.at_hand().recent.front() == picked);
  model.picking().back_to_before();
  QCOMPARE(model.session().color(), (Srgb{0.5, 0.5, 0.5}));
  model.picking().back_to_before();
  // Laid, found selected, graded.
  model.laying().lay_current();
  QCOMPARE(swatch_count(*current_set(model.piece())), std::size_t{16});
  const Id laid = model.session().selection.focus();
  QCOMPARE(find_swatch(model.piece(), laid)->color, picked);
  QCOMPARE(model.set_work().selection(), std::vector<Id>{laid});
  const GradingReport& report = model.set_work().report();
  QCOMPARE(report.bands.light + report.bands.middle + report.bands.dark, 16);
  QVERIFY(std::find(report.outside_mask.begin(), report.outside_mask.end(), laid) ==
          report.outside_mask.end());
  // On the picture, by areas.
  model.viewing().show_desk(Desk::Try);
  model.tries().change_study("Areas", [](Study& s) { s.by_areas = true, s.cut.count = 30; });
  QVERIFY(comes_true([&] { return model.tries().areas() != nullptr; }));
  QVERIFY(model.tries().areas()->areas.size() > 10 && model.tries().areas()->areas.size() <= 30);
  double used = 0;
  for (const auto& [id, share] : model.tries().uses()) used += share;
  QVERIFY(std::abs(used - 1) < 1e-9);
  // The sheet has each family.
  const auto& sheet = model.share_model().sheet();
  QVERIFY(sheet);
  QCOMPARE(sheet->bookmarks.size(), current_set(model.piece())->families.size());
  // Saved, read again by the file alone.
  program->answers.save_path = path("noon.zonachrom");
  QVERIFY(program->asked().save());
  QCOMPARE(program->answers.asked, QStringList{"save as"});
  const auto read = open_document(path("noon.zonachrom").toStdString());
  QVERIFY(read && read->piece == model.piece());
  QVERIFY(read->at_hand.recent == model.at_hand().recent);
  // Worked on, and the program is killed.
  QVERIFY(program->retitle("After the save"));
  program->documents.end_now();
  const Piece lost = program->piece();
  program.reset();
  Program next;
  next.answers.recovery = RecoveryAnswer::Recover;
  QVERIFY(next.asked().recover());
  QCOMPARE(next.answers.asked, QStringList{"recover After the save "});
  QVERIFY(next.piece() == lost && next.model.store().edited());
  QCOMPARE(next.documents.path(), path("noon.zonachrom"));
  QVERIFY(next.asked().save());
  // Another piece.
  QVERIFY(next.asked().open(QStringLiteral(DEMO_PIECE)));
  QVERIFY(next.piece() != lost && !next.model.store().edited());
  QVERIFY(!next.model.store().stack().canUndo());
  next.documents.finish();
}

void AfternoonTest::a_document_is_clean_edited_saved() {
  Program p;
  p.documents.new_piece();
  QCOMPARE(p.documents.state_words(), QStringLiteral("not saved"));
  QVERIFY(p.retitle("One"));
  QCOMPARE(p.documents.state_words(), QStringLiteral("not saved yet"));
  p.answers.save_path.clear(); // Cancelled.
  QVERIFY(!p.asked().save() && p.model.store().edited());
  p.answers.save_path = path("one"); // The ending is added.
  int told = 0;
  connect(&p.documents, &Documents::pieceSaved, this, [&told] { ++told; });
  QVERIFY(p.asked().save());
  QCOMPARE(told, 1);
  QCOMPARE(p.documents.path(), path("one.zonachrom"));
  QCOMPARE(p.documents.state_words(), QStringLiteral("saved"));
  QCOMPARE(p.documents.recent_files(), QStringList{path("one.zonachrom")});
  p.model.store().stack().undo();
  QCOMPARE(p.documents.state_words(), QStringLiteral("edited, not saved"));
  p.model.store().stack().redo();
  QCOMPARE(p.documents.state_words(), QStringLiteral("saved"));
  // What is done while it is being saved is not saved.
  QVERIFY(p.retitle("Two"));
  p.meanwhile = [&] { QVERIFY(p.retitle("Three")); };
  QVERIFY(p.asked().save());
  QVERIFY(p.model.store().edited());
  QCOMPARE(open_document(path("one.zonachrom").toStdString())->piece.title, std::string("Two"));
  // One file at a time.
  p.meanwhile = [&] {
    int refused = 0;
    const auto count = [&refused](bool done) { refused += !done; };
    p.documents.save(count);
    p.documents.open(path("one.zonachrom"), count);
    QCOMPARE(refused, 2);
    QVERIFY(p.notices.last().contains("still being read or written"));
  };
  QVERIFY(p.asked().save());
  QVERIFY(!p.model.store().edited());
  // Read only by its permissions.
  QVERIFY(QFile::setPermissions(path("one.zonachrom"), QFile::ReadOwner));
  QCOMPARE(p.documents.state_words(), QStringLiteral("read only"));
  QVERIFY(p.retitle("Four"));
  QCOMPARE(p.documents.state_words(), QStringLiteral("edited, file is read only"));
  p.answers.asked.clear();
  p.answers.save_path = path("four.zonachrom");
  QVERIFY(p.asked().save());
  QCOMPARE(p.answers.asked, QStringList{"save as"});
  QCOMPARE(open_document(path("one.zonachrom").toStdString())->piece.title, std::string("Three"));
  QCOMPARE(p.documents.path(), path("four.zonachrom"));
  p.documents.finish();
}

void AfternoonTest::a_document_that_cannot_be_saved_stays() {
  Program p;
  p.documents.new_piece();
  QVERIFY(p.retitle("Kept"));
  p.answers.save_path = path("no/such/folder/kept.zonachrom");
  QVERIFY(!p.asked().save());
  QCOMPARE(p.notices.size(), 1);
  QVERIFY(p.model.store().edited() && p.documents.path().isEmpty());
  QVERIFY(p.documents.recent_files().isEmpty());
  // Stopped, nothing is said: the user did it.
  p.notices.clear();
  p.answers.save_path = path("kept.zonachrom");
  const auto photo = std::make_shared<const Bytes>(std::size_t{128} << 20);
  QVERIFY(p.model.store().apply(QStringLiteral("a photo that takes its time"), [&](Piece piece) {
    return with_reference(std::move(piece), "large", "png", photo);
  }));
  p.meanwhile = [&] { p.job.stop(); };
  QVERIFY(!p.asked().save());
  QVERIFY(p.notices.isEmpty() && !QFile::exists(path("kept.zonachrom")));
  // Opening what is no piece, or is stopped, leaves the open one.
  QFile(path("text.zonachrom")).open(QFile::WriteOnly);
  p.answers.unsaved = UnsavedAnswer::Discard;
  QVERIFY(!p.asked().open(path("text.zonachrom")) && !p.asked().open(path("nothing.zonachrom")));
  const QString large = path("large.zonachrom");
  QVERIFY(save_document(large.toStdString(), {p.piece(), {}}));
  p.meanwhile = [&] { p.job.stop(); };
  QVERIFY(!p.asked().open(large));
  QCOMPARE(p.piece().title, std::string("Kept"));
  QVERIFY(p.model.store().edited());
  p.documents.finish();
}

void AfternoonTest::a_file_that_changed_outside_is_not_replaced() {
  const QString file = saved("shared.zonachrom", "Mine");
  Program p;
  QVERIFY(p.asked().open(file));
  QVERIFY(p.retitle("Mine, later"));
  Document other = open_document(file.toStdString()).value();
  other.piece.title = "Theirs";
  QVERIFY(save_document(file.toStdString(), other));
  p.answers.save_path.clear();
  QVERIFY(!p.asked().save());
  QVERIFY(p.notices.last().contains("another program changed the file"));
  QCOMPARE(p.answers.asked, QStringList{"save as"});
  QCOMPARE(open_document(file.toStdString())->piece.title, std::string("Theirs"));
  // Under another name; after that the file is this window's own.
  p.answers.save_path = path("mine.zonachrom");
  QVERIFY(p.asked().save());
  QVERIFY(p.retitle("Mine, latest") && p.asked().save());
  QCOMPARE(p.answers.asked.size(), 2);
  // A file that is gone is written again.
  QVERIFY(QFile::remove(path("mine.zonachrom")));
  QVERIFY(p.retitle("Once more"));
  const bool again = p.asked().save();
  QVERIFY(again && QFile::exists(path("mine.zonachrom")));
  p.documents.finish();
}

void AfternoonTest::a_damaged_file_is_asked_about() {
  const QString file = saved("hurt.zonachrom", "Before");
  {
    Program p;
    QVERIFY(p.asked().open(file) && p.retitle("After") && p.asked().save());
    p.documents.finish();
  }
  QFile hurt(file);
  QVERIFY(hurt.open(QFile::ReadWrite) && hurt.resize(hurt.size() / 2));
  hurt.close();
  Program p;
  p.documents.new_piece();
  QVERIFY(p.retitle("Open"));
  p.answers.unsaved = UnsavedAnswer::Discard;
  QVERIFY(!p.asked().open(file)); // Neither.
  QCOMPARE(p.answers.asked.last(), QStringLiteral("damaged 0 1"));
  QCOMPARE(p.piece().title, std::string("Open"));
  p.answers.damaged = DamagedAnswer::Before;
  QVERIFY(p.asked().open(file));
  QCOMPARE(p.piece().title, std::string("Before"));
  // As a piece without a file, so that neither is overwritten.
  QVERIFY(p.documents.path().isEmpty() && p.model.store().edited());
  p.documents.finish();
}

void AfternoonTest::leaving_asks_until_nothing_is_unsaved() {
  Program p;
  p.documents.new_piece();
  QVERIFY(p.asked().may_leave() && p.answers.asked.isEmpty());
  QVERIFY(p.retitle("Unsaved"));
  QVERIFY(!p.asked().may_leave());
  p.answers.unsaved = UnsavedAnswer::Save;
  p.answers.save_path.clear();
  QVERIFY(!p.asked().may_leave()); // The question where was cancelled.
  p.answers.save_path = path("left.zonachrom");
  p.answers.asked.clear();
  // Worked on while it was being saved: asked once more.
  p.meanwhile = [&] { QVERIFY(p.retitle("Later")); };
  QVERIFY(p.asked().may_leave());
  QCOMPARE(p.answers.asked, (QStringList{"unsaved", "save as", "unsaved"}));
  QCOMPARE(open_document(path("left.zonachrom").toStdString())->piece.title, std::string("Later"));
  QVERIFY(p.retitle("Thrown away"));
  p.answers.unsaved = UnsavedAnswer::Discard;
  p.documents.new_piece();
  QVERIFY(!p.model.store().edited() && p.documents.path().isEmpty());
  // Cancelled by the user, the question which file leaves everything.
  p.answers.open_path.clear();
  QVERIFY(p.retitle("Here"));
  p.documents.open_asked();
  QCOMPARE(p.piece().title, std::string("Here"));
  p.answers.open_path = path("left.zonachrom");
  p.documents.open_asked();
  QVERIFY(comes_true([&p] { return p.piece().title == "Later"; }));
  // A drop of what was for the piece before.
  int came = 0;
  const auto late = p.model.bound([&came](int by) { came += by; });
  late(1);
  p.answers.unsaved = UnsavedAnswer::Discard;
  p.documents.new_piece();
  late(10);
  QCOMPARE(came, 1);
  p.documents.finish();
}

void AfternoonTest::what_a_crash_left_is_offered() {
  const QString file = saved("crashed.zonachrom", "Saved");
  const auto crash = [&](const char* title) {
    Program p;
    QVERIFY(p.asked().open(file) && p.retitle(title));
    p.documents.end_now();
  };
  crash("Lost");
  {
    Program later;
    QVERIFY(!later.asked().recover()); // Later keeps it.
    QCOMPARE(later.answers.asked, QStringList{"recover Lost "});
  }
  {
    // What is begun while it is being read is asked about, and staying with it keeps what was lost.
    Program begun;
    begun.documents.new_piece();
    begun.answers.recovery = RecoveryAnswer::Recover;
    std::optional<bool> came;
    begun.documents.recover([&came](bool opened) { came = opened; });
    QVERIFY(begun.job.running());
    QVERIFY(begun.retitle("Begun meanwhile"));
    QVERIFY(comes_true([&] { return came.has_value(); }));
    QVERIFY(!*came && begun.piece().title == "Begun meanwhile");
    QCOMPARE(begun.answers.asked, (QStringList{"recover Lost ", "unsaved"}));
    begun.answers.unsaved = UnsavedAnswer::Discard;
    begun.documents.new_piece();
    begun.documents.finish();
  }
  // The file went on elsewhere: what was kept becomes a piece without a file.
  Document other = open_document(file.toStdString()).value();
  other.piece.title = "Elsewhere";
  QVERIFY(save_document(file.toStdString(), other));
  {
    Program p;
    p.answers.recovery = RecoveryAnswer::OpenFile;
    QVERIFY(p.asked().recover());
    QCOMPARE(p.answers.asked, QStringList{"recover Lost crashed.zonachrom"});
    QCOMPARE(p.piece().title, std::string("Elsewhere"));
    p.documents.finish();
  }
  {
    Program p;
    p.answers.recovery = RecoveryAnswer::Recover;
    QVERIFY(p.asked().recover());
    QCOMPARE(p.piece().title, std::string("Lost"));
    QVERIFY(p.documents.path().isEmpty() && p.model.store().edited());
    p.answers.save_path = path("again.zonachrom");
    QVERIFY(p.asked().save());
    p.documents.finish();
  }
  crash("Given up");
  Program p;
  p.answers.recovery = RecoveryAnswer::Discard;
  QVERIFY(!p.asked().recover());
  QVERIFY(Journal::leftovers().empty());
}

void AfternoonTest::a_refusal_is_over_with_the_next_thing_done() {
  Program p;
  p.documents.new_piece();
  QStringList over;
  QObject::connect(&p.model, &Studio::refusalOver, [&over](const QString& said) { over << said; });
  p.model.picking().use_text(QStringLiteral("no color"));
  const QString said = p.notices.last();
  QVERIFY(over.isEmpty() && !said.isEmpty());
  QVERIFY(p.retitle("Another"));
  QCOMPARE(over, QStringList{said});
  p.model.picking().use_text(QStringLiteral("none either"));
  p.model.picking().use_text(QStringLiteral("#d8904a"));
  QCOMPARE(over.size(), 2);
  QVERIFY(p.retitle("A third"));
  QCOMPARE(over.size(), 2); // Once each.
}

int main(int argc, char** argv) {
  const zc::test::Home home;
  QGuiApplication app(argc, argv);
  AfternoonTest test;
  return QTest::qExec(&test, argc, argv);
}
#include "afternoon_test.moc"
