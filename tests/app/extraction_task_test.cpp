// SPDX-License-Identifier: GPL-3.0-or-later
// Reading a photo as a user does, taking a palette out of it, and putting it to use on the mask.
#include "app/band/staff_view.h"
#include "app/band/value_axis.h"
#include "app/controls/number_field.h"
#include "app/desks/limit/reference_panel.h"
#include "app/desks/observe/reading_panel.h"
#include "app/desks/observe/reference_strip.h"
#include "app/photo/photo_view.h"
#include "app/tray/chip_row.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/mask/patterns.h"
#include "core/piece/set_edits.h"
#include "desk.h"
#include "io/photo/decode.h"
#include "model/photo/photo_model.h"

#include <QComboBox>
#include <QMimeData>
#include <QPushButton>
#include <QSlider>
#include <map>

#include <set>

using namespace zc;
using namespace zc::test;

class ExtractionTask : public QObject {
  Q_OBJECT
private slots:
  void init() { m_desk = demo_at(Desk::Observe); }
  void cleanup() { m_desk.reset(); }

  void every_way_of_looking_is_in_a_list_and_a_key_away();
  void flat_limits_are_dragged_on_the_axis();
  void the_edge_parts_before_and_after();
  void a_region_restricts_what_is_read();
  void samples_are_laid_straight_or_brought_into_the_mask();
  void a_palette_is_taken_changed_accepted_and_undone();
  void a_running_extraction_is_stopped();
  void what_cannot_be_taken_says_so();
  void a_mask_is_fitted_to_the_reference();
  void what_was_begun_for_another_piece_is_dropped();
  void the_view_turns_mirrors_and_crops();
  void a_folder_brings_its_photos_and_names_the_others();

private:
  PhotoView& photo() { return m_desk->part<PhotoView>("photo"); }
  QWidget& rail() { return m_desk->part<QWidget>("rail"); }
  const Looking& looking() { return m_desk->session().looking; }
  const Extracted& extracted() { return m_desk->session().extracted; }
  void press_button(const char* name) { m_desk->part<QAbstractButton>(name).click(); }
  QPointF spot(double x, double y) {
    const QImage& image = m_desk->model().reader().photo()->full();
    return photo().place_of(static_cast<int>(x * image.width()), static_cast<int>(y * image.height()));
  }
  double value_seen(QPointF at) {
    const QColor c = seen(photo(), at);
    return value_of({c.redF(), c.greenF(), c.blueF()});
  }
  bool take_colors() {
    press_button("takeColors");
    return comes_true([this] { return !extracted().colors.empty(); });
  }
  std::unique_ptr<DeskTop> m_desk;
};

void ExtractionTask::every_way_of_looking_is_in_a_list_and_a_key_away() {
  const QPointF at = spot(0.3, 0.6);
  const QColor color = seen(photo(), at);
  QVERIFY(color.saturation() > 20);
  photo().setFocus();
  const std::pair<Qt::Key, PhotoLook> looks[] = {
      {Qt::Key_V, PhotoLook::Value}, {Qt::Key_F, PhotoLook::Flat}, {Qt::Key_S, PhotoLook::Squint},
      {Qt::Key_T, PhotoLook::Steps}, {Qt::Key_M, PhotoLook::Mask}, {Qt::Key_C, PhotoLook::Color}};
  for (const auto& [key, look] : looks) {
    m_desk->choose("look", look);
    QCOMPARE(looking().look, look);
    const QImage by_list = photo().grab().toImage();
    m_desk->model().viewing().show_look(PhotoLook::Color);
    QTest::keyClick(&photo(), key);
    QCOMPARE(looking().look, look);
    QVERIFY(photo().grab().toImage() == by_list);
  }
  // Flat tones are as many greys as asked; steps likewise; squinting takes detail away.
  const auto greys = [this] {
    std::set<QRgb> out;
    const QImage shot = photo().grab().toImage();
    for (int y = 0; y < 200; y += 3)
      for (int x = 0; x < 200; x += 3) out.insert(shot.pixel(spot(0.2, 0.3).toPoint() + QPoint(x, y / 2)));
    return out.size();
  };
  m_desk->choose("look", PhotoLook::Flat);
  type_into(m_desk->part<NumberField>("flatTones"), "2");
  QVERIFY(greys() <= 2);
  type_into(m_desk->part<NumberField>("flatTones"), "5");
  QVERIFY(greys() > 2 && greys() <= 5);
  m_desk->choose("look", PhotoLook::Steps);
  type_into(m_desk->part<NumberField>("toneSteps"), "4");
  QVERIFY(greys() <= 4);
  m_desk->choose("look", PhotoLook::Squint);
  const auto roughness = [this] {
    const QImage shot = photo().grab().toImage();
    double sum = 0;
    for (int x = 0; x < 150; ++x) {
      const QPoint p = spot(0.4, 0.8).toPoint() + QPoint(x, 0);
      sum += std::abs(qGreen(shot.pixel(p)) - qGreen(shot.pixel(p + QPoint(1, 0))));
    }
    return sum;
  };
  m_desk->part<QSlider>("squintAmount").setValue(2);
  const double little = roughness();
  m_desk->part<QSlider>("squintAmount").setValue(50);
  QVERIFY(roughness() < little / 4);
}

