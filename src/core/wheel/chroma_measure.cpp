// SPDX-License-Identifier: GPL-3.0-or-later
// CIELAB, OKLab and luma chroma at true L*: the slice has the outline of the display gamut.
#include "core/base/angle.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/color/matrix.h"
#include "core/wheel/luminance_ramp.h"
#include "core/wheel/measure.h"
#include "core/wheel/oklab_lightness.h"
#include "core/wheel/solve.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace zc {
namespace {

/// How far inside the gamut: the smallest distance of a linear channel from 0 or 1, negative outside.
double margin(LinearRgb c) { return std::min({c.r, c.g, c.b, 1 - c.r, 1 - c.g, 1 - c.b}); }

class ChromaMeasure : public Measure {
public:
  explicit ChromaMeasure(double largest) : m_largest(largest) {}

  [[nodiscard]] std::optional<Srgb> color_at(Angle hue, double r, double v) const override {
    assert(r >= 0 && r <= 1 && v >= 0 && v <= 100);
    if (v <= 0 || v >= 100) {
      if (r > 0) return std::nullopt;
      return v <= 0 ? Srgb{0, 0, 0} : Srgb{1, 1, 1};
    }
    return clipped_to_gamut(srgb_from_linear(linear_at(hue, r * m_largest, v)));
  }

  [[nodiscard]] double reach(Angle hue, double v) const override {
    if (v <= 0 || v >= 100) return 0;
    const auto inside = [&](double r) { return margin(linear_at(hue, r * m_largest, v)); };
    // Looks along the ray in small steps; where the margin dips between two of them, at the bottom of the dip
    // too, since near CIELAB yellow and OKLab blue a ray leaves the gamut briefly.
    constexpr int steps = 80; // As many as 400 find, on grids of 0.25 degrees, and of 0.004 at those two.
    constexpr double near_edge = 0.1;
    double before = inside(0), last = before;
    for (int i = 1; i <= steps; ++i) {
      const double r = static_cast<double>(i) / steps, now = inside(r);
      if (i > 1 && last < before && last <= now && last < near_edge) {
        const double dip = lowest_between(inside, (i - 2.0) / steps, r);
        if (inside(dip) < 0) return root_between(inside, (i - 2.0) / steps, dip);
      }
      if (now < 0) return root_between(inside, (i - 1.0) / steps, r);
      before = last;
      last = now;
    }
    return 1;
  }

  [[nodiscard]] ValueSpan value_span(Angle hue, double r) const override {
    if (r <= 0) return {0, 100};
    const auto outside = [&](double v) { return -margin(linear_at(hue, r * m_largest, v)); };
    const ValueSpan widest = widest_span(outside);
    return widest.empty() ? thin_span(outside) : widest;
  }

private:
  static constexpr int kSteps = 400;
  static constexpr double kStep = 100.0 / kSteps, kNearEnd = 1e-9;

  /// Walks over the values in steps; what is thinner than a step may be missed.
  template <class F> static ValueSpan widest_span(const F& outside) {
    ValueSpan widest{100, 0};
    double start = 0;
    bool within = false;
    const auto close = [&](double end) {
      if (end - start > widest.high - widest.low) widest = {start, end};
    };
    for (int i = 1; i < kSteps; ++i) {
      const double v = i * kStep;
      const bool now = outside(v) <= 0;
      if (now && !within) start = root_between(outside, v - kStep + kNearEnd, v);
      if (!now && within) close(root_between(outside, v - kStep, v));
      within = now;
    }
    if (within) close(root_between(outside, 100 - kStep, 100 - kNearEnd));
    return widest;
  }
  /// Around the deepest point, where that lies inside.
  template <class F> static ValueSpan thin_span(const F& outside) {
    int deepest = 1;
    for (int i = 2; i < kSteps; ++i)
      if (outside(i * kStep) < outside(deepest * kStep)) deepest = i;
    const double low = (deepest - 1) * kStep + kNearEnd, high = (deepest + 1) * kStep - kNearEnd;
    const double v = lowest_between(outside, low, high);
    if (outside(v) > 0) return {100, 0};
    return {root_between(outside, low, v), root_between(outside, v, high)};
  }

protected:
  [[nodiscard]] virtual LinearRgb linear_at(Angle hue, double chroma, double v) const = 0;
  [[nodiscard]] double share_of(double chroma) const { return std::min(1.0, chroma / m_largest); }

private:
  double m_largest;
};

class CielabMeasure final : public ChromaMeasure {
public:
  using ChromaMeasure::ChromaMeasure;

private:
  [[nodiscard]] LinearRgb linear_at(Angle hue, double chroma, double v) const override {
    return linear_from_xyz(xyz_from_lab(lab_from_lch({v, chroma, hue.degrees()})));
  }
  [[nodiscard]] Located located(Srgb c) const override {
    const LchAb lch = lch_from_lab(lab_from_srgb(c));
    return {lch.h, share_of(lch.c), lch.l};
  }
};

class OklabMeasure final : public ChromaMeasure {
public:
  using ChromaMeasure::ChromaMeasure;

private:
  [[nodiscard]] LinearRgb linear_at(Angle hue, double chroma, double v) const override {
    const double a = chroma * std::cos(hue.radians()), b = chroma * std::sin(hue.radians());
    return linear_from_xyz(xyz_from_oklab({oklab_lightness_for(luminance_from_lightness(v), a, b), a, b}));
  }
  [[nodiscard]] Located located(Srgb c) const override {
    const Xyz xyz = xyz_from_srgb(c);
    const Oklch lch = lch_from_oklab(oklab_from_xyz(xyz));
    return {lch.h, share_of(lch.c), lightness_from_luminance(xyz.y)};
  }
};

/// Luma at which these color differences have the luminance. Differences that no display color has are
/// answered too.
double luma_for(double luminance, double cb, double cr) {
  constexpr double lowest = -2, highest = 3; // Beyond what any differences within the wheel ask for.
  const Srgb away = srgb_from_ycbcr({0, cb, cr});
  const LuminanceRamp ramp{{away.r, away.g, away.b}, {1, 1, 1}};
  return at_luminance(ramp, luminance,
                      {lowest, highest, linear_from_encoded(lowest), linear_from_encoded(highest)});
}

class LumaMeasure final : public ChromaMeasure {
public:
  using ChromaMeasure::ChromaMeasure;

private:
  [[nodiscard]] LinearRgb linear_at(Angle hue, double chroma, double v) const override {
    const double cb = chroma * std::cos(hue.radians()), cr = chroma * std::sin(hue.radians());
    return linear_from_srgb(srgb_from_ycbcr({luma_for(luminance_from_lightness(v), cb, cr), cb, cr}));
  }
  [[nodiscard]] Located located(Srgb c) const override {
    const Ycbcr ycbcr = ycbcr_from_srgb(c);
    return {wrap_degrees(degrees(std::atan2(ycbcr.cr, ycbcr.cb))),
            share_of(std::sqrt(ycbcr.cb * ycbcr.cb + ycbcr.cr * ycbcr.cr)), value_of(c)};
  }
};

} // namespace

