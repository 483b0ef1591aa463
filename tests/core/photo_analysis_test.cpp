// SPDX-License-Identifier: GPL-3.0-or-later
// What is read from photos: values, flat tones, squinting, places on the wheel, the mask, palettes.
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

#include <numeric>
#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

/// Clouds of color of different size and value, with grain: much like a photo.
Patch scene(int width, int height, unsigned seed = 5) {
  std::mt19937_64 random(seed);
  std::normal_distribution<double> grain(0, 3);
  const Srgb hues[] = {
      {0.9, 0.75, 0.5}, {0.8, 0.4, 0.2}, {0.3, 0.35, 0.5}, {0.1, 0.12, 0.2}, {0.15, 0.3, 0.2}};
  Patch out(width, height);
  for (int y = 0; y < height; ++y)
    for (int x = 0; x < width; ++x) {
      const double place = 2.5 + 2.4 * std::sin(6.0 * x / width) * std::cos(5.0 * y / height);
      const auto i = static_cast<std::size_t>(std::clamp(place, 0.0, 3.999));
      const double t = std::clamp(place - static_cast<double>(i), 0.0, 1.0);
      const auto level = [&](double a, double b) {
        return static_cast<std::uint32_t>(std::clamp(255 * (a + t * (b - a)) + grain(random), 0.0, 255.0));
      };
      out.at(x, y) = 0xff000000u | level(hues[i].r, hues[i + 1].r) << 16 |
                     level(hues[i].g, hues[i + 1].g) << 8 | level(hues[i].b, hues[i + 1].b);
    }
  return out;
}

double spread_inside(const FineValues& values, const std::vector<double>& limits) {
  const FlatTones tones = flat_tones(values, limits);
  double sum = 0;
  for (std::size_t i = 0; i < values.size(); ++i) {
    const double v = static_cast<double>(i) / 10;
    const auto tone = std::upper_bound(limits.begin(), limits.end(), v) - limits.begin();
    sum += values[i] * std::pow(v - tones.levels[static_cast<std::size_t>(tone)], 2);
  }
  return sum;
}

double value_of_pixel(Pixel p) { return value_of(srgb_from_8bit(color_of(p))); }

} // namespace

class PhotoAnalysisTest : public QObject {
  Q_OBJECT
private slots:
  void fine_values_agree_with_every_pixel();
  void flat_limits_have_the_least_spread();
  void tones_are_parted_where_they_differ();
  void flat_tones_are_flat_and_keep_order();
  void squinting_keeps_the_light();
  void places_and_shares_agree_with_every_pixel();
  void through_the_mask_keeps_value_and_lies_inside();
  void extraction_meets_quotas_and_differences();
  void extraction_finds_what_is_small_in_a_large_photo();
  void a_small_far_off_color_is_never_lost();
  void extraction_stays_in_the_mask();
  void a_refill_keeps_its_distance_from_what_is_kept();
  void extraction_is_the_same_every_time_and_stops();
  void odd_pictures_do_no_harm();
  void fits_hold_what_they_promise();
};

void PhotoAnalysisTest::fine_values_agree_with_every_pixel() {
  const Patch photo = scene(120, 90);
  const FineValues values = fine_values(photo.view());
  FineValues by_hand{};
  for (const auto w : photo.pixels) ++by_hand[static_cast<std::size_t>(std::lround(10 * value_of_pixel(w)))];
  // A pixel next to the border of two tenths may fall to either, none further.
  double up_to = 0, by_hand_up_to = 0;
  for (std::size_t i = 0; i + 1 < values.size(); ++i) {
    up_to += values[i];
    by_hand_up_to += by_hand[i];
    QVERIFY(up_to >= by_hand_up_to - by_hand[i] - 1e-9 && up_to <= by_hand_up_to + by_hand[i + 1] + 1e-9);
  }
  const auto whole = whole_values(values);
  CHECK_NEAR(std::accumulate(whole.begin(), whole.end(), 0.0), double(photo.pixels.size()), 1e-9);
}

