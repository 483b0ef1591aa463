// SPDX-License-Identifier: GPL-3.0-or-later
// The list, remedies, versions, and rules of grading.
#include "app/grade/grade_task.h"

void GradeTask::the_list_sorts_filters_and_edits() {
  QVERIFY(m_desk->open_demo());
  m_desk->choose("setView", SetView::List);
  auto& table = m_desk->part<QTableView>("list");
  const auto cell = [&](int row, int column) { return table.model()->index(row, column).data().toString(); };
  QCOMPARE(table.model()->rowCount(), 19);
  table.sortByColumn(2, Qt::AscendingOrder);
  for (int row = 1; row < 19; ++row) QVERIFY(cell(row - 1, 2).toDouble() <= cell(row, 2).toDouble());
  // Numbers are sorted as numbers: 9 stands before 10.
  for (const int column : {int(SwatchTable::Saturation), int(SwatchTable::Hue)}) {
    table.sortByColumn(column, Qt::AscendingOrder);
    double last = -1;
    for (int row = 0; row < 19; ++row) {
      QString words = cell(row, column);
      const double number = words.remove(QChar(0xb0)).remove('%').toDouble();
      QVERIFY2(number >= last, qPrintable(cell(row, column)));
      last = number;
    }
    QVERIFY(last >= 10);
  }
  // A value at which a color does not exist with its chroma is had with less, and that is said.
  m_desk->model().store().apply("t", [](Piece p) {
    return with_wheel(std::move(p), {HueScale::Even, SaturationMeasure::CielabChroma});
  });
  const auto row_of = [&](Id id) {
    const QString name = QString::fromStdString(find_swatch(m_desk->piece(), id)->name);
    for (int row = 0; row < 19; ++row)
      if (cell(row, 0) == name) return row;
    return -1;
  };
  Id vivid = 0;
  double bluest = -1;
  for (const auto& family : set().families)
    for (const auto& s : family.swatches)
      if (s.color.b - s.color.r > bluest) bluest = s.color.b - s.color.r, vivid = s.id;
  QVERIFY(table.model()->setData(table.model()->index(row_of(vivid), SwatchTable::Value), "96"));
  CHECK_NEAR(value_of(find_swatch(m_desk->piece(), vivid)->color), 96, 1e-6);
  QVERIFY2(m_desk->notice().contains("At value 96"), qPrintable(m_desk->notice()));
  for (int i = 0; i < 2; ++i) m_desk->trigger("undo");
  table.sortByColumn(2, Qt::AscendingOrder);
  QTest::keyClicks(&m_desk->part<QLineEdit>("find"), "dusk");
  QVERIFY(table.model()->rowCount() > 0 && table.model()->rowCount() < 19);
  m_desk->part<QLineEdit>("find").clear();
  const QString hex = cell(0, 1);
  QVERIFY(table.model()->setData(table.model()->index(0, SwatchTable::Note), "deepest shade"));
  QVERIFY(table.model()->setData(table.model()->index(0, 0), "ink"));
  bool found = false;
  for (const auto& family : set().families)
    for (const auto& s : family.swatches)
      found = found || (s.note == "deepest shade" && s.name == "ink" &&
                        hex == QString::fromStdString(hex_of(s.color)));
  QVERIFY(found);
  table.selectRow(3);
  QCOMPARE(work().selection().size(), std::size_t{1});
  work().select_all();
  QCOMPARE(table.selectionModel()->selectedRows().size(), 19);
}

void GradeTask::a_family_is_evened_out() {
  QVERIFY(m_desk->open_demo());
  m_desk->model().laying().select_family(set().families[1].id);
  m_desk->trigger("spaceFamilyEvenly");
  std::vector<double> values;
  for (const auto& s : set().families[1].swatches) values.push_back(value_of(s.color));
  std::sort(values.begin(), values.end());
  const double step = (values.back() - values.front()) / static_cast<double>(values.size() - 1);
  for (std::size_t i = 1; i < values.size(); ++i) CHECK_NEAR(values[i] - values[i - 1], step, 1e-5);
  QCOMPARE(m_desk->window.findChild<QAction*>("undo")->text(), QStringLiteral("Undo Space family evenly"));
}

