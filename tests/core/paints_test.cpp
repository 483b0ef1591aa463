// SPDX-License-Identifier: GPL-3.0-or-later
// Paints: what they are called, recipes, what paints reach, and the fewest that reach it.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/color/text.h"
#include "core/mix/field.h"
#include "core/mix/kubelka.h"
#include "core/mix/ramps.h"
#include "core/mix/reach.h"
#include "core/mix/recipe.h"
#include "core/mix/trade_paints.h"
#include "support/check.h"
#include "support/mixers.h"

#include <map>
#include <numeric>
#include <random>

using namespace zc;
using namespace zc::test;

namespace {

/// The least difference over all whole parts up to 12 of these paints, by the plain way to mix.
double least_by_force(const std::vector<Paint>& paints, const std::vector<double>& strengths, Srgb wanted) {
  const Lab lab = lab_from_srgb(wanted);
  double least = 1e9;
  for (int n = 1; n < 13 * 13 * 13 * 13; ++n) {
    const int parts[] = {n % 13, n / 13 % 13, n / 169 % 13, n / 2197};
    if (std::gcd(std::gcd(parts[0], parts[1]), std::gcd(parts[2], parts[3])) != 1) continue;
    std::vector<PaintPart> mixed;
    for (std::size_t i = 0; i < 4; ++i)
      if (parts[i] > 0) mixed.push_back({paints[i], parts[i] * strengths[i]});
    least = std::min(least, ciede2000(lab_from_srgb(mix_paints(mixed).color), lab));
  }
  return least;
}

} // namespace

class PaintsTest : public QObject {
  Q_OBJECT
private slots:
  void paints_of_the_trade_are_what_they_are_called();
  void known_mixtures_are_found_again();
  void recipes_are_no_worse_than_trying_all();
  void random_mixtures_lie_in_the_reach();
  void the_reach_has_the_area_of_what_can_be_mixed();
  void a_quick_difference_is_the_exact_one_nearby();
  void the_nearest_mixture_is_the_least();
  void a_reach_becomes_a_mask();
  void few_paints_reach_what_they_made();
  void what_cannot_be_mixed_is_said();
};