void PhotoAnalysisTest::flat_limits_have_the_least_spread() {
  const Patch photo = scene(160, 120);
  const FineValues values = fine_values(photo.view());
  for (int tones = 2; tones <= 5; ++tones) {
    const auto limits = flat_limits(values, tones);
    QCOMPARE(limits.size(), static_cast<std::size_t>(tones - 1));
    QVERIFY(std::is_sorted(limits.begin(), limits.end()));
    const double best = spread_inside(values, limits);
    // Nothing nearby is better, nor is anything at random.
    std::mt19937_64 random(3);
    std::uniform_real_distribution<double> any(0, 100), near(-6, 6);
    for (int i = 0; i < 300; ++i) {
      auto other = limits;
      for (double& limit : other) limit = i % 2 ? any(random) : std::clamp(limit + near(random), 0.0, 100.0);
      std::sort(other.begin(), other.end());
      QVERIFY(spread_inside(values, other) >= best * 0.995);
    }
  }
  // Two greys are parted between them.
  FineValues two{};
  two[200] = 10;
  two[700] = 5;
  const double limit = flat_limits(two, 2)[0];
  QVERIFY(limit > 20 && limit <= 70);
}

/// However close two values are, the limit of two tones lies between them.
void PhotoAnalysisTest::tones_are_parted_where_they_differ() {
  FineValues values{};
  for (std::size_t i = 0; i + 6 < values.size(); i += 37) {
    values.fill(0);
    values[i] = 3;
    values[i + 6] = 2;
    const double limit = flat_limits(values, 2)[0], low = static_cast<double>(i) / 10;
    QVERIFY2(limit > low && limit <= low + 0.6, qPrintable(QString("%1 at %2").arg(limit).arg(low)));
  }
}

void PhotoAnalysisTest::flat_tones_are_flat_and_keep_order() {
  const Patch photo = scene(100, 80);
  const FineValues values = fine_values(photo.view());
  std::vector<Pixel> out(photo.pixels.size());
  for (const FlatTones& tones : {flat_tones(values, flat_limits(values, 3)), even_tones(9)}) {
    to_flat_tones(photo.view(), tones, out.data());
    std::vector<Pixel> seen = out;
    std::ranges::sort(seen, {}, &Pixel::word);
    seen.erase(std::unique(seen.begin(), seen.end()), seen.end());
    QVERIFY(seen.size() <= tones.levels.size());
    for (std::size_t i = 0; i < out.size(); ++i) {
      const double v = value_of_pixel(photo.pixels[i]);
      const auto tone = std::upper_bound(tones.limits.begin(), tones.limits.end(), v) - tones.limits.begin();
      QVERIFY(std::abs(value_of_pixel(out[i]) - tones.levels[static_cast<std::size_t>(tone)]) < 0.6 ||
              std::abs(v - tones.limits[static_cast<std::size_t>(std::max<std::ptrdiff_t>(tone - 1, 0))]) <
                  0.05 ||
              (static_cast<std::size_t>(tone) < tones.limits.size() &&
               std::abs(v - tones.limits[static_cast<std::size_t>(tone)]) < 0.05));
    }
  }
}

void PhotoAnalysisTest::squinting_keeps_the_light() {
  // A white dot spreads evenly: its light stays in sum, and its spread is that of the radius.
  Patch photo(101, 81);
  photo.at(50, 40) = 0xffffffffu;
  for (int i = 0; i < 9; ++i) photo.at(49 + i % 3, 39 + i / 3) = 0xffffffffu;
  std::vector<Pixel> out(photo.pixels.size());
  const double radius = 3;
  squint(photo.view(), radius, out.data());
  double sum = 0, spread = 0;
  for (int y = 0; y < 81; ++y)
    for (int x = 0; x < 101; ++x) {
      const double light = linear_from_encoded(out[static_cast<std::size_t>(y) * 101 + x].g() / 255.0);
      sum += light;
      spread += light * (x - 50) * (x - 50);
    }
  CHECK_NEAR(sum, 9, 0.03);
  // Variances add up: the blur's and that of three white pixels side by side, 2 / 3.
  CHECK_NEAR(std::sqrt(spread / sum - 2.0 / 3), radius, 0.06);
  // An even checker of black and white becomes the grey that light gives, 188, not 128 (IEC 61966-2-1).
  Patch checker(64, 64);
  for (int y = 0; y < 64; ++y)
    for (int x = 0; x < 64; ++x) checker.at(x, y) = (x + y) % 2 ? 0xffffffffu : 0xff000000u;
  std::vector<Pixel> grey(checker.pixels.size());
  squint(checker.view(), 5, grey.data());
  for (int x = 25; x < 39; ++x)
    QVERIFY(std::abs(int(grey[32 * 64 + static_cast<std::size_t>(x)].b()) - 188) <= 1);
  squint(checker.view(), 0, grey.data());
  QVERIFY(grey == checker.pixels);
  // What is transparent lends no color.
  Patch edge(40, 1, 0x00ff0000u);
  for (int x = 0; x < 20; ++x) edge.at(x, 0) = 0xff2040a0u;
  std::vector<Pixel> soft(edge.pixels.size());
  squint(edge.view(), 3, soft.data());
  QVERIFY(std::abs(int(soft[18].b()) - 0xa0) <= 2 && soft[18].alpha() < 255);
}

