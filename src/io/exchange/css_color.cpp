// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/exchange/css_color.h"

#include "core/color/convert.h"
#include "core/color/text.h"
#include "io/exchange/gathering.h"

#include <QColor>
#include <numbers>
#include <vector>

namespace zc {
namespace {

struct Part {
  double number = 0;
  std::string unit; ///< "%", "deg", "rad", "grad", "turn" or empty.
};

std::optional<Part> part_of(std::string_view text) {
  if (text == "none") return Part{};
  std::size_t end = text.size();
  while (end > 0 && (text[end - 1] == '%' || (text[end - 1] >= 'a' && text[end - 1] <= 'z'))) --end;
  const auto number = number_of(text.substr(0, end));
  if (!number) return std::nullopt;
  return Part{*number, std::string(text.substr(end))};
}

/// Words between commas, spaces and a slash; at most eight.
std::vector<std::string_view> words_of(std::string_view text) {
  std::vector<std::string_view> out;
  constexpr std::string_view apart = " \t\r\n,/";
  for (std::size_t at = text.find_first_not_of(apart); at != std::string_view::npos && out.size() < 8;) {
    const std::size_t end = std::min(text.find_first_of(apart, at), text.size());
    out.push_back(text.substr(at, end - at));
    at = text.find_first_not_of(apart, end);
  }
  return out;
}

double degrees_of(const Part& p) {
  if (p.unit == "rad") return p.number * 180 / std::numbers::pi;
  if (p.unit == "grad") return p.number * 0.9;
  if (p.unit == "turn") return p.number * 360;
  return p.number;
}

/// What 100 % of each component means, and which one is a hue.
struct Shape {
  std::string_view function, space;
  std::array<double, 3> percent;
  int hue = -1;
  double scale = 1; ///< Of plain numbers.
};
constexpr Shape kShapes[] = {
    {"rgb", "srgb", {1, 1, 1}, -1, 1 / 255.0}, {"rgba", "srgb", {1, 1, 1}, -1, 1 / 255.0},
    {"hsl", "hsl", {100, 100, 100}, 0},        {"hsla", "hsl", {100, 100, 100}, 0},
    {"hwb", "hwb", {100, 100, 100}, 0},        {"lab", "lab", {100, 125, 125}},
    {"lch", "lch", {100, 150, 100}, 2},        {"oklab", "oklab", {1, 0.4, 0.4}},
    {"oklch", "oklch", {1, 0.4, 1}, 2}};

std::optional<Xyz> in_shape(const Shape& shape, const std::vector<std::string_view>& words,
                            std::size_t first) {
  if (words.size() < first + 3) return std::nullopt;
  std::array<double, 3> c{};
  for (int i = 0; i < 3; ++i) {
    const auto part = part_of(words[first + static_cast<std::size_t>(i)]);
    if (!part) return std::nullopt;
    if (i == shape.hue)
      c[i] = degrees_of(*part);
    else
      c[i] = part->unit == "%" ? part->number / 100 * shape.percent[i] : part->number * shape.scale;
  }
  return xyz_in_space(shape.space, c);
}

std::optional<Xyz> hex_color(std::string_view text) {
  const auto digit = [](char c) {
    if (c >= '0' && c <= '9') return c - '0';
    return c >= 'a' && c <= 'f' ? c - 'a' + 10 : -1;
  };
  const std::size_t n = text.size();
  if (n != 3 && n != 4 && n != 6 && n != 8) return std::nullopt;
  const bool brief = n < 6;
  std::array<std::uint8_t, 3> c{};
  for (std::size_t i = 0; i < n; ++i)
    if (digit(text[i]) < 0) return std::nullopt;
  for (std::size_t i = 0; i < 3; ++i)
    c[i] = static_cast<std::uint8_t>(brief ? digit(text[i]) * 17
                                           : digit(text[2 * i]) * 16 + digit(text[2 * i + 1]));
  return xyz_from_srgb(srgb_from_8bit({c[0], c[1], c[2]}));
}

/// Of a text that is a color: hex digits, or a fourth number after the three components.
bool is_opaque(std::string_view text) {
  if (text[0] == '#') return text.size() == 5 ? text[4] == 'f' : text.size() != 9 || text.substr(7) == "ff";
  const auto open = text.find('(');
  if (open == std::string_view::npos) return true;
  const auto words = words_of(text.substr(open + 1, text.size() - open - 2));
  const std::size_t alpha = text.starts_with("color(") ? 4 : 3;
  if (words.size() <= alpha) return true;
  const auto part = part_of(words[alpha]);
  return part && part->number >= (part->unit == "%" ? 100 : 1);
}

/// "61, 134, 255" or "61 134 255", as picks are handed over: red, green and blue from 0 to 255.
std::optional<Srgb> three_numbers(std::string_view given) {
  const auto words = words_of(trimmed(given));
  if (words.size() != 3 || given.find('/') != std::string_view::npos) return std::nullopt;
  std::array<double, 3> out{};
  for (std::size_t i = 0; i < 3; ++i) {
    const auto number = number_of(words[i]);
    if (!number || !(*number >= 0 && *number <= 255)) return std::nullopt;
    out[i] = *number / 255;
  }
  return Srgb{out[0], out[1], out[2]};
}

} // namespace

std::optional<Xyz> css_color(std::string_view given) {
  const std::string text = lower_ascii(trimmed(given));
  if (text.empty() || text.size() > 300) return std::nullopt;
  if (text[0] == '#') return hex_color(std::string_view(text).substr(1));
  const auto open = text.find('(');
  if (open == std::string::npos) {
    // The toolkit knows the names of SVG 1.1, which are those of CSS, and "transparent", which is no color.
    if (text == "transparent" || text.find_first_not_of("abcdefghijklmnopqrstuvwxyz") != std::string::npos)
      return std::nullopt;
    const QColor named(QString::fromStdString(text));
    if (!named.isValid()) return std::nullopt;
    return xyz_from_srgb({named.redF(), named.greenF(), named.blueF()});
  }
  if (text.back() != ')') return std::nullopt;
  const std::string function = text.substr(0, open);
  const auto words = words_of(std::string_view(text).substr(open + 1, text.size() - open - 2));
  if (function == "color") {
    if (words.empty()) return std::nullopt;
    return in_shape({"color", words[0], {1, 1, 1}}, words, 1);
  }
  for (const auto& shape : kShapes)
    if (shape.function == function) return in_shape(shape, words, 0);
  return std::nullopt;
}

Result<Displayed> typed_color(std::string_view given) {
  if (const auto plain = parse_color(given)) return Displayed{*plain, false};
  if (const auto numbers = three_numbers(given)) return Displayed{*numbers, false};
  std::string text = lower_ascii(trimmed(given));
  if ((text.size() == 4 || text.size() == 8) && hex_color(text)) text.insert(text.begin(), '#');
  const auto color = css_color(text);
  const std::string quoted = "\"" + std::string(trimmed(given).substr(0, 60)) + "\"";
  if (!color)
    return Error{
        ErrorCode::BadInput,
        quoted +
            " is not a color; write hex like #d8904a, three numbers from 0 to 255, a CSS name, rgb(), hsl(), "
            "lab() or oklch().",
        "color"};
  if (!is_opaque(text))
    return Error{ErrorCode::BadInput, quoted + " is partly transparent; give the color itself.", "color"};
  return displayed(*color);
}

} // namespace zc
