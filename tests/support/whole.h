// What has to hold of every piece, whatever was done to it.
#pragma once

#include "core/piece/edits.h"
#include "core/piece/set_edits.h"

#include <set>
#include <string>

namespace zc::test {

inline bool good_name(const std::string& name) {
  return !name.empty() && name.size() <= kLongestName && name.front() != ' ' && name.back() != ' ';
}

inline bool in_range(double x, double low, double high) { return x >= low && x <= high; }

inline std::string fault_of_swatch(const Swatch& s) {
  if (!good_name(s.name)) return "bad name of a swatch";
  if (s.note.size() > kLongestNote) return "too long a note";
  for (const double c : {s.color.r, s.color.g, s.color.b})
    if (!in_range(c, 0, 1)) return "a color that does not exist";
  if (s.picked && !(in_range(s.picked->a, 0, 360) && s.picked->a < 360 && in_range(s.picked->r, 0, 1) &&
                    in_range(s.picked->v, 0, 100)))
    return "a place off the wheel";
  return {};
}

inline std::string fault_of_places(const Family& family) {
  int last = -1;
  for (const auto& s : family.swatches) {
    if (s.place <= last || s.place >= kMostPlaces) return "places out of order";
    last = s.place;
  }
  return {};
}

inline std::string fault_of_mask(const Mask& mask) {
  if (!in_range(mask.turned, 0, 360) || mask.turned == 360) return "a mask turned by no angle";
  for (const auto& area : mask.areas) {
    if (!validate(area.shape)) return "a shape that is none: " + validate(area.shape).error().sentence;
    const double angle = std::visit(
        [](const auto& s) {
          if constexpr (requires { s.turned; })
            return s.turned;
          else if constexpr (requires { s.from; })
            return s.from;
          else
            return 0.0;
        },
        area.shape);
    if (!in_range(angle, 0, 360) || angle == 360) return "an angle that is not wrapped";
  }
  return {};
}

/// What is wrong with a piece, in words; empty when it is whole.
inline std::string fault_of(const Piece& p) {
  std::set<Id> ids;
  std::set<std::string> set_names;
  const auto fresh = [&](Id id) { return id != 0 && id < p.next_id && ids.insert(id).second; };
  if (!good_name(p.title)) return "bad title";
  if (!current_set(p)) return "there is no current set";
  if (p.references.size() > kMostReferences || p.sets.size() > kMostSets) return "too many";
  for (const auto& r : p.references)
    if (!fresh(r.id)) return "the id of a reference is used twice";
  for (const auto& set : p.sets) {
    if (!fresh(set.id)) return "the id of a set is used twice";
    if (!good_name(set.name) || !set_names.insert(set.name).second) return "bad or double name of a set";
    if (swatch_count(set) > kMostSwatches || set.families.size() > kMostFamilies ||
        set.versions.size() > kMostVersions || set.tags.size() > kMostTags)
      return "a set that is too large";
    std::set<std::string> family_names;
    for (const auto& family : set.families) {
      if (!fresh(family.id)) return "the id of a family is used twice";
      if (!good_name(family.name) || !family_names.insert(family.name).second)
        return "bad or double name of a family";
      if (const auto fault = fault_of_places(family); !fault.empty()) return fault;
      for (const auto& s : family.swatches) {
        if (!fresh(s.id)) return "the id of a swatch is used twice";
        if (const auto fault = fault_of_swatch(s); !fault.empty()) return fault;
        if (s.from && s.from->reference >= p.next_id) return "a sample from a reference that never was";
      }
    }
    for (const auto& v : set.versions) {
      if (!fresh(v.id)) return "the id of a version is used twice";
      if (!good_name(v.name)) return "bad name of a version";
    }
  }
  if (!(0 < p.bands.dark_below && p.bands.dark_below < p.bands.light_from && p.bands.light_from < 100))
    return "bands out of order";
  const GradingRules& g = p.grading;
  if (!in_range(g.value_steps, 3, 11) || !in_range(g.near_duplicate, 0.1, 20) || !in_range(g.twin, 0.1, 20) ||
      !in_range(g.gap, 1, 100) || std::min({g.target.dark, g.target.middle, g.target.light}) < 0)
    return "rules that grade nothing";
  return p.mask ? fault_of_mask(*p.mask) : std::string();
}

} // namespace zc::test
