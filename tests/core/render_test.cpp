// SPDX-License-Identifier: GPL-3.0-or-later
// A picture that is looked at while hands move against the same picture rendered pixel by pixel.
#include "core/color/convert.h"
#include "core/mask/patterns.h"
#include "core/try/live_picture.h"
#include "core/try/study.h"
#include "support/check.h"
#include "support/patch.h"

#include <map>
#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

class Walk {
public:
  Walk(int w, int h, std::uint32_t levels) : width(w), height(h), m_levels(levels), m_photo(noise()) {
    for (auto& mask : m_masks) {
      const int turn = static_cast<int>(60 * (&mask - m_masks.data()));
      mask = std::make_shared<MaskMapper>(Wheel({}),
                                          MaskRegion(pattern_mask({Pattern::Analogous, 40.0 + turn, 60})));
    }
    for (TriedSide* side : {&tried.left, &tried.right}) {
      for (int i = 0; i < 9; ++i) side->colors.push_back({color(), static_cast<std::size_t>(i / 3)});
      side->limits = {20, 2};
      side->mask = m_masks[0];
      side->way = TryWay::Study;
      move(*side);
    }
    tried.two = true;
    tried.right.way = TryWay::Check;
  }

  [[nodiscard]] unsigned upto(unsigned n) { return static_cast<unsigned>(m_random() % n); }
  /// Changes one thing and says which; the photo is another one where `photo()` is asked for again.
  std::string step() {
    TriedSide& side = upto(2) ? tried.left : tried.right;
    switch (const unsigned what = upto(27)) {
    case 0:
    case 18:
    case 19:
    case 20:
    case 21:
    case 22:
    case 23:
      side.way = TryWay(upto(4));
      return "way";
    case 1:
      side.colors[upto(9)].color = color();
      cut(side);
      return "swatch";
    case 2:
      side.match = side.match == Match::Color ? Match::Value : Match::Color;
      cut(side);
      return "match";
    case 3:
      move(side);
      return "moves";
    case 4:
      side.softness = 0.05 * upto(4);
      return "softness";
    case 5:
      side.mask = upto(4) ? m_masks[upto(2)] : nullptr;
      return "mask";
    case 6:
      side.limits.outside = 1 + upto(6);
      return "outside";
    case 7:
      side.limits.far = 5 + upto(30);
      return "far";
    case 8:
      side.show_far = !side.show_far;
      return "show far";
    case 9:
      side.show_outside = !side.show_outside;
      return "show outside";
    case 10:
      side.ground = {static_cast<std::uint8_t>(upto(256)), 40, 90};
      return "ground";
    case 11:
      side.pointed_out = upto(3) ? std::optional<std::size_t>(upto(9)) : std::nullopt;
      return "pointed out";
    case 12:
      tried.two = !tried.two;
      return "two";
    case 13:
      tried.edge = upto(11) / 10.0;
      return "edge";
    case 14:
      tried.squint = upto(2) ? 1.5 : 0;
      return "squint";
    case 15:
      tried.proof = upto(2) ? ColorMap([](Srgb c) { return Srgb{c.g, c.b, c.r}; }) : ColorMap();
      return "press";
    case 16:
      tried.vision = ColorVision(upto(2) ? ColorVision::Normal : ColorVision::Values);
      return "eyes";
    case 24:
    case 25:
    case 26:
      side.key =
          upto(3) ? std::make_shared<const KeyMap>(KeyMap::turned(Wheel(WheelSpec{}), 30.0 * (1 + upto(11))))
                  : nullptr;
      return "key";
    default:
      if (what == 17 && upto(2)) {
        m_photo = noise();
        for (TriedSide* each : {&tried.left, &tried.right})
          if (each->areas) each->areas = areas(), cut(*each);
        return "photo";
      }
      side.areas = side.areas ? nullptr : areas();
      cut(side);
      return "areas";
    }
  }
  [[nodiscard]] const Patch& photo() const { return m_photo; }
  [[nodiscard]] std::vector<Pixel> plain() const {
    std::vector<Pixel> out(m_photo.pixels.size());
    render_tried(m_photo.view(), tried, out.data());
    return out;
  }
  TriedPicture tried;
  int width, height;

private:
  Srgb color() { return srgb_from_8bit(color_of(Pixel{static_cast<std::uint32_t>(m_random())})); }
  Patch noise() {
    Patch out(width, height);
    for (auto& pixel : out.pixels) pixel = Pixel{static_cast<std::uint32_t>(m_random()) & m_levels}.opaque();
    return out;
  }
  void move(TriedSide& side) {
    side.moves.clear();
    for (unsigned i = upto(4); i > 0; --i) side.moves.push_back({color(), color()});
  }
  std::shared_ptr<const Areas> areas() {
    auto out = std::make_shared<Areas>();
    out->width = width, out->height = height;
    for (int i = 0; i < 6; ++i) out->areas.push_back({{0.1 * i + 0.2, 0.05 * i - 0.1, 0.02}, 0});
    for (int y = 0; y < height; ++y)
      for (int x = 0; x < width; ++x) out->numbers.push_back(static_cast<AreaNumber>((x / 10 + y / 13) % 6));
    return out;
  }
  static void cut(TriedSide& side) {
    if (!side.areas) return;
    side.area_swatches = swatches_of(*side.areas, SwatchMatcher(side.colors, side.match),
                                     std::vector<std::optional<std::size_t>>(side.areas->areas.size()));
  }

