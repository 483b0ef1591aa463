// SPDX-License-Identifier: GPL-3.0-or-later
// Mask shapes in a user's hands: every change compared by outline.
#include "core/base/angle.h"
#include "core/mask/mask.h"
#include "core/mask/outline.h"
#include "support/check.h"
#include "support/outlines.h"
#include "support/random_shapes.h"

using namespace zc;
using namespace zc::test;

namespace {

double length(DiscPoint p) { return std::hypot(p.x, p.y); }
double angle_of(DiscPoint p) { return degrees(std::atan2(p.x, p.y)); }
DiscPoint toward(DiscPoint p, DiscPoint by) { return {p.x + by.x, p.y + by.y}; }
/// By its definition: along the ray from neutral.
DiscPoint on_disc(DiscPoint p) { return length(p) > 1 ? DiscPoint{p.x / length(p), p.y / length(p)} : p; }

double share_of(const Shape& shape) { return MaskRegion({"one", {{AreaMode::Adds, shape}}, 0, {}}).share(); }

bool angles_wrapped(const Shape& shape) {
  const auto wrapped = [](double a) { return a >= 0 && a < 360; };
  if (const auto* e = std::get_if<Ellipse>(&shape)) return wrapped(e->turned);
  if (const auto* s = std::get_if<RingSector>(&shape)) return wrapped(s->from);
  return true;
}

DiscPoint handle_at(const Shape& shape, Grip grip, std::size_t index) {
  for (const Handle& h : handles_of(shape))
    if (h.grip == grip && h.index == index) return h.at;
  qFatal("no such handle");
}

} // namespace

// Points of a curve stand half a degree apart, so lines between them miss it by less than this.
#define SAME_OUTLINE(shape, expected)                                                                        \
  do {                                                                                                       \
    const double apart_ = outlines_apart(outlines_of(shape), expected);                                      \
    QVERIFY2(apart_ < 3e-5, qPrintable(QString::number(apart_)));                                            \
  } while (false)

