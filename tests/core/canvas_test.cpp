// SPDX-License-Identifier: GPL-3.0-or-later
// A canvas measured against the plan, and the way back for what strays from it.
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "core/mask/outside.h"
#include "core/mask/patterns.h"
#include "core/mix/way_back.h"
#include "core/try/canvas.h"
#include "core/try/render.h"
#include "support/check.h"

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

constexpr auto is_near = [](double got, double expected, double within) {
  return zc::test::near(got, expected, within);
};
constexpr int kWidth = 200, kHeight = 125;

PixelPicture canvas_of(Srgb8 color) {
  return {kWidth, kHeight, std::vector<Pixel>(std::size_t{kWidth} * kHeight, pixel_of(color))};
}
void paint(PixelPicture& canvas, const PixelRect& part, Srgb8 color) {
  for (int y = part.y; y < part.y + part.height; ++y)
    for (int x = part.x; x < part.x + part.width; ++x)
      canvas.pixels[static_cast<std::size_t>(y) * kWidth + x] = pixel_of(color);
}

/// Warm colors about orange on the traditional wheel.
MaskRegion warm_region() { return MaskRegion(pattern_mask({Pattern::Analogous, 60, 60})); }
Srgb8 placed(const Wheel& wheel, double a, double r, double v) {
  return rounded_8bit(wheel.nearest_existing({a, r, v}).color);
}

} // namespace

class CanvasTest : public QObject {
  Q_OBJECT
private slots:
  /// Painted in known parts: every number is told as it was painted.
  void tells_shares_strays_and_use() {
    const Wheel wheel{WheelSpec()};
    const auto mask = std::make_shared<const MaskMapper>(wheel, warm_region());
    const Srgb8 light = placed(wheel, 60, 0.5, 80), dark = placed(wheel, 60, 0.5, 20),
                absent = placed(wheel, 60, 0.5, 50), blue = placed(wheel, 250, 0.8, 40),
                green = placed(wheel, 320, 0.7, 85), near = placed(wheel, 60, 0.5, 83);
    const std::vector<MatchColor> set{
        {srgb_from_8bit(light)}, {srgb_from_8bit(dark)}, {srgb_from_8bit(absent)}};
    PixelPicture canvas = canvas_of(light);
    paint(canvas, {0, 0, 200, 25}, dark);    // 20 of 100
    paint(canvas, {20, 40, 50, 20}, blue);   // 4
    paint(canvas, {100, 50, 25, 10}, green); // 1
    paint(canvas, {150, 100, 50, 25}, near); // 5
    const CanvasChecker checker(set, mask, {});
    const CanvasCheck is = *checker.check(canvas.view());
    QVERIFY(is_near(is.shares.all.dark, 0.20, 1e-9));
    QVERIFY(is_near(is.shares.all.middle, 0.04, 1e-9));
    QVERIFY(is_near(is.shares.all.light, 0.76, 1e-9));
    QVERIFY(is_near(is.shares.outside.middle, 0.04, 1e-9) && is_near(is.shares.outside.light, 0.01, 1e-9));
    QVERIFY(is_near(sum(is.shares.far), 0.05, 1e-9));
    QCOMPARE(is.used.size(), std::size_t{3});
    QVERIFY(is_near(is.used[0], 0.75, 1e-9) && is_near(is.used[1], 0.20, 1e-9) && is.used[2] == 0);
    QCOMPARE(is.unused, 1);

    QCOMPARE(is.strays.size(), std::size_t{2});
    QCOMPARE(rounded_8bit(is.strays[0].color), blue);
    QCOMPARE(rounded_8bit(is.strays[1].color), green);
    QVERIFY(is_near(is.strays[0].share, 0.04, 1e-9) && is_near(is.strays[1].share, 0.01, 1e-9));
    QVERIFY(std::abs(is.strays[0].x - 44.5) <= 1 && std::abs(is.strays[0].y - 49.5) <= 1);
    QVERIFY(std::abs(is.strays[1].x - 112) <= 1 && std::abs(is.strays[1].y - 54.5) <= 1);
    QVERIFY(is.strays[0].stray.outside && is.strays[0].stray.far);

    // How far, by the geometry itself.
    const auto off = [&](Srgb8 c) {
      const Srgb color = srgb_from_8bit(c);
      return outside_by(wheel, warm_region(), color, wheel.locate(color));
    };
    QVERIFY(is_near(is.strays[0].off, off(blue), 0.05)); // The mapper's colors have 8 bits.
    QVERIFY(is_near(is.outside_mean, 0.8 * is.strays[0].off + 0.2 * is.strays[1].off, 1e-9));
    QVERIFY(is_near(is.outside_most, std::max(is.strays[0].off, is.strays[1].off), 1e-9));

    // The same again, though all is remembered by now; and every pixel in its place.
    const CanvasCheck again = *checker.check(canvas.view());
    QVERIFY(again.strays == is.strays && again.used == is.used && again.places == is.places);
    QCOMPARE(int{is.places[std::size_t{50} * kWidth + 44]}, 1);
    QCOMPARE(int{is.places[std::size_t{55} * kWidth + 112]}, 2);
    QCOMPARE(int{is.places[std::size_t{10} * kWidth + 10]}, 0);
    std::vector<Pixel> small(canvas.pixels.size());
    const Srgb8 ground{0x38, 0x38, 0x38};
    paint_strays(canvas.view(), is, 1, ground, small.data());
    QCOMPARE(color_of(small[std::size_t{55} * kWidth + 112]), green);
    QCOMPARE(small[std::size_t{50} * kWidth + 44], stepped_back(pixel_of(blue), ground));
  }

