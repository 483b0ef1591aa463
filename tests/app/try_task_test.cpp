// SPDX-License-Identifier: GPL-3.0-or-later
// Trying the set on a picture: everything a hand does at this desk, and what the piece then holds.
#include "app/band/staff_view.h"
#include "app/desks/try/try_view.h"
#include "app/desks/try/use_bar.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "core/piece/laying.h"
#include "core/try/render.h"
#include "desk.h"
#include "io/container/piece_file.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QColorSpace>
#include <QComboBox>
#include <QContextMenuEvent>
#include <QMenu>
#include <QPushButton>
#include <QTimer>

#include <random>

using namespace zc;
using namespace zc::test;

class TryTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = demo_at(Desk::Try);
    QVERIFY(m_desk->photo_shown());
  }
  void cleanup() { m_desk.reset(); }
  void a_click_takes_up_the_swatch_that_is_seen();
  void two_versions_meet_under_the_edge();
  void follow_moves_the_photo_from_version_to_version();
  void a_swatch_changed_is_seen_at_once_and_its_use_told();
  void flat_artwork_is_bound_area_by_area();
  void what_lacks_is_laid();
  void a_canvas_saved_from_outside_is_checked_anew();
  void the_picture_is_written_at_full_size();
  void the_picture_written_is_the_one_seen();
  void what_few_pixels_use_stays();
  void the_picture_stands_in_another_key_beside_the_study();
  void light_becomes_a_version();
  void what_is_used_is_shown_though_it_was_known_before();
  void every_picture_and_set_works_data();
  void every_picture_and_set_works();

private:
  TryView& view() { return m_desk->part<TryView>("tryPicture"); }
  Trying trying() { return m_desk->session().trying; }
  void press_word(const char* name) { m_desk->part<QAbstractButton>(name).click(); }
  const SwatchSet& set() { return *current_set(m_desk->piece()); }
  /// The nearest swatch of the set to a pixel of the photo, by brute force.
  const Swatch* nearest(QPoint pixel, const List<Family>& families) {
    const auto photo = m_desk->model().tries().photo();
    const QColor c = photo->full().pixelColor(pixel);
    return nearest({c.redF(), c.greenF(), c.blueF()}, families);
  }
  static const Swatch* nearest(Srgb color, const List<Family>& families) {
    const Swatch* best = nullptr;
    for (const auto& family : families)
      for (const auto& s : family.swatches)
        if (!best || ciede2000(lab_from_srgb(color), lab_from_srgb(s.color)) <
                         ciede2000(lab_from_srgb(color), lab_from_srgb(best->color)))
          best = &s;
    return best;
  }
  static QString hex(Srgb c) { return QString::fromStdString(hex_of(c)); }
  /// Shows the demo's flat drawing, one pixel of it for one of the screen.
  void show_drawing() {
    for (const auto& r : m_desk->piece().references)
      if (r.name == "Row, flat drawing") m_desk->model().viewing().show_reference(r.id);
    QVERIFY(m_desk->photo_shown());
  }
  std::unique_ptr<DeskTop> m_desk;
};

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
  QTimer::singleShot(0, this, [] {
    auto* menu = qobject_cast<QMenu*>(QApplication::activePopupWidget());
    QVERIFY(menu);
    menu->actions().front()->trigger();
    menu->close();
  });
  const QPoint pot = view().place_of(168, 465).toPoint();
  QContextMenuEvent asked(QContextMenuEvent::Mouse, pot, view().mapToGlobal(pot));
  QApplication::sendEvent(&view(), &asked);
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
  QVERIFY(!m_desk->part<UseBar>("useBar").accessible().items.empty());
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

DESK_TEST_MAIN(TryTask)
#include "try_task_test.moc"
