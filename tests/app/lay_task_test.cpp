// SPDX-License-Identifier: GPL-3.0-or-later
// Laying colors on the staff and keeping it in order.
#include "app/band/staff_view.h"
#include "core/color/convert.h"
#include "core/grading/grading.h"
#include "core/piece/edits.h"
#include "desk.h"

#include <QClipboard>
#include <QLineEdit>
#include <QScrollBar>

using namespace zc;
using namespace zc::test;

class LayTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = new_piece_at(Desk::Pick); }
  void cleanup() { m_desk.reset(); }

  void the_first_color_makes_the_first_family();
  void a_click_on_the_slot_lays_there();
  void swatches_stand_at_their_value();
  void a_click_takes_up_exactly();
  void drags_move_between_families();
  void names_are_edited_in_place();
  void deleting_and_undo_name_themselves();
  void an_edit_may_follow_from_an_undo();
  void counts_follow_the_bands();
  void hundreds_of_swatches_and_long_names();
  void everything_goes_by_keyboard();
  void copies_and_pastes_hex();

private:
  StaffView& staff() { return m_desk->part<StaffView>("staff"); }
  const List<Family>& families() { return current_set(m_desk->piece())->families; }
  void type_name(const QString& name) {
    auto& editor = m_desk->part<QLineEdit>("nameEditor");
    QVERIFY(editor.isVisible());
    editor.selectAll();
    QTest::keyClicks(&editor, name);
    QTest::keyClick(&editor, Qt::Key_Return);
    QVERIFY(!editor.isVisible());
  }
  void lay(double a, double r, double v) {
    m_desk->model().picking().use_color(*m_desk->model().wheel().color_at({a, r, v}),
                                        WheelPlace{{a, r, v}, m_desk->piece().wheel});
    m_desk->model().laying().lay_current();
  }
  static Swatch at_place(Swatch s, int place) {
    s.place = place;
    return s;
  }
  std::unique_ptr<DeskTop> m_desk;
};

void LayTask::the_first_color_makes_the_first_family() {
  m_desk->part<QAbstractButton>("lay").click();
  QCOMPARE(families().size(), std::size_t{1});
  QCOMPARE(families()[0].swatches.size(), std::size_t{1});
  QCOMPARE(families()[0].swatches[0].color, m_desk->session().color());
  m_desk->trigger("addCurrentColorToSet");
  QCOMPARE(families()[0].swatches.size(), std::size_t{2});
}

void LayTask::a_click_on_the_slot_lays_there() {
  QVERIFY(m_desk->open_demo());
  m_desk->model().picking().use_color({0.2, 0.3, 0.9});
  const std::size_t before = families()[3].swatches.size();
  move(staff(), staff().slot_rect(3).center(), Qt::NoButton);
  click(staff(), staff().slot_rect(3).center());
  QCOMPARE(families()[3].swatches.size(), before + 1);
  QCOMPARE(families()[3].swatches.back().color, (Srgb{0.2, 0.3, 0.9}));
  QCOMPARE(m_desk->session().selection.focus(), families()[3].swatches.back().id);
}

void LayTask::swatches_stand_at_their_value() {
  lay(30, 0.8, 70);
  lay(200, 0.5, 20);
  const ValueAxis axis(staff().height());
  for (const auto& s : families()[0].swatches) {
    const QRectF r = staff().swatch_rect(s.id);
    CHECK_NEAR(r.center().y(), axis.y_of(value_of(s.color)), 1e-9);
    const QColor c = seen(staff(), r.center() + QPointF(r.width() / 2 - 4, r.height() / 2 - 4));
    QVERIFY(largest_step({c.redF(), c.greenF(), c.blueF()}, s.color) < 1.0 / 255);
  }
}

void LayTask::a_click_takes_up_exactly() {
  lay(30, 0.8, 70);
  const Swatch s = families()[0].swatches[0];
  m_desk->model().picking().use_color({0.1, 0.1, 0.1});
  click(staff(), staff().swatch_rect(s.id).center());
  QCOMPARE(m_desk->session().color(), s.color);
  QCOMPARE(m_desk->session().at, *s.picked);
}

void LayTask::drags_move_between_families() {
  QVERIFY(m_desk->open_demo());
  const Swatch s = families()[0].swatches[4];
  const Piece before = m_desk->piece();
  drag(staff(), staff().swatch_rect(s.id).center(), staff().column_rect(2).center());
  QCOMPARE(families()[0].swatches.size(), std::size_t{4});
  QCOMPARE(families()[2].swatches.back(), at_place(s, 5));
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece(), before);
  const Id first = families()[0].id;
  drag(staff(), staff().name_rect(0).center(), staff().name_rect(3).center() + QPointF(20, 0));
  QCOMPARE(families()[3].id, first);
  // Dropped outside any column nothing moves.
  const Piece now = m_desk->piece();
  drag(staff(), staff().swatch_rect(s.id).center(), {-50, 200});
  QCOMPARE(m_desk->piece(), now);
}

void LayTask::names_are_edited_in_place() {
  QVERIFY(m_desk->open_demo());
  double_click(staff(), staff().name_rect(1).center());
  type_name("kettles");
  QCOMPARE(families()[1].name, std::string("kettles"));
  const Id swatch = families()[1].swatches[0].id;
  m_desk->model().laying().select_swatch(swatch);
  QTest::keyClick(&staff(), Qt::Key_F2);
  const Srgb held = m_desk->session().color();
  type_name("rim toward the lamp");
  QCOMPARE(m_desk->session().color(), held);
  QCOMPARE(find_swatch(m_desk->piece(), swatch)->name, std::string("rim toward the lamp"));
  // A taken name is refused in words and changes nothing; Escape leaves.
  double_click(staff(), staff().name_rect(2).center());
  type_name("dusk");
  QCOMPARE(families()[2].name, std::string("slate"));
  QVERIFY2(m_desk->notice().contains("\"dusk\" already"), qPrintable(m_desk->notice()));
  double_click(staff(), staff().name_rect(2).center());
  auto& editor = m_desk->part<QLineEdit>("nameEditor");
  QTest::keyClicks(&editor, "half typed");
  QTest::keyClick(&editor, Qt::Key_Escape);
  QVERIFY(!editor.isVisible());
  QCOMPARE(families()[2].name, std::string("slate"));
}

