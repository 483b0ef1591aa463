// SPDX-License-Identifier: GPL-3.0-or-later
// Every field of a piece file at its bounds, beyond them, and missing.
#include "support/check.h"
#include "support/fields.h"
#include "support/piece_json.h"

#include <QRegularExpression>

using namespace zc;
using namespace zc::test;

class PieceBoundsTest : public QObject {
  Q_OBJECT
private slots:
  void fields_keep_their_bounds_data();
  void fields_keep_their_bounds();
  void lists_keep_their_lengths_data();
  void lists_keep_their_lengths();
  void a_set_keeps_its_bound_over_its_families();
  void what_is_missing_takes_its_default();
};

void PieceBoundsTest::fields_keep_their_bounds_data() {
  QTest::addColumn<QString>("pointer");
  QTest::addColumn<QString>("good");  // Each is taken as it is,
  QTest::addColumn<QString>("bad");   // each of these refused,
  QTest::addColumn<QString>("place"); // and this is the place named; empty where it is the pointer.
  const auto row = [](const char* pointer, const char* good, const char* bad, const char* place = "") {
    QTest::newRow(pointer) << pointer << good << bad << place;
  };
  row("/format", "[1]", "[0, \"1\", null, -1]");
  row("/title", "[\"x\"]", "[7, [], true]");
  row("/words", "[\"\"]", "[7]");
  row("/signature", "[\"x\"]", "[{}]");
  row("/date", "[\"2026-01-02\"]", "[20260102]");
  row("/wheel", "[{\"hues\":\"ink\",\"measure\":\"hsl\"}]", "[7, []]");
  row("/wheel/hues", "[\"traditional\",\"light\",\"ink\",\"even\"]", "[\"sideways\", 3]");
  row("/wheel/measure", "[\"hsluv\",\"hsl\",\"hsv\",\"cielab\",\"oklab\"]", "[\"lab\"]");
  row("/mask_on", "[true,false]", "[1, \"true\"]");
  row("/mask_rule", "[\"held\",\"flagged\",\"free\"]", "[\"Held\"]");
  row("/mask/name", "[\"\"]", "[1]");
  row("/mask/turned", "[0, 359.5]", "[-0.01, 360.01, \"x\"]");
  row("/mask/areas/0/mode", "[\"adds\",\"cuts\"]", "[\"takes\"]");
  row("/mask/areas/0/polygon/1", "[[1,0],[0,-1],[-1,0]]", "[[1.01,0],[0,-1.01],[0],[0,0,0],7]",
      "mask.areas[0].polygon[1]");
  row("/mask/areas/0/polygon", "[[[0,0],[0,1],[1,0]]]", "[7]");
  row("/mask/areas/1/ellipse/center", "[[0.5,0.5]]", "[[2,0]]");
  row("/mask/areas/1/ellipse/along", "[0.01, 2]", "[0.0099, 2.01]");
  row("/mask/areas/1/ellipse/across", "[0.01, 2]", "[0.0099, 2.01]");
  row("/mask/areas/1/ellipse/turned", "[0, 359.5]", "[-1, 360.5]");
  row("/mask/areas/2/ring_sector/from", "[0, 359.5]", "[-1, 360.5]");
  row("/mask/areas/2/ring_sector/sweep", "[0.5, 360]", "[-1, 360.5]");
  row("/mask/areas/2/ring_sector/sweep", "[360]", "[0]", "mask.areas[2].ring_sector");
  row("/mask/areas/2/ring_sector/inner", "[0, 0.69]", "[-0.1, 1.1]");
  row("/mask/areas/2/ring_sector/inner", "[0.5]", "[0.7, 0.8]", "mask.areas[2].ring_sector");
  row("/mask/areas/2/ring_sector/outer", "[0.2, 1]", "[1.01, -0.1]");
  row("/mask/areas/2", "[{\"mode\":\"cuts\",\"polygon\":[[0,0],[0,1],[1,0]]}]", "[{\"mode\":\"adds\"}]",
      "mask.areas[2].polygon");
  row("/references/0/id", "[1, 30]", "[0, -1, 1.5, \"1\"]");
  row("/references/0/name", "[\"x\"]", "[4]");
  row("/references/0/file", "[\"references/1.jpg\"]", "[4]");
  row("/sets/1/id", "[5]", "[0, -1]");
  row("/sets/1/name", "[\"x\"]", "[4]");
  row("/sets/1/note", "[\"x\"]", "[4]");
  row("/sets/1/tags/1", "[\"x\"]", "[4]");
  row("/sets/1/families/0/id", "[6]", "[0]");
  row("/sets/1/families/0/name", "[\"x\"]", "[4]");
  row("/sets/1/versions/0/id", "[8]", "[0]");
  row("/sets/1/versions/0/name", "[\"x\"]", "[4]");
  const char* swatch = "/sets/1/families/0/swatches/0/";
  const auto of_swatch = [&](const char* field, const char* good, const char* bad) {
    row((std::string(swatch) + field).c_str(), good, bad);
  };
  of_swatch("id", "[11, 25]", "[0, -3, 2.5]");
  of_swatch("srgb", "[[0,0,0],[1,1,1]]", "[[0,0,1.001],[-0.001,0,0],[0,0],[0,0,0,0],7,\"#12345\"]");
  of_swatch("name", "[\"x\"]", "[4]");
  of_swatch("note", "[\"x\"]", "[4]");
  of_swatch("place", "[1, 2, 3.0]", "[-1, 10000, 1.5]");
  of_swatch("locked", "[true]", "[1]");
  of_swatch("used", "[true]", "[\"yes\"]");
  of_swatch("picked", "[[0,0,0],[359.5,1,100]]", "[[360.5,0,0],[0,0],[-1,0,0],7]");
  of_swatch("from/reference", "[1]", "[0, -1]");
  of_swatch("from/x", "[0, 1000000]", "[-1, 1000001, 0.5]");
  of_swatch("from/y", "[0, 1000000]", "[-1, 1000001]");
  row("/current_set", "[3, 5]", "[0, \"x\"]");
  row("/bands/dark_below", "[0.5, 70]", "[-1, 101, \"x\"]");
  row("/bands/light_from", "[31, 99.5]", "[-1, 101]");
  row("/bands/light_from", "[30.5]", "[30, 20, 100]", "bands");
  row("/bands/dark_below", "[1]", "[0]", "bands");
  row("/grading/value_steps", "[3, 11]", "[2, 12, 7.5]");
  row("/grading/near_duplicate", "[0.1, 20]", "[0.09, 20.1]");
  row("/grading/twin", "[0.1, 20]", "[0.09, 20.1]");
  row("/grading/gap", "[1, 100]", "[0.9, 100.1]");
  row("/grading/outside", "[0.1, 20]", "[0.09, 20.1]");
  row("/grading/target/dark", "[0, 10000]", "[-1, 10001, 2.5]");
  row("/grading/target/middle", "[0, 10000]", "[-1, 10001]");
  row("/grading/target/light", "[0, 10000]", "[-1, 10001]");
  row("/next_id", "[40, 4000]", "[0, -1, 1.5]");
  row("/bench/current", "[[0,0,0],[1,1,1]]", "[[0,0,1.01],\"#xyz\"]");
  row("/bench/wells/3", "[null,[0,0,0]]", "[[0,0,1.01], 4]", "bench.wells[3]");
  row("/bench/more_wells/9", "[null,[0,0,0]]", "[[0,0,1.01], 4]", "bench.more_wells[9]");
  std::string row_too_many = "[null";
  for (std::size_t i = 1; i < kMostWellRows * kWellsInRow; ++i) row_too_many += ",null";
  row("/bench/more_wells",
      "[[null,null,null,null,null,null,null,null,null,null,null,null,null,null,null,[0,0,0]]]",
      ("[[null], 4, [], " + row_too_many + "]]").c_str());
  row("/bench/well_rows/1", "[\"x\", \"\"]", "[4, null]", "bench.well_rows[1]");
  row("/bench/well_row", "[1, 2]", "[-1, 3]");
  row("/bench/mixing/as", "[\"light\"]", "[\"mud\", 4]");
  row("/bench/mixing/steps", "[2, 12]", "[1, 13]");
  row("/bench/mixing/toward", "[-1, 1]", "[-1.01, 1.01]");
  row("/bench/mixing/follows", "[0, 2]", "[-1, 3]");
  row("/bench/mixing/parts", "[[0,0,1]]", "[[0,0,0], [1,1], [1,1,-1], 4]");
  row("/bench/mixing/at", "[[0,1]]", "[[0,1.01], [1], 4]");
  row("/bench/mixing/picks/0", "[[0,0,1]]", "[[0,0,0], [1,1]]", "bench.mixing.picks[0]");
  row("/bench/mixing/line", "[[[0,0],[1,1]]]", "[[[0,0],[1,1],[0,0]], 4]");
  row("/bench/mixing/smears/0", "[[[0,0]]]", "[[], 4]", "bench.mixing.smears[0]");
  row("/bench/mixing/corners/0/strength", "[0.5, 20]", "[-1, 21]", "bench.mixing.corners[0].strength");
  row("/sets/1/families/0/swatches/0/code/inks", "[[0,0,0,0],[100,100,100,100]]",
      "[[0,0,0],[0,0,0,100.1],[-1,0,0,0],4]");
  row("/sets/1/families/0/swatches/0/code/lab", "[[-5,1,2]]", "[[1,2],[1,2,1001],4]");
  row("/sets/1/families/0/swatches/0/code/finish", "[\"fluorescent\"]", "[\"shiny\", 4]");
  row("/bench/recent/1", "[[0,0,0]]", "[[0,0,1.01], null]", "bench.recent[1]");
  row("/bench/steps/hues", "[3, 360]", "[-1, 361]");
  row("/bench/steps/saturations", "[1, 50]", "[-1, 51]");
  row("/bench/steps/values", "[2, 101]", "[-1, 102]");
}

