// SPDX-License-Identifier: GPL-3.0-or-later
// Hands of every kind on every view: a table of views times acts, each cell played.
#include "app/band/staff_view.h"
#include "app/band/value_axis.h"
#include "app/companion/companion.h"
#include "app/companion/strip_view.h"
#include "app/controls/number_field.h"
#include "app/desks/grade/rows_view.h"
#include "app/desks/grade/versions_view.h"
#include "app/desks/pick/mix_view.h"
#include "app/desks/pick/toward_bar.h"
#include "app/desks/share/share_stage.h"
#include "app/desks/try/try_view.h"
#include "app/photo/photo_view.h"
#include "app/platform/keys.h"
#include "app/screen/frozen_screen.h"
#include "app/wheel/mask_hands.h"
#include "app/wheel/wheel_view.h"
#include "core/piece/edits.h"
#include "core/piece/laying.h"
#include "desk.h"

#include <QBuffer>
#include <QContextMenuEvent>
#include <QDir>
#include <QDropEvent>
#include <QInputMethodEvent>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLabel>
#include <QMenu>
#include <QMimeData>
#include <QScreen>
#include <QStyleHints>
#include <QTableView>
#include <QTimer>
#include <qpa/qplatformnativeinterface.h>

#include <fstream>

using namespace zc;
using namespace zc::test;

namespace {

Piece a_piece() {
  Piece p = new_piece("2026-11-29");
  const auto step = [&p](Result<Piece> next) {
    if (!next) qFatal("%s", next.error().sentence().c_str());
    p = std::move(next).value();
  };
  step(with_laid_families(
      p, {{"one", {{{0.8, 0.4, 0.2}, {}}, {{0.3, 0.3, 0.6}, {}}}}, {"two", {{{0.2, 0.5, 0.3}, {}}}}}));
  step(with_version_kept(p, p.current_set, "before"));
  QImage image(48, 36, QImage::Format_RGB32);
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x)
      image.setPixelColor(x, y, QColor::fromHsv(x * 7 % 360, 60 + y * 5, 255 - y * 4));
  QByteArray png;
  QBuffer buffer(&png);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  step(with_reference(p, "photo", "png", std::make_shared<const Bytes>(png.begin(), png.end())));
  step(with_area_added(p, {AreaMode::Adds, Polygon{{{0.5, 0.1}, {-0.3, 0.6}, {-0.5, -0.4}, {0.3, -0.6}}}}));
  return p;
}

bool near_point(DiscPoint a, DiscPoint b) { return std::hypot(a.x - b.x, a.y - b.y) < 1e-6; }

void draw_with_mouse(QWidget& w, const std::vector<QPointF>& places) {
  press(w, places[0]);
  for (const QPointF& p : places) move(w, p);
  release(w, places.back());
}

/// The screens of the toolkit's platform without a monitor, side by side.
QJsonObject screens(int count, int ratio) {
  QJsonArray out;
  for (int i = 0; i < count; ++i)
    out << QJsonObject{{"name", i == 0 ? "left" : "right"},
                       {"x", 1920 * i},
                       {"y", 0},
                       {"width", 1920},
                       {"height", 1080},
                       {"logicalDpi", 96},
                       {"logicalBaseDpi", 96},
                       {"dpr", ratio}};
  return {{"screens", out}};
}

/// One is plugged in or pulled out, or shows everything larger. The platform's own way, which has no public
/// header.
void plug_screens(int count, int ratio = 1) {
  using Plug = void (*)(const QJsonObject&, QPlatformNativeInterface*);
  QPlatformNativeInterface* platform = QGuiApplication::platformNativeInterface();
  const auto plug = reinterpret_cast<Plug>(platform->nativeResourceForIntegration("setConfiguration"));
  if (!plug) qFatal("this platform's screens stay as they are");
  plug(screens(count, ratio), platform);
}

/// What a key of a keyboard gives, plain and with Shift, by its scan code.
using Layout = std::map<quint32, std::pair<char32_t, char32_t>>;

/// Of xkeyboard-config (tests/reference/make_layouts.py).
std::map<std::string, Layout> layouts() {
  std::map<std::string, Layout> out;
  std::ifstream file(REFERENCE_FOLDER "/layouts.txt");
  std::string name;
  quint32 code = 0, plain = 0, shifted = 0;
  while (file >> name >> std::dec >> code >> std::hex >> plain >> shifted) out[name][code] = {plain, shifted};
  if (out.size() != 7) qFatal("seven layouts");
  return out;
}

/// The toolkit's key for a sign.
int key_of(char32_t sign) { return static_cast<int>(QChar::toUpper(sign)); }

QPointingDevice* screen() {
  static QPointingDevice* one = QTest::createTouchDevice();
  return one;
}

/// Where a drag goes, and whether it changes something before it is let go.
struct Pull {
  QWidget* part;
  QPointF from, to;
  bool live = true;
};

} // namespace

