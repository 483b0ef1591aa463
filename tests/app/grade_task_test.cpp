// SPDX-License-Identifier: GPL-3.0-or-later
// Building a set, by hand and by keys.
#include "app/grade/grade_task.h"

void GradeTask::a_set_is_built_from_picks_by_keyboard_alone() {
  QWidget& window = m_desk->window;
  QTest::keyClick(&window, Qt::Key_3, Qt::ControlModifier);
  QCOMPARE(m_desk->session().desk, Desk::Pick);
  auto& wheel = *QApplication::focusWidget();
  for (int i = 0; i < 3; ++i) {
    for (int k = 0; k < 4; ++k) QTest::keyClick(&wheel, Qt::Key_PageUp, Qt::ShiftModifier);
    QTest::keyClick(&wheel, Qt::Key_Right, Qt::ShiftModifier);
    m_desk->model().picking().nudge_value(10);
    QTest::keyClick(&window, Qt::Key_L, Qt::ControlModifier);
  }
  QTest::keyClick(&window, Qt::Key_4, Qt::ControlModifier);
  QCOMPARE(m_desk->session().desk, Desk::Grade);
  QCOMPARE(swatch_count(set()), std::size_t{3});
  QVERIFY(staff().hasFocus());
  QTest::keyClick(&staff(), Qt::Key_F2);
  auto& editor = m_desk->part<QLineEdit>("nameEditor");
  QTest::keyClicks(&editor, "rim light");
  QTest::keyClick(&editor, Qt::Key_Return);
  QCOMPARE(swatch(0, 2).name, std::string("rim light"));
  QTest::keyClick(&staff(), Qt::Key_D, Qt::ControlModifier);
  QCOMPARE(swatch_count(set()), std::size_t{4});
  QTest::keyClick(&staff(), Qt::Key_A, Qt::ControlModifier);
  QCOMPARE(work().selection().size(), std::size_t{4});
  QTest::keyClick(&staff(), Qt::Key_Delete);
  QCOMPARE(swatch_count(set()), std::size_t{0});
  m_desk->trigger("undo");
  QCOMPARE(swatch_count(set()), std::size_t{4});
}

void GradeTask::a_box_selects_and_a_drag_moves_between_families() {
  QVERIFY(m_desk->open_demo());
  // A box around the upper two of the first column.
  const QRectF top = staff().swatch_rect(swatch(0, 0).id), second = staff().swatch_rect(swatch(0, 1).id);
  const QRectF around = top.united(second).adjusted(-8, -8, 8, 8);
  drag(staff(), around.topLeft(), around.bottomRight());
  QCOMPARE(work().selection(), (std::vector<Id>{swatch(0, 0).id, swatch(0, 1).id}));
  const Id one = swatch(0, 0).id, two = swatch(0, 1).id;
  const std::size_t before = set().families[2].swatches.size();
  drag(staff(), second.center(), {staff().column_rect(2).center().x(), second.center().y()});
  QCOMPARE(set().families[2].swatches.size(), before + 2);
  QCOMPARE(set().families[2].swatches[before].id, one);
  QCOMPARE(set().families[2].swatches[before + 1].id, two);
  // Both are still selected, and one undo brings both back.
  QCOMPARE(work().selection().size(), std::size_t{2});
  m_desk->trigger("undo");
  QCOMPARE(swatch(0, 0).id, one);
  // Ctrl adds, Shift goes on as far as there.
  m_desk->model().laying().select_swatch(one);
  click(staff(), staff().swatch_rect(swatch(1, 0).id).center(), Qt::ControlModifier);
  QCOMPARE(work().selection().size(), std::size_t{2});
  m_desk->model().laying().select_swatch(swatch(1, 0).id);
  click(staff(), staff().swatch_rect(swatch(1, 3).id).center(), Qt::ShiftModifier);
  QCOMPARE(work().selection().size(), std::size_t{4});
  // Onto the name of another set it goes there.
  m_desk->model().store().apply("Set", [](Piece p) {
    const Id first = p.current_set;
    return with_current_set(*with_family(*with_set(std::move(p), "Second"), "all"), first);
  });
  QTest::qWait(1);
  QAbstractButton* tab = nullptr;
  for (auto* button : m_desk->window.findChildren<QAbstractButton*>("setTab"))
    if (button->property("takesSwatchesOfSet").toULongLong() == m_desk->piece().sets[1].id &&
        button->isVisible())
      tab = button;
  QVERIFY(tab);
  m_desk->model().laying().select_swatch(one);
  const QPointF target = staff().mapFrom(&m_desk->window, tab->mapTo(&m_desk->window, tab->rect().center()));
  drag(staff(), staff().swatch_rect(one).center(), target);
  QCOMPARE(m_desk->piece().sets[1].families[0].swatches.size(), std::size_t{1});
  QCOMPARE(m_desk->piece().sets[1].families[0].swatches[0].id, one);
}

