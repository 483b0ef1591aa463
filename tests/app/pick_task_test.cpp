// SPDX-License-Identifier: GPL-3.0-or-later
// Places, numbers, wheels and wells.
#include "app/pick/pick_task.h"

void PickTask::one_value_line_runs_through_rail_section_and_staff() {
  auto& staff = m_desk->part<QWidget>("staff");
  QCOMPARE(rail().height(), section().height());
  QCOMPARE(rail().height(), staff.height());
  const ValueAxis axis(rail().height());
  drag(rail(), {90, axis.y_of(20)}, {90, axis.y_of(70)});
  QVERIFY(std::abs(m_desk->session().at.at.v - 70) < 0.5);
  const double y = axis.y_of(m_desk->session().at.at.v);
  // White at the same height in all three, to the rounding of a pixel.
  for (QWidget* part : {&rail(), &section(), &staff}) {
    int lightest = 0;
    for (int dy = -1; dy <= 1; ++dy)
      lightest = std::max(lightest, seen(*part, {part->width() - 40.0, std::floor(y) + dy}).lightness());
    QVERIFY2(lightest > 240, qPrintable(part->objectName()));
  }
  // Dragging the line on the staff moves it everywhere.
  press(staff, {staff.width() - 60.0, y});
  move(staff, {staff.width() - 60.0, axis.y_of(30)});
  release(staff, {staff.width() - 60.0, axis.y_of(30)});
  QVERIFY(std::abs(m_desk->session().at.at.v - 30) < 0.5);
  QVERIFY(std::abs(value_of(m_desk->session().color()) - m_desk->session().at.at.v) < 0.01);
}

void PickTask::hue_and_saturation_never_move_the_value() {
  set_value(62);
  const double v = m_desk->session().at.at.v;
  for (int i = 0; i < 200; ++i) {
    press(wheel(), place(i * 37, 0.99 * (i % 10) / 10.0));
    release(wheel(), place(i * 37, 0.99 * (i % 10) / 10.0));
    QVERIFY(std::abs(value_of(m_desk->session().color()) - v) < 0.01);
  }
  // What is picked is what lies under the pointer.
  const QPointF at = place(75, 0.6) + QPointF(9, 9); // beside the mark
  click(wheel(), place(75, 0.6));
  const DiscPoint p = wheel().disc_point_at(at);
  const Srgb there = *m_desk->model().wheel().color_at(wheel_point(p, v));
  const QColor shown = seen(wheel(), at);
  QVERIFY(largest_step({shown.redF(), shown.greenF(), shown.blueF()}, there) < 8.0 / 255);
}

void PickTask::the_section_moves_value_and_saturation_at_one_hue() {
  click(wheel(), place(200, 0.5));
  const double hue = m_desk->session().at.at.a;
  const ValueAxis axis(section().height());
  const double middle = section().width() / 2.0, half = section().width() / 2.0 - 6;
  drag(section(), {middle + 10, axis.y_of(50)}, {middle + 0.8 * half, axis.y_of(25)});
  CHECK_ANGLE(m_desk->session().at.at.a, hue, 1e-9);
  CHECK_NEAR(m_desk->session().at.at.r, 0.8, 1e-9);
  CHECK_NEAR(m_desk->session().at.at.v, 25, 1e-9);
  // Left of neutral lies the complement, and the section itself does not flip.
  click(section(), {middle - 0.4 * half, axis.y_of(60)});
  CHECK_ANGLE(m_desk->session().at.at.a, hue + 180, 1e-9);
  CHECK_ANGLE(m_desk->session().section_angle, hue, 1e-9);
}

