// SPDX-License-Identifier: GPL-3.0-or-later
// The shelf of masks: plain files that two windows can use at once.
#include "core/color/text.h"
#include "core/mask/patterns.h"
#include "io/files/safe_save.h"
#include "io/files/zip_archive.h"
#include "io/shelf/mask_shelf.h"
#include "io/shelf/parcel.h"
#include "io/shelf/press_shelf.h"
#include "support/check.h"
#include "support/full_document.h"

#include <QDir>
#include <QFile>
#include <QLockFile>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <nlohmann/json.hpp>
#include <set>
#include <thread>

using namespace zc;
using namespace zc::test;

namespace {

ShelfMask sample(const std::string& name) {
  ShelfMask out;
  out.name = name;
  out.tags = {"dusk", "two lights"};
  out.wheel = {HueScale::Even, SaturationMeasure::OklabChroma};
  out.mask = pattern_mask({Pattern::Split, 40, 10});
  out.mask.name = name;
  out.mask.areas.push_back({AreaMode::Cuts, Ellipse{{0.1, 0.2}, 0.3, 0.1, 45}});
  out.mask.areas.push_back({AreaMode::Adds, RingSector{10, 50, 0.2, 0.8}});
  return out;
}

ShelfSet sample_set(const std::string& name) {
  ShelfSet out;
  out.name = name;
  out.tags = {"copper", "night"};
  out.set.id = 1;
  out.set.name = name;
  out.set.families = {{2, "metal", {{3, {0.8, 0.4, 0.2}}, {4, {0.3, 0.2, 0.1}}}},
                      {5, "sky", {{6, {0.2, 0.3, 0.7}}}}};
  out.set.families.change_each([](Family& family) {
    family.swatches.change_each([](Swatch& s) { s.name = "swatch " + std::to_string(s.id); });
  });
  out.set.families.change(0).swatches.change(1).place = 4;
  return out;
}

void write(const QString& path, const QByteArray& bytes) {
  QFile file(path);
  if (!file.open(QIODevice::WriteOnly)) qFatal("cannot write");
  file.write(bytes);
}

/// Palettes of paints with something wrong, and where.
const std::pair<const char*, const char*> kBadPaints[] = {
    {R"({"paints":[{"srgb":"#102030","strength":"strong"}]})", "paints[0].strength"},
    {R"({"paints":[{"srgb":[0,1,2]}]})", "paints[0].srgb"},
    {R"({"paints":[{"name":"x"}]})", "paints[0].srgb"},
    {R"({"paints":[]})", "paints"},
    {R"({"paints":7})", "paints"}};

} // namespace

class ShelfTest : public QObject {
  Q_OBJECT
private slots:
  void masks_come_back_as_they_were_put_up() {
    const QTemporaryDir folder;
    const std::string shelf = folder.filePath("deep/shelf").toStdString();
    QVERIFY(read_mask_shelf(shelf).masks.empty());
    const char* names[] = {"Kiln", "öffen \"quoted\"", "  spaced  ", "日本の秋", "../../escape"};
    for (const char* name : names) QVERIFY(put_on_shelf(shelf, sample(name)));
    const auto read = read_mask_shelf(shelf);
    QVERIFY(read.unreadable.empty());
    QCOMPARE(read.masks.size(), std::size(names));
    std::set<std::string> found;
    for (const auto& mask : read.masks) {
      found.insert(mask.name);
      QCOMPARE(mask.tags, (std::vector<std::string>{"dusk", "two lights"}));
      QCOMPARE(mask.wheel, sample("").wheel);
      QCOMPARE(mask.mask.areas, sample("").mask.areas);
      // Whatever the name, the file lies on the shelf itself.
      QCOMPARE(QFileInfo(QString::fromStdString(mask.file)).path(), QString::fromStdString(shelf));
    }
    QVERIFY(found.contains("spaced") && found.contains("../../escape"));
    QVERIFY(remove_file(read.masks[0]));
    QCOMPARE(read_mask_shelf(shelf).masks.size(), std::size(names) - 1);
    QVERIFY(!remove_file(read.masks[0]));
  }
  void one_name_twice_is_two_masks() {
    const QTemporaryDir folder;
    const std::string shelf = folder.path().toStdString();
    const auto one = put_on_shelf(shelf, sample("same")), two = put_on_shelf(shelf, sample("same"));
    QVERIFY(one && two && *one != *two);
    QCOMPARE(read_mask_shelf(shelf).masks.size(), std::size_t{2});
  }
  void two_writers_at_once_lose_nothing() {
    const QTemporaryDir folder;
    const std::string shelf = folder.path().toStdString();
    const auto work = [&shelf](const char* name) {
      for (int i = 0; i < 60; ++i)
        if (!put_on_shelf(shelf, sample(name))) qFatal("could not put a mask up");
    };
    std::thread one(work, "one"), two(work, "two");
    // A reader meanwhile sees whole masks only.
    for (int i = 0; i < 20; ++i) QVERIFY(read_mask_shelf(shelf).unreadable.empty());
    one.join();
    two.join();
    QCOMPARE(read_mask_shelf(shelf).masks.size(), std::size_t{120});
    QCOMPARE(QDir(folder.path()).entryList(QDir::Files | QDir::Hidden).size(), 120);
  }
  void bad_files_are_named_and_the_others_stay() {
    const QTemporaryDir folder;
    const std::string shelf = folder.path().toStdString();
    QVERIFY(put_on_shelf(shelf, sample("good")));
    write(folder.filePath("words.mask.json"), "ochre");
    write(folder.filePath("empty.mask.json"), "");
    write(folder.filePath("list.mask.json"), "[1, 2]");
    write(folder.filePath("no-mask.mask.json"), R"({"format":1,"name":"x"})");
    write(folder.filePath("sector.mask.json"),
          R"({"format":1,"mask":{"areas":[{"ring_sector":{"from":0,"sweep":0,"inner":0.5,"outer":0.2}}]}})");
    write(folder.filePath("point.mask.json"),
          R"({"format":1,"mask":{"areas":[{"polygon":[[0,0],[9,9],[1,0]]}]}})");
    write(folder.filePath("newer.mask.json"), R"({"format":7,"mask":{"areas":[]}})");
    write(folder.filePath("notes.txt"), "not ours");
    const auto read = read_mask_shelf(shelf);
    QCOMPARE(read.masks.size(), std::size_t{1});
    QCOMPARE(read.unreadable.size(), std::size_t{7});
    for (const auto& error : read.unreadable) {
      QVERIFY2(error.sentence().find(".mask.json\"") != std::string::npos, error.sentence().c_str());
      QCOMPARE(error.code == ErrorCode::Newer, error.sentence().find("newer.mask") != std::string::npos);
    }
    QVERIFY(!put_on_shelf(shelf, sample("   ")));
    QVERIFY(!put_on_shelf("/proc/no/such/place", sample("x")));
  }
  void our_own_masks_enclose_something_and_are_found() {
    std::set<std::string> names;
    for (const auto& mask : shipped_masks()) {
      names.insert(mask.name);
      QVERIFY2(!MaskRegion(mask.mask).empty(), mask.name.c_str());
      QVERIFY(!mask.tags.empty() && mask.file.empty());
      for (const auto& area : mask.mask.areas) QVERIFY2(validate(area.shape), mask.name.c_str());
      const auto back = shelf_mask_from_json(shelf_mask_to_json(mask));
      QVERIFY(back);
      QCOMPARE(back->mask.areas, mask.mask.areas);
    }
    QCOMPARE(names.size(), shipped_masks().size());
  }
  /// A set that a user starts from stays what it was: tests/reference/shipped_sets.txt has all of them.
  void our_own_sets_stay_what_they_are() {
    std::string now;
    for (const auto& item : shipped_sets())
      for (const Family& family : item.set.families) {
        now += item.name + ", " + family.name + ":";
        for (const Swatch& s : family.swatches) now += " " + hex_of(s.color);
        now += "\n";
      }
    QFile kept(QStringLiteral(REFERENCE_FOLDER "/shipped_sets.txt"));
    QVERIFY(kept.open(QIODevice::ReadOnly));
    QVERIFY2(kept.readAll().toStdString() == now, now.c_str());
  }
  void sets_come_back_without_what_belongs_to_the_piece() {
    const QTemporaryDir folder;
    const std::string shelf = folder.filePath("sets").toStdString();
    ShelfSet set = sample_set("Dusk, \"copper\"");
    set.set.families.change(0).swatches.change(0).from = SampleOrigin{7, 1, 2};
    set.set.versions.push_back({90, "older"});
    QVERIFY(put_on_shelf(shelf, set));
    auto read = read_set_shelf(shelf);
    QVERIFY(read.unreadable.empty());
    QCOMPARE(read.sets.size(), std::size_t{1});
    const ShelfSet back = read.sets[0];
    QCOMPARE(back.name, set.name);
    QCOMPARE(back.tags, set.tags);
    QVERIFY(same_content(back.set, set.set));
    QVERIFY(!back.set.families[0].swatches[0].from && back.set.versions.empty());
    // Off and on again, and other tags, without another window's file being touched.
    ShelfCard card = back;
    card.on = false;
    card.tags = {"night"};
    QVERIFY(with_card_changed(back, card));
    read = read_set_shelf(shelf);
    QVERIFY(!read.sets[0].on && read.sets[0].tags == card.tags && same_content(read.sets[0].set, set.set));
    QVERIFY(remove_file(read.sets[0]));
    QCOMPARE(with_card_changed(back, card).error().code, ErrorCode::NotFound);
    QVERIFY(!put_on_shelf(shelf, ShelfSet{{"empty", {}, true, {}}, {}}));
  }
  void cards_and_items_keep_every_field() {
    using J = nlohmann::json;
    ShelfMask mask{{"Kiln", {"a", "b"}, false, {}}, {HueScale::Ink, SaturationMeasure::Hsv}, full_mask()};
    const auto back = shelf_mask_from_json(shelf_mask_to_json(mask));
    QVERIFY(back && back->name == mask.name && back->tags == mask.tags && !back->on &&
            back->wheel == mask.wheel && back->mask == mask.mask);
    ShelfSet set{{"Dusk", {"a"}, false, {}}, full_set()};
    const auto set_back = shelf_set_from_json(shelf_set_to_json(set));
    // What only means something in its piece stays there; the rest comes along.
    SwatchSet expected = set.set;
    expected.name = "Dusk";
    expected.tags.clear();
    expected.versions.clear();
    expected.families.change_each(
        [](Family& family) { family.swatches.change_each([](Swatch& s) { s.from.reset(); }); });
    QVERIFY(set_back && set_back->set == expected && set_back->name == "Dusk" && set_back->tags == set.tags &&
            !set_back->on);
    // On unless it says otherwise; a mask's wheel is the usual one where none is named.
    const auto bare = shelf_mask_from_json(R"({"mask":{"areas":[]}})");
    QVERIFY(bare && bare->on && bare->name.empty() && bare->wheel == WheelSpec{} && bare->mask.areas.empty());
    // Rows of wrong cards, each with its place.
    const J good_mask = J::parse(shelf_mask_to_json(mask)), good_set = J::parse(shelf_set_to_json(set));
    const std::tuple<const char*, J, const char*> wrong[] = {
        {"/name", 7, "name"},
        {"/on", 1, "on"},
        {"/tags", "a", "tags"},
        {"/tags/0", 3, "tags[0]"},
        {"/format", 0, "format"},
        {"/format", "1", "format"},
        {"/tags", J(std::vector<std::string>(51, "t")), "tags"}};
    for (const auto& [pointer, value, place] : wrong)
      for (const bool is_set : {false, true}) {
        J json = is_set ? good_set : good_mask;
        json[J::json_pointer(pointer)] = value;
        const Error error =
            is_set ? shelf_set_from_json(json.dump()).error() : shelf_mask_from_json(json.dump()).error();
        QCOMPARE(error.code, ErrorCode::Damaged);
        QCOMPARE(error.place, std::string(place));
        QVERIFY(error.sentence().find(is_set ? "This set file" : "This mask file") == 0 &&
                error.sentence().find(place) != std::string::npos);
      }
    J many = good_mask;
    many["tags"] = std::vector<std::string>(50, "t");
    QCOMPARE(shelf_mask_from_json(many.dump())->tags.size(), std::size_t{50});
    J no_set = good_set, no_mask = good_mask;
    no_set.erase("set");
    no_mask.erase("mask");
    QCOMPARE(shelf_set_from_json(no_set.dump()).error().place, std::string("set"));
    QCOMPARE(shelf_mask_from_json(no_mask.dump()).error().place, std::string("mask"));
    no_mask["mask"] = {{"areas", {{{"ellipse", {{"along", 9}}}}}}};
    QCOMPARE(shelf_mask_from_json(no_mask.dump()).error().place, std::string("mask.areas[0].ellipse.along"));
    for (const std::size_t depth : {63u, 66u})
      QCOMPARE(
          shelf_mask_from_json(R"({"mask":{},"x":)" + std::string(depth, '[') + std::string(depth, ']') + "}")
              .ok(),
          depth == 63);
  }
  void shelves_are_read_in_order_and_changed_in_place() {
    const QTemporaryDir folder;
    const std::string shelf = folder.path().toStdString();
    for (const char* name : {"b", "c", "a"}) {
      QVERIFY(put_on_shelf(shelf, sample(name)) && put_on_shelf(shelf, sample_set(name)));
      QVERIFY(!put_on_shelf(shelf, ShelfMask{{"\t", {}, true, {}}, {}, {}}));
    }
    const auto masks = read_mask_shelf(shelf).masks;
    const auto sets = read_set_shelf(shelf).sets;
    std::string order;
    for (const auto& m : masks) order += m.name;
    for (const auto& s : sets) order += s.name;
    QCOMPARE(order, std::string("abcabc"));
    // A card changed keeps what it stands for, and the file.
    ShelfCard card = masks[1];
    card.name = "renamed";
    card.tags = {"x"};
    card.on = false;
    QVERIFY(with_card_changed(masks[1], card));
    const auto after = read_mask_shelf(shelf).masks;
    const ShelfMask& changed = after[2];
    QVERIFY(changed.name == "renamed" && changed.tags == card.tags && !changed.on &&
            changed.file == masks[1].file && changed.mask == masks[1].mask &&
            changed.wheel == masks[1].wheel);
    write(QString::fromStdString(masks[0].file), "broken");
    QCOMPARE(with_card_changed(masks[0], card).error().code, ErrorCode::Damaged);
    write(QString::fromStdString(sets[0].file), "broken");
    QCOMPARE(with_card_changed(sets[0], card).error().code, ErrorCode::Damaged);
    QFile left(QString::fromStdString(sets[0].file));
    QVERIFY(left.open(QIODevice::ReadOnly) && left.readAll() == "broken");
    QVERIFY(read_set_shelf(shelf).unreadable[0].sentence().find(QFileInfo(left).fileName().toStdString()) !=
            std::string::npos);
    // File names are plain whatever the name, and short.
    const auto path = put_on_shelf(shelf, sample(std::string(90, 'x') + "/../ÄÖ Kiln 9"));
    const QString name = QFileInfo(QString::fromStdString(*path)).fileName();
    QVERIFY2(QRegularExpression("^x{40}-[0-9a-f]{16}\\.mask\\.json$").match(name).hasMatch(),
             qPrintable(name));
    const auto other = put_on_shelf(shelf, sample_set("ÄÖ!Glaze  09?"));
    QVERIFY2(QRegularExpression("^glaze-09-?-[0-9a-f]{16}\\.set\\.json$")
                 .match(QFileInfo(QString::fromStdString(*other)).fileName())
                 .hasMatch(),
             other->c_str());
    QVERIFY(
        QFileInfo(QString::fromStdString(*put_on_shelf(shelf, sample("銅")))).fileName().startsWith("item-"));
    // Another window holds the shelf.
    QLockFile lock(folder.filePath(".lock"));
    QVERIFY(lock.tryLock());
    const Status busy = with_card_changed(masks[2], card);
    QVERIFY(!busy &&
            busy.error().sentence() == "Another window is changing the shelf; try again in a moment.");
  }
  void searches_and_tags_are_forgiving() {
    const ShelfMask mask = sample("Kiln at Night");
    for (const char* search :
         {"", " ", "kiln", "KILN", "night  kiln", "dusk", "Two Lights", "lights kiln", "il"})
      QVERIFY2(found_by(mask, search), search);
    for (const char* search : {"noon", "kiln noon", "knight", "nightdusk"})
      QVERIFY2(!found_by(mask, search), search);
    using Tags = std::vector<std::string>;
    QCOMPARE(tags_of("a"), (Tags{"a"}));
    QCOMPARE(tags_of(",a,,b c , A,"), (Tags{"a", "b c"}));
    std::string many;
    for (int i = 0; i < 60; ++i) many += "t" + std::to_string(i) + ",";
    QCOMPARE(tags_of(many).size(), std::size_t{50});
  }
  void sets_are_the_same_by_what_they_hold() {
    const SwatchSet set = sample_set("a").set;
    SwatchSet other = set;
    other.families.change_each([](Family& family) {
      family.id += 100;
      family.swatches.change_each([](Swatch& s) {
        s.id += 100;
        s.used = s.locked = true;
        s.color.r += 1e-4;
      });
    });
    QVERIFY(same_content(set, other));
    other.families.change(0).swatches.change(0).name = "other";
    QVERIFY(!same_content(set, other));
    other = set;
    other.families.change(0).swatches.change(0).color.g += 1.0 / 255;
    QVERIFY(!same_content(set, other));
    other = set;
    other.families.pop_back();
    QVERIFY(!same_content(set, other));
  }
  void two_windows_changing_one_shelf_lose_nothing() {
    const QTemporaryDir folder;
    const std::string shelf = folder.path().toStdString();
    QVERIFY(put_on_shelf(shelf, sample_set("shared")));
    const ShelfSet item = read_set_shelf(shelf).sets[0];
    // Each adds tags of its own to what stands there at that moment.
    const auto work = [&item](const std::string& tag) {
      for (int i = 0; i < 20; ++i)
        if (!change_file(item.file, [&](std::string_view text) -> Result<std::string> {
              auto set = shelf_set_from_json(text);
              if (!set) return set.error();
              ShelfSet changed = *set;
              changed.tags.push_back(tag + std::to_string(i));
              return shelf_set_to_json(changed);
            }))
          qFatal("could not change the set");
    };
    std::thread one(work, "one"), two(work, "two");
    one.join();
    two.join();
    QCOMPARE(read_set_shelf(shelf).sets[0].tags.size(), item.tags.size() + 40);
  }
  void parcels_come_back_and_know_what_is_there() {
    const QTemporaryDir folder;
    Parcel parcel;
    parcel.description = "plates\nfor the street";
    parcel.sets = {sample_set("one"), sample_set("two")};
    parcel.masks = {sample("mask")};
    parcel.from = "a friend";
    ShelfPattern lines;
    lines.name = "lines";
    lines.pattern = *lines_pattern_from_text("{hex}={name}\n");
    parcel.patterns = {lines};
    ShelfPaints few;
    few.name = "few";
    few.paints = {{0, "a blue", {0.1, 0.25, 0.5}, "ultramarine blue", 1.5, false},
                  {0, "a red", {0.6, 0.2, 0.1}}};
    parcel.paints = {few};
    parcel.press = *read_file(shipped_press().string());
    const auto bytes = pack_parcel(parcel);
    QVERIFY(bytes);
    const auto back = unpack_parcel(*bytes);
    QVERIFY(back);
    // What later versions add is passed over, up to sixteen files in all.
    auto files = *read_zip(*bytes, {99, 10'000'000});
    while (files.size() < 16) files.push_back({"later" + std::to_string(files.size()), Bytes{1}, false});
    QVERIFY(unpack_parcel(*write_zip(files)));
    files.push_back({"last", Bytes{1}, false});
    QVERIFY(!unpack_parcel(*write_zip(files)));
    QCOMPARE(back->description, parcel.description);
    QVERIFY(back->sets.size() == 2 && same_content(back->sets[1].set, parcel.sets[1].set));
    QCOMPARE(back->masks[0].mask.areas, parcel.masks[0].mask.areas);
    QCOMPARE(back->from, parcel.from);
    QVERIFY(back->patterns.size() == 1 && back->patterns[0].pattern == lines.pattern);
    QVERIFY(back->paints.size() == 1 && back->paints[0].paints == few.paints);
    QVERIFY(back->press == parcel.press);
    const std::string sets = folder.filePath("sets").toStdString(),
                      masks = folder.filePath("masks").toStdString(),
                      patterns = folder.filePath("patterns").toStdString(),
                      paints = folder.filePath("paints").toStdString(),
                      presses = folder.filePath("presses").toStdString();
    QVERIFY(put_on_shelf(sets, parcel.sets[1]));
    const auto first = put_parcel_on_shelf(*back, {sets, masks, patterns, paints, presses}),
               second = put_parcel_on_shelf(*back, {sets, masks, patterns, paints, presses});
    QVERIFY(first->added == 5 && first->known == 1);
    QVERIFY(second->added == 0 && second->known == 6);
    QCOMPARE(read_press_shelf(presses).size(), std::size_t{2});
    QCOMPARE(read_pattern_shelf(patterns).back().name, std::string("lines"));
    QCOMPARE(read_paint_shelf(paints).back().paints, few.paints);
    // What is wrong in a palette of paints is said with its place; nothing of it is taken.
    for (const auto& [text, place] : kBadPaints) {
      const auto bad = shelf_paints_from_json(text);
      QVERIFY2(!bad && bad.error().place == place, text);
      QVERIFY(!bad.error().sentence().starts_with("The piece"));
    }
    QVERIFY(!put_on_shelf(paints, ShelfPaints{}));
    QVERIFY(!pack_parcel({}));
    // A mask of ours is known without being put up; so is one of equal content, by name, wheel and areas.
    Parcel ours;
    ours.masks = {shipped_masks()[2], sample("mask"), sample("mask")};
    ours.masks[1].mask.turned = 20;
    ours.masks[2].wheel.hues = HueScale::Ink;
    const auto known = put_parcel_on_shelf(ours, {sets, masks, patterns, paints, presses});
    QVERIFY(known->known == 2 && known->added == 1);
    ours.masks = {sample("other name"), sample("mask")};
    ours.masks[1].mask.areas.pop_back();
    QVERIFY(put_parcel_on_shelf(ours, {sets, masks, patterns, paints, presses})->added == 2);
    // Twice in one parcel is once on the shelf.
    Parcel twice;
    twice.sets = {sample_set("twice"), sample_set("twice")};
    const auto once = put_parcel_on_shelf(twice, {sets, masks, patterns, paints, presses});
    QVERIFY(once->added == 1 && once->known == 1);
    twice.sets[0].name = "fresh";
    QCOMPARE(put_parcel_on_shelf(twice, {"/proc/no/such", masks, patterns, paints, presses}).error().code,
             ErrorCode::Unwritable);
    twice.sets.clear();
    twice.masks = {sample("fresh")};
    QCOMPARE(put_parcel_on_shelf(twice, {sets, "/proc/no/such", patterns, paints, presses}).error().code,
             ErrorCode::Unwritable);
    // Only masks or only sets make a parcel too; each file is told by its kind.
    QVERIFY(unpack_parcel(*pack_parcel(twice)));
    const std::filesystem::path file = folder.filePath("p.zonaparcel").toStdString();
    QVERIFY(save_parcel(file, parcel) && open_parcel(file)->description == parcel.description);
    // Written once more, the version before stays.
    Parcel other = parcel;
    other.description = "another";
    QVERIFY(save_parcel(file, other) && open_parcel(backup_path(file))->description == parcel.description);
    QVERIFY(save_parcel(file, parcel));
    QCOMPARE(open_parcel(folder.filePath("none").toStdString()).error().code, ErrorCode::NotFound);
    QVERIFY(!save_parcel(file, {}));
    write(folder.filePath("p.zonaparcel"), "words");
    QCOMPARE(open_parcel(file).error().sentence(),
             std::string("\"p.zonaparcel\" was not opened. This is not a Zonachrom parcel; choose a file "
                         "that ends in .zonaparcel."));
    const auto packed = [](const std::string& json, const std::string& mime = std::string(kParcelMimeType),
                           const std::string& entry = "parcel.json") {
      return unpack_parcel(*write_zip(
          {{"mimetype", Bytes(mime.begin(), mime.end()), true}, {entry, Bytes(json.begin(), json.end())}}));
    };
    QVERIFY(packed("{}") && packed(R"({"format":1,"description":"x"})")->description == "x");
    const std::pair<const char*, const char*> wrong[] = {{R"({"description":3})", "description"},
                                                         {R"({"sets":{}})", "sets"},
                                                         {R"({"sets":[3]})", "sets[0]"},
                                                         {R"({"masks":[{}]})", "masks[0].mask"},
                                                         {"[]", ""},
                                                         {"{", ""},
                                                         {R"({"format":0})", "format"}};
    for (const auto& [json, place] : wrong) {
      const auto out = packed(json);
      QVERIFY2(!out && out.error().code == ErrorCode::Damaged, json);
      QCOMPARE(out.error().place, std::string(place));
    }
    QVERIFY(!packed("{}", "application/zip") &&
            packed("{}", "application/zip").error().sentence().find("not a Zonachrom parcel") !=
                std::string::npos);
    QCOMPARE(packed("{}", std::string(kParcelMimeType), "other.json").error().place,
             std::string("parcel.json"));
    const std::string item = R"({"name":"m","mask":{}})";
    for (const std::size_t count : {kMostParcelItems, kMostParcelItems + 1}) {
      std::string list = item;
      for (std::size_t i = 1; i < count; ++i) list += "," + item;
      QCOMPARE(packed("{\"masks\":[" + list + "]}").ok(), count == kMostParcelItems);
    }
    // Cut short or of another kind: one sentence.
    for (const std::size_t size : {std::size_t{0}, std::size_t{3}, bytes->size() / 2, bytes->size() - 1}) {
      const auto cut =
          unpack_parcel(Bytes(bytes->begin(), bytes->begin() + static_cast<std::ptrdiff_t>(size)));
      QVERIFY(!cut);
      QCOMPARE(cut.error().code, ErrorCode::Damaged);
      // What begins as a container does is one that is damaged, not something else.
      QCOMPARE(cut.error().sentence() != unpack_parcel({'n', 'o', 't'}).error().sentence(), size >= 2);
    }
    QVERIFY(!unpack_parcel(
        *write_zip({{"mimetype", Bytes(kParcelMimeType.begin(), kParcelMimeType.end()), true}})));
    const std::string newer = "{\"format\": 2}";
    QCOMPARE(
        unpack_parcel(*write_zip({{"mimetype", Bytes(kParcelMimeType.begin(), kParcelMimeType.end()), true},
                                  {"parcel.json", Bytes(newer.begin(), newer.end()), false}}))
            .error()
            .code,
        ErrorCode::Newer);
  }
};

QTEST_APPLESS_MAIN(ShelfTest)
#include "shelf_test.moc"
