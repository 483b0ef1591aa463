// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/exchange/study_files.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/try/area_outlines.h"
#include "io/exchange/csv_line.h"
#include "io/photo/decode.h"
#include "io/photo/picture_file.h"

#include <QColorSpace>
#include <QImage>

#include <algorithm>
#include <cctype>
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

/// Letters, digits and what lies beyond ASCII stay; anything else is a hyphen.
std::string safe_name(const std::string& name) {
  std::string out;
  for (const char c : name) {
    const bool stays = std::isalnum(static_cast<unsigned char>(c)) || static_cast<unsigned char>(c) >= 0x80;
    if (stays)
      out += c;
    else if (!out.empty() && out.back() != '-')
      out += '-';
  }
  while (out.ends_with('-')) out.pop_back();
  return out.substr(0, 80);
}

std::vector<bool> used_swatches(const StudyFills& fills) {
  std::vector<bool> out(fills.colors.size(), false);
  for (const std::size_t s : fills.swatches) out[s] = true;
  return out;
}

/// An id of XML begins with a letter and is there once.
std::string id_of(const StudyFills& fills, std::size_t swatch) {
  const std::string name = safe_name(fills.names[swatch]);
  const bool again =
      std::any_of(fills.names.begin(), fills.names.begin() + static_cast<std::ptrdiff_t>(swatch),
                  [&](const std::string& other) { return safe_name(other) == name; });
  const bool begins = !name.empty() && !std::isdigit(static_cast<unsigned char>(name.front()));
  return (begins ? "" : "swatch-") + name + (again || name.empty() ? "-" + std::to_string(swatch + 1) : "");
}

} // namespace

std::string study_svg(const StudyFills& fills) {
  const Areas& areas = *fills.areas;
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
  const std::vector<bool> used = used_swatches(fills);
  for (std::size_t swatch = 0; swatch < used.size(); ++swatch) {
    if (!used[swatch]) continue;
    auto group = svg.append_child("g");
    group.append_attribute("id") = id_of(fills, swatch).c_str();
    group.append_attribute("fill") = hex_of(fills.colors[swatch]).c_str();
    group.append_attribute("fill-rule") = "evenodd";
    group.append_child("title").text() = fills.names[swatch].c_str();
    for (std::size_t i = 0; i < outlines.size(); ++i) {
      if (fills.swatches[i] != swatch) continue;
      auto path = group.append_child("path");
      path.append_attribute("id") = ("area-" + std::to_string(i + 1)).c_str();
      path.append_attribute("d") = path_data(outlines[i]).c_str();
    }
  }
  std::ostringstream out;
  document.save(out, "", pugi::format_raw);
  return out.str();
}

std::vector<std::string> fill_names(const StudyFills& fills) {
  std::vector<std::string> out;
  const std::vector<bool> used = used_swatches(fills);
  for (std::size_t i = 0; i < used.size(); ++i) {
    if (!used[i]) continue;
    const std::string number = std::to_string(i + 1), name = safe_name(fills.names[i]);
    out.push_back((number.size() < 2 ? "0" : "") + number + (name.empty() ? "" : "-") + name + ".png");
  }
  return out;
}

Status save_fill_pngs(const std::filesystem::path& folder, const StudyFills& fills,
                      const Progress& progress) {
  const Areas& areas = *fills.areas;
  const auto names = fill_names(fills);
  const std::vector<bool> used = used_swatches(fills);
  std::size_t file = 0;
  for (std::size_t swatch = 0; swatch < used.size(); ++swatch) {
    if (!used[swatch]) continue;
    if (progress && !progress(static_cast<double>(file) / static_cast<double>(names.size())))
      return Error{ErrorCode::Stopped, Sentence::SavingStopped, folder.string()};
    QImage image(areas.width, areas.height, QImage::Format_ARGB32);
    image.setColorSpace(QColorSpace::SRgb);
    const Pixel color = pixel_of(rounded_8bit(fills.colors[swatch])), nothing{0};
    Pixel* const pixels = pixels_of(image);
    for (std::size_t i = 0; i < areas.numbers.size(); ++i) {
      const AreaNumber area = areas.numbers[i];
      pixels[i] = area != kNoArea && fills.swatches[area] == swatch ? color : nothing;
    }
    Status saved = save_picture(std::move(image), (folder / names[file++]).string());
    if (!saved) return saved;
  }
  return Done{};
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
