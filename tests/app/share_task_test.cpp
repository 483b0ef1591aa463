// Giving the plan away: what a hand does at this desk, what is seen, what is written.
#include "app/desks/share/share_stage.h"
#include "app/store/share_reading.h"
#include "app/store/try_reading.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "desk.h"
#include "io/shelf/press_shelf.h"
#include "support/check.h"

#include <QClipboard>
#include <QComboBox>
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
  void pages_are_turned();
  void the_printable_is_taken_and_undone();
  void the_proof_shows_what_the_press_makes_of_it();
  void the_plan_is_seen_and_written();
  void what_cannot_be_laid_out_is_said();

private:
  ShareStage& stage() { return m_desk->part<ShareStage>("shareStage"); }
  const Sharing& sharing() { return m_desk->session().sharing; }
  const Sheet& sheet() { return *m_desk->space().shares().sheet(); }
  void press_word(const char* name) { m_desk->part<QAbstractButton>(name).click(); }
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
    QVERIFY(comes_true([&] { return m_desk->space().shares().checked() != nullptr; }));
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
  press_word("sheet.title");
  QVERIFY(!titled());
  press_word("sheet.staff");
  std::size_t shown = 0;
  for (const auto& page : sheet().pages) shown += page.swatches.size();
  QCOMPARE(shown, std::size_t{38});
  press_word("sheet.swatches.up");
  press_word("sheet.swatches.up");
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
  m_desk->space().show_values_only(true);
  const QColor grey = seen_at(first[3].box);
  QVERIFY(grey.red() == grey.green() && grey.green() == grey.blue());
}

void ShareTask::pages_are_turned() {
  auto& paper = m_desk->part<QComboBox>("sheet.paper");
  paper.setCurrentIndex(paper.findText("A5"));
  emit paper.activated(paper.currentIndex());
  press_word("sheet.staff");
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
  const auto swatches = m_desk->space().shares().swatches();
  const auto checked = *m_desk->space().shares().checked();
  std::vector<std::size_t> not_printing;
  for (std::size_t i = 0; i < checked.size(); ++i)
    if (!checked[i].prints) not_printing.push_back(i);
  QVERIFY(not_printing.size() >= 2);
  QVERIFY(m_desk->part<QLabel>("press.says")
              .text()
              .startsWith(QStringLiteral("%1 of 19 cannot be printed").arg(not_printing.size())));
  const Id first = swatches[not_printing[0]]->id;
  press_word("press.take.0");
  const Swatch* taken = find_swatch(m_desk->piece(), first);
  QCOMPARE(taken->color, checked[not_printing[0]].nearest->color);
  CHECK_NEAR(value_of(taken->color), value_of(find_swatch(before.families, first)->color), 0.5);
  QCOMPARE(current_set(m_desk->piece())->versions.size(), before.versions.size() + 1);
  QCOMPARE(current_set(m_desk->piece())->versions.back().name, std::string("before the press"));
  QVERIFY(comes_true([&] { return m_desk->space().shares().checked() != nullptr; }));
  m_desk->trigger("Undo");
  QCOMPARE(*current_set(m_desk->piece()), before);
  QVERIFY(comes_true([&] { return m_desk->space().shares().checked() != nullptr; }));
  press_word("press.take.all");
  QVERIFY(comes_true([&] { return m_desk->space().shares().checked() != nullptr; }));
  for (const auto& s : *m_desk->space().shares().checked()) QVERIFY(s.prints);
  QVERIFY(comes_true([&] { return m_desk->part<QLabel>("press.says").text().startsWith("All 19"); }));
}

void ShareTask::the_proof_shows_what_the_press_makes_of_it() {
  choose_stand_in();
  const auto press = m_desk->space().shares().press();
  press_word("press.proof");
  for (const auto& s : sheet().pages[0].swatches)
    QCOMPARE(seen_at(s.box).name(), QString::fromStdString(hex_of(press->proof(s.color, true))));
  press_word("press.white");
  for (const auto& s : sheet().pages[0].swatches)
    QCOMPARE(seen_at(s.box).name(), QString::fromStdString(hex_of(press->proof(s.color, false))));
  QVERIFY(m_desk->part<QLabel>("share.says").text().contains("Stand-in"));
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
  const auto middle = seen(stage(), stage().place_of(size / 2.0, size / 2.0));
  QVERIFY(std::abs(middle.red() - middle.green()) < 12);
  type_into(m_desk->part<QLineEdit>("plan.value"), "80");
  QVERIFY(seen(stage(), stage().place_of(size / 2.0, size / 2.0)).lightness() > middle.lightness() + 40);
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

void ShareTask::what_cannot_be_laid_out_is_said() {
  auto& paper = m_desk->part<QComboBox>("sheet.paper");
  paper.setCurrentIndex(paper.findText("A5"));
  emit paper.activated(paper.currentIndex());
  type_into(m_desk->part<QLineEdit>("sheet.margin"), "40");
  QVERIFY(sheet().pages.size() > 1);
  // A file that is no profile, one that is gone.
  m_desk->dialogs.set_path = QStringLiteral(DEMO_PIECE);
  m_desk->trigger("Add a press profile...");
  QVERIFY(m_desk->notice().contains("not the ICC profile"));
  Sharing gone = sharing();
  gone.press = "/nowhere/press.icc";
  m_desk->space().share(gone);
  QVERIFY(!m_desk->space().shares().press());
  // Without a swatch there is still a sheet.
  m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
  m_desk->trigger("New piece");
  QCOMPARE(sheet().pages.size(), std::size_t{1});
}

DESK_TEST_MAIN(ShareTask)
#include "share_task_test.moc"
