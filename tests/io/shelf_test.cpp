// The shelf of masks: plain files that two windows can use at once.
#include "core/mask/patterns.h"
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
};

QTEST_APPLESS_MAIN(ShelfTest)
#include "shelf_test.moc"
