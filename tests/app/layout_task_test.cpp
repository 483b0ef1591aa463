// SPDX-License-Identifier: GPL-3.0-or-later
// Where each part of the window stands at its usual size and how it looks, at every desk, on every page, in
// every drawer, and in the middle of what is done: a margin, a row or a line that changes is seen. What
// changed on purpose is looked at and kept: the new list and the new picture lie in the build folder.
#include "app/band/staff_view.h"
#include "app/companion/companion.h"
#include "app/controls/word_control.h"
#include "app/photo/photo_view.h"
#include "app/wheel/wheel_view.h"
#include "core/base/word.h"
#include "core/piece/edits.h"
#include "core/piece/set_edits.h"
#include "desk.h"
#include "model/keys/key_model.h"
#include "model/watch/watch_model.h"
#include "model/work/set_work.h"
#include "support/kept_looks.h"
#include "support/painted_canvas.h"

#include <QMenu>

using namespace zc;
using namespace zc::test;

namespace {

/// Names, places and sizes of what is seen, in the order of the names.
QStringList standing(QWidget& window) {
  QStringList out;
  for (auto* part : window.findChildren<QWidget*>()) {
    const auto* label = qobject_cast<QLabel*>(part);
    QString name = part->objectName();
    if (name.isEmpty() && label) name = QLatin1Char('"') + label->text().left(24) + QLatin1Char('"');
    if (!part->isVisible() || name.isEmpty() || name.startsWith("qt_")) continue;
    const QPoint at = part->mapTo(&window, QPoint());
    out << QStringLiteral("%1: %2,%3 %4x%5")
               .arg(name.simplified())
               .arg(at.x())
               .arg(at.y())
               .arg(part->width())
               .arg(part->height());
  }
  out.sort();
  return out;
}

} // namespace

class LayoutTask : public QObject {
  Q_OBJECT
private slots:
  void initTestCase() {
    if (!QLatin1String(qVersion()).startsWith(QLatin1String("6.4")))
      QSKIP("letters are as wide as they are in Qt 6.4");
    QApplication::setCursorFlashTime(0);
    QVERIFY(m_desk.open_demo());
  }
  void every_part_stands_and_looks_as_it_did();
  void what_is_done_looks_as_it_did();
  void what_is_opened_looks_as_it_did();
  void cleanupTestCase() { m_looks.write(QStringLiteral(PROGRAM_FOLDER "/../looks.png")); }

private:
  void look(const QString& scene) { look(scene, m_desk.window); }
  /// What looks otherwise is said at once, and the rest goes on.
  void look(const QString& scene, QWidget& window) {
    // What says that something is being worked out goes first.
    const auto waits = [&window] {
      return std::ranges::any_of(window.findChildren<QLabel*>(), [](const QLabel* label) {
        return label->isVisible() && label->text().endsWith(QLatin1String("..."));
      });
    };
    do m_desk.rest();
    while (waits());
    const QString other = m_looks.note(scene, window);
    if (!other.isEmpty()) QTest::qFail(qPrintable(other), __FILE__, __LINE__);
  }
  /// Notes what is seen, without what is at the same place as `before`.
  QStringList note(const QString& where, const QStringList& before) {
    look(where);
    const QStringList seen = standing(m_desk.window);
    m_told << QStringLiteral("# ") + where;
    for (const QString& line : seen)
      if (!before.contains(line)) m_told << line;
    return seen;
  }
  void show(Desk desk) { m_desk.model().viewing().show_desk(desk); }
  void press_of(QWidget& part, QPointF from, QPointF to, const QString& scene) {
    press(part, from);
    for (int i = 1; i <= 4; ++i) move(part, from + (to - from) * i / 4);
    look(scene);
    release(part, to);
  }
  /// What opens a page or a drawer, and no menu.
  QList<WordControl*> openers() {
    QList<WordControl*> out;
    for (auto* control : m_desk.window.findChildren<WordControl*>()) {
      const bool tab = control->kind() == ControlKind::Tab && !control->objectName().startsWith("desk.");
      const bool drawer =
          control->kind() == ControlKind::Opener && control->isCheckable() && !control->findChild<QMenu*>();
      // The companion is a window of its own.
      const bool within = control->isVisible() && control->objectName() != QLatin1String("beside");
      if (within && control->isEnabled() && (tab || drawer)) out << control;
    }
    return out;
  }
  DeskTop m_desk;
  QStringList m_told;
  KeptLooks m_looks{QStringLiteral(REFERENCE_FOLDER "/looks.png")};
};

