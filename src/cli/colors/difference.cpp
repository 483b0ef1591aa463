// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"

#include <cmath>

namespace zc::cli {
namespace {

Result<Json> difference(const std::vector<std::string>& colors, const std::vector<std::string>& labs) {
  std::vector<Lab> pair;
  for (const auto& text : colors) {
    const auto color = given_color(text);
    if (!color) return color.error();
    pair.push_back(lab_from_srgb(*color));
  }
  for (const auto& text : labs) {
    const auto n = parse_three_numbers(text);
    if (!n) return n.error();
    pair.push_back({(*n)[0], (*n)[1], (*n)[2]});
  }
  if (pair.size() != 2)
    return Error{ErrorCode::BadInput, as_said("Give exactly two colors to compare."), "difference"};
  return Json{{"difference", ciede2000(pair[0], pair[1])},
              {"value_difference", std::abs(pair[0].l - pair[1].l)}};
}

struct DifferenceRequest {
  std::vector<std::string> colors, labs;
};

} // namespace

Command add_difference(const Options& app) {
  auto r = std::make_shared<DifferenceRequest>();
  const Options command = app.command("difference", "CIEDE2000 between two colors");
  command.texts("color", r->colors, kColorHelp);
  command.each(
      "--lab", [r](const std::string& text) { r->labs.push_back(text); }, "L,a,b relative to D65");
  return {command, [r] { return difference(r->colors, r->labs); }};
}

} // namespace zc::cli
