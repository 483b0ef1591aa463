// SPDX-License-Identifier: GPL-3.0-or-later
// Canvases checked anew, pictures written, other keys and lights.
#include "app/try/try_task.h"

void TryTask::a_canvas_saved_from_outside_is_checked_anew() {
  const QTemporaryDir folder;
  const QString path = folder.filePath("canvas.png");
  const Srgb in_set = set().families[1].swatches[2].color;
  const auto save = [&](Srgb color) {
    QImage image(60, 40, QImage::Format_RGB32);
    const Srgb8 c = rounded_8bit(color);
    image.fill(QColor(c.r, c.g, c.b));
    return image.save(path);
  };
  QVERIFY(save(in_set));
  m_desk->model().canvases().follow_canvas(path);
  QVERIFY(comes_true([&] { return !m_desk->piece().references.back().follows.empty(); }));
  QVERIFY(m_desk->photo_shown());
  press_word("try.check");
  auto& says = m_desk->part<QLabel>("try.says");
  QVERIFY(comes_true([&] { return says.text().contains("far from every swatch 0.0 %"); }));
  const QColor quiet = seen(view(), {400, 250});
  QTest::qWait(20); // Another time stamp.
  QVERIFY(save({0, 1, 0}));
  QVERIFY(comes_true([&] { return says.text().contains("far from every swatch 100.0 %"); }));
  QCOMPARE(seen(view(), {400, 250}).name(), QString("#00ff00"));
  QVERIFY(quiet.name() != hex(in_set));
  // Light, middle and dark beside those of another reference; pure green is light.
  QVERIFY(says.text().contains("light 100.0"));
  m_desk->choose("try.against", QVariant::fromValue(m_desk->piece().references[1].id));
  const auto shares = m_desk->model().tries().shares_against();
  QVERIFY(shares && shares->light > 0.05 && shares->dark > 0.05);
  QVERIFY(says.text().contains(
      QStringLiteral("light 100.0 (compared with %1").arg(100 * shares->light, 0, 'f', 1)));
  // Each kind of stray can be looked for alone.
  press_word("try.showFar");
  press_word("try.showOutside");
  QVERIFY(seen(view(), {400, 250}).name() != "#00ff00");
  press_word("try.showFar");
  QCOMPARE(seen(view(), {400, 250}).name(), QString("#00ff00"));
}

void TryTask::the_picture_is_written_at_full_size() {
  const QTemporaryDir folder;
  m_desk->dialogs.export_path = folder.filePath("study.png");
  m_desk->trigger("savePicture");
  QVERIFY(comes_true([&] { return m_desk->notice().contains("Saved to"); }));
  const QImage read(m_desk->dialogs.export_path);
  const auto photo = m_desk->model().tries().photo();
  QCOMPARE(read.size(), photo->full().size());
  for (const QPoint p : {QPoint(10, 10), QPoint(700, 500), QPoint(1600, 1000)})
    QCOMPARE(read.pixelColor(p).name(), hex(nearest(p, set().families)->color));
  // JPEG too says which colors are meant.
  m_desk->dialogs.export_path = folder.filePath("study.jpg");
  m_desk->trigger("savePicture");
  QVERIFY(comes_true([&] { return m_desk->notice().contains("study.jpg"); }));
  QCOMPARE(QImage(m_desk->dialogs.export_path).colorSpace(), QColorSpace(QColorSpace::SRgb));
  m_desk->dialogs.export_path = folder.filePath("study.bmp");
  m_desk->trigger("savePicture");
  QVERIFY(comes_true([&] { return m_desk->notice().contains(".png or .jpg"); }));
}

/// In check, with two sides, squinting: what the file holds is what is seen.
void TryTask::the_picture_written_is_the_one_seen() {
  const QTemporaryDir folder;
  const auto written = [&](const char* name) {
    m_desk->dialogs.export_path = folder.filePath(name);
    m_desk->trigger("savePicture");
    if (!comes_true([&] { return m_desk->notice().contains(QLatin1String(name)); })) qFatal("not exported");
    return QImage(m_desk->dialogs.export_path);
  };
  const QImage photo = m_desk->model().tries().photo()->full();
  press_word("try.check");
  const QImage checked = written("check.png");
  QVERIFY(checked != photo);
  const TriedPicture tried = m_desk->model().tries().seen(photo.size(), 0.5).tried;
  QVERIFY(tried.right.way == TryWay::Check && !tried.two);
  const SwatchMatcher matcher(tried.right.colors);
  const StrayChecker checker(&matcher, tried.right.mask ? &*tried.right.mask : nullptr, tried.right.limits);
  int strays = 0;
  for (int y = 0; y < photo.height(); y += 31)
    for (int x = 0; x < photo.width(); x += 37) {
      const Stray stray = checker.stray({photo.pixel(x, y)});
      strays += stray.far || stray.outside;
      QCOMPARE(checked.pixel(x, y) == photo.pixel(x, y), stray.far || stray.outside);
    }
  QVERIFY(strays > 10);
  Trying two = trying();
  two.way = TryWay::Study;
  two.two = true;
  two.edge = 0.5;
  m_desk->model().viewing().try_on(two);
  const QImage both = written("both.png");
  QCOMPARE(both.pixel(photo.width() / 4, 100), photo.pixel(photo.width() / 4, 100));
  const QPoint right(photo.width() * 3 / 4, 100);
  QCOMPARE(both.pixelColor(right).name(), hex(nearest(right, set().families)->color));
}

