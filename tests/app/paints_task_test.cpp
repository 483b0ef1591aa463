// SPDX-License-Identifier: GPL-3.0-or-later
// Mixing by hand: corners are dropped, lines drawn, colors smeared.
#include "app/paints/paints_task.h"

void PaintsTask::four_corners_are_dropped_and_mixed() {
  drop_color(field(), field().field_rect().center(), "#1f55b5");
  // One makes nothing yet.
  QVERIFY(!m_desk->model().paints().field());
  QVERIFY(m_desk->part<QLabel>("mixWords").text().contains("two to four"));
  drop_color(field(), field().field_rect().center(), "#f2d23c");
  // Two make a line: its middle is green as paint, grey as light.
  m_desk->model().store().apply("t",
                                [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
  click(field(), field().screen_point({0.5, 0.5}));
  const auto hue = [&] { return lch_from_lab(lab_from_srgb(m_desk->session().color())).h; };
  QVERIFY2(hue() > 110 && hue() < 200, qPrintable(QString::number(hue())));
  QCOMPARE(m_desk->part<QLineEdit>("mix.parts").text(), QString("1 : 1"));
  drop_color(field(), field().field_rect().center(), "#98573f");
  drop_color(field(), field().field_rect().center(), "#efe6d6");
  QVERIFY(mixing().corners.size() == 4 && mixing().parts.empty());
  // A fifth takes the place of the nearest.
  drop_color(field(), field().field_rect().bottomRight() - QPointF(5, 5), "#f8f8f6");
  QCOMPARE(mixing().corners.size(), std::size_t{4});
  QCOMPARE(hex_of(mixing().corners[3].color), std::string("#f8f8f6"));
  // On a chip it replaces that one.
  drop_color(field(), field().chip_rect(0).center(), "#264ba5");
  QCOMPARE(hex_of(mixing().corners[0].color), std::string("#264ba5"));
  // What is seen is the mixture; a click takes it up, once for each.
  for (const FieldPoint p : {FieldPoint{0.5, 0.5}, FieldPoint{0.2, 0.7}, FieldPoint{0.9, 0.1}}) {
    const QPointF at = field().screen_point(p);
    click(field(), at);
    const auto parts = parts_at(4, field().field_point(at));
    QVERIFY(largest_step(m_desk->session().color(), mixed(parts)) < 1e-9);
    const QPointF beside = at + QPointF(p.x < 0.5 ? 14 : -14, 0);
    const QColor shown = seen(field(), beside);
    const Srgb8 wanted = rounded_8bit(mixed(parts_at(4, field().field_point(beside))));
    QVERIFY(std::abs(shown.red() - wanted.r) <= 4 && std::abs(shown.green() - wanted.g) <= 4 &&
            std::abs(shown.blue() - wanted.b) <= 4);
  }
  QCOMPARE(mixing().picks.size(), std::size_t{3});
  // A drag reads all along and ends as one pick, the color before being that of before the drag.
  const Srgb before = m_desk->session().color();
  drag(field(), field().screen_point({0.1, 0.1}), field().screen_point({0.8, 0.6}));
  QVERIFY(m_desk->session().before == before);
  QCOMPARE(mixing().picks.size(), std::size_t{4});
  // Keys move by a hundredth, with Shift by a tenth.
  field().setFocus();
  const FieldPoint at = place_of_parts(mixing().parts);
  QTest::keyClick(&field(), Qt::Key_Right);
  QTest::keyClick(&field(), Qt::Key_Up, Qt::ShiftModifier);
  CHECK_NEAR(place_of_parts(mixing().parts).x, at.x + 0.01, 1e-9);
  CHECK_NEAR(place_of_parts(mixing().parts).y, at.y - 0.1, 1e-9);
  // A chip gives its color back.
  click(field(), field().chip_rect(1).center());
  QCOMPARE(hex_of(m_desk->session().color()), std::string("#f2d23c"));
}

void PaintsTask::a_line_a_grid_and_picks_are_laid() {
  fill({"#d8904a", "#3d477f", "#efe6d6"});
  const std::size_t before = swatches(), families = current_set(m_desk->piece())->families.size();
  // The right button draws; so does the left after "line".
  send_mouse(field(), QEvent::MouseButtonPress, field().screen_point({0.5, 0.1}), Qt::RightButton,
             Qt::RightButton);
  send_mouse(field(), QEvent::MouseMove, field().screen_point({0.3, 0.9}), Qt::NoButton, Qt::RightButton);
  send_mouse(field(), QEvent::MouseButtonRelease, field().screen_point({0.3, 0.9}), Qt::RightButton,
             Qt::NoButton);
  QVERIFY(mixing().line);
  // Each step of it has a ring; without the line there is none.
  type_into(m_desk->part<QLineEdit>("mix.steps"), "5");
  const QPointF from = field().screen_point(mixing().line->first),
                to = field().screen_point(mixing().line->second);
  const double length = std::hypot(to.x() - from.x(), to.y() - from.y());
  const QPointF aside((to.y() - from.y()) / length, (from.x() - to.x()) / length);
  const QImage with = field().grab().toImage();
  field().setFocus();
  QTest::keyClick(&field(), Qt::Key_Escape);
  QVERIFY(!mixing().line);
  const QImage without = field().grab().toImage();
  for (int i = 0; i < 9; ++i) {
    int most = 0;
    for (const double away : {2.5, 3.0, 3.5, 4.0}) {
      const QPoint p = (from + (to - from) * (i / 8.0) + away * aside).toPoint();
      most = std::max(most, std::abs(with.pixelColor(p).lightness() - without.pixelColor(p).lightness()));
    }
    QVERIFY2((most > 20) == (i % 2 == 0), qPrintable(QString("%1: %2").arg(i).arg(most)));
  }
  press_word("mix.draw");
  drag(field(), field().screen_point({0.5, 0.05}), field().screen_point({0.6, 0.95}));
  press_word("mix.pick");
  type_into(m_desk->part<QLineEdit>("mix.steps"), "5");
  auto& row = m_desk->part<ChipRow>("mixRamp");
  QCOMPARE(row.steps().size(), std::size_t{5});
  QCOMPARE(m_desk->session().ramp.size(), std::size_t{5});
  press_word("mix.layString");
  QCOMPARE(swatches(), before + 5);
  const Family& line = current_set(m_desk->piece())->families.back();
  for (std::size_t i = 0; i < 5; ++i) QVERIFY(line.swatches[i].color == row.steps()[i].color);
  click(field(), field().screen_point({0.5, 0.5}));
  click(field(), field().screen_point({0.4, 0.8}));
  press_word("mix.layPicks");
  QCOMPARE(swatches(), before + 7);
  QVERIFY(mixing().picks.empty());
  // A grid of a triangle has one more in each row.
  press_word("mix.layGrid");
  QCOMPARE(swatches(), before + 7 + 15);
  QCOMPARE(current_set(m_desk->piece())->families.size(), families + 2 + 5);
  for (int i = 0; i < 3; ++i) m_desk->trigger("undo");
  QCOMPARE(swatches(), before);
  QVERIFY(!m_desk->part<MixView>("mixField").isHidden());
}

void PaintsTask::a_corner_has_a_menu_keys_and_a_name() {
  fill({"#d8904a", "#3d477f", "#efe6d6"});
  const auto chip = [&](std::size_t i) { return field().chip_rect(i).center(); };
  QVERIFY(chosen_at(field(), chip(1), "Leave this color out"));
  QVERIFY(mixing().corners[1].muted && !mixing().corners[0].muted && !mixing().corners[2].muted);
  QVERIFY(chosen_at(field(), chip(1), "Mix this color again"));
  QVERIFY(!mixing().corners[1].muted);
  // What follows the current color has a frame, and may stop.
  const QPointF frame = field().chip_rect(1).topLeft() + QPointF(1.5, 8);
  const QColor bare = seen(field(), frame);
  QVERIFY(chosen_at(field(), chip(1), "Follow the current color"));
  QCOMPARE(mixing().follows, std::optional<std::size_t>(1));
  QVERIFY(seen(field(), frame) != bare);
  QVERIFY(chosen_at(field(), chip(1), "Stop following the current color"));
  QVERIFY(!mixing().follows && seen(field(), frame) == bare);
  m_desk->model().picking().use_color(*parse_color("#a8321f"));
  QVERIFY(chosen_at(field(), chip(2), "Set to current color"));
  QCOMPARE(hex_of(mixing().corners[2].color), std::string("#a8321f"));
  // Keys go all four ways.
  click(field(), field().screen_point({0.5, 0.5}));
  const FieldPoint from = *mixing().at;
  QTest::keyClick(&field(), Qt::Key_Left);
  QTest::keyClick(&field(), Qt::Key_Down, Qt::ShiftModifier);
  CHECK_NEAR(mixing().at->x, from.x - 0.01, 1e-9);
  CHECK_NEAR(mixing().at->y, from.y + 0.1, 1e-9);
  // To the ear, it is its corners, of which each can be taken up.
  QVERIFY(chosen_at(field(), chip(0), "Leave this color out"));
  QAccessibleInterface* told = QAccessible::queryAccessibleInterface(&field());
  QCOMPARE(told->childCount(), 3);
  QVERIFY(told->child(2)->text(QAccessible::Name).startsWith("Corner 3: "));
  QCOMPARE(told->child(0)->text(QAccessible::Description), QString("left out"));
  QVERIFY(told->child(1)->text(QAccessible::Description).isEmpty());
  told->child(1)->actionInterface()->doAction("Use color");
  QCOMPARE(hex_of(m_desk->session().color()), std::string("#3d477f"));
  QVERIFY(chosen_at(field(), chip(0), "Remove from field"));
  QVERIFY(mixing().corners.size() == 2 && hex_of(mixing().corners[0].color) == "#3d477f");
}

/// A smear is seen, read, gone over, saved with the piece and taken back.
void PaintsTask::colors_are_smeared_and_picked_up_in_one_stroke() {
  fill({"#f2e1bf", "#17314f", "#a8321f"});
  const auto at = [this](double x, double y) { return field().screen_point({x, y}); };
  const auto along = [&](std::initializer_list<QPointF> way) {
    press(field(), *way.begin());
    for (const QPointF& p : way) move(field(), p);
    release(field(), *(way.end() - 1));
  };
  const Srgb plain = seen_at(at(0.5, 0.6));
  press_word("mix.smear");
  along({at(0.1, 0.95), at(0.3, 0.75), at(0.5, 0.6), at(0.7, 0.75)});
  QCOMPARE(mixing().smears.size(), std::size_t{1});
  const auto streaks = streaks_of(mixing());
  const Srgb smeared = m_desk->model().paints().field()->of_parts(parts_under(3, streaks, {0.5, 0.6}))->color;
  QVERIFY(difference_to(plain, smeared) > 3);
  QVERIFY(difference_to(seen_at(at(0.5, 0.6)), smeared) < 1);
  // A corner of another color changes the smear too.
  const Mixing before_other = mixing();
  Mixing other = before_other;
  other.corners[1].color = {0.2, 0.7, 0.3};
  m_desk->model().picking().mix_by_hand(other);
  const Srgb green = m_desk->model().paints().field()->of_parts(parts_under(3, streaks, {0.5, 0.6}))->color;
  QVERIFY(difference_to(green, smeared) > 3);
  QVERIFY(difference_to(seen_at(at(0.5, 0.6)), green) < 1);
  m_desk->model().picking().mix_by_hand(before_other);
  // One is seen while it is drawn.
  const FieldPath drawn{{0.2, 0.9}, {0.3, 0.9}, {0.42, 0.9}};
  press(field(), at(0.2, 0.9));
  move(field(), at(0.3, 0.9));
  static_cast<void>(seen_at(at(0.4, 0.9)));
  move(field(), at(0.42, 0.9));
  auto with_drawn = streaks;
  with_drawn.push_back(zc::smeared(3, streaks, drawn));
  const auto there = parts_under(3, with_drawn, {0.4, 0.9});
  const Srgb under_hand = m_desk->model().paints().field()->of_parts(there)->color;
  QVERIFY(difference_to(under_hand, m_desk->model().paints().field()->at({0.4, 0.9})->color) > 2);
  QVERIFY(difference_to(seen_at(at(0.4, 0.9)), under_hand) < 1);
  release(field(), at(0.42, 0.9));
  field().setFocus();
  QTest::keyClick(&field(), Qt::Key_Escape);
  QCOMPARE(mixing().smears.size(), std::size_t{1});
  press_word("mix.pick");
  click(field(), at(0.5, 0.6));
  QVERIFY(difference_to(m_desk->session().color(), smeared) < 0.5);
  // One stroke picks up as many as there are steps, from what it goes over.
  type_into(m_desk->part<QLineEdit>("mix.steps"), "4");
  press_word("mix.stroke");
  const std::size_t before = swatches();
  // While it goes on, its way is seen.
  const QColor bare = seen(field(), at(0.5, 0.3));
  press(field(), at(0.5, 0.2));
  for (const double y : {0.4, 0.6}) move(field(), at(0.5, y));
  QVERIFY(std::abs(seen(field(), at(0.5, 0.3)).lightness() - bare.lightness()) > 20);
  release(field(), at(0.5, 0.6));
  QCOMPARE(mixing().picks.size(), std::size_t{5}); // And the one that was clicked.
  press_word("mix.layPicks");
  QCOMPARE(swatches(), before + 5);
  const auto& laid = current_set(m_desk->piece())->families.back().swatches;
  QVERIFY(difference_to(laid[4].color, smeared) < 0.5);
  // Kept in the piece, as it lies there.
  const Mixing kept = mixing();
  QTemporaryDir folder;
  m_desk->dialogs.save_path = folder.filePath("field.zonachrom");
  m_desk->trigger("saveAs");
  QVERIFY(comes_true([&] { return QFile::exists(m_desk->dialogs.save_path); }));
  const auto read = open_document(m_desk->dialogs.save_path.toStdString());
  QVERIFY(read);
  QCOMPARE(read->at_hand.mixing.smears, kept.smears);
  QVERIFY(read->at_hand.mixing.corners == kept.corners && read->at_hand.mixing.steps == 4);
  field().setFocus();
  QTest::keyClick(&field(), Qt::Key_Escape);
  QVERIFY(mixing().smears.empty());
  QVERIFY(difference_to(seen_at(at(0.5, 0.6)), plain) < 1);
  // A click is neither a stroke nor a smear.
  press_word("mix.smear");
  click(field(), at(0.4, 0.8));
  QVERIFY(mixing().smears.empty());
}

/// Looking at the field is no work: it goes along with the wells, and the file does not hold it.
void PaintsTask::wells_stand_ready_until_something_is_mixed() {
  m_desk = demo_at(Desk::Pick);
  press_word("page.mixing");
  const auto saved = [&] { return QString::fromStdString(at_hand_to_json(m_desk->session().at_hand)); };
  QVERIFY(!saved().contains("mixing"));
  m_desk->model().picking().use_color({0.3, 0.6, 0.2});
  m_desk->model().picking().lay_down_well(1);
  QCOMPARE(mixing().corners[1].color, (Srgb{0.3, 0.6, 0.2}));
  QVERIFY(!saved().contains("mixing"));
  click(field(), field().screen_point({0.4, 0.6}));
  QVERIFY(saved().contains("mixing"));
  // By hand, they stay; and an empty field stays empty.
  m_desk->model().picking().use_color({0.9, 0.1, 0.2});
  m_desk->model().picking().lay_down_well(1);
  QCOMPARE(mixing().corners[1].color, (Srgb{0.3, 0.6, 0.2}));
  for (int i = 0; i < 4; ++i) m_desk->model().picking().mix_by_hand(without_corner(mixing(), 0));
  const auto read = at_hand_from_json(saved().toStdString());
  QVERIFY(read && read->mixing.begun && mixing().corners.empty());
}

void PaintsTask::a_corner_follows_the_color() {
  fill({"#d8904a", "#3d477f"});
  Mixing next = mixing();
  next.follows = 1;
  m_desk->model().picking().mix_by_hand(next);
  m_desk->model().store().apply("t",
                                [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
  auto& wheel = m_desk->part<WheelView>("wheel");
  drag(wheel, wheel.screen_point({0.1, 0.1}), wheel.screen_point({-0.5, 0.3}));
  QVERIFY(mixing().corners[1].color == m_desk->session().color());
  QVERIFY(largest_step(mixed({0, 1}), m_desk->session().color()) < 0.01);
  // What is read out of the field itself does not change it.
  const Srgb there = mixing().corners[1].color;
  click(field(), field().screen_point({0.4, 0.5}));
  QVERIFY(mixing().corners[1].color == there && m_desk->session().color() != there);
}

void PaintsTask::a_swatch_is_dragged_from_the_staff() {
  fill({"#d8904a"});
  // The page of mixtures stands where the staff is: its word takes the swatch.
  press_word("page.set");
  QCoreApplication::processEvents();
  auto& staff = m_desk->part<StaffView>("staff");
  auto& word = m_desk->part<QWidget>("page.mixing");
  const Swatch& swatch = current_set(m_desk->piece())->families[1].swatches[2];
  const Piece before = m_desk->piece();
  press(staff, staff.swatch_rect(swatch.id).center());
  const QPointF to = staff.mapFromGlobal(word.mapToGlobal(word.rect().center()));
  for (int i = 1; i <= 6; ++i) move(staff, staff.swatch_rect(swatch.id).center() * (6 - i) / 6 + to * i / 6);
  release(staff, to);
  QCOMPARE(mixing().corners.size(), std::size_t{2});
  QVERIFY(mixing().corners[1].color == swatch.color);
  QVERIFY(m_desk->piece() == before);
}

DESK_TEST_MAIN(PaintsTask)
