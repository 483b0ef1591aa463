// SPDX-License-Identifier: GPL-3.0-or-later
// Photos of every odd kind: profiles, orientation, depth, damage.
#include "core/color/convert.h"
#include "core/color/named_spaces.h"
#include "core/try/areas.h"
#include "core/try/match.h"
#include "io/photo/decode.h"
#include "io/photo/profile.h"
#include "support/check.h"

#include <QBuffer>
#include <QColorSpace>
#include <QImageWriter>
#include <QTemporaryDir>
#include <array>
#include <cstdio>
#include <exiv2/exiv2.hpp>
#include <jpeglib.h>
#include <lcms2.h>
#include <libheif/heif.h>
#include <tiffio.h>

using namespace zc;
using namespace zc::test;

namespace {

using Data = std::vector<unsigned char>;

Data encoded(const QImage& image, const char* format, int quality = 100) {
  QByteArray out;
  QBuffer buffer(&out);
  buffer.open(QIODevice::WriteOnly);
  QImageWriter writer(&buffer, format);
  writer.setQuality(quality);
  if (!writer.write(image)) qFatal("cannot write %s", format);
  return Data(out.begin(), out.end());
}

QImage flat(int w, int h, QRgb color, QImage::Format format = QImage::Format_RGB32) {
  QImage image(w, h, format);
  image.fill(QColor::fromRgba(color));
  return image;
}

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

Data jpeg_of(const Data& samples, int width, int height, int components, J_COLOR_SPACE space,
             const Data& icc = {}, bool adobe_marker = true) {
  jpeg_compress_struct info{};
  jpeg_error_mgr errors{};
  info.err = jpeg_std_error(&errors);
  jpeg_create_compress(&info);
  unsigned char* memory = nullptr;
  unsigned long size = 0;
  jpeg_mem_dest(&info, &memory, &size);
  info.image_width = static_cast<JDIMENSION>(width);
  info.image_height = static_cast<JDIMENSION>(height);
  info.input_components = components;
  info.in_color_space = space;
  jpeg_set_defaults(&info);
  jpeg_set_quality(&info, 100, TRUE);
  if (!adobe_marker) info.write_Adobe_marker = FALSE;
  jpeg_start_compress(&info, TRUE);
  if (!icc.empty()) jpeg_write_icc_profile(&info, icc.data(), static_cast<unsigned>(icc.size()));
  while (info.next_scanline < info.image_height) {
    auto* row = const_cast<JSAMPROW>(samples.data() +
                                     static_cast<std::size_t>(info.next_scanline) * width * components);
    jpeg_write_scanlines(&info, &row, 1);
  }
  jpeg_finish_compress(&info);
  Data out(memory, memory + size);
  jpeg_destroy_compress(&info);
  free(memory);
  return out;
}

Data saved_profile(cmsHPROFILE profile) {
  cmsUInt32Number size = 0;
  cmsSaveProfileToMem(profile, nullptr, &size);
  Data out(size);
  cmsSaveProfileToMem(profile, out.data(), &size);
  cmsCloseProfile(profile);
  return out;
}

Data grey_profile(double gamma) {
  cmsToneCurve* curve = cmsBuildGamma(nullptr, gamma);
  cmsHPROFILE profile = cmsCreateGrayProfile(cmsD50_xyY(), curve);
  cmsFreeToneCurve(curve);
  return saved_profile(profile);
}

/// A press that only exists here: lightness falls with ink, cyan, magenta and yellow pull their ways.
cmsInt32Number ink_to_lab(const cmsUInt16Number in[], cmsUInt16Number out[], void*) {
  const double c = in[0] / 65535.0, m = in[1] / 65535.0, y = in[2] / 65535.0, k = in[3] / 65535.0;
  const cmsCIELab lab{std::max(0.0, 100 - 40 * c - 45 * m - 10 * y - 95 * k), -35 * c + 70 * m,
                      -45 * c + 85 * y};
  cmsFloat2LabEncoded(out, &lab);
  return TRUE;
}

Data press_profile() {
  cmsHPROFILE profile = cmsCreateProfilePlaceholder(nullptr);
  cmsSetProfileVersion(profile, 4.3);
  cmsSetDeviceClass(profile, cmsSigOutputClass);
  cmsSetColorSpace(profile, cmsSigCmykData);
  cmsSetPCS(profile, cmsSigLabData);
  cmsPipeline* pipeline = cmsPipelineAlloc(nullptr, 4, 3);
  cmsStage* table = cmsStageAllocCLut16bit(nullptr, 9, 4, 3, nullptr);
  cmsStageSampleCLut16bit(table, ink_to_lab, nullptr, 0);
  // The v4 table type wants curves on both sides.
  cmsPipelineInsertStage(pipeline, cmsAT_END, cmsStageAllocToneCurves(nullptr, 4, nullptr));
  cmsPipelineInsertStage(pipeline, cmsAT_END, table);
  cmsPipelineInsertStage(pipeline, cmsAT_END, cmsStageAllocToneCurves(nullptr, 3, nullptr));
  cmsWriteTag(profile, cmsSigAToB0Tag, pipeline);
  cmsPipelineFree(pipeline);
  return saved_profile(profile);
}

QRgb middle(const QImage& image) { return image.pixel(image.width() / 2, image.height() / 2); }
bool close_to(QRgb got, QRgb expected, int by) {
  return std::abs(qRed(got) - qRed(expected)) <= by && std::abs(qGreen(got) - qGreen(expected)) <= by &&
         std::abs(qBlue(got) - qBlue(expected)) <= by;
}

} // namespace

