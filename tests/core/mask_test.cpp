// SPDX-License-Identifier: GPL-3.0-or-later
// Gamut masks against shapes known in closed form and against brute force.
#include "core/mask/measured_outlines.h"
#include "core/mask/patterns.h"
#include "core/mask/picker_ranges.h"
#include "core/piece/edits.h"
#include "core/wheel/measure.h"
#include "support/check.h"
#include "support/outlines.h"
#include "support/random_shapes.h"

#include <numbers>

using namespace zc;
using namespace zc::test;

namespace {

constexpr double kPi = std::numbers::pi;

Mask mask_of(std::vector<DiscPoint> points, AreaMode mode = AreaMode::Adds) {
  Mask m;
  m.areas.push_back({mode, Polygon{std::move(points)}});
  return m;
}

std::vector<DiscPoint> square(double x, double y, double half) {
  return {{x - half, y - half}, {x + half, y - half}, {x + half, y + half}, {x - half, y + half}};
}

/// Even-odd crossing count, by hand.
bool inside_by_hand(const std::vector<DiscPoint>& c, DiscPoint p) {
  bool in = false;
  for (std::size_t i = 0, j = c.size() - 1; i < c.size(); j = i++)
    if ((c[i].y > p.y) != (c[j].y > p.y) &&
        p.x < (c[j].x - c[i].x) * (p.y - c[i].y) / (c[j].y - c[i].y) + c[i].x)
      in = !in;
  return in;
}

} // namespace

Mask with_areas(List<Area> areas) {
  Mask out;
  out.areas = std::move(areas);
  return out;
}

class MaskTest : public QObject {
  Q_OBJECT
private slots:
  void knows_areas_and_centroids_in_closed_form();
  void patterns_sit_at_the_trade_angles();
  void finds_the_nearest_point_of_random_masks();
  void adds_and_cuts_like_point_logic();
  void fills_crossing_outlines_by_even_odd();
  void gives_the_limits_of_the_section();
  void empty_masks_admit_nothing();
  void edits_keep_points_on_the_disc();
  void round_shapes_have_their_exact_areas();
  void shapes_combine_like_point_logic();
  void ranges_of_pickers_are_found_again();
  void outlines_of_a_measure_hold_the_same_colors();
};

void MaskTest::knows_areas_and_centroids_in_closed_form() {
  // Equilateral triangle in the unit circle: area 3 sqrt(3) / 4, centroid in the middle.
  const MaskRegion triad(pattern_mask({Pattern::Triad, 17, 0}));
  CHECK_NEAR(triad.share(), 3 * std::sqrt(3.0) / 4 / kPi, 1e-12);
  QVERIFY(distance(*triad.centroid(), {0, 0}) < 1e-12);
  // Square with a square hole off its middle: centroid by the composite rule.
  Mask holed = mask_of(square(0, 0, 0.5));
  holed.areas.push_back({AreaMode::Cuts, Polygon{square(0.2, 0, 0.1)}});
  const MaskRegion region(holed);
  CHECK_NEAR(region.share(), (1 - 0.04) / kPi, 1e-12);
  CHECK_NEAR(region.centroid()->x, -0.04 * 0.2 / 0.96, 1e-12);
  QVERIFY(!region.inside({0.2, 0}));
  QVERIFY(distance(*region.nearest({0.2, 0.02}), {0.2, 0.1}) < 1e-12);
  QCOMPARE(region.outlines().size(), std::size_t{2});
}

