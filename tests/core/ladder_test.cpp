// SPDX-License-Identifier: GPL-3.0-or-later
// Ladders, greys of a light and the ends of ramps, by the promises of their headers.
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/grading/remedies.h"
#include "core/mask/outside.h"
#include "core/mask/patterns.h"
#include "core/mask/rays.h"
#include "core/mix/ladders.h"
#include "core/piece/edits.h"
#include "core/piece/laying.h"
#include "core/wheel/relations.h"
#include "support/check.h"

using namespace zc;
using namespace zc::test;

namespace {

constexpr double kTwin = 2; ///< Values nearer than this read as one to start with.

std::vector<WheelSpec> wheels() {
  std::vector<WheelSpec> out;
  for (const auto& hues : kHueWords)
    for (const auto& measure : kMeasureWords) out.push_back({hues.value, measure.value});
  return out;
}

std::vector<double> hues_of(Relation relation, double hue) {
  std::vector<double> out{hue};
  for (const double turn : relation_turns(relation)) out.push_back(wrap_degrees(hue + turn));
  return out;
}

std::vector<double> sorted_values(const std::vector<std::vector<RampStep>>& rows) {
  std::vector<double> out;
  for (const auto& row : rows)
    for (const RampStep& step : row) out.push_back(value_of(step.color));
  std::sort(out.begin(), out.end());
  return out;
}

double hue_off(const Wheel& wheel, const RampStep& step, double hue) {
  const WheelPoint at = wheel.locate(step.color, hue);
  return at.r < 0.02 ? 0 : std::abs(turn_between(at.a, hue)) * at.r;
}

} // namespace

class LadderTest : public QObject {
  Q_OBJECT
private slots:
  void ladders_are_even_without_twins_and_keep_their_hues() {
    for (const WheelSpec& spec : wheels()) {
      const Wheel wheel(spec);
      for (const auto& relation : kRelationWords)
        for (int steps = kLadderStepsRange.low; steps <= kLadderStepsRange.high; steps += 3) {
          const LadderSpec ladder{hues_of(relation.value, 77), steps, 12, 92, 1};
          const auto rows = make_ladder(ladder, wheel);
          QVERIFY(rows.ok());
          QCOMPARE(rows->size(), ladder.hues.size());
          const auto values = sorted_values(*rows);
          CHECK_NEAR(values.front(), 12, 0.01);
          CHECK_NEAR(values.back(), 92, 0.01);
          for (std::size_t i = 1; i < values.size(); ++i) {
            CHECK_NEAR(values[i] - values[i - 1], ladder_interval(ladder), 0.01);
            QVERIFY(values[i] - values[i - 1] >= kTwin);
          }
          for (std::size_t row = 0; row < rows->size(); ++row)
            for (const RampStep& step : (*rows)[row]) {
              QVERIFY2(hue_off(wheel, step, ladder.hues[row]) < 0.1, relation.word.data());
              QCOMPARE(step.row, static_cast<int>(row));
            }
        }
    }
  }

  /// The middle of three steps set around the value where a hue is strongest is that very color.
  void rows_pass_through_their_hue_at_its_strongest() {
    for (const WheelSpec& spec : wheels()) {
      const Wheel wheel(spec);
      for (int hue = 15; hue < 360; hue += 40) {
        const double v = vivid_value(wheel, Angle(hue));
        const double half = std::min({v, 100 - v, 8.0}) - 0.01;
        const auto rows = make_ladder({{double(hue)}, 3, v - half, v + half, 1}, wheel);
        QVERIFY(rows.ok());
        const auto& row = rows->front();
        CHECK_NEAR(row[1].at->at.r, wheel.reach(Angle(hue), v), 1e-6);
        QVERIFY(row[2].at->at.r < row[1].at->at.r && row[0].at->at.r <= row[1].at->at.r);
        const auto dull = make_ladder({{double(hue)}, 3, v - half, v + half, 0.5}, wheel);
        CHECK_NEAR((*dull)[0][1].at->at.r, row[1].at->at.r / 2, 1e-6);
        // Toward black a share stays and an amount of chroma falls.
        const bool amount = spec.measure == SaturationMeasure::CielabChroma ||
                            spec.measure == SaturationMeasure::OklabChroma ||
                            spec.measure == SaturationMeasure::LumaChroma;
        CHECK_NEAR((*dull)[0][0].at->at.r, row[1].at->at.r / 2 * (amount ? (v - half) / v : 1), 1e-6);
      }
    }
  }

