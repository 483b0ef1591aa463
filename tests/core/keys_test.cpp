// SPDX-License-Identifier: GPL-3.0-or-later
// Keys: what a turn and a mask make of colors, pictures and sets, against the promises they give and against
// brute force.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/keys/key_picture.h"
#include "core/mask/patterns.h"
#include "core/mask/rays.h"
#include "core/piece/key_edits.h"
#include "core/piece/laying.h"
#include "core/piece/rules.h"
#include "core/try/follow.h"
#include "support/check.h"

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

constexpr double kEighth = 1.0 / 255 + 1e-9; ///< One step of 8 bits.

Mask mask_of(std::vector<Area> areas) {
  Mask out;
  for (Area& area : areas) out.areas.push_back(std::move(area));
  return out;
}
Mask whole_disc() { return mask_of({{AreaMode::Adds, RingSector{0, 360, 0, 1}}}); }

/// Convex ones, bays, holes, islands, one whose neutral lies in no area, and ones seen only in part.
std::vector<std::pair<const char*, Mask>> masks() {
  const Polygon horseshoe{{{-0.7, -0.6},
                           {0.7, -0.6},
                           {0.7, 0.8},
                           {0.45, 0.8},
                           {0.45, -0.3},
                           {-0.45, -0.3},
                           {-0.45, 0.8},
                           {-0.7, 0.8}}};
  return {{"triad", pattern_mask({Pattern::Triad, 33, 0})},
          {"accent", pattern_mask({Pattern::Accent, 210, 60})},
          {"ellipse beside the middle", mask_of({{AreaMode::Adds, Ellipse{{0.4, 0.3}, 0.3, 0.2, 20}}})},
          {"sector", mask_of({{AreaMode::Adds, RingSector{40, 70, 0.3, 0.9}}})},
          {"ring", mask_of({{AreaMode::Adds, RingSector{0, 360, 0.5, 0.8}}})},
          {"horseshoe", mask_of({{AreaMode::Adds, horseshoe}})},
          {"two islands", mask_of({{AreaMode::Adds, Ellipse{{0.6, 0}, 0.2, 0.2, 0}},
                                   {AreaMode::Adds, Ellipse{{-0.6, 0.1}, 0.15, 0.1, 0}}})},
          {"hole", mask_of({{AreaMode::Adds, RingSector{0, 360, 0, 0.9}},
                            {AreaMode::Cuts, Ellipse{{0.2, 0.4}, 0.2, 0.1, 0}}})}};
}

std::vector<WheelSpec> wheels() {
  std::vector<WheelSpec> out;
  for (const HueScale hues : {HueScale::Traditional, HueScale::Light, HueScale::Ink, HueScale::Even})
    for (const SaturationMeasure measure :
         {SaturationMeasure::Hsluv, SaturationMeasure::Hsl, SaturationMeasure::Hsv,
          SaturationMeasure::CielabChroma, SaturationMeasure::OklabChroma})
      out.push_back({hues, measure});
  return out;
}

struct Dice {
  std::mt19937 random{11};
  int below(int n) { return static_cast<int>(random() % static_cast<unsigned>(n)); }
  Srgb8 color() {
    const auto byte = [this] { return static_cast<std::uint8_t>(below(256)); };
    return {byte(), byte(), byte()};
  }
};

Srgb8 moved8(const KeyMap& map, Srgb8 color) { return rounded_8bit(map.moved(srgb_from_8bit(color)).color); }

PixelView view_of(const std::vector<Pixel>& pixels) {
  return {static_cast<int>(pixels.size()), 1, static_cast<int>(pixels.size()), pixels.data()};
}

Piece piece_with(const std::vector<Srgb>& colors) {
  Piece p = new_piece("2026-11-30");
  LaidFamily family{"all", {}};
  for (const Srgb& c : colors) family.colors.push_back({c, {}});
  return *with_laid_families(std::move(p), {family});
}
const List<Family>& families(const Piece& piece) { return current_set(piece)->families; }

} // namespace

class KeysTest : public QObject {
  Q_OBJECT
private slots:
  void rays_end_at_the_first_border();
  void what_changes_nothing_changes_nothing();
  void grey_becomes_the_neutral_and_nothing_lands_outside();
  void turns_there_and_back();
  void values_stay();
  void like_colors_stay_alike();
  void swatches_move_as_their_pixels();
  void following_and_a_key_agree_on_swatches();
  void a_rim_of_its_own_fills_the_mask();
  void numbers_are_those_of_each_pixel();
  void coarse_is_near_exact();
  void sheets_list_and_order_keys();
  void a_piece_takes_a_key();
  void a_key_is_kept_as_a_version();
  void all_sets_turn_along();
};