/// Common practice, no source: where in CIELAB hue such paints lie, how light they are, and what they do.
void PaintsTest::paints_of_the_trade_are_what_they_are_called() {
  const std::tuple<const char*, double, double, double, double> known[] = {
      {"yellow earth", 60, 90, 45, 70},          {"cadmium yellow", 80, 105, 75, 95},
      {"iron-oxide red", 20, 50, 25, 50},        {"cadmium red", 15, 45, 35, 55},
      {"burnt sienna", 30, 60, 25, 50},          {"ultramarine blue", 270, 310, 20, 45},
      {"iron blue", 240, 300, 10, 35},           {"phthalocyanine green", 145, 200, 25, 50},
      {"quinacridone magenta", 330, 360, 30, 55}};
  for (const auto& [name, from, to, dark, light] : known) {
    const LchAb lch = lch_from_lab(lab_from_srgb(color_of(trade_paint(name)->curve)));
    QVERIFY2(lch.h > from && lch.h < to && lch.l > dark && lch.l < light, name);
  }
  for (const TradePaint& paint : trade_paints()) {
    const Srgb plain = srgb_from_xyz(xyz_of_reflectance(paint.curve));
    QVERIFY2(in_gamut(plain) && largest_step(plain, color_of(paint.curve)) < 1e-9,
             std::string(paint.name).c_str());
    QVERIFY(kStrengthRange.holds(paint.strength) && !paint.says.empty());
  }
  QVERIFY(trade_paint("no such paint") == nullptr);
  // No source: what painters have mixed with so far stays what it is.
  const std::map<std::string_view, std::string> hexes = {{"titanium white", "#f8f8f6"},
                                                         {"zinc white", "#f3f3f3"},
                                                         {"bone black", "#3a3736"},
                                                         {"lamp black", "#343439"},
                                                         {"yellow earth", "#c78a36"},
                                                         {"cadmium yellow", "#f5db12"},
                                                         {"raw umber", "#6e513c"},
                                                         {"burnt sienna", "#8c4937"},
                                                         {"burnt umber", "#604339"},
                                                         {"iron-oxide red", "#95483b"},
                                                         {"cadmium red", "#bb2c40"},
                                                         {"quinacridone magenta", "#a53f75"},
                                                         {"ultramarine blue", "#264ba5"},
                                                         {"cobalt blue", "#1f70af"},
                                                         {"iron blue", "#2a3e61"},
                                                         {"phthalocyanine blue", "#114b78"},
                                                         {"phthalocyanine green", "#246653"},
                                                         {"chromium oxide green", "#4e7d55"}};
  for (const TradePaint& paint : trade_paints())
    QCOMPARE(hex_of(color_of(paint.curve)), hexes.at(paint.name));
  // Blue and yellow make green; white makes a red a cooler pink than light does.
  const Mixer mixer = mixer_of({"iron blue", "cadmium yellow", "quinacridone magenta", "titanium white"});
  const double green = lch_from_lab(lab_from_srgb(mixer.mixed({1, 6, 0, 0}).color)).h;
  QVERIFY2(green > 115 && green < 190, qPrintable(QString::number(green)));
  for (const char* name : {"cadmium red", "quinacridone magenta"}) {
    const TradePaint* red = trade_paint(name);
    const Mixer with_white = mixer_of({name, "titanium white"});
    const Srgb pink = with_white.mixed({1, 12}).color;
    // As much light of the red in white as makes the same value.
    double low = 0, high = 1;
    Srgb light;
    for (int i = 0; i < 40; ++i) {
      const double share = (low + high) / 2;
      light = mix({{color_of(red->curve), 1 - share + 1e-9}, {{1, 1, 1}, share + 1e-9}}, MixAs::Light)->color;
      (value_of(light) < value_of(pink) ? low : high) = share;
    }
    QVERIFY2(turn_between(lch_from_lab(lab_from_srgb(light)).h, lch_from_lab(lab_from_srgb(pink)).h) < 0,
             name);
  }
}

void PaintsTest::known_mixtures_are_found_again() {
  std::mt19937 random(11);
  for (const Mixer& mixer :
       {mixer_of({"titanium white", "yellow earth", "iron-oxide red", "ultramarine blue"}), twelve()})
    for (int i = 0; i < 100; ++i) {
      const Srgb made = mixer.mixed(random_parts(random, mixer.count(), 4)).color;
      const auto recipe = recipe_for(made, mixer);
      QVERIFY2(recipe && recipe->difference <= 0.5, qPrintable(QString::number(recipe->difference)));
      // It is the mixture that it says.
      std::vector<double> parts(mixer.count(), 0);
      QVERIFY(!recipe->parts.empty() && recipe->parts.size() <= 4);
      for (const RecipePart& p : recipe->parts) {
        QVERIFY(p.parts >= 1 && p.parts <= 12);
        parts[p.paint] += p.parts;
      }
      CHECK_NEAR(difference(mixer.mixed(parts).color, made), recipe->difference, 1e-9);
    }
  const auto one = recipe_for(color("#808080"), twelve(), {1, 12});
  QVERIFY(one && one->parts.size() == 1);
}

