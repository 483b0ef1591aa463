// Picking at true value inside a mask.
#include "app/band/value_axis.h"
#include "app/desks/pick/wheel_view.h"
#include "app/tray/chip_row.h"
#include "app/tray/color_pair.h"
#include "app/tray/wells_view.h"
#include "core/color/convert.h"
#include "core/mask/patterns.h"
#include "desk.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>

using namespace zc;
using namespace zc::test;

class PickTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = std::make_unique<DeskTop>();
    m_desk->bench().show_desk(Desk::Pick);
    QCoreApplication::processEvents();
  }
  void cleanup() { m_desk.reset(); }

  void one_value_line_runs_through_rail_section_and_staff();
  void hue_and_saturation_never_move_the_value();
  void the_section_moves_value_and_saturation_at_one_hue();
  void a_mask_is_laid_and_holds_picks();
  void corners_are_dragged_in_one_step();
  void the_mask_turns_by_hand_and_by_number();
  void edges_take_corners_and_corners_go();
  void an_empty_mask_says_so();
  void keys_and_wheel_nudge();
  void fast_drags_end_where_the_hand_ends();
  void wells_recent_and_before();
  void typed_hex_is_taken_or_refused();
  void changing_the_wheel_keeps_the_color();
  void the_plan_zooms_around_the_pointer();
  void turning_carries_the_set_when_asked();
  void neutral_and_key_colors_come_from_the_mask();
  void chroma_wheels_show_only_what_exists();
  void a_mask_keeps_its_colors_on_another_wheel();
  void partners_are_taken_up_with_a_click();
  void a_string_is_laid_as_a_family_in_one_step();
  void values_only_and_surrounds_are_neutral();

private:
  WheelView& wheel() { return m_desk->part<WheelView>("wheel"); }
  QWidget& rail() { return m_desk->part<QWidget>("rail"); }
  QWidget& section() { return m_desk->part<QWidget>("section"); }
  QPointF place(double a, double r) { return wheel().screen_point(disc_point(a, r)); }
  void set_value(double v) {
    const ValueAxis axis(rail().height());
    click(rail(), {90, axis.y_of(v)});
  }
  std::unique_ptr<DeskTop> m_desk;
};

void PickTask::one_value_line_runs_through_rail_section_and_staff() {
  auto& staff = m_desk->part<QWidget>("staff");
  QCOMPARE(rail().height(), section().height());
  QCOMPARE(rail().height(), staff.height());
  const ValueAxis axis(rail().height());
  drag(rail(), {90, axis.y_of(20)}, {90, axis.y_of(70)});
  QVERIFY(std::abs(m_desk->session().at.v - 70) < 0.5);
  const double y = axis.y_of(m_desk->session().at.v);
  // White at the same height in all three.
  for (QWidget* part : {&rail(), &section(), &staff})
    QVERIFY2(seen(*part, {part->width() - 40.0, std::floor(y)}).lightness() > 240,
             qPrintable(part->objectName()));
  // Dragging the line on the staff moves it everywhere.
  press(staff, {staff.width() - 60.0, y});
  move(staff, {staff.width() - 60.0, axis.y_of(30)});
  release(staff, {staff.width() - 60.0, axis.y_of(30)});
  QVERIFY(std::abs(m_desk->session().at.v - 30) < 0.5);
  QVERIFY(std::abs(value_of(m_desk->session().color) - m_desk->session().at.v) < 0.01);
}

void PickTask::hue_and_saturation_never_move_the_value() {
  set_value(62);
  const double v = m_desk->session().at.v;
  for (int i = 0; i < 200; ++i) {
    press(wheel(), place(i * 37, 0.99 * (i % 10) / 10.0));
    release(wheel(), place(i * 37, 0.99 * (i % 10) / 10.0));
    QVERIFY(std::abs(value_of(m_desk->session().color) - v) < 0.01);
  }
  // What is picked is what lies under the pointer.
  const QPointF at = place(75, 0.6) + QPointF(9, 9); // beside the mark
  click(wheel(), place(75, 0.6));
  const DiscPoint p = wheel().disc_point_at(at);
  const Srgb there = *m_desk->bench().wheel().color_at(wheel_point(p, v));
  const QColor shown = seen(wheel(), at);
  QVERIFY(largest_step({shown.redF(), shown.greenF(), shown.blueF()}, there) < 8.0 / 255);
}

