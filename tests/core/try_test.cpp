// SPDX-License-Identifier: GPL-3.0-or-later
// The set on the picture: every bar is checked against a plain second way of working it out.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/mask/patterns.h"
#include "core/mix/pigment.h"
#include "core/try/check.h"
#include "core/try/follow.h"
#include "core/try/light.h"
#include "core/try/live_study.h"
#include "core/try/render.h"
#include "support/check.h"
#include "support/patch.h"
#include "support/reference_json.h"

#include <QFile>
#include <cmath>
#include <random>

using namespace zc;
using namespace zc::test;

namespace {

/// Colors of a real palette's spread, with two alike and greys among them.
std::vector<MatchColor> demo_set() {
  std::vector<MatchColor> out;
  const std::uint32_t words[] = {0xfce3c4, 0xf2bc85, 0xd8904a, 0xa3713b, 0x5f4a33, 0xe8a284, 0xc67658,
                                 0x985740, 0x61392f, 0x38231f, 0xa9acb9, 0x727f98, 0x53606f, 0x36414c,
                                 0x1d222b, 0x8f97d0, 0x5a66b5, 0x3d4680, 0x232a4a, 0x727f98, 0x808080};
  for (std::size_t i = 0; i < std::size(words); ++i)
    out.push_back({srgb_from_8bit(color_of({words[i]})), i / 5});
  return out;
}

/// The plain way.
std::size_t by_hand(const std::vector<MatchColor>& set, const Lab& color) {
  std::size_t best = 0;
  double least = 1e9;
  for (std::size_t i = 0; i < set.size(); ++i) {
    const double away = ciede2000(color, lab_from_srgb(set[i].color));
    if (away < least) least = away, best = i;
  }
  return best;
}

/// A ground that runs from warm to cold, discs, stripes, a faint edge, noise, and a corner of which nothing
/// is seen.
Patch of_everything() {
  std::mt19937 random(77);
  Patch out(240, 180);
  for (int y = 0; y < 180; ++y)
    for (int x = 0; x < 240; ++x) {
      int r = 90 + x / 3, g = 100 + y / 4, b = 150 - x / 4;
      if (std::hypot(x - 60, y - 50) < 30) r = 210, g = 120, b = 50;
      if (std::hypot(x - 180, y - 120) < 40) r = 40, g = 60, b = 140;
      if (std::hypot(x - 180, y - 120) < 12) r = 240, g = 230, b = 190;
      if (y > 140 && x < 150) (x / 15 % 2 ? r : g) += 60;
      if (y < 25) r += 9, g += 9, b += 9;
      if (std::abs(x - y) < 2) r = g = b = 20;
      const auto noisy = [&](int c) {
        return static_cast<std::uint8_t>(std::clamp(c + int(random() % 9u) - 4, 0, 255));
      };
      const Srgb8 color{noisy(r), noisy(g), noisy(b)};
      out.at(x, y) = x > 215 && y > 160 ? 0 : pixel_of(color).word;
    }
  return out;
}
nlohmann::json told(const Areas& areas) {
  nlohmann::json out = nlohmann::json::array();
  for (const PictureArea& a : areas.areas)
    out.push_back({{"pixels", a.pixels},
                   {"x", a.x},
                   {"y", a.y},
                   {"mean",
                    {std::round(a.mean.l * 1e5) / 1e5, std::round(a.mean.a * 1e5) / 1e5,
                     std::round(a.mean.b * 1e5) / 1e5}}});
  return out;
}

/// Whether a display has no such color, with a hair's room.
bool brought_into_gamut_needed(const Lab& lab) {
  const LinearRgb c = linear_from_xyz(xyz_from_lab(lab));
  return std::min({c.r, c.g, c.b}) < -1e-9 || std::max({c.r, c.g, c.b}) > 1 + 1e-9;
}

double hue_of(const Oklab& c) { return std::atan2(c.b, c.a) * 180 / std::numbers::pi; }

/// Turned and stretched in the a-b plane of OKLab; as it is where that does not exist.
Srgb turned(Srgb c, double degrees, double ratio) {
  const Oklab from = oklab_from_srgb(c);
  const auto ab = std::complex<double>(from.a, from.b) * std::polar(ratio, degrees * std::numbers::pi / 180);
  return srgb_from_oklab({from.l, ab.real(), ab.imag()});
}

} // namespace

