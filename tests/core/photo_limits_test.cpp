// SPDX-License-Identifier: GPL-3.0-or-later
// Photos at the edge of what they can be: transparent in part, a part of another, one tone, all at a limit.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/image/blur.h"
#include "core/image/extract.h"
#include "core/image/fit.h"
#include "core/image/places.h"
#include "core/image/through_mask.h"
#include "core/image/values.h"
#include "core/mask/patterns.h"
#include "support/check.h"
#include "support/patch.h"

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

/// Four colors in a pattern, so that nothing is alike from place to place.
std::uint32_t pattern_word(int x, int y) {
  constexpr std::uint32_t words[] = {0xff203040u, 0xff8a5a30u, 0xffe0d0b0u, 0xff507060u};
  return words[static_cast<std::size_t>((x * 7 + y * 3) / 5) % 4];
}

/// A picture of 40 x 30 in the midst of loud colors that do not count.
Patch surrounded(std::uint32_t around) {
  Patch out(70, 50);
  std::mt19937 random(3);
  for (int y = 0; y < 50; ++y)
    for (int x = 0; x < 70; ++x)
      out.at(x, y) =
          x >= 10 && x < 50 && y >= 5 && y < 35 ? pattern_word(x, y) : around | (random() & 0x00ffffffu);
  return out;
}

Patch copy_of(const PixelView& view) {
  Patch out(view.width, view.height);
  for (int y = 0; y < view.height; ++y)
    for (int x = 0; x < view.width; ++x) out.at(x, y) = view.row(y)[x].word;
  return out;
}

void compare_analyses(const PixelView& one, const PixelView& other, int dx, int dy) {
  const FineValues values = fine_values(one);
  QCOMPARE(values, fine_values(other));
  QCOMPARE(key_of(values), key_of(fine_values(other)));
  const Wheel wheel({HueScale::Light, SaturationMeasure::Hsv});
  const auto places = color_places(one, wheel), others = color_places(other, wheel);
  QCOMPARE(places.size(), others.size());
  for (std::size_t i = 0; i < places.size(); ++i)
    QVERIFY(places[i].color == others[i].color && places[i].weight == others[i].weight &&
            places[i].at == others[i].at);
  const MaskRegion region(pattern_mask({Pattern::Analogous, 40, 80}));
  QCOMPARE(share_inside(places, region), share_inside(others, region));
  QCOMPARE(footprint_of(places, 32).weight, footprint_of(others, 32).weight);
  for (const MaskUse use : {MaskUse::Ignore, MaskUse::InsideOnly, MaskUse::MapInto}) {
    ExtractionSpec spec;
    spec.count = 9;
    spec.mask = use;
    const auto a = extract_colors(one, spec, &wheel, &region),
               b = extract_colors(other, spec, &wheel, &region);
    QVERIFY(a && b && !a->colors.empty());
    QCOMPARE(a->missing, b->missing);
    QCOMPARE(a->colors.size(), b->colors.size());
    for (std::size_t i = 0; i < a->colors.size(); ++i) {
      QCOMPARE(a->colors[i].color, b->colors[i].color);
      QCOMPARE(a->colors[i].share, b->colors[i].share);
      // The pixel is one of that color, wherever it stands.
      const auto &p = a->colors[i], &q = b->colors[i];
      QCOMPARE(one.row(p.y)[p.x], other.row(q.y)[q.x]);
      if (dx == 0 && dy == 0) QVERIFY(p.x == q.x && p.y == q.y);
    }
  }
}

} // namespace

