// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wheel/color_words.h"

#include "core/base/angle.h"
#include "core/color/convert.h"
#include "core/wheel/wheel.h"

#include <atomic>
#include <cmath>

namespace zc {
namespace {

struct Level {
  double below;
  const char* word;
};
// The limits lie where a step of ten CIEDE2000 rarely stays within one word: even in value, wider and wider
// in chroma.
constexpr Level kValueWords[] = {{14, "blackish"}, {28, "very dark"},  {42, "dark"},    {58, ""},
                                 {72, "light"},    {86, "very light"}, {101, "whitish"}};
constexpr Level kChromaWords[] = {{10, "greyed"}, {20, "dull"}, {36, "muted"}, {62, ""}, {200, "vivid"}};
/// Of grey only the value is said; whitish and blackish would say it twice.
constexpr Level kGreyWords[] = {
    {28, "very dark"}, {42, "dark"}, {58, ""}, {72, "light"}, {101, "very light"}};

template <std::size_t N> std::string_view word_of(const Level (&levels)[N], double x) {
  for (const Level& level : levels)
    if (x < level.below) return level.word;
  return levels[N - 1].word;
}

/// From so much chroma on two hues of one name can look far apart, so its sides are told.
constexpr double kSidedChroma = 24, kMiddleOfHue = 6, kWarmest = 75;

/// Which side of its hue's name an angle lies on. The warmest hue is between orange and red-orange, the
/// coolest across from it; no name stands there, so that every name has both sides.
std::string_view side_word(double angle, double of_name) {
  const double off = turn_between(of_name, angle);
  if (std::abs(off) <= kMiddleOfHue) return {};
  const double away = std::abs(turn_between(kWarmest, angle)),
               name_away = std::abs(turn_between(kWarmest, of_name));
  return away < name_away ? "warm" : "cool";
}

double traditional_angle(Srgb color) {
  static const Wheel wheel{WheelSpec{}};
  return wheel.locate(color).a;
}

constexpr double kGreyChroma = 4;

/// A dark, not too colorful orange.
bool is_brown(const LchAb& p, double angle) { return angle >= 30 && angle < 112 && p.l < 50 && p.c < 55; }

/// Light and colorful between red-violet and violet; darker it is one of them.
bool is_magenta(const LchAb& p, double angle) {
  return angle >= 156 && angle < 176 && p.l >= 48 && p.c >= 55;
}

std::string_view hue_name(const LchAb& p, double angle) {
  if (is_brown(p, angle)) return "brown";
  return is_magenta(p, angle) ? "magenta" : nearest_named_hue(HueScale::Traditional, angle).name;
}

std::atomic<SwatchNaming>& swatch_naming() {
  static std::atomic<SwatchNaming> naming = short_color_name;
  return naming;
}

} // namespace

std::string hue_in_words(Srgb color) {
  const LchAb p = lch_from_lab(lab_from_srgb(color));
  return p.c < kGreyChroma ? "grey" : std::string(hue_name(p, traditional_angle(color)));
}

ColorWords color_word_parts(Srgb color) {
  const LchAb p = lch_from_lab(lab_from_srgb(color));
  if (p.l < 2) return {{}, {}, {}, "black"};
  if (p.l > 98.5 && p.c < kGreyChroma) return {{}, {}, {}, "white"};
  const double angle = traditional_angle(color);
  if (p.c < 1) return {word_of(kGreyWords, p.l), {}, {}, "grey"};
  const bool warm = std::abs(turn_between(kWarmest, angle)) < 90;
  if (p.c < kGreyChroma) return {word_of(kGreyWords, p.l), {}, warm ? "warm" : "cool", "grey"};
  const NamedHue& hue = nearest_named_hue(HueScale::Traditional, angle);
  // Magenta is narrow enough without a side.
  const bool sided = p.c >= kSidedChroma && !is_magenta(p, angle);
  const std::string_view side = sided ? side_word(angle, hue.angle) : std::string_view();
  return {word_of(kValueWords, p.l), word_of(kChromaWords, p.c), side, hue_name(p, angle)};
}

std::string_view short_first_word(const ColorWords& parts) {
  return parts.chroma.empty() && parts.hue == "grey" ? parts.side : parts.chroma;
}

std::string short_color_name(Srgb color) {
  const ColorWords parts = color_word_parts(color);
  std::string out(short_first_word(parts));
  if (!out.empty()) out += ' ';
  return out + std::string(parts.hue) + ' ' + std::to_string(std::lround(value_of(color)));
}

void name_swatches_by(SwatchNaming naming) { swatch_naming() = naming; }

std::string made_swatch_name(Srgb c) { return swatch_naming().load()(c); }

std::string color_in_words(Srgb color) {
  const ColorWords parts = color_word_parts(color);
  std::string out;
  for (const std::string_view part : {parts.value, parts.chroma, parts.side, parts.hue})
    if (!part.empty()) out += (out.empty() ? "" : " ") + std::string(part);
  return out;
}

} // namespace zc
