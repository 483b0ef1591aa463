// SPDX-License-Identifier: GPL-3.0-or-later
// Remedies of what grading finds, and changing many swatches at once.
#include "core/color/convert.h"
#include "core/grading/remedies.h"
#include "core/piece/adjust.h"
#include "core/piece/edits.h"
#include "support/check.h"
#include "support/given_piece.h"

#include <algorithm>
#include <random>

using namespace zc;
using namespace zc::test;

class AdjustTest : public QObject {
  Q_OBJECT
private slots:
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
        Piece piece = *with_wheel(new_piece({}), {hues, measure});
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
          if (preview[i].reduced) continue;
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
    QVERIFY(!out[1].reduced && !out[2].reduced);
    QVERIFY(out[0].reduced && out[3].reduced); // -12.5 and 115 do not exist.
    CHECK_NEAR(value_of(out[3].color), 100, 1e-6);
    a = {};
    a.saturation = 3;
    QVERIFY(adjust_preview(*current_set(piece), {}, a, Wheel(piece.wheel))[1].reduced);
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
  void remedies_refuse_what_they_cannot_do() {
    const Piece piece =
        piece_of({{"a", {{120, 0.8, 40}, {240, 0.5, 40.5}, {0, 0, 90}}}, {"b", {{30, 0.3, 60}}}});
    const Id red = swatch(piece, 0, 0).id, blue = swatch(piece, 0, 1).id, none = 999;
    const Id a = current_set(piece)->families[0].id, b = current_set(piece)->families[1].id;
    for (const auto& [x, y] : {std::pair{red, none}, {none, red}}) {
      QCOMPARE(with_merged(piece, x, y).error().code, ErrorCode::NotFound);
      QCOMPARE(with_parted(piece, x, y).error().code, ErrorCode::NotFound);
      QCOMPARE(with_gap_filled(piece, {a, x, y, 30}).error().code, ErrorCode::NotFound);
    }
    QCOMPARE(with_gap_filled(piece, {none, red, blue, 30}).error().code, ErrorCode::NotFound);
    QCOMPARE(with_evened(piece, none).error().code, ErrorCode::NotFound);
    QCOMPARE(with_evened(piece, b).error().code, ErrorCode::BadInput);
    // Which of the two is named first makes no difference to who becomes lighter.
    QCOMPARE(*with_parted(piece, red, blue), *with_parted(piece, blue, red));
    const Piece parted = *with_parted(piece, red, blue);
    CHECK_NEAR(value_of(find_swatch(parted, blue)->color), 42.25, 1e-6);
    CHECK_NEAR(value_of(find_swatch(parted, red)->color), 38.25, 1e-6);
    QVERIFY(find_swatch(parted, red)->picked &&
            std::abs(find_swatch(parted, red)->picked->at.v - 38.25) < 1e-9);
    // At black the lighter one goes all the way, whichever is locked.
    const Piece dark = piece_of({{"a", {{0, 0, 0}, {240, 0.4, 1}}}});
    CHECK_NEAR(value_of(find_swatch(*with_parted(dark, 3, 4), 4)->color), 4, 1e-6);
    CHECK_NEAR(value_of(find_swatch(*with_parted(dark, 3, 4), 3)->color), 0, 1e-6);
    // A neutral keeps the hue it was picked at.
    Piece greys = *with_family(new_piece({}), "f");
    for (const double v : {50.0, 50.5})
      greys = *with_swatch(greys, current_set(greys)->families[0].id,
                           {neutral_of_value(v), WheelPlace{{77, 0, v}, greys.wheel}}, "x");
    const Piece apart = *with_parted(greys, 3, 4);
    for (const auto& s : current_set(apart)->families[0].swatches) QCOMPARE(s.picked->at.a, 77.0);
    Adjustment turn;
    turn.turn = 20;
    CHECK_NEAR(adjusted(swatch(greys, 0, 0), turn, Wheel(greys.wheel)).at.a, 97, 1e-9);
    // A tint of HSV that reaches no further up, above one that cannot move: they cannot be parted so.
    Piece tints = *with_wheel(new_piece({}), {HueScale::Light, SaturationMeasure::Hsv});
    tints = *with_family(tints, "f");
    const Id f = current_set(tints)->families[0].id;
    tints = *with_swatch(tints, f, {{0, 0, 1}, {}}, "blue");
    tints = *with_swatch(tints, f, {neutral_of_value(value_of({0, 0, 1}) - 0.5), {}}, "grey");
    const Id pure = swatch(tints, 0, 0).id, grey = swatch(tints, 0, 1).id;
    const auto stuck = with_parted(*with_swatches_locked(tints, {grey}, true), pure, grey);
    QVERIFY(!stuck && stuck.error().sentence().find("cannot be separated") != std::string::npos);
    const Piece down = *with_parted(tints, pure, grey);
    QCOMPARE(find_swatch(down, pure)->color, (Srgb{0, 0, 1}));
    CHECK_NEAR(value_of(find_swatch(down, grey)->color), value_of({0, 0, 1}) - 4, 1e-6);
    // A gap is filled midway in value, in its family and named in words.
    const Piece filled = *with_gap_filled(piece, {b, red, swatch(piece, 0, 2).id, 50});
    const Swatch& middle = current_set(filled)->families[1].swatches[1];
    CHECK_NEAR(value_of(middle.color), 65, 1e-6);
    QVERIFY(middle.picked && !middle.name.empty() && middle.place == 1);
    // Bringing inside wants a mask that is on and admits something; what is inside is left as it is.
    const Mask disc{"disc", {{AreaMode::Adds, RingSector{0, 360, 0, 0.6}}}, 0, {}};
    QVERIFY(!with_brought_inside(piece, {red}));
    QVERIFY(!with_brought_inside(with_mask_on(with_mask(piece, disc), false), {red}));
    QVERIFY(!with_brought_inside(with_mask(piece, Mask{}), {red}));
    const Piece masked = with_mask(piece, disc);
    QCOMPARE(with_brought_inside(masked, {red, none}).error().code, ErrorCode::NotFound);
    QVERIFY(with_brought_inside(*with_swatches_locked(masked, {red}, true), {red})
                .error()
                .sentence()
                .find("\"a40\" is locked") != std::string::npos);
    const Piece inside = *with_brought_inside(masked, {red, blue});
    QCOMPARE(*find_swatch(inside, blue), *find_swatch(masked, blue));
    CHECK_NEAR(find_swatch(inside, red)->picked->at.r, 0.6, 1e-4);
    CHECK_NEAR(find_swatch(inside, red)->picked->at.v, 40, 1e-6);
    CHECK_ANGLE(find_swatch(inside, red)->picked->at.a, 120, 0.3);
    CHECK_ANGLE(Wheel(masked.wheel).locate(find_swatch(inside, red)->color).a, 120, 0.3);
    // Evening out names what is missing.
    Piece tinted = *with_wheel(new_piece({}), {HueScale::Light, SaturationMeasure::Hsv});
    tinted = *with_family(tinted, "f");
    for (const auto& [name, color] :
         {std::pair{"black", Srgb{0, 0, 0}}, {"pure", {0, 0, 1}}, {"white", {1, 1, 1}}})
      tinted = *with_swatch(tinted, current_set(tinted)->families[0].id, {color, {}}, name);
    QCOMPARE(with_evened(tinted, current_set(tinted)->families[0].id).error().sentence(),
             std::string("\"pure\" does not exist at value 50 with its saturation; make it greyer first."));
  }
  void adjustments_keep_their_ranges() {
    using Field = double Adjustment::*;
    const std::tuple<Field, double, double, const char*> ranges[] = {
        {&Adjustment::turn, -360, 360, "turn"},   {&Adjustment::saturation, 0, 4, "saturation"},
        {&Adjustment::value, -100, 100, "value"}, {&Adjustment::contrast, 0, 4, "contrast"},
        {&Adjustment::pivot, 0, 100, "pivot"},    {&Adjustment::tint_share, 0, 1, "tint"}};
    for (const auto& [field, low, high, place] : ranges)
      for (const auto& [x, good] :
           {std::pair{low, true}, {high, true}, {low - 0.01, false}, {high + 0.01, false}}) {
        Adjustment a;
        a.*field = x;
        const Status status = validate(a);
        QVERIFY2(status.ok() == good, place);
        if (!status) QCOMPARE(status.error().place, std::string(place));
      }
    const auto changes = [](auto set) {
      Adjustment a;
      set(a);
      return a.changes();
    };
    QVERIFY(!Adjustment{}.changes() && !changes([](auto& a) { a.pivot = 20; }));
    QVERIFY(changes([](auto& a) { a.turn = 1; }) && changes([](auto& a) { a.saturation = 0.9; }) &&
            changes([](auto& a) { a.value = 1; }) && changes([](auto& a) { a.contrast = 1.1; }));
    QVERIFY(!changes([](auto& a) {
      a.tint = Srgb{1, 0, 0};
    }) && !changes([](auto& a) { a.tint_share = 1; }) &&
            changes([](auto& a) {
              a.tint = Srgb{1, 0, 0}, a.tint_share = 0.1;
            }));
    const Piece piece = piece_of({{"a", {{120, 0.8, 40}, {240, 0.5, 60}}}, {"b", {{0, 0, 50}}}});
    const Wheel wheel(piece.wheel);
    const Id red = swatch(piece, 0, 0).id, blue = swatch(piece, 0, 1).id, grey = swatch(piece, 1, 0).id;
    Adjustment turn;
    turn.turn = 350;
    // Of a selection only that; a place picked by hand gives a neutral its hue; angles are wrapped.
    const Piece turned = *with_adjusted(piece, piece.current_set, {red}, turn);
    CHECK_NEAR(find_swatch(turned, red)->picked->at.a, 110, 1e-6);
    QCOMPARE(*find_swatch(turned, blue), *find_swatch(piece, blue));
    const Piece all = *with_adjusted(piece, piece.current_set, {}, turn);
    QVERIFY(largest_step(find_swatch(all, grey)->color, swatch(piece, 1, 0).color) < 1e-9);
    QCOMPARE(with_adjusted(piece, 999, {}, turn).error().code, ErrorCode::NotFound);
    QCOMPARE(with_adjusted(piece, piece.current_set, {999}, turn).error().code, ErrorCode::NotFound);
    const Piece locked = *with_swatches_locked(piece, {red, blue, grey}, true);
    QCOMPARE(with_adjusted(locked, piece.current_set, {}, turn).error().code, ErrorCode::NotFound);
    QCOMPARE(adjust_preview(*current_set(locked), {}, turn, wheel).size(), std::size_t{0});
    const auto preview = adjust_preview(*current_set(piece), {grey, red}, turn, wheel);
    QVERIFY(preview.size() == 2 && preview[0].swatch == red && preview[1].swatch == grey);
    // Nothing asked for leaves every color to its last digit; held is only what could not be had.
    for (const auto& a : adjust_preview(*current_set(piece), {}, {}, wheel))
      QVERIFY(a.color == find_swatch(piece, a.swatch)->color && !a.reduced);
    Adjustment lighter;
    lighter.value = 45;
    const auto values = adjust_preview(*current_set(piece), {}, lighter, wheel);
    QVERIFY(!values[0].reduced && values[1].reduced && !values[2].reduced);
    CHECK_NEAR(values[0].at.v, 85, 1e-9);
    // All the way to a light's color, the hue and saturation are its own and the value stays.
    Adjustment tint;
    tint.tint = Srgb{0.9, 0.7, 0.4};
    tint.tint_share = 1;
    const auto tinted = adjusted(swatch(piece, 0, 1), tint, wheel);
    const WheelPoint light = wheel.locate(*tint.tint);
    CHECK_ANGLE(tinted.at.a, light.a, 1e-6);
    CHECK_NEAR(tinted.at.r, light.r, 1e-6);
    CHECK_NEAR(value_of(tinted.color), 60, 1e-6);
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
      const DiscPoint p = disc_point(at);
      QVERIFY(std::any_of(reach.begin(), reach.end(),
                          [&](DiscPoint q) { return std::hypot(p.x - q.x, p.y - q.y) < 1e-9; }));
    }
    QVERIFY(mixing_reach({}, wheel).empty());
    QVERIFY(!mixing_reach({corners[0]}, wheel).empty());
  }
};

QTEST_APPLESS_MAIN(AdjustTest)
#include "adjust_test.moc"
