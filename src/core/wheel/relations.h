// SPDX-License-Identifier: GPL-3.0-or-later
// Relations of a color: the hues that stand to it at the trade's angles on the chosen wheel.
#pragma once

#include "core/base/word.h"
#include "core/wheel/wheel.h"

#include <optional>
#include <vector>

namespace zc {

/// Turns from the color's own angle, degrees: complement 180; split 150, 210; triad 120, 240; square 90, 180,
/// 270; rectangle 60, 180, 240; analogous -30, 30; double 30, 180, 210 (the color and a neighbor with both
/// complements). Common practice, no source.
enum class Relation { Complement, Split, Triad, Square, Rectangle, Analogous, Double };

/// The turns of the other members, as above; the color's own hue is none of them.
[[nodiscard]] std::vector<double> relation_turns(Relation relation);

inline constexpr Word<Relation> kRelationWords[] = {
    {Relation::Complement, "complement"}, {Relation::Split, "split"},
    {Relation::Triad, "triad"},           {Relation::Square, "square"},
    {Relation::Rectangle, "rectangle"},   {Relation::Analogous, "analogous"},
    {Relation::Double, "double"}};

/// Members stand at the color's own value, or each at the one where its hue is vivid.
enum class MemberValue { Current, Vivid };

/// L* at which the hue that stands at this angle has the largest chroma the display can show: in the
/// measure's own space; for HSL and HSV that of the pure hue.
[[nodiscard]] double vivid_value(const Wheel& wheel, Angle a);

struct RelationMember {
  double turn = 0; ///< Degrees from the color's own angle; 0 is the color's own hue.
  WheelPoint at;
  Srgb color;
};

/// The color's own hue first, then the others in the order of their turns, all at the color's saturation.
/// Where the display lacks that saturation a member stands at its reach. A member that has an angle of its
/// own in `own`, by its place in the result, stands there.
[[nodiscard]] std::vector<RelationMember> related(const Wheel& wheel, const WheelPoint& color,
                                                  Relation relation, MemberValue value = MemberValue::Current,
                                                  const std::vector<std::optional<Angle>>& own = {});

/// A hue that stands to a color in one or more relations.
struct RelationMark {
  double turn = 0;          ///< Degrees from the color's own angle, (0, 360).
  std::vector<Relation> of; ///< In the order of kRelationWords.
  Srgb color;
};
/// Of all relations, each turn once, ascending; colors as related() gives them.
[[nodiscard]] std::vector<RelationMark> relation_marks(const Wheel& wheel, const WheelPoint& color,
                                                       MemberValue value = MemberValue::Current);

} // namespace zc