double oklab_lightness_for(double luminance, double a, double b) {
  // Y = sum w_i (L + k_i)^3 with k_i linear in a and b: a cubic in L, met from above by Newton's steps.
  constexpr double done = 1e-9; // A step this short is followed by one of its square.
  const OklabCubic cubic = oklab_cubic(a, b);
  double l = std::cbrt(std::max(luminance, 0.0)) + 0.2;
  for (int i = 0; i < 60; ++i) {
    const double off = ((cubic.c3 * l + cubic.c2) * l + cubic.c1) * l + cubic.c0 - luminance;
    const double slope = (3 * cubic.c3 * l + 2 * cubic.c2) * l + cubic.c1;
    const double next = slope > 1e-12 ? l - off / slope : l - 0.01;
    if (std::abs(next - l) < done) return next;
    l = next;
  }
  return l;
}

OklabCubic oklab_cubic(double a, double b) {
  // OKLab to LMS' has ones in its first column; the matrix row gives Y from LMS. Both are read off the
  // conversion itself, so that they cannot disagree with it.
  static const auto parts = [] {
    struct {
      double of_a[3], of_b[3], weight[3];
    } p{};
    const Matrix3 to_lms = inverse(oklab_from_lms_matrix());
    const Matrix3 to_xyz = inverse(lms_from_xyz_matrix());
    for (int i = 0; i < 3; ++i) {
      p.of_a[i] = to_lms[i][1] / to_lms[i][0];
      p.of_b[i] = to_lms[i][2] / to_lms[i][0];
      p.weight[i] = to_xyz[1][i] * to_lms[i][0] * to_lms[i][0] * to_lms[i][0];
    }
    return p;
  }();
  OklabCubic out{};
  for (int i = 0; i < 3; ++i) {
    const double k = parts.of_a[i] * a + parts.of_b[i] * b, w = parts.weight[i];
    out.c3 += w;
    out.c2 += 3 * w * k;
    out.c1 += 3 * w * k * k;
    out.c0 += w * k * k * k;
  }
  return out;
}

double largest_chroma(SaturationMeasure measure) {
  // Found by a search over the surface of the cube (a test repeats it): CIELAB's largest chroma is blue's,
  // OKLab's is magenta's, luma's is that of green and magenta.
  if (measure == SaturationMeasure::LumaChroma) {
    const Ycbcr magenta = ycbcr_from_srgb({1, 0, 1});
    return std::hypot(magenta.cb, magenta.cr);
  }
  if (measure == SaturationMeasure::OklabChroma) return lch_from_oklab(oklab_from_srgb({1, 0, 1})).c;
  return lch_from_lab(lab_from_srgb({0, 0, 1})).c;
}

std::unique_ptr<const Measure> make_chroma_measure(SaturationMeasure measure) {
  if (measure == SaturationMeasure::OklabChroma)
    return std::make_unique<OklabMeasure>(largest_chroma(measure));
  if (measure == SaturationMeasure::LumaChroma) return std::make_unique<LumaMeasure>(largest_chroma(measure));
  return std::make_unique<CielabMeasure>(largest_chroma(measure));
}

} // namespace zc