void PaintsTest::recipes_are_no_worse_than_trying_all() {
  std::mt19937 random(5);
  const std::vector<const char*> names{"titanium white",   "yellow earth",         "iron-oxide red",
                                       "ultramarine blue", "phthalocyanine green", "bone black"};
  std::vector<Paint> paints;
  std::vector<double> strengths;
  for (const char* name : names) {
    paints.push_back({trade_paint(name)->curve, true});
    strengths.push_back(trade_paint(name)->strength);
  }
  const auto any = [&] {
    return Srgb{(random() % 256) / 255.0, (random() % 256) / 255.0, (random() % 256) / 255.0};
  };
  const Mixer four = mixer_of({names.begin(), names.begin() + 4}), six = mixer_of(names);
  for (int i = 0; i < 3; ++i) {
    const Srgb wanted = any();
    QVERIFY(recipe_for(wanted, four)->difference <= least_by_force(paints, strengths, wanted) + 1e-6);
  }
  // Of more than five paints not every recipe is tried; none of any four is better.
  const Srgb wanted = any();
  const double found = recipe_for(wanted, six)->difference;
  for (unsigned left_out = 0; left_out < 36; left_out += 2) {
    const unsigned a = left_out / 6, b = left_out % 6;
    if (a >= b) continue;
    std::vector<Paint> some;
    std::vector<double> their_strengths;
    for (unsigned i = 0; i < 6; ++i)
      if (i != a && i != b) {
        some.push_back(paints[i]);
        their_strengths.push_back(strengths[i]);
      }
    QVERIFY(found <= least_by_force(some, their_strengths, wanted) + 1e-6);
  }
}

void PaintsTest::random_mixtures_lie_in_the_reach() {
  std::mt19937 random(9);
  std::exponential_distribution<double> share(1);
  for (const WheelSpec spec : {WheelSpec{}, WheelSpec{HueScale::Even, SaturationMeasure::CielabChroma}}) {
    const Wheel wheel(spec);
    const Mixer mixer = mixer_of({"titanium white", "bone black", "yellow earth", "iron-oxide red",
                                  "ultramarine blue", "cadmium yellow"});
    const auto reach = reach_of(mixer, wheel);
    QVERIFY(reach);
    for (int i = 0; i < 5000; ++i) {
      // Evenly over the parts, and along their logarithms.
      std::vector<double> parts;
      for (std::size_t k = 0; k < mixer.count(); ++k)
        parts.push_back(i % 2 ? share(random) : std::exp(6.0 * (random() % 1000) / 1000));
      const Srgb made = mixer.mixed(parts).color;
      const WheelPoint at = wheel.locate(made);
      bool near = reach->holds(at);
      // A cell beside it, a value beside it.
      const DiscPoint p = disc_point(at);
      for (int step = 0; step < 2 * 49 && !near; ++step) {
        constexpr double cell = 2.0 / kReachCells;
        const DiscPoint q{p.x + (step % 7 - 3) * cell, p.y + (step / 7 % 7 - 3) * cell};
        WheelPoint beside = wheel_point(q, step < 49 ? std::floor(at.v) : std::ceil(at.v));
        if (beside.r > 1) continue;
        const auto there = wheel.color_at(beside);
        near = there && reach->holds(beside) && difference(*there, made) < 1;
      }
      QVERIFY2(near, qPrintable(QStringLiteral("%1: %2 %3 %4").arg(i).arg(at.a).arg(at.r).arg(at.v)));
    }
  }
}

/// Against another way: at places all over the plan, whether a search finds a mixture there.
void PaintsTest::the_reach_has_the_area_of_what_can_be_mixed() {
  const Wheel wheel(WheelSpec{});
  const Mixer mixer = mixer_of({"titanium white", "yellow earth", "iron-oxide red", "ultramarine blue"});
  const auto reach = reach_of(mixer, wheel);
  for (const double value : {40.0, 55.0, 75.0}) {
    constexpr int n = 90;
    std::vector<Srgb> colors;
    double all = 0;
    for (int i = 0; i < n * n; ++i) {
      const DiscPoint p{(i % n + 0.5) / n * 2 - 1, (i / n + 0.5) / n * 2 - 1};
      if (std::hypot(p.x, p.y) > 1) continue;
      ++all;
      colors.push_back(*wheel.color_at(wheel_point(p, value)));
    }
    const auto away = distances_to_mixtures(colors, mixer);
    const double dense =
        static_cast<double>(std::count_if(away.begin(), away.end(), [](double d) { return d < 0.02; })) / all;
    QVERIFY(dense > 0.03);
    QVERIFY2(
        std::abs(reach->share(value) - dense) <= 0.02 * dense + 0.5 / all * std::sqrt(all * dense),
        qPrintable(QStringLiteral("value %1: %2, dense %3").arg(value).arg(reach->share(value)).arg(dense)));
  }
}

