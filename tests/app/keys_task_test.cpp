// SPDX-License-Identifier: GPL-3.0-or-later
// Keys: the piece in other colors of light is looked at, compared, taken, undone and kept.
#include "app/desks/limit/key_large.h"
#include "app/desks/limit/key_sheet.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/mask/patterns.h"
#include "core/piece/edits.h"
#include "desk.h"
#include "io/photo/decode.h"
#include "support/menus.h"

#include <QAction>
#include <QMenu>
#include <QTimer>

using namespace zc;
using namespace zc::test;

class KeysTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = demo_at(Desk::Limit);
    QVERIFY(m_desk->photo_shown());
    m_desk->part<QAbstractButton>("openKeys").click();
    QVERIFY(comes_true([this] { return made(); }));
  }
  void pictures_are_what_the_core_makes();
  void a_key_is_taken_and_undone();
  void a_key_is_kept_changed_and_restored();
  void keys_are_listed_and_ordered_as_asked();
  void keys_walk_and_compare();
  void the_menu_keeps_and_shows();
  void the_canvas_renews_the_sheet();
  void another_piece_begins_anew();
  void the_sheet_is_saved();

private:
  AppModel& model() { return m_desk->model(); }
  KeySheetView& sheet() { return m_desk->part<KeySheetView>("keySheet"); }
  const std::vector<KeyModel::Entry>& entries() { return model().keys().entries(); }
  /// All pictures and numbers are there.
  bool made() {
    return !entries().empty() && !model().keys().working() &&
           std::all_of(entries().begin(), entries().end(),
                       [](const auto& e) { return !e.picture.isNull() && e.numbers; });
  }
  void only(KeyRows rows) {
    m_desk->part<QAbstractButton>(("keys.rows." + std::string(word_for(kKeyRowWords, rows))).c_str()).click();
    QVERIFY(comes_true([this] { return made(); }));
  }
  std::size_t turn_by(double degrees) {
    for (std::size_t i = 0; i < entries().size(); ++i)
      if (entries()[i].key.kind == KeyKind::Turn && entries()[i].key.turn == degrees) return i;
    qFatal("no such turn");
  }
  QPointF on(std::size_t key) { return sheet().picture_rect(key).center(); }
  const SwatchSet& set() { return *current_set(m_desk->piece()); }
  std::unique_ptr<DeskTop> m_desk;
};

void KeysTask::pictures_are_what_the_core_makes() {
  only(KeyRows::Turns);
  QVERIFY(!m_desk->part<QWidget>("staff").isVisible()); // The sheet has all the room.
  const QImage& own = entries()[0].picture;
  QVERIFY(own.width() > 150 && own.width() == model().keys().picture_size({own.width(), 999}).width());
  const auto& third = entries()[turn_by(90)];
  QImage wanted = own.copy();
  const KeyMap map = KeyMap::turned(model().wheel(), 90);
  render_in_key(view_of(own), map, pixels_of(wanted));
  QCOMPARE(third.picture, wanted);
  QVERIFY(*third.numbers == key_numbers(view_of(own), map));
  // What is seen is that picture.
  const QImage seen = sheet().viewport()->grab().toImage();
  const QPoint at = on(turn_by(90)).toPoint();
  const QRectF rect = sheet().picture_rect(turn_by(90));
  const QPoint pixel((at.x() - rect.left()) * own.width() / rect.width(),
                     (at.y() - rect.top()) * own.height() / rect.height());
  QCOMPARE(seen.pixelColor(at), third.picture.pixelColor(pixel));
}