class TryTest : public QObject {
  Q_OBJECT
private slots:
  /// What is rendered is what each way says of each pixel by itself.
  void a_picture_is_rendered_as_each_way_says() {
    std::mt19937 random(8);
    Patch photo(61, 43);
    for (int y = 0; y < 43; ++y)
      for (int x = 0; x < 61; ++x) photo.at(x, y) = 0xff000000u | (random() & 0xffffffu);
    photo.at(3, 3) = 0x00123456u;
    TriedPicture tried;
    TriedSide& side = tried.right;
    side.colors = demo_set();
    const SwatchMatcher matcher(side.colors);
    side.mask =
        std::make_shared<MaskMapper>(Wheel({}), MaskRegion(pattern_mask({Pattern::Analogous, 60, 60})));
    side.limits = {14, 2};
    const StrayChecker checker(&matcher, &*side.mask, side.limits);
    side.moves = {{side.colors[0].color, side.colors[7].color}, {side.colors[9].color, side.colors[3].color}};
    const Follow follow(side.moves, side.softness);
    const auto made = [&] {
      std::vector<Pixel> out(61 * 43);
      render_tried(photo.view(), tried, out.data());
      return out;
    };
    int strays = 0;
    for (const TryWay way : {TryWay::Photo, TryWay::Study, TryWay::Follow, TryWay::Check}) {
      side.way = way;
      const auto out = made();
      for (std::size_t i = 0; i < out.size(); ++i) {
        const Pixel given = photo.view().row(static_cast<int>(i / 61))[i % 61], full = given.opaque();
        const Stray stray = checker.stray(full);
        strays += way == TryWay::Check && (stray.far || stray.outside);
        const Pixel wanted = way == TryWay::Photo    ? full
                             : way == TryWay::Study  ? swatch_pixel(side.colors, matcher.nearest(full).swatch)
                             : way == TryWay::Follow ? pixel_of(follow.moved(color_of(full)))
                             : stray.far || stray.outside ? full
                                                          : stepped_back(full, side.ground);
        QCOMPARE(out[i], given.with(wanted.rgb()));
      }
    }
    QVERIFY(strays > 100 && strays < 61 * 43 - 100);
    // Two sides meet at the edge; then the press and the eyes see both.
    side.way = TryWay::Study;
    tried.two = true;
    tried.edge = 0.25;
    const auto two = made();
    tried.two = false;
    const auto right = made();
    for (int x = 0; x < 61; ++x) QCOMPARE(two[x], x < 15 ? photo.view().row(0)[x] : right[x]);
    tried.proof = ColorMap([](Srgb c) { return Srgb{c.b, c.g, c.r}; });
    const auto proofed = made();
    QCOMPARE(proofed[70].b(), right[70].r());
  }
  /// A swatch that six lights of 36 pixels have in 24 megapixels is used.
  void every_pixel_counts_for_what_is_used() {
    Patch photo(900, 700, 0xff202020u);
    for (int light = 0; light < 6; ++light)
      for (int i = 0; i < 36; ++i) photo.at(100 + 120 * light + i % 6, 300 + i / 6) = 0xfff0d060u;
    TriedSide side{TryWay::Study,
                   {{srgb_from_8bit({0x20, 0x20, 0x20}), 0},
                    {srgb_from_8bit({0xf0, 0xd0, 0x60}), 0},
                    {srgb_from_8bit({0x20, 0x80, 0xf0}), 0}}};
    const auto uses = exact_uses(photo.view(), side);
    QVERIFY(uses);
    QCOMPARE(*uses, (std::vector<std::uint64_t>{900 * 700 - 216, 216, 0}));
    QCOMPARE(exact_uses(photo.view(), side, [](double) { return false; }).error().code, ErrorCode::Stopped);
  }
  void the_nearest_swatch_is_the_nearest_of_all() {
    std::mt19937 random(5);
    auto set = demo_set();
    for (int round = 0; round < 2; ++round) {
      const SwatchMatcher matcher(set);
      for (int i = 0; i < 8000; ++i) {
        const Lab lab = lab_from_srgb(srgb_from_8bit(color_of(Pixel{static_cast<std::uint32_t>(random())})));
        QCOMPARE(matcher.nearest(lab).swatch, by_hand(set, lab));
      }
      // Colorful swatches, where the blue corner has its rotation term; and two at every place.
      for (int i = 0; i < 40; ++i) set.push_back({random_color(random), 9});
      set.insert(set.end(), set.begin(), set.begin() + 20);
    }
    // Of equally near ones the first stands.
    const SwatchMatcher twice({{{0.2, 0.4, 0.6}, 0}, {{0.2, 0.4, 0.6}, 1}});
    QCOMPARE(twice.nearest(lab_from_srgb({0.3, 0.3, 0.3})).swatch, std::size_t{0});
  }

