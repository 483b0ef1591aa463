// SPDX-License-Identifier: GPL-3.0-or-later
// A set is tried on a picture, seen beside others and changed there.
#include "app/try/try_task.h"

void TryTask::a_click_takes_up_the_swatch_that_is_seen() {
  QCOMPARE(trying().way, TryWay::Study);
  for (const QPointF at : {QPointF(200, 200), QPointF(400, 120), QPointF(500, 350)}) {
    const Id id = view().swatch_at(at);
    const Swatch* s = find_swatch(m_desk->piece(), id);
    QVERIFY(s);
    QCOMPARE(seen(view(), at).name(), hex(s->color));
    click(view(), at);
    QCOMPARE(m_desk->session().color(), s->color);
    QVERIFY(m_desk->session().selection.has(id));
  }
  // The pointer over the picture marks the swatch, over a swatch its places.
  move(view(), {200, 200}, Qt::NoButton);
  QCOMPARE(m_desk->model().tries().hovered(), view().swatch_at({200, 200}));
  const Id here = view().swatch_at({200, 200}), there = view().swatch_at({400, 120});
  QVERIFY(here != there);
  const QColor before = seen(view(), {400, 120});
  m_desk->model().tries().hover(here, true);
  QVERIFY(seen(view(), {400, 120}) != before);
  QCOMPARE(seen(view(), {200, 200}).name(), hex(find_swatch(m_desk->piece(), here)->color));
}

void TryTask::two_versions_meet_under_the_edge() {
  press_word("try.two");
  QVERIFY(trying().two && trying().left.photo);
  auto& left = m_desk->part<QComboBox>("try.left");
  const int rain = left.findText("after rain");
  QVERIFY(rain > 0);
  left.setCurrentIndex(rain);
  emit left.activated(rain);
  const SetVersion* version = find_version(m_desk->piece(), trying().left.version);
  QVERIFY(version && version->name == "after rain");
  // The edge is dragged over a place: it is seen in the other state.
  const QPointF at(250, 250);
  drag(view(), {view().edge_x(), 100}, {300, 100});
  QVERIFY(std::abs(view().edge_x() - 300) < 2);
  const Id id = view().swatch_at(at);
  Srgb color;
  for (const auto& family : version->families)
    for (const auto& s : family.swatches)
      if (s.id == id) color = s.color;
  QCOMPARE(seen(view(), at).name(), hex(color));
  drag(view(), {view().edge_x(), 100}, {200, 100});
  const Swatch* now = find_swatch(m_desk->piece(), view().swatch_at(at));
  QCOMPARE(seen(view(), at).name(), hex(now->color));
  // Space changes the sides.
  view().setFocus();
  QTest::keyClick(&view(), Qt::Key_Space);
  QCOMPARE(trying().right.version, version->id);
  QCOMPARE(seen(view(), at).name(), hex(color));
  // Values only and squinting work on both.
  m_desk->model().viewing().look_with(ColorVision::Values);
  const QColor grey = seen(view(), at);
  QVERIFY(grey.red() == grey.green() && grey.green() == grey.blue());
}

void TryTask::follow_moves_the_photo_from_version_to_version() {
  press_word("try.follow");
  const QPointF at(400, 400);
  const auto photo = m_desk->model().tries().photo();
  const auto picture = [&] {
    view().setFocus(); // Its frame is seen in all of them.
    if (!comes_true([&] { return view().settled(); })) qFatal("a guess stays");
    return view().grab().toImage();
  };
  // Nothing moved, nothing changed.
  const QImage still = picture();
  press_word("try.photo");
  QCOMPARE(picture(), still);
  press_word("try.follow");
  auto& right = m_desk->part<QComboBox>("try.right");
  right.setCurrentIndex(right.findText("after rain"));
  emit right.activated(right.currentIndex());
  QVERIFY(picture() != still);
  QVERIFY(view().color_at(at));
  // Softer, each move reaches further.
  const QImage sharp = picture();
  type_into(m_desk->part<QLineEdit>("try.softness"), "0.6");
  QVERIFY(picture() != sharp);
  type_into(m_desk->part<QLineEdit>("try.softness"), "0");
  // What follows to what can be changed.
  const QImage followed = picture();
  press_word("try.pairs");
  auto& pair = m_desk->part<QComboBox>("pair.3");
  QVERIFY(pair.currentText().endsWith("edge of the pool"));
  const QImage above_drawer = picture();
  pair.setCurrentIndex(18);
  emit pair.activated(18);
  QVERIFY(comes_true([&] { return trying().pairs.size() == 1; }));
  QVERIFY(picture() != above_drawer);
  auto without = trying();
  without.pairs.clear();
  m_desk->model().viewing().try_on(without);
  press_word("try.pairs");
  QCOMPARE(picture(), followed);
  // From that version to itself it stands still again.
  auto& from = m_desk->part<QComboBox>("try.from");
  from.setCurrentIndex(from.findText("after rain"));
  emit from.activated(from.currentIndex());
  QCOMPARE(picture(), still);
}

