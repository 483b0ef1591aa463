// SPDX-License-Identifier: GPL-3.0-or-later
// The field of mixtures, and smears over it.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/mix/field.h"
#include "core/mix/ramps.h"
#include "core/mix/reach.h"
#include "core/mix/smear.h"
#include "core/mix/trade_paints.h"
#include "support/check.h"
#include "support/mixers.h"

#include <numeric>
#include <random>

using namespace zc;
using namespace zc::test;

class MixingFieldTest : public QObject {
  Q_OBJECT
private slots:
  void the_field_is_every_mixture_data();
  void the_field_is_every_mixture();
  void corners_edges_and_absence();
  void places_and_parts_belong_together();
  void a_smear_takes_up_what_it_goes_over();
  void a_stroke_picks_up_evenly();
};

void MixingFieldTest::the_field_is_every_mixture_data() {
  QTest::addColumn<int>("corners");
  QTest::addColumn<bool>("paint");
  for (const int corners : {2, 3, 4})
    for (const bool paint : {true, false})
      QTest::addRow("%d %s", corners, paint ? "paint" : "light") << corners << paint;
}

void MixingFieldTest::the_field_is_every_mixture() {
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

void MixingFieldTest::corners_edges_and_absence() {
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

void MixingFieldTest::places_and_parts_belong_together() {
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

/// Between two colors the share of the second is the place x. The load L of a smear from a follows
/// dL/dx = (x - L) / k, so L = x - k + k exp(-(x - a) / k); backwards it leads instead of following.
void MixingFieldTest::a_smear_takes_up_what_it_goes_over() {
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

void MixingFieldTest::a_stroke_picks_up_evenly() {
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

QTEST_GUILESS_MAIN(MixingFieldTest)
#include "mixing_field_test.moc"
