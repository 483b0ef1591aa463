// SPDX-License-Identifier: GPL-3.0-or-later
// Looking at a reference and sampling it.
#include "app/controls/name_editor.h"
#include "app/desks/observe/reference_strip.h"
#include "app/photo/photo_view.h"
#include "app/window/hint_line.h"
#include "core/color/convert.h"
#include "desk.h"
#include "io/photo/decode.h"
#include "model/i18n/text.h"

#include <QComboBox>

#include <QEnterEvent>
#include <QHelpEvent>
#include <QNativeGestureEvent>
#include <QSplitter>
#include <QStatusTipEvent>
#include <QToolTip>

using namespace zc;
using namespace zc::test;

class ObserveTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = demo_at(Desk::Observe); }
  void cleanup() { m_desk.reset(); }

  void a_click_samples_the_average_in_linear_light();
  void the_sample_size_is_chosen_by_wheel_key_and_list();
  void the_loupe_shows_sample_beside_held_color();
  void two_spots_are_compared_and_added();
  void zoom_keeps_the_place_under_the_pointer();
  void pan_moves_and_sampling_follows();
  void the_value_look_is_grey_and_true();
  void references_are_chosen_removed_and_brought_back();
  void a_reference_is_renamed_in_place();
  void many_references_are_reached();
  void only_the_shown_photo_keeps_its_pixels();
  void a_stopped_photo_is_tried_again_with_a_click();
  void a_pen_samples_like_a_mouse();
  void the_photo_comes_first();
  void the_reference_stays_beside_the_work();
  void nothing_covers_what_is_worked_on();
  void two_fingers_zoom_and_pan();

private:
  PhotoView& photo() { return m_desk->part<PhotoView>("photo"); }
  const QImage& pixels() {
    return m_desk->model()
        .photos()
        .state_of(*find_reference(m_desk->piece(), m_desk->session().reference))
        .photo->full();
  }
  /// A place well inside the photo.
  QPointF spot() { return {photo().width() * 0.4, photo().height() * 0.55}; }
  std::unique_ptr<DeskTop> m_desk;
};

void ObserveTask::a_click_samples_the_average_in_linear_light() {
  const QPoint pixel = *photo().pixel_at(spot());
  click(photo(), spot());
  // By hand, in double precision, over the 5 x 5 pixels of the original.
  double sum[3] = {};
  for (int y = -2; y <= 2; ++y)
    for (int x = -2; x <= 2; ++x) {
      const QRgb c = pixels().pixel(pixel + QPoint(x, y));
      sum[0] += linear_from_encoded(qRed(c) / 255.0);
      sum[1] += linear_from_encoded(qGreen(c) / 255.0);
      sum[2] += linear_from_encoded(qBlue(c) / 255.0);
    }
  const Srgb expected{encoded_from_linear(sum[0] / 25), encoded_from_linear(sum[1] / 25),
                      encoded_from_linear(sum[2] / 25)};
  QVERIFY(largest_step(m_desk->session().color(), expected) < 1e-6);
  QVERIFY(std::abs(m_desk->session().at.at.v - value_of(expected)) < 1e-4);
  QCOMPARE(m_desk->session().at_hand.recent[0], m_desk->session().color());
  // A drag takes the color where it ends.
  const QPointF end = spot() + QPointF(60, 20);
  drag(photo(), spot(), end);
  const QPoint last = *photo().pixel_at(end);
  QVERIFY(largest_step(m_desk->session().color(), *sample_average(view_of(pixels()), last.x(), last.y(), 5)) <
          1e-12);
  // Beside the photo there is nothing to take.
  const Srgb held = m_desk->session().color();
  click(photo(), {1, 1});
  if (!photo().pixel_at({1, 1})) QCOMPARE(m_desk->session().color(), held);
}