void PickTask::the_section_moves_value_and_saturation_at_one_hue() {
  click(wheel(), place(200, 0.5));
  const double hue = m_desk->session().at.a;
  const ValueAxis axis(section().height());
  const double middle = section().width() / 2.0, half = section().width() / 2.0 - 6;
  drag(section(), {middle + 10, axis.y_of(50)}, {middle + 0.8 * half, axis.y_of(25)});
  CHECK_ANGLE(m_desk->session().at.a, hue, 1e-9);
  CHECK_NEAR(m_desk->session().at.r, 0.8, 1e-9);
  CHECK_NEAR(m_desk->session().at.v, 25, 1e-9);
  // Left of neutral lies the complement, and the section itself does not flip.
  click(section(), {middle - 0.4 * half, axis.y_of(60)});
  CHECK_ANGLE(m_desk->session().at.a, hue + 180, 1e-9);
  CHECK_ANGLE(m_desk->session().section_angle, hue, 1e-9);
}

void PickTask::a_mask_is_laid_and_holds_picks() {
  m_desk->part<QDoubleSpinBox>("patternBase").setValue(60);
  m_desk->part<QAbstractButton>("pattern.triad").click();
  QVERIFY(m_desk->piece().mask);
  const MaskRegion region(*m_desk->piece().mask);
  CHECK_NEAR(region.share(), 3 * std::sqrt(3.0) / 4 / M_PI, 1e-9);
  for (const double angle : {120.0, 0.0, 240.0}) {
    click(wheel(), place(angle, 0.95));
    QVERIFY(region.inside(disc_point(m_desk->session().at.a, m_desk->session().at.r)));
    QCOMPARE(m_desk->part<QLabel>("maskState").text(), QStringLiteral("inside the mask"));
  }
  // Flagged: the pick goes where the hand went, and it shows.
  m_desk->bench().store().apply("rule", [](Piece p) -> Result<Piece> {
    p.rule = MaskRule::Flagged;
    return p;
  });
  click(wheel(), place(120, 0.95));
  CHECK_NEAR(m_desk->session().at.r, 0.95, 1e-6);
  QCOMPARE(m_desk->bench().in_mask(), std::optional(false));
  QVERIFY(m_desk->part<QLabel>("maskState").text().startsWith("outside the mask"));
  // Off keeps it.
  m_desk->part<QAbstractButton>("maskOn").click();
  QVERIFY(m_desk->piece().mask && !m_desk->bench().in_mask());
}

void PickTask::corners_are_dragged_in_one_step() {
  m_desk->part<QAbstractButton>("pattern.triad").click();
  auto& stack = m_desk->bench().store().stack();
  const int steps = stack.count();
  const Piece before = m_desk->piece();
  drag(wheel(), place(0, 1), place(20, 0.5), 30);
  const DiscPoint corner = std::get<Polygon>(m_desk->piece().mask->areas[0].shape).points[0];
  QVERIFY(std::hypot(corner.x - disc_point(20, 0.5).x, corner.y - disc_point(20, 0.5).y) < 1e-9);
  QCOMPARE(stack.count(), steps + 1);
  // Out and back again is no change, and leaves no step.
  drag(wheel(), place(20, 0.5), place(20, 0.5), 1);
  press(wheel(), place(20, 0.5));
  move(wheel(), place(60, 0.9));
  move(wheel(), place(20, 0.5));
  release(wheel(), place(20, 0.5));
  QVERIFY(stack.count() <= steps + 2);
  while (stack.index() > steps) stack.undo();
  QCOMPARE(m_desk->piece(), before);
  // Far outside the window the corner stays on the rim.
  drag(wheel(), place(0, 1), {-4000, -4000}, 3);
  const DiscPoint far = std::get<Polygon>(m_desk->piece().mask->areas[0].shape).points[0];
  CHECK_NEAR(std::hypot(far.x, far.y), 1, 1e-9);
}

void PickTask::the_mask_turns_by_hand_and_by_number() {
  m_desk->part<QAbstractButton>("pattern.complement").click();
  const MaskRegion start(*m_desk->piece().mask);
  press(wheel(), place(90, 1.08));
  for (int i = 1; i <= 40; ++i) move(wheel(), place(90 + i, 1.08));
  release(wheel(), place(130, 1.08));
  CHECK_ANGLE(m_desk->piece().mask->turned, 40, 1e-6);
  CHECK_NEAR(MaskRegion(*m_desk->piece().mask).share(), start.share(), 1e-9);
  auto& turned = m_desk->part<QDoubleSpinBox>("maskTurned");
  CHECK_NEAR(turned.value(), 40, 1e-6);
  turned.setValue(350);
  CHECK_ANGLE(m_desk->piece().mask->turned, 350, 1e-6);
  m_desk->bench().store().stack().undo();
  CHECK_ANGLE(m_desk->piece().mask->turned, 40, 1e-6);
  CHECK_NEAR(turned.value(), 40, 1e-6);
}

