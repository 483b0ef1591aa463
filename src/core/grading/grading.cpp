// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grading/grading.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/mask/outline.h"
#include "core/mask/outside.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numeric>

namespace zc {
namespace {

/// Further from any hue than hues are from each other.
constexpr double kNoHue = -1000;

struct Graded {
  const Swatch* swatch;
  Lab lab;
  double hue; ///< OKLab; kNoHue for a neutral.
};

std::vector<Graded> graded(const SwatchSet& set) {
  std::vector<Graded> out;
  for (const auto& family : set.families)
    for (const auto& s : family.swatches) {
      const Oklch lch = lch_from_oklab(oklab_from_srgb(s.color));
      out.push_back({&s, lab_from_srgb(s.color), lch.c < kNeutralChroma ? kNoHue : lch.h});
    }
  return out;
}

/// Asked for every pair of like value, so without a branch that depends on the colors: a neutral stands at a
/// number no hue is near to.
bool hues_differ(double a, double b) {
  const double apart = std::abs(a - b);
  return (apart >= kDifferentHue) & ((apart <= 360 - kDifferentHue) | (apart > 360));
}

std::vector<IndexPair> near_indices(const std::vector<Graded>& all, double limit) {
  std::vector<Lab> labs;
  labs.reserve(all.size());
  for (const auto& g : all) labs.push_back(g.lab);
  return near_pairs(labs, limit, kMostPairs + 1);
}

std::vector<SwatchPair> near_duplicates(const std::vector<Graded>& all, const std::vector<IndexPair>& near) {
  std::vector<SwatchPair> out;
  out.reserve(near.size());
  for (const auto& p : near)
    out.push_back(
        {all[p.i].swatch->id, all[p.j].swatch->id, p.difference, std::abs(all[p.i].lab.l - all[p.j].lab.l)});
  std::stable_sort(out.begin(), out.end(),
                   [](const SwatchPair& p, const SwatchPair& q) { return p.difference < q.difference; });
  return out;
}

/// Where a swatch stands in the order of value.
struct Placed {
  double value, hue;
  std::size_t index;
  Id id;
};

/// Calls f(i, j) for all twins of order[i] with a greater value, near-duplicates left out.
template <class F>
void each_twin(const std::vector<Placed>& order, const std::vector<std::vector<std::size_t>>& near_of,
               double limit, std::size_t i, const F& f) {
  const Placed& p = order[i];
  const auto& near = near_of[p.index];
  for (std::size_t j = i + 1; j < order.size() && order[j].value - p.value < limit; ++j)
    if (hues_differ(p.hue, order[j].hue) &&
        (near.empty() || std::find(near.begin(), near.end(), order[j].index) == near.end()))
      f(j);
}

/// In the order of value.
std::vector<Placed> placed(const std::vector<Graded>& all) {
  std::vector<Placed> order;
  order.reserve(all.size());
  for (std::size_t i = 0; i < all.size(); ++i)
    order.push_back({all[i].lab.l, all[i].hue, i, all[i].swatch->id});
  std::sort(order.begin(), order.end(), [](const Placed& p, const Placed& q) {
    return std::pair(p.value, p.index) < std::pair(q.value, q.index);
  });
  return order;
}

/// For each swatch those near-duplicates that would otherwise be twins of it.
std::vector<std::vector<std::size_t>> near_of_each(const std::vector<Graded>& all,
                                                   const std::vector<IndexPair>& near, double limit) {
  std::vector<std::vector<std::size_t>> out(all.size());
  for (const auto& p : near) {
    if (std::abs(all[p.i].lab.l - all[p.j].lab.l) >= limit || !hues_differ(all[p.i].hue, all[p.j].hue))
      continue;
    out[p.i].push_back(p.j);
    out[p.j].push_back(p.i);
  }
  return out;
}

void add_twin_bands(const std::vector<Placed>& order, const std::vector<char>& is_twin, double limit,
                    GradingReport& out) {
  TwinBand band;
  const auto close = [&out, &band] {
    if (band.swatches.size() > 1) out.twin_bands.push_back(band);
    band = {};
  };
  for (std::size_t i = 0; i < order.size(); ++i) {
    if (!is_twin[i]) continue;
    const double v = order[i].value;
    if (!band.swatches.empty() && (v - band.high >= limit || v - band.low >= 2 * limit)) close();
    if (band.swatches.empty()) band.low = v;
    band.swatches.push_back(order[i].id);
    band.high = v;
  }
  close();
}

/// There can be as many as half the square of the swatches: they are counted on all cores, and the first ones
/// written.
void add_twins(const std::vector<Placed>& order, const std::vector<std::vector<std::size_t>>& near_of,
               double limit, GradingReport& out) {
  std::vector<std::size_t> starts(order.size() + 1, 0);
  in_parallel(static_cast<int>(order.size()), 128, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      each_twin(order, near_of, limit, i, [&](std::size_t) { ++starts[i + 1]; });
  });
  out.twin_count = std::accumulate(starts.begin(), starts.end(), std::size_t{0});
  for (std::size_t i = 0; i < order.size() && out.twins.size() < kMostPairs; ++i)
    each_twin(order, near_of, limit, i, [&](std::size_t j) {
      if (out.twins.size() >= kMostPairs) return;
      const bool first = order[i].index < order[j].index;
      const Id p = order[i].id, q = order[j].id;
      out.twins.push_back({first ? p : q, first ? q : p, order[j].value - order[i].value});
    });
  // Those without a twin stand in no band.
  std::vector<char> is_twin(order.size(), 0);
  for (std::size_t i = 0; i < order.size(); ++i) {
    if (starts[i + 1] == 0) continue;
    is_twin[i] = 1;
    each_twin(order, near_of, limit, i, [&](std::size_t j) { is_twin[j] = 1; });
  }
  add_twin_bands(order, is_twin, limit, out);
}

void add_gaps(const Family& family, double limit, std::vector<ValueGap>& out) {
  std::vector<std::pair<double, Id>> values;
  for (const auto& s : family.swatches) values.emplace_back(value_of(s.color), s.id);
  std::stable_sort(values.begin(), values.end(),
                   [](const auto& a, const auto& b) { return a.first < b.first; });
  for (std::size_t i = 1; i < values.size(); ++i) {
    const double size = values[i].first - values[i - 1].first;
    if (size > limit) out.push_back({family.id, values[i - 1].second, values[i].second, size});
  }
}

void count_band(BandCounts& n, Band band) {
  ++(band == Band::Dark ? n.dark : band == Band::Middle ? n.middle : n.light);
}

std::vector<Confusion> confusions(const std::vector<Graded>& all, ColorVision vision, double limit) {
  std::vector<Lab> seen;
  seen.reserve(all.size());
  for (const auto& g : all) seen.push_back(lab_from_srgb(seen_by(vision, g.swatch->color)));
  std::vector<Confusion> out;
  for (const auto& p : near_pairs(seen, limit, kMostPairs))
    if (ciede2000(all[p.i].lab, all[p.j].lab) >= kPlainlyDifferent)
      out.push_back({vision, all[p.i].swatch->id, all[p.j].swatch->id, p.difference});
  std::stable_sort(out.begin(), out.end(),
                   [](const Confusion& p, const Confusion& q) { return p.difference < q.difference; });
  return out;
}

} // namespace

