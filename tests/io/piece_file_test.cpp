// SPDX-License-Identifier: GPL-3.0-or-later
// Piece files: what is saved comes back, what is damaged or foreign is refused in one sentence.
#include "core/piece/edits.h"
#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/files/zip_archive.h"
#include "support/check.h"
#include "support/fields.h"
#include "support/full_document.h"

#include <QDir>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <random>

using namespace zc;
using namespace zc::test;

namespace {

using J = nlohmann::json;

std::string entry_text(const Bytes& packed, const std::string& name) {
  const auto entries = read_zip(packed);
  for (const auto& e : *entries)
    if (e.name == name) return {e.bytes.begin(), e.bytes.end()};
  return {};
}

Bytes with_json(const std::string& json) {
  const Bytes packed = *pack_document(full_document());
  auto entries = std::move(read_zip(packed)).value();
  entries[0].stored = true;
  entries[1].bytes.assign(json.begin(), json.end());
  return *write_zip(entries);
}

J full_json() { return J::parse(document_to_json(full_document())); }
Result<Document> read_json(const J& json) { return unpack_document(with_json(json.dump())); }
J::json_pointer at(const QString& pointer) { return J::json_pointer(pointer.toStdString()); }

bool one_sentence(const Error& e) {
  return !e.sentence().empty() && e.sentence().back() == '.' && e.sentence().find('\n') == std::string::npos;
}

} // namespace

class PieceFileTest : public QObject {
  Q_OBJECT
private slots:
  void the_full_document_is_full();
  void what_is_saved_comes_back();
  void lays_out_the_container();
  void unknown_fields_survive();
  void newer_formats_are_refused();
  void no_wrong_value_brings_it_down();
  void what_could_not_be_opened_is_not_saved();
  void fields_keep_their_bounds_data();
  void fields_keep_their_bounds();
  void lists_keep_their_lengths_data();
  void lists_keep_their_lengths();
  void a_set_keeps_its_bound_over_its_families();
  void what_is_missing_takes_its_default();
  void ids_are_settled();
  void damaged_files_never_pass();
  void what_is_whole_is_rescued();
  void every_released_format_is_read();
  void foreign_files_are_told_apart();
  void containers_are_bounded();
  void older_places_are_kept_where_they_are_true();
  void reads_a_folder_of_plain_files();
};

void PieceFileTest::the_full_document_is_full() {
  const std::string missing = what_is_not_set(full_document());
  QVERIFY2(missing.empty(), missing.c_str());
  // scripts/golden-piece keeps it.
  const QByteArray golden = qgetenv("GOLDEN_PIECE");
  if (!golden.isEmpty())
    QVERIFY(save_safely(golden.toStdString(), *pack_document(full_document()), Backup::None));
}

void PieceFileTest::what_is_saved_comes_back() {
  QTemporaryDir folder;
  const std::filesystem::path path = folder.filePath("plate.zonachrom").toStdString();
  const Document d = full_document();
  QVERIFY(save_document(path, d));
  const auto back = open_document(path);
  QVERIFY2(back, back ? "" : back.error().sentence().c_str());
  QVERIFY(*back == d);
  // Equal content gives equal bytes.
  QCOMPARE(*pack_document(d), *pack_document(*back));
}

void PieceFileTest::lays_out_the_container() {
  // ISO/IEC 21320-1 and formats of the house: mimetype first and stored, so that it can be read at byte 38.
  const Bytes packed = *pack_document(full_document());
  QCOMPARE(std::string(packed.begin() + 30, packed.begin() + 38), std::string("mimetype"));
  QCOMPARE(std::string(packed.begin() + 38,
                       packed.begin() + 38 + static_cast<std::ptrdiff_t>(kPieceMimeType.size())),
           std::string(kPieceMimeType));
  QCOMPARE(entry_text(packed, "references/1.jpg"), std::string("not really a photo"));
  QCOMPARE(entry_text(packed, "references/2.png"), std::string(3000, 'z'));
  QCOMPARE(entry_text(packed, "preview.png").substr(1, 3), std::string("PNG"));
}

void PieceFileTest::unknown_fields_survive() {
  // Into every object of the file that is read, one field more; also where a known field is null.
  J json = full_json();
  for (const char* object :
       {"", "/mask", "/references/1", "/sets/1", "/sets/1/families/0", "/sets/1/families/0/swatches/1",
        "/sets/1/versions/0", "/sets/1/versions/0/families/0", "/sets/1/versions/0/families/0/swatches/0"})
    json[J::json_pointer(std::string(object) + "/from_later")] = {{"a", nullptr}};
  const auto read = read_json(json);
  QVERIFY2(read, read ? "" : read.error().sentence().c_str());
  QVERIFY(J::parse(document_to_json(*read)) == json);
  // A known field wins over what an earlier version did not know.
  Document d = full_document();
  d.piece.extras = R"({"title":"not this"})";
  QVERIFY(J::parse(document_to_json(d))["title"] == d.piece.title);
}

