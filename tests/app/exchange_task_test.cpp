// SPDX-License-Identifier: GPL-3.0-or-later
// Extracting sets anywhere: palettes in with a preview, sets out, the shelf and parcels.
#include "app/accessibility/accessibility.h"
#include "app/shelf/shelf_panel.h"
#include "core/color/convert.h"
#include "core/piece/edits.h"
#include "desk.h"
#include "io/exchange/exchange.h"
#include "io/shelf/parcel.h"

#include <QAbstractButton>
#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QListWidget>
#include <QMimeData>
#include <QPushButton>

using namespace zc;
using namespace zc::test;

class ExchangeTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = demo_at(Desk::Grade);
    m_folder = std::make_unique<QTemporaryDir>();
  }
  void cleanup() { m_desk.reset(); }

  void a_dropped_palette_is_previewed_with_near_duplicates();
  void a_picture_is_read_as_a_palette();
  void a_bad_file_says_why_and_changes_nothing();
  void every_format_goes_out_and_comes_back();
  void sets_lie_on_the_shelf_across_pieces();
  void a_parcel_goes_out_and_in_once();

private:
  const SwatchSet& set() { return *current_set(m_desk->piece()); }
  QString write(const char* name, const QByteArray& bytes) {
    QFile file(m_folder->filePath(QLatin1String(name)));
    if (!file.open(QIODevice::WriteOnly)) qFatal("cannot write");
    file.write(bytes);
    return file.fileName();
  }
  void drop(const QString& path) {
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(path)});
    QDragEnterEvent enter(QPoint(300, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
    QCoreApplication::sendEvent(&m_desk->window, &enter);
    QDropEvent event(QPointF(300, 300), Qt::CopyAction, &data, Qt::LeftButton, {});
    QCoreApplication::sendEvent(&m_desk->window, &event);
  }
  bool offered() {
    return comes_true([this] { return m_desk->session().set_view == SetView::Import; });
  }
  void press_button(const char* name) { m_desk->part<QAbstractButton>(name).click(); }
  std::unique_ptr<DeskTop> m_desk;
  std::unique_ptr<QTemporaryDir> m_folder;
};

