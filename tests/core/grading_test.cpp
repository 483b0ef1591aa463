// SPDX-License-Identifier: GPL-3.0-or-later
// Grading: what the report finds, and in what order.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/grading/findings.h"
#include "core/grading/remedies.h"
#include "core/mask/patterns.h"
#include "core/piece/adjust.h"
#include "core/piece/edits.h"
#include "support/check.h"
#include "support/given_piece.h"

#include <algorithm>
#include <functional>
#include <map>
#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

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
  /// Of ten thousand alike there are fifty million: the first ones stand, those of the darkest, every time
  /// the same.
  void of_too_many_near_pairs_the_darkest_stand() {
    std::vector<Lab> alike(10'000, Lab{50, 20, 10});
    for (std::size_t i = 0; i < alike.size(); ++i)
      alike[i].l += 1e-6 * static_cast<double>((i * 7919) % alike.size());
    const auto found = near_pairs(alike, 3, 12'000);
    QCOMPARE(found.size(), std::size_t{12'000});
    // 9,999 are with the darkest, the others with the next.
    std::size_t darkest = 0;
    for (const auto& p : found) darkest += p.i == 0 || p.j == 0;
    QCOMPARE(darkest, std::size_t{9'999});
    const auto again = near_pairs(alike, 3, 12'000);
    QVERIFY(std::equal(found.begin(), found.end(), again.begin(), again.end(),
                       [](const IndexPair& p, const IndexPair& q) { return p.i == q.i && p.j == q.j; }));
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
  void findings_are_gathered_and_ordered() {
    // 200 random swatches in five families, under a mask that leaves many outside.
    Piece piece = new_piece({});
    std::mt19937 random(11);
    std::uniform_real_distribution<double> unit(0, 1);
    for (int f = 0; f < 5; ++f) {
      piece = *with_family(piece, "family " + std::to_string(f));
      for (int i = 0; i < 40; ++i)
        piece = *with_swatch(piece, current_set(piece)->families.back().id,
                             {{unit(random), unit(random), unit(random)}, {}}, "");
    }
    piece = *with_family(piece, "sparse");
    for (const double grey : {0.1, 0.9})
      piece = *with_swatch(piece, current_set(piece)->families.back().id, {{grey, grey, grey}, {}}, "");
    piece = with_mask(piece, pattern_mask({Pattern::Complement, 30, 20}));
    const GradingReport report = graded(piece);
    const auto all = gathered(report, piece.grading);
    QCOMPARE(all.size(), std::size_t{5}); // One for each kind.
    for (std::size_t i = 1; i < all.size(); ++i) QVERIFY(all[i - 1].weight >= all[i].weight);
    // Nothing is lost: every finding of the report is in one entry, by itself or in its parts.
    std::map<FindingKind, std::multiset<std::size_t>> seen;
    const std::function<void(const Finding&)> count = [&](const Finding& f) {
      if (f.parts.empty())
        for (const std::size_t i : f.of) seen[f.kind].insert(i);
      for (const Finding& part : f.parts) count(part);
    };
    for (const Finding& f : all) count(f);
    const auto whole = [](std::size_t n) {
      std::multiset<std::size_t> out;
      for (std::size_t i = 0; i < n; ++i) out.insert(i);
      return out;
    };
    QVERIFY(seen[FindingKind::Near] == whole(report.near_duplicates.size()));
    QVERIFY(seen[FindingKind::Outside] == whole(report.outside_mask.size()));
    QVERIFY(seen[FindingKind::Gaps] == whole(report.gaps.size()));
    QVERIFY(seen[FindingKind::Twins] == whole(report.twin_bands.size()));
    // Nor is one told twice: a pair whose values merge is told as that.
    std::map<Id, std::set<std::size_t>> bands;
    for (std::size_t i = 0; i < report.twin_bands.size(); ++i)
      for (const Id id : report.twin_bands[i].swatches) bands[id].insert(i);
    std::multiset<std::size_t> told;
    for (std::size_t i = 0; i < report.confusions.size(); ++i) {
      const auto &a = bands[report.confusions[i].a], &b = bands[report.confusions[i].b];
      if (std::none_of(a.begin(), a.end(), [&](std::size_t band) { return b.contains(band); }))
        told.insert(i);
    }
    QVERIFY(seen[FindingKind::Confused] == told && !told.empty() && told.size() < report.confusions.size());
    // A remedy for a whole kind mends what each of its parts would.
    for (const Finding& f : all) {
      const auto mended = remedied(piece, f);
      QVERIFY(mended);
      const SetChange change = set_change(*current_set(piece), *current_set(*mended));
      QVERIFY((f.kind == FindingKind::Near) != change.removed.empty());
      QVERIFY((f.kind == FindingKind::Gaps) != change.added.empty());
      QVERIFY(change.moved.empty() == (f.kind == FindingKind::Near || f.kind == FindingKind::Gaps));
      for (const auto& moved : change.moved)
        QVERIFY(std::find(f.swatches.begin(), f.swatches.end(), moved.swatch) != f.swatches.end());
      const GradingReport after = graded(*mended);
      if (f.kind == FindingKind::Near) QVERIFY(after.near_duplicates.empty());
      if (f.kind == FindingKind::Outside) QVERIFY(after.outside_mask.empty());
    }
    // Near-duplicates that hang together are one entry, whichever pair leads to the other.
    GradingReport chain;
    chain.near_duplicates = {{1, 2, 1, 0}, {5, 6, 1, 0}, {3, 4, 2, 0}, {2, 3, 2, 0}};
    const auto clusters = gathered(chain, piece.grading);
    QCOMPARE(clusters.size(), std::size_t{1});
    QCOMPARE(clusters[0].parts.size(), std::size_t{2});
    QVERIFY(clusters[0].parts[0].swatches.size() == 4 && clusters[0].parts[0].parts.size() == 3);
    QVERIFY(clusters[0].parts[1].swatches == (std::vector<Id>{5, 6}) && clusters[0].parts[1].parts.empty());
  }
  void what_other_eyes_confuse_is_found_and_parted() {
    // All pairs of random swatches, each asked by itself.
    Piece piece = with_family(new_piece({}), "all").value();
    std::mt19937 random(5);
    std::uniform_real_distribution<double> unit(0, 1);
    for (int i = 0; i < 120; ++i)
      piece = *with_swatch(piece, current_set(piece)->families.back().id,
                           {{unit(random), unit(random), unit(random)}, {}}, "");
    const auto& all = current_set(piece)->families.back().swatches;
    std::set<std::tuple<ColorVision, Id, Id>> wanted, found;
    for (const ColorVision vision : kDeficientVisions)
      for (std::size_t i = 0; i < all.size(); ++i)
        for (std::size_t j = i + 1; j < all.size(); ++j)
          if (contrast_of(all[i].color, all[j].color).difference >= kPlainlyDifferent &&
              contrast_of(seen_by(vision, all[i].color), seen_by(vision, all[j].color)).difference <
                  piece.grading.near_duplicate)
            wanted.emplace(vision, all[i].id, all[j].id);
    const GradingReport report = graded(piece);
    for (const auto& c : report.confusions) found.emplace(c.vision, c.a, c.b);
    QVERIFY(wanted.size() > 10);
    QVERIFY(found == wanted);
    // The remedy tells them apart and keeps their hue and saturation, or says why it cannot.
    int parted = 0;
    for (const auto& c : report.confusions) {
      const auto after = with_told_apart(piece, c.a, c.b, c.vision);
      if (!after) continue;
      ++parted;
      const auto seen = [&](const Piece& p, Id id) { return seen_by(c.vision, find_swatch(p, id)->color); };
      const double apart = contrast_of(seen(*after, c.a), seen(*after, c.b)).difference;
      QVERIFY(apart >= piece.grading.near_duplicate && apart < piece.grading.near_duplicate + 1.5);
      const Wheel wheel(piece.wheel);
      for (const Id id : {c.a, c.b}) {
        const WheelPoint from = wheel.locate(find_swatch(piece, id)->color),
                         to = wheel.locate(find_swatch(*after, id)->color);
        CHECK_NEAR(to.r, from.r, 1e-3);
        QVERIFY(std::abs(std::remainder(to.a - from.a, 360)) < 0.1);
      }
    }
    QVERIFY(parted > 5);
  }
  void findings_begin_at_their_limits() {
    const auto greys = [](std::initializer_list<double> values) {
      Piece piece = *with_family(new_piece({}), "greys");
      for (const double v : values)
        piece = *with_swatch(piece, current_set(piece)->families[0].id, {neutral_of_value(v), {}}, "x");
      return piece;
    };
    // A gap is wider than its limit; near-duplicates and twins are closer than theirs.
    Piece piece = greys({10, 29.99, 50.01});
    piece.grading.gap = 20;
    const auto r = graded(piece);
    QCOMPARE(r.gaps.size(), std::size_t{1});
    CHECK_NEAR(r.gaps[0].size, 20.02, 1e-6);
    QVERIFY(r.gaps[0].dark == swatch(piece, 0, 1).id && r.gaps[0].light == swatch(piece, 0, 2).id &&
            r.gaps[0].family == current_set(piece)->families[0].id);
    // The nearest pair comes first.
    const Piece close = greys({50, 50.5, 52});
    const auto pairs = graded(close).near_duplicates;
    QVERIFY(pairs.size() == 3 && pairs[0].b == swatch(close, 0, 1).id &&
            pairs[1].a == swatch(close, 0, 1).id && pairs[1].difference < pairs[2].difference);
    CHECK_NEAR(pairs[2].value_difference, 2, 1e-6);
    // Greys have no hue, so two of one value are no twins, and a grey and a color are.
    Piece pair = greys({50, 51.9});
    QVERIFY(graded(pair).twins.empty());
    const Wheel wheel(pair.wheel);
    const auto with_hues = [&](double a, double b, double apart) {
      Piece out = *with_family(new_piece({}), "f");
      for (const auto& [hue, value] : {std::pair{a, 60.0}, {b, 60.0 + apart}}) {
        // OKLab hue and chroma at true value.
        const Wheel ok({HueScale::Even, SaturationMeasure::OklabChroma});
        const double yellow = lch_from_oklab(oklab_from_srgb({1, 1, 0})).h;
        const auto found = ok.nearest_existing({yellow - hue, hue < 0 ? 0.0 : 0.3, value});
        out = *with_swatch(out, current_set(out)->families[0].id, {found.color, {}}, "x");
      }
      out.grading.near_duplicate = 0.1;
      return graded(out).twins.size();
    };
    QVERIFY(with_hues(40, 59.5, 1) == 0 && with_hues(40, 60.5, 1) == 1);
    QVERIFY(with_hues(5, 345.5, 1) == 0 && with_hues(5, 344.5, 1) == 1);
    QVERIFY(with_hues(-1, 60, 1.99) == 1 && with_hues(-1, 60, 2.01) == 0 && with_hues(-1, -1, 1) == 0);
    // Value steps and bands.
    for (const auto& [value, steps, step] : {std::tuple{0.0, 5, 1},
                                             {19.99, 5, 1},
                                             {20.0, 5, 2},
                                             {99.9, 5, 5},
                                             {100.0, 5, 5},
                                             {33.3, 3, 1},
                                             {66.7, 3, 3},
                                             {50.0, 1, 1},
                                             {-1.0, 4, 1}})
      QCOMPARE(value_step(value, steps), step);
    piece.grading.value_steps = 4;
    QCOMPARE(graded(piece).steps, (std::vector<int>{1, 1, 1, 0}));
    // Outside is from a difference of CIEDE2000 1 to the mask on, or what the rules say.
    Piece masked = *with_family(new_piece({}), "f");
    masked = with_mask(masked, Mask{"disc", {{AreaMode::Adds, RingSector{0, 360, 0, 0.5}}}, 0, {}});
    const auto edge = lab_from_srgb(*wheel.color_at({90, 0.5, 50}));
    for (const double at : {0.49, 0.52, 0.55}) {
      const Srgb color = *wheel.color_at({90, at, 50});
      const double away = ciede2000(lab_from_srgb(color), edge);
      QVERIFY(at == 0.55 ? away > 1 && away < 1.5 : away < 1);
      masked = *with_swatch(masked, current_set(masked)->families[0].id, {color, {}}, "x");
    }
    // White, black and what is nearly so: no saturation can be seen there.
    for (const double value : {0.0, 0.3, 99.95, 100.0})
      masked = *with_swatch(masked, current_set(masked)->families[0].id,
                            {wheel.nearest_existing({90, 1, value}).color, {}}, "y");
    QCOMPARE(graded(masked).outside_mask, (std::vector<Id>{swatch(masked, 0, 2).id}));
    masked.grading.outside = 1.5;
    QVERIFY(graded(masked).outside_mask.empty());
    // A mask that admits nothing judges nothing.
    masked.mask->areas.clear();
    QVERIFY(graded(masked).outside_mask.empty());
  }
};

QTEST_APPLESS_MAIN(GradingTest)
#include "grading_test.moc"
