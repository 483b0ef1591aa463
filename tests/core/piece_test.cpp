// Edits as pure functions, and grading.
#include "core/color/convert.h"
#include "core/piece/edits.h"
#include "core/piece/grading.h"
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
    piece = *without_swatch(piece, first);
    piece = *with_swatch(piece, home, {{0, 1, 0}, std::nullopt}, "two");
    QVERIFY(family(piece, 0).swatches[0].id > first);
  }
  void swatches_and_families_move() {
    Piece piece = with_families({"a", "b", "c"});
    const Id a = family(piece, 0).id, b = family(piece, 1).id, c = family(piece, 2).id;
    piece = *with_swatch(piece, a, {{1, 0, 0}, WheelPoint{1, 0.5, 50}}, "red");
    const Swatch swatch = family(piece, 0).swatches[0];
    piece = *with_swatch_moved(piece, swatch.id, c);
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
    QVERIFY(!with_swatch_color(piece, 999, {}, std::nullopt));
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