void GradeTask::rows_let_in_and_wrap() {
  QVERIFY(m_desk->open_demo());
  m_desk->choose("setView", SetView::Rows);
  const auto ids = [this](std::size_t family) {
    std::vector<Id> out;
    for (const auto& s : set().families[family].swatches) out.push_back(s.id);
    return out;
  };
  const std::vector<Id> row = ids(0), other = ids(1);
  const auto gap_before = [this](Id id) {
    const QRectF r = rows().swatch_rect(id);
    return QPointF(r.left() - 2, r.center().y());
  };
  // Along its own row: those passed move up, no hole stays; where it goes is shown before.
  press(grid(), rows().swatch_rect(row[0]).center());
  move(grid(), gap_before(row[3]) - QPointF(30, 0));
  move(grid(), gap_before(row[3]));
  const QImage before_drop = grid().grab().toImage();
  const QPointF bar = gap_before(row[3]);
  QVERIFY(qGray(before_drop.pixel(bar.toPoint())) > 200);
  release(grid(), gap_before(row[3]));
  QCOMPARE(ids(0), (std::vector<Id>{row[1], row[2], row[0], row[3], row[4]}));
  for (int i = 0; i < 5; ++i) QCOMPARE(set().families[0].swatches[static_cast<std::size_t>(i)].place, i);
  m_desk->trigger("undo");
  // Into another row: what follows makes room.
  drag(grid(), rows().swatch_rect(row[4]).center(), gap_before(other[1]));
  QCOMPARE(ids(1), (std::vector<Id>{other[0], row[4], other[1], other[2], other[3], other[4]}));
  QCOMPARE(ids(0).size(), std::size_t{4});
  m_desk->trigger("undo");
  // A family that is wider than the view takes several lines, and all of it can be seen and taken.
  m_desk->model().store().apply("many", [&](Piece p) {
    Result<Piece> out = p;
    for (int i = 0; i < 70; ++i)
      out = with_swatch(std::move(out).value(), set().families[0].id, {{0.01 * i, 0.5, 0.5}, {}}, "");
    return out;
  });
  const Id last = set().families[0].swatches.back().id;
  QVERIFY(rows().swatch_rect(last).right() <= grid().width());
  QVERIFY(rows().swatch_rect(last).top() > rows().swatch_rect(row[0]).bottom());
  QVERIFY(rows().swatch_rect(other[0]).top() > rows().swatch_rect(last).bottom());
  click(grid(), rows().swatch_rect(last).center());
  QCOMPARE(work().selection(), std::vector<Id>{last});
}