/// Used by a few pixels only, in a picture that is averaged for the shares: still used.
void TryTask::what_few_pixels_use_stays() {
  const QTemporaryDir folder;
  QImage picture(3000, 2000, QImage::Format_RGB32);
  picture.fill(QColor(40, 44, 52));
  std::mt19937 random(3);
  for (int y = 0; y < picture.height(); ++y)
    for (int x = 0; x < picture.width(); ++x)
      picture.setPixel(x, y, qRgb(30 + random() % 24, 36 + random() % 20, 44 + random() % 20));
  for (int i = 0; i < 36; ++i) picture.setPixel(700 + i % 6, 400 + i / 6, qRgb(255, 0, 255));
  QVERIFY(picture.save(folder.filePath("lights.png")));
  m_desk->dialogs.photo_paths = {folder.filePath("lights.png")};
  const std::size_t references = m_desk->piece().references.size();
  m_desk->trigger("addPhotos");
  QVERIFY(comes_true([&] { return m_desk->piece().references.size() == references + 1; }));
  QVERIFY(m_desk->photo_shown());
  m_desk->model().viewing().show_desk(Desk::Try);
  QVERIFY(m_desk->model().store().apply("Lay", [](Piece p) {
    return with_laid_family(std::move(p), "lights", {{{1, 0, 1}, {}}});
  }));
  const Id light = set().families.back().swatches[0].id;
  m_desk->trigger("removeUnusedSwatches");
  QVERIFY(comes_true([&] { return m_desk->model().store().stack().undoText().startsWith("Remove"); }));
  QVERIFY(find_swatch(m_desk->piece(), light));
  QVERIFY(swatch_count(set()) < 10);
}

void TryTask::the_picture_stands_in_another_key_beside_the_study() {
  const auto choose = [this](const char* list, const QString& key) {
    auto& box = m_desk->part<QComboBox>(list);
    for (int i = 0; i < box.count(); ++i)
      if (box.itemData(i).toList().value(3).toString() == key) {
        box.setCurrentIndex(i);
        emit box.activated(i);
        return;
      }
    qFatal("no such key");
  };
  press_word("try.photo");
  const QPointF at(250, 250);
  const Wheel& wheel = m_desk->model().wheel();
  const auto color_at = [&] {
    const QColor c = seen(view(), at);
    return Srgb{c.redF(), c.greenF(), c.blueF()};
  };
  Trying photo = trying();
  photo.right = {true};
  m_desk->model().viewing().try_on(photo);
  const Srgb plain = color_at();
  choose("try.right", "turn.90");
  const Srgb turned = KeyMap::turned(wheel, 90).moved(plain).color;
  QVERIFY(largest_step(plain, turned) > 0.05);
  QVERIFY(comes_true([&] { return largest_step(color_at(), turned) < 1.2 / 255; }));
  // Pressed into the mask it goes with the mask.
  choose("try.right", "mask");
  const auto pressed = [&] {
    return KeyMap::pressed(wheel, MaskRegion(*m_desk->piece().mask)).moved(plain).color;
  };
  const Srgb first = pressed();
  QVERIFY(comes_true([&] { return largest_step(color_at(), first) < 1.2 / 255; }));
  m_desk->model().masking().turn_mask(100);
  QVERIFY(largest_step(first, pressed()) > 0.02);
  QVERIFY(comes_true([&] { return largest_step(color_at(), pressed()) < 1.2 / 255; }));
  // Beside the study, and so it is written.
  press_word("try.study");
  press_word("try.two");
  choose("try.left", "turn.90");
  Trying two = trying();
  two.right = {};
  two.edge = 0.5;
  m_desk->model().viewing().try_on(two);
  const QTemporaryDir folder;
  m_desk->dialogs.export_path = folder.filePath("keyed.png");
  m_desk->trigger("savePicture");
  QVERIFY(comes_true([&] { return m_desk->notice().contains("keyed.png"); }));
  const QImage written(m_desk->dialogs.export_path), full = m_desk->model().tries().photo()->full();
  for (int y = 5; y < full.height(); y += 97) {
    const QColor from = full.pixelColor(full.width() / 5, y), to = written.pixelColor(full.width() / 5, y);
    const Srgb wanted = KeyMap::turned(wheel, 90).moved(Srgb{from.redF(), from.greenF(), from.blueF()}).color;
    QVERIFY(largest_step(wanted, {to.redF(), to.greenF(), to.blueF()}) < 0.6 / 255);
    const QColor right = written.pixelColor(full.width() * 4 / 5, y),
                 there = full.pixelColor(full.width() * 4 / 5, y);
    QCOMPARE(right.name(),
             hex(nearest({there.redF(), there.greenF(), there.blueF()}, set().families)->color));
  }
}

