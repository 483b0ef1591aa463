// SPDX-License-Identifier: GPL-3.0-or-later
// Beside the canvas: the plan in a window of its own, the same session on both sides, colors copied on pick.
#include "app/band/staff_view.h"
#include "app/companion/canvas_picture.h"
#include "app/companion/strip_view.h"
#include "app/program/beside.h"
#include "app/tray/chip_row.h"
#include "app/tray/color_pair.h"
#include "app/wheel/wheel_view.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/piece/set_edits.h"
#include "desk.h"
#include "support/menus.h"
#include "support/painted_canvas.h"

#include <QAccessible>
#include <QClipboard>
#include <QComboBox>
#include <QContextMenuEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QMimeData>
#include <QPointingDevice>
#include <QStyleHints>
#include <QTabletEvent>
#include <QTimer>

using namespace zc;
using namespace zc::test;

class BesideTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = new_piece_at(Desk::Pick);
    QVERIFY(m_desk->open_demo());
    m_desk->program.beside.show(CompanionShape::Column);
    m_beside = m_desk->program.beside.companion();
    QVERIFY(QTest::qWaitForWindowExposed(m_beside));
  }
  void cleanup() { m_desk.reset(); }
  void one_session_in_both_windows();
  void a_swatch_is_taken_up_at_every_desk();
  void the_strip_holds_axis_and_set_standing_and_lying();
  void picks_are_handed_over_in_the_chosen_form();
  void the_painters_own_line_is_written_with_a_preview();
  void the_desk_is_put_away_and_called_back();
  void called_during_the_last_save_it_stays_and_leaving_asks_again();
  void a_pen_shows_picks_and_goes_back();
  void shape_and_place_are_remembered();
  void a_watched_canvas_is_told_on_its_page();
  void related_colors_stand_beside_the_canvas();
  void it_comes_to_the_pointer_and_goes();
  void its_menu_opens_by_a_button_and_by_a_held_press();
  void the_window_the_companion_and_the_bus_go_in_any_order();

private:
  template <class W> W& in_companion(const char* name) {
    auto* found = m_beside->findChild<W*>(QLatin1String(name));
    if (!found) qFatal("the companion has no %s", name);
    return *found;
  }
  QPointF on_wheel(double angle, double saturation) {
    return m_beside->wheel().screen_point(disc_point(Angle(angle), saturation));
  }
  QString words(const char* label) { return in_companion<QLabel>(label).text(); }

  static QColor canvas_ground(const List<Family>& families) {
    return QColor(QString::fromStdString(hex_of(families[1].swatches[1].color)));
  }

  std::unique_ptr<DeskTop> m_desk;
  Companion* m_beside = nullptr;
};

void BesideTask::one_session_in_both_windows() {
  QVERIFY(m_beside->windowTitle().endsWith("beside the canvas"));
  QVERIFY(m_beside->windowFlags() & Qt::WindowDoesNotAcceptFocus);
  QVERIFY(m_beside->findChildren<QLineEdit*>(Qt::FindDirectChildrenOnly).isEmpty());
  const double value = m_desk->session().at.at.v;
  click(m_beside->wheel(), on_wheel(60, 0.3));
  QVERIFY(std::abs(m_desk->session().at.at.v - value) < 1e-9);
  const QString hex = QString::fromStdString(hex_of(m_desk->session().color()));
  QCOMPARE(words("besideHex"), hex);
  QCOMPARE(m_desk->part<QLineEdit>("hex").text(), hex);
  m_desk->model().picking().use_color({0.1, 0.5, 0.3});
  QCOMPARE(words("besideHex"), QString("#1a804d"));
  QVERIFY(words("besideState").contains("outside the mask"));
  // The rule of the mask is the piece's.
  click(in_companion<QWidget>("rule.free"), {5, 5});
  QCOMPARE(m_desk->piece().rule, MaskRule::Free);
  click(m_beside->wheel(), on_wheel(300, 0.9));
  QVERIFY(std::abs(m_desk->session().at.at.a - 300) < 1);
  click(in_companion<QWidget>("rule.held"), {5, 5});
  click(m_beside->wheel(), on_wheel(300, 0.9));
  QVERIFY(*m_desk->model().in_mask());
}

