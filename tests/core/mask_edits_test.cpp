// SPDX-License-Identifier: GPL-3.0-or-later
// Edits of a piece's mask and wheel: what they refuse, what they keep, and what a carried turn does to a set.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/mask/patterns.h"
#include "core/mask/rewheel.h"
#include "core/piece/edits.h"
#include "support/check.h"
#include "support/outlines.h"
#include "support/random_shapes.h"

using namespace zc;
using namespace zc::test;

namespace {

const Shape kDisc = RingSector{0, 360, 0, 1};
const Shape kSmall = Polygon{{{0.1, 0.1}, {0.2, 0.1}, {0.1, 0.2}}};

Piece with_areas(const std::vector<Area>& areas) {
  Piece piece = new_piece({});
  for (const auto& area : areas) piece = *with_area_added(std::move(piece), area);
  return piece;
}
const List<Area>& areas(const Piece& piece) { return piece.mask->areas; }
std::string refused(const Result<Piece>& result) { return result ? "" : result.error().sentence(); }

} // namespace

class MaskEditsTest : public QObject {
  Q_OBJECT
private slots:
  void areas_are_added_bounded_and_named() {
    Piece none = new_piece({});
    none.mask_on = false;
    QCOMPARE(refused(with_area_added(none, {AreaMode::Cuts, kSmall})),
             std::string("There is no mask to subtract from; add an area first."));
    const Piece one = *with_area_added(none, {AreaMode::Adds, kSmall});
    QVERIFY(one.mask->name == "own shape" && one.mask_on && areas(one).size() == 1);
    // A mask that is there keeps its name and goes on being off.
    Piece off = with_mask_on(with_mask(one, pattern_mask({Pattern::Triad, 0, 0})), false);
    off = *with_area_added(off, {AreaMode::Adds, kSmall});
    QVERIFY(off.mask->name == "triad" && !off.mask_on && areas(off).size() == 2);
    QVERIFY(areas(off)[1].shape == kSmall);
    Piece many = one;
    while (areas(many).size() < kMostAreas) many.mask->areas.push_back(areas(one)[0]);
    QVERIFY(!with_area_added(many, {AreaMode::Adds, kSmall}));
    QCOMPARE(with_area_added(many, {AreaMode::Adds, kSmall}).error().code, ErrorCode::TooLarge);
    QVERIFY(!with_area_duplicated(many, 0));
    many.mask->areas.pop_back();
    QCOMPARE(areas(*with_area_added(many, {AreaMode::Adds, kSmall})).size(), kMostAreas);
  }
  void no_edit_leaves_nothing_of_a_mask() {
    const Piece two = with_areas({{AreaMode::Adds, kSmall}, {AreaMode::Adds, RingSector{200, 40, 0.2, 0.6}}});
    QVERIFY(!with_area_added(two, {AreaMode::Cuts, kDisc}));
    QCOMPARE(refused(with_area_added(two, {AreaMode::Cuts, kDisc})),
             std::string("Subtracting this area would leave nothing of the mask; make the area smaller."));
    const Piece cut = *with_area_added(two, {AreaMode::Cuts, RingSector{200, 40, 0.1, 0.9}});
    QVERIFY(!with_area_mode(cut, 0, AreaMode::Cuts));
    QVERIFY(!with_area_shape(cut, 2, kDisc));
    QVERIFY(!with_area_removed(cut, 0));
    QVERIFY(!with_area_shape(cut, 0, Ellipse{{0, 0}, 0, 1, 0}));
    // What leaves something is done.
    QCOMPARE(areas(*with_area_mode(cut, 2, AreaMode::Adds))[2].mode, AreaMode::Adds);
    QVERIFY(areas(*with_area_shape(cut, 0, kDisc))[0].shape == kDisc);
    const Piece fewer = *with_area_removed(cut, 2);
    QVERIFY(areas(fewer) == areas(two));
    const Piece last = *with_area_removed(*with_area_removed(fewer, 1), 0);
    QVERIFY(!last.mask);
    // An area, a point, a mask that is not there.
    QVERIFY(!with_area_mode(two, 2, AreaMode::Adds) && !with_area_shape(two, 2, kDisc) &&
            !with_area_duplicated(two, 2) && !with_area_removed(two, 2) &&
            !with_mask_handle(two, 2, Grip::Corner, 0, {}) && !with_mask_turned(last, 10));
    QVERIFY(!with_mask_point_added(two, 1, 0, {}) && !with_mask_point_removed(two, 1, 0));
    QVERIFY(!with_area_removed(last, 0) && !with_mask_handle(last, 0, Grip::Corner, 0, {}));
  }
  void points_come_and_go_where_they_are_wanted() {
    const Piece piece = with_areas({{AreaMode::Adds, kSmall}});
    const auto points = [](const Piece& p) { return std::get<Polygon>(areas(p)[0].shape).points; };
    for (std::size_t before = 0; before <= 3; ++before) {
      const Piece added = *with_mask_point_added(piece, 0, before, {3, 0});
      QCOMPARE(points(added).size(), std::size_t{4});
      QCOMPARE(points(added)[before], (DiscPoint{1, 0}));
      QCOMPARE(*with_mask_point_removed(added, 0, before), piece);
    }
    QVERIFY(!with_mask_point_added(piece, 0, 4, {0, 0}));
    QVERIFY(!with_mask_point_removed(*with_mask_point_added(piece, 0, 0, {0, 0}), 0, 4));
    QCOMPARE(refused(with_mask_point_removed(piece, 0, 0)),
             std::string("A mask area needs three corners; remove the whole area instead."));
    // A copy lies a little to the right and below, at the end, with its mode.
    const Piece twice = *with_area_duplicated(*with_area_added(piece, {AreaMode::Adds, kDisc}), 0);
    QCOMPARE(areas(twice).size(), std::size_t{3});
    const auto copy = std::get<Polygon>(areas(twice)[2].shape).points;
    for (std::size_t i = 0; i < 3; ++i)
      QVERIFY(distance(copy[i], {points(piece)[i].x + 0.06, points(piece)[i].y - 0.06}) < 1e-12);
    const Piece cutting = *with_area_mode(twice, 2, AreaMode::Cuts);
    QCOMPARE(areas(*with_area_duplicated(cutting, 2))[3].mode, AreaMode::Cuts);
  }
  void the_order_of_areas_decides_what_a_cut_cuts() {
    Piece piece = *with_area_added(new_piece({}), {AreaMode::Adds, RingSector{0, 180, 0, 1}});
    piece = *with_area_added(piece, {AreaMode::Cuts, RingSector{90, 180, 0, 1}});
    piece = *with_area_added(piece, {AreaMode::Adds, RingSector{100, 20, 0.5, 1}});
    const DiscPoint late = disc_point(Angle(110), 0.8);
    QVERIFY(MaskRegion(*piece.mask).inside(late));
    const Piece cut_last = *with_area_moved(piece, 1, 3);
    QVERIFY(!MaskRegion(*cut_last.mask).inside(late));
    QCOMPARE(areas(cut_last)[2], areas(piece)[1]);
    QCOMPARE(*with_area_moved(cut_last, 2, 1), piece);
    QVERIFY(!with_area_moved(piece, 3, 0) && !with_area_moved(piece, 0, 4));
  }
  void a_turn_turns_the_mask_and_carries_the_set() {
    for (const WheelSpec spec : {WheelSpec{HueScale::Traditional, SaturationMeasure::Hsluv},
                                 WheelSpec{HueScale::Light, SaturationMeasure::OklabChroma}}) {
      const Wheel wheel(spec);
      Piece piece = *with_wheel(with_areas({{AreaMode::Adds, RingSector{350, 40, 0.2, 0.8}}}), spec,
                                MaskKeeps::Outline);
      piece.mask->turned = 350;
      piece = *with_family(piece, "colors");
      const Id family = current_set(piece)->families[0].id;
      const Srgb brown{0.6, 0.4, 0.25}, grey{0.5, 0.5, 0.5}, red{0.7, 0.2, 0.2};
      piece = *with_swatch(piece, family, {brown, {}}, "located");
      piece = *with_swatch(piece, family, {brown, WheelPlace{{355, 0.3, 50}, spec}}, "picked");
      piece = *with_swatch(piece, family, {grey, {}}, "neutral");
      piece = *with_swatch(piece, family, {red, {}}, "locked");
      piece = *with_swatches_locked(piece, {current_set(piece)->families[0].swatches[3].id}, true);
      // Another set stays what it is.
      const Id here = piece.current_set;
      piece = *with_family(*with_set(piece, "other"), "colors");
      piece = *with_swatch(piece, current_set(piece)->families[0].id, {brown, {}}, "elsewhere");
      piece = *with_current_set(piece, here);

      const Piece alone = *with_mask_turned(piece, 25);
      CHECK_NEAR(alone.mask->turned, 15, 1e-9);
      CHECK_NEAR(std::get<RingSector>(areas(alone)[0].shape).from, 15, 1e-9);
      QCOMPARE(alone.sets, piece.sets);
      QCOMPARE(with_mask_turned(piece, -710)->mask->turned, 0.0);
      const Piece carried = *with_mask_turned(piece, 25, Carry::SetToo);
      QCOMPARE(carried.mask, alone.mask);
      const auto &before = piece.sets[0].families[0].swatches, &after = carried.sets[0].families[0].swatches;
      for (const std::size_t i : {0u, 1u}) {
        const WheelPoint was = place_on(wheel, before[i].color, before[i].picked);
        const WheelPoint is = wheel.locate(after[i].color);
        CHECK_ANGLE(is.a, was.a + 25, 1e-6);
        QVERIFY(std::abs(is.v - was.v) < 1e-6 &&
                std::abs(is.r - std::min(was.r, wheel.reach(Angle(is.a), is.v))) < 1e-6);
        QVERIFY(after[i].picked && near_angle(after[i].picked->at.a, is.a, 1e-6) &&
                after[i].picked->at.a < 360);
      }
      QCOMPARE(after[2], before[2]);
      QCOMPARE(after[3], before[3]);
      QCOMPARE(carried.sets[1], piece.sets[1]);
    }
  }
  void a_wheel_keeps_the_colors_or_the_outline() {
    const WheelSpec there{HueScale::Light, SaturationMeasure::Hsl};
    const Piece piece = with_mask(new_piece({}), full_of_shapes());
    const Piece outline = *with_wheel(piece, there, MaskKeeps::Outline);
    QCOMPARE(outline.wheel, there);
    QCOMPARE(outline.mask, piece.mask);
    const Piece colors = *with_wheel(piece, there);
    QCOMPARE(colors.wheel, there);
    QCOMPARE(*colors.mask, with_colors_kept(*piece.mask, Wheel(piece.wheel), Wheel(there)));
    QVERIFY(colors.mask->name == "shapes" && colors.mask->turned == 40 && colors.mask->extras == "{\"a\":1}");
    QVERIFY(!with_wheel(new_piece({}), there)->mask);
    // To the same wheel nothing is walked or thinned.
    QCOMPARE(*with_wheel(piece, piece.wheel), piece);
  }
  void a_small_area_goes_on_admitting_its_colors() {
    const Wheel from({HueScale::Traditional, SaturationMeasure::Hsluv});
    for (const auto measure :
         {SaturationMeasure::CielabChroma, SaturationMeasure::OklabChroma, SaturationMeasure::Hsv})
      for (const double size : {0.02, kThinnest}) {
        const Wheel to({HueScale::Traditional, measure});
        for (const DiscPoint at :
             {disc_point(Angle(40), 0.5), disc_point(Angle(200), 0.02), disc_point(Angle(300), 0.97)}) {
          const Mask mask{"dot", {{AreaMode::Adds, Ellipse{at, size, size, 0}}}, 0, {}};
          const MaskRegion kept(with_colors_kept(mask, from, to));
          QVERIFY(!kept.empty());
          const WheelPoint middle = to.locate(from.nearest_existing(wheel_point(at, 60)).color);
          QVERIFY(kept.inside(disc_point(middle)));
        }
      }
  }
  void colors_kept_are_the_same_colors_data() {
    QTest::addColumn<int>("hues");
    QTest::addColumn<int>("measure");
    for (const int hues : {0, 1, 3})
      for (const int measure : {0, 1, 4}) QTest::addRow("to %d %d", hues, measure) << hues << measure;
  }
  void colors_kept_are_the_same_colors() {
    QFETCH(int, hues);
    QFETCH(int, measure);
    const Wheel from({HueScale::Traditional, SaturationMeasure::Hsv}),
        to({static_cast<HueScale>(hues), static_cast<SaturationMeasure>(measure)});
    const Mask mask = full_of_shapes(), kept = with_colors_kept(mask, from, to);
    const MaskRegion before(mask), after(kept);
    std::mt19937_64 random(35);
    int judged = 0, inside = 0;
    for (int i = 0; i < 3000; ++i) {
      const DiscPoint p = random_point(random);
      const WheelPoint place = wheel_point(p, 60);
      const auto color = from.color_at(place);
      if (!color) continue;
      const WheelPoint q = to.locate(*color);
      // Next to a border either answer is right: within about a hundredth of the radius, on both wheels.
      const auto clear = [](const MaskRegion& region, DiscPoint at) {
        for (const auto& outline : region.outlines())
          if (distance_to(outline, at) < 0.03) return false;
        return true;
      };
      const DiscPoint there = disc_point(q);
      if (!clear(before, p) || !clear(after, there)) continue;
      ++judged;
      inside += before.inside(p);
      QVERIFY2(after.inside(there) == before.inside(p),
               qPrintable(QStringLiteral("%1 at %2").arg(place.a).arg(place.r)));
    }
    QVERIFY2(judged > 600 && inside > 100, qPrintable(QString::number(judged)));
    for (const auto& area : kept.areas) {
      QVERIFY(validate(area.shape));
      QVERIFY(std::get<Polygon>(area.shape).points.size() < 120); // Thinned out.
    }
  }

private:
  static Mask full_of_shapes() {
    // A whole ring with a hole, a cut through it, a round area and a corner.
    Mask mask{"shapes", {}, 40, "{\"a\":1}"};
    mask.areas = {{AreaMode::Adds, RingSector{70, 360, 0.35, 0.8}},
                  {AreaMode::Cuts, RingSector{100, 50, 0.1, 0.9}},
                  {AreaMode::Adds, Ellipse{{0.1, 0.1}, 0.2, 0.15, 20}},
                  {AreaMode::Adds, Ellipse{{0.3, -0.85}, 0.4, 0.2, 80}}, // Beyond the rim.

                  {AreaMode::Adds, Polygon{{{-0.9, 0}, {-0.6, 0.4}, {-0.4, -0.1}}}}};
    return mask;
  }
};

QTEST_APPLESS_MAIN(MaskEditsTest)
#include "mask_edits_test.moc"
