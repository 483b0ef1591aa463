// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wheel/relations.h"

#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/wheel/solve.h"

#include <algorithm>

namespace zc {

std::vector<double> relation_turns(Relation relation) {
  switch (relation) {
  case Relation::Complement:
    return {180};
  case Relation::Split:
    return {150, 210};
  case Relation::Triad:
    return {120, 240};
  case Relation::Square:
    return {90, 180, 270};
  case Relation::Rectangle:
    return {60, 180, 240};
  case Relation::Analogous:
    return {-30, 30};
  case Relation::Double:
    break;
  }
  return {30, 180, 210};
}

namespace {

/// The color of the display's ring whose hue the measure counts so.
Srgb pure_color(SaturationMeasure measure, double hue) {
  const double start = measured_hue(measure, ring_color(0));
  const double wanted = wrap_degrees(hue - start);
  double low = 0, high = 360;
  for (int i = 0; i < 30; ++i) {
    const double middle = (low + high) / 2;
    (wrap_degrees(measured_hue(measure, ring_color(middle)) - start) < wanted ? low : high) = middle;
  }
  return ring_color(low);
}

} // namespace

double vivid_value(const Wheel& wheel, Angle a) {
  const SaturationMeasure measure = wheel.spec().measure;
  const double hue = wheel.hue_at(a.degrees());
  if (measure == SaturationMeasure::Hsl || measure == SaturationMeasure::Hsv) {
    // The hue number is that of the pure colors.
    return value_of(ring_color(hue));
  }
  // A saturation of HSLuv is a share of the chroma, one of the other two is a chroma.
  const auto lost = [&](double v) {
    return -(measure == SaturationMeasure::Hsluv ? largest_chroma_luv(v, Angle(hue)) : wheel.reach(a, v));
  };
  // The ridge of a hue runs close by the display's ring: the pure colors between two primaries.
  constexpr double reach = 6;
  const double ring = value_of(pure_color(measure, hue));
  return lowest_between(lost, std::max(ring - reach, 0.5), std::min(ring + reach, 99.5));
}

std::vector<RelationMember> related(const Wheel& wheel, const WheelPoint& color, Relation relation,
                                    MemberValue value, const std::vector<std::optional<Angle>>& own) {
  std::vector<double> turns = relation_turns(relation);
  turns.insert(turns.begin(), 0);
  std::vector<RelationMember> out;
  for (std::size_t i = 0; i < turns.size(); ++i) {
    const bool slid = i < own.size() && own[i];
    const double a = wrap_degrees(slid ? own[i]->degrees() : color.a + turns[i]);
    const double v = value == MemberValue::Vivid ? vivid_value(wheel, Angle(a)) : color.v;
    const auto found = wheel.nearest_existing({a, color.r, v});
    out.push_back({slid ? turn_between(color.a, a) : turns[i], found.at, found.color});
  }
  return out;
}

std::vector<RelationMark> relation_marks(const Wheel& wheel, const WheelPoint& color, MemberValue value) {
  std::vector<RelationMark> out;
  for (const auto& relation : kRelationWords)
    for (const RelationMember& member : related(wheel, color, relation.value, value)) {
      if (member.turn == 0) continue;
      const double turn = wrap_degrees(member.turn);
      const auto known =
          std::find_if(out.begin(), out.end(), [turn](const RelationMark& m) { return m.turn == turn; });
      if (known == out.end())
        out.push_back({turn, {relation.value}, member.color});
      else
        known->of.push_back(relation.value);
    }
  std::sort(out.begin(), out.end(),
            [](const RelationMark& a, const RelationMark& b) { return a.turn < b.turn; });
  return out;
}

} // namespace zc
