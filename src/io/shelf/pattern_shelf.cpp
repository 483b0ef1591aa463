// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/shelf/pattern_shelf.h"

#include "io/files/json_fields.h"

#include <algorithm>

namespace zc {
namespace {

constexpr std::string_view kEnding = ".pattern.json";

ShelfPattern shipped(const char* name, const char* text) {
  ShelfPattern out;
  out.name = name;
  out.pattern = *lines_pattern_from_text(text);
  return out;
}

} // namespace

Json shelf_pattern_json(const ShelfPattern& pattern) {
  Json json;
  put_card(json, pattern);
  json["pattern"] = text_of(pattern.pattern);
  return json;
}

Result<ShelfPattern> read_shelf_pattern(Fields f) {
  ShelfPattern out;
  static_cast<ShelfCard&>(out) = read_card(f);
  const auto pattern = lines_pattern_from_text(f.text("pattern"));
  if (!pattern) return damaged_item("pattern", "pattern");
  out.pattern = *pattern;
  return out;
}

std::vector<ShelfPattern> read_pattern_shelf(const std::string& folder) {
  std::vector<ShelfPattern> own;
  const auto errors =
      read_folder(folder, kEnding, [&](std::string_view text, const std::string& path) -> Status {
        const auto json = shelf_json(text, "pattern");
        if (!json) return json.error();
        std::vector<Error> faults;
        auto read = read_shelf_pattern(Fields(*json, "", faults));
        if (!read) return read.error();
        if (!faults.empty()) return damaged_item("pattern", path);
        own.push_back(std::move(read).value());
        own.back().file = path;
        return Done{};
      });
  (void)errors; // What is no pattern is no item of this shelf.
  std::sort(own.begin(), own.end(),
            [](const ShelfPattern& a, const ShelfPattern& b) { return a.name < b.name; });
  std::vector<ShelfPattern> out{
      shipped("hex and name", "{hex} {name}\n"),
      shipped("numbers in columns", "# {set}\n{r:3} {g:3} {b:3}  {name}\n"),
      shipped(
          "table",
          "{names without \";\" but \",\"}\nfamily;name;r;g;b;value\n{family};{name};{r};{g};{b};{value}\n"),
      shipped("families with headings", "{title}\n\n{family}\n{hex}  value {value:5}  {name}\n")};
  out.insert(out.end(), own.begin(), own.end());
  return out;
}

Result<std::string> put_on_shelf(const std::string& folder, const ShelfPattern& pattern) {
  const std::string text = text_of(pattern.pattern);
  if (const auto read = lines_pattern_from_text(text); !read) return read.error();
  return put_file(folder, pattern.name, kEnding, json_text(shelf_pattern_json(pattern)));
}

} // namespace zc
