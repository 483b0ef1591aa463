// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/photo/coded_color.h"

#include "core/base/sentences.h"

#include <lcms2.h>

#include <algorithm>
#include <array>
#include <memory>

namespace zc {
namespace {

struct Primaries {
  int code;
  cmsCIExyYTRIPLE rgb;
  cmsCIExyY white;
};

constexpr cmsCIExyY kD65{0.3127, 0.3290, 1}, kC{0.310, 0.316, 1}, kTheatre{0.314, 0.351, 1};

constexpr Primaries kPrimaries[] = {{1, {{0.640, 0.330, 1}, {0.300, 0.600, 1}, {0.150, 0.060, 1}}, kD65},
                                    {4, {{0.670, 0.330, 1}, {0.210, 0.710, 1}, {0.140, 0.080, 1}}, kC},
                                    {5, {{0.640, 0.330, 1}, {0.290, 0.600, 1}, {0.150, 0.060, 1}}, kD65},
                                    {6, {{0.630, 0.340, 1}, {0.310, 0.595, 1}, {0.155, 0.070, 1}}, kD65},
                                    {7, {{0.630, 0.340, 1}, {0.310, 0.595, 1}, {0.155, 0.070, 1}}, kD65},
                                    {9, {{0.708, 0.292, 1}, {0.170, 0.797, 1}, {0.131, 0.046, 1}}, kD65},
                                    {11, {{0.680, 0.320, 1}, {0.265, 0.690, 1}, {0.150, 0.060, 1}}, kTheatre},
                                    {12, {{0.680, 0.320, 1}, {0.265, 0.690, 1}, {0.150, 0.060, 1}}, kD65},
                                    {22, {{0.630, 0.340, 1}, {0.295, 0.605, 1}, {0.155, 0.077, 1}}, kD65}};

/// What the code points 2 stand for, and sRGB itself.
constexpr int kUnspecified = 2, kBt709 = 1, kSrgb = 13;

struct FreeCurve {
  void operator()(cmsToneCurve* p) const { cmsFreeToneCurve(p); }
};
using Curve = std::unique_ptr<cmsToneCurve, FreeCurve>;

/// Little CMS's type 4: (a x + b)^g from d on, c x below.
Curve with_foot(double g, double a, double c, double d) {
  const std::array<double, 5> numbers{g, 1 / a, 1 - 1 / a, 1 / c, d};
  return Curve(cmsBuildParametricToneCurve(nullptr, 4, numbers.data()));
}

/// From the coded number to light; null for a coding that is not known here.
Curve light_of(int transfer) {
  switch (transfer) {
  case 1:
  case 6:
  case 14:
  case 15:
    return with_foot(1 / 0.45, 1.099296826809442, 4.5, 0.0812428582986315);
  case 4:
    return Curve(cmsBuildGamma(nullptr, 2.2));
  case 5:
    return Curve(cmsBuildGamma(nullptr, 2.8));
  case 8:
    return Curve(cmsBuildGamma(nullptr, 1));
  case kSrgb:
    return with_foot(2.4, 1.055, 12.92, 0.04045);
  default:
    return nullptr;
  }
}

QByteArray bytes_of(const cmsHPROFILE profile) {
  cmsUInt32Number size = 0;
  if (!profile || !cmsSaveProfileToMem(profile, nullptr, &size)) return {};
  QByteArray out(static_cast<qsizetype>(size), '\0');
  return cmsSaveProfileToMem(profile, out.data(), &size) ? out : QByteArray();
}

} // namespace

Result<QByteArray> profile_of_coding(int primaries, int transfer, const std::string& name) {
  if (primaries == kUnspecified) primaries = kBt709;
  if (transfer == kUnspecified) transfer = kSrgb;
  if (primaries == kBt709 && transfer == kSrgb) return QByteArray();
  const auto* known = std::find_if(std::begin(kPrimaries), std::end(kPrimaries),
                                   [primaries](const Primaries& p) { return p.code == primaries; });
  const Curve curve = light_of(transfer);
  if (known == std::end(kPrimaries) || !curve)
    return Error{ErrorCode::Unreadable,
                 say(Sentence::UnknownCoding, name, std::to_string(primaries), std::to_string(transfer)),
                 name};
  cmsToneCurve* const curves[] = {curve.get(), curve.get(), curve.get()};
  const cmsHPROFILE profile = cmsCreateRGBProfile(&known->white, &known->rgb, curves);
  QByteArray out = bytes_of(profile);
  if (profile) cmsCloseProfile(profile);
  if (out.isEmpty()) return Error{ErrorCode::Unreadable, say(Sentence::NotBroughtToSrgb, name), name};
  return out;
}

} // namespace zc