void GradeTask::a_swatch_is_replaced_with_the_mouse_and_by_keys() {
  QVERIFY(m_desk->open_demo());
  // At Grade a click only selects: what was picked stays, and takes the swatch's place.
  m_desk->model().picking().use_color({0.2, 0.6, 0.4});
  const Id id = swatch(1, 1).id;
  const Srgb was = swatch(1, 1).color;
  click(staff(), staff().swatch_rect(id).center());
  QCOMPARE(m_desk->session().color(), (Srgb{0.2, 0.6, 0.4}));
  m_desk->trigger("replaceWithCurrentColor");
  QCOMPARE(find_swatch(m_desk->piece(), id)->color, (Srgb{0.2, 0.6, 0.4}));
  m_desk->trigger("undo");
  // On its name it is renamed, beside it its color is taken up.
  double_click(staff(), staff().swatch_name_rect(id).center());
  QVERIFY(m_desk->session().color() != was);
  auto* name = qobject_cast<QLineEdit*>(m_desk->window.focusWidget());
  QVERIFY(name);
  QTest::keyClick(name, Qt::Key_Escape);
  double_click(staff(),
               staff().swatch_rect(id).center() + QPointF(staff().swatch_rect(id).width() / 2 - 3, 0));
  QCOMPARE(m_desk->session().color(), was);
  // By keys alone: stepped to, left as it is, replaced.
  m_desk->model().picking().use_color({0.3, 0.3, 0.7});
  m_desk->model().laying().select_family(set().families[2].id);
  m_desk->model().laying().select_swatch(0);
  staff().setFocus();
  QTest::keyClick(&staff(), Qt::Key_Up, Qt::ControlModifier);
  const Id stepped = m_desk->session().selection.focus();
  QVERIFY(stepped != 0);
  QTest::keyClick(&staff(), Qt::Key_R, Qt::ControlModifier);
  QCOMPARE(find_swatch(m_desk->piece(), stepped)->color, (Srgb{0.3, 0.3, 0.7}));
  // Where colors are picked a click takes up, as palettes are used; the commands work there too.
  m_desk->model().viewing().show_desk(Desk::Pick);
  QCoreApplication::processEvents();
  click(staff(), staff().swatch_rect(id).center());
  QCOMPARE(m_desk->session().color(), was);
  m_desk->model().picking().pick_value(20);
  m_desk->trigger("replaceWithCurrentColor");
  CHECK_NEAR(value_of(find_swatch(m_desk->piece(), id)->color), 20, 1e-6);
}

void GradeTask::the_report_opens_to_its_parts() {
  QVERIFY(m_desk->open_demo());
  const auto lines = [this](const char* name) { return m_desk->window.findChildren<QLabel*>(name).size(); };
  const qsizetype entries = lines("finding");
  QCOMPARE(static_cast<std::size_t>(entries), gathered(work().report(), m_desk->piece().grading).size());
  QCOMPARE(lines("findingPart"), qsizetype{0});
  // What the remedy will do is told, and shown on the staff while it is pointed at.
  const std::vector<Id> outside = work().report().outside_mask;
  auto& all = m_desk->part<QAbstractButton>("remedy");
  const auto finding = all.property("finding").value<Finding>();
  QVERIFY(finding.kind == FindingKind::Outside && finding.swatches == outside);
  const Swatch* moved = find_swatch(m_desk->piece(), outside.front());
  QVERIFY(m_desk->part<QLabel>("remedyDoes").text().contains(QString::fromStdString(moved->name)));
  const Srgb mended = find_swatch(*remedied(m_desk->piece(), finding), moved->id)->color;
  QVERIFY(mended != moved->color);
  QEvent enter(QEvent::Enter), leave(QEvent::Leave);
  QCoreApplication::sendEvent(&all, &enter);
  QCOMPARE(work().shown(*moved), mended);
  QCoreApplication::sendEvent(&all, &leave);
  QCOMPARE(work().shown(*moved), moved->color);
  m_desk->trigger("openFinding");
  QVERIFY(comes_true([&] { return lines("findingPart") == qsizetype(outside.size()); }));
  // A part is mended by itself.
  m_desk->part<QAbstractButton>("remedyPart").click();
  QVERIFY(comes_true([&] { return work().report().outside_mask.size() == outside.size() - 1; }));
}

