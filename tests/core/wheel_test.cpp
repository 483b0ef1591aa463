// SPDX-License-Identifier: GPL-3.0-or-later
// The wheel: true value, trade angles, inverse lookups.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/color/text.h"
#include "core/wheel/color_words.h"
#include "core/wheel/raster.h"
#include "core/wheel/relations.h"
#include "core/wheel/wheel.h"
#include "support/check.h"
#include "support/reference_json.h"

#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

constexpr HueScale kScales[] = {HueScale::Traditional, HueScale::Light, HueScale::Ink, HueScale::Even};

Srgb color(const char* hex) { return *parse_color(hex); }

} // namespace

class WheelTest : public QObject {
  Q_OBJECT
private slots:
  void relations_stand_at_the_trades_angles() {
    // Common practice, no source.
    const std::pair<Relation, std::vector<double>> all[] = {
        {Relation::Complement, {0, 180}},         {Relation::Split, {0, 150, 210}},
        {Relation::Triad, {0, 120, 240}},         {Relation::Square, {0, 90, 180, 270}},
        {Relation::Rectangle, {0, 60, 180, 240}}, {Relation::Analogous, {0, -30, 30}},
        {Relation::Double, {0, 30, 180, 210}}};
    for (const auto& hues : kHueWords)
      for (const auto& measure : kMeasureWords) {
        const Wheel wheel({hues.value, measure.value});
        const WheelPoint color{350, 0.4, 55};
        for (const auto& [relation, turns] : all) {
          const auto held = related(wheel, color, relation),
                     vivid = related(wheel, color, relation, MemberValue::Vivid);
          QVERIFY(held.size() == turns.size() && vivid.size() == turns.size());
          for (std::size_t i = 0; i < turns.size(); ++i) {
            CHECK_ANGLE(held[i].at.a, 350 + turns[i], 1e-9);
            CHECK_NEAR(held[i].at.v, 55, 1e-9);
            CHECK_NEAR(held[i].at.r, std::min(0.4, wheel.reach(Angle(held[i].at.a), 55)), 1e-9);
            CHECK_ANGLE(vivid[i].at.a, 350 + turns[i], 1e-9);
            CHECK_NEAR(vivid[i].at.v, vivid_value(wheel, Angle(vivid[i].at.a)), 1e-9);
          }
        }
      }
    QCOMPARE(std::size(all), std::size(kRelationWords));
  }
  /// By brute force: no other value has more chroma at the hue. A pure hue of HSV is the most colorful by
  /// definition.
  void vivid_is_where_a_hue_has_most_chroma() {
    const auto chroma_of = [](SaturationMeasure measure, Srgb c) {
      if (measure == SaturationMeasure::CielabChroma) return lch_from_lab(lab_from_srgb(c)).c;
      if (measure == SaturationMeasure::OklabChroma) return lch_from_oklab(oklab_from_srgb(c)).c;
      return lchuv_from_srgb(c).c;
    };
    for (const auto measure :
         {SaturationMeasure::Hsluv, SaturationMeasure::CielabChroma, SaturationMeasure::OklabChroma}) {
      const Wheel wheel({HueScale::Light, measure});
      for (double a = 3; a < 360; a += 24) {
        const auto most_at = [&](double v) {
          return chroma_of(measure, wheel.nearest_existing({a, 1, v}).color);
        };
        double most = 0;
        for (double v = 1; v < 99.5; v += 0.5) most = std::max(most, most_at(v));
        const double vivid = most_at(vivid_value(wheel, Angle(a)));
        QVERIFY2(vivid > 0.9999 * most,
                 qPrintable(QString("%1 %2: %3 of %4").arg(int(measure)).arg(a).arg(vivid).arg(most)));
      }
    }
  }
  void keeps_value_and_returns_to_the_same_point_data();
  void keeps_value_and_returns_to_the_same_point();
  void reach_and_span_agree_with_plain_search();
  void reach_ends_where_a_ray_first_leaves();
  void marks_of_all_relations();
  void largest_chromas_are_the_largest();
  void agrees_with_the_hsluv_package();
  void anchors_fall_monotonely();
  void hues_fall_monotonely_everywhere();
  void faces_the_complements_of_the_trade();
  void keeps_the_hue_of_neutrals();
  void refuses_points_off_the_wheel();
  void steps_cut_the_wheel_evenly();
  void disc_points_and_wheel_points_agree();
  void names_colors_in_words();
  void what_is_nearest_exists();
};

