// SPDX-License-Identifier: GPL-3.0-or-later
// What zonachrom-cli says of photos and makes of them is what the core makes.
#include "cli/answers.h"
#include "cli/run.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/image/blur.h"
#include "core/image/extract.h"
#include "core/image/places.h"
#include "core/image/through_mask.h"
#include "core/image/values.h"
#include "core/keys/key_picture.h"
#include "core/piece/edits.h"
#include "io/container/piece_file.h"
#include "io/photo/decode.h"
#include "io/shelf/mask_shelf.h"
#include "support/check.h"

#include <QBuffer>
#include <QColorSpace>
#include <QImage>
#include <QTemporaryDir>
#include <set>

using namespace zc;
using namespace zc::test;

class PicturesTest : public QObject {
  Q_OBJECT
private slots:
  void keys_are_those_of_the_core() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("photo.png"), out = folder.filePath("out.png");
    QVERIFY(a_photo().save(path));
    const QImage photo = a_photo().convertToFormat(QImage::Format_ARGB32);
    const Piece piece = demo();
    const ShelfMask shelf = shipped_masks().at(1);
    const std::string file = *put_on_shelf(folder.path().toStdString(), shelf);
    const Wheel wheel(piece.wheel);
    const auto is = [&](const J& told, const KeyMap& map) {
      QImage wanted = photo;
      render_in_key(view_of(photo), map, pixels_of(wanted));
      const KeyNumbers numbers = key_numbers(view_of(photo), map);
      wanted.setColorSpace(QColorSpace::SRgb);
      QCOMPARE(QImage(out).convertToFormat(QImage::Format_ARGB32), wanted);
      check_numbers(told["difference"].is_null()
                        ? J()
                        : J::array({told["difference"], told["reduced"], told["chroma_kept"]}),
                    {numbers.difference, numbers.reduced, numbers.kept});
    };
    const QStringList as_key{"try",  path,  "--piece", DEMO_PIECE, "--set", "Row at dusk",
                             "--as", "key", "--force", "-o",       out};
    is(run(as_key + QStringList{"--turn", "130"}).json(), KeyMap::turned(wheel, 130));
    const MaskRegion region(mask_on(shelf, piece.wheel));
    const QString mask = QString::fromStdString(file);
    is(run(as_key + QStringList{"--mask", mask, "--strength", "0.4"}).json(),
       KeyMap::pressed(wheel, region, 0.4));
    for (const QStringList& wrong : {QStringList{},
                                     {"--turn", "1", "--mask", mask},
                                     {"--mask", mask, "--strength", "2"},
                                     {"--mask", path}})
      QVERIFY2(run(as_key + wrong).code == (wrong == QStringList{"--mask", path} ? 3 : 2),
               qPrintable(wrong.join(' ')));
    // A sheet of them: as it is, and what was asked for.
    const auto sheet = [&](const QStringList& options) {
      return run(QStringList{"keys", path, "--piece", DEMO_PIECE, "--width", "60", "--force", "-o", out} +
                 options)
          .json();
    };
    const J turns = sheet({"--turns", "5"});
    QCOMPARE(turns["keys"].size(), std::size_t{5});
    QVERIFY(turns["keys"][1]["name"] == "72°" && QImage(out).width() == turns["width"].get<int>());
    check_numbers(J::array({turns["keys"][2]["difference"]}),
                  {key_numbers(view_of(photo), KeyMap::turned(wheel, 144)).difference});
    const J some = sheet({"--mask", mask, "--patterns", "--order", "nearest"});
    QCOMPARE(some["keys"].size(), std::size_t{10});
    for (std::size_t i = 2; i < 10; ++i)
      QVERIFY(some["keys"][i - 1]["difference"] <= some["keys"][i]["difference"]);
    QVERIFY(sheet({})["keys"].size() > 20); // All of the piece, with its versions.
    QVERIFY(run({"keys", path, "--piece", DEMO_PIECE, "--turns", "1", "--force", "-o", out}).code == 2);
  }
  void damaged_pictures_give_one_sentence() {
    const QTemporaryDir folder;
    QImage picture(40, 40, QImage::Format_RGB32);
    for (int y = 0; y < 40; ++y)
      for (int x = 0; x < 40; ++x) picture.setPixel(x, y, qRgb(x * 6, y * 6, x * y % 256));
    for (const char* format : {"png", "tiff"}) {
      QByteArray bytes;
      QBuffer buffer(&bytes);
      QVERIFY(buffer.open(QIODevice::WriteOnly) && picture.save(&buffer, format));
      for (const qsizetype keep : {bytes.size() / 2, bytes.size() - 20}) {
        const QString path = folder.filePath(format);
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(bytes.left(keep));
        file.close();
        const Run answer = run({"inspect", path});
        QVERIFY2(answer.error.count('\n') <= 1, qPrintable(answer.error));
      }
    }
  }
  void photos_are_told_in_full() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("photo.png");
    QVERIFY(a_photo().save(path));
    const QImage image = a_photo();
    const PixelView all = view_of(image);
    const QString banded = folder.filePath("banded.zonachrom");
    const Piece piece = *with_bands(demo(), {20, 45});
    QVERIFY(save_document(banded.toStdString(), {piece, {}}));
    const auto check = [&](const QStringList& options, const PixelRect& rect, bool with_piece) {
      const J told = run(QStringList{"inspect", path} + options).json();
      const PixelView part = part_of(all, rect);
      const FineValues values = fine_values(part);
      QVERIFY(told["width"] == 60 && told["height"] == 40 && told["orientation"] == 1 &&
              told["profile"].is_null());
      QVERIFY(told["region"] ==
              (J{{"x", rect.x}, {"y", rect.y}, {"width", rect.width}, {"height", rect.height}}));
      const auto whole = whole_values(values);
      for (std::size_t i = 0; i < 101; ++i)
        CHECK_NEAR(told["histogram"][i].get<double>(), whole[i] / (rect.width * rect.height), kSix);
      const BandShares shares = band_shares(values, with_piece ? piece.bands : Bands{});
      CHECK_NEAR(told["bands"]["light"].get<double>(), shares.light, kSix);
      CHECK_NEAR(told["bands"]["middle"].get<double>(), shares.middle, kSix);
      CHECK_NEAR(told["bands"]["dark"].get<double>(), shares.dark, kSix);
      QVERIFY(told["value_key"] == std::string(key_of(values)));
      QCOMPARE(told.contains("inside_mask"), with_piece);
      if (!with_piece) return;
      const double held = share_inside(color_places(part, Wheel(piece.wheel)), MaskRegion(*piece.mask));
      CHECK_NEAR(told["inside_mask"].get<double>(), held, kSix);
    };
    check({}, {0, 0, 60, 40}, false);
    check({"--region", "20,10,30,20"}, {20, 10, 30, 20}, false);
    check({"--region", "50,30,99,99"}, {50, 30, 10, 10}, false);
    check({"--region", "30,0,30,40", "--piece", banded}, {30, 0, 30, 40}, true);
    const Srgb sample = *sample_average(all, 29, 7, 5);
    const J told = run({"sample", path, "--at", "29,7"}).json()["color"];
    check_numbers(told["srgb"], {sample.r, sample.g, sample.b});
    QVERIFY(told["hex"] == hex_of(sample));
    CHECK_NEAR(told["value"].get<double>(), value_of(sample), kFour);
    CHECK_NEAR(told["lab"][0].get<double>(), value_of(sample), kFour);
    const Srgb wide = *sample_average(all, 29, 7, 31);
    QVERIFY(run({"sample", path, "--at", "29,7", "--size", "31"}).json()["color"]["hex"] == hex_of(wide));
    // Of a turned photo with a profile both are said, and the upright pixels are those looked at.
    QImage wide_gamut = a_photo();
    wide_gamut.setColorSpace(QColorSpace::AdobeRgb);
    QVERIFY(wide_gamut.save(folder.filePath("wide.png")));
    QVERIFY(run({"inspect", folder.filePath("wide.png")}).json()["profile"].is_string());
  }
  void palettes_follow_every_option() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("photo.png"), out = folder.filePath("palette.csv");
    QVERIFY(a_photo().save(path));
    const QImage image = a_photo();
    const Piece piece = demo();
    const Wheel wheel(piece.wheel);
    const MaskRegion region(*piece.mask);
    const auto check = [&](const QStringList& options, const ExtractionSpec& spec,
                           const PixelRect& rect = {0, 0, 60, 40}) {
      const J told = run(QStringList{"extract", path} + options).json();
      const auto made = extract_colors(part_of(view_of(image), rect), spec, &wheel, &region);
      QVERIFY2(made && told["colors"].size() == made->colors.size(), qPrintable(options.join(' ')));
      for (std::size_t i = 0; i < made->colors.size(); ++i) {
        const ExtractedColor& c = made->colors[i];
        const J& got = told["colors"][i];
        QVERIFY2(got["hex"] == hex_of(c.color), qPrintable(options.join(' ')));
        QVERIFY(got["x"] == c.x + rect.x && got["y"] == c.y + rect.y);
        CHECK_NEAR(got["share"].get<double>(), c.share, kSix);
        CHECK_NEAR(got["lab"][0].get<double>(), value_of(c.color), kFour);
        QVERIFY(got["band"] == (c.band == Band::Light    ? "light"
                                : c.band == Band::Middle ? "middle"
                                                         : "dark"));
      }
      J unmet = J::object();
      if (made->unmet.light) unmet["light"] = made->unmet.light;
      if (made->unmet.middle) unmet["middle"] = made->unmet.middle;
      if (made->unmet.dark) unmet["dark"] = made->unmet.dark;
      if (made->missing) unmet["count"] = made->missing;
      QVERIFY2(told["unmet"] == unmet, unmet.dump().c_str());
    };
    ExtractionSpec spec;
    spec.representative = Representative::Mean;
    check({}, spec);
    spec.count = 5;
    check({"--count", "5"}, spec);
    check({"--count", "5", "--region", "35,10,20,25"}, spec, {35, 10, 20, 25});
    spec.least_difference = 20;
    check({"--count", "5", "--least-difference", "20"}, spec);
    // Two colors leave the third side of this picture far off; it is too large for an accent.
    spec = {};
    spec.representative = Representative::Mean;
    spec.count = 2;
    spec.accents = 1;
    check({"--count", "2", "--accents", "1"}, spec);
    const J accented = run({"extract", path, "--count", "2", "--accents", "1"}).json()["colors"];
    QVERIFY(accented.size() == 2 && !accented[1].contains("accent") && !accented[0].contains("accent"));
    QVERIFY(run({"extract", path, "--accents", "13"}).code == 2);
    spec = {};
    check({"--pixels"}, spec);
    spec.representative = Representative::Mean;
    spec.quotas = BandCounts{4, 3, 2};
    check({"--bands", "2,3,4"}, spec);
    spec.bands = piece.bands;
    spec.mask = MaskUse::InsideOnly;
    check({"--bands", "2,3,4", "--piece", DEMO_PIECE, "--inside"}, spec);
    spec.mask = MaskUse::MapInto;
    check({"--bands", "2,3,4", "--piece", DEMO_PIECE, "--mapped"}, spec);
    // What is written is a palette that import reads, with a family for each band.
    J told = run({"extract", path, "--count", "5", "-o", out}).json();
    QVERIFY(told["files"] == J{out.toStdString()});
    told.erase("files");
    QVERIFY(told == run({"extract", path, "--count", "5"}).json());
    const QString taken = folder.filePath("taken.zonachrom");
    QVERIFY(run({"import", out, "--into", taken}).json()["counts"]["added"] == 5);
    std::set<std::string> hexes, wanted;
    const Document read = *open_document(taken.toStdString());
    for (const auto& family : read.piece.sets[0].families)
      for (const auto& s : family.swatches) {
        hexes.insert(hex_of(s.color));
        QVERIFY(family.name == "light" || family.name == "middle" || family.name == "dark");
      }
    for (const J& c : told["colors"]) wanted.insert(c["hex"]);
    QVERIFY(hexes == wanted);
  }
  void looks_are_those_of_the_core() {
    const QTemporaryDir folder;
    const QString path = folder.filePath("photo.png"), out = folder.filePath("out.png");
    QVERIFY(a_photo().save(path));
    const QImage image = a_photo();
    const PixelView view = view_of(image);
    const FineValues values = fine_values(view);
    std::vector<Pixel> pixels(60 * 40);
    const auto check = [&](const char* as) {
      const J told = run({"look", path, "--as", as, "--piece", DEMO_PIECE, "--force", "-o", out}).json();
      QVERIFY(told["files"] == J{out.toStdString()} && told["width"] == 60 && told["height"] == 40);
      const QImage got = QImage(out).convertToFormat(QImage::Format_RGB32);
      for (int y = 0; y < 40; ++y)
        for (int x = 0; x < 60; ++x)
          QVERIFY2((got.pixel(x, y) & 0xffffffu) == pixels[static_cast<std::size_t>(y * 60 + x)].rgb(), as);
    };
    to_value_greys(view.pixels, pixels.data(), pixels.size());
    check("value");
    for (const auto& [as, tones] : {std::pair{"flat:2", 2}, {"flat:5", 5}}) {
      to_flat_tones(view, flat_tones(values, flat_limits(values, tones)), pixels.data());
      check(as);
    }
    for (const auto& [as, tones] : {std::pair{"steps:2", 2}, {"steps:101", 101}}) {
      to_flat_tones(view, even_tones(tones), pixels.data());
      check(as);
    }
    for (const auto& [as, radius] : {std::pair{"squint:0", 0.0}, {"squint:2.5", 2.5}}) {
      squint(view, radius, pixels.data());
      check(as);
    }
    const Piece piece = demo();
    MaskMapper(Wheel(piece.wheel), MaskRegion(*piece.mask)).map(view, pixels.data());
    check("mask");
    QCOMPARE(run({"look", path, "--as", "squint:1000", "--force", "-o", out}).code, 0);
    for (const char* bad :
         {"flat:1", "flat:6", "flat:2.5", "flat", "steps:1", "steps:102", "steps", "squint:-1",
          "squint:", "squint:1001", "squint", "value:3", "mask:3", "grey", "flat:", "flat:3x"}) {
      const Run r =
          run({"look", path, "--as", bad, "--piece", DEMO_PIECE, "-o", folder.filePath("never.png")});
      QVERIFY2(r.code == 2 && r.error.count('\n') == 1, bad);
    }
    QCOMPARE(run({"look", path, "--as", "mask", "-o", folder.filePath("never.png")}).code, 2);
    QVERIFY(!QFile::exists(folder.filePath("never.png")));
  }
};

QTEST_GUILESS_MAIN(PicturesTest)
#include "pictures_test.moc"
