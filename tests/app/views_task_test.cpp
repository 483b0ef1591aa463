// SPDX-License-Identifier: GPL-3.0-or-later
// The views of a set at Grade: what rows, list and versions show of a swatch, what is typed into them, and
// what stands on the small wheel.
#include "app/band/staff_view.h"
#include "app/desks/grade/rows_view.h"
#include "app/desks/grade/set_wheel.h"
#include "app/desks/grade/versions_view.h"
#include "app/paint/paint.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/grading/grading.h"
#include "core/piece/set_edits.h"
#include "desk.h"
#include "model/work/set_work.h"

#include <QAbstractButton>
#include <QListWidget>
#include <QTableView>

using namespace zc;
using namespace zc::test;

class ViewsTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = demo_at(Desk::Grade); }
  void cleanup() { m_desk.reset(); }

  void rows_mark_what_is_locked_used_and_held();
  void the_list_takes_colors_and_values_or_says_why_not();
  void the_list_is_filtered_while_a_change_is_tried();
  void versions_are_chosen_for_comparison();
  void the_small_wheel_shows_what_can_be_mixed();
  void another_piece_begins_with_nothing_selected();
  void views_share_one_selection();
  void no_swatch_hides_another_on_the_staff();

private:
  RowsView& rows() { return m_desk->part<RowsView>("rows"); }
  SetWork& work() { return m_desk->model().set_work(); }
  const SwatchSet& set() { return *current_set(m_desk->piece()); }
  const Swatch& swatch(std::size_t family, std::size_t i) { return set().families[family].swatches[i]; }
  void press_button(const char* name) { m_desk->part<QAbstractButton>(name).click(); }
  std::unique_ptr<DeskTop> m_desk;
};

void ViewsTask::rows_mark_what_is_locked_used_and_held() {
  m_desk->choose("setView", SetView::Rows);
  const Id id = swatch(0, 1).id;
  const QRectF chip = rows().swatch_rect(id);
  const auto at = [&](QPointF p) { return seen(*rows().viewport(), p).rgb(); };
  const QPointF lock = chip.topLeft() + QPointF(5, 5), tick = chip.bottomRight() + QPointF(-8, -4),
                dot = QPointF(chip.right() - 6, chip.top() + 6);
  const QRgb plain = at(chip.center());
  for (const QPointF& p : {lock, tick, dot}) QCOMPARE(at(p), plain);
  m_desk->model().laying().select_swatch(id);
  m_desk->trigger("markSwatchesUsedOrUnused");
  QVERIFY(at(tick) != plain);
  QCOMPARE(at(lock), plain);
  // Twice its saturation does not exist, so it is held; nothing of that is in the piece yet.
  Adjustment more;
  more.saturation = 4;
  work().try_out(more);
  QVERIFY(work().preview().at(id).reduced);
  QVERIFY(at(dot) != at(chip.center()));
  work().try_out({});
  QCOMPARE(at(dot), plain);
  m_desk->trigger("lockOrUnlockSwatches");
  QVERIFY(at(lock) != plain);
  // Locked, it is not tried out at all.
  work().try_out(more);
  QCOMPARE(at(chip.center()), plain);
}

void ViewsTask::the_list_takes_colors_and_values_or_says_why_not() {
  m_desk->choose("setView", SetView::List);
  auto& table = m_desk->part<QTableView>("list");
  const auto type_at = [&](int column, const QString& words) {
    const QModelIndex cell = table.model()->index(0, column);
    table.setCurrentIndex(cell);
    table.edit(cell);
    auto* editor = table.viewport()->findChild<QLineEdit*>();
    QVERIFY(editor);
    type_into(*editor, words);
    QCoreApplication::processEvents();
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  };
  const Id id = swatch(0, 0).id;
  // Its color stands before its name as it is, also in a chosen row.
  table.selectRow(0);
  const QPoint chip = table.visualRect(table.model()->index(0, 0)).topLeft() + QPoint(11, 14);
  QCOMPARE(seen(*table.viewport(), chip), shown_color(swatch(0, 0).color, ColorVision::Normal));
  type_at(1, "#a0522d");
  QCOMPARE(hex_of(find_swatch(m_desk->piece(), id)->color), std::string("#a0522d"));
  type_at(1, "#a0522");
  QCOMPARE(hex_of(find_swatch(m_desk->piece(), id)->color), std::string("#a0522d"));
  QVERIFY(m_desk->notice().contains("#a0522"));
  // Value moves at its hue on the wheel, exactly.
  const WheelPoint before = m_desk->model().wheel().locate(find_swatch(m_desk->piece(), id)->color);
  type_at(2, "55");
  CHECK_NEAR(value_of(find_swatch(m_desk->piece(), id)->color), 55, 1e-6);
  CHECK_ANGLE(m_desk->model().wheel().locate(find_swatch(m_desk->piece(), id)->color).a, before.a, 1e-3);
  type_at(2, "155");
  CHECK_NEAR(value_of(find_swatch(m_desk->piece(), id)->color), 55, 1e-6);
  QVERIFY(m_desk->notice().contains("from 0 to 100"));
  m_desk->trigger("undo");
  m_desk->trigger("undo");
  QVERIFY(hex_of(find_swatch(m_desk->piece(), id)->color) != "#a0522d");
}