/// Beside CIEDE2000, which is tested with all that is published of it; what turns blue is left out on
/// purpose.
void PaintsTest::a_quick_difference_is_the_exact_one_nearby() {
  std::mt19937 random(5);
  std::uniform_real_distribution<double> unit(0, 1), side(-1, 1);
  int asked = 0;
  for (int i = 0; i < 400; ++i) {
    const Lab at = lab_from_srgb({unit(random), unit(random), unit(random)});
    const double hue = wrap_degrees(degrees(std::atan2(at.b, at.a)));
    if (std::hypot(at.a, at.b) < 3 || (hue > 190 && hue < 350)) continue;
    const Lab by{at.l + side(random), at.a + side(random), at.b + side(random)};
    const double exact = ciede2000(at, by);
    const double quick = std::sqrt(NearDifference(at).squared(
        {static_cast<float>(by.l), static_cast<float>(by.a), static_cast<float>(by.b)}));
    QVERIFY2(std::abs(quick - exact) < 0.02 + 0.06 * exact, qPrintable(QString::number(quick / exact)));
    // The weights are those of the color they are asked of.
    const NearDifference elsewhere(by, at);
    CHECK_NEAR((elsewhere.weights() - NearDifference(at).weights()).norm(), 0, 1e-6);
    ++asked;
  }
  QVERIFY(asked > 150);
}

/// Against 40,000 random mixtures and every recipe of whole parts. Where all paints are far from a color
/// CIEDE2000 has valleys at its opposite hue that a plain search can miss by a little.
void PaintsTest::the_nearest_mixture_is_the_least() {
  std::mt19937 random(11);
  std::uniform_real_distribution<double> unit(0, 1);
  for (const std::size_t count : {std::size_t{4}, std::size_t{9}}) {
    std::vector<MixPaint> paints;
    for (std::size_t i = 0; i < count; ++i)
      paints.push_back({paint_of({unit(random), unit(random), unit(random)}), 0.5 + 2 * unit(random)});
    const Mixer mixer(paints);
    std::vector<Srgb> colors;
    std::vector<Lab> wanted;
    for (int i = 0; i < 40; ++i)
      wanted.push_back(lab_from_srgb(colors.emplace_back(Srgb{unit(random), unit(random), unit(random)})));
    std::vector<double> least(colors.size(), 1e30);
    for (int k = 0; k < 40000; ++k) {
      std::vector<double> parts(count, 0);
      for (unsigned j = 0, some = 1 + random() % 4; j < some; ++j)
        parts[random() % count] += std::exp(6 * unit(random) - 3);
      const Lab mixed = lab_from_srgb(mixer.mixed(parts).color);
      for (std::size_t i = 0; i < colors.size(); ++i)
        least[i] = std::min(least[i], ciede2000(mixed, wanted[i]));
    }
    const auto away = distances_to_mixtures(colors, mixer);
    for (std::size_t i = 0; i < colors.size(); ++i) {
      QVERIFY2(away[i] < least[i] + (least[i] < 12 ? 0.1 : 2),
               qPrintable(QString::number(away[i] - least[i])));
      QVERIFY(away[i] < recipe_for(colors[i], mixer, {4, 8})->difference + (away[i] < 12 ? 0.1 : 2.5));
    }
    // A pure paint is one of its own mixtures; a color within a wide limit is not denied.
    for (std::size_t i = 0; i < count; ++i) {
      std::vector<double> alone(count, 0);
      alone[i] = 1;
      QVERIFY(distances_to_mixtures({mixer.mixed(alone).color}, mixer).front() < 0.02);
    }
    for (std::size_t i = 0; i < colors.size(); ++i)
      if (least[i] < 19.5)
        QVERIFY(fewest_paints({{colors[i], 1}}, mixer, {std::max(0.5, least[i] + 0.5), 1})->enough ||
                least[i] >= 12);
  }
}

