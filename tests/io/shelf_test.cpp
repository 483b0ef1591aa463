// The shelf of masks: plain files that two windows can use at once.
#include "core/mask/patterns.h"
#include "io/container/parcel.h"
#include "io/container/safe_save.h"
#include "io/shelf/mask_shelf.h"
#include "support/check.h"

#include <QDir>
#include <QTemporaryDir>
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
  for (auto& family : out.set.families)
    for (auto& s : family.swatches) s.name = "swatch " + std::to_string(s.id);
  out.set.families[0].swatches[1].place = 4;
  return out;
}

void write(const QString& path, const QByteArray& bytes) {
  QFile file(path);
  if (!file.open(QIODevice::WriteOnly)) qFatal("cannot write");
  file.write(bytes);
}

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
    QVERIFY(take_file(read.masks[0]));
    QCOMPARE(read_mask_shelf(shelf).masks.size(), std::size(names) - 1);
    QVERIFY(!take_file(read.masks[0]));
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
      QVERIFY2(error.sentence.find(".mask.json\"") != std::string::npos, error.sentence.c_str());
      QCOMPARE(error.code == ErrorCode::Newer, error.sentence.find("newer.mask") != std::string::npos);
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
    QVERIFY(found_by(sample("Kiln at night"), "NIGHT kiln"));
    QVERIFY(found_by(sample("Kiln"), "two dusk"));
    QVERIFY(found_by(sample("Kiln"), "  "));
    QVERIFY(!found_by(sample("Kiln"), "kiln noon"));
    QCOMPARE(tags_of(" Fire, night ,, fire ,"), (std::vector<std::string>{"Fire", "night"}));
    QVERIFY(tags_of("").empty());
  }
  void sets_come_back_without_what_belongs_to_the_piece() {
    const QTemporaryDir folder;
    const std::string shelf = folder.filePath("sets").toStdString();
    ShelfSet set = sample_set("Dusk, \"copper\"");
    set.set.families[0].swatches[0].from = SampleOrigin{7, 1, 2};
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
    QVERIFY(take_file(read.sets[0]));
    QCOMPARE(with_card_changed(back, card).error().code, ErrorCode::NotFound);
    QVERIFY(!put_on_shelf(shelf, ShelfSet{{"empty", {}, true, {}}, {}}));
  }
  void sets_are_the_same_by_what_they_hold() {
    const SwatchSet set = sample_set("a").set;
    SwatchSet other = set;
    for (auto& family : other.families) {
      family.id += 100;
      for (auto& s : family.swatches) {
        s.id += 100;
        s.used = s.locked = true;
        s.color.r += 1e-4;
      }
    }
    QVERIFY(same_content(set, other));
    other.families[0].swatches[0].name = "other";
    QVERIFY(!same_content(set, other));
    other = set;
    other.families[0].swatches[0].color.g += 1.0 / 255;
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
    const auto bytes = pack_parcel(parcel);
    QVERIFY(bytes);
    const auto back = unpack_parcel(*bytes);
    QVERIFY(back);
    QCOMPARE(back->description, parcel.description);
    QVERIFY(back->sets.size() == 2 && same_content(back->sets[1].set, parcel.sets[1].set));
    QCOMPARE(back->masks[0].mask.areas, parcel.masks[0].mask.areas);
    const std::string sets = folder.filePath("sets").toStdString(),
                      masks = folder.filePath("masks").toStdString();
    QVERIFY(put_on_shelf(sets, parcel.sets[1]));
    const auto first = put_parcel_on_shelf(*back, sets, masks),
               second = put_parcel_on_shelf(*back, sets, masks);
    QVERIFY(first->added == 2 && first->known == 1);
    QVERIFY(second->added == 0 && second->known == 3);
    QVERIFY(!pack_parcel({}));
    // Cut short or of another kind: one sentence.
    for (const std::size_t size : {std::size_t{0}, std::size_t{3}, bytes->size() / 2, bytes->size() - 1}) {
      const auto cut =
          unpack_parcel(Bytes(bytes->begin(), bytes->begin() + static_cast<std::ptrdiff_t>(size)));
      QVERIFY(!cut);
      QCOMPARE(cut.error().code, ErrorCode::Damaged);
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
