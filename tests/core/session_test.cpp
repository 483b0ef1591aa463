// SPDX-License-Identifier: GPL-3.0-or-later
// An afternoon at the desk without a window: picks, wheels, masks, laying, going over to another piece.
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/mask/patterns.h"
#include "core/piece/laying.h"
#include "core/session/first_steps.h"
#include "core/session/session.h"
#include "support/afternoon.h"
#include "support/check.h"

using namespace zc;
using namespace zc::test;

class SessionTest : public QObject {
  Q_OBJECT
private slots:
  /// Corners, ends and what is read across them.
  void mixing_is_read_where_it_is_drawn() {
    Piece piece;
    piece.sets.push_back(
        {1, "set", {{2, "f", {{3, {0.5, 0.5, 0.5}}, {4, {0.9, 0.9, 0.8}}, {5, {0.1, 0.1, 0.2}}}}}});
    piece.current_set = 1;
    Mixing mixing;
    QVERIFY(!field_of(mixing, piece));
    mixing = with_corner(with_corner(mixing, 0, {{1, 0, 0}}), 1, {{0, 0, 1}});
    QCOMPARE(mixing.corners.size(), std::size_t{2});
    // Its ends are those of the set, chosen ones, or the trade's.
    QCOMPARE(white_of(mixing, piece).color, (Srgb{0.9, 0.9, 0.8}));
    QCOMPARE(black_of(mixing, piece).color, (Srgb{0.1, 0.1, 0.2}));
    mixing.black = Srgb{0.3, 0, 0};
    QCOMPARE(black_of(mixing, piece).color, (Srgb{0.3, 0, 0}));
    QVERIFY(!white_of(mixing, Piece()).trade.empty() && value_of(white_of(mixing, Piece()).color) > 90);
    // Steps along a line, ends included; between two corners a field is a line itself.
    mixing.as = MixAs::Light;
    const MixField field = *field_of(mixing, piece);
    mixing.steps = 5;
    QVERIFY(mixing_ramp(mixing, field).empty());
    mixing.line = {{0, 0.5}, {1, 0.5}};
    const auto ramp = mixing_ramp(mixing, field);
    QCOMPARE(ramp.size(), std::size_t{5});
    const auto grid = mixing_grid(field, 5);
    QCOMPARE(grid.size(), std::size_t{1});
    for (int step = 0; step < 5; ++step) {
      const Srgb there = field.at({step / 4.0, 0.5})->color;
      QVERIFY(largest_step(ramp[std::size_t(step)], there) < 1e-12 &&
              largest_step(grid[0][std::size_t(step)], there) < 1e-12);
    }
    QVERIFY(largest_step(ramp[0], {1, 0, 0}) < 1e-6 && largest_step(ramp[4], {0, 0, 1}) < 1e-6);
    // Toward black or white each is mixed with that end.
    mixing.toward = -1;
    QVERIFY(largest_step(field_of(mixing, piece)->at({0, 0.5})->color, {0.3, 0, 0}) < 0.01);
    mixing.toward = 0;
    // Another color at a corner leaves what is read; another number of corners does not.
    mixing.parts = {1, 1};
    mixing.picks = {{1, 0}};
    mixing.follows = 1;
    const Mixing recolored = with_corner(mixing, 1, {{0, 1, 0}});
    QVERIFY(recolored.parts == mixing.parts && recolored.line && recolored.follows == mixing.follows);
    for (const Mixing& other : {with_corner(mixing, 2, {{0, 1, 0}}), without_corner(mixing, 0)})
      QVERIFY(other.parts.empty() && other.picks.empty() && !other.line && !other.follows);
    QVERIFY(without_corner(mixing, 0).corners[0].color == (Srgb{0, 0, 1}));
    QVERIFY(without_corner(mixing, 7) == mixing);
    // Of three corners the rows widen, of four they are square; every color is there.
    mixing = with_corner(mixing, 2, {{0, 1, 0}});
    const auto triangle = mixing_grid(*field_of(mixing, piece), 4);
    QCOMPARE(triangle.size(), std::size_t{4});
    for (std::size_t row = 0; row < 4; ++row) QCOMPARE(triangle[row].size(), row + 1);
    const MixField three = *field_of(mixing, piece);
    QVERIFY(largest_step(triangle[0][0], three.at({0.5, 0})->color) < 1e-12);
    QVERIFY(largest_step(triangle[3][0], three.at({0, 1})->color) < 1e-12);
    QVERIFY(largest_step(triangle[3][3], three.at({1, 1})->color) < 1e-12);
    QVERIFY(largest_step(triangle[2][1], three.at({0.5, 2.0 / 3})->color) < 1e-12);
    const auto square = mixing_grid(*field_of(with_corner(mixing, 3, {{1, 1, 0}}), piece), 3);
    QVERIFY(square.size() == 3 && square[0].size() == 3 && square[2].size() == 3);
    mixing.corners[1].muted = true;
    QVERIFY(largest_step(field_of(mixing, piece)->at({0.5, 0.5})->color, three.at({0.5, 0.5})->color) > 0.01);
  }
  /// A nudge of what is stepped is a whole step.
  void nudges_go_by_steps_where_there_are_steps() {
    Afternoon a;
    a.session = color_used(a.session, a.geometry, {0.7, 0.4, 0.3});
    const WheelPoint at = a.session.at.at;
    CHECK_NEAR(nudged(a.session, a.rules(), PlaceNumber::Value, 3)->at.at.v, at.v + 3, 1e-6);
    CHECK_ANGLE(nudged(a.session, a.rules(), PlaceNumber::Hue, 5)->at.at.a, at.a + 5, 1e-6);
    a.session.at_hand.steps = {12, 5, 11};
    const double value = nudged(a.session, a.rules(), PlaceNumber::Value, 1)->at.at.v;
    CHECK_NEAR(value / 10, std::round(value / 10), 1e-6);
    QVERIFY(value > at.v && value - at.v <= 15);
    CHECK_NEAR(nudged(a.session, a.rules(), PlaceNumber::Value, -2)->at.at.v, value - 10,
               1e-6); // The next below.
    CHECK_NEAR(nudged(a.session, a.rules(), PlaceNumber::Value, 24)->at.at.v, value + 10,
               1e-6); // Two steps of ten.
    const double angle = nudged(a.session, a.rules(), PlaceNumber::Hue, 1)->at.at.a;
    CHECK_NEAR(std::remainder(angle, 30), 0, 1e-6);
    const double radius = nudged(a.session, a.rules(), PlaceNumber::Saturation, -1)->at.at.r;
    CHECK_NEAR(radius * 5, std::round(radius * 5), 1e-6);
    QVERIFY(radius < at.r);
    QVERIFY(nudged(a.session, a.rules(), PlaceNumber::Value, 1)->before == a.session.color());
  }
  /// Each step is done by its own act alone, and stays done.
  void first_steps_are_done_one_by_one() {
    Piece opened;
    Piece set = opened;
    set.sets.push_back({1, "set", {{2, "f", {{3, {0.5, 0.5, 0.5}}}}}});
    set.current_set = 1;
    Piece photo = set;
    photo.references.push_back({4, "p", "png", nullptr});
    const auto done = [](const Piece& before, const Piece& piece, const Session& session) {
      QList<int> out;
      const FirstSteps steps = followed({}, before, piece, session);
      for (std::size_t i = 0; i < kFirstSteps; ++i)
        if (steps.done[i]) out << static_cast<int>(i);
      return out;
    };
    const auto step = [](FirstStep s) { return QList<int>{static_cast<int>(s)}; };
    Session at;
    QCOMPARE(done(opened, opened, at), QList<int>());
    QCOMPARE(done(set, photo, at), step(FirstStep::Reference));
    QCOMPARE(done(photo, photo, at), QList<int>());
    QCOMPARE(done(opened, set, at), step(FirstStep::Swatch));
    Piece masked = set;
    masked.mask = Mask{};
    QCOMPARE(done(set, masked, at), step(FirstStep::Mask));
    QCOMPARE(done(masked, masked, at), QList<int>());
    QCOMPARE(done(masked, set, at), QList<int>());
    Session picked = at;
    picked.origin = SampleOrigin{4, 1, 1};
    QCOMPARE(done(set, set, picked), step(FirstStep::Color));
    picked.origin.reset();
    picked.extracted.colors.resize(1);
    QCOMPARE(done(set, set, picked), step(FirstStep::Color));
    for (const auto& [desk, wanted] :
         {std::pair(Desk::Grade, FirstStep::Report), {Desk::Share, FirstStep::Share}}) {
      at.desk = desk;
      QCOMPARE(done(set, set, at), step(wanted));
      QCOMPARE(done(opened, opened, at), QList<int>()); // Without a swatch there is nothing to see.
    }
    at.desk = Desk::Try;
    QCOMPARE(done(set, set, at), QList<int>());
    QCOMPARE(done(photo, photo, at), step(FirstStep::Picture));
    // Done once stays done.
    QVERIFY(followed(with_done({}, FirstStep::Save), set, set, {}).has(FirstStep::Save));
    QVERIFY(!with_done({}, FirstStep::Save).all());
    FirstSteps all;
    all.done.fill(true);
    QVERIFY(all.all());
  }
  void results_are_replaced_and_dropped_by_the_chosen_one() {
    Afternoon a;
    Session s = extracted_shown(a.session, {1, std::vector<ExtractedColor>(3), {}});
    QVERIFY(!change_between(s, chosen_replaced(s, a.piece.bands)).any() &&
            !change_between(s, chosen_dropped(s)).any());
    for (int i = 0; i < 3; ++i) s.extracted.colors[std::size_t(i)].x = i;
    s.extracted.chosen = 1;
    s = color_used(std::move(s), a.geometry, {0.95, 0.95, 0.9});
    s.extracted.chosen = 1;
    const Session replaced = chosen_replaced(s, a.piece.bands);
    QCOMPARE(replaced.extracted.colors[1].color, s.color());
    QVERIFY(replaced.extracted.colors[1].band == Band::Light && replaced.extracted.colors[1].x == 1);
    const Session dropped = chosen_dropped(s);
    QCOMPARE(dropped.extracted.colors.size(), std::size_t{2});
    QVERIFY(dropped.extracted.colors[0].x == 0 && dropped.extracted.colors[1].x == 2 &&
            !dropped.extracted.chosen);
  }
  /// Everything is filled for one piece; with another one only how things are looked at stays.
  void another_piece_keeps_how_things_are_looked_at_and_nothing_else() {
    Piece piece;
    piece.references.push_back({7, "photo", "png", std::make_shared<std::vector<unsigned char>>(3)});
    piece.sets.push_back({1, "set", {{2, "first", {{3, {0.2, 0.4, 0.6}}}}, {4, "second", {}}}});
    piece.current_set = 1;
    piece.mask = Mask{};
    piece.next_id = 8;
    const Geometry geometry(piece);
    AtHand hand;
    hand.current = {0.7, 0.5, 0.1};
    hand.wells[1] = Srgb{0.1, 0.1, 0.9};
    hand.steps.values = 5;
    Session used;
    used.at_hand.recent = {{0.1, 0.2, 0.3}};
    used.origin = SampleOrigin{7, 1, 1};
    used.filling_well = 1;
    used.relations = {Relation::Triad, MemberValue::Vivid, used.at, {}, {Angle(10)}};
    used.ramp.resize(2);
    used.extracted = {7, {ExtractedColor{}}, 0};
    used.selection = selection_of(piece, {3}, 3);
    used.family = 4;
    used.area = 2;
    used.reference = 99;
    used.adjustment.turn = 30;
    used.left_out = {5};
    used.desk = Desk::Grade;
    used.looks[2] = PhotoLook::Flat;
    used.keeps_reference[3] = true;
    used.set_view = SetView::Import;
    used.looking = {PhotoLook::Squint,     4,    {30, 60, 80}, 2.5,  7, 0.3,
                    PixelRect{1, 2, 3, 4}, true, true,         false};
    used.looking.spot = PinnedSpot{{7, 3, 4}, {0.1, 0.2, 0.3}};
    used.trying.two = true;
    used.trying.pairs = {{3, 3}};
    used.trying.light.strength = 0.4;
    used.sharing.view = ShareView::Files;
    used.sharing.press = "press.icc";
    used.sharing.files = {{"css"}, "/somewhere", "{hex}", true};
    used.sharing.sheet.sets = {piece.sets[0].id};
    used.code = Code{BookName{"A book", "R 7"}, {}, hand.current};
    used.at_hand.mixing.corners.resize(3);
    used.reach = {true, false};
    used.vision = ColorVision::Values;
    used.vivid_plan = true;
    used.carry = Carry::SetToo;
    used.mask_keeps = MaskKeeps::Outline;
    used.sample_side = 11;

    Session wanted = started({}, piece, geometry, hand);
    QCOMPARE(wanted.reference, Id{7});
    QCOMPARE(wanted.family, Id{2});
    QVERIFY(wanted.color() == hand.current && wanted.before == hand.current && wanted.at_hand == hand);
    CHECK_NEAR(wanted.at.at.v, geometry.wheel().locate(hand.current, 0).v, 1e-9);
    wanted.desk = used.desk;
    wanted.looks = used.looks;
    wanted.keeps_reference = used.keeps_reference;
    wanted.set_view = SetView::Staff;
    wanted.looking = used.looking;
    wanted.looking.region.reset();
    wanted.looking.limits.clear();
    wanted.looking.marking = false;
    wanted.looking.spot.reset();
    wanted.relations.relation = Relation::Triad;
    wanted.relations.value = MemberValue::Vivid;
    wanted.sharing = used.sharing;
    wanted.sharing.sheet.sets.clear();
    wanted.sharing.files.folder.clear();
    wanted.sharing.files.at_save = false;
    wanted.reach = used.reach;
    wanted.vision = used.vision;
    wanted.vivid_plan = true;
    wanted.carry = used.carry;
    wanted.mask_keeps = used.mask_keeps;
    wanted.sample_side = 11;
    const Parts other = change_between(started(used, piece, geometry, hand), wanted);
    for (std::size_t i = 0; i < kPartCount; ++i)
      QVERIFY2(!other.has(static_cast<Part>(i)), qPrintable(QString::number(i)));
    used.set_view = SetView::Rows;
    QVERIFY(started(used, piece, geometry, hand).set_view == SetView::Rows);
  }
  /// What is gone from the piece is not held on to; what is still there is.
  void what_is_gone_is_let_go_of() {
    Piece piece;
    piece.references.push_back({7, "one", "png", std::make_shared<std::vector<unsigned char>>(3)});
    piece.references.push_back({8, "two", "png", std::make_shared<std::vector<unsigned char>>(3)});
    SwatchSet set{1, "set", {{2, "first", {{3, {0.2, 0.4, 0.6}}}}, {4, "second", {{5, {0.9, 0.4, 0.6}}}}}};
    set.versions.push_back({6, "before", set.families});
    piece.sets.push_back(set);
    piece.sets.push_back({9, "other", {}});
    piece.current_set = 1;
    piece.mask = pattern_mask({Pattern::Triad, 30, 30});
    Session s = started({}, piece, Geometry(piece), {});
    s.family = 4;
    s.reference = 8;
    s.area = piece.mask->areas.size() - 1;
    s = selected(std::move(s), piece, {3, 5});
    s.trying.left = {false, 9, 0};
    s.trying.right = {false, 1, 6};
    s.trying.from = {false, 0, 6};
    s.sharing.sheet.sets = {9, 1};
    const auto same = followed(s, piece, Geometry(piece));
    QVERIFY(!change_between(s, same).any());
    Piece less = piece;
    less.sets.change(0).families.change(1).swatches = {};
    less.sets.change(0).versions = {};
    List<SwatchSet> one;
    one.push_back(less.sets[0]);
    less.sets = one;
    List<Reference> first;
    first.push_back(piece.references[0]);
    less.references = first;
    less.mask.reset();
    const Session left = followed(s, less, Geometry(less));
    QCOMPARE(left.selection.swatches(), std::vector<Id>{3});
    QCOMPARE(left.selection.focus(), Id{0}); // It was the one that is gone.
    QCOMPARE(left.family, Id{4});
    QCOMPARE(left.reference, Id{7});
    QCOMPARE(left.area, std::size_t{0});
    QCOMPARE(left.sharing.sheet.sets, std::vector<Id>{1});
    QVERIFY(left.trying.left == TrySide() && left.trying.right == (TrySide{false, 1, 0}) &&
            left.trying.from == TrySide());
    // On another wheel the color stays and its place is found anew.
    Piece turned = piece;
    turned.wheel.hues = HueScale::Even;
    s = located_color(std::move(s), Geometry(piece), {0.8, 0.3, 0.2});
    s.relations.of = s.at;
    s.relations.color = s.color();
    s.relations.own = {Angle(5)};
    const Session there = followed(s, turned, Geometry(turned));
    QCOMPARE(there.color(), s.color());
    QVERIFY(there.at.wheel == turned.wheel && there.at.at.a != s.at.at.a &&
            there.relations.of->wheel == turned.wheel);
    QCOMPARE(there.section_angle, there.at.at.a);
    QVERIFY(there.relations.own.empty());
  }
  /// Whatever changes is told as its part and no other.
  void every_member_belongs_to_its_part() {
    using Change = std::pair<Part, std::function<void(Session&)>>;
    const Change changes[] = {
        {Part::AtHand,
         [](Session& s) {
           s.at_hand.wells[7] = Srgb{0.1, 0.2, 0.3};
         }},
        {Part::AtHand, [](Session& s) { s.at_hand.row_names = {"skin"}; }},
        {Part::AtHand, [](Session& s) { s.at_hand.row = 1; }},
        {Part::AtHand, [](Session& s) { s.at_hand.recent.push_back({}); }},
        {Part::AtHand, [](Session& s) { s.filling_well = 2; }},
        {Part::Color, [](Session& s) { s.at_hand.current.g += 1e-6; }},
        {Part::Color, [](Session& s) { s.at.at.r += 0.1; }},
        {Part::Color, [](Session& s) { s.section_angle += 1; }},
        {Part::Color, [](Session& s) { s.before.b += 0.1; }},
        {Part::Color,
         [](Session& s) {
           s.origin = SampleOrigin{1, 2, 3};
         }},
        {Part::Color,
         [](Session& s) {
           s.code = Code{BookName{"b", "n"}, {}, {}};
         }},
        {Part::Steps, [](Session& s) { s.at_hand.steps.values = 7; }},
        {Part::Relations, [](Session& s) { s.relations.own = {Angle(3)}; }},
        {Part::Ramp, [](Session& s) { s.ramp.resize(1); }},
        {Part::Extracted, [](Session& s) { s.extracted.chosen = 0; }},
        {Part::Selection, [](Session& s) { s.family = 9; }},
        {Part::Masking, [](Session& s) { s.area = 1; }},
        {Part::Keys, [](Session& s) { s.keys.strength = 0.5; }},
        {Part::Keys, [](Session& s) { s.shows_keys = true; }},
        {Part::Masking, [](Session& s) { s.carry = Carry::SetToo; }},
        {Part::Masking, [](Session& s) { s.mask_keeps = MaskKeeps::Outline; }},
        {Part::Masking, [](Session& s) { s.picks_outside = true; }},
        {Part::Masking, [](Session& s) { s.at_hand.mask_locked = true; }},
        {Part::Reference, [](Session& s) { s.reference = 4; }},
        {Part::Adjustment, [](Session& s) { s.adjustment.turn = 1; }},
        {Part::Versions, [](Session& s) { s.left_out.insert(3); }},
        {Part::Desk, [](Session& s) { s.desk = Desk::Share; }},
        {Part::SetView, [](Session& s) { s.set_view = SetView::Rows; }},
        {Part::Looking, [](Session& s) { s.looks[1] = PhotoLook::Flat; }},
        {Part::Looking, [](Session& s) { s.keeps_reference[2] = true; }},
        {Part::Looking, [](Session& s) { s.sample_side = 31; }},
        {Part::Looking, [](Session& s) { s.looking.steps = 5; }},
        {Part::LookEdge, [](Session& s) { s.looking.edge = 0.2; }},
        {Part::Trying, [](Session& s) { s.trying.light.stops = 1; }},
        {Part::TryEdge, [](Session& s) { s.trying.edge = 0.2; }},
        {Part::Sharing, [](Session& s) { s.sharing.files.at_save = true; }},
        {Part::Mixing, [](Session& s) { s.at_hand.mixing.steps = 3; }},
        {Part::Reach, [](Session& s) { s.reach.shown = true; }},
        {Part::ColorVision, [](Session& s) { s.vision = ColorVision(ColorVision::Protan, 0.4); }},
        {Part::Vivid, [](Session& s) { s.vivid_plan = true; }}};
    const Session before;
    Parts met;
    Session all;
    for (const auto& [part, change] : changes) {
      Session after = before;
      change(after);
      QVERIFY2(change_between(before, after) == Parts{part}, qPrintable(QString::number(int(part))));
      QVERIFY(change_between(after, before) == Parts{part});
      change(all);
      met.add(part);
    }
    QVERIFY(change_between(before, all) == met && !change_between(all, all).any());
    const std::pair<Part, std::function<void(Piece&)>> edits[] = {
        {Part::Words, [](Piece& p) { p.title += "x"; }},
        {Part::Words, [](Piece& p) { p.words += "x"; }},
        {Part::Words, [](Piece& p) { p.signature += "x"; }},
        {Part::Words, [](Piece& p) { p.date += "x"; }},
        {Part::Geometry, [](Piece& p) { p.wheel.hues = HueScale::Light; }},
        {Part::Geometry, [](Piece& p) { p.mask.emplace(); }},
        {Part::Geometry, [](Piece& p) { p.mask_on = false; }},
        {Part::Geometry, [](Piece& p) { p.rule = MaskRule::Free; }},
        {Part::References, [](Piece& p) { p.references.push_back({}); }},
        {Part::Sets, [](Piece& p) { p.sets.push_back({}); }},
        {Part::Sets, [](Piece& p) { p.current_set = 3; }},
        {Part::Sets, [](Piece& p) { p.bands.dark_below += 1; }},
        {Part::Sets, [](Piece& p) { p.grading.gap += 1; }},
        {Part::Paints, [](Piece& p) { p.paints.push_back({}); }}};
    for (const auto& [part, edit] : edits) {
      Piece after;
      edit(after);
      QVERIFY2(change_between(Piece(), after) == Parts{part}, qPrintable(QString::number(int(part))));
      met.add(part);
    }
    QVERIFY(met == Parts::all());
    QVERIFY(Parts({Part::Words, Part::ColorVision}).meet({Part::ColorVision}) &&
            !Parts{Part::Words}.meet({Part::ColorVision}));
    Piece numbered;
    numbered.next_id = 50;
    QVERIFY(!change_between(Piece(), numbered).any());
  }
  void a_pick_is_told_by_what_changed() {
    Afternoon a;
    const Session before = a.session;
    const Session picked = *picked_in_plan(pick_begun(before), a.rules(), disc_point(Angle(120), 0.5));
    CHECK_ANGLE(picked.at.at.a, 120, 1e-9);
    CHECK_NEAR(picked.at.at.v, before.at.at.v, 1e-9);
    QCOMPARE(picked.at.wheel, kTraditional);
    QVERIFY(change_between(before, picked) == Parts{Part::Color});
    const Session unfilled = pick_ended(picked);
    QVERIFY(!unfilled.at_hand.wells[0]);
    const Session ended = pick_ended(well_chosen(picked, a.geometry, 0));
    QVERIFY(ended.at_hand.recent.front() == picked.color() && ended.at_hand.wells[0] == picked.color());
    QVERIFY(change_between(picked, ended) == Parts{Part::AtHand});
    QCOMPARE(back_to_before(ended, a.geometry).color(), before.color());
    QCOMPARE(back_to_before(back_to_before(ended, a.geometry), a.geometry).color(), picked.color());
    // In the section and on the rail hue and saturation are those of now.
    const Session cut = picked_in_section(ended, a.rules(), -0.25, 60);
    CHECK_ANGLE(cut.at.at.a, 300, 1e-9);
    CHECK_NEAR(cut.at.at.r, 0.25, 1e-9);
    CHECK_ANGLE(cut.section_angle, 120, 1e-9);
    CHECK_NEAR(value_of(picked_on_rail(cut, a.rules(), 30).color()), 30, 1e-6);
    CHECK_ANGLE(nudged(ended, a.rules(), PlaceNumber::Hue, 5)->at.at.a, 125, 1e-6);
    CHECK_NEAR(nudged(ended, a.rules(), PlaceNumber::Saturation, -0.1)->at.at.r, 0.4, 1e-6);
    CHECK_NEAR(nudged(ended, a.rules(), PlaceNumber::Value, 3)->at.at.v, before.at.at.v + 3, 1e-6);
  }
  void a_mask_that_holds_nothing_refuses_picks() {
    Afternoon a;
    a.edit(with_mask(a.piece, Mask{}));
    QVERIFY(!picked_in_plan(a.session, a.rules(), {0.1, 0.1}) &&
            !nudged(a.session, a.rules(), PlaceNumber::Saturation, 0.1));
    QVERIFY(!neutral_used(a.session, a.geometry) && !corner_colors(a.piece, 50));
    QVERIFY(!outside_mask(a.session, a.geometry));
    a.edit(with_mask(a.piece, pattern_mask({Pattern::Triad, 0, 20})));
    QCOMPARE(corner_colors(a.piece, 50)->size(), a.geometry.region()->corners().size());
    const Session neutral = *neutral_used(a.session, a.geometry);
    QVERIFY(*outside_mask(neutral, a.geometry) == 0);
    // Switched off it judges nothing.
    a.edit(with_mask_on(a.piece, false));
    QVERIFY(!a.geometry.region() && !outside_mask(a.session, a.geometry));
  }
  /// A place is true only on the wheel it was picked on.
  void a_place_stays_with_its_wheel() {
    Afternoon a;
    const Srgb blue = *parse_color("#1f55b5");
    a.session = color_used(a.session, a.geometry, blue);
    a.lay();
    QCOMPARE(a.swatches()[0].picked->wheel, kTraditional);
    a.edit(with_mask(a.piece, pattern_mask({Pattern::Triad, 0, 20})));
    a.edit(with_wheel(a.piece, kLightHsl));
    QCOMPARE(a.session.at.wheel, kLightHsl);
    // Turned by nothing along with the mask a color stays what it is.
    a.edit(with_mask_turned(a.piece, 0, Carry::SetToo));
    QCOMPARE(rounded_8bit(a.swatches()[0].color), rounded_8bit(blue));
    // Taken up it is marked where it is on this wheel.
    const Session taken = color_used(a.session, a.geometry, a.swatches()[0].color, a.swatches()[0].picked);
    const WheelPoint there = Wheel(kLightHsl).locate(blue);
    CHECK_ANGLE(taken.at.at.a, there.a, 1e-4);
    CHECK_NEAR(taken.at.at.r, there.r, 1e-4);
    // Pasted from a piece with another wheel and turned there it turns about its own place.
    Afternoon other;
    other.edit(with_wheel(other.piece, kLightHsl));
    const Swatch copy{9, blue, WheelPlace{Wheel(kTraditional).locate(blue), kTraditional}, "blue"};
    other.edit(with_swatches_pasted_into(other.piece, 0, {copy}));
    other.edit(with_mask(other.piece, pattern_mask({Pattern::Triad, 0, 20})));
    other.edit(with_mask_turned(other.piece, 30, Carry::SetToo));
    CHECK_ANGLE(Wheel(kLightHsl).locate(other.swatches()[0].color).a, there.a + 30, 1e-3);
  }
  void a_neutral_keeps_its_hue_on_every_wheel() {
    Afternoon a;
    a.session = *picked_in_plan(a.session, a.rules(), disc_point(Angle(77), 0.4));
    a.session = *picked_in_plan(a.session, a.rules(), {0, 0});
    QCOMPARE(a.session.at.at.a, 77.0);
    a.edit(with_wheel(a.piece, kLightHsl));
    QCOMPARE(a.session.at.at.a, 77.0);
  }
  void each_desk_looks_at_the_reference_its_own_way() {
    Afternoon a;
    Session s = reference_kept(desk_shown(a.session, Desk::Pick), true);
    s.looking.look = PhotoLook::Value;
    s = desk_shown(s, Desk::Limit);
    QVERIFY(s.looking.look == PhotoLook::Color && !reference_kept(s));
    s.looking.look = PhotoLook::Mask;
    s = desk_shown(s, Desk::Observe);
    QVERIFY(!reference_kept(reference_kept(s, true)));
    s = desk_shown(s, Desk::Pick);
    QVERIFY(s.looking.look == PhotoLook::Value && reference_kept(s));
    QVERIFY(desk_shown(s, Desk::Limit).looking.look == PhotoLook::Mask);
  }
};

QTEST_GUILESS_MAIN(SessionTest)
#include "session_test.moc"