  void what_is_missing_strays_from_nothing() {
    const PixelPicture canvas = canvas_of({200, 30, 30});
    const CanvasCheck bare = *CanvasChecker({}, nullptr, {}).check(canvas.view());
    QVERIFY(bare.strays.empty() && bare.used.empty() && sum(bare.shares.outside) == 0 &&
            sum(bare.shares.far) == 0);
    QVERIFY(is_near(bare.shares.all.middle, 1, 1e-12));
    PixelPicture clear = canvas;
    for (Pixel& p : clear.pixels) p = {};
    const std::vector<MatchColor> set{{Srgb{1, 1, 1}}};
    const CanvasCheck nothing = *CanvasChecker(set, nullptr, {}).check(clear.view());
    QVERIFY(nothing.strays.empty() && sum(nothing.shares.all) == 0);
    // A stray that is not gathered is not told; a stopped check says so.
    CanvasSpec spec;
    spec.far = false;
    QCOMPARE(sum(CanvasChecker(set, nullptr, spec).check(canvas.view())->shares.far), 0.0);
    const auto stopped = CanvasChecker(set, nullptr, {}).check(canvas.view(), [](double) { return false; });
    QVERIFY(!stopped && stopped.error().code == ErrorCode::Stopped);
  }

  /// A swatch may lie outside the mask: what is painted in it strays and is used.
  void a_swatch_outside_the_mask_is_used() {
    const Wheel wheel{WheelSpec()};
    const auto mask = std::make_shared<const MaskMapper>(wheel, warm_region());
    const Srgb8 blue = placed(wheel, 250, 0.8, 40);
    const CanvasCheck is = *CanvasChecker({{srgb_from_8bit(blue)}}, mask, {}).check(canvas_of(blue).view());
    QVERIFY(is_near(sum(is.shares.outside), 1, 1e-12) && sum(is.shares.far) == 0);
    QVERIFY(is.used[0] == 1 && is.unused == 0);
  }

