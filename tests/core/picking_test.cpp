// SPDX-License-Identifier: GPL-3.0-or-later
// Where a pick ends: in the plan, in the section and on the rail, under each rule, smooth and stepped.
#include "core/color/convert.h"
#include "core/mask/patterns.h"
#include "core/mask/picking.h"
#include "support/check.h"
#include "support/outlines.h"
#include "support/random_shapes.h"

using namespace zc;
using namespace zc::test;

namespace {

constexpr MaskRule kRules[] = {MaskRule::Held, MaskRule::Flagged, MaskRule::Free};

MaskRegion region_of(List<Area> areas) { return MaskRegion(Mask{{}, std::move(areas), 0, {}}); }
Area adds(Shape shape) { return {AreaMode::Adds, std::move(shape)}; }

const Wheel& hsluv() {
  static const Wheel wheel({HueScale::Light, SaturationMeasure::Hsluv});
  return wheel;
}

} // namespace

#define CHECK_POINT(got, angle, saturation, value)                                                           \
  do {                                                                                                       \
    const WheelPoint p_ = got;                                                                               \
    const bool same_ = near_angle(p_.a, angle, 1e-6) && std::abs(p_.r - (saturation)) < 1e-9 &&              \
                       std::abs(p_.v - (value)) < 1e-9;                                                      \
    QVERIFY2(same_, qPrintable(QStringLiteral("(%1, %2, %3)").arg(p_.a).arg(p_.r).arg(p_.v)));               \
  } while (false)

