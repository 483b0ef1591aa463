// SPDX-License-Identifier: GPL-3.0-or-later
// CIEDE2000 against all 34 published pairs, and what two colors differ in.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "support/check.h"

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

struct Pair {
  Lab one, two;
  double expected;
};

// G. Sharma, W. Wu, E. N. Dalal, Color Research & Application 30(1), 2005, table 1; typed in from memory, and
// all 34 agree with the formula to the four printed places.
constexpr Pair kPairs[] = {
    {{50, 2.6772, -79.7751}, {50, 0, -82.7485}, 2.0425},
    {{50, 3.1571, -77.2803}, {50, 0, -82.7485}, 2.8615},
    {{50, 2.8361, -74.0200}, {50, 0, -82.7485}, 3.4412},
    {{50, -1.3802, -84.2814}, {50, 0, -82.7485}, 1.0000},
    {{50, -1.1848, -84.8006}, {50, 0, -82.7485}, 1.0000},
    {{50, -0.9009, -85.5211}, {50, 0, -82.7485}, 1.0000},
    {{50, 0, 0}, {50, -1, 2}, 2.3669},
    {{50, -1, 2}, {50, 0, 0}, 2.3669},
    {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0009}, 7.1792},
    {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0010}, 7.1792},
    {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0011}, 7.2195},
    {{50, 2.4900, -0.0010}, {50, -2.4900, 0.0012}, 7.2195},
    {{50, -0.0010, 2.4900}, {50, 0.0009, -2.4900}, 4.8045},
    {{50, -0.0010, 2.4900}, {50, 0.0010, -2.4900}, 4.8045},
    {{50, -0.0010, 2.4900}, {50, 0.0011, -2.4900}, 4.7461},
    {{50, 2.5, 0}, {50, 0, -2.5}, 4.3065},
    {{50, 2.5, 0}, {73, 25, -18}, 27.1492},
    {{50, 2.5, 0}, {61, -5, 29}, 22.8977},
    {{50, 2.5, 0}, {56, -27, -3}, 31.9030},
    {{50, 2.5, 0}, {58, 24, 15}, 19.4535},
    {{50, 2.5, 0}, {50, 3.1736, 0.5854}, 1.0000},
    {{50, 2.5, 0}, {50, 3.2972, 0}, 1.0000},
    {{50, 2.5, 0}, {50, 1.8634, 0.5757}, 1.0000},
    {{50, 2.5, 0}, {50, 3.2592, 0.3350}, 1.0000},
    {{60.2574, -34.0099, 36.2677}, {60.4626, -34.1751, 39.4387}, 1.2644},
    {{63.0109, -31.0961, -5.8663}, {62.8187, -29.7946, -4.0864}, 1.2630},
    {{61.2901, 3.7196, -5.3901}, {61.4292, 2.2480, -4.9620}, 1.8731},
    {{35.0831, -44.1164, 3.7933}, {35.0232, -40.0716, 1.5901}, 1.8645},
    {{22.7233, 20.0904, -46.6940}, {23.0331, 14.9730, -42.5619}, 2.0373},
    {{36.4612, 47.8580, 18.3852}, {36.2715, 50.5065, 21.2231}, 1.4146},
    {{90.8027, -2.0831, 1.4410}, {91.1528, -1.6435, 0.0447}, 1.4441},
    {{90.9257, -0.5406, -0.9208}, {88.6381, -0.8985, -0.7239}, 1.5381},
    {{6.7747, -0.2908, -2.4247}, {5.8714, -0.0985, -2.2286}, 0.6377},
    {{2.0776, 0.0795, -1.1350}, {0.9033, -0.0636, -0.5514}, 0.9082},
};

} // namespace

class DifferenceTest : public QObject {
  Q_OBJECT
private slots:
  void agrees_with_every_published_pair() {
    static_assert(std::size(kPairs) == 34);
    for (const auto& p : kPairs) {
      QVERIFY2(std::abs(ciede2000(p.one, p.two) - p.expected) <= 1e-4,
               qPrintable(QString::number(ciede2000(p.one, p.two), 'f', 6)));
      QCOMPARE(ciede2000(p.one, p.two), ciede2000(p.two, p.one));
    }
  }
  void tells_what_differs() {
    // The pair of the table at L* 50 and 58: its parts by hand.
    const auto srgb = [](Lab lab) { return srgb_from_xyz(xyz_from_lab(lab)); };
    const ColorDifference d = difference_between(srgb({50, 2.5, 0}), srgb({58, 24, 15}));
    CHECK_NEAR(d.value, 8, 1e-6);
    CHECK_NEAR(d.chroma, 28.301943 - 2.5, 1e-5);
    CHECK_NEAR(*d.hue, 32.005383, 1e-5);
    CHECK_NEAR(d.ciede2000, 19.4535, 1e-4);
    CHECK_NEAR(*difference_between(srgb({58, 24, 15}), srgb({50, 2.5, 0})).hue, -32.005383, 1e-5);
    QVERIFY(!difference_between({0.5, 0.5, 0.5}, {0.8, 0.4, 0.2}).hue);
  }
  void is_symmetric_and_zero_on_itself() {
    std::mt19937_64 random(3);
    std::uniform_real_distribution<double> lightness(0, 100), opponent(-90, 90);
    for (int i = 0; i < 5000; ++i) {
      const Lab a{lightness(random), opponent(random), opponent(random)};
      // Every third pair has exactly opposite hues, where rounding would choose a side.
      const Lab b = i % 3 ? Lab{lightness(random), opponent(random), opponent(random)} : Lab{a.l, -a.a, -a.b};
      QVERIFY(std::abs(ciede2000(a, b) - ciede2000(b, a)) < 1e-9);
      QCOMPARE(ciede2000(a, a), 0.0);
    }
  }
  void has_no_seam_next_to_opposite_hues() {
    // Hues are compared as vectors and, within 0.06 degree of opposite, as angles; the two must meet.
    for (double turn = 179.93; turn < 179.96; turn += 0.0001)
      for (const double hue : {0.0, 47.0, 120.0, 230.0, 275.0, 359.99}) {
        const auto polar = [](double h) {
          return Lab{50, 40 * std::cos(h * M_PI / 180), 40 * std::sin(h * M_PI / 180)};
        };
        const double here = ciede2000(polar(hue), polar(hue + turn)),
                     next = ciede2000(polar(hue), polar(hue + turn + 1e-7));
        QVERIFY2(std::abs(here - next) < 1e-6, qPrintable(QString::number(here - next)));
      }
  }
};

QTEST_APPLESS_MAIN(DifferenceTest)
#include "difference_test.moc"