void MaskTest::patterns_sit_at_the_trade_angles() {
  // Common practice, no source: triad every 120, complement 180, analogous 30 either side.
  const auto angles = [](Pattern kind, double base) {
    std::vector<double> out;
    for (const auto& p : MaskRegion(pattern_mask({kind, base, usual_spread(kind)})).corners())
      if (std::hypot(p.x, p.y) > 0.5) out.push_back(wrap_degrees(degrees(std::atan2(p.x, p.y))));
    std::sort(out.begin(), out.end());
    return out;
  };
  const auto check = [](std::vector<double> got, std::vector<double> expected) {
    QCOMPARE(got.size(), expected.size());
    for (std::size_t i = 0; i < got.size(); ++i) CHECK_ANGLE(got[i], expected[i], 1e-9);
  };
  check(angles(Pattern::Triad, 40), {40, 160, 280});
  check(angles(Pattern::Complement, 40), {25, 55, 205, 235});
  check(angles(Pattern::Analogous, 40), {10, 40, 70});
  // Split complement 150 either side, square every 90, rectangle two complementary pairs, an accent across.
  check(angles(Pattern::Split, 0), {0, 150, 210});
  check(angles(Pattern::Square, 10), {10, 100, 190, 280});
  check(angles(Pattern::Rectangle, 0), {0, 60, 180, 240});
  check(angles(Pattern::Accent, 90), {60, 90, 120, 270});
  check(angles(Pattern::Single, 90), {80, 100});
  // However wide, hues never run into each other.
  for (const Pattern kind : kPatterns) QVERIFY(!MaskRegion(pattern_mask({kind, 33, 120})).empty());
}

void MaskTest::finds_the_nearest_point_of_random_masks() {
  std::mt19937_64 random(20);
  std::uniform_int_distribution<int> corners(3, 9);
  for (int i = 0; i < 10'000; ++i) {
    // Star-shaped round a point, so that the outline never crosses itself.
    std::vector<DiscPoint> c;
    const int n = corners(random);
    std::uniform_real_distribution<double> radius(0.05, 1);
    for (int k = 0; k < n; ++k) c.push_back(disc_point(Angle(360.0 * k / n), radius(random)));
    const MaskRegion region(mask_of(c));
    const DiscPoint p = random_point(random);
    const auto nearest = region.nearest(p);
    QVERIFY(nearest && region.inside(*nearest));
    const double expected = inside_by_hand(c, p) ? 0 : distance_to(c, p);
    QVERIFY2(std::abs(distance(p, *nearest) - expected) < 1e-9, qPrintable(QString::number(i)));
  }
}

void MaskTest::adds_and_cuts_like_point_logic() {
  std::mt19937_64 random(21);
  for (int i = 0; i < 60; ++i) {
    Mask mask;
    std::vector<std::vector<DiscPoint>> shapes;
    for (int k = 0; k < 4; ++k) {
      shapes.push_back({random_point(random), random_point(random), random_point(random)});
      mask.areas.push_back({k % 2 ? AreaMode::Cuts : AreaMode::Adds, Polygon{shapes.back()}});
    }
    const MaskRegion region(mask);
    for (int k = 0; k < 200; ++k) {
      const DiscPoint p = random_point(random);
      bool expected = false, near_border = false;
      for (std::size_t s = 0; s < shapes.size(); ++s) {
        near_border = near_border || distance_to(shapes[s], p) < 1e-6;
        if (inside_by_hand(shapes[s], p)) expected = s % 2 == 0;
      }
      if (!near_border) QCOMPARE(region.inside(p), expected);
    }
  }
}

void MaskTest::fills_crossing_outlines_by_even_odd() {
  const std::vector<DiscPoint> bow{{-0.5, -0.5}, {0.5, 0.5}, {0.5, -0.5}, {-0.5, 0.5}};
  const MaskRegion region(mask_of(bow));
  CHECK_NEAR(region.share(), 0.5 / kPi, 1e-9);
  std::mt19937_64 random(22);
  for (int i = 0; i < 2000; ++i) {
    const DiscPoint p = random_point(random);
    if (distance_to(bow, p) > 1e-6) QCOMPARE(region.inside(p), inside_by_hand(bow, p));
  }
}

