// Strings, partners, and mixing as paint and as light.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "core/mask/patterns.h"
#include "core/mix/pigment.h"
#include "core/mix/strings.h"
#include "core/wheel/partners.h"
#include "support/check.h"

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

Srgb color(const char* hex) { return *parse_color(hex); }
double difference(Srgb a, Srgb b) { return ciede2000(lab_from_srgb(a), lab_from_srgb(b)); }

constexpr StringKind kKinds[] = {StringKind::Tints,  StringKind::Shades,  StringKind::Tones,
                                 StringKind::Values, StringKind::Between, StringKind::Distance};
constexpr SaturationMeasure kMeasures[] = {SaturationMeasure::Hsluv, SaturationMeasure::Hsl,
                                           SaturationMeasure::Hsv, SaturationMeasure::CielabChroma,
                                           SaturationMeasure::OklabChroma};

} // namespace

class MixTest : public QObject {
  Q_OBJECT
private slots:
  void strings_are_even_and_keep_their_hue();
  void strings_end_where_they_say();
  void strings_between_go_their_way();
  void strings_are_held_in_a_mask();
  void bad_strings_say_why();
  void partners_stand_at_the_trade_angles();
  void test_colors_reproduce_their_tristimulus_values();
  void a_paint_alone_is_itself();
  void blue_and_yellow_paint_make_green();
  void light_mixes_by_the_photon();
  void okay_mixtures_stay_in_a_convex_mask();
};

void MixTest::strings_are_even_and_keep_their_hue() {
  for (const auto measure : kMeasures)
    for (const auto kind : kKinds)
      for (const auto even : {Evenness::Lightness, Evenness::Difference})
        for (const char* hex : {"#ce854e", "#3d477f", "#8fc31f"}) {
          const Wheel wheel({HueScale::Traditional, measure});
          StringSpec spec{kind, color(hex), color("#e8e0d0"), 9, even, 0};
          const auto steps = make_string(spec, wheel);
          QVERIFY(steps && steps->size() == 9);
          const QString where = QStringLiteral("measure %1, kind %2, even %3, %4")
                                    .arg(int(measure))
                                    .arg(int(kind))
                                    .arg(int(even))
                                    .arg(hex);
          const bool flat = kind == StringKind::Tones;
          double shortest = 1e9, longest = 0;
          for (std::size_t i = 1; i < steps->size(); ++i) {
            const Srgb a = (*steps)[i - 1].color, b = (*steps)[i].color;
            const double d =
                even == Evenness::Lightness && !flat ? std::abs(value_of(a) - value_of(b)) : difference(a, b);
            shortest = std::min(shortest, d);
            longest = std::max(longest, d);
          }
          QVERIFY2(longest - shortest <= 0.02 * longest,
                   qPrintable(QStringLiteral("%1: %2 to %3").arg(where).arg(shortest).arg(longest)));
          if (kind == StringKind::Between || kind == StringKind::Distance) continue;
          const double hue = measured_hue(measure, spec.from);
          for (const auto& step : *steps)
            if (wheel.locate(step.color).r > 0.02)
              QVERIFY2(near_angle(measured_hue(measure, step.color), hue, 0.1), qPrintable(where));
        }
}

void MixTest::strings_end_where_they_say() {
  const Wheel wheel(WheelSpec{});
  const auto row = [&](StringKind kind) {
    return *make_string({kind, color("#ce854e"), color("#405070"), 6, Evenness::Lightness, 0}, wheel);
  };
  for (const auto kind : kKinds)
    if (kind != StringKind::Values) QVERIFY(largest_step(row(kind).front().color, color("#ce854e")) < 1e-6);
  QVERIFY(largest_step(row(StringKind::Tints).back().color, {1, 1, 1}) < 1e-6);
  QVERIFY(largest_step(row(StringKind::Shades).back().color, {0, 0, 0}) < 1e-6);
  QVERIFY(largest_step(row(StringKind::Between).back().color, color("#405070")) < 1e-6);
  const Srgb grey = row(StringKind::Tones).back().color;
  QVERIFY(largest_step(grey, neutral_of_value(value_of(color("#ce854e")))) < 1e-6);
  // Even values: the same place on the wheel at 1/7, 2/7, ... of the whole span.
  const auto values = row(StringKind::Values);
  for (std::size_t i = 0; i < values.size(); ++i)
    CHECK_NEAR(value_of(values[i].color), 100.0 * static_cast<double>(i + 1) / 7, 1e-6);
}

