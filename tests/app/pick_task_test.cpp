// SPDX-License-Identifier: GPL-3.0-or-later
// Picking at true value inside a mask.
#include "app/band/staff_view.h"
#include "app/band/value_axis.h"
#include "app/controls/number_field.h"
#include "app/tray/chip_row.h"
#include "app/tray/color_pair.h"
#include "app/tray/track_view.h"
#include "app/tray/wells_view.h"
#include "app/wheel/wheel_view.h"
#include "core/color/convert.h"
#include "core/mask/patterns.h"
#include "core/piece/edits.h"
#include "core/wheel/color_words.h"
#include "core/wheel/relations.h"
#include "desk.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>

using namespace zc;
using namespace zc::test;

class PickTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = new_piece_at(Desk::Pick); }
  void cleanup() { m_desk.reset(); }

  void one_value_line_runs_through_rail_section_and_staff();
  void hue_and_saturation_never_move_the_value();
  void the_section_moves_value_and_saturation_at_one_hue();
  void keys_and_wheel_nudge();
  void fast_drags_end_where_the_hand_ends();
  void wells_recent_and_before();
  void typed_hex_is_taken_or_refused();
  void numbers_are_typed_scrolled_and_dragged();
  void a_number_that_cannot_be_says_so_at_its_field();
  void tracks_are_the_colors_that_a_drag_gives();
  void steps_are_shown_and_obeyed();
  void changing_the_wheel_keeps_the_color();
  void the_plan_zooms_around_the_pointer();
  void chroma_wheels_show_only_what_exists();
  void a_relation_is_slid_taken_up_and_laid();
  void the_vivid_plan_picks_what_is_seen();
  void strips_are_always_in_sight();
  void a_ramp_is_laid_as_a_family_in_one_step();
  void a_ramp_stands_on_the_staffs_axis_and_gives_single_steps();
  void wells_have_rows_with_names();
  void a_ramp_goes_to_a_well_and_into_its_haze();
  void a_ramp_goes_between_whatever_is_there();
  void a_ladder_is_previewed_and_added_in_one_step();
  void a_relation_is_chosen_on_the_rim();
  void the_rail_marks_where_the_color_ends();
  void values_only_and_surrounds_are_neutral();

private:
  WheelView& wheel() { return m_desk->part<WheelView>("wheel"); }
  QWidget& rail() { return m_desk->part<QWidget>("rail"); }
  QWidget& section() { return m_desk->part<QWidget>("section"); }
  QPointF place(double a, double r) { return wheel().screen_point(disc_point(Angle(a), r)); }
  void set_value(double v) {
    const ValueAxis axis(rail().height());
    click(rail(), {90, axis.y_of(v)});
  }
  NumberField& readout(int row, int number) {
    return m_desk->part<NumberField>(qPrintable(QStringLiteral("readout.%1.%2").arg(row).arg(number)));
  }
  /// The longer string, beside the staff too.
  void open_ramp() {
    m_desk->part<QAbstractButton>("page.ramp").click();
    m_desk->part<QAbstractButton>("showRamp").click();
  }
  std::unique_ptr<DeskTop> m_desk;
};

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

void PickTask::a_ramp_is_laid_as_a_family_in_one_step() {
  open_ramp();
  click(wheel(), place(75, 0.7));
  auto& row = m_desk->part<ChipRow>("ramp");
  m_desk->choose("rampKind", RampKind::Shades);
  type_into(m_desk->part<NumberField>("rampSteps"), "6");
  QCOMPARE(row.steps().size(), std::size_t{6});
  const auto steps = row.steps();
  const Piece before = m_desk->piece();
  m_desk->part<QAbstractButton>("layRamp").click();
  const auto& families = current_set(m_desk->piece())->families;
  const std::string name = hue_in_words(m_desk->session().color()) + " shades";
  QCOMPARE(families.back().name, name);
  QCOMPARE(families.back().swatches.size(), steps.size());
  for (std::size_t i = 0; i < steps.size(); ++i) QCOMPARE(families.back().swatches[i].color, steps[i].color);
  m_desk->part<QAbstractButton>("layRamp").click();
  QCOMPARE(current_set(m_desk->piece())->families.back().name, name + " 2");
  m_desk->model().store().stack().undo();
  m_desk->model().store().stack().undo();
  QCOMPARE(m_desk->piece(), before);
  // A single step is taken up; a ramp without length offers nothing.
  click(row, row.chip_rect(2).center());
  QCOMPARE(m_desk->session().color(), steps[2].color);
  m_desk->model().picking().use_color({1, 1, 1});
  m_desk->choose("rampKind", RampKind::Tints);
  QVERIFY(!m_desk->part<QAbstractButton>("layRamp").isEnabled());
}