class HandsTask : public QObject {
  Q_OBJECT
private slots:
  void initTestCase() {
    plug_screens(2);
    m_desk = std::make_unique<DeskTop>();
    m_desk->program.beside.show(CompanionShape::Column);
    stand_on_other_screen();
    QCoreApplication::processEvents();
  }
  void init() {
    AtHand at_hand;
    at_hand.current = {0.6, 0.45, 0.3};
    at_hand.wells[3] = Srgb{0.1, 0.2, 0.5};
    model().start(a_piece(), at_hand, true);
    m_mixes = false;
    m_desk->program.beside.show(CompanionShape::Column);
    model().viewing().show_desk(Desk::Pick);
    m_desk->window.activateWindow();
    QVERIFY(QTest::qWaitForWindowActive(&m_desk->window));
    QVERIFY(m_desk->photo_shown());
  }
  void drags_end_as_they_began_data();
  void drags_end_as_they_began();
  void a_pen_does_what_the_mouse_does_data();
  void a_pen_does_what_the_mouse_does();
  void a_finger_does_what_the_mouse_does_data();
  void a_finger_does_what_the_mouse_does();
  void two_fingers_zoom();
  void two_fingers_move_what_is_zoomed();
  void the_sheet_is_moved_and_let_go();
  void the_frozen_screen_keeps_to_its_button();
  void a_held_press_ends_with_its_piece();
  void lists_and_versions_listen_to_keys();
  void a_pen_opens_menus_and_adds_corners();
  void quick_steps_are_one_step_of_undo();
  void fine_wheels_gather_to_steps();
  void wheels_pass_over_what_has_no_focus();
  void space_that_goes_up_elsewhere_is_up();
  void letters_are_typed_where_letters_are_taken();
  void every_act_has_keys_data();
  void every_act_has_keys();
  void a_pointer_by_keys_begins_and_ends();
  void focus_always_leaves_data();
  void focus_always_leaves();
  void menus_by_key_open_at_what_is_chosen();
  void drops_say_whether_they_are_taken();
  void input_methods_write_in_every_field();
  void notices_are_seen_where_only_the_companion_is();
  void a_large_scale_on_a_small_screen_cuts_nothing();
  void windows_come_back_from_a_screen_that_went();
  void digits_are_found_by_their_place_data();
  void digits_are_found_by_their_place();
  void every_shortcut_has_a_key_on_every_layout();
  void windows_live_through_sizes_and_scales();

private:
  AppModel& model() { return m_desk->model(); }
  Companion& beside() {
    for (QWidget* w : QApplication::topLevelWidgets())
      if (auto* found = qobject_cast<Companion*>(w)) return *found;
    qFatal("there is no companion");
  }
  /// Where it covers nothing.
  void stand_on_other_screen() {
    beside().setScreen(QGuiApplication::screens().last());
    beside().apply_place({2000, 60, 280, 760});
  }
  QUndoStack& stack() { return model().store().stack(); }
  template <class W> W& find(const char* name, Desk desk, SetView view = SetView::Staff) {
    model().viewing().show_desk(desk);
    model().viewing().show_set_view(view);
    QCoreApplication::processEvents();
    if (auto* found = m_desk->window.findChild<W*>(QLatin1String(name))) return *found;
    m_desk->make_all();
    for (QWidget* w : QApplication::allWidgets())
      if (auto* found = qobject_cast<W*>(w); found && w->objectName() == QLatin1String(name)) return *found;
    qFatal("there is no %s", name);
  }
  const Swatch& swatch(std::size_t family, std::size_t i) {
    return current_set(model().piece())->families[family].swatches[i];
  }
  std::map<std::string, std::function<Pull()>> ways();
  struct State {
    Piece piece;
    Session session;
  };
  State state() { return {model().piece(), model().session()}; }
  /// Of what a drag can change; the desk may be another.
  bool same(const State& a) {
    Parts other = change_between(a.session, model().session());
    for (const Part p : {Part::Desk, Part::AtHand, Part::Looking}) other.remove(p);
    if (!m_mixes) other.remove(Part::Mixing);
    return a.piece == model().piece() && !other.any();
  }
  void right_button(QWidget& w, QPointF at);
  /// What a hand has done over a way, in whole pixels, with a piece that is new.
  template <class Hand> State made(const QString& what, const Hand& hand) {
    init();
    const Pull way = ways().at(what.toStdString())();
    std::vector<QPointF> places;
    for (const QPointF& p : {way.from, (way.from + way.to) / 2, way.to}) places.emplace_back(p.toPoint());
    hand(*way.part, places);
    QCoreApplication::processEvents();
    return state();
  }
  std::map<std::string, std::function<bool()>> acts_by_keys();
  /// A pointer over a view, moved by keys to a place.
  void point(QWidget& view, QPointF at);
  static void press_key(QWidget& view, int key, Qt::KeyboardModifiers m = {}) {
    QTest::keyClick(&view, static_cast<Qt::Key>(key), m);
  }
  std::unique_ptr<DeskTop> m_desk;
  bool m_mixes = false; ///< The field of mixtures is dragged, which else only follows the color.
};

std::map<std::string, std::function<Pull()>> HandsTask::ways() {
  std::map<std::string, std::function<Pull()>> out;
  const auto middle = [](QWidget& w) { return QRectF(w.rect()).center(); };
  const auto on = [=, this](const char* part, Desk desk, QPointF by) {
    return [=, this] {
      auto& w = find<QWidget>(part, desk);
      return Pull{&w, middle(w), middle(w) + by};
    };
  };
  out["pick on the wheel"] = on("wheel", Desk::Pick, {30, 20});
  out["pick on the section"] = on("section", Desk::Pick, {14, 30});
  out["pick on the rail"] = on("rail", Desk::Pick, {0, 40});
  out["pick on the companion's wheel"] = on("besideWheel", Desk::Pick, {20, 15});
  out["pick on the companion's rail"] = on("besideRail", Desk::Pick, {0, 30});
  out["pick on the companion's strip"] = [this] {
    m_desk->program.beside.show(CompanionShape::Strip);
    auto& strip = beside().strip();
    return Pull{&strip, strip.axis_point(40), strip.axis_point(70)};
  };
  out["sample of the photo"] = on("photo", Desk::Observe, {30, 20});
  out["a corner of the mask"] = [this] {
    auto& w = find<WheelView>("maskWheel", Desk::Limit);
    const QPointF from = w.screen_point({0.5, 0.1});
    return Pull{&w, from, from + QPointF(-30, 20)};
  };
  out["an edge of the mask"] = [this] {
    auto& w = find<WheelView>("maskWheel", Desk::Limit);
    const QPointF from = w.screen_point({0.1, 0.35});
    return Pull{&w, from, from + QPointF(10, -30)};
  };
  out["an area of the mask"] = [this] {
    auto& w = find<WheelView>("maskWheel", Desk::Limit);
    const QPointF from = w.screen_point({0, 0});
    return Pull{&w, from, from + QPointF(15, 20)};
  };
  out["a turn of the mask"] = [this] {
    auto& w = find<QWidget>("maskWheel", Desk::Limit);
    return Pull{&w, {6, w.height() / 2.0}, {6, w.height() / 2.0 - 50}};
  };
  out["the edge of the masked photo"] = [this] {
    find<QAbstractButton>("page.reference", Desk::Limit).click();
    Looking looking = model().session().looking;
    looking.edge = 0.2;
    model().viewing().look_at(looking);
    auto& w = find<QWidget>("maskedPreview", Desk::Limit);
    return Pull{&w, {w.width() / 2.0, 10}, {w.width() / 2.0 + 20, 12}};
  };
  out["a number"] = [this] {
    auto& w = find<NumberField>("maskTurned", Desk::Limit);
    return Pull{&w, {10, 8}, {60, 8}};
  };
  out["a limit of the bands"] = [this] {
    auto& staff = find<StaffView>("staff", Desk::Grade);
    const QPointF from = staff.limit_rect(true).center();
    return Pull{&staff, from, from + QPointF(0, 30)};
  };
  out["the grip that shifts values"] = [this] {
    auto& staff = find<StaffView>("staff", Desk::Grade);
    model().laying().select_swatch(swatch(0, 0).id);
    const QRectF chip = staff.swatch_rect(swatch(0, 0).id);
    const QPointF from(chip.right() + 11, chip.center().y());
    return Pull{&staff, from, from + QPointF(0, 30)};
  };
  out["a swatch on the staff"] = [this] {
    auto& staff = find<StaffView>("staff", Desk::Grade);
    const QPointF from = staff.swatch_rect(swatch(0, 0).id).center();
    return Pull{&staff, from, {staff.column_rect(1).center().x(), from.y()}, false};
  };
  out["a family on the staff"] = [this] {
    auto& staff = find<StaffView>("staff", Desk::Grade);
    return Pull{&staff, staff.name_rect(0).center(), staff.name_rect(1).center() + QPointF(30, 0), false};
  };
  out["a swatch in its row"] = [this] {
    auto& rows = find<RowsView>("rows", Desk::Grade, SetView::Rows);
    const QPointF from = rows.swatch_rect(swatch(0, 0).id).center();
    return Pull{rows.viewport(), from, rows.place_rect(1, 2).center(), false};
  };
  out["the edge at Try"] = [this] {
    Trying trying = model().session().trying;
    trying.two = true;
    model().viewing().try_on(trying);
    auto& w = find<TryView>("tryPicture", Desk::Try);
    if (!comes_true([&] { return w.pixel_at(QRectF(w.rect()).center()).has_value(); })) qFatal("no picture");
    const QPointF from(w.edge_x(), w.height() / 2.0);
    return Pull{&w, from, from + QPointF(40, 0)};
  };
  out["a mixture"] = [this] {
    m_mixes = true;
    find<QAbstractButton>("page.mixing", Desk::Pick).click();
    auto& w = find<MixView>("mixField", Desk::Pick);
    Mixing mixing = model().session().at_hand.mixing;
    mixing.corners = {{{0.8, 0.3, 0.1}}, {{0.1, 0.3, 0.6}}};
    model().picking().mix_by_hand(mixing);
    if (!comes_true([&] { return model().paints().field().has_value(); })) qFatal("no field");
    return Pull{&w, w.field_rect().center(), w.field_rect().center() + QPointF(30, 0)};
  };
  out["toward white and black"] = [this] {
    m_mixes = true;
    find<QAbstractButton>("page.mixing", Desk::Pick).click();
    auto& w = find<TowardBar>("mix.toward", Desk::Pick);
    return Pull{&w, w.place_of(0.1), w.place_of(0.7)};
  };
  out["a tint in its strip"] = [this] {
    auto& w = find<QWidget>("strip.tints", Desk::Pick);
    return Pull{&w, {8, 8}, {9, 8}, false};
  };
  out["a well"] = [this] {
    auto& w = find<QWidget>("wells", Desk::Pick);
    return Pull{&w, {w.width() * 3.5 / 8, 14}, {w.width() * 3.5 / 8 + 1, 14}, false};
  };
  return out;
}