void WheelTest::keeps_value_and_returns_to_the_same_point_data() {
  QTest::addColumn<int>("scale");
  QTest::addColumn<int>("measure");
  for (const auto scale : kScales)
    for (const auto& [measure, measure_word] : kMeasureWords)
      QTest::addRow("scale %d, measure %d", static_cast<int>(scale), static_cast<int>(measure))
          << static_cast<int>(scale) << static_cast<int>(measure);
}

void WheelTest::keeps_value_and_returns_to_the_same_point() {
  QFETCH(int, scale);
  QFETCH(int, measure);
  const Wheel wheel({static_cast<HueScale>(scale), static_cast<SaturationMeasure>(measure)});
  std::mt19937_64 random(10 + static_cast<unsigned>(scale));
  std::uniform_real_distribution<double> angle(0, 360), radius(0.01, 1), value(2, 98);
  const bool standard = measure == 0;
  int existing = 0;
  for (int i = 0; i < (standard ? 100'000 : 8'000); ++i) {
    const WheelPoint p{angle(random), radius(random), value(random)};
    const auto c = wheel.color_at(p);
    if (standard) QVERIFY(c);
    if (!c) continue;
    ++existing;
    const WheelPoint q = wheel.locate(*c);
    const bool same = near_angle(q.a, p.a, 1e-6) && std::abs(q.r - p.r) < 1e-6 && std::abs(q.v - p.v) < 1e-6;
    QVERIFY2(same, qPrintable(QStringLiteral("(%1, %2, %3) came back as (%4, %5, %6)")
                                  .arg(p.a)
                                  .arg(p.r)
                                  .arg(p.v)
                                  .arg(q.a)
                                  .arg(q.r)
                                  .arg(q.v)));
    QVERIFY(std::abs(value_of(*c) - p.v) < 0.01);
  }
  QVERIFY(existing > 1000);
}

/// Near CIELAB yellow and OKLab blue a ray leaves the gamut briefly and comes back.
void WheelTest::reach_ends_where_a_ray_first_leaves() {
  constexpr int steps = 3000;
  int back = 0;
  const auto check = [&](SaturationMeasure which, double hue, double v) {
    const auto measure = make_measure(which);
    int first = 0, last = 0;
    for (int i = 1; i <= steps; ++i) {
      const bool exists = measure->color_at(Angle(hue), double(i) / steps, v).has_value();
      if (!exists && first == 0) first = i;
      if (exists) last = i;
    }
    back += last > first + 3;
    return first == 0 || std::abs(measure->reach(Angle(hue), v) - double(first) / steps) < 2.0 / steps;
  };
  for (double hue = 264.12; hue < 264.21; hue += 0.008)
    for (double v = 1.3; v < 36; v += 0.91)
      QVERIFY2(check(SaturationMeasure::OklabChroma, hue, v), qPrintable(QString::number(hue)));
  for (double hue = 100.5; hue < 104; hue += 0.15)
    for (double v = 94.5; v < 97.5; v += 0.4)
      QVERIFY2(check(SaturationMeasure::CielabChroma, hue, v), qPrintable(QString::number(hue)));
  QVERIFY(back > 5);
}

void WheelTest::marks_of_all_relations() {
  const Wheel wheel(WheelSpec{});
  const auto marks = relation_marks(wheel, {350, 0.4, 55});
  std::vector<double> turns;
  for (const RelationMark& mark : marks) {
    turns.push_back(mark.turn);
    for (const Relation relation : mark.of) {
      const auto own = relation_turns(relation);
      QVERIFY(std::ranges::any_of(own, [&](double t) { return wrap_degrees(t) == mark.turn; }));
    }
  }
  QCOMPARE(turns, (std::vector<double>{30, 60, 90, 120, 150, 180, 210, 240, 270, 330}));
  QCOMPARE(marks[5].of,
           (std::vector{Relation::Complement, Relation::Square, Relation::Rectangle, Relation::Double}));
}

