// SPDX-License-Identifier: GPL-3.0-or-later
// Whether the hues of a set stand in a relation, and how far each family is off.
#pragma once

#include "core/piece/piece.h"
#include "core/wheel/relations.h"

namespace zc {

/// The hue of a family on a wheel, and how much it counts.
struct FamilyHue {
  Id family = 0;
  double hue = 0;    ///< Degrees clockwise from the top: the mean of its swatches, each by its chroma.
  double weight = 0; ///< Mean OKLab chroma times the number of swatches.
  bool operator==(const FamilyHue&) const = default;
};

/// Families whose mean chroma is below this have no hue to speak of (common practice, no source).
inline constexpr double kHueChroma = 0.02;

/// Those with a hue, in the order of the set.
[[nodiscard]] std::vector<FamilyHue> family_hues(const List<Family>& families, const Wheel& wheel);

struct RelationFit {
  Relation relation = Relation::Complement;
  double turn = 0;  ///< Where the relation's own hue stands, degrees, [0, 360).
  double error = 0; ///< Root of the weighted mean of the squares of what the families are off, degrees.
  struct Member {
    Id family = 0;
    double angle = 0; ///< Of the nearest member, degrees, [0, 360).
    double off = 0;   ///< From there to the family, degrees clockwise, -180..180.
    bool operator==(const Member&) const = default;
  };
  std::vector<Member> families; ///< In the order that was given.
  bool operator==(const RelationFit&) const = default;
};

/// The turn at which the weighted sum of the squares of the distances from each family to its nearest member
/// is least, among those at which every member is the nearest of some family: exact, for between the turns at
/// which a nearest member changes the sum is a parabola. Nothing where there are fewer families than members.
[[nodiscard]] std::optional<RelationFit> fitted(Relation relation, const std::vector<FamilyHue>& families);

/// All relations that fit, the best first; of equal ones that with fewer members.
[[nodiscard]] std::vector<RelationFit> relation_fits(const std::vector<FamilyHue>& families);

} // namespace zc