void MaskTest::gives_the_limits_of_the_section() {
  const auto stretches = MaskRegion(mask_of(square(0, 0, 0.5))).along_diameter(Angle(90));
  QCOMPARE(stretches.size(), std::size_t{1});
  CHECK_NEAR(stretches[0].from, -0.5, 1e-12);
  CHECK_NEAR(stretches[0].to, 0.5, 1e-12);
  Mask two = mask_of(square(0.5, 0, 0.2));
  two.areas.push_back({AreaMode::Adds, Polygon{square(-0.6, 0, 0.1)}});
  const auto both = MaskRegion(two).along_diameter(Angle(90));
  QCOMPARE(both.size(), std::size_t{2});
  CHECK_NEAR(both[0].from, -0.7, 1e-12);
  CHECK_NEAR(both[1].to, 0.7, 1e-12);
  QVERIFY(MaskRegion(two).along_diameter(Angle(0)).empty());
}

void MaskTest::empty_masks_admit_nothing() {
  for (const Mask& mask :
       {Mask{}, mask_of({}), mask_of({{0, 0}, {1, 0}}), mask_of({{0, 0}, {0.5, 0}, {1, 0}}),
        mask_of({{0.1, 0.1}, {0.1, 0.1}, {0.1, 0.1}}), pattern_mask({Pattern::Complement, 0, 0})}) {
    const MaskRegion region(mask);
    QVERIFY(region.empty());
    QVERIFY(!region.inside({0, 0}));
    QVERIFY(!region.nearest({0.3, 0.3}));
    QVERIFY(!region.centroid());
    QCOMPARE(region.share(), 0.0);
    QVERIFY(region.along_diameter(Angle(30)).empty());
  }
}

void MaskTest::edits_keep_points_on_the_disc() {
  const Piece piece = with_mask(new_piece({}), pattern_mask({Pattern::Triad, 0, 0}));
  const auto moved = with_mask_handle(piece, 0, Grip::Corner, 1, {5, 0});
  QVERIFY(moved);
  QCOMPARE(std::get<Polygon>(moved->mask->areas[0].shape).points[1], (DiscPoint{1, 0}));
  QVERIFY(!with_mask_handle(piece, 1, Grip::Corner, 0, {0, 0}));
  QVERIFY(!with_mask_point_removed(piece, 0, 0));
}

void MaskTest::round_shapes_have_their_exact_areas() {
  const auto region = [](const Shape& shape) {
    Mask mask;
    mask.areas.push_back({AreaMode::Adds, shape});
    return MaskRegion(mask);
  };
  // Ellipse pi a b; its centroid is its center.
  const auto ellipse = region(Ellipse{{0.2, -0.1}, 0.5, 0.2, 33});
  CHECK_NEAR(ellipse.share(), 0.5 * 0.2, 2e-5);
  QVERIFY(distance(*ellipse.centroid(), {0.2, -0.1}) < 1e-9);
  QCOMPARE(ellipse.corners().size(), std::size_t{4});
  // Sector of a ring: (R^2 - r^2) theta / 2; centroid at 2 sin(theta / 2) / (3 theta / 2) * (R^3 - r^3) /
  // (R^2 - r^2) from neutral, for theta in radians (composite areas, any handbook of mechanics).
  const double outer = 0.9, inner = 0.4, theta = radians(70.0);
  const auto sector = region(RingSector{100, 70, inner, outer});
  CHECK_NEAR(sector.share(), (outer * outer - inner * inner) * theta / 2 / kPi, 2e-5);
  const double away = 2 * std::sin(theta / 2) / (3 * theta / 2) * (std::pow(outer, 3) - std::pow(inner, 3)) /
                      (outer * outer - inner * inner);
  QVERIFY(distance(*sector.centroid(), disc_point(Angle(135), away)) < 2e-5);
  QCOMPARE(sector.corners().size(), std::size_t{4});
  const auto ring = region(RingSector{0, 360, 0.5, 1});
  CHECK_NEAR(ring.share(), 0.75, 2e-5);
  QVERIFY(!ring.inside({0, 0}));
  QCOMPARE(ring.outlines().size(), std::size_t{2});
  // Beyond the rim an ellipse is cut off; half of it by symmetry is not exactly known, the disc is.
  CHECK_NEAR(region(Ellipse{{0, 0}, 2, 2, 0}).share(), 1, 2e-5);
  const auto clipped = region(Ellipse{{0.9, 0}, 0.4, 0.3, 90});
  for (const auto& p : clipped.outlines()[0]) QVERIFY(std::hypot(p.x, p.y) <= 1 + 1e-9);
}

