// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/press/press.h"

#include "core/base/parallel.h"
#include "core/base/sentences.h"
#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/color/named_spaces.h"

#include <lcms2.h>
#include <lcms2_plugin.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <numbers>
#include <utility>

namespace zc {
namespace {

constexpr double kDegree = std::numbers::pi / 180;
/// Equal value is kept as long as its nearest is no farther than this by large_difference().
constexpr double kNearEnough = 20;
/// It is kept as well while its nearest is no farther than so many times that of another value.
constexpr double kMuchNearer = 1.5;
/// How far from the value itself still counts as equal, in L*.
constexpr double kValueSlack = 0.49;
/// Farther than any color is.
constexpr double kNowhere = std::numeric_limits<double>::infinity();

struct Closer {
  void operator()(void* profile) const { cmsCloseProfile(profile); }
};
using Profile = std::unique_ptr<void, Closer>;

Error unusable(const std::string& file_name) {
  return {ErrorCode::Unreadable, say(Sentence::NoPressProfile, file_name), file_name};
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

/// MD5 of the profile with its flags, rendering intent and ID at 0. The library's own takes it of the profile
/// as it would write it, which is not as it was written.
std::string digest_of(std::vector<unsigned char> icc) {
  for (const auto& [from, to] : {std::pair(44, 48), std::pair(64, 68), std::pair(84, 100)})
    std::fill(icc.begin() + from, icc.begin() + to, static_cast<unsigned char>(0));
  const cmsHANDLE md5 = cmsMD5alloc(nullptr);
  if (!md5) return {};
  cmsMD5add(md5, icc.data(), static_cast<cmsUInt32Number>(icc.size()));
  cmsProfileID id{};
  cmsMD5finish(&id, md5);
  constexpr std::string_view digits = "0123456789abcdef";
  std::string out;
  for (const cmsUInt8Number byte : id.ID8) {
    out += digits[byte >> 4];
    out += digits[byte & 15];
  }
  return out;
}

} // namespace

Result<std::shared_ptr<const Press>> Press::read(const std::vector<unsigned char>& icc,
                                                 const std::string& file_name) {
  if (icc.size() > kLargestProfile)
    return Error{ErrorCode::TooLarge, say(Sentence::ProfileTooLarge, file_name), file_name};
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
  // Back to XYZ and not to sRGB: outside of it Little CMS goes on along the straight foot of the curve, and
  // cyan would be what no color is.
  const Profile xyz(cmsCreateXYZProfile());
  out->m_on_paper =
      make(press.get(), TYPE_CMYK_DBL, xyz.get(), TYPE_XYZ_DBL, INTENT_ABSOLUTE_COLORIMETRIC, 0);
  out->m_xyz_to_press = make(xyz.get(), TYPE_XYZ_DBL, press.get(), TYPE_CMYK_DBL,
                             INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_BLACKPOINTCOMPENSATION);
  out->m_xyz_from_press = make(press.get(), TYPE_CMYK_DBL, xyz.get(), TYPE_XYZ_DBL,
                               INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_BLACKPOINTCOMPENSATION);
  for (const void* transform : out->transforms())
    if (!transform) return unusable(file_name);
  out->m_digest = digest_of(icc);
  out->m_name = name_in(press.get(), file_name);
  out->m_ink_limit = cmsDetectTAC(press.get());
  return std::shared_ptr<const Press>(std::move(out));
}

Press::~Press() {
  for (void* transform : transforms())
    if (transform) cmsDeleteTransform(transform);
}

namespace {

Srgb seen_through(void* transform, const Ink& ink) {
  const double in[4] = {ink.c, ink.m, ink.y, ink.k};
  double out[3] = {};
  cmsDoTransform(transform, in, out, 1);
  return srgb_from_xyz(xyz_d65_from_d50({out[0], out[1], out[2]}));
}

} // namespace

Srgb Press::color_of(const Ink& ink) const { return seen_through(m_xyz_from_press, ink); }

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

Printed Press::printed(LabD50 color) const {
  const Xyz wanted = xyz_from_lab_d50(color);
  const Xyz in = xyz_d50_from_d65(wanted);
  const double there[3] = {in.x, in.y, in.z};
  double ink[4] = {};
  cmsDoTransform(m_xyz_to_press, there, ink, 1);
  for (double& share : ink) share = std::clamp(share, 0.0, 100.0);
  Printed out{{ink[0], ink[1], ink[2], ink[3]}, {}, 0};
  out.back = color_of(out.ink);
  out.difference = ciede2000(lab_from_xyz(wanted), lab_from_srgb(out.back));
  return out;
}

Srgb Press::proof(Srgb color, bool paper_white) const {
  const Printed way = printed(color);
  const Srgb seen = paper_white ? seen_through(m_on_paper, way.ink) : way.back;
  return brought_into_gamut_at_value(xyz_from_srgb(seen));
}

// ---------------------------------------------------------------- nearest

double large_difference(const Lab& a, const Lab& b) {
  const double p = std::sqrt(a.a * a.a + a.b * a.b), q = std::sqrt(b.a * b.a + b.b * b.b), chroma = p - q;
  const double hue2 = std::max(0.0, (a.a - b.a) * (a.a - b.a) + (a.b - b.b) * (a.b - b.b) - chroma * chroma);
  return std::abs(a.l - b.l) + std::sqrt(chroma * chroma + 4 * hue2);
}

/// There and back without the curves of the display, which is quicker, and the same but for rounding.
Lab Press::seems_printed(const Xyz& color) const {
  const Xyz in = xyz_d50_from_d65(color);
  const double there[3] = {in.x, in.y, in.z};
  double ink[4] = {}, back[3] = {};
  cmsDoTransform(m_xyz_to_press, there, ink, 1);
  cmsDoTransform(m_xyz_from_press, ink, back, 1);
  return lab_from_xyz(xyz_d65_from_d50({back[0], back[1], back[2]}));
}
bool Press::seems_to_print(const Lab& color, double limit) const {
  const Xyz wanted = xyz_from_lab(color);
  const LinearRgb light = linear_from_xyz(wanted);
  if (std::min({light.r, light.g, light.b}) < 0 || std::max({light.r, light.g, light.b}) > 1) return false;
  return ciede2000(color, seems_printed(wanted)) < limit;
}

/// Places of one value around a color, the nearest first: a net of hues and saturations.
std::vector<Press::Place> Press::net_around(const Lab& wanted) {
  constexpr int rays = 9, rings = 14;
  constexpr double apart = 9 * kDegree;
  const double hue = std::atan2(wanted.b, wanted.a), chroma = std::hypot(wanted.a, wanted.b);
  std::vector<Place> out;
  out.reserve(1 + (2 * rays + 1) * rings);
  const auto add = [&](double a, double b) {
    out.push_back({a, b, large_difference(wanted, {wanted.l, a, b})});
  };
  add(0, 0);
  for (int ray = -rays; ray <= rays; ++ray) {
    const double x = std::cos(hue + ray * apart), y = std::sin(hue + ray * apart);
    for (int ring = 1; ring <= rings; ++ring) add(chroma * ring / rings * x, chroma * ring / rings * y);
  }
  std::sort(out.begin(), out.end(), [](const Place& p, const Place& q) { return p.away < q.away; });
  return out;
}

/// The nearest of the net at a value that prints, nearer than `known`; a ray may leave what prints and come
/// back, so that all of them are asked.
std::optional<Press::Found> Press::best_at(const Lab& wanted, const std::vector<Place>& net, double l,
                                           double limit, double known) const {
  for (const Place& place : net) {
    const double away = std::abs(l - wanted.l) + place.away;
    if (away >= known) return std::nullopt;
    if (const Lab at{l, place.a, place.b}; seems_to_print(at, limit)) return Found{at, away};
  }
  return std::nullopt;
}

/// Ever smaller steps in hue, saturation and, within the slack, value.
Press::Found Press::stepped(const Lab& wanted, Found place, double slack, double limit) const {
  const double middle = place.lab.l;
  for (double step = 4; step > 0.2;) {
    Found best = place;
    for (const auto& [a, b, l] : {std::array{1.0, 0.0, 0.0},
                                  {-1.0, 0.0, 0.0},
                                  {0.0, 1.0, 0.0},
                                  {0.0, -1.0, 0.0},
                                  {0.7, 0.7, 0.0},
                                  {0.7, -0.7, 0.0},
                                  {-0.7, 0.7, 0.0},
                                  {-0.7, -0.7, 0.0},
                                  {0.0, 0.0, 1.0},
                                  {0.0, 0.0, -1.0}}) {
      const Lab at{
          std::clamp(place.lab.l + step * l, std::max(0.0, middle - slack), std::min(100.0, middle + slack)),
          place.lab.a + step * a, place.lab.b + step * b};
      const double away = large_difference(wanted, at);
      if (away < best.away - 1e-9 && seems_to_print(at, limit)) best = {at, away};
    }
    if (best.away < place.away)
      place = best;
    else
      step /= 2;
  }
  return place;
}

namespace {

/// The 8-bit colors so many steps around one, without the far corners.
std::vector<Srgb8> colors_around(Srgb8 at, int reach, int step) {
  std::vector<Srgb8> out;
  const auto channel = [](int x) { return static_cast<std::uint8_t>(x); };
  const auto taken = [&](int r, int g, int b) {
    return std::min({r, g, b}) >= 0 && std::max({r, g, b}) <= 255 &&
           std::abs(r - at.r) + std::abs(g - at.g) + std::abs(b - at.b) <= 2 * step;
  };
  for (int r = at.r - reach; r <= at.r + reach; r += step)
    for (int g = at.g - reach; g <= at.g + reach; g += step)
      for (int b = at.b - reach; b <= at.b + reach; b += step)
        if (taken(r, g, b)) out.push_back({channel(r), channel(g), channel(b)});
  return out;
}

} // namespace

/// Of the 8-bit colors around a place the one that prints and whose print is nearest.
std::optional<NearestPrintable> Press::rounded(const Lab& wanted, const Lab& place, bool equal_value,
                                               double limit) const {
  struct Candidate {
    Srgb8 color;
    double away = 0; ///< Of its print, but for rounding.
  };
  const Srgb8 at = rounded_8bit(brought_into_gamut_at_value(xyz_from_lab(place)));
  const auto off = [&](const Srgb8& c) {
    return std::abs(lightness_from_luminance(xyz_from_8bit(c).y) - wanted.l);
  };
  for (const int reach : {2, 6}) {
    std::vector<Candidate> candidates;
    for (const Srgb8& c : colors_around(at, reach, reach / 2)) {
      if (equal_value && off(c) > 0.5) continue;
      const Xyz seen = xyz_from_8bit(c);
      const Lab back = seems_printed(seen);
      if (ciede2000(lab_from_xyz(seen), back) < limit + kPrintMargin / 2)
        candidates.push_back({c, large_difference(wanted, back)});
    }
    std::sort(candidates.begin(), candidates.end(),
              [](const Candidate& p, const Candidate& q) { return p.away < q.away; });
    for (const Candidate& candidate : candidates) {
      const Srgb c = srgb_from_8bit(candidate.color);
      if (const Printed way = printed(c); way.difference < limit)
        return NearestPrintable{c, ciede2000(wanted, lab_from_srgb(way.back)), off(candidate.color) <= 0.5};
    }
  }
  return std::nullopt;
}

/// The nearest whatever its value, searched away from the wanted value as long as that can still be nearer.
std::optional<Press::Found> Press::at_any_value(const Lab& wanted, const std::vector<Place>& net,
                                                std::optional<Found> best, double safe) const {
  for (double off = 3; off <= 100 && off < (best ? best->away : kNowhere); off += 3)
    for (const double l : {wanted.l - off, wanted.l + off}) {
      if (l < 0 || l > 100) continue;
      const auto found = best_at(wanted, net, l, safe, best ? best->away : kNowhere);
      if (found && (!best || found->away < best->away)) best = found;
    }
  return best ? stepped(wanted, *best, 100, safe) : best;
}

/// One of equal value as long as another one is not much nearer.
std::optional<NearestPrintable> Press::rounded_choice(const Lab& wanted, const std::optional<Found>& equal,
                                                      const std::optional<Found>& any, double safe) const {
  if (equal && (!any || equal->away < kMuchNearer * any->away))
    if (const auto out = rounded(wanted, equal->lab, true, safe)) return out;
  if (any)
    if (const auto out = rounded(wanted, any->lab, false, safe)) return out;
  return equal ? rounded(wanted, equal->lab, false, safe) : std::nullopt;
}

NearestPrintable Press::nearest(Srgb color, double limit) const {
  const Printed way = printed(color);
  if (way.difference < limit) return {color, way.difference, true};
  const Lab wanted = lab_from_srgb(color), plain = lab_from_srgb(way.back);
  const double safe = limit - std::min(kPrintMargin, limit / 2);
  const std::vector<Place> net = net_around(wanted);
  const auto if_it_prints = [&](const Lab& at) {
    return seems_to_print(at, safe) ? std::optional(Found{at, large_difference(wanted, at)}) : std::nullopt;
  };
  const auto away = [](const std::optional<Found>& f) { return f ? f->away : kNowhere; };
  const auto nearer = [&](const auto& a, const auto& b) { return away(b) < away(a) ? b : a; };
  // What the press makes of it by itself is a place to begin from too.
  std::optional<Found> equal = nearer(best_at(wanted, net, wanted.l, safe, kNowhere),
                                      if_it_prints({wanted.l, plain.a, plain.b})),
                       any;
  if (equal) equal = stepped(wanted, *equal, kValueSlack, safe);
  if (away(equal) > kNearEnough) any = at_any_value(wanted, net, if_it_prints(plain), safe);
  if (const auto out = rounded_choice(wanted, equal, any, safe)) return *out;
  // A profile that prints nothing near: its own way, as it comes out.
  const Srgb back = srgb_from_8bit(rounded_8bit(brought_into_gamut(xyz_from_srgb(way.back))));
  return {back, ciede2000(wanted, lab_from_srgb(printed(back).back)),
          std::abs(value_of(back) - wanted.l) <= 0.5};
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
