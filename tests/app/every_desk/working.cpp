// SPDX-License-Identifier: GPL-3.0-or-later
// Keys, menus and long names at each desk, desks that are made late, and desks without a piece.
#include "app/every_desk/every_desk_task.h"

void EveryDeskTask::keys_go_to_what_is_worked_on() {
  QVERIFY(m_desk->open_demo());
  m_desk->window.activateWindow();
  QVERIFY(QTest::qWaitForWindowActive(&m_desk->window));
  const std::pair<Desk, const char*> views[] = {{Desk::Limit, "maskWheel"},  {Desk::Pick, "wheel"},
                                                {Desk::Grade, "staff"},      {Desk::Try, "tryPicture"},
                                                {Desk::Share, "shareStage"}, {Desk::Observe, "photo"}};
  for (const auto& [desk, view] : views) {
    m_desk->model().viewing().show_desk(desk);
    QVERIFY2(m_desk->window.focusWidget() == &m_desk->part<QWidget>(view), view);
  }
}

void EveryDeskTask::a_menu_over_a_photo_is_about_that_photo() {
  QVERIFY(m_desk->open_demo());
  m_desk->model().viewing().show_desk(Desk::Observe);
  auto& strip = m_desk->part<ReferenceStrip>("references");
  const QPoint second = strip.thumb_rect(1).center();
  QTimer::singleShot(0, [] {
    if (QWidget* popup = QApplication::activePopupWidget()) popup->close();
  });
  QContextMenuEvent menu(QContextMenuEvent::Mouse, second, strip.mapToGlobal(second));
  QCoreApplication::sendEvent(&strip, &menu);
  QCOMPARE(m_desk->session().reference, m_desk->piece().references[1].id);
}

/// And the color before it comes back.
void EveryDeskTask::a_press_on_the_mask_that_stays_is_a_pick() {
  QVERIFY(m_desk->open_demo());
  m_desk->model().viewing().show_desk(Desk::Limit);
  auto& mask = m_desk->part<WheelView>("maskWheel");
  m_desk->model().picking().use_color({0.2, 0.3, 0.4});
  m_desk->model().picking().use_color({0.4, 0.3, 0.2});
  const Srgb before = m_desk->session().color();
  const auto areas = m_desk->model().region()->outlines();
  DiscPoint within{0, 0};
  for (const DiscPoint& p : areas[0])
    within = {within.x + p.x / static_cast<double>(areas[0].size()),
              within.y + p.y / static_cast<double>(areas[0].size())};
  click(mask, mask.screen_point(within));
  QVERIFY(!(m_desk->session().color() == before));
  m_desk->trigger("goBackToPreviousColor");
  QCOMPARE(m_desk->session().color(), before);
}

void EveryDeskTask::what_is_typed_is_saved_and_goes_on_being_typed() {
  QVERIFY(m_desk->open_demo());
  m_desk->model().viewing().show_desk(Desk::Grade);
  m_desk->part<QAbstractButton>("page.sets").click();
  m_desk->window.activateWindow();
  QVERIFY(QTest::qWaitForWindowActive(&m_desk->window));
  auto& name = m_desk->part<QLineEdit>("setName");
  name.setFocus();
  name.selectAll();
  QTest::keyClicks(&name, "Embers");
  m_desk->trigger("save");
  QCOMPARE(current_set(m_desk->piece())->name, std::string("Embers"));
  QVERIFY(m_desk->window.focusWidget() == &name);
}

void EveryDeskTask::tab_goes_round_and_comes_back() {
  QVERIFY(m_desk->open_demo());
  for (const auto& [desk, desk_word] : kDeskWords) {
    m_desk->model().viewing().show_desk(desk);
    QCoreApplication::processEvents();
    std::vector<QWidget*> way;
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
    QWidget* first = QApplication::focusWidget();
    for (QWidget* at = first; way.size() < 300;) {
      way.push_back(at);
      QTest::keyClick(at, Qt::Key_Tab);
      at = QApplication::focusWidget();
      QVERIFY(at && at->isVisible() && at->isEnabled());
      if (at == first) break;
    }
    QVERIFY2(way.size() < 300, "the way has no end");
    // Stage and band follow each other as they stand, whenever the desk was made.
    const auto* stage = m_desk->window.findChild<StageArea*>();
    const auto* band = m_desk->window.findChild<ValueBand*>();
    for (std::size_t i = 0; i < way.size(); ++i) {
      QWidget* next = way[(i + 1) % way.size()];
      if (!stage->isAncestorOf(way[i]) || stage->isAncestorOf(next) || !band->isVisible()) continue;
      QVERIFY2(band->isAncestorOf(next),
               qPrintable(way[i]->objectName() + " leads to " + next->objectName()));
    }
    const std::set<QWidget*> passed(way.begin(), way.end());
    QCOMPARE(passed.size(), way.size());
    for (auto* w : m_desk->window.findChildren<QWidget*>()) {
      const bool stops = w->isVisible() && w->isEnabled() &&
                         (w->focusPolicy() & Qt::TabFocus) == Qt::TabFocus && !w->focusProxy();
      if (!stops || qobject_cast<QScrollBar*>(w)) continue;
      // One of a group of buttons stands for the group.
      if (const auto* button = qobject_cast<QAbstractButton*>(w); button && button->group()) continue;
      QVERIFY2(passed.contains(w), qPrintable(QStringLiteral("desk %1: no way to %2 %3")
                                                  .arg(static_cast<int>(desk))
                                                  .arg(w->metaObject()->className(), w->objectName())));
    }
  }
}