void PickTask::keys_and_wheel_nudge() {
  click(wheel(), place(100, 0.5));
  set_value(50);
  const WheelPoint start = m_desk->session().at.at;
  turn_wheel(rail(), {90, 200}, 1);
  CHECK_NEAR(m_desk->session().at.at.v, start.v + 1, 1e-9);
  turn_wheel(rail(), {90, 200}, -1, Qt::ShiftModifier);
  CHECK_NEAR(m_desk->session().at.at.v, start.v - 9, 1e-9);
  QTest::keyClick(&rail(), Qt::Key_Up, Qt::AltModifier);
  CHECK_NEAR(m_desk->session().at.at.v, start.v - 8.9, 1e-9);
  QTest::keyClick(&wheel(), Qt::Key_Right);
  QTest::keyClick(&wheel(), Qt::Key_Right, Qt::ShiftModifier);
  CHECK_ANGLE(m_desk->session().at.at.a, start.a + 11, 1e-6);
  QTest::keyClick(&wheel(), Qt::Key_Down);
  CHECK_NEAR(m_desk->session().at.at.r, start.r - 0.01, 1e-9);
  QTest::keyClick(&wheel(), Qt::Key_PageDown, Qt::AltModifier);
  CHECK_NEAR(m_desk->session().at.at.v, start.v - 9, 1e-9);
  QTest::keyClick(&wheel(), Qt::Key_PageUp, Qt::AltModifier);
  CHECK_NEAR(m_desk->session().at.at.v, start.v - 8.9, 1e-9);
  // Down to grey and up again: the hue is kept.
  for (int i = 0; i < 10; ++i) QTest::keyClick(&wheel(), Qt::Key_Down, Qt::ShiftModifier);
  CHECK_NEAR(m_desk->session().at.at.r, 0, 1e-9);
  QTest::keyClick(&wheel(), Qt::Key_Up, Qt::ShiftModifier);
  CHECK_ANGLE(m_desk->session().at.at.a, start.a + 11, 1e-6);
  for (int i = 0; i < 12; ++i) QTest::keyClick(&rail(), Qt::Key_Up, Qt::ShiftModifier);
  QCOMPARE(m_desk->session().at.at.v, 100.0);
  QVERIFY(largest_step(m_desk->session().color(), {1, 1, 1}) < 1e-9);
  QTest::keyClick(&rail(), Qt::Key_Down, Qt::ShiftModifier);
  CHECK_ANGLE(m_desk->session().at.at.a, start.a + 11, 1e-6);
}

void PickTask::fast_drags_end_where_the_hand_ends() {
  m_desk->model().store().apply("mask", [](Piece p) -> Result<Piece> {
    return with_mask(std::move(p), pattern_mask({Pattern::Analogous, 0, 60}));
  });
  press(wheel(), place(0, 0.3));
  for (int i = 0; i < 500; ++i) move(wheel(), place(i * 83, 2.0 * (i % 7) / 7));
  move(wheel(), place(10, 0.5));
  release(wheel(), place(10, 0.5));
  CHECK_ANGLE(m_desk->session().at.at.a, 10, 1e-6);
  CHECK_NEAR(m_desk->session().at.at.r, 0.5, 1e-6);
  // One pick, one trace.
  QCOMPARE(m_desk->session().at_hand.recent.size(), std::size_t{1});
  // The second of two quick presses picks as the first did.
  click(wheel(), place(10, 0.5));
  send_mouse(wheel(), QEvent::MouseButtonDblClick, place(20, 0.2), Qt::LeftButton, Qt::LeftButton);
  release(wheel(), place(20, 0.2));
  CHECK_ANGLE(m_desk->session().at.at.a, 20, 1e-6);
}

void PickTask::rows_of_wells_have_a_menu() {
  auto& wells = m_desk->part<WellsView>("wells");
  const auto at_hand = [this]() -> const AtHand& { return m_desk->session().at_hand; };
  const auto chosen = [&](const char* words) { return chosen_at(wells, wells.well_rect(0).center(), words); };
  QVERIFY(!chosen("Remove row")); // Of one row only another can be had.
  QVERIFY(chosen("Add row of wells"));
  QVERIFY(chosen("Add row of wells") && well_rows(at_hand()) == 3 && at_hand().row == 2);
  QVERIFY(!chosen("Add row of wells"));
  m_desk->model().picking().name_well_row(1, "cloth");
  QVERIFY(chosen("cloth"));
  QCOMPARE(at_hand().row, std::size_t{1});
  QVERIFY(chosen("row 1"));
  QCOMPARE(at_hand().row, std::size_t{0});
  QVERIFY(chosen("Remove row"));
  QVERIFY(well_rows(at_hand()) == 2 && row_name(at_hand(), 0) == "cloth");
}