#define CHECK_PIXEL(image, expected, by)                                                                     \
  QVERIFY2(close_to(middle(image), expected, by), qPrintable(QString::number(middle(image), 16)))

class PhotoTest : public QObject {
  Q_OBJECT
private slots:
  void plain_photos_come_as_they_are();
  void profiles_are_followed();
  void grey_and_cmyk_profiles_are_followed();
  void cmyk_tiffs_are_read_as_cmyk_jpegs();
  void deep_photos_keep_their_tone();
  void depth_alpha_and_profile_go_together_data();
  void depth_alpha_and_profile_go_together();
  void photos_state_their_own_tone();
  void photos_are_bounded();
  void orientation_is_applied_data();
  void orientation_is_applied();
  void a_coarse_picture_comes_first();
  void damaged_photos_say_so();
  void decoding_reports_and_stops();
  void values_agree_with_little_cms();
  void heif_avif_and_drawings_are_read();
  void coded_primaries_are_read();
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

void PhotoTest::profiles_are_followed() {
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

void PhotoTest::grey_and_cmyk_profiles_are_followed() {
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

} // namespace

/// The same inks through the same profile as in a JPEG.
void PhotoTest::cmyk_tiffs_are_read_as_cmyk_jpegs() {
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

void PhotoTest::deep_photos_keep_their_tone() {
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

void PhotoTest::depth_alpha_and_profile_go_together_data() {
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

void PhotoTest::depth_alpha_and_profile_go_together() {
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

void PhotoTest::photos_state_their_own_tone() {
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

void PhotoTest::values_agree_with_little_cms() {
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

static Data heif_bytes(heif_compression_format format, QRgb color,
                       std::optional<std::pair<int, int>> coding = {}) {
  heif_context* context = heif_context_alloc();
  heif_encoder* encoder = nullptr;
  if (heif_context_get_encoder_for_format(context, format, &encoder).code != heif_error_Ok) return {};
  heif_encoder_set_lossy_quality(encoder, 95);
  heif_image* image = nullptr;
  heif_image_create(64, 48, heif_colorspace_RGB, heif_chroma_interleaved_RGB, &image);
  heif_image_add_plane(image, heif_channel_interleaved, 64, 48, 8);
  int stride = 0;
  std::uint8_t* plane = heif_image_get_plane(image, heif_channel_interleaved, &stride);
  for (int y = 0; y < 48; ++y)
    for (int x = 0; x < 64; ++x) {
      plane[y * stride + 3 * x] = static_cast<std::uint8_t>(qRed(color));
      plane[y * stride + 3 * x + 1] = static_cast<std::uint8_t>(qGreen(color));
      plane[y * stride + 3 * x + 2] = static_cast<std::uint8_t>(qBlue(color));
    }
  heif_color_profile_nclx* nclx = coding ? heif_nclx_color_profile_alloc() : nullptr;
  if (coding) {
    nclx->color_primaries = static_cast<heif_color_primaries>(coding->first);
    nclx->transfer_characteristics = static_cast<heif_transfer_characteristics>(coding->second);
    nclx->matrix_coefficients = heif_matrix_coefficients_ITU_R_BT_601_6;
    nclx->full_range_flag = 1;
    heif_image_set_nclx_color_profile(image, nclx);
  }
  heif_encoding_options* options = heif_encoding_options_alloc();
  options->macOS_compatibility_workaround_no_nclx_profile = 0;
  options->output_nclx_profile = nclx;
  heif_context_encode_image(context, image, encoder, coding ? options : nullptr, nullptr);
  heif_encoding_options_free(options);
  if (nclx) heif_nclx_color_profile_free(nclx);
  Data out;
  heif_writer writer{1, [](heif_context*, const void* data, std::size_t size, void* to) {
                       const auto* bytes = static_cast<const unsigned char*>(data);
                       static_cast<Data*>(to)->assign(bytes, bytes + size);
                       return heif_error{heif_error_Ok, heif_suberror_Unspecified, ""};
                     }};
  heif_context_write(context, &writer, &out);
  heif_image_release(image);
  heif_encoder_release(encoder);
  heif_context_free(context);
  return out;
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

/// As ITU-T H.273 codes them; what they are in sRGB by the conversions of CSS Color 4, which are checked
/// against other libraries on their own.
void PhotoTest::coded_primaries_are_read() {
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
