// SPDX-License-Identifier: GPL-3.0-or-later
// Keys, on every layout of a keyboard, and what they do in the place of a hand.
#include "app/hands/hands_task.h"

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
