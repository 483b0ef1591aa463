// SPDX-License-Identifier: GPL-3.0-or-later
// The sheet, the proof and the plan.
#include "app/share/share_task.h"

void ShareTask::parts_are_switched_and_seen() {
  // Every swatch is seen at its place in its color.
  QCOMPARE(sheet().pages[0].swatches.size(), std::size_t{19});
  for (const auto& s : sheet().pages[0].swatches)
    QCOMPARE(seen_at(s.box).name(), QString::fromStdString(hex_of(s.color)));
  const auto titled = [&] {
    return sheet().pages[0].texts.front().bold && sheet().pages[0].texts.front().size > 15;
  };
  QVERIFY(titled());
  tick_part(SheetPart::Title);
  QVERIFY(!titled());
  // A part that is not on the sheet moves in the list alone; the first goes no further up, the last no
  // further down.
  const auto may = [this](const char* move) { return m_desk->part<QAbstractButton>(move).isEnabled(); };
  parts().setCurrentRow(0);
  QVERIFY(!may("sheet.up") && may("sheet.down"));
  press_word("sheet.down");
  QVERIFY(may("sheet.up"));
  press_word("sheet.up");
  QVERIFY(!may("sheet.up"));
  parts().setCurrentRow(parts().count() - 1);
  QVERIFY(may("sheet.up") && !may("sheet.down"));
  // The reference as its study: the same place in the nearest swatch.
  const SheetBox reference = sheet().pages[0].pictures[0].box;
  QVERIFY(comes_true([&] { return seen_at(reference).lightness() < 200; }));
  const QColor photo = seen_at(reference);
  const auto is_swatch = [&] {
    return std::ranges::any_of(m_desk->model().press().swatches(), [&](const Swatch* s) {
      return QString::fromStdString(hex_of(s->color)) == seen_at(reference).name();
    });
  };
  press_word("sheet.study");
  QVERIFY(comes_true([&] { return seen_at(reference) != photo; }));
  QVERIFY(is_swatch());
  // By areas where Try has it so, an area bound by hand in its swatch.
  const auto photographed = m_desk->model().tries().photo();
  const Swatch* bound = m_desk->model().press().swatches().back();
  m_desk->model().tries().change_study("areas", [&](Study& study) {
    study.by_areas = true;
    study.cut.count = 12;
    study.bound = {{photographed->full().width() / 2, photographed->full().height() / 2, bound->id}};
  });
  QVERIFY(comes_true([&] { return seen_at(reference).name().toStdString() == hex_of(bound->color); }));
  press_word("sheet.study");
  QVERIFY(comes_true([&] { return seen_at(reference) == photo; }));
  tick_part(SheetPart::Staff);
  std::size_t shown = 0;
  for (const auto& page : sheet().pages) shown += page.swatches.size();
  QCOMPARE(shown, std::size_t{38});
  parts().setCurrentRow(row_of(SheetPart::Swatches));
  for (int i = 0; i < 3; ++i) press_word("sheet.up");
  QCOMPARE(sharing().sheet.parts[0], SheetPart::Swatches);
  press_word("sheet.byValue");
  const auto first = sheet().pages[0].swatches;
  for (std::size_t i = 1; i < 19; ++i) QVERIFY(value_of(first[i - 1].color) >= value_of(first[i].color));
  press_word("sheet.lying");
  QVERIFY(sheet().height > sheet().width);
  const QColor light = seen(stage(), stage().place_of(4, 4));
  press_word("sheet.dark");
  QVERIFY(light.lightness() > 200 && seen(stage(), stage().place_of(4, 4)).lightness() < 80);
  press_word("sheet.hexes");
  for (const auto& t : sheet().pages[0].texts) QVERIFY(!t.words.starts_with("#"));
  // Values only: the sheet too.
  m_desk->model().viewing().look_with(ColorVision::Values);
  const QColor grey = seen_at(first[3].box);
  QVERIFY(grey.red() == grey.green() && grey.green() == grey.blue());
}