void PhotoAnalysisTest::places_and_shares_agree_with_every_pixel() {
  const Patch photo = scene(140, 100);
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
  const MaskRegion region(pattern_mask({Pattern::Analogous, 60, 90}));
  double inside = 0;
  for (const auto w : photo.pixels) {
    const WheelPoint p = wheel.locate(srgb_from_8bit(color_of(w)));
    inside += region.inside(disc_point(p));
  }
  const auto places = color_places(photo.view(), wheel);
  QVERIFY(std::abs(share_inside(places, region) - inside / static_cast<double>(photo.pixels.size())) < 0.01);
  const Footprint print = footprint_of(places, 64);
  CHECK_NEAR(std::accumulate(print.weight.begin(), print.weight.end(), 0.0), double(photo.pixels.size()),
             1e-6);
  // One color, one cell, where the wheel has it.
  const Patch one(8, 8, 0xffd8232au);
  const Footprint dot = footprint_of(color_places(one.view(), wheel), 100);
  const auto at =
      static_cast<int>(std::max_element(dot.weight.begin(), dot.weight.end()) - dot.weight.begin());
  const WheelPoint red = wheel.locate(srgb_from_8bit({0xd8, 0x23, 0x2a}));
  const DiscPoint place = disc_point(red);
  QVERIFY(std::abs(at % 100 - (place.x + 1) * 50) < 2 && std::abs(at / 100 - (1 - place.y) * 50) < 2);
}

void PhotoAnalysisTest::through_the_mask_keeps_value_and_lies_inside() {
  const Patch photo = scene(160, 110);
  for (const WheelSpec spec : {WheelSpec{HueScale::Traditional, SaturationMeasure::Hsluv},
                               WheelSpec{HueScale::Even, SaturationMeasure::OklabChroma},
                               WheelSpec{HueScale::Light, SaturationMeasure::Hsl}}) {
    const Wheel wheel(spec);
    const MaskRegion region(pattern_mask({Pattern::Analogous, 200, 60}));
    std::vector<Pixel> out(photo.pixels.size());
    MaskMapper(wheel, region).map(photo.view(), out.data());
    int changed = 0;
    for (std::size_t i = 0; i < out.size(); ++i) {
      QVERIFY(std::abs(value_of_pixel(out[i]) - value_of_pixel(photo.pixels[i])) < 0.5);
      changed += out[i] != photo.pixels[i];
      // Half a level from a color that lies in the mask exactly.
      const WheelPoint p = wheel.locate(srgb_from_8bit(color_of(photo.pixels[i])));
      const DiscPoint place = *region.nearest(disc_point(p));
      const auto held = wheel.nearest_existing(wheel_point(place, p.v, Angle(p.a)));
      QVERIFY(region.inside(disc_point(held.at)));
      QVERIFY(largest_step(held.color, srgb_from_8bit(color_of(out[i]))) <= 0.501 / 255);
    }
    QVERIFY(changed > 1000);
    // A picture inside comes back unchanged.
    MaskMapper whole(wheel, MaskRegion(Mask{{}, {{AreaMode::Adds, RingSector{}}}, 0, {}}));
    whole.map(photo.view(), out.data());
    QVERIFY(out == photo.pixels);
  }
}