class ShapesTest : public QObject {
  Q_OBJECT
private slots:
  /// Between two corners at the rim the edge is the rim, on the far side of the others.
  void edges_follow_the_rim() {
    const auto at = [](double angle, double r = 1) { return disc_point(Angle(angle), r); };
    Polygon wedge{{at(0, 0), at(20), at(80)}, true};
    QVERIFY(!edge_follows_rim(wedge, 0) && edge_follows_rim(wedge, 1) && !edge_follows_rim(wedge, 2));
    // A sixth of the disc, as a sector has it; straight it is a triangle.
    CHECK_NEAR(share_of(wedge), 1.0 / 6, 1e-5);
    // What is fully saturated lies on it.
    const MaskRegion whole({"whole", {{AreaMode::Adds, RingSector{}}}, 0, {}});
    for (double angle = 0.1; angle < 360; angle += 0.37) {
      const DiscPoint p = at(angle);
      QVERIFY(whole.inside(p) && whole.nearest(p) == p);
      QCOMPARE(MaskRegion({"wedge", {{AreaMode::Adds, wedge}}, 0, {}}).inside(p), angle >= 20 && angle <= 80);
    }
    wedge.follows_rim = false;
    CHECK_NEAR(share_of(wedge), std::sqrt(3.0) / 4 / std::numbers::pi, 1e-9);
    // The straight side of a segment stays straight.
    const Polygon segment{{at(20), at(50), at(80)}, true};
    QVERIFY(edge_follows_rim(segment, 0) && edge_follows_rim(segment, 1) && !edge_follows_rim(segment, 2));
    // Turned it goes along, moved in it has left the rim.
    QVERIFY(edge_follows_rim(std::get<Polygon>(turned_shape(segment, 111)), 0));
    QVERIFY(!edge_follows_rim(std::get<Polygon>(scaled_shape(segment, 0.9)), 0));
    wedge.follows_rim = true;
    const auto on_rim = edge_near(wedge, at(50, 0.98), 0.05);
    QVERIFY(on_rim && on_rim->edge == 1);
    CHECK_NEAR(std::hypot(on_rim->at.x, on_rim->at.y), 1, 1e-9);
    const auto straight = edge_near(wedge, at(21, 0.5), 0.05);
    QVERIFY(straight && straight->edge == 0);
    CHECK_NEAR(std::hypot(straight->at.x, straight->at.y), 0.5 * std::cos(radians(1.0)), 1e-9);
    // The middle of an edge: on the rim half way along its turn, else half way along the line.
    CHECK_NEAR(std::hypot(middle_of_edge(wedge, 1).x - at(50).x, middle_of_edge(wedge, 1).y - at(50).y), 0,
               1e-12);
    CHECK_NEAR(
        std::hypot(middle_of_edge(wedge, 0).x - at(20, 0.5).x, middle_of_edge(wedge, 0).y - at(20, 0.5).y), 0,
        1e-12);
    QVERIFY(!edge_near(wedge, at(50, 0.6), 0.05) && !edge_near(wedge, at(200, 0.5), 0.2));
  }
  /// By brute force: a corner of the hull has every other point on one side of the line to the next one.
  void outlines() {
    std::mt19937_64 random(5);
    std::uniform_real_distribution<double> unit(-1, 1);
    for (const int count : {3, 4, 20, 200}) {
      std::vector<DiscPoint> points;
      for (int i = 0; i < count; ++i) points.push_back({unit(random), unit(random)});
      const auto hull = convex_hull(points);
      const auto side = [](DiscPoint a, DiscPoint b, DiscPoint p) {
        return (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);
      };
      double area = 0;
      for (std::size_t i = 0; i < hull.size(); ++i) {
        const DiscPoint a = hull[i], b = hull[(i + 1) % hull.size()];
        QVERIFY(std::find(points.begin(), points.end(), a) != points.end());
        for (const DiscPoint p : points) QVERIFY(side(a, b, p) < 1e-12);
        area += (a.x * b.y - a.y * b.x) / 2;
      }
      CHECK_NEAR(enclosed_area(hull), std::abs(area), 1e-12);
      QVERIFY(!meets_itself(hull));
    }
    const DiscPoint a{0, 0}, b{1, 1}, c{1, 0}, d{0, 1};
    QVERIFY(convex_hull({}).empty());
    QVERIFY(convex_hull({a}) == (std::vector{a}));
    QCOMPARE(convex_hull({a, b}).size(), 2u);
    QCOMPARE(convex_hull({a, b, a, b, {0.5, 0.5}}).size(), 2u);
    QCOMPARE(enclosed_area({a, b}), 0.0);
    QVERIFY(meets_itself({a, b, c, d}) && !meets_itself({a, c, b, d}));
    QVERIFY(thinned_line({a, {0.5, 0.01}, c}, 0.02) == (std::vector{a, c}));
    QCOMPARE(thinned_line({a, {0.5, 0.03}, c}, 0.02).size(), 3u);
  }

