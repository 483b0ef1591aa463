// Piece files: what is saved comes back, what is damaged or foreign is refused in one sentence.
#include "core/mask/patterns.h"
#include "core/piece/edits.h"
#include "io/container/piece_file.h"
#include "support/check.h"

#include <QTemporaryDir>
#include <random>

using namespace zc;

namespace {

SharedBytes bytes_of(std::string_view text) {
  return std::make_shared<const Bytes>(text.begin(), text.end());
}

Document full_document() {
  Document d;
  Piece p = new_piece("2026-02-03");
  p = *with_title(p, "Løvens gård \"ved\" æ\n2");
  p.words = "quiet, cold";
  p.wheel.hues = HueScale::Even;
  p = with_mask(p, turned_mask(pattern_mask({Pattern::Analogous, 12.5, 60}), 33.3));
  p.mask->areas.push_back({AreaMode::Cuts, Polygon{{{0, 0}, {0.1, 0}, {0, 0.1}}}});
  p.mask->areas.push_back({AreaMode::Adds, Ellipse{{0.25, -0.125}, 0.4, 0.15, 300.5}});
  p.mask->areas.push_back({AreaMode::Cuts, RingSector{350.25, 60, 0.1, 0.7}});
  p.rule = MaskRule::Flagged;
  p.mask_on = false;
  p = *with_reference(p, "one", "jpg", bytes_of("not really a photo"));
  p = *with_reference(p, "two", "png", bytes_of(std::string(3000, 'z')));
  p = *with_family(p, "skin");
  const Id family = current_set(p)->families[0].id;
  p = *with_swatch(p, family, {{0.1, 1.0 / 3, 0.7}, WheelPoint{1.5, 0.25, 33}}, "first");
  p = *with_swatch(p, family, {{1, 0, 0}, std::nullopt, SampleOrigin{1, 20, 30}}, "second");
  p.bands = {30, 70.5};
  d.piece = p;
  d.bench.wells[3] = Srgb{0.2, 0.3, 1.0 / 7};
  d.bench.recent = {{0, 0, 0}, {1, 1, 1}};
  d.bench.current = {0.9, 0.1, 0.2};
  return d;
}

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

bool one_sentence(const Error& e) {
  return !e.sentence.empty() && e.sentence.back() == '.' && e.sentence.find('\n') == std::string::npos;
}

} // namespace

class PieceFileTest : public QObject {
  Q_OBJECT
private slots:
  void what_is_saved_comes_back();
  void lays_out_the_container();
  void unknown_fields_survive();
  void newer_formats_are_refused();
  void wrong_fields_are_named_data();
  void wrong_fields_are_named();
  void damaged_files_never_pass();
  void foreign_files_are_told_apart();
  void containers_are_bounded();
  void reads_a_folder_of_plain_files();
};

void PieceFileTest::what_is_saved_comes_back() {
  QTemporaryDir folder;
  const std::filesystem::path path = folder.filePath("plate.zonachrom").toStdString();
  const Document d = full_document();
  QVERIFY(save_document(path, d));
  const auto back = open_document(path);
  QVERIFY2(back, back ? "" : back.error().sentence.c_str());
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
  QCOMPARE(entry_text(packed, "references/2.jpg"), std::string("not really a photo"));
  QCOMPARE(entry_text(packed, "preview.png").substr(1, 3), std::string("PNG"));
}

void PieceFileTest::unknown_fields_survive() {
  auto json = nlohmann::json::parse(document_to_json(full_document()));
  json["lighting"] = {{"key", "low"}};
  json["sets"][0]["mood"] = 3;
  json["sets"][0]["families"][0]["swatches"][1]["pigment"] = "ochre";
  json["mask"]["source"] = nullptr;
  json["references"][0]["camera"] = "pinhole";
  const auto read = unpack_document(with_json(json.dump()));
  QVERIFY2(read, read ? "" : read.error().sentence.c_str());
  const auto again = nlohmann::json::parse(document_to_json(*read));
  QVERIFY(again == json);
}

void PieceFileTest::newer_formats_are_refused() {
  auto json = nlohmann::json::parse(document_to_json(full_document()));
  json["format"] = kPieceFormat + 1;
  json["title"] = 7; // must not matter
  const auto read = unpack_document(with_json(json.dump()));
  QVERIFY(!read);
  QCOMPARE(read.error().code, ErrorCode::Newer);
}