void TryTask::a_swatch_changed_is_seen_at_once_and_its_use_told() {
  const QPointF at(400, 120);
  const Id id = view().swatch_at(at);
  const double used = m_desk->model().tries().uses().at(id);
  QVERIFY(used > 0.01);
  m_desk->model().picking().use_color({0.1, 0.6, 0.3});
  m_desk->model().laying().select_swatch(id);
  m_desk->trigger("replaceWithCurrentColor");
  QVERIFY(m_desk->model().tries().uses().at(id) < used);
  const Swatch* now = find_swatch(m_desk->piece(), view().swatch_at(at));
  QCOMPARE(seen(view(), at).name(), hex(now->color));
  m_desk->trigger("undo");
  QCOMPARE(m_desk->model().tries().uses().at(id), used);
  // While a change is tried out, the picture goes along.
  const QColor before = seen(view(), at);
  Adjustment darker;
  darker.value = -20;
  m_desk->model().laying().select_swatch(0);
  m_desk->model().set_work().try_out(darker);
  QVERIFY(seen(view(), at) != before);
  m_desk->model().set_work().try_out({});
  QCOMPARE(seen(view(), at), before);
  // Unused ones are selected, used ones marked.
  m_desk->trigger("selectUnusedSwatches");
  for (const Id unused : m_desk->session().selection.swatches())
    QCOMPARE(m_desk->model().tries().uses().at(unused), 0.0);
  m_desk->trigger("markUsedSwatches");
  for (const auto& [swatch, share] : m_desk->model().tries().uses())
    QCOMPARE(find_swatch(m_desk->piece(), swatch)->used, share > 0);
}

void TryTask::keys_and_hands_move_the_picture_and_its_edge() {
  // A swatch that is dropped before there are areas has nothing to be bound to.
  auto& staff = m_desk->part<StaffView>("staff");
  const QPointF target = staff.mapFrom(&m_desk->window, view().mapTo(&m_desk->window, QPointF(200, 200)));
  drag(staff, staff.swatch_rect(set().families[0].swatches[0].id).center(), target);
  QVERIFY(m_desk->notice().contains("Cut the picture into areas first"));
  press_word("try.two");
  view().setFocus();
  const double edge = view().edge_x();
  QTest::keyClick(&view(), Qt::Key_Left);
  CHECK_NEAR(view().edge_x(), edge - 10, 1e-6);
  for (int i = 0; i < 2; ++i) QTest::keyClick(&view(), Qt::Key_Right);
  CHECK_NEAR(view().edge_x(), edge + 10, 1e-6);
  // To the ear, the edge is a slider that also changes the sides.
  QAccessibleInterface* told = QAccessible::queryAccessibleInterface(&view())->child(0);
  QVERIFY(told && told->role() == QAccessible::Slider);
  CHECK_NEAR(told->valueInterface()->currentValue().toDouble(), 100 * trying().edge, 1e-6);
  told->valueInterface()->setCurrentValue(25);
  CHECK_NEAR(trying().edge, 0.25, 1e-9);
  told->actionInterface()->doAction(QAccessibleActionInterface::decreaseAction());
  CHECK_NEAR(trying().edge, 0.2, 1e-9);
  const auto left = trying().left;
  told->actionInterface()->doAction("Swap sides");
  QCOMPARE(trying().right, left);
  press_word("try.two");
  // Closer and back about the middle; the middle button moves the picture with it.
  const auto wide = [this] { return QLineF(view().place_of(0, 0), view().place_of(100, 0)).length(); };
  const double before = wide();
  const QPointF corner = view().place_of(0, 0);
  QTest::keyClick(&view(), Qt::Key_Plus);
  QVERIFY(wide() > 1.05 * before);
  const QPointF closer = view().place_of(0, 0);
  send_mouse(view(), QEvent::MouseButtonPress, {200, 200}, Qt::MiddleButton, Qt::MiddleButton);
  send_mouse(view(), QEvent::MouseMove, {230, 180}, Qt::NoButton, Qt::MiddleButton);
  send_mouse(view(), QEvent::MouseButtonRelease, {230, 180}, Qt::MiddleButton, Qt::NoButton);
  QVERIFY(QLineF(view().place_of(0, 0), closer + QPointF(30, -20)).length() < 1e-6);
  QTest::keyClick(&view(), Qt::Key_Minus);
  CHECK_NEAR(wide(), before, 1e-6);
  QTest::keyClick(&view(), Qt::Key_0);
  QVERIFY(QLineF(view().place_of(0, 0), corner).length() < 1e-6);
}

