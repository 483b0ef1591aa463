// SPDX-License-Identifier: GPL-3.0-or-later
// Files, parcels, inks, and sheets of several sets.
#include "app/share/share_task.h"

void ShareTask::all_formats_are_written_and_again() {
  const QTemporaryDir folder;
  press_word("share.files");
  m_desk->dialogs.folder_path = folder.path();
  press_word("files.choose");
  for (const auto& format : out_formats())
    press_word(qPrintable("files." + QString::fromStdString(format.word)));
  auto& pattern = m_desk->part<QPlainTextEdit>("files.pattern");
  pattern.setPlainText("{family}: {r:3} {g:3} {b:3} {name}\n");
  QVERIFY(m_desk->part<QLabel>("files.preview").text().startsWith("lamplight: 252 227 196 lamp core"));
  press_word("files.write");
  const qsizetype all = static_cast<qsizetype>(out_formats().size());
  QVERIFY2(m_desk->notice().startsWith(QString("Wrote %1 of %1 formats").arg(all)),
           qPrintable(m_desk->notice()));
  const auto files = QDir(folder.path()).entryList(QDir::Files);
  QCOMPARE(files.size(), all);
  // Again without asking, and at a save.
  for (const auto& file : files) QFile::remove(QDir(folder.path()).filePath(file));
  m_desk->dialogs.folder_path.clear();
  m_desk->trigger("exportTickedFilesAgain");
  QCOMPARE(QDir(folder.path()).entryList(QDir::Files), files);
  for (const auto& file : files) QFile::remove(QDir(folder.path()).filePath(file));
  press_word("files.atSave");
  const QTemporaryDir pieces;
  m_desk->dialogs.save_path = pieces.filePath("row.zonachrom");
  m_desk->trigger("saveAs");
  QVERIFY(comes_true([&] { return QDir(folder.path()).entryList(QDir::Files) == files; }));
  press_word("files.atSave");
  // What the pattern wrote it reads.
  m_desk->dialogs.set_path = folder.filePath("Row at dusk.lines.txt");
  press_word("files.read");
  QVERIFY(comes_true([&] { return m_desk->session().set_view == SetView::Import; }));
  // So does bringing in, by the name, and whatever the name where no format knows it.
  const auto& offered = m_desk->part<QLabel>("importSays");
  for (const char* name : {"Row at dusk.lines.txt", "nobody knows.dat"}) {
    m_desk->model().viewing().show_set_view(SetView::Staff);
    QFile::copy(folder.filePath("Row at dusk.lines.txt"), folder.filePath("nobody knows.dat"));
    m_desk->dialogs.set_path = folder.filePath(name);
    m_desk->trigger("importPalette");
    QVERIFY(comes_true([&] { return m_desk->session().set_view == SetView::Import; }));
    QVERIFY(offered.text().contains("19"));
  }
  m_desk->model().viewing().show_desk(Desk::Share);
  // A pattern that cannot be says so and keeps the rest from nothing.
  pattern.setPlainText("{name}\n");
  QVERIFY(m_desk->part<QLabel>("files.preview").text().contains("No line of the pattern has a color"));
  press_word("files.write");
  QVERIFY(m_desk->notice().startsWith(QString("Wrote %1 of %2 formats").arg(all - 1).arg(all)));
  // Kept on the shelf a pattern is offered again.
  pattern.setPlainText("{hex};{name}\n");
  press_word("files.keep");
  auto& shelf = m_desk->part<QComboBox>("files.patterns");
  QVERIFY(shelf.findText("{hex};{name}") > 0);
}