void ShareTask::keys_stand_on_the_sheet() {
  for (const SheetPart part : {SheetPart::Swatches, SheetPart::Reference, SheetPart::Wheel}) tick_part(part);
  tick_part(SheetPart::Keys);
  const auto keys = m_desk->model().keys().keys();
  QVERIFY(keys.size() > 12);
  std::vector<SheetPicture> pictures;
  for (const SheetPicture& p : sheet().pages[0].pictures)
    if (p.part == SheetPart::Keys && !p.key_wheel) pictures.push_back(p);
  QCOMPARE(pictures.size(), std::min(keys.size(), kMostSheetKeys));
  const auto words = [&](const QString& name) {
    return std::ranges::any_of(sheet().pages[0].texts,
                               [&](const SheetText& t) { return t.words == name.toStdString(); });
  };
  QVERIFY(words("as it is") && words("90°"));
  // Each is the photo in that key.
  QVERIFY(comes_true([&] { return m_desk->model().share_model().images().keys.size() == pictures.size(); }));
  const auto& made = m_desk->model().share_model().images().keys;
  const Wheel& wheel = m_desk->model().wheel();
  int moved = 0;
  for (std::size_t i = 0; i < keys.size() && i < made.size(); ++i) {
    if (keys[i].kind != KeyKind::Turn) continue;
    for (int x = 20; x < made[i].picture.width(); x += 90) {
      const QColor from = made[0].picture.pixelColor(x, 100), to = made[i].picture.pixelColor(x, 100);
      const Srgb wanted =
          KeyMap::turned(wheel, keys[i].turn).moved(Srgb{from.redF(), from.greenF(), from.blueF()}).color;
      QVERIFY(largest_step(wanted, {to.redF(), to.greenF(), to.blueF()}) < 0.6 / 255);
      moved += from != to;
    }
  }
  QVERIFY(moved > 10);
  // They are seen, and follow when the list at Limit does.
  QVERIFY(comes_true([&] { return seen_at(pictures[0].box) != seen(stage(), stage().place_of(4, 4)); }));
  KeySheet turns = m_desk->session().keys;
  turns.rows = KeyRows::Turns;
  turns.step = 90;
  m_desk->model().viewing().list_keys(turns);
  QVERIFY(comes_true([&] { return m_desk->model().share_model().images().keys.size() == 4; }));
}

void ShareTask::pages_are_turned() {
  m_desk->choose("sheet.paper", Paper::A5);
  tick_part(SheetPart::Staff);
  QVERIFY(comes_true([&] { return stage().pages() > 1; }));
  QCOMPARE(stage().pages(), sheet().pages.size());
  QVERIFY(m_desk->part<QLabel>("share.says").text().startsWith("Page 1 of"));
  stage().setFocus();
  QTest::keyClick(&stage(), Qt::Key_PageDown);
  QCOMPARE(stage().page(), std::size_t{1});
  QVERIFY(m_desk->part<QLabel>("share.says").text().startsWith("Page 2 of"));
  press_word("share.back");
  QCOMPARE(stage().page(), std::size_t{0});
  for (const auto& [key, page] : {std::pair{Qt::Key_End, stage().pages() - 1},
                                  {Qt::Key_PageDown, stage().pages() - 1},
                                  {Qt::Key_PageUp, stage().pages() - 2},
                                  {Qt::Key_Home, std::size_t{0}},
                                  {Qt::Key_PageUp, std::size_t{0}}}) {
    QTest::keyClick(&stage(), key);
    QCOMPARE(stage().page(), page);
  }
  // Closer up a place of the paper stays under the pointer.
  const QPointF at = stage().place_of(200, 100);
  turn_wheel(stage(), at, 4);
  QVERIFY(QLineF(stage().place_of(200, 100), at).length() < 1.5);
  QVERIFY(QLineF(stage().place_of(300, 100), at).length() > 100);
  // Arrows go about it, and there and back is where it was.
  QPointF last = stage().place_of(200, 100);
  for (const auto& [key, x, y] :
       {std::tuple{Qt::Key_Right, -1, 0}, {Qt::Key_Down, 0, -1}, {Qt::Key_Left, 1, 0}, {Qt::Key_Up, 0, 1}}) {
    QTest::keyClick(&stage(), key);
    const QPointF by = stage().place_of(200, 100) - last;
    QVERIFY((x == 0) == (std::abs(by.x()) < 1e-6) && (y == 0) == (std::abs(by.y()) < 1e-6));
    QVERIFY(by.x() * x >= 0 && by.y() * y >= 0);
    last += by;
  }
  QVERIFY(QLineF(last, at).length() < 1.5);
  const auto wide = [this] {
    return QLineF(stage().place_of(200, 100), stage().place_of(300, 100)).length();
  };
  const double before = wide();
  QTest::keyClick(&stage(), Qt::Key_Minus);
  QVERIFY(wide() < 0.95 * before);
  QTest::keyClick(&stage(), Qt::Key_Plus);
  CHECK_NEAR(wide(), before, 1e-6);
  QTest::keyClick(&stage(), Qt::Key_0);
  QVERIFY(QLineF(stage().place_of(200, 100), at).length() < 0.01);
}