void PieceFileTest::newer_formats_are_refused() {
  auto json = nlohmann::json::parse(document_to_json(full_document()));
  json["format"] = kPieceFormat + 1;
  json["title"] = 7; // must not matter
  const auto read = unpack_document(with_json(json.dump()));
  QVERIFY(!read);
  QCOMPARE(read.error().code, ErrorCode::Newer);
}

/// Every field of the full document, lists and objects too, with a value of each wrong kind.
void PieceFileTest::no_wrong_value_brings_it_down() {
  const J full = full_json();
  const J kinds[] = {J::object(),
                     J::array(),
                     J::array({J::array({1})}),
                     J::array({5}),
                     J::array({J::object()}),
                     7,
                     -1,
                     1e300,
                     "x",
                     nullptr,
                     true,
                     J{{"x", 1}}};
  std::vector<J::json_pointer> places;
  const std::function<void(const J&, const J::json_pointer&)> walk = [&](const J& json,
                                                                         const J::json_pointer& at) {
    if (!at.empty()) places.push_back(at);
    if (json.is_object())
      for (const auto& [key, value] : json.items()) walk(value, at / key);
    if (json.is_array())
      for (std::size_t i = 0; i < json.size(); ++i) walk(json[i], at / i);
  };
  walk(full, J::json_pointer());
  QVERIFY(places.size() > 200);
  int refused = 0;
  for (const auto& place : places)
    for (const J& kind : kinds) {
      J json = full;
      json[place] = kind;
      std::vector<Error> faults;
      const auto read = document_from_json(json.dump(), &faults);
      if (read) continue;
      ++refused;
      QVERIFY2(one_sentence(read.error()), place.to_string().c_str());
      for (const Error& fault : faults) QVERIFY2(one_sentence(fault), place.to_string().c_str());
    }
  QVERIFY(refused > static_cast<int>(places.size()) * 5);
}