void PieceFileTest::wrong_fields_are_named_data() {
  QTest::addColumn<QString>("pointer");
  QTest::addColumn<QString>("value");
  QTest::addColumn<QString>("place");
  QTest::newRow("title") << "/title"
                         << "7"
                         << "title";
  QTest::newRow("color") << "/sets/0/families/0/swatches/1/srgb"
                         << "[0,0,2]"
                         << "sets[0].families[0].swatches[1].srgb";
  QTest::newRow("short color") << "/sets/0/families/0/swatches/0/srgb"
                               << "[0,0]"
                               << "sets[0].families[0].swatches[0].srgb";
  QTest::newRow("wheel") << "/wheel/hues"
                         << "\"sideways\""
                         << "wheel.hues";
  QTest::newRow("point") << "/mask/areas/0/polygon/1"
                         << "[3,0]"
                         << "mask.areas[0].polygon[1]";
  QTest::newRow("families") << "/sets/0/families"
                            << "{}"
                            << "sets[0].families";
  QTest::newRow("id") << "/sets/0/id"
                      << "-1"
                      << "sets[0].id";
  QTest::newRow("same id") << "/sets/0/id"
                           << "2"
                           << "id";
  QTest::newRow("wells") << "/bench/wells"
                         << "[null,null,null,null,null,null,null,null,null]"
                         << "bench.wells";
}

void PieceFileTest::wrong_fields_are_named() {
  QFETCH(QString, pointer);
  QFETCH(QString, value);
  QFETCH(QString, place);
  auto json = nlohmann::json::parse(document_to_json(full_document()));
  json[nlohmann::json::json_pointer(pointer.toStdString())] = nlohmann::json::parse(value.toStdString());
  const auto read = unpack_document(with_json(json.dump()));
  QVERIFY(!read);
  QCOMPARE(QString::fromStdString(read.error().place), place);
  QVERIFY(one_sentence(read.error()));
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

void PieceFileTest::foreign_files_are_told_apart() {
  for (const std::string& text : {std::string(), std::string("hello"), std::string(5000, '\xff')}) {
    const auto read = unpack_document(Bytes(text.begin(), text.end()));
    QVERIFY(!read && read.error().sentence.find("not a Zonachrom piece") != std::string::npos);
  }
  const std::string other = "application/epub+zip";
  const auto read = unpack_document(*write_zip({{"mimetype", Bytes(other.begin(), other.end()), true}}));
  QVERIFY(!read && read.error().sentence.find("not a Zonachrom piece") != std::string::npos);
  QCOMPARE(open_document("/nowhere/at/all.zonachrom").error().code, ErrorCode::NotFound);
}

void PieceFileTest::containers_are_bounded() {
  const Bytes zeros(2'000'000, 0);
  const Bytes packed = *write_zip({{"a", zeros}, {"b", zeros}});
  QVERIFY(read_zip(packed));
  QCOMPARE(read_zip(packed, {.entries = 1}).error().code, ErrorCode::TooLarge);
  QCOMPARE(read_zip(packed, {.inflated = 3'000'000}).error().code, ErrorCode::TooLarge);
  for (const char* name : {"../out", "/abs", "a/../../b", "a\\b"})
    QVERIFY(!read_zip(*write_zip({{name, Bytes(3, 1)}})));
  QVERIFY(read_zip(*write_zip({{"a/..b/c", Bytes(3, 1)}})));
  const std::string deep(100, '[');
  QVERIFY(!unpack_document(with_json("{\"format\":1,\"x\":" + deep + std::string(100, ']') + "}")));
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
  QVERIFY2(read, read ? "" : read.error().sentence.c_str());
  QCOMPARE(read->piece.references[0].bytes->size(), std::size_t{6});
  QCOMPARE(read->piece.next_id, Id{5});
  write("piece.json", R"({"format":1,"references":[{"id":1,"name":"p","file":"../photo.jpg"}]})");
  QVERIFY(!read_piece_folder(root));
}

QTEST_APPLESS_MAIN(PieceFileTest)
#include "piece_file_test.moc"