void PickTask::edges_take_corners_and_corners_go() {
  m_desk->part<QAbstractButton>("pattern.triad").click();
  const auto points = [this] { return std::get<Polygon>(m_desk->piece().mask->areas[0].shape).points; };
  const QPointF edge = (place(0, 1) + place(120, 1)) / 2;
  double_click(wheel(), edge);
  QCOMPARE(points().size(), std::size_t{4});
  move(wheel(), edge, Qt::NoButton);
  QTest::keyClick(&wheel(), Qt::Key_Delete);
  QCOMPARE(points().size(), std::size_t{3});
  move(wheel(), place(0, 1), Qt::NoButton);
  QTest::keyClick(&wheel(), Qt::Key_Delete);
  QCOMPARE(points().size(), std::size_t{3});
  QVERIFY(m_desk->notice().contains("three points"));
}

void PickTask::an_empty_mask_says_so() {
  m_desk->bench().store().apply("line", [](Piece p) -> Result<Piece> {
    p.mask = pattern_mask({Pattern::Complement, 0, 0});
    return p;
  });
  QVERIFY(m_desk->part<QLabel>("maskFacts").text().contains("admits no color"));
  const Srgb before = m_desk->session().color;
  click(wheel(), place(40, 0.4));
  QCOMPARE(m_desk->session().color, before);
  QVERIFY(m_desk->notice().contains("holds no color"));
}

void PickTask::keys_and_wheel_nudge() {
  click(wheel(), place(100, 0.5));
  set_value(50);
  const WheelPoint start = m_desk->session().at;
  turn_wheel(rail(), {90, 200}, 1);
  CHECK_NEAR(m_desk->session().at.v, start.v + 1, 1e-9);
  turn_wheel(rail(), {90, 200}, -1, Qt::ShiftModifier);
  CHECK_NEAR(m_desk->session().at.v, start.v - 9, 1e-9);
  QTest::keyClick(&rail(), Qt::Key_Up, Qt::AltModifier);
  CHECK_NEAR(m_desk->session().at.v, start.v - 8.9, 1e-9);
  QTest::keyClick(&wheel(), Qt::Key_Right);
  QTest::keyClick(&wheel(), Qt::Key_Right, Qt::ShiftModifier);
  CHECK_ANGLE(m_desk->session().at.a, start.a + 11, 1e-6);
  QTest::keyClick(&wheel(), Qt::Key_Down);
  CHECK_NEAR(m_desk->session().at.r, start.r - 0.01, 1e-9);
  // Down to grey and up again: the hue is kept.
  for (int i = 0; i < 10; ++i) QTest::keyClick(&wheel(), Qt::Key_Down, Qt::ShiftModifier);
  CHECK_NEAR(m_desk->session().at.r, 0, 1e-9);
  QTest::keyClick(&wheel(), Qt::Key_Up, Qt::ShiftModifier);
  CHECK_ANGLE(m_desk->session().at.a, start.a + 11, 1e-6);
  for (int i = 0; i < 12; ++i) QTest::keyClick(&rail(), Qt::Key_Up, Qt::ShiftModifier);
  QCOMPARE(m_desk->session().at.v, 100.0);
  QVERIFY(largest_step(m_desk->session().color, {1, 1, 1}) < 1e-9);
  QTest::keyClick(&rail(), Qt::Key_Down, Qt::ShiftModifier);
  CHECK_ANGLE(m_desk->session().at.a, start.a + 11, 1e-6);
}

void PickTask::fast_drags_end_where_the_hand_ends() {
  m_desk->part<QAbstractButton>("pattern.analogous").click();
  press(wheel(), place(0, 0.3));
  for (int i = 0; i < 500; ++i) move(wheel(), place(i * 83, 2.0 * (i % 7) / 7));
  move(wheel(), place(10, 0.5));
  release(wheel(), place(10, 0.5));
  CHECK_ANGLE(m_desk->session().at.a, 10, 1e-6);
  CHECK_NEAR(m_desk->session().at.r, 0.5, 1e-6);
  // One pick, one trace.
  QCOMPARE(m_desk->session().bench.recent.size(), std::size_t{1});
}