  void by_value_the_family_of_the_hue_is_chosen_first() {
    const std::vector<MatchColor> set{{{0.9, 0.5, 0.2}, 4},
                                      {{0.3, 0.15, 0.05}, 4},
                                      {{0.2, 0.3, 0.9}, 7},
                                      {{0.7, 0.8, 1.0}, 7},
                                      {{0.5, 0.5, 0.5}, 8}};
    const SwatchMatcher matcher(set, Match::Value);
    QCOMPARE(matcher.nearest(Pixel{0xff402010u}).swatch, std::size_t{1});
    QCOMPARE(matcher.nearest(Pixel{0xffc09070u}).swatch, std::size_t{0});
    QCOMPARE(matcher.nearest(Pixel{0xff102060u}).swatch, std::size_t{2});
    QCOMPARE(matcher.nearest(Pixel{0xff202020u}).swatch, std::size_t{4});
  }

  void shares_are_those_of_all_pixels() {
    std::mt19937 random(7);
    Patch photo(60, 40);
    for (int y = 0; y < 40; ++y)
      for (int x = 0; x < 60; ++x)
        photo.at(x, y) = x < 5 ? 0x00123456u : 0xff000000u | (random() & 0xf8f8f8u);
    const auto set = demo_set();
    const SwatchMatcher matcher(set);
    const auto shares = used_shares(distinct_colors(photo.view()), matcher, set.size());
    std::vector<double> expected(set.size(), 0);
    for (int y = 0; y < 40; ++y)
      for (int x = 5; x < 60; ++x)
        expected[by_hand(set, lab_from_srgb(srgb_from_8bit(color_of({photo.at(x, y)}))))] += 1.0 / (55 * 40);
    for (std::size_t i = 0; i < set.size(); ++i) CHECK_NEAR(shares[i], expected[i], 1e-12);
    // A study holds exactly those pixels, transparent ones stay so.
    std::vector<Pixel> study(60 * 40);
    TriedPicture tried;
    tried.right.way = TryWay::Study;
    tried.right.colors = set;
    render_tried(photo.view(), tried, study.data());
    QCOMPARE(study[0].alpha(), 0u);
    for (int i = 0; i < 60 * 40; ++i)
      if (i % 60 >= 5)
        QCOMPARE(study[static_cast<std::size_t>(i)],
                 pixel_of(rounded_8bit(
                     set[by_hand(set, lab_from_srgb(srgb_from_8bit(color_of({photo.at(i % 60, i / 60)}))))]
                         .color)));
    const IndexedPicture picture = indexed(photo.view());
    std::vector<Pixel> words, again(60 * 40);
    for (const auto& c : picture.colors) words.push_back(c.color);
    paint_indexed(picture, words, again.data());
    for (int i = 0; i < 60 * 40; ++i)
      QCOMPARE(again[static_cast<std::size_t>(i)].word, i % 60 < 5 ? 0u : photo.at(i % 60, i / 60));
  }