void PieceBoundsTest::fields_keep_their_bounds() {
  QFETCH(QString, pointer);
  QFETCH(QString, good);
  QFETCH(QString, bad);
  QFETCH(QString, place);
  for (const auto& value : J::parse(good.toStdString())) {
    J json = full_json();
    json[at(pointer)] = value;
    const auto read = read_json(json);
    QVERIFY2(read, read ? "" : read.error().sentence().c_str());
    QVERIFY2(J::parse(document_to_json(*read))[at(pointer)] == value, value.dump().c_str());
  }
  if (place.isEmpty()) {
    place = pointer.mid(1).replace('/', '.');
    place.replace(QRegularExpression("\\.(\\d+)"), "[\\1]");
  }
  for (const auto& value : J::parse(bad.toStdString())) {
    J json = full_json();
    json[at(pointer)] = value;
    const auto read = read_json(json);
    QVERIFY2(!read, value.dump().c_str());
    QCOMPARE(QString::fromStdString(read.error().place), place);
    QCOMPARE(read.error().code, ErrorCode::Damaged);
    QVERIFY(one_sentence(read.error()));
  }
}

void PieceBoundsTest::lists_keep_their_lengths_data() {
  QTest::addColumn<QString>("pointer");
  QTest::addColumn<int>("most");
  QTest::newRow("references") << "/references" << 200;
  QTest::newRow("sets") << "/sets" << 1000;
  QTest::newRow("tags") << "/sets/1/tags" << 50;
  QTest::newRow("families") << "/sets/1/families" << 1000;
  QTest::newRow("versions") << "/sets/1/versions" << 50;
  QTest::newRow("swatches") << "/sets/1/families/0/swatches" << 10'000;
  QTest::newRow("areas") << "/mask/areas" << 200;
  QTest::newRow("points") << "/mask/areas/0/polygon" << 10'000;
  QTest::newRow("wells") << "/bench/wells" << 8;
  QTest::newRow("rows of wells") << "/bench/well_rows" << 3;
  QTest::newRow("picks") << "/bench/mixing/picks" << 24;
  QTest::newRow("smears") << "/bench/mixing/smears" << 12;
  QTest::newRow("places of a smear") << "/bench/mixing/smears/0" << 400;
  QTest::newRow("recent") << "/bench/recent" << 16;
}

