// SPDX-License-Identifier: GPL-3.0-or-later
// Hands that press, drag, turn and type anywhere at every desk: nothing they do brings the window down, every
// change can be undone and done again, and what is left can be saved and comes back.
#include "core/piece/edits.h"
#include "desk.h"
#include "io/container/piece_file.h"
#include "model/work/set_work.h"
#include "support/any_hands.h"
#include "support/whole.h"

#include <QApplication>

using namespace zc;
using namespace zc::test;

/// As many as the environment asks for, at least so many.
static void add_seeds(int least) {
  QTest::addColumn<unsigned>("seed");
  const int first = qEnvironmentVariableIntValue("ANY_HANDS_FIRST"),
            count = std::max(least, qEnvironmentVariableIntValue("ANY_HANDS_COUNT"));
  for (int i = first; i < first + count; ++i) QTest::addRow("seed %d", i) << static_cast<unsigned>(i);
}

class AnyHandsTask : public QObject {
  Q_OBJECT
private slots:
  void whatever_is_done_can_be_undone_and_saved_data() { add_seeds(5); }
  void whatever_is_done_can_be_undone_and_saved();
  void whatever_is_done_stays_in_its_piece_data() { add_seeds(2); }
  void whatever_is_done_stays_in_its_piece();
};

/// Other pieces come at any moment: in the middle of a drag, a name being typed, a menu. What was opened is
/// what its file holds, until the hands do something to it themselves.
void AnyHandsTask::whatever_is_done_stays_in_its_piece() {
  QFETCH(unsigned, seed);
  const QTemporaryDir folder;
  // What the windows of other seeds have kept is not recovered here.
  QDir(Journal::folder()).removeRecursively();
  QStringList files;
  std::map<std::string, Piece> held;
  for (const char* name : {"one", "two", "three"}) {
    files << folder.filePath(QString("%1.zonachrom").arg(QLatin1String(name)));
    Document document = open_document(DEMO_PIECE).value();
    document.piece = with_title(document.piece, name).value();
    QVERIFY(save_document(files.back().toStdString(), document));
    held[name] = document.piece;
  }
  const auto desk = new_piece_at(static_cast<Desk>(seed % 6));
  QVERIFY(desk->documents().open(files[0]));
  desk->dialogs.set_path = QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv");
  desk->dialogs.export_path = folder.filePath("set.csv");
  Hands hands(*desk, seed);
  // Saving is left out here: a file would then hold what the hands did.
  for (const auto* name : {"save", "saveAs"})
    desk->window.findChild<QAction*>(QLatin1String(name))->setEnabled(false);
  int changes = 0;
  bool came = false;
  hands.change_pieces(files, [&came] { came = true; });
  for (int step = 0; step < 300; ++step) {
    came = false;
    hands.do_anything();
    QCoreApplication::processEvents();
    if (!came) continue;
    ++changes;
    // What was begun in the piece before comes to its end here, a drag and an editor too.
    if (QWidget* focus = QApplication::focusWidget()) focus->clearFocus();
    for (int turn = 0; turn < 4; ++turn) QCoreApplication::processEvents();
    // Pieces are told apart by their title, also where recovered work has no file.
    const auto opened = held.find(desk->piece().title);
    const Piece expected = opened == held.end() ? new_piece(desk->piece().date) : opened->second;
    const bool recovered = opened != held.end() && desk->program.documents.path().isEmpty();
    QVERIFY2(desk->piece() == expected && desk->model().store().edited() == recovered,
             qPrintable(QString("step %1, %2, %3 of %4 steps undone, last %5")
                            .arg(step)
                            .arg(QString::fromStdString(expected.title))
                            .arg(desk->model().store().stack().index())
                            .arg(desk->model().store().stack().count())
                            .arg(desk->model().store().stack().undoText())));
  }
  QVERIFY(changes > 10);
  QCOMPARE(fault_of(desk->piece()), std::string());
}

void AnyHandsTask::whatever_is_done_can_be_undone_and_saved() {
  QFETCH(unsigned, seed);
  const QTemporaryDir folder;
  // A copy of the demo, since the hands save too.
  const QString file = folder.filePath("demo.zonachrom");
  QVERIFY(QFile::copy(QStringLiteral(DEMO_PIECE), file));
  const auto desk = new_piece_at(static_cast<Desk>(seed % 6));
  QVERIFY(desk->documents().open(file));
  desk->dialogs.save_path = folder.filePath("piece.zonachrom");
  desk->dialogs.set_path = QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv");
  desk->dialogs.export_path = folder.filePath("set.csv");
  const Piece start = desk->piece();
  Hands hands(*desk, seed);
  QUndoStack& stack = desk->model().store().stack();
  const DocumentId document = desk->model().store().document();
  int most = 0;
  for (int step = 0; step < 250; ++step) {
    hands.do_anything();
    QCoreApplication::processEvents();
    most = std::max(most, stack.count());
  }
  const Piece end = desk->piece();
  const std::string fault = fault_of(end);
  QVERIFY2(fault.empty(), fault.c_str());
  const int steps = stack.index();
  while (stack.canUndo()) stack.undo();
  QCOMPARE(desk->model().store().document(), document);
  const Parts left = change_between(desk->piece(), start);
  QVERIFY2(desk->piece() == start, qPrintable(QString("%1 steps undone leave words %2, geometry %3, "
                                                      "references %4, sets %5")
                                                  .arg(steps)
                                                  .arg(left.has(Part::Words))
                                                  .arg(left.has(Part::Geometry))
                                                  .arg(left.has(Part::References))
                                                  .arg(left.has(Part::Sets))));
  while (stack.index() < steps) stack.redo();
  QCOMPARE(desk->piece(), end);
  const auto packed = pack_document({end, {}});
  QVERIFY(packed);
  const auto back = unpack_document(*packed);
  QVERIFY2(back, back ? "" : back.error().sentence().c_str());
  QCOMPARE(back->piece, end);
  QVERIFY(most > 0);
}

DESK_TEST_MAIN(AnyHandsTask)
#include "any_hands_task_test.moc"