void TryTask::light_becomes_a_version() {
  press_word("try.light");
  m_desk->model().picking().use_color({1, 0.6, 0.3});
  press_word("light.use");
  const QPointF at(400, 120);
  const QColor before = seen(view(), at);
  type_into(m_desk->part<QLineEdit>("light.strength"), "80");
  type_into(m_desk->part<QLineEdit>("light.stops"), "-1");
  QVERIFY(seen(view(), at) != before);
  const std::size_t versions = set().versions.size();
  press_word("light.take");
  QCOMPARE(set().versions.size(), versions + 1);
  const SetVersion& kept = set().versions.back();
  const Swatch &now = set().families[0].swatches[0], &lit_one = kept.families[0].swatches[0];
  QCOMPARE(lit_one.color, UnderLight({1, 0.6, 0.3}, 0.8, -1).seen(now.color));
  press_word("light.off");
  QCOMPARE(seen(view(), at), before);
}

void TryTask::what_is_used_is_shown_though_it_was_known_before() {
  m_desk = demo_at(Desk::Pick);
  QVERIFY(m_desk->photo_shown());
  QVERIFY(comes_true([this] { return !m_desk->model().tries().uses().empty(); }));
  QCoreApplication::processEvents();
  m_desk->model().viewing().show_desk(Desk::Try);
  auto& bar = m_desk->part<UseBar>("useBar");
  QVERIFY(!bar.accessible().items.empty());
  // Over its part, what is used lights up in the picture.
  const AccessibleItem part = bar.accessible().items[1];
  move(bar, part.rect.center(), Qt::NoButton);
  const Swatch* lit = find_swatch(m_desk->piece(), m_desk->model().tries().hovered());
  QVERIFY(lit && part.name.contains(QString::fromStdString(lit->name)));
  QEvent gone(QEvent::Leave);
  QCoreApplication::sendEvent(&bar, &gone);
  QCOMPARE(m_desk->model().tries().hovered(), Id{0});
}

void TryTask::every_picture_and_set_works_data() {
  QTest::addColumn<QImage>("image");
  const auto filled = [](int w, int h, QImage::Format format, QColor color) {
    QImage image(w, h, format);
    image.fill(color);
    return image;
  };
  QTest::newRow("one pixel") << filled(1, 1, QImage::Format_RGB32, Qt::red);
  QTest::newRow("one color") << filled(300, 200, QImage::Format_RGB32, Qt::blue);
  QTest::newRow("transparent") << filled(300, 200, QImage::Format_ARGB32, Qt::transparent);
  QTest::newRow("grey") << filled(300, 200, QImage::Format_Grayscale8, Qt::gray);
  QTest::newRow("16 bits") << filled(300, 200, QImage::Format_RGBA64, QColor(10, 200, 90));
  QTest::newRow("a line") << filled(900, 1, QImage::Format_RGB32, Qt::green);
}

void TryTask::every_picture_and_set_works() {
  QFETCH(QImage, image);
  m_desk->model().photos().import_photo(image, "odd");
  QVERIFY(comes_true([&] { return m_desk->piece().references.back().name == "odd"; }));
  m_desk->model().viewing().show_reference(m_desk->piece().references.back().id);
  QVERIFY(m_desk->photo_shown());
  const auto through_all = [&] {
    for (const char* way : {"try.photo", "try.study", "try.follow", "try.check"}) {
      press_word(way);
      view().grab();
      click(view(), {300, 200});
    }
    press_word("try.study");
    press_word("try.byAreas");
    view().grab();
    QVERIFY(comes_true([&] { return m_desk->model().tries().areas() != nullptr; }));
    view().grab();
    press_word("try.byAreas");
  };
  through_all();
  // A set of one, and one of none.
  m_desk->model().store().apply("One", [](Piece p) -> Result<Piece> {
    auto& families = p.sets.change(0).families;
    while (families.size() > 1) families.pop_back();
    auto& swatches = families.change(0).swatches;
    while (swatches.size() > 1) swatches.pop_back();
    return p;
  });
  through_all();
  m_desk->model().store().apply("None", [](Piece p) -> Result<Piece> {
    p.sets.change(0).families.clear();
    return p;
  });
  through_all();
  QVERIFY(m_desk->part<QLabel>("try.says").text().contains("set is empty"));
}