class PickingTest : public QObject {
  Q_OBJECT
private slots:
  void in_the_plan_data() {
    QTest::addColumn<int>("rule");
    QTest::addColumn<QVector<int>>("steps");
    QTest::addColumn<QVector<double>>("wanted"); // angle, saturation; may lie beyond the rim
    QTest::addColumn<QVector<double>>("ends");   // angle, saturation, value
    const auto row = [](const char* name, MaskRule rule, QVector<int> steps, QVector<double> wanted,
                        QVector<double> ends) {
      QTest::newRow(name) << static_cast<int>(rule) << steps << wanted << ends;
    };
    // The mask is the sector of 60 to 120 degrees between saturations 0.4 and 0.8; the value is 47.
    const auto held = MaskRule::Held;
    row("held, inside", held, {0, 0, 0}, {90, 0.5}, {90, 0.5, 47});
    row("held, too far out", held, {0, 0, 0}, {90, 0.95}, {90, 0.8, 47});
    row("held, beyond the rim", held, {0, 0, 0}, {90, 1.5}, {90, 0.8, 47});
    row("held, too far in", held, {0, 0, 0}, {90, 0.1}, {90, 0.4, 47});
    row("held, to the nearest side", held, {0, 0, 0}, {50, 0.6}, {60, 0.6 * std::cos(radians(10)), 47});
    row("held, steps inside", held, {12, 10, 11}, {86, 0.52}, {90, 0.5, 50});
    row("held, step outside goes to one inside", held, {12, 10, 0}, {131, 0.6}, {120, 0.6, 47});
    row("held, hue steps only", held, {12, 0, 0}, {97, 0.95}, {90, 0.8, 47});
    row("held, saturation steps only", held, {0, 5, 0}, {93, 0.9}, {93, 0.8, 47});
    row("held, no step within", held, {0, 1, 0}, {90, 0.9}, {90, 0.8, 47});
    for (const auto rule : {MaskRule::Flagged, MaskRule::Free}) {
      row(rule == MaskRule::Free ? "free" : "flagged", rule, {0, 0, 0}, {200, 0.95}, {200, 0.95, 47});
      row(rule == MaskRule::Free ? "free, rim" : "flagged, rim", rule, {0, 0, 0}, {200, 1.5}, {200, 1, 47});
      row(rule == MaskRule::Free ? "free, stepped" : "flagged, stepped", rule, {8, 4, 5}, {200, 0.9},
          {180, 1, 50});
    }
  }
  void in_the_plan() {
    QFETCH(int, rule);
    QFETCH(QVector<int>, steps);
    QFETCH(QVector<double>, wanted);
    QFETCH(QVector<double>, ends);
    const MaskRegion region = region_of({adds(RingSector{60, 60, 0.4, 0.8})});
    const PickRules rules{hsluv(), &region, static_cast<MaskRule>(rule), {steps[0], steps[1], steps[2]}};
    const auto got = pick_in_plan(rules, {10, 0.2, 47}, disc_point(Angle(wanted[0]), wanted[1]));
    QVERIFY(got);
    // Curves are walked in steps of a degree or less, and between two points the border lies a hair further
    // in.
    QVERIFY2(near_angle(got->a, ends[0], 0.5) && std::abs(got->r - ends[1]) < 2e-5 &&
                 std::abs(got->v - ends[2]) < 1e-9,
             qPrintable(QStringLiteral("(%1, %2, %3)").arg(got->a).arg(got->r).arg(got->v)));
  }
  void without_a_mask_or_with_an_empty_one() {
    const MaskRegion empty = region_of({});
    const WheelPoint now{10, 0.2, 47};
    for (const Steps& steps : {Steps{}, Steps{12, 5, 0}}) {
      // An empty mask admits nothing while picks are held.
      QVERIFY(!pick_in_plan({hsluv(), &empty, MaskRule::Held, steps}, now, {0.5, 0}));
      QVERIFY(pick_in_plan({hsluv(), &empty, MaskRule::Flagged, steps}, now, {0.5, 0}));
      for (const MaskRule rule : kRules)
        CHECK_POINT(*pick_in_plan({hsluv(), nullptr, rule, steps}, now, disc_point(Angle(90), 0.4)), 90, 0.4,
                    47);
      // In the section only the value moves then.
      CHECK_POINT(pick_in_section({hsluv(), &empty, MaskRule::Held, steps}, now, 90, 0.9, 30), 10, 0.2, 30);
      CHECK_POINT(pick_in_section({hsluv(), &empty, MaskRule::Free, steps}, now, 90, 0.8, 30), 90, 0.8, 30);
    }
    // At neutral the hue that was there stays.
    CHECK_POINT(*pick_in_plan({hsluv(), nullptr, MaskRule::Free, {}}, {222, 0.5, 47}, {0, 0}), 222, 0, 47);
  }
  void in_the_section_data() {
    QTest::addColumn<int>("rule");
    QTest::addColumn<QVector<int>>("steps");
    QTest::addColumn<double>("along");
    QTest::addColumn<double>("value");
    QTest::addColumn<QVector<double>>("ends");
    const auto row = [](const char* name, MaskRule rule, QVector<int> steps, double along, double value,
                        QVector<double> ends) {
      QTest::newRow(name) << static_cast<int>(rule) << steps << along << value << ends;
    };
    // The cut goes through 90 and 270 degrees; it is admitted from 0.3 to 0.7 and from -0.5 to -0.2.
    const auto held = MaskRule::Held;
    row("held, inside", held, {0, 0, 0}, 0.5, 61, {90, 0.5, 61});
    row("held, too far out", held, {0, 0, 0}, 0.9, 61, {90, 0.7, 61});
    row("held, beyond the rim", held, {0, 0, 0}, 7, 61, {90, 0.7, 61});
    row("held, between, nearer the hue", held, {0, 0, 0}, 0.1, 61, {90, 0.3, 61});
    row("held, between, nearer the complement", held, {0, 0, 0}, 0.04, 61, {270, 0.2, 61});
    row("held, in the middle", held, {0, 0, 0}, 0, 61, {270, 0.2, 61});
    row("held, complement", held, {0, 0, 0}, -0.4, 61, {270, 0.4, 61});
    row("held, complement too far out", held, {0, 0, 0}, -1, 61, {270, 0.5, 61});
    row("held, steps", held, {0, 10, 11}, 0.44, 63, {90, 0.4, 60});
    row("held, step outside", held, {0, 10, 0}, 0.95, 63, {90, 0.7, 63});
    row("held, step of the complement", held, {0, 10, 0}, -0.95, 63, {270, 0.5, 63});
    row("held, no step within", held, {0, 1, 0}, 0.6, 63, {90, 0.6, 63});
    for (const auto rule : {MaskRule::Flagged, MaskRule::Free}) {
      const bool free = rule == MaskRule::Free;
      row(free ? "free" : "flagged", rule, {0, 0, 0}, 0.9, 61, {90, 0.9, 61});
      row(free ? "free, neutral" : "flagged, neutral", rule, {0, 0, 0}, 0, 61, {90, 0, 61});
      row(free ? "free, complement" : "flagged, complement", rule, {0, 0, 0}, -0.9, 61, {270, 0.9, 61});
      row(free ? "free, rim" : "flagged, rim", rule, {0, 0, 0}, -3, 61, {270, 1, 61});
      row(free ? "free, stepped" : "flagged, stepped", rule, {0, 4, 5}, 0.3, 61, {90, 0.25, 50});
      row(free ? "free, to neutral" : "flagged, to neutral", rule, {0, 4, 0}, -0.1, 61, {270, 0, 61});
    }
  }
  void in_the_section() {
    QFETCH(int, rule);
    QFETCH(QVector<int>, steps);
    QFETCH(double, along);
    QFETCH(double, value);
    QFETCH(QVector<double>, ends);
    const auto square = [](double from, double to) {
      return adds(Polygon{{{from, -0.2}, {from, 0.2}, {to, 0.2}, {to, -0.2}}});
    };
    const MaskRegion region = region_of({square(0.3, 0.7), square(-0.5, -0.2)});
    const PickRules rules{hsluv(), &region, static_cast<MaskRule>(rule), {steps[0], steps[1], steps[2]}};
    CHECK_POINT(pick_in_section(rules, {10, 0.2, 47}, 90, along, value), ends[0], ends[1], ends[2]);
    // Where the cut misses the mask only the value moves, while picks are held.
    const WheelPoint now{10, 0.2, 47}, missed = pick_in_section(rules, now, 0, 0.9, 40);
    if (rules.rule == MaskRule::Held)
      CHECK_POINT(missed, 10, 0.2, stepped_value(40, rules.steps));
    else
      CHECK_POINT(missed, 0, stepped_saturation(0.9, rules.steps), stepped_value(40, rules.steps));
  }
  void on_the_rail_data() {
    QTest::addColumn<int>("steps");
    QTest::addColumn<double>("value");
    QTest::addColumn<double>("ends"); // Above 100: the end of the span; below 0: its beginning.
    const auto row = [](const char* name, int steps, double value, double ends) {
      QTest::newRow(name) << steps << value << ends;
    };
    row("smooth", 0, 40.3, 40.3);
    row("smooth, too light", 0, 99, 200);
    row("smooth, too dark", 0, -5, 0);
    row("stepped", 11, 43, 40);
    row("stepped, to the last step it has", 11, 99, 60);
    row("stepped, below black", 11, -9, 0);
  }
  void on_the_rail() {
    QFETCH(int, steps);
    QFETCH(double, value);
    QFETCH(double, ends);
    // A saturated tint of HSV ends at the L* of its pure tint: red at 53.2 (IEC 61966-2-1, CIE 15).
    const Wheel wheel({HueScale::Light, SaturationMeasure::Hsv});
    const WheelPoint red = wheel.locate({1, 0, 0}), now{red.a, 0.9, 30};
    const ValueSpan span = wheel.value_span(Angle(now.a), now.r);
    QVERIFY(span.high > 53.3 && span.high < 62);
    const MaskRegion elsewhere = region_of({adds(RingSector{200, 20, 0.1, 0.2})});
    for (const MaskRule rule : kRules) {
      // Value is never limited by a mask.
      const PickRules rules{wheel, &elsewhere, rule, {12, 5, steps}};
      double expected = ends > 100 ? span.high : ends;
      if (steps && expected > span.high) expected -= 100.0 / (steps - 1);
      CHECK_POINT(pick_on_rail(rules, now, value), now.a, now.r, expected);
    }
  }
  void on_the_rail_of_a_thin_color() {
    // Under the chroma measures a saturated color exists over few values, and none of the steps may lie
    // there.
    const Wheel wheel({HueScale::Light, SaturationMeasure::CielabChroma});
    const WheelPoint blue = wheel.locate({0, 0, 1});
    const ValueSpan span = wheel.value_span(Angle(blue.a), 0.97);
    QVERIFY(!span.empty() && span.high - span.low < 10);
    const PickRules smooth{wheel, nullptr, MaskRule::Free, {}},
        stepped{wheel, nullptr, MaskRule::Free, {0, 0, 11}};
    CHECK_POINT(pick_on_rail(smooth, {blue.a, 0.97, 30}, 90), blue.a, 0.97, span.high);
    CHECK_POINT(pick_on_rail(smooth, {blue.a, 0.97, 30}, 0), blue.a, 0.97, span.low);
    const double up = pick_on_rail(stepped, {blue.a, 0.97, 30}, 90).v;
    CHECK_NEAR(std::remainder(up, 10), 0, 1e-9);
    const PickRules coarse{wheel, nullptr, MaskRule::Free, {0, 0, 6}};
    QVERIFY(span.low > 21 && span.high < 39);
    CHECK_POINT(pick_on_rail(coarse, {blue.a, 0.97, 30}, 0), blue.a, 0.97, 40);
    // A place that exists at no value is left as it was wanted.
    const double nowhere = 1;
    QVERIFY(wheel.value_span(Angle(0), nowhere).empty());
    CHECK_POINT(pick_on_rail(stepped, {0, nowhere, 30}, 52), 0, nowhere, 50);
  }
  void shown_where_the_display_has_colors() {
    const Wheel wheel({HueScale::Traditional, SaturationMeasure::OklabChroma});
    const double reach = wheel.reach(Angle(240), 85);
    QVERIFY(reach < 0.6);
    const auto shown = [&](int saturations, double r) {
      return shown_pick({wheel, nullptr, MaskRule::Free, {0, saturations, 0}}, {240, r, 85});
    };
    CHECK_POINT(shown(0, 1).at, 240, reach, 85);
    CHECK_POINT(shown(10, 1).at, 240, std::floor(reach * 10) / 10, 85);
    // What exists is shown as it was picked, on a step or not.
    CHECK_POINT(shown(0, 0.05).at, 240, 0.05, 85);
    CHECK_POINT(shown(10, 0.05).at, 240, 0.05, 85);
    QCOMPARE(shown(10, 1).color, *wheel.color_at(shown(10, 1).at));
  }
  void stepped_picks_are_the_nearest_steps_inside() {
    const Wheel wheel({HueScale::Traditional, SaturationMeasure::OklabChroma});
    std::mt19937_64 random(26);
    for (const MaskRegion& region : {MaskRegion(pattern_mask({Pattern::Triad, 20, 0})),
                                     MaskRegion(pattern_mask({Pattern::Single, 200, 40})),
                                     region_of({adds(RingSector{0, 360, 0.3, 0.9})})})
      for (const Steps& steps : {Steps{12, 5, 9}, Steps{24, 0, 0}, Steps{0, 4, 0}, Steps{7, 3, 5}}) {
        const PickRules rules{wheel, &region, MaskRule::Held, steps};
        for (int i = 0; i < 150; ++i) {
          const DiscPoint wanted = random_point(random);
          const auto place = stepped_pick(rules, wanted);
          QVERIFY(place && region.inside(*place));
          const WheelPoint at = wheel_point(*place, 0), own = stepped(wheel_point(wanted, 0), steps);
          if (steps.hues && at.r > 1e-6) CHECK_NEAR(std::remainder(at.a, 360.0 / steps.hues), 0, 1e-6);
          if (steps.saturations) CHECK_NEAR(std::remainder(at.r, 1.0 / steps.saturations), 0, 1e-9);
          if (region.inside(disc_point(own))) {
            QVERIFY(distance(*place, disc_point(own)) < 1e-9);
            continue;
          }
          // No other step inside the mask is nearer.
          const int hues = steps.hues ? steps.hues : 720, rings = steps.saturations ? steps.saturations : 60;
          for (int h = 0; h < hues; ++h)
            for (int s = 0; s <= rings; ++s) {
              const DiscPoint other = disc_point(Angle(360.0 * h / hues), static_cast<double>(s) / rings);
              const double room = steps.hues && steps.saturations ? 1e-9 : 0.005;
              if (distance(other, wanted) < distance(*place, wanted) - room) QVERIFY(!region.inside(other));
            }
        }
      }
  }
};

QTEST_APPLESS_MAIN(PickingTest)
#include "picking_test.moc"