  void a_live_study_is_the_study_made_anew() {
    std::mt19937 random(23);
    Patch photo(80, 60);
    for (auto& pixel : photo.pixels) pixel = Pixel{static_cast<std::uint32_t>(random() & 0xfcfcfcu)}.opaque();
    const IndexedPicture picture = indexed(photo.view());
    auto set = demo_set();
    LiveStudy live;
    for (int round = 0; round < 40; ++round) {
      if (round % 8 == 7) set.push_back({random_color(random), 3});
      // Now these, now those; and for a while the same one over and over, as in a drag.
      const bool drag = round % 12 > 6;
      for (unsigned n = drag ? 1 : random() % 3; n > 0; --n)
        set[drag ? 5 : random() % set.size()].color = random_color(random);
      const auto& matched = live.matched(picture, set, Match::Color);
      const SwatchMatcher anew(set);
      for (std::size_t i = 0; i < picture.colors.size(); ++i)
        QCOMPARE(matched[i].swatch, anew.nearest(picture.colors[i].color).swatch);
    }
  }

  void what_did_not_move_leaves_every_color() {
    std::vector<SwatchMove> moves;
    for (const auto& c : demo_set()) moves.push_back({c.color, c.color});
    const Follow still(moves);
    for (std::uint32_t w = 0; w < 1u << 24; w += 997)
      QCOMPARE(moved_pixel(still, {0x80000000u | w}), Pixel{0x80000000u | w});
    QVERIFY(Follow({}).still());
  }

  /// Of a drawn picture with all that a picture can have: their pixels, places and colors, as they were
  /// looked at and found right. Written anew with WRITE_AREAS=1, and then to be looked at again.
  void areas_are_as_they_were_found() {
    nlohmann::json all = nlohmann::json::array();
    const Patch photo = of_everything();
    for (const auto& [count, smallest, smoothing] :
         {std::tuple(30, 0.02, 0.1), {8, 0.5, 0.1}, {60, 0.0, 0.0}, {20, 0.02, 1.5}}) {
      AreaSpec spec;
      spec.count = count, spec.smallest = smallest, spec.smoothing = smoothing;
      Areas areas = cut_into_areas(photo.view(), spec).value();
      all.push_back(told(areas));
      edit_areas(areas, photo.view(), {AreaEdit::Kind::Merge, 40, 40, 200, 60});
      edit_areas(areas, photo.view(), {AreaEdit::Kind::Split, 40, 40});
      edit_areas(areas, photo.view(), {AreaEdit::Kind::Split, 120, 150});
      all.push_back(told(areas));
    }
    QFile kept(QStringLiteral(REFERENCE_FOLDER "/areas.json"));
    if (qEnvironmentVariableIsSet("WRITE_AREAS")) {
      QVERIFY(kept.open(QFile::WriteOnly) && kept.write(QByteArray::fromStdString(all.dump(1)) + '\n') > 0);
      return;
    }
    const auto known = reference_json("areas.json");
    QCOMPARE(all.size(), known.size());
    for (std::size_t i = 0; i < all.size(); ++i) {
      QCOMPARE(all[i].size(), known[i].size());
      for (std::size_t k = 0; k < all[i].size(); ++k) {
        const auto &got = all[i][k], &wanted = known[i][k];
        // Compilers differ in the last digits, and so may a pixel or two.
        QVERIFY2(std::abs(int(got["pixels"]) - int(wanted["pixels"])) <= 2, got.dump().c_str());
        QVERIFY2(got["x"] == wanted["x"] && got["y"] == wanted["y"], got.dump().c_str());
        for (std::size_t c = 0; c < 3; ++c)
          QVERIFY2(std::abs(double(got["mean"][c]) - double(wanted["mean"][c])) < 2e-4, got.dump().c_str());
      }
    }
  }