void TryTask::flat_artwork_is_bound_area_by_area() {
  show_drawing();
  press_word("try.byAreas");
  QVERIFY(comes_true([&] { return m_desk->model().tries().areas() != nullptr; }));
  const auto areas = m_desk->model().tries().areas();
  QVERIFY(areas->flat && areas->areas.size() == 13);
  const Reference* drawing = find_reference(m_desk->piece(), m_desk->session().reference);
  QVERIFY(drawing->study.by_areas);
  // A swatch dragged from the staff onto the sky.
  const QPointF sky = view().place_of(400, 60);
  const Swatch& lamp = set().families[0].swatches[0];
  QVERIFY(view().swatch_at(sky) != lamp.id);
  auto& staff = m_desk->part<StaffView>("staff");
  const QPointF chip = staff.swatch_rect(lamp.id).center();
  const QPointF target = staff.mapFrom(&m_desk->window, view().mapTo(&m_desk->window, sky));
  drag(staff, chip, target);
  QCOMPARE(view().swatch_at(sky), lamp.id);
  QCOMPARE(seen(view(), sky).name(), hex(lamp.color));
  QCOMPARE(find_reference(m_desk->piece(), drawing->id)->study.bound.size(), std::size_t{1});
  // It is let go of by the menu, of its area only.
  QVERIFY(chosen_at(view(), view().place_of(300, 60), "Unbind area"));
  QCOMPARE(view().swatch_at(sky), lamp.id);
  QVERIFY(chosen_at(view(), sky, "Unbind area"));
  QVERIFY(view().swatch_at(sky) != lamp.id &&
          find_reference(m_desk->piece(), drawing->id)->study.bound.empty());
  m_desk->trigger("undo");
  QCOMPARE(view().swatch_at(sky), lamp.id);
  // The pointer over an area draws its edge: the arch's top is one.
  move(view(), view().place_of(600, 400), Qt::NoButton);
  QCOMPARE(m_desk->model().tries().hovered(), view().swatch_at(view().place_of(600, 400)));
  int outlined = 0;
  const QImage marked = view().grab().toImage();
  for (int x = 0; x < marked.width(); ++x)
    outlined += marked.pixelColor(x, static_cast<int>(view().place_of(600, 400).y())) == QColor(Qt::white);
  QVERIFY(outlined >= 2);
  // Also closer up, with another part of the picture in view.
  const Id wall_swatch = view().swatch_at(view().place_of(300, 60));
  turn_wheel(view(), sky, 5);
  QVERIFY(QLineF(view().place_of(400, 60), view().place_of(300, 60)).length() > 150);
  QCOMPARE(view().swatch_at(view().place_of(300, 60)), wall_swatch);
  move(view(), view().place_of(400, 60), Qt::NoButton);
  QCOMPARE(m_desk->model().tries().hovered(), lamp.id);
  QCOMPARE(seen(view(), view().place_of(400, 60)).name(), hex(lamp.color));
  QTest::keyClick(&view(), Qt::Key_0);
  QCOMPARE(view().place_of(400, 60), sky);
  // The bound area follows its swatch.
  m_desk->model().picking().use_color({0.2, 0.7, 0.2});
  m_desk->model().laying().select_swatch(lamp.id);
  m_desk->trigger("replaceWithCurrentColor");
  QCOMPARE(seen(view(), sky).name(), hex({0.2, 0.7, 0.2}));
  m_desk->trigger("undo");
  // One area dragged onto another takes it in.
  const QPointF wall = view().place_of(300, 60), ground = view().place_of(500, 600);
  drag(view(), wall, ground);
  QVERIFY(comes_true([&] { return m_desk->model().tries().areas() != nullptr; }));
  QCOMPARE(m_desk->model().tries().areas()->areas.size(), std::size_t{12});
  m_desk->trigger("undo");
  QVERIFY(comes_true([&] {
    const auto again = m_desk->model().tries().areas();
    return again && again->areas.size() == 13;
  }));
  // The ground's menu splits what lies in it in several places.
  QVERIFY(chosen_at(view(), view().place_of(168, 465), "Split area"));
  QVERIFY(comes_true([&] {
    const auto split = m_desk->model().tries().areas();
    return split && split->areas.size() > 13;
  }));
  m_desk->trigger("undo");
  m_desk->trigger("undo");
  QVERIFY(view().swatch_at(sky) != lamp.id);
  // It is kept in the file.
  m_desk->trigger("redo");
  m_desk->dialogs.save_path = QDir::temp().filePath("tried.zonachrom");
  m_desk->trigger("saveAs");
  QVERIFY(comes_true([&] { return !m_desk->model().store().edited(); }));
  const auto read = open_document(m_desk->dialogs.save_path.toStdString());
  QVERIFY(read && *find_reference(read->piece, drawing->id) == *find_reference(m_desk->piece(), drawing->id));
  QFile::remove(m_desk->dialogs.save_path);
}