void PhotoAnalysisTest::extraction_meets_quotas_and_differences() {
  const Patch photo = scene(300, 200);
  for (const auto representative : {Representative::Mean, Representative::Pixel}) {
    ExtractionSpec spec;
    spec.quotas = BandCounts{5, 8, 4};
    spec.least_difference = 4;
    spec.representative = representative;
    const auto made = extract_colors(photo.view(), spec);
    QVERIFY(made);
    BandCounts counts;
    double shares = 0;
    for (std::size_t i = 0; i < made->colors.size(); ++i) {
      const auto& c = made->colors[i];
      QCOMPARE(band_of(value_of(c.color), spec.bands), c.band);
      ++(c.band == Band::Dark ? counts.dark : c.band == Band::Middle ? counts.middle : counts.light);
      shares += c.share;
      for (std::size_t k = 0; k < i; ++k)
        QVERIFY(ciede2000(lab_from_srgb(c.color), lab_from_srgb(made->colors[k].color)) >=
                spec.least_difference);
      // The typical pixel looks like the color.
      const Srgb pixel = srgb_from_8bit(color_of(photo.pixels[static_cast<std::size_t>(c.y) * 300 + c.x]));
      QVERIFY(ciede2000(lab_from_srgb(pixel), lab_from_srgb(c.color)) < 6);
      if (representative == Representative::Pixel) QVERIFY(largest_step(pixel, c.color) < 1e-9);
    }
    QCOMPARE(counts, *spec.quotas);
    QCOMPARE(made->unmet, BandCounts{});
    CHECK_NEAR(shares, 1, 1e-9);
  }
}

/// 108 of 4.8 million pixels are light, and far fewer than one in a thousand lie in the mask.
void PhotoAnalysisTest::extraction_finds_what_is_small_in_a_large_photo() {
  Patch photo(2400, 2000, 0xff203040u);
  for (int x = 0; x < 12; ++x)
    for (int y = 0; y < 9; ++y)
      photo.at(1507 + x, 1111 + y) = 0xff000000u | (255u - 8 * x) << 16 | (240u - 7 * y) << 8 | 120u;
  ExtractionSpec spec;
  spec.quotas = BandCounts{1, 0, 4};
  const auto made = extract_colors(photo.view(), spec);
  QVERIFY(made);
  QCOMPARE(made->colors.size(), std::size_t{5});
  QCOMPARE(made->unmet, BandCounts{});
  double light = 0;
  for (const auto& c : made->colors) {
    if (c.band != Band::Light) continue;
    light += c.share;
    QVERIFY(c.x >= 1507 && c.x < 1519 && c.y >= 1111 && c.y < 1120);
  }
  CHECK_NEAR(light * photo.pixels.size(), 108, 1); // The dark rest is weighed by its samples.
  const Wheel wheel({HueScale::Light, SaturationMeasure::Hsv});
  const MaskRegion region(Mask{{}, {{AreaMode::Adds, RingSector{320, 80, 0.3, 1}}}, 0, {}});
  ExtractionSpec inside;
  inside.count = 3;
  inside.mask = MaskUse::InsideOnly;
  const auto lamp = extract_colors(photo.view(), inside, &wheel, &region);
  QVERIFY(lamp);
  QCOMPARE(lamp->colors.size(), std::size_t{3});
  // A spot of deep blue is dark, and one of deep green is not: each channel has its own share of the light.
  const auto spot_is_dark = [](std::uint32_t deep, std::uint32_t step) {
    Patch grey(2400, 2000, 0xff808080u);
    for (int x = 0; x < 12; ++x)
      for (int y = 0; y < 9; ++y)
        grey.at(1507 + x, 1111 + y) = deep - step * static_cast<std::uint32_t>(8 * x + 6 * y);
    ExtractionSpec dark;
    dark.bands = {40, 70};
    dark.quotas = BandCounts{4, 0, 0};
    const auto found = extract_colors(grey.view(), dark);
    return found && found->colors.size() == 4 && found->unmet == BandCounts{};
  };
  QVERIFY(spot_is_dark(0xff0000ffu, 1) && spot_is_dark(0xffa00000u, 0x10000u));
  QVERIFY(!spot_is_dark(0xff00ff00u, 0x100u));
  // Of a band that the photo does not have at all there is nothing, and that is said.
  const Patch grey(64, 64, 0xff808080u);
  ExtractionSpec lights;
  lights.quotas = BandCounts{0, 0, 3};
  const auto nothing = extract_colors(grey.view(), lights);
  QVERIFY(nothing && nothing->colors.empty());
  QCOMPARE(nothing->unmet, (BandCounts{0, 0, 3}));
}

