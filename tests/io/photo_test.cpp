// SPDX-License-Identifier: GPL-3.0-or-later
// Photos of every odd kind: orientation, size, damage, formats.
#include "core/color/convert.h"
#include "core/try/areas.h"
#include "core/try/match.h"
#include "io/photo/decode.h"
#include "io/photo/profile.h"
#include "support/check.h"
#include "support/made_photos.h"

#include <QColorSpace>
#include <QFile>
#include <exiv2/exiv2.hpp>

using namespace zc;
using namespace zc::test;

namespace {

/// Four different corners, to see how a photo is turned.
QImage cornered() {
  QImage image = flat(48, 32, 0xff000000);
  for (int y = 0; y < 32; ++y)
    for (int x = 0; x < 48; ++x)
      image.setPixel(x, y, x < 24 ? (y < 16 ? 0xffff0000 : 0xff0000ff) : (y < 16 ? 0xff00ff00 : 0xffffffff));
  return image;
}

Data with_orientation(const Data& photo, int orientation) {
  auto image = Exiv2::ImageFactory::open(photo.data(), static_cast<long>(photo.size()));
  image->readMetadata();
  image->exifData()["Exif.Image.Orientation"] = static_cast<uint16_t>(orientation);
  image->writeMetadata();
  auto& io = image->io();
  io.open();
  Data out(io.size());
  io.read(out.data(), static_cast<long>(out.size()));
  return out;
}

} // namespace

class PhotoTest : public QObject {
  Q_OBJECT
private slots:
  void plain_photos_come_as_they_are();
  void photos_are_bounded();
  void orientation_is_applied_data();
  void orientation_is_applied();
  void a_coarse_picture_comes_first();
  void damaged_photos_say_so();
  void decoding_reports_and_stops();
  void heif_avif_and_drawings_are_read();
  void areas_belong_to_the_picture_and_not_to_its_raster();
};

void PhotoTest::plain_photos_come_as_they_are() {
  for (const char* format : {"png", "jpeg", "bmp", "tiff", "webp"}) {
    // A lossless WebP of one color has less than the 40 bytes that Qt 6.8 wants to look at.
    const int quality = QByteArray(format) == "webp" ? 95 : 100;
    const auto image = decode_photo(encoded(flat(40, 30, 0xff60a0c0), format, quality), "photo");
    QVERIFY2(image, format);
    QCOMPARE(image->size(), QSize(40, 30));
    QCOMPARE(image->depth(), 32);
    CHECK_PIXEL(*image, qRgb(0x60, 0xa0, 0xc0), 2);
  }
  const auto one = decode_photo(encoded(flat(1, 1, 0xff123456), "png"), "photo");
  QVERIFY(one && middle(*one) == 0xff123456);
  const auto clear = decode_photo(encoded(flat(8, 8, 0x80402010, QImage::Format_ARGB32), "png"), "photo");
  QVERIFY(clear && clear->hasAlphaChannel() && middle(*clear) == 0x80402010);
  const PixelView view = view_of(*clear);
  QCOMPARE(view.row(7)[7].word, 0x80402010u);
  const auto grey = decode_photo(jpeg_of(Data(64, 0x50), 8, 8, 1, JCS_GRAYSCALE), "photo");
  QVERIFY(grey);
  CHECK_PIXEL(*grey, qRgb(0x50, 0x50, 0x50), 1);
}

