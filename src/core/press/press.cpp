// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/press/press.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/color/named_spaces.h"

#include <lcms2.h>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <utility>

namespace zc {
namespace {

constexpr double kGolden = 0.6180339887498949;
constexpr double kDegree = std::numbers::pi / 180;
/// Equal value is asked for as long as a printable color of it is so near, CIEDE2000.
constexpr double kEqualWithin = 20;
/// How far from the value itself still counts as equal, in L*.
constexpr double kValueSlack = 0.49;

struct Closer {
  void operator()(void* profile) const { cmsCloseProfile(profile); }
};
using Profile = std::unique_ptr<void, Closer>;

Error unusable(const std::string& file_name) {
  return {ErrorCode::Unreadable,
          "\"" + file_name + "\" is not the ICC profile of a four-color press that can be worked with.",
          file_name};
}

/// Control letters are left out.
std::string utf8_of(const std::wstring& text) {
  std::string out;
  for (const wchar_t letter : text) {
    const auto c = static_cast<char32_t>(letter);
    const auto add = [&](std::uint32_t byte) { out += static_cast<char>(static_cast<unsigned char>(byte)); };
    if (c < 32 || c > 0x10ffff) continue;
    if (c < 0x80) {
      add(c);
      continue;
    }
    if (c < 0x800) {
      add(0xc0 | c >> 6);
    } else if (c < 0x10000) {
      add(0xe0 | c >> 12);
      add(0x80 | (c >> 6 & 0x3f));
    } else {
      add(0xf0 | c >> 18);
      add(0x80 | (c >> 12 & 0x3f));
      add(0x80 | (c >> 6 & 0x3f));
    }
    add(0x80 | (c & 0x3f));
  }
  return out;
}

std::string name_in(cmsHPROFILE profile, const std::string& otherwise) {
  const cmsUInt32Number size = cmsGetProfileInfo(profile, cmsInfoDescription, "en", "US", nullptr, 0);
  std::vector<wchar_t> wide(size / sizeof(wchar_t) + 1, L'\0');
  cmsGetProfileInfo(profile, cmsInfoDescription, "en", "US", wide.data(), size);
  const std::string out = utf8_of(std::wstring(wide.data()));
  return out.empty() ? otherwise : out;
}

} // namespace

Result<std::shared_ptr<const Press>> Press::read(const std::vector<unsigned char>& icc,
                                                 const std::string& file_name) {
  if (icc.size() > kLargestProfile)
    return Error{ErrorCode::TooLarge, "\"" + file_name + "\" is larger than 64 MB; no press profile is.",
                 file_name};
  const Profile press(cmsOpenProfileFromMem(icc.data(), static_cast<cmsUInt32Number>(icc.size())));
  if (!press || cmsGetColorSpace(press.get()) != cmsSigCmykData ||
      cmsGetDeviceClass(press.get()) != cmsSigOutputClass)
    return unusable(file_name);
  const Profile srgb(cmsCreate_sRGBProfile());
  const auto make = [](cmsHPROFILE from, cmsUInt32Number in, cmsHPROFILE to, cmsUInt32Number out,
                       cmsUInt32Number intent, cmsUInt32Number flags) {
    return cmsCreateTransform(from, in, to, out, intent, flags | cmsFLAGS_NOCACHE | cmsFLAGS_NOOPTIMIZE);
  };
  std::shared_ptr<Press> out(new Press);
  out->m_to_press = make(srgb.get(), TYPE_RGB_DBL, press.get(), TYPE_CMYK_DBL, INTENT_RELATIVE_COLORIMETRIC,
                         cmsFLAGS_BLACKPOINTCOMPENSATION);
  out->m_from_press = make(press.get(), TYPE_CMYK_DBL, srgb.get(), TYPE_RGB_DBL, INTENT_RELATIVE_COLORIMETRIC,
                           cmsFLAGS_BLACKPOINTCOMPENSATION);
  out->m_on_paper =
      make(press.get(), TYPE_CMYK_DBL, srgb.get(), TYPE_RGB_DBL, INTENT_ABSOLUTE_COLORIMETRIC, 0);
  const Profile xyz(cmsCreateXYZProfile());
  out->m_xyz_to_press = make(xyz.get(), TYPE_XYZ_DBL, press.get(), TYPE_CMYK_DBL,
                             INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_BLACKPOINTCOMPENSATION);
  out->m_xyz_from_press = make(press.get(), TYPE_CMYK_DBL, xyz.get(), TYPE_XYZ_DBL,
                               INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_BLACKPOINTCOMPENSATION);
  for (const void* transform : out->transforms())
    if (!transform) return unusable(file_name);
  out->m_name = name_in(press.get(), file_name);
  out->m_ink_limit = cmsDetectTAC(press.get());
  return std::shared_ptr<const Press>(std::move(out));
}

Press::~Press() {
  for (void* transform : transforms())
    if (transform) cmsDeleteTransform(transform);
}

Srgb Press::color_of(const Ink& ink) const {
  const double in[4] = {ink.c, ink.m, ink.y, ink.k};
  double out[3] = {};
  cmsDoTransform(m_from_press, in, out, 1);
  return {out[0], out[1], out[2]};
}

Printed Press::printed(Srgb color) const {
  const double in[3] = {color.r, color.g, color.b};
  double ink[4] = {};
  cmsDoTransform(m_to_press, in, ink, 1);
  for (double& share : ink) share = std::clamp(share, 0.0, 100.0); // Rounding of the tables.
  Printed out{{ink[0], ink[1], ink[2], ink[3]}, {}, 0};
  out.back = color_of(out.ink);
  out.difference = ciede2000(lab_from_srgb(color), lab_from_srgb(out.back));
  return out;
}

Srgb Press::proof(Srgb color, bool paper_white) const {
  const Printed way = printed(color);
  Srgb seen = way.back;
  if (paper_white) {
    const double in[4] = {way.ink.c, way.ink.m, way.ink.y, way.ink.k};
    double out[3] = {};
    cmsDoTransform(m_on_paper, in, out, 1);
    seen = {out[0], out[1], out[2]};
  }
  if (const auto there = clipped_to_gamut(seen)) return *there;
  return chroma_reduced(lab_from_srgb(seen));
}

// ---------------------------------------------------------------- nearest

bool Press::holds(const Lab& color, double limit) const {
  const auto there = clipped_to_gamut(srgb_from_xyz(xyz_from_lab(color)));
  return there && prints(*there, limit);
}

/// The same but for rounding, sooner.
bool Press::seems_to_hold(const Lab& color, double limit) const {
  const Xyz wanted = xyz_from_lab(color);
  const LinearRgb light = linear_from_xyz(wanted);
  if (std::min({light.r, light.g, light.b}) < 0 || std::max({light.r, light.g, light.b}) > 1) return false;
  const Xyz in = xyz_d50_from_d65(wanted);
  const double there[3] = {in.x, in.y, in.z};
  double ink[4] = {}, back[3] = {};
  cmsDoTransform(m_xyz_to_press, there, ink, 1);
  cmsDoTransform(m_xyz_from_press, ink, back, 1);
  return ciede2000(color, lab_from_xyz(xyz_d65_from_d50({back[0], back[1], back[2]}))) < limit;
}

/// The nearest that prints along one hue at one value: as much chroma as there is, up to where the ray comes
/// closest to what is wanted.
Press::Found Press::along_ray(const Lab& wanted, double l, double hue, double limit, int turns,
                              bool exact) const {
  const double off = hue - std::atan2(wanted.b, wanted.a);
  const double most = std::hypot(wanted.a, wanted.b) * std::max(0.0, std::cos(off));
  const auto at = [&](double c) { return Lab{l, c * std::cos(hue), c * std::sin(hue)}; };
  const auto prints_at = [&](double c) { return exact ? holds(at(c), limit) : seems_to_hold(at(c), limit); };
  double low = 0, high = most;
  if (prints_at(most))
    low = most;
  else
    for (int turn = 0; turn < turns; ++turn) (prints_at((low + high) / 2) ? low : high) = (low + high) / 2;
  if (low == 0 && !prints_at(0)) return {};
  return {at(low), ciede2000(wanted, at(low))};
}

/// Rays of hue on both sides, the best of them narrowed down; a little lighter or darker where that is
/// nearer.
Press::Found Press::at_value(const Lab& wanted, double l, double slack, double limit) const {
  constexpr int coarse = 5, finer = 8, finest = 14, rays = 5, narrowing = 6;
  constexpr double apart = 9 * kDegree;
  const double hue = std::atan2(wanted.b, wanted.a);
  double best_off = 0;
  Found best;
  for (int ray = -rays; ray <= rays; ++ray)
    if (const Found f = along_ray(wanted, l, hue + ray * apart, limit, coarse, false);
        f.difference < best.difference) {
      best = f;
      best_off = ray * apart;
    }
  // Golden section.
  double low = best_off - apart, high = best_off + apart;
  double a = high - (high - low) * kGolden, b = low + (high - low) * kGolden;
  const auto at = [&](double off) { return along_ray(wanted, l, hue + off, limit, finer, false).difference; };
  double at_a = at(a), at_b = at(b);
  for (int turn = 0; turn < narrowing; ++turn)
    if (at_a < at_b) {
      high = std::exchange(b, a);
      at_b = at_a;
      at_a = at(a = high - (high - low) * kGolden);
    } else {
      low = std::exchange(a, b);
      at_a = at_b;
      at_b = at(b = low + (high - low) * kGolden);
    }
  double chosen_off = best_off, chosen_value = l;
  const double middle = (low + high) / 2;
  for (const double lighter : {0.0, -slack, slack})
    if (const double value = l + lighter; value >= 0 && value <= 100)
      if (const Found f = along_ray(wanted, value, hue + middle, limit, finer, false);
          f.difference < best.difference) {
        best = f;
        chosen_off = middle;
        chosen_value = value;
      }
  return along_ray(wanted, chosen_value, hue + chosen_off, limit, finest, true);
}

NearestPrintable Press::nearest(Srgb color, double limit) const {
  const Printed way = printed(color);
  if (way.difference < limit) return {color, 0, true};
  const Lab wanted = lab_from_srgb(color);
  Found best = at_value(wanted, wanted.l, kValueSlack, limit);
  // What the press makes of it by itself, where that prints.
  if (const auto back = clipped_to_gamut(way.back); back && prints(*back, limit)) {
    const Found plain{lab_from_srgb(*back), way.difference};
    const bool equal = std::abs(plain.lab.l - wanted.l) <= kValueSlack;
    if ((equal || best.difference > kEqualWithin) && plain.difference < best.difference) best = plain;
  }
  if (best.difference > kEqualWithin)
    for (int step = 2; step <= 40; step += 2)
      for (const double l : {wanted.l - step, wanted.l + step})
        if (l >= 0 && l <= 100)
          if (const Found f = at_value(wanted, l, 0, limit); f.difference < best.difference) best = f;
  const auto there = clipped_to_gamut(srgb_from_xyz(xyz_from_lab(best.lab)));
  return {there.value_or(neutral_of_value(wanted.l)), best.difference,
          std::abs(best.lab.l - wanted.l) <= 0.5};
}

std::vector<SwatchPress> check_for_press(const Press& press, const std::vector<Srgb>& colors, double limit) {
  std::vector<SwatchPress> out(colors.size());
  in_parallel(static_cast<int>(colors.size()), 4, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
      out[i].printed = press.printed(colors[i]);
      out[i].prints = out[i].printed.difference < limit;
      if (!out[i].prints) out[i].nearest = press.nearest(colors[i], limit);
    }
  });
  return out;
}

} // namespace zc