  /// Brushwork of many colors: neighbors are one stray, and what is told adds up.
  void gathers_like_strays() {
    const Wheel wheel{WheelSpec()};
    PixelPicture canvas = canvas_of({128, 128, 128});
    std::mt19937 random(5);
    for (int i = 0; i < 6000; ++i) {
      const auto noise = [&] { return static_cast<int>(random() % 9) - 4; };
      const bool red = i < 4000;
      const Srgb8 c{static_cast<std::uint8_t>((red ? 200 : 40) + noise()),
                    static_cast<std::uint8_t>((red ? 40 : 160) + noise()),
                    static_cast<std::uint8_t>(50 + noise())};
      canvas.pixels[static_cast<std::size_t>(i)] = pixel_of(c);
    }
    const std::vector<MatchColor> set{{srgb_from_8bit({128, 128, 128})}};
    const CanvasCheck is = *CanvasChecker(set, nullptr, {}).check(canvas.view());
    QCOMPARE(is.strays.size(), std::size_t{2});
    const double all = double{kWidth} * kHeight;
    QVERIFY(is_near(is.strays[0].share, 4000 / all, 1e-9) && is_near(is.strays[1].share, 2000 / all, 1e-9));
    for (const StrayColor& s : is.strays)
      QCOMPARE(color_of(canvas.pixels[static_cast<std::size_t>(s.y) * kWidth + s.x]), rounded_8bit(s.color));
    QVERIFY(ciede2000(lab_from_srgb(is.strays[0].color), lab_from_srgb(srgb_from_8bit({200, 40, 50}))) < 2);
  }

  /// Mixed from two swatches in known parts and rounded as a screen does: pair and parts are found again.
  void finds_mixed_colors_again() {
    std::mt19937 random(11);
    std::uniform_real_distribution<double> part(0.1, 0.9), channel(0.05, 0.95);
    const Wheel wheel{WheelSpec()};
    for (const MixAs as : {MixAs::Paint, MixAs::Light}) {
      int found = 0;
      for (int round = 0; round < 100; ++round) {
        std::vector<Srgb> set;
        while (set.size() < 12) {
          const Srgb c{channel(random), channel(random), channel(random)};
          if (as == MixAs::Light || paint_of(c).exact) set.push_back(c);
        }
        const std::size_t first = random() % 11, second = first + 1 + random() % (11 - first);
        const double share = part(random);
        const Srgb stray =
            srgb_from_8bit(rounded_8bit(mix({{set[first], 1 - share}, {set[second], share}}, as)->color));
        const WayBack way = *way_back(stray, set, as, wheel, nullptr);
        QVERIFY(way.nearest.difference < 0.6);
        QVERIFY(!way.inside);
        if (way.first == first && way.second == second && std::abs(way.nearest.share - share) < 0.03) ++found;
      }
      qInfo("found again: %d of 100", found);
      QVERIFY(found >= 95);
    }
  }

  /// No pair in steps of a thousandth comes nearer than what was found.
  void finds_the_nearest_of_all_pairs() {
    std::mt19937 random(3);
    std::uniform_real_distribution<double> channel(0.05, 0.95);
    const Wheel wheel{WheelSpec()};
    for (int round = 0; round < 12; ++round) {
      std::vector<Srgb> set;
      for (int i = 0; i < 6; ++i) set.push_back({channel(random), channel(random), channel(random)});
      const Srgb stray{channel(random), channel(random), channel(random)};
      const MixAs as = round % 3 == 0 ? MixAs::Paint : MixAs::Light;
      const double found = way_back(stray, set, as, wheel, nullptr)->nearest.difference;
      const int steps = as == MixAs::Paint ? 60 : 1000;
      for (std::size_t i = 0; i < set.size(); ++i)
        for (std::size_t k = i + 1; k < set.size(); ++k)
          for (int s = 1; s < steps; ++s) {
            const double share = static_cast<double>(s) / steps;
            const Srgb c = mix({{set[i], 1 - share}, {set[k], share}}, as)->color;
            QVERIFY(ciede2000(lab_from_srgb(c), lab_from_srgb(stray)) > found - 0.02);
          }
    }
  }

