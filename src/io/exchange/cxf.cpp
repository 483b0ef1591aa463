// SPDX-License-Identifier: GPL-3.0-or-later
// CxF/X (ISO 17972-1): one object a swatch with its CIELAB (D50, 2 degrees) and 8-bit sRGB; the family is a
// tag. Element names are those of the CxF3 core schema; Argyll's reader of it takes them.
#include "core/color/convert.h"
#include "core/piece/rules.h"
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"
#include "io/exchange/xml.h"

#include <algorithm>
#include <functional>
#include <map>

namespace zc {
namespace {

constexpr const char* kNamespace = "http://colorexchangeformat.com/CxF3-core";
// What CxF has no element for stands in tags.
constexpr const char *kFamilyTag = "Family", *kProfileTag = "Profile", *kProfileIdTag = "ProfileID",
                     *kBookTag = "Book", *kBookNameTag = "BookName", *kFinishTag = "Finish";

void add_text(pugi::xml_node parent, const char* name, const std::string& text) {
  parent.append_child(name).text().set(text.c_str());
}

void add_inks(pugi::xml_node object, const Ink& ink) {
  auto values = object.append_child("cc:DeviceColorValues");
  auto cmyk = values.append_child("cc:ColorCMYK");
  add_text(cmyk, "cc:Cyan", number_text(ink.c));
  add_text(cmyk, "cc:Magenta", number_text(ink.m));
  add_text(cmyk, "cc:Yellow", number_text(ink.y));
  add_text(cmyk, "cc:Black", number_text(ink.k));
}

void add_tag(pugi::xml_node tags, const char* name, const std::string& value) {
  auto tag = tags.append_child("cc:Tag");
  tag.append_attribute("Name") = name;
  tag.append_attribute("Value") = value.c_str();
}

void add_object(pugi::xml_node objects, const Family& family, const Swatch& s) {
  auto object = objects.append_child("cc:Object");
  object.append_attribute("ObjectType") = "Standard";
  object.append_attribute("Name") = s.name.c_str();
  object.append_attribute("Id") = ("c" + std::to_string(s.id)).c_str();
  if (!s.note.empty()) add_text(object, "cc:Comment", s.note);
  const Code* code = code_of(s);
  auto values = object.append_child("cc:ColorValues");
  const LabD50 lab = code ? code->lab : lab_d50_from_srgb(s.color);
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
  const auto* inks = code ? std::get_if<WrittenInks>(&code->as) : nullptr;
  if (inks) add_inks(object, inks->ink);
  auto tags = object.append_child("cc:TagCollection");
  add_tag(tags, kFamilyTag, family.name);
  if (!code) return;
  if (inks) {
    add_tag(tags, kProfileTag, inks->profile);
    add_tag(tags, kProfileIdTag, inks->digest);
  } else {
    const auto& name = std::get<BookName>(code->as);
    add_tag(tags, kBookTag, name.book);
    add_tag(tags, kBookNameTag, name.name);
  }
  if (code->finish != Finish::Plain)
    add_tag(tags, kFinishTag, std::string(word_for(kFinishWords, code->finish)));
}

void add_specification(pugi::xml_node list, const char* id, const char* illuminant) {
  auto specification = list.append_child("cc:ColorSpecification");
  specification.append_attribute("Id") = id;
  auto tristimulus = specification.append_child("cc:TristimulusSpec");
  add_text(tristimulus, "cc:Illuminant", illuminant);
  add_text(tristimulus, "cc:Observer", "2_Degree");
}

/// The numbers of children by their names.
template <std::size_t N>
std::optional<std::array<double, N>> numbers_of(const pugi::xml_node& parent,
                                                const std::array<std::string_view, N>& names) {
  std::array<double, N> out{};
  std::size_t found = 0;
  for (const auto& child : parent.children())
    for (std::size_t i = 0; i < N; ++i) {
      if (local_name(child) != names[i]) continue;
      const auto number = number_of(child.text().get());
      if (!number) return std::nullopt;
      out[i] = *number;
      ++found;
    }
  if (found != N) return std::nullopt;
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

/// What the values of an object say: its color, and its CIELAB where they give one for D50.
struct ReadColor {
  Xyz color;
  LabD50 lab = {};
  bool has_lab = false;
};

std::optional<ReadColor> color_of(const pugi::xml_node& values, const Whites& whites) {
  std::optional<ReadColor> srgb;
  for (const auto& color : values.children()) {
    const auto kind = local_name(color);
    if (kind == "ColorCIELab") {
      const auto c = numbers_of<3>(color, {"L", "A", "B"});
      if (!c) continue;
      if (whites.is_d65(color)) return ReadColor{xyz_from_lab({(*c)[0], (*c)[1], (*c)[2]})};
      const LabD50 lab{(*c)[0], (*c)[1], (*c)[2]};
      return ReadColor{xyz_from_lab_d50(lab), lab, true};
    } else if (kind == "ColorSRGB") {
      const double most = color.attribute("MaxRange").as_double(255);
      const auto c = numbers_of<3>(color, {"R", "G", "B"});
      if (c) srgb = ReadColor{xyz_from_srgb({(*c)[0] / most, (*c)[1] / most, (*c)[2] / most})};
    }
  }
  return srgb;
}

/// Nothing for what is no four shares of the paper.
std::optional<Ink> ink_of(const pugi::xml_node& values) {
  for (const auto& color : values.children()) {
    if (local_name(color) != "ColorCMYK") continue;
    const auto c = numbers_of<4>(color, {"Cyan", "Magenta", "Yellow", "Black"});
    if (c && std::all_of(c->begin(), c->end(), [](double x) { return x >= 0 && x <= 100; }))
      return Ink{(*c)[0], (*c)[1], (*c)[2], (*c)[3]};
  }
  return std::nullopt;
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
    std::optional<ReadColor> color;
    std::optional<Ink> ink;
    std::string note;
    std::map<std::string, std::string, std::less<>> tags;
    for (const auto& part : object.children()) {
      const auto kind = local_name(part);
      if (kind == "Comment") note = part.text().get();
      if (kind == "ColorValues" && !color) color = color_of(part, m_whites);
      if (kind == "DeviceColorValues" && !ink) ink = ink_of(part);
      if (kind != "TagCollection") continue;
      for (const auto& tag : part.children())
        tags.emplace(tag.attribute("Name").value(), tag.attribute("Value").value());
    }
    if (!color) {
      gathering.skip();
      return true;
    }
    FoundColor found{{}, object.attribute("Name").value(), note};
    if (color->has_lab) {
      found.lab = color->lab;
      found.code = code_in(ink, tags, color->lab);
    }
    return gathering.add(tags[kFamilyTag], color->color, std::move(found));
  }

  /// Four inks as they are written, or the name in a book; nothing where the object says neither.
  static std::optional<Code> code_in(const std::optional<Ink>& ink,
                                     std::map<std::string, std::string, std::less<>>& tags,
                                     const LabD50& lab) {
    const auto tag = [&tags](const char* name) { return shortened(tags[name], kLongestName); };
    const Finish finish = value_of_word(kFinishWords, tags[kFinishTag]).value_or(Finish::Plain);
    if (ink) return code_with(WrittenInks{*ink, tag(kProfileTag), tag(kProfileIdTag)}, lab, finish);
    if (tags.contains(kBookTag)) return code_with(BookName{tag(kBookTag), tag(kBookNameTag)}, lab, finish);
    return std::nullopt;
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
