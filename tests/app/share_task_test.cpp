// SPDX-License-Identifier: GPL-3.0-or-later
// Giving the plan away: what a hand does at this desk, what is seen, what is written.
#include "app/band/staff_view.h"
#include "app/controls/number_field.h"
#include "app/desks/grade/list_view.h"
#include "app/desks/share/share_stage.h"
#include "app/desks/try/try_view.h"
#include "app/shelf/shelf_panel.h"
#include "app/tray/readout_panel.h"
#include "app/wheel/wheel_view.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/mask/patterns.h"
#include "core/piece/edits.h"
#include "desk.h"
#include "io/shelf/mask_shelf.h"
#include "io/shelf/press_shelf.h"
#include "io/shelf/set_shelf.h"
#include "model/share/files_out.h"
#include "model/share/share_model.h"
#include "model/study/try_model.h"
#include "support/check.h"

#include <QClipboard>
#include <QComboBox>
#include <QDir>
#include <QListWidget>
#include <QMenu>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSettings>

using namespace zc;
using namespace zc::test;

class ShareTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = demo_at(Desk::Share);
    QVERIFY(m_desk->photo_shown());
  }
  void cleanup() { m_desk.reset(); }
  void parts_are_switched_and_seen();
  void keys_stand_on_the_sheet();
  void pages_are_turned();
  void the_printable_is_taken_and_undone();
  void the_proof_shows_what_the_press_makes_of_it();
  void the_plan_is_seen_and_written();
  void a_limit_is_told_in_other_pickers();
  void all_formats_are_written_and_again();
  void a_chosen_part_of_a_parcel_is_taken();
  void several_sets_are_on_one_sheet();
  void ink_is_read_and_typed();
  void what_cannot_be_laid_out_is_said();

private:
  ShareStage& stage() { return m_desk->part<ShareStage>("shareStage"); }
  const Sharing& sharing() { return m_desk->session().sharing; }
  const Sheet& sheet() { return *m_desk->model().share_model().sheet(); }
  void press_word(const char* name) {
    m_desk->part<QAbstractButton>(name).click();
    m_desk->wait_for_files();
  }
  QListWidget& parts() { return m_desk->part<QListWidget>("sheet.parts"); }
  int row_of(SheetPart part) {
    for (int i = 0; i < parts().count(); ++i)
      if (parts().item(i)->data(Qt::UserRole).toInt() == static_cast<int>(part)) return i;
    return -1;
  }
  /// By a click on its box, as it is ticked by hand.
  void tick_part(SheetPart part) {
    const QRect row = parts().visualItemRect(parts().item(row_of(part)));
    QTest::mouseClick(parts().viewport(), Qt::LeftButton, {}, {row.left() + 8, row.center().y()});
    QCoreApplication::processEvents();
  }
  QColor seen_at(const SheetBox& box) {
    return seen(stage(), stage().place_of(box.x + box.w / 2, box.y + box.h / 2));
  }
  void choose_stand_in() {
    press_word("share.press");
    auto& profile = m_desk->part<QComboBox>("press.profile");
    const int at = profile.findText("Stand-in press, coated paper");
    QVERIFY(at > 0);
    profile.setCurrentIndex(at);
    emit profile.activated(at);
    QVERIFY(comes_true([&] { return m_desk->model().press().checked() != nullptr; }));
  }
  std::unique_ptr<DeskTop> m_desk;
};

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
  // Closer up a place of the paper stays under the pointer.
  const QPointF at = stage().place_of(200, 100);
  turn_wheel(stage(), at, 4);
  QVERIFY(QLineF(stage().place_of(200, 100), at).length() < 1.5);
  QVERIFY(QLineF(stage().place_of(300, 100), at).length() > 100);
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

DESK_TEST_MAIN(ShareTask)
#include "share_task_test.moc"