  /// Against a second way, in another language (tests/reference/make_follow.py).
  void every_color_goes_the_way_that_the_moves_say() {
    const auto color = [](const nlohmann::json& c) { return Srgb{c[0], c[1], c[2]}; };
    int checked = 0;
    for (const auto& known : reference_json("follow.json")) {
      std::vector<SwatchMove> moves;
      for (const auto& m : known["moves"]) moves.push_back({color(m[0]), color(m[1])});
      const Follow follow(moves, known["softness"]);
      for (const auto& c : known["colors"]) {
        const Follow::Moved moved = follow.moved(color(c["color"]));
        const Oklab became = oklab_from_xyz(xyz_from_lab(moved.wanted));
        CHECK_NEAR(moved.wanted.l, double(c["becomes"][0]), 1e-4);
        QVERIFY(std::abs(became.a - double(c["becomes"][1])) < 1e-5);
        QVERIFY(std::abs(became.b - double(c["becomes"][2])) < 1e-5);
        QCOMPARE(moved.reduced, brought_into_gamut_needed(moved.wanted));
        ++checked;
      }
    }
    QCOMPARE(checked, 120);
  }

  void a_color_at_a_swatch_becomes_the_swatch() {
    std::mt19937 random(11);
    for (int round = 0; round < 20; ++round) {
      std::vector<SwatchMove> moves;
      for (const auto& c : demo_set())
        if (c.color != srgb_from_8bit(color_of(Pixel{0x727f98})))
          moves.push_back({c.color, random_color(random)});
      const Follow follow(moves);
      for (const SwatchMove& m : moves)
        QVERIFY(ciede2000(lab_from_srgb(follow.moved(m.from).color), lab_from_srgb(m.to)) < 0.5);
    }
  }

  void a_turn_and_a_ratio_of_the_whole_set_are_exact() {
    std::mt19937 random(13);
    for (const auto& [degrees, ratio] : {std::pair{30.0, 1.0}, {0.0, 0.6}, {-75.0, 1.3}}) {
      std::vector<SwatchMove> moves;
      for (const auto& c : demo_set()) moves.push_back({c.color, turned(c.color, degrees, ratio)});
      const Follow follow(moves);
      for (int i = 0; i < 2000; ++i) {
        const Srgb color = random_color(random);
        const Oklab from = oklab_from_srgb(color);
        const Oklab to = oklab_from_xyz(xyz_from_lab(follow.moved(color).wanted));
        if (std::hypot(from.a, from.b) < 0.01) continue;
        CHECK_ANGLE(hue_of(to), hue_of(from) + degrees, 0.5);
        CHECK_NEAR(std::hypot(to.a, to.b), ratio * std::hypot(from.a, from.b), 0.01);
      }
    }
  }

  void a_shift_or_contrast_keeps_values_in_order() {
    for (const auto& [contrast, shift] : {std::pair{1.0, -12.0}, {0.5, 25.0}, {1.5, -25.0}}) {
      std::vector<SwatchMove> moves;
      for (const auto& c : demo_set()) {
        const Lab lab = lab_from_srgb(c.color);
        const double l = std::clamp(contrast * lab.l + shift, 2.0, 98.0);
        if (l != contrast * lab.l + shift) continue;
        moves.push_back({c.color, srgb_from_xyz(xyz_from_lab({l, lab.a * 0.5, lab.b * 0.5}))});
      }
      QVERIFY(moves.size() > 8);
      const Follow follow(moves);
      for (double hue = 0; hue < 360; hue += 30) {
        double before = -1;
        for (double l = 0.2; l < 0.95; l += 0.01) {
          const auto ab = std::polar(0.03, hue * std::numbers::pi / 180);
          const double value = follow.moved(srgb_from_oklab({l, ab.real(), ab.imag()})).wanted.l;
          QVERIFY2(value >= before - 1e-9, qPrintable(QString("%1 after %2").arg(value).arg(before)));
          before = value;
        }
      }
    }
  }

