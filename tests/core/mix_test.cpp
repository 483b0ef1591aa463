// SPDX-License-Identifier: GPL-3.0-or-later
// Strings, and mixing as paint and as light.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "core/mask/patterns.h"
#include "core/mix/pigment.h"
#include "core/mix/ramps.h"
#include "support/check.h"
#include "support/reference_json.h"

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

Srgb color(const char* hex) { return *parse_color(hex); }
std::vector<RampStep> steps_of(const RampSpec& spec, const Wheel& wheel, const MaskRegion* hold = nullptr) {
  auto made = make_ramp(spec, wheel, hold);
  if (!made) qFatal("%s", made.error().sentence().c_str());
  return std::move(made).value();
}
double difference(Srgb a, Srgb b) { return ciede2000(lab_from_srgb(a), lab_from_srgb(b)); }

constexpr RampKind kKinds[] = {RampKind::Tints,  RampKind::Shades,  RampKind::Tones,
                               RampKind::Values, RampKind::Between, RampKind::Distance};

} // namespace

class MixTest : public QObject {
  Q_OBJECT
private slots:
  void colors_between_are_the_inner_ones_of_a_string() {
    const Srgb from = srgb_from_8bit({0xce, 0x85, 0x4e}), to = srgb_from_8bit({0x1f, 0x55, 0xb5});
    for (const auto& [way, word] : kWayWords)
      for (const int count : {1, 5, 22}) {
        const auto between = steps_between(from, to, count, way);
        QVERIFY2(between && int(between->size()) == count, std::string(word).c_str());
        // Even in value, the two ends not repeated.
        double before = value_of(from);
        const double step = (value_of(to) - before) / (count + 1);
        for (const auto& s : *between) {
          if (s.reached && way != Way::Paint)
            CHECK_NEAR(value_of(s.color) - before, step, 0.02 * std::abs(step) + 1e-6);
          before = value_of(s.color);
        }
      }
    QVERIFY(!steps_between(from, to, 0, Way::Straight) && !steps_between(from, to, 23, Way::Straight));
    QVERIFY(!steps_between(from, from, 3, Way::Straight));
  }
  void ramps_are_even_and_keep_their_hue();
  void ramps_end_where_they_say();
  void ramps_between_go_their_way();
  void ramps_are_held_in_a_mask();
  void ramps_keep_hues_at_neutral_ends();
  void ramps_say_what_was_moved();
  void bad_ramps_say_why();
  void test_colors_reproduce_their_tristimulus_values();
  void a_paint_alone_is_itself();
  void no_mixture_is_lighter_than_its_lightest_part();
  void what_no_paint_has_becomes_the_nearest_paint();
  void short_rows_are_even();
  void blue_and_yellow_paint_make_green();
  void light_mixes_by_the_photon();
  void okay_mixtures_stay_in_a_convex_mask();
};

void MixTest::ramps_are_even_and_keep_their_hue() {
  for (const auto& [measure, measure_word] : kMeasureWords)
    for (const auto kind : kKinds)
      for (const auto even : {Evenness::Lightness, Evenness::Difference})
        for (const char* hex : {"#ce854e", "#3d477f", "#8fc31f"}) {
          const Wheel wheel({HueScale::Traditional, measure});
          RampSpec spec{kind, color(hex), color("#e8e0d0"), 9, even, 0};
          const auto steps = make_ramp(spec, wheel);
          QVERIFY(steps && steps->size() == 9);
          const QString where = QStringLiteral("measure %1, kind %2, even %3, %4")
                                    .arg(int(measure))
                                    .arg(int(kind))
                                    .arg(int(even))
                                    .arg(hex);
          const bool flat = kind == RampKind::Tones;
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
          if (kind == RampKind::Between || kind == RampKind::Distance) continue;
          const double hue = measured_hue(measure, spec.from);
          for (const auto& step : *steps)
            if (wheel.locate(step.color).r > 0.02)
              QVERIFY2(near_angle(measured_hue(measure, step.color), hue, 0.1), qPrintable(where));
        }
}