void GradeTask::a_remedy_mends_its_twin() {
  QVERIFY(m_desk->open_demo());
  const auto before = work().report();
  QVERIFY(!before.twins.empty());
  // A band of two is told by their names; of more than two by their number and value.
  const auto pair = std::find_if(before.twin_bands.begin(), before.twin_bands.end(),
                                 [](const TwinBand& band) { return band.swatches.size() == 2; });
  QVERIFY(pair != before.twin_bands.end());
  const ValueTwins twin{pair->swatches[0], pair->swatches[1]};
  for (auto* opener : m_desk->window.findChildren<QAction*>("openFinding")) opener->trigger();
  QAbstractButton* remedy = nullptr;
  const auto shown = [&] {
    for (auto* button : m_desk->window.findChildren<QAbstractButton*>("remedyPart"))
      if (button->property("finding").value<Finding>().swatches == pair->swatches &&
          button->property("finding").value<Finding>().kind == FindingKind::Twins)
        remedy = button;
    return remedy != nullptr;
  };
  QVERIFY(comes_true(shown));
  remedy->click();
  QVERIFY(comes_true([&] { return work().report().twins != before.twins; }));
  const Contrast c =
      contrast_of(find_swatch(m_desk->piece(), twin.a)->color, find_swatch(m_desk->piece(), twin.b)->color);
  CHECK_NEAR(c.value_difference, 2 * m_desk->piece().grading.twin, 1e-6);
  work().select({twin.a, twin.b});
  QVERIFY(m_desk->part<QLabel>("contrast").text().contains(QString::number(c.value_difference, 'f', 1)));
}

void GradeTask::band_limits_are_dragged_on_the_axis() {
  QVERIFY(m_desk->open_demo());
  const ValueAxis axis(staff().height());
  const QPointF from = staff().limit_rect(true).center();
  drag(staff(), from, {from.x(), axis.y_of(80)});
  CHECK_NEAR(m_desk->piece().bands.light_from, 80, 0.5);
  // As far as the other limit and no further; all of a drag is one step.
  drag(staff(), staff().limit_rect(true).center(), {from.x(), axis.y_of(5)});
  QVERIFY(m_desk->piece().bands.light_from > m_desk->piece().bands.dark_below);
  m_desk->trigger("undo");
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece().bands, Bands{});
}

void GradeTask::an_adjustment_is_tried_out_before_it_is_taken() {
  QVERIFY(m_desk->open_demo());
  press_button("page.change");
  const Piece before = m_desk->piece();
  const Id id = swatch(0, 2).id;
  m_desk->model().laying().select_swatch(id);
  const QRectF was = staff().swatch_rect(id);
  type_into(m_desk->part<QLineEdit>("adjustValue"), "-20");
  // The staff shows it lower; the piece has not changed.
  const ValueAxis axis(staff().height());
  CHECK_NEAR(staff().swatch_rect(id).center().y() - was.center().y(), 0.2 * axis.length(), 0.6);
  QCOMPARE(m_desk->piece(), before);
  press_button("adjustReset");
  QCOMPARE(staff().swatch_rect(id), was);
  type_into(m_desk->part<QLineEdit>("adjustTurn"), "30");
  press_button("adjustTake");
  QVERIFY(contrast_of(find_swatch(m_desk->piece(), id)->color, find_swatch(before, id)->color).difference >
          5);
  QCOMPARE(swatch(1, 0).color, current_set(before)->families[1].swatches[0].color);
  CHECK_NEAR(value_of(find_swatch(m_desk->piece(), id)->color), value_of(find_swatch(before, id)->color),
             1e-6);
  // What cannot be is held, and said; the whole set without a selection.
  m_desk->model().laying().select_swatch(0);
  type_into(m_desk->part<QLineEdit>("adjustSaturation"), "2");
  QVERIFY(m_desk->part<QLabel>("adjustSays").text().contains("stop at the limit"));
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece(), before);
}

