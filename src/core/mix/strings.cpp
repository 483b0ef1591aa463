// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/strings.h"

#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/mix/pigment.h"

#include <algorithm>
#include <functional>

namespace zc {
namespace {

/// A row before its steps are chosen: a color for every t in 0..1.
using Path = std::function<StringStep(double)>;

StringStep step_on_wheel(const Wheel& wheel, WheelPoint p) {
  const auto found = wheel.nearest_existing(p);
  return {found.color, WheelPlace{found.at, wheel.spec()}};
}

StringStep plain_step(Srgb c) {
  const auto shown = clipped_to_gamut(c);
  return {shown ? *shown : chroma_reduced(lab_from_srgb(c)), {}, false, shown.has_value()};
}

/// Chroma is an absolute amount under the chroma measures: black holds none, so it falls with the value
/// there.
bool counts_chroma(const Wheel& wheel) {
  return wheel.spec().measure == SaturationMeasure::CielabChroma ||
         wheel.spec().measure == SaturationMeasure::OklabChroma;
}

Path wheel_path(const StringSpec& spec, const Wheel& wheel, WheelPoint p) {
  switch (spec.kind) {
  case StringKind::Tints:
    return [&wheel, p](double t) {
      return step_on_wheel(wheel, {p.a, p.r * (1 - t), std::lerp(p.v, 100, t)});
    };
  case StringKind::Shades: {
    const bool falls = counts_chroma(wheel);
    return [&wheel, p, falls](double t) {
      return step_on_wheel(wheel, {p.a, falls ? p.r * (1 - t) : p.r, std::lerp(p.v, 0, t)});
    };
  }
  case StringKind::Tones:
    return [&wheel, p](double t) { return step_on_wheel(wheel, {p.a, p.r * (1 - t), p.v}); };
  default:
    break;
  }
  const ValueSpan span = wheel.value_span(Angle(p.a), p.r);
  const double margin = (span.high - span.low) / (spec.steps + 1);
  return [&wheel, p, span, margin](double t) {
    return step_on_wheel(wheel, {p.a, p.r, std::lerp(span.low + margin, span.high - margin, t)});
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
      return StringStep{m.color, {}, false, m.exact};
    };
  }
  case Way::Straight:
    break;
  }
  return [a, b](double t) { return plain_step(srgb_from_oklab(mixed(a, b, t))); };
}

Path free_path(const StringSpec& spec) {
  if (spec.kind == StringKind::Between) return between_path(spec.from, *spec.to, spec.way);
  // Seen light is color * e^-d + air * (1 - e^-d) at optical distance d (Koschmieder 1924); the row ends
  // where a twentieth of the color is left.
  constexpr double left = 0.05;
  const LinearRgb a = linear_from_srgb(spec.from), b = linear_from_srgb(spec.to.value_or(usual_air()));
  return [a, b](double t) {
    const double air = t * (1 - left);
    return plain_step(
        srgb_from_linear({std::lerp(a.r, b.r, air), std::lerp(a.g, b.g, air), std::lerp(a.b, b.b, air)}));
  };
}

double apart(const StringStep& a, const StringStep& b, Evenness even) {
  const Lab p = lab_from_srgb(a.color), q = lab_from_srgb(b.color);
  return even == Evenness::Lightness ? std::abs(p.l - q.l) : ciede2000(p, q);
}

/// Moves the places t along the path until neighbors are equally far apart. The distance from step to step is
/// not additive, so the places are shared out anew from the distances measured, until they stay.
std::vector<StringStep> even_steps(const Path& path, int steps, Evenness even) {
  std::vector<double> t(static_cast<std::size_t>(steps));
  for (int i = 0; i < steps; ++i) t[static_cast<std::size_t>(i)] = static_cast<double>(i) / (steps - 1);
  std::vector<StringStep> out(t.size());
  for (int round = 0; round < 200; ++round) {
    for (std::size_t i = 0; i < t.size(); ++i) out[i] = path(t[i]);
    std::vector<double> walked(t.size(), 0);
    double shortest = 1e9, longest = 0;
    for (std::size_t i = 1; i < t.size(); ++i) {
      const double d = apart(out[i - 1], out[i], even);
      shortest = std::min(shortest, d);
      longest = std::max(longest, d);
      walked[i] = walked[i - 1] + std::max(d, 1e-12);
    }
    if (longest - shortest <= 0.001 * longest) break;
    std::vector<double> next = t;
    std::size_t cell = 1;
    for (std::size_t i = 1; i + 1 < t.size(); ++i) {
      const double wanted = walked.back() * static_cast<double>(i) / static_cast<double>(t.size() - 1);
      while (walked[cell] < wanted) ++cell;
      next[i] =
          std::lerp(t[cell - 1], t[cell], (wanted - walked[cell - 1]) / (walked[cell] - walked[cell - 1]));
    }
    t = next;
  }
  return out;
}

void hold_in(const MaskRegion& region, const Wheel& wheel, double neutral_angle, StringStep& step) {
  const WheelPoint p = place_on(wheel, step.color, step.at, neutral_angle);
  const DiscPoint place = disc_point(p);
  if (region.inside(place)) return;
  const auto nearest = region.nearest(place);
  if (!nearest) return;
  const StringStep moved = step_on_wheel(wheel, wheel_point(*nearest, p.v, Angle(p.a)));
  step = {moved.color, moved.at, true, step.reached};
}

bool runs_on_wheel(StringKind kind) { return kind != StringKind::Between && kind != StringKind::Distance; }

} // namespace

Srgb usual_air() { return srgb_from_8bit({0xb4, 0xc3, 0xd2}); }

Status validate(const StringSpec& spec) {
  if (!kStringStepsRange.holds(spec.steps))
    return Error{ErrorCode::BadInput, "A string has from 2 to 24 steps.", "steps"};
  if (spec.kind == StringKind::Between && !spec.to)
    return Error{ErrorCode::BadInput, "A string between two colors needs the second one.", "to"};
  return Done{};
}

Result<std::vector<StringStep>> make_string(const StringSpec& spec, const Wheel& wheel,
                                            const MaskRegion* hold) {
  const Status valid = validate(spec);
  if (!valid) return valid.error();
  const WheelPoint start = wheel.locate(spec.from, spec.neutral_angle);
  const Path path = runs_on_wheel(spec.kind) ? wheel_path(spec, wheel, start) : free_path(spec);
  // Equal steps of a lightness that does not change are no steps.
  const double change = apart(path(0), path(1), Evenness::Lightness);
  const Evenness even = change < 0.5 ? Evenness::Difference : spec.even;
  if (apart(path(0), path(1), Evenness::Difference) < 1e-3)
    return Error{ErrorCode::BadInput, "The two ends of this string are the same color; choose another end.",
                 "from"};
  auto steps = even_steps(path, spec.steps, even);
  if (hold)
    for (auto& step : steps) hold_in(*hold, wheel, start.a, step);
  return steps;
}

Result<std::vector<StringStep>> steps_between(Srgb from, Srgb to, int count, Way way) {
  constexpr Range range{1, kStringStepsRange.high - 2};
  if (!range.holds(count))
    return Error{ErrorCode::BadInput, "Between two colors there is room for 1 to 22 steps.", "steps"};
  StringSpec spec;
  spec.kind = StringKind::Between;
  spec.from = from;
  spec.to = to;
  spec.way = way;
  spec.steps = count + 2;
  const auto whole = make_string(spec, Wheel(WheelSpec{}));
  if (!whole) return whole.error();
  return std::vector<StringStep>(whole->begin() + 1, whole->end() - 1);
}

} // namespace zc
