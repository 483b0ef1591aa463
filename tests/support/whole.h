// SPDX-License-Identifier: GPL-3.0-or-later
// What edits keep to beyond the rules of a piece: names that can be told apart.
#pragma once

#include "core/piece/rules.h"

#include <set>
#include <string>

namespace zc::test {

inline bool good_name(const std::string& name) {
  return !name.empty() && name.size() <= kLongestName && name.front() != ' ' && name.back() != ' ';
}

/// What is wrong with the names of a piece, in words; empty when nothing is.
inline std::string fault_of(const Piece& p) {
  if (!good_name(p.title)) return "bad title";
  std::set<std::string> set_names;
  for (const auto& set : p.sets) {
    if (!good_name(set.name) || !set_names.insert(set.name).second) return "bad or double name of a set";
    std::set<std::string> family_names;
    for (const auto& family : set.families) {
      if (!good_name(family.name) || !family_names.insert(family.name).second)
        return "bad or double name of a family";
      for (const auto& s : family.swatches)
        if (!good_name(s.name)) return "bad name of a swatch";
    }
    for (const auto& v : set.versions)
      if (!good_name(v.name)) return "bad name of a version";
  }
  return {};
}

} // namespace zc::test