void HandsTask::right_button(QWidget& w, QPointF at) {
  send_mouse(w, QEvent::MouseButtonPress, at, Qt::RightButton, Qt::LeftButton | Qt::RightButton);
  QContextMenuEvent menu(QContextMenuEvent::Mouse, at.toPoint(), w.mapToGlobal(at.toPoint()));
  QCoreApplication::sendEvent(&w, &menu);
  QVERIFY(!QApplication::activePopupWidget());
  send_mouse(w, QEvent::MouseButtonRelease, at, Qt::RightButton, Qt::LeftButton);
}

void HandsTask::drags_end_as_they_began_data() {
  QTest::addColumn<QString>("what");
  QTest::addColumn<QString>("act");
  for (const auto& [what, way] : ways())
    for (const char* act : {"let go outside", "right button", "Escape", "window left", "desk changed",
                            "release lost", "menu key", "another piece"})
      QTest::addRow("%s: %s", what.c_str(), act) << QString::fromStdString(what) << QString::fromLatin1(act);
}

/// What is asked after each act: the button may still be down, and nothing follows it any more.
void HandsTask::drags_end_as_they_began() {
  QFETCH(QString, what);
  QFETCH(QString, act);
  const Pull way = ways().at(what.toStdString())();
  QWidget& w = *way.part;
  const State before = state();
  const int steps = stack().count();
  press(w, way.from);
  move(w, (way.from + way.to) / 2);
  move(w, way.to);
  if (way.live) QVERIFY(!same(before));
  const State pulled = state();
  if (act == "right button") {
    right_button(w, way.to);
    move(w, way.from);
    if (way.live) QVERIFY(!same(pulled)); // It goes on,
    release(w, way.from);                 // and ends with its own button.
    const State ended = state();
    move(w, way.to, Qt::NoButton);
    QVERIFY(same(ended));
    return;
  }
  if (act == "let go outside") {
    move(w, {-400, -400});
    release(w, {-400, -400});
    const State ended = state();
    move(w, way.to, Qt::NoButton);
    move(w, way.from, Qt::NoButton);
    QVERIFY(same(ended));
    return;
  }
  QWidget* window = w.window();
  if (act == "Escape") {
    QTest::keyClick(QApplication::focusWidget() ? QApplication::focusWidget() : window, Qt::Key_Escape);
    QVERIFY(same(before));
    QCOMPARE(stack().count(), steps);
  } else if (act == "window left") {
    QEvent left(QEvent::WindowDeactivate);
    QCoreApplication::sendEvent(window, &left);
  } else if (act == "desk changed") {
    model().viewing().show_desk(model().session().desk == Desk::Share ? Desk::Pick : Desk::Share);
    if (window != &m_desk->window) return; // The companion shows every desk.
  } else if (act == "release lost") {
    move(w, way.to, Qt::NoButton);
  } else if (act == "menu key") {
    QTimer::singleShot(0, [] {
      while (QWidget* popup = QApplication::activePopupWidget()) popup->close();
    });
    QContextMenuEvent menu(QContextMenuEvent::Keyboard, way.to.toPoint(), w.mapToGlobal(way.to.toPoint()));
    QCoreApplication::sendEvent(&w, &menu);
    QCoreApplication::processEvents();
    QVERIFY(!QApplication::activePopupWidget());
  } else {
    model().start(a_piece(), {}, true);
  }
  const State ended = state();
  if (act != "Escape" && act != "another piece" && way.live && what != "the grip that shifts values")
    QVERIFY(same(pulled));
  move(w, way.from);
  move(w, way.from + QPointF(3, 3));
  release(w, way.from + QPointF(3, 3));
  QVERIFY(same(ended));
}

void HandsTask::a_pen_does_what_the_mouse_does_data() {
  QTest::addColumn<QString>("what");
  for (const auto& [what, way] : ways())
    if (what.find("companion") == std::string::npos)
      QTest::addRow("%s", what.c_str()) << QString::fromStdString(what);
}

void HandsTask::a_pen_does_what_the_mouse_does() {
  QFETCH(QString, what);
  const State by_mouse = made(what, draw_with_mouse);
  made(what, draw_with_pen);
  QVERIFY(same(by_mouse));
  AtHand by_pen = model().session().at_hand;
  // The field of mixtures is filled when it is first seen, which is at another time for the second hand.
  if (!m_mixes) by_pen.mixing = by_mouse.session.at_hand.mixing;
  QCOMPARE(by_pen, by_mouse.session.at_hand);
}

void HandsTask::a_finger_does_what_the_mouse_does_data() { a_pen_does_what_the_mouse_does_data(); }

void HandsTask::a_finger_does_what_the_mouse_does() {
  QFETCH(QString, what);
  const State by_mouse = made(what, draw_with_mouse);
  made(what, [](QWidget& w, const std::vector<QPointF>& places) {
    QTest::touchEvent(&w, screen()).press(0, places[0].toPoint());
    for (const QPointF& p : places) QTest::touchEvent(&w, screen()).move(0, p.toPoint());
    QTest::touchEvent(&w, screen()).release(0, places.back().toPoint());
  });
  QVERIFY(same(by_mouse));
}

