// SPDX-License-Identifier: GPL-3.0-or-later
// What is kept of a program that ended, and what is offered of it.
#include "app/document/document_task.h"

void DocumentTask::wells_come_back_without_a_save() {
  save_as(path("plate.zonachrom"));
  m_desk->model().picking().use_color({0.25, 0.5, 0.75});
  m_desk->model().picking().lay_down_well(6);
  QVERIFY(!m_desk->model().store().edited());
  QVERIFY(m_desk->window.close());
  DeskTop again;
  QVERIFY(again.documents().open(path("plate.zonachrom")));
  QCOMPARE(again.session().at_hand.wells[6], std::optional(Srgb{0.25, 0.5, 0.75}));
  QCOMPARE(again.session().color(), (Srgb{0.25, 0.5, 0.75}));
}

void DocumentTask::recent_files_are_offered() {
  save_as(path("first.zonachrom"));
  save_as(path("second.zonachrom"));
  const QStringList recent = m_desk->program.documents.recent_files();
  QCOMPARE(recent.mid(0, 2), (QStringList{path("second.zonachrom"), path("first.zonachrom")}));
  for (auto* menu : m_desk->window.findChildren<QMenu*>()) {
    if (menu->title() != QStringLiteral("Open &recent")) continue;
    emit menu->aboutToShow();
    menu->actions()[1]->trigger();
    m_desk->wait_for_files();
  }
  QCOMPARE(m_desk->program.documents.path(), path("first.zonachrom"));
}

void DocumentTask::an_unsaved_piece_is_journalled_and_offered_again() {
  const auto journals = [] { return QDir(Journal::folder()).entryList({"*.zonachrom"}, QDir::Files); };
  QVERIFY(journals().isEmpty());
  m_desk->model().laying().lay_current();
  QVERIFY(comes_true([&] { return journals().size() == 1; }));
  // While its program runs it is nobody's leftover.
  QVERIFY(Journal::leftovers().empty());
  save_as(path("kept.zonachrom"));
  QVERIFY(comes_true([&] { return journals().isEmpty(); }));
  // A journal without a living owner, as a crash leaves it.
  Piece lost = new_piece("2026-01-01");
  lost.title = "Lost plate";
  const QString left = Journal::folder() + "/1-deadbeef.zonachrom";
  QVERIFY(save_document(left.toStdString(), {lost, {}}));
  const std::string file = path("kept.zonachrom").toStdString(),
                    note = file + "\n" + text_of(hashed_state_of_file(file));
  QVERIFY(save_safely((left + ".path").toStdString(), Bytes(note.begin(), note.end()), Backup::None));
  m_desk->dialogs.recovery = RecoveryAnswer::Recover;
  QVERIFY(m_desk->documents().recover());
  QCOMPARE(m_desk->dialogs.offered, QStringList{"Lost plate"});
  QCOMPARE(m_desk->piece().title, std::string("Lost plate"));
  QCOMPARE(m_desk->program.documents.path(), path("kept.zonachrom"));
  QCOMPARE(state(), QStringLiteral("edited, not saved"));
  // It is this window's journal now, with its note beside it, and stays one until the piece is saved.
  QCOMPARE(journals().size(), 1);
  QVERIFY(journals()[0] != QStringLiteral("1-deadbeef.zonachrom"));
  QVERIFY(QFile::exists(Journal::folder() + "/" + journals()[0] + ".path"));
  QVERIFY(!QFile::exists(left + ".path"));
  QVERIFY(!m_desk->documents().recover());
  m_desk->trigger("save");
  QVERIFY(comes_true([&] { return journals().isEmpty(); }));
}

/// The file goes on elsewhere after the crash.
void DocumentTask::what_was_kept_never_replaces_a_newer_file() {
  save_as(path("plate.zonachrom"));
  Document theirs = *open_document(path("plate.zonachrom").toStdString());
  const std::string file = path("plate.zonachrom").toStdString(),
                    note = file + "\n" + text_of(hashed_state_of_file(file));
  const QString left = Journal::folder() + "/1-deadbeef.zonachrom";
  Piece mine = theirs.piece;
  mine.title = "Mine";
  theirs.piece.title = "Theirs, longer than before";
  QVERIFY(save_document(file, theirs));
  const auto crash = [&] {
    QVERIFY(save_document(left.toStdString(), {mine, {}}));
    QVERIFY(save_safely((left + ".path").toStdString(), Bytes(note.begin(), note.end()), Backup::None));
  };
  crash();
  m_desk->dialogs.recovery = RecoveryAnswer::OpenFile;
  QVERIFY(m_desk->documents().recover());
  QCOMPARE(m_desk->dialogs.newer_file, QStringLiteral("plate.zonachrom"));
  QCOMPARE(m_desk->piece().title, theirs.piece.title);
  QCOMPARE(Journal::leftovers().size(), std::size_t{1});
  m_desk->dialogs.recovery = RecoveryAnswer::Recover;
  QVERIFY(m_desk->documents().recover());
  QCOMPARE(m_desk->piece().title, mine.title);
  QVERIFY(m_desk->program.documents.path().isEmpty());
  m_desk->dialogs.save_path = path("both.zonachrom");
  m_desk->trigger("save");
  QCOMPARE(open_document(file)->piece.title, theirs.piece.title);
  QCOMPARE(open_document(path("both.zonachrom").toStdString())->piece.title, mine.title);
  // One that was only touched has the same content, and is no other.
  crash();
  Document same = theirs;
  same.piece.title = "Mine";
  QVERIFY(save_document(file, same));
  const std::string known = file + "\n" + text_of(hashed_state_of_file(file));
  QVERIFY(save_safely((left + ".path").toStdString(), Bytes(known.begin(), known.end()), Backup::None));
  std::filesystem::last_write_time(file, std::filesystem::last_write_time(file) + std::chrono::hours(1));
  QVERIFY(m_desk->documents().recover());
  QCOMPARE(m_desk->dialogs.newer_file, QString());
  QCOMPARE(m_desk->program.documents.path(), path("plate.zonachrom"));
}