  std::mt19937 m_random{12};
  std::uint32_t m_levels; ///< Bits of the photo's colors.
  std::array<std::shared_ptr<const MaskMapper>, 2> m_masks;
  Patch m_photo;
};

} // namespace

/// Of the green of the pixels, in 8-bit steps.
double mean_difference(const std::vector<Pixel>& one, const std::vector<Pixel>& other) {
  double sum = 0;
  for (std::size_t i = 0; i < one.size(); ++i) sum += std::abs(double(one[i].g()) - double(other[i].g()));
  return sum / static_cast<double>(one.size());
}

class RenderTest : public QObject {
  Q_OBJECT
private slots:
  /// Whatever changes, one thing after another: what is kept from before is never stale, and every field
  /// counts.
  void what_is_seen_while_hands_move_is_what_is_rendered_data() {
    QTest::addColumn<bool>("many");
    QTest::newRow("few colors") << false;
    QTest::newRow("many colors, which are drafted first") << true;
  }
  void what_is_seen_while_hands_move_is_what_is_rendered() {
    QFETCH(const bool, many);
    Walk walk(many ? 190 : 48, many ? 130 : 32, many ? 0xffffffu : 0xf0f0f0u);
    if (many) walk.tried.left.way = TryWay::Follow, walk.tried.right.way = TryWay::Photo;
    LivePicture live;
    std::vector<Pixel> out(walk.photo().pixels.size()), before;
    std::map<std::string, int> counts;
    int drafts = 0;
    for (int i = 0; i < (many ? 16 : 900); ++i) {
      // Of many colors only what is drafted.
      const std::set<std::string> drafted{"moves", "softness", "mask", "outside", "photo", "key"};
      std::string what = walk.step();
      while (many && !drafted.contains(what)) what = walk.step();
      if (what == "photo" || live.empty()) live.show(walk.photo().view(), {});
      const auto wanted = walk.plain();
      if (many || i % 2) {
        live.render(walk.tried, Quality::Draft, out.data());
        drafts += !live.exact();
        if (live.exact()) QVERIFY2(out == wanted, what.c_str());
        // A draft is near it: what follows goes the way that a color like it goes.
        QVERIFY2(mean_difference(out, wanted) < 6, what.c_str());
      }
      live.render(walk.tried, Quality::Exact, out.data());
      QVERIFY(live.exact());
      QVERIFY2(out == wanted, what.c_str());
      counts[what] += wanted != before;
      before = wanted;
    }
    QCOMPARE(drafts > 2, many);
    if (many) return;
    QCOMPARE(counts.size(), std::size_t{20});
    for (const auto& [what, changes] : counts) QVERIFY2(changes > 0, (what + " changes nothing").c_str());
  }
  /// A part, made smaller, with the areas of the whole.
  void a_part_shows_the_areas_of_the_whole() {
    auto areas = std::make_shared<Areas>();
    areas->width = 100, areas->height = 60;
    areas->areas.resize(3);
    for (int y = 0; y < 60; ++y)
      for (int x = 0; x < 100; ++x)
        areas->numbers.push_back(static_cast<AreaNumber>(x < 30 ? 0 : y < 40 ? 1 : 2));
    Patch part(20, 15, 0xff336699u);
    part.at(0, 14) = 0;
    TriedPicture tried;
    tried.right = {TryWay::Study, {{{1, 0, 0}, 0}, {{0, 1, 0}, 0}, {{0, 0, 1}, 0}}};
    tried.right.areas = areas;
    tried.right.area_swatches = {2, 0, 1};
    LivePicture live;
    live.show(part.view(), {20, 25, 2}); // x 20 to 60, y 25 to 55 of the whole.
    std::vector<Pixel> out(20 * 15);
    live.render(tried, Quality::Draft, out.data());
    QVERIFY(live.exact());
    for (int y = 0; y < 15; ++y)
      for (int x = 0; x < 20; ++x) {
        const AreaNumber area = areas->at(20 + 2 * x + 1, 25 + 2 * y + 1);
        QCOMPARE(live.area_at(x, y), area);
        QCOMPARE(live.swatch_at(x, y), std::optional(tried.right.area_swatches[area]));
        QCOMPARE(out[static_cast<std::size_t>(y * 20 + x)],
                 swatch_pixel(tried.right.colors, *live.swatch_at(x, y)));
      }
    for (const auto& [x, y] : {std::pair(-1, 3), {20, 3}, {3, -1}, {3, 15}}) {
      QVERIFY(!live.pixel_at(x, y) && !live.swatch_at(x, y));
      QCOMPARE(live.area_at(x, y), kNoArea);
    }
    // Around area 1, columns 5 to 19 and rows 0 to 6: a light line inside, a dark one outside.
    std::vector<Pixel> line(20 * 15, Pixel{1});
    live.outline(1, line.data());
    for (int y = 0; y < 15; ++y)
      for (int x = 0; x < 20; ++x) {
        const bool inside = x >= 5 && y <= 6, edge = inside && (x == 5 || x == 19 || y == 0 || y == 6),
                   beside = (x == 4 && y <= 6) || (x >= 5 && y == 7);
        QCOMPARE(line[static_cast<std::size_t>(y * 20 + x)].word, edge     ? 0xffffffffu
                                                                  : beside ? 0xff000000u
                                                                           : 1u);
      }
    // The photo on the left of an edge has neither swatches nor areas; what is transparent is not seen.
    tried.two = true;
    tried.edge = 0.25;
    live.render(tried, Quality::Exact, out.data());
    QVERIFY(live.on_left(4) && !live.on_left(5));
    QCOMPARE(live.pixel_at(4, 0), std::optional(Pixel{0xff336699u}));
    QVERIFY(!live.swatch_at(4, 0));
    QCOMPARE(live.area_at(4, 0), kNoArea);
    QCOMPARE(live.area_at(5, 0), AreaNumber{1});
    QCOMPARE(out[14 * 20].word, 0u);
    // Where the right side is by pixels, its places are colors again.
    tried.right.areas.reset();
    live.render(tried, Quality::Exact, out.data());
    QCOMPARE(live.area_at(5, 0), kNoArea);
    const SwatchMatcher matcher(tried.right.colors);
    QCOMPARE(live.swatch_at(5, 0), std::optional(matcher.nearest(Pixel{0xff336699u}).swatch));
  }
};

QTEST_GUILESS_MAIN(RenderTest)
#include "render_test.moc"