void HandsTask::two_fingers_zoom() {
  const std::pair<const char*, Desk> views[] = {{"wheel", Desk::Pick},
                                                {"photo", Desk::Observe},
                                                {"tryPicture", Desk::Try},
                                                {"shareStage", Desk::Share}};
  for (const auto& [name, desk] : views) {
    auto& w = find<QWidget>(name, desk);
    QTest::qWait(100);
    const QPoint middle = w.rect().center(), half(30, 0);
    const QImage before = w.grab().toImage();
    QTest::touchEvent(&w, screen()).press(0, middle - half).press(1, middle + half);
    for (int i = 1; i <= 6; ++i)
      QTest::touchEvent(&w, screen())
          .move(0, middle - half - QPoint(8 * i, 0))
          .move(1, middle + half + QPoint(8 * i, 0));
    QTest::touchEvent(&w, screen()).release(0, middle - half).release(1, middle + half);
    QVERIFY2(comes_true([&] { return w.grab().toImage() != before; }), name);
    if (const auto* photo = qobject_cast<PhotoView*>(&w)) QVERIFY(photo->zoom() > 1);
    if (const auto* wheel = qobject_cast<WheelView*>(&w)) QVERIFY(wheel->zoom() > 1.5);
  }
}

void HandsTask::two_fingers_move_what_is_zoomed() {
  auto& sheet = find<ShareStage>("shareStage", Desk::Share);
  sheet.setFocus();
  press_key(sheet, Qt::Key_0);
  for (int i = 0; i < 4; ++i) press_key(sheet, Qt::Key_Plus);
  const QPoint left = sheet.rect().center() - QPoint(30, 0), right = left + QPoint(60, 0);
  const QPointF before = sheet.place_of(0, 0);
  QTest::touchEvent(&sheet, screen()).press(0, left).press(1, right);
  for (int i = 1; i <= 6; ++i) {
    const QPoint by(7 * i, 5 * i);
    QTest::touchEvent(&sheet, screen()).move(0, left + by).move(1, right + by);
  }
  QTest::touchEvent(&sheet, screen()).release(0, left).release(1, right);
  // A first stretch is taken to tell a gesture from two taps.
  const QPointF moved = sheet.place_of(0, 0) - before;
  QVERIFY2(moved.x() > 20 && moved.x() <= 42.5, qPrintable(QString::number(moved.x())));
  QVERIFY2(moved.y() > 12 && moved.y() <= 30.5, qPrintable(QString::number(moved.y())));
}

void HandsTask::the_sheet_is_moved_and_let_go() {
  auto& sheet = find<ShareStage>("shareStage", Desk::Share);
  const auto at = [&] { return sheet.place_of(0, 0); };
  sheet.setFocus();
  press_key(sheet, Qt::Key_0);
  for (int i = 0; i < 4; ++i) press_key(sheet, Qt::Key_Plus);
  const QPointF middle(sheet.rect().center()), before = at();
  press(sheet, middle);
  move(sheet, middle + QPointF(30, 10));
  QCOMPARE(at() - before, QPointF(30, 10));
  right_button(sheet, middle);
  move(sheet, middle + QPointF(40, 20));
  QCOMPARE(at() - before, QPointF(40, 20));
  for (const bool another_piece : {false, true}) {
    press(sheet, middle);
    if (another_piece) model().start(a_piece(), {}, true);
    QEvent lost(QEvent::WindowDeactivate);
    QCoreApplication::sendEvent(&m_desk->window, &lost);
    const QPointF ended = at();
    move(sheet, middle);
    QCOMPARE(at(), ended);
    release(sheet, middle);
  }
}

void HandsTask::the_frozen_screen_keeps_to_its_button() {
  FrozenScreen frozen(model(), model().picking(), model().viewing(), *m_desk->window.screen(),
                      FrozenScreen::Use::Picture);
  frozen.show();
  QSize taken;
  bool left = false;
  connect(&frozen, &FrozenScreen::pictureTaken, this, [&](const QImage& picture) { taken = picture.size(); });
  connect(&frozen, &FrozenScreen::left, this, [&] { left = true; });
  const QPointF from(100, 100), to(220, 180);
  press(frozen, from);
  move(frozen, to);
  right_button(frozen, to);
  QVERIFY(!left);
  QTest::keyClick(&frozen, Qt::Key_Escape); // The part that is drawn is called off first, and then all.
  QVERIFY(!left);
  release(frozen, to);
  QVERIFY(taken.isEmpty());
  draw_with_mouse(frozen, {from, to});
  QVERIFY2(std::abs(taken.width() - 121) <= 1 && std::abs(taken.height() - 81) <= 1,
           qPrintable(QString::number(taken.width())));
  QTest::keyClick(&frozen, Qt::Key_Escape);
  QVERIFY(left);
}

/// What is held when another piece comes opens no menu of that piece.
void HandsTask::a_held_press_ends_with_its_piece() {
  auto& staff = find<StaffView>("staff", Desk::Grade);
  int menus = 0;
  QTimer closes;
  connect(&closes, &QTimer::timeout, this, [&] {
    if (auto* menu = QApplication::activePopupWidget(); menu && ++menus) menu->close();
  });
  closes.start(20);
  const int long_enough = QGuiApplication::styleHints()->mousePressAndHoldInterval() + 200;
  for (const bool another_piece : {true, false}) {
    const QPointF at = staff.swatch_rect(swatch(0, 0).id).center();
    press(staff, at);
    if (another_piece) model().start(a_piece(), {}, true);
    QTest::qWait(long_enough);
    QCOMPARE(menus, another_piece ? 0 : 1);
    release(staff, at);
  }
}

void HandsTask::lists_and_versions_listen_to_keys() {
  auto& table = find<QTableView>("list", Desk::Grade, SetView::List);
  table.setFocus();
  table.setCurrentIndex(table.model()->index(1, 0));
  const Id second = model().session().selection.focus();
  QVERIFY(second);
  QTest::keyClick(&table, Qt::Key_F2);
  auto* editor = qobject_cast<QLineEdit*>(QApplication::focusWidget());
  QVERIFY(editor && table.isAncestorOf(editor));
  QTest::keyClicks(editor, QStringLiteral("P3 ink")); // No shortcut of one letter takes part of it.
  QTest::keyClick(editor, Qt::Key_Return);
  QTRY_COMPARE(find_swatch(model().piece(), second)->name, std::string("P3 ink"));
  QTest::keyClick(&table, Qt::Key_F2);
  QTest::keyClicks(QApplication::focusWidget(), QStringLiteral("other"));
  QTest::keyClick(QApplication::focusWidget(), Qt::Key_Escape);
  QTRY_VERIFY(table.findChildren<QLineEdit*>().isEmpty());
  QCOMPARE(find_swatch(model().piece(), second)->name, std::string("P3 ink"));
  auto& versions = find<VersionsView>("versions", Desk::Grade, SetView::Versions);
  versions.setFocus();
  QTest::keyClick(&versions, Qt::Key_Right);
  QTest::keyClick(&versions, Qt::Key_Return);
  QVERIFY(current_set(model().piece())->families == current_set(model().piece())->versions[0].families);
}