void BesideTask::a_swatch_is_taken_up_at_every_desk() {
  for (const Desk desk : {Desk::Observe, Desk::Limit, Desk::Pick, Desk::Grade}) {
    m_desk->model().viewing().show_desk(desk);
    m_desk->model().picking().use_color({0.5, 0.5, 0.5});
    const Swatch s = current_set(m_desk->piece())->families[2].swatches[1];
    click(m_beside->staff(), m_beside->staff().swatch_rect(s.id).center());
    QCOMPARE(m_desk->session().color(), s.color);
  }
}

void BesideTask::the_strip_holds_axis_and_set_standing_and_lying() {
  m_beside->apply_shape(CompanionShape::Strip);
  QCOMPARE(m_beside->width(), Companion::kStrip);
  StripView& strip = m_beside->strip();
  const Swatch s = current_set(m_desk->piece())->families[0].swatches[0];
  for (const bool lying : {false, true}) {
    m_beside->resize(lying ? QSize(700, 96) : QSize(84, 700));
    QCoreApplication::processEvents();
    const QPointF light = strip.axis_point(90), dark = strip.axis_point(10);
    QVERIFY(lying ? light.x() > dark.x() + 300 : light.y() < dark.y() - 300);
    press(strip, dark);
    move(strip, light);
    QVERIFY(std::abs(m_desk->session().at.at.v - 90) < 0.5);
    release(strip, light);
    const QRectF place = strip.swatch_rect(s.id);
    QVERIFY(strip.rect().contains(place.toAlignedRect()));
    QVERIFY(place.width() > 8); // Laid out for this size, not for the one before.
    const QPointF at_value = strip.axis_point(value_of(s.color));
    QVERIFY(std::abs(lying ? at_value.x() - place.center().x() : at_value.y() - place.center().y()) < 0.01);
    QCOMPARE(seen(strip, place.center()).name(), QString::fromStdString(hex_of(s.color)));
    click(strip, place.center());
    QCOMPARE(m_desk->session().color(), s.color);
    turn_wheel(strip, light, -2, {});
    QVERIFY(std::abs(m_desk->session().at.at.v - (value_of(s.color) - 2)) < 0.01);
  }
}

void BesideTask::picks_are_handed_over_in_the_chosen_form() {
  auto* clipboard = QGuiApplication::clipboard();
  clipboard->setText("mine");
  m_desk->model().picking().use_color({0.2, 0.4, 0.6});
  QCOMPARE(clipboard->text(), QString("mine"));
  auto& hand = in_companion<QAbstractButton>("besideCopyOnPick");
  hand.click();
  QVERIFY(m_desk->part<QAbstractButton>("copyOnPick").isChecked());
  // Only the end of a drag.
  press(m_beside->wheel(), on_wheel(60, 0.2));
  move(m_beside->wheel(), on_wheel(50, 0.3));
  QCOMPARE(clipboard->text(), QString("mine"));
  release(m_beside->wheel(), on_wheel(50, 0.3));
  QCOMPARE(clipboard->text(), QString::fromStdString(hex_of(m_desk->session().color())));
  QVERIFY(clipboard->mimeData()->hasColor() && !clipboard->mimeData()->hasImage());
  const QStringList expected{"336699", "51, 102, 153", "rgb(51 102 153)", "336699 muted cool blue",
                             "#336699"};
  for (const QString& text : expected) {
    in_companion<QAbstractButton>("besideForm").click();
    m_desk->model().picking().use_color({0.2, 0.4, 0.6});
    QCOMPARE(clipboard->text(), text);
    QCOMPARE(words("besideLine"), "copied " + text);
  }
  // Wells and the color before are picks too.
  m_desk->model().picking().back_to_before();
  m_desk->model().picking().use_well(0);
  QCOMPARE(clipboard->text(), QString::fromStdString(hex_of(*m_desk->session().at_hand.wells[0])));
  hand.click();
  clipboard->setText("mine");
  m_desk->model().picking().use_color({0.7, 0.4, 0.6});
  QCOMPARE(clipboard->text(), QString("mine"));
}