void TryTask::what_lacks_is_laid() {
  press_word("try.missing");
  QVERIFY(comes_true([&] { return m_desk->model().tries().needed() != nullptr; }));
  const auto lacking = m_desk->model().tries().needed()->missing;
  QVERIFY(lacking.size() > 2);
  const std::size_t swatches = swatch_count(set());
  QVERIFY(comes_true([&] { return m_desk->window.findChild<QAbstractButton*>("lay.0") != nullptr; }));
  // Its place is shown on the picture.
  const QPointF ring = view().place_of(lacking[0].x, lacking[0].y) + QPointF(14, 0);
  const QColor plain = seen(view(), ring);
  press_word("lack.0");
  QVERIFY(m_desk->model().tries().marked() == QPoint(lacking[0].x, lacking[0].y));
  if (view().rect().contains(ring.toPoint())) QVERIFY(seen(view(), ring) != plain);
  press_word("lay.0");
  QCOMPARE(swatch_count(set()), swatches + 1);
  const Swatch* laid = nearest(lacking[0].color, set().families);
  QCOMPARE(laid->color, lacking[0].color);
  QCOMPARE(laid->from, (SampleOrigin{m_desk->session().reference, lacking[0].x, lacking[0].y}));
  // What was laid is not lacking any more.
  QVERIFY(comes_true([&] { return m_desk->model().tries().needed() != nullptr; }));
  for (const MissingColor& lack : m_desk->model().tries().needed()->missing)
    QVERIFY(ciede2000(lab_from_srgb(lack.color), lab_from_srgb(laid->color)) >= trying().far - 1e-9);
  const std::size_t families = set().families.size();
  const std::size_t left = m_desk->model().tries().needed()->missing.size();
  QVERIFY(left > 1);
  press_word("lay.all");
  QCOMPARE(set().families.size(), families + 1);
  QCOMPARE(set().families.back().swatches.size(), left);
  // Another picture's needs: how many there are and how many are met; laid, they have no place in this one.
  auto& by = m_desk->part<QComboBox>("lacks.by");
  const int noon = by.findText("Row at noon");
  QVERIFY(noon > 0);
  by.setCurrentIndex(noon);
  emit by.activated(noon);
  QVERIFY(comes_true([&] { return m_desk->model().tries().needed() != nullptr; }));
  const Needs needed = *m_desk->model().tries().needed();
  QVERIFY(needed.present > 3 && needed.missing.size() > 1);
  const auto says = [&] { return m_desk->part<QLabel>("lacks.says").text(); };
  QCOMPARE(says(), QStringLiteral("%1 needed: %2 present, %3 missing")
                       .arg(needed.needed())
                       .arg(needed.present)
                       .arg(needed.missing.size()));
  press_word("lay.0");
  const Swatch* other = nearest(needed.missing[0].color, set().families);
  QVERIFY(other->color == needed.missing[0].color && !other->from);
}

DESK_TEST_MAIN(TryTask)