void WheelTest::reach_and_span_agree_with_plain_search() {
  // tests/reference/make_wheel.mjs, on culori 4.0.2's conversions.
  const std::map<std::string, SaturationMeasure> measures{{"hsl", SaturationMeasure::Hsl},
                                                          {"hsv", SaturationMeasure::Hsv},
                                                          {"cielab", SaturationMeasure::CielabChroma},
                                                          {"oklab", SaturationMeasure::OklabChroma},
                                                          {"luma", SaturationMeasure::LumaChroma}};
  for (const auto& row : reference_json("wheel.json")) {
    const Wheel wheel(
        {row["hues"] == "light" ? HueScale::Light : HueScale::Traditional, measures.at(row["measure"])});
    const double a = row["a"], r = row["r"], v = row["v"];
    const QString where = QString::fromStdString(row.dump());
    const auto c = wheel.color_at({a, r, v});
    QVERIFY2(c.has_value() != row["srgb"].is_null(), qPrintable(where));
    if (c)
      QVERIFY2(largest_step(*c, {row["srgb"][0], row["srgb"][1], row["srgb"][2]}) < 1e-5, qPrintable(where));
    const double reach = wheel.reach(Angle(a), v);
    QVERIFY2(std::abs(reach - row["reach"].get<double>()) < 1e-4, qPrintable(where + QString::number(reach)));
    const ValueSpan span = wheel.value_span(Angle(a), r);
    const double low = row["span"][0], high = row["span"][1];
    if (low > high)
      QVERIFY2(span.empty() || span.high - span.low < 0.25, qPrintable(where));
    else
      QVERIFY2(std::abs(span.low - low) < 1e-4 && std::abs(span.high - high) < 1e-4,
               qPrintable(QStringLiteral("%1: %2 to %3").arg(where).arg(span.low).arg(span.high)));
  }
}

void WheelTest::largest_chromas_are_the_largest() {
  std::mt19937_64 random(4);
  std::uniform_real_distribution<double> channel(0, 1);
  for (int i = 0; i < 200'000; ++i) {
    // A point on the surface of the cube, where the extremes lie.
    double c[3] = {channel(random), channel(random), channel(random)};
    c[i % 3] = i % 2;
    const Srgb color{c[0], c[1], c[2]};
    QVERIFY(lch_from_lab(lab_from_srgb(color)).c <= largest_chroma(SaturationMeasure::CielabChroma));
    QVERIFY(lch_from_oklab(oklab_from_srgb(color)).c <= largest_chroma(SaturationMeasure::OklabChroma));
    const Ycbcr ycbcr = ycbcr_from_srgb(color);
    QVERIFY(std::hypot(ycbcr.cb, ycbcr.cr) <= largest_chroma(SaturationMeasure::LumaChroma) + 1e-12);
  }
}

void WheelTest::agrees_with_the_hsluv_package() {
  // The saturation of the measure, and the hue of the display's own ring on the light wheel, as the hsluv
  // package sees them (tests/reference/conversions.json).
  const Wheel wheel({HueScale::Light, SaturationMeasure::Hsluv});
  for (const auto& row : reference_json("conversions.json")) {
    const Srgb c = *parse_color(row["hex"].get<std::string>());
    const double l = row["hsluv"][2], s = row["hsluv"][1], h = row["hsluv"][0];
    if (l < 0.5 || l > 99.5 || s < 0.5) continue;
    const WheelPoint p = wheel.locate(c);
    CHECK_NEAR(p.v, l, 1e-6);
    QVERIFY(std::abs(p.r - s / 100) < 1e-6);
    CHECK_ANGLE(wheel.hue_at(p.a), h, 1e-4);
  }
}

