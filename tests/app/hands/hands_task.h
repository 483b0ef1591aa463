// SPDX-License-Identifier: GPL-3.0-or-later
// Hands of every kind on every view: a table of views times acts, each cell played.
#pragma once

#include "app/band/staff_view.h"
#include "app/band/value_axis.h"
#include "app/companion/companion.h"
#include "app/companion/strip_view.h"
#include "app/controls/number_field.h"
#include "app/desk.h"
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

inline Piece a_piece() {
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

inline bool near_point(DiscPoint a, DiscPoint b) { return std::hypot(a.x - b.x, a.y - b.y) < 1e-6; }

inline void draw_with_mouse(QWidget& w, const std::vector<QPointF>& places) {
  press(w, places[0]);
  for (const QPointF& p : places) move(w, p);
  release(w, places.back());
}

/// The screens of the toolkit's platform without a monitor, side by side.
inline QJsonObject screens(int count, int ratio) {
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
inline void plug_screens(int count, int ratio = 1) {
  using Plug = void (*)(const QJsonObject&, QPlatformNativeInterface*);
  QPlatformNativeInterface* platform = QGuiApplication::platformNativeInterface();
  const auto plug = reinterpret_cast<Plug>(platform->nativeResourceForIntegration("setConfiguration"));
  if (!plug) qFatal("this platform's screens stay as they are");
  plug(screens(count, ratio), platform);
}

/// What a key of a keyboard gives, plain and with Shift, by its scan code.
using Layout = std::map<quint32, std::pair<char32_t, char32_t>>;

/// Of xkeyboard-config (tests/reference/make_layouts.py).
inline std::map<std::string, Layout> layouts() {
  std::map<std::string, Layout> out;
  std::ifstream file(REFERENCE_FOLDER "/layouts.txt");
  std::string name;
  quint32 code = 0, plain = 0, shifted = 0;
  while (file >> name >> std::dec >> code >> std::hex >> plain >> shifted) out[name][code] = {plain, shifted};
  if (out.size() != 7) qFatal("seven layouts");
  return out;
}

/// The toolkit's key for a sign.
inline int key_of(char32_t sign) { return static_cast<int>(QChar::toUpper(sign)); }

inline QPointingDevice* screen() {
  static QPointingDevice* one = QTest::createTouchDevice();
  return one;
}

/// Where a drag goes, and whether it changes something before it is let go.
struct Pull {
  QWidget* part;
  QPointF from, to;
  bool live = true;
};

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