void PickTask::a_ramp_stands_on_the_staffs_axis_and_gives_single_steps() {
  open_ramp();
  click(wheel(), place(75, 0.7));
  m_desk->choose("rampKind", RampKind::Values);
  auto& staff = m_desk->part<StaffView>("staff");
  auto& row = m_desk->part<ChipRow>("ramp");
  const auto steps = m_desk->session().ramp;
  QCOMPARE(steps.size(), row.steps().size());
  // It is looked at beside the set, in the place of its page, and nowhere else.
  m_desk->part<QAbstractButton>("page.set").click();
  QVERIFY(staff.isVisible() && !row.isVisible());
  QCOMPARE(m_desk->session().ramp.size(), steps.size());
  m_desk->model().viewing().show_desk(Desk::Limit);
  QVERIFY(m_desk->session().ramp.empty());
  m_desk->model().viewing().show_desk(Desk::Pick);
  QCOMPARE(m_desk->session().ramp.size(), steps.size());
  m_desk->part<QAbstractButton>("page.ramp").click();
  QCoreApplication::processEvents();
  const ValueAxis axis(staff.height());
  for (std::size_t i = 0; i < steps.size(); ++i) {
    QVERIFY(std::abs(staff.ramp_rect(i).center().y() - axis.y_of(value_of(steps[i].color))) < 1e-6);
    const QColor shown = seen(staff, staff.ramp_rect(i).center() + QPointF(8, 5)); // Off the value line.
    QVERIFY(largest_step({shown.redF(), shown.greenF(), shown.blueF()}, steps[i].color) < 1.5 / 255);
  }
  click(staff, staff.ramp_rect(2).center());
  click(row, row.chip_rect(5).center(), Qt::ControlModifier);
  const auto& laid = current_set(m_desk->piece())->families.back().swatches;
  QCOMPARE(laid.size(), std::size_t{2});
  QCOMPARE(laid[0].color, steps[2].color);
  QCOMPARE(laid[1].color, steps[5].color);
  // A held step is told and lies in the mask.
  m_desk->model().store().apply("mask", [](Piece p) -> Result<Piece> {
    return with_mask(std::move(p), pattern_mask({Pattern::Single, 180, 40}));
  });
  QVERIFY(m_desk->part<QLabel>("rampWords").text().contains("moved into the mask"));
  for (const auto& step : m_desk->session().ramp) QVERIFY(step.held);
  m_desk->part<QAbstractButton>("rampHold").click();
  for (const auto& step : m_desk->session().ramp) QVERIFY(!step.held);
  m_desk->part<QAbstractButton>("page.mixing").click();
  QVERIFY(m_desk->session().ramp.empty());
}