void WheelTest::anchors_fall_monotonely() {
  const auto& anchors = traditional_anchors();
  for (const auto& [measure, measure_word] : kMeasureWords) {
    double turned = 0;
    for (std::size_t i = 0; i < anchors.size(); ++i) {
      const double from = measured_hue(measure, srgb_from_8bit(anchors[i]));
      const double step = turn_between(from, measured_hue(measure, srgb_from_8bit(anchors[(i + 1) % 12])));
      QVERIFY2(step < 0, qPrintable(QString::number(i)));
      turned += step;
    }
    CHECK_NEAR(turned, -360, 1e-9);
    const Wheel wheel({HueScale::Traditional, measure});
    for (std::size_t i = 0; i < anchors.size(); ++i)
      CHECK_ANGLE(wheel.locate(srgb_from_8bit(anchors[i])).a, 30.0 * static_cast<double>(i), 1e-6);
  }
}

void WheelTest::hues_fall_monotonely_everywhere() {
  for (const auto scale : kScales)
    for (const auto& [measure, measure_word] : kMeasureWords) {
      const HueMap map(scale, measure);
      double total = 0, before = map.hue_at(0);
      for (int i = 1; i <= 1440; ++i) {
        const double now = map.hue_at(i * 0.25), step = turn_between(before, now);
        // Never back, and no pinch: a quarter of a degree never jumps by more than fifteen degrees of hue.
        // (The even scale is steepest at blue, where OKLab hue hardly changes along the ring.)
        QVERIFY2(step < 0 && step > -15, qPrintable(QStringLiteral("scale %1, measure %2 at %3: %4")
                                                        .arg(static_cast<int>(scale))
                                                        .arg(static_cast<int>(measure))
                                                        .arg(i * 0.25)
                                                        .arg(step)));
        total += step;
        before = now;
        CHECK_ANGLE(map.angle_of(now), i * 0.25, 1e-7);
      }
      CHECK_NEAR(total, -360, 1e-6);
    }
}

void WheelTest::faces_the_complements_of_the_trade() {
  // Common practice, no source: on the traditional wheel red faces green, yellow violet, blue orange; on the
  // light and ink wheels red faces cyan, yellow blue, green magenta.
  const auto faces = [](HueScale scale, double angle) {
    return std::string(nearest_named_hue(scale, angle + 180).name);
  };
  const Wheel traditional(WheelSpec{});
  QCOMPARE(faces(HueScale::Traditional, traditional.locate(color("#d8232a")).a), "green");
  QCOMPARE(faces(HueScale::Traditional, traditional.locate(color("#ffe500")).a), "violet");
  QCOMPARE(faces(HueScale::Traditional, traditional.locate(color("#1f55b5")).a), "orange");
  for (const auto scale : {HueScale::Light, HueScale::Ink}) {
    const Wheel wheel({scale, SaturationMeasure::Hsluv});
    QCOMPARE(faces(scale, wheel.locate(color("#ff0000")).a), "cyan");
    QCOMPARE(faces(scale, wheel.locate(color("#ffff00")).a), "blue");
    QCOMPARE(faces(scale, wheel.locate(color("#00ff00")).a), "magenta");
    // a = (60 - HSV hue) mod 360
    CHECK_ANGLE(wheel.locate(color("#00ffff")).a, 240, 1e-6);
  }
  // Yellow splits to red-violet and blue-violet on the traditional wheel.
  QCOMPARE(std::string(nearest_named_hue(HueScale::Traditional, 150).name), "red-violet");
  QCOMPARE(std::string(nearest_named_hue(HueScale::Traditional, -150).name), "blue-violet");
  // Even: OKLab hue falls by exactly one degree a degree, yellow at the top.
  const Wheel even({HueScale::Even, SaturationMeasure::Hsluv});
  CHECK_ANGLE(even.locate(color("#ffff00")).a, 0, 1e-6);
  const auto oklab_hue = [](const char* hex) { return lch_from_oklab(oklab_from_srgb(color(hex))).h; };
  CHECK_ANGLE(even.locate(color("#ff0000")).a, oklab_hue("#ffff00") - oklab_hue("#ff0000"), 1e-6);
  CHECK_ANGLE(even.locate(color("#00ff00")).a, oklab_hue("#ffff00") - oklab_hue("#00ff00"), 1e-6);
  QVERIFY(even.locate(color("#ff0000")).a < 180);
}

