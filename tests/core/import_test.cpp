// SPDX-License-Identifier: GPL-3.0-or-later
// Colors found in files or photos, compared with a set, brought in and laid as families.
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/grading/grading.h"
#include "core/piece/edits.h"
#include "core/piece/import.h"
#include "core/piece/laying.h"
#include "core/wheel/color_words.h"
#include "support/check.h"

using namespace zc;
using namespace zc::test;

namespace {

Srgb rgb(int r, int g, int b) { return {r / 255.0, g / 255.0, b / 255.0}; }

/// "family(swatch, swatch) ..." of a set.
std::string told(const SwatchSet& set) {
  std::string out;
  for (const auto& family : set.families) {
    out += (out.empty() ? "" : " ") + family.name + "(";
    for (const auto& s : family.swatches) out += (&s == &family.swatches[0] ? "" : ", ") + s.name;
    out += ")";
  }
  return out;
}

Piece copper() {
  Piece piece = *with_family(new_piece({}), "metal");
  return *with_swatch(piece, current_set(piece)->families[0].id, {rgb(200, 100, 50), {}}, "copper");
}

} // namespace

class ImportTest : public QObject {
  Q_OBJECT
private slots:
  void found_colors_are_known_near_or_new() {
    Piece piece = copper();
    piece = *with_swatch(piece, current_set(piece)->families[0].id, {rgb(208, 102, 50), {}}, "lit");
    const SwatchSet& set = *current_set(piece);
    const Id copper = set.families[0].swatches[0].id, lit = set.families[0].swatches[1].id;
    const auto state = [&](Srgb c, double limit) {
      return compare_found({"", {{"", {{c}}}}}, set, limit)[0];
    };
    const auto away = [](Srgb a, Srgb b) { return ciede2000(lab_from_srgb(a), lab_from_srgb(b)); };
    const Srgb near = rgb(201, 102, 51);
    const double d = away(near, rgb(200, 100, 50));
    QVERIFY(d > 0.3 && d < 2);
    // The same in 8 bits is the same; near is closer than the limit, to the nearest of all.
    const FoundState same = state({200.3 / 255, 100 / 255.0, 50 / 255.0}, 3);
    QVERIFY(same.known == Known::Same && same.like == copper && same.difference > 0 && same.difference < 0.3);
    const FoundState close = state(near, 3);
    QVERIFY(close.known == Known::Near && close.like == copper);
    CHECK_NEAR(close.difference, d, 1e-9);
    QVERIFY(state(near, d + 1e-6).known == Known::Near && state(near, d - 1e-6).known == Known::New);
    QCOMPARE(state(rgb(207, 103, 50), 5).like, lit);
    const FoundState fresh = state(rgb(0, 0, 255), 3);
    QVERIFY(fresh.known == Known::New && fresh.like == 0);
    // In L* alone colors may be further apart than the limit says: none is missed.
    for (const double limit : {1.0, 5.0, 20.0})
      for (int v = 0; v <= 100; v += 2) {
        const Srgb grey = neutral_of_value(v);
        const double least = std::min(away(grey, rgb(200, 100, 50)), away(grey, rgb(208, 102, 50)));
        QCOMPARE(state(grey, limit).known == Known::Near, least < limit);
      }
    const FoundSet two{"x", {{"a", {{rgb(1, 2, 3)}, {rgb(200, 100, 50)}}}, {"b", {{rgb(4, 5, 6)}}}}};
    QCOMPARE(color_count(two), std::size_t{3});
    const auto states = compare_found(two, set, 3);
    QVERIFY(states.size() == 3 && states[1].known == Known::Same && states[2].known == Known::New);
  }
  void what_is_left_out_is_left_out() {
    const Piece piece = copper();
    const Id metal = current_set(piece)->families[0].id;
    const FoundSet found{
        "dusk",
        {{"metal", {{rgb(200, 100, 50), "same"}, {rgb(201, 102, 51), "near"}, {rgb(0, 0, 255), "new"}}}}};
    const auto brought = [&](ImportPlan plan) {
      const auto out = with_found(piece, found, plan);
      return out ? told(*current_set(*out)) : out.error().sentence();
    };
    const std::string same = "same", near = "near";
    for (const auto into : {ImportInto::OneSet, ImportInto::OneFamily}) {
      QCOMPARE(brought({into, metal, false, false}), std::string("metal(copper, same, near, new)"));
      QCOMPARE(brought({into, metal, true, false}), std::string("metal(copper, near, new)"));
      QCOMPARE(brought({into, metal, false, true}), std::string("metal(copper, same, new)"));
      QCOMPARE(brought({into, metal, true, true}), std::string("metal(copper, new)"));
    }
    QCOMPARE(brought({ImportInto::NewSet, 0, true, true}), std::string("metal(same, near, new)"));
    // The limit of near is the piece's own.
    Piece strict = piece;
    strict.grading.near_duplicate = 0.1;
    QCOMPARE(told(*current_set(*with_found(strict, found, {ImportInto::OneSet, 0, true, true}))),
             std::string("metal(copper, near, new)"));
    QCOMPARE(with_found(piece, found, {ImportInto::OneFamily, 999}).error().code, ErrorCode::NotFound);
    const FoundSet known{"x", {{"a", {{rgb(200, 100, 50)}}}}};
    QVERIFY(!with_found(piece, known, {ImportInto::OneSet}));
    QVERIFY(with_found(piece, known, {ImportInto::OneSet, 0, false}) && with_found(piece, known, {}));
    QVERIFY(!with_found(piece, {}, {}));
    // The set that was offered to, whichever is chosen meanwhile.
    const Id offered = piece.current_set;
    const Piece other = with_set(piece, "another").value();
    const auto out = with_found(other, found, {ImportInto::OneSet, 0, true, false, offered});
    QVERIFY(out);
    QCOMPARE(told(*find_set(*out, offered)), std::string("metal(copper, near, new)"));
    QVERIFY(*find_set_by_name(*out, "another") == *find_set_by_name(other, "another"));
    QCOMPARE(with_found(other, found, {ImportInto::OneSet, 0, true, false, 999}).error().code,
             ErrorCode::NotFound);
  }
  void names_are_made_to_fit() {
    const Piece piece = copper();
    const std::string longest(400, 'x');
    const auto brought = [&](const FoundSet& found, ImportPlan plan = {ImportInto::OneSet}) {
      return *with_found(piece, found, plan);
    };
    const Piece fit = brought({"",
                               {{" metal ", {{rgb(1, 2, 3), "  stone\n"}, {rgb(7, 8, 9), " "}}},
                                {"\t", {{rgb(10, 20, 30), longest + "y", std::string(10'001, 'n')}}},
                                {longest + "y", {{rgb(40, 50, 60)}}},
                                {"empty", {}}}});
    const SwatchSet& set = *current_set(fit);
    QCOMPARE(set.families.size(), std::size_t{3});
    QVERIFY(set.families[0].name == "metal" && set.families[1].name == "imported" &&
            set.families[2].name == longest);
    QCOMPARE(set.families[0].swatches[1].name, std::string("stone"));
    QCOMPARE(set.families[0].swatches[2].name, short_color_name(rgb(7, 8, 9)));
    QCOMPARE(set.families[1].swatches[0].name, longest);
    QCOMPARE(set.families[1].swatches[0].note, std::string(10'000, 'n'));
    // A new set has the file's name, or one of its own; a taken one gets a number.
    const FoundSet one{"dusk ", {{"", {{rgb(1, 2, 3)}}}}};
    const Piece first = brought(one, {}), second = *with_found(first, one, {});
    QVERIFY(first.sets[1].name == "dusk" && second.sets[2].name == "dusk 2" &&
            second.current_set == second.sets[2].id);
    QCOMPARE(brought({"  ", one.families}, {}).sets[1].name, std::string("Imported set"));
    QCOMPARE(brought({longest + "y", one.families}, {}).sets[1].name, longest);
    // In full.
    Piece crowded = piece;
    while (crowded.sets.size() < kMostSets) crowded.sets.push_back({crowded.next_id++, "x"});
    QCOMPARE(with_found(crowded, one, {}).error().code, ErrorCode::TooLarge);
    Piece families = piece;
    while (families.sets[0].families.size() < kMostFamilies)
      families.sets.change(0).families.push_back({families.next_id, "f" + std::to_string(families.next_id)}),
          ++families.next_id;
    QCOMPARE(with_found(families, one, {ImportInto::OneSet}).error().code, ErrorCode::TooLarge);
  }
  void into_one_family_its_own_set_is_compared() {
    Piece piece = copper();
    const Id home = current_set(piece)->families[0].id;
    FoundSet known;
    known.families = {{"x", {{current_set(piece)->families[0].swatches[0].color}}}};
    piece = *with_set(piece, "another, which is shown");
    QCOMPARE(with_found(piece, known, {ImportInto::OneFamily, home}).error().code, ErrorCode::BadInput);
    QVERIFY(with_found(piece, known, {ImportInto::OneSet}));
  }
  void families_are_laid_whole_or_not_at_all() {
    const Piece piece = copper();
    const LaidColor a{rgb(250, 0, 0), WheelPlace{{1, 0.5, 50}, {}}, SampleOrigin{1, 2, 3}},
        b{rgb(0, 0, 80), {}};
    const Piece laid = *with_laid_family(piece, "metal", {a, b});
    const Family& family = current_set(laid)->families[1];
    QVERIFY(family.name == "metal 2" && family.swatches.size() == 2);
    QVERIFY(family.swatches[0].color == a.color && family.swatches[0].picked == a.picked &&
            family.swatches[0].from == a.from && family.swatches[0].name == short_color_name(a.color));
    QVERIFY(!with_laid_family(piece, "x", {}) && !with_laid_family(piece, " ", {a}));
    QCOMPARE(told(*current_set(*with_laid_families(piece, {{"x", {a}}, {"y", {b}}}))),
             "metal(copper) x(" + short_color_name(a.color) + ") y(" + short_color_name(b.color) + ")");
    QVERIFY(!with_laid_families(piece, {{"x", {a}}, {"y", {}}}));
    QCOMPARE(*with_laid_families(piece, {}), piece);
  }
  void hues_part_at_wide_gaps_and_long_families() {
    const auto hued = [](double hue, double l = 0.6, double c = 0.1) {
      return LaidColor{srgb_from_oklab(oklab_from_lch({l, c, hue})), {}};
    };
    const auto sizes = [&](std::initializer_list<double> hues) {
      std::vector<LaidColor> colors;
      for (const double h : hues) colors.push_back(hued(h));
      std::vector<std::size_t> out;
      for (const auto& f : grouped_by_hue(colors)) out.push_back(f.colors.size());
      return out;
    };
    using Sizes = std::vector<std::size_t>;
    // 24 degrees apart is together, more is not; no family spans more than 40.
    QCOMPARE(sizes({100, 123.9}), (Sizes{2}));
    QCOMPARE(sizes({100, 124.1}), (Sizes{1, 1}));
    QCOMPARE(sizes({100, 120, 139.9}), (Sizes{3}));
    QCOMPARE(sizes({100, 120, 140.1}), (Sizes{2, 1}));
    // Across 0 degrees, and beginning after the widest gap whatever the order given.
    QCOMPARE(sizes({10, 350, 200, 355}), (Sizes{1, 3}));
    QCOMPARE(sizes({330, 350, 9.9, 20}), (Sizes{3, 1}));
    QCOMPARE(sizes({200}), (Sizes{1}));
    // What the trade calls grey comes last; a slate blue, whose hue is seen, is none.
    const Srgb slate = rgb(0x36, 0x3f, 0x4c);
    QVERIFY(lch_from_oklab(oklab_from_srgb(slate)).c < kNeutralChroma && hue_in_words(slate) != "grey");
    QCOMPARE(grouped_by_hue({{slate, {}}})[0].name, hue_in_words(slate));
    const auto mixed = grouped_by_hue({hued(40, 0.6, 0.008), hued(40, 0.6, 0.02), hued(40, 0.8, 0.2)});
    QVERIFY(mixed.size() == 2 && mixed[1].name == "neutral" && mixed[0].colors.size() == 2);
    QVERIFY(value_of(mixed[0].colors[0].color) > value_of(mixed[0].colors[1].color));
    // Named by the trade's hue of the color it begins with.
    QCOMPARE(grouped_by_hue({{rgb(0x1f, 0x55, 0xb5), {}}})[0].name, std::string("blue"));
    QCOMPARE(grouped_by_hue({{rgb(0x12, 0x94, 0x46), {}}})[0].name, std::string("green"));
  }
};

QTEST_APPLESS_MAIN(ImportTest)
#include "import_test.moc"