void PhotoTest::photos_are_bounded() {
  // A head alone says how large a picture is: 400 million pixels are read as far as they go, a row more is
  // not begun.
  const auto head = [](const char* size) {
    const QByteArray text = QByteArray("P6\n") + size + "\n255\n";
    return Data(text.begin(), text.end());
  };
  QCOMPARE(decode_photo(head("20000 20000"), "wide.ppm").error().code, ErrorCode::Unreadable);
  QCOMPARE(decode_photo(head("20000 20001"), "wide.ppm").error().code, ErrorCode::TooLarge);
  QCOMPARE(decode_photo(head("20000 20001"), "wide.ppm").error().sentence(),
           std::string("\"wide.ppm\" has more than 400 million pixels; make it smaller first."));
  // The same in a JPEG, by its frame header (ISO/IEC 10918-1, B.2.2).
  Data jpeg = encoded(flat(16, 16, 0xff808080), "jpeg");
  for (std::size_t i = 0; i + 9 < jpeg.size(); ++i)
    if (jpeg[i] == 0xff && jpeg[i + 1] == 0xc0) jpeg[i + 5] = jpeg[i + 7] = 0x4f;
  QCOMPARE(decode_photo(jpeg, "wide.jpg").error().code, ErrorCode::TooLarge);
  // A marker in the midst of the data ends it; so does the end of the file.
  QImage noise(200, 200, QImage::Format_RGB32);
  for (int i = 0; i < 40'000; ++i)
    noise.setPixel(i % 200, i / 200, 0xff000000u | static_cast<QRgb>(i * 2654435761u >> 8));
  Data broken = encoded(noise, "jpeg", 90);
  broken[broken.size() / 2] = 0xff;
  broken[broken.size() / 2 + 1] = 0xd9;
  QVERIFY(!decode_photo(broken, "x") && decode_photo(broken, "x").error().place == "x");
  QCOMPARE(decode_photo(broken, "x").error().sentence(),
           std::string("\"x\" is cut short or damaged; choose another copy of the photo."));
  QCOMPARE(decode_photo({}, "x").error().sentence(), std::string("\"x\" is an empty file."));
  // An orientation that does not exist is none.
  for (const int orientation : {0, 9, 200}) {
    const Data turned = with_orientation(encoded(cornered(), "jpeg"), orientation);
    QCOMPARE(read_metadata(turned).orientation, 1);
    QCOMPARE(decode_photo(turned, "x")->size(), QSize(48, 32));
  }
  QCOMPARE(read_metadata(with_orientation(encoded(cornered(), "jpeg"), 8)).orientation, 8);
  // What the profile calls itself, or that it does not.
  QImage wide = flat(4, 4, 0xff808080);
  wide.setColorSpace(QColorSpace::AdobeRgb);
  QVERIFY(profile_name(read_metadata(encoded(wide, "png")).icc).find("Adobe") != std::string::npos);
  QCOMPARE(profile_name("no profile"), std::string("unnamed"));
  QVERIFY(read_metadata(encoded(flat(4, 4, 0xff808080), "png")).icc.isEmpty());
  // Ink the way of the file format, where no marker of Adobe's turns it round: 0 is no ink.
  Data ink;
  for (int at = 0; at < 64; ++at) ink.insert(ink.end(), {0, 0, 0, 64});
  const Data plain = jpeg_of(ink, 8, 8, 4, JCS_CMYK, press_profile(), false);
  const auto printed = decode_photo(plain, "x");
  QVERIFY2(printed, printed ? "" : printed.error().sentence().c_str());
  QVERIFY(
      !printed->hasAlphaChannel() &&
      !decode_photo(jpeg_of(Data(64, 9), 8, 8, 1, JCS_GRAYSCALE, grey_profile(2)), "x")->hasAlphaChannel());
  CHECK_NEAR(value_of(srgb_from_8bit(color_of({middle(*printed)}))), 100 - 95 * 64 / 255.0, 0.03);
  // Stopped while the profile is followed, too; told in order, to the end.
  QImage large = flat(300, 300, 0xff8060a0);
  large.setColorSpace(QColorSpace::AdobeRgb);
  for (const char* format : {"png", "jpeg"}) {
    const Data data = encoded(large, format);
    double last = 0;
    QVERIFY(decode_photo(data, "x", [&last](double p) {
      const bool good = p >= 0 && p <= 1;
      last = p;
      return good;
    }));
    QVERIFY(last > 0.9);
    QCOMPARE(decode_photo(data, "x", [](double p) { return p < 0.85; }).error().code, ErrorCode::Stopped);
  }
}

void PhotoTest::orientation_is_applied_data() {
  QTest::addColumn<int>("orientation");
  QTest::addColumn<QString>("corners"); // top left, top right, bottom left, bottom right
  // EXIF 2.32, tag 274. The upright photo has red, green over blue, white.
  QTest::newRow("1") << 1 << "rgbw";
  QTest::newRow("2 mirrored") << 2 << "grwb";
  QTest::newRow("3 half turn") << 3 << "wbgr";
  QTest::newRow("4 flipped") << 4 << "bwrg";
  QTest::newRow("5 transposed") << 5 << "rbgw";
  QTest::newRow("6 quarter clockwise") << 6 << "brwg";
  QTest::newRow("7 transversed") << 7 << "wgbr";
  QTest::newRow("8 quarter counter") << 8 << "gwrb";
}

void PhotoTest::orientation_is_applied() {
  QFETCH(int, orientation);
  QFETCH(QString, corners);
  for (const char* format : {"jpeg", "png"}) {
    const auto image = decode_photo(with_orientation(encoded(cornered(), format), orientation), "photo");
    QVERIFY(image);
    const int w = image->width(), h = image->height();
    QCOMPARE(QSize(w, h), orientation < 5 ? QSize(48, 32) : QSize(32, 48));
    QString got;
    for (const QPoint p : {QPoint(4, 4), QPoint(w - 5, 4), QPoint(4, h - 5), QPoint(w - 5, h - 5)}) {
      const QRgb c = image->pixel(p);
      got += qRed(c) > 128 ? (qGreen(c) > 128 ? 'w' : 'r') : (qGreen(c) > 128 ? 'g' : 'b');
    }
    QCOMPARE(got, corners);
  }
}

/// An eighth along a side, upright and through the profile like the photo itself.
void PhotoTest::a_coarse_picture_comes_first() {
  QImage image = cornered().scaled(480, 320);
  image.setColorSpace(QColorSpace(QColorSpace::AdobeRgb));
  const Data photo = with_orientation(encoded(image, "jpeg"), 6);
  const QImage full = decode_photo(photo, "turned").value();
  const auto coarse = decode_coarse(photo, "turned");
  QVERIFY(coarse);
  QCOMPARE(coarse->size(), QSize(40, 60));
  for (const QPoint at : {QPoint(5, 5), QPoint(34, 5), QPoint(5, 54), QPoint(34, 54)}) {
    const QColor a = coarse->pixelColor(at), b = full.pixelColor(at * 8);
    QVERIFY(std::abs(a.red() - b.red()) < 6 && std::abs(a.green() - b.green()) < 6 &&
            std::abs(a.blue() - b.blue()) < 6);
  }
  QVERIFY(!decode_coarse(encoded(cornered(), "png"), "png") &&
          !decode_coarse({0xff, 0xd8, 0xff, 1}, "broken"));
}

void PhotoTest::damaged_photos_say_so() {
  QImage noise(300, 200, QImage::Format_RGB32);
  for (int y = 0; y < 200; ++y)
    for (int x = 0; x < 300; ++x)
      noise.setPixel(x, y, 0xff000000u | static_cast<QRgb>((x * 7919 + y * 104729) * 2654435761u >> 8));
  for (const char* format : {"jpeg", "png", "webp", "tiff", "bmp", "ppm", "pgm", "pbm"}) {
    const Data whole = encoded(noise, format, 90);
    for (const double share : {0.02, 0.3, 0.7, 0.95}) {
      const auto cut = decode_photo(
          Data(whole.begin(),
               whole.begin() + static_cast<std::ptrdiff_t>(share * static_cast<double>(whole.size()))),
          "cut.jpg");
      QVERIFY2(!cut, qPrintable(QStringLiteral("%1 cut at %2").arg(QLatin1String(format)).arg(share)));
      QVERIFY(cut.error().sentence().starts_with("\"cut.jpg\" is "));
    }
  }
  for (const std::string& text :
       {std::string(), std::string("shopping list: ochre, umber"), std::string("\x89PNG\r\n\x1a\n")}) {
    const auto image = decode_photo(Data(text.begin(), text.end()), "list.png");
    QVERIFY(!image);
    QCOMPARE(image.error().code, ErrorCode::Unreadable);
  }
  const auto bad_profile = decode_photo(jpeg_of(Data(192, 0x40), 8, 8, 3, JCS_RGB, Data(200, 3)), "photo");
  QVERIFY(!bad_profile);
  QVERIFY(bad_profile.error().sentence().find("profile") != std::string::npos);
}

void PhotoTest::decoding_reports_and_stops() {
  const QImage big = flat(2000, 1500, 0xff336699);
  for (const char* format : {"jpeg", "png"}) {
    const Data data = encoded(big, format);
    double last = -1;
    int calls = 0;
    QVERIFY(decode_photo(data, "photo", [&](double p) {
      ++calls;
      last = std::max(last, p);
      return p >= 0 && p <= 1;
    }));
    QVERIFY(calls > 2 && last > 0.5);
    const auto stopped = decode_photo(data, "photo", [&](double) { return false; });
    QVERIFY(!stopped);
    QCOMPARE(stopped.error().code, ErrorCode::Stopped);
  }
}

void PhotoTest::heif_avif_and_drawings_are_read() {
  for (const auto format : {heif_compression_HEVC, heif_compression_AV1}) {
    const Data bytes = heif_bytes(format, qRgb(180, 90, 40));
    if (bytes.empty()) continue; // No encoder of this kind on the machine to make one with.
    const auto image = decode_photo(bytes, "phone");
    QVERIFY(image);
    QCOMPARE(image->size(), QSize(64, 48));
    const QRgb c = image->pixel(20, 20);
    QVERIFY(std::abs(qRed(c) - 180) < 4 && std::abs(qGreen(c) - 90) < 4 && std::abs(qBlue(c) - 40) < 4);
    const auto cut = decode_photo(
        Data(bytes.begin(), bytes.begin() + static_cast<std::ptrdiff_t>(bytes.size() / 2)), "cut");
    QVERIFY(!cut && cut.error().sentence().find("cut short") != std::string::npos);
  }
  const QByteArray svg("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"40\" height=\"30\">"
                       "<rect width=\"20\" height=\"30\" fill=\"#c04020\"/></svg>");
  const auto drawing = decode_photo(Data(svg.begin(), svg.end()), "drawing");
  QVERIFY(drawing);
  QCOMPARE(drawing->pixel(5, 5), qRgb(0xc0, 0x40, 0x20));
  QCOMPARE(qAlpha(drawing->pixel(30, 5)), 0);
}

/// A picture at three quarters of its size has the same swatches nearly everywhere, as far as areas of these
/// pictures do not hang by a thread: where one falls apart or not by a pixel, more may change.
void PhotoTest::areas_belong_to_the_picture_and_not_to_its_raster() {
  std::vector<MatchColor> set;
  for (const std::uint32_t word :
       {0xfce3c4u, 0xf2bc85u, 0xd8904au, 0xa3713bu, 0x5f4a33u, 0xe8a284u, 0xc67658u, 0x985740u, 0x61392fu,
        0x38231fu, 0xa9acb9u, 0x727f98u, 0x53606fu, 0x36414cu, 0x1d222bu, 0x8f97d0u, 0x5a66b5u, 0x3d4680u,
        0x232a4au})
    set.push_back({srgb_from_8bit(color_of({word})), 0});
  const SwatchMatcher matcher(set);
  const auto swatches = [&](const QImage& image) {
    const auto areas = *cut_into_areas(view_of(image), {});
    std::vector<std::size_t> bound, out;
    for (const PictureArea& a : areas.areas)
      bound.push_back(matcher.nearest(lab_from_xyz(xyz_from_oklab(a.mean))).swatch);
    for (const AreaNumber n : areas.numbers) out.push_back(bound[n]);
    return out;
  };
  for (const char* name : {"blue-hour.jpg", "forge.jpg", "noon.jpg"}) {
    QFile file(QStringLiteral(DEMO_PHOTOS "/") + QLatin1String(name));
    QVERIFY(file.open(QIODevice::ReadOnly));
    const QByteArray data = file.readAll();
    const QImage photo = *decode_photo({data.begin(), data.end()}, name);
    const QImage smaller = reduced(photo, photo.width() * 3 / 4, photo.height() * 3 / 4);
    const auto before = swatches(photo), after = swatches(smaller);
    std::size_t changed = 0;
    for (int y = 0; y < photo.height(); ++y)
      for (int x = 0; x < photo.width(); ++x)
        changed += before[static_cast<std::size_t>(y * photo.width() + x)] !=
                   after[static_cast<std::size_t>(y * 3 / 4 * smaller.width() + x * 3 / 4)];
    QVERIFY2(changed <= before.size() / 20,
             qPrintable(QString("%1: %2 of %3").arg(name).arg(changed).arg(before.size())));
  }
}

QTEST_GUILESS_MAIN(PhotoTest)
#include "photo_test.moc"