void PaintsTest::a_reach_becomes_a_mask() {
  const Wheel wheel(WheelSpec{});
  const auto reach =
      reach_of(mixer_of({"titanium white", "yellow earth", "iron-oxide red", "ultramarine blue"}), wheel);
  for (const double value : {45.0, 70.0}) {
    const auto mask = mask_of_outlines(reach->outlines(value), "few paints");
    QVERIFY(mask);
    const MaskRegion region(*mask);
    CHECK_NEAR(region.share(), reach->share(value), 0.004);
    // In the section it has the limits that the mask has.
    for (const double angle : {20.0, 75.0, 240.0}) {
      const auto of_mask = region.along_diameter(Angle(angle)),
                 of_reach = reach->along_diameter(Angle(angle), value);
      QVERIFY(!of_mask.empty() && !of_reach.empty());
      CHECK_NEAR(of_reach.front().from, of_mask.front().from, 0.03);
      CHECK_NEAR(of_reach.back().to, of_mask.back().to, 0.03);
    }
  }
  const auto all = mask_of_outlines(reach->outlines(), "any value");
  QVERIFY(all && MaskRegion(*all).share() > MaskRegion(*mask_of_outlines(reach->outlines(60), "")).share());
  // Two paints are a line: a thin mask where they pass, none where they do not.
  const auto two = reach_of(mixer_of({"titanium white", "ultramarine blue"}), wheel);
  QVERIFY(two->share(60) > 0 && two->share(60) < 0.01 && two->share(10) == 0);
  QVERIFY(!mask_of_outlines(two->outlines(10), "dark"));
}

void PaintsTest::few_paints_reach_what_they_made() {
  std::mt19937 random(2);
  const std::vector<const char*> names{"titanium white",      "bone black",       "yellow earth",
                                       "cadmium red",         "ultramarine blue", "phthalocyanine green",
                                       "quinacridone magenta"};
  const Mixer mixer = mixer_of(names);
  std::vector<WeightedColor> colors;
  for (int i = 0; i < 120; ++i) {
    std::vector<double> parts(names.size(), 0);
    for (const std::size_t k : {0, 3, 4}) parts[k] = random() % 12 + (k == 0);
    colors.push_back({mixer.mixed(parts).color, 1.0 + random() % 5});
  }
  const auto few = fewest_paints(colors, mixer, {1, 1});
  QVERIFY(few && few->enough);
  QCOMPARE(few->paints, (std::vector<std::size_t>{0, 3, 4}));
  // With less asked, fewer do; what nobody reaches is said with all that help.
  const auto less = fewest_paints(colors, mixer, {6, 0.5});
  QVERIFY(less && less->enough && less->paints.size() < 3);
  colors.push_back({{0, 1, 0}, 1e6});
  const auto never = fewest_paints(colors, mixer, {2, 0.9});
  QVERIFY(never && !never->enough && never->share < 0.01);
  int asked = 0;
  QVERIFY(!fewest_paints(colors, mixer, {2, 0.9}, [&](double) { return ++asked < 3; }));
}

void PaintsTest::what_cannot_be_mixed_is_said() {
  std::vector<MixPaint> weak{{paint_of(color("#d8904a")), 0}};
  QVERIFY(!recipe_for(color("#000000"), Mixer(weak)) && !recipe_for(color("#000000"), Mixer({})));
  QVERIFY(!reach_of(Mixer(weak), Wheel(WheelSpec{})));
  QVERIFY(!recipe_for(color("#000000"), twelve(), {0, 12}) &&
          !recipe_for(color("#000000"), twelve(), {5, 12}));
  QVERIFY(!recipe_for(color("#000000"), twelve(), {4, 13}) &&
          !recipe_for(color("#000000"), twelve(), {4, 0}));
  QVERIFY(!fewest_paints({}, twelve(), {}) && !fewest_paints({{color("#808080"), 1}}, twelve(), {0.1, 1}) &&
          !fewest_paints({{color("#808080"), 1}}, twelve(), {3, 0}));
  QVERIFY(!reach_of(twelve(), Wheel(WheelSpec{}), [](double) { return false; }));
}

QTEST_GUILESS_MAIN(PaintsTest)
#include "paints_test.moc"
