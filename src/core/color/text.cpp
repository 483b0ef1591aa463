// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/text.h"

#include "core/base/sentences.h"
#include "core/base/text.h"

#include "core/color/convert.h"

#include <charconv>
#include <cmath>

namespace zc {
namespace {

Error not_a_color(std::string_view text) {
  return {ErrorCode::BadInput, say(Sentence::NoPlainColor, std::string(text.substr(0, 60))), "color"};
}

int hex_digit(char c) {
  if (c >= '0' && c <= '9') return c - '0';
  if (c >= 'a' && c <= 'f') return c - 'a' + 10;
  if (c >= 'A' && c <= 'F') return c - 'A' + 10;
  return -1;
}

} // namespace

std::string hex_of(Srgb8 c) {
  constexpr char digits[] = "0123456789abcdef";
  std::string s = "#";
  for (const auto channel : {c.r, c.g, c.b}) {
    s += digits[channel >> 4];
    s += digits[channel & 15];
  }
  return s;
}
std::string hex_of(Srgb c) { return hex_of(rounded_8bit(c)); }

Result<std::array<double, 3>> parse_three_numbers(std::string_view text) {
  std::array<double, 3> out{};
  std::string_view rest = text;
  for (int i = 0; i < 3; ++i) {
    const auto comma = rest.find(',');
    const auto part = trimmed(rest.substr(0, comma));
    const auto [end, code] = std::from_chars(part.data(), part.data() + part.size(), out[i]);
    const bool read = code == std::errc() && end == part.data() + part.size() && std::isfinite(out[i]);
    const bool last = comma == std::string_view::npos;
    if (!read || last != (i == 2))
      return Error{ErrorCode::BadInput, say(Sentence::NotThreeNumbers, std::string(text.substr(0, 60))),
                   "numbers"};
    rest = last ? std::string_view{} : rest.substr(comma + 1);
  }
  return out;
}

Result<Srgb> parse_color(std::string_view text) {
  auto s = trimmed(text);
  if (s.starts_with("srgb:")) {
    const auto n = parse_three_numbers(s.substr(5));
    if (!n) return not_a_color(text);
    for (const double x : *n)
      if (x < 0 || x > 1) return not_a_color(text);
    return Srgb{(*n)[0], (*n)[1], (*n)[2]};
  }
  if (s.starts_with('#')) s.remove_prefix(1);
  if (s.size() != 3 && s.size() != 6) return not_a_color(text);
  std::uint8_t channel[3];
  const std::size_t width = s.size() / 3;
  for (std::size_t i = 0; i < 3; ++i) {
    const int high = hex_digit(s[i * width]), low = hex_digit(s[i * width + width - 1]);
    if (high < 0 || low < 0) return not_a_color(text);
    channel[i] = static_cast<std::uint8_t>(high * 16 + low);
  }
  return srgb_from_8bit({channel[0], channel[1], channel[2]});
}

} // namespace zc