void LayoutTask::every_part_stands_and_looks_as_it_did() {
  for (const auto& place : kDeskWords) {
    show(place.value);
    const QString desk = QString::fromUtf8(place.word.data(), static_cast<qsizetype>(place.word.size()));
    const QStringList usual = note(desk, {});
    for (WordControl* opener : openers()) {
      const bool drawer = opener->kind() == ControlKind::Opener;
      opener->click();
      note(desk + ", " + opener->objectName(), usual);
      if (drawer) opener->click();
    }
  }
  QFile kept(QStringLiteral(REFERENCE_FOLDER "/layout.txt"));
  const QStringList known =
      kept.open(QIODevice::ReadOnly)
          ? QString::fromUtf8(kept.readAll()).split(QLatin1Char('\n'), Qt::SkipEmptyParts)
          : QStringList();
  if (known == m_told) return;
  QFile made(QStringLiteral(PROGRAM_FOLDER "/../layout.txt"));
  QVERIFY(made.open(QIODevice::WriteOnly));
  made.write((m_told.join(QLatin1Char('\n')) + QLatin1Char('\n')).toUtf8());
  QStringList other;
  for (const QString& line : m_told)
    if (!known.contains(line)) other << line;
  QFAIL(qPrintable(
      QStringLiteral(
          "not as in tests/reference/layout.txt; the new one lies as layout.txt in the build folder:\n") +
      other.mid(0, 12).join(QLatin1Char('\n'))));
}

/// What is pointed at, held, dragged and chosen; other surrounds and eyes; many colors, and none.
void LayoutTask::what_is_done_looks_as_it_did() {
  show(Desk::Pick);
  for (const Surround surround : {Surround::Light, Surround::Middle}) {
    m_desk.window.use_surround(surround);
    look(QStringLiteral("surround"));
  }
  m_desk.window.use_surround(Surround::Dark);
  m_desk.window.use_left_hand(true);
  look(QStringLiteral("left hand"));
  m_desk.window.use_left_hand(false);

  auto& wheel = m_desk.part<WheelView>("wheel");
  press_of(wheel, wheel.screen_point({0.2, 0.1}), wheel.screen_point({-0.4, 0.3}), "picking");
  auto& lay = m_desk.part<QAbstractButton>("lay");
  QTest::mouseMove(&lay);
  look(QStringLiteral("pointed at"));
  press(lay, QPointF(9, 9));
  look(QStringLiteral("held down"));
  release(lay, {-90, -90});
  auto& wells = m_desk.part<QWidget>("wells");
  m_desk.model().picking().add_well_row();
  m_desk.model().picking().choose_filling_well(3);
  wells.setFocus(Qt::TabFocusReason);
  look(QStringLiteral("a well is filled"));
  m_desk.model().picking().choose_filling_well({});
  m_desk.window.setFocus();

  show(Desk::Observe);
  for (const PhotoLook way :
       {PhotoLook::Value, PhotoLook::Flat, PhotoLook::Squint, PhotoLook::Steps, PhotoLook::Mask}) {
    m_desk.model().viewing().show_look(way);
    look(QStringLiteral("a look at the photo"));
  }
  m_desk.model().viewing().show_look(PhotoLook::Color);
  m_desk.part<QAbstractButton>("takeColors").click();
  QVERIFY(comes_true([this] { return !m_desk.session().extracted.colors.empty(); }));
  auto& photo = m_desk.part<PhotoView>("photo");
  press_of(photo, photo.rect().center(), photo.rect().center() + QPoint(40, 50), "sampling");
  show(Desk::Try);
  for (const TryWay way : {TryWay::Study, TryWay::Follow, TryWay::Check}) {
    Trying trying = m_desk.session().trying;
    trying.way = way;
    trying.two = way != TryWay::Check;
    m_desk.model().viewing().try_on(trying);
    look(QStringLiteral("a try"));
  }

  show(Desk::Grade);
  auto& staff = m_desk.part<StaffView>("staff");
  const QRectF bounds = staff.rect();
  press_of(staff, {bounds.width() * 0.7, 60}, {bounds.width() * 0.4, 300}, "a box at the staff");
  const Swatch swatch = current_set(m_desk.piece())->families[1].swatches[1];
  const QPointF chip = staff.swatch_rect(swatch.id).center();
  press_of(staff, chip, chip + QPointF(60, -25), "a swatch is dragged");
  m_desk.model().store().stack().undo();
  show(Desk::Limit);
  auto& mask = m_desk.part<WheelView>("maskWheel");
  QTest::mouseMove(&mask, mask.screen_point({0.1, 0.1}).toPoint());
  press_of(mask, mask.screen_point({0.3, 0.2}), mask.screen_point({-0.2, 0.3}), "the mask is dragged");
  m_desk.model().store().stack().undo();

  show(Desk::Pick);
  const WheelSpec wheels[] = {{HueScale::Light, SaturationMeasure::Hsl},
                              {HueScale::Ink, SaturationMeasure::Hsv},
                              {HueScale::Even, SaturationMeasure::CielabChroma},
                              {HueScale::Traditional, SaturationMeasure::OklabChroma},
                              {HueScale::Light, SaturationMeasure::LumaChroma}};
  for (const WheelSpec& other : wheels) {
    QVERIFY(m_desk.model().store().apply("Wheel", [&](Piece p) { return with_wheel(std::move(p), other); }));
    look(QStringLiteral("another wheel"));
    m_desk.model().store().stack().undo();
  }

  show(Desk::Grade);
  for (const SetView view : {SetView::Rows, SetView::List}) {
    m_desk.model().viewing().show_set_view(view);
    look(QStringLiteral("how the set is shown"));
  }
  const auto many = [](Piece p) -> Result<Piece> {
    const List<Family> families = current_set(p)->families;
    for (int i = 0; i < 300; ++i) {
      const double way = i / 300.0;
      const Srgb color{way, 1 - way, 0.3 + 0.6 * std::abs(way - 0.5)};
      auto added = with_swatch(p, families[static_cast<std::size_t>(i) % 3].id, {color, {}}, "");
      if (!added) return added;
      p = std::move(*added);
    }
    return p;
  };
  QVERIFY(m_desk.model().store().apply("Many", many));
  for (const SetView view : {SetView::Staff, SetView::Rows, SetView::List}) {
    m_desk.model().viewing().show_set_view(view);
    look(QStringLiteral("many"));
  }
  m_desk.model().store().stack().undo();
}