/// Point logic of a shape, by its own formula.
static bool inside_shape(const Shape& shape, DiscPoint p) {
  if (const auto* polygon = std::get_if<Polygon>(&shape)) return inside_by_hand(polygon->points, p);
  if (const auto* e = std::get_if<Ellipse>(&shape)) {
    const DiscPoint u = disc_point(Angle(e->turned), 1), w = disc_point(Angle(e->turned + 90), 1);
    const double dx = p.x - e->center.x, dy = p.y - e->center.y;
    return std::hypot((dx * u.x + dy * u.y) / e->along, (dx * w.x + dy * w.y) / e->across) <= 1;
  }
  const auto& s = std::get<RingSector>(shape);
  const WheelPoint at = wheel_point(p, 0);
  return at.r >= s.inner && at.r <= s.outer && wrap_degrees(at.a - s.from) <= s.sweep;
}

void MaskTest::shapes_combine_like_point_logic() {
  std::mt19937_64 random(23);
  int judged = 0;
  for (int i = 0; i < 80; ++i) {
    Mask mask;
    for (int k = 0; k < 4; ++k)
      mask.areas.push_back({k % 2 ? AreaMode::Cuts : AreaMode::Adds, random_shape(random)});
    const MaskRegion region(mask);
    for (int k = 0; k < 100; ++k) {
      const DiscPoint p = random_point(random);
      const auto logic = [&](DiscPoint q) {
        bool in = false;
        for (const auto& area : mask.areas)
          if (inside_shape(area.shape, q)) in = area.mode == AreaMode::Adds;
        return in;
      };
      // Curves are walked in steps; next to a border either answer is right.
      const double d = 3e-4;
      const bool in = logic(p);
      if (logic({p.x + d, p.y}) != in || logic({p.x - d, p.y}) != in || logic({p.x, p.y + d}) != in ||
          logic({p.x, p.y - d}) != in)
        continue;
      ++judged;
      QCOMPARE(region.inside(p), in);
      // The nearest point lies inside, and none of a fan of closer points does.
      const auto nearest = region.nearest(p);
      if (in || !nearest) continue;
      QVERIFY(region.inside(*nearest));
      const double away = distance(p, *nearest);
      for (int fan = 0; fan < 24 && away > 2e-3; ++fan) {
        const DiscPoint step = disc_point(Angle(15 * fan), away - 1e-3);
        QVERIFY(!region.inside({p.x + step.x, p.y + step.y}));
      }
    }
  }
  QVERIFY(judged > 6'000);
}

/// A range drawn on the wheel of a picker is that picker's range, and of none other so well.
void MaskTest::ranges_of_pickers_are_found_again() {
  for (const SaturationMeasure model : kPickerModels) {
    const Wheel wheel({HueScale::Light, model});
    // Clockwise on the wheel the hue falls; inside of what the display has at L* 60.
    const RingSector sector{20, 40, 0.1, 0.3};
    const Mask mask = with_areas({Area{AreaMode::Adds, sector}});
    const auto fits = picker_fits(mask, wheel);
    QCOMPARE(fits.size(), kPickerModels.size());
    QCOMPARE(fits.front().model, model);
    QVERIFY(fits.front().filled > 0.98 && fits[1].filled < fits.front().filled - 0.005);
    QCOMPARE(fits.front().ranges.size(), std::size_t{1});
    const PickerRange& range = fits.front().ranges.front();
    CHECK_NEAR(range.low, 0.1, 0.01);
    CHECK_NEAR(range.high, 0.3, 0.01);
    const double begins = wheel.hue_at(60), ends = wheel.hue_at(20);
    CHECK_ANGLE(range.hue, begins, 1);
    CHECK_ANGLE(range.hue + range.sweep, ends, 1);
  }
  // Every hue round the neutral; a ring; two parts; nothing.
  const Wheel wheel({HueScale::Light, SaturationMeasure::Hsv});
  const auto hsv = [&](const Mask& mask) {
    for (const PickerFit& fit : picker_fits(mask, wheel))
      if (fit.model == SaturationMeasure::Hsv) return fit;
    return PickerFit{};
  };
  const PickerFit disc = hsv(with_areas({Area{AreaMode::Adds, Ellipse{{0, 0}, 0.4, 0.4, 0}}}));
  QVERIFY(disc.ranges.size() == 1 && disc.ranges[0].sweep == 360 && disc.ranges[0].low == 0);
  CHECK_NEAR(disc.ranges[0].high, 0.4, 0.01);
  CHECK_NEAR(disc.filled, 1, 0.01);
  const PickerFit ring = hsv(with_areas({Area{AreaMode::Adds, RingSector{0, 360, 0.2, 0.5}}}));
  CHECK_NEAR(ring.ranges.at(0).low, 0.2, 0.01);
  CHECK_NEAR(ring.filled, 1, 0.01);
  const PickerFit two = hsv(with_areas({Area{AreaMode::Adds, RingSector{350, 20, 0.2, 0.5}},
                                        Area{AreaMode::Adds, RingSector{150, 60, 0.2, 0.5}}}));
  QCOMPARE(two.ranges.size(), std::size_t{2});
  QVERIFY(two.ranges[0].sweep > 50 && two.ranges[1].sweep < 25 && two.filled > 0.98);
  // A hole that is none of the ring's takes from what is filled.
  const PickerFit pierced = hsv(with_areas({Area{AreaMode::Adds, Ellipse{{0, 0}, 0.5, 0.5, 0}},
                                            Area{AreaMode::Cuts, Ellipse{{0.25, 0}, 0.2, 0.2, 0}}}));
  CHECK_NEAR(pierced.filled, 1 - 0.04 / 0.25, 0.01);
  QVERIFY(picker_fits({}, wheel).empty());
  CHECK_NEAR(picker_number(SaturationMeasure::Hsl, 0.5), 50, 1e-12);
  CHECK_NEAR(picker_number(SaturationMeasure::CielabChroma, 1), 133.8, 0.05); // Of blue, C*ab under D65.
}

void MaskTest::outlines_of_a_measure_hold_the_same_colors() {
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
  const Mask mask = with_areas({Area{AreaMode::Adds, RingSector{40, 50, 0.2, 0.6}}});
  const MaskRegion region(mask);
  for (const auto& [measure, word] : kMeasureWords) {
    const Wheel other({HueScale::Light, measure});
    const auto outlines = measured_outlines(mask, wheel, measure);
    QCOMPARE(outlines.size(), std::size_t{1});
    QVERIFY(outlines[0].size() > 8);
    QCOMPARE(outlines[0].front().hue, outlines[0].back().hue);
    int edge = 0;
    for (const MeasuredPoint& p : outlines[0]) {
      const auto color = make_measure(measure)->color_at(Angle(p.hue), p.saturation, 60);
      if (!color) continue;
      ++edge;
      const DiscPoint at = disc_point(wheel.locate(*color));
      const DiscPoint in = *region.nearest(at);
      QVERIFY2(std::hypot(at.x - in.x, at.y - in.y) < 0.02, word.data());
      const DiscPoint outward{at.x * 1.05, at.y * 1.05};
      const DiscPoint inward{at.x * 0.95, at.y * 0.95}, aside = turned_point(at, 4),
                                                        back = turned_point(at, -4);
      QVERIFY(!region.inside(outward) || !region.inside(inward) || !region.inside(aside) ||
              !region.inside(back));
    }
    QVERIFY(edge > 4);
  }
}

QTEST_APPLESS_MAIN(MaskTest)
#include "mask_test.moc"
