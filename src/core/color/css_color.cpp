// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/css_color.h"

#include "core/base/sentences.h"
#include "core/base/text.h"
#include "core/color/color_names.h"
#include "core/color/convert.h"
#include "core/color/text.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <numbers>
#include <vector>

namespace zc {
namespace {

// ---------------------------------------------------------------- tokens (CSS Syntax 3, section 4)

struct Token {
  enum Kind { Number, Percent, Angle, Word, Comma, Slash } kind = Comma;
  double number = 0; ///< Of an angle in degrees.
  std::string word{};
};

bool is_digit(char c) { return c >= '0' && c <= '9'; }
bool is_letter(char c) { return (c >= 'a' && c <= 'z') || c == '-' || c == '_' || is_digit(c); }
bool is_space(char c) { return c == ' ' || c == '\t' || c == '\n' || c == '\r' || c == '\f'; }

std::optional<double> degrees_in(std::string_view unit) {
  if (unit == "deg") return 1;
  if (unit == "rad") return 180 / std::numbers::pi;
  if (unit == "grad") return 0.9;
  if (unit == "turn") return 360;
  return std::nullopt;
}

class Tokens {
public:
  explicit Tokens(std::string_view text) : m_rest(text) {}
  /// Nothing where something is no token of a color.
  [[nodiscard]] std::optional<std::vector<Token>> all() {
    std::vector<Token> out;
    while (skip_spaces()) {
      constexpr std::size_t most = 12; // No notation has more.
      if (out.size() == most) return std::nullopt;
      auto token = next();
      if (!token) return std::nullopt;
      out.push_back(std::move(*token));
    }
    if (m_broken) return std::nullopt;
    return out;
  }

private:
  /// Comments are spaces. Whether anything is left.
  bool skip_spaces() {
    while (!m_rest.empty()) {
      if (m_rest.starts_with("/*")) {
        const auto end = m_rest.find("*/", 2);
        if (end == std::string_view::npos) return m_broken = true, false;
        m_rest.remove_prefix(end + 2);
      } else if (is_space(m_rest[0])) {
        m_rest.remove_prefix(1);
      } else {
        return true;
      }
    }
    return false;
  }
  std::optional<Token> next() {
    if (m_rest[0] == ',' || m_rest[0] == '/') {
      const Token out{m_rest[0] == ',' ? Token::Comma : Token::Slash, 0, {}};
      m_rest.remove_prefix(1);
      return out;
    }
    if (const std::size_t digits = number_length()) return number(digits);
    const std::string_view word = letters();
    if (word.empty()) return std::nullopt;
    return Token{Token::Word, 0, std::string(word)};
  }
  /// A sign, digits, a point with digits after it, an exponent with digits.
  [[nodiscard]] std::size_t number_length() const {
    const auto digits_from = [&](std::size_t at) {
      while (at < m_rest.size() && is_digit(m_rest[at])) ++at;
      return at;
    };
    const std::size_t sign = m_rest[0] == '+' || m_rest[0] == '-' ? 1 : 0;
    std::size_t end = digits_from(sign);
    if (end < m_rest.size() && m_rest[end] == '.' && digits_from(end + 1) > end + 1)
      end = digits_from(end + 1);
    if (end == sign) return 0;
    if (end < m_rest.size() && m_rest[end] == 'e') {
      const std::size_t power = end + 1 < m_rest.size() && (m_rest[end + 1] == '+' || m_rest[end + 1] == '-');
      if (digits_from(end + 1 + power) > end + 1 + power) end = digits_from(end + 1 + power);
    }
    return end;
  }
  std::optional<Token> number(std::size_t length) {
    std::string_view digits = m_rest.substr(0, length);
    if (digits[0] == '+') digits.remove_prefix(1);
    double x = 0;
    const auto read = std::from_chars(digits.data(), digits.data() + digits.size(), x);
    if (read.ec != std::errc() || !std::isfinite(x)) return std::nullopt;
    m_rest.remove_prefix(length);
    if (m_rest.starts_with('%')) {
      m_rest.remove_prefix(1);
      return Token{Token::Percent, x, {}};
    }
    const std::string_view unit = letters();
    if (unit.empty()) return Token{Token::Number, x, {}};
    const auto degrees = degrees_in(unit);
    if (!degrees) return std::nullopt;
    return Token{Token::Angle, x * *degrees, {}};
  }
  std::string_view letters() {
    const auto end = std::find_if_not(m_rest.begin(), m_rest.end(), is_letter);
    const std::string_view out = m_rest.substr(0, static_cast<std::size_t>(end - m_rest.begin()));
    m_rest.remove_prefix(out.size());
    return out;
  }