void BesideTask::the_painters_own_line_is_written_with_a_preview() {
  m_desk->trigger("chooseCopyForm");
  auto& pattern = m_desk->part<QLineEdit>("handPattern");
  auto& panel = m_desk->part<QWidget>("handPanel");
  m_desk->model().picking().use_color({0.2, 0.4, 0.6});
  pattern.selectAll();
  QTest::keyClicks(&pattern, "{r} {g} {blue}");
  QVERIFY(m_desk->part<QLabel>("handPreview").text().contains("{blue}"));
  QTest::keyClick(&pattern, Qt::Key_Return);
  QVERIFY(panel.isVisible());
  QCOMPARE(m_desk->program.copy_on_pick.form().form, CopyForm::Hex);
  pattern.selectAll();
  QTest::keyClicks(&pattern, "{r} {g} {b}  {title}");
  QCOMPARE(m_desk->part<QLabel>("handPreview").text(),
           "51 102 153  " + QString::fromStdString(m_desk->piece().title));
  m_desk->part<QAbstractButton>("handPicture").click();
  m_desk->part<QAbstractButton>("handTake").click();
  QVERIFY(!panel.isVisible());
  m_desk->program.copy_on_pick.turn(true);
  m_desk->model().picking().use_color({0.2, 0.4, 0.6});
  const QMimeData* clip = QGuiApplication::clipboard()->mimeData();
  QVERIFY(clip->text().startsWith("51 102 153  "));
  QCOMPARE(qvariant_cast<QImage>(clip->imageData()).pixelColor(3, 3).name(), QString("#336699"));
  // Kept for the next start, save that it is off.
  const CopyOnPick next(m_desk->model());
  QVERIFY(next.form() == m_desk->program.copy_on_pick.form() && !next.on());
}

void BesideTask::the_desk_is_put_away_and_called_back() {
  m_desk->model().picking().use_color({0.3, 0.4, 0.5});
  m_desk->model().laying().lay_current();
  m_desk->window.close();
  QVERIFY(!m_desk->window.isVisible() && m_beside->isVisible());
  QCOMPARE(m_desk->dialogs.unsaved_questions, 0);
  emit m_beside->deskAsked();
  QVERIFY(m_desk->window.isVisible());
  emit m_beside->deskAsked();
  QVERIFY(!m_desk->window.isVisible());
  m_beside->close();
  QVERIFY(m_desk->window.isVisible());
  QVERIFY(!m_desk->part<QAbstractButton>("beside").isChecked());
  // Without it the window is not hidden any more: closing is leaving.
  m_desk->window.close();
  QCOMPARE(m_desk->dialogs.unsaved_questions, 1);
  QVERIFY(m_desk->window.isVisible());
  m_desk->dialogs.unsaved_questions = 0;
  // Leaving asks, and staying keeps both.
  m_desk->program.beside.show();
  m_desk->window.leave();
  QCOMPARE(m_desk->dialogs.unsaved_questions, 1);
  QVERIFY(m_desk->window.isVisible() && m_desk->program.beside.shown());
}

/// The answer to one question is no answer to the next.
void BesideTask::called_during_the_last_save_it_stays_and_leaving_asks_again() {
  m_beside->close();
  m_desk->model().laying().lay_current();
  m_desk->dialogs.unsaved = UnsavedAnswer::Save;
  m_desk->window.close();
  QVERIFY(m_desk->program.job.running());
  m_desk->program.beside.show();
  m_desk->wait_for_files();
  QVERIFY(m_desk->window.isHidden() && m_desk->program.beside.shown());
  m_desk->model().laying().lay_current();
  m_desk->dialogs.unsaved = UnsavedAnswer::Cancel;
  m_desk->dialogs.unsaved_questions = 0;
  m_desk->window.leave();
  QCOMPARE(m_desk->dialogs.unsaved_questions, 1);
  QVERIFY(m_desk->program.beside.shown() && m_desk->model().store().edited());
}