void KeysTask::a_key_is_taken_and_undone() {
  only(KeyRows::Turns);
  const Piece before = m_desk->piece();
  const int steps = model().store().stack().count();
  move(*sheet().viewport(), on(turn_by(60)), Qt::NoButton);
  QCOMPARE(sheet().pointed(), turn_by(60));
  QVERIFY(m_desk->part<QLabel>("keyFacts").text().startsWith("60°"));
  QCOMPARE(m_desk->piece(), before); // Pointing only looks.
  click(*sheet().viewport(), on(turn_by(60)));
  QCOMPARE(m_desk->piece(), *with_mask_turned(before, 60, Carry::SetToo));
  QCOMPARE(model().store().stack().count(), steps + 1);
  model().store().stack().undo();
  QCOMPARE(m_desk->piece(), before);
  // The sheet is put in another order while a key is pressed: what then lies there is not taken.
  const ColorKey pressed = entries()[turn_by(60)].key;
  const QPointF there = on(turn_by(60));
  press(*sheet().viewport(), there);
  KeySheet other = m_desk->session().keys;
  other.rows = KeyRows::Masks;
  model().viewing().list_keys(other);
  QVERIFY(entries()[2].key != pressed);
  release(*sheet().viewport(), there);
  QCOMPARE(m_desk->piece(), before);
  only(KeyRows::Turns);
  // The current key is not taken, by press, key or button.
  QTest::keyClick(&sheet(), Qt::Key_Home);
  click(*sheet().viewport(), on(0));
  QTest::keyClick(&sheet(), Qt::Key_Return);
  QVERIFY(!m_desk->part<QAbstractButton>("keys.take").isEnabled());
  QCOMPARE(m_desk->piece(), before);
  // All sets turn along where that is chosen.
  model().masking().carry(Carry::AllToo);
  QTest::keyClick(&sheet(), Qt::Key_Right);
  QTest::keyClick(&sheet(), Qt::Key_Return);
  QCOMPARE(m_desk->piece(), *with_mask_turned(before, entries()[1].key.turn, Carry::AllToo));
}

void KeysTask::a_key_is_kept_changed_and_restored() {
  only(KeyRows::Masks);
  const Piece before = m_desk->piece();
  const std::size_t versions = set().versions.size();
  const ColorKey key = entries()[2].key;
  sheet().point(2);
  m_desk->part<QAbstractButton>("keys.keep").click();
  QCOMPARE(set().versions.size(), versions + 1);
  QVERIFY(set().families == current_set(before)->families && m_desk->piece().mask == before.mask);
  const SetVersion kept = set().versions.back();
  QVERIFY(kept.key == key.plan);
  model().store().apply("Remove mask", [](Piece p) -> Result<Piece> { return with_mask(std::move(p), {}); });
  only(KeyRows::Versions);
  const auto at = std::find_if(entries().begin(), entries().end(),
                               [&](const auto& e) { return e.key.version == kept.id; });
  QVERIFY(at != entries().end());
  sheet().point(static_cast<std::size_t>(at - entries().begin()));
  QVERIFY(!m_desk->part<QAbstractButton>("keys.keep").isEnabled());
  m_desk->part<QAbstractButton>("keys.take").click();
  QVERIFY(set().families == kept.families && m_desk->piece().mask == key.plan->mask &&
          m_desk->piece().mask_on);
}

void KeysTask::keys_are_listed_and_ordered_as_asked() {
  auto& step = m_desk->part<QLineEdit>("keys.step");
  only(KeyRows::Turns);
  QCOMPARE(entries().size(), std::size_t{12});
  step.setFocus();
  step.selectAll();
  QTest::keyClicks(&step, "90");
  QTest::keyClick(&step, Qt::Key_Return);
  QVERIFY(comes_true([this] { return entries().size() == 4 && made(); }));
  m_desk->part<QAbstractButton>("keys.order.nearest").click();
  const auto sorted = [this](auto number) {
    for (std::size_t i = 2; i < entries().size(); ++i)
      if (number(*entries()[i - 1].numbers) > number(*entries()[i].numbers)) return false;
    return entries()[0].key.kind == KeyKind::Current;
  };
  QVERIFY(comes_true([&] { return made() && sorted([](const KeyNumbers& n) { return n.difference; }); }));
  m_desk->part<QAbstractButton>("keys.order.kept").click();
  QVERIFY(comes_true([&] { return made() && sorted([](const KeyNumbers& n) { return -n.kept; }); }));
  only(KeyRows::Masks);
  auto& strength = m_desk->part<QLineEdit>("keys.strength");
  strength.setFocus();
  strength.selectAll();
  QTest::keyClicks(&strength, "0");
  QTest::keyClick(&strength, Qt::Key_Return);
  QVERIFY(comes_true([this] { return made() && entries()[1].key.strength == 0; }));
  QCOMPARE(entries()[1].picture, entries()[0].picture);
  strength.selectAll();
  QTest::keyClicks(&strength, "100");
  QTest::keyClick(&strength, Qt::Key_Return);
  QVERIFY(comes_true([this] { return made() && entries()[1].key.strength == 1; }));
  QVERIFY(entries()[1].picture != entries()[0].picture);
}

