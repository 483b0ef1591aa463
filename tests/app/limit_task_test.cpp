// SPDX-License-Identifier: GPL-3.0-or-later
// Limiting hue and saturation: drawing, shaping and turning a gamut mask, and keeping it.
#include "app/controls/number_field.h"
#include "app/wheel/mask_hands.h"
#include "app/wheel/wheel_view.h"
#include "core/color/convert.h"
#include "core/mask/patterns.h"
#include "core/piece/edits.h"
#include "desk.h"

#include <QComboBox>
#include <QDir>
#include <QListWidget>

using namespace zc;
using namespace zc::test;

class LimitTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = new_piece_at(Desk::Limit); }
  void cleanup() { m_desk.reset(); }

  void a_mask_is_drawn_shaped_used_and_undone();
  void a_mask_is_laid_and_holds_picks();
  void corners_are_dragged_in_one_step();
  void a_locked_mask_does_not_slip();
  void a_held_key_lets_one_pick_go_outside();
  void the_mask_turns_by_hand_and_by_number();
  void edges_take_corners_and_corners_go();
  void what_comes_during_a_drag_stays();
  void an_empty_mask_says_so();
  void turning_carries_the_set_when_asked();
  void a_mask_keeps_its_colors_on_another_wheel();
  void corners_are_clicked_one_by_one();
  void round_areas_and_sectors_are_drawn_and_shaped();
  void areas_are_moved_doubled_mirrored_and_removed();
  void what_cannot_be_an_area_is_refused();
  void ten_thousand_moves_take_no_memory();
  void masks_go_up_to_the_shelf_and_come_down();
  void an_outline_is_drawn_freehand_with_the_mouse();

private:
  WheelView& wheel() { return m_desk->part<WheelView>("maskWheel"); }
  QWidget& rail() { return m_desk->part<QWidget>("rail"); }
  QPointF place(double a, double r) { return wheel().screen_point(disc_point(Angle(a), r)); }
  void press_button(const char* name) { m_desk->part<QAbstractButton>(name).click(); }
  const Mask& mask() { return *m_desk->piece().mask; }
  double share() { return MaskRegion(mask()).share(); }
  void set_value(double v) { type_into(m_desk->part<NumberField>("place.value"), QString::number(v)); }
  std::unique_ptr<DeskTop> m_desk;
};