void ObserveTask::the_sample_size_is_chosen_by_wheel_key_and_list() {
  QCOMPARE(m_desk->session().sample_side, 5);
  turn_wheel(photo(), spot(), 1, Qt::ShiftModifier);
  QCOMPARE(m_desk->session().sample_side, 11);
  QTest::keyClick(&photo(), Qt::Key_Down, Qt::ShiftModifier);
  QTest::keyClick(&photo(), Qt::Key_Down, Qt::ShiftModifier);
  QCOMPARE(m_desk->session().sample_side, 3);
  auto& list = m_desk->part<QComboBox>("sampleSide");
  QCOMPARE(list.currentData().toInt(), 3);
  for (int i = 0; i < 9; ++i) turn_wheel(photo(), spot(), 1, Qt::ShiftModifier);
  QCOMPARE(m_desk->session().sample_side, 101);
}

void ObserveTask::the_loupe_shows_sample_beside_held_color() {
  click(photo(), spot());
  const QPointF here = spot() + QPointF(-120, -40);
  move(photo(), here, Qt::NoButton);
  const QPoint pixel = *photo().pixel_at(here);
  const Srgb sample = *sample_average(view_of(pixels()), pixel.x(), pixel.y(), 5);
  // The note stands right of the patch: left half the sample, right half the held color.
  const QPointF note = here + QPointF(22 + 133, 22);
  const auto matches = [](const QColor& c, Srgb expected) {
    return largest_step({c.redF(), c.greenF(), c.blueF()}, expected) < 1.5 / 255;
  };
  QVERIFY(matches(seen(photo(), note + QPointF(20, 25)), sample));
  QVERIFY(matches(seen(photo(), note + QPointF(90, 25)), m_desk->session().color()));
}

void ObserveTask::two_spots_are_compared_and_added() {
  const auto& spot_now = m_desk->session().looking.spot;
  const auto average_at = [&](QPointF at) {
    const QPoint pixel = *photo().pixel_at(at);
    return *sample_average(view_of(pixels()), pixel.x(), pixel.y(), 5);
  };
  m_desk->trigger("addBothSpots");
  QVERIFY(m_desk->notice().contains("Pin a spot first"));
  move(photo(), spot(), Qt::NoButton);
  m_desk->trigger("pinSpot");
  QVERIFY(spot_now && spot_now->at.reference == m_desk->session().reference);
  QCOMPARE(QPoint(spot_now->at.x, spot_now->at.y), *photo().pixel_at(spot()));
  QVERIFY(largest_step(spot_now->color, average_at(spot())) < 1e-12);
  // Below the loupe of another place stands the pinned color; it stays marked on the photo.
  const QPointF here = spot() + QPointF(-120, -40), chip = here + QPointF(22 + 20, 22 + 132 + 20);
  move(photo(), here, Qt::NoButton);
  const QColor shown = seen(photo(), chip);
  QVERIFY(largest_step({shown.redF(), shown.greenF(), shown.blueF()}, spot_now->color) < 1.5 / 255);
  const auto told = [&] {
    const AccessibleContent content = photo().accessible();
    return content.items.empty() ? QString() : content.items.back().name;
  };
  QVERIFY2(told().startsWith("Pinned spot"), qPrintable(told()));
  const std::size_t before = swatch_count(*current_set(m_desk->piece()));
  m_desk->trigger("addBothSpots");
  const auto& family = *find_family(m_desk->piece(), m_desk->session().family);
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), before + 2);
  const Swatch &last = family.swatches.back(), &one = family.swatches[family.swatches.size() - 2];
  QVERIFY(one.color == spot_now->color && one.from == spot_now->at);
  QVERIFY(largest_step(last.color, average_at(here)) < 1e-12 && last.from &&
          last.from->x == photo().pixel_at(here)->x());
  m_desk->trigger("undo");
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), before);
  // There again it is let go of; so does Escape, and a photo that is gone takes it along.
  move(photo(), spot(), Qt::NoButton);
  m_desk->trigger("pinSpot");
  QVERIFY(!spot_now && !told().startsWith("Pinned spot"));
  m_desk->trigger("pinSpot");
  QTest::keyClick(&photo(), Qt::Key_Escape);
  QVERIFY(!spot_now);
  m_desk->trigger("pinSpot");
  QVERIFY(spot_now);
  m_desk->trigger("removeReference");
  QVERIFY(!spot_now);
}