void ExchangeTask::a_dropped_palette_is_previewed_with_near_duplicates() {
  const Piece before = m_desk->piece();
  const Srgb8 known = rounded_8bit(set().families[0].swatches[0].color);
  const auto hex = [](Srgb8 c) {
    return QStringLiteral("#%1%2%3")
        .arg(c.r, 2, 16, QLatin1Char('0'))
        .arg(c.g, 2, 16, QLatin1Char('0'))
        .arg(c.b, 2, 16, QLatin1Char('0'));
  };
  const Srgb8 near{static_cast<std::uint8_t>(known.r - 2), known.g, known.b};
  const QByteArray csv =
      QStringLiteral("family,name,hex\nlamplight,same,%1\nlamplight,near,%2\nmoss,leaf,#3f5a34\n")
          .arg(hex(known), hex(near))
          .toUtf8();
  drop(write("moss.csv", csv));
  QVERIFY(offered());
  QVERIFY(m_desk->part<QLabel>("importSays").text().startsWith("1 new, 1 already in the set"));
  QCOMPARE(m_desk->piece(), before);
  // Names stand beside the colors: ink to the right of the first chip, and the chip shows its color.
  auto& found = m_desk->part<QWidget>("foundChips");
  const QImage shown = found.grab().toImage();
  const auto at = [&](double x, double y) {
    const QRgb p = found.grab().toImage().pixel(QPointF(x, y).toPoint());
    return Srgb8{std::uint8_t(qRed(p)), std::uint8_t(qGreen(p)), std::uint8_t(qBlue(p))};
  };
  QCOMPARE(at(5, 50), known);
  // Its near one has the color of the set on its right half.
  const auto chips = [&] { return dynamic_cast<AccessibleView&>(found).accessible().items; };
  const QRectF second = chips()[1].rect;
  QCOMPARE(at(second.left() + 5, second.bottom() - 6), near);
  QCOMPARE(at(second.right() - 6, second.bottom() - 6), known);
  // One by one they are ticked and unticked, whatever the rules say.
  const auto take = [&] { return m_desk->part<QPushButton>("importTake").text(); };
  QVERIFY(!chips()[0].selected && chips()[1].selected && chips()[2].selected);
  QCOMPARE(take(), QStringLiteral("Import 2 colors"));
  click(found, chips()[0].rect.center());
  QVERIFY(chips()[0].selected && chips()[0].name.contains("will be imported"));
  QCOMPARE(take(), QStringLiteral("Import 3 colors"));
  for (const int i : {0, 1, 2}) click(found, chips()[static_cast<std::size_t>(i)].rect.center());
  QVERIFY(!m_desk->part<QPushButton>("importTake").isEnabled());
  click(found, chips()[2].rect.center());
  QVERIFY(take().startsWith("Import 1 color"));
  m_desk->part<QCheckBox>("importNear").click(); // Said one by one, it does not matter.
  QVERIFY(take().startsWith("Import 1 color"));
  m_desk->part<QCheckBox>("importNear").click();
  int inked = 0;
  for (int y = 22; y < 56; ++y)
    for (int x = 42; x < 80; ++x) inked += shown.pixel(x, y) != shown.pixel(150, 2);
  QVERIFY(inked > 40);
  press_button("importTake");
  QCOMPARE(m_desk->session().set_view, SetView::Staff);
  QCOMPARE(swatch_count(set()), swatch_count(*current_set(before)) + 1);
  QCOMPARE(set().families.back().name, std::string("moss"));
  QCOMPARE(m_desk->window.findChild<QAction*>("undo")->text(), QStringLiteral("Undo Import moss.csv"));
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece(), before);
  // As a new set everything comes in; leaving it brings nothing.
  drop(m_folder->filePath("moss.csv"));
  QVERIFY(offered());
  press_button("importLeave");
  QCOMPARE(m_desk->piece(), before);
  drop(m_folder->filePath("moss.csv"));
  QVERIFY(offered());
  QVERIFY(!m_desk->part<QCheckBox>("importBook").isVisible());
  m_desk->part<QComboBox>("importInto").setCurrentIndex(0);
  press_button("importTake");
  QCOMPARE(m_desk->piece().sets.size(), before.sets.size() + 1);
  QCOMPARE(set().name, std::string("moss"));
  QCOMPARE(swatch_count(set()), std::size_t{3});
  // A file of measured colors with names can be a color book.
  drop(write("book.cxf",
             QByteArray("<CxF xmlns='http://colorexchangeformat.com/CxF3-core'><Resources>"
                        "<ObjectCollection><Object Name='R 204'><ColorValues><ColorCIELab><L>45</L>"
                        "<A>40.5</A><B>20</B></ColorCIELab></ColorValues></Object></ObjectCollection>"
                        "</Resources></CxF>")));
  QVERIFY(offered());
  m_desk->part<QCheckBox>("importBook").click();
  press_button("importTake");
  const Code* code = code_of(set().families.back().swatches.back());
  QVERIFY(code && std::get<BookName>(code->as) == (BookName{"book", "R 204"}) && code->lab.a == 40.5);
}

void ExchangeTask::a_picture_is_read_as_a_palette() {
  m_desk->dialogs.set_path = QStringLiteral(DEMO_PHOTOS "/noon.jpg");
  m_desk->trigger("importPalette");
  QVERIFY(offered());
  QVERIFY(m_desk->part<QLabel>("importSays").text().contains("was taken from it"));
  press_button("importLeave");
}

void ExchangeTask::a_bad_file_says_why_and_changes_nothing() {
  const Piece before = m_desk->piece();
  drop(write("broken.json", "{\"a\": [1, 2"));
  QVERIFY(comes_true([this] { return m_desk->notice().contains("broken.json"); }));
  QVERIFY(m_desk->notice().contains("byte"));
  QCOMPARE(m_desk->session().set_view, SetView::Staff);
  QCOMPARE(m_desk->piece(), before);
}

void ExchangeTask::every_format_goes_out_and_comes_back() {
  const std::size_t count = swatch_count(set());
  for (const auto& f : kExchangeFormats) {
    const QString path = m_folder->filePath(QLatin1String(std::string(f.word).c_str()));
    m_desk->dialogs.export_path = path;
    m_desk->trigger(("export." + std::string(f.word)).c_str());
    QVERIFY2(m_desk->notice().contains(QStringLiteral("Exported %1 swatches").arg(count)),
             qPrintable(m_desk->notice()));
    drop(path);
    QVERIFY2(offered(), std::string(f.word).c_str());
    QVERIFY2(m_desk->part<QLabel>("importSays")
                 .text()
                 .contains(QStringLiteral("0 new, %1 already in the set").arg(count)),
             qPrintable(m_desk->part<QLabel>("importSays").text()));
    press_button("importLeave");
  }
}