void PieceFileTest::what_could_not_be_opened_is_not_saved() {
  Document large;
  large.piece = full_document().piece;
  Swatch heavy{100, {0.5, 0.5, 0.5}, {}, std::string(kLongestName, 'n'), std::string(kLongestNote, 'w')};
  Family family{99, "heavy"};
  for (int i = 0; i < 500; ++i) {
    heavy.place = i;
    heavy.id = 100 + static_cast<Id>(i);
    family.swatches.push_back(heavy);
  }
  // Fifty-odd versions share it all in memory; in the file each is written out.
  SwatchSet& set = large.piece.sets.change(0);
  for (int i = 0; i < 54; ++i) set.versions.push_back({static_cast<Id>(10'000 + i), "v", {family}});
  const QTemporaryDir folder;
  const std::filesystem::path path = folder.filePath("plate.zonachrom").toStdString();
  QVERIFY(save_document(path, full_document()));
  const Status saved = save_document(path, large);
  QVERIFY(!saved);
  QCOMPARE(saved.error().code, ErrorCode::TooLarge);
  QVERIFY2(one_sentence(saved.error()), saved.error().sentence().c_str());
  QVERIFY(open_document(path));
}

void PieceFileTest::fields_keep_their_bounds_data() {
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

void PieceFileTest::fields_keep_their_bounds() {
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

void PieceFileTest::lists_keep_their_lengths_data() {
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

void PieceFileTest::lists_keep_their_lengths() {
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

void PieceFileTest::a_set_keeps_its_bound_over_its_families() {
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

void PieceFileTest::what_is_missing_takes_its_default() {
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

void PieceFileTest::ids_are_settled() {
  // Each of these ids may be that of nothing else.
  for (const char* pointer : {"/references/0/id", "/sets/0/id", "/sets/1/families/0/id",
                              "/sets/1/families/1/id", "/sets/1/families/0/swatches/1/id"})
    for (const int taken : {2, 5, 13}) {
      J json = full_json();
      json[J::json_pointer(pointer)] = taken;
      const auto read = document_from_json(json.dump());
      QVERIFY2(!read && read.error().sentence().find("only once") != std::string::npos, pointer);
    }
  // The next id lies above all of them, those in versions included.
  const std::pair<const char*, Id> last[] = {{"/references/1/id", 90},
                                             {"/sets/0/id", 91},
                                             {"/sets/1/families/1/id", 92},
                                             {"/sets/1/families/0/swatches/2/id", 93},
                                             {"/sets/1/versions/1/id", 94},
                                             {"/sets/1/versions/0/families/0/id", 95},
                                             {"/sets/1/versions/0/families/0/swatches/0/id", 96}};
  for (const auto& [pointer, id] : last) {
    J json = full_json();
    json[J::json_pointer(pointer)] = id;
    const auto read = document_from_json(json.dump());
    QVERIFY2(read, pointer);
    QVERIFY2(read->document.piece.next_id == id + 1, pointer);
  }
  // A set that is not there cannot be the current one.
  J json = full_json();
  json["current_set"] = 77;
  QCOMPARE(document_from_json(json.dump())->document.piece.current_set, Id{3});
  json["sets"] = J::array();
  const auto bare = document_from_json(json.dump());
  QCOMPARE(bare->document.piece.sets.size(), std::size_t{1});
  QCOMPARE(bare->document.piece.current_set, bare->document.piece.sets[0].id);
  QCOMPARE(bare->document.piece.next_id, Id{41});
  // Places that stand out of order or twice are put in order.
  J mixed = full_json();
  const int places[] = {7, 3, 3};
  for (int i = 0; i < 3; ++i) mixed[at("/sets/1/families/0/swatches")][i]["place"] = places[i];
  const auto placed = document_from_json(mixed.dump());
  const auto& swatches = placed->document.piece.sets[1].families[0].swatches;
  for (int i = 0; i < 3; ++i) QCOMPARE(swatches[static_cast<std::size_t>(i)].place, (std::array{3, 4, 7})[i]);
  QCOMPARE(swatches[0].id, Id{12});
  mixed[at("/sets/1/families/0/swatches")][0]["place"] = 9999;
  mixed[at("/sets/1/families/0/swatches")][1]["place"] = 9999;
  QVERIFY(!document_from_json(mixed.dump()));
}

void PieceFileTest::damaged_files_never_pass() {
  const Document d = full_document();
  const Bytes packed = *pack_document(d);
  for (std::size_t cut = 0; cut < packed.size(); cut += 37) {
    const auto read =
        unpack_document(Bytes(packed.begin(), packed.begin() + static_cast<std::ptrdiff_t>(cut)));
    QVERIFY(!read);
    QVERIFY(one_sentence(read.error()));
  }
  std::mt19937 random(30);
  int passed = 0;
  for (int i = 0; i < 3000; ++i) {
    Bytes bad = packed;
    bad[random() % bad.size()] ^= static_cast<unsigned char>(1u << random() % 8);
    const auto read = unpack_document(bad);
    // A flipped bit in a time stamp or in the preview's name harms nothing; anything that opens must be
    // whole.
    if (read) {
      ++passed;
      QVERIFY(*read == d);
    } else {
      QVERIFY(one_sentence(read.error()));
    }
  }
  QVERIFY(passed < 1000);
}

/// A sector of zeros anywhere: either all but the photos it hit comes back, or it is said that nothing does.
void PieceFileTest::what_is_whole_is_rescued() {
  const QTemporaryDir folder;
  const std::string path = folder.filePath("hurt.zonachrom").toStdString();
  Document d = full_document();
  std::mt19937 random(17);
  for (std::size_t i = 0; i < d.piece.references.size(); ++i) {
    Bytes noise(20'000);
    for (auto& b : noise) b = static_cast<unsigned char>(random());
    d.piece.references.change(i).bytes = std::make_shared<const Bytes>(std::move(noise));
  }
  const Bytes whole = *pack_document(d);
  constexpr std::size_t sector = 512;
  std::size_t rescued = 0, complete = 0, refused = 0;
  for (std::size_t at = 0; at < whole.size(); at += sector) {
    Bytes hurt = whole;
    std::fill_n(hurt.begin() + static_cast<std::ptrdiff_t>(at), std::min(sector, hurt.size() - at),
                static_cast<unsigned char>(0));
    QVERIFY(save_safely(path, hurt, Backup::None));
    const auto read = rescued_document(path);
    if (!read) {
      ++refused;
      QVERIFY(one_sentence(read.error()) && read.error().code == ErrorCode::Damaged);
      continue;
    }
    ++rescued;
    complete += read->lost.empty();
    // What is not lost is as it was, to the byte.
    const Piece& got = read->document.piece;
    QVERIFY(got.sets == d.piece.sets && got.mask == d.piece.mask && got.paints == d.piece.paints);
    QCOMPARE(got.references.size() + read->lost.size(), d.piece.references.size());
    for (const auto& r : got.references) {
      const Reference* was = find_reference(d.piece, r.id);
      QVERIFY(was && *was->bytes == *r.bytes);
    }
    QVERIFY(unpack_document(*pack_document(read->document)));
  }
  QVERIFY2(rescued > 4 * refused && complete > 0 && refused > 0,
           qPrintable(QString("%1 %2 %3").arg(rescued).arg(complete).arg(refused)));
  // Cut short anywhere, and no piece at all.
  QVERIFY(save_safely(path,
                      Bytes(whole.begin(), whole.begin() + static_cast<std::ptrdiff_t>(whole.size() / 2)),
                      Backup::None));
  const auto half = rescued_document(path);
  QVERIFY(half && !half->lost.empty() && half->document.piece.sets == d.piece.sets);
  QVERIFY(save_safely(path, Bytes(3000, 'x'), Backup::None));
  QVERIFY(!rescued_document(path));
}

/// Every field that a golden piece holds is read, and is there after it was saved anew.
void PieceFileTest::every_released_format_is_read() {
  QDir golden(QStringLiteral(REFERENCE_FOLDER "/pieces"));
  const QStringList files = golden.entryList({"*.zonachrom"});
  QVERIFY(!files.isEmpty());
  for (const QString& name : files) {
    const std::string path = golden.filePath(name).toStdString();
    const auto read = open_document(path);
    QVERIFY2(read, qPrintable(name));
    const Bytes before = *read_file(path), after = *pack_document(*read);
    const J was = J::parse(entry_text(before, "piece.json")).flatten(),
            is = J::parse(entry_text(after, "piece.json")).flatten();
    QVERIFY(was.size() > 150);
    for (const auto& [field, value] : was.items())
      QVERIFY2(is.contains(field) && is[field] == value, field.c_str());
    for (const auto& r : read->piece.references)
      QVERIFY(entry_text(before, reference_entry(r)) == entry_text(after, reference_entry(r)));
  }
}

void PieceFileTest::foreign_files_are_told_apart() {
  for (const std::string& text : {std::string(), std::string("P"), std::string("PX"), std::string("XK"),
                                  std::string("hello"), std::string(5000, '\xff')}) {
    const auto read = unpack_document(Bytes(text.begin(), text.end()));
    QVERIFY(!read && read.error().sentence().find("not a Zonachrom piece") != std::string::npos);
  }
  const std::string other = "application/epub+zip";
  const auto read = unpack_document(*write_zip({{"mimetype", Bytes(other.begin(), other.end()), true}}));
  QVERIFY(!read && read.error().sentence().find("not a Zonachrom piece") != std::string::npos);
  // What begins like a container is one that is broken.
  const Bytes packed = *pack_document(full_document());
  const auto cut = unpack_document(Bytes(packed.begin(), packed.begin() + 300));
  QVERIFY(!cut && cut.error().sentence().find("cut short") != std::string::npos);
  // A piece with nothing in it writes its lists all the same.
  const J bare = J::parse(document_to_json({}));
  for (const char* list : {"/references", "/sets", "/bench/wells", "/bench/recent"})
    QVERIFY2(bare[J::json_pointer(list)].is_array(), list);
  QVERIFY(bare["mask"].is_null());
  QCOMPARE(open_document("/nowhere/at/all.zonachrom").error().code, ErrorCode::NotFound);
}

void PieceFileTest::older_places_are_kept_where_they_are_true() {
  J json = full_json();
  const std::string swatch = "/sets/1/families/0/swatches/0";
  json[J::json_pointer(swatch)].erase("picked_on");
  // The wheel of the piece has another color there: the place was picked on another wheel.
  const auto first = [&] {
    return document_from_json(json.dump())->document.piece.sets[1].families[0].swatches[0];
  };
  QVERIFY(!first().picked);
  const Srgb color = first().color;
  const WheelSpec spec{HueScale::Even, SaturationMeasure::OklabChroma};
  const WheelPoint at = Wheel(spec).locate(color);
  json[J::json_pointer(swatch + "/picked")] = {at.a, at.r, at.v};
  QVERIFY(first().picked == (WheelPlace{at, spec}));
}

void PieceFileTest::containers_are_bounded() {
  QVERIFY(read_zip(*write_zip({{"piece.json", Bytes(5000, ' ')}}), {.json = 5000}));
  QCOMPARE(read_zip(*write_zip({{"piece.json", Bytes(5001, ' ')}}), {.json = 5000}).error().code,
           ErrorCode::TooLarge);
  const Bytes zeros(2'000'000, 0);
  const Bytes packed = *write_zip({{"a", zeros}, {"b", zeros}});
  QVERIFY(read_zip(packed, {.entries = 2}));
  QCOMPARE(read_zip(packed, {.entries = 1}).error().code, ErrorCode::TooLarge);
  QVERIFY(read_zip(packed, {.inflated = 4'000'000}));
  QCOMPARE(read_zip(packed, {.inflated = 3'999'999}).error().code, ErrorCode::TooLarge);
  for (const char* name : {"../out", "/abs", "a/../../b", "a\\b", "..", "a/.."})
    QVERIFY2(!read_zip(*write_zip({{name, Bytes(3, 1)}})), name);
  for (const char* name : {"a/..b/c", "...", "a/b.c", "a/..c"}) {
    const auto read = read_zip(*write_zip({{name, Bytes(3, 1)}}));
    QVERIFY2(read && (*read)[0].name == name && (*read)[0].bytes == Bytes(3, 1), name);
  }
  QVERIFY(!name_stays_inside(""));
  std::vector<ZipEntry> many;
  for (int i = 0; i < 10'000; ++i) many.push_back({"e" + std::to_string(i), {}});
  QCOMPARE(read_zip(*write_zip(many))->size(), std::size_t{10'000});
  many.push_back({"one more", {}});
  QCOMPARE(read_zip(*write_zip(many)).error().code, ErrorCode::TooLarge);
  // Lists within lists in the document.
  const auto nested = [](std::size_t depth) {
    return document_from_json(R"({"format":1,"x":)" + std::string(depth, '[') + std::string(depth, ']') +
                              "}");
  };
  QVERIFY(nested(64));
  QVERIFY(!nested(65) && nested(65).error().sentence().find("nested") != std::string::npos);
  for (const char* text : {"", "7", "[]", "{\"format\":1", "{\"format\":1}}"})
    QVERIFY(!document_from_json(text));
  // Every entry has to be there, mimetype first.
  auto entries = std::move(read_zip(*pack_document(full_document()))).value();
  for (const char* name : {"piece.json", "references/2.png"}) {
    auto fewer = entries;
    std::erase_if(fewer, [name](const ZipEntry& e) { return e.name == name; });
    fewer[0].stored = true;
    const auto read = unpack_document(*write_zip(fewer));
    QVERIFY(!read);
    QCOMPARE(read.error().place, std::string(name));
  }
  std::swap(entries[0], entries[1]);
  QVERIFY(!unpack_document(*write_zip(entries)));
}

void PieceFileTest::reads_a_folder_of_plain_files() {
  QTemporaryDir folder;
  const std::filesystem::path root = folder.path().toStdString();
  const auto write = [&](const std::string& name, const std::string& text) {
    QVERIFY(save_safely(root / name, Bytes(text.begin(), text.end()), Backup::None));
  };
  write("photo.jpg", "pixels");
  write(
      "piece.json",
      R"({"format":1,"title":"Plain","references":[{"id":1,"name":"p","file":"photo.jpg"}],"sets":[{"id":2,"name":"s","families":[{"id":3,"name":"f","swatches":[{"id":4,"name":"x","hex":"#102030"}]}]}]})");
  const auto read = read_piece_folder(root);
  QVERIFY2(read, read ? "" : read.error().sentence().c_str());
  QCOMPARE(read->piece.references[0].bytes->size(), std::size_t{6});
  QCOMPARE(read->piece.next_id, Id{5});
  // A photo beside the folder is there, and yet not read.
  QVERIFY(QDir(folder.path()).mkdir("inner"));
  write("inner/piece.json", R"({"format":1,"references":[{"id":1,"name":"p","file":"../photo.jpg"}]})");
  QVERIFY(std::filesystem::exists(root / "inner/../photo.jpg"));
  QCOMPARE(read_piece_folder(root / "inner").error().place, std::string("../photo.jpg"));
  QCOMPARE(read_piece_folder(root / "none").error().code, ErrorCode::NotFound);
  write("piece.json", R"({"format":1,"references":[{"id":1,"name":"p","file":"none.jpg"}]})");
  QCOMPARE(read_piece_folder(root).error().code, ErrorCode::NotFound);
  // What is wrong with a file is said with its name.
  write("bad.zonachrom", "nothing");
  const auto bad = open_document(root / "bad.zonachrom");
  QVERIFY(!bad && bad.error().sentence().starts_with("\"bad.zonachrom\" was not opened. "));
}

QTEST_APPLESS_MAIN(PieceFileTest)
#include "piece_file_test.moc"