void PickTask::wells_recent_and_before() {
  auto& wells = m_desk->part<WellsView>("wells");
  click(wheel(), place(30, 0.9));
  const Srgb first = m_desk->session().color;
  QCOMPARE(m_desk->session().bench.wells[0], std::optional(first));
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
  QCOMPARE(m_desk->session().bench.wells[3], std::optional(first));
  click(wheel(), place(210, 0.7));
  const Srgb second = m_desk->session().color;
  QCOMPARE(m_desk->session().bench.wells[0], std::optional(second));
  QCOMPARE(m_desk->session().bench.recent, (std::vector{second, first}));
  auto& pair = m_desk->part<ColorPair>("colorPair");
  click(pair, pair.before_rect().center());
  QCOMPARE(m_desk->session().color, first);
  QCOMPARE(m_desk->session().before, second);
  click(pair, pair.before_rect().center());
  QCOMPARE(m_desk->session().color, second);
  use_well(4, {});
  QCOMPARE(m_desk->session().color, first);
  click(wells, wells.well_rect(5).center(), Qt::ShiftModifier);
  QCOMPARE(m_desk->session().bench.wells[5], std::optional(first));
  click(wells, wells.recent_rect(0).center());
  QCOMPARE(m_desk->session().color, second);
  click(wells, wells.number_rect(6).center());
  click(wheel(), place(300, 0.4));
  QCOMPARE(m_desk->session().bench.wells[6], std::optional(m_desk->session().color));
  use_well(8, {});
  QVERIFY(m_desk->notice().contains("Well 8 is empty"));
}

void PickTask::typed_hex_is_taken_or_refused() {
  auto& hex = m_desk->part<QLineEdit>("hex");
  hex.setFocus();
  hex.selectAll();
  QTest::keyClicks(&hex, "#ce854e");
  QTest::keyClick(&hex, Qt::Key_Return);
  QCOMPARE(rounded_8bit(m_desk->session().color), (Srgb8{0xce, 0x85, 0x4e}));
  QCOMPARE(m_desk->part<QLineEdit>("readout.RGB").text().simplified(), QStringLiteral("206 133 78"));
  QVERIFY(std::abs(m_desk->session().at.v - 62.04) < 0.01);
  hex.selectAll();
  QTest::keyClicks(&hex, "copper");
  QTest::keyClick(&hex, Qt::Key_Return);
  QVERIFY(m_desk->notice().contains("\"copper\" is not a color"));
  QCOMPARE(rounded_8bit(m_desk->session().color), (Srgb8{0xce, 0x85, 0x4e}));
  // The readouts are typed into as well; what the display lacks is refused.
  auto& lch = m_desk->part<QLineEdit>("readout.LCh");
  const auto type = [](QLineEdit& field, const char* text) {
    field.setFocus();
    field.selectAll();
    QTest::keyClicks(&field, text);
    QTest::keyClick(&field, Qt::Key_Return);
  };
  type(lch, "50, 30 120");
  QVERIFY(std::abs(m_desk->session().at.v - 50) < 1e-6);
  QCOMPARE(lch.text(), QStringLiteral("50.0  30.0  120.0"));
  const Srgb held = m_desk->session().color;
  type(lch, "50 130 120");
  QVERIFY(m_desk->notice().contains("no color of that lightness"));
  type(m_desk->part<QLineEdit>("readout.RGB"), "1 2 300");
  QVERIFY(m_desk->notice().contains("0 to 255"));
  QCOMPARE(m_desk->session().color, held);
  type(m_desk->part<QLineEdit>("readout.HSV"), "210 50% 80%");
  QCOMPARE(rounded_8bit(m_desk->session().color), (Srgb8{102, 153, 204}));
  // Digits typed into a field are not wells.
  hex.selectAll();
  QTest::keyClicks(&hex, "#123");
  QCOMPARE(hex.text(), QStringLiteral("#123"));
}

void PickTask::changing_the_wheel_keeps_the_color() {
  click(wheel(), place(120, 0.8));
  const Srgb color = m_desk->session().color;
  m_desk->bench().store().apply("wheel", [](Piece p) -> Result<Piece> {
    p.wheel.hues = HueScale::Light;
    return p;
  });
  QCOMPARE(m_desk->session().color, color);
  QVERIFY(largest_step(*m_desk->bench().wheel().color_at(m_desk->session().at), color) < 1e-6);
  QVERIFY(std::abs(turn_between(m_desk->session().at.a, 120)) > 5);
}

