// SPDX-License-Identifier: GPL-3.0-or-later
// Strengths, parts, reach, recipes, and what is done with paints and palettes.
#include "app/paints/paints_task.h"

void PaintsTask::strength_and_muting_count() {
  fill({"#d8904a", "#3d477f"});
  m_desk->model().store().apply("t",
                                [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
  const Srgb even = mixed({1, 1});
  turn_wheel(field(), field().chip_rect(0).center(), 10);
  CHECK_NEAR(mixing().corners[0].strength, 2, 1e-9);
  CHECK_NEAR(m_desk->part<NumberField>("mix.strength.0").value(), 2, 1e-9);
  QVERIFY(largest_step(mixed({1, 1}), even) > 0.01);
  QVERIFY(largest_step(mixed({1, 2}), even) < 1e-9);
  press_word("mix.mute.0");
  QVERIFY(mixing().corners[0].muted);
  QVERIFY(largest_step(mixed({1, 1}), *parse_color("#3d477f")) < 0.01);
  press_word("mix.mute.0");
  type_into(m_desk->part<QLineEdit>("mix.strength.0"), "0");
  QVERIFY(largest_step(mixed({1, 1}), *parse_color("#3d477f")) < 0.01);
  // Nothing of strength is nothing, and said to be; nothing is picked there.
  press_word("mix.mute.1");
  const Srgb before = m_desk->session().color();
  click(field(), field().screen_point({0.5, 0.5}));
  QVERIFY(m_desk->session().color() == before);
  QCOMPARE(seen(field(), field().screen_point({0.5, 0.5})).name(), theme().stage.name());
}

void PaintsTask::white_and_black_are_mixed_in() {
  fill({"#d8904a", "#3d477f"});
  const double plain = value_of(mixed({1, 1}));
  auto& bar = m_desk->part<TowardBar>("mix.toward");
  click(bar, bar.place_of(0.6));
  CHECK_NEAR(mixing().toward, 0.6, 0.02);
  const double lighter = value_of(mixed({1, 1}));
  QVERIFY(lighter > plain + 10);
  // White of the set's choice: its lightest swatch; another is dropped.
  drop_color(bar, bar.place_of(0.9), "#808080");
  QVERIFY(value_of(mixed({1, 1})) < lighter - 5);
  click(bar, bar.place_of(-0.9));
  QVERIFY(value_of(mixed({1, 1})) < plain);
  double_click(bar, bar.place_of(0.2));
  QCOMPARE(mixing().toward, 0.0);
  CHECK_NEAR(value_of(mixed({1, 1})), plain, 1e-9);
}

void PaintsTask::what_is_typed_as_parts() {
  fill({"#d8904a", "#3d477f", "#efe6d6"});
  m_desk->model().store().apply("t",
                                [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
  auto& parts = m_desk->part<QLineEdit>("mix.parts");
  type_into(parts, "2 : 1 : 1");
  QVERIFY(largest_step(m_desk->session().color(), mixed({2, 1, 1})) < 1e-9);
  QCOMPARE(parts.text(), QString("2 : 1 : 1"));
  const Srgb before = m_desk->session().color();
  for (const char* bad : {"2 : 1", "x", "0:0:0", "1 1 -1"}) {
    type_into(parts, QString::fromLatin1(bad));
    QVERIFY(m_desk->session().color() == before);
  }
  QCOMPARE(parts.text(), QString("2 : 1 : 1"));
  type_into(parts, "0,5 1 1");
  QVERIFY(largest_step(m_desk->session().color(), mixed({0.5, 1, 1})) < 1e-9);
  // One that no paint can be is said.
  drop_color(field(), field().chip_rect(1).center(), "#00ffff");
  QVERIFY(m_desk->part<QLabel>("mixWords").text().contains("no paint has the color of 2"));
}

void PaintsTask::what_lies_outside_the_mask_is_dimmed_and_held() {
  fill({"#d8904a", "#0a8a3c"});
  const QPointF green = field().screen_point({0.97, 0.5});
  click(field(), green);
  // The rule of the demo holds: the color is brought into the mask.
  const auto held = m_desk->session().color();
  QVERIFY(difference_to(held, mixed(parts_at(2, field().field_point(green)))) > 5);
  QVERIFY(*m_desk->model().in_mask());
  const QColor dimmed = seen(field(), green + QPointF(0, 20));
  m_desk->model().store().apply("t", [](Piece p) { return with_rule(std::move(p), MaskRule::Free); });
  click(field(), green);
  QVERIFY(largest_step(m_desk->session().color(), mixed(parts_at(2, field().field_point(green)))) < 1e-9);
  m_desk->model().store().apply("t",
                                [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
  const QColor clear = seen(field(), green + QPointF(0, 20));
  QVERIFY(clear.green() - clear.red() > dimmed.green() - dimmed.red() + 30);
}

void PaintsTask::the_reach_becomes_the_mask() {
  take_paints("earths and one blue");
  QCOMPARE(m_desk->piece().paints.size(), std::size_t{5});
  press_word("paints.reach");
  QVERIFY(m_desk->session().reach.shown);
  PaintModel& paints = m_desk->model().paints();
  QVERIFY(comes_true([&] { return paints.reach_is_current(); }));
  m_desk->model().picking().use_color(*parse_color("#a08060"));
  const auto& outlines = m_desk->model().reaches().outlines(Reaches::Of::Paints);
  QVERIFY(!outlines.empty());
  // The dashed line is seen on the plan, along the outline.
  auto& wheel = m_desk->part<WheelView>("wheel");
  const auto line = outlines.front();
  const auto colors = [&] {
    std::vector<QRgb> out;
    for (const DiscPoint& p : line) out.push_back(seen(wheel, wheel.screen_point(p)).rgb());
    return out;
  };
  const auto with = colors();
  press_word("paints.reach");
  const auto without = colors();
  press_word("paints.reach");
  std::size_t differ = 0;
  for (std::size_t i = 0; i < line.size(); ++i) differ += with[i] != without[i] ? 1 : 0;
  QVERIFY2(10 * differ > 8 * line.size(),
           qPrintable(QStringLiteral("%1 of %2").arg(differ).arg(line.size())));
  const Piece before = m_desk->piece();
  const double share = paints.reach()->share(m_desk->session().at.at.v);
  press_word("paints.maskHere");
  CHECK_NEAR(m_desk->model().region()->share(), share, 0.01);
  press_word("paints.maskAny");
  QVERIFY(m_desk->model().region()->share() > share + 0.02);
  m_desk->trigger("undo");
  m_desk->trigger("undo");
  QVERIFY(m_desk->piece() == before);
  // Fewer paints reach less.
  QVERIFY(comes_true([&] { return paints.inside() != nullptr; }));
  const auto inside = *paints.inside();
  QVERIFY(inside.of == 19 && inside.swatches > 0 && inside.photo && *inside.photo > 0.05);
  press_word("paints.out.3");
  QVERIFY(!m_desk->piece().paints[3].out);
  QVERIFY(comes_true([&] { return paints.inside() != nullptr; }));
  QVERIFY(paints.inside()->swatches < inside.swatches || *paints.inside()->photo < *inside.photo);
  QVERIFY(m_desk->part<QLabel>("paints.inside").text().startsWith("within reach: "));
}

void PaintsTask::recipes_follow_the_color() {
  take_paints("earths and one blue");
  const auto& says = m_desk->part<QLabel>("paints.recipe");
  // A mixture of these very paints is found again.
  const PutOut& out = m_desk->model().paints().out();
  m_desk->model().picking().use_color(out.mixer.mixed({2, 1, 0, 0, 0}).color);
  QVERIFY(comes_true(
      [&] { return says.text().startsWith("2 titanium white : 1 yellow earth; differs by 0.0"); }));
  m_desk->model().picking().use_color(*parse_color("#0a8a3c"));
  QVERIFY(comes_true([&] { return !says.text().startsWith("2 titanium"); }));
  type_into(m_desk->part<QLineEdit>("paints.most"), "1");
  QVERIFY(comes_true([&] { return !says.text().contains(" : "); }));
  press_word("paints.take");
  QVERIFY(std::ranges::any_of(out.paints, [&](const PutOut::One& p) {
    return largest_step(p.color, m_desk->session().color()) < 0.01;
  }));
}

void PaintsTask::fewest_paints_are_put_out() {
  take_paints("a warm and a cool of each");
  const std::size_t all = m_desk->piece().paints.size();
  type_into(m_desk->part<QLineEdit>("paints.share"), "50");
  type_into(m_desk->part<QLineEdit>("paints.within"), "6");
  press_word("paints.fewestSet");
  QVERIFY(comes_true([&] { return m_desk->notice().contains("paints reach"); }));
  const auto put_out =
      std::ranges::count_if(m_desk->piece().paints, [](const PalettePaint& p) { return p.out; });
  QVERIFY(put_out > 0 && put_out < static_cast<std::ptrdiff_t>(all));
  m_desk->trigger("undo");
  QVERIFY(std::ranges::all_of(m_desk->piece().paints, [](const PalettePaint& p) { return p.out; }));
}

void PaintsTask::the_search_for_the_fewest_paints_is_stopped() {
  press_word("page.paints");
  // As many as a palette takes: the longest search there is.
  for (std::size_t i = 0; i < kMostPaints; ++i) {
    m_desk->model().picking().use_color(
        {0.08 * static_cast<double>(i), 0.5, 0.9 - 0.07 * static_cast<double>(i)});
    m_desk->trigger("addAsPaint");
  }
  const Piece before = m_desk->piece();
  QCOMPARE(before.paints.size(), kMostPaints);
  QVERIFY(m_desk->photo_shown());
  const auto& photo = m_desk->part<QAbstractButton>("paints.fewestPhoto");
  const auto& set = m_desk->part<QAbstractButton>("paints.fewestSet");
  press_word("paints.fewestPhoto");
  QVERIFY(photo.text().startsWith("Stop") && !set.isVisible());
  QVERIFY(comes_true([&] { return photo.text().startsWith("Stop") && photo.text() != "Stop, 0 %"; }));
  press_word("paints.fewestPhoto");
  QVERIFY(comes_true([&] { return photo.text() == "Find for photo" && set.isVisible(); }));
  QCOMPARE(m_desk->piece(), before);
  QVERIFY(!m_desk->notice().contains("percent"));
}

void PaintsTask::paints_are_added_by_the_menu() {
  press_word("page.paints");
  const auto add = [&](const char* words) {
    return chosen_from([&] { press_word("paints.add"); }, QString::fromLatin1(words));
  };
  const std::size_t before = m_desk->piece().paints.size();
  SetWork& work = m_desk->model().set_work();
  const auto last = [&](std::size_t i) -> const PalettePaint& { return m_desk->piece().paints[before + i]; };
  m_desk->model().picking().use_color(*parse_color("#a8321f"));
  QVERIFY(add("Current color"));
  QCOMPARE(m_desk->piece().paints.size(), before + 1);
  QVERIFY(hex_of(last(0).color) == "#a8321f" && last(0).trade.empty() && !last(0).name.empty());
  // Of the trade it comes with its curve.
  QVERIFY(add("iron-oxide red"));
  QVERIFY(last(1).trade == "iron-oxide red" &&
          last(1).color == color_of(trade_paint("iron-oxide red")->curve));
  // What is selected is added at once, in its order, and taken back at once.
  work.select({});
  QVERIFY(!add("Selected swatches"));
  const auto& family = current_set(m_desk->piece())->families[0];
  work.select({family.swatches[0].id, family.swatches[2].id});
  QVERIFY(add("Selected swatches"));
  QCOMPARE(m_desk->piece().paints.size(), before + 4);
  QVERIFY(last(2).color == family.swatches[0].color && last(3).color == family.swatches[2].color);
  QVERIFY(last(2).name == family.swatches[0].name || family.swatches[0].name.empty());
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece().paints.size(), before + 2);
}

void PaintsTask::paints_are_kept_and_brought() {
  press_word("page.paints");
  m_desk->model().store().apply("none", [](Piece p) { return with_paints(std::move(p), {}); });
  m_desk->model().picking().use_color(*parse_color("#98573f"));
  m_desk->trigger("addAsPaint");
  QCOMPARE(m_desk->piece().paints.size(), std::size_t{1});
  QCOMPARE(hex_of(m_desk->piece().paints[0].color), std::string("#98573f"));
  type_into(m_desk->part<QLineEdit>("paints.strength.0"), "2.5");
  CHECK_NEAR(m_desk->piece().paints[0].strength, 2.5, 1e-12);
  // Renamed in its place, given another color, moved.
  const auto asked = [&](const char* words, const char* meanwhile = nullptr) {
    for (auto* action : m_desk->part<QAbstractButton>("paints.out.0").actions())
      if (action->text().startsWith(QLatin1String(words))) action->trigger();
    if (meanwhile) m_desk->trigger(meanwhile);
    QCoreApplication::processEvents();
  };
  // Also when the rows are made anew before it comes to that.
  asked("Rename", "addAsPaint");
  type_into(m_desk->part<QLineEdit>("paints.name"), "a rust");
  QCOMPARE(m_desk->piece().paints[0].name, std::string("a rust"));
  m_desk->trigger("undo");
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece().paints.size(), std::size_t{1});
  asked("Rename");
  type_into(m_desk->part<QLineEdit>("paints.name"), "a brown");
  QCOMPARE(m_desk->piece().paints[0].name, std::string("a brown"));
  m_desk->model().picking().use_color(*parse_color("#3d477f"));
  asked("Set to current color");
  QCOMPARE(hex_of(m_desk->piece().paints[0].color), std::string("#3d477f"));
  m_desk->trigger("addAsPaint");
  asked("Move down");
  QCOMPARE(m_desk->piece().paints[1].name, std::string("a brown"));
  m_desk->trigger("undo");
  m_desk->trigger("undo");
  press_word("paints.keep");
  QVERIFY(m_desk->notice().contains("to the shelf"));
  press_word("paints.off.0");
  QVERIFY(comes_true([&] { return m_desk->piece().paints.empty(); }));
  const QString title = QString::fromStdString(m_desk->piece().title);
  take_paints(qPrintable(title));
  QVERIFY(m_desk->piece().paints.size() == 1 && m_desk->piece().paints[0].strength == 2.5);
  // No more than twelve.
  for (int i = 0; i < 12; ++i) m_desk->trigger("addAsPaint");
  QCOMPARE(m_desk->piece().paints.size(), kMostPaints);
  QVERIFY(m_desk->notice().contains("at most 12"));
}

void PaintsTask::two_palettes_of_one_name_are_two() {
  const std::string folder = shelf_folder("paints").toStdString();
  for (const Srgb color : {Srgb{0.9, 0.1, 0.1}, Srgb{0.1, 0.1, 0.9}}) {
    ShelfPaints item;
    item.name = "Both";
    item.paints = {{0, "one", color}};
    QVERIFY(put_on_shelf(folder, item));
  }
  press_word("page.paints");
  QCoreApplication::processEvents();
  auto& shelf = m_desk->part<QComboBox>("paints.shelf");
  std::set<double> reds;
  const int steps = m_desk->model().store().stack().count();
  int chosen = 0;
  for (int i = 1; i < shelf.count(); ++i) {
    if (shelf.itemText(i) != "Both") continue;
    shelf.setCurrentIndex(i);
    emit shelf.activated(i);
    QCOMPARE(m_desk->model().store().stack().count(), steps + ++chosen);
    reds.insert(m_desk->piece().paints[0].color.r);
  }
  QCOMPARE(reds, (std::set<double>{0.1, 0.9}));
}
