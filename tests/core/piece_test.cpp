// Edits as pure functions, and grading.
#include "core/color/convert.h"
#include "core/piece/edits.h"
#include "core/piece/grading.h"
#include "core/piece/laying.h"
#include "support/check.h"

#include <algorithm>

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
    QCOMPARE(family(*after, 0).swatches[0].name, std::string("blue"));
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
    piece = *with_swatch(piece, a, {{1, 0, 0}, WheelPoint{1, 0.5, 50}}, "red");
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
    QVERIFY(!with_family_moved(piece, b, 4));
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
    QVERIFY(!with_swatches_moved(piece, {id(0, 0), 999}, a));
    QVERIFY(!with_swatches_moved(piece, {id(0, 0)}, a, -1));
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
    const Piece copied = *with_set_duplicated(piece, first);
    QCOMPARE(copied.sets[1].name, std::string("First set copy"));
    QCOMPARE(copied.current_set, copied.sets[1].id);
    QVERIFY(copied.sets[1].families[0].swatches[0].id > swatch);
    QVERIFY(!with_set(piece, "First set") && !with_set_named(copied, first, "First set copy"));
    QVERIFY(!without_set(piece, first));
    QCOMPARE(without_set(copied, copied.current_set)->current_set, first);
    QCOMPARE(with_set_moved(copied, first, 2)->sets[1].id, first);
    // A kept version comes back with the ids it had; what it replaces is kept too.
    Piece kept = *with_version_kept(piece, first, "cool");
    kept = *with_swatches_colored(kept, {swatch}, {{0.9, 0.1, 0.1}, {}});
    const Id version = kept.sets[0].versions[0].id;
    const Piece back = *with_version_taken_up(kept, version);
    QCOMPARE(find_swatch(back, swatch)->color, (Srgb{0.2, 0.4, 0.6}));
    QCOMPARE(back.sets[0].versions.size(), std::size_t{2});
    QCOMPARE(back.sets[0].versions[1].name, std::string("before cool"));
    QCOMPARE(back.sets[0].versions[1].families[0].swatches[0].color, (Srgb{0.9, 0.1, 0.1}));
    // Taking it up again finds that all is kept already.
    QCOMPARE(with_version_taken_up(back, version)->sets[0].versions.size(), std::size_t{2});
    // A locked swatch is kept from every change of color and from going.
    const Piece locked = *with_swatches_locked(piece, {swatch}, true);
    QVERIFY(!with_swatches_colored(locked, {swatch}, {}));
    QVERIFY(!without_swatches(locked, {swatch}));
    QVERIFY(!without_family(locked, family(locked, 0).id));
    QVERIFY(without_swatches(locked, {swatch}).error().sentence.find("\"blue\" is locked") !=
            std::string::npos);
    QVERIFY(!with_bands(piece, {50, 40}) && !with_bands(piece, {0, 40}));
    QVERIFY(!with_grading(piece, {12, 3, 2, 20, {}}));
  }
  void bad_names_change_nothing_and_say_why() {
    const Piece piece = with_families({"skin"});
    for (const std::string& name : {std::string(), std::string(" \t "), std::string(500, 'x')}) {
      QVERIFY(!with_title(piece, name));
      QVERIFY(!with_family(piece, name));
      QVERIFY(!with_family_named(piece, family(piece, 0).id, name));
    }
    const auto taken = with_family(piece, " skin ");
    QVERIFY(!taken);
    QVERIFY(taken.error().sentence.find("\"skin\"") != std::string::npos);
    QVERIFY(with_family_named(piece, family(piece, 0).id, "skin"));
    QCOMPARE(with_title(piece, "  Plate two ")->title, std::string("Plate two"));
    QVERIFY(!with_swatch_named(piece, 999, "x"));
    QVERIFY(!with_swatches_colored(piece, {999}, {}));
    QVERIFY(!without_reference(piece, 999));
    QVERIFY(!with_set_named(piece, 999, "x"));
  }
  void references_are_bounded() {
    Piece piece = new_piece({});
    const auto bytes = std::make_shared<const std::vector<unsigned char>>(3, 7);
    for (std::size_t i = 0; i < kMostReferences; ++i)
      piece = *with_reference(std::move(piece), "photo", "png", bytes);
    QVERIFY(!with_reference(piece, "one more", "png", bytes));
    QCOMPARE(without_reference(piece, piece.references[5].id)->references.size(), kMostReferences - 1);
  }
  void grades_by_movable_bands() {
    Piece piece = with_families({"all"});
    for (const double v : {0.0, 10.0, 33.2, 33.4, 50.0, 66.6, 66.8, 100.0})
      piece = *with_swatch(piece, family(piece, 0).id, {neutral_of_value(v), std::nullopt}, "x");
    QCOMPARE(band_counts(*current_set(piece), piece.bands), (BandCounts{3, 3, 2}));
    QCOMPARE(band_counts(*current_set(piece), {5, 99}), (BandCounts{1, 6, 1}));
    QCOMPARE(value_step(0, 9), 1);
    QCOMPARE(value_step(100, 9), 9);
    QCOMPARE(value_step(62, 9), 6);
  }
  void recent_colors_are_a_trail_without_repeats() {
    std::vector<Srgb> trail;
    for (int i = 0; i < 40; ++i)
      trail = with_recent(trail, srgb_from_8bit({static_cast<std::uint8_t>(i % 20), 0, 0}));
    QCOMPARE(trail.size(), kRecentColors);
    QCOMPARE(rounded_8bit(trail[0]).r, 19);
    QCOMPARE(rounded_8bit(trail[15]).r, 4);
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
    QVERIFY(!with_reference_moved(piece, b, 4));
    QVERIFY(!with_reference_moved(piece, 999, 0));
    QCOMPARE(with_reference_named(piece, b, "  dusk ")->references[1].name, std::string("dusk"));
    QVERIFY(!with_reference_named(piece, b, "  "));
    QVERIFY(!with_reference_named(piece, 999, "x"));
    const auto replaced = with_reference_replaced(piece, b, "new", "jpg", bytes(7));
    QVERIFY(replaced);
    QCOMPARE(replaced->references[1].id, b);
    QCOMPARE(replaced->references[1].extension, std::string("jpg"));
    QCOMPARE((*replaced->references[1].bytes)[0], static_cast<unsigned char>(7));
    QVERIFY(!with_reference_replaced(piece, 999, "x", "jpg", bytes(7)));
  }
  void colors_are_grouped_into_families_by_hue() {
    const auto hued = [](double l, double c, double h) {
      return LaidColor{
          srgb_from_oklab(oklab_from_lch({l, c, h})), {}, SampleOrigin{1, static_cast<int>(h), 2}};
    };
    // Reds on both sides of 0 degrees, blues, and greys.
    const std::vector<LaidColor> colors{hued(0.4, 0.1, 355), hued(0.7, 0.1, 8),   hued(0.5, 0.1, 15),
                                        hued(0.6, 0.1, 250), hued(0.3, 0.1, 262), hued(0.8, 0.005, 90),
                                        hued(0.2, 0.01, 200)};
    const auto families = grouped_by_hue(colors);
    QCOMPARE(families.size(), std::size_t{3});
    std::size_t all = 0;
    for (const auto& f : families) {
      all += f.colors.size();
      QVERIFY(!f.name.empty());
      // From light to dark, with where they came from.
      for (std::size_t i = 1; i < f.colors.size(); ++i)
        QVERIFY(value_of(f.colors[i].color) <= value_of(f.colors[i - 1].color));
      for (const auto& c : f.colors) QVERIFY(c.from.has_value());
    }
    QCOMPARE(all, colors.size());
    QCOMPARE(families.back().name, std::string("neutral"));
    QCOMPARE(families.back().colors.size(), std::size_t{2});
    const auto reds = std::find_if(families.begin(), families.end(),
                                   [](const LaidFamily& f) { return f.colors.size() == 3; });
    QVERIFY(reds != families.end());
    // Laid in one step; names that are taken get a number.
    const Piece before = with_families({"neutral"});
    const auto laid = with_laid_families(before, families);
    QVERIFY(laid);
    QCOMPARE(current_set(*laid)->families.size(), std::size_t{4});
    QCOMPARE(current_set(*laid)->families.back().name, std::string("neutral 2"));
    QCOMPARE(swatch_count(*current_set(*laid)), colors.size());
    QVERIFY(grouped_by_hue({}).empty());
    QCOMPARE(grouped_by_hue({colors[0]}).size(), std::size_t{1});
    QVERIFY(!with_laid_families(before, {{"empty", {}}}));
  }
};

QTEST_APPLESS_MAIN(PieceTest)
#include "piece_test.moc"