void KeysTask::keys_walk_and_compare() {
  only(KeyRows::Turns);
  auto& large = m_desk->part<KeyLarge>("keyLarge");
  QVERIFY(!large.isVisible());
  // A press that trembles takes nothing along.
  press(*sheet().viewport(), on(1));
  const QImage pressed = sheet().grab().toImage();
  move(*sheet().viewport(), on(1) + QPointF(1, 0));
  QCOMPARE(sheet().grab().toImage(), pressed);
  move(*sheet().viewport(), on(3));
  QVERIFY(sheet().grab().toImage() != pressed);
  release(*sheet().viewport(), on(3));
  QVERIFY(large.isVisible());
  QCOMPARE(m_desk->part<QAbstractButton>("keys.large").isChecked(), true);
  QCOMPARE(sheet().pointed(), std::size_t{3});
  const auto row = [&] { return large.picture_rect(); };
  const auto pixel = [&](double across) {
    return QPoint(static_cast<int>(row().width() * across), static_cast<int>(row().height() * 0.3));
  };
  const auto seen = [&](double across) {
    return large.grab().toImage().pixelColor(row().topLeft().toPoint() + pixel(across));
  };
  // Once both are made large, left of the edge is one and right of it the other.
  QVERIFY(comes_true([&] {
    return !model().keys().large(entries()[1].key, large.size()).isNull() &&
           !model().keys().large(entries()[3].key, large.size()).isNull();
  }));
  const auto own = [&](std::size_t key, double across) {
    const QImage image = model().keys().large(entries()[key].key, large.size());
    return image.pixelColor(pixel(across));
  };
  // A pixel may lie beside its own; by far most are nearer to the key they are of.
  const auto away = [](QColor a, QColor b) {
    return std::abs(a.red() - b.red()) + std::abs(a.blue() - b.blue()) + std::abs(a.green() - b.green());
  };
  int right = 0, all = 0;
  for (double across = 0.02; across < 1; across += 0.013) {
    const bool at_edge = std::abs(across - large.edge()) < 0.02;
    if (at_edge || away(own(1, across), own(3, across)) < 12) continue;
    const std::size_t shown = across < large.edge() ? 1 : 3, other = 4 - shown;
    ++all;
    right += away(seen(across), own(shown, across)) < away(seen(across), own(other, across));
  }
  QVERIFY2(all > 30 && right == all, qPrintable(QStringLiteral("%1 of %2").arg(right).arg(all)));
  const double edge = large.edge();
  press(large, row().center());
  move(large, row().center() + QPointF(120, 0));
  QVERIFY(large.edge() > edge);
  QTest::keyClick(&large, Qt::Key_Escape); // Called off.
  QCOMPARE(large.edge(), edge);
  release(large, row().center());
  sheet().setFocus();
  QTest::keyClick(&sheet(), Qt::Key_Right);
  QCOMPARE(sheet().pointed(), std::size_t{4});
  // Left and come back to, it still follows.
  model().viewing().show_desk(Desk::Pick);
  model().viewing().show_desk(Desk::Limit);
  QVERIFY(large.isVisible());
  KeySheet wider = m_desk->session().keys;
  wider.step = 120;
  model().viewing().list_keys(wider);
  QVERIFY(comes_true([&] { return entries().size() == 3 && made(); }));
  wider.step = 30;
  model().viewing().list_keys(wider);
  sheet().point(4);
  QTest::keyClick(&sheet(), Qt::Key_Space);
  QVERIFY(!large.isVisible() && sheet().pointed() == 4);
}

