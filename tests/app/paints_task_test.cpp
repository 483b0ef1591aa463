// SPDX-License-Identifier: GPL-3.0-or-later
// Mixing by hand and the palette of paints: what a hand does, what is seen, what the piece then holds.
#include "app/band/staff_view.h"
#include "app/controls/number_field.h"
#include "app/desks/pick/mix_view.h"
#include "app/desks/pick/toward_bar.h"
#include "app/platform/drag_out.h"
#include "app/shelf/shelf_panel.h"
#include "app/tray/chip_row.h"
#include "app/wheel/wheel_view.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "core/mix/trade_paints.h"
#include "desk.h"
#include "io/container/piece_file.h"
#include "io/container/piece_json.h"
#include "io/shelf/paint_shelf.h"
#include "model/mixing/paint_model.h"
#include "model/work/set_work.h"
#include "support/check.h"

#include <QComboBox>
#include <QDropEvent>
#include <QMenu>
#include <QMimeData>
#include <QPushButton>
#include <QTemporaryDir>

using namespace zc;
using namespace zc::test;

namespace {

double difference_to(Srgb a, Srgb b) { return ciede2000(lab_from_srgb(a), lab_from_srgb(b)); }

} // namespace

class PaintsTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = demo_at(Desk::Pick);
    press_word("page.mixing");
    // The first colors at hand stand ready, until the user clears the field.
    QCOMPARE(mixing().corners.size(), kMostCorners);
    QVERIFY(mixing().corners[1].color == *m_desk->session().at_hand.wells[1]);
    QVERIFY(!mixing().begun);
    m_desk->model().picking().mix_by_hand({});
  }
  void cleanup() { m_desk.reset(); }
  void four_corners_are_dropped_and_mixed();
  void a_line_a_grid_and_picks_are_laid();
  void colors_are_smeared_and_picked_up_in_one_stroke();
  void wells_stand_ready_until_something_is_mixed();
  void a_corner_follows_the_color();
  void a_swatch_is_dragged_from_the_staff();
  void strength_and_muting_count();
  void white_and_black_are_mixed_in();
  void what_is_typed_as_parts();
  void what_lies_outside_the_mask_is_dimmed_and_held();
  void the_reach_becomes_the_mask();
  void recipes_follow_the_color();
  void fewest_paints_are_put_out();
  void the_search_for_the_fewest_paints_is_stopped();
  void paints_are_kept_and_brought();
  void two_palettes_of_one_name_are_two();

private:
  MixView& field() { return m_desk->part<MixView>("mixField"); }
  const Mixing& mixing() { return m_desk->session().at_hand.mixing; }
  void press_word(const char* name) { m_desk->part<QAbstractButton>(name).click(); }
  /// What is seen of the field there.
  Srgb seen_at(QPointF p) {
    const QColor c = field().grab().toImage().pixelColor(p.toPoint());
    return {c.redF(), c.greenF(), c.blueF()};
  }
  std::size_t swatches() { return swatch_count(*current_set(m_desk->piece())); }
  void drop_color(QWidget& widget, QPointF at, const char* hex) {
    std::unique_ptr<QMimeData> clip(clip_of_color(*parse_color(hex), QString::fromLatin1(hex), false));
    QDragEnterEvent enter(at.toPoint(), Qt::CopyAction, clip.get(), Qt::LeftButton, {});
    QApplication::sendEvent(&widget, &enter);
    QVERIFY(enter.isAccepted());
    QDropEvent event(at, Qt::CopyAction, clip.get(), Qt::LeftButton, {});
    QApplication::sendEvent(&widget, &event);
  }
  void fill(const std::vector<const char*>& colors) {
    for (const char* hex : colors) drop_color(field(), field().field_rect().center(), hex);
    QCOMPARE(mixing().corners.size(), colors.size());
  }
  /// The mixture as the core has it, of equal strengths.
  Srgb mixed(const std::vector<double>& parts) {
    return m_desk->model().paints().field()->of_parts(parts)->color;
  }
  void take_paints(const char* name) {
    press_word("page.paints");
    auto& shelf = m_desk->part<QComboBox>("paints.shelf");
    const int at = shelf.findText(QString::fromLatin1(name));
    QVERIFY(at > 0);
    shelf.setCurrentIndex(at);
    emit shelf.activated(at);
  }
  std::unique_ptr<DeskTop> m_desk;
};

