// Grading, its remedies, and changing many swatches at once.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/mask/patterns.h"
#include "core/piece/adjust.h"
#include "core/piece/edits.h"
#include "core/piece/remedies.h"
#include "support/check.h"

#include <algorithm>
#include <random>

using namespace zc;
using namespace zc::test;

namespace {

struct Given {
  double hue, saturation, value;
};

Piece piece_of(std::initializer_list<std::pair<const char*, std::vector<Given>>> families) {
  Piece piece = new_piece({});
  const Wheel wheel(piece.wheel);
  for (const auto& [name, colors] : families) {
    piece = *with_family(piece, name);
    for (const auto& c : colors) {
      const auto found = wheel.nearest_existing({c.hue, c.saturation, c.value});
      piece = *with_swatch(piece, current_set(piece)->families.back().id, {found.color, found.at},
                           std::string(name) + std::to_string(static_cast<int>(c.value)));
    }
  }
  return piece;
}

const Swatch& swatch(const Piece& piece, std::size_t family, std::size_t i) {
  return current_set(piece)->families[family].swatches[i];
}

GradingReport graded(const Piece& piece) {
  std::optional<MaskRegion> region;
  if (piece.mask) region.emplace(*piece.mask);
  return grade(*current_set(piece), piece.bands, piece.grading, Wheel(piece.wheel),
               region ? &*region : nullptr);
}

/// A set of random colors, some of them close to others.
std::vector<Lab> random_colors(std::size_t n, unsigned seed) {
  std::mt19937 random(seed);
  std::uniform_real_distribution<double> unit(0, 1);
  std::normal_distribution<double> near(0, 0.02);
  std::vector<Lab> out;
  Srgb last;
  for (std::size_t i = 0; i < n; ++i) {
    const bool close = i > 0 && unit(random) < 0.5;
    const auto channel = [&](double of_last) {
      return std::clamp(close ? of_last + near(random) : unit(random), 0.0, 1.0);
    };
    last = {channel(last.r), channel(last.g), channel(last.b)};
    out.push_back(lab_from_srgb(last));
  }
  return out;
}

} // namespace

