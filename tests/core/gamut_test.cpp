// SPDX-License-Identifier: GPL-3.0-or-later
// Colors beyond the display are brought back continuously, and no farther than they have to be.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/color/named_spaces.h"
#include "core/try/follow.h"
#include "support/check.h"

#include <algorithm>
#include <cmath>
#include <random>

using namespace zc;
using namespace zc::test;

namespace {

double between(const Oklab& p, const Oklab& q) { return std::hypot(p.l - q.l, p.a - q.a, p.b - q.b); }

Srgb clipped(const Xyz& c) {
  const Srgb wish = srgb_from_xyz(c);
  return {std::clamp(wish.r, 0.0, 1.0), std::clamp(wish.g, 0.0, 1.0), std::clamp(wish.b, 0.0, 1.0)};
}

/// Colors outside sRGB, from two larger spaces in turn; a third of them near yellow, a third near blue.
class Outside {
public:
  explicit Outside(unsigned seed) : m_random(seed) {}
  struct Pair {
    Xyz color, neighbor; ///< One 255th apart in one channel.
  };
  Pair next() {
    while (true) {
      std::array<double, 3> c{one(), one(), one()};
      if (++m_count % 3 == 0) c = {1 - 0.05 * c[0], 1 - 0.1 * c[1], c[2]};
      if (m_count % 3 == 1) c = {0.2 * c[0], 0.2 * c[1], 1 - 0.2 * c[2]};
      const char* space = m_count % 2 == 0 ? "display-p3" : "rec2020";
      const Xyz color = *xyz_in_space(space, c);
      c[m_count / 6 % 3] += 1.0 / 255;
      if (!in_gamut(srgb_from_xyz(color))) return {color, *xyz_in_space(space, c)};
    }
  }

private:
  double one() { return std::uniform_real_distribution<double>(0, 1)(m_random); }
  std::mt19937 m_random;
  unsigned m_count = 0;
};

Lab at_value(const Xyz& c) { return lab_from_srgb(brought_into_gamut_at_value(c)); }
Lab freely(const Xyz& c) { return lab_from_srgb(brought_into_gamut(c)); }

} // namespace

class GamutTest : public QObject {
  Q_OBJECT
private slots:
  void what_exists_stays() {
    std::mt19937 random(1);
    std::uniform_real_distribution<double> unit(0, 1);
    for (int i = 0; i < 2000; ++i) {
      const Srgb c{unit(random), unit(random), unit(random)};
      QVERIFY(largest_step(brought_into_gamut(xyz_from_srgb(c)), c) < 1e-12);
      QVERIFY(largest_step(brought_into_gamut_at_value(xyz_from_srgb(c)), c) < 1e-12);
    }
    QVERIFY(largest_step(brought_into_gamut({2, 2.1, 2.3}), {1, 1, 1}) < 1e-9);
    QCOMPARE(brought_into_gamut_at_value({0.5, 0, -1}), (Srgb{0, 0, 0}));
    QVERIFY(largest_step(brought_into_gamut_at_value({std::nan(""), 1, 1}), {1, 1, 1}) < 1e-12);
  }

  void yellows_stay_yellow() {
    // Yellow of Display P3: clipping is 5.4 away by CIEDE2000, a reduction at CIELAB hue and L* 23.9.
    const Xyz yellow = *xyz_in_space("display-p3", {1, 1, 0});
    const Lab wish = lab_from_xyz(yellow);
    QVERIFY(ciede2000(wish, freely(yellow)) < 6);
    QVERIFY(ciede2000(wish, at_value(yellow)) < 6);
    // Its red is no orange: less than a degree of OKLab hue, where six were lost.
    const Xyz red = *xyz_in_space("display-p3", {1, 0, 0});
    for (const Srgb c : {brought_into_gamut(red), brought_into_gamut_at_value(red)})
      QVERIFY(std::abs(lch_from_oklab(oklab_from_srgb(c)).h - lch_from_oklab(oklab_from_xyz(red)).h) < 1);
    // A step of a quarter of a degree near yellow is a small step.
    for (double hue = 95; hue < 110; hue += 0.25) {
      const auto at = [](double h) { return xyz_from_lab(lab_from_lch({96, 110, h})); };
      QVERIFY(ciede2000(at_value(at(hue)), at_value(at(hue + 0.25))) < 1);
    }
  }