  /// The path leaves the mask where it is said to.
  void leaves_the_mask_at_its_edge() {
    const Wheel wheel{WheelSpec()};
    const MaskRegion region = warm_region();
    const std::vector<Srgb> set{srgb_from_8bit(placed(wheel, 60, 0.7, 60)),
                                srgb_from_8bit(placed(wheel, 240, 0.7, 30))};
    for (const MixAs as : {MixAs::Paint, MixAs::Light}) {
      const Srgb stray = mix({{set[0], 0.3}, {set[1], 0.7}}, as)->color;
      const WayBack way = *way_back(stray, set, as, wheel, &region);
      QVERIFY(way.nearest.difference < 0.1 && is_near(way.nearest.share, 0.7, 0.01));
      QVERIFY(way.inside);
      QVERIFY(way.inside->share < way.nearest.share);
      const auto off = [&](double share) {
        const Srgb c = mix({{set[0], 1 - share}, {set[1], share}}, as)->color;
        return outside_by(wheel, region, c, wheel.locate(c));
      };
      QVERIFY(off(way.inside->share) < 1);
      QVERIFY(off(way.inside->share + 0.002) >= 1);
      QCOMPARE(way.path.size(), std::size_t{kWaySteps});
      QVERIFY(ciede2000(lab_from_srgb(way.path.front()), lab_from_srgb(set[0])) < 0.5);
      QVERIFY(ciede2000(lab_from_srgb(way.path.back()), lab_from_srgb(set[1])) < 0.5);
    }
    // Where the path leaves the mask on either side, the nearer of the two counts.
    const std::vector<Srgb> beside{srgb_from_8bit(placed(wheel, 45, 0.9, 60)),
                                   srgb_from_8bit(placed(wheel, 150, 0.9, 60))};
    Mask islands;
    for (const double from : {30.0, 135.0})
      islands.areas.push_back({AreaMode::Adds, RingSector{from, 30, 0.3, 1}});
    const MaskRegion parted(islands);
    int parted_paths = 0;
    for (double share = 0.1; share < 0.95; share += 0.1) {
      const Srgb between = mix({{beside[0], 1 - share}, {beside[1], share}}, MixAs::Light)->color;
      if (outside_by(wheel, parted, between, wheel.locate(between)) <= 1) continue;
      ++parted_paths;
      const WayBack two = *way_back(between, beside, MixAs::Light, wheel, &parted);
      QVERIFY(two.inside);
      double nearest = 1e9;
      for (int i = 0; i <= 400; ++i) {
        const double s = i / 400.0;
        const Srgb c =
            mix({{beside[0], std::max(1 - s, 1e-9)}, {beside[1], std::max(s, 1e-9)}}, MixAs::Light)->color;
        if (outside_by(wheel, parted, c, wheel.locate(c)) < 1)
          nearest = std::min(nearest, ciede2000(lab_from_srgb(c), lab_from_srgb(between)));
      }
      QVERIFY(is_near(two.inside->difference, nearest, 0.1));
    }
    QVERIFY(parted_paths >= 2);
    // A stray that can be mixed inside is its own way; a pair that never comes inside has none.
    const Srgb within = mix({{set[0], 0.9}, {set[1], 0.1}}, MixAs::Light)->color;
    const WayBack near = *way_back(within, set, MixAs::Light, wheel, &region);
    QVERIFY(near.inside && *near.inside == near.nearest);
    const std::vector<Srgb> cold{srgb_from_8bit(placed(wheel, 230, 0.8, 60)),
                                 srgb_from_8bit(placed(wheel, 250, 0.8, 60))};
    QVERIFY(!way_back(within, cold, MixAs::Light, wheel, &region)->inside);
    const auto alone = way_back(within, {set[0]}, MixAs::Light, wheel, &region);
    QVERIFY(!alone && alone.error().said.sentence == Sentence::WayNeedsTwo);
  }
};

QTEST_APPLESS_MAIN(CanvasTest)
#include "canvas_test.moc"
