// SPDX-License-Identifier: GPL-3.0-or-later
// The colors of photos: profiles, inks, depth, tone, coded primaries.
#include "core/color/convert.h"
#include "core/color/named_spaces.h"
#include "core/try/match.h"
#include "io/photo/decode.h"
#include "support/check.h"
#include "support/made_photos.h"

#include <QColorSpace>
#include <QFile>
#include <QTemporaryDir>
#include <array>
#include <exiv2/exiv2.hpp>
#include <jpeglib.h>
#include <lcms2.h>
#include <tiffio.h>

using namespace zc;
using namespace zc::test;

namespace {

/// A TIFF of one flat CMYK color, 40 x 24, its inks 0 to 255.
Data tiff_of(std::array<std::uint8_t, 4> ink, int bits, bool tiled, bool planar, const Data& icc,
             int compression = COMPRESSION_LZW) {
  const QTemporaryDir folder;
  const std::string path = folder.filePath("ink.tif").toStdString();
  TIFF* tiff = TIFFOpen(path.c_str(), "w");
  constexpr std::uint32_t wide = 40, high = 24;
  TIFFSetField(tiff, TIFFTAG_IMAGEWIDTH, wide);
  TIFFSetField(tiff, TIFFTAG_IMAGELENGTH, high);
  TIFFSetField(tiff, TIFFTAG_BITSPERSAMPLE, bits);
  TIFFSetField(tiff, TIFFTAG_SAMPLESPERPIXEL, 4);
  TIFFSetField(tiff, TIFFTAG_PHOTOMETRIC, PHOTOMETRIC_SEPARATED);
  TIFFSetField(tiff, TIFFTAG_COMPRESSION, compression);
  TIFFSetField(tiff, TIFFTAG_PLANARCONFIG, planar ? PLANARCONFIG_SEPARATE : PLANARCONFIG_CONTIG);
  if (!icc.empty())
    TIFFSetField(tiff, TIFFTAG_ICCPROFILE, static_cast<std::uint32_t>(icc.size()), icc.data());
  const int side = 16, row = tiled ? side : wide, rows = tiled ? side * side : static_cast<int>(wide);
  if (tiled) {
    TIFFSetField(tiff, TIFFTAG_TILEWIDTH, side);
    TIFFSetField(tiff, TIFFTAG_TILELENGTH, side);
  }
  for (std::uint16_t plane = 0; plane < (planar ? 4 : 1); ++plane) {
    Data samples;
    for (int x = 0; x < rows; ++x)
      for (int i = planar ? plane : 0; i <= (planar ? plane : 3); ++i)
        samples.insert(samples.end(), static_cast<std::size_t>(bits / 8), ink[static_cast<std::size_t>(i)]);
    for (std::uint32_t y = 0; y < high; y += tiled ? side : 1)
      for (std::uint32_t x = 0; x < wide; x += static_cast<std::uint32_t>(row)) {
        Data copy = samples;
        if (tiled)
          TIFFWriteTile(tiff, copy.data(), x, y, 0, plane);
        else
          TIFFWriteScanline(tiff, copy.data(), y, plane);
      }
  }
  TIFFClose(tiff);
  QFile file(QString::fromStdString(path));
  if (!file.open(QIODevice::ReadOnly)) qFatal("no tiff");
  const QByteArray bytes = file.readAll();
  return Data(bytes.begin(), bytes.end());
}

/// A PNG with one chunk more behind its head (ISO/IEC 15948, 5.3 and annex D).
static Data with_chunk(const Data& png, const QByteArray& type, const QByteArray& data) {
  std::uint32_t crc = 0xffffffffu;
  for (const char c : type + data) {
    crc ^= static_cast<unsigned char>(c);
    for (int i = 0; i < 8; ++i) crc = crc >> 1 ^ (crc & 1 ? 0xedb88320u : 0);
  }
  const auto number = [](std::uint32_t x) {
    return QByteArray().append(char(x >> 24)).append(char(x >> 16)).append(char(x >> 8)).append(char(x));
  };
  const QByteArray chunk = number(static_cast<std::uint32_t>(data.size())) + type + data + number(~crc);
  Data out = png;
  out.insert(out.begin() + 33, chunk.begin(), chunk.end());
  return out;
}

/// L* by Little CMS alone: its sRGB to XYZ, taken back from the white of its connection space to D65.
static double lightness_by_library(cmsHTRANSFORM to_xyz, std::uint32_t word) {
  const std::uint8_t rgb[] = {std::uint8_t(word >> 16), std::uint8_t(word >> 8), std::uint8_t(word)};
  double xyz[3];
  cmsDoTransform(to_xyz, rgb, xyz, 1);
  const cmsCIExyY d65_chromaticity{0.3127, 0.3290, 1};
  cmsCIEXYZ d65, adapted, given{xyz[0], xyz[1], xyz[2]};
  cmsxyY2XYZ(&d65, &d65_chromaticity);
  cmsAdaptToIlluminant(&adapted, cmsD50_XYZ(), &d65, &given);
  cmsCIELab lab;
  cmsXYZ2Lab(&d65, &lab, &adapted);
  return lab.L;
}

} // namespace