/// Whether the piece was there before a desk or came after it.
void EveryDeskTask::a_desk_made_late_shows_what_one_made_early_does() {
  // Straight to what takes the most from the piece.
  constexpr Desk way[] = {Desk::Try, Desk::Share, Desk::Limit, Desk::Observe, Desk::Grade, Desk::Pick};
  const auto seen = [&way](DeskTop& desk) {
    std::vector<QImage> out;
    desk.rest();
    for (const Desk place : way) {
      desk.model().viewing().show_desk(place);
      desk.rest();
      out.push_back(desk.window.grab().toImage());
    }
    return out;
  };
  m_desk->make_all();
  QVERIFY(m_desk->open_demo());
  const auto early = seen(*m_desk);
  m_desk = std::make_unique<DeskTop>();
  QVERIFY(m_desk->open_demo());
  const auto late = seen(*m_desk);
  for (std::size_t i = 0; i < early.size(); ++i)
    QVERIFY2(early[i] == late[i], word_for(kDeskWords, way[i]).c_str());
}

void EveryDeskTask::long_names_leave_the_window_its_size() {
  QVERIFY(m_desk->open_demo());
  const std::string name =
      "the last light on the copper above the third doorway as it is seen from the bridge in rain, ";
  const std::string longest = name + name + name + "end";
  m_desk->model().store().apply("Names", [&](Piece p) {
    auto out = with_title(std::move(p), longest);
    const Piece named = *out;
    for (const auto& r : named.references) out = with_reference_named(std::move(out).value(), r.id, longest);
    const SwatchSet& set = *current_set(named);
    out = with_set_named(std::move(out).value(), set.id, longest);
    for (const auto& f : set.families) {
      out = with_family_named(std::move(out).value(), f.id, longest + std::to_string(f.id));
      for (const auto& s : f.swatches) out = with_swatch_named(std::move(out).value(), s.id, longest);
    }
    return with_version_kept(std::move(out).value(), set.id, longest);
  });
  QStringList wrong;
  at_each([&](const QString& where) {
    m_desk->window.notice().tell("The piece is read-only here.");
    QCoreApplication::processEvents();
    const QSize least = m_desk->window.minimumSizeHint();
    if (m_desk->window.size() != QSize(1280, 800) || least.width() > 1280 || least.height() > 800)
      wrong << QStringLiteral("%1 wants %2 x %3").arg(where).arg(least.width()).arg(least.height());
    for (auto* button : m_desk->window.findChildren<QAbstractButton*>()) {
      const QRect inside(button->mapTo(&m_desk->window, QPoint()), button->size());
      if (button->isVisible() && (inside.left() < 0 || inside.right() >= 1280))
        wrong << where + ": " + button->objectName() + " leaves the window";
    }
  });
  QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("\n")));
}