  std::string_view m_rest;
  bool m_broken = false;
};

// ---------------------------------------------------------------- notations (CSS Color 4)

constexpr double kNoEnd = 1e300;

/// What one of three components may be.
struct CssPart {
  double percent = 1;                  ///< What 100 % is.
  double low = -kNoEnd, high = kNoEnd; ///< Beyond it is brought to the end as it is read.
  double scale = 1;                    ///< Of a plain number.
  bool hue = false;
};

struct Notation {
  std::string_view function, space;
  std::array<CssPart, 3> components;
  enum Commas { None, OfOneKind, HuePercentPercent } commas = None; ///< The form with commas.
};
constexpr CssPart kHuePart{0, -kNoEnd, kNoEnd, 1, true};
constexpr CssPart kBytePart{1, 0, 1, 1 / 255.0}, kSharePart{100, 0, kNoEnd}, kLightnessPart{100},
    kPlainPart{};
// Sections 5.1, 7, 8, 9.3 to 9.6: what is clamped as it is read.
const Notation kNotations[] = {
    {"rgb", "srgb", {kBytePart, kBytePart, kBytePart}, Notation::OfOneKind},
    {"rgba", "srgb", {kBytePart, kBytePart, kBytePart}, Notation::OfOneKind},
    {"hsl", "hsl", {kHuePart, kSharePart, kLightnessPart}, Notation::HuePercentPercent},
    {"hsla", "hsl", {kHuePart, kSharePart, kLightnessPart}, Notation::HuePercentPercent},
    {"hwb", "hwb", {kHuePart, kSharePart, kSharePart}},
    {"lab", "lab", {CssPart{100, 0, 100}, CssPart{125}, CssPart{125}}},
    {"lch", "lch", {CssPart{100, 0, 100}, CssPart{150, 0}, kHuePart}},
    {"oklab", "oklab", {CssPart{1, 0, 1}, CssPart{0.4}, CssPart{0.4}}},
    {"oklch", "oklch", {CssPart{1, 0, 1}, CssPart{0.4, 0}, kHuePart}}};
constexpr std::string_view kColorSpaces[] = {
    "srgb", "srgb-linear", "display-p3", "a98-rgb", "prophoto-rgb", "rec2020", "xyz", "xyz-d50", "xyz-d65"};

using Words = std::vector<Token>;

std::optional<double> component_of(const Token& t, const CssPart& c) {
  double x = 0;
  if (t.kind == Token::Word && t.word != "none") return std::nullopt;
  if (t.kind == Token::Number) x = t.number * c.scale;
  if (t.kind == Token::Percent && c.hue) return std::nullopt;
  if (t.kind == Token::Percent) x = t.number / 100 * c.percent;
  if (t.kind == Token::Angle && !c.hue) return std::nullopt;
  if (t.kind == Token::Angle) x = t.number;
  if (t.kind == Token::Comma || t.kind == Token::Slash) return std::nullopt;
  return std::clamp(x, c.low, c.high);
}

std::optional<double> alpha_of(const Token& t) {
  if (t.kind == Token::Word && t.word == "none") return 0;
  if (t.kind != Token::Number && t.kind != Token::Percent) return std::nullopt;
  return std::clamp(t.kind == Token::Percent ? t.number / 100 : t.number, 0.0, 1.0);
}

struct Parts {
  std::array<Token, 3> components;
  std::optional<Token> alpha;
};

/// "a, b, c" and "a, b, c, alpha".
std::optional<Parts> with_commas(const Words& w, Notation::Commas form) {
  if (w.size() != 5 && w.size() != 7) return std::nullopt;
  for (std::size_t i = 1; i < w.size(); i += 2)
    if (w[i].kind != Token::Comma) return std::nullopt;
  Parts out{{w[0], w[2], w[4]}, {}};
  if (w.size() == 7) {
    if (w[6].kind == Token::Word) return std::nullopt;
    out.alpha = w[6];
  }
  if (form == Notation::HuePercentPercent) {
    const bool hue = w[0].kind == Token::Number || w[0].kind == Token::Angle;
    if (!hue || w[2].kind != Token::Percent || w[4].kind != Token::Percent) return std::nullopt;
  } else if (w[0].kind != w[2].kind || w[0].kind != w[4].kind || w[0].kind == Token::Word) {
    return std::nullopt;
  }
  return out;
}

/// "a b c" and "a b c / alpha", from one word on.
std::optional<Parts> without_commas(const Words& w, std::size_t first) {
  if (w.size() != first + 3 && w.size() != first + 5) return std::nullopt;
  Parts out{{w[first], w[first + 1], w[first + 2]}, {}};
  if (w.size() == first + 3) return out;
  if (w[first + 3].kind != Token::Slash) return std::nullopt;
  out.alpha = w[first + 4];
  return out;
}

/// Sections 9.3 and 9.4: at the ends of their lightness these are displayed as black and white.
bool has_ends(std::string_view space, const std::array<CssPart, 3>& shape) {
  const double end = shape[0].high;
  return end < kNoEnd && shape[0].percent == end && !shape[0].hue && space != "srgb";
}

std::optional<CssColor> color_in(std::string_view space, const std::array<CssPart, 3>& shape,
                                 const Parts& parts) {
  std::array<double, 3> c{};
  for (std::size_t i = 0; i < 3; ++i) {
    const auto x = component_of(parts.components[i], shape[i]);
    if (!x) return std::nullopt;
    c[i] = *x;
  }
  if (const double end = shape[0].high; has_ends(space, shape) && (c[0] <= 0 || c[0] >= end))
    c = {c[0] <= 0 ? 0 : end, 0, shape[2].hue ? c[2] : 0};
  const auto alpha = parts.alpha ? alpha_of(*parts.alpha) : 1;
  const auto color = xyz_in_space(space, c);
  if (!alpha || !color) return std::nullopt;
  // What hsl() and hwb() say is sRGB, and ends where that ends, as rgb() does.
  if (space != "hsl" && space != "hwb") return CssColor{*color, *alpha};
  const Srgb s = srgb_from_xyz(*color);
  return CssColor{
      xyz_from_srgb({std::clamp(s.r, 0.0, 1.0), std::clamp(s.g, 0.0, 1.0), std::clamp(s.b, 0.0, 1.0)}),
      *alpha};
}

std::optional<CssColor> hex_color(std::string_view text) {
  const auto digit = [](char c) {
    if (is_digit(c)) return c - '0';
    return c >= 'a' && c <= 'f' ? c - 'a' + 10 : -1;
  };
  const std::size_t n = text.size();
  if (n != 3 && n != 4 && n != 6 && n != 8) return std::nullopt;
  const bool brief = n < 6;
  std::array<std::uint8_t, 4> c{0, 0, 0, 255};
  for (std::size_t i = 0; i < n; ++i)
    if (digit(text[i]) < 0) return std::nullopt;
  for (std::size_t i = 0; i < (brief ? n : n / 2); ++i)
    c[i] = static_cast<std::uint8_t>(brief ? digit(text[i]) * 17
                                           : digit(text[2 * i]) * 16 + digit(text[2 * i + 1]));
  return CssColor{xyz_from_srgb(srgb_from_8bit({c[0], c[1], c[2]})), c[3] / 255.0};
}

std::optional<CssColor> named_color(std::string_view name) {
  const auto color = color_of_name(name);
  return color ? std::optional(CssColor{xyz_from_srgb(*color), 1}) : std::nullopt;
}

/// "61, 134, 255" or "61 134 255", as picks are copied on pick: red, green and blue from 0 to 255.
std::optional<Srgb> three_numbers(std::string_view given) {
  auto words = Tokens(given).all();
  if (!words) return std::nullopt;
  if (words->size() == 5 && (*words)[1].kind == Token::Comma && (*words)[3].kind == Token::Comma)
    words = Words{(*words)[0], (*words)[2], (*words)[4]};
  if (words->size() != 3) return std::nullopt;
  std::array<double, 3> out{};
  for (std::size_t i = 0; i < 3; ++i) {
    const Token& t = (*words)[i];
    if (t.kind != Token::Number || t.number < 0 || t.number > 255) return std::nullopt;
    out[i] = t.number / 255;
  }
  return Srgb{out[0], out[1], out[2]};
}

/// Of color(), where the first word names the space.
std::optional<CssColor> color_function(const Words& words) {
  if (words.empty() || words.front().kind != Token::Word) return std::nullopt;
  const std::string& space = words.front().word;
  if (std::find(std::begin(kColorSpaces), std::end(kColorSpaces), space) == std::end(kColorSpaces))
    return std::nullopt;
  const auto parts = without_commas(words, 1);
  return parts ? color_in(space, {kPlainPart, kPlainPart, kPlainPart}, *parts) : std::nullopt;
}

} // namespace

std::optional<CssColor> css_color(std::string_view given) {
  const std::string text = lower_ascii(trimmed(given));
  if (text.empty() || text.size() > 300) return std::nullopt;
  if (text[0] == '#') return hex_color(std::string_view(text).substr(1));
  const auto open = text.find('(');
  if (open == std::string::npos) return named_color(text);
  if (text.back() != ')') return std::nullopt;
  const std::string_view function = std::string_view(text).substr(0, open);
  const auto words = Tokens(std::string_view(text).substr(open + 1, text.size() - open - 2)).all();
  if (!words) return std::nullopt;
  if (function == "color") return color_function(*words);
  const auto* notation = std::find_if(std::begin(kNotations), std::end(kNotations),
                                      [&](const Notation& n) { return n.function == function; });
  if (notation == std::end(kNotations)) return std::nullopt;
  auto parts = without_commas(*words, 0);
  if (const bool commas =
          std::any_of(words->begin(), words->end(), [](const Token& t) { return t.kind == Token::Comma; });
      commas)
    parts = notation->commas == Notation::None ? std::nullopt : with_commas(*words, notation->commas);
  return parts ? color_in(notation->space, notation->components, *parts) : std::nullopt;
}

Result<std::optional<Ink>> typed_inks(std::string_view given) {
  const std::string text = lower_ascii(trimmed(given));
  auto words = Tokens(text).all();
  if (!words) return std::optional<Ink>();
  if (!words->empty() && words->front().kind == Token::Word && words->front().word == "cmyk")
    words->erase(words->begin());
  std::vector<double> shares;
  bool comma_wanted = false;
  for (const Token& t : *words) {
    if (t.kind == Token::Comma && comma_wanted) {
      comma_wanted = false;
      continue;
    }
    if (t.kind != Token::Number && t.kind != Token::Percent) return std::optional<Ink>();
    shares.push_back(t.number);
    comma_wanted = true;
  }
  if (shares.size() != 4 || !comma_wanted) return std::optional<Ink>();
  for (const double share : shares)
    if (!(share >= 0 && share <= 100)) return Error{ErrorCode::BadInput, Sentence::InksRange, "color"};
  return std::optional(Ink{shares[0], shares[1], shares[2], shares[3]});
}

Result<Displayed> typed_color(std::string_view given) {
  if (const auto plain = parse_color(given)) return Displayed{*plain, false};
  if (const auto numbers = three_numbers(given)) return Displayed{*numbers, false};
  std::string text = lower_ascii(trimmed(given));
  if ((text.size() == 4 || text.size() == 8) && hex_color(text)) text.insert(text.begin(), '#');
  const auto color = css_color(text);
  const std::string_view quoted = trimmed(given).substr(0, 60);
  if (!color) return Error{ErrorCode::BadInput, say(Sentence::NoColor, quoted), "color"};
  if (color->alpha < 1) return Error{ErrorCode::BadInput, say(Sentence::PartlyTransparent, quoted), "color"};
  return displayed(color->color);
}

} // namespace zc