void ExtractionTask::flat_limits_are_dragged_on_the_axis() {
  m_desk->choose("look", PhotoLook::Flat);
  type_into(m_desk->part<NumberField>("flatTones"), "2");
  const double found = m_desk->model().reader().tones().limits[0];
  const ValueAxis axis(rail().height());
  const QPointF at = spot(0.5, 0.75);
  m_desk->model().viewing().show_look(PhotoLook::Value);
  const double here = value_seen(at);
  m_desk->choose("look", PhotoLook::Flat);
  const Srgb held = m_desk->session().color();
  // The limit dragged above, then below this place: it turns dark, then light.
  drag(rail(), {10, axis.y_of(found)}, {10, axis.y_of(here + 12)});
  CHECK_NEAR(looking().limits[0], here + 12, 0.3);
  const double as_dark = value_seen(at);
  drag(rail(), {10, axis.y_of(here + 12)}, {10, axis.y_of(here - 12)});
  QVERIFY(value_seen(at) > as_dark + 5);
  QCOMPARE(m_desk->session().color(), held); // the value line was left alone
  press_button("findLimits");
  CHECK_NEAR(m_desk->model().reader().tones().limits[0], found, 1e-9);
}

void ExtractionTask::the_edge_parts_before_and_after() {
  m_desk->model().store().apply("mask", [](Piece p) -> Result<Piece> {
    return with_mask_on(with_mask(std::move(p), pattern_mask({Pattern::Single, 240, 20})), true);
  });
  const QPointF left = spot(0.25, 0.7), right = spot(0.75, 0.7);
  m_desk->model().viewing().show_look(PhotoLook::Color);
  const QColor left_before = seen(photo(), left), right_before = seen(photo(), right);
  m_desk->choose("look", PhotoLook::Mask);
  QCOMPARE(seen(photo(), left), left_before);
  const QColor masked = seen(photo(), right);
  QVERIFY(masked != right_before);
  QVERIFY(std::abs(value_seen(right) -
                   value_of({right_before.redF(), right_before.greenF(), right_before.blueF()})) < 0.6);
  const double x = *photo().edge_x();
  drag(photo(), {x, photo().height() / 2.0}, {spot(0.05, 0.5).x(), photo().height() / 2.0});
  QVERIFY(seen(photo(), left) != left_before);
  CHECK_NEAR(looking().edge, 0.05, 0.01);
}

void ExtractionTask::a_region_restricts_what_is_read() {
  auto& panel = m_desk->part<ReadingPanel>("reading");
  panel.grab();
  const QString whole = panel.words();
  QVERIFY(whole.contains("key") && whole.contains("in the mask"));
  press_button("markRegion");
  drag(photo(), spot(0.4, 0.05), spot(0.6, 0.15));
  QVERIFY(looking().region && !looking().marking);
  // What lies around it is veiled and still seen.
  const auto around = [&] { return seen(photo(), spot(0.5, 0.5)); };
  const QColor veiled = around();
  QVERIFY(veiled != theme().stage && veiled != seen(photo(), spot(0.45, 0.7)));
  const QImage& image = m_desk->model().reader().photo()->full();
  QVERIFY(std::abs(looking().region->x - 0.4 * image.width()) < 6);
  // By hand, over the pixels of the region.
  const PixelView part = part_of(view_of(image), *looking().region);
  double light = 0, count = 0;
  for (int y = 0; y < part.height; ++y)
    for (int px = 0; px < part.width; ++px, ++count)
      light += value_of(srgb_from_8bit(color_of(part.row(y)[px]))) >= m_desk->piece().bands.light_from;
  const BandShares shares = band_shares(*m_desk->model().reader().values(), m_desk->piece().bands);
  CHECK_NEAR(shares.light, light / count, 0.01);
  panel.grab();
  QVERIFY(panel.words() != whole);
  photo().setFocus();
  QTest::keyClick(&photo(), Qt::Key_Escape);
  QVERIFY(!looking().region);
  QVERIFY(around() != veiled);
}

