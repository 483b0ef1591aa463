#include "core/color/readout.h"

#include "core/base/angle.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/color/text.h"

#include <cmath>
#include <cstdio>

namespace zc {
namespace {

std::array<double, 3> numbers_of(ReadoutSpace space, Srgb c) {
  switch (space) {
  case ReadoutSpace::Hsv: {
    const Hsv p = hsv_from_srgb(c);
    return {p.h, 100 * p.s, 100 * p.v};
  }
  case ReadoutSpace::Hsl: {
    const Hsl p = hsl_from_srgb(c);
    return {p.h, 100 * p.s, 100 * p.l};
  }
  case ReadoutSpace::Lch: {
    const LchAb p = lch_from_lab(lab_from_srgb(c));
    return {p.l, p.c, p.h};
  }
  case ReadoutSpace::Rgb:
    break;
  }
  const Srgb8 p = rounded_8bit(c);
  return {double(p.r), double(p.g), double(p.b)};
}

bool within(double x, double low, double high) { return x >= low && x <= high; }

Error out_of_range(std::string_view what) { return {ErrorCode::BadInput, std::string(what), "color"}; }

/// The text with every run of spaces, commas and unit signs made one comma.
std::string parted(std::string_view text) {
  std::string out;
  for (std::size_t i = 0; i < text.size(); ++i) {
    const auto c = static_cast<unsigned char>(text[i]);
    const bool number = (c >= '0' && c <= '9') || c == '.' || c == '-' || c == '+' || c == 'e';
    const bool parts = c == ' ' || c == ',' || c == ';' || c == '%' || c == '\t' || c == 0xc2 || c == 0xb0;
    if (number || !parts)
      out += text[i];
    else if (!out.empty() && out.back() != ',')
      out += ',';
  }
  while (!out.empty() && out.back() == ',') out.pop_back();
  return out;
}

} // namespace

std::string readout_of(ReadoutSpace space, Srgb color) {
  const auto n = numbers_of(space, color);
  std::string out;
  for (std::size_t i = 0; i < 3; ++i) {
    const bool tenth = space == ReadoutSpace::Lch;
    // Tenths by hand, since printing follows the locale.
    const long long scaled = std::llround(n[i] * (tenth ? 10 : 1));
    if (i > 0) out += "  ";
    out += tenth ? std::to_string(scaled / 10) + "." + std::to_string(scaled % 10) : std::to_string(scaled);
  }
  return out;
}

Result<Srgb> color_of_readout(ReadoutSpace space, std::string_view text) {
  const auto read = parse_three_numbers(parted(text));
  if (!read) return out_of_range("\"" + std::string(text.substr(0, 60)) + "\" is not three numbers.");
  const auto [a, b, c] = *read;
  switch (space) {
  case ReadoutSpace::Rgb:
    if (!within(a, 0, 255) || !within(b, 0, 255) || !within(c, 0, 255))
      return out_of_range("RGB numbers go from 0 to 255.");
    return Srgb{a / 255, b / 255, c / 255};
  case ReadoutSpace::Hsv:
  case ReadoutSpace::Hsl:
    if (!within(b, 0, 100) || !within(c, 0, 100))
      return out_of_range("Saturation and lightness go from 0 to 100 percent.");
    if (space == ReadoutSpace::Hsv) return srgb_from_hsv({wrap_degrees(a), b / 100, c / 100});
    return srgb_from_hsl({wrap_degrees(a), b / 100, c / 100});
  case ReadoutSpace::Lch:
    break;
  }
  if (!within(a, 0, 100) || b < 0) return out_of_range("Lightness goes from 0 to 100 and chroma from 0 up.");
  const auto shown = shown_on_display(srgb_from_xyz(xyz_from_lab(lab_from_lch({a, b, c}))));
  if (!shown)
    return out_of_range("The display has no color of that lightness, chroma and hue; lower the chroma.");
  return *shown;
}

} // namespace zc