void MixTest::ramps_end_where_they_say() {
  const Wheel wheel(WheelSpec{});
  const auto row = [&](RampKind kind) {
    return *make_ramp({kind, color("#ce854e"), color("#405070"), 6, Evenness::Lightness, 0}, wheel);
  };
  for (const auto kind : kKinds)
    if (kind != RampKind::Values) QVERIFY(largest_step(row(kind).front().color, color("#ce854e")) < 1e-6);
  QVERIFY(largest_step(row(RampKind::Tints).back().color, {1, 1, 1}) < 1e-6);
  QVERIFY(largest_step(row(RampKind::Shades).back().color, {0, 0, 0}) < 1e-6);
  QVERIFY(largest_step(row(RampKind::Between).back().color, color("#405070")) < 1e-6);
  const Srgb grey = row(RampKind::Tones).back().color;
  QVERIFY(largest_step(grey, neutral_of_value(value_of(color("#ce854e")))) < 1e-6);
  // Even values: the same place on the wheel, a seventh of the whole span inside it, the color among them.
  const auto values = row(RampKind::Values);
  QVERIFY(value_of(values.front().color) > 100.0 / 7 - 1e-6 &&
          value_of(values.back().color) < 600.0 / 7 + 1e-6);
  QVERIFY(std::ranges::any_of(
      values, [](const RampStep& s) { return largest_step(s.color, color("#ce854e")) < 1e-6; }));
}