void PickTask::wells_recent_and_before() {
  auto& wells = m_desk->part<WellsView>("wells");
  // No well is filled unasked; a click chooses one, and picks fill that one only.
  click(wheel(), place(200, 0.4));
  for (const auto& well : m_desk->session().at_hand.wells) QVERIFY(!well);
  click(wells, wells.well_rect(0).center());
  click(wheel(), place(30, 0.9));
  const Srgb first = m_desk->session().color();
  QCOMPARE(m_desk->session().at_hand.wells[0], std::optional(first));
  // A made-up key event lacks the key's place on the keyboard, without which a real window system finds no
  // shortcut for a digit; there the hand clicks instead.
  const bool keys = QGuiApplication::platformName() == QLatin1String("offscreen");
  const auto use_well = [&](int well, Qt::KeyboardModifiers modifiers) {
    if (keys)
      QTest::keyClick(&m_desk->window, static_cast<Qt::Key>(Qt::Key_0 + well), modifiers);
    else
      click(wells, wells.well_rect(static_cast<std::size_t>(well - 1)).center(), modifiers);
  };
  use_well(4, Qt::ShiftModifier);
  QCOMPARE(m_desk->session().at_hand.wells[3], std::optional(first));
  click(wheel(), place(210, 0.7));
  const Srgb second = m_desk->session().color();
  QCOMPARE(m_desk->session().at_hand.wells[0], std::optional(second));
  const auto& recent = m_desk->session().at_hand.recent;
  QVERIFY(recent.size() == 3 && recent[0] == second && recent[1] == first);
  auto& pair = m_desk->part<ColorPair>("colorPair");
  click(pair, pair.before_rect().center());
  QCOMPARE(m_desk->session().color(), first);
  QCOMPARE(m_desk->session().before, second);
  click(pair, pair.before_rect().center());
  QCOMPARE(m_desk->session().color(), second);
  use_well(4, {});
  QCOMPARE(m_desk->session().color(), first);
  click(wells, wells.well_rect(5).center(), Qt::ShiftModifier);
  QCOMPARE(m_desk->session().at_hand.wells[5], std::optional(first));
  click(wells, wells.recent_rect(0).center());
  QCOMPARE(m_desk->session().color(), second);
  click(wells, wells.number_rect(6).center());
  click(wheel(), place(300, 0.4));
  QCOMPARE(m_desk->session().at_hand.wells[6], std::optional(m_desk->session().color()));
  // A key only takes up, a click chooses as well; clearing and letting go are words.
  use_well(8, {});
  if (keys) QVERIFY(m_desk->notice().contains("Well 8 is empty"));
  QCOMPARE(m_desk->session().filling_well, std::optional<std::size_t>(keys ? 6 : 7));
  click(wells, wells.well_rect(6).center());
  m_desk->part<QAbstractButton>("clearWell").click();
  QVERIFY(!m_desk->session().at_hand.wells[6] && m_desk->session().filling_well == 6);
  m_desk->part<QAbstractButton>("fillNoWell").click();
  QVERIFY(!m_desk->session().filling_well);
}

