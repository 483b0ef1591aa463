// SPDX-License-Identifier: GPL-3.0-or-later
// Paints: the field of mixtures, recipes, what paints reach, and the fewest that reach it.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/color/text.h"
#include "core/image/pixels.h"
#include "core/mix/field.h"
#include "core/mix/kubelka.h"
#include "core/mix/ramps.h"
#include "core/mix/reach.h"
#include "core/mix/recipe.h"
#include "core/mix/smear.h"
#include "core/mix/trade_paints.h"
#include "support/check.h"

#include <map>
#include <numeric>
#include <random>

using namespace zc;
using namespace zc::test;

namespace {

Srgb color(const char* hex) { return *parse_color(hex); }
double difference(Srgb a, Srgb b) { return ciede2000(lab_from_srgb(a), lab_from_srgb(b)); }

Mixer mixer_of(const std::vector<const char*>& names) {
  std::vector<MixPaint> out;
  for (const char* name : names) {
    const TradePaint* paint = trade_paint(name);
    if (!paint) qFatal("no paint %s", name);
    out.push_back({{paint->curve, true}, paint->strength});
  }
  return Mixer(out);
}
Mixer twelve() {
  return mixer_of({"titanium white", "bone black", "yellow earth", "cadmium yellow", "burnt sienna",
                   "iron-oxide red", "cadmium red", "quinacridone magenta", "ultramarine blue", "iron blue",
                   "phthalocyanine green", "raw umber"});
}
std::vector<double> random_parts(std::mt19937& random, std::size_t paints, int most_paints) {
  std::vector<double> out(paints, 0);
  const auto count = 1 + random() % static_cast<unsigned>(most_paints);
  for (unsigned i = 0; i < count; ++i) out[random() % paints] = 1 + random() % 12;
  return out;
}

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
  void the_field_is_every_mixture_data();
  void the_field_is_every_mixture();
  void corners_edges_and_absence();
  void places_and_parts_belong_together();
  void a_smear_takes_up_what_it_goes_over();
  void a_stroke_picks_up_evenly();
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

void PaintsTest::the_field_is_every_mixture_data() {
  QTest::addColumn<int>("corners");
  QTest::addColumn<bool>("paint");
  for (const int corners : {2, 3, 4})
    for (const bool paint : {true, false})
      QTest::addRow("%d %s", corners, paint ? "paint" : "light") << corners << paint;
}

void PaintsTest::the_field_is_every_mixture() {
  QFETCH(int, corners);
  QFETCH(bool, paint);
  const MixAs as = paint ? MixAs::Paint : MixAs::Light;
  // One of them is no paint's color; one of the trade has a curve of its own.
  const TradePaint* blue = trade_paint("ultramarine blue");
  std::vector<FieldCorner> all{{color("#d8904a"), {}, 1},
                               {color("#f2e6c9"), {}, 0.5},
                               {color_of(blue->curve), Paint{blue->curve, true}, blue->strength},
                               {color("#00ffff"), {}, 1}};
  all.resize(static_cast<std::size_t>(corners));
  std::vector<Paint> curves; // Recovering them takes its time too.
  for (const FieldCorner& corner : all)
    curves.push_back(corner.paint ? *corner.paint : paint_of(corner.color));
  const Srgb white = color("#f7f4ee");
  constexpr int w = 97, h = 61;
  const Paint white_paint = paint_of(white);
  for (const double share : {0.0, 0.4}) {
    const MixField field(all, as, FieldAdded{white, {}, share});
    Raster picture;
    field.draw(w, h, picture);
    int seen = 0;
    for (int y = 0; y < h; ++y)
      for (int x = 0; x < w; ++x) {
        const FieldPoint place = MixField::place_of_pixel(x, y, w, h);
        const std::uint32_t word = picture.pixels[static_cast<std::size_t>(y * w + x)].word;
        if (in_field(all.size(), place)) QVERIFY(word >> 24 == 255);
        if (word == 0) continue;
        ++seen;
        const auto at = parts_at(all.size(), place);
        CHECK_NEAR(std::accumulate(at.begin(), at.end(), 0.0), 1, 1e-12);
        if (x % 6 || y % 5) continue; // Mixing takes its time.
        std::vector<MixPart> parts;
        std::vector<PaintPart> paints;
        const auto add = [&](Srgb c, const Paint& curve, double n) {
          if (n <= 0) return;
          parts.push_back({c, n});
          paints.push_back({curve, n});
        };
        for (std::size_t i = 0; i < all.size(); ++i)
          add(all[i].color, curves[i], at[i] * all[i].strength * (1 - share));
        add(white, white_paint, share);
        const Srgb8 wanted = rounded_8bit(paint ? mix_paints(paints).color : mix(parts, as)->color),
                    got = color_of(Pixel{word});
        QVERIFY2(std::abs(wanted.r - got.r) <= 1 && std::abs(wanted.g - got.g) <= 1 &&
                     std::abs(wanted.b - got.b) <= 1,
                 qPrintable(QStringLiteral("%1 %2").arg(x).arg(y)));
      }
    QVERIFY(seen >= (corners == 3 ? w * h / 2 : w * h));
  }
}

void PaintsTest::corners_edges_and_absence() {
  const std::vector<FieldCorner> four{
      {color("#d8904a")}, {color("#3d477f")}, {color("#e9dcc0")}, {color("#5a3430")}};
  for (const MixAs as : {MixAs::Paint, MixAs::Light})
    for (std::size_t n = 2; n <= 4; ++n) {
      const MixField field({four.begin(), four.begin() + static_cast<std::ptrdiff_t>(n)}, as);
      for (std::size_t i = 0; i < n; ++i)
        QVERIFY(difference(field.at(corner_place(n, i))->color, four[i].color) < 0.05);
      Raster picture;
      field.draw(48, 48, picture);
      if (n == 4) QCOMPARE(picture.pixels[47].word, 0xff000000u | 0x3d477f);
      // An edge holds the ramp between its two colors.
      const auto ramp =
          steps_between(four[0].color, four[1].color, 7, as == MixAs::Paint ? Way::Paint : Way::Light);
      for (const RampStep& step : *ramp) {
        double least = 1e9;
        for (int i = 0; i <= 2000; ++i) {
          std::vector<double> parts(n, 0);
          parts[0] = 1 - i / 2000.0;
          parts[1] = i / 2000.0;
          least = std::min(least, difference(field.of_parts(parts)->color, step.color));
        }
        QVERIFY2(least < 0.1, qPrintable(QString::number(least)));
      }
    }
  // Without strength a corner is not there; without any there is nothing.
  std::vector<FieldCorner> three{four[0], four[1], four[2]};
  three[2].strength = 0;
  const MixField without(three, MixAs::Paint), two({four[0], four[1]}, MixAs::Paint);
  QVERIFY(largest_step(without.of_parts({3, 2, 9})->color, two.of_parts({3, 2})->color) < 1e-9);
  QVERIFY(!without.of_parts({0, 0, 1}) && !without.at({0.5 + 0.5, 1}));
  // Equal corners are one color everywhere.
  const MixField same({four[0], four[0], four[0]}, MixAs::Paint);
  Raster picture;
  same.draw(30, 30, picture);
  for (const auto word : picture.pixels) QVERIFY(word.word == 0 || word.word == (0xff000000u | 0xd8904a));
  QVERIFY(!MixField({four[0], {color("#00ffff")}}, MixAs::Paint).stands_in(0));
  QVERIFY(MixField({four[0], {color("#00ffff")}}, MixAs::Paint).stands_in(1));
}

void PaintsTest::places_and_parts_belong_together() {
  std::mt19937 random(3);
  for (const std::size_t n : {2, 3, 4})
    for (int i = 0; i < 200; ++i) {
      const FieldPoint p =
          onto_field(n, {(random() % 1400) / 1000.0 - 0.2, (random() % 1400) / 1000.0 - 0.2});
      QVERIFY(in_field(n, p));
      const FieldPoint back = place_of_parts(parts_at(n, p));
      CHECK_NEAR(back.x, p.x, 1e-9);
      CHECK_NEAR(back.y, p.y, 1e-9);
    }
  using Parts = std::vector<int>;
  QCOMPARE(whole_parts({0.5, 0.25, 0.25}, 12), (Parts{2, 1, 1}));
  QCOMPARE(whole_parts({0.75, 0.25}, 12), (Parts{3, 1}));
  QCOMPARE(whole_parts({1, 0, 2}, 12), (Parts{1, 0, 2}));
  QCOMPARE(whole_parts({12, 5}, 12), (Parts{12, 5}));
  QVERIFY(whole_parts({0, 0}, 12).empty());
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

/// Between two colors the share of the second is the place x. The load L of a smear from a follows
/// dL/dx = (x - L) / k, so L = x - k + k exp(-(x - a) / k); backwards it leads instead of following.
void PaintsTest::a_smear_takes_up_what_it_goes_over() {
  const double k = kLoadLasts;
  const Streak there = smeared(2, {}, {{0.1, 0.5}, {0.9, 0.5}});
  QCOMPARE(there.places.size(), there.parts.size());
  for (std::size_t i = 0; i < there.places.size(); ++i) {
    const double x = there.places[i].x;
    CHECK_NEAR(there.parts[i][1], x - k + k * std::exp(-(x - 0.1) / k), 0.01);
    CHECK_NEAR(there.parts[i][0] + there.parts[i][1], 1, 1e-9);
  }
  const Streak back = smeared(2, {}, {{0.9, 0.5}, {0.1, 0.5}});
  CHECK_NEAR(back.parts.back()[1], 0.1 + k - k * std::exp(-0.8 / k), 0.01);
  // The same however many places the hand gave, and never more than the field has of them.
  FieldPath many;
  for (int i = 0; i <= 160; ++i) many.push_back({0.1 + 0.005 * i, 0.5});
  CHECK_NEAR(smeared(2, {}, many).parts.back()[1], there.parts.back()[1], 0.005);
  FieldPath scribble;
  for (int i = 0; i < 400; ++i) scribble.push_back({i % 2 ? 0.05 : 0.95, i / 400.0});
  QVERIFY(smeared(4, {}, scribble).places.size() < 1500);
  // What lies on top is under the hand, as far as it reaches.
  const std::vector<Streak> below{there};
  QVERIFY(parts_under(2, below, {0.5, 0.5 + 0.9 * kSmearReach}) != parts_at(2, {0.5, 0.5}));
  QVERIFY(parts_under(2, below, {0.5, 0.5 + 1.1 * kSmearReach}) == parts_at(2, {0.5, 0.5}));
  // Against every place of winding smears: the nearest one within reach, of the smear on top.
  std::mt19937 random(3);
  std::uniform_real_distribution<double> share(0, 1);
  std::vector<Streak> winding;
  for (int i = 0; i < 4; ++i) {
    FieldPath path;
    for (int turn = 0; turn < 60; ++turn) path.push_back({share(random), share(random)});
    winding.push_back(smeared(3, winding, path));
  }
  int on_smear = 0;
  for (int n = 0; n < 2000; ++n) {
    const FieldPoint at = onto_field(3, {share(random), share(random)});
    std::vector<double> expected = parts_at(3, at);
    for (const Streak& streak : winding) {
      double nearest = kSmearReach;
      bool meets = false;
      for (std::size_t i = 0; i < streak.places.size(); ++i) {
        const double away = std::hypot(streak.places[i].x - at.x, streak.places[i].y - at.y);
        if (away > nearest) continue;
        nearest = away;
        expected = streak.parts[i];
        meets = true;
      }
      on_smear += meets;
    }
    QVERIFY(parts_under(3, winding, at) == expected);
  }
  QVERIFY(on_smear > 500);
  const Streak over = smeared(2, below, {{0.9, 0.5}, {0.6, 0.5}});
  CHECK_NEAR(over.parts.front()[1], there.parts.back()[1], 1e-9);
  QVERIFY(parts_under(2, {there, over}, {0.6, 0.5}) == over.parts.back());
  // A mask of another mixture: three corners, each taken up in its turn.
  const Streak round = smeared(3, {}, {{0.5, 0}, {0, 1}, {1, 1}});
  QVERIFY(round.parts.front() == (std::vector<double>{1, 0, 0}));
  QVERIFY(round.parts.back()[2] > 0.5 && round.parts.back()[1] > 0.05 && round.parts.back()[0] > 0.001);
}

void PaintsTest::a_stroke_picks_up_evenly() {
  const MixField field({{color("#f2e1bf")}, {color("#17314f")}, {color("#a8321f")}}, MixAs::Paint);
  const FieldPath path{{0.5, 0.1}, {0.1, 0.95}, {0.9, 0.9}, {0.55, 0.3}};
  for (const std::size_t count : {2, 5, 12}) {
    const auto picked = picked_along(field, {}, path, count);
    QCOMPARE(picked.size(), count);
    for (std::size_t c = 0; c < 3; ++c) {
      CHECK_NEAR(picked.front()[c], parts_at(3, path.front())[c], 1e-9);
      CHECK_NEAR(picked.back()[c], parts_at(3, path.back())[c], 1e-9);
    }
  }
  // Along a straight way that goes from one color to another each step is as far as the next.
  const auto straight = picked_along(field, {}, {{0, 1}, {1, 1}}, 9);
  std::vector<double> steps;
  for (std::size_t i = 1; i < straight.size(); ++i) {
    const Srgb a = field.of_parts(straight[i - 1])->color, b = field.of_parts(straight[i])->color;
    double way = 0;
    for (int t = 1; t <= 50; ++t) {
      const auto at = [&](int s) {
        std::vector<double> parts(3);
        for (std::size_t c = 0; c < 3; ++c)
          parts[c] = straight[i - 1][c] + (straight[i][c] - straight[i - 1][c]) * s / 50;
        return field.of_parts(parts)->color;
      };
      way += ciede2000(lab_from_srgb(at(t - 1)), lab_from_srgb(at(t)));
    }
    QVERIFY(a != b);
    steps.push_back(way);
  }
  const auto [least, most] = std::minmax_element(steps.begin(), steps.end());
  QVERIFY2(*most - *least < 0.15 * *most, qPrintable(QString("%1 to %2").arg(*least).arg(*most)));
  QCOMPARE(picked_along(field, {}, {{0.5, 0.5}, {0.5, 0.5}}, 5).size(), std::size_t{1});
  // From a smear, its own colors.
  const std::vector<Streak> smear{smeared(3, {}, {{0.1, 0.9}, {0.9, 0.9}})};
  QVERIFY(picked_along(field, smear, {{0.2, 0.9}, {0.8, 0.9}}, 3)[2] == parts_under(3, smear, {0.8, 0.9}));
  const MixField none({{color("#f2e1bf"), {}, 0}, {color("#17314f"), {}, 0}}, MixAs::Paint);
  QVERIFY(picked_along(none, {}, {{0, 0.5}, {1, 0.5}}, 5).empty());
}

QTEST_GUILESS_MAIN(PaintsTest)
#include "paints_test.moc"
