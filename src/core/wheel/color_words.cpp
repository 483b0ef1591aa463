#include "core/wheel/color_words.h"

#include "core/color/convert.h"
#include "core/wheel/wheel.h"

namespace zc {
namespace {

std::string value_word(double l) {
  if (l < 15) return "very dark ";
  if (l < 35) return "dark ";
  if (l >= 85) return "very light ";
  return l >= 65 ? "light " : "";
}

std::string chroma_word(double c) {
  if (c < 12) return "greyed ";
  if (c < 28) return "dull ";
  return c >= 70 ? "vivid " : "";
}

} // namespace

std::string color_in_words(Srgb color) {
  static const Wheel wheel{WheelSpec{}};
  const LchAb p = lch_from_lab(lab_from_srgb(color));
  if (p.l < 2) return "black";
  if (p.l > 98.5 && p.c < 4) return "white";
  const double angle = wheel.locate(color).a;
  if (p.c < 1) return value_word(p.l) + "grey";
  if (p.c < 4) return value_word(p.l) + (angle < 150 || angle >= 330 ? "warm grey" : "cool grey");
  const bool brown = angle >= 30 && angle < 112 && p.l < 50 && p.c < 55;
  return value_word(p.l) + chroma_word(p.c) +
         (brown ? "brown" : std::string(nearest_named_hue(HueScale::Traditional, angle).name));
}

} // namespace zc
