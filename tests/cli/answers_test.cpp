// SPDX-License-Identifier: GPL-3.0-or-later
// Every option of zonachrom-cli changes its answer as it says, and the answer is the core's.
#include "cli/answers.h"
#include "cli/run.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "core/grading/grading.h"
#include "core/grading/relation_check.h"
#include "core/keys/key_picture.h"
#include "core/mask/patterns.h"
#include "core/mix/ladders.h"
#include "core/mix/pigment.h"
#include "core/mix/reach.h"
#include "core/mix/trade_paints.h"
#include "core/piece/adjust.h"
#include "core/piece/edits.h"
#include "core/wheel/relations.h"
#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/files/zip_archive.h"
#include "io/photo/decode.h"
#include "io/shelf/parcel.h"
#include "support/check.h"
#include "support/full_document.h"

#include <QTemporaryDir>

#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

Srgb color(const char* hex) { return *parse_color(hex); }

const std::pair<const char*, HueScale> kHues[] = {{"traditional", HueScale::Traditional},
                                                  {"light", HueScale::Light},
                                                  {"ink", HueScale::Ink},
                                                  {"even", HueScale::Even}};
const std::pair<const char*, SaturationMeasure> kMeasures[] = {{"hsluv", SaturationMeasure::Hsluv},
                                                               {"hsl", SaturationMeasure::Hsl},
                                                               {"hsv", SaturationMeasure::Hsv},
                                                               {"cielab", SaturationMeasure::CielabChroma},
                                                               {"oklab", SaturationMeasure::OklabChroma}};

constexpr auto kFewPaints = R"({"paints":[{"name":"white","srgb":"#f8f8f6","trade":"titanium white"},
  {"name":"earth","srgb":"#c78a36","trade":"yellow earth"},
  {"name":"blue","srgb":"#264ba5","trade":"ultramarine blue","strength":1.5},
  {"name":"away","srgb":"#ff0000","out":false}]})";
constexpr auto kBadPaints = R"({"paints":[{"name":"white","srgb":"#f8f8f6","strength":"strong"}]})";

} // namespace