/// Walked in small steps, asking the mask itself.
void KeysTest::rays_end_at_the_first_border() {
  for (const auto& [name, mask] : masks()) {
    const MaskRegion region(mask);
    const MaskRays rays(region);
    QVERIFY2(region.inside(rays.neutral()), name);
    for (double a = 0.3; a < 360; a += 7.7) {
      const DiscPoint way = disc_point(Angle(a), 1), n = rays.neutral();
      const auto at = [&](double t) { return DiscPoint{n.x + t * way.x, n.y + t * way.y}; };
      double t = 0;
      while (t < 2 && region.inside(at(t + 1e-4))) t += 1e-4;
      const double told = rays.way_to_border(Angle(a));
      QVERIFY2(std::abs(told - t) < 3e-4,
               qPrintable(
                   QStringLiteral("%1 at %2: %3, not %4").arg(QLatin1String(name)).arg(a).arg(told).arg(t)));
    }
  }
  const auto sees = [](const char* wanted) {
    for (const auto& [name, mask] : masks())
      if (std::string_view(name) == wanted) return MaskRays(MaskRegion(mask)).sees_whole_border();
    qFatal("no such mask");
  };
  QVERIFY(sees("triad") && sees("accent") && sees("ellipse beside the middle"));
  QVERIFY(!sees("horseshoe") && !sees("hole") && !sees("two islands") && !sees("ring"));
}

void KeysTest::what_changes_nothing_changes_nothing() {
  Dice dice;
  for (const WheelSpec& spec : wheels()) {
    const Wheel wheel(spec);
    const KeyMap whole = KeyMap::pressed(wheel, MaskRegion(whole_disc()));
    for (int i = 0; i < 200; ++i) {
      const Srgb c = srgb_from_8bit(dice.color());
      QVERIFY(KeyMap::turned(wheel, 720).moved(c).color == c);
      QVERIFY(KeyMap::pressed(wheel, MaskRegion(masks()[0].second), 0).moved(c).color == c);
      QVERIFY(KeyMap::pressed(wheel, MaskRegion(Mask())).moved(c).color == c);
      QVERIFY(largest_step(whole.moved(c).color, c) <= kEighth);
    }
  }
}

void KeysTest::grey_becomes_the_neutral_and_nothing_lands_outside() {
  Dice dice;
  for (const WheelSpec& spec : wheels()) {
    const Wheel wheel(spec);
    for (const auto& [name, mask] : masks()) {
      const MaskRegion region(mask);
      const KeyMap map = KeyMap::pressed(wheel, region);
      const DiscPoint n = *mask_neutral(region);
      for (const double v : {8.0, 30.0, 55.0, 80.0}) {
        const Srgb wanted = wheel.nearest_existing(wheel_point(n, v)).color;
        QVERIFY2(largest_step(map.moved(neutral_of_value(v)).color, wanted) <= kEighth, name);
      }
      for (int i = 0; i < 60; ++i) {
        const auto to = map.moved(srgb_from_8bit(dice.color()));
        QVERIFY2(to.reduced || region.inside(disc_point(to.at)) || map.wheel().spec() != spec, name);
      }
    }
  }
}

void KeysTest::turns_there_and_back() {
  Dice dice;
  for (const WheelSpec& spec : wheels()) {
    const Wheel wheel(spec);
    int counted = 0;
    for (int i = 0; i < 300; ++i) {
      const double by = dice.below(360);
      const Srgb c = srgb_from_8bit(dice.color());
      const auto there = KeyMap::turned(wheel, by).moved(c);
      const WheelPoint from = wheel.locate(c);
      if (from.r > 1e-3 && !there.reduced) CHECK_ANGLE(there.at.a, from.a + by, 1e-6);
      if (there.reduced) {
        CHECK_NEAR(there.at.r, wheel.reach(Angle(there.at.a), from.v), 1e-6);
        continue;
      }
      ++counted;
      QVERIFY(largest_step(KeyMap::turned(wheel, -by).moved(there.color).color, c) <= kEighth);
    }
    QVERIFY2(counted > (fills_disc(spec.measure) ? 290 : 60), qPrintable(QString::number(counted)));
  }
}

