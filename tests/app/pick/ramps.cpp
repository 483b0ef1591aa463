// SPDX-License-Identifier: GPL-3.0-or-later
// Ramps, ladders and relations.
#include "app/pick/pick_task.h"

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