void ShareTask::a_chosen_part_of_a_parcel_is_taken() {
  const QTemporaryDir shared;
  press_word("share.parcel");
  press_word("parcel.pattern");
  m_desk->part<QLineEdit>("parcel.from").setText("a friend");
  m_desk->dialogs.export_path = shared.filePath("row.zonaparcel");
  press_word("parcel.pack");
  QVERIFY(m_desk->notice().startsWith("Packed 1 sets and 1 masks"));
  // In a shared folder it is offered once; nothing is taken before it is asked for.
  m_desk->dialogs.folder_path = shared.path();
  press_word("parcel.watch");
  press_word("parcel.offer.0");
  const auto says = [&] { return m_desk->part<QLabel>("parcel.says").text(); };
  QVERIFY(comes_true([&] { return says().contains("from a friend"); }));
  QVERIFY(
      comes_true([&] { return m_desk->window.findChild<QAbstractButton*>("parcel.offer.0") == nullptr; }));
  const auto shelf = [](const char* kind) { return shelf_folder(QString::fromLatin1(kind)).toStdString(); };
  const std::size_t sets = read_set_shelf(shelf("sets")).sets.size(),
                    masks = read_mask_shelf(shelf("masks")).masks.size();
  press_word("parcel.item.0");
  press_word("parcel.put");
  QCOMPARE(read_set_shelf(shelf("sets")).sets.size(), sets);
  QCOMPARE(read_mask_shelf(shelf("masks")).masks.size(), masks + 1);
  // The mask and the paints.
  QVERIFY2(m_desk->notice().startsWith("Saved 2 to the shelf"), qPrintable(m_desk->notice()));
  // One that comes while the user is elsewhere is told of, once.
  m_desk->model().viewing().show_desk(Desk::Pick);
  QVERIFY(QFile::copy(shared.filePath("row.zonaparcel"), shared.filePath("second.zonaparcel")));
  QVERIFY(
      comes_true([&] { return m_desk->notice().startsWith("A new parcel has arrived: second.zonaparcel"); }));
  // One that goes is no news of those that stay.
  QVERIFY(QFile::copy(shared.filePath("row.zonaparcel"), shared.filePath("third.zonaparcel")));
  QVERIFY(
      comes_true([&] { return m_desk->notice().startsWith("A new parcel has arrived: third.zonaparcel"); }));
  emit m_desk->model().notice("something else");
  QVERIFY(QFile::remove(shared.filePath("third.zonaparcel")));
  QTest::qWait(300);
  QCOMPARE(m_desk->notice(), QString("something else"));
  m_desk->model().viewing().show_desk(Desk::Share);
  QCOMPARE(m_desk->part<QAbstractButton>("parcel.offer.0").text(), QString("new: second.zonaparcel"));
  // A damaged one is refused in a sentence, and what was shown stays.
  QFile file(shared.filePath("row.zonaparcel"));
  QVERIFY(file.open(QIODevice::ReadOnly));
  const QByteArray whole = file.readAll();
  QFile cut(shared.filePath("cut.zonaparcel"));
  QVERIFY(cut.open(QIODevice::WriteOnly));
  cut.write(whole.left(whole.size() / 2));
  cut.close();
  m_desk->dialogs.set_path = cut.fileName();
  press_word("parcel.open");
  QVERIFY(m_desk->notice().contains("cut.zonaparcel"));
  QVERIFY(says().contains("row.zonaparcel"));
}