/// More rows, chosen by a key or by their names, which are edited where they stand.
void PickTask::wells_have_rows_with_names() {
  auto& wells = m_desk->part<WellsView>("wells");
  Picking& picking = m_desk->model().picking();
  const auto& hand = m_desk->session().at_hand;
  const QSize size = wells.size();
  picking.add_well_row();
  picking.add_well_row();
  QCOMPARE(wells.size(), size);
  for (std::size_t row = 0; row < 3; ++row)
    for (std::size_t i = 0; i < 24; ++i)
      if (row != i / 8) QVERIFY(!wells.name_rect(row).intersects(wells.well_rect(i)));
  QVERIFY(QRectF(wells.rect()).contains(wells.well_rect(23).united(wells.number_rect(23))));
  QCOMPARE(hand.row, std::size_t{2});
  click(wells, wells.name_rect(1).center());
  QCOMPARE(hand.row, std::size_t{1});
  picking.use_color({0.9, 0.6, 0.3});
  click(wells, wells.well_rect(17).center(), Qt::ShiftModifier);
  QCOMPARE(hand.wells[17], std::optional(Srgb{0.9, 0.6, 0.3}));
  if (QGuiApplication::platformName() == QLatin1String("offscreen")) {
    // Digits are wells of the chosen row; 9 goes on to the next, with Shift back.
    QTest::keyClick(&m_desk->window, Qt::Key_4, Qt::ShiftModifier);
    QCOMPARE(hand.wells[11], std::optional(Srgb{0.9, 0.6, 0.3}));
    QTest::keyClick(&m_desk->window, Qt::Key_9);
    QCOMPARE(hand.row, std::size_t{2});
    picking.use_color({0.1, 0.2, 0.5});
    QTest::keyClick(&m_desk->window, Qt::Key_2);
    QCOMPARE(m_desk->session().color(), (Srgb{0.9, 0.6, 0.3}));
    QTest::keyClick(&m_desk->window, Qt::Key_9);
    QCOMPARE(hand.row, std::size_t{0});
    QTest::keyClick(&m_desk->window, Qt::Key_9, Qt::ShiftModifier);
    QCOMPARE(hand.row, std::size_t{2});
  }
  double_click(wells, wells.name_rect(2).center());
  auto& name = m_desk->part<QLineEdit>("wellRowName");
  QVERIFY(name.isVisible());
  QTest::keyClicks(&name, "cloth");
  QTest::keyClick(&name, Qt::Key_Return);
  QVERIFY(!name.isVisible());
  QCOMPARE(row_name(hand, 2), std::string("cloth"));
  click(wells, wells.number_rect(18).center());
  QCOMPARE(wells.accessible().description, QStringLiteral("every pick fills well 3 of cloth"));
  double_click(wells, wells.name_rect(2).center());
  QTest::keyClicks(&name, "skin");
  QTest::keyClick(&name, Qt::Key_Escape);
  QCOMPARE(row_name(hand, 2), std::string("cloth"));
  // F2 names the row where the keys are.
  wells.setFocus();
  for (int i = 0; i < 24; ++i) QTest::keyClick(&wells, Qt::Key_Left);
  for (int i = 0; i < 9; ++i) QTest::keyClick(&wells, Qt::Key_Right);
  QTest::keyClick(&wells, Qt::Key_F2);
  QTest::keyClicks(&name, "sky");
  QTest::keyClick(&name, Qt::Key_Return);
  QCOMPARE(row_name(hand, 1), std::string("sky"));
  // What lay in a row that goes is among the recent colors.
  picking.remove_well_row(2);
  QCOMPARE(hand.recent.front(), (Srgb{0.9, 0.6, 0.3}));
  QVERIFY(m_desk->notice().contains("recent"));
  QVERIFY(!m_desk->session().filling_well && well_rows(hand) == 2);
}