void LayTask::deleting_and_undo_name_themselves() {
  lay(30, 0.8, 70);
  const Piece laid = m_desk->piece();
  m_desk->model().laying().select_swatch(families()[0].swatches[0].id);
  staff().setFocus();
  QTest::keyClick(&staff(), Qt::Key_Delete);
  QVERIFY(families()[0].swatches.empty());
  QCOMPARE(m_desk->session().selection.focus(), Id{0});
  auto* undo = m_desk->window.findChild<QAction*>("undo");
  QCOMPARE(undo->text(), QStringLiteral("Undo Delete swatch"));
  undo->trigger();
  QCOMPARE(m_desk->piece(), laid);
  QVERIFY(undo->text().contains("Add swatch"));
}

/// As when a field that has to close gives its text while the window learns of an undo or redo.
void LayTask::an_edit_may_follow_from_an_undo() {
  PieceStore& store = m_desk->model().store();
  const auto title = [&](const char* words) {
    store.apply(words, [=](Piece p) { return with_title(std::move(p), words); });
  };
  const char* follows = nullptr;
  connect(&store, &PieceStore::changed, this, [&] {
    if (follows) title(std::exchange(follows, nullptr));
  });
  title("one");
  title("two");
  follows = "typed meanwhile";
  store.stack().undo();
  QCOMPARE(m_desk->piece().title, std::string("typed meanwhile"));
  QCOMPARE(store.stack().count(), 2);
  store.stack().undo();
  QCOMPARE(m_desk->piece().title, std::string("one"));
  follows = "typed again";
  store.stack().redo();
  QCOMPARE(m_desk->piece().title, std::string("typed again"));
  for (const char* before : {"typed meanwhile", "one"}) {
    store.stack().undo();
    QCOMPARE(m_desk->piece().title, std::string(before));
  }
  QCOMPARE(store.stack().count(), 3);
  QVERIFY(store.stack().canUndo());
}

void LayTask::counts_follow_the_bands() {
  for (const double v : {10.0, 20.0, 50.0, 80.0}) lay(0, 0.3, v);
  QCOMPARE(band_counts(*current_set(m_desk->piece()), m_desk->piece().bands), (BandCounts{2, 1, 1}));
}

void LayTask::hundreds_of_swatches_and_long_names() {
  m_desk->model().store().apply("many", [](Piece p) -> Result<Piece> {
    for (int f = 0; f < 30; ++f) {
      p = *with_family(p, "a family with quite a long name, number " + std::to_string(f));
      for (int i = 0; i < 20; ++i)
        p = *with_swatch(p, current_set(p)->families.back().id, {neutral_of_value(i * 5), std::nullopt},
                         "grey");
    }
    return p;
  });
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), std::size_t{600});
  auto* scroll = staff().findChild<QScrollBar*>();
  QVERIFY(scroll->isVisible());
  scroll->setValue(scroll->maximum());
  QVERIFY(staff().column_rect(29).right() <= staff().width());
  const Swatch last = families()[29].swatches[10];
  click(staff(), staff().swatch_rect(last.id).center());
  QCOMPARE(m_desk->session().selection.focus(), last.id);
}

void LayTask::everything_goes_by_keyboard() {
  QVERIFY(m_desk->open_demo());
  staff().setFocus();
  QTest::keyClick(&staff(), Qt::Key_Right);
  QCOMPARE(m_desk->session().family, families()[1].id);
  QTest::keyClick(&staff(), Qt::Key_Up, Qt::ControlModifier);
  QTest::keyClick(&staff(), Qt::Key_Up, Qt::ControlModifier);
  // The second darkest of the coppers.
  const Swatch swatch = families()[1].swatches[3];
  QCOMPARE(m_desk->session().selection.focus(), swatch.id);
  QTest::keyClick(&staff(), Qt::Key_Return);
  QCOMPARE(m_desk->session().color(), swatch.color);
  QTest::keyClick(&staff(), Qt::Key_Right, Qt::ControlModifier);
  QCOMPARE(families()[2].swatches.back(), at_place(swatch, 5));
  QCOMPARE(m_desk->session().family, families()[2].id);
  for (int i = 0; i < 9; ++i) QTest::keyClick(&staff(), Qt::Key_Right);
  QCOMPARE(m_desk->session().family, families()[3].id);
  QTest::keyClick(&staff(), Qt::Key_Delete);
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), std::size_t{19});
}

void LayTask::copies_and_pastes_hex() {
  m_desk->model().picking().use_color(srgb_from_8bit({0xce, 0x85, 0x4e}));
  m_desk->part<QAbstractButton>("copyHex").click();
  QCOMPARE(QApplication::clipboard()->text(), QStringLiteral("#ce854e"));
  QApplication::clipboard()->setText(" #102030 ");
  m_desk->trigger("paste");
  QCOMPARE(rounded_8bit(m_desk->session().color()), (Srgb8{0x10, 0x20, 0x30}));
  QApplication::clipboard()->setText("a shopping list");
  m_desk->trigger("paste");
  QVERIFY(m_desk->notice().contains("\"a shopping list\" is not a color"));
}

DESK_TEST_MAIN(LayTask)
#include "lay_task_test.moc"
