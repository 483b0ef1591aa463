// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/answers.h"

#include "core/color/convert.h"
#include "core/color/text.h"

#include <cmath>

namespace zc::cli {
namespace {

/// Of a key that is not named below.
constexpr int kUsualDecimals = 6;
struct Decimals {
  std::string_view key;
  int count;
};
/// What goes to 100 or to 360, and differences: a ten-thousandth is far below what an eye or a press can
/// tell.
constexpr Decimals kDecimals[] = {{"lab", 4},
                                  {"lch", 4},
                                  {"luv", 4},
                                  {"lchuv", 4},
                                  {"hsluv", 4},
                                  {"hsv", 4},
                                  {"hsl", 4},
                                  {"hue", 4},
                                  {"value", 4},
                                  {"value_span", 4},
                                  {"value_difference", 4},
                                  {"difference", 4},
                                  {"hue_off", 4},
                                  {"inks", 4},
                                  {"ink", 4},
                                  {"ink_limit", 4},
                                  {"turn", 4},
                                  {"values", 4},
                                  {"width_mm", 2},
                                  {"height_mm", 2}};

int decimals_of(std::string_view key) {
  for (const Decimals& d : kDecimals)
    if (d.key == key) return d.count;
  return kUsualDecimals;
}

void round_in(Json& json, std::string_view key) {
  if (json.is_object()) {
    for (auto& [name, inner] : json.items()) round_in(inner, name);
  } else if (json.is_array()) {
    for (Json& inner : json) round_in(inner, key);
  } else if (json.is_number_float()) {
    const double scale = std::pow(10.0, decimals_of(key));
    const double n = std::round(json.get<double>() * scale) / scale;
    json = n == 0 ? 0.0 : n; // Not "-0".
  }
}

void add_hex_lines(const Json& json, std::string& out) {
  if (json.is_array())
    for (const Json& one : json) add_hex_lines(one, out);
  if (!json.is_object()) return;
  if (json.contains("hex")) {
    out += json["hex"].get<std::string>() + "\n";
  } else if (json.contains("color")) {
    add_hex_lines(json["color"], out);
  } else {
    for (const Json& inner : json)
      if (inner.is_array()) add_hex_lines(inner, out);
  }
}

} // namespace

std::string hex_lines(const Json& answer) {
  std::string out;
  add_hex_lines(answer, out);
  return out;
}

Json color_json(Srgb c) {
  const Lab lab = lab_from_srgb(c);
  return {{"hex", hex_of(c)},
          {"srgb", three(c.r, c.g, c.b)},
          {"value", value_of(c)},
          {"lab", three(lab.l, lab.a, lab.b)}};
}

Json color_or_null(const std::optional<Srgb>& c) { return c ? color_json(*c) : Json(nullptr); }

Json swatch_json(const Swatch& swatch, const Family& family) {
  Json out{{"name", swatch.name}, {"family", family.name}};
  out.update(color_json(swatch.color));
  return out;
}

Json place_json(const WheelPoint& p) {
  const double hue = std::fmod(p.a, 360);
  return {{"hue", hue < 0 ? hue + 360 : hue}, {"saturation", p.r}, {"value", p.v}};
}

Json wheel_json(const WheelSpec& wheel) {
  return {{"hues", word_for(kHueWords, wheel.hues)}, {"measure", word_for(kMeasureWords, wheel.measure)}};
}

Json files_json(std::span<const std::string> files) {
  Json out = Json::array();
  for (const std::string& file : files) out.push_back(file);
  return out;
}

Json rounded(Json answer) {
  round_in(answer, {});
  return answer;
}

} // namespace zc::cli
