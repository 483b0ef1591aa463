// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/photo/profile.h"

#include "core/base/sentences.h"

#include <QColorSpace>
#include <QTransform>

#include <exiv2/exiv2.hpp>
#include <exiv2/webpimage.hpp>
#include <lcms2.h>

#include <memory>
#include <mutex>

namespace zc {
namespace {

struct CloseProfile {
  void operator()(void* p) const { cmsCloseProfile(p); }
};
struct DeleteTransform {
  void operator()(void* t) const { cmsDeleteTransform(t); }
};
using Profile = std::unique_ptr<void, CloseProfile>;
using Transform = std::unique_ptr<void, DeleteTransform>;

Error profile_trouble(const std::string& name) {
  return {ErrorCode::Unreadable, say(Sentence::PhotoProfileUnusable, name), name};
}

Result<QImage> convert_rows(const QImage& in, cmsUInt32Number in_format, cmsColorSpaceSignature space,
                            const QByteArray& icc, const std::string& name, const DecodeHook& hook) {
  const Profile from(cmsOpenProfileFromMem(icc.constData(), static_cast<cmsUInt32Number>(icc.size())));
  const Profile to(cmsCreate_sRGBProfile());
  if (!from || !to || cmsGetColorSpace(from.get()) != space) return profile_trouble(name);
  const bool alpha = in.hasAlphaChannel() && space == cmsSigRgbData;
  const Transform transform(
      cmsCreateTransform(from.get(), in_format, to.get(), TYPE_BGRA_8, INTENT_RELATIVE_COLORIMETRIC,
                         cmsFLAGS_BLACKPOINTCOMPENSATION | (alpha ? cmsFLAGS_COPY_ALPHA : 0)));
  if (!transform) return profile_trouble(name);
  QImage out(in.size(), alpha ? QImage::Format_ARGB32 : QImage::Format_RGB32);
  if (out.isNull()) return Error{ErrorCode::TooLarge, say(Sentence::TooLittleMemory, name), name};
  if (!alpha) out.fill(0xff000000u);
  for (int y = 0; y < in.height(); ++y) {
    if (hook && y % 64 == 0 && !hook(0.8 + 0.2 * y / in.height()))
      return Error{ErrorCode::Stopped, say(Sentence::OpeningStopped, name), name};
    cmsDoTransform(transform.get(), in.constScanLine(y), out.scanLine(y),
                   static_cast<cmsUInt32Number>(in.width()));
  }
  return out;
}

bool is_srgb(const QByteArray& icc) {
  return QColorSpace::fromIccProfile(icc) == QColorSpace(QColorSpace::SRgb);
}

// The library tells some things otherwise since its version 0.28.
#if EXIV2_TEST_VERSION(0, 28, 0)
QByteArray icc_of(const Exiv2::Image& image) {
  const Exiv2::DataBuf& icc = image.iccProfile();
  return {reinterpret_cast<const char*>(icc.c_data()), static_cast<qsizetype>(icc.size())};
}
int whole_number(const Exiv2::Exifdatum& of) { return static_cast<int>(of.toInt64()); }
#else
QByteArray icc_of(Exiv2::Image& image) {
  const Exiv2::DataBuf* icc = image.iccProfile();
  return {reinterpret_cast<const char*>(icc->pData_), static_cast<qsizetype>(icc->size_)};
}
int whole_number(const Exiv2::Exifdatum& of) { return static_cast<int>(of.toLong()); }
#endif

/// Only the kinds that photos are read from: the library's readers of videos can go round in circles.
using ImageKind = std::remove_cv_t<decltype(Exiv2::ImageType::jpeg)>;
bool has_photo_metadata(ImageKind type) {
  return type == Exiv2::ImageType::jpeg || type == Exiv2::ImageType::png || type == Exiv2::ImageType::tiff ||
         type == Exiv2::ImageType::webp;
}

} // namespace

PhotoMetadata read_metadata(const std::vector<unsigned char>& bytes) {
  // The library's reader of XMP keeps tables of its own and may be used by one thread at a time.
  static std::mutex one_at_a_time;
  const std::lock_guard lock(one_at_a_time);
  PhotoMetadata out;
  try {
    Exiv2::LogMsg::setLevel(Exiv2::LogMsg::mute);
    const auto type = Exiv2::ImageFactory::getType(bytes.data(), static_cast<long>(bytes.size()));
    if (!has_photo_metadata(type)) return out;
    const auto image = Exiv2::ImageFactory::open(bytes.data(), static_cast<long>(bytes.size()));
    image->readMetadata();
    if (image->iccProfileDefined()) out.icc = icc_of(*image);
    const auto& exif = image->exifData();
    const auto at = exif.findKey(Exiv2::ExifKey("Exif.Image.Orientation"));
    if (at != exif.end() && at->count() > 0) out.orientation = whole_number(*at);
  } catch (const std::exception&) {
    return out;
  }
  if (out.orientation < 1 || out.orientation > 8) out.orientation = 1;
  return out;
}

std::string profile_name(const QByteArray& icc) {
  const Profile profile(cmsOpenProfileFromMem(icc.constData(), static_cast<cmsUInt32Number>(icc.size())));
  char name[256] = {};
  if (!profile ||
      cmsGetProfileInfoASCII(profile.get(), cmsInfoDescription, "en", "US", name, sizeof name) == 0)
    return "unnamed";
  return name;
}

namespace {

bool is_deep(const QImage& image) {
  return image.depth() > 32 || image.format() == QImage::Format_Grayscale16;
}
bool is_grey(const QImage& image) {
  return image.format() == QImage::Format_Grayscale8 || image.format() == QImage::Format_Grayscale16;
}

Result<QImage> grey_to_srgb(QImage image, const QByteArray& icc, const std::string& name,
                            const DecodeHook& hook) {
  const bool deep = is_deep(image);
  if (!is_grey(image)) image.convertTo(deep ? QImage::Format_Grayscale16 : QImage::Format_Grayscale8);
  return convert_rows(image, deep ? TYPE_GRAY_16 : TYPE_GRAY_8, cmsSigGrayData, icc, name, hook);
}

Result<QImage> profiled_to_srgb(QImage image, const QByteArray& icc, const std::string& name,
                                const DecodeHook& hook) {
  image.setColorSpace({});
  const Profile profile(cmsOpenProfileFromMem(icc.constData(), static_cast<cmsUInt32Number>(icc.size())));
  if (!profile) return profile_trouble(name);
  if (cmsGetColorSpace(profile.get()) == cmsSigGrayData)
    return grey_to_srgb(std::move(image), icc, name, hook);
  const bool alpha = image.hasAlphaChannel(), deep = is_deep(image);
  if (deep)
    image.convertTo(alpha ? QImage::Format_RGBA64 : QImage::Format_RGBX64);
  else
    image.convertTo(alpha ? QImage::Format_ARGB32 : QImage::Format_RGB32);
  return convert_rows(image, deep ? TYPE_RGBA_16 : TYPE_BGRA_8, cmsSigRgbData, icc, name, hook);
}

} // namespace

Result<QImage> image_to_srgb(QImage image, const QByteArray& icc, const std::string& name,
                             const DecodeHook& hook) {
  if (!icc.isEmpty() && !is_srgb(icc)) return profiled_to_srgb(std::move(image), icc, name, hook);
  const bool alpha = image.hasAlphaChannel();
  // No ICC profile: a file may still state its gamma and primaries in its own words.
  if (icc.isEmpty() && image.colorSpace().isValid() && image.colorSpace() != QColorSpace(QColorSpace::SRgb))
    image.convertToColorSpace(QColorSpace::SRgb);
  image.convertTo(alpha ? QImage::Format_ARGB32 : QImage::Format_RGB32);
  image.setColorSpace({});
  return image;
}

Result<QImage> cmyk_to_srgb(const QImage& inks, bool inverted, const QByteArray& icc, const std::string& name,
                            const DecodeHook& hook) {
  if (icc.isEmpty()) return Error{ErrorCode::Unreadable, say(Sentence::CmykWithoutProfile, name), name};
  const auto shallow = inverted ? TYPE_CMYK_8_REV : TYPE_CMYK_8;
  return convert_rows(inks, inks.format() == QImage::Format_RGBA64 ? TYPE_CMYK_16 : shallow, cmsSigCmykData,
                      icc, name, hook);
}

QImage upright(QImage image, int orientation) {
  // EXIF 2.32: 2 and 4 mirrored, 3 half a turn, 5 to 8 with a quarter turn.
  const auto quarter = [](const QImage& i, double by) { return i.transformed(QTransform().rotate(by)); };
  switch (orientation) {
  case 2:
    return image.mirrored(true, false);
  case 3:
    return image.mirrored(true, true);
  case 4:
    return image.mirrored(false, true);
  case 5:
    return quarter(image, 90).mirrored(true, false);
  case 6:
    return quarter(image, 90);
  case 7:
    return quarter(image, -90).mirrored(true, false);
  case 8:
    return quarter(image, -90);
  default:
    return image;
  }
}

} // namespace zc