void PickTask::typed_hex_is_taken_or_refused() {
  auto& hex = m_desk->part<QLineEdit>("hex");
  hex.setFocus();
  hex.selectAll();
  QTest::keyClicks(&hex, "#ce854e");
  QTest::keyClick(&hex, Qt::Key_Return);
  QCOMPARE(rounded_8bit(m_desk->session().color()), (Srgb8{0xce, 0x85, 0x4e}));
  QCOMPARE(readout(0, 0).text(), QStringLiteral("206"));
  QCOMPARE(readout(0, 2).text(), QStringLiteral("78"));
  QVERIFY(std::abs(m_desk->session().at.at.v - 62.04) < 0.01);
  hex.selectAll();
  QTest::keyClicks(&hex, "copper");
  QTest::keyClick(&hex, Qt::Key_Return);
  QVERIFY(m_desk->notice().contains("\"copper\" is not a color"));
  QCOMPARE(rounded_8bit(m_desk->session().color()), (Srgb8{0xce, 0x85, 0x4e}));
  // Digits typed into a field are not wells.
  hex.selectAll();
  QTest::keyClicks(&hex, "#123");
  QCOMPARE(hex.text(), QStringLiteral("#123"));
}

void PickTask::numbers_are_typed_scrolled_and_dragged() {
  type_into(readout(3, 0), "50");
  type_into(readout(3, 1), "30,5");
  type_into(readout(3, 2), "120");
  QVERIFY(std::abs(m_desk->session().at.at.v - 50) < 1e-6);
  const LchAb lch = lch_from_lab(lab_from_srgb(m_desk->session().color()));
  CHECK_NEAR(lch.c, 30.5, 1e-6);
  CHECK_ANGLE(lch.h, 120, 1e-6);
  // Scrolling moves one number and leaves the others.
  turn_wheel(readout(3, 2), {20, 10}, 3);
  CHECK_ANGLE(lch_from_lab(lab_from_srgb(m_desk->session().color())).h, 123, 1e-6);
  turn_wheel(readout(3, 1), {20, 10}, -1, Qt::AltModifier);
  CHECK_NEAR(lch_from_lab(lab_from_srgb(m_desk->session().color())).c, 30.4, 1e-6);
  QTest::keyClick(&readout(3, 0), Qt::Key_Up, Qt::ShiftModifier);
  CHECK_NEAR(m_desk->session().at.at.v, 60, 1e-6);
  const double red = 255 * m_desk->session().color().r;
  drag(readout(0, 0), {10, 10}, {40, 10});
  CHECK_NEAR(255 * m_desk->session().color().r, red + 10, 1e-6);
  // Another space in the same row.
  auto* menu = m_desk->part<QWidget>("readoutSpace.1").findChild<QMenu*>();
  for (auto* action : menu->actions())
    if (action->text().startsWith("OKLCh")) action->trigger();
  const Oklch shown = lch_from_oklab(oklab_from_srgb(m_desk->session().color()));
  CHECK_NEAR(readout(1, 1).text().toDouble(), shown.c, 6e-4);
  menu->actions()[1]->trigger(); // HSV, as it was
  // The place on the wheel is a number too.
  type_into(m_desk->part<NumberField>("place.hue"), "200");
  CHECK_ANGLE(m_desk->session().at.at.a, 200, 1e-6);
  const double v = m_desk->session().at.at.v;
  turn_wheel(m_desk->part<NumberField>("place.value"), {20, 10}, -2);
  CHECK_NEAR(m_desk->session().at.at.v, v - 2, 1e-6);
}

void PickTask::a_number_that_cannot_be_says_so_at_its_field() {
  type_into(readout(3, 0), "50");
  const Srgb held = m_desk->session().color();
  const auto refused = [&](NumberField& field, const char* text, const char* word) {
    const QString before = field.text();
    type_into(field, QLatin1String(text));
    QVERIFY2(word_at_field(m_desk->window).contains(QString::fromUtf8(word)),
             qPrintable(word_at_field(m_desk->window)));
    QCOMPARE(field.text(), before);
    QCOMPARE(m_desk->session().color(), held);
  };
  refused(m_desk->part<NumberField>("place.hue"), "400", "0° to 360°");
  refused(m_desk->part<NumberField>("place.hue"), "abc", "Type a number");
  refused(m_desk->part<NumberField>("place.value"), "-60", "0 to 100"); // 50 less 60.
  refused(readout(0, 1), "300", "0 to 255");
  refused(readout(3, 1), "149", "A display cannot show a color");
  refused(readout(3, 1), "inf", "Type a number");
  refused(m_desk->part<NumberField>("steps.hue"), "1000", "3 to 360");
  // Escape puts back what stood there, and the word goes with the next use.
  QTest::keyClicks(&readout(0, 1), "9");
  QVERIFY(word_at_field(m_desk->window).isEmpty());
  QTest::keyClick(&readout(0, 1), Qt::Key_Escape);
  QCOMPARE(m_desk->session().color(), held);
}

