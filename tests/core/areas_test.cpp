// SPDX-License-Identifier: GPL-3.0-or-later
// A picture cut into areas: along the edges that were drawn, by hand, and what goes around them.
#include "core/color/convert.h"
#include "core/try/area_outlines.h"
#include "support/check.h"
#include "support/patch.h"

#include <array>
#include <cmath>
#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

/// Known areas with soft texture inside and one-pixel edges between.
struct Drawn {
  Patch photo;
  std::vector<int> areas;
};

Drawn drawn(int width, int height, int kind) {
  Drawn out{Patch(width, height), std::vector<int>(static_cast<std::size_t>(width) * height)};
  std::mt19937 random(17);
  std::vector<Srgb> colors;
  for (int i = 0; i < 12; ++i) colors.push_back(random_color(random));
  for (int y = 0; y < height; ++y)
    for (int x = 0; x < width; ++x) {
      const double u = double(x) / width, v = double(y) / height;
      int area = static_cast<int>(3 * u) + 3 * static_cast<int>(3 * v);
      if (kind == 1) area = static_cast<int>(std::hypot(u - 0.4, v - 0.5) * 9);
      if (kind == 2) area = static_cast<int>(2 * (u + 0.2 * std::sin(5 * v)) + 0.5) + 3 * (v > 0.3 + 0.2 * u);
      out.areas[static_cast<std::size_t>(y) * width + x] = area;
      const Srgb c = colors[static_cast<std::size_t>(area)];
      const auto channel = [&](double n) {
        return std::clamp(n + (static_cast<double>(random() % 1000) / 1000 - 0.5) * 0.05, 0.0, 1.0);
      };
      out.photo.at(x, y) = pixel_of(rounded_8bit({channel(c.r), channel(c.g), channel(c.b)})).word;
    }
  return out;
}

bool at_edge(const std::vector<int>& areas, int width, int height, int x, int y) {
  const auto at = [&](int px, int py) { return areas[static_cast<std::size_t>(py) * width + px]; };
  return (x + 1 < width && at(x, y) != at(x + 1, y)) || (y + 1 < height && at(x, y) != at(x, y + 1));
}

} // namespace

class AreasTest : public QObject {
  Q_OBJECT
private slots:
  void areas_follow_the_edges_that_were_drawn_data();
  void areas_follow_the_edges_that_were_drawn();
  void straight_edges_stay_straight();
  void islands_beyond_the_number_join_the_largest();
  void flat_artwork_keeps_its_own_areas();
  void outlines_go_along_the_pixels();
  void areas_are_split_and_merged_by_hand();
};

void AreasTest::areas_follow_the_edges_that_were_drawn_data() {
  QTest::addColumn<int>("width");
  QTest::addColumn<int>("kind");
  for (const int kind : {0, 1, 2}) {
    QTest::addRow("kind %d", kind) << 400 << kind;
    QTest::addRow("kind %d, large", kind) << 1500 << kind;
  }
}

/// Boundary recall within 2 pixels (D. R. Martin, C. C. Fowlkes, J. Malik, PAMI 26(5), 2004).
void AreasTest::areas_follow_the_edges_that_were_drawn() {
  QFETCH(int, width);
  QFETCH(int, kind);
  const int height = width * 3 / 4;
  const Drawn picture = drawn(width, height, kind);
  AreaSpec spec;
  spec.count = 20;
  const auto areas = cut_into_areas(picture.photo.view(), spec);
  QVERIFY(areas && areas->areas.size() <= 20 && !areas->flat);
  std::vector<int> found(areas->numbers.begin(), areas->numbers.end());
  int edges = 0, met = 0;
  for (int y = 0; y < height; ++y)
    for (int x = 0; x < width; ++x) {
      if (!at_edge(picture.areas, width, height, x, y)) continue;
      ++edges;
      bool near = false;
      for (int dy = -2; dy <= 2 && !near; ++dy)
        for (int dx = -2; dx <= 2 && !near; ++dx) {
          const int px = x + dx, py = y + dy;
          near = px >= 0 && py >= 0 && px < width && py < height && at_edge(found, width, height, px, py);
        }
      met += near;
    }
  QVERIFY2(met >= 0.9 * edges, qPrintable(QString("%1 of %2").arg(met).arg(edges)));
  // They cover the picture, and none is too small.
  std::uint64_t covered = 0;
  for (const PictureArea& a : areas->areas) {
    covered += a.pixels;
    QVERIFY(static_cast<double>(a.pixels) >= spec.smallest / 100 * width * height);
    QCOMPARE(&areas->areas[areas->at(a.x, a.y)], &a);
  }
  QCOMPARE(covered, static_cast<std::uint64_t>(width) * height);
  const auto again = cut_into_areas(picture.photo.view(), spec);
  QVERIFY(again->numbers == areas->numbers && again->areas.size() == areas->areas.size());
}

