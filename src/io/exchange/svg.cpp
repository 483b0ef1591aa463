// SPDX-License-Identifier: GPL-3.0-or-later
// SVG 1.1: a row of titled squares for each family, in a titled group. Read: every filled rectangle, its
// title (or id) as the name and the title of the group around it as the family.
#include "core/color/convert.h"
#include "core/color/css_color.h"
#include "core/color/text.h"
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"
#include "io/exchange/xml.h"

namespace zc {
namespace {

constexpr int kSide = 48, kPerRow = 16;

std::string child_text(const pugi::xml_node& node, std::string_view name) {
  for (const auto& child : node.children())
    if (local_name(child) == name) return child.text().get();
  return {};
}

/// The "fill" of a style attribute, or else of its own attribute.
std::string fill_of(const pugi::xml_node& rect) {
  const std::string_view style = rect.attribute("style").value();
  for (std::size_t at = 0; at < style.size();) {
    const std::size_t end = std::min(style.find(';', at), style.size());
    const std::string_view part = style.substr(at, end - at);
    const auto colon = part.find(':');
    if (colon != std::string_view::npos && trimmed(part.substr(0, colon)) == "fill")
      return std::string(trimmed(part.substr(colon + 1)));
    at = end + 1;
  }
  return rect.attribute("fill").value();
}

class Rectangles : public pugi::xml_tree_walker {
public:
  Gathering gathering;

  bool for_each(pugi::xml_node& node) override {
    if (depth() > kDeepestXml) return false;
    if (local_name(node) == "title" && local_name(node.parent()) == "svg") gathering.name(node.text().get());
    if (local_name(node) != "rect") return true;
    const std::string fill = fill_of(node);
    if (fill.empty() || fill == "none") return true;
    const auto color = css_color(fill);
    if (!color) {
      gathering.skip();
      return true;
    }
    std::string name = child_text(node, "title");
    if (name.empty()) name = node.attribute("id").value();
    const std::string family = local_name(node.parent()) == "g" ? child_text(node.parent(), "title") : "";
    return gathering.add(family, color->color, name, child_text(node, "desc"));
  }
};

} // namespace

std::string svg_text(const SwatchSet& set) {
  pugi::xml_document document;
  auto svg = document.append_child("svg");
  svg.append_attribute("xmlns") = "http://www.w3.org/2000/svg";
  svg.append_attribute("version") = "1.1";
  auto width = svg.append_attribute("width"), height = svg.append_attribute("height");
  svg.append_child("title").text().set(set.name.c_str());
  int row = 0;
  for (const auto& family : set.families) {
    if (family.swatches.empty()) continue;
    auto group = svg.append_child("g");
    group.append_child("title").text().set(family.name.c_str());
    int column = 0;
    for (const auto& s : family.swatches) {
      if (column == kPerRow) {
        column = 0;
        ++row;
      }
      auto rect = group.append_child("rect");
      rect.append_attribute("x") = column++ * kSide;
      rect.append_attribute("y") = row * kSide;
      rect.append_attribute("width") = kSide;
      rect.append_attribute("height") = kSide;
      rect.append_attribute("fill") = hex_of(s.color).c_str();
      rect.append_child("title").text().set(s.name.c_str());
      if (!s.note.empty()) rect.append_child("desc").text().set(s.note.c_str());
    }
    ++row;
  }
  width = kPerRow * kSide;
  height = row * kSide;
  return xml_text(document);
}

Result<FoundSet> read_svg(std::string_view text) {
  pugi::xml_document document;
  const Status parsed = parse_xml(document, text);
  if (!parsed) return parsed.error();
  Rectangles rectangles;
  document.traverse(rectangles);
  return rectangles.gathering.done("SVG");
}

} // namespace zc