void PickTask::tracks_are_the_colors_that_a_drag_gives() {
  const auto near = [](Srgb a, Srgb b) {
    return std::max({std::abs(a.r - b.r), std::abs(a.g - b.g), std::abs(a.b - b.b)}) <= 1.0 / 255;
  };
  // Each color of a track against the pick at its number; where there is none the pick stops before, or has
  // less saturation.
  int shown = 0, missing = 0;
  const auto check = [&](const QString& name, auto color_now) {
    auto& field = m_desk->part<NumberField>(qPrintable(name));
    const Track track = m_desk->part<TrackView>(qPrintable(name + ".track")).track();
    QVERIFY(track.size() > 20);
    const Srgb before = color_now();
    const auto at = m_desk->model().session().at;
    const double span = field.range().high - field.range().low;
    for (std::size_t i = 0; i < track.size(); i += 3) {
      const double wanted = (static_cast<double>(i) + 0.5) / static_cast<double>(track.size()) * span;
      emit field.wanted(wanted);
      if (track[i]) {
        ++shown;
        QVERIFY2(near(*track[i], color_now()), qPrintable(QString("%1 at %2").arg(name).arg(wanted)));
      } else {
        ++missing;
        const bool stopped = std::abs(field.value() - wanted) > 1e-3;
        QVERIFY2(stopped || m_desk->model().session().at.at.r < at.at.r - 1e-3,
                 qPrintable(QString("%1 at %2").arg(name).arg(wanted)));
      }
      m_desk->model().picking().use_color(before, at);
    }
  };
  const auto now = [this] { return m_desk->model().session().color(); };
  const Polygon triangle{{{-0.2, -0.1}, {0.5, 0.1}, {0.3, 0.8}}};
  for (const SaturationMeasure measure : {SaturationMeasure::Hsluv, SaturationMeasure::Hsv}) {
    for (const bool held : {false, true}) {
      QVERIFY(m_desk->model().store().apply("Another wheel", [&](Piece p) -> Result<Piece> {
        p.wheel.measure = measure;
        p.rule = held ? MaskRule::Held : MaskRule::Free;
        return with_mask(std::move(p), Mask{"m", {{AreaMode::Adds, triangle}}, 0, {}});
      }));
      m_desk->model().picking().use_color({0.8, 0.5, 0.3});
      for (const char* name : {"place.hue", "place.saturation", "place.value"}) check(name, now);
      if (QTest::currentTestFailed()) return;
    }
  }
  QVERIFY(shown > 90 && missing > 5);
  for (int n = 0; n < 3; ++n) check(QString("readout.0.%1").arg(n), now);
  // Another color vision, another drag: they follow at once, and a folded tray has none to make.
  const Track before = m_desk->part<TrackView>("place.value.track").track();
  auto& saturation = m_desk->part<NumberField>("place.saturation");
  drag(saturation, {10, 10}, {40, 10});
  QVERIFY(m_desk->part<TrackView>("place.value.track").track() != before);
}