/// Hard straight edges under noise: areas keep to them and do not fray (precision and recall within 2
/// pixels), and a picture turned by half is cut as before.
void AreasTest::straight_edges_stay_straight() {
  constexpr int width = 1500, height = 1000;
  std::mt19937 random(3);
  std::uniform_real_distribution<double> unit(0, 1);
  std::normal_distribution<double> noise(0, 4);
  std::vector<std::pair<double, double>> seeds;
  std::vector<std::array<double, 3>> colors;
  for (int i = 0; i < 24; ++i) {
    seeds.emplace_back(width * unit(random), height * unit(random));
    colors.push_back({18 + 220 * unit(random), 18 + 220 * unit(random), 18 + 220 * unit(random)});
  }
  Patch photo(width, height), turned(width, height);
  std::vector<int> wanted;
  for (int y = 0; y < height; ++y)
    for (int x = 0; x < width; ++x) {
      std::size_t cell = 0;
      for (std::size_t i = 1; i < seeds.size(); ++i)
        if (std::hypot(x - seeds[i].first, y - seeds[i].second) <
            std::hypot(x - seeds[cell].first, y - seeds[cell].second))
          cell = i;
      wanted.push_back(static_cast<int>(cell));
      const auto channel = [&](std::size_t c) {
        return std::clamp((colors[cell][c] + noise(random)) / 255, 0.0, 1.0);
      };
      photo.at(x, y) = pixel_of(rounded_8bit({channel(0), channel(1), channel(2)})).word;
      turned.at(width - 1 - x, height - 1 - y) = photo.at(x, y);
    }
  AreaSpec spec;
  spec.count = 24;
  const auto areas = cut_into_areas(photo.view(), spec);
  const std::vector<int> found(areas->numbers.begin(), areas->numbers.end());
  const auto met = [&](const std::vector<int>& of, const std::vector<int>& by) {
    int edges = 0, near = 0;
    for (int y = 2; y < height - 2; ++y)
      for (int x = 2; x < width - 2; ++x) {
        if (!at_edge(of, width, height, x, y)) continue;
        ++edges;
        bool there = false;
        for (int dy = -2; dy <= 2 && !there; ++dy)
          for (int dx = -2; dx <= 2 && !there; ++dx) there = at_edge(by, width, height, x + dx, y + dy);
        near += there;
      }
    return static_cast<double>(near) / edges;
  };
  QVERIFY2(met(wanted, found) >= 0.95, qPrintable(QString::number(met(wanted, found))));
  QVERIFY2(met(found, wanted) >= 0.95, qPrintable(QString::number(met(found, wanted))));
  const auto length = [&](const std::vector<int>& of) {
    int out = 0;
    for (int y = 0; y < height; ++y)
      for (int x = 0; x < width; ++x) {
        const int n = of[static_cast<std::size_t>(y) * width + x];
        out += x + 1 < width && of[static_cast<std::size_t>(y) * width + x + 1] != n;
        out += y + 1 < height && of[static_cast<std::size_t>(y + 1) * width + x] != n;
      }
    return out;
  };
  QVERIFY(length(found) <= 1.1 * length(wanted));
  const auto other = cut_into_areas(turned.view(), spec);
  std::size_t changed = 0;
  for (int y = 0; y < height; ++y)
    for (int x = 0; x < width; ++x) {
      const Oklab &p = areas->areas[areas->at(x, y)].mean,
                  &q = other->areas[other->at(width - 1 - x, height - 1 - y)].mean;
      changed += std::hypot(p.l - q.l, p.a - q.a, p.b - q.b) > 0.01;
    }
  QVERIFY2(changed <= 0.01 * width * height, qPrintable(QString::number(changed)));
}

/// Twelve islands in nothing, more than there may be areas: the four largest keep theirs, and each other one
/// joins that which it is most like.
void AreasTest::islands_beyond_the_number_join_the_largest() {
  std::mt19937 random(5);
  Patch photo(240, 160, 0);
  const Srgb8 colors[] = {{200, 60, 50}, {60, 170, 70}, {60, 80, 200}, {220, 210, 190}};
  const auto place = [](int i) { return std::pair(5 + i % 6 * 40, 5 + i / 6 * 80); };
  for (int i = 0; i < 12; ++i) {
    const auto [left, top] = place(i);
    const int side = i < 4 ? 34 : 16 + i;
    // The small ones go by other colors than those that are drawn beside them.
    const Srgb8 c = colors[i < 4 ? i : 3 - i % 4];
    for (int y = top; y < top + side; ++y)
      for (int x = left; x < left + side; ++x) {
        const auto noisy = [&](int channel) {
          return static_cast<std::uint8_t>(std::clamp(channel + int(random() % 25u) - 12, 0, 255));
        };
        photo.at(x, y) = pixel_of(Srgb8{noisy(c.r), noisy(c.g), noisy(c.b)}).word;
      }
  }
  AreaSpec spec;
  spec.count = 4;
  const auto areas = *cut_into_areas(photo.view(), spec);
  QCOMPARE(areas.areas.size(), std::size_t{4});
  const auto middle = [&](int i) { return areas.at(place(i).first + 9, place(i).second + 9); };
  std::set<AreaNumber> large;
  for (int i = 0; i < 4; ++i) large.insert(middle(i));
  QCOMPARE(large.size(), std::size_t{4});
  for (int i = 4; i < 12; ++i) QCOMPARE(middle(i), middle(3 - i % 4));
  QCOMPARE(areas.at(0, 0), kNoArea);
  spec.smallest = 5.01;
  QCOMPARE(cut_into_areas(photo.view(), spec).error().place, std::string("smallest"));
  spec = {};
  spec.smoothing = 2.01;
  QCOMPARE(cut_into_areas(photo.view(), spec).error().place, std::string("smoothing"));
}