  void never_much_farther_than_clipping() {
    Outside outside(2);
    for (int i = 0; i < 4000; ++i) {
      const Xyz c = outside.next().color;
      const Oklab wish = oklab_from_xyz(c);
      const double plain = between(wish, oklab_from_srgb(clipped(c)));
      QVERIFY(between(wish, oklab_from_srgb(brought_into_gamut(c))) < plain + kJustNoticeable + 1e-9);
      const Srgb level = brought_into_gamut_at_value(c);
      QVERIFY(in_gamut(level));
      CHECK_NEAR(value_of(level), std::min(lightness_from_luminance(c.y), 100.0), 1e-9);
    }
  }

  /// At equal value the best there is was looked for along the whole border of the cut.
  void at_its_value_it_is_near_the_nearest() {
    Outside outside(3);
    for (int i = 0; i < 200; ++i) {
      const Xyz c = outside.next().color;
      if (c.y >= 1) continue;
      const Oklab wish = oklab_from_xyz(c);
      const auto& y = linear_to_xyz_matrix()[1];
      double nearest = 9;
      for (int fixed = 0; fixed < 3; ++fixed)
        for (const double side : {0.0, 1.0})
          for (int step = 0; step <= 400; ++step) {
            std::array<double, 3> x{};
            const int j = (fixed + 1) % 3, k = (fixed + 2) % 3;
            x[fixed] = side;
            x[j] = step / 400.0;
            x[k] = (c.y - y[fixed] * side - y[j] * x[j]) / y[k];
            if (x[k] < 0 || x[k] > 1) continue;
            nearest = std::min(nearest, between(wish, oklab_from_xyz(xyz_from_linear({x[0], x[1], x[2]}))));
          }
      const double found = between(wish, oklab_from_srgb(brought_into_gamut_at_value(c)));
      QVERIFY2(found < nearest + kJustNoticeable + 0.002, qPrintable(QString::number(found - nearest)));
    }
  }

  void neighbors_stay_neighbors() {
    Outside outside(4);
    double free_jump = 0, level_jump = 0;
    for (int i = 0; i < 40000; ++i) {
      const auto [c, n] = outside.next();
      free_jump = std::max(free_jump, ciede2000(freely(c), freely(n)));
      level_jump = std::max(level_jump, ciede2000(at_value(c), at_value(n)));
    }
    qInfo("largest jump %.2f, at equal value %.2f", free_jump, level_jump);
    QVERIFY(free_jump < 3);
    QVERIFY(level_jump < 5);
  }

  /// Neighboring colors of a photo, moved as 200 random sets moved, stay neighbors where the moves themselves
  /// tear nothing.
  void followed_neighbors_stay_neighbors() {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> unit(0, 1);
    double jump = 0, off_value = 0;
    int compared = 0;
    for (int set = 0; set < 200; ++set) {
      std::vector<SwatchMove> moves;
      for (int i = 0; i < 8; ++i) {
        const Srgb from{unit(random), unit(random), unit(random)};
        const Lab lab = lab_from_srgb(from);
        const Lab to{lab.l + 24 * unit(random) - 12, lab.a + 40 * unit(random) - 20,
                     lab.b + 40 * unit(random) - 20};
        moves.push_back({from, brought_into_gamut_at_value(xyz_from_lab(to))});
      }
      const Follow follow(moves, 0.05);
      for (int i = 0; i < 400; ++i) {
        // Half of them yellow.
        const double r = unit(random), g = unit(random), b = unit(random);
        const bool yellow = i % 2 == 0;
        Srgb8 c = rounded_8bit({yellow ? 1 - 0.1 * r : r, yellow ? 1 - 0.2 * g : g, b});
        Srgb8 n = c;
        (i % 3 == 0 ? n.r : i % 3 == 1 ? n.g : n.b) ^= 1;
        const auto p = follow.moved(srgb_from_8bit(c)), q = follow.moved(srgb_from_8bit(n));
        if (ciede2000(p.wanted, q.wanted) > 2) continue;
        ++compared;
        const Srgb8 to = follow.moved(c), beside = follow.moved(n);
        jump = std::max(jump,
                        ciede2000(lab_from_srgb(srgb_from_8bit(to)), lab_from_srgb(srgb_from_8bit(beside))));
        const double lost = std::abs(value_of(p.color) - p.wanted.l);
        if (p.wanted.l < 97) QVERIFY(lost < 1e-6);
        off_value = std::max(off_value, lost);
      }
    }
    qInfo("largest jump %.2f of %d; value off by %.2f", jump, compared, off_value);
    QVERIFY(compared > 70000);
    QVERIFY(jump <= 5);
    QVERIFY(off_value < 4);
  }
};

QTEST_APPLESS_MAIN(GamutTest)
#include "gamut_test.moc"