/// Of the 8 bits that are seen, which alone may move L* by a good tenth.
void KeysTest::values_stay() {
  Dice dice;
  double worst = 0;
  for (const WheelSpec& spec : wheels()) {
    const Wheel wheel(spec);
    const auto judge = [&](const KeyMap& map) {
      const Srgb8 c = dice.color();
      const auto to = map.moved(srgb_from_8bit(c));
      worst = std::max(worst, std::abs(value_of(to.color) - value_of(srgb_from_8bit(c))));
      QVERIFY(std::abs(value_of(srgb_from_8bit(moved8(map, c))) - value_of(srgb_from_8bit(c))) < 0.3);
    };
    for (int i = 0; i < 100; ++i) judge(KeyMap::turned(wheel, 37 * i));
    for (const auto& [name, mask] : masks())
      for (const double strength : {0.4, 1.0}) {
        const KeyMap map = KeyMap::pressed(wheel, MaskRegion(mask), strength);
        for (int i = 0; i < 20; ++i) judge(map);
      }
  }
  QVERIFY2(worst < 1e-6, qPrintable(QString::number(worst)));
}

void KeysTest::like_colors_stay_alike() {
  Dice dice;
  int judged = 0;
  for (const WheelSpec& spec : wheels()) {
    const Wheel wheel(spec);
    for (const auto& [name, mask] : masks()) {
      const KeyMap map = KeyMap::pressed(wheel, MaskRegion(mask));
      if (!map.is_smooth()) continue;
      for (int i = 0; i < 150; ++i) {
        const Srgb8 c = dice.color();
        Srgb8 next = c;
        std::uint8_t& channel = i % 3 == 0 ? next.r : i % 3 == 1 ? next.g : next.b;
        channel = static_cast<std::uint8_t>(channel == 255 ? 254 : channel + 1);
        const double jump = ciede2000(lab_from_srgb(srgb_from_8bit(moved8(map, c))),
                                      lab_from_srgb(srgb_from_8bit(moved8(map, next))));
        QVERIFY2(jump < 6, qPrintable(QStringLiteral("%1: %2").arg(QLatin1String(name)).arg(jump)));
        ++judged;
      }
    }
  }
  QVERIFY(judged > 5000);
}

void KeysTest::swatches_move_as_their_pixels() {
  Dice dice;
  const auto all = wheels();
  for (std::size_t w = 0; w < all.size(); ++w) {
    std::vector<Srgb> colors;
    std::vector<Pixel> pixels;
    for (int i = 0; i < 500; ++i) {
      const Srgb8 c = dice.color();
      colors.push_back(srgb_from_8bit(c));
      pixels.push_back(pixel_of(c));
    }
    Piece piece = piece_with(colors);
    piece.wheel = all[w];
    KeySheet sheet;
    sheet.strength = 0.7;
    piece.mask = masks()[w % 4].second;
    const auto keys = keys_of(piece, sheet, {masks()[w % masks().size()].second}, 90);
    const KeyPicture picture(view_of(pixels), Wheel(piece.wheel));
    for (const std::size_t k : {std::size_t{0}, 1 + w % (keys.size() - 1)}) {
      const auto taken = with_key_taken(piece, keys[k]);
      QVERIFY(taken);
      std::vector<Pixel> shown(pixels.size()), full(pixels.size());
      picture.render(*key_map(piece, keys[k]), KeyPicture::Quality::Exact, shown.data());
      render_in_key(view_of(pixels), *key_map(piece, keys[k]), full.data());
      QVERIFY(shown == full);
      std::size_t i = 0;
      for (const Swatch& s : families(*taken)[0].swatches)
        QVERIFY(largest_step(s.color, srgb_from_8bit(color_of(shown[i++]))) <= kEighth);
      QCOMPARE(i, shown.size());
    }
  }
}