void AreasTest::flat_artwork_keeps_its_own_areas() {
  Patch photo(90, 60);
  for (int y = 0; y < 60; ++y)
    for (int x = 0; x < 90; ++x)
      photo.at(x, y) = y == 0 ? 0u : 0xff000000u | static_cast<std::uint32_t>(x / 6 * 5 + y / 12) * 0x030201u;
  const auto areas = cut_into_areas(photo.view(), {});
  std::set<std::uint32_t> colors;
  for (int y = 1; y < 60; ++y)
    for (int x = 0; x < 90; ++x) {
      colors.insert(photo.at(x, y));
      const PictureArea& a = areas->areas[areas->at(x, y)];
      QCOMPARE(photo.at(a.x, a.y), photo.at(x, y));
    }
  QVERIFY(areas->flat && areas->at(3, 0) == kNoArea);
  QCOMPARE(areas->areas.size(), colors.size());
  QVERIFY(!cut_into_areas(photo.view(), {1, 0.02, 0}) && !cut_into_areas(photo.view(), {501, 0.02, 0}));
  // One pixel, one color, nothing at all.
  Patch one(1, 1);
  one.at(0, 0) = 0xff336699u;
  QCOMPARE(cut_into_areas(one.view(), {})->areas.size(), std::size_t{1});
  one.at(0, 0) = 0;
  QVERIFY(cut_into_areas(one.view(), {})->areas.empty());
}

/// The signed area of its loops is the number of an area's pixels.
void AreasTest::outlines_go_along_the_pixels() {
  const Drawn picture = drawn(120, 90, 1);
  AreaSpec spec;
  spec.count = 9;
  spec.smallest = 0;
  spec.smoothing = 0;
  const auto areas = *cut_into_areas(picture.photo.view(), spec);
  const auto outlines = area_outlines(areas);
  QCOMPARE(outlines.size(), areas.areas.size());
  for (std::size_t n = 0; n < outlines.size(); ++n) {
    double twice = 0;
    for (const AreaLoop& loop : outlines[n])
      for (std::size_t i = 0; i < loop.size(); ++i) {
        const auto [x, y] = loop[i];
        const auto [nx, ny] = loop[(i + 1) % loop.size()];
        QVERIFY((x == nx) != (y == ny));
        twice += static_cast<double>(x) * ny - static_cast<double>(nx) * y;
      }
    QCOMPARE(twice / 2, static_cast<double>(areas.areas[n].pixels));
  }
}

void AreasTest::areas_are_split_and_merged_by_hand() {
  // Two squares of one color on another.
  Patch photo(40, 20);
  for (int y = 0; y < 20; ++y)
    for (int x = 0; x < 40; ++x)
      photo.at(x, y) = y >= 5 && y < 15 && (x % 20) >= 5 && (x % 20) < 15 ? 0xffd8904au : 0xff203040u;
  auto areas = *cut_into_areas(photo.view(), {});
  QCOMPARE(areas.areas.size(), std::size_t{2});
  edit_areas(areas, photo.view(), {AreaEdit::Kind::Split, 10, 10});
  QCOMPARE(areas.areas.size(), std::size_t{3});
  QVERIFY(areas.at(10, 10) != areas.at(30, 10));
  QCOMPARE(areas.areas[areas.at(30, 10)].pixels, std::uint64_t{100});
  const auto before = areas.numbers;
  edit_areas(areas, photo.view(), {AreaEdit::Kind::Split, 99, 10});
  edit_areas(areas, photo.view(), {AreaEdit::Kind::Split, 10, 10}); // One color in one place.
  QVERIFY(areas.numbers == before);
  edit_areas(areas, photo.view(), {AreaEdit::Kind::Merge, 10, 10, 0, 0});
  QCOMPARE(areas.areas.size(), std::size_t{2});
  QVERIFY(areas.at(10, 10) == areas.at(0, 0) && areas.at(30, 10) != areas.at(0, 0));
  edit_areas(areas, photo.view(), {AreaEdit::Kind::Split, 0, 0}); // By its two colors now.
  QVERIFY(areas.at(10, 10) != areas.at(0, 0));
}

QTEST_APPLESS_MAIN(AreasTest)
#include "areas_test.moc"