BandCounts band_counts(const SwatchSet& set, const Bands& bands) {
  BandCounts n;
  for (const auto& family : set.families)
    for (const auto& swatch : family.swatches) {
      count_band(n, band_of(value_of(swatch.color), bands));
    }
  return n;
}

int value_step(double value, int steps) {
  assert(steps >= 1);
  return std::clamp(static_cast<int>(value / 100 * steps) + 1, 1, steps);
}

GradingReport grade(const SwatchSet& set, const Bands& bands, const GradingRules& rules, const Wheel& wheel,
                    const MaskRegion* region) {
  GradingReport out;
  const auto all = graded(set);
  for (const auto& g : all) count_band(out.bands, band_of(g.lab.l, bands));
  out.steps.resize(static_cast<std::size_t>(rules.value_steps));
  for (const auto& g : all) ++out.steps[static_cast<std::size_t>(value_step(g.lab.l, rules.value_steps)) - 1];
  auto near = near_indices(all, rules.near_duplicate);
  out.more_near_duplicates = near.size() > kMostPairs;
  if (out.more_near_duplicates) near.pop_back();
  out.near_duplicates = near_duplicates(all, near);
  add_twins(placed(all), near_of_each(all, near, rules.twin), rules.twin, out);
  for (const auto& family : set.families) add_gaps(family, rules.gap, out.gaps);
  std::array<std::vector<Confusion>, kDeficientVisions.size()> confused;
  in_parallel(static_cast<int>(confused.size()), 1, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      confused[i] = confusions(all, kDeficientVisions[i], rules.near_duplicate);
  });
  for (const auto& of_kind : confused)
    out.confusions.insert(out.confusions.end(), of_kind.begin(), of_kind.end());
  if (!region || region->empty()) return out;
  const auto outside = [&](const Swatch& s) {
    return outside_by(wheel, *region, s.color, place_on(wheel, s.color, s.picked)) >= rules.outside;
  };
  std::vector<char> is_outside(all.size());
  in_parallel(static_cast<int>(all.size()), 64, [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      is_outside[i] = outside(*all[i].swatch);
  });
  for (std::size_t i = 0; i < all.size(); ++i)
    if (is_outside[i]) out.outside_mask.push_back(all[i].swatch->id);
  return out;
}

Contrast contrast_of(Srgb a, Srgb b) {
  const Lab p = lab_from_srgb(a), q = lab_from_srgb(b);
  return {ciede2000(p, q), std::abs(p.l - q.l)};
}

std::vector<DiscPoint> mixing_reach(const std::vector<Srgb>& colors, const Wheel& wheel) {
  constexpr int kSteps = 12; // A straight mixture bends on a wheel.
  std::vector<DiscPoint> points;
  std::vector<Oklab> labs;
  for (const Srgb& c : colors) {
    labs.push_back(oklab_from_srgb(c));
    points.push_back({labs.back().a, labs.back().b});
  }
  const std::vector<DiscPoint> hull = convex_hull(points);
  const auto corner = [&labs](DiscPoint p) {
    return *std::find_if(labs.begin(), labs.end(),
                         [p](const Oklab& lab) { return lab.a == p.x && lab.b == p.y; });
  };
  std::vector<DiscPoint> out;
  for (std::size_t i = 0; i < hull.size(); ++i) {
    const Oklab from = corner(hull[i]), to = corner(hull[(i + 1) % hull.size()]);
    for (int k = 0; k < kSteps; ++k) {
      const WheelPoint at = wheel.locate(srgb_from_oklab(mixed(from, to, static_cast<double>(k) / kSteps)));
      out.push_back(disc_point(Angle(at.a), std::min(at.r, 1.0)));
    }
  }
  return out;
}

} // namespace zc