void BesideTask::a_pen_shows_picks_and_goes_back() {
  WheelView& wheel = m_beside->wheel();
  const Srgb before = m_desk->session().color();
  const QPointF near(on_wheel(60, 0.2).toPoint());
  pen(wheel, near, Qt::NoButton);
  QCOMPARE(m_desk->session().color(), before);
  const Srgb under =
      *m_desk->model().wheel().color_at(wheel_point(wheel.disc_point_at(near), m_desk->session().at.at.v));
  QCOMPARE(words("besideLine").left(12), "over " + QString::fromStdString(hex_of(under)));
  pen(wheel, on_wheel(60, 0.2), Qt::LeftButton);
  pen(wheel, on_wheel(60, 0.2), Qt::NoButton);
  const Srgb picked = m_desk->session().color();
  QVERIFY(picked != before);
  pen(wheel, on_wheel(200, 0.2), Qt::RightButton);
  pen(wheel, on_wheel(200, 0.2), Qt::NoButton);
  QCOMPARE(m_desk->session().color(), before);
  QCOMPARE(m_desk->session().before, picked);
}

void BesideTask::shape_and_place_are_remembered() {
  m_beside->apply_shape(CompanionShape::Strip);
  m_beside->apply_place({40, 50, 90, 400});
  m_desk->trigger("showCompanion");
  QVERIFY(!m_desk->program.beside.shown());
  m_desk->program.beside.show(CompanionShape::Column);
  QCOMPARE(m_beside->width(), Companion::kColumn);
  m_beside->close();
  m_desk->program.beside.show(CompanionShape::Strip);
  QCOMPARE(QRect(m_beside->pos(), m_beside->size()), QRect(40, 50, 90, 400));
  // No larger than the screen, and on it.
  m_beside->apply_place({-500, 5000, 84, 90000});
  QVERIFY(m_beside->screen()->availableGeometry().contains(QRect(m_beside->pos(), m_beside->size())));
}