/// Two taps, and the button at the barrel.
void HandsTask::a_pen_opens_menus_and_adds_corners() {
  auto& wheel = find<WheelView>("maskWheel", Desk::Limit);
  const auto corners = [this] {
    return std::get<Polygon>(model().piece().mask->areas[0].shape).points.size();
  };
  const QPointF edge = wheel.screen_point({0.1, 0.35});
  for (int tap = 0; tap < 2; ++tap) {
    pen(wheel, edge, Qt::LeftButton);
    pen(wheel, edge, Qt::NoButton);
  }
  QCOMPARE(corners(), std::size_t{5});
  QStringList offered;
  QTimer closes;
  connect(&closes, &QTimer::timeout, this, [&] {
    auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
    if (!menu) return;
    for (const auto* action : menu->actions()) offered << action->text();
    menu->close();
  });
  closes.start(20);
  pen(wheel, wheel.screen_point({0.5, 0.1}), Qt::RightButton);
  pen(wheel, wheel.screen_point({0.5, 0.1}), Qt::NoButton);
  QVERIFY(!offered.isEmpty());
  QCOMPARE(m_desk->window.focusWidget(), &wheel);
}

void HandsTask::quick_steps_are_one_step_of_undo() {
  auto& wheel = find<WheelView>("maskWheel", Desk::Limit);
  const Piece before = model().piece();
  const int steps = stack().count();
  wheel.setFocus();
  for (int i = 0; i < 40; ++i) QTest::keyClick(&wheel, Qt::Key_Right);
  QCOMPARE(stack().count(), steps + 1);
  QTest::keyClick(&wheel, Qt::Key_Right, Qt::ControlModifier); // A turn is another act.
  QCOMPARE(stack().count(), steps + 2);
  auto& field = find<NumberField>("maskTurned", Desk::Limit);
  field.setFocus();
  for (int i = 0; i < 10; ++i) QTest::keyClick(&field, Qt::Key_Up);
  for (int i = 0; i < 10; ++i) turn_wheel(field, {5, 5}, 1);
  QCOMPARE(stack().count(), steps + 3);
  QTest::qWait(static_cast<int>(PieceStore::kRun.count()) + 100);
  QTest::keyClick(&field, Qt::Key_Up);
  QCOMPARE(stack().count(), steps + 4);
  for (int i = 0; i < 4; ++i) stack().undo();
  QCOMPARE(model().piece(), before);
}

void HandsTask::fine_wheels_gather_to_steps() {
  const auto fine = [](QWidget& w, int eighths, Qt::KeyboardModifiers m = {}) {
    for (int i = 0; i < std::abs(eighths); ++i) {
      QWheelEvent event({5, 5}, w.mapToGlobal(QPointF(5, 5)), {}, {0, eighths > 0 ? 15 : -15}, Qt::NoButton,
                        m, Qt::NoScrollPhase, false);
      QCoreApplication::sendEvent(&w, &event);
    }
  };
  auto& photo = find<QWidget>("photo", Desk::Observe);
  const int side = model().session().sample_side;
  fine(photo, 7, Qt::ShiftModifier);
  QCOMPARE(model().session().sample_side, side);
  fine(photo, 1, Qt::ShiftModifier);
  const int next = model().session().sample_side;
  QVERIFY(next > side);
  fine(photo, -8, Qt::ShiftModifier);
  QCOMPARE(model().session().sample_side, side);
  find<QAbstractButton>("page.areas", Desk::Limit).click();
  auto& corner = find<NumberField>("area.0", Desk::Limit);
  QCOMPARE(corner.value(), 1.0);
  fine(corner, 8);
  QCOMPARE(corner.value(), 2.0);
  fine(corner, 4);
  QCOMPARE(corner.value(), 2.0);
  fine(corner, -4); // Turned back it begins anew.
  fine(corner, -4);
  QCOMPARE(corner.value(), 1.0);
}

void HandsTask::wheels_pass_over_what_has_no_focus() {
  auto& hues = find<QComboBox>("hueScale", Desk::Limit);
  const Piece before = model().piece();
  find<QWidget>("maskWheel", Desk::Limit).setFocus();
  turn_wheel(hues, {5, 5}, -1);
  QCOMPARE(model().piece(), before);
  hues.setFocus();
  turn_wheel(hues, {5, 5}, -1);
  QVERIFY(!(model().piece() == before));
}

void HandsTask::space_that_goes_up_elsewhere_is_up() {
  auto& photo = find<QWidget>("photo", Desk::Observe);
  photo.setFocus();
  QTest::keyPress(&photo, Qt::Key_Space);
  model().viewing().show_desk(Desk::Pick);
  QCoreApplication::processEvents();
  model().viewing().show_desk(Desk::Observe);
  QCoreApplication::processEvents();
  const Srgb before = model().session().color();
  click(photo, QRectF(photo.rect()).center());
  QVERIFY(!(model().session().color() == before));
}

void HandsTask::letters_are_typed_where_letters_are_taken() {
  auto& hues = find<QComboBox>("hueScale", Desk::Limit);
  const bool kept = model().session().keeps_reference[static_cast<std::size_t>(Desk::Limit)];
  hues.setFocus();
  QTest::keyClicks(&hues, QStringLiteral("ink"));
  QCOMPARE(hues.currentData().toInt(), static_cast<int>(HueScale::Ink));
  QCOMPARE(model().session().keeps_reference[static_cast<std::size_t>(Desk::Limit)], kept);
  auto& wheel = find<QWidget>("maskWheel", Desk::Limit);
  wheel.setFocus();
  QTest::keyClick(&wheel, Qt::Key_K);
  QVERIFY(model().session().keeps_reference[static_cast<std::size_t>(Desk::Limit)] != kept);
}

/// What the toolkit tells of the third key of the row, plain and with Shift.
void HandsTask::digits_are_found_by_their_place_data() {
  QTest::addColumn<int>("plain");
  QTest::addColumn<int>("shifted");
  for (const auto& [name, layout] : layouts())
    QTest::addRow("%s", name.c_str()) << key_of(layout.at(12).first) << key_of(layout.at(12).second);
}

void HandsTask::digits_are_found_by_their_place() {
  QFETCH(int, plain);
  QFETCH(int, shifted);
  auto& wheel = find<QWidget>("wheel", Desk::Pick);
  wheel.setFocus();
  const auto third = [&](QWidget& w, int key, Qt::KeyboardModifiers m) {
    constexpr quint32 place = 12;
    QKeyEvent asked(QEvent::ShortcutOverride, key, m, place, 0, 0, QString(QChar(key)));
    asked.ignore();
    QCoreApplication::sendEvent(&w, &asked);
    QKeyEvent pressed(QEvent::KeyPress, key, m, place, 0, 0, QString(QChar(key)));
    QCoreApplication::sendEvent(&w, &pressed);
    return asked.isAccepted();
  };
  const Srgb color = model().session().color();
  QVERIFY(third(wheel, shifted, Qt::ShiftModifier));
  QCOMPARE(model().at_hand().wells[2], color);
  model().picking().use_color({0.2, 0.7, 0.4});
  QVERIFY(third(wheel, plain, Qt::NoModifier));
  QVERIFY(model().session().color() == color);
  auto& hex = find<QLineEdit>("hex", Desk::Pick);
  hex.setFocus();
  hex.selectAll();
  third(hex, plain, Qt::NoModifier);
  QCOMPARE(hex.text(), QString(QChar(plain)));
  QVERIFY(third(hex, plain, Qt::ControlModifier));
  QCOMPARE(model().session().desk, Desk::Pick);
}

