// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/exchange/study_files.h"

#include "core/color/text.h"
#include "core/try/area_outlines.h"
#include "io/exchange/csv_line.h"

#include <pugixml.hpp>
#include <sstream>

namespace zc {
namespace {

std::string path_data(const std::vector<AreaLoop>& loops) {
  std::string out;
  for (const AreaLoop& loop : loops) {
    for (std::size_t i = 0; i < loop.size(); ++i)
      out += (i == 0 ? "M" : "L") + std::to_string(loop[i].first) + " " + std::to_string(loop[i].second);
    out += "Z";
  }
  return out;
}

} // namespace

std::string study_svg(const Areas& areas, const std::vector<Srgb>& colors,
                      const std::vector<std::string>& names) {
  pugi::xml_document document;
  auto svg = document.append_child("svg");
  svg.append_attribute("xmlns") = "http://www.w3.org/2000/svg";
  svg.append_attribute("version") = "1.1";
  svg.append_attribute("width") = areas.width;
  svg.append_attribute("height") = areas.height;
  svg.append_attribute("viewBox") =
      ("0 0 " + std::to_string(areas.width) + " " + std::to_string(areas.height)).c_str();
  // Soft edges would let the ground through between neighbors.
  svg.append_attribute("shape-rendering") = "crispEdges";
  const auto outlines = area_outlines(areas);
  for (std::size_t i = 0; i < outlines.size(); ++i) {
    auto path = svg.append_child("path");
    path.append_attribute("id") = ("area-" + std::to_string(i + 1)).c_str();
    path.append_attribute("fill") = hex_of(colors[i]).c_str();
    path.append_attribute("fill-rule") = "evenodd";
    path.append_attribute("d") = path_data(outlines[i]).c_str();
    path.append_child("title").text() = names[i].c_str();
  }
  std::ostringstream out;
  document.save(out, "", pugi::format_raw);
  return out.str();
}

std::string pairs_csv(const std::vector<Pair>& pairs, const List<Family>& from, const List<Family>& to) {
  std::string out = csv_line({"old", "new", "name"});
  for (const Pair& p : pairs) {
    const Swatch *a = find_swatch(from, p.from), *b = find_swatch(to, p.to);
    if (a && b) out += csv_line({hex_of(a->color), hex_of(b->color), safe_words(a->name)});
  }
  return out;
}

} // namespace zc
