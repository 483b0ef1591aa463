// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/accents.h"

#include "core/color/convert.h"
#include "core/color/difference.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

/// So many clusters of what is far off compete at each place.
constexpr std::size_t kClusters = 8;
/// The core: where the most colorful tenth of a cluster begins, so that a few stray pixels do not decide.
constexpr double kCore = 0.1;

struct FarColor {
  WeighedColor color;
  const Sample* sample;
  double away; ///< CIEDE2000 to the nearest taken color.
};

struct Candidate {
  const Sample* core = nullptr;
  double worth = 0, share = 0;
};

Lab lab_of(const Sample& s) { return lab_from_srgb(srgb_from_8bit(s.color)); }

double nearest_by_eye(const Lab& lab, const std::vector<Lab>& taken) {
  double out = 1e9;
  for (const Lab& t : taken) out = std::min(out, ciede2000(t, lab));
  return out;
}

std::vector<FarColor> far_colors(const std::vector<Pool>& pools, const std::vector<Lab>& taken) {
  std::vector<FarColor> out;
  for (const Pool& pool : pools)
    for (const WeighedColor& c : pool.colors)
      if (const double away = nearest_by_eye(c.lab, taken); away >= kFarOff)
        out.push_back({c, &pool.samples[c.sample], away});
  return out;
}

double chroma(const FarColor& f) { return std::hypot(f.color.lab.a, f.color.lab.b); }

/// The best of a cluster, or none where it is too small or nothing of it is far enough from what is taken.
Candidate candidate_of(std::vector<const FarColor*> members, double total, const std::vector<Lab>& taken,
                       double least) {
  double weight = 0, away = 0;
  for (const FarColor* f : members) {
    weight += f->color.weight;
    away += f->color.weight * f->away;
  }
  if (weight < kLeastAccent * total) return {};
  std::stable_sort(members.begin(), members.end(),
                   [](const FarColor* a, const FarColor* b) { return chroma(*a) > chroma(*b); });
  double passed = 0;
  for (const FarColor* f : members) {
    passed += f->color.weight;
    if (passed >= kCore * weight && nearest_by_eye(lab_of(*f->sample), taken) >= least)
      return {f->sample, away / weight * std::sqrt(weight / total), weight / total};
  }
  return {};
}

Candidate best_of(const std::vector<FarColor>& far, double total, const std::vector<Lab>& taken,
                  double least) {
  std::vector<WeighedColor> colors;
  colors.reserve(far.size());
  for (const FarColor& f : far) colors.push_back(f.color);
  const auto centers = cluster(colors, std::min(kClusters, colors.size()));
  std::vector<std::vector<const FarColor*>> clusters(centers.size());
  for (const FarColor& f : far) clusters[nearest_in_oklab(f.color, centers).center].push_back(&f);
  Candidate best;
  for (const auto& members : clusters)
    if (const Candidate c = candidate_of(members, total, taken, least); c.worth > best.worth) best = c;
  return best;
}

} // namespace

std::vector<FarOff> far_off_colors(const std::vector<Pool>& pools, std::vector<Lab> taken, int count,
                                   double least) {
  double total = 0;
  for (const Pool& pool : pools)
    for (const WeighedColor& c : pool.colors) total += c.weight;
  std::vector<FarOff> out;
  for (int small = 0; small < count;) {
    const auto far = far_colors(pools, taken);
    if (far.empty()) break;
    const Candidate best = best_of(far, total, taken, least);
    if (!best.core) break;
    out.push_back({*best.core, best.share < kMostAccent});
    small += out.back().small ? 1 : 0;
    taken.push_back(lab_of(*best.core));
  }
  return out;
}

} // namespace zc