void GradeTask::versions_are_kept_compared_and_taken_up() {
  QVERIFY(m_desk->open_demo_without_versions());
  press_button("page.sets");
  type_into(m_desk->part<QLineEdit>("versionName"), "evening");
  QCOMPARE(set().versions.size(), std::size_t{1});
  const auto families = set().families;
  Adjustment darker;
  darker.value = -8;
  work().try_out(darker);
  work().apply_adjustment();
  m_desk->choose("setView", SetView::Versions);
  auto& versions = m_desk->part<VersionsView>("versions");
  QVERIFY(versions.isVisible());
  const Id evening = set().versions[0].id;
  const QRectF now = versions.panel_rect(0), then = versions.panel_rect(evening);
  QVERIFY(now.right() < then.left());
  // The same swatch stands higher in the version than in the set as it is.
  const ValueAxis axis(versions.height());
  const Swatch& kept = families[0].swatches[0];
  const double x = then.left() + then.width() / 8;
  const QColor c = seen(versions, {x, axis.y_of(value_of(kept.color))});
  QCOMPARE((Srgb8{std::uint8_t(c.red()), std::uint8_t(c.green()), std::uint8_t(c.blue())}),
           rounded_8bit(kept.color));
  // The name of the chosen one stands out.
  const auto ink = [&] {
    const QImage name =
        versions.grab({then.toRect().left(), 2, 60, static_cast<int>(axis.top()) - 6}).toImage();
    qint64 sum = 0;
    const int ground = qGray(name.pixel(name.width() - 1, 0));
    for (int i = 0; i < name.width() * name.height(); ++i)
      sum += std::abs(qGray(name.pixel(i % name.width(), i / name.width())) - ground);
    return sum;
  };
  click(versions, now.center());
  const qint64 one_of_several = ink();
  click(versions, then.center());
  QVERIFY2(one_of_several > 0 && ink() > one_of_several,
           qPrintable(QStringLiteral("%1 %2").arg(one_of_several).arg(ink())));
  double_click(versions, then.center());
  QCOMPARE(set().families, families);
  QCOMPARE(set().versions.size(), std::size_t{2});
  QCOMPARE(set().versions[1].name, std::string("before evening"));
}

void GradeTask::swatches_are_copied_between_sets_and_programs() {
  QVERIFY(m_desk->open_demo());
  work().select({swatch(0, 0).id, swatch(1, 0).id});
  const std::string hex = hex_of(swatch(0, 0).color), name = swatch(0, 0).name;
  m_desk->trigger("copySwatches");
  const QMimeData* clip = QApplication::clipboard()->mimeData();
  QVERIFY(clip->text().startsWith(QString::fromStdString(hex + " " + name)));
  QVERIFY(clip->hasColor());
  m_desk->model().store().apply("Set", [](Piece p) { return with_set(std::move(p), "Second"); });
  m_desk->trigger("paste");
  QCOMPARE(swatch_count(set()), std::size_t{2});
  QCOMPARE(swatch(0, 0).name, name);
  // Text of another program: a palette in any format that is text.
  QApplication::clipboard()->setText("#102030 ink\n#405060 slate\n");
  m_desk->trigger("paste");
  QCOMPARE(swatch_count(set()), std::size_t{4});
  QCOMPARE(set().families[0].swatches.back().name, std::string("slate"));
  m_desk->trigger("cutSwatches");
  QCOMPARE(swatch_count(set()), std::size_t{2});
}