void KeysTask::the_menu_keeps_and_shows() {
  only(KeyRows::Turns);
  const std::size_t versions = set().versions.size();
  QStringList offered;
  with_menu([&] { ask_for_menu(*sheet().viewport(), on(2)); },
            [&](const QMenu& menu) {
              for (const QAction* action : menu.actions()) offered << action->text();
              menu.actions()[1]->trigger();
            });
  QCOMPARE(offered.size(), 3);
  QCOMPARE(set().versions.size(), versions + 1);
  QCOMPARE(set().versions.back().name, KeyModel::name_of(entries()[2].key).toStdString());
}

void KeysTask::the_canvas_renews_the_sheet() {
  QTemporaryDir folder;
  const QString file = folder.filePath("canvas.png");
  const auto paint = [&](QColor color) {
    QImage canvas(300, 200, QImage::Format_RGB32);
    canvas.fill(color);
    QVERIFY(canvas.save(file));
  };
  paint(QColor(180, 90, 60));
  model().canvases().follow_canvas(file);
  QVERIFY(comes_true([&] {
    const Reference* r = find_reference(m_desk->piece(), m_desk->session().reference);
    return r && r->follows == file.toStdString() && m_desk->photo_shown() && made();
  }));
  only(KeyRows::Turns);
  QVERIFY(comes_true([&] { return made() && entries()[0].picture.pixelColor(9, 9) == QColor(180, 90, 60); }));
  QTest::qWait(20); // Another time stamp.
  paint(QColor(60, 90, 180));
  QVERIFY(comes_true([&] { return made() && entries()[0].picture.pixelColor(9, 9) == QColor(60, 90, 180); }));
  const Srgb turned = KeyMap::turned(model().wheel(), 90).moved(srgb_from_8bit({60, 90, 180})).color;
  const Srgb8 wanted = rounded_8bit(turned);
  QCOMPARE(entries()[turn_by(90)].picture.pixelColor(9, 9), QColor(wanted.r, wanted.g, wanted.b));
  // Its own saturation goes to the border of the mask, where that is asked for.
  only(KeyRows::Masks);
  const QImage usual = entries()[1].picture;
  m_desk->part<QAbstractButton>("keys.fills").click();
  QVERIFY(comes_true([this] { return made() && entries()[1].key.rim < 0.9; }));
  QVERIFY(entries()[1].picture != usual);
}

void KeysTask::another_piece_begins_anew() {
  only(KeyRows::Turns);
  drag(*sheet().viewport(), on(1), on(3));
  press(*sheet().viewport(), on(2));
  const Piece other = new_piece("2026-11-30");
  model().start(other, {}, true);
  release(*sheet().viewport(), on(2));
  QCOMPARE(m_desk->piece(), other);
  QVERIFY(!m_desk->part<KeyLarge>("keyLarge").isVisible());
  QCOMPARE(sheet().pointed(), std::size_t{0});
  // Without a photo nothing is shown, and without a mask the set alone turns.
  QVERIFY(entries().empty() || entries()[0].picture.isNull());
  m_desk->trigger("saveKeySheet");
  QVERIFY(!m_desk->notice().isEmpty());
}

void KeysTask::the_sheet_is_saved() {
  only(KeyRows::Turns);
  QTemporaryDir folder;
  m_desk->dialogs.export_path = folder.filePath("keys.png");
  m_desk->part<QAbstractButton>("keys.write").click();
  QVERIFY(comes_true(
      [&] { return QFile::exists(m_desk->dialogs.export_path) && m_desk->notice().contains("keys.png"); }));
  const QImage saved(m_desk->dialogs.export_path);
  QVERIFY(saved.width() > 4 * 480 && saved.height() > 3 * 250);
  m_desk->dialogs.export_path = "/proc/no/keys.png";
  m_desk->part<QAbstractButton>("keys.write").click();
  QVERIFY(comes_true([&] { return m_desk->notice().contains("the folder does not exist"); }));
}

DESK_TEST_MAIN(KeysTask)
#include "keys_task_test.moc"