void WheelTest::keeps_the_hue_of_neutrals() {
  const Wheel wheel(WheelSpec{});
  for (const char* grey : {"#000000", "#808080", "#ffffff", "#010101"}) {
    const WheelPoint p = wheel.locate(color(grey), 123);
    QCOMPARE(p.a, 123.0);
    QCOMPARE(p.r, 0.0);
  }
  for (double v = 0; v <= 100; v += 12.5)
    QVERIFY(largest_step(*wheel.color_at({77, 0, v}), neutral_of_value(v)) < 1e-9);
}

void WheelTest::refuses_points_off_the_wheel() {
  const Wheel wheel(WheelSpec{});
  for (const WheelPoint p : {WheelPoint{0, 1.001, 50}, WheelPoint{0, -0.1, 50}, WheelPoint{0, 0.5, -1},
                             WheelPoint{0, 0.5, 100.5}, WheelPoint{0, std::nan(""), 50}})
    QVERIFY(!wheel.color_at(p));
  QCOMPARE(wheel.reach(Angle(33), 50), 1.0);
  QCOMPARE(wheel.value_span(Angle(33), 1), (ValueSpan{0, 100}));
  QCOMPARE(*wheel.color_at({-30, 0.5, 50}), *wheel.color_at({330, 0.5, 50}));
}

void WheelTest::disc_points_and_wheel_points_agree() {
  const WheelPoint right = wheel_point({1, 0}, 40);
  CHECK_ANGLE(right.a, 90, 1e-12);
  QCOMPARE(wheel_point({0, 0}, 40, Angle(222)).a, 222.0);
  for (double a = 0; a < 360; a += 17) CHECK_NEAR(wheel_point(disc_point(Angle(a), 0.3), 0).a, a, 1e-9);
}