void GradeTask::find_goes_by_name_and_by_nearest_color() {
  QVERIFY(m_desk->open_demo());
  const Swatch wanted = swatch(2, 1);
  auto& find = m_desk->part<QLineEdit>("find");
  type_into(find, QString::fromStdString(wanted.name).toUpper());
  QVERIFY(work().selected(wanted.id));
  Srgb8 near = rounded_8bit(wanted.color);
  near.g = static_cast<std::uint8_t>(near.g + 1);
  type_into(find, QString::fromStdString(hex_of(near)));
  QCOMPARE(work().selection(), std::vector<Id>{wanted.id});
  QVERIFY(word_at_field(m_desk->window).contains("is nearest"));
  type_into(find, "no such thing");
  QVERIFY(word_at_field(m_desk->window).contains("No swatch"));
  // A page pasted by mistake does not take up memory for the rest of the day; fifty tags have their room.
  find.setText(QString(20'000, 'x'));
  QCOMPARE(find.text().size(), qsizetype{1000});
  auto& tags = m_desk->part<QLineEdit>("setTags");
  tags.setText(QString(20'000, 'x'));
  QCOMPARE(tags.text().size(), qsizetype{20'000});
}

void GradeTask::locked_swatches_stay() {
  QVERIFY(m_desk->open_demo());
  const Swatch locked = swatch(0, 0);
  m_desk->model().laying().select_swatch(locked.id);
  m_desk->trigger("lockOrUnlockSwatches");
  m_desk->trigger("markSwatchesUsedOrUnused");
  QVERIFY(swatch(0, 0).locked && swatch(0, 0).used);
  m_desk->trigger("replaceWithCurrentColor");
  QCOMPARE(swatch(0, 0).color, locked.color);
  QVERIFY(m_desk->notice().contains("is locked"));
  QTest::keyClick(&staff(), Qt::Key_Delete);
  QVERIFY(find_swatch(m_desk->piece(), locked.id));
  m_desk->trigger("lockOrUnlockSwatches");
  m_desk->model().picking().use_color({0.1, 0.2, 0.3});
  m_desk->trigger("replaceWithCurrentColor");
  QCOMPARE(find_swatch(m_desk->piece(), locked.id)->color, (Srgb{0.1, 0.2, 0.3}));
}

void GradeTask::sets_are_named_tagged_ordered_and_removed() {
  QVERIFY(m_desk->open_demo());
  press_button("page.sets");
  press_button("setNew");
  QCOMPARE(set().name, std::string("New set"));
  type_into(m_desk->part<QLineEdit>("setName"), "Row at dusk");
  QCOMPARE(set().name, std::string("New set"));
  QVERIFY(m_desk->notice().contains("\"Row at dusk\" already"));
  type_into(m_desk->part<QLineEdit>("setName"), "Noon");
  type_into(m_desk->part<QLineEdit>("setTags"), "day, loud, day");
  QCOMPARE(set().tags, (std::vector<std::string>{"day", "loud"}));
  press_button("setUp");
  QCOMPARE(m_desk->piece().sets[0].name, std::string("Noon"));
  m_desk->part<QListWidget>("sets").setCurrentRow(1);
  QCOMPARE(set().name, std::string("Row at dusk"));
  press_button("setDuplicate");
  QCOMPARE(set().name, std::string("Row at dusk copy"));
  press_button("setRemove");
  QCOMPARE(m_desk->piece().sets.size(), std::size_t{2});
  // The tabs above say the same and switch as well.
  QTest::qWait(1);
  for (auto* tab : m_desk->window.findChildren<QAbstractButton*>("setTab"))
    if (tab->text() == QStringLiteral("Noon") && tab->isVisible()) tab->click();
  QVERIFY(comes_true([&] { return set().name == "Noon"; }));
  // Of more sets than the row has room for, the current one is in sight.
  m_desk->model().store().apply("Many", [](Piece p) -> Result<Piece> {
    for (int i = 0; i < 15; ++i) p = *with_set(std::move(p), "Study " + std::to_string(i));
    return p;
  });
  const auto in_sight = [this](const SwatchSet& s) {
    for (const auto* tab : m_desk->window.findChildren<QAbstractButton*>("setTab"))
      if (tab->property("takesSwatchesOfSet").toULongLong() == s.id)
        return tab->visibleRegion().boundingRect() == tab->rect();
    return false;
  };
  const auto& sets = m_desk->piece().sets;
  for (const Id id : {sets.back().id, sets.front().id}) {
    m_desk->model().laying().show_set(id);
    QTRY_VERIFY(in_sight(*find_set(m_desk->piece(), id)));
  }
  QVERIFY(!in_sight(m_desk->piece().sets.back()));
}

void GradeTask::colors_are_dropped_from_other_programs() {
  QVERIFY(m_desk->open_demo());
  const std::size_t before = set().families[2].swatches.size();
  const auto drop = [this](QMimeData& data) {
    const QPointF at = staff().column_rect(2).center();
    QDragEnterEvent enter(at.toPoint(), Qt::CopyAction, &data, Qt::LeftButton, {});
    QCoreApplication::sendEvent(&staff(), &enter);
    QDropEvent event(at, Qt::CopyAction, &data, Qt::LeftButton, {});
    QCoreApplication::sendEvent(&staff(), &event);
  };
  QMimeData color, text;
  color.setColorData(QColor(10, 200, 30));
  drop(color);
  QCOMPARE(set().families[2].swatches.size(), before + 1);
  QCOMPARE(rounded_8bit(set().families[2].swatches.back().color), (Srgb8{10, 200, 30}));
  text.setText("#abcdef");
  drop(text);
  QCOMPARE(rounded_8bit(set().families[2].swatches.back().color), (Srgb8{0xab, 0xcd, 0xef}));
}

void GradeTask::the_rules_of_grading_are_the_pieces() {
  QVERIFY(m_desk->open_demo());
  type_into(m_desk->part<QLineEdit>("ruleTwin"), "0.5");
  QCOMPARE(m_desk->piece().grading.twin, 0.5);
  for (const auto& twin : work().report().twins) QVERIFY(twin.value_difference < 0.5);
  type_into(m_desk->part<QLineEdit>("ruleGap"), "10");
  QVERIFY(work().report().gaps.size() > 3);
  type_into(m_desk->part<QLineEdit>("ruleSteps"), "11");
  QCOMPARE(work().report().steps.size(), std::size_t{11});
  type_into(m_desk->part<QLineEdit>("ruleSteps"), "12");
  QCOMPARE(m_desk->piece().grading.value_steps, 11);
  QVERIFY(!word_at_field(m_desk->window).isEmpty());
  type_into(m_desk->part<QLineEdit>("targetLight"), "6");
  QCOMPARE(m_desk->piece().grading.target.light, 6);
}

void GradeTask::thousands_of_swatches_stay_quick() {
  m_desk->model().store().apply("many", [](Piece p) -> Result<Piece> {
    for (int f = 0; f < 100; ++f) {
      p = *with_family(std::move(p), "family " + std::to_string(f));
      const Id family = current_set(p)->families.back().id;
      for (int i = 0; i < 50; ++i)
        p = *with_swatch(std::move(p), family, {srgb_from_hsv({f * 3.6, i / 50.0, 0.2 + i / 70.0}), {}}, "x");
    }
    return p;
  });
  QCOMPARE(swatch_count(set()), std::size_t{5000});
  work().select_all();
  QCOMPARE(work().selection().size(), std::size_t{5000});
  for (const SetView view : {SetView::Staff, SetView::Rows, SetView::List, SetView::Versions}) {
    m_desk->choose("setView", view);
    QVERIFY(!m_desk->window.grab().isNull());
  }
  QVERIFY(comes_true([&] { return !work().report().near_duplicates.empty(); }));
}