/// The set taken into a key, followed from the set before: a swatch's color goes the same way.
void KeysTest::following_and_a_key_agree_on_swatches() {
  std::mt19937 random(31);
  for (const WheelSpec& spec : {WheelSpec{}, WheelSpec{HueScale::Even, SaturationMeasure::OklabChroma}}) {
    const Wheel wheel(spec);
    Piece piece = new_piece({});
    piece.wheel = spec;
    for (int family = 0; family < 4; ++family) {
      std::vector<LaidColor> colors;
      for (int i = 0; i < 6; ++i) {
        const auto found =
            wheel.nearest_existing({double(random() % 360), (random() % 90) / 100.0, 15.0 + random() % 75});
        colors.push_back({found.color, WheelPlace{found.at, spec}});
      }
      piece = *with_laid_family(std::move(piece), "family " + std::to_string(family), colors);
    }
    for (const KeyMap& map : {KeyMap::turned(wheel, 77),
                              KeyMap::pressed(wheel, MaskRegion(pattern_mask({Pattern::Triad, 33, 0})))}) {
      const Piece moved = with_sets_moved(piece, map, Carry::SetToo);
      std::vector<SwatchMove> moves;
      for (std::size_t f = 0; f < 4; ++f)
        for (std::size_t s = 0; s < 6; ++s)
          moves.push_back({current_set(piece)->families[f].swatches[s].color,
                           current_set(moved)->families[f].swatches[s].color});
      const Follow follow(moves);
      for (const SwatchMove& move : moves) {
        QVERIFY(largest_step(follow.moved(move.from).color, map.moved(move.from).color) < 1.0 / 255);
      }
    }
  }
}

void KeysTest::a_rim_of_its_own_fills_the_mask() {
  const Wheel wheel(WheelSpec{});
  const MaskRegion region(mask_of({{AreaMode::Adds, Ellipse{{0, 0}, 0.5, 0.5, 0}}}));
  const WheelPoint pale{100, 0.4, 50};
  CHECK_NEAR(KeyMap::pressed(wheel, region).moved(pale).at.r, 0.2, 1e-4);
  CHECK_NEAR(KeyMap::pressed(wheel, region, 1, 0.4).moved(pale).at.r, 0.5, 1e-4);
  CHECK_NEAR(KeyMap::pressed(wheel, region, 1, 0.4).moved(WheelPoint{100, 0.9, 50}).at.r, 0.5, 1e-4);
  CHECK_NEAR(KeyMap::pressed(wheel, region, 0.5).moved(pale).at.r, 0.3, 1e-4);
}

void KeysTest::numbers_are_those_of_each_pixel() {
  Dice dice;
  std::vector<Pixel> pixels;
  for (int i = 0; i < 6000; ++i) pixels.push_back(pixel_of(dice.color()));
  pixels.insert(pixels.end(), 500, pixels[3]);
  pixels.insert(pixels.end(), 900, Pixel{0x00ffffff});
  const Wheel wheel(WheelSpec{HueScale::Even, SaturationMeasure::OklabChroma});
  const KeyMap map = KeyMap::turned(wheel, 110);
  double reduced = 0, difference = 0, before = 0, after = 0, count = 0;
  for (const Pixel p : pixels) {
    if (p.alpha() == 0) continue;
    const auto to = map.moved(srgb_from_8bit(color_of(p)));
    const Srgb from = srgb_from_8bit(color_of(p)), now = srgb_from_8bit(rounded_8bit(to.color));
    const auto chroma = [](Srgb c) { return std::hypot(oklab_from_srgb(c).a, oklab_from_srgb(c).b); };
    ++count;
    reduced += to.reduced;
    difference += ciede2000(lab_from_srgb(from), lab_from_srgb(now));
    before += chroma(from);
    after += chroma(now);
  }
  QVERIFY(reduced / count > 0.2 && reduced / count < 0.9);
  for (const KeyNumbers& told :
       {key_numbers(view_of(pixels), map), KeyPicture(view_of(pixels), wheel).numbers(map)}) {
    CHECK_NEAR(told.reduced, reduced / count, 1e-12);
    CHECK_NEAR(told.difference, difference / count, 1e-9);
    CHECK_NEAR(told.kept, after / before, 1e-9);
  }
  QVERIFY(KeyPicture(view_of(pixels), wheel).numbers(KeyMap::turned(wheel, 0)) == KeyNumbers());
  const std::vector<Pixel> grey(40, pixel_of(Srgb8{90, 90, 90})), nothing(3, Pixel());
  QCOMPARE(key_numbers(view_of(grey), map).kept, 1.0);
  QVERIFY(key_numbers(view_of(nothing), map) == KeyNumbers());
}

