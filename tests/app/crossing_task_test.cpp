// SPDX-License-Identifier: GPL-3.0-or-later
// What had begun when another piece is opened does not reach it.
#include "app/crossing/crossing_task.h"

/// Each begins something and gives how it goes on.
std::map<std::string, std::function<std::function<void()>()>> CrossingTask::beginnings() {
  const auto nothing = [] {};
  const auto leave_field = [this] { desk().part<QWidget>("staff").setFocus(); };
  const auto enter = [] {
    if (QWidget* field = QApplication::focusWidget()) QTest::keyClick(field, Qt::Key_Return);
  };
  const auto name_at = [this](const char* part, Desk shown, SetView view) -> QWidget& {
    QWidget& out = at(part, shown);
    if (shown == Desk::Grade) desk().model().viewing().show_set_view(view);
    QCoreApplication::processEvents();
    return out;
  };
  const auto center = [](const QWidget& w) { return QRectF(w.rect()).center(); };
  std::map<std::string, std::function<std::function<void()>()>> out;
  out["note of a set, focus only"] = [=, this] {
    at("setNote", Desk::Grade).setFocus();
    return leave_field;
  };
  for (const char* field : {"setName", "setTags", "setNote"})
    out[std::string("typed into ") + field] = [=, this] {
      type_in(at(field, Desk::Grade), "xyz");
      return leave_field;
    };
  out["a version's name"] = [=, this] {
    type_in(at("versionName", Desk::Grade), "late");
    return [this] {
      // Kept without a name of its own it is not called by what was typed before.
      if (desk().part<QLineEdit>("versionName").text() == "late")
        desk().part<QPushButton>("versionKeep").click();
    };
  };
  out["a version renamed in the list"] = [=, this] {
    auto& list = static_cast<QAbstractItemView&>(at("versionList", Desk::Grade));
    list.setCurrentIndex(list.model()->index(0, 0));
    list.edit(list.currentIndex());
    if (QWidget* editor = QApplication::focusWidget()) QTest::keyClicks(editor, "late");
    return enter;
  };
  out["the title"] = [=, this] {
    type_in(at("title", Desk::Pick), "late");
    return enter;
  };
  out["the card"] = [=, this] {
    at("staff", Desk::Pick);
    desk().part<QAbstractButton>("openCard").click();
    type_in(desk().part<QWidget>("card.title"), "late");
    return [this] { desk().part<QPushButton>("card.take").click(); };
  };
  out["a swatch named on the staff"] = [=, this] {
    QWidget& staff = at("staff", Desk::Grade);
    desk().model().laying().select_swatch(current_set(desk().piece())->families[0].swatches[0].id);
    staff.setFocus();
    QTest::keyClick(&staff, Qt::Key_F2);
    QTest::keyClicks(&desk().part<QWidget>("nameEditor"), "late");
    return [=, this] {
      QTest::keyClick(&desk().part<QWidget>("nameEditor"), Qt::Key_Return);
      enter();
    };
  };
  out["a swatch named in its row"] = [=, this] {
    QWidget& rows = name_at("rows", Desk::Grade, SetView::Rows);
    desk().model().laying().select_swatch(current_set(desk().piece())->families[0].swatches[0].id);
    rows.setFocus();
    QTest::keyClick(&rows, Qt::Key_F2);
    QTest::keyClicks(&desk().part<QWidget>("rowNameEditor"), "late");
    return [=, this] { QTest::keyClick(&desk().part<QWidget>("rowNameEditor"), Qt::Key_Return); };
  };
  out["a cell of the list"] = [=, this] {
    auto& list = static_cast<QAbstractItemView&>(name_at("list", Desk::Grade, SetView::List));
    list.setFocus();
    for (int column = 0; column < list.model()->columnCount(); ++column) {
      const QModelIndex cell = list.model()->index(0, column);
      if (!(cell.flags() & Qt::ItemIsEditable)) continue;
      list.setCurrentIndex(cell);
      list.edit(cell);
      break;
    }
    if (QWidget* editor = QApplication::focusWidget()) QTest::keyClicks(editor, "late");
    return enter;
  };
  out["a number of the report"] = [=, this] {
    at("staff", Desk::Grade);
    type_in(desk().part<QWidget>("ruleNear"), "7");
    return enter;
  };
  out["a number pulled"] = [=, this] {
    at("staff", Desk::Limit);
    QWidget& field = desk().part<QWidget>("maskTurned");
    return pull(field, center(field), center(field) + QPointF(40, 0));
  };
  out["a swatch pulled to another family"] = [=, this] {
    at("staff", Desk::Grade);
    auto& staff = desk().part<StaffView>("staff");
    const QPointF from = staff.swatch_rect(current_set(desk().piece())->families[0].swatches[0].id).center();
    return pull(staff, from, {staff.column_rect(1).center().x(), from.y()});
  };
  out["a family pulled aside"] = [=, this] {
    at("staff", Desk::Grade);
    auto& staff = desk().part<StaffView>("staff");
    return pull(staff, staff.name_rect(0).center(), staff.name_rect(1).center());
  };
  out["a limit of the bands pulled"] = [=, this] {
    at("staff", Desk::Grade);
    auto& staff = desk().part<StaffView>("staff");
    const QPointF from = staff.limit_rect(true).center();
    return pull(staff, from, from + QPointF(0, 30));
  };
  for (const auto& [part, shown, by] :
       {std::tuple("maskWheel", Desk::Limit, QPointF(30, 20)),
        std::tuple("wheel", Desk::Pick, QPointF(30, 20)), std::tuple("section", Desk::Pick, QPointF(10, 30)),
        std::tuple("rail", Desk::Pick, QPointF(0, 40)), std::tuple("photo", Desk::Observe, QPointF(30, 20)),
        std::tuple("tryPicture", Desk::Try, QPointF(40, 0)), std::tuple("rows", Desk::Grade, QPointF(50, 0))})
    out[std::string("a pull on ") + part] = [=, this, part = part, shown = shown, by = by] {
      QWidget& w = name_at(part, shown, SetView::Rows);
      return pull(w, center(w), center(w) + by);
    };
  out["a turn of the mask"] = [=, this] {
    QWidget& w = at("maskWheel", Desk::Limit);
    return pull(w, {6, w.height() / 2.0}, {6, w.height() / 2.0 - 50});
  };
  out["the grip that shifts values"] = [=, this] {
    at("staff", Desk::Grade);
    auto& staff = desk().part<StaffView>("staff");
    const Id swatch = current_set(desk().piece())->families[0].swatches[0].id;
    desk().model().laying().select_swatch(swatch);
    const QPointF from(staff.swatch_rect(swatch).right() + 11, staff.swatch_rect(swatch).center().y());
    return pull(staff, from, from + QPointF(0, 40));
  };
  out["a pointer by keys that holds the value"] = [=, this] {
    QWidget& rail = at("rail", Desk::Pick);
    rail.setFocus();
    desk().trigger("movePointerByKeys");
    QTest::keyClick(&rail, Qt::Key_Space);
    QTest::keyClick(&rail, Qt::Key_Down);
    return [&rail] {
      for (int i = 0; i < 2; ++i) QTest::keyClick(&rail, Qt::Key_Space);
    };
  };
  out["a region on the photo"] = [=, this] {
    QWidget& w = at("photo", Desk::Observe);
    desk().part<QAbstractButton>("markRegion").click();
    return pull(w, center(w), center(w) + QPointF(50, 40));
  };
  out["the filled well"] = [=, this] {
    desk().model().picking().choose_filling_well(3);
    return [this] { desk().model().picking().use_color({0.9, 0.9, 0.1}); };
  };
  out["a row of wells being named"] = [=, this] {
    auto& wells = desk().part<WellsView>("wells");
    at("wells", Desk::Pick);
    desk().model().picking().add_well_row();
    double_click(wells, wells.name_rect(1).center());
    QTest::keyClicks(&desk().part<QWidget>("wellRowName"), "late");
    return enter;
  };
  out["a smear over the field of mixtures"] = [=, this] {
    auto& field = static_cast<MixView&>(at("mixField", Desk::Pick));
    desk().part<QAbstractButton>("page.mixing").click();
    Mixing next;
    next.corners = {{{0.9, 0.8, 0.2}}, {{0.1, 0.2, 0.5}}};
    next.hand = MixHand::Smear;
    desk().model().picking().mix_by_hand(next);
    QCoreApplication::processEvents();
    return pull(field, field.screen_point({0.2, 0.5}), field.screen_point({0.7, 0.5}));
  };
  out["a parcel's words"] = [=, this] {
    at("staff", Desk::Share);
    desk().part<QAbstractButton>("share.parcel").click();
    QCoreApplication::processEvents();
    type_in(desk().part<QWidget>("parcel.description"), "late");
    return nothing;
  };
  out["colors found in a file"] = [=, this] {
    at("staff", Desk::Grade);
    desk().window.arrivals().open_files({QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv")});
    if (!comes_true([this] { return desk().session().set_view == SetView::Import; }))
      qFatal("nothing was found");
    return [this] {
      auto& take = desk().part<QPushButton>("importTake");
      if (take.isVisible()) take.click();
    };
  };
  out["a file that is still being read"] = [=, this] {
    at("staff", Desk::Grade);
    desk().window.arrivals().open_files({QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv")});
    return nothing;
  };
  out["a photo that comes in"] = [=, this] {
    at("photo", Desk::Observe);
    desk().window.arrivals().open_files({QStringLiteral(DEMO_PHOTOS "/noon.jpg")});
    return nothing;
  };
  out["colors being taken"] = [=, this] {
    at("photo", Desk::Observe);
    desk().part<QAbstractButton>("takeColors").click();
    return nothing;
  };
  out["areas being cut"] = [=, this] {
    at("tryPicture", Desk::Try);
    desk().model().tries().change_study("areas", [](Study& s) { s.by_areas = true; });
    static_cast<void>(desk().model().tries().areas());
    return nothing;
  };
  return out;
}

void CrossingTask::nothing_begun_reaches_the_next_piece_data() {
  QTest::addColumn<QString>("what");
  for (const auto& [name, begin] : beginnings())
    QTest::addRow("%s", name.c_str()) << QString::fromStdString(name);
}

void CrossingTask::nothing_begun_reaches_the_next_piece() {
  QFETCH(QString, what);
  const auto expected = open_document(b().toStdString());
  QVERIFY(expected);
  const auto go_on = beginnings().at(what.toStdString())();
  QVERIFY(desk().documents().open(b()));
  go_on();
  QTest::qWait(250);
  const Parts other = change_between(desk().piece(), expected->piece);
  QVERIFY2(desk().piece() == expected->piece,
           qPrintable(QStringLiteral("words %1, geometry %2, references %3, sets %4")
                          .arg(other.has(Part::Words))
                          .arg(other.has(Part::Geometry))
                          .arg(other.has(Part::References))
                          .arg(other.has(Part::Sets))));
  QVERIFY(!desk().model().store().edited());
  if (what != "the filled well") QCOMPARE(desk().session().color(), expected->at_hand.current);
  QCOMPARE(desk().session().at_hand.wells, expected->at_hand.wells);
  QVERIFY(desk().session().at_hand.row_names.empty() && !desk().session().at_hand.mixing.begun);
  QVERIFY(desk().session().extracted.colors.empty());
  QVERIFY(desk().session().set_view != SetView::Import);
  QVERIFY(!desk().session().looking.region);
  QVERIFY(!desk().part<QLineEdit>("title").text().contains("late"));
  desk().make_all();
  for (const auto* field : desk().window.findChildren<QLineEdit*>())
    QVERIFY2(!field->text().contains("late"), qPrintable(field->objectName()));
}

DESK_TEST_MAIN(CrossingTask)