void MixTest::ramps_between_go_their_way() {
  const Srgb from = srgb_from_8bit({0xc0, 0x50, 0x30}), to = srgb_from_8bit({0x40, 0x60, 0xa0});
  const Wheel wheel({HueScale::Even, SaturationMeasure::OklabChroma});
  const auto ramp = [&](Way way) {
    RampSpec spec{RampKind::Between, from, to, 9, Evenness::Difference, 0, way};
    return *make_ramp(spec, wheel);
  };
  const double h0 = lch_from_oklab(oklab_from_srgb(from)).h, h1 = lch_from_oklab(oklab_from_srgb(to)).h;
  for (const Way way : {Way::Straight, Way::Short, Way::Long, Way::Light, Way::Paint}) {
    const auto steps = ramp(way);
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

void MixTest::ramps_are_held_in_a_mask() {
  const Wheel wheel(WheelSpec{});
  const MaskRegion region(pattern_mask({Pattern::Single, 240, 20}));
  const auto steps = *make_ramp(
      {RampKind::Between, color("#ce854e"), color("#1f55b5"), 9, Evenness::Difference, 0}, wheel, &region);
  QVERIFY(steps.front().held);
  for (const auto& step : steps) {
    const WheelPoint p = wheel.locate(step.color, 240);
    const auto nearest = *region.nearest(disc_point(p));
    QVERIFY(std::hypot(nearest.x - disc_point(p).x, nearest.y - disc_point(p).y) < 1e-6);
  }
}

void MixTest::ramps_keep_hues_at_neutral_ends() {
  const Wheel wheel({HueScale::Even, SaturationMeasure::OklabChroma});
  const Srgb grey = neutral_of_value(55), blue = srgb_from_8bit({0x40, 0x60, 0xa0});
  const double hue = lch_from_oklab(oklab_from_srgb(blue)).h;
  for (const Way way : {Way::Short, Way::Long})
    for (const bool back : {false, true}) {
      RampSpec spec{
          RampKind::Between, back ? blue : grey, back ? grey : blue, 7, Evenness::Difference, 0, way};
      // The hue of a neutral end is that of the other; there is no way to turn.
      for (const auto& step : steps_of(spec, wheel)) {
        const Oklch lch = lch_from_oklab(oklab_from_srgb(step.color));
        if (lch.c > 1e-3) CHECK_ANGLE(lch.h, hue, 1e-6);
      }
    }
  // A neutral start takes the angle it is told: its even values, and its own tints, stay neutral all the
  // same.
  RampSpec values{RampKind::Values, grey, {}, 5};
  values.neutral_angle = 77;
  for (const auto& step : steps_of(values, wheel))
    QVERIFY(step.at && step.at->at.a == 77 && step.at->at.r < 1e-9);
  // Toward the grey of equal value, L* stays; the places are those of the colors.
  for (const RampKind kind : {RampKind::Tints, RampKind::Shades, RampKind::Tones, RampKind::Values}) {
    const auto steps = steps_of({kind, blue, {}, 6}, wheel);
    for (const auto& step : steps) {
      QVERIFY(step.at && !step.held && step.reached);
      QVERIFY(largest_step(*wheel.color_at(step.at->at), step.color) < 1e-9);
      if (kind == RampKind::Tones) CHECK_NEAR(value_of(step.color), value_of(blue), 1e-6);
    }
  }
  // Where saturation is an amount, shades lose it with their value; where it is a share, they keep it.
  const auto last_but_one = [&](SaturationMeasure measure) {
    const Wheel w({HueScale::Even, measure});
    const auto steps = steps_of({RampKind::Shades, blue, {}, 5}, w);
    return steps[3].at->at.r / w.locate(blue).r;
  };
  CHECK_NEAR(last_but_one(SaturationMeasure::OklabChroma), 0.25, 0.02);
  CHECK_NEAR(last_but_one(SaturationMeasure::CielabChroma), 0.25, 0.02);
  CHECK_NEAR(last_but_one(SaturationMeasure::Hsluv), 1, 1e-6);
  CHECK_NEAR(last_but_one(SaturationMeasure::Hsl), 1, 1e-6);
  // The long way goes round through the other hues.
  const Srgb red = srgb_from_oklab(oklab_from_lch({0.6, 0.08, 20})),
             leaf = srgb_from_oklab(oklab_from_lch({0.6, 0.08, 120}));
  const auto middle_hue = [&](Way way) {
    RampSpec spec{RampKind::Between, red, leaf, 3, Evenness::Difference, 0, way};
    return lch_from_oklab(oklab_from_srgb(steps_of(spec, wheel)[1].color)).h;
  };
  CHECK_ANGLE(middle_hue(Way::Short), 70, 5);
  CHECK_ANGLE(middle_hue(Way::Long), 250, 20);
  // Into the distance: all but a twentieth of the color gives way to the air, the usual one where none is
  // given.
  for (const auto& haze : {std::optional<Srgb>{}, std::optional<Srgb>{color("#e0d0b0")}}) {
    const auto far = steps_of({RampKind::Distance, blue, haze, 5}, wheel).back().color;
    const LinearRgb a = linear_from_srgb(blue), b = linear_from_srgb(haze.value_or(color("#b4c3d2"))),
                    c = linear_from_srgb(far);
    CHECK_NEAR(c.r, 0.05 * a.r + 0.95 * b.r, 1e-9);
    CHECK_NEAR(c.g, 0.05 * a.g + 0.95 * b.g, 1e-9);
    CHECK_NEAR(c.b, 0.05 * a.b + 0.95 * b.b, 1e-9);
  }
}

void MixTest::ramps_say_what_was_moved() {
  // Long round the hues at this chroma the display ends; those steps stand at their L* and are marked.
  const Wheel wheel(WheelSpec{});
  RampSpec spec{RampKind::Between, color("#ff2020"), color("#20c020"), 9, Evenness::Difference, 0, Way::Long};
  const auto steps = steps_of(spec, wheel);
  QVERIFY(steps.front().reached && steps.back().reached);
  QVERIFY(std::any_of(steps.begin(), steps.end(), [](const RampStep& s) { return !s.reached; }));
  // A paint that cannot be had is marked too.
  spec.way = Way::Paint;
  spec.from = {0, 0, 0};
  QVERIFY(!steps_of(spec, wheel).front().reached);
  spec.from = color("#985038");
  spec.to = color("#c0b090");
  QVERIFY(steps_of(spec, wheel).front().reached);
  // Held steps are marked, at their value; those inside are what they would be without a mask.
  const MaskRegion region(pattern_mask({Pattern::Single, 240, 60}));
  for (const RampKind kind : {RampKind::Between, RampKind::Values, RampKind::Tones}) {
    const RampSpec mixed{kind, color("#2f55a5"), color("#ce854e"), 9, Evenness::Difference};
    const auto free = steps_of(mixed, wheel), held = steps_of(mixed, wheel, &region);
    for (std::size_t i = 0; i < free.size(); ++i) {
      const WheelPoint p = wheel.locate(free[i].color, wheel.locate(mixed.from).a);
      const bool inside = region.inside(disc_point(p));
      QCOMPARE(held[i].held, !inside);
      CHECK_NEAR(value_of(held[i].color), value_of(free[i].color), 1e-6);
      if (inside)
        QCOMPARE(held[i].color, free[i].color);
      else
        QVERIFY(held[i].at && held[i].reached == free[i].reached);
    }
  }
  const MaskRegion empty((Mask()));
  const RampSpec plain{RampKind::Tints, color("#2f55a5"), {}, 4};
  const auto unheld = steps_of(plain, wheel, &empty);
  QVERIFY(std::none_of(unheld.begin(), unheld.end(), [](const RampStep& s) { return s.held; }));
}

void MixTest::bad_ramps_say_why() {
  const Wheel wheel(WheelSpec{});
  const auto sentence = [&](const RampSpec& spec) {
    const auto made = make_ramp(spec, wheel);
    return made ? std::string() : made.error().sentence();
  };
  const Srgb brown = color("#ce854e");
  for (const auto& [steps, good] : {std::pair{2, true}, {24, true}, {1, false}, {25, false}, {-1, false}}) {
    QCOMPARE(sentence({RampKind::Tints, brown, {}, steps}),
             std::string(good ? "" : "A ramp has from 2 to 24 steps."));
    if (good)
      QCOMPARE(make_ramp({RampKind::Tints, brown, {}, steps}, wheel)->size(),
               static_cast<std::size_t>(steps));
  }
  QCOMPARE(sentence({RampKind::Between, brown, {}, 5}),
           std::string("A ramp to another color needs that color; choose it first."));
  const std::string same = "Both ends of this ramp have the same color; choose another end.";
  QCOMPARE(sentence({RampKind::Between, brown, brown, 5}), same);
  QCOMPARE(sentence({RampKind::Tints, {1, 1, 1}, {}, 5}), same);
  QCOMPARE(sentence({RampKind::Tones, neutral_of_value(40), {}, 5}), same);
  QCOMPARE(sentence({RampKind::Distance, brown, brown, 5}), same);
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
    for (const double r : paint.curve) QVERIFY(r > 0 && r <= kLightestReflectance + 1e-12);
    const auto mixture = mix({{c, 1}, {c, 2.5}}, MixAs::Paint);
    QVERIFY(mixture && mixture->exact == paint.exact);
    if (!paint.exact) continue;
    ++exact;
    QVERIFY2(difference(mixture->color, c) < 0.5, qPrintable(QString::fromStdString(hex_of(c))));
  }
  QVERIFY(exact > 200);
  QVERIFY(!paint_of({0, 0, 0}).exact); // no paint is that black
  for (const MixAs as : {MixAs::Paint, MixAs::Light})
    for (const double parts : {0.0, -1.0, std::nan(""), HUGE_VAL})
      QVERIFY(!mix({{{}, 1}, {{}, parts}}, as) && !mix({}, as));
  // One part that no paint has makes the whole inexact; shares are by parts, whatever their sum.
  const Srgb brown = color("#985038"), wall = color("#c0b090");
  QVERIFY(mix({{brown, 1}, {wall, 3}}, MixAs::Paint)->exact &&
          !mix({{brown, 1}, {{0, 0, 0}, 3}}, MixAs::Paint)->exact);
  for (const MixAs as : {MixAs::Paint, MixAs::Light})
    QVERIFY(largest_step(mix({{brown, 1}, {wall, 3}}, as)->color,
                         mix({{wall, 1.5}, {brown, 0.5}}, as)->color) < 1e-9);
  // What no paint has is brought nearest to the eye, and stays near: a vivid color loses little of its hue.
  int unpaintable = 0;
  for (const char* vivid : {"#ff0000", "#ffff00", "#00ff00", "#00ffff", "#0000ff", "#ff00ff"}) {
    const Paint paint = paint_of(color(vivid));
    const double off = ciede2000(lab_from_srgb(color(vivid)), lab_from_xyz(xyz_of_reflectance(paint.curve)));
    unpaintable += !paint.exact;
    QVERIFY2(paint.exact ? off < 1e-6 : off < 14, qPrintable(QString::number(off)));
  }
  QVERIFY(unpaintable >= 2);
  QVERIFY(!mix({}, MixAs::Paint) && !mix({{{}, 0}}, MixAs::Paint) && !mix({{{}, -1}}, MixAs::Light));
}

void MixTest::no_mixture_is_lighter_than_its_lightest_part() {
  std::mt19937 random(41);
  std::uniform_real_distribution<double> unit(0, 1);
  for (int i = 0; i < 2600; ++i) {
    // 2,000 of them dark.
    const double most = i < 2000 ? 0.2 : 1;
    const Srgb p{most * unit(random), most * unit(random), most * unit(random)},
        q{most * unit(random), most * unit(random), most * unit(random)};
    const Srgb mixed = mix({{p, unit(random) + 0.05}, {q, unit(random) + 0.05}}, MixAs::Paint)->color;
    QVERIFY2(value_of(mixed) < std::max(value_of(p), value_of(q)) + 1e-3,
             qPrintable(QString::fromStdString(hex_of(p) + " " + hex_of(q) + " " + hex_of(mixed))));
  }
  QVERIFY(value_of(mix({{{0, 0, 0}, 1}, {{0, 0, 0}, 1}}, MixAs::Paint)->color) < 0.05);
  // Black and white make a grey, for what absorbs ever more counts ever less.
  const double grey = value_of(mix({{{0, 0, 0}, 1}, {{1, 1, 1}, 1}}, MixAs::Paint)->color);
  QVERIFY(grey > 10 && grey < 40);
}

/// Against all curves of one step up and one down, at every twentieth of a band.
void MixTest::what_no_paint_has_becomes_the_nearest_paint() {
  const auto nearest = [](Srgb c) {
    const Lab wish = lab_from_srgb(c);
    const double low = std::clamp(xyz_from_srgb(c).y / 12, 1e-6, kDarkestReflectance);
    constexpr int fine = 20, places = kBands * fine;
    std::vector<Xyz> before(places + 1);
    Reflectance one{}, all;
    all.fill(low);
    const Xyz floor = xyz_of_reflectance(all);
    for (int i = 0; i < places; ++i) {
      one.fill(0);
      one[i / fine] = (kLightestReflectance - low) / fine;
      const Xyz add = xyz_of_reflectance(one);
      before[i + 1] = {before[i].x + add.x, before[i].y + add.y, before[i].z + add.z};
    }
    double least = 1e9;
    for (int up = 0; up < places; ++up)
      for (int down = 0; down <= places; ++down) {
        Xyz x{floor.x + before[down].x - before[up].x, floor.y + before[down].y - before[up].y,
              floor.z + before[down].z - before[up].z};
        if (down < up) x = {x.x + before[places].x, x.y + before[places].y, x.z + before[places].z};
        if (std::abs(lightness_from_luminance(x.y) - wish.l) < 8)
          least = std::min(least, ciede2000(lab_from_xyz(x), wish));
      }
    return least;
  };
  std::mt19937 random(42);
  std::uniform_real_distribution<double> unit(0, 1);
  for (int found = 0; found < 6;) {
    // Near white, and near the corners of the display.
    Srgb c{1 - 0.06 * unit(random), 1 - 0.06 * unit(random), 1 - 0.06 * unit(random)};
    if (found % 2 == 1) c = {0.02 * unit(random), 1 - 0.01 * unit(random), 1 - 0.01 * unit(random)};
    const Paint paint = paint_of(c);
    if (paint.exact) continue;
    ++found;
    const double told = ciede2000(lab_from_xyz(xyz_of_reflectance(paint.curve)), lab_from_srgb(c)),
                 least = nearest(c);
    QVERIFY2(told < least + 0.1, qPrintable(QStringLiteral("%1 for %2").arg(told).arg(least)));
  }
}

void MixTest::short_rows_are_even() {
  std::mt19937 random(7);
  std::uniform_real_distribution<double> unit(0, 1);
  const Wheel wheel(WheelSpec{});
  int rows = 0, uneven = 0;
  for (int i = 0; rows < 3000; ++i) {
    RampSpec spec{kKinds[i % 6],
                  {unit(random), unit(random), unit(random)},
                  Srgb{unit(random), unit(random), unit(random)},
                  3 + static_cast<int>(7 * unit(random)),
                  i / 6 % 2 == 0 ? Evenness::Lightness : Evenness::Difference,
                  0,
                  static_cast<Way>(i / 12 % 5)};
    const auto row = make_ramp(spec, wheel);
    if (!row) continue;
    ++rows;
    const bool by_value = spec.even == Evenness::Lightness &&
                          std::abs(value_of(row->front().color) - value_of(row->back().color)) >= 0.5;
    double shortest = 1e9, longest = 0;
    for (std::size_t k = 1; k < row->size(); ++k) {
      const Srgb p = (*row)[k - 1].color, q = (*row)[k].color;
      const double step = by_value ? std::abs(value_of(p) - value_of(q)) : difference(p, q);
      shortest = std::min(shortest, step), longest = std::max(longest, step);
    }
    if (longest - shortest <= 0.02 * longest) continue;
    // CIEDE2000 leaps where two hues become opposite; between some far ends no even place exists.
    QVERIFY2(!by_value && longest > 40 && spec.way == Way::Long,
             qPrintable(QStringLiteral("kind %1, %2 and %3").arg(int(spec.kind)).arg(shortest).arg(longest)));
    ++uneven;
  }
  QVERIFY2(uneven <= 3, qPrintable(QString::number(uneven)));
  const RampSpec into_pink{RampKind::Distance, color("#1ad183"), color("#f808b0"), 3, Evenness::Difference};
  const auto pink = steps_of(into_pink, wheel);
  CHECK_NEAR(difference(pink[0].color, pink[1].color), difference(pink[1].color, pink[2].color), 0.02);
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
    if (c && region.inside(disc_point(p))) inside.push_back(oklab_from_srgb(*c));
  }
  for (int i = 0; i < 100'000; ++i) {
    const Oklab &p = inside[random() % inside.size()], &q = inside[random() % inside.size()];
    const double t = u(random), a = p.a + (q.a - p.a) * t, b = p.b + (q.b - p.b) * t;
    const Oklch mixed = lch_from_oklab({0.7, a, b});
    QVERIFY(region.inside(
        disc_point(Angle(wheel.locate(srgb_from_oklab({0.7, a / 4, b / 4})).a), mixed.c / largest)));
  }
}

QTEST_APPLESS_MAIN(MixTest)
#include "mix_test.moc"