void ObserveTask::zoom_keeps_the_place_under_the_pointer() {
  const double fitted = photo().zoom();
  const QPoint before = *photo().pixel_at(spot());
  for (int i = 0; i < 6; ++i) turn_wheel(photo(), spot(), 1);
  QVERIFY(photo().zoom() > 3 * fitted);
  const QPoint after = *photo().pixel_at(spot());
  QVERIFY((after - before).manhattanLength() <= 2);
  for (int i = 0; i < 40; ++i) turn_wheel(photo(), spot(), 1);
  QVERIFY(photo().zoom() <= 32);
  for (int i = 0; i < 60; ++i) turn_wheel(photo(), spot(), -1);
  CHECK_NEAR(photo().zoom(), fitted, 1e-9);
}

void ObserveTask::pan_moves_and_sampling_follows() {
  for (int i = 0; i < 5; ++i) turn_wheel(photo(), spot(), 1);
  const QPoint before = *photo().pixel_at(spot());
  send_mouse(photo(), QEvent::MouseButtonPress, spot(), Qt::MiddleButton, Qt::MiddleButton);
  move(photo(), spot() + QPointF(50, 0), Qt::MiddleButton);
  send_mouse(photo(), QEvent::MouseButtonRelease, spot() + QPointF(50, 0), Qt::MiddleButton, Qt::NoButton);
  QVERIFY((*photo().pixel_at(spot() + QPointF(50, 0)) - before).manhattanLength() <= 2);
  QTest::keyPress(&photo(), Qt::Key_Space);
  const Srgb held = m_desk->session().color();
  drag(photo(), spot(), spot() + QPointF(-30, 0));
  QCOMPARE(m_desk->session().color(), held);
  QTest::keyRelease(&photo(), Qt::Key_Space);
  QTest::keyClick(&photo(), Qt::Key_0);
  QVERIFY(photo().pixel_at({photo().width() / 2.0, photo().height() / 2.0}));
}

void ObserveTask::the_value_look_is_grey_and_true() {
  const QColor before = seen(photo(), spot());
  m_desk->choose("look", PhotoLook::Value);
  const QColor after = seen(photo(), spot());
  QCOMPARE(after.red(), after.green());
  QCOMPARE(after.green(), after.blue());
  const double expected = value_of({before.redF(), before.greenF(), before.blueF()});
  QVERIFY(std::abs(value_of({after.redF(), after.greenF(), after.blueF()}) - expected) < 0.5);
  // Sampling still gives the color.
  click(photo(), spot());
  QVERIFY(m_desk->session().at.at.r > 0.01);
}

void ObserveTask::references_are_chosen_removed_and_brought_back() {
  auto& strip = m_desk->part<ReferenceStrip>("references");
  click(strip, QPointF(strip.thumb_rect(2).center()));
  QCOMPARE(m_desk->session().reference, m_desk->piece().references[2].id);
  const Piece whole = m_desk->piece();
  QTest::keyClick(&strip, Qt::Key_Delete);
  QCOMPARE(m_desk->piece().references.size(), whole.references.size() - 1);
  QCOMPARE(m_desk->session().reference, m_desk->piece().references[0].id);
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece(), whole);
  QVERIFY(comes_true(
      [&] { return !m_desk->model().photos().state_of(m_desk->piece().references[2]).thumbnail.isNull(); }));
  QTest::keyClick(&strip, Qt::Key_Right);
  QCOMPARE(m_desk->session().reference, m_desk->piece().references[1].id);
}