/// A letter stands on a key of its own, in any of the layouts; a digit there, or in the row of digits at its
/// place, where the test above presses it; the rest are keys without a sign. Keys of the views may need
/// Shift.
void HandsTask::every_shortcut_has_a_key_on_every_layout() {
  QSet<int> keys;
  for (const auto* action : m_desk->window.findChildren<QAction*>())
    for (const QKeySequence& sequence : action->shortcuts())
      for (int i = 0; i < sequence.count(); ++i) keys << sequence[static_cast<uint>(i)].key();
  keys.remove(Qt::Key_unknown);
  QVERIFY(keys.contains(Qt::Key_L) && keys.contains(Qt::Key_6) && keys.size() > 30);
  for (const auto& [name, layout] : layouts()) {
    const auto on_a_key = [&layout = layout](int key, bool shift_too) {
      return std::any_of(layout.begin(), layout.end(), [&](const auto& k) {
        return key_of(k.second.first) == key || (shift_too && key_of(k.second.second) == key);
      });
    };
    for (const int key : keys) {
      const bool sign = key < 0x1000000, digit = key >= Qt::Key_1 && key <= Qt::Key_9;
      QVERIFY2(!sign || digit || on_a_key(key, false),
               qPrintable(QString::fromStdString(name) + QKeySequence(key).toString()));
    }
    for (const int key : {Qt::Key_Plus, Qt::Key_Minus, Qt::Key_0})
      QVERIFY2(on_a_key(key, true), qPrintable(QString::fromStdString(name) + QKeySequence(key).toString()));
  }
}

void HandsTask::point(QWidget& view, QPointF at) {
  const auto* area = qobject_cast<QAbstractScrollArea*>(&view);
  const QPointF from = QRectF((area ? area->viewport() : &view)->rect()).center().toPoint();
  view.setFocus();
  m_desk->trigger("movePointerByKeys");
  const auto go = [&](int way, Qt::Key back, Qt::Key forth) {
    const Qt::Key key = way < 0 ? back : forth;
    way = std::abs(way);
    for (; way >= 48; way -= 48) press_key(view, key, Qt::ShiftModifier);
    for (; way >= 8; way -= 8) press_key(view, key);
    for (; way >= 1; --way) press_key(view, key, Qt::AltModifier);
  };
  go(static_cast<int>(std::lround(at.x() - from.x())), Qt::Key_Left, Qt::Key_Right);
  go(static_cast<int>(std::lround(at.y() - from.y())), Qt::Key_Up, Qt::Key_Down);
}

/// What is done with a mouse in the views, done without one; whatever has a key or a command of its own
/// stands in the test of commands.
std::map<std::string, std::function<bool()>> HandsTask::acts_by_keys() {
  std::map<std::string, std::function<bool()>> out;
  const auto color = [this] { return model().session().color(); };
  const auto drag_by_keys = [this](QWidget& view, QPointF from, int key, int times) {
    point(view, from);
    press_key(view, Qt::Key_Space);
    for (int i = 0; i < times; ++i) press_key(view, key);
    press_key(view, Qt::Key_Space);
  };
  for (const auto& [name, part, desk] : {std::tuple("pick on the wheel", "wheel", Desk::Pick),
                                         std::tuple("pick on the section", "section", Desk::Pick),
                                         std::tuple("pick on the rail", "rail", Desk::Pick),
                                         std::tuple("sample the photo", "photo", Desk::Observe)})
    out[name] = [=, this, part = part, desk = desk] {
      auto& w = find<QWidget>(part, desk);
      const Srgb before = color();
      point(w, QRectF(w.rect()).center() + QPointF(17, 33));
      press_key(w, Qt::Key_Return);
      return !(color() == before);
    };
  out["add a sample to the set"] = [=, this] {
    auto& w = find<QWidget>("photo", Desk::Observe);
    const std::size_t before = swatch_count(*current_set(model().piece()));
    point(w, QRectF(w.rect()).center());
    press_key(w, Qt::Key_Return, Qt::ControlModifier);
    return swatch_count(*current_set(model().piece())) == before + 1;
  };
  out["mark a region of the photo"] = [=, this] {
    auto& w = find<QWidget>("photo", Desk::Observe);
    find<QAbstractButton>("markRegion", Desk::Observe).click();
    point(w, QRectF(w.rect()).center());
    press_key(w, Qt::Key_Space);
    press_key(w, Qt::Key_Right, Qt::ShiftModifier);
    press_key(w, Qt::Key_Down, Qt::ShiftModifier);
    press_key(w, Qt::Key_Space);
    return model().session().looking.region.has_value();
  };
  out["move a corner of the mask"] = [=, this] {
    auto& w = find<WheelView>("maskWheel", Desk::Limit);
    drag_by_keys(w, w.screen_point({0.5, 0.1}), Qt::Key_Left, 4);
    const DiscPoint now = std::get<Polygon>(model().piece().mask->areas[0].shape).points[0];
    return near_point(now, w.disc_point_at(w.screen_point({0.5, 0.1}).toPoint() - QPointF(32, 0)));
  };
  out["bend an edge of the mask"] = [=, this] {
    auto& w = find<WheelView>("maskWheel", Desk::Limit);
    drag_by_keys(w, w.screen_point({0.1, 0.35}), Qt::Key_Up, 3);
    return std::get<Polygon>(model().piece().mask->areas[0].shape).points.size() == 5;
  };
  out["turn the mask by its rim"] = [=, this] {
    auto& w = find<WheelView>("maskWheel", Desk::Limit);
    drag_by_keys(w, {6, w.height() / 2.0}, Qt::Key_Up, 5);
    return model().piece().mask->turned != 0;
  };
  out["draw an area"] = [=, this] {
    auto& w = find<WheelView>("maskWheel", Desk::Limit);
    find<QAbstractButton>("draw.round", Desk::Limit).click();
    drag_by_keys(w, w.screen_point({-0.6, 0.6}), Qt::Key_Right, 4);
    return model().piece().mask->areas.size() == 2;
  };
  out["move a swatch to another family"] = [=, this] {
    auto& staff = find<StaffView>("staff", Desk::Grade);
    const Id id = swatch(0, 0).id;
    point(staff, staff.swatch_rect(id).center());
    press_key(staff, Qt::Key_Space);
    const double way = staff.column_rect(1).center().x() - staff.swatch_rect(id).center().x();
    for (int i = 0; i < way / 48; ++i) press_key(staff, Qt::Key_Right, Qt::ShiftModifier);
    press_key(staff, Qt::Key_Space);
    return find_family_of(model().piece(), id)->name == "two";
  };
  out["move a family"] = [=, this] {
    auto& staff = find<StaffView>("staff", Desk::Grade);
    point(staff, staff.name_rect(0).center());
    press_key(staff, Qt::Key_Space);
    const double way = staff.name_rect(1).right() - 4 - staff.name_rect(0).center().x();
    for (int i = 1; i < way / 8; ++i) press_key(staff, Qt::Key_Right);
    press_key(staff, Qt::Key_Space);
    return current_set(model().piece())->families[0].name == "two";
  };
  out["move a limit of the bands"] = [=, this] {
    auto& staff = find<StaffView>("staff", Desk::Grade);
    const Bands before = model().piece().bands;
    drag_by_keys(staff, staff.limit_rect(true).center(), Qt::Key_Down, 2);
    return !(model().piece().bands == before);
  };
  out["move the edge at Try"] = [=, this] {
    const Pull way = ways().at("the edge at Try")();
    const double before = model().session().trying.edge;
    drag_by_keys(*way.part, way.from, Qt::Key_Right, 4);
    return model().session().trying.edge > before;
  };
  out["read a mixture"] = [=, this] {
    const Pull way = ways().at("a mixture")();
    const Srgb before = color();
    point(*way.part, way.from);
    press_key(*way.part, Qt::Key_Return);
    return !(color() == before);
  };
  out["use, fill, mark and empty a well"] = [=, this] {
    auto& wells = find<QWidget>("wells", Desk::Pick);
    const Srgb before = color();
    wells.setFocus();
    for (int i = 0; i < 20; ++i) press_key(wells, Qt::Key_Left);
    press_key(wells, Qt::Key_Return, Qt::ShiftModifier);
    const bool filled = model().at_hand().wells[0] == before;
    for (int i = 0; i < 3; ++i) press_key(wells, Qt::Key_Right);
    press_key(wells, Qt::Key_Return);
    const bool used = color() == Srgb{0.1, 0.2, 0.5};
    press_key(wells, Qt::Key_Space);
    press_key(wells, Qt::Key_Delete);
    if (!filled || !used) qWarning("filled %d, used %d", filled, used);
    return filled && used && !model().at_hand().wells[3];
  };
  out["use a recent color"] = [=, this] {
    model().picking().use_color({0.3, 0.6, 0.2});
    model().picking().use_color({0.8, 0.1, 0.2});
    auto& wells = find<QWidget>("wells", Desk::Pick);
    wells.setFocus();
    for (int i = 0; i < 20; ++i) press_key(wells, Qt::Key_Left);
    for (int i = 0; i < 9; ++i) press_key(wells, Qt::Key_Right);
    press_key(wells, Qt::Key_Return);
    return color() == Srgb{0.3, 0.6, 0.2};
  };
  out["use a tint"] = [=, this] {
    auto& tints = find<QWidget>("strip.tints", Desk::Pick);
    const Srgb before = color();
    tints.setFocus();
    press_key(tints, Qt::Key_Right);
    press_key(tints, Qt::Key_Return);
    return !(color() == before);
  };
  return out;
}