class PhotoColorTest : public QObject {
  Q_OBJECT
private slots:
  void profiles_are_followed();
  void grey_and_cmyk_profiles_are_followed();
  void cmyk_tiffs_are_read_as_cmyk_jpegs();
  void deep_photos_keep_their_tone();
  void depth_alpha_and_profile_go_together_data();
  void depth_alpha_and_profile_go_together();
  void photos_state_their_own_tone();
  void values_agree_with_little_cms();
  void coded_primaries_are_read();
};

void PhotoColorTest::profiles_are_followed() {
  // Adobe RGB (1998) green lies outside sRGB; a middle color moves by a known amount. Expected numbers
  // through Qt's own color management, another implementation than the one under test.
  for (const char* format : {"png", "jpeg"}) {
    QImage image = flat(16, 16, 0xff8060a0);
    image.setColorSpace(QColorSpace::AdobeRgb);
    QImage expected = image;
    expected.convertToColorSpace(QColorSpace::SRgb);
    QVERIFY(!close_to(middle(expected), middle(image), 4));
    const auto decoded = decode_photo(encoded(image, format), "photo");
    QVERIFY(decoded);
    CHECK_PIXEL(*decoded, middle(expected), 2);
  }
}

void PhotoColorTest::grey_and_cmyk_profiles_are_followed() {
  const Data grey = jpeg_of(Data(256, 0x80), 16, 16, 1, JCS_GRAYSCALE, grey_profile(1.0));
  const auto linear = decode_photo(grey, "photo");
  QVERIFY(linear);
  const int expected = static_cast<int>(std::lround(255 * encoded_from_linear(128 / 255.0)));
  CHECK_PIXEL(*linear, qRgb(expected, expected, expected), 2);

  // libjpeg marks CMYK as Adobe's, whose ink bytes are inverted: 255 is no ink.
  Data ink;
  for (int i = 0; i < 256; ++i) ink.insert(ink.end(), {255, 255, 255, 128});
  const auto bare = decode_photo(jpeg_of(ink, 16, 16, 4, JCS_CMYK), "ad.jpg");
  QVERIFY(!bare);
  QVERIFY(bare.error().sentence().find("CMYK photo without a color profile") != std::string::npos);
  const auto printed = decode_photo(jpeg_of(ink, 16, 16, 4, JCS_CMYK, press_profile()), "ad.jpg");
  QVERIFY2(printed, printed ? "" : printed.error().sentence().c_str());
  // Half black ink: L* = 100 - 95 * 127 / 255, scaled by black point compensation from the press's black of
  // L* 0.
  const double value = value_of(srgb_from_8bit(color_of({middle(*printed)})));
  CHECK_NEAR(value, 100 - 95 * 127 / 255.0, 0.03);
}

/// The same inks through the same profile as in a JPEG.
void PhotoColorTest::cmyk_tiffs_are_read_as_cmyk_jpegs() {
  const std::array<std::uint8_t, 4> ink{0, 0, 0, 127};
  Data inverted;
  for (int i = 0; i < 256; ++i)
    for (const std::uint8_t c : ink) inverted.push_back(static_cast<unsigned char>(255 - c));
  const auto jpeg = decode_photo(jpeg_of(inverted, 16, 16, 4, JCS_CMYK, press_profile()), "ad.jpg");
  QVERIFY(jpeg);
  for (const int bits : {8, 16})
    for (const bool tiled : {false, true})
      for (const bool planar : {false, true}) {
        const Data photo = tiff_of(ink, bits, tiled, planar, press_profile());
        const auto read = decode_photo(photo, "ad.tif");
        QVERIFY2(read, read ? "" : read.error().sentence().c_str());
        QCOMPARE(read->size(), QSize(40, 24));
        for (const QPoint at : {QPoint(0, 0), QPoint(39, 23)})
          QVERIFY(close_to(read->pixel(at), middle(*jpeg), 1));
        Data cut(photo.begin(), photo.begin() + static_cast<std::ptrdiff_t>(photo.size() / 3));
        QVERIFY(!decode_photo(cut, "cut.tif"));
      }
  const auto bare = decode_photo(tiff_of(ink, 8, false, false, {}), "ad.tif");
  QVERIFY(!bare && bare.error().sentence().find("CMYK photo without a color profile") != std::string::npos);
  QVERIFY(decode_photo(tiff_of(ink, 8, false, false, press_profile(), COMPRESSION_ADOBE_DEFLATE), "ad.tif"));
}