/// The whole way of a user: an outline by pen, a corner more, turned by keys, a hole, another wheel, picks
/// held and flagged, a ramp as a family, the set carried; then all of it undone.
void LimitTask::a_mask_is_drawn_shaped_used_and_undone() {
  QVERIFY(m_desk->open_demo());
  m_desk->model().viewing().show_desk(Desk::Limit);
  QCoreApplication::processEvents();
  const Piece start = m_desk->piece();
  auto& stack = m_desk->model().store().stack();
  m_desk->trigger("maskRemove");
  QVERIFY(!m_desk->piece().mask);

  press_button("draw.outline");
  std::vector<QPointF> stroke;
  for (int a = 0; a <= 350; a += 5) stroke.push_back(place(a, 0.7 + 0.2 * std::sin(radians(2 * a))));
  draw_with_pen(wheel(), stroke);
  QCOMPARE(mask().areas.size(), std::size_t{1});
  const auto points = [this] { return std::get<Polygon>(mask().areas[0].shape).points; };
  QVERIFY2(points().size() > 8 && points().size() < 60, qPrintable(QString::number(points().size())));
  QVERIFY(MaskRegion(mask()).inside(disc_point(Angle(45), 0.85)) &&
          !MaskRegion(mask()).inside(disc_point(Angle(135), 0.6)));
  QCOMPARE(wheel().hands()->tool(), MaskHands::Tool::None);

  const std::size_t corners = points().size();
  const DiscPoint p = points()[3], q = points()[4];
  double_click(wheel(), wheel().screen_point({(p.x + q.x) / 2, (p.y + q.y) / 2}));
  QCOMPARE(points().size(), corners + 1);
  drag(wheel(), wheel().screen_point(points()[4]), place(90, 0.98));
  QVERIFY(std::hypot(points()[4].x - 0.98, points()[4].y) < 1e-6);

  m_desk->part<QAbstractButton>("carry").click();
  wheel().setFocus();
  QTest::keyClick(&wheel(), Qt::Key_Right, Qt::ControlModifier | Qt::ShiftModifier);
  QTest::keyClick(&wheel(), Qt::Key_Right, Qt::ControlModifier);
  CHECK_ANGLE(mask().turned, 11, 1e-9);
  QVERIFY(m_desk->piece().sets != start.sets);
  m_desk->part<QAbstractButton>("carry").click();

  const double whole = share();
  press_button("draw.cuts");
  press_button("draw.round");
  drag(wheel(), place(0, 0), place(0, 0.25));
  QCOMPARE(mask().areas.size(), std::size_t{2});
  QVERIFY(share() < whole - 0.02);
  QVERIFY(!MaskRegion(mask()).inside({0, 0}));
  press_button("draw.adds");

  const Wheel before = m_desk->model().wheel();
  const Srgb kept = *before.color_at({236, 0.75, 60});
  QVERIFY(MaskRegion(mask()).inside(disc_point(Angle(236), 0.75)));
  auto& hues = m_desk->part<QComboBox>("hueScale");
  hues.setCurrentIndex(3);
  emit hues.activated(3);
  const WheelPoint there = m_desk->model().wheel().locate(kept);
  QVERIFY(MaskRegion(mask()).inside(disc_point(there)));

  press_button("rule.held");
  m_desk->model().picking().pick_plan({0, 0});
  QVERIFY(m_desk->session().at.at.r > 0.05);
  press_button("rule.flagged");
  m_desk->model().picking().pick_plan({0, 0});
  QCOMPARE(m_desk->model().in_mask(), std::optional(false));
  QVERIFY(m_desk->part<QLabel>("maskState").text().contains("marked"));

  m_desk->model().viewing().show_desk(Desk::Pick);
  m_desk->model().picking().use_color(kept);
  const std::size_t families = current_set(m_desk->piece())->families.size();
  press_button("page.ramp");
  press_button("layRamp");
  QCOMPARE(current_set(m_desk->piece())->families.size(), families + 1);
  while (stack.canUndo()) stack.undo();
  QCOMPARE(m_desk->piece(), start);
  while (stack.canRedo()) stack.redo();
  QCOMPARE(current_set(m_desk->piece())->families.size(), families + 1);
}

void LimitTask::a_mask_is_laid_and_holds_picks() {
  type_into(m_desk->part<NumberField>("patternBase"), "60");
  m_desk->part<QAbstractButton>("pattern.triad").click();
  QVERIFY(m_desk->piece().mask);
  const MaskRegion region(*m_desk->piece().mask);
  CHECK_NEAR(region.share(), 3 * std::sqrt(3.0) / 4 / M_PI, 1e-9);
  for (const double angle : {120.0, 0.0, 240.0}) {
    click(wheel(), place(angle, 0.95));
    QVERIFY(region.inside(disc_point(m_desk->session().at.at)));
    QCOMPARE(m_desk->part<QLabel>("maskState").text().contains("inside the mask"), true);
  }
  // Flagged: the pick goes where the hand went, and it shows.
  m_desk->part<QAbstractButton>("rule.flagged").click();
  click(wheel(), place(120, 0.95));
  CHECK_NEAR(m_desk->session().at.at.r, 0.95, 1e-6);
  QCOMPARE(m_desk->model().in_mask(), std::optional(false));
  QVERIFY(m_desk->part<QLabel>("maskState").text().contains("outside the mask"));
  // Off keeps it.
  m_desk->part<QAbstractButton>("maskOff").click();
  QVERIFY(m_desk->piece().mask && !m_desk->model().in_mask());
}