void MixTest::strings_between_go_their_way() {
  const Srgb from = srgb_from_8bit({0xc0, 0x50, 0x30}), to = srgb_from_8bit({0x40, 0x60, 0xa0});
  const Wheel wheel({HueScale::Even, SaturationMeasure::OklabChroma});
  const auto string = [&](Way way) {
    StringSpec spec{StringKind::Between, from, to, 9, Evenness::Difference, 0, way};
    return *make_string(spec, wheel);
  };
  const double h0 = lch_from_oklab(oklab_from_srgb(from)).h, h1 = lch_from_oklab(oklab_from_srgb(to)).h;
  for (const Way way : {Way::Straight, Way::Short, Way::Long, Way::Light, Way::Paint}) {
    const auto steps = string(way);
    QVERIFY(largest_step(steps.front().color, from) < (way == Way::Paint ? 0.02 : 1e-9));
    QVERIFY(largest_step(steps.back().color, to) < (way == Way::Paint ? 0.02 : 1e-9));
    double least = 1e9, most = 0;
    for (std::size_t i = 1; i < steps.size(); ++i) {
      const double d = ciede2000(lab_from_srgb(steps[i - 1].color), lab_from_srgb(steps[i].color));
      least = std::min(least, d);
      most = std::max(most, d);
    }
    QVERIFY2(most - least <= 0.02 * most, qPrintable(QString::number(most / least)));
    for (const auto& step : steps) {
      const Oklab p = oklab_from_srgb(step.color), a = oklab_from_srgb(from), b = oklab_from_srgb(to);
      const double off_line =
          std::abs((p.a - a.a) * (b.b - a.b) - (p.b - a.b) * (b.a - a.a)) / std::hypot(b.a - a.a, b.b - a.b);
      if (way == Way::Straight) QVERIFY(off_line < 1e-6);
      // On the hue ways every hue lies within the turn taken.
      const double short_turn = turn_between(h0, h1), turned = turn_between(h0, lch_from_oklab(p).h);
      if (way == Way::Short && step.reached) QVERIFY(turned * short_turn >= -1e-6);
    }
    const double middle = lch_from_oklab(oklab_from_srgb(steps[4].color)).h;
    if (way == Way::Long)
      QVERIFY(turn_between(h0, middle) * turn_between(h0, h1) < 0 ||
              std::abs(turn_between(h0, middle)) > std::abs(turn_between(h0, h1)));
  }
}

void MixTest::strings_are_held_in_a_mask() {
  const Wheel wheel(WheelSpec{});
  const MaskRegion region(pattern_mask({Pattern::Single, 240, 20}));
  const auto steps = *make_string(
      {StringKind::Between, color("#ce854e"), color("#1f55b5"), 9, Evenness::Difference, 0}, wheel, &region);
  QVERIFY(steps.front().held);
  for (const auto& step : steps) {
    const WheelPoint p = wheel.locate(step.color, 240);
    const auto nearest = *region.nearest(disc_point(p.a, p.r));
    QVERIFY(std::hypot(nearest.x - disc_point(p.a, p.r).x, nearest.y - disc_point(p.a, p.r).y) < 1e-6);
  }
}

void MixTest::bad_strings_say_why() {
  const Wheel wheel(WheelSpec{});
  for (const int steps : {-1, 0, 1, 25})
    QVERIFY(!make_string({StringKind::Tints, color("#ce854e"), {}, steps, Evenness::Lightness, 0}, wheel));
  QVERIFY(!make_string({StringKind::Between, color("#ce854e"), {}, 5, Evenness::Lightness, 0}, wheel));
  const auto same = make_string(
      {StringKind::Between, color("#ce854e"), color("#ce854e"), 5, Evenness::Lightness, 0}, wheel);
  QVERIFY(!same && same.error().sentence.find("same color") != std::string::npos);
  QVERIFY(!make_string({StringKind::Tints, {1, 1, 1}, {}, 5, Evenness::Lightness, 0}, wheel));
}

void MixTest::partners_stand_at_the_trade_angles() {
  for (const auto measure : kMeasures) {
    const Wheel wheel({HueScale::Traditional, measure});
    const WheelPoint red = wheel.locate(color("#d8232a"));
    const auto partners = partners_of(wheel, red);
    QCOMPARE(partners.size(), std::size_t{9});
    QCOMPARE(std::string(nearest_named_hue(HueScale::Traditional, partners[0].at.a).name),
             std::string("green"));
    for (const auto& p : partners) {
      CHECK_ANGLE(p.at.a, red.a + p.turn, 1e-9);
      QVERIFY(std::abs(value_of(p.color) - red.v) < 0.01);
      QVERIFY(p.at.r <= red.r + 1e-12);
    }
  }
}