  void a_smooth_ramp_stays_smooth() {
    // The set is warmed where it is light and cooled where it is dark.
    std::vector<SwatchMove> moves;
    for (const auto& c : demo_set()) {
      Lab lab = lab_from_srgb(c.color);
      lab.b += (lab.l - 50) * 0.2;
      lab.l = 10 + 0.8 * lab.l;
      moves.push_back({c.color, brought_into_gamut_at_value(xyz_from_lab(lab))});
    }
    const Follow follow(moves);
    Lab last{};
    for (int i = 0; i < 512; ++i) {
      const double t = i / 511.0;
      const Lab lab = lab_from_srgb(follow.moved(Srgb{0.1 + 0.8 * t, 0.12 + 0.6 * t, 0.25 + 0.3 * t}).color);
      if (i > 0) QVERIFY2(ciede2000(last, lab) < 3, qPrintable(QString::number(ciede2000(last, lab))));
      last = lab;
    }
  }

  void what_strays_is_counted_by_band() {
    Patch photo(10, 10);
    for (int y = 0; y < 10; ++y)
      for (int x = 0; x < 10; ++x) photo.at(x, y) = y < 2 ? 0xff00a040u : y < 5 ? 0xff202020u : 0xffd8904au;
    const std::vector<MatchColor> set{{srgb_from_8bit({0xd8, 0x90, 0x4a}), 0},
                                      {srgb_from_8bit({0x22, 0x20, 0x20}), 0}};
    const SwatchMatcher matcher(set);
    const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
    const WheelPoint orange = wheel.locate(set[0].color);
    const MaskRegion region(pattern_mask({Pattern::Analogous, orange.a, 40}));
    const MaskMapper mapper(wheel, region);
    const auto shares =
        stray_shares(distinct_colors(photo.view()), StrayChecker(&matcher, &mapper, {10, 1}), Bands());
    CHECK_NEAR(sum(shares.far), 0.2, 1e-12);
    CHECK_NEAR(shares.far.middle, 0.2, 1e-12);
    QVERIFY(shares.outside.middle >= 0.2 - 1e-12);
    CHECK_NEAR(shares.all.dark, 0.3, 1e-12);
    const auto found = needs(photo.view(), set, 4, 10);
    QVERIFY(found && found->missing.size() == 1);
    QCOMPARE(found->present, 2);
    QCOMPARE(found->needed(), 3);
    const MissingColor& lack = found->missing.front();
    CHECK_NEAR(lack.share, 0.2, 1e-12);
    QCOMPARE(pixel_of(rounded_8bit(lack.color)).word, 0xff00a040u);
    QVERIFY(lack.y < 2 && lack.nearest);
    // Without a set everything is lacking; nothing strays from what is not there.
    QVERIFY(needs(photo.view(), {}, 4, 10)->missing.size() >= 2);
    QVERIFY(!StrayChecker(nullptr, nullptr, {}).stray({0xff00ff00u}).far);
    QVERIFY(!needs(photo.view(), set, 0, 10) && !needs(photo.view(), set, 4, 51));
  }