void ExtractionTask::samples_are_laid_straight_or_brought_into_the_mask() {
  const std::size_t before = swatch_count(*current_set(m_desk->piece()));
  const QPointF at = spot(0.25, 0.12);
  for (const int side : {1, 11, 31}) {
    m_desk->model().viewing().choose_sample_side(side);
    click(photo(), at, Qt::ControlModifier);
    const auto& laid = find_family(m_desk->piece(), m_desk->session().family)->swatches.back();
    const QPoint pixel = *photo().pixel_at(at);
    QVERIFY(largest_step(laid.color, *sample_average(view_of(m_desk->model().reader().photo()->full()),
                                                     pixel.x(), pixel.y(), side)) < 1e-12);
    // It remembers where it came from.
    QCOMPARE(laid.from, std::optional(SampleOrigin{m_desk->session().reference, pixel.x(), pixel.y()}));
  }
  QCOMPARE(swatch_count(*current_set(m_desk->piece())), before + 3);
  // A sample outside the mask at its nearest place, when asked.
  m_desk->model().store().apply("mask", [](Piece p) -> Result<Piece> {
    return with_mask_on(with_mask(std::move(p), pattern_mask({Pattern::Single, 60, 10})), true);
  });
  click(photo(), at);
  const Srgb as_it_is = m_desk->session().color();
  QCOMPARE(m_desk->model().in_mask(), std::optional(false));
  press_button("holdSamples");
  click(photo(), at);
  QCOMPARE(m_desk->model().in_mask(), std::optional(true));
  QVERIFY(std::abs(value_of(m_desk->session().color()) - value_of(as_it_is)) < 0.01);
  // A laid sample goes with its place, a picked color does not.
  m_desk->model().laying().lay_current();
  QVERIFY(find_family(m_desk->piece(), m_desk->session().family)->swatches.back().from.has_value());
  m_desk->model().picking().pick_value(50);
  m_desk->model().laying().lay_current();
  QVERIFY(!find_family(m_desk->piece(), m_desk->session().family)->swatches.back().from.has_value());
}