/// What is hidden is not selected any more, and so not changed.
void ViewsTask::the_list_is_filtered_while_a_change_is_tried() {
  m_desk->choose("setView", SetView::List);
  auto& table = m_desk->part<QTableView>("list");
  auto& filter = m_desk->part<QLineEdit>("find");
  SetWork& work = m_desk->model().set_work();
  Adjustment darker;
  darker.value = -5;
  for (const char* letters : {"ar", "o", "sh", "e"}) {
    filter.clear();
    table.selectAll();
    work.try_out(darker);
    QTest::keyClicks(&filter, letters);
    const auto left = static_cast<std::size_t>(table.model()->rowCount());
    QVERIFY(left < swatch_count(*current_set(m_desk->piece())));
    QCOMPARE(work.selection().size(), left);
    QCOMPARE(work.preview().size(), left > 0 ? left : swatch_count(*current_set(m_desk->piece())));
  }
}

void ViewsTask::versions_are_chosen_for_comparison() {
  QVERIFY(m_desk->open_demo_without_versions());
  press_button("page.sets");
  for (const char* name : {"noon", "dusk", "night"}) type_into(m_desk->part<QLineEdit>("versionName"), name);
  m_desk->choose("setView", SetView::Versions);
  auto& versions = m_desk->part<VersionsView>("versions");
  auto& list = m_desk->part<QListWidget>("versionList");
  const Id noon = set().versions[0].id, dusk = set().versions[1].id, night = set().versions[2].id;
  const double four = versions.panel_rect(noon).width();
  const Piece before = m_desk->piece();
  list.setFocus();
  list.setCurrentRow(1);
  QTest::keyClick(&list, Qt::Key_Space);
  QVERIFY(versions.panel_rect(dusk).isEmpty());
  QVERIFY(versions.panel_rect(noon).width() > four + 20);
  QVERIFY(versions.panel_rect(noon).right() < versions.panel_rect(night).left());
  // A choice of what to look at is no change of the piece, and stays through one.
  QCOMPARE(m_desk->piece(), before);
  m_desk->model().store().apply("Rename",
                                [&](Piece p) { return with_version_named(std::move(p), night, "late"); });
  QVERIFY(versions.panel_rect(dusk).isEmpty());
  QCOMPARE(list.item(1)->checkState(), Qt::Unchecked);
  // By keys through those that are there.
  versions.setFocus();
  for (int i = 0; i < 2; ++i) QTest::keyClick(&versions, Qt::Key_Right);
  QCOMPARE(versions.chosen(), night);
  QTest::keyClick(&list, Qt::Key_Space);
  QVERIFY(!versions.panel_rect(dusk).isEmpty());
  // Where the chosen one is left out, keys begin again at the set as it is.
  list.setCurrentRow(2);
  QTest::keyClick(&list, Qt::Key_Space);
  QTest::keyClick(&versions, Qt::Key_Right);
  QCOMPARE(versions.chosen(), noon);
}

void ViewsTask::the_small_wheel_shows_what_can_be_mixed() {
  press_button("page.change");
  auto& wheel = m_desk->part<SetWheel>("setWheel");
  // Three of one value, so that what they mix to is a triangle with the wheel's middle well inside.
  const QImage demo = wheel.grab().toImage();
  m_desk->model().store().apply("Three", [](Piece p) {
    auto made = with_family(*with_set(std::move(p), "Three"), "three");
    const Id family = current_set(*made)->families[0].id;
    for (const Srgb c : {Srgb{0.9, 0.3, 0.3}, Srgb{0.2, 0.7, 0.3}, Srgb{0.3, 0.4, 0.95}})
      made = with_swatch(std::move(made).value(), family, {c, {}}, "corner");
    return made;
  });
  std::vector<Srgb> colors;
  for (const auto& s : set().families[0].swatches) colors.push_back(s.color);
  const auto reach = mixing_reach(colors, m_desk->model().wheel());
  const QImage shown = wheel.grab().toImage();
  QVERIFY(shown != demo);
  // The dotted line is where the core says, more often than not between its dots too.
  int hit = 0;
  for (const DiscPoint& p : reach) {
    const QPoint at = wheel.at(p).toPoint();
    bool dark = false;
    for (int dy = -2; dy <= 2; ++dy)
      for (int dx = -2; dx <= 2; ++dx) {
        const QColor c = shown.pixelColor(at + QPoint(dx, dy));
        const QColor ground = theme().field;
        dark = dark || std::abs(c.lightness() - ground.lightness()) > 60;
      }
    hit += dark;
  }
  QVERIFY2(hit > static_cast<int>(reach.size()) * 9 / 10,
           qPrintable(QStringLiteral("%1 of %2").arg(hit).arg(reach.size())));
  // Well inside there is nothing but ground.
  QCOMPARE(shown.pixelColor((wheel.at({0, 0}) + QPointF(6, 6)).toPoint()).rgb(), theme().field.rgb());
}

