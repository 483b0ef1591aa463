// SPDX-License-Identifier: GPL-3.0-or-later
// The tasks of docs/tasks.md, played as a hand does them; each must take no more gestures than is written
// there.
#include "app/band/staff_view.h"
#include "app/band/value_axis.h"
#include "app/desks/grade/rows_view.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/piece/edits.h"
#include "core/piece/laying.h"
#include "core/wheel/color_words.h"
#include "desk.h"
#include "io/container/piece_file.h"
#include "io/shelf/press_shelf.h"
#include "model/work/set_work.h"

#include <QAbstractButton>
#include <QClipboard>
#include <QComboBox>
#include <QListWidget>

#include <map>

using namespace zc;
using namespace zc::test;

class GestureTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = demo_at(Desk::Pick);
    m_gestures = 0;
  }
  void cleanup() { m_desk.reset(); }

  void thirty_graded_colors_from_a_photo() {
    const std::size_t before = swatch_count(set());
    key(Qt::Key_1, Qt::ControlModifier);
    button("takeColors");
    QVERIFY(comes_true([this] { return !m_desk->session().extracted.colors.empty(); }));
    const std::size_t taken = m_desk->session().extracted.colors.size();
    button("acceptColors");
    key(Qt::Key_4, Qt::ControlModifier);
    QVERIFY(taken >= 30);
    QCOMPARE(swatch_count(set()), before + taken);
    QVERIFY(m_desk->part<QWidget>("staff").isVisible() && m_desk->session().desk == Desk::Grade);
    QCOMPARE(m_gestures, written("30 graded colors from a photo"));
  }

  void triad_to_a_set() {
    const std::size_t families = set().families.size();
    m_gestures += 2; // opened, chosen
    m_desk->choose("relation", Relation::Triad);
    button("layRelation");
    QCOMPARE(set().families.size(), families + 1);
    QCOMPARE(set().families.back().swatches.size(), std::size_t{3});
    QCOMPARE(m_gestures, written("triad to a set"));
    button("layRelation");
    QCOMPARE(set().families.size(), families + 2);
  }

  void re_key_a_set() {
    const Swatch before = set().families[0].swatches[2];
    const WheelPoint there = place_on(m_desk->model().wheel(), before.color, before.picked);
    key(Qt::Key_2, Qt::ControlModifier);
    button("carry");
    m_desk->trigger("turnMaskToNextHue");
    m_gestures += 2; // the menu, the command
    const Swatch after = *find_swatch(m_desk->piece(), before.id);
    CHECK_ANGLE(place_on(m_desk->model().wheel(), after.color, after.picked).a, there.a + 30, 1e-6);
    QCOMPARE(m_gestures, written("re-key a set"));
  }

  void ramp_between_two_swatches() {
    m_desk->model().viewing().show_desk(Desk::Grade);
    QCoreApplication::processEvents();
    const auto &one = set().families[1].swatches[0], &other = set().families[1].swatches[1];
    swatch_click(one.id);
    swatch_click(other.id, Qt::ControlModifier);
    key(Qt::Key_J, Qt::ControlModifier);
    QCOMPARE(set().families[1].swatches.size(), std::size_t{8});
    QCOMPARE(m_gestures, written("ramp between two swatches"));
  }

  void replace_a_swatch() {
    const Id id = set().families[2].swatches[1].id;
    swatch_click(id);
    auto& rail = m_desk->part<QWidget>("rail");
    const ValueAxis axis(rail.height());
    drag(rail, {90, axis.y_of(m_desk->session().at.at.v)}, {90, axis.y_of(41)});
    ++m_gestures;
    key(Qt::Key_R, Qt::ControlModifier);
    CHECK_NEAR(value_of(find_swatch(m_desk->piece(), id)->color), 41, 0.3);
    QCOMPARE(m_gestures, written("replace a swatch"));
  }

  void find_a_saved_color_and_copy_it() {
    const Swatch wanted = set().families[3].swatches[1]; // "high sky"
    QCOMPARE(wanted.name.size(), std::size_t{8});
    key(Qt::Key_F, Qt::ControlModifier);
    for (const char letter : wanted.name) {
      QTest::keyClick(QApplication::focusWidget(), letter);
      ++m_gestures;
    }
    key(Qt::Key_Return);
    key(Qt::Key_C, Qt::ControlModifier);
    QCOMPARE(QApplication::clipboard()->text(), QString::fromStdString(hex_of(wanted.color)));
    QCOMPARE(m_gestures, written("find a saved color and copy it"));
  }

  void rename_a_swatch() {
    m_desk->model().viewing().show_desk(Desk::Grade);
    QCoreApplication::processEvents();
    const Id id = set().families[2].swatches[1].id, selected = set().families[0].swatches[0].id;
    m_desk->model().set_work().select({selected});
    auto& staff = m_desk->part<StaffView>("staff");
    move(staff, staff.swatch_rect(id).center(), Qt::NoButton); // A hand is there anyway.
    key(Qt::Key_F2);
    for (const char letter : std::string("moss")) {
      QTest::keyClick(QApplication::focusWidget(), letter);
      ++m_gestures;
    }
    key(Qt::Key_Return);
    QCOMPARE(find_swatch(m_desk->piece(), id)->name, std::string("moss"));
    QCOMPARE(m_gestures, written("rename a swatch"));
    // Once keys have chosen another one the pointer says nothing any more.
    key(Qt::Key_Up, Qt::ControlModifier);
    const Id stepped = m_desk->session().selection.focus();
    QVERIFY(stepped != id);
    key(Qt::Key_F2);
    QTest::keyClick(QApplication::focusWidget(), 'x');
    key(Qt::Key_Return);
    QCOMPARE(find_swatch(m_desk->piece(), stepped)->name, std::string("x"));
  }

  void shift_a_range_of_swatches() {
    m_desk->model().viewing().show_desk(Desk::Grade);
    QCoreApplication::processEvents();
    auto& staff = m_desk->part<StaffView>("staff");
    const Piece before = m_desk->piece();
    const auto& family = set().families[2].swatches;
    std::vector<Id> range{family[1].id, family[2].id, family[3].id};
    const QRectF first = staff.swatch_rect(range[0]), last = staff.swatch_rect(range[2]);
    drag(staff, {first.left() - 6, first.top() - 3}, {last.right() + 6, last.bottom() + 3});
    ++m_gestures;
    QCOMPARE(m_desk->model().set_work().selection(), range);
    const QRectF chip = staff.swatch_rect(m_desk->session().selection.focus());
    const ValueAxis axis(staff.height());
    const QPointF grip(chip.right() + 11, chip.center().y());
    drag(staff, grip, {grip.x(), grip.y() + axis.y_of(46) - axis.y_of(40)});
    ++m_gestures;
    for (const Id id : range)
      CHECK_NEAR(value_of(find_swatch(m_desk->piece(), id)->color),
                 value_of(find_swatch(before, id)->color) + 6, 0.3);
    QCOMPARE(m_gestures, written("shift a range of swatches"));
    m_desk->trigger("undo");
    QCOMPARE(m_desk->piece(), before);
  }

  void share_a_parcel() {
    m_desk->dialogs.export_path = m_desk->demo_folder.filePath("row.zonaparcel");
    key(Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
    m_desk->wait_for_files();
    QVERIFY(QFile::exists(m_desk->dialogs.export_path));
    QCOMPARE(m_gestures, written("share a parcel"));
  }

  void fill_a_chosen_place() {
    key(Qt::Key_4, Qt::ControlModifier);
    m_desk->choose("setView", SetView::Rows);
    ++m_gestures;
    QCoreApplication::processEvents();
    const std::size_t before = swatch_count(set());
    auto& rows = m_desk->part<RowsView>("rows");
    const int free = next_place(set().families[1]);
    click(*rows.viewport(), rows.place_rect(1, free).center());
    ++m_gestures;
    QCOMPARE(swatch_count(set()), before + 1);
    QCOMPARE(set().families[1].swatches.back().place, free);
    QCOMPARE(set().families[1].swatches.back().color, m_desk->session().color());
    QCOMPARE(m_gestures, written("fill a chosen place"));
  }

  void take_the_printable_color() {
    Sharing sharing = m_desk->session().sharing;
    sharing.press = shipped_press().string(); // Chosen once, whatever the piece.
    m_desk->model().viewing().share(sharing);
    m_desk->model().picking().use_color({0, 0, 1});
    button("usePrintable");
    QVERIFY(m_desk->model().press().chosen()->prints(m_desk->session().color()));
    QCOMPARE(m_gestures, written("take the printable color"));
  }

  void rows_for_three_hues() {
    const std::size_t families = set().families.size();
    m_desk->choose("relation", Relation::Triad);
    m_gestures += 2; // opened, chosen
    m_desk->trigger("addLadder");
    m_gestures += 2; // the menu, the command
    QCOMPARE(set().families.size(), families + 3);
    QCOMPARE(m_gestures, written("rows for three hues"));
  }

  void find_a_color_of_another_piece() {
    Piece other = new_piece("");
    other.title = "Other";
    other = *with_color_laid_as(std::move(other), {{0.2, 0.5, 0.4}, {}}, "patina", "copper");
    const QString file = m_desk->demo_folder.filePath("other.zonachrom");
    QVERIFY(save_document(file.toStdString(), {other, {}}));
    for (const QString& opened : {file, QStringLiteral(DEMO_PIECE)}) {
      m_desk->program.documents.open(opened, [](bool) {});
      m_desk->wait_for_files();
    }
    QVERIFY(m_desk->piece().title != "Other");
    m_desk->model().picking().use_color({0.21, 0.5, 0.4});
    key(Qt::Key_F, Qt::ControlModifier | Qt::ShiftModifier);
    button("findCurrent");
    auto& list = m_desk->part<QListWidget>("foundList");
    QVERIFY(comes_true([&] { return list.count() == 1; }));
    QVERIFY2(list.item(0)->text().startsWith("patina, in "), qPrintable(list.item(0)->text()));
    key(Qt::Key_Return);
    m_desk->wait_for_files();
    QCOMPARE(m_desk->piece().title, std::string("Other"));
    QCOMPARE(find_swatch(m_desk->piece(), m_desk->session().selection.focus())->name, std::string("patina"));
    QVERIFY(!list.isVisible() && m_desk->session().desk == Desk::Grade);
    QCOMPARE(m_gestures, written("find a color of another piece"));
  }

private:
  [[nodiscard]] const SwatchSet& set() { return *current_set(m_desk->piece()); }
  void key(Qt::Key which, Qt::KeyboardModifiers modifiers = {}) {
    QTest::keyClick(QApplication::focusWidget(), which, modifiers);
    QCoreApplication::processEvents();
    ++m_gestures;
  }
  void button(const char* name) {
    auto& pressed = m_desk->part<QAbstractButton>(name);
    if (!pressed.isVisible() || !pressed.isEnabled()) qFatal("%s cannot be pressed", name);
    QTest::mouseClick(&pressed, Qt::LeftButton);
    QCoreApplication::processEvents();
    ++m_gestures;
  }
  void swatch_click(Id swatch, Qt::KeyboardModifiers modifiers = {}) {
    auto& staff = m_desk->part<StaffView>("staff");
    click(staff, staff.swatch_rect(swatch).center(), modifiers);
    ++m_gestures;
  }
  /// What the table says the task takes now; it was no less before.
  [[nodiscard]] static int written(const QString& task) {
    QFile file(QStringLiteral(DOCS_FOLDER "/tasks.md"));
    if (!file.open(QIODevice::ReadOnly)) qFatal("docs/tasks.md is missing");
    for (const QString& line : QString::fromUtf8(file.readAll()).split('\n')) {
      const QStringList cells = line.split('|');
      if (cells.size() < 5 || cells[1].trimmed() != task) continue;
      if (cells[3].toInt() > cells[2].toInt()) qFatal("%s takes more than before", qPrintable(task));
      return cells[3].toInt();
    }
    qFatal("docs/tasks.md lacks %s", qPrintable(task));
  }
  std::unique_ptr<DeskTop> m_desk;
  int m_gestures = 0;
};

DESK_TEST_MAIN(GestureTask)
#include "gesture_task_test.moc"