void PickTask::the_plan_zooms_around_the_pointer() {
  const QPointF at = place(70, 0.6);
  for (int i = 0; i < 20; ++i) turn_wheel(wheel(), at, 1, Qt::ControlModifier);
  CHECK_NEAR(wheel().zoom(), 4, 1e-9);
  // The same place still lies under the pointer, and picking there takes it.
  click(wheel(), at);
  CHECK_ANGLE(m_desk->session().at.a, 70, 1e-6);
  CHECK_NEAR(m_desk->session().at.r, 0.6, 1e-6);
  // One pixel is a quarter of what it was.
  const double r = m_desk->session().at.r;
  QVERIFY(std::abs(wheel().disc_point_at(at + QPointF(1, 0)).x - wheel().disc_point_at(at).x) < 0.0016);
  const QColor shown = seen(wheel(), at + QPointF(14, 14));
  const Srgb there = *m_desk->bench().wheel().color_at(
      wheel_point(wheel().disc_point_at(at + QPointF(14, 14)), m_desk->session().at.v));
  QVERIFY(largest_step({shown.redF(), shown.greenF(), shown.blueF()}, there) < 4.0 / 255);
  QTest::keyClick(&wheel(), Qt::Key_0);
  QCOMPARE(wheel().zoom(), 1.0);
  CHECK_NEAR(m_desk->session().at.r, r, 1e-12);
  QVERIFY((place(70, 0.6) - at).manhattanLength() < 1e-6);
}

void PickTask::turning_carries_the_set_when_asked() {
  QVERIFY(m_desk->open_demo());
  m_desk->bench().show_desk(Desk::Pick);
  QCoreApplication::processEvents();
  const Piece before = m_desk->piece();
  const auto turn = [this](double by) {
    press(wheel(), place(90, 1.08));
    for (int i = 1; i <= 10; ++i) move(wheel(), place(90 + by * i / 10, 1.08));
    release(wheel(), place(90 + by, 1.08));
  };
  turn(40);
  QCOMPARE(m_desk->piece().sets, before.sets);
  m_desk->part<QAbstractButton>("carry").click();
  turn(30);
  const auto &old_family = before.sets[0].families[0], &family = m_desk->piece().sets[0].families[0];
  for (std::size_t i = 0; i < family.swatches.size(); ++i) {
    const WheelPoint from = m_desk->bench().wheel().locate(old_family.swatches[i].color),
                     to = *family.swatches[i].picked;
    CHECK_ANGLE(to.a, from.a + 30, 1e-6);
    CHECK_NEAR(to.r, from.r, 1e-9);
    CHECK_NEAR(value_of(family.swatches[i].color), from.v, 1e-6);
  }
  // One step for mask and set together.
  m_desk->bench().store().stack().undo();
  QCOMPARE(m_desk->piece().sets, before.sets);
  m_desk->part<QAbstractButton>("carry").click();
}

void PickTask::neutral_and_key_colors_come_from_the_mask() {
  m_desk->part<QAbstractButton>("pattern.analogous").click();
  set_value(55);
  m_desk->part<QAbstractButton>("takeNeutral").click();
  const auto centroid = *MaskRegion(*m_desk->piece().mask).centroid();
  CHECK_ANGLE(m_desk->session().at.a, wheel_point(centroid, 55).a, 1e-6);
  m_desk->part<QAbstractButton>("layKeys").click();
  const auto& keys = current_set(m_desk->piece())->families.back();
  QCOMPARE(keys.name, std::string("key colors"));
  QCOMPARE(keys.swatches.size(), std::size_t{4}); // neutral and three hues
  for (const auto& s : keys.swatches) QVERIFY(std::abs(value_of(s.color) - m_desk->session().at.v) < 0.01);
}