void PhotoColorTest::deep_photos_keep_their_tone() {
  QImage deep(8, 8, QImage::Format_RGBX64);
  deep.fill(QColor::fromRgba64(0x8000, 0x4000, 0xc0ff));
  const auto image = decode_photo(encoded(deep, "png"), "photo");
  QVERIFY(image);
  CHECK_PIXEL(*image, qRgb(0x80, 0x40, 0xc0), 1);
  QImage grey(8, 8, QImage::Format_Grayscale16);
  grey.fill(QColor::fromRgba64(0x6000, 0x6000, 0x6000));
  const auto plain = decode_photo(encoded(grey, "png"), "photo");
  QVERIFY(plain);
  CHECK_PIXEL(*plain, qRgb(0x60, 0x60, 0x60), 1);
  deep.setColorSpace(QColorSpace::DisplayP3);
  QImage expected = deep;
  expected.convertToColorSpace(QColorSpace::SRgb);
  const auto wide = decode_photo(encoded(deep, "png"), "photo");
  QVERIFY(wide);
  CHECK_PIXEL(*wide, expected.convertToFormat(QImage::Format_RGB32).pixel(4, 4), 2);
}

void PhotoColorTest::depth_alpha_and_profile_go_together_data() {
  QTest::addColumn<int>("format");
  QTest::addColumn<bool>("profile");
  const std::pair<const char*, QImage::Format> formats[] = {
      {"8 bits", QImage::Format_RGB32},    {"8 bits, alpha", QImage::Format_ARGB32},
      {"16 bits", QImage::Format_RGBX64},  {"16 bits, alpha", QImage::Format_RGBA64},
      {"grey", QImage::Format_Grayscale8}, {"grey, 16 bits", QImage::Format_Grayscale16},
      {"indexed", QImage::Format_Indexed8}};
  for (const auto& [name, format] : formats)
    for (const bool profile : {false, true})
      if (!profile || format < QImage::Format_Grayscale8 || format > QImage::Format_Grayscale16)
        QTest::addRow("%s%s", name, profile ? ", profile" : "") << static_cast<int>(format) << profile;
}

void PhotoColorTest::depth_alpha_and_profile_go_together() {
  QFETCH(int, format);
  QFETCH(bool, profile);
  const QColor color = QColor::fromRgba64(0x9000, 0x6000, 0x3000, 0xffff);
  QImage image(12, 10, QImage::Format_RGBA64);
  image.fill(color);
  for (int x = 0; x < 6; ++x)
    for (int y = 0; y < 10; ++y)
      image.setPixelColor(x, y, QColor::fromRgba64(0x9000, 0x6000, 0x3000, 0x8000));
  const bool alpha = format == QImage::Format_ARGB32 || format == QImage::Format_RGBA64;
  image.convertTo(static_cast<QImage::Format>(format));
  if (profile) image.setColorSpace(QColorSpace::DisplayP3);
  QImage expected = image.convertToFormat(alpha ? QImage::Format_ARGB32 : QImage::Format_RGB32);
  if (profile) expected.convertToColorSpace(QColorSpace::SRgb);
  const auto decoded = decode_photo(encoded(image, "png"), "photo");
  QVERIFY2(decoded, decoded ? "" : decoded.error().sentence().c_str());
  QVERIFY(!decoded->colorSpace().isValid());
  if (alpha) QVERIFY(decoded->hasAlphaChannel());
  for (const int x : {2, 9}) {
    const QRgb got = decoded->pixel(x, 5), wanted = expected.pixel(x, 5);
    QVERIFY2(close_to(got, wanted, 2),
             qPrintable(QString::number(got, 16) + " " + QString::number(wanted, 16)));
    if (alpha)
      QVERIFY(std::abs(qAlpha(got) - (x == 2 ? 0x80 : 0xff)) <= 1);
    else
      QCOMPARE(qAlpha(got), 0xff);
  }
}

void PhotoColorTest::photos_state_their_own_tone() {
  const int expected = static_cast<int>(std::lround(255 * encoded_from_linear(128 / 255.0)));
  const Data icc = grey_profile(1.0);
  const QByteArray packed = qCompress(icc.data(), static_cast<qsizetype>(icc.size())).mid(4);
  for (const auto format : {QImage::Format_Grayscale8, QImage::Format_Grayscale16}) {
    QImage grey(8, 8, format);
    grey.fill(QColor::fromRgba64(0x8080, 0x8080, 0x8080));
    const Data plain = encoded(grey, "png");
    const auto linear = decode_photo(with_chunk(plain, "iCCP", QByteArray("g\0\0", 3) + packed), "x");
    QVERIFY2(linear, linear ? "" : linear.error().sentence().c_str());
    CHECK_PIXEL(*linear, qRgb(expected, expected, expected), 2);
    // Without a profile a file may state its gamma in a number: 1.0, in hundred thousandths.
    const auto stated = decode_photo(
        with_chunk(encoded(flat(8, 8, 0xff808080), "png"), "gAMA", QByteArray("\0\1\x86\xa0", 4)), "x");
    QVERIFY(stated);
    CHECK_PIXEL(*stated, qRgb(expected, expected, expected), 2);
  }
}