void GradeTask::families_are_turned_into_a_relation() {
  const Wheel& wheel = m_desk->model().wheel();
  std::vector<LaidFamily> laid;
  for (const double hue : {20.0, 140.0, 271.0}) {
    laid.push_back({"hue " + std::to_string(static_cast<int>(hue)), {}});
    for (const double v : {35.0, 60.0}) {
      const auto found = wheel.nearest_existing({hue, 0.6, v});
      laid.back().colors.push_back({found.color, WheelPlace{found.at, wheel.spec()}});
    }
  }
  m_desk->model().store().apply("set", [&](Piece) { return with_laid_families(new_piece({}), laid); });
  const auto found = [this] { return m_desk->part<QLabel>("relationFound").text(); };
  QVERIFY(comes_true([&] { return found().contains("triad") && found().contains("off"); }));
  const double off =
      fitted(Relation::Triad, family_hues(current_set(m_desk->piece())->families, wheel))->families[2].off;
  QVERIFY(m_desk->part<QLabel>("relationOff")
              .text()
              .contains(QStringLiteral("hue 271 by %1°").arg(off, 0, 'f', 0)));
  auto& turn = m_desk->part<QAbstractButton>("relationRemedy");
  const Swatch last = current_set(m_desk->piece())->families[2].swatches[1];
  QEvent enter(QEvent::Enter), leave(QEvent::Leave);
  QCoreApplication::sendEvent(&turn, &enter);
  QVERIFY(work().shown(last) != last.color);
  QCoreApplication::sendEvent(&turn, &leave);
  QCOMPARE(work().shown(last), last.color);
  const Piece before = m_desk->piece();
  turn.click();
  QVERIFY(comes_true([&] { return found().contains("stand in"); }));
  CHECK_NEAR(value_of(current_set(m_desk->piece())->families[2].swatches[1].color), value_of(last.color),
             1e-6);
  m_desk->model().store().stack().undo();
  QCOMPARE(m_desk->piece(), before);
  m_desk->trigger("compare.complement");
  QVERIFY(comes_true([&] { return found().contains("complement"); }));
}

/// Whatever of the set is shown: what was pressed to show it is still under the pointer.
void GradeTask::nothing_moves_when_the_view_changes() {
  QVERIFY(m_desk->open_demo());
  std::map<QString, QRect> places;
  for (const SetView view : {SetView::Staff, SetView::Rows, SetView::List, SetView::Versions}) {
    m_desk->choose("setView", view);
    QCoreApplication::processEvents();
    for (const char* part : {"setView", "find", "page.report", "page.sets"}) {
      auto& widget = m_desk->part<QWidget>(part);
      const QRect at(widget.mapTo(&m_desk->window, QPoint(0, 0)), widget.size());
      const auto [was, is_first] = places.emplace(part, at);
      QVERIFY2(is_first || was->second == at, part);
    }
  }
}

/// With mouse, pen and finger; a press that moves drags as ever.
void GradeTask::a_press_held_still_opens_what_the_right_button_opens() {
  QVERIFY(m_desk->open_demo());
  const Piece before = m_desk->piece();
  const QPointF at = staff().swatch_rect(swatch(1, 1).id).center();
  qsizetype entries = 0;
  QTimer looking; // The menu has an event loop of its own.
  connect(&looking, &QTimer::timeout, this, [&] {
    if (auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget())) {
      entries = menu->actions().size();
      menu->close();
    }
  });
  looking.start(20);
  QTest::mousePress(&staff(), Qt::LeftButton, {}, at.toPoint());
  QVERIFY(comes_true([&] { return entries > 0; }));
  QTest::mouseRelease(&staff(), Qt::LeftButton, {}, at.toPoint());
  QVERIFY(entries >= 7);
  QCOMPARE(m_desk->piece(), before); // What the press had begun was called off.
  entries = 0;
  QTest::mousePress(&staff(), Qt::LeftButton, {}, at.toPoint());
  move(staff(), at + QPointF(12, 0));
  QTest::qWait(QGuiApplication::styleHints()->mousePressAndHoldInterval() + 100);
  QCOMPARE(entries, qsizetype{0});
  QTest::mouseRelease(&staff(), Qt::LeftButton, {}, at.toPoint());
  // Where no menu is offered a press goes on picking.
  m_desk->model().viewing().show_desk(Desk::Pick);
  QCoreApplication::processEvents();
  auto& wheel = m_desk->part<QWidget>("wheel");
  QTest::mousePress(&wheel, Qt::LeftButton, {}, wheel.rect().center());
  QTest::qWait(QGuiApplication::styleHints()->mousePressAndHoldInterval() + 100);
  const WheelPoint held = m_desk->session().at.at;
  move(wheel, wheel.rect().center() + QPoint(25, 5));
  QVERIFY(m_desk->session().at.at.r > held.r + 0.05);
  QTest::mouseRelease(&wheel, Qt::LeftButton, {}, wheel.rect().center() + QPoint(25, 5));
}