/// Grain over one hue from dark to light, and a spot of 0.2 % in another.
Patch ground_with_spot(Srgb dark, Srgb light, Srgb spot, unsigned seed) {
  constexpr int width = 400, height = 300, side = 15; // 225 of 120,000 pixels
  std::mt19937_64 random(seed);
  std::normal_distribution<double> grain(0, 4);
  Patch out(width, height);
  for (int y = 0; y < height; ++y)
    for (int x = 0; x < width; ++x) {
      const double t = 0.5 + 0.5 * std::sin(0.021 * x) * std::cos(0.017 * y);
      const bool in_spot = x >= 211 && x < 211 + side && y >= 97 && y < 97 + side;
      const auto level = [&](double a, double b, double s) {
        return static_cast<std::uint32_t>(
            std::clamp(255 * (in_spot ? s : a + t * (b - a)) + grain(random), 0.0, 255.0));
      };
      out.at(x, y) = 0xff000000u | level(dark.r, light.r, spot.r) << 16 |
                     level(dark.g, light.g, spot.g) << 8 | level(dark.b, light.b, spot.b);
    }
  return out;
}

ExtractionSpec counted(int count, int accents = 0) {
  ExtractionSpec out;
  out.count = count;
  out.accents = accents;
  return out;
}

ExtractionSpec with_quotas(const BandCounts& quotas, double apart) {
  ExtractionSpec out;
  out.quotas = quotas;
  out.least_difference = apart;
  return out;
}

void PhotoAnalysisTest::a_small_far_off_color_is_never_lost() {
  const std::tuple<const char*, Srgb, Srgb, Srgb> pictures[] = {
      {"a red beetle on leaves", {0.05, 0.15, 0.04}, {0.6, 0.8, 0.35}, {0.75, 0.1, 0.08}},
      {"a red book in a blue-grey street", {0.15, 0.18, 0.22}, {0.7, 0.75, 0.8}, {0.6, 0.12, 0.12}},
      {"a yellow lamp at night", {0.02, 0.03, 0.08}, {0.25, 0.3, 0.45}, {0.95, 0.8, 0.3}},
      {"a blue tile on sand", {0.35, 0.28, 0.18}, {0.92, 0.85, 0.7}, {0.15, 0.3, 0.7}}};
  unsigned seed = 1;
  for (const auto& [name, dark, light, spot] : pictures) {
    const Patch photo = ground_with_spot(dark, light, spot, seed++);
    const Lab wanted = lab_from_srgb(spot);
    std::vector<ExtractionSpec> specs;
    for (const int count : {10, 12, 20, 30}) specs.push_back(counted(count));
    specs.push_back(with_quotas({4, 4, 4}, 3));
    specs.push_back(with_quotas({10, 10, 10}, 5));
    for (ExtractionSpec spec : specs) {
      const auto plain = extract_colors(photo.view(), spec);
      spec.accents = 2;
      const auto made = extract_colors(photo.view(), spec);
      QVERIFY(plain && made);
      // The sum, and that of each band, is what was asked for, as far as the picture has it.
      QCOMPARE(made->colors.size(), plain->colors.size());
      const auto of_band = [](const Extraction& e, Band band) {
        return std::count_if(e.colors.begin(), e.colors.end(),
                             [band](const auto& c) { return c.band == band; });
      };
      for (const Band band : {Band::Light, Band::Middle, Band::Dark})
        if (spec.quotas) QCOMPARE(of_band(*made, band), of_band(*plain, band));
      const auto nearest = [&](const Extraction& e) {
        double out = 1e9;
        for (const auto& c : e.colors) out = std::min(out, ciede2000(lab_from_srgb(c.color), wanted));
        return out;
      };
      QVERIFY2(nearest(*made) < 8, qPrintable(QString("%1: %2 from it").arg(name).arg(nearest(*made))));
      const auto accent = [](const ExtractedColor& c) { return c.accent; };
      const auto first = std::find_if(made->colors.begin(), made->colors.end(), accent);
      QVERIFY2(made->colors.end() - first <= 2, name);
      QVERIFY(std::all_of(first, made->colors.end(), accent));
      QCOMPARE(made->unmet, plain->unmet);
      for (std::size_t i = 0; i < made->colors.size(); ++i)
        for (std::size_t k = 0; k < i; ++k)
          QVERIFY(ciede2000(lab_from_srgb(made->colors[i].color), lab_from_srgb(made->colors[k].color)) >=
                  spec.least_difference - 1e-6);
    }
  }
  // What is nowhere far off has none, and a few stray pixels are none either.
  Patch calm = ground_with_spot({0.2, 0.2, 0.2}, {0.7, 0.7, 0.7}, {0.45, 0.45, 0.45}, 9);
  for (int i = 0; i < 20; ++i) calm.at(13 * i, 7 * i) = 0xffff0000u;
  const auto none = extract_colors(calm.view(), counted(12, 3));
  QVERIFY(none);
  QCOMPARE(none->colors.size(), std::size_t{12});
  QVERIFY(!extract_colors(calm.view(), counted(12, -1)) && !extract_colors(calm.view(), counted(12, 13)));
}