/// Strays as chips, on the wheel and in the small picture; use on the staff; a way back used, added, copied.
void BesideTask::a_watched_canvas_is_told_on_its_page() {
  WatchModel& watch = m_desk->model().watch();
  auto& page = in_companion<QWidget>("watchCanvas");
  in_companion<QAbstractButton>("besideCanvas").click();
  QVERIFY(page.isVisible() && !in_companion<QWidget>("canvasPicture").isVisible());
  const auto swatches = current_set(m_desk->piece())->families;
  auto source =
      std::make_unique<PaintedCanvas>(QColor(QString::fromStdString(hex_of(swatches[1].swatches[1].color))));
  PaintedCanvas& canvas = *source;
  watch.begin(std::move(source));
  QVERIFY(canvas.wanted()); // The companion looks.
  const QColor stray(0, 255, 64);
  canvas.paint({400, 0, 400, 250}, stray);
  QVERIFY(comes_true([&] { return watch.seen() && watch.seen()->check.strays.size() == 1; }));
  auto& picture = in_companion<CanvasPicture>("canvasPicture");
  auto& chips = in_companion<ChipRow>("strayChips");
  QVERIFY(picture.isVisible() && chips.steps().size() == 1);
  QVERIFY(words("canvasSays").startsWith("Outside 25.0 %"));
  QVERIFY(words("canvasSays").contains("18 of 19 unused"));
  QVERIFY(!in_companion<QAbstractButton>("wayUse").isEnabled());
  // The picture shows where; the rest has stepped back.
  const QImage shown = picture.grab().toImage();
  const QPoint in =
      picture.point_of({watch.seen()->check.strays[0].x, watch.seen()->check.strays[0].y + 20}).toPoint();
  QCOMPARE(shown.pixelColor(in), stray);
  QVERIFY(shown.pixelColor(in - QPoint(40, 0)) != canvas_ground(swatches));
  move(picture, picture.point_of({watch.seen()->check.strays[0].x, watch.seen()->check.strays[0].y}),
       Qt::NoButton);
  QCOMPARE(watch.pointed().value_or(9), std::size_t{0});
  const QSize read = watch.seen()->picture.size();
  move(picture, picture.point_of({read.width() - 20, read.height() * 3 / 4}), Qt::NoButton);
  QVERIFY(!watch.pointed()); // Below it.
  move(picture, picture.point_of({read.width() - 20, read.height() / 4}), Qt::NoButton);
  QCOMPARE(watch.pointed().value_or(9), std::size_t{0});
  // On the wheel it has its place.
  const QPoint there = m_beside->wheel()
                           .screen_point(disc_point(m_desk->model().wheel().locate({0, 1, 64 / 255.0})))
                           .toPoint();
  QCOMPARE(m_beside->wheel().grab().toImage().pixelColor(there), stray);

  click(chips, chips.chip_rect(0).center());
  QVERIFY(comes_true([&] { return watch.way() != nullptr; }));
  QVERIFY(words("wayBack").contains(" : "));
  QVERIFY(QAccessible::queryAccessibleInterface(&picture)->child(0)->state().selected);
  const Srgb inside = (**watch.way()).inside->color;
  in_companion<QAbstractButton>("wayUse").click();
  QCOMPARE(m_desk->session().color(), inside);
  const auto count = [&] {
    std::size_t all = 0;
    for (const Family& family : current_set(m_desk->piece())->families) all += family.swatches.size();
    return all;
  };
  const std::size_t before = count();
  in_companion<QAbstractButton>("wayAdd").click();
  QCOMPARE(count(), before + 1);
  // The set is another, so it is sought anew.
  QVERIFY(comes_true([&] { return in_companion<QAbstractButton>("wayCopy").isEnabled(); }));
  in_companion<QAbstractButton>("wayCopy").click();
  QCOMPARE(QGuiApplication::clipboard()->text(), QString::fromStdString(hex_of(inside)));
  const QString as_paint = words("wayBack");
  in_companion<QAbstractButton>("wayAsLight").click();
  QVERIFY(comes_true([&] { return watch.way() && words("wayBack") != as_paint; }));
  // In a strip it is one line.
  m_beside->apply_shape(CompanionShape::Strip);
  QVERIFY(words("stripCanvas").contains("strays"));
  m_beside->apply_shape(CompanionShape::Column);
  emit canvas.hidden("Covered.");
  QCOMPARE(words("canvasBands"), QString("Covered."));
  // Tried like a reference.
  m_desk->model().viewing().show_desk(Desk::Try);
  auto& tried = m_desk->part<QAbstractButton>("tryCanvas");
  QVERIFY(tried.isVisible());
  tried.click();
  canvas.paint({0, 0, 10, 10}, stray);
  QVERIFY(comes_true([&] { return m_desk->model().tries().tries_canvas(); }));
  QCOMPARE(m_desk->model().tries().photo()->full().size(), QSize(800, 500));
  const Piece piece = m_desk->piece();
  m_desk->model().tries().change_study("Cut", [](Study& s) { s.by_areas = !s.by_areas; });
  QVERIFY(m_desk->piece() == piece); // It is no part of the piece.
  in_companion<QAbstractButton>("endWatch").click();
  QVERIFY(!watch.on() && !m_desk->model().tries().tries_canvas() && !tried.isVisible());
  QVERIFY(page.isVisible());
}

void BesideTask::related_colors_stand_beside_the_canvas() {
  in_companion<QAbstractButton>("besideRelated").click();
  auto& relation = in_companion<QComboBox>("besideRelation");
  relation.setCurrentIndex(relation.findData(static_cast<int>(Relation::Triad)));
  emit relation.activated(relation.currentIndex());
  QCOMPARE(m_desk->session().relations.relation, Relation::Triad);
  auto& members = in_companion<ChipRow>("besideMembers");
  QCOMPARE(members.steps().size(), std::size_t{3});
  const Srgb wanted = members.steps()[1].color;
  click(members, members.chip_rect(1).center());
  QCOMPARE(m_desk->session().color(), wanted);
  auto& tints = in_companion<ChipRow>("besideStrip.tints");
  QVERIFY(tints.isVisible() && tints.steps().size() == 6);
  const Srgb tint = tints.steps()[2].color;
  click(tints, tints.chip_rect(2).center());
  QCOMPARE(m_desk->session().color(), tint);
  in_companion<QAbstractButton>("besideAllRelations").click();
  QVERIFY(m_desk->session().relations.all);
}