void PickTask::steps_are_shown_and_obeyed() {
  m_desk->part<QAbstractButton>("page.steps").click();
  type_into(m_desk->part<NumberField>("steps.hue"), "12");
  type_into(m_desk->part<NumberField>("steps.saturation"), "4");
  type_into(m_desk->part<NumberField>("steps.value"), "11");
  set_value(47);
  CHECK_NEAR(m_desk->session().at.at.v, 50, 1e-9);
  click(wheel(), place(100, 0.6));
  CHECK_ANGLE(m_desk->session().at.at.a, 90, 1e-9);
  CHECK_NEAR(m_desk->session().at.at.r, 0.5, 1e-9);
  // The field under the pointer has one color, that of the pick; the next field another.
  const Srgb color = m_desk->session().color();
  for (const auto& [a, r] : {std::pair{80.0, 0.42}, {101.0, 0.58}, {92.0, 0.4}}) {
    const QColor shown = seen(wheel(), place(a, r));
    QVERIFY(largest_step({shown.redF(), shown.greenF(), shown.blueF()}, color) < 2.0 / 255);
  }
  const QColor next = seen(wheel(), place(110, 0.5));
  QVERIFY(largest_step({next.redF(), next.greenF(), next.blueF()}, color) > 8.0 / 255);
  // A nudge goes one step on.
  QTest::keyClick(&wheel(), Qt::Key_Right);
  CHECK_ANGLE(m_desk->session().at.at.a, 120, 1e-9);
  QTest::keyClick(&wheel(), Qt::Key_Up);
  CHECK_NEAR(m_desk->session().at.at.r, 0.75, 1e-9);
  QTest::keyClick(&rail(), Qt::Key_Down);
  CHECK_NEAR(m_desk->session().at.at.v, 40, 1e-9);
  const ValueAxis axis(section().height());
  click(section(), {section().width() / 2.0 + 0.3 * (section().width() / 2.0 - 6), axis.y_of(33)});
  CHECK_NEAR(m_desk->session().at.at.r, 0.25, 1e-9);
  CHECK_NEAR(m_desk->session().at.at.v, 30, 1e-9);
  // Inside a mask the nearest step that it admits.
  m_desk->model().store().apply("mask", [](Piece p) -> Result<Piece> {
    return with_mask(std::move(p), pattern_mask({Pattern::Analogous, 0, 60}));
  });
  click(wheel(), place(170, 0.9));
  QVERIFY(m_desk->model().in_mask() == std::optional(true));
  CHECK_NEAR(std::remainder(m_desk->session().at.at.a, 30), 0, 1e-6);
  CHECK_NEAR(std::remainder(m_desk->session().at.at.r, 0.25), 0, 1e-9);
  for (const char* field : {"steps.hue", "steps.saturation", "steps.value"})
    type_into(m_desk->part<NumberField>(field), "off");
  QVERIFY(m_desk->model().steps().off());
}

void PickTask::changing_the_wheel_keeps_the_color() {
  click(wheel(), place(120, 0.8));
  const Srgb color = m_desk->session().color();
  m_desk->model().store().apply("wheel", [](Piece p) -> Result<Piece> {
    p.wheel.hues = HueScale::Light;
    return p;
  });
  QCOMPARE(m_desk->session().color(), color);
  QVERIFY(largest_step(*m_desk->model().wheel().color_at(m_desk->session().at.at), color) < 1e-6);
  QVERIFY(std::abs(turn_between(m_desk->session().at.at.a, 120)) > 5);
}