void WheelTest::names_colors_in_words() {
  const auto words = [](double l, double c, double h) {
    const auto shown = clipped_to_gamut(srgb_from_xyz(xyz_from_lab(lab_from_lch({l, c, h}))));
    if (!shown) qFatal("no color at %g %g %g", l, c, h);
    return color_in_words(*shown);
  };
  QCOMPARE(color_in_words(color("#000000")), "black");
  QCOMPARE(color_in_words(color("#ffffff")), "white");
  QCOMPARE(color_in_words(color("#808080")), "grey");
  QCOMPARE(color_in_words(color("#1d3b3f")), "very dark dull blue-green");
  QCOMPARE(color_in_words(color("#ff0000")), "vivid red");
  QCOMPARE(hue_in_words(color("#4b349c")), "blue-violet");
  QCOMPARE(color_in_words(color("#ff00ff")), "light vivid magenta");
  QCOMPARE(hue_in_words(color("#800080")), "violet");
  QCOMPARE(hue_in_words(color("#7f8080")), "grey");
  // The limits that the header states, from either side. LCh(ab) 260 is a blue, 40 a red-orange.
  QVERIFY(words(1.99, 0, 0) == "black" && words(2.01, 0, 0) == "very dark grey");
  QVERIFY(words(98.49, 0.5, 90) == "very light grey" && words(98.51, 0.5, 90) == "white");
  const std::pair<double, const char*> values[] = {{14, "blackish"}, {28, "very dark"}, {42, "dark"},
                                                   {58, ""},         {72, "light"},     {86, "very light"}};
  for (std::size_t i = 0; i < std::size(values); ++i) {
    const auto& [limit, below] = values[i];
    const QString under = QString::fromStdString(words(limit - 0.01, 7, 260)),
                  over = QString::fromStdString(words(limit + 0.01, 7, 260));
    const QString next = i + 1 < std::size(values) ? values[i + 1].second : "whitish";
    QCOMPARE(under, (QString(below) + " greyed blue").trimmed());
    QCOMPARE(over, (next + " greyed blue").trimmed());
  }
  QVERIFY(words(50, 0.99, 40) == "grey" && words(50, 1.01, 40) == "warm grey" &&
          words(50, 1.01, 260) == "cool grey");
  QVERIFY(words(50, 3.99, 260) == "cool grey" && words(50, 4.01, 260) == "greyed blue");
  QVERIFY(words(50, 9.99, 260) == "greyed blue" && words(50, 10.01, 260) == "dull blue");
  QVERIFY(words(50, 19.99, 260) == "dull blue" && words(50, 20.01, 260) == "muted blue");
  QVERIFY(!words(50, 61.9, 40).starts_with("vivid") && words(50, 62.1, 40).starts_with("vivid"));
  // The sides of a hue, told from a chroma of 24 on: toward what is between orange and red-orange it is warm.
  const Wheel usual(WheelSpec{});
  for (const auto& hue : named_hues(HueScale::Traditional))
    for (const double off : {-9.0, -5.0, 5.0, 9.0}) {
      const Srgb c = usual.nearest_existing({wrap_degrees(hue.angle + off), 0.6, 60}).color;
      if (lch_from_lab(lab_from_srgb(c)).c < 25) continue;
      const bool warm = std::abs(turn_between(75, hue.angle + off)) < std::abs(turn_between(75, hue.angle));
      const QString told = QString::fromStdString(color_in_words(c));
      const QString side = std::abs(off) < 6 ? "" : warm ? "warm " : "cool ";
      // Light and colorful: magenta.
      const bool between =
          hue.angle + off > 156 && hue.angle + off < 176 && lch_from_lab(lab_from_srgb(c)).c >= 55;
      QVERIFY2(told.endsWith(between ? " magenta" : " " + side + QString::fromUtf8(hue.name)),
               qPrintable(told));
    }
  // Two colors ten apart rarely have one name: random ones, each with another in a random direction.
  std::mt19937 random(1);
  std::uniform_real_distribution<double> unit(0, 1);
  std::normal_distribution<double> direction;
  int pairs = 0, same = 0;
  while (pairs < 4000) {
    const Srgb one{unit(random), unit(random), unit(random)};
    const Lab from = lab_from_srgb(one), way{direction(random), direction(random), direction(random)};
    const auto at = [&](double t) { return Lab{from.l + t * way.l, from.a + t * way.a, from.b + t * way.b}; };
    double low = 0, high = 80;
    for (int i = 0; i < 40; ++i) (ciede2000(from, at((low + high) / 2)) < 10 ? low : high) = (low + high) / 2;
    const auto other = clipped_to_gamut(srgb_from_xyz(xyz_from_lab(at(low))));
    if (!other || std::abs(ciede2000(from, at(low)) - 10) > 1e-3) continue;
    ++pairs;
    same += color_in_words(one) == color_in_words(*other);
  }
  QVERIFY2(same < 0.06 * pairs, qPrintable(QString::number(same)));
  // Brown: a dark, not too colorful orange.
  const auto brown = [&](double l, double c) {
    return QString::fromStdString(words(l, c, 60)).contains("brown");
  };
  QVERIFY(brown(49.9, 40) && !brown(50.1, 40) && brown(49.9, 54.9) && !brown(49.9, 55.1));
  // From what is warm and brown to what is not, by the angle on the traditional wheel.
  const Wheel wheel(WheelSpec{});
  const auto at = [&](double angle, double v, double r) {
    return color_in_words(wheel.nearest_existing({angle, r, v}).color);
  };
  QVERIFY(QString::fromStdString(at(30.5, 40, 0.6)).contains("brown") &&
          !QString::fromStdString(at(29.5, 40, 0.6)).contains("brown"));
  QVERIFY(QString::fromStdString(at(111.5, 40, 0.4)).contains("brown") &&
          !QString::fromStdString(at(112.5, 40, 0.4)).contains("brown"));
  QVERIFY(at(164, 50, 0.03) == "warm grey" && at(166, 50, 0.03) == "cool grey" &&
          at(344, 50, 0.03) == "cool grey" && at(346, 50, 0.03) == "warm grey");
  // Every named hue is found at its angle and up to halfway to the next.
  for (const HueScale scale : kScales) {
    const auto& hues = named_hues(scale);
    for (std::size_t i = 0; i < hues.size(); ++i) {
      const NamedHue &hue = hues[i], &next = hues[(i + 1) % hues.size()];
      const double half = wrap_degrees(next.angle - hue.angle) / 2;
      QCOMPARE(nearest_named_hue(scale, hue.angle + half - 0.01).name, hue.name);
      QCOMPARE(nearest_named_hue(scale, hue.angle + half + 0.01 - 360).name, next.name);
      QVERIFY(!hue.label.empty() && hue.angle >= 0 && hue.angle < 360);
    }
  }
  // Which are primaries (common practice, no source).
  const auto primaries = [](HueScale scale) {
    std::string out;
    for (const auto& hue : named_hues(scale))
      if (hue.primary) out += std::string(hue.label) + " ";
    return out;
  };
  QCOMPARE(primaries(HueScale::Traditional), "Y R B ");
  QCOMPARE(primaries(HueScale::Light), "R B G ");
  QCOMPARE(primaries(HueScale::Ink), "Y M C ");
}

