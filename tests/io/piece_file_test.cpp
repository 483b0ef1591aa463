// SPDX-License-Identifier: GPL-3.0-or-later
// Piece files: what is saved comes back, what is damaged or foreign is refused in one sentence.
#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/files/zip_archive.h"
#include "support/check.h"
#include "support/fields.h"
#include "support/full_document.h"
#include "support/piece_json.h"

#include <QDir>
#include <QTemporaryDir>
#include <random>

using namespace zc;
using namespace zc::test;

namespace {

std::string entry_text(const Bytes& packed, const std::string& name) {
  const auto entries = read_zip(packed);
  for (const auto& e : *entries)
    if (e.name == name) return {e.bytes.begin(), e.bytes.end()};
  return {};
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
