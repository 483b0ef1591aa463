// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/ladders.h"

#include "core/base/sentences.h"
#include "core/mix/wheel_steps.h"
#include "core/wheel/relations.h"

namespace zc {
namespace {

Status validate(const LadderSpec& spec) {
  if (!kLadderStepsRange.holds(spec.steps)) return Error{ErrorCode::BadInput, Sentence::LadderSteps, "steps"};
  if (spec.hues.empty() || spec.hues.size() > kMostLadderRows)
    return Error{ErrorCode::BadInput, Sentence::LadderRows, "hues"};
  if (!(spec.saturation >= 0 && spec.saturation <= 1))
    return Error{ErrorCode::BadInput, Sentence::LadderSaturation, "saturation"};
  if (!(spec.darkest >= 0 && spec.lightest <= 100 && spec.lightest - spec.darkest >= 1))
    return Error{ErrorCode::BadInput, Sentence::LadderEnds, "lightest"};
  return Done{};
}

} // namespace

double ladder_interval(const LadderSpec& spec) {
  const auto all = static_cast<double>(spec.hues.size()) * spec.steps;
  return (spec.lightest - spec.darkest) / (all - 1);
}

Result<std::vector<std::vector<RampStep>>> make_ladder(const LadderSpec& spec, const Wheel& wheel,
                                                       const MaskRegion* hold) {
  const Status valid = validate(spec);
  if (!valid) return valid.error();
  const double interval = ladder_interval(spec);
  std::vector<std::vector<RampStep>> out;
  for (std::size_t row = 0; row < spec.hues.size(); ++row) {
    const Angle hue(spec.hues[row]);
    const double strongest = vivid_value(wheel, hue);
    const WheelPoint at{wrap_degrees(hue.degrees()), spec.saturation * wheel.reach(hue, strongest),
                        strongest};
    std::vector<RampStep> steps;
    for (int i = 0; i < spec.steps; ++i) {
      const double v =
          spec.darkest + interval * static_cast<double>(static_cast<std::size_t>(i) * spec.hues.size() + row);
      steps.push_back(step_on_wheel(wheel, v < strongest ? shaded(wheel, at, v) : tinted(at, v)));
      steps.back().row = static_cast<int>(row);
      if (hold) hold_in(*hold, wheel, at.a, steps.back());
    }
    out.push_back(std::move(steps));
  }
  return out;
}

} // namespace zc