/// In a photo; what is coarse is gone a moment later.
void KeysTest::coarse_is_near_exact() {
  std::vector<Pixel> pixels;
  for (int y = 0; y < 100; ++y)
    for (int x = 0; x < 100; ++x)
      pixels.push_back(
          pixel_of(rounded_8bit(srgb_from_hsv({200 + x * 0.6, 0.2 + 0.005 * y, 0.3 + 0.006 * y}))));
  const Wheel wheel(WheelSpec{});
  const KeyPicture picture(view_of(pixels), wheel);
  for (const KeyMap& map :
       {KeyMap::turned(wheel, 120), KeyMap::pressed(wheel, MaskRegion(masks()[1].second))}) {
    std::vector<Pixel> coarse(pixels.size()), exact(pixels.size());
    picture.render(map, KeyPicture::Quality::Coarse, coarse.data());
    picture.render(map, KeyPicture::Quality::Exact, exact.data());
    double sum = 0;
    for (std::size_t i = 0; i < pixels.size(); ++i)
      sum += ciede2000(lab_from_srgb(srgb_from_8bit(color_of(coarse[i]))),
                       lab_from_srgb(srgb_from_8bit(color_of(exact[i]))));
    QVERIFY2(sum / double(pixels.size()) < 1, qPrintable(QString::number(sum / double(pixels.size()))));
    QVERIFY(coarse != exact);
  }
}

void KeysTest::sheets_list_and_order_keys() {
  Piece piece = piece_with({{0.7, 0.4, 0.2}});
  piece.mask = pattern_mask({Pattern::Accent, 40, 60});
  const Mask shelf = masks()[2].second;
  KeySheet sheet;
  sheet.step = 90;
  const auto kinds = [](const std::vector<ColorKey>& keys, KeyKind kind) {
    return std::count_if(keys.begin(), keys.end(), [kind](const ColorKey& k) { return k.kind == kind; });
  };
  const auto all = keys_of(piece, sheet, {shelf, Mask()}, 120);
  QVERIFY(all[0].kind == KeyKind::Current && kinds(all, KeyKind::Turn) == 3);
  QVERIFY(kinds(all, KeyKind::Pattern) == 8 && kinds(all, KeyKind::Shelf) == 1); // An empty mask is no key.
  double last = -1;
  for (const ColorKey& k : all)
    if (k.kind == KeyKind::Turn) {
      QVERIFY(k.turn > last);
      last = k.turn;
      QCOMPARE(*k.plan->mask, turned_mask(*piece.mask, k.turn));
    }
  sheet.step = 100; // The last turn is no whole step from the first.
  sheet.rows = KeyRows::Turns;
  QCOMPARE(keys_of(piece, sheet, {shelf}, 0).size(), std::size_t{4});
  sheet.rows = KeyRows::Masks;
  QCOMPARE(keys_of(piece, sheet, {shelf}, 0).size(), std::size_t{10});
  sheet.rows = KeyRows::Versions;
  QCOMPARE(keys_of(piece, sheet, {shelf}, 0).size(), std::size_t{1});
  piece = *with_version_kept(piece, piece.current_set, "dusk");
  const auto versions = keys_of(piece, sheet, {}, 0);
  QVERIFY(versions.size() == 2 && versions[1].name == "dusk" && versions[1].plan == plan_key(piece));
  const std::vector<ColorKey> three(3);
  const std::vector<KeyNumbers> numbers{{0, 0, 1}, {0, 9, 0.9}, {0, 4, 0.2}};
  QVERIFY(order_of(three, numbers, KeyOrder::Nearest) == std::vector<std::size_t>({0, 2, 1}));
  QVERIFY(order_of(three, numbers, KeyOrder::Kept) == std::vector<std::size_t>({0, 1, 2}));
  QVERIFY(order_of(three, numbers, KeyOrder::Hue) == std::vector<std::size_t>({0, 1, 2}));
}

