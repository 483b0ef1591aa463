// SPDX-License-Identifier: GPL-3.0-or-later
// CxF/X (ISO 17972-1): one object a swatch with its CIELAB (D50, 2 degrees) and 8-bit sRGB; the family is a
// tag. Element names are those of the CxF3 core schema; Argyll's reader of it takes them.
#include "core/color/convert.h"
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"
#include "io/exchange/xml.h"

namespace zc {
namespace {

constexpr const char* kNamespace = "http://colorexchangeformat.com/CxF3-core";

void add_text(pugi::xml_node parent, const char* name, const std::string& text) {
  parent.append_child(name).text().set(text.c_str());
}

void add_object(pugi::xml_node objects, const Family& family, const Swatch& s) {
  auto object = objects.append_child("cc:Object");
  object.append_attribute("ObjectType") = "Standard";
  object.append_attribute("Name") = s.name.c_str();
  object.append_attribute("Id") = ("c" + std::to_string(s.id)).c_str();
  if (!s.note.empty()) add_text(object, "cc:Comment", s.note);
  auto values = object.append_child("cc:ColorValues");
  const LabD50 lab = lab_d50_from_srgb(s.color);
  auto cielab = values.append_child("cc:ColorCIELab");
  cielab.append_attribute("ColorSpecification") = "D50-2";
  add_text(cielab, "cc:L", number_text(lab.l));
  add_text(cielab, "cc:A", number_text(lab.a));
  add_text(cielab, "cc:B", number_text(lab.b));
  const Srgb8 c = rounded_8bit(s.color);
  auto srgb = values.append_child("cc:ColorSRGB");
  srgb.append_attribute("ColorSpecification") = "D65-2";
  srgb.append_attribute("MaxRange") = 255;
  add_text(srgb, "cc:R", std::to_string(c.r));
  add_text(srgb, "cc:G", std::to_string(c.g));
  add_text(srgb, "cc:B", std::to_string(c.b));
  auto tags = object.append_child("cc:TagCollection");
  auto tag = tags.append_child("cc:Tag");
  tag.append_attribute("Name") = "Family";
  tag.append_attribute("Value") = family.name.c_str();
}

void add_specification(pugi::xml_node list, const char* id, const char* illuminant) {
  auto specification = list.append_child("cc:ColorSpecification");
  specification.append_attribute("Id") = id;
  auto tristimulus = specification.append_child("cc:TristimulusSpec");
  add_text(tristimulus, "cc:Illuminant", illuminant);
  add_text(tristimulus, "cc:Observer", "2_Degree");
}

/// The numbers of three children by their names.
std::optional<std::array<double, 3>> three(const pugi::xml_node& parent,
                                           const std::array<std::string_view, 3>& names) {
  std::array<double, 3> out{};
  int found = 0;
  for (const auto& child : parent.children())
    for (std::size_t i = 0; i < 3; ++i) {
      if (local_name(child) != names[i]) continue;
      const auto number = number_of(child.text().get());
      if (!number) return std::nullopt;
      out[i] = *number;
      ++found;
    }
  if (found != 3) return std::nullopt;
  return out;
}

/// Illuminants by the id of their specification.
struct Whites {
  explicit Whites(const pugi::xml_node& root) {
    const auto found = [this](const pugi::xml_node& node) {
      if (local_name(node) != "ColorSpecification") return false;
      for (const auto& spec : node.children())
        for (const auto& part : spec.children())
          if (local_name(part) == "Illuminant")
            illuminants.emplace_back(node.attribute("Id").value(), trimmed(part.text().get()));
      return false;
    };
    static_cast<void>(root.find_node(found));
  }
  [[nodiscard]] bool is_d65(const pugi::xml_node& color) const {
    const std::string id = color.attribute("ColorSpecification").value();
    for (const auto& [known, illuminant] : illuminants)
      if (known == id) return illuminant == "D65";
    return false;
  }
  std::vector<std::pair<std::string, std::string>> illuminants;
};

std::optional<Xyz> color_of(const pugi::xml_node& values, const Whites& whites) {
  std::optional<Xyz> srgb;
  for (const auto& color : values.children()) {
    const auto kind = local_name(color);
    if (kind == "ColorCIELab") {
      if (const auto c = three(color, {"L", "A", "B"}))
        return whites.is_d65(color) ? xyz_from_lab({(*c)[0], (*c)[1], (*c)[2]})
                                    : xyz_from_lab_d50({(*c)[0], (*c)[1], (*c)[2]});
    } else if (kind == "ColorSRGB") {
      const double most = color.attribute("MaxRange").as_double(255);
      const auto c = three(color, {"R", "G", "B"});
      if (c) srgb = xyz_from_srgb({(*c)[0] / most, (*c)[1] / most, (*c)[2] / most});
    }
  }
  return srgb;
}

class Objects : public pugi::xml_tree_walker {
public:
  explicit Objects(const Whites& whites) : m_whites(whites) {}
  Gathering gathering;

  bool for_each(pugi::xml_node& node) override {
    if (depth() > kDeepestXml) return false;
    if (local_name(node) == "Description" && local_name(node.parent()) == "FileInformation")
      gathering.name(std::string(trimmed(node.text().get())));
    return local_name(node) != "Object" || take(node);
  }

private:
  bool take(const pugi::xml_node& object) {
    std::optional<Xyz> color;
    std::string note, family;
    for (const auto& part : object.children()) {
      const auto kind = local_name(part);
      if (kind == "Comment") note = part.text().get();
      if (kind == "ColorValues" && !color) color = color_of(part, m_whites);
      if (kind != "TagCollection") continue;
      for (const auto& tag : part.children())
        if (std::string_view(tag.attribute("Name").value()) == "Family")
          family = tag.attribute("Value").value();
    }
    if (!color) {
      gathering.skip();
      return true;
    }
    return gathering.add(family, *color, object.attribute("Name").value(), note);
  }

  const Whites& m_whites;
};

} // namespace

std::string cxf_text(const SwatchSet& set) {
  pugi::xml_document document;
  auto declaration = document.append_child(pugi::node_declaration);
  declaration.append_attribute("version") = "1.0";
  declaration.append_attribute("encoding") = "UTF-8";
  auto root = document.append_child("cc:CxF");
  root.append_attribute("xmlns:cc") = kNamespace;
  auto information = root.append_child("cc:FileInformation");
  add_text(information, "cc:Creator", "Zonachrom");
  add_text(information, "cc:Description", set.name);
  auto resources = root.append_child("cc:Resources");
  auto objects = resources.append_child("cc:ObjectCollection");
  for (const auto& family : set.families)
    for (const auto& s : family.swatches) add_object(objects, family, s);
  auto specifications = resources.append_child("cc:ColorSpecificationCollection");
  add_specification(specifications, "D50-2", "D50");
  add_specification(specifications, "D65-2", "D65");
  return xml_text(document);
}

Result<FoundSet> read_cxf(std::string_view text) {
  pugi::xml_document document;
  const Status parsed = parse_xml(document, text);
  if (!parsed) return parsed.error();
  const Whites whites(document);
  Objects objects(whites);
  document.traverse(objects);
  return objects.gathering.done("CxF");
}

} // namespace zc