void GradeTask::the_list_says_the_numbers_of_the_tray() {
  QVERIFY(m_desk->open_demo());
  m_desk->choose("setView", SetView::List);
  const auto& table = m_desk->part<QTableView>("list");
  for (const std::size_t row : {0, 7, 13}) {
    const auto cell = [&](int column) {
      return table.model()->index(static_cast<int>(row), column).data().toString();
    };
    m_desk->model().set_work().use_swatch(swatch(row / 5, row % 5).id);
    for (const auto& [column, field] : std::initializer_list<std::pair<int, const char*>>{
             {2, "place.value"}, {3, "place.saturation"}, {4, "place.hue"}})
      QCOMPARE(cell(column), m_desk->part<QLineEdit>(field).text());
  }
}

void GradeTask::a_family_has_a_menu() {
  QVERIFY(m_desk->open_demo());
  const Piece before = m_desk->piece();
  const auto head = [this](std::size_t i) { return staff().name_rect(i).center(); };
  const std::size_t count = set().families.size(), swatches = swatch_count(set());
  const std::size_t first = set().families[0].swatches.size(), second = set().families[1].swatches.size();
  // The last one has none after it.
  QVERIFY(!chosen_at(staff(), head(count - 1), "Merge with next family"));
  QVERIFY(chosen_at(staff(), head(0), "Merge with next family"));
  QVERIFY(set().families.size() == count - 1 && set().families[0].swatches.size() == first + second);
  QCOMPARE(set().families[0].id, current_set(before)->families[0].id);
  QCOMPARE(set().families[1].id, current_set(before)->families[2].id);
  QVERIFY(chosen_at(staff(), head(0), "Delete family and its swatches"));
  QVERIFY(set().families.size() == count - 2 && swatch_count(set()) == swatches - first - second);
  QCOMPARE(set().families[0].id, current_set(before)->families[2].id);
  for (int i = 0; i < 2; ++i) m_desk->trigger("undo");
  QCOMPARE(m_desk->piece(), before);
}