void WheelTest::what_is_nearest_exists() {
  for (const auto& [measure, measure_word] : kMeasureWords) {
    const Wheel wheel({HueScale::Light, measure});
    std::mt19937_64 random(14);
    std::uniform_real_distribution<double> u(0, 1);
    for (int i = 0; i < 300; ++i) {
      const WheelPoint p{720 * u(random) - 360, 1.4 * u(random) - 0.2, 120 * u(random) - 10};
      const double r = std::clamp(p.r, 0.0, 1.0), v = std::clamp(p.v, 0.0, 100.0);
      const auto found = wheel.nearest_existing(p);
      CHECK_ANGLE(found.at.a, p.a, 1e-9);
      QVERIFY(found.at.a >= 0 && found.at.a < 360 && found.at.v == v);
      QVERIFY(largest_step(*wheel.color_at(found.at), found.color) < 1e-12);
      // Where it exists it is what was asked for; else it stands at the reach.
      if (wheel.color_at({p.a, r, v}))
        QCOMPARE(found.at.r, r);
      else
        CHECK_NEAR(found.at.r, std::min(r, wheel.reach(Angle(p.a), v)), 1e-9);
    }
    // Black and white: one color, which full discs have everywhere and the others in the middle.
    for (const auto& [v, end] : {std::pair{0.0, Srgb{0, 0, 0}}, {100.0, {1, 1, 1}}}) {
      QVERIFY(largest_step(*wheel.color_at({40, 0, v}), end) < 1e-9);
      QVERIFY(largest_step(wheel.nearest_existing({40, 1, v}).color, end) < 1e-9);
    }
    QCOMPARE(wheel.color_at({40, 0.5, 100}).has_value(),
             measure == SaturationMeasure::Hsluv || measure == SaturationMeasure::Hsl);
    QCOMPARE(wheel.color_at({40, 0.5, 0}).has_value(), measure != SaturationMeasure::CielabChroma &&
                                                           measure != SaturationMeasure::OklabChroma &&
                                                           measure != SaturationMeasure::LumaChroma);
    // A neutral exists at every value, and every color within its span.
    QCOMPARE(wheel.value_span(Angle(40), 0), (ValueSpan{0, 100}));
    const ValueSpan span = wheel.value_span(Angle(300), 0.7);
    QVERIFY(span.high > span.low);
    for (const double v : {span.low + 1e-4, (span.low + span.high) / 2, span.high - 1e-4})
      QVERIFY(wheel.color_at({300, 0.7, v}));
    if (span.high < 99) QVERIFY(!wheel.color_at({300, 0.7, span.high + 1e-3}));
    if (span.low > 1) QVERIFY(!wheel.color_at({300, 0.7, span.low - 1e-3}));
  }
  // Angles: wrapped to 0 <= a < 360, and the shorter turn, -180 among them.
  QVERIFY(wrap_degrees(360) == 0 && wrap_degrees(-1e-20) == 0 && wrap_degrees(-30) == 330 &&
          wrap_degrees(725) == 5);
  QVERIFY(turn_between(350, 10) == 20 && turn_between(10, 350) == -20 && turn_between(0, 180) == -180);
}