void PaintsTask::four_corners_are_dropped_and_mixed() {
  drop_color(field(), field().field_rect().center(), "#1f55b5");
  // One makes nothing yet.
  QVERIFY(!m_desk->model().paints().field());
  QVERIFY(m_desk->part<QLabel>("mixWords").text().contains("two to four"));
  drop_color(field(), field().field_rect().center(), "#f2d23c");
  // Two make a line: its middle is green as paint, grey as light.
  m_desk->model().store().apply("t",
                                [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
  click(field(), field().screen_point({0.5, 0.5}));
  const auto hue = [&] { return lch_from_lab(lab_from_srgb(m_desk->session().color())).h; };
  QVERIFY2(hue() > 110 && hue() < 200, qPrintable(QString::number(hue())));
  QCOMPARE(m_desk->part<QLineEdit>("mix.parts").text(), QString("1 : 1"));
  drop_color(field(), field().field_rect().center(), "#98573f");
  drop_color(field(), field().field_rect().center(), "#efe6d6");
  QVERIFY(mixing().corners.size() == 4 && mixing().parts.empty());
  // A fifth takes the place of the nearest.
  drop_color(field(), field().field_rect().bottomRight() - QPointF(5, 5), "#f8f8f6");
  QCOMPARE(mixing().corners.size(), std::size_t{4});
  QCOMPARE(hex_of(mixing().corners[3].color), std::string("#f8f8f6"));
  // On a chip it replaces that one.
  drop_color(field(), field().chip_rect(0).center(), "#264ba5");
  QCOMPARE(hex_of(mixing().corners[0].color), std::string("#264ba5"));
  // What is seen is the mixture; a click takes it up, once for each.
  for (const FieldPoint p : {FieldPoint{0.5, 0.5}, FieldPoint{0.2, 0.7}, FieldPoint{0.9, 0.1}}) {
    const QPointF at = field().screen_point(p);
    click(field(), at);
    const auto parts = parts_at(4, field().field_point(at));
    QVERIFY(largest_step(m_desk->session().color(), mixed(parts)) < 1e-9);
    const QPointF beside = at + QPointF(p.x < 0.5 ? 14 : -14, 0);
    const QColor shown = seen(field(), beside);
    const Srgb8 wanted = rounded_8bit(mixed(parts_at(4, field().field_point(beside))));
    QVERIFY(std::abs(shown.red() - wanted.r) <= 4 && std::abs(shown.green() - wanted.g) <= 4 &&
            std::abs(shown.blue() - wanted.b) <= 4);
  }
  QCOMPARE(mixing().picks.size(), std::size_t{3});
  // A drag reads all along and ends as one pick, the color before being that of before the drag.
  const Srgb before = m_desk->session().color();
  drag(field(), field().screen_point({0.1, 0.1}), field().screen_point({0.8, 0.6}));
  QVERIFY(m_desk->session().before == before);
  QCOMPARE(mixing().picks.size(), std::size_t{4});
  // Keys move by a hundredth, with Shift by a tenth.
  field().setFocus();
  const FieldPoint at = place_of_parts(mixing().parts);
  QTest::keyClick(&field(), Qt::Key_Right);
  QTest::keyClick(&field(), Qt::Key_Up, Qt::ShiftModifier);
  CHECK_NEAR(place_of_parts(mixing().parts).x, at.x + 0.01, 1e-9);
  CHECK_NEAR(place_of_parts(mixing().parts).y, at.y - 0.1, 1e-9);
  // A chip gives its color back.
  click(field(), field().chip_rect(1).center());
  QCOMPARE(hex_of(m_desk->session().color()), std::string("#f2d23c"));
}

void PaintsTask::a_line_a_grid_and_picks_are_laid() {
  fill({"#d8904a", "#3d477f", "#efe6d6"});
  const std::size_t before = swatches(), families = current_set(m_desk->piece())->families.size();
  // The right button draws; so does the left after "line".
  send_mouse(field(), QEvent::MouseButtonPress, field().screen_point({0.5, 0.1}), Qt::RightButton,
             Qt::RightButton);
  send_mouse(field(), QEvent::MouseMove, field().screen_point({0.3, 0.9}), Qt::NoButton, Qt::RightButton);
  send_mouse(field(), QEvent::MouseButtonRelease, field().screen_point({0.3, 0.9}), Qt::RightButton,
             Qt::NoButton);
  QVERIFY(mixing().line);
  press_word("mix.draw");
  drag(field(), field().screen_point({0.5, 0.05}), field().screen_point({0.6, 0.95}));
  press_word("mix.pick");
  type_into(m_desk->part<QLineEdit>("mix.steps"), "5");
  auto& row = m_desk->part<ChipRow>("mixRamp");
  QCOMPARE(row.steps().size(), std::size_t{5});
  QCOMPARE(m_desk->session().ramp.size(), std::size_t{5});
  press_word("mix.layString");
  QCOMPARE(swatches(), before + 5);
  const Family& line = current_set(m_desk->piece())->families.back();
  for (std::size_t i = 0; i < 5; ++i) QVERIFY(line.swatches[i].color == row.steps()[i].color);
  click(field(), field().screen_point({0.5, 0.5}));
  click(field(), field().screen_point({0.4, 0.8}));
  press_word("mix.layPicks");
  QCOMPARE(swatches(), before + 7);
  QVERIFY(mixing().picks.empty());
  // A grid of a triangle has one more in each row.
  press_word("mix.layGrid");
  QCOMPARE(swatches(), before + 7 + 15);
  QCOMPARE(current_set(m_desk->piece())->families.size(), families + 2 + 5);
  for (int i = 0; i < 3; ++i) m_desk->trigger("undo");
  QCOMPARE(swatches(), before);
  QVERIFY(!m_desk->part<MixView>("mixField").isHidden());
}

/// A smear is seen, read, gone over, saved with the piece and taken back.
void PaintsTask::colors_are_smeared_and_picked_up_in_one_stroke() {
  fill({"#f2e1bf", "#17314f", "#a8321f"});
  const auto at = [this](double x, double y) { return field().screen_point({x, y}); };
  const auto along = [&](std::initializer_list<QPointF> way) {
    press(field(), *way.begin());
    for (const QPointF& p : way) move(field(), p);
    release(field(), *(way.end() - 1));
  };
  const Srgb plain = seen_at(at(0.5, 0.6));
  press_word("mix.smear");
  along({at(0.1, 0.95), at(0.3, 0.75), at(0.5, 0.6), at(0.7, 0.75)});
  QCOMPARE(mixing().smears.size(), std::size_t{1});
  const auto streaks = streaks_of(mixing());
  const Srgb smeared = m_desk->model().paints().field()->of_parts(parts_under(3, streaks, {0.5, 0.6}))->color;
  QVERIFY(difference_to(plain, smeared) > 3);
  QVERIFY(difference_to(seen_at(at(0.5, 0.6)), smeared) < 1);
  // A corner of another color changes the smear too.
  const Mixing before_other = mixing();
  Mixing other = before_other;
  other.corners[1].color = {0.2, 0.7, 0.3};
  m_desk->model().picking().mix_by_hand(other);
  const Srgb green = m_desk->model().paints().field()->of_parts(parts_under(3, streaks, {0.5, 0.6}))->color;
  QVERIFY(difference_to(green, smeared) > 3);
  QVERIFY(difference_to(seen_at(at(0.5, 0.6)), green) < 1);
  m_desk->model().picking().mix_by_hand(before_other);
  // One is seen while it is drawn.
  const FieldPath drawn{{0.2, 0.9}, {0.3, 0.9}, {0.42, 0.9}};
  press(field(), at(0.2, 0.9));
  move(field(), at(0.3, 0.9));
  static_cast<void>(seen_at(at(0.4, 0.9)));
  move(field(), at(0.42, 0.9));
  auto with_drawn = streaks;
  with_drawn.push_back(zc::smeared(3, streaks, drawn));
  const auto there = parts_under(3, with_drawn, {0.4, 0.9});
  const Srgb under_hand = m_desk->model().paints().field()->of_parts(there)->color;
  QVERIFY(difference_to(under_hand, m_desk->model().paints().field()->at({0.4, 0.9})->color) > 2);
  QVERIFY(difference_to(seen_at(at(0.4, 0.9)), under_hand) < 1);
  release(field(), at(0.42, 0.9));
  field().setFocus();
  QTest::keyClick(&field(), Qt::Key_Escape);
  QCOMPARE(mixing().smears.size(), std::size_t{1});
  press_word("mix.pick");
  click(field(), at(0.5, 0.6));
  QVERIFY(difference_to(m_desk->session().color(), smeared) < 0.5);
  // One stroke picks up as many as there are steps, from what it goes over.
  type_into(m_desk->part<QLineEdit>("mix.steps"), "4");
  press_word("mix.stroke");
  const std::size_t before = swatches();
  along({at(0.5, 0.2), at(0.5, 0.4), at(0.5, 0.6)});
  QCOMPARE(mixing().picks.size(), std::size_t{5}); // And the one that was clicked.
  press_word("mix.layPicks");
  QCOMPARE(swatches(), before + 5);
  const auto& laid = current_set(m_desk->piece())->families.back().swatches;
  QVERIFY(difference_to(laid[4].color, smeared) < 0.5);
  // Kept in the piece, as it lies there.
  const Mixing kept = mixing();
  QTemporaryDir folder;
  m_desk->dialogs.save_path = folder.filePath("field.zonachrom");
  m_desk->trigger("saveAs");
  QVERIFY(comes_true([&] { return QFile::exists(m_desk->dialogs.save_path); }));
  const auto read = open_document(m_desk->dialogs.save_path.toStdString());
  QVERIFY(read);
  QCOMPARE(read->at_hand.mixing.smears, kept.smears);
  QVERIFY(read->at_hand.mixing.corners == kept.corners && read->at_hand.mixing.steps == 4);
  field().setFocus();
  QTest::keyClick(&field(), Qt::Key_Escape);
  QVERIFY(mixing().smears.empty());
  QVERIFY(difference_to(seen_at(at(0.5, 0.6)), plain) < 1);
  // A click is neither a stroke nor a smear.
  press_word("mix.smear");
  click(field(), at(0.4, 0.8));
  QVERIFY(mixing().smears.empty());
}

/// Looking at the field is no work: it goes along with the wells, and the file does not hold it.
void PaintsTask::wells_stand_ready_until_something_is_mixed() {
  m_desk = demo_at(Desk::Pick);
  press_word("page.mixing");
  const auto saved = [&] { return QString::fromStdString(at_hand_to_json(m_desk->session().at_hand)); };
  QVERIFY(!saved().contains("mixing"));
  m_desk->model().picking().use_color({0.3, 0.6, 0.2});
  m_desk->model().picking().lay_down_well(1);
  QCOMPARE(mixing().corners[1].color, (Srgb{0.3, 0.6, 0.2}));
  QVERIFY(!saved().contains("mixing"));
  click(field(), field().screen_point({0.4, 0.6}));
  QVERIFY(saved().contains("mixing"));
  // By hand, they stay; and an empty field stays empty.
  m_desk->model().picking().use_color({0.9, 0.1, 0.2});
  m_desk->model().picking().lay_down_well(1);
  QCOMPARE(mixing().corners[1].color, (Srgb{0.3, 0.6, 0.2}));
  for (int i = 0; i < 4; ++i) m_desk->model().picking().mix_by_hand(without_corner(mixing(), 0));
  const auto read = at_hand_from_json(saved().toStdString());
  QVERIFY(read && read->mixing.begun && mixing().corners.empty());
}

void PaintsTask::a_corner_follows_the_color() {
  fill({"#d8904a", "#3d477f"});
  Mixing next = mixing();
  next.follows = 1;
  m_desk->model().picking().mix_by_hand(next);
  m_desk->model().store().apply("t",
                                [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
  auto& wheel = m_desk->part<WheelView>("wheel");
  drag(wheel, wheel.screen_point({0.1, 0.1}), wheel.screen_point({-0.5, 0.3}));
  QVERIFY(mixing().corners[1].color == m_desk->session().color());
  QVERIFY(largest_step(mixed({0, 1}), m_desk->session().color()) < 0.01);
  // What is read out of the field itself does not change it.
  const Srgb there = mixing().corners[1].color;
  click(field(), field().screen_point({0.4, 0.5}));
  QVERIFY(mixing().corners[1].color == there && m_desk->session().color() != there);
}

void PaintsTask::a_swatch_is_dragged_from_the_staff() {
  fill({"#d8904a"});
  // The page of mixtures stands where the staff is: its word takes the swatch.
  press_word("page.set");
  QCoreApplication::processEvents();
  auto& staff = m_desk->part<StaffView>("staff");
  auto& word = m_desk->part<QWidget>("page.mixing");
  const Swatch& swatch = current_set(m_desk->piece())->families[1].swatches[2];
  const Piece before = m_desk->piece();
  press(staff, staff.swatch_rect(swatch.id).center());
  const QPointF to = staff.mapFromGlobal(word.mapToGlobal(word.rect().center()));
  for (int i = 1; i <= 6; ++i) move(staff, staff.swatch_rect(swatch.id).center() * (6 - i) / 6 + to * i / 6);
  release(staff, to);
  QCOMPARE(mixing().corners.size(), std::size_t{2});
  QVERIFY(mixing().corners[1].color == swatch.color);
  QVERIFY(m_desk->piece() == before);
}

void PaintsTask::strength_and_muting_count() {
  fill({"#d8904a", "#3d477f"});
  m_desk->model().store().apply("t",
                                [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
  const Srgb even = mixed({1, 1});
  turn_wheel(field(), field().chip_rect(0).center(), 10);
  CHECK_NEAR(mixing().corners[0].strength, 2, 1e-9);
  CHECK_NEAR(m_desk->part<NumberField>("mix.strength.0").value(), 2, 1e-9);
  QVERIFY(largest_step(mixed({1, 1}), even) > 0.01);
  QVERIFY(largest_step(mixed({1, 2}), even) < 1e-9);
  press_word("mix.mute.0");
  QVERIFY(mixing().corners[0].muted);
  QVERIFY(largest_step(mixed({1, 1}), *parse_color("#3d477f")) < 0.01);
  press_word("mix.mute.0");
  type_into(m_desk->part<QLineEdit>("mix.strength.0"), "0");
  QVERIFY(largest_step(mixed({1, 1}), *parse_color("#3d477f")) < 0.01);
  // Nothing of strength is nothing, and said to be; nothing is picked there.
  press_word("mix.mute.1");
  const Srgb before = m_desk->session().color();
  click(field(), field().screen_point({0.5, 0.5}));
  QVERIFY(m_desk->session().color() == before);
  QCOMPARE(seen(field(), field().screen_point({0.5, 0.5})).name(), theme().stage.name());
}

void PaintsTask::white_and_black_are_mixed_in() {
  fill({"#d8904a", "#3d477f"});
  const double plain = value_of(mixed({1, 1}));
  auto& bar = m_desk->part<TowardBar>("mix.toward");
  click(bar, bar.place_of(0.6));
  CHECK_NEAR(mixing().toward, 0.6, 0.02);
  const double lighter = value_of(mixed({1, 1}));
  QVERIFY(lighter > plain + 10);
  // White of the set's choice: its lightest swatch; another is dropped.
  drop_color(bar, bar.place_of(0.9), "#808080");
  QVERIFY(value_of(mixed({1, 1})) < lighter - 5);
  click(bar, bar.place_of(-0.9));
  QVERIFY(value_of(mixed({1, 1})) < plain);
  double_click(bar, bar.place_of(0.2));
  QCOMPARE(mixing().toward, 0.0);
  CHECK_NEAR(value_of(mixed({1, 1})), plain, 1e-9);
}

void PaintsTask::what_is_typed_as_parts() {
  fill({"#d8904a", "#3d477f", "#efe6d6"});
  m_desk->model().store().apply("t",
                                [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
  auto& parts = m_desk->part<QLineEdit>("mix.parts");
  type_into(parts, "2 : 1 : 1");
  QVERIFY(largest_step(m_desk->session().color(), mixed({2, 1, 1})) < 1e-9);
  QCOMPARE(parts.text(), QString("2 : 1 : 1"));
  const Srgb before = m_desk->session().color();
  for (const char* bad : {"2 : 1", "x", "0:0:0", "1 1 -1"}) {
    type_into(parts, QString::fromLatin1(bad));
    QVERIFY(m_desk->session().color() == before);
  }
  QCOMPARE(parts.text(), QString("2 : 1 : 1"));
  type_into(parts, "0,5 1 1");
  QVERIFY(largest_step(m_desk->session().color(), mixed({0.5, 1, 1})) < 1e-9);
  // One that no paint can be is said.
  drop_color(field(), field().chip_rect(1).center(), "#00ffff");
  QVERIFY(m_desk->part<QLabel>("mixWords").text().contains("no paint has the color of 2"));
}

void PaintsTask::what_lies_outside_the_mask_is_dimmed_and_held() {
  fill({"#d8904a", "#0a8a3c"});
  const QPointF green = field().screen_point({0.97, 0.5});
  click(field(), green);
  // The rule of the demo holds: the color is brought into the mask.
  const auto held = m_desk->session().color();
  QVERIFY(difference_to(held, mixed(parts_at(2, field().field_point(green)))) > 5);
  QVERIFY(*m_desk->model().in_mask());
  const QColor dimmed = seen(field(), green + QPointF(0, 20));
  m_desk->model().store().apply("t", [](Piece p) { return with_rule(std::move(p), MaskRule::Free); });
  click(field(), green);
  QVERIFY(largest_step(m_desk->session().color(), mixed(parts_at(2, field().field_point(green)))) < 1e-9);
  m_desk->model().store().apply("t",
                                [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
  const QColor clear = seen(field(), green + QPointF(0, 20));
  QVERIFY(clear.green() - clear.red() > dimmed.green() - dimmed.red() + 30);
}

void PaintsTask::the_reach_becomes_the_mask() {
  take_paints("earths and one blue");
  QCOMPARE(m_desk->piece().paints.size(), std::size_t{5});
  press_word("paints.reach");
  QVERIFY(m_desk->session().reach.shown);
  PaintModel& paints = m_desk->model().paints();
  QVERIFY(comes_true([&] { return paints.reach_is_current(); }));
  m_desk->model().picking().use_color(*parse_color("#a08060"));
  const auto& outlines = m_desk->model().reaches().outlines(Reaches::Of::Paints);
  QVERIFY(!outlines.empty());
  // The dashed line is seen on the plan, along the outline.
  auto& wheel = m_desk->part<WheelView>("wheel");
  const auto line = outlines.front();
  const auto colors = [&] {
    std::vector<QRgb> out;
    for (const DiscPoint& p : line) out.push_back(seen(wheel, wheel.screen_point(p)).rgb());
    return out;
  };
  const auto with = colors();
  press_word("paints.reach");
  const auto without = colors();
  press_word("paints.reach");
  std::size_t differ = 0;
  for (std::size_t i = 0; i < line.size(); ++i) differ += with[i] != without[i] ? 1 : 0;
  QVERIFY2(10 * differ > 8 * line.size(),
           qPrintable(QStringLiteral("%1 of %2").arg(differ).arg(line.size())));
  const Piece before = m_desk->piece();
  const double share = paints.reach()->share(m_desk->session().at.at.v);
  press_word("paints.maskHere");
  CHECK_NEAR(m_desk->model().region()->share(), share, 0.01);
  press_word("paints.maskAny");
  QVERIFY(m_desk->model().region()->share() > share + 0.02);
  m_desk->trigger("undo");
  m_desk->trigger("undo");
  QVERIFY(m_desk->piece() == before);
  // Fewer paints reach less.
  QVERIFY(comes_true([&] { return paints.inside() != nullptr; }));
  const auto inside = *paints.inside();
  QVERIFY(inside.of == 19 && inside.swatches > 0 && inside.photo && *inside.photo > 0.05);
  press_word("paints.out.3");
  QVERIFY(!m_desk->piece().paints[3].out);
  QVERIFY(comes_true([&] { return paints.inside() != nullptr; }));
  QVERIFY(paints.inside()->swatches < inside.swatches || *paints.inside()->photo < *inside.photo);
  QVERIFY(m_desk->part<QLabel>("paints.inside").text().startsWith("within reach: "));
}

void PaintsTask::recipes_follow_the_color() {
  take_paints("earths and one blue");
  const auto& says = m_desk->part<QLabel>("paints.recipe");
  // A mixture of these very paints is found again.
  const PutOut& out = m_desk->model().paints().out();
  m_desk->model().picking().use_color(out.mixer.mixed({2, 1, 0, 0, 0}).color);
  QVERIFY(comes_true(
      [&] { return says.text().startsWith("2 titanium white : 1 yellow earth; differs by 0.0"); }));
  m_desk->model().picking().use_color(*parse_color("#0a8a3c"));
  QVERIFY(comes_true([&] { return !says.text().startsWith("2 titanium"); }));
  type_into(m_desk->part<QLineEdit>("paints.most"), "1");
  QVERIFY(comes_true([&] { return !says.text().contains(" : "); }));
  press_word("paints.take");
  QVERIFY(std::ranges::any_of(out.paints, [&](const PutOut::One& p) {
    return largest_step(p.color, m_desk->session().color()) < 0.01;
  }));
}

void PaintsTask::fewest_paints_are_put_out() {
  take_paints("a warm and a cool of each");
  const std::size_t all = m_desk->piece().paints.size();
  type_into(m_desk->part<QLineEdit>("paints.share"), "50");
  type_into(m_desk->part<QLineEdit>("paints.within"), "6");
  press_word("paints.fewestSet");
  QVERIFY(comes_true([&] { return m_desk->notice().contains("paints reach"); }));
  const auto put_out =
      std::ranges::count_if(m_desk->piece().paints, [](const PalettePaint& p) { return p.out; });
  QVERIFY(put_out > 0 && put_out < static_cast<std::ptrdiff_t>(all));
  m_desk->trigger("undo");
  QVERIFY(std::ranges::all_of(m_desk->piece().paints, [](const PalettePaint& p) { return p.out; }));
}

void PaintsTask::the_search_for_the_fewest_paints_is_stopped() {
  press_word("page.paints");
  // As many as a palette takes: the longest search there is.
  for (std::size_t i = 0; i < kMostPaints; ++i) {
    m_desk->model().picking().use_color(
        {0.08 * static_cast<double>(i), 0.5, 0.9 - 0.07 * static_cast<double>(i)});
    m_desk->trigger("addAsPaint");
  }
  const Piece before = m_desk->piece();
  QCOMPARE(before.paints.size(), kMostPaints);
  QVERIFY(m_desk->photo_shown());
  const auto& photo = m_desk->part<QAbstractButton>("paints.fewestPhoto");
  const auto& set = m_desk->part<QAbstractButton>("paints.fewestSet");
  press_word("paints.fewestPhoto");
  QVERIFY(photo.text().startsWith("Stop") && !set.isVisible());
  QVERIFY(comes_true([&] { return photo.text().startsWith("Stop") && photo.text() != "Stop, 0 %"; }));
  press_word("paints.fewestPhoto");
  QVERIFY(comes_true([&] { return photo.text() == "Find for photo" && set.isVisible(); }));
  QCOMPARE(m_desk->piece(), before);
  QVERIFY(!m_desk->notice().contains("percent"));
}

void PaintsTask::paints_are_kept_and_brought() {
  press_word("page.paints");
  m_desk->model().store().apply("none", [](Piece p) { return with_paints(std::move(p), {}); });
  m_desk->model().picking().use_color(*parse_color("#98573f"));
  m_desk->trigger("addAsPaint");
  QCOMPARE(m_desk->piece().paints.size(), std::size_t{1});
  QCOMPARE(hex_of(m_desk->piece().paints[0].color), std::string("#98573f"));
  type_into(m_desk->part<QLineEdit>("paints.strength.0"), "2.5");
  CHECK_NEAR(m_desk->piece().paints[0].strength, 2.5, 1e-12);
  // Renamed in its place, given another color, moved.
  const auto asked = [&](const char* words, const char* meanwhile = nullptr) {
    for (auto* action : m_desk->part<QAbstractButton>("paints.out.0").actions())
      if (action->text().startsWith(QLatin1String(words))) action->trigger();
    if (meanwhile) m_desk->trigger(meanwhile);
    QCoreApplication::processEvents();
  };
  // Also when the rows are made anew before it comes to that.
  asked("Rename", "addAsPaint");
  type_into(m_desk->part<QLineEdit>("paints.name"), "a rust");
  QCOMPARE(m_desk->piece().paints[0].name, std::string("a rust"));
  m_desk->trigger("undo");
  m_desk->trigger("undo");
  QCOMPARE(m_desk->piece().paints.size(), std::size_t{1});
  asked("Rename");
  type_into(m_desk->part<QLineEdit>("paints.name"), "a brown");
  QCOMPARE(m_desk->piece().paints[0].name, std::string("a brown"));
  m_desk->model().picking().use_color(*parse_color("#3d477f"));
  asked("Set to current color");
  QCOMPARE(hex_of(m_desk->piece().paints[0].color), std::string("#3d477f"));
  m_desk->trigger("addAsPaint");
  asked("Move down");
  QCOMPARE(m_desk->piece().paints[1].name, std::string("a brown"));
  m_desk->trigger("undo");
  m_desk->trigger("undo");
  press_word("paints.keep");
  QVERIFY(m_desk->notice().contains("to the shelf"));
  press_word("paints.off.0");
  QVERIFY(comes_true([&] { return m_desk->piece().paints.empty(); }));
  const QString title = QString::fromStdString(m_desk->piece().title);
  take_paints(qPrintable(title));
  QVERIFY(m_desk->piece().paints.size() == 1 && m_desk->piece().paints[0].strength == 2.5);
  // No more than twelve.
  for (int i = 0; i < 12; ++i) m_desk->trigger("addAsPaint");
  QCOMPARE(m_desk->piece().paints.size(), kMostPaints);
  QVERIFY(m_desk->notice().contains("at most 12"));
}

void PaintsTask::two_palettes_of_one_name_are_two() {
  const std::string folder = shelf_folder("paints").toStdString();
  for (const Srgb color : {Srgb{0.9, 0.1, 0.1}, Srgb{0.1, 0.1, 0.9}}) {
    ShelfPaints item;
    item.name = "Both";
    item.paints = {{0, "one", color}};
    QVERIFY(put_on_shelf(folder, item));
  }
  press_word("page.paints");
  QCoreApplication::processEvents();
  auto& shelf = m_desk->part<QComboBox>("paints.shelf");
  std::set<double> reds;
  const int steps = m_desk->model().store().stack().count();
  int chosen = 0;
  for (int i = 1; i < shelf.count(); ++i) {
    if (shelf.itemText(i) != "Both") continue;
    shelf.setCurrentIndex(i);
    emit shelf.activated(i);
    QCOMPARE(m_desk->model().store().stack().count(), steps + ++chosen);
    reds.insert(m_desk->piece().paints[0].color.r);
  }
  QCOMPARE(reds, (std::set<double>{0.1, 0.9}));
}

DESK_TEST_MAIN(PaintsTask)
#include "paints_task_test.moc"