class GradingTest : public QObject {
  Q_OBJECT
private slots:
  void near_pairs_are_those_of_comparing_all() {
    // All pairs by the formula tested against Sharma, Wu and Dalal; saturated blues, where its terms turn, on
    // top.
    std::vector<Lab> colors = random_colors(600, 3);
    for (int i = 0; i < 200; ++i) colors.push_back({30.0 + i % 7, 50 + i * 0.1, -100 + i * 0.13});
    for (int i = 0; i < 100; ++i) colors.push_back({0.02 * i, 0.3 * (i % 5), 0.2 * (i % 3)});
    for (const double limit : {0.5, 3.0, 12.0, 20.0}) {
      std::vector<std::pair<std::size_t, std::size_t>> all, found;
      for (std::size_t i = 0; i < colors.size(); ++i)
        for (std::size_t j = i + 1; j < colors.size(); ++j)
          if (ciede2000(colors[i], colors[j]) < limit) all.emplace_back(i, j);
      for (const auto& p : near_pairs(colors, limit)) found.emplace_back(p.i, p.j);
      QVERIFY(!all.empty());
      QCOMPARE(found, all);
    }
    QVERIFY(near_pairs({}, 3).empty());
  }
  void twins_are_those_of_comparing_all() {
    // By their definition in the header, pair by pair, over colors, near-duplicates and neutrals.
    Piece piece = *with_family(new_piece({}), "all");
    const Id family = current_set(piece)->families[0].id;
    std::mt19937 random(11);
    std::uniform_real_distribution<double> unit(0, 1);
    for (int i = 0; i < 500; ++i) {
      const double grey = unit(random);
      const Srgb c = i % 4 ? Srgb{unit(random), unit(random), unit(random)}
                           : Srgb{grey, grey, std::min(1.0, grey + 0.02 * (i % 3))};
      piece = *with_swatch(std::move(piece), family, {c, {}}, std::to_string(i));
    }
    const auto& swatches = current_set(piece)->families[0].swatches;
    struct Twin {
      double value;
      std::size_t dark, light;
      auto operator<=>(const Twin&) const = default;
    };
    std::vector<Twin> all;
    for (std::size_t i = 0; i < swatches.size(); ++i)
      for (std::size_t j = 0; j < swatches.size(); ++j) {
        const Srgb p = swatches[i].color, q = swatches[j].color;
        const double rise = value_of(q) - value_of(p);
        if (i == j || rise < 0 || rise >= piece.grading.twin) continue;
        if (rise == 0 && i > j) continue;
        const Oklch a = lch_from_oklab(oklab_from_srgb(p)), b = lch_from_oklab(oklab_from_srgb(q));
        const bool neutral_a = a.c < kNeutralChroma, neutral_b = b.c < kNeutralChroma;
        const bool hues_differ = neutral_a != neutral_b ||
                                 (!neutral_a && std::abs(std::remainder(a.h - b.h, 360)) >= kDifferentHue);
        if (hues_differ && ciede2000(lab_from_srgb(p), lab_from_srgb(q)) >= piece.grading.near_duplicate)
          all.push_back({value_of(p), i, j});
      }
    std::sort(all.begin(), all.end());
    const auto found = graded(piece).twins;
    QVERIFY(all.size() > 1000);
    QCOMPARE(found.size(), all.size());
    std::vector<std::pair<Id, Id>> by_pairs, by_report;
    for (const auto& t : all)
      by_pairs.emplace_back(std::min(swatches[t.dark].id, swatches[t.light].id),
                            std::max(swatches[t.dark].id, swatches[t.light].id));
    for (const auto& t : found) {
      by_report.emplace_back(t.a, t.b);
      CHECK_NEAR(
          t.value_difference,
          std::abs(value_of(find_swatch(piece, t.a)->color) - value_of(find_swatch(piece, t.b)->color)),
          1e-9);
    }
    // From dark to light.
    for (std::size_t i = 1; i < found.size(); ++i) {
      const auto darker = [&](const ValueTwins& t) {
        return std::min(value_of(find_swatch(piece, t.a)->color), value_of(find_swatch(piece, t.b)->color));
      };
      QVERIFY(darker(found[i - 1]) <= darker(found[i]));
    }
    std::sort(by_pairs.begin(), by_pairs.end());
    std::sort(by_report.begin(), by_report.end());
    QCOMPARE(by_report, by_pairs);
  }
  void report_finds_what_was_put_in() {
    // Two reds a little apart; a blue at the value of an orange; a wide gap in the blues; a grey twin of a
    // green.
    Piece piece = piece_of({{"red", {{120, 0.8, 42}, {120, 0.8, 43}, {60, 0.7, 61}}},
                            {"blue", {{240, 0.7, 21}, {240, 0.6, 61.5}}},
                            {"rest", {{300, 0.5, 81}, {0, 0, 81.5}}}});
    const GradingReport r = graded(piece);
    QCOMPARE(r.bands, (BandCounts{1, 4, 2}));
    QCOMPARE(r.steps, (std::vector<int>{0, 1, 2, 2, 2}));
    QCOMPARE(r.near_duplicates.size(), std::size_t{1});
    QCOMPARE(r.near_duplicates[0].a, swatch(piece, 0, 0).id);
    QCOMPARE(r.near_duplicates[0].b, swatch(piece, 0, 1).id);
    CHECK_NEAR(r.near_duplicates[0].difference,
               ciede2000(lab_from_srgb(swatch(piece, 0, 0).color), lab_from_srgb(swatch(piece, 0, 1).color)),
               1e-12);
    QCOMPARE(r.twins.size(), std::size_t{2});
    for (const auto& twin : r.twins) CHECK_NEAR(twin.value_difference, 0.5, 1e-6);
    QCOMPARE(r.gaps.size(), std::size_t{1});
    QCOMPARE(r.gaps[0].dark, swatch(piece, 1, 0).id);
    CHECK_NEAR(r.gaps[0].size, 40.5, 1e-6);
    QVERIFY(r.outside_mask.empty());
    // A mask around the reds leaves the others out; what lies on its border is inside.
    piece = with_mask(piece, pattern_mask({Pattern::Analogous, 100, 40}));
    const auto outside = graded(piece).outside_mask;
    QVERIFY(std::find(outside.begin(), outside.end(), swatch(piece, 1, 0).id) != outside.end());
    const auto inside = with_brought_inside(piece, outside);
    QVERIFY(inside);
    QVERIFY(graded(*inside).outside_mask.empty());
    for (const Id id : outside)
      CHECK_NEAR(value_of(find_swatch(*inside, id)->color), value_of(find_swatch(piece, id)->color), 1e-6);
  }
  void each_remedy_ends_its_finding() {
    const Piece piece = piece_of({{"red", {{120, 0.8, 40}, {120, 0.8, 41}, {60, 0.7, 60}}},
                                  {"blue", {{240, 0.7, 20}, {240, 0.6, 60.5}}}});
    const GradingReport r = graded(piece);
    const auto pair = r.near_duplicates[0];
    const auto merged = with_merged(piece, pair.a, pair.b);
    QVERIFY(graded(*merged).near_duplicates.empty());
    QVERIFY(find_swatch(*merged, pair.a) && !find_swatch(*merged, pair.b));
    // The locked one of the two stays.
    QVERIFY(!find_swatch(*with_merged(*with_swatches_locked(piece, {pair.b}, true), pair.a, pair.b), pair.a));
    QVERIFY(!with_merged(*with_swatches_locked(piece, {pair.a, pair.b}, true), pair.a, pair.b));

    const auto twin = r.twins[0];
    for (const std::vector<Id>& locked : {std::vector<Id>{}, {twin.a}, {twin.b}}) {
      const Piece before = locked.empty() ? piece : *with_swatches_locked(piece, locked, true);
      const auto parted = with_parted(before, twin.a, twin.b);
      QVERIFY(parted);
      const Wheel wheel(piece.wheel);
      const auto at = [&](const Piece& p, Id id) { return wheel.locate(find_swatch(p, id)->color); };
      CHECK_NEAR(std::abs(at(*parted, twin.a).v - at(*parted, twin.b).v), 2 * piece.grading.twin, 1e-6);
      for (const Id id : {twin.a, twin.b}) {
        CHECK_NEAR(at(*parted, id).a, at(piece, id).a, 1e-4);
        CHECK_NEAR(at(*parted, id).r, at(piece, id).r, 1e-4);
      }
      for (const Id id : locked) QCOMPARE(find_swatch(*parted, id)->color, find_swatch(piece, id)->color);
    }
    QVERIFY(!with_parted(*with_swatches_locked(piece, {twin.a, twin.b}, true), twin.a, twin.b));
    // At the end of the axis the other one goes all the way.
    const Piece end = piece_of({{"a", {{0, 0, 100}, {100, 0.2, 99.5}}}});
    const auto parted = with_parted(end, swatch(end, 0, 0).id, swatch(end, 0, 1).id);
    CHECK_NEAR(value_of(swatch(*parted, 0, 0).color), 100, 1e-6);
    CHECK_NEAR(value_of(swatch(*parted, 0, 1).color), 96, 1e-6);

    const auto filled = with_gap_filled(piece, r.gaps[0]);
    QCOMPARE(current_set(*filled)->families[1].swatches.size(), std::size_t{3});
    CHECK_NEAR(value_of(swatch(*filled, 1, 2).color), 40.25, 1e-6);
    QVERIFY(!with_gap_filled(piece, {999, 1, 2, 30}));
    QVERIFY(!with_brought_inside(piece, {twin.a}));
  }
  void a_family_is_evened_out_between_its_anchors() {
    const Piece piece = piece_of(
        {{"dusk", {{240, 0.5, 80}, {240, 0.5, 20}, {240, 0.4, 30}, {250, 0.3, 31}, {240, 0.5, 60}}}});
    const Id family = current_set(piece)->families[0].id;
    const auto values = [](const Piece& p) {
      std::vector<double> out;
      for (const auto& s : current_set(p)->families[0].swatches)
        out.push_back(std::round(value_of(s.color) * 1e6) / 1e6);
      return out;
    };
    const auto even = with_evened(piece, family);
    QCOMPARE(values(*even), (std::vector<double>{80, 20, 35, 50, 65}));
    CHECK_NEAR(Wheel(piece.wheel).locate(swatch(*even, 0, 3).color).r, 0.3, 1e-6);
    const auto anchored = with_evened(*with_swatches_locked(piece, {swatch(piece, 0, 3).id}, true), family);
    QCOMPARE(values(*anchored), (std::vector<double>{80, 20, 25.5, 31, 55.5}));
    QVERIFY(!with_evened(piece_of({{"two", {{0, 0, 10}, {0, 0, 90}}}}), 2));
  }
  void turning_there_and_back_returns_every_unheld_swatch() {
    for (const auto hues : {HueScale::Traditional, HueScale::Light, HueScale::Even})
      for (const auto measure :
           {SaturationMeasure::Hsluv, SaturationMeasure::CielabChroma, SaturationMeasure::Hsv}) {
        Piece piece = with_wheel(new_piece({}), {hues, measure});
        piece = *with_family(piece, "all");
        std::mt19937 random(11);
        std::uniform_real_distribution<double> unit(0, 1);
        for (int i = 0; i < 200; ++i)
          piece = *with_swatch(piece, 2, {{unit(random), unit(random), unit(random)}, {}}, "x");
        const Id set = piece.current_set;
        Adjustment there, back;
        there.turn = 30;
        back.turn = -30;
        const auto preview = adjust_preview(*current_set(piece), {}, there, Wheel(piece.wheel));
        const Piece turned = *with_adjusted(piece, set, {}, there),
                    again = *with_adjusted(turned, set, {}, back);
        int unheld = 0;
        for (std::size_t i = 0; i < preview.size(); ++i) {
          QCOMPARE(preview[i].color, find_swatch(turned, preview[i].swatch)->color);
          if (preview[i].held) continue;
          ++unheld;
          const Contrast c = contrast_of(swatch(piece, 0, i).color, swatch(again, 0, i).color);
          QVERIFY(c.difference < 0.1);
          CHECK_NEAR(value_of(swatch(turned, 0, i).color), value_of(swatch(piece, 0, i).color), 1e-6);
        }
        QVERIFY(unheld > 60);
      }
  }
  void contrast_keeps_its_pivot_and_what_cannot_be_is_held() {
    const Piece piece = piece_of({{"v", {{30, 0.4, 10}, {30, 0.4, 40}, {30, 0.4, 55}, {30, 0.4, 95}}}});
    Adjustment a;
    a.contrast = 1.5;
    a.pivot = 55;
    const auto out = adjust_preview(*current_set(piece), {}, a, Wheel(piece.wheel));
    CHECK_NEAR(value_of(out[2].color), 55, 1e-6);
    CHECK_NEAR(value_of(out[1].color), 32.5, 1e-6);
    QVERIFY(!out[1].held && !out[2].held);
    QVERIFY(out[0].held && out[3].held); // -12.5 and 115 do not exist.
    CHECK_NEAR(value_of(out[3].color), 100, 1e-6);
    a = {};
    a.saturation = 3;
    QVERIFY(adjust_preview(*current_set(piece), {}, a, Wheel(piece.wheel))[1].held);
    // A tint moves hue and saturation toward the light's and leaves the value.
    a = {};
    a.tint = Srgb{0.2, 0.4, 1};
    a.tint_share = 0.5;
    const auto tinted = adjust_preview(*current_set(piece), {swatch(piece, 0, 1).id}, a, Wheel(piece.wheel));
    QCOMPARE(tinted.size(), std::size_t{1});
    CHECK_NEAR(value_of(tinted[0].color), 40, 1e-6);
    const Oklab was = oklab_from_srgb(swatch(piece, 0, 1).color), is = oklab_from_srgb(tinted[0].color),
                light = oklab_from_srgb(*a.tint);
    QVERIFY(std::hypot(is.a - light.a, is.b - light.b) < 0.75 * std::hypot(was.a - light.a, was.b - light.b));
    // Locked ones are left alone; bad numbers change nothing.
    const Piece locked = *with_swatches_locked(piece, {swatch(piece, 0, 1).id}, true);
    a = {};
    a.value = 5;
    const Piece after = *with_adjusted(locked, locked.current_set, {}, a);
    QCOMPARE(swatch(after, 0, 1).color, swatch(piece, 0, 1).color);
    CHECK_NEAR(value_of(swatch(after, 0, 2).color), 60, 1e-6);
    for (const double bad : {-1.0, 5.0, std::nan("")}) {
      a.contrast = bad;
      QVERIFY(!with_adjusted(piece, piece.current_set, {}, a));
    }
    QCOMPARE(*with_adjusted(piece, piece.current_set, {}, {}), piece);
  }
  void mixing_reach_is_the_hull_in_oklab() {
    const Wheel wheel({HueScale::Even, SaturationMeasure::OklabChroma});
    const std::vector<Srgb> corners{{0.8, 0.2, 0.2}, {0.2, 0.6, 0.2}, {0.2, 0.2, 0.7}};
    std::vector<Srgb> all = corners;
    for (int i = 0; i < 50; ++i) // Mixtures of the corners lie within.
      all.push_back(srgb_from_oklab([&] {
        const Oklab p = oklab_from_srgb(corners[0]), q = oklab_from_srgb(corners[1]),
                    r = oklab_from_srgb(corners[2]);
        const double s = (i % 10) / 10.0, t = (1 - s) * (i / 10) / 5.0, u = 1 - s - t;
        return Oklab{s * p.l + t * q.l + u * r.l, s * p.a + t * q.a + u * r.a, s * p.b + t * q.b + u * r.b};
      }()));
    const auto reach = mixing_reach(all, wheel), by_corners = mixing_reach(corners, wheel);
    QCOMPARE(reach.size(), by_corners.size());
    for (const Srgb& c : corners) {
      const WheelPoint at = wheel.locate(c);
      const DiscPoint p = disc_point(at.a, at.r);
      QVERIFY(std::any_of(reach.begin(), reach.end(),
                          [&](DiscPoint q) { return std::hypot(p.x - q.x, p.y - q.y) < 1e-9; }));
    }
    QVERIFY(mixing_reach({}, wheel).empty());
    QVERIFY(!mixing_reach({corners[0]}, wheel).empty());
  }
};

QTEST_APPLESS_MAIN(GradingTest)
#include "grading_test.moc"