void ShareTask::the_printable_is_taken_and_undone() {
  choose_stand_in();
  const auto before = *current_set(m_desk->piece());
  const auto swatches = m_desk->model().press().swatches();
  const auto checked = *m_desk->model().press().checked();
  std::vector<std::size_t> not_printing;
  for (std::size_t i = 0; i < checked.size(); ++i)
    if (!checked[i].prints) not_printing.push_back(i);
  QVERIFY(not_printing.size() >= 2);
  QVERIFY(m_desk->part<QLabel>("press.says")
              .text()
              .startsWith(QStringLiteral("%1 of 19 swatches cannot be printed").arg(not_printing.size())));
  const Id first = swatches[not_printing[0]]->id;
  press_word("press.take.0");
  const Swatch* taken = find_swatch(m_desk->piece(), first);
  QCOMPARE(taken->color, checked[not_printing[0]].nearest->color);
  CHECK_NEAR(value_of(taken->color), value_of(find_swatch(before.families, first)->color), 0.5);
  QCOMPARE(current_set(m_desk->piece())->versions.size(), before.versions.size() + 1);
  QCOMPARE(current_set(m_desk->piece())->versions.back().name, std::string("before the press"));
  QVERIFY(comes_true([&] { return m_desk->model().press().checked() != nullptr; }));
  m_desk->trigger("undo");
  QCOMPARE(*current_set(m_desk->piece()), before);
  QVERIFY(comes_true([&] { return m_desk->model().press().checked() != nullptr; }));
  press_word("press.take.all");
  QVERIFY(comes_true([&] { return m_desk->model().press().checked() != nullptr; }));
  for (const auto& s : *m_desk->model().press().checked()) QVERIFY(s.prints);
  QVERIFY(comes_true([&] { return m_desk->part<QLabel>("press.says").text().startsWith("All 19"); }));
}

void ShareTask::the_proof_shows_what_the_press_makes_of_it() {
  choose_stand_in();
  const auto press = m_desk->model().press().chosen();
  press_word("press.proof");
  for (const auto& s : sheet().pages[0].swatches)
    QCOMPARE(seen_at(s.box).name(), QString::fromStdString(hex_of(press->proof(s.color, true))));
  press_word("press.white");
  for (const auto& s : sheet().pages[0].swatches)
    QCOMPARE(seen_at(s.box).name(), QString::fromStdString(hex_of(press->proof(s.color, false))));
  QVERIFY(m_desk->part<QLabel>("share.says").text().contains("Stand-in"));
  // So do the staff and the picture at Try.
  m_desk->model().viewing().show_desk(Desk::Try);
  QVERIFY(m_desk->photo_shown());
  auto& staff = m_desk->part<StaffView>("staff");
  auto& tried = m_desk->part<TryView>("tryPicture");
  const QPointF place(400, 120);
  const Swatch* there = find_swatch(m_desk->piece(), tried.swatch_at(place));
  QCOMPARE(seen(tried, place).name(), QString::fromStdString(hex_of(press->proof(there->color, false))));
  QCOMPARE(seen(staff, staff.swatch_rect(there->id).topLeft() + QPointF(3, 3)).name(),
           QString::fromStdString(hex_of(press->proof(there->color, false))));
  m_desk->model().viewing().show_desk(Desk::Share);
  // It is kept for the next piece and the next start.
  QVERIFY(QSettings().value("press").toString().endsWith("standin-press.icc"));
  // What is written is the plan itself.
  const QTemporaryDir folder;
  m_desk->dialogs.export_path = folder.filePath("sheet.png");
  press_word("share.sheet");
  press_word("sheet.write.png");
  const QImage written(m_desk->dialogs.export_path);
  QVERIFY(!written.isNull());
  const SheetSwatch s = sheet().pages[0].swatches[2];
  const double scale = written.width() / sheet().width;
  QCOMPARE(
      written.pixelColor(static_cast<int>((s.box.x + 10) * scale), static_cast<int>((s.box.y + 10) * scale))
          .name(),
      QString::fromStdString(hex_of(s.color)));
}