void GradeTask::rows_swap_places_and_keep_free_ones() {
  QVERIFY(m_desk->open_demo());
  m_desk->choose("setView", SetView::Rows);
  QVERIFY(rows().isVisible());
  const Id first = swatch(0, 0).id, other = swatch(1, 1).id;
  const auto center = [this](Id id) { return rows().swatch_rect(id).center(); };
  drag(grid(), center(first), center(other));
  QCOMPARE(find_swatch(m_desk->piece(), first)->place, 1);
  QCOMPARE(swatch(1, 1).id, first);
  QCOMPARE(swatch(0, 0).id, other);
  // To a free place, which leaves a gap behind and before it.
  drag(grid(), center(first), rows().place_rect(1, 8).center());
  QCOMPARE(find_swatch(m_desk->piece(), first)->place, 8);
  QCOMPARE(set().families[1].swatches.back().id, first);
  const QColor shown = seen(grid(), rows().place_rect(1, 8).center());
  QCOMPARE((Srgb8{std::uint8_t(shown.red()), std::uint8_t(shown.green()), std::uint8_t(shown.blue())}),
           rounded_8bit(find_swatch(m_desk->piece(), first)->color));
  // By keys: select, then move with Ctrl.
  rows().setFocus();
  m_desk->model().laying().select_swatch(first);
  QTest::keyClick(&rows(), Qt::Key_Left, Qt::ControlModifier);
  QCOMPARE(find_swatch(m_desk->piece(), first)->place, 7);
  QTest::keyClick(&rows(), Qt::Key_Left);
  QVERIFY(m_desk->session().selection.focus() != first);
  QTest::keyClick(&rows(), Qt::Key_Right);
  QCOMPARE(m_desk->session().selection.focus(), first);
  // A swatch is named where it stands, a family where its name does.
  auto& editor = m_desk->part<QLineEdit>("rowNameEditor");
  const auto named = [&](const char* name) {
    QVERIFY(editor.isVisible());
    editor.selectAll();
    QTest::keyClicks(&editor, name);
    QTest::keyClick(&editor, Qt::Key_Return);
  };
  QTest::keyClick(&rows(), Qt::Key_F2);
  named("Hammer light");
  QCOMPARE(find_swatch(m_desk->piece(), first)->name, std::string("Hammer light"));
  const QString was = QString::fromStdString(set().families[1].name);
  double_click(grid(), {40, rows().place_rect(1, 0).center().y()});
  QCOMPARE(editor.text(), was);
  named("Anvils");
  QCOMPARE(set().families[1].name, std::string("Anvils"));
  for (int i = 0; i < 2; ++i) m_desk->trigger("undo");
  // A box is seen while it is drawn.
  const QPointF corner = rows().place_rect(0, 0).topLeft() - QPointF(3, 3),
                end = rows().place_rect(0, 1).center();
  const QPointF on_it(end.x(), (corner.y() + end.y()) / 2);
  press(grid(), corner);
  move(grid(), end);
  const QColor boxed = seen(grid(), on_it);
  release(grid(), end);
  QVERIFY(boxed != seen(grid(), on_it));
  QVERIFY(work().selection().size() == 2);
  m_desk->model().laying().select_swatch(first);
  // Below the last row and above the first one there is nothing.
  for (const auto& [id, key] :
       {std::pair{set().families.back().swatches.back().id, Qt::Key_Down}, {swatch(0, 0).id, Qt::Key_Up}}) {
    m_desk->model().laying().select_swatch(id);
    QTest::keyClick(&rows(), key);
    QCOMPARE(m_desk->session().selection.focus(), id);
  }
  // A press on a free place adds the current color there, in one step; beyond what is seen as free it does
  // not.
  const std::size_t count = swatch_count(set());
  click(grid(), rows().place_rect(1, 6).center());
  QCOMPARE(swatch_count(set()), count + 1);
  QCOMPARE(find_swatch(m_desk->piece(), m_desk->session().selection.focus())->place, 6);
  QCOMPARE(find_swatch(m_desk->piece(), m_desk->session().selection.focus())->color,
           m_desk->session().color());
  m_desk->trigger("undo");
  QCOMPARE(swatch_count(set()), count);
  click(grid(), rows().place_rect(1, 10).center());
  QCOMPARE(swatch_count(set()), count);
  // The same as columns of a fixed number of places: all of them are free to press.
  press_button("rows.columns");
  QCOMPARE(m_desk->part<NumberField>("rows.places").value(), 10.0);
  for (const int place : {0, 1, 4})
    QVERIFY(rows().place_rect(1, place + 1).top() > rows().place_rect(1, place).bottom() &&
            rows().place_rect(1, place + 1).left() == rows().place_rect(1, place).left());
  QVERIFY(rows().place_rect(2, 0).left() > rows().place_rect(1, 0).right());
  click(grid(), rows().place_rect(0, 9).center());
  QCOMPARE(set().families[0].swatches.back().place, 9);
  drag(grid(), rows().place_rect(0, 9).center(), rows().place_rect(3, 7).center());
  QCOMPARE(set().families[3].swatches.back().place, 7);
  rows().setFocus();
  QTest::keyClick(&rows(), Qt::Key_Up, Qt::ControlModifier);
  QCOMPARE(set().families[3].swatches.back().place, 6);
  m_desk->trigger("deleteSwatches");
  type_into(m_desk->part<NumberField>("rows.places"), "5");
  QVERIFY(rows().place_rect(1, 5).left() > rows().place_rect(1, 4).right());
  press_button("rows.columns");
  QCOMPARE(swatch_count(set()), count);
  // A box over everything selects everything, at each size.
  m_desk->model().laying().select_swatch(first);
  work().move_to(set().families[1].id, 5);
  for (const char* size : {"chips.small", "chips.large", "chips.middle"}) {
    press_button(size);
    drag(grid(), QPointF(grid().width() - 3, grid().height() - 3), {100, 2});
    QCOMPARE(work().selection().size(), swatch_count(set()));
    m_desk->model().laying().select_swatch(0);
  }
}

DESK_TEST_MAIN(GradeTask)