void PickTask::chroma_wheels_show_only_what_exists() {
  auto& measures = m_desk->part<QComboBox>("measure");
  for (int i = 0; i < measures.count(); ++i) {
    measures.setCurrentIndex(i);
    emit measures.activated(i);
    set_value(88);
    const double v = m_desk->session().at.v;
    for (double a = 5; a < 360; a += 40) {
      click(wheel(), place(a, 0.97));
      const WheelPoint at = m_desk->session().at;
      QVERIFY(at.r <= std::max(m_desk->bench().wheel().reach(at.a, v), 0.97) + 1e-9);
      QVERIFY(std::abs(value_of(m_desk->session().color) - v) < 0.01);
      QVERIFY(largest_step(*m_desk->bench().wheel().color_at(at), m_desk->session().color) < 1e-9);
    }
  }
  // On the chroma wheel the far blue does not exist at this value: surround or hatch, no hue.
  const QColor open = seen(wheel(), place(240, 0.9));
  QVERIFY(open.red() == open.green() && open.green() == open.blue());
}

void PickTask::a_mask_keeps_its_colors_on_another_wheel() {
  m_desk->part<QAbstractButton>("pattern.analogous").click();
  const Wheel before = m_desk->bench().wheel();
  const MaskRegion old_region(*m_desk->piece().mask);
  auto& hues = m_desk->part<QComboBox>("hueScale");
  hues.setCurrentIndex(1);
  emit hues.activated(1);
  const MaskRegion region(*m_desk->piece().mask);
  int judged = 0;
  for (double a = 0; a < 360; a += 7)
    for (double r = 0.05; r < 1; r += 0.1) {
      const DiscPoint old_place = disc_point(a, r);
      const WheelPoint p = m_desk->bench().wheel().locate(*before.color_at({a, r, 60}), a);
      const DiscPoint place = disc_point(p.a, p.r);
      // Places near the border may fall to either side.
      const auto edge = [](const MaskRegion& m, DiscPoint q) {
        return m.inside({q.x + 0.02, q.y}) != m.inside({q.x - 0.02, q.y}) ||
               m.inside({q.x, q.y + 0.02}) != m.inside({q.x, q.y - 0.02});
      };
      if (edge(old_region, old_place) || edge(region, place)) continue;
      ++judged;
      QCOMPARE(region.inside(place), old_region.inside(old_place));
    }
  QVERIFY(judged > 300);
  m_desk->bench().store().stack().undo();
  QCOMPARE(MaskRegion(*m_desk->piece().mask).share(), old_region.share());
}

void PickTask::partners_are_taken_up_with_a_click() {
  click(wheel(), place(120, 0.8));
  const WheelPoint red = m_desk->session().at;
  auto& partners = m_desk->part<ChipRow>("partners");
  QCOMPARE(partners.steps().size(), std::size_t{9});
  const Srgb green = partners.steps()[0].color;
  click(partners, partners.chip_rect(0).center());
  QCOMPARE(m_desk->session().color, green);
  CHECK_ANGLE(m_desk->session().at.a, red.a + 180, 1e-9);
  CHECK_NEAR(value_of(green), red.v, 1e-6);
}

void PickTask::a_string_is_laid_as_a_family_in_one_step() {
  click(wheel(), place(75, 0.7));
  auto& kind = m_desk->part<QComboBox>("stringKind");
  auto& row = m_desk->part<ChipRow>("string");
  kind.setCurrentText(QStringLiteral("shades"));
  m_desk->part<QSpinBox>("stringSteps").setValue(6);
  QCOMPARE(row.steps().size(), std::size_t{6});
  const auto steps = row.steps();
  const Piece before = m_desk->piece();
  m_desk->part<QAbstractButton>("layString").click();
  const auto& families = current_set(m_desk->piece())->families;
  QCOMPARE(families.back().name, std::string("shades"));
  QCOMPARE(families.back().swatches.size(), steps.size());
  for (std::size_t i = 0; i < steps.size(); ++i) QCOMPARE(families.back().swatches[i].color, steps[i].color);
  m_desk->part<QAbstractButton>("layString").click();
  QCOMPARE(current_set(m_desk->piece())->families.back().name, std::string("shades 2"));
  m_desk->bench().store().stack().undo();
  m_desk->bench().store().stack().undo();
  QCOMPARE(m_desk->piece(), before);
  // A single step is taken up; a string without length offers nothing.
  click(row, row.chip_rect(2).center());
  QCOMPARE(m_desk->session().color, steps[2].color);
  m_desk->bench().take_up({1, 1, 1});
  kind.setCurrentText(QStringLiteral("tints"));
  QVERIFY(!m_desk->part<QAbstractButton>("layString").isEnabled());
}

void PickTask::values_only_and_surrounds_are_neutral() {
  QVERIFY(m_desk->open_demo());
  m_desk->bench().show_desk(Desk::Pick);
  m_desk->bench().show_values_only(true);
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
