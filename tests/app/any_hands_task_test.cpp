// SPDX-License-Identifier: GPL-3.0-or-later
// Hands that press, drag, turn and type anywhere at every desk: nothing they do brings the window down, every
// change can be undone and done again, and what is left can be saved and comes back.
#include "app/store/set_work.h"
#include "desk.h"
#include "io/container/piece_file.h"
#include "support/whole.h"

#include <QApplication>
#include <QMenu>
#include <QPointer>
#include <QTimer>

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

class Hands {
public:
  Hands(DeskTop& desk, unsigned seed) : m_desk(desk), m_random(seed) {
    // A menu waits for its answer.
    QObject::connect(&m_answer, &QTimer::timeout, [this] { answer_popup(); });
    m_answer.start(5);
    // Neither by a command nor through a menu: another piece has another history.
    for (auto* action : desk.window.findChildren<QAction*>())
      for (const auto* begins : {"New piece", "Open", "Quit", "About"})
        if (action->text().remove(QLatin1Char('&')).startsWith(QLatin1String(begins)))
          action->setEnabled(false);
  }

  void do_anything() {
    const int what = below(100);
    if (what < 30) return use_mouse();
    if (what < 48) return use_wheel_or_double_click();
    if (what < 80) return use_key();
    if (what < 97) return use_command();
    m_desk.window.resize(1024 + below(400), 700 + below(200));
  }

private:
  int below(int n) { return static_cast<int>(m_random() % static_cast<unsigned>(n)); }
  QPointF anywhere() {
    return m_desk.window.mapToGlobal(
        QPointF(below(m_desk.window.width() - 2) + 1, below(m_desk.window.height() - 2) + 1));
  }
  /// The part of the window at a place, which becomes a place of that part.
  QWidget* under(QPointF& at) {
    QWidget* part = m_desk.window.childAt(m_desk.window.mapFromGlobal(at).toPoint());
    if (!part) part = &m_desk.window;
    at = part->mapFromGlobal(at);
    return part;
  }
  Qt::KeyboardModifiers modifiers() {
    const Qt::KeyboardModifiers some[] = {Qt::NoModifier,    Qt::NoModifier,      Qt::NoModifier,
                                          Qt::ShiftModifier, Qt::ControlModifier, Qt::AltModifier};
    return some[below(6)];
  }
  void use_mouse() {
    QPointF at = anywhere();
    QPointer<QWidget> part = under(at);
    if (below(8) == 0) {
      QContextMenuEvent event(QContextMenuEvent::Mouse, at.toPoint(), part->mapToGlobal(at.toPoint()));
      QCoreApplication::sendEvent(part, &event);
      return;
    }
    press(*part, at, modifiers());
    for (int moves = below(2) * below(12); moves > 0 && part; --moves) {
      at += QPointF(below(121) - 60, below(121) - 60);
      // Beyond the window a drag is the desktop's.
      const QPointF in_window = part->mapTo(&m_desk.window, at);
      if (m_desk.window.rect().contains(in_window.toPoint())) move(*part, at);
      if (below(6) == 0) use_key();
    }
    if (part) release(*part, at);
  }
  void use_wheel_or_double_click() {
    QPointF at = anywhere();
    QWidget* part = under(at);
    if (below(2) == 0) return double_click(*part, at);
    turn_wheel(*part, at, below(7) - 3, modifiers());
  }
  void use_key() {
    const Qt::Key keys[] = {Qt::Key_Left,   Qt::Key_Right,     Qt::Key_Up,    Qt::Key_Down,   Qt::Key_Return,
                            Qt::Key_Escape, Qt::Key_F2,        Qt::Key_Tab,   Qt::Key_Home,   Qt::Key_End,
                            Qt::Key_Delete, Qt::Key_Backspace, Qt::Key_Space, Qt::Key_PageUp, Qt::Key_1,
                            Qt::Key_5,      Qt::Key_9,         Qt::Key_Minus, Qt::Key_A,      Qt::Key_M,
                            Qt::Key_X};
    QWidget* target = QApplication::focusWidget();
    if (!target) target = &m_desk.window;
    QTest::keyClick(target, keys[below(static_cast<int>(std::size(keys)))], modifiers());
  }
  void use_command() {
    QList<QAction*> commands;
    for (auto* action : m_desk.window.findChildren<QAction*>())
      if (!action->menu() && action->isEnabled() && !action->text().isEmpty()) commands << action;
    commands[below(static_cast<int>(commands.size()))]->trigger();
  }
  void answer_popup() {
    QWidget* popup = QApplication::activePopupWidget();
    if (!popup) return;
    for (int downs = below(4); downs > 0; --downs) QTest::keyClick(popup, Qt::Key_Down);
    QTest::keyClick(popup, below(3) == 0 ? Qt::Key_Escape : Qt::Key_Return);
    if (QApplication::activePopupWidget() == popup) popup->close();
  }

  DeskTop& m_desk;
  std::mt19937 m_random;
  QTimer m_answer;
};

} // namespace

class AnyHandsTask : public QObject {
  Q_OBJECT
private slots:
  void whatever_is_done_can_be_undone_and_saved_data();
  void whatever_is_done_can_be_undone_and_saved();
};

void AnyHandsTask::whatever_is_done_can_be_undone_and_saved_data() {
  QTest::addColumn<unsigned>("seed");
  const int first = qEnvironmentVariableIntValue("ANY_HANDS_FIRST"),
            count = std::max(5, qEnvironmentVariableIntValue("ANY_HANDS_COUNT"));
  for (int i = first; i < first + count; ++i) QTest::addRow("seed %d", i) << static_cast<unsigned>(i);
}

void AnyHandsTask::whatever_is_done_can_be_undone_and_saved() {
  QFETCH(unsigned, seed);
  const QTemporaryDir folder;
  // A copy of the demo, since the hands save too.
  const QString file = folder.filePath("demo.zonachrom");
  QVERIFY(QFile::copy(QStringLiteral(DEMO_PIECE), file));
  const auto desk = new_piece_at(static_cast<Desk>(seed % 4));
  QVERIFY(desk->window.documents().open(file));
  desk->dialogs.save_path = folder.filePath("piece.zonachrom");
  desk->dialogs.set_path = QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv");
  desk->dialogs.export_path = folder.filePath("set.csv");
  const Piece start = desk->piece();
  Hands hands(*desk, seed);
  QUndoStack& stack = desk->space().store().stack();
  const DocumentId document = desk->space().store().document();
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
  QCOMPARE(desk->space().store().document(), document);
  const PieceChange left = change_between(desk->piece(), start);
  QVERIFY2(desk->piece() == start, qPrintable(QString("%1 steps undone leave words %2, geometry %3, "
                                                      "references %4, sets %5")
                                                  .arg(steps)
                                                  .arg(left.words)
                                                  .arg(left.geometry)
                                                  .arg(left.references)
                                                  .arg(left.sets)));
  while (stack.index() < steps) stack.redo();
  QCOMPARE(desk->piece(), end);
  const auto packed = pack_document({end, {}});
  QVERIFY(packed);
  const auto back = unpack_document(*packed);
  QVERIFY2(back, back ? "" : back.error().sentence.c_str());
  QCOMPARE(back->piece, end);
  QVERIFY(most > 0);
}

DESK_TEST_MAIN(AnyHandsTask)
#include "any_hands_task_test.moc"