void ExchangeTask::sets_lie_on_the_shelf_across_pieces() {
  press_button("page.setShelf");
  m_desk->part<QLineEdit>("setShelfTags").setText("night, copper");
  type_into(m_desk->part<QLineEdit>("setShelfName"), "Dusk street");
  auto& list = m_desk->part<QListWidget>("setShelfSets");
  QCOMPARE(list.count(), 1 + static_cast<int>(shipped_sets().size()));
  QVERIFY(list.item(0)->text().contains("night, copper"));
  // What came with the program can be taken up but not put back, renamed or taken off.
  list.setCurrentRow(1);
  for (const char* name : {"setShelfBack", "setShelfRename", "setShelfOff"})
    QVERIFY(!m_desk->part<QAbstractButton>(name).isEnabled());
  // A changed set goes back into its own entry, whose name and tags stay; then both are changed.
  list.setCurrentRow(0);
  m_desk->model().store().apply("change", [&](Piece p) {
    return with_swatches_colored(std::move(p), {set().families[0].swatches[0].id}, {{0.1, 0.9, 0.3}, {}});
  });
  const auto on_shelf = [] { return read_set_shelf(shelf_folder("sets").toStdString()).sets; };
  QVERIFY(!same_content(on_shelf()[0].set, set()));
  press_button("setShelfBack");
  QCOMPARE(on_shelf().size(), std::size_t{1});
  QVERIFY(same_content(on_shelf()[0].set, set()));
  QVERIFY(on_shelf()[0].name == "Dusk street" && on_shelf()[0].tags.size() == 2);
  QCOMPARE(m_desk->part<QLineEdit>("setShelfName").text(), QStringLiteral("Dusk street"));
  m_desk->part<QLineEdit>("setShelfName").setText("Dusk alley");
  m_desk->part<QLineEdit>("setShelfTags").setText("night");
  press_button("setShelfRename");
  QVERIFY(on_shelf()[0].name == "Dusk alley" && on_shelf()[0].tags == std::vector<std::string>{"night"});
  QVERIFY(same_content(on_shelf()[0].set, set()));
  m_desk->part<QLineEdit>("setShelfName").setText("Dusk street");
  m_desk->part<QLineEdit>("setShelfTags").setText("night, copper");
  press_button("setShelfRename");
  const SwatchSet kept = set();
  m_desk->documents().new_piece();
  m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
  m_desk->documents().new_piece();
  m_desk->model().viewing().show_desk(Desk::Grade);
  press_button("page.setShelf");
  QTest::keyClicks(&m_desk->part<QLineEdit>("setShelfSearch"), "copper");
  list.setCurrentRow(0);
  press_button("setShelfTake");
  QCOMPARE(set().name, std::string("Dusk street"));
  QVERIFY(same_content(set(), kept));
  press_button("setShelfOn");
  QVERIFY(list.item(0)->text().contains("(off)"));
  list.setCurrentRow(0);
  press_button("setShelfOn");
  QVERIFY(!list.item(0)->text().contains("(off)"));
  list.setCurrentRow(0);
  press_button("setShelfOff");
  QVERIFY(read_set_shelf(shelf_folder("sets").toStdString()).sets.empty());
}

void ExchangeTask::a_parcel_goes_out_and_in_once() {
  m_desk->dialogs.export_path = m_folder->filePath("row");
  m_desk->trigger("packParcel");
  QVERIFY(m_desk->notice().contains("Packed 1 sets and 1 masks"));
  const auto parcel = open_parcel(m_folder->filePath("row.zonaparcel").toStdString());
  QVERIFY(parcel);
  QVERIFY(same_content(parcel->sets[0].set, set()));
  QCOMPARE(parcel->masks[0].mask.areas, m_desk->piece().mask->areas);
  drop(m_folder->filePath("row.zonaparcel"));
  QVERIFY2(m_desk->notice().startsWith("Saved 2 to the shelf"), qPrintable(m_desk->notice()));
  drop(m_folder->filePath("row.zonaparcel"));
  QVERIFY2(m_desk->notice().startsWith("Saved 0 to the shelf") &&
               m_desk->notice().contains("2 were already there"),
           qPrintable(m_desk->notice()));
  drop(write("bad.zonaparcel", "PK nothing"));
  QVERIFY(m_desk->notice().contains("bad.zonaparcel"));
}

DESK_TEST_MAIN(ExchangeTask)
#include "exchange_task_test.moc"