void ShareTask::several_sets_are_on_one_sheet() {
  const Id first = m_desk->piece().current_set;
  m_desk->model().store().apply("second", [](Piece p) -> Result<Piece> {
    p = *with_set(std::move(p), "Row under snow");
    p = *with_family(std::move(p), "drifts");
    p = *with_swatch(p, current_set(p)->families[0].id, {{0.8, 0.8, 0.9}, {}}, "drift");
    return with_set_note(p, p.current_set, "paler than at dusk");
  });
  const auto reads = [this](const QString& words) {
    for (const SheetPage& page : sheet().pages)
      for (const SheetText& t : page.texts)
        if (QString::fromStdString(t.words).contains(words)) return true;
    return false;
  };
  QVERIFY(reads("paler than at dusk") && !reads("Row at dusk"));
  auto& opener = m_desk->part<QAbstractButton>("sheet.sets");
  auto* menu = opener.findChild<QMenu*>();
  const auto choose_set = [&](int which) {
    emit menu->aboutToShow();
    menu->actions().at(which)->trigger();
  };
  emit menu->aboutToShow();
  QVERIFY(!menu->actions().at(1)->isEnabled()); // The last one stays.
  choose_set(0);
  QCOMPARE(opener.text(), QStringLiteral("2 sets"));
  QVERIFY(reads("Row at dusk") && reads("Row under snow") && reads("paler than at dusk"));
  press_word("sheet.setWords");
  QVERIFY(!reads("paler than at dusk"));
  press_word("sheet.places");
  press_word("sheet.large");
  m_desk->choose("sheet.paper", Paper::LargeSquare);
  QVERIFY(!m_desk->part<QAbstractButton>("sheet.lying").isEnabled());
  QCOMPARE(sheet().width, sheet().height);
  const std::size_t all = swatch_count(m_desk->piece().sets[0]) + 1;
  std::size_t places = 0, largest = 0;
  for (const SheetPage& page : sheet().pages) {
    for (const SheetPicture& p : page.pictures) places += p.places.size();
    for (const SheetSwatch& s : page.swatches) largest += s.box.w > 80;
  }
  QVERIFY(places == all && largest == all);
  // A PNG of a size in pixels has just so many, and the dots are seen on its wheel.
  const QTemporaryDir folder;
  m_desk->dialogs.export_path = folder.filePath("square.png");
  press_word("sheet.write.png");
  QVERIFY(comes_true([&] { return QImage(m_desk->dialogs.export_path).width() == 2048; }));
  const QImage written(m_desk->dialogs.export_path);
  QCOMPARE(written.height(), 2048);
  for (const SheetPicture& p : sheet().pages[0].pictures)
    for (const SheetPlace& place : p.places) {
      const auto over = [&](const SheetPlace& other) {
        return &other > &place &&
               std::hypot(other.x - place.x, other.y - place.y) < 2 * kSheetPlaceRadius + 1;
      };
      if (std::any_of(p.places.begin(), p.places.end(), over)) continue;
      const QColor c =
          written.pixelColor(static_cast<int>(place.x * 192 / 72), static_cast<int>(place.y * 192 / 72));
      QVERIFY(std::abs(c.redF() - place.color.r) < 0.02 && std::abs(c.blueF() - place.color.b) < 0.02);
    }
  choose_set(1);
  QCOMPARE(m_desk->session().sharing.sheet.sets, std::vector<Id>{first});
  QVERIFY(opener.text().contains("Row at dusk"));
  // Where only the current one is left, the sheet goes along with it again; its note goes by the same switch.
  choose_set(1);
  choose_set(0);
  QVERIFY(opener.text().contains("Row under snow") && reads("drift") && !reads("paler than at dusk"));
  press_word("sheet.setWords");
  QVERIFY(reads("paler than at dusk"));
  m_desk->model().store().apply("set", [&](Piece p) { return with_current_set(std::move(p), first); });
  QVERIFY(opener.text().contains("Row at dusk") && reads("lamp core") && !reads("drift"));
}