void ShareTask::the_plan_is_seen_and_written() {
  press_word("share.plan");
  press_word("plan.bare");
  const int size = sharing().plan.size;
  const auto middle = [&] { return seen(stage(), stage().place_of(size / 2.0, size / 2.0)); };
  type_into(m_desk->part<QLineEdit>("plan.value"), "20");
  QVERIFY(comes_true([&] { return std::abs(middle().lightness() - 48) < 3; })); // #303030
  type_into(m_desk->part<QLineEdit>("plan.value"), "80");
  QVERIFY(comes_true([&] { return std::abs(middle().lightness() - 198) < 3; })); // #c6c6c6
  // Another mask is seen at once.
  press_word("plan.bare");
  const auto plan = [&] {
    const auto* made = m_desk->model().share_model().plan_seen();
    return made && *made ? made->value() : QImage();
  };
  for (const double base : {10, 70}) {
    QVERIFY(m_desk->model().store().apply("Lay", [&](Piece p) -> Result<Piece> {
      return with_mask(std::move(p), pattern_mask({Pattern::Triad, base, usual_spread(Pattern::Triad)}));
    }));
    const PlanOrder order = m_desk->model().share_model().plan_order();
    const QImage wanted = plan_image(order.piece, order.spec).value();
    QVERIFY(comes_true([&] { return plan() == wanted; }));
  }
  press_word("plan.bare");
  press_word("plan.many");
  type_into(m_desk->part<QLineEdit>("plan.size"), "128");
  const QTemporaryDir folder;
  m_desk->dialogs.export_path = folder.filePath("plan.png");
  press_word("plan.write");
  QCOMPARE(QImage(m_desk->dialogs.export_path).size(), QSize(640, 128));
  m_desk->dialogs.export_path = folder.filePath("plan.svg");
  press_word("plan.write");
  QVERIFY(QFile::exists(m_desk->dialogs.export_path));
  press_word("plan.copy");
  QCOMPARE(QApplication::clipboard()->image().size(), QSize(640, 128));
}

/// The limit in the numbers of other pickers, on the page and on the sheet.
void ShareTask::a_limit_is_told_in_other_pickers() {
  m_desk->part<QAbstractButton>("share.plan").click();
  auto& picker = m_desk->part<QComboBox>("plan.picker");
  QCOMPARE(picker.count(), 5);
  m_desk->model().masking().change_wheel({HueScale::Light, SaturationMeasure::Hsv});
  m_desk->model().store().apply("Mask", [](Piece piece) {
    Mask mask;
    mask.areas.push_back({AreaMode::Adds, RingSector{20, 40, 0.2, 0.6}});
    piece.mask = mask;
    return Result<Piece>(std::move(piece));
  });
  QCOMPARE(picker.itemData(0).toInt(), static_cast<int>(SaturationMeasure::Hsv));
  picker.setCurrentIndex(0);
  emit picker.activated(0);
  // On this wheel hue 0 stands at 60 degrees, and rises to the left.
  QVERIFY2(m_desk->part<QLabel>("plan.ranges").text().contains("hue 0 to 40, saturation 20 to 60 %"),
           qPrintable(m_desk->part<QLabel>("plan.ranges").text()));
  QVERIFY(m_desk->part<QLabel>("plan.corners").text().contains(": hue "));
  picker.setCurrentIndex(picker.findData(static_cast<int>(SaturationMeasure::LumaChroma)));
  emit picker.activated(picker.currentIndex());
  QVERIFY(m_desk->part<QLabel>("plan.ranges").text().startsWith("luma: "));
  m_desk->model().masking().remove_mask();
  QVERIFY(!picker.isEnabled() && m_desk->part<QLabel>("plan.corners").text().isEmpty());
}

DESK_TEST_MAIN(ShareTask)