void PhotoAnalysisTest::extraction_stays_in_the_mask() {
  const Patch photo = scene(200, 150);
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
  const MaskRegion region(pattern_mask({Pattern::Analogous, 70, 60}));
  for (const MaskUse use : {MaskUse::InsideOnly, MaskUse::MapInto}) {
    ExtractionSpec spec;
    spec.count = 8;
    spec.mask = use;
    const auto made = extract_colors(photo.view(), spec, &wheel, &region);
    QVERIFY(made && !made->colors.empty());
    for (const auto& c : made->colors) {
      // Means of a convex mask's colors and rounding may leave it by very little.
      const WheelPoint p = wheel.locate(c.color);
      const DiscPoint place = disc_point(p), nearest = *region.nearest(place);
      const Srgb held = wheel.nearest_existing(wheel_point(nearest, p.v, Angle(p.a))).color;
      QVERIFY2(ciede2000(lab_from_srgb(held), lab_from_srgb(c.color)) < 0.7,
               qPrintable(QString::number(p.r)));
    }
  }
  ExtractionSpec spec;
  spec.mask = MaskUse::InsideOnly;
  QVERIFY(!extract_colors(photo.view(), spec));
  const MaskRegion far(Mask{{}, {{AreaMode::Adds, RingSector{300, 5, 0.95, 1}}}, 0, {}});
  QVERIFY(extract_colors(photo.view(), spec, &wheel, &far).error().sentence().find("no pixels") !=
          std::string::npos);
}

void PhotoAnalysisTest::a_refill_keeps_its_distance_from_what_is_kept() {
  const Patch photo = scene(300, 200);
  ExtractionSpec spec;
  spec.quotas = BandCounts{4, 5, 3};
  spec.least_difference = 4;
  const auto whole = extract_colors(photo.view(), spec);
  QVERIFY(whole);
  // Two are dropped, the others kept; as many come back, none of them near a kept one.
  for (std::size_t i = 0; i < whole->colors.size(); ++i)
    if (i != 1 && i != 6) spec.kept.push_back(whole->colors[i].color);
  const auto refilled = extract_colors(photo.view(), spec);
  QVERIFY(refilled);
  QCOMPARE(refilled->colors.size(), std::size_t{2});
  for (const auto& c : refilled->colors)
    for (const Srgb& kept : spec.kept)
      QVERIFY(ciede2000(lab_from_srgb(c.color), lab_from_srgb(kept)) >= spec.least_difference);
  std::multiset<Band> bands, dropped{whole->colors[1].band, whole->colors[6].band};
  for (const auto& c : refilled->colors) bands.insert(c.band);
  QVERIFY(bands == dropped);
  // With everything kept nothing more is taken.
  spec.kept.clear();
  for (const auto& c : whole->colors) spec.kept.push_back(c.color);
  QVERIFY(extract_colors(photo.view(), spec)->colors.empty());
}

