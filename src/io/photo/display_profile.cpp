// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/photo/display_profile.h"

#include "core/base/sentences.h"
#include "io/photo/profile.h"

#include <lcms2.h>

#include <algorithm>

namespace zc {
namespace {

QImage through(void* transform, const QImage& image) {
  // Straight alpha: a premultiplied pixel is no color.
  QImage out = image.convertToFormat(image.hasAlphaChannel() ? QImage::Format_ARGB32 : QImage::Format_RGB32);
  for (int y = 0; y < out.height(); ++y) {
    auto* row = out.scanLine(y);
    cmsDoTransform(transform, row, row, static_cast<cmsUInt32Number>(out.width()));
  }
  return out.convertToFormat(image.format());
}

Srgb through(void* transform, Srgb color) {
  const double in[3] = {color.r, color.g, color.b};
  double out[3] = {};
  cmsDoTransform(transform, in, out, 1);
  for (double& c : out) c = std::clamp(c, 0.0, 1.0);
  return {out[0], out[1], out[2]};
}

} // namespace

Result<std::shared_ptr<const DisplayProfile>> DisplayProfile::read(const QByteArray& icc) {
  const auto unusable = [] { return Error{ErrorCode::Unreadable, Sentence::MonitorProfile, "profile"}; };
  cmsHPROFILE monitor = cmsOpenProfileFromMem(icc.constData(), static_cast<cmsUInt32Number>(icc.size()));
  if (!monitor) return unusable();
  cmsHPROFILE srgb = cmsCreate_sRGBProfile();
  std::shared_ptr<DisplayProfile> out(new DisplayProfile);
  if (cmsGetColorSpace(monitor) == cmsSigRgbData) {
    const auto make = [](cmsHPROFILE from, cmsHPROFILE to, cmsUInt32Number format, cmsUInt32Number flags) {
      return cmsCreateTransform(from, format, to, format, INTENT_RELATIVE_COLORIMETRIC,
                                cmsFLAGS_BLACKPOINTCOMPENSATION | cmsFLAGS_NOCACHE | flags);
    };
    out->m_color_out = make(srgb, monitor, TYPE_RGB_DBL, 0);
    out->m_color_in = make(monitor, srgb, TYPE_RGB_DBL, 0);
    out->m_image_out = make(srgb, monitor, TYPE_BGRA_8, cmsFLAGS_COPY_ALPHA);
    out->m_image_in = make(monitor, srgb, TYPE_BGRA_8, cmsFLAGS_COPY_ALPHA);
  }
  cmsCloseProfile(srgb);
  cmsCloseProfile(monitor);
  if (!out->m_color_out || !out->m_color_in || !out->m_image_out || !out->m_image_in) return unusable();
  out->m_name = profile_name(icc);
  return std::shared_ptr<const DisplayProfile>(std::move(out));
}

DisplayProfile::~DisplayProfile() {
  for (void* transform : {m_color_out, m_color_in, m_image_out, m_image_in})
    if (transform) cmsDeleteTransform(transform);
}

Srgb DisplayProfile::to_monitor(Srgb color) const { return through(m_color_out, color); }
Srgb DisplayProfile::from_monitor(Srgb pixel) const { return through(m_color_in, pixel); }
QImage DisplayProfile::to_monitor(const QImage& image) const { return through(m_image_out, image); }
QImage DisplayProfile::from_monitor(const QImage& image) const { return through(m_image_in, image); }

} // namespace zc
