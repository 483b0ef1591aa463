// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/masks.h"

#include <charconv>
#include <sstream>

namespace zc::cli {
namespace {

/// Numbers parted by commas; nothing where one of them is none.
std::vector<double> numbers_in(const std::string& text) {
  std::vector<double> out;
  const char *at = text.data(), *end = text.data() + text.size();
  while (at != end) {
    double n = 0;
    const auto read = std::from_chars(at, end, n);
    if (read.ec != std::errc() || !std::isfinite(n)) return {};
    out.push_back(n);
    at = read.ptr;
    if (at == end) break;
    if (*at != ',' || ++at == end) return {};
  }
  return out;
}

Error no_area(const std::string& text) {
  return {ErrorCode::BadInput, as_said("\"" + text + "\" is no area; write " + kAreaHelp + "."), "--area"};
}

std::optional<DiscPoint> place_in(const std::string& word) {
  const auto n = numbers_in(word);
  if (n.size() != 2 || n[1] < 0 || n[1] > 1) return std::nullopt;
  return disc_point(Angle(n[0]), n[1]);
}

double turn_of(double degrees) {
  const double turn = std::fmod(degrees, 360);
  return turn < 0 ? turn + 360 : turn;
}

} // namespace

Result<Shape> shape_in(const std::string& text) {
  std::istringstream words(text);
  std::string kind, word;
  words >> kind;
  std::vector<std::string> rest;
  while (words >> word) rest.push_back(word);
  if (kind == "polygon" && rest.size() >= 3) {
    Polygon out;
    for (const std::string& corner : rest) {
      const auto p = place_in(corner);
      if (!p) return no_area(text);
      out.points.push_back(*p);
    }
    return Shape(out);
  }
  if (kind == "ellipse" && rest.size() == 2) {
    const auto middle = place_in(rest[0]);
    const auto n = numbers_in(rest[1]);
    if (!middle || n.size() != 3) return no_area(text);
    return Shape(Ellipse{*middle, n[0], n[1], turn_of(n[2])});
  }
  if (kind == "sector" && rest.size() == 1) {
    const auto n = numbers_in(rest[0]);
    if (n.size() != 4) return no_area(text);
    return Shape(RingSector{turn_of(n[0]), n[1], n[2], n[3]});
  }
  return no_area(text);
}

Json mask_json(const Piece& piece) {
  if (!piece.mask) return nullptr;
  return {{"name", piece.mask->name},
          {"on", piece.mask_on},
          {"keeps_picks", word_for(kRules, piece.rule)},
          {"counts", {{"areas", piece.mask->areas.size()}}},
          {"turn", piece.mask->turned},
          {"share", MaskRegion(*piece.mask).share()}};
}

} // namespace zc::cli