void ViewsTask::another_piece_begins_with_nothing_selected() {
  work().select_all();
  Adjustment turn;
  turn.turn = 20;
  work().try_out(turn);
  QVERIFY(!work().preview().empty());
  QVERIFY(m_desk->documents().open(QStringLiteral(DEMO_PIECE)));
  QVERIFY(work().selection().empty() && work().preview().empty());
  QVERIFY(!work().adjustment().changes());
}

void ViewsTask::views_share_one_selection() {
  m_desk->choose("setView", SetView::Rows);
  const Id one = swatch(0, 0).id, two = swatch(2, 1).id;
  QWidget& grid = *rows().viewport();
  // A click selects and leaves the current color alone; a double click takes it up.
  const Srgb held = m_desk->session().color();
  click(grid, rows().swatch_rect(one).center());
  QCOMPARE(m_desk->session().color(), held);
  double_click(grid, rows().swatch_rect(one).center());
  QCOMPARE(m_desk->session().color(), swatch(0, 0).color);
  click(grid, rows().swatch_rect(two).center(), Qt::ControlModifier);
  QCOMPARE(work().selection(), (std::vector<Id>{one, two}));
  // A further click with Ctrl takes it out again; the color taken up stays.
  click(grid, rows().swatch_rect(two).center(), Qt::ControlModifier);
  QCOMPARE(work().selection(), std::vector<Id>{one});
  click(grid, rows().swatch_rect(two).center(), Qt::ShiftModifier);
  QVERIFY(work().selection().size() > 4);
  m_desk->choose("setView", SetView::List);
  QCOMPARE(m_desk->part<QTableView>("list").selectionModel()->selectedRows().size(),
           static_cast<qsizetype>(work().selection().size()));
  m_desk->choose("setView", SetView::Rows);
  QTest::keyClick(&rows(), Qt::Key_Escape);
  QVERIFY(work().selection().empty());
  m_desk->model().laying().select_swatch(two);
  QTest::keyClick(&rows(), Qt::Key_Return);
  QCOMPARE(m_desk->session().color(), swatch(2, 1).color);
  QTest::keyClick(&rows(), Qt::Key_F2);
  type_into(m_desk->part<QLineEdit>("rowNameEditor"), "copper edge");
  QCOMPARE(find_swatch(m_desk->piece(), two)->name, std::string("copper edge"));
  QTest::keyClick(&rows(), Qt::Key_Delete);
  QVERIFY(!find_swatch(m_desk->piece(), two));
  // Where there is nothing yet, the current color begins it.
  QVERIFY(m_desk->model().store().apply("set", [](Piece p) { return with_set(std::move(p), "none"); }));
  QVERIFY(m_desk->part<QWidget>("addFirstInRows").isVisible());
  press_button("addFirstInRows");
  QCOMPARE(swatch(0, 0).color, m_desk->session().color());
  QVERIFY(!m_desk->part<QWidget>("addFirstInRows").isVisible());
}

void ViewsTask::no_swatch_hides_another_on_the_staff() {
  // Five of nearly one value in a family, and one just clear of them.
  m_desk->model().store().apply("Crowd", [](Piece p) {
    auto made = with_family(*with_set(std::move(p), "Crowd"), "crowd");
    const Id family = current_set(*made)->families[0].id;
    for (const double grey : {0.50, 0.502, 0.504, 0.506, 0.9})
      made = with_swatch(std::move(made).value(), family, {{grey, grey, grey}, {}}, "grey");
    return made;
  });
  auto& staff = m_desk->part<QWidget>("staff");
  const auto& swatches = set().families[0].swatches;
  const auto rect = [&](std::size_t i) { return static_cast<StaffView&>(staff).swatch_rect(swatches[i].id); };
  for (std::size_t i = 0; i < 5; ++i) {
    for (std::size_t j = 0; j < i; ++j) QVERIFY(!rect(i).intersects(rect(j)));
    const QColor seen_there = seen(staff, rect(i).center() + QPointF(0, 6));
    QCOMPARE((Srgb8{std::uint8_t(seen_there.red()), std::uint8_t(seen_there.green()),
                    std::uint8_t(seen_there.blue())}),
             rounded_8bit(swatches[i].color));
    click(staff, rect(i).center());
    QCOMPARE(m_desk->session().selection.focus(), swatches[i].id);
  }
  // The one that stands alone has the whole column.
  QVERIFY(rect(4).width() > 3.9 * rect(0).width());
  // Each stays at its own value.
  const ValueAxis axis(staff.height());
  for (std::size_t i = 0; i < 5; ++i)
    QVERIFY(std::abs(rect(i).center().y() - axis.y_of(value_of(swatches[i].color))) < 0.01);
}

DESK_TEST_MAIN(ViewsTask)
#include "views_task_test.moc"
