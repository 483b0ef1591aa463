// Looking at a reference and sampling it.
#include "app/desks/observe/photo_view.h"
#include "app/desks/observe/reference_strip.h"
#include "core/color/convert.h"
#include "desk.h"
#include "io/photo/decode.h"

#include <QComboBox>

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
  void zoom_keeps_the_place_under_the_pointer();
  void pan_moves_and_sampling_follows();
  void the_value_look_is_grey_and_true();
  void references_are_chosen_removed_and_brought_back();
  void only_the_shown_photo_keeps_its_pixels();
  void a_stopped_photo_is_tried_again_with_a_click();
  void a_pen_samples_like_a_mouse();

private:
  PhotoView& photo() { return m_desk->part<PhotoView>("photo"); }
  const QImage& pixels() {
    return m_desk->space()
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
  m_desk->part<QAbstractButton>("look.value").click();
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
  QCOMPARE(m_desk->piece().references.size(), std::size_t{2});
  QCOMPARE(m_desk->session().reference, m_desk->piece().references[0].id);
  m_desk->trigger("Undo");
  QCOMPARE(m_desk->piece(), whole);
  QVERIFY(comes_true(
      [&] { return !m_desk->space().photos().state_of(m_desk->piece().references[2]).thumbnail.isNull(); }));
  QTest::keyClick(&strip, Qt::Key_Right);
  QCOMPARE(m_desk->session().reference, m_desk->piece().references[1].id);
}

void ObserveTask::only_the_shown_photo_keeps_its_pixels() {
  const auto decoded = [this] {
    int n = 0;
    for (const auto& r : m_desk->piece().references)
      n += m_desk->space().photos().state_of(r).photo != nullptr;
    return n;
  };
  QVERIFY(m_desk->photo_shown());
  for (const auto& r : m_desk->piece().references) {
    QVERIFY(!m_desk->space().photos().state_of(r).thumbnail.isNull());
    m_desk->space().show_reference(r.id);
    QVERIFY(m_desk->photo_shown());
    QCOMPARE(decoded(), 1);
  }
}

void ObserveTask::a_stopped_photo_is_tried_again_with_a_click() {
  QVERIFY(m_desk->window.documents().open(QStringLiteral(DEMO_PIECE)));
  // The third waits for a free worker, so the stop comes before it begins.
  const Reference third = m_desk->piece().references[2];
  m_desk->space().photos().stop(third);
  m_desk->space().show_reference(third.id);
  const auto state = [&] { return m_desk->space().photos().state_of(third); };
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

DESK_TEST_MAIN(ObserveTask)
#include "observe_task_test.moc"