void HandsTask::every_act_has_keys_data() {
  QTest::addColumn<QString>("what");
  for (const auto& [what, act] : acts_by_keys())
    QTest::addRow("%s", what.c_str()) << QString::fromStdString(what);
}

void HandsTask::every_act_has_keys() {
  QFETCH(QString, what);
  QVERIFY(acts_by_keys().at(what.toStdString())());
}

void HandsTask::a_pointer_by_keys_begins_and_ends() {
  auto& hex = find<QLineEdit>("hex", Desk::Pick);
  hex.setFocus();
  m_desk->trigger("movePointerByKeys");
  QVERIFY(!m_desk->window.findChild<QWidget*>("keyHand"));
  QVERIFY(m_desk->notice().contains("F7"));
  auto& wheel = find<QWidget>("wheel", Desk::Pick);
  const State before = state();
  point(wheel, QRectF(wheel.rect()).center() + QPointF(20, 20));
  press_key(wheel, Qt::Key_Space);
  press_key(wheel, Qt::Key_Right, Qt::ShiftModifier);
  QVERIFY(!same(before));
  const auto moved = [&](Qt::Key key) {
    const auto* mark = m_desk->window.findChild<QWidget*>("keyHand");
    const QPoint at = mark->pos();
    press_key(wheel, key);
    return mark->pos() - at;
  };
  const int step = moved(Qt::Key_Right).x();
  QVERIFY(step > 1);
  QCOMPARE(moved(Qt::Key_Left), QPoint(-step, 0));
  QCOMPARE(moved(Qt::Key_Down), QPoint(0, step));
  QCOMPARE(moved(Qt::Key_Up), QPoint(0, -step));
  press_key(wheel, Qt::Key_Escape); // The drag is called off first,
  QVERIFY(same(before) && m_desk->window.findChild<QWidget*>("keyHand"));
  press_key(wheel, Qt::Key_Escape); // and then the pointer.
  QVERIFY(!m_desk->window.findChild<QWidget*>("keyHand"));
  point(wheel, QRectF(wheel.rect()).center());
  hex.setFocus();
  QVERIFY(!m_desk->window.findChild<QWidget*>("keyHand"));
}

void HandsTask::focus_always_leaves_data() {
  QTest::addColumn<int>("desk");
  QTest::addColumn<int>("view");
  for (const auto& desk : kDeskWords)
    QTest::addRow("%s", std::string(desk.word).c_str()) << int(desk.value) << 0;
  for (const SetView view : {SetView::Rows, SetView::List, SetView::Versions})
    QTest::addRow("set view %d", int(view)) << int(Desk::Grade) << int(view);
}

/// Tab comes round: every widget that takes the focus is reached once, and none keeps it.
void HandsTask::focus_always_leaves() {
  QFETCH(int, desk);
  QFETCH(int, view);
  auto& window = find<QWidget>("title", static_cast<Desk>(desk), static_cast<SetView>(view));
  window.setFocus();
  QList<QWidget*> seen;
  for (int i = 0; i < 400; ++i) {
    QWidget* now = QApplication::focusWidget();
    QVERIFY(now);
    if (now == &window && i > 0) break;
    QVERIFY2(!seen.contains(now), qPrintable(now->objectName()));
    seen << now;
    QTest::keyClick(now, Qt::Key_Tab);
  }
  QVERIFY(seen.size() > 15 && seen.size() < 200);
  for (const char* view_name : {"wells"})
    QVERIFY(desk == int(Desk::Share) || std::any_of(seen.begin(), seen.end(), [&](const QWidget* w) {
              return w->objectName() == QLatin1String(view_name);
            }));
}

void HandsTask::menus_by_key_open_at_what_is_chosen() {
  auto& staff = find<StaffView>("staff", Desk::Grade);
  model().laying().select_family(current_set(model().piece())->families[1].id);
  model().laying().select_swatch(0);
  QCOMPARE(staff.inputMethodQuery(Qt::ImCursorRectangle).toRect(), staff.name_rect(1).toRect());
  model().laying().select_swatch(swatch(0, 1).id);
  QCOMPARE(staff.inputMethodQuery(Qt::ImCursorRectangle).toRect(),
           staff.swatch_rect(swatch(0, 1).id).toRect());
  auto& wheel = find<WheelView>("maskWheel", Desk::Limit);
  QVERIFY(wheel.offers_menu(wheel.inputMethodQuery(Qt::ImCursorRectangle).toRect().center()));
}

