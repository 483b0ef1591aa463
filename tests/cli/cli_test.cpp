// zonachrom-cli as a script would use it.
#include "cli/run.h"
#include "io/container/piece_file.h"
#include "support/check.h"

#include <QImage>
#include <QTemporaryDir>

using namespace zc::test;

class CliTest : public QObject {
  Q_OBJECT
private slots:
  void describes_colors_in_order() {
    const auto golden = reference_json("conversions.json");
    QStringList arguments{"describe"};
    for (const auto& row : golden) arguments << QString::fromStdString(row["hex"]);
    const auto answer = run(arguments).json();
    QCOMPARE(answer.size(), golden.size());
    for (std::size_t i = 0; i < answer.size(); ++i) {
      QVERIFY(answer[i]["hex"] == golden[i]["hex"]);
      for (int k = 0; k < 3; ++k) {
        QVERIFY(near(answer[i]["lab"][k], golden[i]["lab"][k], 1e-6));
        QVERIFY(near(answer[i]["xyz"][k], golden[i]["xyz"][k], 1e-6, 1e-3));
      }
    }
    const auto one = run({"describe", "srgb:0.5,0.25,1"}).json()[0];
    for (const char* key : {"hex", "srgb", "linear", "xyz", "lab", "lch", "luv", "lchuv", "hsluv", "oklab",
                            "oklch", "hsv", "hsl", "luma"})
      QVERIFY2(one.contains(key), key);
    QVERIFY(one["srgb"] == (nlohmann::json{0.5, 0.25, 1.0}));
  }
  void measures_differences() {
    // Sharma, Wu and Dalal 2005, pair 1.
    CHECK_NEAR(run({"difference", "--lab", "50,2.6772,-79.7751", "--lab", "50,0,-82.7485"})
                   .json()["ciede2000"]
                   .get<double>(),
               2.0425, 5e-5);
    QVERIFY(run({"difference", "#123456", "#123456"}).json()["ciede2000"] == 0.0);
  }
  void answers_about_the_wheel_in_order() {
    const auto answer = run({"wheel", "--hues", "traditional", "--measure", "hsluv", "--at", "0,1,80",
                             "--locate", "#1f55b5", "--at", "240,0,50"})
                            .json();
    QCOMPARE(answer.size(), std::size_t{3});
    QVERIFY(answer[0]["exists"] == true);
    QVERIFY(answer[0]["value_span"] == (nlohmann::json{0.0, 100.0}));
    QVERIFY(answer[0]["reach"] == 1.0);
    CHECK_ANGLE(answer[1]["a"].get<double>(), 240, 1e-6);
    QVERIFY(answer[2]["hex"] == "#777777");
  }
  void answers_about_masks_strings_mixtures_and_partners() {
    const auto mask = run({"mask", "--pattern", "triad", "--base", "30", "--hues", "light", "--measure",
                           "hsl", "--test", "#808080", "#00ff00"})
                          .json();
    CHECK_NEAR(mask["share"].get<double>(), 3 * std::sqrt(3.0) / 4 / M_PI, 1e-9);
    QVERIFY(mask["colors"][0]["inside"] == true && mask["colors"][0]["nearest"] == "#808080");
    QVERIFY(mask["colors"][1]["inside"] == false && mask["colors"][1]["nearest"].is_string());
    const auto row = run({"string", "--kind", "between", "--from", "#ce854e", "--to", "#405070", "--steps",
                          "5", "--even", "difference"})
                         .json();
    QVERIFY(row.size() == 5 && row[0]["hex"] == "#ce854e" && row[4]["hex"] == "#405070");
    QVERIFY(run({"mix", "#fff:3", "srgb:0,0,0:1", "--as", "light"}).json()["hex"] == "#e1e1e1");
    const auto partners = run({"partners", "#ff0000", "--hues", "light"}).json();
    QVERIFY(partners[0]["name"] == "complement");
    CHECK_ANGLE(partners[0]["angle"].get<double>(), 240, 1e-6);
  }
  void exports_a_set() {
    QTemporaryDir folder;
    const QString list = folder.filePath("row.txt"), strip = folder.filePath("row.png");
    QCOMPARE(run({"export", DEMO_PIECE, "--set", "Row at dusk", "--format", "hex", "-o", list}).code, 0);
    QFile file(list);
    QVERIFY(file.open(QIODevice::ReadOnly));
    const QStringList lines = QString::fromUtf8(file.readAll()).split('\n', Qt::SkipEmptyParts);
    QCOMPARE(lines.size(), 19);
    QCOMPARE(lines[0], QStringLiteral("#fce3c4 lamp core"));
    QCOMPARE(run({"export", DEMO_PIECE, "--set", "Row at dusk", "--format", "png", "-o", strip}).code, 0);
    QCOMPARE(QImage(strip).pixel(5, 5), qRgb(0xfc, 0xe3, 0xc4));
  }
  void bad_input_gives_one_sentence_and_two_data() {
    QTest::addColumn<QStringList>("arguments");
    QTest::newRow("color") << QStringList{"describe", "blurple"};
    QTest::newRow("one of two") << QStringList{"describe", "#fff", "#ggg"};
    QTest::newRow("nothing") << QStringList{};
    QTest::newRow("command") << QStringList{"paint"};
    QTest::newRow("three colors") << QStringList{"difference", "#fff", "#000", "#123"};
    QTest::newRow("off the wheel") << QStringList{"wheel", "--at", "0,2,50"};
    QTest::newRow("scale") << QStringList{"wheel", "--hues", "square", "--at", "0,1,50"};
    QTest::newRow("nothing asked") << QStringList{"wheel"};
    QTest::newRow("pattern") << QStringList{"mask", "--pattern", "star"};
    QTest::newRow("steps") << QStringList{"string", "--kind", "tints", "--from", "#123456", "--steps", "1"};
    QTest::newRow("parts") << QStringList{"mix", "#fff:none"};
    QTest::newRow("no piece") << QStringList{"export", "none.zonachrom", "--set", "x", "-o", "never.txt"};
    QTest::newRow("no set") << QStringList{"export", DEMO_PIECE, "--set", "x", "-o", "never.txt"};
    QTest::newRow("no palette") << QStringList{"import", "none.csv", "--into", "never.txt"};
    QTest::newRow("no palette inside")
        << QStringList{"import", PROGRAM_FOLDER "/zonachrom-cli", "--into", "never.txt"};
    QTest::newRow("format") << QStringList{"export",   DEMO_PIECE, "--set", "Row at dusk",
                                           "--format", "pdf",      "-o",    "never.txt"};
    QTest::newRow("no set to grade") << QStringList{"grade", DEMO_PIECE, "--set", "x"};
    QTest::newRow("contrast") << QStringList{"adjust",     DEMO_PIECE, "--set", "Row at dusk",
                                             "--contrast", "9",        "-o",    "never.txt"};
    QTest::newRow("empty parcel") << QStringList{"parcel", "pack", DEMO_PIECE, "-o", "never.txt"};
    QTest::newRow("no parcel") << QStringList{"parcel", "list", DEMO_PIECE};
    QTest::newRow("place") << QStringList{"export",      DEMO_PIECE, "--set",
                                          "Row at dusk", "-o",       "/proc/never.txt"};
  }
  void bad_input_gives_one_sentence_and_two() {
    QFETCH(QStringList, arguments);
    const Run r = run(arguments);
    QCOMPARE(r.code, 2);
    QVERIFY(r.out.isEmpty());
    QCOMPARE(r.error.count('\n'), 1);
    QVERIFY(r.error.startsWith("zonachrom-cli: "));
    QVERIFY(!QFile::exists("never.txt"));
  }
  void sets_go_out_and_come_back_in_every_format() {
    const QTemporaryDir folder;
    const QString piece = folder.filePath("all.zonachrom");
    for (const QString format : {"tokens", "cxf", "cgats", "css", "csv", "hex", "svg", "png"}) {
      const QString file = folder.filePath("set." + format);
      QVERIFY(run({"export", DEMO_PIECE, "--set", "Row at dusk", "--format", format, "-o", file})
                  .json()["swatches"] == 19);
      const auto told = run({"import", file, "--into", piece, "--set", format}).json();
      QVERIFY2(told["added"] == 19, qPrintable(format));
      QVERIFY(told["families"] == (format == "hex" || format == "png" ? 1 : 4));
      // Again: everything is there already.
      QCOMPARE(run({"import", file, "--into", piece, "--set", format}).code, 2);
    }
    const auto document = zc::open_document(piece.toStdString());
    QCOMPARE(document->piece.sets.size(), std::size_t{8});
    QCOMPARE(document->piece.sets[0].name, std::string("tokens"));
  }
  void grades_adjusts_and_packs() {
    const QTemporaryDir folder;
    const QString piece = folder.filePath("p.zonachrom"), turned = folder.filePath("turned.zonachrom");
    const auto graded = run({"grade", DEMO_PIECE, "--set", "Row at dusk"}).json();
    QCOMPARE(graded["bands"]["light"].get<int>() + graded["bands"]["middle"].get<int>() +
                 graded["bands"]["dark"].get<int>(),
             19);
    QVERIFY(graded["twins"].size() == 4 && graded["near_duplicates"].empty() &&
            graded["outside_mask"].size() == 2);
    QCOMPARE(graded["outside_mask"][0].get<std::string>(), std::string("lamp core"));
    const auto told =
        run({"adjust", DEMO_PIECE, "--set", "Row at dusk", "--turn", "30", "-o", turned}).json();
    QVERIFY(told["changed"] == 19 && told["held"].empty());
    run({"adjust", turned, "--set", "Row at dusk", "--turn", "-30", "-o", piece});
    const auto before = zc::open_document(DEMO_PIECE), after = zc::open_document(piece.toStdString());
    for (std::size_t f = 0; f < 4; ++f)
      for (std::size_t i = 0; i < before->piece.sets[0].families[f].swatches.size(); ++i) {
        const auto a = before->piece.sets[0].families[f].swatches[i].color,
                   b = after->piece.sets[0].families[f].swatches[i].color;
        QVERIFY(std::abs(a.r - b.r) + std::abs(a.g - b.g) + std::abs(a.b - b.b) < 1e-3);
      }
    const QString parcel = folder.filePath("row.zonaparcel");
    run({"parcel", "pack", DEMO_PIECE, "--set", "Row at dusk", "--mask", "--description", "for the plates",
         "--tag", "dusk", "-o", parcel});
    const auto listed = run({"parcel", "list", parcel}).json();
    QVERIFY(listed["description"] == "for the plates" && listed["sets"][0]["swatches"] == 19 &&
            listed["masks"].size() == 1);
  }
  void reads_photos() {
    const QTemporaryDir folder;
    const QString photo = folder.filePath("photo.png"), out = folder.filePath("out.png");
    QImage image(60, 40, QImage::Format_RGB32);
    for (int y = 0; y < 40; ++y)
      for (int x = 0; x < 60; ++x)
        image.setPixel(x, y, x < 30 ? ((x + y) % 2 ? 0xffffffff : 0xff000000) : qRgb(200, 40 + 2 * y, 90));
    QVERIFY(image.save(photo));
    const auto facts = run({"inspect", photo}).json();
    QVERIFY(facts["width"] == 60 && facts["orientation"] == 1 && facts["profile"].is_null());
    QCOMPARE(facts["histogram"].size(), std::size_t{101});
    CHECK_NEAR(facts["histogram"][100].get<double>(), 0.25, 1e-9);
    CHECK_NEAR(facts["bands"]["dark"].get<double>(), 0.25, 1e-9);
    const auto part = run({"inspect", photo, "--region", "30,0,30,40", "--piece", DEMO_PIECE}).json();
    QVERIFY(part["histogram"][100] == 0.0 && part.contains("inside_mask"));
    // The grey of light, not of numbers.
    QVERIFY(run({"sample", photo, "--at", "10,10", "--size", "11"})
                .json()["hex"]
                .get<std::string>()
                .substr(1, 1) == "b");
    const auto made = run({"extract", photo, "--count", "4", "--min-difference", "5"}).json();
    QCOMPARE(made["colors"].size(), std::size_t{4});
    for (const char* key : {"hex", "lab", "share", "x", "y", "band"})
      QVERIFY(made["colors"][0].contains(key));
    const QString json = folder.filePath("out.json");
    const auto told = run({"extract", photo, "--bands", "1,2,9", "-o", json}).json();
    QVERIFY(told["unmet"]["dark"].get<int>() >= 7 && QFile::exists(json));
    for (const char* as : {"value", "flat:3", "steps:9", "squint:4", "mask"}) {
      QCOMPARE(run({"look", photo, "--as", as, "--piece", DEMO_PIECE, "-o", out}).code, 0);
      QCOMPARE(QImage(out).size(), image.size());
    }
    for (const QStringList& wrong : {QStringList{"sample", photo, "--at", "90,90"},
                                     {"sample", photo, "--at", "1,1", "--size", "4"},
                                     {"inspect", photo, "--region", "70,0,5,5"},
                                     {"extract", photo, "--bands", "1,2"},
                                     {"extract", photo, "--inside"},
                                     {"look", photo, "--as", "flat:9", "-o", out},
                                     {"look", photo, "--as", "squint:x", "-o", out},
                                     {"inspect", folder.filePath("none.png")}}) {
      const Run refused = run(wrong);
      QCOMPARE(refused.code, 2);
      QVERIFY2(refused.error.startsWith("zonachrom-cli: ") && refused.error.count('\n') == 1,
               qPrintable(refused.error));
    }
  }
};

QTEST_GUILESS_MAIN(CliTest)
#include "cli_test.moc"
