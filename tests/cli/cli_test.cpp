// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli as a script would use it.
#include "cli/answers.h"
#include "cli/run.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/image/pixels.h"
#include "core/piece/pairing.h"
#include "io/container/piece_file.h"
#include "io/files/claim.h"
#include "support/check.h"
#include "support/reference_json.h"

#include <QDir>
#include <QFile>
#include <QImage>
#include <QSet>
#include <QTemporaryDir>
#include <QXmlStreamReader>

#include <map>

using namespace zc;
using namespace zc::test;

class CliTest : public QObject {
  Q_OBJECT
private slots:
  /// What is read is never what is written.
  void no_input_is_replaced() {
    const QTemporaryDir folder;
    const QString photo = folder.filePath("noon.jpg"), piece = folder.filePath("row.zonachrom");
    QVERIFY(QFile::copy(DEMO_PHOTOS "/noon.jpg", photo) && QFile::copy(DEMO_PIECE, piece));
    const auto bytes = [](const QString& file) {
      QFile f(file);
      return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
    };
    const QByteArray photo_was = bytes(photo), piece_was = bytes(piece);
    const QString link = folder.filePath("link.jpg");
    QVERIFY(QFile::link(photo, link));
    for (const QStringList& line :
         {QStringList{"extract", photo, "-o", photo},
          {"extract", photo, "-o", link},
          {"look", photo, "--as", "value", "-o", photo},
          {"export", piece, "--set", "Row at dusk", "-o", piece},
          {"sheet", piece, "-o", piece},
          {"try", photo, "--piece", piece, "--set", "Row at dusk", "--pairs", piece}}) {
      const Run refused = run(line + QStringList{"--force"});
      QVERIFY2(refused.code == 2, qPrintable(line.join(' ')));
      QVERIFY2(refused.error.contains("would be replaced"), qPrintable(refused.error));
    }
    QVERIFY(bytes(photo) == photo_was && bytes(piece) == piece_was);
  }
  void commands_at_once_all_count() {
    constexpr int kAtOnce = 50;
    const QTemporaryDir folder, state;
    qputenv("XDG_STATE_HOME", state.path().toUtf8());
    const QString piece = folder.filePath("row.zonachrom");
    QVERIFY(QFile::copy(DEMO_PIECE, piece));
    std::vector<std::unique_ptr<QProcess>> all;
    for (int i = 0; i < kAtOnce; ++i) {
      QFile palette(folder.filePath(QString("%1.txt").arg(i)));
      QVERIFY(palette.open(QIODevice::WriteOnly));
      palette.write(QString("#1020%1 color\n").arg(i + 16, 2, 16, QChar('0')).toLatin1());
      palette.close();
      all.push_back(std::make_unique<QProcess>());
      all.back()->start(PROGRAM_FOLDER "/zonachrom-cli",
                        {"import", palette.fileName(), "--into", piece, "--set", QString("Set %1").arg(i)});
    }
    for (const auto& process : all) QVERIFY(process->waitForFinished(120'000) && process->exitCode() == 0);
    const Piece read = open_document(piece.toStdString())->piece;
    for (int i = 0; i < kAtOnce; ++i) QVERIFY(find_set_by_name(read, QString("Set %1").arg(i).toStdString()));
    // A piece that a window has is left alone, at once.
    const FileClaim claim(piece.toStdString(), 0);
    QVERIFY(!claim.taken());
    const Run refused = run({"import", folder.filePath("0.txt"), "--into", piece, "--set", "Late"});
    QVERIFY(refused.code == 4 && refused.error.contains("another window"));
    qunsetenv("XDG_STATE_HOME");
  }
  void colors_are_given_as_they_are_written() {
    for (const char* given : {"#3d86ff", "3d86ff", "61, 134, 255", "61 134 255", "rgb(61 134 255)"})
      QVERIFY2(run({"describe", given}).json()["colors"][0]["hex"] == "#3d86ff", given);
    for (const char* wrong : {"61, 134, 256", "61, 134", "61, 134, -1", "61 134 255 9"})
      QCOMPARE(run({"describe", wrong}).code, 2);
  }
  void describes_colors_in_order() {
    const auto golden = reference_json("conversions.json");
    QStringList arguments{"describe"};
    for (const auto& row : golden) arguments << QString::fromStdString(row["hex"]);
    const auto answer = run(arguments).json()["colors"];
    QCOMPARE(answer.size(), golden.size());
    for (std::size_t i = 0; i < answer.size(); ++i) {
      QVERIFY(answer[i]["hex"] == golden[i]["hex"]);
      for (int k = 0; k < 3; ++k) {
        QVERIFY(near(answer[i]["lab"][k], golden[i]["lab"][k], 6e-5));
        QVERIFY(std::abs(answer[i]["xyz"][k].get<double>() - golden[i]["xyz"][k].get<double>()) < 6e-7);
      }
    }
    const auto one = run({"describe", "srgb:0.5,0.25,1"}).json()["colors"][0];
    QVERIFY(one["srgb"] == (nlohmann::json{0.5, 0.25, 1.0}));
  }
  void measures_differences() {
    // Sharma, Wu and Dalal 2005, pair 1.
    CHECK_NEAR(run({"difference", "--lab", "50,2.6772,-79.7751", "--lab", "50,0,-82.7485"})
                   .json()["difference"]
                   .get<double>(),
               2.0425, 5e-5);
    QVERIFY(run({"difference", "#123456", "#123456"}).json()["difference"] == 0.0);
  }
  void answers_about_the_wheel_in_order() {
    const auto answer = run({"wheel", "--hues", "traditional", "--measure", "hsluv", "--at", "0,1,80",
                             "--locate", "#1f55b5", "--at", "240,0,50"})
                            .json()["places"];
    QCOMPARE(answer.size(), std::size_t{3});
    QVERIFY(!answer[0]["color"].is_null());
    QVERIFY(answer[0]["value_span"] == (nlohmann::json{0.0, 100.0}));
    QVERIFY(answer[0]["reach"] == 1.0);
    CHECK_ANGLE(answer[1]["hue"].get<double>(), 240, 1e-4);
    QVERIFY(answer[2]["color"]["hex"] == "#777777");
  }
  void bad_input_gives_one_sentence_and_two_data() {
    QTest::addColumn<QStringList>("arguments");
    QTest::newRow("color") << QStringList{"describe", "blurple"};
    QTest::newRow("one of two") << QStringList{"describe", "#fff", "#ggg"};
    QTest::newRow("nothing") << QStringList{};
    QTest::newRow("command") << QStringList{"paint"};
    QTest::newRow("scale") << QStringList{"wheel", "--hues", "square", "--at", "0,1,50"};
    QTest::newRow("nothing asked") << QStringList{"wheel"};
    QTest::newRow("no piece") << QStringList{"export", "none.zonachrom", "--set", "x", "-o", "never.txt"};
    QTest::newRow("no set") << QStringList{"export", DEMO_PIECE, "--set", "x", "-o", "never.txt"};
    QTest::newRow("no palette") << QStringList{"import", "none.csv", "--into", "never.txt"};
    QTest::newRow("no palette inside")
        << QStringList{"import", PROGRAM_FOLDER "/zonachrom-cli", "--into", "never.txt"};
    QTest::newRow("format") << QStringList{"export",   DEMO_PIECE, "--set", "Row at dusk",
                                           "--format", "pdf",      "-o",    "never.txt"};
    QTest::newRow("no set to grade") << QStringList{"grade", DEMO_PIECE, "--set", "x"};
    QTest::newRow("empty parcel") << QStringList{"parcel", "pack", DEMO_PIECE, "-o", "never.txt"};
    QTest::newRow("place") << QStringList{"export",      DEMO_PIECE, "--set",
                                          "Row at dusk", "-o",       "/proc/never.txt"};
  }
  void bad_input_gives_one_sentence_and_two() {
    QFETCH(QStringList, arguments);
    const Run r = run(arguments);
    QVERIFY(r.code >= 2 && r.code <= 4);
    QVERIFY(r.out.isEmpty());
    QCOMPARE(r.error.count('\n'), 1);
    QVERIFY(r.error.startsWith("zonachrom-cli: "));
    QVERIFY(!QFile::exists("never.txt"));
  }
  void a_study_is_the_nearest_swatch_of_every_color_data() {
    QTest::addColumn<QString>("picture");
    QTest::newRow("photo") << DEMO_PHOTOS "/blue-hour.jpg";
    QTest::newRow("other photo") << DEMO_PHOTOS "/noon.jpg";
    QTest::newRow("flat") << DEMO_PHOTOS "/row-flat.png";
  }
  /// By CIEDE2000 of every different color to every swatch, ties to the first in the order of the set.
  void a_study_is_the_nearest_swatch_of_every_color() {
    QFETCH(QString, picture);
    const QTemporaryDir folder;
    const QString out = folder.filePath("study.png");
    const auto told = run({"try", picture, "--piece", DEMO_PIECE, "--set", "Row at dusk", "--as", "study",
                           "--report", "-o", out})
                          .json();
    const auto document = zc::open_document(DEMO_PIECE);
    const zc::SetColors set = zc::set_colors(zc::find_set_by_name(document->piece, "Row at dusk")->families);
    std::vector<zc::Lab> labs;
    for (const auto& c : set.colors) labs.push_back(zc::lab_from_srgb(c.color));
    const QImage before = QImage(picture).convertToFormat(QImage::Format_RGB32),
                 after = QImage(out).convertToFormat(QImage::Format_RGB32);
    QCOMPARE(after.size(), before.size());
    std::map<QRgb, QRgb> known;
    std::map<QRgb, double> pixels;
    for (int y = 0; y < before.height(); ++y)
      for (int x = 0; x < before.width(); ++x) {
        const QRgb seen = after.pixel(x, y);
        const auto [at, fresh] = known.try_emplace(before.pixel(x, y), seen);
        QCOMPARE(at->second, seen);
        pixels[seen] += 1.0 / (static_cast<double>(before.width()) * before.height());
      }
    for (const auto& [color, seen] : known) {
      const zc::Lab lab = zc::lab_from_srgb(zc::srgb_from_8bit(zc::color_of({color})));
      std::size_t best = 0;
      double least = 1e9;
      for (std::size_t i = 0; i < labs.size(); ++i)
        if (const double away = zc::ciede2000(lab, labs[i]); away < least) least = away, best = i;
      QCOMPARE(seen, zc::pixel_of(zc::rounded_8bit(set.colors[best].color)).word);
    }
    for (const auto& swatch : told["used"]) {
      const QRgb word = QColor(QString::fromStdString(swatch["hex"])).rgb();
      CHECK_NEAR(swatch["share"].get<double>(), pixels[word], 6e-7);
    }
    QCOMPARE(told["used"].size() + told["unused"].size(), labs.size());
    QCOMPARE(QImage(out).format(), QImage::Format_Indexed8);
  }
  void a_study_goes_out_as_shapes_and_pairs_as_a_table() {
    const QTemporaryDir folder;
    const QString svg = folder.filePath("study.svg"), pairs = folder.filePath("pairs.csv");
    const auto told =
        run({"try", DEMO_PHOTOS "/row-flat.png", "--piece", DEMO_PIECE, "--set", "Row at dusk", "--as",
             "study", "--areas", "20", "--to", "after rain", "--pairs", pairs, "-o", svg})
            .json();
    QCOMPARE(told["counts"]["areas"].get<int>(), 13);
    QFile table(pairs);
    QVERIFY(table.open(QIODevice::ReadOnly));
    const auto lines = QString::fromUtf8(table.readAll()).split("\r\n", Qt::SkipEmptyParts);
    QCOMPARE(lines.size(), 20);
    QCOMPARE(lines.front(), QString("\"old\",\"new\",\"name\""));
    QVERIFY(lines[1].startsWith("\"#fce3c4\",") && lines[1].endsWith(",\"lamp core\""));
    // Drawn again by another reader, every pixel is in the swatch of the study.
    const QString png = folder.filePath("study.png");
    const Run pixels_too =
        run({"try", DEMO_PHOTOS "/row-flat.png", "--piece", DEMO_PIECE, "--set", "Row at dusk", "--as",
             "study", "--areas", "20", "--to", "after rain", "-o", png});
    QCOMPARE(pixels_too.code, 0);
    const QImage pixels = QImage(png).convertToFormat(QImage::Format_RGB32);
    const QImage shapes = QImage(svg).convertToFormat(QImage::Format_RGB32);
    QCOMPARE(shapes.size(), pixels.size());
    int other = 0;
    for (int y = 0; y < pixels.height(); ++y)
      for (int x = 0; x < pixels.width(); ++x) other += shapes.pixel(x, y) != pixels.pixel(x, y);
    // The reader may draw soft edges where areas meet.
    QVERIFY2(other < pixels.width() * pixels.height() / 50, qPrintable(QString::number(other)));
    // Paths are grouped by swatch, so that another program can take one of them up by its name.
    QFile file(svg);
    QVERIFY(file.open(QIODevice::ReadOnly));
    QXmlStreamReader xml(&file);
    QStringList ids, titles;
    int outside = 0, paths = 0, depth = 0;
    while (!xml.atEnd()) {
      xml.readNext();
      if (xml.isStartElement() && xml.name() == u"g") ++depth, ids << xml.attributes().value("id").toString();
      if (xml.isEndElement() && xml.name() == u"g") --depth;
      if (xml.isStartElement() && xml.name() == u"title") titles << xml.readElementText();
      if (xml.isStartElement() && xml.name() == u"path") ++paths, outside += depth != 1;
    }
    QVERIFY(!xml.hasError() && paths == 13 && outside == 0);
    QVERIFY(ids.size() > 3 && ids.size() == titles.size() &&
            QSet(ids.begin(), ids.end()).size() == ids.size());
    for (int i = 0; i < ids.size(); ++i) QCOMPARE(ids[i], QString(titles[i]).replace(' ', '-'));
    // And a picture for each: together they are the study, and none covers another.
    const QString fills = folder.filePath("fills");
    QVERIFY(QDir().mkdir(fills));
    QCOMPARE(run({"try", DEMO_PHOTOS "/row-flat.png", "--piece", DEMO_PIECE, "--set", "Row at dusk", "--as",
                  "study", "--areas", "20", "--to", "after rain", "-o", fills})
                 .code,
             0);
    const QStringList names = QDir(fills).entryList(QDir::Files, QDir::Name);
    QCOMPARE(names.size(), ids.size());
    for (const QString& id : ids) QCOMPARE(names.filter("-" + id + ".png").size(), 1);
    std::vector<QImage> each;
    for (const QString& name : names) each.emplace_back(fills + "/" + name);
    int wrong = 0;
    for (int y = 0; y < pixels.height(); ++y)
      for (int x = 0; x < pixels.width(); ++x) {
        int covering = 0;
        for (const QImage& one : each) {
          const QRgb pixel = one.pixel(x, y);
          covering += qAlpha(pixel) == 255;
          wrong += qAlpha(pixel) == 255 ? pixel != pixels.pixel(x, y) : qAlpha(pixel) != 0;
        }
        wrong += covering != 1;
      }
    QCOMPARE(wrong, 0);
  }
  void what_cannot_be_tried_is_said() {
    const auto says = [](QStringList more) {
      const Run r =
          run(QStringList{"try", DEMO_PHOTOS "/row-flat.png", "--piece", DEMO_PIECE, "--set", "Row at dusk"} +
              more);
      return r.code >= 2 ? r.error : QString();
    };
    QVERIFY(says({}).contains("--as"));
    QVERIFY(says({"--as", "study"}).contains("-o"));
    QVERIFY(says({"--as", "study", "--to", "snow", "-o", "never.png"}).contains("no version named"));
    QVERIFY(says({"--as", "study", "-o", "never.txt"}).contains(".png, .jpg, .jpeg or .svg"));
    QVERIFY(says({"--as", "follow", "-o", "never.svg"}).contains("--areas"));
    QVERIFY(says({"--as", "study", "--areas", "501", "-o", "never.png"}).contains("2 to 500"));
    QVERIFY(says({"--report", "--most-difference", "60"}).contains("0 to 50"));
  }
  void sets_go_out_and_come_back_in_every_format() {
    const QTemporaryDir folder;
    const QString piece = folder.filePath("all.zonachrom");
    for (const auto& [format, ending] : {std::pair<QString, QString>{"tokens", "tokens.json"},
                                         {"cxf", "cxf"},
                                         {"cgats", "txt"},
                                         {"css", "css"},
                                         {"csv", "csv"},
                                         {"hex", "hex.txt"},
                                         {"svg", "svg"},
                                         {"png", "png"}}) {
      const QString file = folder.filePath("set." + ending);
      QVERIFY(run({"export", DEMO_PIECE, "--set", "Row at dusk", "--format", format, "-o", file})
                  .json()["count"] == 19);
      // Its ending tells the format too.
      QVERIFY(run({"export", DEMO_PIECE, "--force", "-o", file}).json()["count"] == 19);
      const auto told = run({"import", file, "--into", piece, "--set", format}).json();
      QVERIFY2(told["counts"]["added"] == 19, qPrintable(format));
      QVERIFY(told["counts"]["families"] == (format == "hex" || format == "png" ? 1 : 4));
      // Again: everything is there already.
      QVERIFY(run({"import", file, "--into", piece, "--set", format}).json()["counts"]["added"] == 0);
    }
    const auto document = zc::open_document(piece.toStdString());
    QCOMPARE(document->piece.sets.size(), std::size_t{8});
    QCOMPARE(document->piece.sets[0].name, std::string("tokens"));
  }
  void a_turn_there_and_back_keeps_a_set() {
    const QTemporaryDir folder;
    const QString piece = folder.filePath("p.zonachrom"), turned = folder.filePath("turned.zonachrom");
    const auto told =
        run({"adjust", DEMO_PIECE, "--set", "Row at dusk", "--turn", "30", "-o", turned}).json();
    QVERIFY(told["count"] == 19 && told["reduced_swatches"].empty());
    run({"adjust", turned, "--set", "Row at dusk", "--turn", "-30", "-o", piece});
    const auto before = zc::open_document(DEMO_PIECE), after = zc::open_document(piece.toStdString());
    for (std::size_t f = 0; f < 4; ++f)
      for (std::size_t i = 0; i < before->piece.sets[0].families[f].swatches.size(); ++i) {
        const auto a = before->piece.sets[0].families[f].swatches[i].color,
                   b = after->piece.sets[0].families[f].swatches[i].color;
        QVERIFY(std::abs(a.r - b.r) + std::abs(a.g - b.g) + std::abs(a.b - b.b) < 1e-3);
      }
  }
  void choices_and_numbers_are_refused_in_words() {
    const Run nonsense = run({"relate", "#804020", "--relation", "triad", "--hues", "nonsense"});
    QVERIFY(nonsense.code == 2 && nonsense.error.contains("traditional, light, ink or even") &&
            !nonsense.error.contains("FAILED"));
    QVERIFY(run({"relate", "--help"}).out.contains("traditional, light, ink or even"));
    for (const char* base : {"1e400", "nan", "-inf"})
      QVERIFY2(run({"mask", "--pattern", "triad", "--hue", base}).code == 2, base);
  }
  void numbers_keep_their_ranges() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("photo.png");
    QVERIFY(a_photo().save(path));
    const QStringList good[] = {{"wheel", "--at", "0,1,100"},
                                {"wheel", "--at", "0,0,0"},
                                {"mask", "--pattern", "triad", "--spread", "120"},
                                {"mask", "--pattern", "triad", "--spread", "0"},
                                {"ramp", "--kind", "tints", "--from", "#123456", "--steps", "2"},
                                {"ramp", "--kind", "tints", "--from", "#123456", "--steps", "24"},
                                {"sample", path, "--at", "59,39", "--size", "1"},
                                {"sample", path, "--at", "0,0", "--size", "101"},
                                {"inspect", path, "--region", "59,39,1,1"},
                                {"inspect", path, "--region", "-5,-5,6,6"},
                                {"extract", path, "--count", "200"},
                                {"extract", path, "--least-difference", "50"},
                                {"extract", path, "--bands", "0,0,1"}};
    for (const auto& arguments : good) QVERIFY2(run(arguments).code == 0, qPrintable(arguments.join(' ')));
    const QStringList bad[] = {
        {"wheel", "--at", "0,1.01,50"},
        {"wheel", "--at", "0,-0.01,50"},
        {"wheel", "--at", "0,1,100.1"},
        {"wheel", "--at", "0,1,-0.1"},
        {"wheel", "--at", "0,1"},
        {"wheel", "--at", "0,1,2,3"},
        {"wheel", "--locate", "blurple"},
        {"mask", "--pattern", "triad", "--spread", "120.1"},
        {"mask", "--pattern", "triad", "--spread", "-5"},
        {"mask", "--pattern", "triad", "--test", "x"},
        {"ramp", "--kind", "tints", "--from", "#123456", "--steps", "25"},
        {"ramp", "--kind", "between", "--from", "#123456"},
        {"ramp", "--kind", "between", "--from", "#123456", "--to", "x"},
        {"ramp", "--kind", "tints", "--from", "x"},
        {"relate", "x", "--relation", "triad"},
        {"relate", "#fff"},
        {"relate", "#fff", "--relation", "pentad"},
        {"between", "#fff", "x"},
        {"between", "#fff", "#fff"},
        {"between", "#fff", "#000", "--steps", "0"},
        {"between", "#fff", "#000", "--steps", "23"},
        {"mix", "x"},
        {"mix", "#fff:0"},
        {"mix", "#fff:-1"},
        {"mix", "#fff:1x"},
        {"recipe", "#fff", "--paints", "/nowhere"},
        {"recipe", "x", "--paints", path},
        {"recipe", "#fff"},
        {"reach", "--paints", path, "--value", "101"},
        {"fewest", path, "--paints", "/nowhere"},
        {"difference", "#fff"},
        {"difference", "--lab", "1,2", "--lab", "1,2,3"},
        {"difference", "x", "#fff"},
        {"sample", path, "--at", "60,0"},
        {"sample", path, "--at", "0,-1"},
        {"sample", path, "--at", "1"},
        {"sample", path, "--at", "1,2,"},
        {"sample", path, "--at", "1,2,3"},
        {"sample", path, "--at", "1;2"},
        {"sample", path, "--at", "1,1", "--size", "103"},
        {"sample", path, "--at", "1,1", "--size", "0"},
        {"sample", path, "--at", "1,1", "--size", "-3"},
        {"inspect", path, "--region", "0,0,0,5"},
        {"inspect", path, "--region", "0,0,5,-1"},
        {"inspect", path, "--region", "60,0,5,5"},
        {"inspect", path, "--region", "0,40,5,5"},
        {"inspect", path, "--region", "1,2,3"},
        {"inspect", path, "--piece", path},
        {"inspect", DEMO_PIECE},
        {"extract", path, "--count", "201"},
        {"extract", path, "--count", "0"},
        {"extract", path, "--least-difference", "51"},
        {"extract", path, "--bands", "0,0,0"},
        {"extract", path, "--bands", "0,0,-1"},
        {"extract", path, "--mapped"},
        {"extract", path, "--region", "99,99,5,5"},
        {"extract", path, "-o", "/proc/never.json"},
        {"adjust", DEMO_PIECE, "--set", "Row at dusk", "--toward", "x", "--force", "-o", path},
        {"pack", "/nowhere", "--force", "-o", path}};
    for (const auto& arguments : bad) {
      const Run r = run(arguments);
      QVERIFY2(r.code >= 2 && r.code <= 4 && r.out.isEmpty() && r.error.count('\n') == 1,
               qPrintable(arguments.join(' ') + r.error));
    }
    QCOMPARE(QImage(path), a_photo()); // What was named as output is untouched.
  }
};

QTEST_GUILESS_MAIN(CliTest)
#include "cli_test.moc"