/// An empty piece at each desk: words say what comes first, and no command takes the program down.
void EveryDeskTask::every_desk_stands_without_a_piece() {
  // The menu of families has none to offer, and says so.
  auto* families = m_desk->part<QAbstractButton>("layFamily").findChild<QMenu*>();
  emit families->aboutToShow();
  QVERIFY(families->actions().size() == 1 && !families->actions()[0]->isEnabled());
  m_desk->trigger("newPiece");
  m_desk->model().store().apply("Bare", [](Piece p) {
    p.sets.change(0).families.clear();
    return p;
  });
  at_each([&](const QString&) {
    QVERIFY(!m_desk->window.grab().isNull());
    // Some make their parts anew while they are worked on.
    const auto there = m_desk->window.findChildren<QWidget*>();
    for (const QPointer<QWidget>& w : QList<QPointer<QWidget>>(there.begin(), there.end())) {
      if (!w || !w->isVisible() || qobject_cast<QAbstractButton*>(w) || qobject_cast<QComboBox*>(w) ||
          qobject_cast<QLineEdit*>(w))
        continue;
      if (!(w->focusPolicy() & Qt::TabFocus)) continue;
      for (const int key :
           {Qt::Key_Right, Qt::Key_Up, Qt::Key_Delete, Qt::Key_Return, Qt::Key_F2, Qt::Key_Escape})
        if (w) QTest::keyClick(w, static_cast<Qt::Key>(key));
      if (w) drag(*w, {w->width() * 0.3, w->height() * 0.3}, {w->width() * 0.6, w->height() * 0.6}, 3);
    }
  });
  // A set may have come down from the shelf; nothing was laid in the piece's own.
  QCOMPARE(swatch_count(m_desk->piece().sets[0]), std::size_t{0});
}

void EveryDeskTask::no_desk_keeps_a_photo_of_the_piece_before() {
  QVERIFY(m_desk->open_demo());
  QVERIFY(m_desk->photo_shown());
  const std::weak_ptr<const Photo> photo = m_desk->model().reader().photo();
  m_desk->model().tries().change_study("Cut", [](Study& s) { s.by_areas = true; });
  at_each([&](const QString&) {
    static_cast<void>(m_desk->model().paints().inside());
    QTest::qWait(50);
  });
  QVERIFY(!photo.expired());
  m_desk->model().viewing().show_desk(Desk::Pick);
  m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
  m_desk->documents().new_piece();
  QVERIFY(comes_true([&] { return photo.expired(); }));
}

void EveryDeskTask::each_change_is_told_to_whom_it_concerns() {
  QVERIFY(m_desk->open_demo());
  AppModel& model = m_desk->model();
  std::vector<Parts> told;
  connect(&model, &AppModel::changed, this, [&told](const Parts& parts) { told.push_back(parts); });
  const auto after = [&told](const auto& act) {
    told.clear();
    act();
    return told.size() == 1 ? told.front() : Parts();
  };
  const auto edit = [&](const PieceStore::Edit& with) {
    return after([&] { QVERIFY(model.store().apply("edit", with)); });
  };
  QVERIFY(edit([](Piece p) { return with_title(std::move(p), "Another title"); }) == Parts{Part::Words});
  QVERIFY(edit([](Piece p) { return with_mask_turned(std::move(p), 15); }) == Parts{Part::Geometry});
  QVERIFY(after([&] { model.picking().pick_value(31); }) == Parts{Part::Color});
  QVERIFY(after([&] { model.viewing().look_with(ColorVision::Values); }) == Parts{Part::ColorVision});
  Adjustment turned;
  turned.turn = 20;
  QVERIFY(after([&] { model.set_work().try_out(turned); }) == Parts{Part::Adjustment});
  QVERIFY(after([&] { model.set_work().select_all(); }) == Parts{Part::Selection});
  Trying dragged = model.session().trying;
  dragged.edge = 0.3;
  QVERIFY(after([&] { model.viewing().try_on(dragged); }) == Parts{Part::TryEdge});
  (void)after([&] { model.laying().lay_current(); });
  QVERIFY((told == std::vector<Parts>{{Part::Sets}, {Part::Selection}}));
  disconnect(&model, nullptr, this, nullptr);
}

void EveryDeskTask::what_a_start_cannot_follow_is_said() {
  const auto sentence = [](const QStringList& words) {
    const auto asked = start_options(words);
    return asked ? QString() : QString::fromStdString(asked.error().sentence());
  };
  QCOMPARE(sentence({"--desk", "kitchen"}),
           QString("--desk: \"kitchen\" is no such choice; give observe, limit, pick, grade, try or share."));
  QVERIFY(sentence({"--hues", "nonsense"}).contains("traditional, light, ink or even"));
  for (const char* size : {"1280", "1280x", "0x800", "-1x5", "axb", "1x2x3"})
    QVERIFY2(sentence({"--size", size}).startsWith("--size: "), size);
  QVERIFY(!sentence({"--no-such-thing"}).isEmpty());
  const auto asked = start_options({"a file", "another", "--surround", "light", "--size", "1024x700",
                                    "--press", "a", "--press", "b", "--color-vision", "deutan"});
  QVERIFY(asked && *asked);
  QCOMPARE((*asked)->files, (QStringList{"a file", "another"}));
  QVERIFY((*asked)->surround == Surround::Light && !(*asked)->desk &&
          (*asked)->vision == ColorVision::Deutan);
  QCOMPARE((*asked)->size, QSize(1024, 700));
  QCOMPARE((*asked)->buttons, (QStringList{"a", "b"}));
}