void BesideTask::it_comes_to_the_pointer_and_goes() {
  Beside& beside = m_desk->program.beside;
  beside.send_away();
  QVERIFY(!beside.shown());
  QCursor::setPos(300, 400);
  beside.come_as("strip");
  QVERIFY(beside.shown() && m_beside->shape() == CompanionShape::Strip);
  const QRect place = m_beside->geometry();
  QVERIFY(!place.contains(QCursor::pos()) && std::abs(place.left() - 300) < 60);
  QVERIFY(m_beside->screen()->availableGeometry().contains(place));
  beside.come_or_go();
  QVERIFY(!beside.shown());
  // At the right edge it stands to the left.
  QCursor::setPos(m_beside->screen()->availableGeometry().right() - 5, 400);
  beside.come_as("column");
  QVERIFY(m_beside->screen()->availableGeometry().contains(m_beside->geometry()));
  QVERIFY(!m_beside->geometry().contains(QCursor::pos()));
  // A window that is put away stays so, whichever of the two goes and comes.
  m_desk->window.hide();
  beside.send_away();
  QVERIFY(!m_desk->window.isVisible());
  beside.come_or_go();
  QVERIFY(beside.shown() && !m_desk->window.isVisible());
  m_desk->window.show();
}

void BesideTask::its_menu_opens_by_a_button_and_by_a_held_press() {
  QVERIFY(words_in_menu([&] { in_companion<QAbstractButton>("besideMore").click(); }).size() > 5);
  auto& name = in_companion<QWidget>("besideName");
  const QPointF at = name.mapTo(m_beside, QPointF(5, 5));
  QVERIFY(words_in_menu([&] {
            press(*m_beside, at);
            QTest::qWait(QGuiApplication::styleHints()->mousePressAndHoldInterval() + 100);
          }).size() > 5);
  release(*m_beside, at);
  // An empty staff has nothing of its own to offer here; in the main window it has.
  QVERIFY(m_desk->model().store().apply("set", [](Piece p) { return with_set(std::move(p), "none"); }));
  const auto ask = [](QWidget& staff) { ask_for_menu(staff, staff.rect().center()); };
  const QStringList beside = words_in_menu([&] { ask(in_companion<QWidget>("besideStaff")); });
  QVERIFY(beside.size() > 5 && !beside.contains("Add family"));
  QCOMPARE(words_in_menu([&] { ask(m_desk->part<QWidget>("staff")); }), QStringList("Add family"));
  // On the wheel a press that is held goes on picking.
  press(m_beside->wheel(), on_wheel(60, 0.3));
  QTest::qWait(QGuiApplication::styleHints()->mousePressAndHoldInterval() + 100);
  QVERIFY(!QApplication::activePopupWidget());
  release(m_beside->wheel(), on_wheel(60, 0.3));
}

/// Each on the piece as it is, with a hex being typed, while photos are decoded; what is left goes on.
void BesideTask::the_window_the_companion_and_the_bus_go_in_any_order() {
  m_desk.reset();
  std::array<int, 3> order = {0, 1, 2};
  do {
    AnsweredDialogs answers;
    WindowHands hands;
    AppModel model;
    PieceDialogs dialogs(model, answers);
    WindowQuestions questions(dialogs);
    FileJob job;
    Documents documents(model, questions, job);
    CopyOnPick copy_on_pick(model);
    auto window = std::make_unique<MainWindow>(model, job, documents, copy_on_pick, dialogs);
    auto beside = std::make_unique<Beside>(model, copy_on_pick, *window);
    auto bus = std::make_unique<PaletteService>(model, model.picking(), model.watch(), [] { return false; });
    model.set_unfinished(&hands);
    questions.ask_over(*window);
    QVERIFY(Waited(documents, job).open(QStringLiteral(DEMO_PIECE)));
    window->show();
    beside->show(CompanionShape::Column);
    QCoreApplication::processEvents();
    auto* hex = window->findChild<QLineEdit*>("hex");
    hex->setFocus();
    QTest::keyClicks(hex, "d8");
    for (const int next : order) {
      if (next == 0) window.reset();
      if (next == 1) beside.reset();
      if (next == 2) bus.reset();
      model.picking().nudge_value(-1);
      model.laying().lay_current();
      QCoreApplication::processEvents();
    }
    QVERIFY(model.store().edited());
    documents.finish();
  } while (std::next_permutation(order.begin(), order.end()));
}

DESK_TEST_MAIN(BesideTask)
#include "beside_task_test.moc"