void ObserveTask::a_reference_is_renamed_in_place() {
  auto& strip = m_desk->part<ReferenceStrip>("references");
  auto& field = m_desk->part<NameEditor>("referenceName");
  const Piece before = m_desk->piece();
  for (int time = 0; time < 3; ++time) {
    strip.rename_shown();
    QVERIFY(field.isVisible() && strip.thumb_rect(0).intersects(field.geometry()));
    QCOMPARE(field.text(), text(before.references[0].name));
    QTest::keyClicks(&field, "not this");
    QTest::keyClick(&field, Qt::Key_Escape);
    QVERIFY(!field.isVisible());
  }
  QCOMPARE(m_desk->piece(), before);
  strip.rename_shown();
  type_into(field, "forge at noon");
  QCOMPARE(text(m_desk->piece().references[0].name), QString("forge at noon"));
  QCOMPARE(strip.findChildren<QLineEdit*>().size(), 1);
}

void ObserveTask::many_references_are_reached() {
  auto& strip = m_desk->part<ReferenceStrip>("references");
  m_desk->model().store().apply("Many", [](Piece p) -> Result<Piece> {
    const Reference one = p.references[0];
    for (int i = 0; i < 15; ++i) p = *with_reference(std::move(p), "study", one.extension, one.bytes);
    return p;
  });
  const auto in_sight = [&strip](std::size_t i) {
    return strip.visibleRegion().boundingRect().contains(strip.thumb_rect(i));
  };
  const std::size_t last = m_desk->piece().references.size() - 1;
  QVERIFY(in_sight(0) && !in_sight(last));
  for (std::size_t i = 0; i < last; ++i) QTest::keyClick(&strip, Qt::Key_Right);
  QTRY_VERIFY(in_sight(last));
  QVERIFY(!in_sight(0));
  turn_wheel(*strip.parentWidget(), {10, 10}, 20);
  QVERIFY(in_sight(0) && !in_sight(last));
}

void ObserveTask::only_the_shown_photo_keeps_its_pixels() {
  const auto decoded = [this] {
    int n = 0;
    for (const auto& r : m_desk->piece().references)
      n += m_desk->model().photos().state_of(r).photo != nullptr;
    return n;
  };
  QVERIFY(m_desk->photo_shown());
  for (const auto& r : m_desk->piece().references) {
    QVERIFY(!m_desk->model().photos().state_of(r).thumbnail.isNull());
    m_desk->model().viewing().show_reference(r.id);
    QVERIFY(m_desk->photo_shown());
    QCOMPARE(decoded(), 1);
  }
}

void ObserveTask::a_stopped_photo_is_tried_again_with_a_click() {
  QVERIFY(m_desk->documents().open(QStringLiteral(DEMO_PIECE)));
  // The third waits for a free worker, so the stop comes before it begins.
  const Reference third = m_desk->piece().references[2];
  m_desk->model().photos().stop(third);
  m_desk->model().viewing().show_reference(third.id);
  const auto state = [&] { return m_desk->model().photos().state_of(third); };
  QVERIFY(comes_true([&] { return !state().failure.isEmpty(); }));
  QVERIFY(state().failure.contains("was stopped"));
  click(photo(), spot());
  QVERIFY(comes_true([&] { return state().photo != nullptr; }));
}

void ObserveTask::a_pen_samples_like_a_mouse() {
  const QPointF at = spot();
  const auto pen = [&](QEvent::Type type, Qt::MouseButton button, Qt::MouseButtons buttons) {
    QTabletEvent event(type, QPointingDevice::primaryPointingDevice(), at, photo().mapToGlobal(at), 0.7, 0, 0,
                       0, 0, 0, {}, button, buttons);
    QCoreApplication::sendEvent(&photo(), &event);
    // What no widget takes as a pen event comes again as a mouse event, as the toolkit does it.
    if (event.isAccepted()) return;
    const auto as_mouse = type == QEvent::TabletPress ? QEvent::MouseButtonPress : QEvent::MouseButtonRelease;
    send_mouse(photo(), as_mouse, at, button, buttons);
  };
  pen(QEvent::TabletPress, Qt::LeftButton, Qt::LeftButton);
  pen(QEvent::TabletRelease, Qt::LeftButton, Qt::NoButton);
  const QPoint pixel = *photo().pixel_at(at);
  QVERIFY(largest_step(m_desk->session().color(),
                       *sample_average(view_of(pixels()), pixel.x(), pixel.y(), 5)) < 1e-12);
}