void LimitTask::corners_are_dragged_in_one_step() {
  m_desk->part<QAbstractButton>("pattern.triad").click();
  auto& stack = m_desk->model().store().stack();
  const int steps = stack.count();
  const Piece before = m_desk->piece();
  drag(wheel(), place(0, 1), place(20, 0.5), 30);
  const DiscPoint corner = std::get<Polygon>(m_desk->piece().mask->areas[0].shape).points[0];
  QVERIFY(std::hypot(corner.x - disc_point(Angle(20), 0.5).x, corner.y - disc_point(Angle(20), 0.5).y) <
          1e-9);
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

/// Neither a corner nor an area nor the rim; numbers and patterns still change it.
void LimitTask::a_locked_mask_does_not_slip() {
  m_desk->part<QAbstractButton>("pattern.triad").click();
  m_desk->part<QAbstractButton>("page.areas").click();
  auto& locked = m_desk->part<QAbstractButton>("maskLocked");
  locked.click();
  QVERIFY(m_desk->model().at_hand().mask_locked);
  const Mask mask = *m_desk->piece().mask;
  const Srgb before = m_desk->session().color();
  drag(wheel(), place(0, 1), place(20, 0.5));
  drag(wheel(), place(90, 1.08), place(130, 1.08));
  double_click(wheel(), place(60, 0.5));
  drag(wheel(), place(0, 0.05), place(40, 0.1));
  wheel().setFocus();
  for (const Qt::Key key : {Qt::Key_Delete, Qt::Key_Left, Qt::Key_Up}) QTest::keyClick(&wheel(), key);
  QVERIFY(*m_desk->piece().mask == mask);
  QVERIFY(m_desk->session().color() != before); // Presses pick.
  type_into(m_desk->part<NumberField>("maskTurned"), "30");
  CHECK_ANGLE(m_desk->piece().mask->turned, 30, 1e-6);
  // It is the piece's, and no step of undo.
  m_desk->model().store().stack().undo();
  QVERIFY(m_desk->model().at_hand().mask_locked && locked.isChecked());
  m_desk->trigger("lockMask");
  QVERIFY(!locked.isChecked());
  drag(wheel(), place(0, 1), place(20, 0.5));
  QVERIFY(*m_desk->piece().mask != mask);
}

void LimitTask::a_held_key_lets_one_pick_go_outside() {
  m_desk->part<QAbstractButton>("pattern.analogous").click();
  m_desk->model().viewing().show_desk(Desk::Pick);
  auto& pick = m_desk->part<WheelView>("wheel");
  const auto at = [&](double angle, double r) { return pick.screen_point(disc_point(Angle(angle), r)); };
  const auto saturation = [&] { return m_desk->session().at.at; };
  const DiscPoint wanted = disc_point(Angle(180), 0.8);
  const auto off = [&] {
    const DiscPoint is = disc_point(saturation());
    return std::hypot(is.x - wanted.x, is.y - wanted.y);
  };
  click(pick, at(180, 0.8));
  QVERIFY(off() > 0.3);
  click(pick, at(180, 0.8), Qt::ControlModifier);
  QVERIFY(off() < 0.01);
  QVERIFY(!m_desk->session().picks_outside);
  click(pick, at(180, 0.8));
  QVERIFY(off() > 0.3);
}

void LimitTask::the_mask_turns_by_hand_and_by_number() {
  m_desk->part<QAbstractButton>("pattern.complement").click();
  const MaskRegion start(*m_desk->piece().mask);
  press(wheel(), place(90, 1.08));
  for (int i = 1; i <= 40; ++i) move(wheel(), place(90 + i, 1.08));
  release(wheel(), place(130, 1.08));
  CHECK_ANGLE(m_desk->piece().mask->turned, 40, 1e-6);
  CHECK_NEAR(MaskRegion(*m_desk->piece().mask).share(), start.share(), 1e-9);
  auto& turned = m_desk->part<NumberField>("maskTurned");
  CHECK_NEAR(turned.value(), 40, 1e-6);
  type_into(turned, "350");
  CHECK_ANGLE(m_desk->piece().mask->turned, 350, 1e-6);
  m_desk->model().store().stack().undo();
  CHECK_ANGLE(m_desk->piece().mask->turned, 40, 1e-6);
  CHECK_NEAR(turned.value(), 40, 1e-6);
}

void LimitTask::edges_take_corners_and_corners_go() {
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
  QVERIFY(m_desk->notice().contains("three corners"));
  // By numbers and buttons alone: the edge behind the shown corner bends.
  press_button("page.areas");
  QVERIFY(!m_desk->part<QAction>("cornerRemove").isEnabled());
  const DiscPoint first = points()[0], second = points()[1];
  m_desk->trigger("cornerAdd");
  QCOMPARE(points().size(), std::size_t{4});
  QCOMPARE(points()[1], middle_of_edge({{first, second, {}}}, 0));
  QCOMPARE(m_desk->part<NumberField>("area.0").value(), 2.0);
  type_into(m_desk->part<NumberField>("area.2"), "30");
  CHECK_NEAR(std::hypot(points()[1].x, points()[1].y), 0.3, 1e-9);
  m_desk->trigger("cornerRemove");
  QCOMPARE(points(), (std::vector{first, second, points()[2]}));
  press_button("draw.round");
  drag(wheel(), place(90, 0.4), place(90, 0.6));
  QVERIFY(!m_desk->part<QAction>("cornerAdd").isEnabled());
}

void LimitTask::what_comes_during_a_drag_stays() {
  press_button("pattern.triad");
  const Mask before = mask();
  press(wheel(), place(90, 1.08));
  move(wheel(), place(100, 1.08));
  CHECK_NEAR(mask().turned, 10, 0.5);
  // A photo is done, a title is typed: neither goes with the next move, and the turn goes on from there.
  m_desk->model().store().apply("Add reference",
                                [](Piece p) { return with_reference(std::move(p), "late", "png", nullptr); });
  m_desk->model().store().apply("Change title", [](Piece p) { return with_title(std::move(p), "dusk"); });
  move(wheel(), place(130, 1.08));
  release(wheel(), place(130, 1.08));
  QCOMPARE(m_desk->piece().references.size(), std::size_t{1});
  QCOMPARE(m_desk->piece().title, std::string("dusk"));
  CHECK_NEAR(mask().turned, 40, 0.5);
  // And undone step by step all is as it was.
  for (int i = 0; i < 4; ++i) m_desk->model().store().stack().undo();
  QVERIFY(m_desk->piece().references.empty() && mask() == before);
}

void LimitTask::an_empty_mask_says_so() {
  m_desk->model().store().apply("line", [](Piece p) -> Result<Piece> {
    p.mask = pattern_mask({Pattern::Complement, 0, 0});
    return p;
  });
  QVERIFY(m_desk->part<QLabel>("maskFacts").text().contains("encloses no color"));
  const Srgb before = m_desk->session().color();
  click(wheel(), place(40, 0.4));
  QCOMPARE(m_desk->session().color(), before);
  QVERIFY(m_desk->notice().contains("holds no color"));
}

void LimitTask::turning_carries_the_set_when_asked() {
  QVERIFY(m_desk->open_demo());
  m_desk->model().viewing().show_desk(Desk::Limit);
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
    const WheelPoint from = m_desk->model().wheel().locate(old_family.swatches[i].color),
                     to = family.swatches[i].picked->at;
    CHECK_ANGLE(to.a, from.a + 30, 1e-6);
    CHECK_NEAR(to.r, from.r, 1e-9);
    CHECK_NEAR(value_of(family.swatches[i].color), from.v, 1e-6);
  }
  // One step for mask and set together.
  m_desk->model().store().stack().undo();
  QCOMPARE(m_desk->piece().sets, before.sets);
  m_desk->part<QAbstractButton>("carry").click();
}