void PhotoAnalysisTest::extraction_is_the_same_every_time_and_stops() {
  const Patch photo = scene(300, 200);
  ExtractionSpec spec;
  spec.count = 20;
  const auto one = extract_colors(photo.view(), spec), two = extract_colors(photo.view(), spec);
  QCOMPARE(one->colors.size(), two->colors.size());
  for (std::size_t i = 0; i < one->colors.size(); ++i) {
    QCOMPARE(one->colors[i].color, two->colors[i].color);
    QCOMPARE(one->colors[i].x, two->colors[i].x);
  }
  double last = -1;
  const auto stopped = extract_colors(photo.view(), spec, nullptr, nullptr, [&](double share) {
    last = share;
    return share < 0.25;
  });
  QCOMPARE(stopped.error().code, ErrorCode::Stopped);
  QVERIFY(last >= 0.25 && last < 0.9);
}

void PhotoAnalysisTest::odd_pictures_do_no_harm() {
  ExtractionSpec spec;
  QCOMPARE(extract_colors(Patch(1, 1, 0xff336699u).view(), spec)->colors.size(), std::size_t{1});
  QVERIFY(!extract_colors(Patch(5, 5, 0x00336699u).view(), spec));
  QVERIFY(!extract_colors(PixelView{}, spec));
  const FineValues none{};
  QCOMPARE(flat_limits(none, 4).size(), std::size_t{3});
  QCOMPARE(band_shares(none, {}).dark, 0.0);
  const Wheel wheel({HueScale::Even, SaturationMeasure::CielabChroma});
  QVERIFY(color_places(PixelView{}, wheel).empty());
  QCOMPARE(share_inside({}, MaskRegion(pattern_mask({Pattern::Triad, 0, 0}))), 0.0);
}

void PhotoAnalysisTest::fits_hold_what_they_promise() {
  const Patch photo = scene(200, 150);
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::Hsluv});
  const auto places = color_places(photo.view(), wheel);
  double area_of_more = 0;
  for (const double hold : {0.5, 0.8, 0.95}) {
    const auto polygon = fit_polygon(places, 6, hold);
    QVERIFY(polygon && polygon->reached);
    QVERIFY(share_inside(places, MaskRegion(polygon->mask)) >= hold - 1e-9);
    QVERIFY(std::get<Polygon>(polygon->mask.areas[0].shape).points.size() <= 6);
    QVERIFY(polygon->area > area_of_more);
    area_of_more = polygon->area;
    for (const auto& p : std::get<Polygon>(polygon->mask.areas[0].shape).points)
      QVERIFY(std::hypot(p.x, p.y) <= 1 + 1e-9);
    for (const Pattern kind : {Pattern::Complement, Pattern::Analogous, Pattern::Rectangle}) {
      const auto fitted = fit_pattern(places, kind, hold);
      QVERIFY(fitted);
      CHECK_NEAR(fitted->inside, share_inside(places, MaskRegion(fitted->mask)), 1e-12);
      QCOMPARE(fitted->reached, fitted->inside >= hold - 1e-9);
      // No mask of a coarse search is smaller and holds as much.
      for (int base = 0; base < 360; base += 15)
        for (int spread = 0; spread <= 120; spread += 20) {
          const MaskRegion other(pattern_mask({kind, double(base), double(spread)}));
          if (share_inside(places, other) >= hold && fitted->reached)
            QVERIFY(other.share() >= fitted->area * 0.97);
        }
    }
  }
  // Fully saturated colors all round, some greys among them: six corners hold what is asked, along the rim.
  std::vector<ColorPlace> rim;
  std::mt19937 random(4);
  std::uniform_real_distribution<double> unit(0, 1);
  for (int i = 0; i < 4000; ++i)
    rim.push_back({disc_point(Angle(360 * unit(random)), i % 10 == 0 ? unit(random) : 1), 1, {}});
  for (const double hold : {0.6, 0.8, 0.95}) {
    const auto round = fit_polygon(rim, 6, hold);
    QVERIFY2(round && round->reached, qPrintable(QString::number(round->inside)));
    QVERIFY(std::get<Polygon>(round->mask.areas[0].shape).points.size() <= 6);
    QVERIFY(share_inside(rim, MaskRegion(round->mask)) >= hold - 1e-9);
  }
  // One color alone.
  const auto one = fit_polygon(color_places(Patch(3, 3, 0xffd8232au).view(), wheel), 5, 1);
  QVERIFY(one && one->reached && one->area < 0.02);
}

QTEST_APPLESS_MAIN(PhotoAnalysisTest)
#include "photo_analysis_test.moc"