void ObserveTask::the_photo_comes_first() {
  const QRectF shown(photo().place_of(0, 0), photo().place_of(pixels().width() - 1, pixels().height() - 1));
  QCOMPARE(pixels().width() * 10, pixels().height() * 16);
  QVERIFY2(shown.width() >= 760, qPrintable(QString::number(shown.width())));
  // The drawers lie over the foot of the stage, one at a time, and the photo stays as it is.
  const double zoom = photo().zoom();
  auto &how = m_desk->part<QAbstractButton>("drawer.how"),
       &says = m_desk->part<QAbstractButton>("drawer.says");
  auto &accents = m_desk->part<QWidget>("accents"), &reading = m_desk->part<QWidget>("reading");
  QVERIFY(!accents.isVisible() && !reading.isVisible());
  how.click();
  QVERIFY(accents.isVisible() && !reading.isVisible());
  says.click();
  QVERIFY(!accents.isVisible() && reading.isVisible() && !how.isChecked());
  QCOMPARE(reading.geometry().bottom(), photo().geometry().bottom());
  QVERIFY(photo().geometry().contains(reading.geometry()) && reading.height() > 80);
  says.click();
  QVERIFY(!reading.isVisible());
  QCOMPARE(photo().zoom(), zoom);
  // A portrait photo uses the full height.
  QImage tall(300, 900, QImage::Format_RGB32);
  tall.fill(Qt::darkGreen);
  m_desk->model().photos().import_photo(tall, QStringLiteral("tall"));
  QVERIFY(comes_true([&] { return m_desk->piece().references.size() == 5; }) && m_desk->photo_shown());
  CHECK_NEAR(photo().zoom() * 900, photo().height(), 1);
}

void ObserveTask::the_reference_stays_beside_the_work() {
  m_desk->model().viewing().show_look(PhotoLook::Value);
  m_desk->model().viewing().show_desk(Desk::Pick);
  auto& kept = m_desk->part<PhotoView>("keptPhoto");
  QVERIFY(!kept.isVisible());
  m_desk->part<QAbstractButton>("keepReference").click();
  QCoreApplication::processEvents();
  QVERIFY(kept.isVisible() && kept.width() > 200);
  QVERIFY(m_desk->session().looking.look == PhotoLook::Color);
  // It is sampled like the large one, with the loupe inside of it.
  const QPointF at = kept.place_of(pixels().width() / 3, pixels().height() / 2);
  click(kept, at);
  const QPoint pixel = *kept.pixel_at(at);
  QVERIFY(largest_step(m_desk->session().color(),
                       *sample_average(view_of(pixels()), pixel.x(), pixel.y(), 5)) < 1e-9);
  QCOMPARE(m_desk->session().origin,
           std::optional(SampleOrigin{m_desk->session().reference, pixel.x(), pixel.y()}));
  // Its way of looking, and whether it stands there, belong to the desk; its width follows its edge.
  kept.setFocus();
  QTest::keyClick(&kept, Qt::Key_M);
  QVERIFY(kept.edge_x().has_value());
  m_desk->model().viewing().show_desk(Desk::Limit);
  QVERIFY(!kept.isVisible() && m_desk->session().looking.look == PhotoLook::Color);
  m_desk->model().viewing().show_desk(Desk::Observe);
  QVERIFY(m_desk->session().looking.look == PhotoLook::Value);
  m_desk->model().viewing().show_desk(Desk::Pick);
  QCoreApplication::processEvents();
  QVERIFY(kept.isVisible() && m_desk->session().looking.look == PhotoLook::Mask);
  auto& split = m_desk->part<QSplitter>("split");
  auto& edge = *split.handle(1);
  const int width = kept.width();
  drag(edge, {3, 100}, {63, 100});
  QVERIFY(kept.width() > width + 40);
  const int wider = kept.width();
  m_desk->model().viewing().show_desk(Desk::Observe);
  m_desk->model().viewing().show_desk(Desk::Pick);
  QCoreApplication::processEvents();
  QVERIFY(std::abs(kept.width() - wider) <= 2);
  // And so it is kept for the next start.
  const int whole = split.sizes()[0];
  m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
  m_desk->window.close();
  QVERIFY(comes_true([this] { return !m_desk->window.isVisible(); }));
  QCOMPARE(QSettings().value(QStringLiteral("keptReference/%1").arg(static_cast<int>(Desk::Pick))).toInt(),
           whole);
}