void DocumentTask::only_discard_gives_kept_work_up() {
  const QString left = Journal::folder() + "/1-deadbeef.zonachrom";
  QVERIFY(save_document(left.toStdString(), {new_piece("2026-01-01"), {}}));
  m_desk->dialogs.recovery = RecoveryAnswer::Later;
  QVERIFY(!m_desk->documents().recover());
  QVERIFY(QFile::exists(left));
  // The toolkit's own question: Escape, a closed window and the end of the program keep it too.
  ToolkitDialogs toolkit;
  const std::function<void(QWidget&)> ends[] = {[](QWidget& box) { QTest::keyClick(&box, Qt::Key_Escape); },
                                                [](QWidget& box) { box.close(); },
                                                [](QWidget&) { QCoreApplication::exit(0); }};
  for (const auto& end : ends) {
    QTimer::singleShot(100, &m_desk->window, [&end] {
      if (QWidget* box = QApplication::activeModalWidget()) end(*box);
    });
    QCOMPARE(toolkit.offer_recovery(&m_desk->window, "Lost plate", "today", QString()),
             RecoveryAnswer::Later);
  }
  // The end of the program was meant for its own loops; the test goes on.
  QTimer::singleShot(0, qApp, &QCoreApplication::quit);
  QCoreApplication::exec();
  m_desk->dialogs.recovery = RecoveryAnswer::Discard;
  QVERIFY(!m_desk->documents().recover());
  QVERIFY(!QFile::exists(left));
}

/// The second process is this program itself: it lays a color on the piece and goes on until it is killed.
void DocumentTask::a_killed_program_offers_its_last_change() {
  save_as(path("plate.zonachrom"));
  m_desk.reset();
  QProcess other;
  other.start(QCoreApplication::applicationFilePath(), {"--work-on", path("plate.zonachrom")});
  QVERIFY(other.waitForStarted());
  const auto journals = [] { return QDir(Journal::folder()).entryList({"*.zonachrom"}, QDir::Files); };
  QVERIFY(comes_true([&] { return journals().size() == 1; }));
  QVERIFY(Journal::leftovers().empty());
  other.kill();
  other.waitForFinished();
  m_desk = std::make_unique<DeskTop>();
  m_desk->dialogs.recovery = RecoveryAnswer::Recover;
  QVERIFY(m_desk->documents().recover());
  QCOMPARE(m_desk->program.documents.path(), path("plate.zonachrom"));
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), std::size_t{1});
  QCOMPARE(current_set(m_desk->piece())->families[0].swatches[0].color, (Srgb{0.25, 0.5, 0.75}));
  // With what was at hand.
  QCOMPARE(m_desk->session().color(), (Srgb{0.75, 0.5, 0.25}));
  QCOMPARE(m_desk->model().at_hand().wells[0], std::optional(Srgb{0.75, 0.5, 0.25}));
  QCOMPARE(m_desk->model().at_hand().recent.size(), std::size_t{2});
  // The file itself is what was saved.
  QCOMPARE(swatch_count(*current_set(open_document(path("plate.zonachrom").toStdString())->piece)),
           std::size_t{0});
}

void DocumentTask::a_terminated_program_leaves_its_work_and_nothing_else() {
  save_as(path("plate.zonachrom"));
  m_desk.reset();
  const QString state = QFileInfo(Journal::folder()).path();
  QProcess other;
  other.start(QCoreApplication::applicationFilePath(), {"--work-on", path("plate.zonachrom")});
  QVERIFY(other.waitForStarted());
  const auto locks = [&] { return QDir(state + "/open").entryList({"*.lock"}, QDir::Files).size(); };
  QVERIFY(comes_true([&] { return locks() == 1; }));
  QVERIFY(comes_true([&] { return other.bytesAvailable() > 0 || other.waitForReadyRead(10); }));
  other.terminate();
  QVERIFY(other.waitForFinished(60'000));
  QVERIFY(other.exitStatus() == QProcess::NormalExit && other.exitCode() == 0);
  QVERIFY(locks() == 0 && QDir(Journal::folder()).entryList({"*.lock"}, QDir::Files).isEmpty());
  QCOMPARE(Journal::leftovers().size(), std::size_t{1});
  m_desk = std::make_unique<DeskTop>();
  m_desk->dialogs.recovery = RecoveryAnswer::Recover;
  QVERIFY(m_desk->documents().recover());
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), std::size_t{1});
}