class PhotoLimitsTest : public QObject {
  Q_OBJECT
private slots:
  void what_is_transparent_counts_nowhere() {
    const Patch photo = surrounded(0);
    const Patch alone = copy_of(part_of(photo.view(), {10, 5, 40, 30}));
    compare_analyses(photo.view(), alone.view(), 10, 5);
    const BandShares shares = band_shares(fine_values(photo.view()), {});
    CHECK_NEAR(shares.dark + shares.middle + shares.light, 1, 1e-12);
    // Every look keeps what is transparent transparent, pixel by pixel.
    std::vector<Pixel> out(photo.pixels.size());
    const auto keeps_alpha = [&](const char* look) {
      for (std::size_t i = 0; i < out.size(); ++i) QVERIFY2(out[i].alpha() == photo.pixels[i].alpha(), look);
    };
    to_value_greys(photo.pixels.data(), out.data(), out.size());
    keeps_alpha("value");
    to_flat_tones(photo.view(), even_tones(4), out.data());
    keeps_alpha("flat");
    const Wheel wheel(WheelSpec{});
    const MaskMapper mapper(wheel, MaskRegion(pattern_mask({Pattern::Single, 200, 20})));
    mapper.map(photo.view(), out.data());
    keeps_alpha("mask");
    squint(photo.view(), 0, out.data());
    QVERIFY(out == photo.pixels);
    // Squinting, colors run into what is transparent, and none of its own comes out.
    Patch lamp(31, 9, 0x00ff00ffu);
    for (int x = 10; x < 20; ++x)
      for (int y = 0; y < 9; ++y) lamp.at(x, y) = 0xff406020u;
    std::vector<Pixel> soft(lamp.pixels.size());
    squint(lamp.view(), 2, soft.data());
    for (const auto w : soft)
      if (w.alpha() > 8)
        QVERIFY(std::abs(int(w.r()) - 0x40) <= 3 && std::abs(int(w.g()) - 0x60) <= 3 &&
                std::abs(int(w.b()) - 0x20) <= 3);
    QVERIFY(soft[4 * 31 + 15].alpha() > 240 && soft[4 * 31].alpha() < 4);
    // A sample weighs by how much is there.
    Patch veil(2, 1, 0xff000000u);
    veil.at(1, 0) = 0x33ffffffu;
    CHECK_NEAR(sample_average(veil.view(), 0, 0, 3)->r, encoded_from_linear(51.0 / 306), 1e-6);
    QCOMPARE(mapper.mapped({0x40ff0000u}).alpha(), 0x40u);
    QCOMPARE(mapper.mapped({0x40ff0000u}).rgb(), mapper.mapped({0xffff0000u}).rgb());
    QVERIFY(!mapper.keeps({0xffff0000u}) && mapper.keeps(mapper.mapped({0xff808080u})));
    // Less than half there is not taken for a palette, half is.
    for (const auto& [alpha, taken] : {std::pair{0x7f000000u, false}, {0x80000000u, true}}) {
      const Patch thin(6, 6, alpha | 0x336699u);
      QCOMPARE(extract_colors(thin.view(), {}).ok(), taken);
    }
  }
  void a_part_is_a_photo_of_its_own() {
    const Patch photo = surrounded(0xff000000u);
    const PixelView part = part_of(photo.view(), {10, 5, 40, 30});
    const Patch alone = copy_of(part);
    compare_analyses(part, alone.view(), 0, 0);
    std::vector<Pixel> one(1200), other(1200);
    const auto same = [&](const char* look) { QVERIFY2(one == other, look); };
    to_flat_tones(part, even_tones(5), one.data());
    to_flat_tones(alone.view(), even_tones(5), other.data());
    same("flat");
    for (const double radius : {0.0, 0.3, 2.5}) {
      squint(part, radius, one.data());
      squint(alone.view(), radius, other.data());
      same("squint");
    }
    const MaskMapper mapper(Wheel(WheelSpec{}), MaskRegion(pattern_mask({Pattern::Single, 200, 20})));
    mapper.map(part, one.data());
    mapper.map(alone.view(), other.data());
    same("mask");
    for (const int side : {1, 5, 31, 101})
      QCOMPARE(sample_average(part, 3, 29, side), sample_average(alone.view(), 3, 29, side));
    QVERIFY(!sample_average(part, 40, 3, 5) && !sample_average(part, 3, 30, 5));
    // Cut to the photo on every side.
    const auto cut = [&](PixelRect r) { return cut_to(r, photo.view()); };
    QCOMPARE(cut({10, 5, 40, 30}), (PixelRect{10, 5, 40, 30}));
    QCOMPARE(cut({-3, -4, 10, 10}), (PixelRect{0, 0, 7, 6}));
    QCOMPARE(cut({65, 45, 10, 10}), (PixelRect{65, 45, 5, 5}));
    QCOMPARE(cut({70, 3, 2, 2}).width, 0);
    QCOMPARE(cut({5, 5, -2, 3}).width, 0);
    QCOMPARE(part_of(photo.view(), {60, 40, 99, 99}).row(0)[0], photo.pixels[40 * 70 + 60]);
  }
  void values_stand_in_their_bins() {
    Patch ends(3, 1, 0xffffffffu);
    ends.at(1, 0) = 0xff000000u;
    ends.at(2, 0) = 0x80000000u;
    const FineValues values = fine_values(ends.view());
    CHECK_NEAR(values[1000], 1, 1e-12);
    CHECK_NEAR(values[0], 1 + 128 / 255.0, 1e-12);
    const auto at = [](std::initializer_list<std::pair<int, double>> bins) {
      FineValues out{};
      for (const auto& [bin, weight] : bins) out[static_cast<std::size_t>(bin)] = weight;
      return out;
    };
    // Rounded to the nearest whole value, halves up.
    const auto whole =
        whole_values(at({{0, 1}, {4, 2}, {5, 4}, {14, 8}, {15, 16}, {994, 32}, {995, 64}, {1000, 128}}));
    QVERIFY(whole[0] == 3 && whole[1] == 12 && whole[2] == 16 && whole[99] == 32 && whole[100] == 192);
    // A key is low below 35 and high above 65, by the middle pixel.
    const std::pair<FineValues, const char*> keys[] = {{at({{349, 1}}), "low key"},
                                                       {at({{350, 1}}), "middle key"},
                                                       {at({{650, 1}}), "middle key"},
                                                       {at({{651, 1}}), "high key"},
                                                       {at({{100, 49}, {900, 51}}), "high key"},
                                                       {at({{100, 50}, {900, 50}}), "low key"},
                                                       {at({{100, 51}, {900, 49}}), "low key"}};
    for (const auto& [spread, key] : keys) QCOMPARE(key_of(spread), std::string_view(key));
    // Bands begin at their limits.
    const Bands bands{20, 70};
    const BandShares shares = band_shares(at({{199, 1}, {200, 2}, {699, 3}, {700, 4}}), bands);
    QVERIFY(shares.dark == 0.1 && shares.middle == 0.5 && shares.light == 0.4);
    for (const auto& [value, band] :
         {std::pair{19.99, Band::Dark}, {20.0, Band::Middle}, {69.99, Band::Middle}, {70.0, Band::Light}})
      QCOMPARE(band_of(value, bands), band);
  }
  void tones_have_their_limits_and_levels() {
    FineValues values{};
    values[100] = 1;
    values[200] = 3;
    values[600] = 1;
    values[1000] = 2;
    // Given in any order; a value on a limit belongs to the upper tone; an empty tone has its middle.
    const FlatTones tones = flat_tones(values, {80, 20, 40});
    QCOMPARE(tones.limits, (std::vector<double>{20, 40, 80}));
    QCOMPARE(tones.levels, (std::vector<double>{10, 20, 60, 100}));
    QCOMPARE(flat_tones(values, {70, 90}).levels[1], 80.0);
    QCOMPARE(flat_tones({}, {50}).levels, (std::vector<double>{25, 75}));
    QCOMPARE(even_tones(2).limits, (std::vector<double>{50}));
    QCOMPARE(even_tones(2).levels, (std::vector<double>{0, 100}));
    QCOMPARE(even_tones(5).limits, (std::vector<double>{12.5, 37.5, 62.5, 87.5}));
    QCOMPARE(even_tones(5).levels, (std::vector<double>{0, 25, 50, 75, 100}));
    // Tones far apart are parted between them, whatever their weights.
    QCOMPARE(flat_limits(values, 2).size(), std::size_t{1});
    const auto limits = flat_limits(values, 4);
    const int bins[] = {100, 200, 600, 1000};
    for (std::size_t i = 0; i < 3; ++i)
      QVERIFY(limits[i] > bins[i] / 10.0 && limits[i] <= bins[i + 1] / 10.0);
  }
  void places_fall_into_their_cells() {
    const auto place = [](DiscPoint at, double weight) { return ColorPlace{at, weight, {}}; };
    const Footprint print = footprint_of(
        {place({-1, 1}, 1), place({1, 1}, 2), place({-1, -1}, 3), place({1, -1}, 4), place({0.01, 0.01}, 5)},
        4);
    QCOMPARE(print.size, 4);
    QVERIFY(print.weight[0] == 1 && print.weight[3] == 2 && print.weight[12] == 3 && print.weight[15] == 4 &&
            print.weight[6] == 5);
    const MaskRegion right(Mask{{}, {{AreaMode::Adds, RingSector{0, 180, 0, 1}}}, 0, {}});
    CHECK_NEAR(share_inside({place({0.5, 0}, 3), place({-0.5, 0}, 1)}, right), 0.75, 1e-12);
    // The same colors on another wheel stand where it has them.
    const Patch photo = surrounded(0xff000000u);
    const Wheel one({HueScale::Light, SaturationMeasure::Hsv}),
        other({HueScale::Even, SaturationMeasure::Hsluv});
    const auto there = relocated(color_places(photo.view(), one), other),
               direct = color_places(photo.view(), other);
    QCOMPARE(there.size(), direct.size());
    for (std::size_t i = 0; i < there.size(); ++i)
      QVERIFY(there[i].at == direct[i].at && there[i].weight == direct[i].weight);
    // A box of like colors stands for its middle.
    const Patch dark(4, 4, 0xff010203u);
    const auto boxed = color_places(dark.view(), one);
    QCOMPARE(boxed.size(), std::size_t{1});
    QVERIFY(largest_step(boxed[0].color, {1.5 / 255, 1.5 / 255, 1.5 / 255}) < 1e-9 && boxed[0].weight == 16);
  }
  void extraction_is_asked_for_what_can_be_given() {
    ExtractionSpec spec;
    const auto good = [&spec](bool mask = false) { return validate(spec, mask).ok(); };
    for (const auto& [count, fine] : {std::pair{1, true}, {200, true}, {0, false}, {201, false}}) {
      spec.count = count;
      QCOMPARE(good(), fine);
    }
    spec.count = 0; // Quotas come before the count.
    const std::pair<BandCounts, bool> quotas[] = {
        {{0, 0, 1}, true},   {{0, 0, 0}, false},  {{100, 50, 50}, true}, {{100, 50, 51}, false},
        {{-1, 5, 5}, false}, {{5, -1, 5}, false}, {{5, 5, -1}, false}};
    for (const auto& [counts, fine] : quotas) {
      spec.quotas = counts;
      QCOMPARE(good(), fine);
    }
    spec = {};
    for (const auto& [least, fine] : {std::pair{0.0, true}, {50.0, true}, {-0.1, false}, {50.1, false}}) {
      spec.least_difference = least;
      QCOMPARE(good(), fine);
    }
    spec = {};
    for (const MaskUse use : {MaskUse::Ignore, MaskUse::InsideOnly, MaskUse::MapInto}) {
      spec.mask = use;
      QVERIFY(good(true) && good(false) == (use == MaskUse::Ignore));
      const Wheel wheel(WheelSpec{});
      const MaskRegion empty((Mask())), triad(pattern_mask({Pattern::Triad, 0, 0}));
      const Patch photo = surrounded(0);
      QCOMPARE(extract_colors(photo.view(), spec, &wheel, &empty).ok(), use == MaskUse::Ignore);
      QVERIFY(extract_colors(photo.view(), spec, &wheel, &triad));
      QCOMPARE(extract_colors(photo.view(), spec, nullptr, &triad).ok(), use == MaskUse::Ignore);
    }
  }
  void extraction_answers_in_order_and_in_full() {
    // Five flat colors of known shares, two of them nearly alike.
    Patch photo(100, 10);
    const std::pair<int, std::uint32_t> bars[] = {
        {40, 0xff182028u}, {25, 0xff7a5c3cu}, {20, 0xffe8d8b8u}, {10, 0xff7b5d3cu}, {5, 0xffc02020u}};
    int x = 0;
    for (const auto& [width, word] : bars)
      for (int end = x + width; x < end; ++x)
        for (int y = 0; y < 10; ++y) photo.at(x, y) = word;
    ExtractionSpec spec;
    spec.count = 10;
    const auto made = extract_colors(photo.view(), spec);
    QCOMPARE(made->colors.size(), std::size_t{4});
    QCOMPARE(made->missing, 6);
    QCOMPARE(made->unmet, BandCounts{});
    // From light to dark, in a band by share; each with a pixel of its own.
    const std::pair<std::uint32_t, double> expected[] = {
        {0xffe8d8b8u, 0.2}, {0xff7a5c3cu, 0.35}, {0xffc02020u, 0.05}, {0xff182028u, 0.4}};
    for (std::size_t i = 0; i < 4; ++i) {
      const ExtractedColor& c = made->colors[i];
      QCOMPARE(pixel_of(rounded_8bit(c.color)).word, expected[i].first);
      CHECK_NEAR(c.share, expected[i].second, 1e-9);
      QCOMPARE(photo.at(c.x, c.y), expected[i].first);
      QCOMPARE(c.band, band_of(value_of(c.color), spec.bands));
    }
    // With no least difference the two that are nearly alike come apart.
    spec.least_difference = 0;
    QCOMPARE(extract_colors(photo.view(), spec)->colors.size(), std::size_t{5});
    // What is kept is not given again, however near others may come.
    spec.kept = {srgb_from_8bit({0x7a, 0x5c, 0x3c})};
    QCOMPARE(extract_colors(photo.view(), spec)->colors.size(), std::size_t{4});
    // What is kept fills its quota and takes its share.
    spec.least_difference = 3;
    spec.quotas = BandCounts{1, 2, 1};
    spec.kept = {srgb_from_8bit({0x7a, 0x5c, 0x3c})};
    const auto rest = extract_colors(photo.view(), spec);
    QCOMPARE(rest->colors.size(), std::size_t{3});
    QCOMPARE(rest->unmet, BandCounts{});
    CHECK_NEAR(rest->colors[1].share, 0.05, 1e-9);
    // More kept than wanted asks for nothing more.
    spec.quotas = BandCounts{0, 0, 0};
    spec.quotas->middle = 1;
    spec.kept.push_back({0.5, 0.5, 0.5});
    const auto none = extract_colors(photo.view(), spec);
    QVERIFY(none && none->colors.empty() && none->unmet == BandCounts{});
    // Told how far it is, from nothing to all, and stopped at any time.
    spec = {};
    std::vector<double> told;
    QVERIFY(extract_colors(photo.view(), spec, nullptr, nullptr, [&](double share) {
      told.push_back(share);
      return true;
    }));
    QVERIFY(std::is_sorted(told.begin(), told.end()) && told.front() == 0 && told.back() == 1);
    for (const double at : told)
      QCOMPARE(extract_colors(photo.view(), spec, nullptr, nullptr, [at](double s) { return s < at; })
                   .error()
                   .code,
               ErrorCode::Stopped);
  }
  void fits_are_asked_for_what_can_be_given() {
    const Patch photo = surrounded(0);
    const Wheel wheel({HueScale::Light, SaturationMeasure::Hsv});
    const auto places = color_places(photo.view(), wheel);
    for (const double hold : {0.0, -0.1, 1.001, std::nan("")})
      QVERIFY(!fit_pattern(places, Pattern::Analogous, hold) && !fit_polygon(places, 5, hold));
    for (const auto& [points, good] : {std::pair{2, false}, {3, true}, {24, true}, {25, false}})
      QCOMPARE(fit_polygon(places, points, 0.5).ok(), good);
    QVERIFY(!fit_polygon({}, 5, 0.5) && !fit_pattern({}, Pattern::Single, 0.5));
    // How far it is goes on evenly, to near the end.
    double told = 0, longest = 0;
    QVERIFY(fit_pattern(places, Pattern::Analogous, 0.5, [&](double done) {
      longest = std::max(longest, done - std::exchange(told, done));
      return true;
    }));
    QVERIFY2(longest < 0.16 && told > 0.9 && told <= 1, std::to_string(longest).c_str());
    // Everything: every place lies inside, and the numbers are those of the mask.
    const auto all = fit_polygon(places, 24, 1);
    QVERIFY(all && all->reached && all->mask.name == "fitted");
    CHECK_NEAR(all->inside, 1, 1e-12);
    CHECK_NEAR(all->area, MaskRegion(all->mask).share(), 1e-12);
    // A pattern that cannot hold it says so and holds as much as it can.
    const std::vector<ColorPlace> apart{{disc_point(Angle(0), 0.9), 3, {}},
                                        {disc_point(Angle(150), 0.9), 1, {}}};
    const auto most = fit_pattern(apart, Pattern::Single, 1),
               enough = fit_pattern(apart, Pattern::Single, 0.75);
    QVERIFY(!most->reached && enough->reached);
    CHECK_NEAR(most->inside, 0.75, 1e-9);
    CHECK_NEAR(enough->inside, 0.75, 1e-9);
    QVERIFY(MaskRegion(enough->mask).inside(apart[0].at));
    // Two places are on a line, and one is a point: a small round area holds what it can of them.
    QVERIFY(fit_polygon({{{0.2, 0.1}, 1, {}}}, 5, 1)->reached);
  }
};

QTEST_APPLESS_MAIN(PhotoLimitsTest)
#include "photo_limits_test.moc"