void LimitTask::a_mask_keeps_its_colors_on_another_wheel() {
  m_desk->part<QAbstractButton>("pattern.analogous").click();
  const Wheel before = m_desk->model().wheel();
  const MaskRegion old_region(*m_desk->piece().mask);
  auto& hues = m_desk->part<QComboBox>("hueScale");
  hues.setCurrentIndex(1);
  emit hues.activated(1);
  const MaskRegion region(*m_desk->piece().mask);
  int judged = 0;
  for (double a = 0; a < 360; a += 7)
    for (double r = 0.05; r < 1; r += 0.1) {
      const DiscPoint old_place = disc_point(Angle(a), r);
      const WheelPoint p = m_desk->model().wheel().locate(*before.color_at({a, r, 60}), a);
      const DiscPoint place = disc_point(p);
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
  m_desk->model().store().stack().undo();
  QCOMPARE(MaskRegion(*m_desk->piece().mask).share(), old_region.share());
}

void LimitTask::corners_are_clicked_one_by_one() {
  press_button("draw.outline");
  for (const double a : {0.0, 90.0, 180.0, 270.0}) click(wheel(), place(a, 0.6));
  QVERIFY(!m_desk->piece().mask);
  wheel().setFocus();
  QTest::keyClick(&wheel(), Qt::Key_Backspace);
  click(wheel(), place(250, 0.6));
  click(wheel(), place(0, 0.6)); // the first corner closes it
  QCOMPARE(std::get<Polygon>(mask().areas[0].shape).points.size(), std::size_t{4});
  press_button("draw.outline");
  click(wheel(), place(10, 0.9));
  QTest::keyClick(&wheel(), Qt::Key_Escape);
  QCOMPARE(mask().areas.size(), std::size_t{1});
  QCOMPARE(m_desk->model().store().stack().count(), 1);
}

void LimitTask::round_areas_and_sectors_are_drawn_and_shaped() {
  press_button("draw.round");
  drag(wheel(), place(90, 0.4), place(90, 0.8));
  auto ellipse = std::get<Ellipse>(mask().areas[0].shape);
  CHECK_NEAR(ellipse.along, 0.4, 1e-9);
  CHECK_ANGLE(ellipse.turned, 90, 1e-6);
  // The handle of the width.
  drag(wheel(), wheel().screen_point({0.4, -ellipse.across}), wheel().screen_point({0.4, -0.3}));
  CHECK_NEAR(std::get<Ellipse>(mask().areas[0].shape).across, 0.3, 1e-9);
  // Ring sector from one corner to the other, then its outer arc pulled in.
  press_button("draw.sector");
  drag(wheel(), place(200, 0.3), place(260, 0.9));
  const auto sector = std::get<RingSector>(mask().areas[1].shape);
  CHECK_ANGLE(sector.from, 200, 1e-6);
  CHECK_NEAR(sector.sweep, 60, 1e-6);
  CHECK_NEAR(sector.inner, 0.3, 1e-9);
  drag(wheel(), place(230, 0.9), place(230, 0.7));
  CHECK_NEAR(std::get<RingSector>(mask().areas[1].shape).outer, 0.7, 1e-9);
  drag(wheel(), place(260, 0.5), place(275, 0.5));
  CHECK_NEAR(std::get<RingSector>(mask().areas[1].shape).sweep, 75, 1e-6);
  CHECK_ANGLE(std::get<RingSector>(mask().areas[1].shape).from, 200, 1e-6);
  QCOMPARE(m_desk->model().store().stack().count(), 5);
}

void LimitTask::areas_are_moved_doubled_mirrored_and_removed() {
  press_button("draw.round");
  drag(wheel(), place(90, 0.4), place(90, 0.6));
  const auto middle = [this](std::size_t i) { return middle_of(mask().areas[i].shape); };
  // Inside the area a drag moves it; a click picks there.
  drag(wheel(), place(90, 0.45), place(0, 0.5));
  const DiscPoint moved = middle(0);
  QVERIFY(std::abs(moved.x - (0.4 - 0.45)) < 1e-9 && std::abs(moved.y - 0.5) < 1e-9);
  click(wheel(), wheel().screen_point(moved));
  QVERIFY(std::hypot(disc_point(m_desk->session().at.at).x - moved.x,
                     disc_point(m_desk->session().at.at).y - moved.y) < 1e-6);
  wheel().setFocus();
  QTest::keyClick(&wheel(), Qt::Key_Right, Qt::ShiftModifier);
  CHECK_NEAR(middle(0).x, moved.x + 0.1, 1e-9);
  const double size = share();
  QTest::keyClick(&wheel(), Qt::Key_Up, Qt::ControlModifier);
  CHECK_NEAR(share() / size, 1.02 * 1.02, 1e-4);
  press_button("areaDouble");
  QCOMPARE(mask().areas.size(), std::size_t{2});
  press_button("areaMirror");
  QVERIFY(middle(1).y < 0);
  CHECK_ANGLE(degrees(std::atan2(middle(1).x, middle(1).y)),
              degrees(std::atan2(middle(0).x + 0.06, middle(0).y - 0.06)) + 180, 1e-6);
  // With Shift only the area worked on turns.
  const DiscPoint first = middle(0);
  press(wheel(), place(90, 1.08), Qt::ShiftModifier);
  move(wheel(), place(120, 1.08));
  release(wheel(), place(120, 1.08));
  QCOMPARE(middle(0), first);
  press_button("areaRemove");
  QCOMPARE(mask().areas.size(), std::size_t{1});
  wheel().setFocus();
  QTest::keyClick(&wheel(), Qt::Key_Delete);
  QVERIFY(!m_desk->piece().mask);
}

void LimitTask::what_cannot_be_an_area_is_refused() {
  const Piece empty = m_desk->piece();
  press_button("draw.outline");
  click(wheel(), place(0, 0.5));
  click(wheel(), place(90, 0.5));
  wheel().setFocus();
  QTest::keyClick(&wheel(), Qt::Key_Return);
  QVERIFY(m_desk->notice().contains("at least three points"));
  QCOMPARE(m_desk->piece(), empty);
  press_button("draw.cuts");
  press_button("draw.round");
  drag(wheel(), place(0, 0), place(0, 0.4));
  QVERIFY(m_desk->notice().contains("no mask to subtract from"));
  press_button("draw.adds");
  // Far outside the disc everything lands on the rim.
  press_button("draw.outline");
  press(wheel(), {-3000, -3000});
  for (const QPointF far : {QPointF(5000, -2000), {4000, 6000}, {-3000, 4000}, {-3000, -2000}})
    move(wheel(), far);
  release(wheel(), {-3000, -2000});
  for (const auto& p : std::get<Polygon>(mask().areas[0].shape).points)
    QVERIFY(std::hypot(p.x, p.y) < 1 + 1e-9);
  // A cut over everything is refused and nothing changes.
  const Piece before = m_desk->piece();
  press_button("draw.cuts");
  press_button("draw.sector");
  drag(wheel(), place(1, 0), place(1, 1));
  press_button("draw.round");
  drag(wheel(), place(0, 0), place(0, 4));
  QVERIFY(m_desk->notice().contains("would leave nothing") || MaskRegion(mask()).share() > 0);
  while (m_desk->piece() != before) m_desk->model().store().stack().undo();
  // An outline that crosses itself is taken, and that is said.
  press_button("draw.adds");
  m_desk->trigger("maskRemove");
  press_button("draw.outline");
  for (const auto& [a, r] : {std::pair{315.0, 0.7}, {135.0, 0.7}, {45.0, 0.7}, {225.0, 0.7}})
    click(wheel(), place(a, r));
  QTest::keyClick(&wheel(), Qt::Key_Return);
  QVERIFY(m_desk->notice().contains("crosses itself"));
  QVERIFY(m_desk->part<QLabel>("maskFacts").text().contains("crosses itself"));
  // Two clicks at the last corner end an outline too.
  m_desk->trigger("maskRemove");
  press_button("draw.outline");
  for (const auto& [a, r] : {std::pair{20.0, 0.7}, {140.0, 0.7}, {260.0, 0.7}}) click(wheel(), place(a, r));
  const Piece open = m_desk->piece();
  QTest::mouseDClick(&wheel(), Qt::LeftButton, {}, place(260, 0.7).toPoint());
  QVERIFY(m_desk->piece() != open);
  QCOMPARE(std::get<Polygon>(mask().areas[0].shape).points.size(), std::size_t{3});
  QVERIFY(!MaskRegion(mask()).empty());
}

/// Memory of the process in KiB.
static long resident() {
  QFile status(QStringLiteral("/proc/self/statm"));
  if (!status.open(QIODevice::ReadOnly)) return -1;
  return status.readAll().split(' ').value(1).toLong() * 4;
}

void LimitTask::ten_thousand_moves_take_no_memory() {
#ifdef ZONACHROM_SANITIZED
  QSKIP("the sanitizer keeps freed memory for a while");
#endif
  press_button("pattern.triad");
  auto& stack = m_desk->model().store().stack();
  const auto moves = [this](int count) {
    press(wheel(), place(0, 1));
    for (int i = 0; i < count; ++i) move(wheel(), place(i * 7, 0.5 + 0.4 * std::sin(i)));
    release(wheel(), place(40, 0.7));
    move(wheel(), place(40, 0.7), Qt::NoButton);
    drag(wheel(), place(40, 0.7), place(0, 1));
  };
  moves(1000);
  const long before = resident();
  const int steps = stack.count();
  moves(10'000);
  QVERIFY(before > 0);
  QVERIFY2(resident() - before < 4096, qPrintable(QString::number(resident() - before)));
  QVERIFY(stack.count() <= steps + 2);
}

void LimitTask::masks_go_up_to_the_shelf_and_come_down() {
  press_button("page.shelf");
  QCoreApplication::processEvents();
  auto& list = m_desk->part<QListWidget>("shelfMasks");
  const int ours = list.count();
  QVERIFY(ours >= 5);
  press_button("pattern.analogous");
  const Piece analogous = m_desk->piece();
  press_button("shelfPut");
  QVERIFY(word_at_field(m_desk->window).contains("needs a name"));
  m_desk->part<QLineEdit>("shelfName").setText(QStringLiteral("Kiln, öffen / \"quoted\""));
  m_desk->part<QLineEdit>("shelfTags").setText(QStringLiteral("Fire, night , fire"));
  press_button("shelfPut");
  QCOMPARE(list.count(), ours + 1);
  // Another window sees it; the search finds it by name and by tag.
  DeskTop other;
  other.model().viewing().show_desk(Desk::Limit);
  other.part<QAbstractButton>("page.shelf").click();
  auto& search = other.part<QLineEdit>("shelfSearch");
  auto& found = other.part<QListWidget>("shelfMasks");
  search.setText(QStringLiteral("kiln NIGHT"));
  QCOMPARE(found.count(), 1);
  QVERIFY(found.item(0)->text().contains(QStringLiteral("Kiln, öffen / \"quoted\"\nFire, night")));
  found.setCurrentRow(0);
  other.part<QAbstractButton>("shelfTake").click();
  QCOMPARE(other.piece().mask->areas, analogous.mask->areas);
  // On another wheel it keeps its colors, or its shape on request.
  other.model().masking().change_wheel({HueScale::Even, SaturationMeasure::Hsluv});
  other.part<QAbstractButton>("keepShape").click();
  found.setCurrentRow(0);
  other.part<QAbstractButton>("shelfTake").click();
  QCOMPARE(other.piece().mask->areas, analogous.mask->areas);
  other.part<QAbstractButton>("keepColors").click();
  found.setCurrentRow(0);
  other.part<QAbstractButton>("shelfTake").click();
  QVERIFY(other.piece().mask->areas != analogous.mask->areas);
  search.setText(QStringLiteral("no such word"));
  QVERIFY(found.item(0)->text().contains("No mask"));
  search.setText(QStringLiteral("kiln"));
  found.setCurrentRow(0);
  other.part<QAbstractButton>("shelfOff").click();
  search.clear();
  QCOMPARE(found.count(), ours);
  // Our own masks cannot be taken off.
  found.setCurrentRow(0);
  QVERIFY(!other.part<QAbstractButton>("shelfOff").isEnabled());
}

void LimitTask::an_outline_is_drawn_freehand_with_the_mouse() {
  press_button("draw.outline");
  press(wheel(), place(0, 0.6));
  for (int a = 3; a <= 357; a += 3) move(wheel(), place(a, 0.6));
  release(wheel(), place(357, 0.6));
  QCOMPARE(mask().areas.size(), std::size_t{1});
  // A circle drawn by hand holds its area, with far fewer corners than the hand passed places.
  CHECK_NEAR(share(), 0.36, 0.01);
  const auto& points = std::get<Polygon>(mask().areas[0].shape).points;
  QVERIFY2(points.size() >= 8 && points.size() < 50, qPrintable(QString::number(points.size())));
  QCOMPARE(m_desk->window.findChild<QAction*>("undo")->text().isEmpty(), false);
  // A cut through it is another stroke, and what is seen inside it is no longer in the mask.
  const double whole = share();
  press_button("draw.cuts");
  press_button("draw.outline");
  press(wheel(), place(0, 0.3));
  for (int a = 5; a <= 355; a += 5) move(wheel(), place(a, 0.3));
  release(wheel(), place(355, 0.3));
  QCOMPARE(mask().areas.size(), std::size_t{2});
  CHECK_NEAR(whole - share(), 0.09, 0.01);
  press_button("draw.adds");
  m_desk->trigger("undo");
  m_desk->trigger("undo");
  QVERIFY(!m_desk->piece().mask);
  // Escape leaves a stroke that was begun.
  press_button("draw.outline");
  press(wheel(), place(0, 0.6));
  move(wheel(), place(40, 0.6));
  QTest::keyClick(&wheel(), Qt::Key_Escape);
  release(wheel(), place(40, 0.6));
  QVERIFY(!m_desk->piece().mask);
}

DESK_TEST_MAIN(LimitTask)
#include "limit_task_test.moc"
