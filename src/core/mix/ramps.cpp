// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/ramps.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/mix/pigment.h"
#include "core/mix/wheel_steps.h"

#include <algorithm>
#include <functional>
#include <tuple>

namespace zc {
namespace {

/// A row before its steps are chosen: a color for every t in 0..1.
using Path = std::function<RampStep(double)>;

RampStep plain_step(Srgb c) {
  const auto shown = clipped_to_gamut(c);
  return {shown ? *shown : brought_into_gamut_at_value(xyz_from_srgb(c)), {}, false, shown.has_value()};
}

/// The values over which a row at constant hue and saturation goes: ends that were asked for, or what lies a
/// step inside of where the color exists. The widest with even steps of which one is at `v`.
ValueSpan values_of(const RampSpec& spec, const ValueSpan& exists, double v) {
  const double margin = (exists.high - exists.low) / (spec.steps + 1);
  const double low = spec.darkest > exists.low ? spec.darkest : exists.low + margin;
  const double high = spec.lightest < exists.high ? spec.lightest : exists.high - margin;
  if (v < low || v > high || spec.even == Evenness::Difference) return {low, high};
  ValueSpan out{v, v};
  for (int below = 0, last = spec.steps - 1; below <= last; ++below) {
    const int above = last - below;
    const double step =
        std::min(below ? (v - low) / below : high - low, above ? (high - v) / above : high - low);
    if (step * last > out.high - out.low) out = {v - step * below, v + step * above};
  }
  return out;
}

Path wheel_path(const RampSpec& spec, const Wheel& wheel, WheelPoint p) {
  switch (spec.kind) {
  case RampKind::Tints:
    return [&wheel, p, end = std::max(p.v, spec.lightest)](double t) {
      return step_on_wheel(wheel, tinted(p, std::lerp(p.v, end, t)));
    };
  case RampKind::Shades:
    return [&wheel, p, end = std::min(p.v, spec.darkest)](double t) {
      return step_on_wheel(wheel, shaded(wheel, p, std::lerp(p.v, end, t)));
    };
  case RampKind::Tones:
    return [&wheel, p](double t) { return step_on_wheel(wheel, {p.a, p.r * (1 - t), p.v}); };
  case RampKind::Greys: {
    const DiscPoint from = disc_point(p), to = disc_point(wheel.locate(*spec.to, p.a));
    return [&wheel, p, from, to](double t) {
      const DiscPoint at{std::lerp(from.x, to.x, t), std::lerp(from.y, to.y, t)};
      return step_on_wheel(wheel, wheel_point(at, p.v, Angle(p.a)));
    };
  }
  default:
    break;
  }
  const ValueSpan span = values_of(spec, wheel.value_span(Angle(p.a), p.r), p.v);
  return [&wheel, p, span](double t) {
    return step_on_wheel(wheel, {p.a, p.r, std::lerp(span.low, span.high, t)});
  };
}

/// The hue of a neutral end is that of the other.
Path turning_path(Oklch a, Oklch b, bool long_way) {
  constexpr double neutral = 1e-4;
  if (a.c < neutral) a.h = b.h;
  if (b.c < neutral) b.h = a.h;
  double turn = turn_between(a.h, b.h);
  if (long_way && turn != 0) turn -= std::copysign(360, turn);
  return [a, b, turn](double t) {
    return plain_step(srgb_from_oklab(
        oklab_from_lch({std::lerp(a.l, b.l, t), std::lerp(a.c, b.c, t), wrap_degrees(a.h + t * turn)})));
  };
}

Path between_path(Srgb from, Srgb to, Way way) {
  const Oklab a = oklab_from_srgb(from), b = oklab_from_srgb(to);
  switch (way) {
  case Way::Short:
  case Way::Long:
    return turning_path(lch_from_oklab(a), lch_from_oklab(b), way == Way::Long);
  case Way::Light: {
    const LinearRgb p = linear_from_srgb(from), q = linear_from_srgb(to);
    return [p, q](double t) {
      return plain_step(
          srgb_from_linear({std::lerp(p.r, q.r, t), std::lerp(p.g, q.g, t), std::lerp(p.b, q.b, t)}));
    };
  }
  case Way::Paint: {
    const Paint p = paint_of(from), q = paint_of(to);
    return [p, q](double t) {
      const Mixture m = mix_paints({{p, 1 - t}, {q, t}});
      return RampStep{m.color, {}, false, m.exact};
    };
  }
  case Way::Straight:
    break;
  }
  return [a, b](double t) { return plain_step(srgb_from_oklab(mixed(a, b, t))); };
}

Path free_path(const RampSpec& spec) {
  if (spec.kind == RampKind::Between) return between_path(spec.from, *spec.to, spec.way);
  // Seen light is color * e^-d + air * (1 - e^-d) at optical distance d (Koschmieder 1924); the row ends
  // where a twentieth of the color is left.
  constexpr double left = 0.05;
  const LinearRgb a = linear_from_srgb(spec.from), b = linear_from_srgb(spec.to.value_or(usual_haze()));
  return [a, b](double t) {
    const double haze = t * (1 - left);
    return plain_step(
        srgb_from_linear({std::lerp(a.r, b.r, haze), std::lerp(a.g, b.g, haze), std::lerp(a.b, b.b, haze)}));
  };
}

double apart(const Lab& p, const Lab& q, Evenness even) {
  return even == Evenness::Lightness ? std::abs(p.l - q.l) : ciede2000(p, q);
}
double apart(const RampStep& a, const RampStep& b, Evenness even) {
  return apart(lab_from_srgb(a.color), lab_from_srgb(b.color), even);
}

/// The shortest and the longest way from one color of a row to the next.
struct Spread {
  double shortest = 1e9, longest = 0;
  [[nodiscard]] double uneven() const { return longest > 0 ? 1 - shortest / longest : 0; }
};
constexpr double kEvenEnough = 0.001;

struct Placed {
  std::vector<double> places;
  std::vector<RampStep> steps;
  std::vector<double> walked; ///< From the start to each step.
  Spread spread;
};

Placed placed(const Path& path, std::vector<double> places, Evenness even) {
  Placed out{std::move(places), {}, {0}, {}};
  for (const double t : out.places) out.steps.push_back(path(t));
  for (std::size_t i = 1; i < out.steps.size(); ++i) {
    const double d = apart(out.steps[i - 1], out.steps[i], even);
    out.spread = {std::min(out.spread.shortest, d), std::max(out.spread.longest, d)};
    out.walked.push_back(out.walked.back() + std::max(d, 1e-12));
  }
  return out;
}

/// The places shared out anew from the ways that were measured.
std::vector<double> shared_out(const Placed& row) {
  const auto& [t, walked] = std::tie(row.places, row.walked);
  std::vector<double> next = t;
  std::size_t cell = 1;
  for (std::size_t i = 1; i + 1 < t.size(); ++i) {
    const double wanted = walked.back() * static_cast<double>(i) / static_cast<double>(t.size() - 1);
    while (walked[cell] < wanted) ++cell;
    next[i] =
        std::lerp(t[cell - 1], t[cell], (wanted - walked[cell - 1]) / (walked[cell] - walked[cell - 1]));
  }
  return next;
}

/// Each inner step moved between its neighbors to where both are equally far, which is always found, for at
/// either end one of them is not far at all; again and again until all are.
Placed settled(const Path& path, Placed row, Evenness even) {
  constexpr int rounds = 400, halvings = 25;
  std::vector<Lab> labs;
  for (const RampStep& step : row.steps) labs.push_back(lab_from_srgb(step.color));
  for (int round = 0; round < rounds && row.spread.uneven() > kEvenEnough; ++round) {
    for (std::size_t i = 1; i + 1 < labs.size(); ++i) {
      double near = row.places[i - 1], far = row.places[i + 1];
      for (int half = 0; half < halvings; ++half) {
        row.places[i] = (near + far) / 2;
        labs[i] = lab_from_srgb(path(row.places[i]).color);
        (apart(labs[i - 1], labs[i], even) < apart(labs[i], labs[i + 1], even) ? near : far) = row.places[i];
      }
    }
    row = placed(path, row.places, even);
  }
  return row;
}

/// Moves the places t along the path until neighbors are equally far apart. The distance from step to step is
/// not additive, so the places are shared out anew from the distances measured until they stay; where they
/// never do, as with few steps on a path that bends, they are settled one by one.
std::vector<RampStep> even_steps(const Path& path, int steps, Evenness even) {
  std::vector<double> t(static_cast<std::size_t>(steps));
  for (int i = 0; i < steps; ++i) t[static_cast<std::size_t>(i)] = static_cast<double>(i) / (steps - 1);
  Placed row = placed(path, t, even), best = row;
  constexpr int rounds = 40;
  for (int round = 0; round < rounds && row.spread.uneven() > kEvenEnough; ++round) {
    row = placed(path, shared_out(row), even);
    if (row.spread.uneven() < best.spread.uneven()) best = row;
  }
  return settled(path, best, even).steps;
}

bool runs_on_wheel(RampKind kind) { return kind != RampKind::Between && kind != RampKind::Distance; }

} // namespace

Srgb usual_haze() { return srgb_from_8bit({0xb4, 0xc3, 0xd2}); }

Status validate(const RampSpec& spec) {
  if (!kRampStepsRange.holds(spec.steps)) return Error{ErrorCode::BadInput, Sentence::RampSteps, "steps"};
  if ((spec.kind == RampKind::Between || spec.kind == RampKind::Greys) && !spec.to)
    return Error{ErrorCode::BadInput, Sentence::RampNeedsSecond, "to"};
  if (!(spec.darkest >= 0 && spec.darkest < spec.lightest && spec.lightest <= 100))
    return Error{ErrorCode::BadInput, Sentence::RampEnds, "lightest"};
  return Done{};
}

Result<std::vector<RampStep>> make_ramp(const RampSpec& spec, const Wheel& wheel, const MaskRegion* hold) {
  const Status valid = validate(spec);
  if (!valid) return valid.error();
  const WheelPoint start = wheel.locate(spec.from, spec.neutral_angle);
  const Path path = runs_on_wheel(spec.kind) ? wheel_path(spec, wheel, start) : free_path(spec);
  // Equal steps of a lightness that does not change are no steps.
  const double change = apart(path(0), path(1), Evenness::Lightness);
  const Evenness even = change < 0.5 ? Evenness::Difference : spec.even;
  if (apart(path(0), path(1), Evenness::Difference) < 1e-3)
    return Error{ErrorCode::BadInput, Sentence::RampEndsSame, "from"};
  auto steps = even_steps(path, spec.steps, even);
  if (hold)
    for (auto& step : steps) hold_in(*hold, wheel, start.a, step);
  return steps;
}

Result<std::vector<RampStep>> steps_between(Srgb from, Srgb to, int count, Way way) {
  constexpr Range range{1, kRampStepsRange.high - 2};
  if (!range.holds(count)) return Error{ErrorCode::BadInput, Sentence::BetweenRoom, "steps"};
  RampSpec spec;
  spec.kind = RampKind::Between;
  spec.from = from;
  spec.to = to;
  spec.way = way;
  spec.steps = count + 2;
  const auto whole = make_ramp(spec, Wheel(WheelSpec{}));
  if (!whole) return whole.error();
  return std::vector<RampStep>(whole->begin() + 1, whole->end() - 1);
}

} // namespace zc