void PickTask::the_plan_zooms_around_the_pointer() {
  const QPointF at = place(70, 0.6);
  const double whole = wheel().radius();
  for (int i = 0; i < 20; ++i) turn_wheel(wheel(), at, 1, Qt::ControlModifier);
  CHECK_NEAR(wheel().zoom(), 4, 1e-9);
  // The same place still lies under the pointer, and picking there takes it.
  click(wheel(), at);
  CHECK_ANGLE(m_desk->session().at.at.a, 70, 1e-6);
  CHECK_NEAR(m_desk->session().at.at.r, 0.6, 1e-6);
  // One pixel is a quarter of what it was.
  const double r = m_desk->session().at.at.r;
  QVERIFY(std::abs(wheel().disc_point_at(at + QPointF(1, 0)).x - wheel().disc_point_at(at).x - 0.25 / whole) <
          1e-9);
  const QColor shown = seen(wheel(), at + QPointF(14, 14));
  const Srgb there = *m_desk->model().wheel().color_at(
      wheel_point(wheel().disc_point_at(at + QPointF(14, 14)), m_desk->session().at.at.v));
  QVERIFY(largest_step({shown.redF(), shown.greenF(), shown.blueF()}, there) < 4.0 / 255);
  QTest::keyClick(&wheel(), Qt::Key_0);
  QCOMPARE(wheel().zoom(), 1.0);
  // By keys it stays about the pick.
  const auto pick = [&] { return wheel().screen_point(disc_point(m_desk->session().at.at)); };
  const QPointF stays = pick();
  QTest::keyClick(&wheel(), Qt::Key_Plus);
  QVERIFY(wheel().zoom() > 1.05);
  QVERIFY((pick() - stays).manhattanLength() < 1e-6);
  QTest::keyClick(&wheel(), Qt::Key_Minus);
  CHECK_NEAR(wheel().zoom(), 1, 1e-9);
  CHECK_NEAR(m_desk->session().at.at.r, r, 1e-12);
  QVERIFY((place(70, 0.6) - at).manhattanLength() < 1e-6);
}

void PickTask::chroma_wheels_show_only_what_exists() {
  auto& measures = m_desk->part<QComboBox>("measure");
  for (int i = 0; i < measures.count(); ++i) {
    measures.setCurrentIndex(i);
    emit measures.activated(i);
    set_value(88);
    const double v = m_desk->session().at.at.v;
    for (double a = 5; a < 360; a += 40) {
      click(wheel(), place(a, 0.97));
      const WheelPoint at = m_desk->session().at.at;
      QVERIFY(at.r <= std::max(m_desk->model().wheel().reach(Angle(at.a), v), 0.97) + 1e-9);
      QVERIFY(std::abs(value_of(m_desk->session().color()) - v) < 0.01);
      QVERIFY(largest_step(*m_desk->model().wheel().color_at(at), m_desk->session().color()) < 1e-9);
    }
  }
  // On the chroma wheel the far blue does not exist at this value: surround or hatch, no hue.
  const QColor open = seen(wheel(), place(240, 0.9));
  QVERIFY(open.red() == open.green() && open.green() == open.blue());
}

void PickTask::a_relation_is_slid_taken_up_and_laid() {
  // It stays open or hidden over a new start.
  for (const bool open : {true, false, true}) {
    auto& all = m_desk->part<QAction>("allRelations");
    const auto* menu = qobject_cast<QMenu*>(all.associatedObjects().front());
    QVERIFY(menu);
    const auto last = menu->actions().indexOf(&all) - 1; // The last one of the relations.
    (open ? menu->actions()[last] : &m_desk->part<QAction>("hideRelation"))->trigger();
    QCOMPARE(m_desk->part<ChipRow>("members").isVisible(), open);
    m_desk.reset();
    m_desk = new_piece_at(Desk::Pick);
    QCOMPARE(m_desk->part<ChipRow>("members").isVisible(), open);
  }
  click(wheel(), place(120, 0.8));
  const WheelPoint red = m_desk->session().at.at;
  auto& chips = m_desk->part<ChipRow>("members");
  QCOMPARE(chips.steps().size(), std::size_t{2}); // the complement, to start with
  click(chips, chips.chip_rect(1).center());
  CHECK_ANGLE(m_desk->session().at.at.a, red.a + 180, 1e-9);
  CHECK_NEAR(m_desk->session().at.at.v, red.v, 1e-6);
  click(wheel(), place(120, 0.8));
  m_desk->choose("relation", Relation::Triad);
  QCOMPARE(chips.steps().size(), std::size_t{3});
  // On the rim a member stands in its color; a drag along the rim slides it, the others stay.
  const auto rim = [&](double a) {
    return wheel().screen_point(disc_point(Angle(a), 1 - 9 / wheel().radius()));
  };
  const QColor mark = seen(wheel(), rim(240));
  QVERIFY(largest_step({mark.redF(), mark.greenF(), mark.blueF()},
                       m_desk->model().picking().members()[1].color) < 2.0 / 255);
  drag(wheel(), rim(240), rim(200));
  CHECK_ANGLE(m_desk->model().picking().members()[1].at.a, 200, 0.5);
  CHECK_ANGLE(m_desk->model().picking().members()[2].at.a, 0, 1e-9);
  CHECK_ANGLE(m_desk->session().at.at.a, 120, 1e-9); // nothing was picked
  move(wheel(), rim(200), Qt::NoButton);
  const QString hint = m_desk->part<HintLine>("hintLine").words();
  QVERIFY2(hint.startsWith("80° further: "), qPrintable(hint));
  click(wheel(), rim(0));
  CHECK_ANGLE(m_desk->session().at.at.a, 0, 1e-9);
  m_desk->model().picking().back_to_before();
  // All as a family named by the relation, vivid.
  m_desk->part<QAbstractButton>("relationVivid").click();
  const Piece before = m_desk->piece();
  const auto members = m_desk->model().picking().members();
  m_desk->part<QAbstractButton>("layRelation").click();
  const Family& laid = current_set(m_desk->piece())->families.back();
  QCOMPARE(laid.name, std::string("triad of red"));
  QCOMPARE(laid.swatches.size(), std::size_t{3});
  for (std::size_t i = 0; i < 3; ++i) {
    QCOMPARE(laid.swatches[i].color, members[i].color);
    CHECK_NEAR(value_of(members[i].color), vivid_value(m_desk->model().wheel(), Angle(members[i].at.a)),
               1e-6);
  }
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece(), before);
}

