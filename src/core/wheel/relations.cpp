#include "core/wheel/relations.h"

#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/wheel/solve.h"

namespace zc {
namespace {

std::vector<double> turns_of(Relation relation) {
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
  constexpr int steps = 100; // So narrow is no hue's ridge.
  int best = 1;
  for (int i = 2; i < steps; ++i)
    if (lost(i) < lost(best)) best = i;
  return lowest_between(lost, best - 1, best + 1);
}

std::vector<RelationMember> related(const Wheel& wheel, const WheelPoint& color, Relation relation,
                                    MemberValue value) {
  std::vector<double> turns = turns_of(relation);
  turns.insert(turns.begin(), 0);
  std::vector<RelationMember> out;
  for (const double turn : turns) {
    const double a = wrap_degrees(color.a + turn);
    const double v = value == MemberValue::Vivid ? vivid_value(wheel, Angle(a)) : color.v;
    const auto found = wheel.nearest_existing({a, color.r, v});
    out.push_back({turn, found.at, found.color});
  }
  return out;
}

} // namespace zc