class AnswersTest : public QObject {
  Q_OBJECT
private slots:
  void describes_in_every_space() {
    const Srgb c = color("#ce854e");
    const J one = run({"describe", "#ce854e"}).json()["colors"][0];
    const LinearRgb linear = linear_from_srgb(c);
    const Xyz xyz = xyz_from_srgb(c);
    const Lab lab = lab_from_srgb(c);
    const LchAb lch = lch_from_lab(lab);
    const Luv luv = luv_from_xyz(xyz);
    const LchUv lchuv = lch_from_luv(luv);
    const Hsluv hsluv = hsluv_from_lch(lchuv);
    const Oklab oklab = oklab_from_srgb(c);
    const Oklch oklch = lch_from_oklab(oklab);
    const Hsv hsv = hsv_from_srgb(c);
    const Hsl hsl = hsl_from_srgb(c);
    QVERIFY(one["hex"] == "#ce854e");
    check_numbers(one["srgb"], {c.r, c.g, c.b});
    check_numbers(one["linear"], {linear.r, linear.g, linear.b});
    check_numbers(one["xyz"], {xyz.x, xyz.y, xyz.z});
    check_numbers(one["lab"], {lab.l, lab.a, lab.b});
    check_numbers(one["lch"], {lch.l, lch.c, lch.h});
    check_numbers(one["luv"], {luv.l, luv.u, luv.v});
    check_numbers(one["lchuv"], {lchuv.l, lchuv.c, lchuv.h});
    check_numbers(one["hsluv"], {hsluv.h, hsluv.s, hsluv.l});
    check_numbers(one["oklab"], {oklab.l, oklab.a, oklab.b});
    check_numbers(one["oklch"], {oklch.l, oklch.c, oklch.h});
    check_numbers(one["hsv"], {hsv.h, 100 * hsv.s, 100 * hsv.v});
    check_numbers(one["hsl"], {hsl.h, 100 * hsl.s, 100 * hsl.l});
    CHECK_NEAR(one["luma"].get<double>(), luma_of(c), kSix);
    CHECK_NEAR(one["value"].get<double>(), lab.l, 1e-4);
    QCOMPARE(one.size(), std::size_t{15});
    const double expected = ciede2000(lab_from_srgb(color("#ce854e")), {50, 10, -20});
    CHECK_NEAR(run({"difference", "#ce854e", "--lab", "50,10,-20"}).json()["difference"].get<double>(),
               expected, 1e-4);
  }
  void looks_up_every_wheel() {
    for (const auto& [hues, scale] : kHues)
      for (const auto& [word, measure] : kMeasures) {
        const Wheel wheel({scale, measure});
        const J told = run({"wheel", "--hues", hues, "--measure", word, "--at", "200,0.7,60", "--at",
                            "-15,1,97", "--locate", "#8fc31f"})
                           .json()["places"];
        for (const auto& [i, p] :
             {std::pair<std::size_t, WheelPoint>{0, {200, 0.7, 60}}, {1, {-15, 1, 97}}}) {
          const auto c = wheel.color_at(p);
          const J& found = told[i]["color"];
          QVERIFY(found.is_null() == !c.has_value());
          if (c) QVERIFY(found["hex"] == hex_of(*c));
          if (c) check_numbers(found["srgb"], {c->r, c->g, c->b}, kSix);
          CHECK_ANGLE(told[i]["hue"].get<double>(), p.a, kFour);
          QVERIFY(told[i]["hue"] >= 0 && told[i]["hue"] < 360);
          CHECK_NEAR(told[i]["reach"].get<double>(), wheel.reach(Angle(p.a), p.v), kSix);
          const ValueSpan span = wheel.value_span(Angle(p.a), p.r);
          check_numbers(told[i]["value_span"], {span.low, span.high});
        }
        const WheelPoint at = wheel.locate(color("#8fc31f"));
        CHECK_NEAR(told[2]["hue"].get<double>(), at.a, kFour);
        CHECK_NEAR(told[2]["saturation"].get<double>(), at.r, kSix);
        CHECK_NEAR(told[2]["value"].get<double>(), at.v, kFour);
      }
    // The usual wheel when none is named.
    QCOMPARE(run({"wheel", "--locate", "#8fc31f"}).out,
             run({"wheel", "--hues", "traditional", "--measure", "hsluv", "--locate", "#8fc31f"}).out);
  }
  void tests_colors_against_every_pattern() {
    for (const Pattern kind : kPatterns)
      for (const char* spread : {"", "0", "35", "120"}) {
        const QString name = QString::fromUtf8(pattern_name(kind).data());
        QStringList arguments{"mask",   "--pattern", name,        "--hue", "50",
                              "--hues", "light",     "--measure", "hsl"};
        if (*spread) arguments << "--spread" << spread;
        arguments << "--test"
                  << "#ce854e"
                  << "--test"
                  << "#3d477f";
        const J told = run(arguments).json();
        const PatternSpec spec{kind, 50, *spread ? std::atof(spread) : usual_spread(kind)};
        const Wheel wheel({HueScale::Light, SaturationMeasure::Hsl});
        const MaskRegion region(pattern_mask(spec));
        QVERIFY(told["pattern"] == name.toStdString());
        CHECK_NEAR(told["share"].get<double>(), region.share(), kSix);
        for (const auto& [i, hex] : {std::pair<std::size_t, const char*>{0, "#ce854e"}, {1, "#3d477f"}}) {
          const WheelPoint p = wheel.locate(color(hex));
          const auto nearest = region.nearest(disc_point(p));
          QVERIFY(told["colors"][i]["hex"] == hex);
          QVERIFY(told["colors"][i]["inside"] == region.inside(disc_point(p)));
          const J& within = told["colors"][i]["nearest"];
          QVERIFY(within.is_null() == !nearest.has_value());
          if (nearest)
            QVERIFY(within["hex"] ==
                    hex_of(wheel.nearest_existing(wheel_point(*nearest, p.v, Angle(p.a))).color));
        }
        if (region.empty()) {
          QVERIFY(told["neutral"].is_null());
          continue;
        }
        const WheelPoint n = wheel_point(*region.centroid(), 50, Angle(50));
        CHECK_ANGLE(told["neutral"]["hue"].get<double>(), n.a, kFour);
        CHECK_NEAR(told["neutral"]["saturation"].get<double>(), n.r, kSix);
        QVERIFY(told["neutral"]["value"] == 50.0 &&
                told["neutral"]["color"]["hex"] == hex_of(wheel.nearest_existing(n).color));
      }
  }
  void ramps_follow_every_option() {
    const std::pair<const char*, RampKind> kinds[] = {
        {"tints", RampKind::Tints},   {"shades", RampKind::Shades},   {"tones", RampKind::Tones},
        {"values", RampKind::Values}, {"between", RampKind::Between}, {"distance", RampKind::Distance}};
    const auto check = [](QStringList arguments, RampSpec spec, const WheelSpec& wheel) {
      spec.from = color("#ce854e");
      const J told = run(QStringList{"ramp", "--from", "#ce854e"} + arguments).json()["colors"];
      const auto steps = make_ramp(spec, Wheel(wheel));
      QVERIFY(steps && told.size() == steps->size());
      for (std::size_t i = 0; i < told.size(); ++i) {
        const Lab lab = lab_from_srgb((*steps)[i].color);
        QVERIFY2(told[i]["hex"] == hex_of((*steps)[i].color), qPrintable(arguments.join(' ')));
        check_numbers(told[i]["lab"], {lab.l, lab.a, lab.b});
      }
    };
    for (const auto& [word, kind] : kinds) {
      RampSpec spec{kind, {}, color("#405070"), 9};
      check({"--kind", word, "--to", "#405070"}, spec, {});
      spec.steps = 4;
      spec.even = Evenness::Difference;
      check({"--kind", word, "--to", "#405070", "--steps", "4", "--even", "difference", "--hues", "even",
             "--measure", "oklab"},
            spec, {HueScale::Even, SaturationMeasure::OklabChroma});
    }
    for (const auto& [word, way] : {std::pair{"straight", Way::Straight},
                                    {"short", Way::Short},
                                    {"long", Way::Long},
                                    {"light", Way::Light},
                                    {"paint", Way::Paint}}) {
      RampSpec spec{RampKind::Between, {}, color("#405070"), 5};
      spec.way = way;
      check({"--kind", "between", "--to", "#405070", "--steps", "5", "--way", word}, spec, {});
    }
    check({"--kind", "distance"}, {RampKind::Distance, {}, {}, 9}, {});
  }
  void mixes_are_those_of_the_core() {
    const Srgb blue = color("#1f55b5"), yellow = color("#ffe500");
    const auto paint = mix({{blue, 1.5}, {yellow, 1}}, MixAs::Paint);
    const J told = run({"mix", "#1f55b5:1.5", "#ffe500"}).json();
    QVERIFY(told["hex"] == hex_of(paint->color) && told["exact"] == paint->exact);
    check_numbers(told["srgb"], {paint->color.r, paint->color.g, paint->color.b});
    QVERIFY(run({"mix", "#000", "#fff", "--as", "light"}).json()["exact"] == true);
    QVERIFY(run({"mix", "srgb:1,0.5,0", "srgb:0,0,1:2"}).json() ==
            run({"mix", "srgb:1,0.5,0:1", "srgb:0,0,1:2"}).json());
    QVERIFY(run({"mix", "#000", "#000"}).json()["exact"] == false);
  }
  void recipes_reach_and_fewest_are_those_of_the_core() {
    const QTemporaryDir folder;
    const QString file = folder.filePath("few.paints.json");
    const auto write = [&](const QByteArray& text) {
      QFile out(file);
      if (!out.open(QIODevice::WriteOnly)) qFatal("no file");
      out.write(text);
    };
    write(kFewPaints);
    std::vector<MixPaint> paints;
    for (const auto& [name, strength] :
         {std::pair("titanium white", 1.0), {"yellow earth", 1.0}, {"ultramarine blue", 1.5}})
      paints.push_back({{trade_paint(name)->curve, true}, strength});
    const Mixer mixer(paints);
    const Srgb made = mixer.mixed({2, 1, 1}).color;
    const J recipe = run({"recipe", QString::fromStdString(hex_of(made)), "--paints", file}).json();
    QVERIFY(recipe["difference"].get<double>() < 0.5 && recipe["exact"] == true);
    QCOMPARE(recipe["paints"][0]["name"].get<std::string>(), std::string("white"));
    QCOMPARE(recipe["paints"][0]["parts"].get<int>(), 2);
    QCOMPARE(run({"recipe", "#808080", "--paints", file, "--most", "1"}).json()["paints"].size(),
             std::size_t{1});
    const auto reach = reach_of(mixer, Wheel(WheelSpec{}));
    const J outline = run({"reach", "--paints", file, "--value", "60"}).json();
    CHECK_NEAR(outline["share"].get<double>(), reach->share(60), kSix);
    QCOMPARE(outline["outlines"].size(), reach->outlines(60).size());
    CHECK_NEAR(outline["outlines"][0][0][0].get<double>(), reach->outlines(60)[0][0].x, kSix);
    QVERIFY(run({"reach", "--paints", file, "--white-and-black"}).json()["value"].is_null());
    // The fewest of the piece's own colors, and of a photo's.
    const J few =
        run({"fewest", DEMO_PIECE, "--paints", file, "--most-difference", "20", "--share", "0.3"}).json();
    QVERIFY(few["enough"] == true && few["paints"].size() < 3);
    QVERIFY(run({"fewest", QStringLiteral(DEMO_PHOTOS "/blue-hour.jpg"), "--paints", file,
                 "--most-difference", "8", "--share", "0.9"})
                .json()
                .contains("share"));
    // A file of colors is a palette too, as long as it is small.
    QByteArray many;
    for (int i = 10; i < 23; ++i) many += "#" + QByteArray::number(i) + "4060\n";
    write(many);
    QVERIFY(run({"recipe", "#808080", "--paints", file}).error.contains("at most 12"));
    QVERIFY(!run({"recipe", "#808080", "--paints", DEMO_PIECE}).json()["paints"].empty());
    // A piece without paints gives the colors of its set, if these are few enough.
    Piece bare = demo();
    bare.paints = {};
    const QString unpainted = folder.filePath("bare.zonachrom");
    QVERIFY(save_document(unpainted.toStdString(), {bare, {}}));
    const Run refused = run({"recipe", "#808080", "--paints", unpainted});
    QVERIFY2(refused.code == 3 && refused.error.contains("has 19 colors and no palette of paints"),
             qPrintable(refused.error));
    auto& families = bare.sets.change(0).families;
    while (families.size() > 1) families.erase(1);
    QVERIFY(save_document(unpainted.toStdString(), {bare, {}}));
    const Swatch& first = bare.sets[0].families[0].swatches[0];
    const J alone =
        run({"recipe", QString::fromStdString(hex_of(first.color)), "--paints", unpainted}).json();
    QVERIFY(alone["paints"].size() == 1 && alone["paints"][0]["name"] == first.name);
    write("#102030 dark\n#e0d0c0 light\n");
    QCOMPARE(run({"recipe", "#e0d0c0", "--paints", file}).json()["paints"][0]["name"].get<std::string>(),
             std::string("light"));
    write(kBadPaints);
    const Run bad = run({"recipe", "#808080", "--paints", file});
    QVERIFY(bad.code == 3 && bad.error.contains("paints[0].strength should be a number"));
  }
  void relations_and_colors_between_are_the_cores() {
    const Srgb blue = color("#1f55b5");
    const Wheel wheel({HueScale::Ink, SaturationMeasure::OklabChroma});
    for (const auto& [relation, word] : kRelationWords)
      for (const bool vivid : {false, true}) {
        QStringList arguments{"relate", "#1f55b5", "--relation", QString::fromUtf8(word),
                              "--hues", "ink",     "--measure",  "oklab"};
        if (vivid) arguments << "--vivid";
        const J told = run(arguments).json()["members"];
        const auto expected =
            related(wheel, wheel.locate(blue), relation, vivid ? MemberValue::Vivid : MemberValue::Current);
        QCOMPARE(told.size(), expected.size());
        for (std::size_t i = 0; i < expected.size(); ++i) {
          QVERIFY(told[i]["color"]["hex"] == hex_of(expected[i].color));
          CHECK_ANGLE(told[i]["hue"].get<double>(), expected[i].at.a, kFour);
          CHECK_NEAR(told[i]["value"].get<double>(), expected[i].at.v, kFour);
        }
      }
    const J rungs = run({"ladder", "#1f55b5", "--relation", "square", "--hues", "ink", "--measure", "oklab",
                         "--steps", "4", "--darkest", "20", "--saturation", "0.5"})
                        .json()["rows"];
    LadderSpec spec{{}, 4, 20, 92, 0.5};
    for (const auto& member : related(wheel, wheel.locate(blue), Relation::Square))
      spec.hues.push_back(member.at.a);
    const auto rows = *make_ladder(spec, wheel);
    QCOMPARE(rungs.size(), std::size_t{4});
    for (std::size_t row = 0; row < 4; ++row)
      for (std::size_t i = 0; i < 4; ++i)
        QVERIFY(rungs[row]["colors"][i]["hex"] == hex_of(rows[row][i].color));
    const J greys = run({"ramp", "--kind", "greys", "--from", "#ce854e", "--to", "#5a6f80"}).json()["colors"];
    QVERIFY(greys.size() == 9 && greys[0]["hex"] == "#ce854e" && greys[4]["hex"] != greys[0]["hex"]);
    QVERIFY(run({"ladder", "#1f55b5", "--relation", "square", "--steps", "12"}).code == 2);
    for (const auto& [way, word] : kWayWords) {
      const J told = run({"between", "#ce854e", "#1f55b5", "--steps", "4", "--way", QString::fromUtf8(word)})
                         .json()["colors"];
      const auto expected = *steps_between(color("#ce854e"), blue, 4, way);
      QCOMPARE(told.size(), std::size_t{4});
      for (std::size_t i = 0; i < 4; ++i) QVERIFY(told[i]["hex"] == hex_of(expected[i].color));
    }
  }
  void grading_is_told_in_full() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("p.zonachrom");
    // The demo with rules of its own, a gap, a near-duplicate and a mask that leaves some out.
    Piece piece = demo();
    piece = *with_grading(piece, {7, 4, 1.5, 15, 1, {3, 8, 5}});
    piece = *with_bands(piece, {25, 75});
    const Swatch first = piece.sets[0].families[0].swatches[0];
    piece = *with_swatch(piece, piece.sets[0].families[1].id, {first.color, {}}, "double");
    QVERIFY(save_document(path.toStdString(), {piece, {}}));
    const SwatchSet& set = piece.sets[0];
    const MaskRegion region(*piece.mask);
    const GradingReport r = grade(set, piece.bands, piece.grading, Wheel(piece.wheel), &region);
    QVERIFY(!r.near_duplicates.empty() && !r.twins.empty() && !r.gaps.empty() && !r.outside_mask.empty());
    const J told = run({"grade", path, "--set", "Row at dusk"}).json();
    QVERIFY(told["set"] == "Row at dusk" && told["count"] == swatch_count(set));
    QVERIFY(told["band_counts"] ==
            (J{{"light", r.bands.light}, {"middle", r.bands.middle}, {"dark", r.bands.dark}}));
    QVERIFY(told["target"] == (J{{"light", 5}, {"middle", 8}, {"dark", 3}}));
    QVERIFY(told["values"] == J(r.steps));
    const auto name = [&](Id id) { return find_swatch(piece, id)->name; };
    const auto check_pairs = [&](const J& pairs, const auto& expected) {
      QCOMPARE(pairs.size(), expected.size());
      for (std::size_t i = 0; i < expected.size(); ++i) {
        const Swatch &a = *find_swatch(piece, expected[i].a), &b = *find_swatch(piece, expected[i].b);
        const Contrast c = contrast_of(a.color, b.color);
        QVERIFY(pairs[i]["swatches"][0]["name"] == a.name);
        CHECK_NEAR(pairs[i]["difference"].get<double>(), c.difference, kFour);
        CHECK_NEAR(pairs[i]["value_difference"].get<double>(), c.value_difference, kFour);
        const J& full = pairs[i]["swatches"][1];
        QVERIFY(full["name"] == b.name && full["hex"] == hex_of(b.color) &&
                !full["family"].get<std::string>().empty());
      }
    };
    check_pairs(told["near_duplicates"], r.near_duplicates);
    check_pairs(told["twins"], r.twins);
    QCOMPARE(told["gaps"].size(), r.gaps.size());
    for (std::size_t i = 0; i < r.gaps.size(); ++i) {
      const J& gap = told["gaps"][i];
      QVERIFY(gap["family"] == find_family(piece, r.gaps[i].family)->name &&
              gap["swatches"][0]["name"] == name(r.gaps[i].dark) &&
              gap["swatches"][1]["name"] == name(r.gaps[i].light));
      CHECK_NEAR(gap["value_difference"].get<double>(), r.gaps[i].size, kFour);
    }
    QCOMPARE(told["outside_mask"].size(), r.outside_mask.size());
    for (std::size_t i = 0; i < r.outside_mask.size(); ++i)
      QVERIFY(told["outside_mask"][i]["name"] == name(r.outside_mask[i]));
    // A mask that is off, or none, leaves nothing out.
    QVERIFY(save_document(path.toStdString(), {with_mask_on(piece, false), {}}));
    QVERIFY(run({"grade", path, "--set", "Row at dusk"}).json()["outside_mask"].empty());
    QVERIFY(save_document(path.toStdString(), {with_mask(piece, {}), {}}));
    QVERIFY(run({"grade", path, "--set", "Row at dusk"}).json()["outside_mask"].empty());
  }
  void a_piece_is_checked_and_limited() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("p.zonachrom"), out = folder.filePath("out.zonachrom");
    const J whole{{"file", DEMO_PIECE}, {"ok", true}, {"faults", J::array()}};
    QVERIFY(run({"check", DEMO_PIECE, DEMO_PIECE}).json() ==
            (J{{"version", 1}, {"ok", true}, {"pieces", J::array({whole, whole})}}));
    QVERIFY(run({"check", folder.filePath("none")}).code == 3);
    // Everything that is wrong is told, each with its place.
    J json = J::parse(document_to_json(full_document()));
    json["bands"] = {{"dark_below", 80}, {"light_from", 20}};
    json["sets"][1]["families"][0]["swatches"][0]["place"] = 10'000;
    json["sets"][1]["families"][0]["swatches"][1]["id"] = 11;
    const std::string text = json.dump(), type(kPieceMimeType);
    const auto bytes = write_zip({{"mimetype", bytes_of(type), true}, {"piece.json", bytes_of(text)}});
    QVERIFY(save_safely(path.toStdString(), *bytes, Backup::None));
    const Run broken = run({"check", path});
    QCOMPARE(broken.code, 1);
    const J told = broken.json();
    QVERIFY(told["ok"] == false);
    // Of several, one that is broken is enough, before or behind the others.
    QCOMPARE(run({"check", path, DEMO_PIECE}).code, 1);
    QCOMPARE(run({"check", DEMO_PIECE, path}).code, 1);
    std::set<std::string> places;
    for (const auto& fault : told["pieces"][0]["faults"]) places.insert(fault["place"].get<std::string>());
    for (const char* place :
         {"bands", "sets[1].families[0].swatches[0].place", "sets[1].families[0].swatches[1].id"})
      QVERIFY2(places.contains(place), place);
    // Another wheel, the mask turned and the set with it: what the edits give.
    const Piece before = demo();
    const J limited = run({"limit", DEMO_PIECE, "--hues", "light", "--measure", "hsl", "--turn", "25",
                           "--with-set", "-o", out})
                          .json();
    const WheelSpec light{HueScale::Light, SaturationMeasure::Hsl};
    const Piece expected = *with_mask_turned(*with_wheel(before, light), 25, Carry::SetToo);
    QVERIFY(open_document(out.toStdString())->piece == expected);
    QVERIFY(limited["wheel"]["hues"] == "light" &&
            limited["mask"]["counts"]["areas"] == expected.mask->areas.size());
    QCOMPARE(run({"limit", DEMO_PIECE, "--hues", "even", "--keep", "shape", "--force", "-o", out}).code, 0);
    QVERIFY(open_document(out.toStdString())->piece.mask == before.mask);
    QVERIFY(run({"limit", DEMO_PIECE, "--with-set", "--force", "-o", out}).code == 2);
  }
  void a_relation_is_told_with_what_is_off() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("two.zonachrom");
    Piece piece = demo();
    const J told = run({"grade", DEMO_PIECE, "--set", "Row at dusk"}).json()["relation"];
    const auto fit = relation_fits(family_hues(current_set(piece)->families, Wheel(piece.wheel))).front();
    QVERIFY(told["name"] == word_for(kRelationWords, fit.relation) &&
            told["families"].size() == fit.families.size());
    check_numbers(J::array({told["turn"], told["hue_off"], told["families"][1]["hue_off"]}),
                  {fit.turn, fit.error, fit.families[1].off});
    piece.sets.change(0).families.clear();
    QVERIFY(save_document(path.toStdString(), {piece, {}}));
    QVERIFY(run({"grade", path, "--set", "Row at dusk"}).json()["relation"].is_null());
  }
  void reports_of_large_sets_are_bounded_and_counted() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("p.zonachrom");
    Piece piece = *with_family(new_piece({}), "all");
    std::vector<Swatch> many;
    std::mt19937 random(4);
    for (int i = 0; i < 3000; ++i) {
      const auto channel = [&] { return (random() % 256) / 255.0; };
      many.push_back({0, {channel(), channel(), channel()}, {}, "s" + std::to_string(i)});
    }
    piece = *with_swatches_pasted(piece, current_set(piece)->families[0].id, many);
    QVERIFY(save_document(path.toStdString(), {piece, {}}));
    const Run answer = run({"grade", path, "--set", "First set"});
    QVERIFY(answer.out.size() < 1'000'000);
    const J told = answer.json();
    const GradingReport r = grade(piece.sets[0], piece.bands, piece.grading, Wheel(piece.wheel), nullptr);
    QVERIFY(told["counts"]["twins"] == r.twin_count && r.twin_count > kMostPairs &&
            told["twins"].size() == 200);
    QVERIFY(told["twin_bands"].size() == r.twin_bands.size() && r.twin_bands.size() < 60);
    std::size_t in_bands = 0;
    for (const auto& band : told["twin_bands"]) {
      in_bands += band["count"].get<std::size_t>();
      QVERIFY(band["value_span"][1].get<double>() - band["value_span"][0].get<double>() <
              2 * piece.grading.twin);
    }
    QVERIFY(in_bands > 2900);
  }
  void adjusting_follows_every_option() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("out.zonachrom");
    const Piece before = demo();
    const auto check = [&](QStringList options, const Adjustment& a) {
      const J told =
          run(QStringList{"adjust", DEMO_PIECE, "--set", "Row at dusk", "--force", "-o", path} + options)
              .json();
      const auto expected = with_adjusted(before, before.sets[0].id, {}, a);
      const auto document = open_document(path.toStdString());
      QVERIFY2(document->piece.sets == expected->sets, qPrintable(options.join(' ')));
      QVERIFY(told["files"] == J{path.toStdString()} && told["count"] == swatch_count(before.sets[0]));
      J held = J::array();
      for (const auto& c : adjust_preview(before.sets[0], {}, a, Wheel(before.wheel)))
        if (c.reduced) held.push_back(find_swatch(before, c.swatch)->name);
      J reduced = J::array();
      for (const J& s : told["reduced_swatches"]) reduced.push_back(s["name"]);
      QVERIFY2(reduced == held, qPrintable(options.join(' ')));
    };
    Adjustment a;
    a.turn = -40;
    check({"--turn", "-40"}, a);
    a = {};
    a.saturation = 3;
    check({"--saturation", "3"}, a);
    a = {};
    a.value = 12;
    check({"--value", "12"}, a);
    a = {};
    a.contrast = 1.4;
    check({"--contrast", "1.4"}, a);
    a.pivot = 20;
    check({"--contrast", "1.4", "--pivot", "20"}, a);
    a = {};
    a.tint = color("#ffb060");
    a.tint_share = 0.4;
    check({"--toward", "#ffb060", "--share", "0.4"}, a);
  }
  void imports_say_what_they_did() {
    const QTemporaryDir folder;
    const QString sheet = folder.filePath("dusk.css"), path = folder.filePath("p.zonachrom");
    QFile file(sheet);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(":root {\n/* sky */\n--a: #102030;\n--b: color(srgb 1.2 1.2 1.2);\n/* wall */\n--c: "
               "#a08060;\n--d: 4px; }");
    file.close();
    // A piece made for the file has its set and no other.
    const J fresh = run({"import", sheet, "--into", path}).json();
    QVERIFY(fresh["files"] == J{path.toStdString()} && fresh["set"] == "dusk" &&
            fresh["counts"] == (J{{"found", 3}, {"added", 3}, {"families", 2}}) &&
            fresh["remarks"].size() == 2);
    std::optional<Document> document;
    const auto reopen = [&] { document = *open_document(path.toStdString()); };
    reopen();
    QVERIFY(document->piece.sets.size() == 1 && document->piece.current_set == document->piece.sets[0].id);
    // Into the set of that name, what it has is left out; the set on the staff stays the same one.
    Piece piece = *with_set(document->piece, "other");
    const Id dusk = piece.sets[0].id;
    piece = *without_swatches(piece, {piece.sets[0].families[1].swatches[0].id});
    document->at_hand.wells[2] = color("#010203");
    QVERIFY(save_document(path.toStdString(), {piece, document->at_hand}));
    const J more = run({"import", sheet, "--into", path}).json();
    QVERIFY(more["set"] == "dusk" && more["counts"]["found"] == 3 && more["counts"]["added"] == 1);
    reopen();
    QVERIFY(document->piece.current_set != dusk && swatch_count(document->piece.sets[0]) == 3 &&
            document->at_hand.wells[2] == color("#010203"));
    const J named = run({"import", sheet, "--into", path, "--set", "plates"}).json();
    QVERIFY(named["set"] == "plates" && named["counts"]["added"] == 3);
    reopen();
    QVERIFY(document->piece.sets.size() == 3 && document->piece.current_set == piece.current_set);
  }
  void parcels_hold_what_was_asked_for() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("p.zonachrom"), parcel = folder.filePath("row.zonaparcel");
    Piece piece = *with_set_tags(demo(), demo().sets[0].id, {"street", "night"});
    piece = *with_set_duplicated(piece, piece.sets[0].id);
    QVERIFY(save_document(path.toStdString(), {piece, {}}));
    const J packed =
        run({"parcel", "pack", path, "--set", "Row at dusk", "--set", "Row at dusk copy", "-o", parcel})
            .json();
    QVERIFY(packed["files"] == J{parcel.toStdString()} && packed["sets"].size() == 2 &&
            packed["masks"].empty());
    J list = run({"parcel", "list", parcel}).json();
    QVERIFY(list["description"] == "" && list["masks"].empty() && list["sets"].size() == 2);
    QVERIFY(list["sets"][1] == (J{{"name", "Row at dusk copy"},
                                  {"tags", {"street", "night"}},
                                  {"counts", {{"families", 4}, {"swatches", 19}}}}));
    run({"parcel", "pack", path, "--set", "Row at dusk", "--mask", "--tag", "a", "--tag", "b",
         "--description", "x", "--force", "-o", parcel});
    list = run({"parcel", "list", parcel}).json();
    QVERIFY(list["description"] == "x" && list["sets"][0]["tags"] == (J{"a", "b"}));
    QVERIFY(list["masks"] ==
            J::array({{{"name", piece.mask->name}, {"tags", {"a", "b"}}, {"counts", {{"areas", 1}}}}}));
    QCOMPARE(open_parcel(parcel.toStdString())->masks[0].wheel, piece.wheel);
    // A mask without a name has the piece's.
    piece.mask->name.clear();
    QVERIFY(save_document(path.toStdString(), {piece, {}}));
    run({"parcel", "pack", path, "--mask", "--force", "-o", parcel});
    QVERIFY(run({"parcel", "list", parcel}).json()["masks"][0]["name"] == piece.title);
    QVERIFY(save_document(path.toStdString(), {with_mask(piece, {}), {}}));
    QCOMPARE(run({"parcel", "pack", path, "--mask", "--force", "-o", parcel}).code, 3);
    QCOMPARE(run({"parcel", "pack", path, "--set", "none", "--force", "-o", parcel}).code, 3);
  }
};

QTEST_GUILESS_MAIN(AnswersTest)
#include "answers_test.moc"
