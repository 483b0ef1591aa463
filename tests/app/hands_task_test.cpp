// SPDX-License-Identifier: GPL-3.0-or-later
// Mice, pens, fingers and wheels.
#include "app/hands/hands_task.h"
#include "support/menus.h"

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
  const QStringList offered = words_in_menu([&] {
    pen(wheel, wheel.screen_point({0.5, 0.1}), Qt::RightButton);
    pen(wheel, wheel.screen_point({0.5, 0.1}), Qt::NoButton);
  });
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

DESK_TEST_MAIN(HandsTask)
