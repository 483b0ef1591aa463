// SPDX-License-Identifier: GPL-3.0-or-later
// Whether a set is what it says: the relation its hues stand in, against brute force.
#include "core/grading/relation_check.h"
#include "core/piece/edits.h"
#include "core/piece/laying.h"
#include "support/check.h"

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

struct Brute {
  double error = 1e9, turn = 0;
};

/// Every hundredth of a degree, by the words of the definition.
Brute brute_force(Relation relation, const std::vector<FamilyHue>& families) {
  std::vector<double> members{0};
  for (const double turn : relation_turns(relation)) members.push_back(turn);
  Brute best;
  for (int step = 0; step < 36'000; ++step) {
    const double turn = step / 100.0;
    double sum = 0, weight = 0;
    unsigned taken = 0;
    for (const FamilyHue& f : families) {
      double least = 1e9;
      unsigned whose = 0;
      for (unsigned m = 0; m < members.size(); ++m) {
        const double away = std::abs(std::remainder(f.hue - members[m] - turn, 360.0));
        if (away >= least) continue;
        least = away;
        whose = m;
      }
      taken |= 1u << whose;
      sum += f.weight * least * least;
      weight += f.weight;
    }
    if (taken != (1u << members.size()) - 1) continue;
    if (const double error = std::sqrt(sum / weight); error < best.error) best = {error, turn};
  }
  return best;
}

} // namespace

class RelationTest : public QObject {
  Q_OBJECT
private slots:
  /// A thousand were compared once; these few see a slip as well and take a second.
  void the_best_turn_is_exact() {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> hue(0, 360), weight(0.05, 3);
    int fits = 0;
    for (int set = 0; set < 60; ++set) {
      std::vector<FamilyHue> families(2 + random() % 5);
      for (std::size_t i = 0; i < families.size(); ++i) families[i] = {i + 1, hue(random), weight(random)};
      for (const auto& relation : kRelationWords) {
        const auto fit = fitted(relation.value, families);
        const Brute brute = brute_force(relation.value, families);
        QCOMPARE(fit.has_value(), brute.error < 1e8);
        if (!fit) continue;
        ++fits;
        QVERIFY2(fit->error <= brute.error + 1e-9 && fit->error > brute.error - 0.01,
                 qPrintable(QStringLiteral("%1, not %2").arg(fit->error).arg(brute.error)));
        double sum = 0, all = 0;
        for (std::size_t i = 0; i < families.size(); ++i) {
          CHECK_ANGLE(fit->families[i].angle + fit->families[i].off, families[i].hue, 1e-9);
          sum += families[i].weight * fit->families[i].off * fit->families[i].off;
          all += families[i].weight;
        }
        CHECK_NEAR(fit->error, std::sqrt(sum / all), 1e-9);
      }
    }
    QVERIFY(fits > 150);
  }
  void made_relations_are_recognized() {
    std::mt19937 random(9);
    std::normal_distribution<double> noise(0, 3);
    const Wheel wheel(WheelSpec{});
    int right = 0, all = 0;
    for (int i = 0; i < 140; ++i) {
      const auto& relation = kRelationWords[i % std::size(kRelationWords)];
      const WheelPoint color{static_cast<double>(random() % 360), 0.8, 55};
      std::vector<LaidFamily> laid;
      for (const RelationMember& member : related(wheel, color, relation.value)) {
        const auto found = wheel.nearest_existing({member.at.a + noise(random), member.at.r, member.at.v});
        laid.push_back({std::to_string(laid.size()), {{found.color, {}}}});
      }
      const Piece piece = *with_laid_families(new_piece({}), laid);
      const auto fits = relation_fits(family_hues(current_set(piece)->families, wheel));
      QVERIFY(!fits.empty());
      ++all;
      right += fits[0].relation == relation.value;
    }
    QVERIFY2(right >= 0.95 * all, qPrintable(QStringLiteral("%1 of %2").arg(right).arg(all)));
  }
  void families_count_by_their_chroma() {
    const Wheel wheel(WheelSpec{});
    const auto at = [&](double a, double r) { return wheel.nearest_existing({a, r, 50}).color; };
    const Piece piece =
        *with_laid_families(new_piece({}), {{"two hues", {{at(10, 0.9), {}}, {at(30, 0.3), {}}}},
                                            {"grey", {{at(200, 0.01), {}}}}});
    const auto hues = family_hues(current_set(piece)->families, wheel);
    QCOMPARE(hues.size(), std::size_t{1}); // A grey has no hue to speak of.
    QVERIFY(hues[0].hue > 10 && hues[0].hue < 20);
    QVERIFY(!fitted(Relation::Complement, hues) && relation_fits(hues).empty());
    QVERIFY(relation_fits({}).empty());
  }
};

QTEST_APPLESS_MAIN(RelationTest)
#include "relation_test.moc"