void PickTask::the_vivid_plan_picks_what_is_seen() {
  m_desk->part<QAbstractButton>("vividPlan").click();
  // Until it is made there is no color that a pick would not take.
  const QColor unmade = seen(wheel(), place(245, 0.95));
  QVERIFY(!m_desk->model().plan().vivid_table() && unmade.red() == unmade.green() &&
          unmade.green() == unmade.blue());
  QVERIFY(comes_true([this] { return m_desk->model().plan().vivid_table() != nullptr; }));
  for (const auto& [a, r] : std::vector<std::pair<double, double>>{{20, 0.9}, {130, 0.5}, {245, 0.95}}) {
    const QColor shown = seen(wheel(), place(a, r));
    click(wheel(), place(a, r));
    const Srgb picked = m_desk->session().color();
    QVERIFY(largest_step({shown.redF(), shown.greenF(), shown.blueF()}, picked) < 4.0 / 255);
    CHECK_NEAR(value_of(picked), vivid_value(m_desk->model().wheel(), Angle(m_desk->session().at.at.a)),
               1e-6);
  }
  m_desk->part<QAbstractButton>("vividPlan").click();
  const double v = m_desk->session().at.at.v;
  click(wheel(), place(20, 0.9));
  CHECK_NEAR(m_desk->session().at.at.v, v, 1e-6);
}

void PickTask::strips_are_always_in_sight() {
  click(wheel(), place(75, 0.7));
  const Srgb color = m_desk->session().color();
  QVERIFY(m_desk->session().ramp.empty()); // nothing on the staff unasked
  for (const auto& [name, kind] : std::initializer_list<std::pair<const char*, RampKind>>{
           {"tints", RampKind::Tints}, {"tones", RampKind::Tones}, {"shades", RampKind::Shades}}) {
    auto& strip = m_desk->part<ChipRow>(qPrintable(QStringLiteral("strip.") + name));
    QVERIFY(strip.isVisible());
    const auto made = *make_ramp({kind, color, {}, 7}, m_desk->model().wheel());
    QCOMPARE(strip.steps().size(), std::size_t{6}); // the color itself first
    for (std::size_t i = 0; i < 6; ++i) QCOMPARE(strip.steps()[i].color, made[i].color);
  }
  m_desk->trigger("lay.shades");
  QCOMPARE(current_set(m_desk->piece())->families.back().name, hue_in_words(color) + " shades");
}

DESK_TEST_MAIN(PickTask)
