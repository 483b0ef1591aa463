// SPDX-License-Identifier: GPL-3.0-or-later
// Design tokens (Design Tokens Community Group format and color module): groups are families, color tokens
// swatches. Names a token cannot have are kept whole in an extension. Read: any nesting, aliases in braces,
// colors as objects or as hex text.
#include "core/color/convert.h"
#include "core/color/css_color.h"
#include "core/color/text.h"
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"
#include "io/files/json_text.h"

#include <functional>

namespace zc {
namespace {

constexpr const char* kExtension = "app.zonachrom";

/// Without the letters that mean something in a token's name; unique among its neighbors.
std::string token_name(const std::string& name, const Json& neighbors) {
  std::string out = name.empty() ? "unnamed" : on_one_line(name);
  for (char& c : out)
    if (c == '{' || c == '}' || c == '.') c = '_';
  if (out[0] == '$') out[0] = '_';
  std::string unique = out;
  for (int n = 2; neighbors.contains(unique); ++n) unique = out + " " + std::to_string(n);
  return unique;
}

void keep_name(Json& token, const std::string& used, const std::string& name) {
  if (used != name) token["$extensions"][kExtension]["name"] = name;
}

std::string text_at(const Json& json, const char* key) {
  const auto at = json.find(key);
  return at != json.end() && at->is_string() ? at->get<std::string>() : std::string();
}

std::string kept_text(const Json& token, const char* key, const std::string& otherwise) {
  const auto extensions = token.find("$extensions");
  if (extensions == token.end() || !extensions->is_object()) return otherwise;
  const auto ours = extensions->find(kExtension);
  if (ours == extensions->end() || !ours->is_object() || !ours->contains(key)) return otherwise;
  return text_at(*ours, key);
}

std::optional<Xyz> color_in_css(std::string_view text) {
  const auto color = css_color(text);
  return color ? std::optional(color->color) : std::nullopt;
}

std::optional<Xyz> color_of(const Json& value) {
  if (value.is_string()) return color_in_css(value.get<std::string>());
  if (!value.is_object()) return std::nullopt;
  const auto components = value.find("components");
  if (components == value.end() || !components->is_array() || components->size() != 3)
    return color_in_css(text_at(value, "hex"));
  std::array<double, 3> c{};
  for (std::size_t i = 0; i < 3; ++i) {
    const Json& part = (*components)[i];
    if (part.is_number())
      c[i] = part.get<double>();
    else if (!(part.is_string() && part.get<std::string>() == "none"))
      return std::nullopt;
  }
  return xyz_in_space(text_at(value, "colorSpace"), c);
}

class Reader {
public:
  explicit Reader(const Json& root) : m_root(root) {}

  Result<FoundSet> read() {
    m_gathering.name(kept_text(m_root, "set", ""));
    walk(m_root, "", "", 0);
    return m_gathering.done("design tokens");
  }

private:
  void walk(const Json& group, const std::string& family, const std::string& inherited, int depth) {
    const std::string own = text_at(group, "$type"), type = own.empty() ? inherited : own;
    for (const auto& [key, inner] : group.items()) {
      if (m_full || !inner.is_object() || key.empty() || key[0] == '$') continue;
      const std::string name = kept_text(inner, "name", key);
      if (inner.contains("$value"))
        take(inner, family, name, type);
      else if (depth < kDeepestJson)
        walk(inner, family.empty() ? name : family + " / " + name, type, depth + 1);
    }
  }

  void take(const Json& token, const std::string& family, const std::string& name,
            const std::string& inherited) {
    const std::string own = text_at(token, "$type"), type = own.empty() ? inherited : own;
    const Json* value = &token["$value"];
    for (int hops = 0; hops < 16 && value && is_alias(*value); ++hops)
      value = aliased(value->get<std::string>());
    const bool other = !type.empty() && type != "color";
    const auto color = value && !other ? color_of(*value) : std::nullopt;
    if (color)
      m_full = !m_gathering.add(family, *color, name, text_at(token, "$description"));
    else if (!other)
      m_gathering.skip();
  }

  static bool is_alias(const Json& value) {
    if (!value.is_string()) return false;
    const std::string text = value.get<std::string>();
    return text.size() > 2 && text.front() == '{' && text.back() == '}';
  }

  const Json* aliased(const std::string& alias) const {
    const Json* at = &m_root;
    const std::string path = alias.substr(1, alias.size() - 2);
    for (std::size_t from = 0; from <= path.size();) {
      const std::size_t end = std::min(path.find('.', from), path.size());
      if (!at->is_object()) return nullptr;
      const auto next = at->find(path.substr(from, end - from));
      if (next == at->end()) return nullptr;
      at = &*next;
      from = end + 1;
    }
    return at->is_object() && at->contains("$value") ? &(*at)["$value"] : nullptr;
  }

  const Json& m_root;
  Gathering m_gathering;
  bool m_full = false;
};

} // namespace

std::string tokens_text(const SwatchSet& set) {
  Json root = Json::object();
  root["$extensions"][kExtension]["set"] = set.name;
  for (const auto& family : set.families) {
    Json group = Json::object();
    group["$type"] = "color";
    const std::string group_name = token_name(family.name, root);
    keep_name(group, group_name, family.name);
    for (const auto& s : family.swatches) {
      Json token = Json::object();
      token["$value"] = {{"colorSpace", "srgb"},
                         {"components", Json::array({s.color.r, s.color.g, s.color.b})},
                         {"hex", hex_of(s.color)}};
      if (!s.note.empty()) token["$description"] = s.note;
      const std::string name = token_name(s.name, group);
      keep_name(token, name, s.name);
      group[name] = std::move(token);
    }
    root[group_name] = std::move(group);
  }
  return root.dump(2, ' ', false, Json::error_handler_t::replace) + "\n";
}

Result<FoundSet> read_tokens(std::string_view text) {
  const auto root = parse_json(text);
  if (!root) return root.error();
  if (!root->is_object()) return Gathering().done("design tokens");
  return Reader(*root).read();
}

} // namespace zc
