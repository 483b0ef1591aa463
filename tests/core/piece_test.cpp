// SPDX-License-Identifier: GPL-3.0-or-later
// Edits as pure functions: what they keep, refuse and bound.
#include "core/color/convert.h"
#include "core/piece/edits.h"
#include "core/piece/laying.h"
#include "core/session/at_hand.h"
#include "core/wheel/color_words.h"
#include "support/check.h"

#include <algorithm>
#include <chrono>
#include <functional>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

Piece with_families(std::initializer_list<const char*> names) {
  Piece piece = new_piece("2026-01-01");
  for (const char* name : names) piece = *with_family(piece, name);
  return piece;
}

const Family& family(const Piece& piece, std::size_t i) { return current_set(piece)->families[i]; }

} // namespace

class PieceTest : public QObject {
  Q_OBJECT
private slots:
  void edits_leave_the_given_piece_alone() {
    const Piece before = with_families({"skin"});
    const Piece copy = before;
    const auto after = with_swatch(before, family(before, 0).id, {{0.2, 0.4, 0.6}, std::nullopt}, "");
    QVERIFY(after);
    QCOMPARE(before, copy);
    QCOMPARE(family(*after, 0).swatches[0].name, short_color_name({0.2, 0.4, 0.6}));
  }
  void a_card_is_taken_whole_or_not_at_all() {
    const Piece piece = new_piece("2026-01-31");
    const Card card{"Plate", "rain", "2024-02-29", "by hand"};
    QCOMPARE(card_of(*with_card(piece, card)), card);
    for (const char* day :
         {"2026-02-29", "2026-13-01", "2026-00-10", "2026-04-31", "26-04-01", "2026-4-1", "today"}) {
      Card bad = card;
      bad.date = day;
      QCOMPARE(with_card(piece, bad).error().place, std::string("date"));
    }
    // Each month has its days, by the calendar of the standard library.
    for (const int year : {2028, 2029})
      for (unsigned month = 1; month <= 12; ++month)
        for (unsigned day = 28; day <= 31; ++day) {
          const std::string number = std::to_string(month);
          Card dated = card;
          dated.date = std::to_string(year) + (month < 10 ? "-0" : "-") + number + "-" + std::to_string(day);
          const bool there = (std::chrono::year(year) / static_cast<int>(month) / static_cast<int>(day)).ok();
          QVERIFY2(with_card(piece, dated).ok() == there, dated.date.c_str());
        }
    QVERIFY(with_card(piece, {"Plate", "", "", ""}) && !with_card(piece, {" ", "", "", ""}));
    QVERIFY(!with_card(piece, {"Plate", std::string(kLongestNote + 1, 'x'), "", ""}));
    QVERIFY(!with_card(piece, {"Plate", "", "", std::string(kLongestName + 1, 'x')}));
  }
  void ids_are_never_used_again() {
    Piece piece = with_families({"skin"});
    const Id home = family(piece, 0).id;
    piece = *with_swatch(piece, home, {{1, 0, 0}, std::nullopt}, "one");
    const Id first = family(piece, 0).swatches[0].id;
    piece = *without_swatches(piece, {first});
    piece = *with_swatch(piece, home, {{0, 1, 0}, std::nullopt}, "two");
    QVERIFY(family(piece, 0).swatches[0].id > first);
  }
  void swatches_and_families_move() {
    Piece piece = with_families({"a", "b", "c"});
    const Id a = family(piece, 0).id, b = family(piece, 1).id, c = family(piece, 2).id;
    piece = *with_swatch(piece, a, {{1, 0, 0}, WheelPlace{{1, 0.5, 50}, {}}}, "red");
    const Swatch swatch = family(piece, 0).swatches[0];
    piece = *with_swatches_moved(piece, {swatch.id}, c);
    QVERIFY(family(piece, 0).swatches.empty());
    QCOMPARE(family(piece, 2).swatches[0], swatch);
    const auto order = [](const Piece& p) {
      return std::vector{family(p, 0).id, family(p, 1).id, family(p, 2).id};
    };
    QCOMPARE(order(*with_family_moved(piece, a, 3)), (std::vector{b, c, a}));
    QCOMPARE(order(*with_family_moved(piece, c, 0)), (std::vector{c, a, b}));
    QCOMPARE(order(*with_family_moved(piece, b, 1)), (std::vector{a, b, c}));
    QCOMPARE(find_swatch(*without_family(piece, c), swatch.id), nullptr);
  }
  void places_in_a_row_stay_free_and_swap() {
    Piece piece = with_families({"a", "b"});
    const Id a = family(piece, 0).id, b = family(piece, 1).id;
    for (const char* name : {"1", "2", "3"}) piece = *with_swatch(piece, a, {}, name);
    for (const char* name : {"4", "5"}) piece = *with_swatch(piece, b, {}, name);
    const auto told = [](const Piece& p) {
      std::string out;
      for (const auto& f : current_set(p)->families) {
        for (const auto& s : f.swatches) out += s.name + "@" + std::to_string(s.place) + " ";
        out += "| ";
      }
      return out;
    };
    const auto id = [&piece](std::size_t f, std::size_t i) { return family(piece, f).swatches[i].id; };
    QCOMPARE(told(*with_swatches_moved(piece, {id(0, 1)}, a, 5)), std::string("1@0 3@2 2@5 | 4@0 5@1 | "));
    // On an occupied place two swap, within a family and across families.
    QCOMPARE(told(*with_swatches_moved(piece, {id(0, 0)}, a, 2)), std::string("3@0 2@1 1@2 | 4@0 5@1 | "));
    QCOMPARE(told(*with_swatches_moved(piece, {id(0, 0)}, b, 1)), std::string("5@0 2@1 3@2 | 4@0 1@1 | "));
    // Several take the free places from there on and push nothing away.
    QCOMPARE(told(*with_swatches_moved(piece, {id(0, 2), id(0, 0)}, b, 1)),
             std::string("2@1 | 4@0 5@1 1@2 3@3 | "));
    QCOMPARE(told(*with_swatches_moved(piece, {id(0, 2), id(1, 0)}, a)),
             std::string("1@0 2@1 3@2 4@3 | 5@1 | "));
    QCOMPARE(told(*without_swatches(piece, {id(0, 1)})), std::string("1@0 3@2 | 4@0 5@1 | "));
    QCOMPARE(told(*with_swatches_duplicated(piece, {id(0, 2), id(1, 0)})),
             std::string("1@0 2@1 3@2 3@3 | 4@0 5@1 4@2 | "));
    QCOMPARE(told(*with_families_merged(piece, a, b)), std::string("1@0 2@1 3@2 4@3 5@4 | "));
    QCOMPARE(told(*with_family_split(piece, {id(0, 0), id(0, 2)})),
             std::string("2@1 | 1@0 3@1 | 4@0 5@1 | "));
    QVERIFY(!with_family_split(piece, {id(1, 0), id(1, 1)}));
    QVERIFY(!with_family_split(piece, {id(0, 0), id(1, 1)}));
  }
  void sets_versions_and_locks() {
    Piece piece = with_families({"a"});
    piece = *with_swatch(piece, family(piece, 0).id, {{0.2, 0.4, 0.6}, {}}, "blue");
    const Id first = piece.current_set, swatch = family(piece, 0).swatches[0].id;
    // A kept version comes back with the ids it had; what it replaces is kept too.
    Piece kept = *with_version_kept(piece, first, "cool");
    kept = *with_swatches_colored(kept, {swatch}, {{0.9, 0.1, 0.1}, {}});
    const Id version = kept.sets[0].versions[0].id;
    const Piece back = *with_version_restored(kept, version);
    QCOMPARE(find_swatch(back, swatch)->color, (Srgb{0.2, 0.4, 0.6}));
    QCOMPARE(back.sets[0].versions.size(), std::size_t{2});
    QCOMPARE(back.sets[0].versions[1].name, std::string("before cool"));
    QCOMPARE(back.sets[0].versions[1].families[0].swatches[0].color, (Srgb{0.9, 0.1, 0.1}));
    // Extracting it up again finds that all is kept already.
    QCOMPARE(with_version_restored(back, version)->sets[0].versions.size(), std::size_t{2});
    // A locked swatch is kept from every change of color and from going.
    const Piece locked = *with_swatches_locked(piece, {swatch}, true);
    QVERIFY(!with_swatches_colored(locked, {swatch}, {}));
    QVERIFY(!without_swatches(locked, {swatch}));
    QVERIFY(!without_family(locked, family(locked, 0).id));
    QVERIFY(without_swatches(locked, {swatch}).error().sentence().find("\"blue\" is locked") !=
            std::string::npos);
    // Several locked ones are counted.
    const Piece two =
        *with_swatches_locked(*with_swatch(piece, family(piece, 0).id, {}, "x"), {swatch, 4}, true);
    QVERIFY(
        without_family(two, family(two, 0).id).error().sentence().find("\"blue\" and 1 more are locked") !=
        std::string::npos);
  }
  void names_are_cleaned_and_bounded() {
    Piece piece = with_families({"skin"});
    piece = *with_reference(piece, "photo", "png", nullptr);
    piece = *with_swatch(piece, family(piece, 0).id, {}, "swatch");
    piece = *with_version_kept(piece, piece.current_set, "version");
    const Id set = piece.current_set, skin = family(piece, 0).id, swatch = family(piece, 0).swatches[0].id,
             version = piece.sets[0].versions[0].id, reference = piece.references[0].id;
    using Rename = std::function<Result<Piece>(const std::string&)>;
    using Read = std::function<std::string(const Piece&)>;
    const std::tuple<const char*, Rename, Read> all[] = {
        {"piece", [&](auto n) { return with_title(piece, n); }, [](auto& p) { return p.title; }},
        {"set", [&](auto n) { return with_set(piece, n); }, [](auto& p) { return p.sets.back().name; }},
        {"set", [&](auto n) { return with_set_named(piece, set, n); },
         [](auto& p) { return p.sets[0].name; }},
        {"version", [&](auto n) { return with_version_kept(piece, set, n); },
         [](auto& p) { return p.sets[0].versions.back().name; }},
        {"version", [&](auto n) { return with_version_named(piece, version, n); },
         [](auto& p) { return p.sets[0].versions[0].name; }},
        {"family", [&](auto n) { return with_family(piece, n); },
         [](auto& p) { return p.sets[0].families.back().name; }},
        {"family", [&](auto n) { return with_family_named(piece, skin, n); },
         [](auto& p) { return family(p, 0).name; }},
        {"swatch", [&](auto n) { return with_swatch_named(piece, swatch, n); },
         [](auto& p) { return family(p, 0).swatches[0].name; }},
        {"swatch", [&](auto n) { return with_swatch(piece, skin, {}, n.empty() ? " " : n); },
         [](auto& p) { return family(p, 0).swatches.back().name; }},
        {"reference", [&](auto n) { return with_reference_named(piece, reference, n); },
         [](auto& p) { return p.references[0].name; }},
    };
    const std::string longest(400, 'x');
    for (const auto& [what, rename, read] : all) {
      for (const std::string& name : {std::string(), std::string(" \t\r\n "), longest + "y"}) {
        const auto out = rename(name);
        QVERIFY2(!out, what);
        QCOMPARE(out.error().place, std::string(what));
      }
      QCOMPARE(read(*rename(longest)), longest);
      QCOMPARE(read(*rename("\t " + longest + " \n")), longest);
      QCOMPARE(read(*rename(" dusk and dawn\r\n")), std::string("dusk and dawn"));
    }
    // A name is taken by another, not by the one that has it.
    piece = *with_set(*with_family(piece, "metal"), "other");
    const auto taken = with_set_named(piece, set, " other ");
    QVERIFY(!taken && taken.error().sentence().find("\"other\"") != std::string::npos);
    QVERIFY(with_set_named(piece, set, "First set"));
    QVERIFY(with_family(piece, "skin")); // In another set it is free.
    piece = *with_current_set(piece, set);
    const auto again = with_family(piece, " skin ");
    QVERIFY(!again && again.error().sentence().find("\"skin\"") != std::string::npos);
    QVERIFY(!with_family_named(piece, skin, "metal"));
    QVERIFY(with_family_named(piece, skin, "skin"));
    // A free name is the name itself or its first free number, and never too long.
    const SwatchSet& here = *current_set(piece);
    QCOMPARE(free_family_name(here, "wood"), std::string("wood"));
    QCOMPARE(free_family_name(here, "skin"), std::string("skin 2"));
    QCOMPARE(free_family_name(*current_set(*with_family(piece, "skin 2")), "skin"), std::string("skin 3"));
    const Piece full = *with_family(piece, longest);
    QCOMPARE(free_family_name(*current_set(full), longest), std::string(398, 'x') + " 2");
    const Piece copied = *with_set_duplicated(*with_set_named(piece, set, longest), set);
    QCOMPARE(copied.sets[1].name, std::string(391, 'x') + " copy");
    QCOMPARE(with_set_duplicated(copied, set)->sets[1].name, std::string(391, 'x') + " copy 2");
    // Shortened, no letter is cut in two and no space is left at the end.
    QCOMPARE(shortened("dusk", 4), std::string("dusk"));
    QCOMPARE(shortened("dusk", 3), std::string("dus"));
    QCOMPARE(shortened("two words", 4), std::string("two"));
    QCOMPARE(shortened("æø", 3), std::string("æ"));
    QCOMPARE(shortened("æø", 4), std::string("æø"));
    QCOMPARE(shortened("銅", 2), std::string());
  }
  void what_is_not_there_changes_nothing() {
    Piece piece = with_families({"skin"});
    piece = *with_swatch(piece, family(piece, 0).id, {}, "swatch");
    piece = *with_reference(piece, "photo", "png", nullptr);
    const Id none = 999, skin = family(piece, 0).id, here = family(piece, 0).swatches[0].id;
    const std::pair<const char*, Result<Piece>> all[] = {
        {"set", with_current_set(piece, none)},
        {"set", with_set_named(piece, none, "x")},
        {"set", with_set_duplicated(piece, none)},
        {"set", with_set_moved(piece, none, 0)},
        {"set", with_set_moved(piece, piece.current_set, 2)},
        {"set", without_set(piece, none)},
        {"set", with_set_note(piece, none, "x")},
        {"set", with_set_tags(piece, none, {})},
        {"set", with_version_kept(piece, none, "x")},
        {"set", with_set_sorted(piece, none, SortBy::Value)},
        {"version", with_version_named(piece, none, "x")},
        {"version", without_version(piece, none)},
        {"version", with_version_restored(piece, none)},
        {"family", with_family_named(piece, none, "x")},
        {"family", with_family_moved(piece, none, 0)},
        {"family", with_family_moved(piece, skin, 2)},
        {"family", with_families_merged(piece, none, skin)},
        {"family", with_families_merged(piece, skin, none)},
        {"family", without_family(piece, none)},
        {"family", with_swatch(piece, none, {}, "x")},
        {"family", with_swatches_pasted(piece, none, {})},
        {"family", with_swatches_moved(piece, {here}, none)},
        {"place", with_swatches_moved(piece, {here}, skin, -1)},
        {"place", with_swatches_moved(piece, {here}, skin, kMostPlaces)},
        {"swatch", with_swatches_moved(piece, {none}, skin)},
        {"swatch", with_swatches_moved(piece, {none}, skin, 3)},
        {"swatch", with_swatches_moved(piece, {here, none}, skin)},
        {"swatch", with_swatches_moved(piece, {}, skin)},
        {"swatch", with_family_split(piece, {none})},
        {"swatch", with_family_split(piece, {})},
        {"swatch", with_swatch_named(piece, none, "x")},
        {"swatch", with_swatch_note(piece, none, "x")},
        {"swatch", with_swatches_colored(piece, {none}, {})},
        {"swatch", with_swatches_colored(piece, {here, none}, {})},
        {"swatch", with_swatches_colored(piece, {}, {})},
        {"swatch", with_swatches_locked(piece, {here, none}, true)},
        {"swatch", with_swatches_locked(piece, {}, true)},
        {"swatch", with_swatches_used(piece, {here, none}, true)},
        {"swatch", with_swatches_duplicated(piece, {here, none})},
        {"swatch", with_swatches_duplicated(piece, {})},
        {"swatch", without_swatches(piece, {here, none})},
        {"reference", without_reference(piece, none)},
        {"reference", with_reference_named(piece, none, "x")},
        {"reference", with_reference_moved(piece, none, 0)},
        {"reference", with_reference_moved(piece, piece.references[0].id, 2)},
        {"reference", with_reference_replaced(piece, none, "x", "png", nullptr)},
    };
    for (const auto& [what, out] : all) {
      QVERIFY2(!out, what);
      QCOMPARE(out.error().code, ErrorCode::NotFound);
      QCOMPARE(out.error().place, std::string(what));
    }
    Piece homeless = piece;
    homeless.current_set = none;
    QCOMPARE(with_family(homeless, "x").error().place, std::string("set"));
  }
  void lists_are_full_at_their_limits() {
    const auto full = [](const Result<Piece>& out) {
      return !out && out.error().code == ErrorCode::TooLarge;
    };
    Piece piece = with_families({"a", "b"});
    SwatchSet& set = piece.sets.change(0);
    const Id a = set.families[0].id, b = set.families[1].id;
    // 9,999 swatches in one family, one in the other.
    for (std::size_t i = 0; i + 1 < kMostSwatches; ++i)
      set.families.change(0).swatches.push_back({piece.next_id++, {}, {}, "s", {}, {}, static_cast<int>(i)});
    const Id first = set.families[0].swatches[0].id;
    const Swatch extra{1, {}, {}, "extra"};
    Piece filled = *with_swatch(piece, b, {}, "last");
    const Id last = filled.sets[0].families[1].swatches[0].id;
    QVERIFY(full(with_swatch(filled, b, {}, "one more")));
    QVERIFY(full(with_swatches_pasted(piece, b, {extra, extra})));
    QCOMPARE(swatch_count(with_swatches_pasted(piece, b, {extra})->sets[0]), kMostSwatches);
    QCOMPARE(swatch_count(with_swatches_duplicated(piece, {first})->sets[0]), kMostSwatches);
    QVERIFY(full(with_swatches_duplicated(filled, {first})));
    QVERIFY(full(with_laid_family(filled, "c", {{}})));
    // Within the set they move and merge; into a full one none come from elsewhere.
    QVERIFY(with_swatches_moved(filled, {last}, a) && with_families_merged(filled, a, b));
    Piece other = *with_swatch(*with_family(*with_set(filled, "other"), "c"), filled.next_id + 1, {}, "c");
    const Id c = other.sets[1].families[0].id, in_c = other.sets[1].families[0].swatches[0].id;
    QVERIFY(full(with_swatches_moved(other, {in_c}, b)));
    QVERIFY(full(with_families_merged(other, b, c)));
    QVERIFY(with_swatches_moved(other, {in_c}, b, 0)); // The two change places.
    QVERIFY(with_swatches_moved(*without_swatches(other, {last}), {in_c}, b));
    QVERIFY(with_families_merged(*without_swatches(other, {last}), b, c));
    // Where a row ends the first free place is taken.
    Piece ended = with_families({"row"});
    const Id row = family(ended, 0).id;
    ended = *with_swatch(ended, row, {}, "x");
    ended = *with_swatches_moved(ended, {family(ended, 0).swatches[0].id}, row, kMostPlaces - 1);
    ended = *with_swatch(*with_swatch(ended, row, {}, "y"), row, {}, "z");
    QCOMPARE(family(ended, 0).swatches.back().place, kMostPlaces - 1);
    QCOMPARE(family(ended, 0).swatches[1].place, 1);
    ended = *with_swatches_duplicated(ended, {family(ended, 0).swatches.back().id});
    QCOMPARE(family(ended, 0).swatches[2].place, 2);

    Piece references = new_piece({});
    while (references.references.size() < kMostReferences)
      references = *with_reference(std::move(references), "photo", "png", nullptr);
    QVERIFY(full(with_reference(references, "one more", "png", nullptr)));
    Piece families = new_piece({});
    while (families.sets[0].families.size() + 1 < kMostFamilies)
      families.sets.change(0).families.push_back({families.next_id, "f" + std::to_string(families.next_id)}),
          ++families.next_id;
    families = *with_family(families, "last");
    QVERIFY(full(with_family(families, "one more")));
    Piece sets = new_piece({});
    while (sets.sets.size() + 1 < kMostSets)
      sets.sets.push_back({sets.next_id, "s" + std::to_string(sets.next_id)}), ++sets.next_id;
    sets = *with_set(sets, "last");
    QVERIFY(full(with_set(sets, "one more")) && full(with_set_duplicated(sets, sets.sets[0].id)));
    Piece versions = with_families({"a"});
    for (std::size_t i = 0; i < kMostVersions; ++i)
      versions = *with_version_kept(versions, versions.current_set, "v");
    QVERIFY(full(with_version_kept(versions, versions.current_set, "v")));
    QCOMPARE(versions.sets[0].versions.back().name, std::string("v 50"));
    const Id set_id = piece.current_set;
    QCOMPARE(with_set_tags(piece, set_id, std::vector<std::string>(50, "t"))->sets[0].tags.size(),
             std::size_t{50});
    QVERIFY(!with_set_tags(piece, set_id, std::vector<std::string>(51, "t")));
    const std::string note(10'000, 'n');
    QCOMPARE(with_set_note(piece, set_id, note)->sets[0].note, note);
    QVERIFY(!with_set_note(piece, set_id, note + "n"));
    QCOMPARE(find_swatch(*with_swatch_note(piece, first, note), first)->note, note);
    QVERIFY(!with_swatch_note(piece, first, note + "n"));
  }
  void rules_of_grading_have_their_ranges() {
    const Piece piece = new_piece({});
    const GradingRules usual;
    using Change = std::function<void(GradingRules&, double)>;
    const std::tuple<Change, double, double, double> ranges[] = {
        {[](auto& r, double x) { r.value_steps = static_cast<int>(x); }, 3, 11, 1},
        {[](auto& r, double x) { r.near_duplicate = x; }, 0.1, 20, 0.01},
        {[](auto& r, double x) { r.twin = x; }, 0.1, 20, 0.01},
        {[](auto& r, double x) { r.gap = x; }, 1, 100, 0.01},
        {[](auto& r, double x) { r.outside = x; }, 0.1, 20, 0.01},
        {[](auto& r, double x) { r.target.dark = static_cast<int>(x); }, 0, 1e4, 1},
        {[](auto& r, double x) { r.target.middle = static_cast<int>(x); }, 0, 1e4, 1},
        {[](auto& r, double x) { r.target.light = static_cast<int>(x); }, 0, 1e4, 1},
    };
    for (const auto& [change, low, high, step] : ranges)
      for (const auto& [x, good] :
           {std::pair{low, true}, {high, true}, {low - step, false}, {high + step, false}}) {
        GradingRules rules = usual;
        change(rules, x);
        const auto out = with_grading(piece, rules);
        QCOMPARE(out.ok(), good);
        if (out) QCOMPARE(out->grading, rules);
      }
    for (const Bands& bands : {Bands{0, 50}, Bands{50, 50}, Bands{60, 40}, Bands{50, 100}, Bands{-1, 50},
                               Bands{std::nan(""), 50}, Bands{50, std::nan("")}})
      QVERIFY(!with_bands(piece, bands));
    QCOMPARE(with_bands(piece, {0.1, 99.9})->bands, (Bands{0.1, 99.9}));
  }
  void copies_come_free_and_under_new_ids() {
    Piece piece = with_families({"a"});
    piece = *with_reference(piece, "photo", "png", nullptr);
    const Id a = family(piece, 0).id, photo = piece.references[0].id;
    Swatch s{50, {0.1, 0.2, 0.3}, WheelPlace{{1, 0.5, 20}, {}}, "from elsewhere", "note"};
    s.place = 7;
    s.locked = s.used = true;
    s.from = SampleOrigin{photo, 1, 2};
    Swatch stranger = s;
    stranger.from = SampleOrigin{999, 1, 2};
    piece = *with_swatches_pasted(piece, a, {s, stranger});
    const auto& pasted = family(piece, 0).swatches;
    Swatch expected = s;
    expected.id = pasted[0].id;
    expected.place = 0;
    expected.locked = false;
    QCOMPARE(pasted[0], expected);
    expected.id = pasted[1].id;
    expected.place = 1;
    expected.from.reset();
    QCOMPARE(pasted[1], expected);
    QVERIFY(pasted[0].id > photo && pasted[1].id > pasted[0].id);
    // A double of a locked swatch is not locked; the original stays.
    const Piece locked = *with_swatches_locked(piece, {pasted[1].id}, true);
    const Piece doubled = *with_swatches_duplicated(locked, {pasted[1].id});
    QVERIFY(family(doubled, 0).swatches[1].locked && !family(doubled, 0).swatches[2].locked);
    expected.id = family(doubled, 0).swatches[2].id;
    expected.place = 2;
    QCOMPARE(family(doubled, 0).swatches[2], expected);
    // What is laid has its color, its place on the wheel and its pixel; a new color has its own.
    const LaidColor laid{{0.9, 0.8, 0.7}, WheelPlace{{40, 0.3, 83}, {}}, SampleOrigin{photo, 8, 9}};
    const Piece colored = *with_swatches_colored(piece, {pasted[0].id, pasted[1].id}, laid);
    for (const auto& swatch : family(colored, 0).swatches)
      QVERIFY(swatch.color == laid.color && swatch.picked == laid.picked && swatch.from == laid.from &&
              swatch.name == "from elsewhere" && swatch.used);
    const Swatch fresh = family(*with_swatch(piece, a, laid, " own "), 0).swatches.back();
    QVERIFY(fresh.color == laid.color && fresh.picked == laid.picked && fresh.from == laid.from &&
            fresh.name == "own" && !fresh.used && !fresh.locked);
    QCOMPARE(family(*with_swatch(piece, a, {{1, 0, 0}, {}}, ""), 0).swatches.back().name,
             std::string("vivid red 53"));
    // No two that the program names are called alike; a name that was given stays.
    Piece named = piece;
    for (int i = 0; i < 30; ++i)
      named = *with_swatch(named, a, {{1, i % 3 * 0.0005, 0}, {}}, i == 7 ? "mine" : "");
    std::set<std::string> names;
    for (const auto& swatch : family(named, 0).swatches) names.insert(swatch.name);
    QCOMPARE(names.size(), family(piece, 0).swatches.size() - 1 + 30);
    QVERIFY(names.contains("mine") && names.contains("vivid red 53") && names.contains("vivid red 53 b"));
    QCOMPARE(short_color_name({0.42, 0.42, 0.42}), std::string("grey 45"));
    // Marks come and go, one by one or together.
    const Piece ticked = *with_swatches_used(piece, {pasted[0].id}, false);
    QVERIFY(!family(ticked, 0).swatches[0].used && family(ticked, 0).swatches[1].used);
    QCOMPARE(*with_swatches_used(ticked, {pasted[0].id}, true), piece);
    QCOMPARE(*with_swatches_locked(locked, {pasted[1].id}, false), piece);
  }
  void sets_are_copied_moved_and_removed() {
    Piece piece = with_families({"a"});
    piece = *with_swatch(piece, family(piece, 0).id, {}, "x");
    piece = *with_version_kept(*with_set_tags(*with_set_note(piece, 1, "note"), 1, {"tag"}), 1, "v");
    piece.sets.change(0).extras = "{\"a\":1}";
    const Piece copied = *with_set_duplicated(*with_set(piece, "second"), 1);
    const auto names = [](const Piece& p) {
      std::string out;
      for (const auto& s : p.sets) out += s.name + (s.id == p.current_set ? "* " : " ");
      return out;
    };
    QCOMPARE(names(copied), std::string("First set First set copy* second "));
    const SwatchSet& copy = copied.sets[1];
    QVERIFY(copy.note == "note" && copy.tags == piece.sets[0].tags && copy.versions.empty() &&
            copy.extras == "{\"a\":1}" && copied.sets[0].versions.size() == 1);
    std::set<Id> ids;
    for (const auto& set : copied.sets) {
      ids.insert(set.id);
      for (const auto& f : set.families) {
        ids.insert(f.id);
        for (const auto& s : f.swatches) ids.insert(s.id);
      }
    }
    QCOMPARE(ids.size(), std::size_t{7});
    QVERIFY(*ids.rbegin() < copied.next_id);
    const Id first = copied.sets[0].id, second = copied.sets[1].id, third = copied.sets[2].id;
    QCOMPARE(names(*with_set_moved(copied, third, 0)), std::string("second First set First set copy* "));
    QCOMPARE(names(*with_set_moved(copied, first, 3)), std::string("First set copy* second First set "));
    QCOMPARE(names(*with_set_moved(copied, first, 1)), names(copied));
    QVERIFY(!with_set_moved(copied, first, 4));
    // Without the current set the one in its place is the current one, or the last.
    QCOMPARE(names(*without_set(copied, second)), std::string("First set second* "));
    QCOMPARE(names(*without_set(copied, first)), std::string("First set copy* second "));
    QCOMPARE(names(*without_set(*with_current_set(copied, third), third)),
             std::string("First set First set copy* "));
    const auto only = without_set(new_piece({}), 1);
    QVERIFY(!only && only.error().code == ErrorCode::BadInput);
    QVERIFY(find_set_by_name(copied, "second") == &copied.sets[2] && !find_set_by_name(copied, "third"));
  }
  void versions_come_back_as_they_were() {
    Piece piece = with_families({"a"});
    const Id set = piece.current_set, a = family(piece, 0).id;
    piece = *with_swatch(piece, a, {{0.2, 0.4, 0.6}, {}}, "blue");
    piece = *with_version_kept(*with_version_kept(piece, set, "v"), set, "v");
    QCOMPARE(piece.sets[0].versions[1].name, std::string("v 2"));
    const Id first = piece.sets[0].versions[0].id, second = piece.sets[0].versions[1].id;
    QCOMPARE(without_version(piece, first)->sets[0].versions[0].id, second);
    QCOMPARE(with_version_named(piece, second, "w")->sets[0].versions[1].name, std::string("w"));
    QCOMPARE(find_version(piece, second), &piece.sets[0].versions[1]);
    // A swatch that went to another set since stays there; here another one comes back.
    const Id swatch = family(piece, 0).swatches[0].id;
    Piece gone = *with_family(*with_set(piece, "other"), "b");
    const Id b = family(gone, 0).id;
    gone = *with_swatches_moved(gone, {swatch}, b);
    const Piece back = *with_version_restored(gone, first);
    QCOMPARE(back.sets[1].families[0].swatches[0].id, swatch);
    QCOMPARE(back.sets[0].families[0].id, a);
    const Swatch& renewed = back.sets[0].families[0].swatches[0];
    QVERIFY(renewed.id >= gone.next_id && renewed.id < back.next_id && renewed.name == "blue");
    // So does a family that went, and with all places for versions taken none is overwritten.
    Piece moved = *with_set(piece, "other");
    moved.sets.change(1).families = std::exchange(moved.sets.change(0).families, {});
    const Piece family_back = *with_version_restored(moved, first);
    QVERIFY(family_back.sets[0].families[0].id >= moved.next_id);
    QCOMPARE(family_back.sets[0].versions.size(), std::size_t{3}); // The empty state is kept too.
    Piece crowded = *with_swatch(piece, a, {}, "new");
    while (crowded.sets[0].versions.size() < kMostVersions) {
      SetVersion more = piece.sets[0].versions[0];
      more.id = crowded.next_id++;
      crowded.sets.change(0).versions.push_back(more);
    }
    QVERIFY(!with_version_restored(crowded, first));
  }
  void sorted_by_each_measure() {
    Piece piece = with_families({"a", "b"});
    const std::pair<const char*, Srgb> colors[] = {{"red", {0.8, 0.1, 0.1}},
                                                   {"dark grey", {0.2, 0.2, 0.22}},
                                                   {"blue", {0.3, 0.4, 0.7}},
                                                   {"light grey", {0.9, 0.9, 0.905}},
                                                   {"leaf", {0.4, 0.6, 0.3}}};
    for (const auto& [name, color] : colors)
      for (const std::size_t f : {0u, 1u})
        piece = *with_swatch(piece, family(piece, f).id, {color, {}}, name);
    piece = *with_swatches_moved(piece, {family(piece, 0).swatches[0].id}, family(piece, 0).id, 30);
    const auto order = [&](SortBy by) {
      const Piece sorted = *with_set_sorted(piece, piece.current_set, by);
      std::string out;
      int place = 0;
      for (const auto& s : family(sorted, 0).swatches) {
        if (s.place != place++) qFatal("a gap");
        out += s.name + ", ";
      }
      std::string other;
      for (const auto& s : family(sorted, 1).swatches) other += s.name + ", ";
      if (other != out) qFatal("families differ");
      return out;
    };
    QCOMPARE(order(SortBy::Value), std::string("light grey, leaf, blue, red, dark grey, "));
    QCOMPARE(order(SortBy::Chroma), std::string("red, blue, leaf, dark grey, light grey, "));
    QCOMPARE(order(SortBy::Name), std::string("blue, dark grey, leaf, light grey, red, "));
    // Neutrals first, in the order they had.
    QCOMPARE(order(SortBy::Hue), std::string("dark grey, light grey, red, leaf, blue, "));
  }
  void recent_colors_are_a_trail_without_repeats() {
    std::vector<Srgb> trail;
    for (int i = 0; i < 40; ++i)
      trail = with_recent(trail, srgb_from_8bit({static_cast<std::uint8_t>(i % 20), 0, 0}));
    QCOMPARE(trail.size(), kRecentColors);
    QCOMPARE(rounded_8bit(trail[0]).r, 19);
    QCOMPARE(rounded_8bit(trail[15]).r, 4);
    const Srgb a{0.1, 0.1, 0.1}, b{0.5, 0.5, 0.5};
    QCOMPARE(with_recent({a, b}, {0.5001, 0.5, 0.5}), (std::vector<Srgb>{{0.5001, 0.5, 0.5}, a}));
  }
  void references_are_named_moved_and_replaced() {
    const auto bytes = [](unsigned char b) {
      return std::make_shared<const std::vector<unsigned char>>(std::vector<unsigned char>{b});
    };
    Piece piece = new_piece({});
    for (const char* name : {"a", "b", "c"}) piece = *with_reference(piece, name, "png", bytes(1));
    const auto order = [](const Piece& p) {
      std::string out;
      for (const auto& r : p.references) out += r.name;
      return out;
    };
    const Id b = piece.references[1].id;
    QCOMPARE(order(*with_reference_moved(piece, b, 0)), std::string("bac"));
    QCOMPARE(order(*with_reference_moved(piece, b, 3)), std::string("acb"));
    QCOMPARE(order(*with_reference_moved(piece, b, 1)), std::string("abc"));
    QCOMPARE(with_reference_named(piece, b, "  dusk ")->references[1].name, std::string("dusk"));
    const auto replaced = with_reference_replaced(piece, b, "new", "jpg", bytes(7));
    QVERIFY(replaced);
    QCOMPARE(replaced->references[1].id, b);
    QCOMPARE(replaced->references[1].extension, std::string("jpg"));
    QCOMPARE((*replaced->references[1].bytes)[0], static_cast<unsigned char>(7));
  }
};

QTEST_APPLESS_MAIN(PieceTest)
#include "piece_test.moc"