  void held_ladders_lie_in_the_mask() {
    for (const WheelSpec& spec : wheels()) {
      const Wheel wheel(spec);
      // Beside the middle a mask holds colors at every value only where the disc is full.
      std::vector<MaskRegion> regions{MaskRegion(pattern_mask({Pattern::Triad, 33, 0}))};
      if (fills_disc(spec.measure)) regions.emplace_back(pattern_mask({Pattern::Accent, 210, 60}));
      for (const MaskRegion& region : regions) {
        int held = 0;
        const LadderSpec ladder{hues_of(Relation::Square, 300), 7, 12, 92, 1};
        const auto rows = make_ladder(ladder, wheel, &region), free = make_ladder(ladder, wheel);
        for (std::size_t row = 0; row < rows->size(); ++row)
          for (std::size_t i = 0; i < (*rows)[row].size(); ++i) {
            const RampStep &step = (*rows)[row][i], &plain = (*free)[row][i];
            QVERIFY(outside_by(wheel, region, step.color, step.at->at) < 1);
            CHECK_NEAR(value_of(step.color), value_of(plain.color), 0.01);
            QVERIFY(step.held || step == plain);
            held += step.held;
          }
        QVERIFY(held > 0);
      }
    }
  }

  void bad_ladders_say_why() {
    const Wheel wheel(WheelSpec{});
    const LadderSpec good{{0, 180}, 5, 12, 92, 1};
    QVERIFY(make_ladder(good, wheel).ok());
    for (const auto& spoil : std::initializer_list<std::function<void(LadderSpec&)>>{
             [](LadderSpec& s) { s.steps = 2; }, [](LadderSpec& s) { s.steps = 10; },
             [](LadderSpec& s) { s.hues.clear(); }, [](LadderSpec& s) { s.hues.resize(7); },
             [](LadderSpec& s) { s.lightest = 12.5; }, [](LadderSpec& s) { s.darkest = -1; },
             [](LadderSpec& s) { s.lightest = 101; }, [](LadderSpec& s) { s.saturation = 1.1; },
             [](LadderSpec& s) { s.darkest = std::nan(""); }}) {
      LadderSpec bad = good;
      spoil(bad);
      QVERIFY(!make_ladder(bad, wheel).ok());
    }
  }

  /// Equal value, straight to the neutral of the mask, even to the eye.
  void greys_of_a_light_end_at_its_neutral() {
    for (const WheelSpec& spec : wheels()) {
      const Wheel wheel(spec);
      const MaskRegion region(pattern_mask({Pattern::Analogous, 60, 0}));
      const DiscPoint n = *mask_neutral(region);
      const WheelPoint start{200, 0.4, 55};
      const auto neutral = wheel.nearest_existing(wheel_point(n, 55));
      RampSpec ramp{RampKind::Greys, wheel.nearest_existing(start).color, neutral.color, 6};
      const auto row = make_ramp(ramp, wheel);
      QVERIFY(row.ok());
      QVERIFY(largest_step(row->back().color, neutral.color) < 1e-6);
      const DiscPoint a = disc_point(wheel.locate(ramp.from)), b = disc_point(neutral.at);
      for (const RampStep& step : *row) {
        CHECK_NEAR(value_of(step.color), 55, 0.01);
        const DiscPoint p = disc_point(wheel.locate(step.color));
        const double across = (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);
        CHECK_NEAR(across, 0, 2e-3); // The reach may bend a way that leaves the gamut.
      }
      ramp.to.reset();
      QVERIFY(!make_ramp(ramp, wheel).ok());
    }
  }