void EveryDeskTask::numbers_are_changed_by_what_is_typed() {
  struct Row {
    Desk desk;
    const char *field, *first, *typed;
    double result;
  };
  const Row rows[] = {
      {Desk::Pick, "place.hue", "300", "+=120", 60}, // Round the wheel.
      {Desk::Pick, "place.hue", "40", "-60", 340},      {Desk::Pick, "place.saturation", "20", "+5", 25},
      {Desk::Pick, "place.value", "40", "*=1.5", 60},   {Desk::Pick, "place.value", "40", "/=2", 20},
      {Desk::Limit, "patternSpread", "30", "+=12", 42}, {Desk::Limit, "patternSpread", "30", "-12", 18},
      {Desk::Grade, "ruleGap", "20", "*= 2", 40},       {Desk::Grade, "adjustValue", "-20", "-=5", -25},
      {Desk::Grade, "adjustValue", "-20", "+5", 5}, // May be negative, so this is a number.
      {Desk::Grade, "adjustTurn", "30", "/=-2", -15}};
  QVERIFY(m_desk->open_demo());
  m_desk->model().store().apply(
      "Remove mask", [](Piece p) -> Result<Piece> { return with_mask(std::move(p), std::nullopt); });
  for (const Row& row : rows) {
    m_desk->model().viewing().show_desk(row.desk);
    auto& field = m_desk->part<NumberField>(row.field);
    type_into(field, row.first);
    type_into(field, row.typed);
    QVERIFY2(std::abs(field.value() - row.result) < 0.051,
             qPrintable(QString("%1 %2: %3").arg(row.field, row.typed).arg(field.value())));
  }
  auto& value = m_desk->part<NumberField>("place.value");
  m_desk->model().viewing().show_desk(Desk::Pick);
  type_into(value, "40");
  for (const char* wrong : {"+=80", "/=0", "*=", "+=x", "=5", "+-"}) {
    type_into(value, wrong);
    QVERIFY2(std::abs(value.value() - 40) < 0.051 && !word_at_field(m_desk->window).isEmpty(), wrong);
  }
}

void EveryDeskTask::photos_and_palettes_open_too() {
  for (const char* ending :
       {"*.jpg", "*.jpeg", "*.png", "*.tif", "*.webp", "*.heic", "*.heif", "*.avif", "*.gif", "*.bmp"})
    QVERIFY2(photo_patterns().split(' ').contains(ending), ending);
  m_desk->model().viewing().show_desk(Desk::Pick);
  m_desk->window.arrivals().open_files({DEMO_PHOTOS "/noon.jpg", DEMO_PHOTOS "/forge.jpg"});
  QVERIFY(comes_true([this] { return m_desk->piece().references.size() == 2; }));
  QVERIFY(m_desk->session().desk == Desk::Observe && m_desk->photo_shown());
  m_desk->window.arrivals().open_files({DEMO_PHOTOS "/../palettes/forge-study.csv"});
  QVERIFY(comes_true([this] { return m_desk->session().desk == Desk::Grade; }));
  QVERIFY(m_desk->part<QPushButton>("importTake").isVisible());
  // A piece is told by what it holds, whatever its name.
  const QTemporaryDir folder;
  const QString renamed = folder.filePath("a photo of it.jpg");
  QVERIFY(QFile::copy(DEMO_PIECE, renamed));
  m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
  m_desk->window.arrivals().open_files({renamed});
  QVERIFY(comes_true([this] { return m_desk->piece().references.size() == 5; }));
}

void EveryDeskTask::below_the_usual_size_words_are_smaller() {
  const int usual = text_font().pixelSize();
  qputenv("QT_SCALE_FACTOR", "0.8");
  apply_interface_size();
  // The toolkit would paint four fifths of the window.
  QVERIFY(!qEnvironmentVariableIsSet("QT_SCALE_FACTOR"));
  QCOMPARE(text_font().pixelSize(), std::lround(usual * 0.8));
  {
    DeskTop small;
    QCOMPARE(small.part<QLabel>("state").fontInfo().pixelSize(), caption_font().pixelSize());
  }
  qputenv("QT_SCALE_FACTOR", "1.5");
  apply_interface_size();
  QCOMPARE(qgetenv("QT_SCALE_FACTOR"), QByteArray("1.5"));
  QCOMPARE(text_font().pixelSize(), usual);
  qunsetenv("QT_SCALE_FACTOR");
}
