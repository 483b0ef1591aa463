// SPDX-License-Identifier: GPL-3.0-or-later
// What lies at hand on an afternoon: relations, results, wells, samples, what is selected.
#include "core/color/convert.h"
#include "core/mask/patterns.h"
#include "core/session/session.h"
#include "support/afternoon.h"
#include "support/check.h"

using namespace zc;
using namespace zc::test;

class AtHandTest : public QObject {
  Q_OBJECT
private slots:
  void relations_stand_or_follow() {
    Afternoon a;
    a.session = *picked_in_plan(a.session, a.rules(), disc_point(Angle(120), 0.5));
    const Session fixed = relations_fixed(a.session, true);
    const Session moved = *picked_in_plan(fixed, a.rules(), disc_point(Angle(200), 0.5));
    CHECK_ANGLE(members(moved, a.geometry)[0].at.a, 120, 1e-9);
    CHECK_ANGLE(members(relations_fixed(moved, false), a.geometry)[0].at.a, 200, 1e-9);
    // A member that was slid keeps its angle while the others follow, until another relation is chosen.
    const Session triad = relation_chosen(relations_fixed(moved, false), Relation::Triad);
    const Session slid =
        *picked_in_plan(member_slid(triad, 2, Angle(77)), a.rules(), disc_point(Angle(10), 0.5));
    CHECK_ANGLE(members(slid, a.geometry)[1].at.a, 130, 1e-9);
    CHECK_ANGLE(members(slid, a.geometry)[2].at.a, 77, 1e-9);
    CHECK_NEAR(members(slid, a.geometry)[2].turn, 67, 1e-9);
    CHECK_ANGLE(members(relation_chosen(slid, Relation::Square), a.geometry)[2].at.a, 190, 1e-9);
    // Vivid ones stand at the value of their hue, and are laid with their place.
    const auto laid = laid_members(relation_valued(slid, MemberValue::Vivid), a.geometry);
    for (const auto& color : laid)
      CHECK_NEAR(value_of(color.color), vivid_value(a.geometry.wheel(), Angle(color.picked->at.a)), 1e-6);
    // On another wheel they are found anew from the color they were fixed at.
    a.session = moved;
    a.edit(with_wheel(a.piece, kLightHsl));
    CHECK_ANGLE(members(a.session, a.geometry)[0].at.a, Wheel(kLightHsl).locate(fixed.color()).a, 1e-6);
  }
  void the_vivid_plan_gives_the_value_with_the_hue() {
    Afternoon a;
    a.session = *nudged(a.session, a.rules(), PlaceNumber::Saturation, 0);
    a.session.vivid_plan = true;
    for (const double angle : {0.0, 95.0, 240.0, 301.5}) {
      a.session = *picked_in_plan(a.session, a.rules(), disc_point(Angle(angle), 0.8));
      CHECK_NEAR(a.session.at.at.v, vivid_value(a.geometry.wheel(), Angle(angle)), 1e-9);
      CHECK_NEAR(a.session.at.at.r, 0.8, 1e-9);
      // Value and section go their own ways as before.
      const double held = picked_on_rail(a.session, a.rules(), 40).at.at.v;
      CHECK_NEAR(held, 40, 1e-9);
    }
  }
  void a_result_is_taken_up_changed_and_put_back() {
    Afternoon a;
    Extracted extracted;
    extracted.reference = 7;
    extracted.colors = {{{0.9, 0.2, 0.1}, 0.5, 3, 4, Band::Middle}, {{0.1, 0.2, 0.1}, 0.5, 5, 6, Band::Dark}};
    Session s = result_used(extracted_shown(a.session, extracted), a.geometry, 1);
    QCOMPARE(s.color(), extracted.colors[1].color);
    QCOMPARE(s.origin, std::optional(SampleOrigin{7, 5, 6}));
    s = chosen_replaced(picked_on_rail(s, a.rules(), 90), a.piece.bands);
    QCOMPARE(s.extracted.colors[1].color, s.color());
    QVERIFY(s.extracted.colors[1].band == Band::Light && s.extracted.colors[1].x == 5);
    QCOMPARE(s.extracted.colors[0], extracted.colors[0]);
  }
  void wells_are_taken_up_and_laid_down() {
    const Session fresh;
    QVERIFY(!fresh.filling_well);
    Afternoon a;
    QCOMPARE(well_used(a.session, a.geometry, 3).error().code, ErrorCode::NotFound);
    a.session = color_used(well_chosen(a.session, a.geometry, 0), a.geometry, {0.9, 0.2, 0.1});
    a.session = well_laid_down(a.session, 3);
    a.session.filling_well.reset();
    a.session = color_used(a.session, a.geometry, {0.1, 0.2, 0.9});
    QVERIFY(a.session.at_hand.wells[0] == (Srgb{0.9, 0.2, 0.1}));
    QCOMPARE(well_used(a.session, a.geometry, 3)->color(), (Srgb{0.9, 0.2, 0.1}));
  }
  /// Three rows; what picks fill stays the same well when a row before it goes, and no color is lost.
  void rows_of_wells_come_and_go() {
    Afternoon a;
    Session s = *well_row_added(*well_row_added(a.session));
    QCOMPARE(well_rows(s.at_hand), kMostWellRows);
    QCOMPARE(s.at_hand.row, std::size_t{2});
    QCOMPARE(well_row_added(s).error().code, ErrorCode::TooLarge);
    s = *well_row_named(*well_row_named(s, 1, "  skin "), 2, "cloth");
    for (std::size_t well = 0; well < 24; ++well)
      s.at_hand.wells[well] = Srgb{static_cast<double>(well) / 24, 0.5, 0.25};
    s.filling_well = 19;
    const Session less = *well_row_removed(s, 1);
    QCOMPARE(well_rows(less.at_hand), std::size_t{2});
    QCOMPARE(row_name(less.at_hand, 1), std::string("cloth"));
    QCOMPARE(less.filling_well, std::optional<std::size_t>(11));
    QVERIFY(less.at_hand.wells[11] == s.at_hand.wells[19] && less.at_hand.wells[0] == s.at_hand.wells[0]);
    for (std::size_t i = 0; i < kWellsInRow; ++i) QVERIFY(less.at_hand.recent[i] == *s.at_hand.wells[8 + i]);
    QCOMPARE(less.at_hand.row, std::size_t{1});
    s.filling_well = 8;
    QVERIFY(!well_row_removed(s, 1)->filling_well);
    const Session last = *well_row_removed(*well_row_removed(s, 2), 1);
    QCOMPARE(well_row_removed(last, 0).error().code, ErrorCode::BadInput);
    QCOMPARE(well_row_stepped(s, 1).at_hand.row, std::size_t{0});
    QCOMPARE(well_row_stepped(well_row_chosen(s, 0), -1).at_hand.row, std::size_t{2});
    QCOMPARE(well_row_named(s, 0, std::string(kLongestName + 1, 'x')).error().code, ErrorCode::BadInput);
    QVERIFY(well_row_named(*well_row_named(s, 1, ""), 2, " ")->at_hand.row_names.empty());
  }
  /// A code stays with the current color as long as that stands for it, and goes with it into the set.
  void a_code_belongs_to_its_color() {
    Afternoon a;
    const Code code = code_with(BookName{"A book", "R 7"}, {40, 60, 30});
    const Session coded = code_used(a.session, a.geometry, code);
    QVERIFY(coded.color() == code.shown && current_code(coded) && *current_code(coded) == code);
    QCOMPARE(current_color(coded).code, std::optional(code));
    const Session other = color_used(coded, a.geometry, {0.1, 0.2, 0.3});
    QVERIFY(!current_code(other) && !current_color(other).code);
    QVERIFY(current_code(back_to_before(other, a.geometry)));
  }
  void samples_are_held_where_it_is_wanted() {
    Afternoon a;
    a.edit(with_mask(a.piece, Mask{"disc", {{AreaMode::Adds, RingSector{0, 360, 0, 0.3}}}, 0, {}}));
    const Srgb red{0.8, 0.1, 0.1};
    QCOMPARE(sampled(a.session, a.geometry, red, {1, 2, 3}).color(), red);
    a.session.looking.hold_samples = true;
    const Session held = sampled(a.session, a.geometry, red, {1, 2, 3});
    CHECK_NEAR(held.at.at.r, 0.3, 1e-4);
    CHECK_NEAR(value_of(held.color()), value_of(red), 1e-6);
    QCOMPARE(current_color(held).from, (SampleOrigin{1, 2, 3}));
    QVERIFY(!color_used(held, a.geometry, red).origin);
  }
  void selecting_follows_the_set() {
    Afternoon a;
    for (int i = 0; i < 5; ++i) a.lay();
    std::vector<Id> ids;
    for (const auto& s : a.swatches()) ids.push_back(s.id);
    Session s = selected(a.session, a.piece, {ids[3], ids[1]});
    QVERIFY(s.selection.swatches() == (std::vector<Id>{ids[1], ids[3]}) && s.selection.focus() == ids[1]);
    s = extended_to(s, a.piece, ids[4]);
    QVERIFY(s.selection.swatches() == (std::vector<Id>{ids[1], ids[2], ids[3], ids[4]}) &&
            s.selection.focus() == ids[1]);
    s = toggled(s, a.piece, ids[2]);
    QVERIFY(!s.selection.has(ids[2]) && s.selection.has(ids[3]));
    a.session = s;
    a.edit(without_swatches(a.piece, {ids[1], ids[3]}));
    QVERIFY(a.session.selection.swatches() == std::vector<Id>{ids[4]} &&
            a.session.selection.focus() == ids[4]);
    // Of another piece nothing stays selected.
    QVERIFY(started(a.session, new_piece({}), a.geometry, {}).selection.empty());
  }
};

QTEST_GUILESS_MAIN(AtHandTest)
#include "at_hand_test.moc"
