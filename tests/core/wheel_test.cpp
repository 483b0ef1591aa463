// The wheel: true value, trade angles, inverse lookups.
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/wheel/color_words.h"
#include "core/wheel/wheel.h"
#include "support/check.h"

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

constexpr HueScale kScales[] = {HueScale::Traditional, HueScale::Light, HueScale::Ink, HueScale::Even};

Srgb color(const char* hex) { return *parse_color(hex); }

} // namespace

class WheelTest : public QObject {
  Q_OBJECT
private slots:
  void keeps_value_and_returns_to_the_same_point();
  void agrees_with_the_hsluv_package();
  void anchors_fall_monotonely();
  void hues_fall_monotonely_everywhere();
  void faces_the_complements_of_the_trade();
  void keeps_the_hue_of_neutrals();
  void refuses_points_off_the_wheel();
  void disc_points_and_wheel_points_agree();
  void names_colors_in_words();
};

void WheelTest::keeps_value_and_returns_to_the_same_point() {
  for (const auto scale : kScales) {
    const Wheel wheel({scale, SaturationMeasure::Hsluv});
    std::mt19937_64 random(10 + static_cast<unsigned>(scale));
    std::uniform_real_distribution<double> angle(0, 360), radius(0.01, 1), value(2, 98);
    for (int i = 0; i < 100'000; ++i) {
      const WheelPoint p{angle(random), radius(random), value(random)};
      const auto c = wheel.color_at(p);
      QVERIFY(c);
      const WheelPoint q = wheel.locate(*c);
      const bool same =
          near_angle(q.a, p.a, 1e-6) && std::abs(q.r - p.r) < 1e-6 && std::abs(q.v - p.v) < 1e-6;
      QVERIFY2(same, qPrintable(QStringLiteral("scale %1: (%2, %3, %4) came back as (%5, %6, %7)")
                                    .arg(static_cast<int>(scale))
                                    .arg(p.a)
                                    .arg(p.r)
                                    .arg(p.v)
                                    .arg(q.a)
                                    .arg(q.r)
                                    .arg(q.v)));
      QVERIFY(std::abs(value_of(*c) - p.v) < 0.01);
    }
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
  double turned = 0;
  const auto& anchors = traditional_anchors();
  for (std::size_t i = 0; i < anchors.size(); ++i) {
    const double from = measured_hue(SaturationMeasure::Hsluv, srgb_from_8bit(anchors[i]));
    const double to = measured_hue(SaturationMeasure::Hsluv, srgb_from_8bit(anchors[(i + 1) % 12]));
    const double step = turn_between(from, to);
    QVERIFY2(step < 0, qPrintable(QString::number(i)));
    turned += step;
  }
  CHECK_NEAR(turned, -360, 1e-9);
  const Wheel wheel(WheelSpec{});
  for (std::size_t i = 0; i < anchors.size(); ++i)
    CHECK_ANGLE(wheel.locate(srgb_from_8bit(anchors[i])).a, 30.0 * static_cast<double>(i), 1e-6);
}

void WheelTest::hues_fall_monotonely_everywhere() {
  for (const auto scale : kScales) {
    const HueMap map(scale, SaturationMeasure::Hsluv);
    double total = 0, before = map.hue_at(0);
    for (int i = 1; i <= 7200; ++i) {
      const double now = map.hue_at(i * 0.05);
      const double step = turn_between(before, now);
      QVERIFY2(step < 0,
               qPrintable(QStringLiteral("scale %1 at %2").arg(static_cast<int>(scale)).arg(i * 0.05)));
      // No pinch: a twentieth of a degree never jumps by more than a degree of hue.
      QVERIFY(step > -1);
      total += step;
      before = now;
      CHECK_ANGLE(map.angle_of(now), i * 0.05, 1e-7);
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
  QCOMPARE(wheel.reach(33, 50), 1.0);
  QCOMPARE(wheel.value_span(33, 1), (ValueSpan{0, 100}));
  QCOMPARE(*wheel.color_at({-30, 0.5, 50}), *wheel.color_at({330, 0.5, 50}));
}

void WheelTest::disc_points_and_wheel_points_agree() {
  const WheelPoint right = wheel_point({1, 0}, 40);
  CHECK_ANGLE(right.a, 90, 1e-12);
  QCOMPARE(wheel_point({0, 0}, 40, 222).a, 222.0);
  for (double a = 0; a < 360; a += 17) CHECK_ANGLE(wheel_point(disc_point(a, 0.3), 0).a, a, 1e-9);
}

void WheelTest::names_colors_in_words() {
  QCOMPARE(color_in_words(color("#000000")), "black");
  QCOMPARE(color_in_words(color("#ffffff")), "white");
  QCOMPARE(color_in_words(color("#808080")), "grey");
  QCOMPARE(color_in_words(color("#1d3b3f")), "dark greyed blue-green");
  QCOMPARE(color_in_words(color("#ff0000")), "vivid red");
  QVERIFY(QString::fromStdString(color_in_words(color("#6b4423"))).contains("brown"));
}

QTEST_APPLESS_MAIN(WheelTest)
#include "wheel_test.moc"