void MixTest::test_colors_reproduce_their_tristimulus_values() {
  // CIE 13.3 test color samples; XYZ from the full 5 nm tables (tests/reference/make_spectral.py). A tenth of
  // a percent of the white is what summing every 10 nm up to 730 nm costs.
  const auto samples = reference_json("test_colors.json");
  QVERIFY(samples.size() >= 8);
  for (const auto& row : samples) {
    Reflectance curve;
    for (int i = 0; i < kBands; ++i)
      curve[static_cast<std::size_t>(i)] = row["reflectance"][static_cast<std::size_t>(i)];
    const Xyz xyz = xyz_of_reflectance(curve);
    QVERIFY(std::abs(xyz.x - row["xyz"][0].get<double>()) < 2e-3);
    QVERIFY(std::abs(xyz.y - row["xyz"][1].get<double>()) < 1e-3);
    QVERIFY(std::abs(xyz.z - row["xyz"][2].get<double>()) < 2e-3);
  }
  Reflectance white;
  white.fill(1);
  QVERIFY(largest_step(srgb_from_xyz(xyz_of_reflectance(white)), {1, 1, 1}) < 1e-12);
}

void MixTest::a_paint_alone_is_itself() {
  std::mt19937_64 random(40);
  std::uniform_real_distribution<double> channel(0, 1);
  int exact = 0;
  for (int i = 0; i < 300; ++i) {
    const Srgb c{channel(random), channel(random), channel(random)};
    const Paint paint = paint_of(c);
    for (const double r : paint.curve)
      QVERIFY(r >= kDarkestReflectance - 1e-12 && r <= kLightestReflectance + 1e-12);
    const auto mixture = mix({{c, 1}, {c, 2.5}}, MixAs::Paint);
    QVERIFY(mixture && mixture->exact == paint.exact);
    if (!paint.exact) continue;
    ++exact;
    QVERIFY2(difference(mixture->color, c) < 0.5, qPrintable(QString::fromStdString(hex_of(c))));
  }
  QVERIFY(exact > 200);
  QVERIFY(!paint_of({0, 0, 0}).exact); // no paint is that black
  QVERIFY(!mix({}, MixAs::Paint) && !mix({{{}, 0}}, MixAs::Paint) && !mix({{{}, -1}}, MixAs::Light));
}

void MixTest::blue_and_yellow_paint_make_green() {
  const auto hue = [](Srgb c) { return lch_from_lab(lab_from_srgb(c)).h; };
  for (const auto& [blue, yellow] :
       {std::pair{"#1f55b5", "#ffe500"}, {"#2a6fc9", "#f2d21b"}, {"#1b4f8f", "#ffd800"}}) {
    const auto mixture = mix({{color(blue), 1}, {color(yellow), 1}}, MixAs::Paint);
    QVERIFY(mixture);
    // CIELAB green lies about 180 degrees; yellow about 95, blue about 280.
    QVERIFY2(hue(mixture->color) > 130 && hue(mixture->color) < 200, hex_of(mixture->color).c_str());
    QVERIFY(lch_from_lab(lab_from_srgb(mixture->color)).c > 15);
    // As light they make a grey or a pink, never a green.
    const Srgb light = mix({{color(blue), 1}, {color(yellow), 1}}, MixAs::Light)->color;
    QVERIFY(lch_from_lab(lab_from_srgb(light)).c < 40);
  }
}

void MixTest::light_mixes_by_the_photon() {
  const Srgb c = mix({{{1, 1, 1}, 3}, {{0, 0, 0}, 1}}, MixAs::Light)->color;
  CHECK_NEAR(c.r, encoded_from_linear(0.75), 1e-12);
}

void MixTest::okay_mixtures_stay_in_a_convex_mask() {
  // On the OKLab disc at one value a mixture of inside colors lies inside: the disc is the a-b plane.
  const Wheel wheel({HueScale::Even, SaturationMeasure::OklabChroma});
  const MaskRegion region(pattern_mask({Pattern::Triad, 25, 0}));
  std::mt19937_64 random(41);
  std::uniform_real_distribution<double> u(0, 1);
  const double largest = largest_chroma(SaturationMeasure::OklabChroma);
  std::vector<Oklab> inside;
  while (inside.size() < 400) {
    const WheelPoint p{360 * u(random), u(random), 60};
    const auto c = wheel.color_at(p);
    if (c && region.inside(disc_point(p.a, p.r))) inside.push_back(oklab_from_srgb(*c));
  }
  for (int i = 0; i < 100'000; ++i) {
    const Oklab &p = inside[random() % inside.size()], &q = inside[random() % inside.size()];
    const double t = u(random), a = p.a + (q.a - p.a) * t, b = p.b + (q.b - p.b) * t;
    const Oklch mixed = lch_from_oklab({0.7, a, b});
    QVERIFY(
        region.inside(disc_point(wheel.locate(srgb_from_oklab({0.7, a / 4, b / 4})).a, mixed.c / largest)));
  }
}

QTEST_APPLESS_MAIN(MixTest)
#include "mix_test.moc"
