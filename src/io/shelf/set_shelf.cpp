// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/shelf/set_shelf.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "io/container/set_json.h"

#include <algorithm>

namespace zc {
namespace {

constexpr const char* kSetEnding = ".set.json";

/// Only what means something outside of the piece.
SwatchSet without_piece(SwatchSet set) {
  set.families.change_each([](Family& family) {
    family.swatches.change_where([](const Swatch& s) { return s.from.has_value(); },
                                 [](Swatch& s) { s.from.reset(); });
  });
  set.tags.clear();
  set.versions.clear();
  return set;
}

} // namespace

std::string shelf_set_to_json(const ShelfSet& set) {
  Json out;
  put_card(out, set);
  out["set"] = set_json(without_piece(set.set));
  return json_text(out);
}

Result<ShelfSet> shelf_set_from_json(std::string_view text) {
  const auto json = shelf_json(text, "set");
  if (!json) return json.error();
  std::vector<Error> faults;
  Fields f(*json, "", faults);
  ShelfSet out;
  static_cast<ShelfCard&>(out) = read_card(f);
  if (f.has("set"))
    out.set = read_set(f.inner(f.raw("set"), "set"));
  else
    f.fail("set", Sentence::ShouldASet);
  if (!faults.empty()) return damaged_item("set", faults.front().place);
  out.set.name = out.name;
  return out;
}

SetShelf read_set_shelf(const std::string& folder) {
  SetShelf out;
  out.unreadable =
      read_folder(folder, kSetEnding, [&out](std::string_view text, const std::string& path) -> Status {
        auto read = shelf_set_from_json(text);
        if (!read) return read.error();
        out.sets.push_back(std::move(read).value());
        out.sets.back().file = path;
        return Done{};
      });
  std::sort(out.sets.begin(), out.sets.end(), [](const ShelfSet& a, const ShelfSet& b) {
    return std::pair(a.name, a.file) < std::pair(b.name, b.file);
  });
  return out;
}

Result<std::string> put_on_shelf(const std::string& folder, const ShelfSet& set) {
  if (swatch_count(set.set) == 0) return Error{ErrorCode::BadInput, Sentence::SetEmpty, "set"};
  return put_file(folder, set.name, kSetEnding, shelf_set_to_json(set));
}

Status with_card_changed(const ShelfSet& set, const ShelfCard& card) {
  return change_file(set.file, [&card](std::string_view text) -> Result<std::string> {
    auto read = shelf_set_from_json(text);
    if (!read) return read.error();
    ShelfSet changed = std::move(read).value();
    static_cast<ShelfCard&>(changed) = card;
    return shelf_set_to_json(changed);
  });
}

Status put_back(const ShelfSet& there, const ShelfSet& set) {
  return change_file(there.file, [&set](std::string_view text) -> Result<std::string> {
    const auto read = shelf_set_from_json(text);
    if (!read) return read.error();
    ShelfSet changed = set;
    static_cast<ShelfCard&>(changed) = *read;
    changed.set.name = changed.name;
    return shelf_set_to_json(changed);
  });
}

bool same_content(const SwatchSet& a, const SwatchSet& b) {
  const auto same_swatch = [](const Swatch& s, const Swatch& t) {
    return s.name == t.name && s.note == t.note && rounded_8bit(s.color) == rounded_8bit(t.color);
  };
  return std::equal(a.families.begin(), a.families.end(), b.families.begin(), b.families.end(),
                    [&](const Family& f, const Family& g) {
                      return f.name == g.name &&
                             std::equal(f.swatches.begin(), f.swatches.end(), g.swatches.begin(),
                                        g.swatches.end(), same_swatch);
                    });
}

} // namespace zc