  void turning_turns_the_outline() {
    std::mt19937_64 random(31);
    for (int i = 0; i < 60; ++i) {
      const Shape shape = random_shape(random);
      for (const double by : {30.0, -77.7, 180.0, 359.0, -725.0, 1000.5}) {
        const Shape turned = turned_shape(shape, by);
        SAME_OUTLINE(turned, each_point(outlines_of(shape), [by](DiscPoint p) {
                       return disc_point(Angle(angle_of(p) + by), length(p));
                     }));
        QVERIFY(angles_wrapped(turned) && validate(turned));
      }
      SAME_OUTLINE(mirrored_shape(shape), each_point(outlines_of(shape), [](DiscPoint p) {
                     return DiscPoint{-p.x, -p.y};
                   }));
    }
  }
  void moving_moves_what_can_move() {
    std::mt19937_64 random(32);
    for (int i = 0; i < 100; ++i) {
      const Shape shape = random_shape(random);
      const DiscPoint from = random_point(random), to = random_point(random),
                      by{to.x - from.x, to.y - from.y};
      const Shape moved = moved_shape(shape, from, to);
      QVERIFY(angles_wrapped(moved) && validate(moved));
      if (std::holds_alternative<Polygon>(shape)) {
        SAME_OUTLINE(moved,
                     each_point(outlines_of(shape), [by](DiscPoint p) { return on_disc(toward(p, by)); }));
      } else if (const auto* e = std::get_if<Ellipse>(&shape)) {
        const DiscPoint center = on_disc(toward(e->center, by));
        const DiscPoint step{center.x - e->center.x, center.y - e->center.y};
        SAME_OUTLINE(moved, each_point(outlines_of(shape), [step](DiscPoint p) { return toward(p, step); }));
      } else {
        // Round by the angle the hand went round, out by how much further out it went, as far as there is
        // room, and neither wider nor narrower.
        const auto& s = std::get<RingSector>(shape);
        const double out = std::clamp(length(to) - length(from), -s.inner, 1 - s.outer);
        const double round = angle_of(to) - angle_of(from);
        SAME_OUTLINE(moved, outlines_of(RingSector{s.from + round, s.sweep, s.inner + out, s.outer + out}));
      }
    }
  }
  void scaling_scales_about_the_middle() {
    std::mt19937_64 random(33);
    for (int i = 0; i < 100; ++i) {
      const Shape shape = random_shape(random);
      for (const double factor : {0.5, 0.9, 1.0, 1.3, 3.0}) {
        const Shape scaled = scaled_shape(shape, factor);
        QVERIFY(angles_wrapped(scaled) && validate(scaled));
        if (const auto* p = std::get_if<Polygon>(&shape)) {
          DiscPoint middle;
          for (const auto& q : p->points)
            middle = toward(middle, {q.x / double(p->points.size()), q.y / double(p->points.size())});
          SAME_OUTLINE(
              scaled, each_point(outlines_of(shape), [&](DiscPoint q) {
                return on_disc(toward(middle, {(q.x - middle.x) * factor, (q.y - middle.y) * factor}));
              }));
        } else if (const auto* e = std::get_if<Ellipse>(&shape)) {
          if (std::max(e->along, e->across) * factor > 2) continue;
          SAME_OUTLINE(
              scaled, each_point(outlines_of(shape), [&](DiscPoint q) {
                return toward(e->center, {(q.x - e->center.x) * factor, (q.y - e->center.y) * factor});
              }));
        } else {
          const auto &s = std::get<RingSector>(shape), &t = std::get<RingSector>(scaled);
          const double mid = (s.inner + s.outer) / 2, half = (s.outer - s.inner) / 2 * factor;
          CHECK_NEAR(t.inner, std::max(0.0, mid - half), 1e-12);
          CHECK_NEAR(t.outer, std::min(1.0, mid + half), 1e-12);
          // A whole ring stays whole, and a sector one with two ends; its middle stays where it was.
          const double sweep = s.sweep == 360 ? 360 : std::clamp(s.sweep * factor, 1.0, 359.0);
          CHECK_NEAR(t.sweep, sweep, 1e-12);
          CHECK_ANGLE(t.from + t.sweep / 2, s.from + s.sweep / 2, 1e-9);
        }
      }
    }
    // As small and as large as a hand makes them.
    QCOMPARE(scaled_shape(Ellipse{{0, 0}, 0.5, 0.05, 0}, 0.01), Shape(Ellipse{{0, 0}, 0.01, 0.01, 0}));
    QCOMPARE(scaled_shape(Ellipse{{0, 0}, 0.5, 0.3, 0}, 9), Shape(Ellipse{{0, 0}, 2, 2, 0}));
    const auto thin = std::get<RingSector>(scaled_shape(RingSector{10, 2, 0.5, 0.7}, 0.01));
    CHECK_NEAR(thin.outer - thin.inner, kThinnest, 1e-12);
    CHECK_NEAR(thin.sweep, 1, 1e-12);
    const auto outermost = std::get<RingSector>(scaled_shape(RingSector{10, 90, 0.99, 1}, 0.01));
    QVERIFY(outermost.inner >= 0.98 && outermost.inner < outermost.outer && outermost.outer <= 1);
  }
  void middles_are_where_shapes_are_held() {
    QCOMPARE(middle_of(Polygon{{{0, 0}, {0.6, 0}, {0, 0.9}}}), (DiscPoint{0.6 / 3, 0.9 / 3}));
    QCOMPARE(middle_of(Polygon{}), (DiscPoint{0, 0}));
    QCOMPARE(middle_of(Ellipse{{0.1, -0.2}, 0.3, 0.4, 5}), (DiscPoint{0.1, -0.2}));
    QVERIFY(distance(middle_of(RingSector{80, 40, 0.2, 0.6}), disc_point(Angle(100), 0.4)) < 1e-12);
    QCOMPARE(middle_of(RingSector{80, 360, 0.2, 0.6}), (DiscPoint{0, 0}));
  }
  void handles_follow_the_hand() {
    std::mt19937_64 random(34);
    for (int i = 0; i < 100; ++i) {
      const Shape shape = random_shape(random);
      const DiscPoint hand = random_point(random);
      for (const Handle& handle : handles_of(shape)) {
        // Brought to where it is, nothing changes.
        SAME_OUTLINE(with_handle_at(shape, handle.grip, handle.index, handle.at), outlines_of(shape));
        const Shape pulled = with_handle_at(shape, handle.grip, handle.index, hand);
        QVERIFY(angles_wrapped(pulled));
        const DiscPoint now = handle_at(pulled, handle.grip, handle.index);
        if (handle.grip == Grip::Corner) {
          QVERIFY(distance(now, hand) < 1e-12);
          auto expected = std::get<Polygon>(shape);
          expected.points[handle.index] = hand;
          QCOMPARE(pulled, Shape(expected));
        } else if (const auto* e = std::get_if<Ellipse>(&shape)) {
          const auto& f = std::get<Ellipse>(pulled);
          const DiscPoint d{hand.x - e->center.x, hand.y - e->center.y};
          QCOMPARE(f.center, e->center);
          if (handle.grip == Grip::Along) {
            // The axis points at the hand, the other one keeps its length.
            QVERIFY(distance(now, hand) < 1e-9 || length(d) < kThinnest);
            QCOMPARE(f.across, e->across);
          } else {
            const DiscPoint axis = disc_point(Angle(e->turned + 90), 1);
            CHECK_NEAR(f.across, std::max(kThinnest, std::abs(d.x * axis.x + d.y * axis.y)), 1e-12);
            QVERIFY(f.along == e->along && f.turned == e->turned);
          }
        } else {
          const auto &s = std::get<RingSector>(shape), &t = std::get<RingSector>(pulled);
          RingSector expected = s;
          if (handle.grip == Grip::Outer) expected.outer = std::max(length(hand), s.inner + kThinnest);
          if (handle.grip == Grip::Inner) expected.inner = std::min(length(hand), s.outer - kThinnest);
          CHECK_NEAR(t.inner, expected.inner, 1e-12);
          CHECK_NEAR(t.outer, expected.outer, 1e-12);
          if (handle.grip == Grip::From || handle.grip == Grip::To) {
            // The end that is held comes to the hand, if the shorter way there leaves a sector; the other one
            // stays.
            const bool from = handle.grip == Grip::From;
            const double turn = turn_between(from ? s.from : s.from + s.sweep, angle_of(hand));
            CHECK_NEAR(t.sweep, std::clamp(s.sweep + (from ? -turn : turn), 1.0, 360.0), 1e-9);
            CHECK_ANGLE(from ? t.from + t.sweep : t.from, from ? s.from + s.sweep : s.from, 1e-9);
          } else {
            QVERIFY(t.from == s.from && t.sweep == s.sweep);
          }
        }
      }
      // A grip the shape does not have, or a corner beyond the last, changes nothing.
      for (const Grip grip :
           {Grip::Corner, Grip::Along, Grip::Across, Grip::Outer, Grip::Inner, Grip::From, Grip::To}) {
        const auto handles = handles_of(shape);
        const bool has =
            std::any_of(handles.begin(), handles.end(), [grip](const Handle& h) { return h.grip == grip; });
        if (!has || grip == Grip::Corner) QCOMPARE(with_handle_at(shape, grip, 6, hand), shape);
      }
    }
    // In the middle a hand has no direction; beyond the disc it is brought back.
    const Ellipse e{{0.2, 0.1}, 0.3, 0.2, 40};
    QCOMPARE(with_handle_at(e, Grip::Along, 0, e.center), Shape(e));
    const RingSector s{30, 60, 0.2, 0.8};
    QCOMPARE(with_handle_at(s, Grip::From, 0, {0, 0}), Shape(s));
    QCOMPARE(with_handle_at(s, Grip::To, 0, {1e-7, 0}), Shape(s));
    QCOMPARE(with_handle_at(s, Grip::Outer, 0, {3, 0}), Shape(RingSector{30, 60, 0.2, 1}));
    QCOMPARE(std::get<Ellipse>(with_handle_at(e, Grip::Along, 0, {9, 0.1})).along, 2.0);
    QCOMPARE(std::get<Ellipse>(with_handle_at(e, Grip::Across, 1, {9, -9})).across, 2.0);
    // The second end of an axis is the opposite one.
    CHECK_ANGLE(std::get<Ellipse>(with_handle_at(e, Grip::Along, 1, {0.2, 0.6})).turned, 180, 1e-9);
  }
  void only_shapes_that_enclose_something_are_valid_data() {
    QTest::addColumn<int>("kind");
    QTest::addColumn<QVector<double>>("n");
    QTest::addColumn<QString>("sentence");
    const auto row = [](const char* name, int kind, QVector<double> n, const char* sentence) {
      QTest::newRow(name) << kind << n << sentence;
    };
    const char *points = "An area needs at least three points.",
               *off = "A point of this area lies outside the wheel.",
               *line = "The points lie on one line and enclose no color; move one aside.",
               *middle = "The center of an ellipse must lie on the wheel.",
               *axes = "The half axes of an ellipse go from 0.01 to 2.",
               *sweep = "A ring sector spans more than 0 and at most 360 degrees.",
               *rings = "A ring sector runs from a lower to a higher saturation within 0 to 1.";
    row("three points", 0, {0, 0, 0, 1, 1, 0}, "");
    row("two points", 0, {0, 0, 0, 1}, points);
    row("rounding beyond the rim", 0, {0, 0, 0, 1 + 1e-10, 1, 0}, "");
    row("beyond the rim", 0, {0, 0, 0, 1 + 1e-8, 1, 0}, off);
    row("not a number", 0, {0, 0, 0, std::nan(""), 1, 0}, off);
    row("a line", 0, {0, 0, 0.3, 0.3, 0.5, 0.5, 0.1, 0.1}, line);
    row("a point", 0, {0.2, 0.2, 0.2, 0.2, 0.2, 0.2}, line);
    row("nearly a line", 0, {0, 0, 0.3, 0.3, 0.5, 0.5001}, "");
    row("ellipse", 1, {0, 1, 2, 0.01, 359}, "");
    row("thinner than a file takes", 1, {0, 0, 0.009, 1, 0}, axes);
    row("turned by 360", 1, {0, 0, 1, 1, 360}, "An ellipse is turned by an angle from 0 to below 360.");
    row("from 360", 2, {360, 90, 0, 1}, "A ring sector begins at an angle from 0 to below 360.");
    row("center off", 1, {0, 1.001, 1, 1, 0}, middle);
    row("no length", 1, {0, 0, 0, 1, 0}, axes);
    row("no width", 1, {0, 0, 1, 0, 0}, axes);
    row("too long", 1, {0, 0, 2.001, 1, 0}, axes);
    row("too wide", 1, {0, 0, 1, 2.001, 0}, axes);
    row("disc", 2, {0, 360, 0, 1}, "");
    row("no sweep", 2, {0, 0, 0, 1}, sweep);
    row("too far round", 2, {0, 360.01, 0, 1}, sweep);
    row("below neutral", 2, {0, 90, -0.01, 1}, rings);
    row("no width of ring", 2, {0, 90, 0.5, 0.5}, rings);
    row("inside out", 2, {0, 90, 0.6, 0.5}, rings);
    row("beyond the rim of ring", 2, {0, 90, 0.6, 1.001}, rings);
  }
  void only_shapes_that_enclose_something_are_valid() {
    QFETCH(int, kind);
    QFETCH(QVector<double>, n);
    QFETCH(QString, sentence);
    Shape shape = Ellipse{};
    if (kind == 0) {
      Polygon p;
      for (int i = 0; i + 1 < n.size(); i += 2) p.points.push_back({n[i], n[i + 1]});
      shape = p;
    } else if (kind == 1) {
      shape = Ellipse{{n[0], n[1]}, n[2], n[3], n[4]};
    } else {
      shape = RingSector{n[0], n[1], n[2], n[3]};
    }
    const Status status = validate(shape);
    QCOMPARE(status ? QString() : QString::fromStdString(status.error().sentence()), sentence);
  }
  void drawn_lines_become_few_corners() {
    // A drawn circle becomes few corners that stay on it, and no place drawn lies far from the line.
    std::vector<DiscPoint> drawn;
    for (int k = 0; k < 500; ++k) drawn.push_back(disc_point(Angle(0.72 * k), 0.6));
    const Polygon thin = polygon_along(drawn);
    QVERIFY(thin.points.size() >= 12 && thin.points.size() < 40);
    for (const auto& p : thin.points) CHECK_NEAR(length(p), 0.6, 1e-9);
    for (const auto& p : drawn) QVERIFY(distance_to(thin.points, p) <= 0.012 + 1e-9);
    QVERIFY(polygon_along(drawn, 0.1).points.size() < thin.points.size());
    // A square gives its corners, once each, whichever it begins with and where the hand closes it.
    std::vector<DiscPoint> square;
    const DiscPoint corners[] = {{-0.4, -0.4}, {-0.4, 0.4}, {0.4, 0.4}, {0.4, -0.4}};
    for (int side = 0; side < 4; ++side)
      for (int k = 0; k < 40; ++k) {
        const DiscPoint a = corners[side], b = corners[(side + 1) % 4];
        square.push_back({a.x + (b.x - a.x) * k / 40, a.y + (b.y - a.y) * k / 40});
      }
    square.push_back({-0.401, -0.399});
    QCOMPARE(polygon_along(square).points.size(), std::size_t{4});
    SAME_OUTLINE(Shape(polygon_along(std::vector(square.begin(), square.end() - 1))),
                 (Outlines{{std::begin(corners), std::end(corners)}}));
    // Too little drawn is kept as it is, on the disc.
    QCOMPARE(polygon_along({{0, 2}, {0.5, 0}}), (Polygon{{{0, 1}, {0.5, 0}}}));
    for (const auto& p : polygon_along({{0, 2}, {2, 0}, {0, -2}, {-2, 0}}).points)
      CHECK_NEAR(length(p), 1, 1e-12);
    QVERIFY(!crosses_itself({{{0, 0}, {0, 1}, {1, 0}}}));
    QVERIFY(crosses_itself({{{-0.5, -0.5}, {0.5, 0.5}, {0.5, -0.5}, {-0.5, 0.5}}}));
  }
};

QTEST_APPLESS_MAIN(ShapesTest)
#include "shapes_test.moc"