void HandsTask::drops_say_whether_they_are_taken() {
  const auto enters = [](QWidget& w, const QMimeData& clip) {
    QDragEnterEvent enter({20, 20}, Qt::CopyAction, &clip, Qt::LeftButton, {});
    enter.ignore();
    QCoreApplication::sendEvent(&w, &enter);
    return enter.isAccepted();
  };
  auto& staff = find<QWidget>("staff", Desk::Pick);
  QMimeData words, address, picture;
  words.setText("good morning");
  address.setUrls({QUrl("https://example.org/a.png")});
  picture.setUrls(address.urls());
  picture.setImageData(QImage(4, 4, QImage::Format_RGB32));
  QVERIFY(!enters(staff, words) && !enters(m_desk->window, address));
  QVERIFY(enters(staff, picture)); // By what is around it.
  const std::size_t before = model().piece().references.size();
  QDropEvent drop({20, 20}, Qt::CopyAction, &picture, Qt::LeftButton, {});
  QCoreApplication::sendEvent(&m_desk->window, &drop);
  QVERIFY(comes_true([&] { return model().piece().references.size() == before + 1; }));
}

/// Letters that are still being put together change nothing; what is committed is typed.
void HandsTask::input_methods_write_in_every_field() {
  int fields = 0;
  for (const auto& desk : kDeskWords) {
    find<QWidget>("title", desk.value);
    const Piece before = model().piece();
    for (auto* field : m_desk->window.findChildren<QLineEdit*>()) {
      if (!field->isVisible() || !field->isEnabled() || field->isReadOnly()) continue;
      field->setFocus();
      field->selectAll();
      QInputMethodEvent preedit(QStringLiteral("5"), {});
      QCoreApplication::sendEvent(field, &preedit);
      QVERIFY2(model().piece() == before,
               qPrintable(field->objectName() + QString::fromStdString(model().piece().title)));
      QVERIFY2(m_desk->window.focusWidget() == field, qPrintable(field->objectName()));
      QInputMethodEvent commit;
      commit.setCommitString(QStringLiteral("5"));
      QCoreApplication::sendEvent(field, &commit);
      QCOMPARE(field->text(), QStringLiteral("5"));
      press_key(*field, Qt::Key_Escape);
      if (qobject_cast<NumberField*>(field))
        QVERIFY2(field->text() != "5" || model().piece() == before, qPrintable(field->objectName()));
      ++fields;
    }
    m_desk->part<QWidget>("title").clearFocus();
    model().start(before, {}, true);
  }
  QVERIFY2(fields > 15, qPrintable(QString::number(fields)));
}

void HandsTask::notices_are_seen_where_only_the_companion_is() {
  auto& said = find<NoticeBar>("besideNotice", Desk::Pick);
  emit model().notice(QStringLiteral("In the window."));
  QVERIFY(!said.isVisible());
  m_desk->program.beside.switch_desk();
  QVERIFY(!m_desk->window.isVisible());
  emit model().notice(QStringLiteral("Nothing was copied. Pick a color first."));
  QVERIFY(said.isVisible());
  QCOMPARE(said.sentence(), QStringLiteral("Nothing was copied. Pick a color first."));
  QVERIFY(said.parentWidget()->rect().contains(said.geometry()));
  emit model().refusalOver(said.sentence());
  QVERIFY(!said.isVisible());
  m_desk->program.beside.switch_desk();
  QVERIFY(QTest::qWaitForWindowExposed(&m_desk->window));
}

/// 1400 pixels at 150 %.
void HandsTask::a_large_scale_on_a_small_screen_cuts_nothing() {
  for (const char* left_open : {"tray/relation", "readout/shown"}) QSettings().remove(left_open);
  first_start = true;
  DeskTop desk;
  first_start = false;
  desk.window.resize(933, 700);
  for (const auto& word : kDeskWords) {
    desk.model().viewing().show_desk(word.value);
    const auto& tray = desk.part<QWidget>("tray");
    const auto& more = desk.part<QWidget>("trayMore");
    QVERIFY2(QTest::qWaitFor([&] { return tray.width() <= 933 && more.geometry().right() < 933; }, 3000),
             std::string(word.word).c_str());
  }
}

/// Minimized, hidden, large, and on a screen that shows everything twice as large from now on.
void HandsTask::windows_live_through_sizes_and_scales() {
  QWidget& window = m_desk->window;
  window.showMaximized();
  window.setWindowState(window.windowState() | Qt::WindowMinimized);
  emit model().notice(QStringLiteral("Nothing was copied. Pick a color first."));
  QVERIFY(beside().notice().isVisible()); // Nobody sees the window's.
  m_desk->program.beside.switch_desk();
  QVERIFY(!window.isMinimized() && window.isMaximized());
  window.showNormal();
  window.hide();
  beside().close();
  QVERIFY(window.isVisible()); // Nobody is left without a window.
  window.resize(3840, 2160);
  for (const auto& word : kDeskWords) {
    model().viewing().show_desk(word.value);
    QCoreApplication::processEvents();
    QCOMPARE(window.size(), QSize(3840, 2160));
  }
  auto& wheel = find<WheelView>("wheel", Desk::Pick);
  QVERIFY(wheel.height() > 1000);
  window.resize(1280, 800);
  const QSize size = window.size();
  plug_screens(2, 2);
  QVERIFY(comes_true([&] { return window.devicePixelRatioF() == 2; }));
  QCOMPARE(window.size(), size);
  const QPointF at = QRectF(wheel.rect()).center() + QPointF(40, 20);
  click(wheel, at);
  const DiscPoint meant = wheel.disc_point_at(at);
  const WheelPoint picked = model().session().at.at;
  QVERIFY(near_point(disc_point(picked), meant));
  QCOMPARE(wheel.grab().size(), wheel.size() * 2);
  plug_screens(2);
  QVERIFY(comes_true([&] { return window.devicePixelRatioF() == 1; }));
}

/// Last, for the second screen does not come back.
void HandsTask::windows_come_back_from_a_screen_that_went() {
  QCOMPARE(QGuiApplication::screens().size(), 2);
  stand_on_other_screen();
  QVERIFY(!QGuiApplication::primaryScreen()->geometry().contains(beside().frameGeometry()));
  m_desk->window.move(1930, 10);
  QCoreApplication::processEvents();
  plug_screens(1);
  QVERIFY(comes_true([] { return QGuiApplication::screens().size() == 1; }));
  const QRect left = QGuiApplication::primaryScreen()->geometry();
  QVERIFY(comes_true([&] { return left.contains(beside().frameGeometry()); }));
  QVERIFY(comes_true([&] { return left.contains(m_desk->window.frameGeometry()); }));
}

DESK_TEST_MAIN(HandsTask)
#include "hands_task_test.moc"