void ExtractionTask::a_palette_is_taken_changed_accepted_and_undone() {
  const Piece before = m_desk->piece();
  type_into(m_desk->part<NumberField>("count.light"), "3");
  type_into(m_desk->part<NumberField>("count.middle"), "4");
  type_into(m_desk->part<NumberField>("count.dark"), "3");
  type_into(m_desk->part<NumberField>("leastDifference"), "6");
  type_into(m_desk->part<NumberField>("accents"), "0");
  QVERIFY(take_colors());
  QCOMPARE(extracted().colors.size(), std::size_t{10});
  QCOMPARE(m_desk->piece(), before);                                                // nothing is laid yet
  QCOMPARE(m_desk->part<QLabel>("extractionWords").text(), QString("10 results.")); // Of no accents no word.
  auto& staff = m_desk->part<StaffView>("staff");
  auto& chips = m_desk->part<ChipRow>("harvest");
  QCOMPARE(m_desk->session().ramp.size(), std::size_t{10});
  // They stay beside the staff while colors are used; the pages of another desk have no say in it.
  m_desk->model().picking().use_color({0.3, 0.5, 0.7});
  QCOMPARE(m_desk->session().ramp.size(), std::size_t{10});
  for (std::size_t i = 0; i < 10; ++i) {
    const auto& c = extracted().colors[i];
    const QColor pin = seen(photo(), photo().place_of(c.x, c.y));
    QVERIFY(largest_step({pin.redF(), pin.greenF(), pin.blueF()}, c.color) < 2.0 / 255);
    QVERIFY(std::abs(ValueAxis(staff.height()).value_at(staff.ramp_rect(i).center().y()) -
                     value_of(c.color)) < 0.5);
  }
  // One is dropped, one pin is moved, the gap is refilled; the others stay.
  click(chips, chips.chip_rect(2).center());
  QCOMPARE(extracted().chosen, std::optional<std::size_t>(2));
  press_button("dropColor");
  QCOMPARE(extracted().colors.size(), std::size_t{9});
  const auto& c = extracted().colors[5];
  const QPointF from = photo().place_of(c.x, c.y), to = spot(0.9, 0.05);
  drag(photo(), from, to);
  const QPoint pixel = *photo().pixel_at(to);
  QCOMPARE(extracted().colors[5].x, pixel.x());
  QVERIFY(largest_step(extracted().colors[5].color,
                       *sample_average(view_of(m_desk->model().reader().photo()->full()), pixel.x(),
                                       pixel.y(), m_desk->session().sample_side)) < 1e-12);
  // The chosen pin goes on by keys, a pixel at a time.
  photo().setFocus();
  QTest::keyClick(&photo(), Qt::Key_Left);
  QCOMPARE(extracted().colors[5].x, pixel.x() - 1);
  QTest::keyClick(&photo(), Qt::Key_Down);
  QCOMPARE(extracted().colors[5].y, pixel.y() + 1);
  const auto wide = [this] { return QLineF(photo().place_of(0, 0), photo().place_of(100, 0)).length(); };
  const double fitted = wide();
  QTest::keyClick(&photo(), Qt::Key_Plus);
  CHECK_NEAR(wide() / fitted, 1.25, 1e-9);
  QTest::keyClick(&photo(), Qt::Key_Minus);
  CHECK_NEAR(wide(), fitted, 1e-9);
  const std::size_t all = extracted().colors.size();
  const ExtractedColor next = extracted().colors[6];
  QTest::keyClick(&photo(), Qt::Key_Delete);
  QCOMPARE(extracted().colors.size(), all - 1);
  QCOMPARE(extracted().colors[5], next);
  const auto kept = extracted().colors;
  press_button("refill");
  QVERIFY(comes_true([&] { return extracted().colors.size() > kept.size(); }));
  for (std::size_t i = 0; i < kept.size(); ++i) QCOMPARE(extracted().colors[i].color, kept[i].color);
  const auto accepted = extracted().colors;
  press_button("acceptColors");
  QVERIFY(extracted().colors.empty());
  std::size_t laid = 0;
  for (const auto& family : current_set(m_desk->piece())->families)
    for (const auto& swatch : family.swatches)
      if (swatch.from && std::any_of(accepted.begin(), accepted.end(), [&](const ExtractedColor& a) {
            return a.x == swatch.from->x && a.y == swatch.from->y && a.color == swatch.color;
          }))
        ++laid;
  QCOMPARE(laid, accepted.size());
  QVERIFY(current_set(m_desk->piece())->families.size() >= before.sets[0].families.size() + 2);
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece(), before);
  // What is light and dark is as the piece says.
  const Bands other{22, 48};
  QVERIFY(m_desk->model().store().apply("bands", [&](Piece p) { return with_bands(std::move(p), other); }));
  QVERIFY(take_colors());
  std::map<Band, int> counts;
  for (const ExtractedColor& color : extracted().colors) ++counts[band_of(value_of(color.color), other)];
  QCOMPARE(counts, (std::map<Band, int>{{Band::Dark, 3}, {Band::Middle, 4}, {Band::Light, 3}}));
}

void ExtractionTask::a_running_extraction_is_stopped() {
  auto& start = m_desk->part<QPushButton>("takeColors");
  start.click();
  QVERIFY(start.text().startsWith("Stop"));
  start.click();
  QVERIFY(comes_true([&] { return start.text() == QStringLiteral("Take palette"); }));
  QVERIFY(extracted().colors.empty());
  QVERIFY(m_desk->notice().contains("was stopped"));
}

