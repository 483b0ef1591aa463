// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/pairing.h"

#include "core/color/convert.h"

#include <algorithm>
#include <unordered_map>

namespace zc {
namespace {

std::unordered_map<Id, const Swatch*> by_id(const List<Family>& families) {
  std::unordered_map<Id, const Swatch*> out;
  for (const auto& family : families)
    for (const auto& swatch : family.swatches) out[swatch.id] = &swatch;
  return out;
}

/// The family that stands for one of another set.
const Family* counterpart(const List<Family>& from, std::size_t i, const List<Family>& to) {
  const auto same =
      std::find_if(to.begin(), to.end(), [&](const Family& f) { return f.name == from[i].name; });
  if (same != to.end()) return &*same;
  return i < to.size() ? &to[i] : nullptr;
}

} // namespace

SetColors set_colors(const List<Family>& families) {
  SetColors out;
  for (std::size_t f = 0; f < families.size(); ++f)
    for (const auto& swatch : families[f].swatches) {
      out.colors.push_back({swatch.color, f});
      out.swatches.push_back(&swatch);
      out.families.push_back(&families[f]);
    }
  return out;
}

std::vector<Pair> paired(const List<Family>& from, const List<Family>& to, const std::vector<Pair>& by_hand) {
  const auto there = by_id(to);
  std::unordered_map<Id, Id> chosen;
  for (const Pair& p : by_hand)
    if (there.contains(p.to)) chosen[p.from] = p.to;
  const SetColors colors = set_colors(to);
  std::vector<Pair> out;
  if (colors.swatches.empty()) return out;
  const SwatchMatcher matcher(colors.colors);
  const auto match = [&](const Swatch& s, std::size_t family) -> Id {
    if (const auto at = chosen.find(s.id); at != chosen.end()) return at->second;
    if (there.contains(s.id)) return s.id;
    if (const Family* other = counterpart(from, family, to))
      for (const auto& candidate : other->swatches)
        if (candidate.place == s.place) return candidate.id;
    return colors.swatches[matcher.nearest(lab_from_srgb(s.color)).swatch]->id;
  };
  for (std::size_t f = 0; f < from.size(); ++f)
    for (const auto& swatch : from[f].swatches) out.push_back({swatch.id, match(swatch, f)});
  return out;
}

std::vector<SwatchMove> moves_of(const std::vector<Pair>& pairs, const List<Family>& from,
                                 const List<Family>& to) {
  const auto before = by_id(from), after = by_id(to);
  std::vector<SwatchMove> out;
  for (const Pair& p : pairs) {
    const auto a = before.find(p.from), b = after.find(p.to);
    if (a != before.end() && b != after.end()) out.push_back({a->second->color, b->second->color});
  }
  return out;
}

} // namespace zc