void PhotoColorTest::values_agree_with_little_cms() {
  cmsHPROFILE srgb = cmsCreate_sRGBProfile(), xyz = cmsCreateXYZProfile();
  cmsHTRANSFORM to_xyz = cmsCreateTransform(srgb, TYPE_RGB_8, xyz, TYPE_XYZ_DBL, INTENT_RELATIVE_COLORIMETRIC,
                                            cmsFLAGS_NOOPTIMIZE | cmsFLAGS_NOCACHE);
  cmsCloseProfile(srgb);
  cmsCloseProfile(xyz);
  for (const char* name : {"blue-hour.jpg", "forge.jpg", "noon.jpg"}) {
    QFile file(QStringLiteral(DEMO_PHOTOS "/") + QLatin1String(name));
    QVERIFY(file.open(QIODevice::ReadOnly));
    const QByteArray data = file.readAll();
    const auto image = decode_photo({data.begin(), data.end()}, name);
    QVERIFY(image);
    const PixelView view = view_of(*image);
    std::vector<std::uint32_t> colors(static_cast<std::size_t>(view.width) * view.height);
    std::transform(view.pixels, view.pixels + colors.size(), colors.begin(), [](Pixel p) { return p.word; });
    // Every pixel, each different color once.
    std::sort(colors.begin(), colors.end());
    colors.erase(std::unique(colors.begin(), colors.end()), colors.end());
    QVERIFY(colors.size() > 10'000);
    for (const std::uint32_t w : colors) {
      const double expected = lightness_by_library(to_xyz, w);
      // The grey's level is the nearest: half a level of L* at this place, and the library's own rounding.
      const auto level = static_cast<int>(value_grey({w}).b());
      const auto value = [](double l) { return value_of({l / 255, l / 255, l / 255}); };
      QVERIFY2(expected > value(level - 0.55) && expected < value(level + 0.55),
               qPrintable(QString::number(w, 16)));
    }
  }
  cmsDeleteTransform(to_xyz);
}

/// As ITU-T H.273 codes them; what they are in sRGB by the conversions of CSS Color 4, which are checked
/// against other libraries on their own.
void PhotoColorTest::coded_primaries_are_read() {
  const QRgb color = qRgb(150, 120, 90);
  const std::array<double, 3> numbers{150 / 255.0, 120 / 255.0, 90 / 255.0};
  const std::tuple<int, int, const char*> codings[] = {
      {12, 13, "display-p3"}, {9, 14, "rec2020"}, {1, 13, "srgb"}, {2, 2, "srgb"}, {1, 8, "srgb-linear"}};
  int read = 0;
  for (const auto format : {heif_compression_HEVC, heif_compression_AV1})
    for (const auto& [primaries, transfer, space] : codings) {
      const Data bytes = heif_bytes(format, color, std::pair(primaries, transfer));
      if (bytes.empty()) continue; // No encoder of this kind on the machine to make one with.
      const auto image = decode_photo(bytes, "coded");
      QVERIFY2(image, image ? "" : image.error().sentence().c_str());
      // Transfer 14 is the camera's curve of ITU-R BT.2020-2, table 4; the space of CSS has the display's.
      auto there = numbers;
      if (transfer == 14)
        for (double& x : there)
          x = std::pow(x < 4.5 * 0.018053968510807
                           ? x / 4.5
                           : std::pow((x + 0.09929682680944) / 1.09929682680944, 1 / 0.45),
                       1 / 2.4);
      const Srgb8 wanted = rounded_8bit(srgb_from_xyz(*xyz_in_space(space, there)));
      const QRgb c = image->pixel(20, 20);
      QVERIFY2(std::abs(qRed(c) - wanted.r) < 5 && std::abs(qGreen(c) - wanted.g) < 5 &&
                   std::abs(qBlue(c) - wanted.b) < 5,
               qPrintable(QString("%1 %2: %3, wanted %4")
                              .arg(space)
                              .arg(transfer)
                              .arg(c, 0, 16)
                              .arg(pixel_of(wanted).word, 0, 16)));
      ++read;
      const auto bright = decode_photo(heif_bytes(format, color, std::pair(9, 16)), "bright");
      QVERIFY(!bright && bright.error().sentence().find("H.273") != std::string::npos);
    }
  QVERIFY(read > 0);
}

QTEST_GUILESS_MAIN(PhotoColorTest)
#include "photo_color_test.moc"