void WheelTest::steps_cut_the_wheel_evenly() {
  const Steps steps{12, 4, 11};
  for (int i = 0; i < 12; ++i) {
    // Half a step to either side belongs to the step.
    CHECK_ANGLE(stepped_hue(30.0 * i + 14.9, steps), 30.0 * i, 1e-9);
    CHECK_ANGLE(stepped_hue(30.0 * i - 14.9, steps), 30.0 * i, 1e-9);
  }
  QCOMPARE(stepped_saturation(0.12, steps), 0.0);
  QCOMPARE(stepped_saturation(0.13, steps), 0.25);
  QCOMPARE(stepped_saturation(1, steps), 1.0);
  QCOMPARE(stepped_value(0, steps), 0.0);
  QCOMPARE(stepped_value(100, steps), 100.0);
  QCOMPARE(stepped_value(54.9, steps), 50.0);
  QCOMPARE(saturation_within(0.99, steps), 0.75);
  // Smooth dimensions are left alone.
  QCOMPARE(stepped({123.4, 0.56, 7.8}, {}), (WheelPoint{123.4, 0.56, 7.8}));
  // A nudge is at least one step, and from between two steps it goes to the next.
  CHECK_NEAR(nudged(50, 1, 10), 60, 1e-9);
  CHECK_NEAR(nudged(50, -1, 10), 40, 1e-9);
  CHECK_NEAR(nudged(53, 1, 10), 60, 1e-9);
  CHECK_NEAR(nudged(53, -1, 10), 50, 1e-9);
  CHECK_NEAR(nudged(50, 30, 10), 80, 1e-9);
  CHECK_NEAR(nudged(50, 0.1, 0), 50.1, 1e-9);
  // Counts that cut nothing are none; others are kept in range.
  QCOMPARE(sensible_steps({2, 0, 1}), Steps{});
  QCOMPARE(sensible_steps({3, 1, 2}), (Steps{3, 1, 2}));
  QCOMPARE(sensible_steps({360, 50, 101}), (Steps{360, 50, 101}));
  QCOMPARE(sensible_steps({361, 51, 102}), (Steps{360, 50, 101}));
  QVERIFY((Steps{}.off() && !Steps{3, 0, 0}.off() && !Steps{0, 1, 0}.off() && !Steps{0, 0, 2}.off()));
  QCOMPARE(stepped({44, 0.3, 17}, {12, 4, 11}), (WheelPoint{30, 0.25, 20}));
  QCOMPARE(saturation_within(0.56, {}), 0.56);
  QCOMPARE(saturation_within(0.75, steps), 0.75);
  QCOMPARE(stepped_hue(359, steps), 0.0);
  QCOMPARE(sensible_steps({-4, -1, -9}), Steps{});
  QCOMPARE(sensible_steps({999, 999, 999}), (Steps{360, 50, 101}));
  // Pictures show one color a step, that of the pick.
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
  SolidPainter painter(wheel);
  painter.set_steps(steps);
  Raster picture;
  painter.slice(52, 200, picture);
  std::set<std::uint32_t> seen;
  for (const auto word : picture.pixels)
    if (word.alpha() == 255) seen.insert(word.word);
  QVERIFY(seen.size() <= 12u * 4 + 1);
  const Srgb8 exact = rounded_8bit(*wheel.color_at({90, 0.5, 50}));
  const std::uint32_t at = picture.pixels[100 * 200 + 150].word; // right of the middle, halfway to the rim
  QVERIFY(std::abs(int(at >> 16 & 0xff) - exact.r) <= 1 && std::abs(int(at & 0xff) - exact.b) <= 1);
}

QTEST_APPLESS_MAIN(WheelTest)
#include "wheel_test.moc"
