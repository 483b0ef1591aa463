// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/readout.h"

#include "core/base/angle.h"
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <string>

namespace zc {
namespace {

constexpr ReadoutNumber kHue{"hue", 0, 360, 1, 1, true};
constexpr ReadoutNumber percent(std::string_view name) { return {name, 0, 100, 1, 1, false}; }
constexpr ReadoutNumber share(std::string_view name) { return {name, 0, 1, 3, 0.01, false}; }
constexpr ReadoutNumber axis(std::string_view name, double most, int digits, double step) {
  return {name, -most, most, digits, step, false};
}
constexpr ReadoutNumber channel(std::string_view name) { return {name, 0, 255, 0, 1, false}; }
constexpr ReadoutNumber kLightness{"lightness", 0, 100, 1, 1, false};

constexpr std::array<ReadoutForm, 12> kForms{{
    {"RGB", "sRGB, 0 to 255", {channel("red"), channel("green"), channel("blue")}},
    {"HSV", "hue, saturation, value of sRGB", {kHue, percent("saturation"), percent("value")}},
    {"HSL", "hue, saturation, lightness of sRGB", {kHue, percent("saturation"), percent("lightness")}},
    {"HSLuv", "CIELUV hue, share of its largest chroma, L*", {kHue, percent("saturation"), kLightness}},
    {"LCh", "CIELAB lightness, chroma, hue", {kLightness, {"chroma", 0, 150, 1, 1, false}, kHue}},
    {"Lab", "CIELAB under D65", {kLightness, axis("a*", 150, 1, 1), axis("b*", 150, 1, 1)}},
    {"LChuv", "CIELUV lightness, chroma, hue", {kLightness, {"chroma", 0, 200, 1, 1, false}, kHue}},
    {"Luv", "CIELUV under D65", {kLightness, axis("u*", 200, 1, 1), axis("v*", 200, 1, 1)}},
    {"OKLCh",
     "OKLab lightness, chroma, hue",
     {share("lightness"), {"chroma", 0, 0.4, 3, 0.005, false}, kHue}},
    {"OKLab", "OKLab", {share("lightness"), axis("a", 0.4, 3, 0.005), axis("b", 0.4, 3, 0.005)}},
    {"XYZ",
     "CIE XYZ, white at Y 100",
     {ReadoutNumber{"X", 0, 96, 2, 0.5, false}, {"Y", 0, 100, 2, 0.5, false}, {"Z", 0, 109, 2, 0.5, false}}},
    {"Linear", "sRGB primaries in linear light", {share("red"), share("green"), share("blue")}},
}};

template <class C> std::array<double, 3> lch(const C& p) { return {p.l, p.c, p.h}; }

/// May come out beyond the display.
Srgb srgb_of(ReadoutSpace space, const std::array<double, 3>& n) {
  const auto [a, b, c] = n;
  switch (space) {
  case ReadoutSpace::Hsv:
    return srgb_from_hsv({wrap_degrees(a), b / 100, c / 100});
  case ReadoutSpace::Hsl:
    return srgb_from_hsl({wrap_degrees(a), b / 100, c / 100});
  case ReadoutSpace::Hsluv:
    return srgb_from_lchuv(lch_from_hsluv({wrap_degrees(a), b, c}));
  case ReadoutSpace::Lch:
    return srgb_from_xyz(xyz_from_lab(lab_from_lch({a, b, c})));
  case ReadoutSpace::Lab:
    return srgb_from_xyz(xyz_from_lab({a, b, c}));
  case ReadoutSpace::LchUv:
    return srgb_from_lchuv({a, b, c});
  case ReadoutSpace::Luv:
    return srgb_from_xyz(xyz_from_luv({a, b, c}));
  case ReadoutSpace::Oklch:
    return srgb_from_oklab(oklab_from_lch({a, b, c}));
  case ReadoutSpace::Oklab:
    return srgb_from_oklab({a, b, c});
  case ReadoutSpace::Xyz:
    return srgb_from_xyz({a / 100, b / 100, c / 100});
  case ReadoutSpace::LinearRgb:
    return srgb_from_linear({a, b, c});
  case ReadoutSpace::Rgb:
    break;
  }
  return {a / 255, b / 255, c / 255};
}

/// To three digits after the point, without those that say nothing.
std::string short_number(double x) {
  std::array<char, 32> text{};
  const double rounded = std::round(x * 1000) / 1000;
  const auto end = std::to_chars(text.data(), text.data() + text.size(), rounded == 0 ? 0.0 : rounded,
                                 std::chars_format::fixed);
  return {text.data(), end.ptr};
}

} // namespace

const ReadoutForm& readout_form(ReadoutSpace space) { return kForms[static_cast<std::size_t>(space)]; }

std::array<double, 3> readout_of(ReadoutSpace space, Srgb c) {
  switch (space) {
  case ReadoutSpace::Hsv: {
    const Hsv p = hsv_from_srgb(c);
    return {p.h, 100 * p.s, 100 * p.v};
  }
  case ReadoutSpace::Hsl: {
    const Hsl p = hsl_from_srgb(c);
    return {p.h, 100 * p.s, 100 * p.l};
  }
  case ReadoutSpace::Hsluv: {
    const Hsluv p = hsluv_from_lch(lchuv_from_srgb(c));
    return {p.h, p.s, p.l};
  }
  case ReadoutSpace::Lch:
    return lch(lch_from_lab(lab_from_srgb(c)));
  case ReadoutSpace::Lab: {
    const Lab p = lab_from_srgb(c);
    return {p.l, p.a, p.b};
  }
  case ReadoutSpace::LchUv:
    return lch(lchuv_from_srgb(c));
  case ReadoutSpace::Luv: {
    const Luv p = luv_from_xyz(xyz_from_srgb(c));
    return {p.l, p.u, p.v};
  }
  case ReadoutSpace::Oklch:
    return lch(lch_from_oklab(oklab_from_srgb(c)));
  case ReadoutSpace::Oklab: {
    const Oklab p = oklab_from_srgb(c);
    return {p.l, p.a, p.b};
  }
  case ReadoutSpace::Xyz: {
    const Xyz p = xyz_from_srgb(c);
    return {100 * p.x, 100 * p.y, 100 * p.z};
  }
  case ReadoutSpace::LinearRgb: {
    const LinearRgb p = linear_from_srgb(c);
    return {p.r, p.g, p.b};
  }
  case ReadoutSpace::Rgb:
    break;
  }
  return {255 * c.r, 255 * c.g, 255 * c.b};
}

Result<Srgb> color_of_readout(ReadoutSpace space, std::array<double, 3> numbers) {
  const ReadoutForm& form = readout_form(space);
  for (std::size_t i = 0; i < 3; ++i) {
    const ReadoutNumber& n = form.numbers[i];
    // A shown number is rounded; the last digit of the end itself must be accepted.
    const double slack = 0.5 * std::pow(10.0, -n.digits);
    if (!(numbers[i] >= n.low - slack && numbers[i] <= n.high + slack))
      return Error{ErrorCode::BadInput,
                   say(Sentence::NumberRange, Term{form.name}, Term{n.name}, short_number(n.low),
                       short_number(n.high)),
                   std::string(n.name)};
    numbers[i] = std::clamp(numbers[i], n.low, n.high);
  }
  const auto shown = clipped_to_gamut(srgb_of(space, numbers));
  if (!shown) return Error{ErrorCode::BadInput, say(Sentence::NoSuchColor, Term{form.name}), "color"};
  return *shown;
}

} // namespace zc