void PickTask::a_ramp_goes_to_a_well_and_into_its_haze() {
  open_ramp();
  auto& wells = m_desk->part<WellsView>("wells");
  m_desk->model().picking().use_color({0.9, 0.6, 0.3});
  click(wells, wells.well_rect(3).center(), Qt::ShiftModifier);
  m_desk->model().picking().use_color({0.1, 0.2, 0.5});
  m_desk->choose("rampKind", RampKind::Between);
  m_desk->choose("rampTarget", "well.3");
  const auto ends = [this](Srgb from, Srgb to, double tolerance) {
    const auto& ramp = m_desk->session().ramp;
    return ramp.size() == 9 && largest_step(ramp.front().color, from) < 1e-6 &&
           largest_step(ramp.back().color, to) < tolerance;
  };
  QVERIFY(ends({0.1, 0.2, 0.5}, {0.9, 0.6, 0.3}, 1e-6));
  std::vector<Srgb> middles;
  for (const Way way : {Way::Straight, Way::Short, Way::Long, Way::Light}) {
    m_desk->choose("rampWay", way);
    QVERIFY2(ends({0.1, 0.2, 0.5}, {0.9, 0.6, 0.3}, 1e-6),
             qPrintable(QString::number(static_cast<int>(way))));
    middles.push_back(m_desk->session().ramp[4].color);
  }
  for (std::size_t i = 1; i < middles.size(); ++i) QVERIFY(largest_step(middles[i], middles[i - 1]) > 0.02);
  // Why there is none stands whole where it would be.
  const auto& row = m_desk->part<ChipRow>("ramp");
  const auto& none = m_desk->part<QLabel>("noRamp");
  QVERIFY(row.isVisible() && !none.isVisible());
  m_desk->model().picking().use_color({0.9, 0.6, 0.3});
  QTRY_VERIFY(none.isVisible() && none.height() >= none.heightForWidth(none.width()));
  QVERIFY(!row.isVisible());
  QCOMPARE(none.text(), QString("Both ends of this ramp have the same color; choose another end."));
  m_desk->model().picking().use_color({0.1, 0.2, 0.5});
  m_desk->choose("rampKind", RampKind::Distance);
  QVERIFY(ends({0.1, 0.2, 0.5}, {0.9, 0.6, 0.3}, 0.1));
  m_desk->choose("rampTarget", "haze");
  QVERIFY(ends({0.1, 0.2, 0.5}, usual_haze(), 0.1));
}

/// Members, corners, the neutral and swatches as ends; greys of the mask's light; ends that are not white and
/// black.
void PickTask::a_ramp_goes_between_whatever_is_there() {
  open_ramp();
  const auto& ramp = m_desk->session().ramp;
  m_desk->choose("rampKind", RampKind::Greys);
  QVERIFY(m_desk->part<QLabel>("noRamp").text().contains("no mask"));
  QVERIFY(ramp.empty() && !m_desk->part<QAbstractButton>("layRamp").isEnabled());
  m_desk->model().store().apply("mask", [](Piece p) -> Result<Piece> {
    return with_mask(std::move(p), pattern_mask({Pattern::Triad, 180, 40}));
  });
  click(wheel(), place(180, 0.4));
  const Session& s = m_desk->session();
  const auto in_mask = [&](DiscPoint p) {
    return m_desk->model().wheel().nearest_existing(wheel_point(p, s.at.at.v)).color;
  };
  const Srgb neutral = in_mask(*m_desk->model().region()->centroid());
  QCOMPARE(ramp.size(), std::size_t{9});
  QVERIFY(largest_step(ramp.back().color, neutral) < 1e-6);
  for (const auto& step : ramp) CHECK_NEAR(value_of(step.color), s.at.at.v, 0.01);
  // Any two of them.
  m_desk->model().laying().lay_color({{0.8, 0.5, 0.2}, {}});
  const Id swatch = current_set(m_desk->piece())->families[0].swatches[0].id;
  m_desk->model().picking().choose_relation(Relation::Triad);
  m_desk->choose("rampKind", RampKind::Between);
  m_desk->part<QAbstractButton>("rampHold").click();
  const auto ends = [&](const char* from, Srgb first, const QString& to, Srgb last) {
    m_desk->choose("rampFrom", from);
    m_desk->choose("rampTarget", to);
    return largest_step(ramp.front().color, first) < 1e-6 && largest_step(ramp.back().color, last) < 1e-6;
  };
  const auto member = [&](std::size_t i) { return m_desk->model().picking().members()[i].color; };
  QVERIFY(ends("member.2", member(2), "neutral", neutral));
  QVERIFY(ends("corner.1", in_mask(m_desk->model().region()->corners()[1]),
               QStringLiteral("swatch.%1").arg(swatch), {0.8, 0.5, 0.2}));
  // Another piece may have a swatch of the same number: it is not taken for this one.
  const Piece same = m_desk->piece();
  m_desk->model().start(same, {}, true);
  QCOMPARE(m_desk->part<QComboBox>("rampTarget").currentData().toString(), QString("before"));
  QCOMPARE(m_desk->part<QComboBox>("rampFrom").currentData().toString(), QString("current"));
  m_desk->choose("rampTarget", QStringLiteral("swatch.%1").arg(swatch));
  // What was chosen and is gone is not told for something else.
  m_desk->model().store().apply("gone", [&](Piece p) { return without_swatches(std::move(p), {swatch}); });
  QCOMPARE(m_desk->part<QComboBox>("rampTarget").currentData().toString(), QString("before"));
  m_desk->choose("rampKind", RampKind::Tints);
  type_into(m_desk->part<NumberField>("rampLightest"), "88");
  CHECK_NEAR(value_of(ramp.back().color), 88, 1e-6);
  m_desk->choose("rampKind", RampKind::Shades);
  type_into(m_desk->part<NumberField>("rampDarkest"), "9");
  CHECK_NEAR(value_of(ramp.back().color), 9, 1e-6);
  m_desk->choose("rampKind", RampKind::Values);
  QVERIFY(std::any_of(ramp.begin(), ramp.end(),
                      [&](const RampStep& step) { return largest_step(step.color, s.color()) < 1e-6; }));
}

