// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grading/relation_check.h"

#include "core/color/convert.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

/// The member of sorted angles that is nearest to a hue.
std::size_t nearest_member(const std::vector<double>& members, double hue) {
  std::size_t best = 0;
  for (std::size_t i = 1; i < members.size(); ++i)
    if (std::abs(turn_between(members[i], hue)) < std::abs(turn_between(members[best], hue))) best = i;
  return best;
}

/// 0 and the turns of the relation, ascending in [0, 360).
std::vector<double> members_of(Relation relation) {
  std::vector<double> out{0};
  for (const double turn : relation_turns(relation)) out.push_back(wrap_degrees(turn));
  std::sort(out.begin(), out.end());
  return out;
}

/// All turns at which some family is as near to one member as to the next, ascending.
std::vector<double> changes(const std::vector<double>& members, const std::vector<FamilyHue>& families) {
  std::vector<double> out;
  for (std::size_t i = 0; i < members.size(); ++i) {
    const double next = i + 1 < members.size() ? members[i + 1] : members[0] + 360;
    for (const FamilyHue& family : families)
      out.push_back(wrap_degrees(family.hue - (members[i] + next) / 2));
  }
  std::sort(out.begin(), out.end());
  return out;
}

RelationFit fit_at(Relation relation, double turn, const std::vector<double>& members,
                   const std::vector<FamilyHue>& families) {
  RelationFit out{relation, wrap_degrees(turn), 0, {}};
  double sum = 0, weight = 0;
  for (const FamilyHue& family : families) {
    const double member = members[nearest_member(members, family.hue - turn)] + turn;
    const double off = turn_between(member, family.hue);
    sum += family.weight * off * off;
    weight += family.weight;
    out.families.push_back({family.family, wrap_degrees(member), off});
  }
  out.error = weight > 0 ? std::sqrt(sum / weight) : 0;
  return out;
}

} // namespace

std::vector<FamilyHue> family_hues(const List<Family>& families, const Wheel& wheel) {
  std::vector<FamilyHue> out;
  for (const Family& family : families) {
    double x = 0, y = 0, chroma = 0;
    for (const Swatch& swatch : family.swatches) {
      const Oklab c = oklab_from_srgb(swatch.color);
      const double own = std::hypot(c.a, c.b);
      const WheelPoint at = place_on(wheel, swatch.color, swatch.picked);
      x += own * std::sin(Angle(at.a).radians());
      y += own * std::cos(Angle(at.a).radians());
      chroma += own;
    }
    const auto count = static_cast<double>(family.swatches.size());
    if (count == 0 || chroma / count < kHueChroma) continue;
    out.push_back({family.id, wrap_degrees(degrees(std::atan2(x, y))), chroma});
  }
  return out;
}

std::optional<RelationFit> fitted(Relation relation, const std::vector<FamilyHue>& families) {
  const std::vector<double> members = members_of(relation);
  if (families.size() < members.size()) return std::nullopt;
  const std::vector<double> ends = changes(members, families);
  std::optional<RelationFit> best;
  for (std::size_t i = 0; i < ends.size(); ++i) {
    const double from = ends[i], to = i + 1 < ends.size() ? ends[i + 1] : ends[0] + 360;
    if (to - from < 1e-12) continue;
    const double middle = (from + to) / 2;
    // The nearest members are those of the middle all the way.
    std::vector<bool> taken(members.size());
    double pull = 0, weight = 0;
    for (const FamilyHue& family : families) {
      const std::size_t member = nearest_member(members, family.hue - middle);
      taken[member] = true;
      pull += family.weight * turn_between(members[member] + middle, family.hue);
      weight += family.weight;
    }
    if (std::find(taken.begin(), taken.end(), false) != taken.end()) continue;
    const double turn = std::clamp(middle + (weight > 0 ? pull / weight : 0), from, to);
    RelationFit fit = fit_at(relation, turn, members, families);
    if (!best || fit.error < best->error) best = std::move(fit);
  }
  return best;
}

std::vector<RelationFit> relation_fits(const std::vector<FamilyHue>& families) {
  std::vector<RelationFit> out;
  for (const auto& relation : kRelationWords)
    if (auto fit = fitted(relation.value, families)) out.push_back(std::move(*fit));
  const auto place = [](const RelationFit& fit) {
    return std::pair(std::llround(fit.error * 1e6), relation_turns(fit.relation).size());
  };
  std::stable_sort(out.begin(), out.end(),
                   [&](const RelationFit& a, const RelationFit& b) { return place(a) < place(b); });
  return out;
}

} // namespace zc