void ShareTask::ink_is_read_and_typed() {
  choose_stand_in();
  const auto press = m_desk->model().press().chosen();
  m_desk->part<ReadoutPanel>("readouts").choose_ink(0);
  m_desk->model().picking().use_color({0.8, 0.5, 0.3});
  const auto field = [&](int n) -> NumberField& {
    return m_desk->part<NumberField>(qPrintable(QStringLiteral("readout.0.%1").arg(n)));
  };
  const Ink ink = press->printed(Srgb{0.8, 0.5, 0.3}).ink;
  CHECK_NEAR(field(0).value(), ink.c, 1e-9);
  CHECK_NEAR(field(3).value(), ink.k, 1e-9);
  Ink more = ink;
  more.c = 40;
  type_into(field(0), "40");
  const Srgb wanted = press->color_of(more);
  CHECK_NEAR(m_desk->session().color().r, wanted.r, 1e-9);
  CHECK_NEAR(m_desk->session().color().b, wanted.b, 1e-9);
  // What was typed stands, one ink after the other; another color is separated anew.
  const char* const typed[] = {"20", "80", "10", "30"};
  for (int n = 0; n < 4; ++n) type_into(field(n), QLatin1String(typed[n]));
  for (int n = 0; n < 4; ++n) QCOMPARE(field(n).text(), QLatin1String(typed[n]));
  QVERIFY(!m_desk->notice().contains("No display shows"));
  m_desk->model().picking().use_color({0.8, 0.5, 0.3});
  CHECK_NEAR(field(0).value(), ink.c, 1e-9);
  // Typed whole, or taken up again from the set, it is as it was written.
  auto& code = m_desk->part<QLineEdit>("hex");
  type_into(code, "cmyk 100, 0, 0, 12.5%");
  QVERIFY(m_desk->notice().contains("No display shows these inks"));
  QCOMPARE(field(3).text(), QStringLiteral("12.5"));
  m_desk->model().viewing().show_desk(Desk::Pick);
  QVERIFY(m_desk->part<QLabel>("maskState").text().startsWith("prints, C 100  M 0  Y 0  K 12.5"));
  m_desk->model().laying().lay_current();
  const Swatch cyan = find_family(m_desk->piece(), m_desk->session().family)->swatches.back();
  QVERIFY(code_of(cyan));
  QVERIFY(m_desk->part<QLabel>("maskState").toolTip().contains("C 100  M 0  Y 0  K 12.5"));
  // Its chip has a corner cut, which goes with the code.
  const auto corner_of_chip = [&] {
    auto& staff = m_desk->part<StaffView>("staff");
    const QPoint foot = staff.swatch_rect(cyan.id).bottomLeft().toPoint();
    return staff.grab().toImage().pixelColor(foot + QPoint(2, -3));
  };
  const QColor cut = corner_of_chip();
  m_desk->model().store().apply("plain", [&](Piece p) { return without_codes(std::move(p), {cyan.id}); });
  const QColor whole = corner_of_chip();
  QVERIFY(std::abs(cut.lightness() - whole.lightness()) > 60);
  m_desk->trigger("undo");
  QCOMPARE(corner_of_chip(), cut);
  m_desk->model().picking().use_color({0.8, 0.5, 0.3});
  m_desk->model().set_work().use_swatch(cyan.id);
  QCOMPARE(field(0).text(), QStringLiteral("100"));
  m_desk->model().viewing().show_desk(Desk::Share);
  press_word("share.press");
  QVERIFY(comes_true([&] { return m_desk->model().press().checked() != nullptr; }));
  const auto listed = m_desk->window.findChildren<QLabel*>();
  QVERIFY(std::any_of(listed.begin(), listed.end(), [](const QLabel* label) {
    return label->isVisible() && label->text() == "C 100  M 0  Y 0  K 12.5" && label->font().bold();
  }));
  // In the list a code is typed, marked and taken off.
  m_desk->model().viewing().show_desk(Desk::Grade);
  m_desk->model().viewing().show_set_view(SetView::List);
  auto& table = m_desk->part<QTableView>("list");
  const Id first = current_set(m_desk->piece())->families[0].swatches[0].id;
  const QModelIndex cell = table.model()->index(0, SwatchTable::CodeWritten);
  QVERIFY(table.model()->setData(cell, "20 40 60 0"));
  QVERIFY(std::get<WrittenInks>(code_of(*find_swatch(m_desk->piece(), first))->as).ink ==
          (Ink{20, 40, 60, 0}));
  QVERIFY(!table.model()->setData(cell, "20 40 60 101") && m_desk->notice().contains("0 to 100 percent"));
  QVERIFY(!table.model()->setData(cell, "a good red") && m_desk->notice().contains("four inks"));
  QCOMPARE(cell.data(Qt::EditRole).toString(), QStringLiteral("20 40 60 0"));
  m_desk->model().set_work().select({first});
  m_desk->trigger("markMetallicInk");
  QCOMPARE(cell.data().toString(), QStringLiteral("C 20  M 40  Y 60  K 0 (metallic)"));
  QVERIFY(cell.data(Qt::ToolTipRole).toString().contains("no display shows"));
  m_desk->trigger("removeCode");
  QVERIFY(!find_swatch(m_desk->piece(), first)->code && cell.data().toString().isEmpty());
  m_desk->trigger("undo");
  QCOMPARE(cell.data().toString(), QStringLiteral("C 20  M 40  Y 60  K 0 (metallic)"));
  m_desk->trigger("redo");
  m_desk->trigger("removeCode");
  QVERIFY(m_desk->notice().contains("has a code"));
  m_desk->model().viewing().show_desk(Desk::Share);
  // A refusal goes with the next entry that is taken.
  auto& hex = m_desk->part<QLineEdit>("hex");
  type_into(hex, "no color");
  QVERIFY(m_desk->notice().contains("is not a color"));
  type_into(hex, "61, 134, 255");
  QCOMPARE(m_desk->notice(), QString());
  QCOMPARE(hex.text(), QStringLiteral("#3d86ff"));
  // The tray says what does not print, Grade's report finds it.
  m_desk->model().viewing().show_desk(Desk::Pick);
  m_desk->model().picking().use_color({0, 0, 1});
  QVERIFY(m_desk->part<QLabel>("maskState").text().startsWith("does not print, step"));
  // One press takes the nearest that does, at this value; the dotted line of what prints runs round it.
  const double value = m_desk->session().at.at.v;
  press_word("usePrintable");
  CHECK_NEAR(m_desk->session().at.at.v, value, 0.5);
  QVERIFY(m_desk->part<QLabel>("maskState").text().startsWith("prints, step"));
  QVERIFY(!m_desk->part<QAbstractButton>("usePrintable").isVisible());
  Reaches& reaches = m_desk->model().reaches();
  QVERIFY(reaches.shown(Reaches::Of::Press));
  QVERIFY(comes_true([&] { return reaches.body(Reaches::Of::Press) != nullptr; }));
  WheelPoint within = m_desk->session().at.at; // It lies at the very border.
  within.r -= 0.03;
  QVERIFY(reaches.body(Reaches::Of::Press)->holds(within));
  auto& wheel = m_desk->part<WheelView>("wheel");
  for (QWidget* view :
       {static_cast<QWidget*>(&wheel), &m_desk->part<QWidget>("section"), &m_desk->part<QWidget>("rail")}) {
    const QImage with = view->grab().toImage();
    m_desk->trigger("showPressReach");
    QVERIFY2(view->grab().toImage() != with, qPrintable(view->objectName()));
    m_desk->trigger("showPressReach");
    QCOMPARE(view->grab().toImage(), with);
  }
  const auto line = reaches.outlines(Reaches::Of::Press).front();
  int prints = 0, beyond = 0;
  for (const DiscPoint& p : line) {
    const double v = std::round(m_desk->session().at.at.v), r = std::hypot(p.x, p.y),
                 a = wheel_point(p, v, Angle(0)).a;
    prints += press->prints(*m_desk->model().wheel().color_at({a, std::max(0.0, r - 0.03), v}));
    beyond += r > 0.97 || !press->prints(*m_desk->model().wheel().color_at({a, r + 0.03, v}));
  }
  QVERIFY2(prints > 0.9 * line.size() && beyond > 0.9 * line.size(),
           qPrintable(QString("%1, %2 of %3").arg(prints).arg(beyond).arg(line.size())));
  // No press, no line and no word; the tray chooses one.
  auto* tray_more = m_desk->part<QWidget>("trayMore").findChild<QMenu*>();
  QMenu* presses = nullptr;
  for (QAction* entry : tray_more->actions())
    if (entry->text() == "Press") presses = entry->menu();
  QVERIFY(presses);
  emit presses->aboutToShow();
  presses->actions().front()->trigger();
  QVERIFY(!reaches.shown(Reaches::Of::Press) && m_desk->part<QLabel>("maskState").text().startsWith("step"));
  emit presses->aboutToShow();
  presses->actions().at(1)->trigger();
  QVERIFY(reaches.shown(Reaches::Of::Press) &&
          m_desk->part<QLabel>("maskState").text().startsWith("prints, step"));
  m_desk->model().picking().use_color({0, 0, 1});
  m_desk->model().viewing().show_desk(Desk::Grade);
  const auto found = [&] {
    for (const auto* label : m_desk->window.findChildren<QLabel*>("finding"))
      if (label->text().contains("do not print")) return true;
    return false;
  };
  QVERIFY(comes_true(found));
  const std::size_t versions = current_set(m_desk->piece())->versions.size();
  press_word("pressRemedy");
  QVERIFY(comes_true([&] { return current_set(m_desk->piece())->versions.size() == versions + 1; }));
  QVERIFY(comes_true([&] { return !found(); }));
}

void ShareTask::what_cannot_be_laid_out_is_said() {
  m_desk->choose("sheet.paper", Paper::A5);
  type_into(m_desk->part<QLineEdit>("sheet.margin"), "40");
  QVERIFY(sheet().pages.size() > 1);
  // A file that is no profile, one that is gone.
  m_desk->dialogs.set_path = QStringLiteral(DEMO_PIECE);
  m_desk->trigger("addPressProfile");
  QVERIFY(m_desk->notice().contains("not a usable ICC profile"));
  Sharing gone = sharing();
  gone.press = "/nowhere/press.icc";
  m_desk->model().viewing().share(gone);
  QVERIFY(!m_desk->model().press().chosen());
  // Without a swatch there is still a sheet.
  m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
  m_desk->trigger("newPiece");
  QCOMPARE(sheet().pages.size(), std::size_t{1});
}