void PickTask::a_ladder_is_previewed_and_added_in_one_step() {
  open_ramp();
  click(wheel(), place(75, 0.7));
  m_desk->choose("rampKind", -1);
  m_desk->choose("rampRelation", Relation::Triad);
  QCOMPARE(m_desk->session().relations.relation, Relation::Triad);
  const std::vector<RampStep> ramp = m_desk->session().ramp;
  QCOMPARE(ramp.size(), std::size_t{15});
  // Rows side by side on the staff, each step at its value; its place on the wheel in its color.
  auto& staff = m_desk->part<StaffView>("staff");
  m_desk->part<QAbstractButton>("page.set").click();
  QCoreApplication::processEvents();
  const ValueAxis axis(staff.height());
  for (std::size_t i = 0; i < ramp.size(); ++i) {
    const QRectF chip = staff.ramp_rect(i);
    QVERIFY(std::abs(chip.center().y() - axis.y_of(value_of(ramp[i].color))) < 1e-6);
    if (i >= 5) QVERIFY(chip.left() > staff.ramp_rect(i - 5).right());
    const QColor shown = seen(staff, chip.center() + QPointF(4, 0));
    QVERIFY(largest_step({shown.redF(), shown.greenF(), shown.blueF()}, ramp[i].color) < 1.5 / 255);
    const QColor mark = seen(wheel(), wheel().screen_point(disc_point(ramp[i].at->at)));
    const bool last_on_rim = ramp[i].at->at.r > 0.99 && (i % 5 == 4 || ramp[i + 1].at->at.r <= 0.99);
    if (last_on_rim) // It stands over all darker ones of its row.
      QVERIFY(largest_step({mark.redF(), mark.greenF(), mark.blueF()}, ramp[i].color) < 4.0 / 255);
  }
  const Piece before = m_desk->piece();
  m_desk->part<QAbstractButton>("layRamp").click();
  const auto& families = current_set(m_desk->piece())->families;
  QCOMPARE(families.size(), std::size_t{3});
  for (std::size_t f = 0; f < 3; ++f)
    for (std::size_t i = 0; i < 5; ++i) QCOMPARE(families[f].swatches[i].color, ramp[5 * f + i].color);
  QVERIFY(families[0].name != families[1].name);
  m_desk->model().store().stack().undo();
  QCOMPARE(m_desk->piece(), before);
  // Too many steps for the room between the ends: twins are told.
  m_desk->part<QAbstractButton>("page.ramp").click();
  QVERIFY(!m_desk->part<QLabel>("rampWords").text().contains("read as one"));
  type_into(m_desk->part<NumberField>("rampDarkest"), "70");
  QVERIFY(m_desk->part<QLabel>("rampWords").text().contains("read as one"));
  // A ramp has its own ends and steps.
  m_desk->choose("rampKind", RampKind::Values);
  QCOMPARE(m_desk->part<NumberField>("rampDarkest").value(), 0.0);
  QCOMPARE(m_desk->session().ramp.size(), std::size_t{9});
}