void KeysTest::a_piece_takes_a_key() {
  Piece piece = piece_with({{0.7, 0.4, 0.2}, {0.2, 0.3, 0.5}});
  const Id locked = families(piece)[0].swatches[1].id;
  piece = *with_swatches_locked(std::move(piece), {locked}, true);
  KeySheet sheet;
  // Without a mask the set turns alone.
  sheet.rows = KeyRows::Turns;
  const auto turn = keys_of(piece, sheet, {}, 0)[4];
  const Piece turned = *with_key_taken(piece, turn);
  QVERIFY(!turned.mask && find_swatch(turned, locked)->color == find_swatch(piece, locked)->color);
  const Swatch &before = families(piece)[0].swatches[0], &after = families(turned)[0].swatches[0];
  CHECK_ANGLE(Wheel(piece.wheel).locate(after.color).a, Wheel(piece.wheel).locate(before.color).a + turn.turn,
              1e-6);
  QVERIFY(after.picked && after.picked->wheel == piece.wheel && after.id == before.id);
  sheet.rows = KeyRows::Masks;
  piece.mask_on = false;
  for (const ColorKey& key : keys_of(piece, sheet, {masks()[2].second}, 40)) {
    if (key.kind == KeyKind::Current) continue;
    const Piece taken = *with_key_taken(piece, key);
    QVERIFY(taken.mask == key.plan->mask && taken.mask_on);
    QVERIFY(MaskRegion(*taken.mask).inside(disc_point(families(taken)[0].swatches[0].picked->at)));
    QVERIFY(check(taken).empty());
  }
}

void KeysTest::a_key_is_kept_as_a_version() {
  Piece piece = piece_with({{0.7, 0.4, 0.2}});
  piece.mask = pattern_mask({Pattern::Complement, 40, 40});
  const ColorKey key = keys_of(piece, {}, {}, 0)[3];
  const Piece kept = *with_key_as_version(piece, key, "third");
  QVERIFY(families(kept) == families(piece) && kept.mask == piece.mask);
  const SetVersion& version = current_set(kept)->versions[0];
  QVERIFY(version.key == key.plan && version.name == "third");
  QVERIFY(version.families == families(*with_key_taken(piece, key)));
  // Restored, mask and wheel come with it, and what was there can be restored in turn.
  Piece other = *with_wheel(kept, {HueScale::Even, SaturationMeasure::Hsv});
  const Piece restored = *with_version_restored(other, version.id);
  QVERIFY(restored.wheel == piece.wheel && restored.mask == key.plan->mask && restored.mask_on);
  QVERIFY(families(restored) == version.families);
  const SetVersion& undo = current_set(restored)->versions.back();
  const Piece back = *with_version_restored(restored, undo.id);
  QVERIFY(back.wheel == other.wheel && back.mask == other.mask && families(back) == families(other));
  // One without a mask leaves the piece's mask, off.
  Piece bare = *with_version_kept(with_mask_on(piece, false), piece.current_set, "bare");
  bare = *with_version_restored(with_mask_on(bare, true), current_set(bare)->versions[0].id);
  QVERIFY(!bare.mask_on && bare.mask == piece.mask);
  QVERIFY(!with_key_as_version(kept, keys_of(kept, {KeyRows::Versions}, {}, 0)[1], "again"));
  // A version moves colors as its swatches moved.
  const auto map = key_function(kept, keys_of(kept, {KeyRows::Versions}, {}, 0)[1]);
  QVERIFY(largest_step(map(families(kept)[0].swatches[0].color), version.families[0].swatches[0].color) <=
          kEighth);
}

void KeysTest::all_sets_turn_along() {
  Piece piece = piece_with({{0.7, 0.4, 0.2}});
  piece.mask = pattern_mask({Pattern::Accent, 40, 60});
  piece = *with_version_kept(piece, piece.current_set, "before");
  piece = *with_set_duplicated(piece, piece.current_set);
  const Piece all = *with_mask_turned(piece, 30, Carry::AllToo),
              one = *with_mask_turned(piece, 30, Carry::SetToo);
  const auto hue = [&](const List<Family>& f) { return Wheel(piece.wheel).locate(f[0].swatches[0].color).a; };
  const double was = hue(piece.sets[0].families);
  CHECK_ANGLE(hue(all.sets[0].families), was + 30, 1e-6);
  CHECK_ANGLE(hue(all.sets[1].families), was + 30, 1e-6);
  CHECK_ANGLE(hue(all.sets[0].versions[0].families), was + 30, 1e-6);
  QVERIFY(all.sets[0].versions[0].key->mask == all.mask);
  CHECK_ANGLE(hue(one.sets[0].families), was, 1e-9);
  CHECK_ANGLE(hue(one.sets[1].families), was + 30, 1e-6);
  QVERIFY(one.sets[0].versions == piece.sets[0].versions);
}

QTEST_APPLESS_MAIN(KeysTest)
#include "keys_test.moc"