void ExtractionTask::what_cannot_be_taken_says_so() {
  for (const char* count : {"count.light", "count.middle", "count.dark"})
    type_into(m_desk->part<NumberField>(count), "0");
  press_button("takeColors");
  QVERIFY(word_at_field(m_desk->window).contains("Between 1 and 200"));
  type_into(m_desk->part<NumberField>("count.light"), "60");
  type_into(m_desk->part<NumberField>("leastDifference"), "20");
  QVERIFY(take_colors());
  QVERIFY(m_desk->part<QLabel>("extractionWords").text().contains("does not have enough"));
  // A photo with nothing light: that is said, and the results before stay.
  const auto before = extracted().colors;
  const QTemporaryDir folder;
  QImage grey(60, 40, QImage::Format_RGB32);
  grey.fill(QColor(128, 128, 128));
  QVERIFY(grey.save(folder.filePath("grey.png")));
  m_desk->dialogs.photo_paths = {folder.filePath("grey.png")};
  m_desk->trigger("addPhotos");
  QVERIFY(comes_true([&] {
    const auto photo = m_desk->model().reader().photo();
    return photo && photo->full().size() == grey.size();
  }));
  press_button("takeColors");
  QVERIFY(comes_true([&] { return m_desk->notice().contains("missing: 60 light"); }));
  QCOMPARE(extracted().colors.size(), before.size());
  type_into(m_desk->part<NumberField>("leastDifference"), "99");
  QVERIFY(word_at_field(m_desk->window).contains("0 to 50"));
  m_desk->model().store().apply(
      "off", [](Piece p) -> Result<Piece> { return with_mask(std::move(p), std::nullopt); });
  m_desk->part<QComboBox>("maskUse").setCurrentIndex(1);
  press_button("takeColors");
  QVERIFY(word_at_field(m_desk->window).contains("no mask"));
}

void ExtractionTask::what_was_begun_for_another_piece_is_dropped() {
  const auto text_of = [this](const char* name) { return m_desk->part<QPushButton>(name).text(); };
  m_desk->model().viewing().show_desk(Desk::Limit);
  press_button("page.reference");
  QCoreApplication::processEvents();
  press_button("fit");
  QCOMPARE(text_of("fit"), QStringLiteral("Stop"));
  m_desk->trigger("newPiece");
  QVERIFY(comes_true([&] { return text_of("fit") == "Fit mask"; }));
  QVERIFY(!m_desk->piece().mask && !m_desk->model().store().edited());
  QVERIFY(m_desk->open_demo());
  QVERIFY(comes_true([this] { return m_desk->model().reader().photo() != nullptr; }));
  m_desk->model().viewing().show_desk(Desk::Observe);
  press_button("takeColors");
  QVERIFY(text_of("takeColors").startsWith("Stop"));
  m_desk->trigger("newPiece");
  QVERIFY(comes_true([&] { return text_of("takeColors") == "Take palette"; }));
  QVERIFY(m_desk->session().extracted.colors.empty());
}

void ExtractionTask::a_mask_is_fitted_to_the_reference() {
  m_desk->model().viewing().show_desk(Desk::Limit);
  press_button("page.reference");
  QCoreApplication::processEvents();
  const Mask before = *m_desk->piece().mask;
  type_into(m_desk->part<NumberField>("fitHold"), "70");
  type_into(m_desk->part<NumberField>("fitPoints"), "5");
  press_button("fit");
  QVERIFY(comes_true([&] { return m_desk->piece().mask->areas != before.areas; }));
  const auto points = std::get<Polygon>(m_desk->piece().mask->areas[0].shape).points;
  QVERIFY(points.size() <= 5);
  QVERIFY(*m_desk->model().reader().share_inside() >= 0.7 - 1e-9);
  QVERIFY(m_desk->part<QLabel>("maskFacts").text().contains("holds 7"));
  const Mask polygon = *m_desk->piece().mask;
  m_desk->choose("fitKind", Pattern::Complement);
  press_button("fit");
  QVERIFY(comes_true([&] { return *m_desk->piece().mask != polygon; }));
  // The preview is the photo itself before the edge and in the mask after it.
  auto& preview = m_desk->part<MaskedPreview>("maskedPreview");
  const QRectF r = preview.picture_rect();
  move(preview, r.center());
  press(preview, {r.left() + 2, r.center().y()});
  release(preview, {r.left() + 2, r.center().y()});
  const QColor masked = seen(preview, {r.center().x() + 30, r.top() + 20});
  press(preview, {r.right() - 2, r.center().y()});
  release(preview, {r.right() - 2, r.center().y()});
  const QColor plain = seen(preview, {r.center().x() + 30, r.top() + 20});
  const auto value = [](const QColor& c) { return value_of({c.redF(), c.greenF(), c.blueF()}); };
  QVERIFY(std::abs(value(masked) - value(plain)) < 0.6);
  // The footprint is shown and put away.
  auto& wheel = m_desk->part<QWidget>("maskWheel");
  const QImage with = wheel.grab().toImage();
  press_button("footprint");
  QVERIFY(wheel.grab().toImage() != with);
  press_button("footprint");
  QVERIFY(wheel.grab().toImage() == with);
}