/// Keys, an adjustment that is tried out, what a file offers, a name being typed, a photo beside the work,
/// the companion over a canvas; and what a new piece shows.
void LayoutTask::what_is_opened_looks_as_it_did() {
  show(Desk::Observe);
  m_desk.part<PhotoView>("photo").setFocus(Qt::TabFocusReason);
  look(QStringLiteral("keys go to the photo"));
  show(Desk::Limit);
  m_desk.part<QAbstractButton>("openKeys").click();
  QVERIFY(comes_true([this] { return !m_desk.model().keys().working(); }));
  look(QStringLiteral("keys"));
  m_desk.model().viewing().show_keys(false);
  show(Desk::Pick);
  m_desk.model().viewing().keep_reference(true);
  look(QStringLiteral("a photo beside the work"));
  m_desk.model().viewing().keep_reference(false);

  show(Desk::Grade);
  m_desk.part<QAbstractButton>("page.change").click();
  Adjustment brighter;
  brighter.turn = 30;
  brighter.value = 9;
  m_desk.model().set_work().try_out(brighter);
  look(QStringLiteral("an adjustment"));
  m_desk.model().set_work().try_out({});
  m_desk.model().viewing().show_set_view(SetView::List);
  m_desk.trigger("renameSwatchOrFamily");
  look(QStringLiteral("a name is typed"));
  m_desk.window.setFocus();
  m_desk.dialogs.set_path = QStringLiteral(DEMO_PHOTOS "/../palettes/forge-study.csv");
  m_desk.trigger("importPalette");
  look(QStringLiteral("what a file offers"));
  m_desk.model().viewing().show_set_view(SetView::Staff);

  m_desk.program.beside.show(CompanionShape::Column);
  Companion* beside = m_desk.program.beside.companion();
  QVERIFY(QTest::qWaitForWindowExposed(beside));
  for (const CompanionShape shape : {CompanionShape::Column, CompanionShape::Strip}) {
    beside->apply_shape(shape);
    beside->resize(shape == CompanionShape::Column ? QSize(280, 760) : QSize(84, 760));
    look(QStringLiteral("beside"), *beside);
  }
  beside->apply_shape(CompanionShape::Column);
  beside->resize(280, 760);
  beside->show_canvas_page();
  auto source = std::make_unique<PaintedCanvas>(QColor(120, 60, 20));
  PaintedCanvas& canvas = *source;
  m_desk.model().watch().begin(std::move(source));
  canvas.paint({400, 0, 400, 250}, QColor(0, 255, 64));
  QVERIFY(comes_true([this] {
    const auto* seen = m_desk.model().watch().seen();
    return seen && !seen->check.strays.empty();
  }));
  look(QStringLiteral("a canvas"), *beside);
  beside->close();
  m_desk.window.resize(1060, 700);
  for (const auto& place : kDeskWords) {
    show(place.value);
    look(QStringLiteral("a smaller window"));
  }
  m_desk.window.resize(1280, 800);
  m_desk.dialogs.unsaved = UnsavedAnswer::Discard;
  m_desk.trigger("newPiece");
  // The sheet says the day, which is today's.
  QVERIFY(m_desk.model().store().apply("Day", [](Piece p) {
    return with_card(std::move(p), {"Kiln", "", "2026-01-01", ""});
  }));
  for (const auto& place : kDeskWords) {
    show(place.value);
    look(QStringLiteral("a new piece"));
  }
}

DESK_TEST_MAIN(LayoutTask)
#include "layout_task_test.moc"