void PieceBoundsTest::lists_keep_their_lengths() {
  QFETCH(QString, pointer);
  QFETCH(int, most);
  J json = full_json();
  J& list = json[at(pointer)];
  J item = list.back();
  list = J::array();
  if (item.is_object()) {
    for (const char* key : {"place", "from", "picked"}) item.erase(key);
    item.erase("families");
    item.erase("versions");
  }
  for (int i = 0; i < most; ++i) {
    if (item.is_object() && item.contains("id")) item["id"] = 1000 + i;
    list.push_back(item);
  }
  json.erase("current_set");
  // Read as JSON, since the photos of so many references are not there.
  const auto read = document_from_json(json.dump());
  QVERIFY2(read, read ? "" : read.error().sentence().c_str());
  QCOMPARE(J::parse(document_to_json(read->document))[at(pointer)].size(), static_cast<std::size_t>(most));
  if (item.is_object() && item.contains("id")) item["id"] = 1000 + most;
  list.push_back(item);
  const auto refused = document_from_json(json.dump());
  QVERIFY(!refused && refused.error().sentence().find("at most") != std::string::npos);
}

void PieceBoundsTest::a_set_keeps_its_bound_over_its_families() {
  for (const int more : {0, 1}) {
    J json = full_json();
    J& families = json[at("/sets/1/families")];
    families = J::array({{{"id", 1000}, {"name", "a"}}, {{"id", 1001}, {"name", "b"}}});
    int id = 2000;
    for (int f = 0; f < 2; ++f)
      for (int i = 0; i < 5000 + f * more; ++i)
        families[f]["swatches"].push_back({{"id", id++}, {"hex", "#123"}});
    QCOMPARE(document_from_json(json.dump()).ok(), more == 0);
  }
}