void ObserveTask::nothing_covers_what_is_worked_on() {
  auto& hint = m_desk->part<HintLine>("hintLine");
  const auto hovered = [&](const char* name) {
    auto& part = m_desk->part<QWidget>(name);
    QToolTip::hideText();
    QHelpEvent help(QEvent::ToolTip, part.rect().center(), part.mapToGlobal(part.rect().center()));
    QCoreApplication::sendEvent(&part, &help);
    if (QToolTip::isVisible()) return QStringLiteral("a tooltip");
    hint.say({});
    QEnterEvent enter(part.rect().center(), part.rect().center(), part.mapToGlobal(part.rect().center()));
    QCoreApplication::sendEvent(&part, &enter);
    QStatusTipEvent tip(part.statusTip());
    QCoreApplication::sendEvent(&part, &tip);
    move(part, QPointF(part.rect().center()), Qt::NoButton);
    return hint.words().isEmpty() ? QStringLiteral("no hint") : QString();
  };
  const std::pair<Desk, std::vector<const char*>> parts[] = {
      {Desk::Observe, {"photo", "staff", "rail"}},
      {Desk::Limit, {"maskWheel", "staff"}},
      {Desk::Pick, {"wheel", "section", "rail", "staff"}},
      {Desk::Grade, {"staff"}}};
  for (const auto& [desk, names] : parts) {
    m_desk->model().viewing().show_desk(desk);
    QCoreApplication::processEvents();
    for (const char* name : names) {
      const QString wrong = hovered(name);
      QVERIFY2(wrong.isEmpty(), qPrintable(QString(name) + ": " + wrong));
    }
  }
  // It stands in one line at the foot of the stage; a longer one wraps upward and stays in the window.
  hint.say("short");
  const int bottom = hint.geometry().bottom();
  QCOMPARE(hint.height(), HintLine::kLine);
  hint.say(QString("a long hint ").repeated(60));
  QVERIFY(hint.height() > 2 * HintLine::kLine - 8 && hint.geometry().bottom() == bottom);
}

void ObserveTask::two_fingers_zoom_and_pan() {
  static const QPointingDevice pad(QStringLiteral("pad"), 9, QInputDevice::DeviceType::TouchPad,
                                   QPointingDevice::PointerType::Finger, QInputDevice::Capability::Position,
                                   2, 0);
  const QPointF at = spot();
  const QPoint under = *photo().pixel_at(at);
  const double fitted = photo().zoom();
  QNativeGestureEvent spread(Qt::ZoomNativeGesture, &pad, 2, at, at, photo().mapToGlobal(at), 0.5, {});
  QCoreApplication::sendEvent(&photo(), &spread);
  CHECK_NEAR(photo().zoom(), 1.5 * fitted, 1e-9);
  QCOMPARE(*photo().pixel_at(at), under);
  QWheelEvent scroll(at, photo().mapToGlobal(at), {40, -25}, {}, Qt::NoButton, {}, Qt::ScrollUpdate, false);
  QCoreApplication::sendEvent(&photo(), &scroll);
  CHECK_NEAR(photo().zoom(), 1.5 * fitted, 1e-9);
  const QPoint moved = *photo().pixel_at(at + QPointF(40, -25));
  QVERIFY(std::abs(moved.x() - under.x()) <= 1 && std::abs(moved.y() - under.y()) <= 1);
  // The wheel of a mouse still zooms.
  turn_wheel(photo(), at, 1);
  CHECK_NEAR(photo().zoom(), 1.5 * 1.25 * fitted, 1e-9);
}

DESK_TEST_MAIN(ObserveTask)
#include "observe_task_test.moc"