  void a_white_wall_takes_the_color_of_the_light_and_haze_hides_all() {
    // A white wall in lamplight is the color of the lamp, at the brightest that the display has.
    const Srgb light = srgb_from_8bit({0xff, 0xb4, 0x6b});
    const UnderLight lamp(light, 1, 0);
    QVERIFY(ciede2000(lab_from_srgb(lamp.seen({1, 1, 1})), lab_from_srgb(light)) < 0.1);
    const LinearRgb half = linear_from_srgb(light);
    const Srgb darker = srgb_from_linear({half.r / 2, half.g / 2, half.b / 2});
    QVERIFY(largest_step(UnderLight(darker, 1, 0).seen({0.4, 0.5, 0.5}), lamp.seen({0.4, 0.5, 0.5})) < 0.01);
    // Greys keep its hue and saturation all the way up, and their order.
    double before = -1;
    for (const std::uint8_t grey : {64, 128, 192, 224, 255}) {
      const Srgb seen = lamp.seen(srgb_from_8bit({grey, grey, grey}));
      const LinearRgb c = linear_from_srgb(seen), whole = linear_from_srgb(light);
      QVERIFY(std::abs(c.g / c.r - whole.g / whole.r) < 0.01 &&
              std::abs(c.b / c.r - whole.b / whole.r) < 0.01);
      QVERIFY(value_of(seen) > before);
      before = value_of(seen);
    }
    // A yellow stays yellow under a yellow light; under a red one a red is no orange and a green does not
    // glow.
    const auto hue = [](Srgb c) { return lch_from_oklab(oklab_from_srgb(c)).h; };
    const auto chroma = [](Srgb c) { return lch_from_oklab(oklab_from_srgb(c)).c; };
    const Srgb yellow{0.95, 0.85, 0.1}, red{0.8, 0.1, 0.1}, green{0.1, 0.6, 0.2};
    const Srgb in_yellow = UnderLight({1, 0.9, 0.3}, 1, 0).seen(yellow);
    QVERIFY(std::abs(hue(in_yellow) - hue(yellow)) < 6 && chroma(in_yellow) > 0.9 * chroma(yellow));
    const UnderLight red_light({1, 0.2, 0.15}, 1, 0);
    QVERIFY(std::abs(hue(red_light.seen(red)) - hue(red)) < 6);
    QVERIFY(value_of(red_light.seen(green)) < value_of(green) - 10);
    // Each color by hand: its curve times the light's, band by band.
    const Srgb leaf{0.4, 0.5, 0.3};
    const Reflectance ratio = *light_of(light), curve = paint_of(leaf).curve;
    Reflectance product;
    for (int i = 0; i < kBands; ++i) product[i] = ratio[i] * curve[i];
    QVERIFY(largest_step(lamp.seen(leaf), srgb_from_xyz(xyz_of_reflectance(product))) < 2e-3);
    // A stop is twice the light; a grey light at its own exposure changes nothing.
    const Srgb dim = UnderLight(light, 1, -1).seen({0.5, 0.5, 0.5});
    CHECK_NEAR(luminance_from_lightness(value_of(dim)) * 2,
               luminance_from_lightness(value_of(lamp.seen({0.5, 0.5, 0.5}))), 1e-6);
    QVERIFY(largest_step(UnderLight({0.7, 0.7, 0.7}, 1, 0).seen(green), green) < 2e-3);
    QVERIFY(!UnderLight(light, 0, 0).changes() && !UnderLight({0, 0, 0}, 1, 0).changes());
    for (const Srgb pure : {Srgb{1, 0, 0}, Srgb{0, 1, 0}, Srgb{0, 0, 1}, Srgb{1, 1, 0}})
      QVERIFY(ciede2000(lab_from_srgb(UnderLight(pure, 1, 0).seen({1, 1, 1})), lab_from_srgb(pure)) < 0.5);
    QVERIFY(largest_step(into_distance({0.2, 0.7, 0.4}, light, 1), light) < 1e-9);
    QCOMPARE(into_distance({0.2, 0.7, 0.4}, light, 0), (Srgb{0.2, 0.7, 0.4}));
  }
};

QTEST_APPLESS_MAIN(TryTest)
#include "try_test.moc"