void PieceBoundsTest::what_is_missing_takes_its_default() {
  const Document full = full_document();
  const auto without = [](const char* pointer) {
    J json = full_json();
    const auto place = J::json_pointer(pointer);
    json[place.parent_pointer()].erase(place.back());
    const auto read = document_from_json(json.dump());
    if (!read) qFatal("%s: %s", pointer, read.error().sentence().c_str());
    Document out = read->document;
    for (std::size_t i = 0; i < out.piece.references.size(); ++i)
      out.piece.references.change(i).bytes = full_document().piece.references[i].bytes;
    return out;
  };
  const auto check = [&](const char* pointer, const auto& change) {
    Document expected = full;
    change(expected);
    QVERIFY2(without(pointer) == expected, pointer);
  };
  const Piece usual;
  check("/title", [&](Document& d) { d.piece.title = usual.title; });
  check("/words", [](Document& d) { d.piece.words.clear(); });
  check("/signature", [](Document& d) { d.piece.signature.clear(); });
  check("/date", [](Document& d) { d.piece.date.clear(); });
  check("/wheel", [](Document& d) { d.piece.wheel = {}; });
  check("/wheel/hues", [](Document& d) { d.piece.wheel.hues = HueScale::Traditional; });
  check("/wheel/measure", [](Document& d) { d.piece.wheel.measure = SaturationMeasure::Hsluv; });
  check("/mask", [](Document& d) { d.piece.mask.reset(); });
  check("/mask/name", [](Document& d) { d.piece.mask->name.clear(); });
  check("/mask/turned", [](Document& d) { d.piece.mask->turned = 0; });
  check("/mask/areas", [](Document& d) { d.piece.mask->areas.clear(); });
  check("/mask/areas/1/mode", [](Document& d) { d.piece.mask->areas.change(1).mode = AreaMode::Adds; });
  check("/mask/areas/1/ellipse/turned",
        [](Document& d) { std::get<Ellipse>(d.piece.mask->areas.change(1).shape).turned = 0; });
  check("/mask_on", [](Document& d) { d.piece.mask_on = true; });
  check("/mask_rule", [](Document& d) { d.piece.rule = MaskRule::Held; });
  check("/references", [](Document& d) { d.piece.references.clear(); });
  check("/current_set", [](Document& d) { d.piece.current_set = 3; });
  check("/bands", [](Document& d) { d.piece.bands = {}; });
  check("/bands/dark_below", [](Document& d) { d.piece.bands.dark_below = 33.3; });
  check("/bands/light_from", [](Document& d) { d.piece.bands.light_from = 66.7; });
  check("/grading", [](Document& d) { d.piece.grading = {}; });
  check("/grading/twin", [](Document& d) { d.piece.grading.twin = 2; });
  check("/grading/target", [](Document& d) { d.piece.grading.target = {10, 10, 10}; });
  check("/grading/target/light", [](Document& d) { d.piece.grading.target.light = 10; });
  check("/next_id", [](Document& d) { d.piece.next_id = 14; });
  check("/bench", [](Document& d) { d.at_hand = {}; });
  check("/bench/current", [](Document& d) { d.at_hand.current = {0.5, 0.5, 0.5}; });
  check("/bench/wells", [](Document& d) { std::fill_n(d.at_hand.wells.begin(), kWellsInRow, std::nullopt); });
  check("/bench/well_rows", [](Document& d) { d.at_hand.row_names.clear(); });
  check("/bench/well_row", [](Document& d) { d.at_hand.row = 0; });
  check("/bench/mixing", [](Document& d) { d.at_hand.mixing = {}; });
  check("/bench/mixing/at", [](Document& d) { d.at_hand.mixing.at.reset(); });
  check("/bench/mixing/follows", [](Document& d) { d.at_hand.mixing.follows.reset(); });
  check("/bench/mixing/smears", [](Document& d) { d.at_hand.mixing.smears.clear(); });
  check("/bench/mixing/corners/0/muted", [](Document& d) { d.at_hand.mixing.corners[0].muted = false; });
  check("/bench/steps", [](Document& d) { d.at_hand.steps = {}; });
  check("/bench/steps/values", [](Document& d) { d.at_hand.steps.values = 0; });
  const auto swatch = [](Document& d) -> Swatch& {
    return d.piece.sets.change(1).families.change(0).swatches.change(0);
  };
  // The second one's place follows from it and is not written.
  check("/sets/1/families/0/swatches/0/place", [&](Document& d) {
    swatch(d).place = 0;
    d.piece.sets.change(1).families.change(0).swatches.change(1).place = 1;
  });
  check("/sets/1/families/0/swatches/0/locked", [&](Document& d) { swatch(d).locked = false; });
  check("/sets/1/families/0/swatches/0/used", [&](Document& d) { swatch(d).used = false; });
  check("/sets/1/families/0/swatches/0/note", [&](Document& d) { swatch(d).note.clear(); });
  check("/sets/1/families/0/swatches/0/from", [&](Document& d) { swatch(d).from.reset(); });
  check("/sets/1/families/0/swatches/0/code", [&](Document& d) { swatch(d).code.reset(); });
  check("/sets/1/families/0/swatches/0/code/finish",
        [&](Document& d) { swatch(d).code->finish = Finish::Plain; });
  check("/sets/1/families/0/swatches/0/from/x", [&](Document& d) { swatch(d).from->x = 0; });
  check("/sets/1/families/0/swatches/0/from/y", [&](Document& d) { swatch(d).from->y = 0; });
  check("/sets/1/families/0/swatches/0/picked", [&](Document& d) { swatch(d).picked.reset(); });
  check("/sets/1/families/0/swatches/0/hex", [](Document&) {});
  // Without numbers the hex is read.
  check("/sets/1/families/0/swatches/1/srgb", [](Document& d) {
    d.piece.sets.change(1).families.change(0).swatches.change(1).color = {1, 0, 128 / 255.0};
  });
  check("/sets/1/note", [](Document& d) { d.piece.sets.change(1).note.clear(); });
  check("/sets/1/tags", [](Document& d) { d.piece.sets.change(1).tags.clear(); });
  check("/sets/1/versions", [](Document& d) { d.piece.sets.change(1).versions.clear(); });
  for (const char* needed :
       {"/format", "/sets/1/id", "/sets/1/families/0/id", "/sets/1/families/0/swatches/0/id",
        "/sets/1/versions/0/id", "/references/0/id", "/sets/1/families/0/swatches/0/from/reference"}) {
    J json = full_json();
    const J::json_pointer place(needed);
    json[place.parent_pointer()].erase(place.back());
    QVERIFY2(!document_from_json(json.dump()), needed);
  }
  J colorless = full_json();
  for (const char* key : {"srgb", "hex"}) colorless[at("/sets/1/families/0/swatches/0")].erase(key);
  QVERIFY(!document_from_json(colorless.dump()));
}

QTEST_APPLESS_MAIN(PieceBoundsTest)
#include "piece_bounds_test.moc"