  void ramps_contain_their_color_and_end_where_they_are_told() {
    const Wheel wheel(WheelSpec{});
    const Srgb from = *parse_color("#b2683c");
    const double v = value_of(from);
    const auto row = [&](RampKind kind, double darkest, double lightest) {
      RampSpec spec{kind, from, {}, 7};
      spec.darkest = darkest;
      spec.lightest = lightest;
      return make_ramp(spec, wheel);
    };
    CHECK_NEAR(value_of(row(RampKind::Tints, 0, 80)->back().color), 80, 1e-6);
    CHECK_NEAR(value_of(row(RampKind::Shades, 20, 100)->back().color), 20, 1e-6);
    // A tint keeps what it would have on the whole way to white.
    CHECK_NEAR(row(RampKind::Tints, 0, 80)->back().at->at.r, wheel.locate(from).r * (100 - 80) / (100 - v),
               1e-6);
    for (const auto& [low, high] : {std::pair(0.0, 100.0), {12, 92}, {40, 60}, {v, 90}, {10, v}}) {
      const auto values = *row(RampKind::Values, low, high);
      double nearest = 1, step = value_of(values[1].color) - value_of(values[0].color);
      for (std::size_t i = 0; i < values.size(); ++i) {
        nearest = std::min(nearest, largest_step(values[i].color, from));
        QVERIFY(value_of(values[i].color) >= low - 1e-6 && value_of(values[i].color) <= high + 1e-6);
        if (i > 0) CHECK_NEAR(value_of(values[i].color) - value_of(values[i - 1].color), step, 1e-4);
      }
      QVERIFY2(nearest < 1e-6, "the color is one of the steps");
      // As wide as it can be: one end is reached to less than a step.
      QVERIFY(low == 0 || value_of(values.front().color) - low < 1e-6 ||
              high - value_of(values.back().color) < 1e-6);
    }
    const auto above = *row(RampKind::Values, 70, 90); // Without it where the ends leave it out.
    CHECK_NEAR(value_of(above.front().color), 70, 1e-6);
    CHECK_NEAR(value_of(above.back().color), 90, 1e-6);
    QVERIFY(!row(RampKind::Values, 60, 60).ok() && !row(RampKind::Tints, 0, 101).ok());
    QCOMPARE(row(RampKind::Tints, 0, v - 5).error().said.sentence, Sentence::RampEndsSame);
  }

  void families_that_are_off_are_turned() {
    const Wheel wheel(WheelSpec{});
    Piece piece = new_piece({});
    for (const double hue : {20.0, 140.0, 271.0}) {
      std::vector<LaidColor> colors;
      for (const double v : {35.0, 50.0, 65.0}) {
        const auto found = wheel.nearest_existing({hue, 0.6, v});
        colors.push_back({found.color, WheelPlace{found.at, wheel.spec()}});
      }
      piece = *with_laid_family(std::move(piece), "of " + std::to_string(int(hue)), colors);
    }
    const auto fit = [&](const Piece& p) {
      return *fitted(Relation::Triad, family_hues(current_set(p)->families, wheel));
    };
    const RelationFit before = fit(piece);
    QVERIFY(before.error > 3);
    Piece locked = piece;
    const Id still = current_set(piece)->families[2].swatches[0].id;
    locked = *with_swatches_locked(std::move(locked), {still}, true);
    const auto turned = with_families_turned(piece, before, 1),
               kept = with_families_turned(locked, before, 1);
    QVERIFY(turned.ok() && kept.ok());
    QVERIFY(fit(*turned).error < 0.01);
    QCOMPARE(current_set(*kept)->families[2].swatches[0].color, find_swatch(piece, still)->color);
    for (std::size_t f = 0; f < 3; ++f)
      for (std::size_t s = 0; s < 3; ++s) {
        const Swatch &a = current_set(piece)->families[f].swatches[s],
                     &b = current_set(*turned)->families[f].swatches[s];
        CHECK_NEAR(value_of(a.color), value_of(b.color), 1e-6);
        CHECK_NEAR(wheel.locate(a.color).r, wheel.locate(b.color).r, 1e-6);
      }
    QVERIFY(!with_families_turned(*turned, fit(*turned), 1).ok());
  }
};

QTEST_APPLESS_MAIN(LadderTest)
#include "ladder_test.moc"