void ExtractionTask::the_view_turns_mirrors_and_crops() {
  const QImage& image = m_desk->model().reader().photo()->full();
  const QPoint pixel(image.width() / 5, image.height() / 3);
  const auto shows_pixel = [&] {
    const QPointF at = photo().place_of(pixel.x(), pixel.y());
    return photo().pixel_at(at) == std::optional(pixel);
  };
  const QPointF upright = photo().place_of(pixel.x(), pixel.y());
  for (const char* command : {"turnViewClockwise", "mirrorView", "turnViewClockwise", "mirrorView"}) {
    m_desk->trigger(command);
    QVERIFY2(shows_pixel(), command);
    // What is seen there is that pixel's surroundings, and a sample takes its color.
    const QPointF at = photo().place_of(pixel.x(), pixel.y());
    click(photo(), at);
    QVERIFY(largest_step(m_desk->session().color(),
                         *sample_average(view_of(image), pixel.x(), pixel.y(), 5)) < 1e-12);
  }
  QVERIFY((photo().place_of(pixel.x(), pixel.y()) - upright).manhattanLength() < 1e-6);
  m_desk->trigger("mirrorView");
  QVERIFY(std::abs(photo().place_of(pixel.x(), pixel.y()).x() - (photo().width() - upright.x())) < 1);
  m_desk->trigger("mirrorView");
  m_desk->trigger("cropViewToRegion");
  QVERIFY(m_desk->notice().contains("Draw a region on the photo first"));
  press_button("markRegion");
  drag(photo(), spot(0.1, 0.2), spot(0.4, 0.5));
  const double zoom = photo().zoom();
  m_desk->trigger("cropViewToRegion");
  QVERIFY(photo().zoom() > 1.5 * zoom && shows_pixel());
  QVERIFY(!photo().pixel_at(photo().place_of(image.width() - 5, image.height() - 5)));
  m_desk->trigger("showWholePhoto");
  CHECK_NEAR(photo().zoom(), zoom, 1e-9);
  // Another photo in the place of this one; undo brings it back.
  const QTemporaryDir folder;
  QImage other(40, 30, QImage::Format_RGB32);
  other.fill(qRgb(10, 200, 90));
  QVERIFY(other.save(folder.filePath("other.png")));
  const Piece before = m_desk->piece();
  m_desk->dialogs.photo_paths = {folder.filePath("other.png")};
  m_desk->trigger("replaceReference");
  QVERIFY(comes_true([&] { return m_desk->piece() != before; }));
  QCOMPARE(m_desk->piece().references.size(), before.references.size());
  QCOMPARE(m_desk->piece().references[0].name, std::string("other"));
  QVERIFY(m_desk->photo_shown());
  QCOMPARE(m_desk->model().reader().photo()->full().size(), other.size());
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece(), before);
}

void ExtractionTask::a_folder_brings_its_photos_and_names_the_others() {
  const QTemporaryDir folder;
  QImage image(30, 20, QImage::Format_RGB32);
  image.fill(qRgb(80, 120, 160));
  QVERIFY(image.save(folder.filePath("one.png")));
  QVERIFY(image.save(folder.filePath("two.jpg")));
  for (const char* name : {"words.txt", "broken.png"}) {
    QFile bad(folder.filePath(QLatin1String(name)));
    QVERIFY(bad.open(QIODevice::WriteOnly));
    bad.write("no picture");
  }
  const std::size_t before = m_desk->piece().references.size();
  QMimeData data;
  data.setUrls({QUrl::fromLocalFile(folder.path())});
  QDragEnterEvent enter({200, 200}, Qt::CopyAction, &data, Qt::LeftButton, {});
  QCoreApplication::sendEvent(&m_desk->window, &enter);
  QDropEvent drop(QPointF(200, 200), Qt::CopyAction, &data, Qt::LeftButton, {});
  QCoreApplication::sendEvent(&m_desk->window, &drop);
  QVERIFY(comes_true([&] { return m_desk->model().photos().intakes().empty(); }));
  QCOMPARE(m_desk->piece().references.size(), before + 2);
  QVERIFY(m_desk->notice().contains("\"words\"") && m_desk->notice().contains("\"broken\""));
}

DESK_TEST_MAIN(ExtractionTask)
#include "extraction_task_test.moc"