void PickTask::a_relation_is_chosen_on_the_rim() {
  click(wheel(), place(75, 0.6));
  const Srgb color = m_desk->session().color();
  const auto chosen = [&] { return m_desk->session().relations.relation; };
  m_desk->trigger("allRelations");
  const auto at = [&](double turn) { return wheel().rim_mark(75 + turn); };
  for (const auto& [turn, relation] :
       std::initializer_list<std::pair<double, Relation>>{{90, Relation::Square},
                                                          {-30, Relation::Analogous},
                                                          {240, Relation::Triad},
                                                          {60, Relation::Rectangle},
                                                          {210, Relation::Double},
                                                          {150, Relation::Split}}) {
    // Its hue is seen there.
    const QColor mark = seen(wheel(), at(turn));
    const Srgb there =
        m_desk->model()
            .wheel()
            .nearest_existing({wrap_degrees(75 + turn), m_desk->session().at.at.r, m_desk->session().at.at.v})
            .color;
    QVERIFY(largest_step({mark.redF(), mark.greenF(), mark.blueF()}, there) < 6.0 / 255);
    click(wheel(), at(turn));
    QCOMPARE(chosen(), relation);
    QCOMPARE(m_desk->session().color(), color);
  }
  // What is let go beside a mark chooses nothing.
  m_desk->model().picking().choose_relation(Relation::Analogous);
  click(wheel(), at(240));
  QCOMPARE(chosen(), Relation::Triad);
  press(wheel(), at(90));
  move(wheel(), at(105));
  release(wheel(), at(105));
  QCOMPARE(chosen(), Relation::Triad);
  m_desk->trigger("allRelations");
  click(wheel(), at(90));
  QVERIFY(chosen() == Relation::Triad && m_desk->session().color() != color);
}

void PickTask::the_rail_marks_where_the_color_ends() {
  m_desk->model().masking().change_wheel({HueScale::Traditional, SaturationMeasure::OklabChroma});
  set_value(60);
  click(wheel(), place(120, 0.5));
  const WheelPoint at = m_desk->session().at.at;
  const ValueSpan span = m_desk->model().wheel().value_span(Angle(at.a), at.r);
  QVERIFY(span.low > 1 && span.high < 99);
  const ValueAxis axis(rail().height());
  for (const double v : {span.low, span.high})
    QVERIFY(seen(rail(), {110, std::floor(axis.y_of(v))}).lightness() > 150);
  // Dragged beyond, the value stops there.
  drag(rail(), {90, axis.y_of(50)}, {90, axis.y_of(99)});
  CHECK_NEAR(m_desk->session().at.at.v, span.high, 1e-6);
}

void PickTask::values_only_and_surrounds_are_neutral() {
  QVERIFY(m_desk->open_demo());
  m_desk->model().viewing().show_desk(Desk::Pick);
  m_desk->model().viewing().look_with(ColorVision::Values);
  for (const Surround surround : {Surround::Dark, Surround::Middle, Surround::Light}) {
    m_desk->window.use_surround(surround);
    QCoreApplication::processEvents();
    const QImage shot = m_desk->window.grab().toImage().convertToFormat(QImage::Format_RGB32);
    for (int y = 0; y < shot.height(); y += 3)
      for (int x = 0; x < shot.width(); x += 3) {
        const QRgb c = shot.pixel(x, y);
        const int spread =
            std::max({qRed(c), qGreen(c), qBlue(c)}) - std::min({qRed(c), qGreen(c), qBlue(c)});
        // Text may be smoothed for the screen's stripes.
        QVERIFY2(spread <= 1, qPrintable(QStringLiteral("%1, %2 on %3: %4")
                                             .arg(x)
                                             .arg(y)
                                             .arg(surround_name(surround), QString::number(c, 16))));
      }
  }
  m_desk->window.use_surround(Surround::Dark);
}

DESK_TEST_MAIN(PickTask)
#include "pick_task_test.moc"
