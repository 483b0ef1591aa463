// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/image/extract.h"

#include "core/base/parallel.h"
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/image/accents.h"
#include "core/image/pools.h"

#include <algorithm>
#include <functional>
#include <numeric>

namespace zc {
namespace {

struct Choice {
  Srgb8 color;
  Lab lab;
  int x = 0, y = 0; ///< A typical pixel.
  bool accent = false;
};

Lab lab_of(Srgb8 c) { return lab_from_srgb(srgb_from_8bit(c)); }

Choice choice_of(const Sample& s) { return {s.color, lab_of(s.color), s.x, s.y, false}; }

Choice choice_of(const Pool& pool, const Oklab& center, const ExtractionSpec& spec) {
  const auto nearest =
      std::min_element(pool.samples.begin(), pool.samples.end(), [&](const Sample& a, const Sample& b) {
        return apart(a.at, center) < apart(b.at, center);
      });
  const Choice out = choice_of(*nearest);
  if (spec.representative == Representative::Pixel) return out;
  const Srgb mean = srgb_from_oklab(center);
  if (mean.r < 0 || mean.g < 0 || mean.b < 0 || mean.r > 1 || mean.g > 1 || mean.b > 1) return out;
  const Srgb8 rounded = rounded_8bit(mean);
  const Lab lab = lab_of(rounded);
  // A mean may leave its band by a hair; then the pixel stands.
  if (pool.band && band_of(lab.l, spec.bands) != *pool.band) return out;
  return {rounded, lab, out.x, out.y, false};
}

bool fits(const Lab& lab, const std::vector<Choice>& chosen, double least) {
  return std::all_of(chosen.begin(), chosen.end(), [&](const Choice& c) {
    return c.lab.l == lab.l && c.lab.a == lab.a && c.lab.b == lab.b ? false : ciede2000(c.lab, lab) >= least;
  });
}

/// Adds pixels until there are enough or none fits any more; `worth` says which comes first.
template <class Worth>
void fill_up(const Pool& pool, double least, std::size_t own_from, std::vector<Choice>& chosen,
             const Worth& worth) {
  std::vector<double> away(pool.colors.size(), 1e9);
  std::vector<Lab> labs;
  for (const auto& c : pool.colors) labs.push_back(lab_of(pool.samples[c.sample].color));
  const auto note = [&](const Lab& lab) {
    in_parallel(static_cast<int>(labs.size()), 256, [&](int from, int to) {
      for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
        away[i] = std::min(away[i], ciede2000(labs[i], lab));
    });
  };
  for (const auto& c : chosen) note(c.lab);
  while (chosen.size() - own_from < static_cast<std::size_t>(pool.wanted)) {
    double best = -1;
    std::size_t at = 0;
    for (std::size_t i = 0; i < labs.size(); ++i) {
      if (away[i] < std::max(least, 1e-6)) continue;
      if (const double w = worth(pool.colors[i], away[i]); w > best) {
        best = w;
        at = i;
      }
    }
    if (best < 0) return;
    chosen.push_back(choice_of(pool.samples[pool.colors[at].sample]));
    note(labs[at]);
  }
}

bool belongs(const Pool& pool, const Lab& lab, const Bands& bands) {
  return !pool.band || band_of(lab.l, bands) == *pool.band;
}

/// The colors of one pool, at least `least` from each other and from those chosen before.
void choose(const Pool& pool, const ExtractionSpec& spec, std::vector<Choice>& chosen) {
  if (pool.colors.empty() || pool.wanted <= 0) return;
  const std::size_t own_from = chosen.size();
  const std::vector<Choice> before = chosen;
  const double least = spec.least_difference;
  const auto centers = cluster(pool.colors, static_cast<std::size_t>(pool.wanted));
  std::vector<double> weights(centers.size(), 0);
  for (const auto& p : pool.colors) weights[nearest_in_oklab(p, centers).center] += p.weight;
  std::vector<std::size_t> order(centers.size());
  std::iota(order.begin(), order.end(), std::size_t{0});
  std::stable_sort(order.begin(), order.end(),
                   [&](std::size_t a, std::size_t b) { return weights[a] > weights[b]; });
  for (const std::size_t k : order) {
    const Choice c = choice_of(pool, centers[k], spec);
    if (fits(c.lab, chosen, least)) chosen.push_back(c);
  }
  fill_up(pool, least, own_from, chosen, [](const WeighedColor& p, double away) { return p.weight * away; });
  if (chosen.size() - own_from >= static_cast<std::size_t>(pool.wanted)) return;
  // Too crowded in the middle: spread out from the start, furthest first.
  std::vector<Choice> spread = before;
  fill_up(pool, least, own_from, spread, [](const WeighedColor&, double away) { return away; });
  if (spread.size() > chosen.size()) chosen = std::move(spread);
}

/// Colors far off from all the others, as many as there are places for in their bands.
std::vector<Choice> accents_beside(const std::vector<Pool>& pools, const ExtractionSpec& spec,
                                   const std::vector<Choice>& chosen) {
  const int wanted = spec.accents - static_cast<int>(spec.kept_accents.size());
  if (wanted <= 0) return {};
  std::vector<Lab> taken;
  taken.reserve(chosen.size());
  for (const auto& c : chosen) taken.push_back(c.lab);
  std::vector<int> room;
  room.reserve(pools.size());
  for (const Pool& pool : pools) room.push_back(pool.wanted);
  std::vector<Choice> out;
  for (const FarOff& far : far_off_colors(pools, std::move(taken), wanted, spec.least_difference)) {
    Choice accent = choice_of(far.core);
    accent.accent = far.small;
    for (std::size_t i = 0; i < pools.size(); ++i) {
      if (!belongs(pools[i], accent.lab, spec.bands) || room[i] == 0) continue;
      --room[i];
      out.push_back(accent);
    }
  }
  return out;
}

/// All pools in turn. False when it was stopped.
bool choose_all(std::vector<Pool>& pools, const ExtractionSpec& spec, std::vector<Choice>& chosen,
                Extraction& out, const std::function<bool(double)>& goes_on) {
  double done = 0;
  for (Pool& pool : pools) {
    if (!goes_on(done)) return false;
    const std::size_t before = chosen.size();
    choose(pool, spec, chosen);
    const int missing = pool.wanted - static_cast<int>(chosen.size() - before);
    if (pool.band == Band::Light) out.unmet.light = missing;
    if (pool.band == Band::Middle) out.unmet.middle = missing;
    if (pool.band == Band::Dark) out.unmet.dark = missing;
    if (!pool.band) out.missing = missing;
    done += 1.0 / static_cast<double>(pools.size());
  }
  return true;
}

/// The weight of every chosen color: the pixels that are nearest to it.
std::vector<double> shares_of(const std::vector<Pool>& pools, const std::vector<Choice>& chosen) {
  std::vector<Oklab> centers;
  std::vector<Lab> labs;
  for (const auto& c : chosen) {
    centers.push_back(oklab_from_srgb(srgb_from_8bit(c.color)));
    labs.push_back(c.lab);
  }
  std::vector<double> out(chosen.size(), 0);
  if (chosen.empty()) return out;
  double total = 0;
  for (const auto& pool : pools)
    for (const auto& p : pool.colors) {
      out[nearest_to_the_eye(p, centers, labs).center] += p.weight;
      total += p.weight;
    }
  for (double& share : out) share /= total;
  return out;
}

Error wrong(Sentence sentence) { return {ErrorCode::BadInput, sentence, "extraction"}; }

/// What is to be kept of an extraction before; each takes a place of its band.
std::vector<Choice> kept_of(const ExtractionSpec& spec, std::vector<Pool>& pools) {
  std::vector<Choice> out;
  for (const auto* kept : {&spec.kept, &spec.kept_accents})
    for (const Srgb& c : *kept) {
      out.push_back({rounded_8bit(c), lab_from_srgb(c)});
      for (Pool& pool : pools)
        if (belongs(pool, out.back().lab, spec.bands)) pool.wanted = std::max(0, pool.wanted - 1);
    }
  return out;
}

void take_places(const std::vector<Choice>& accents, const ExtractionSpec& spec, std::vector<Pool>& pools) {
  for (const Choice& accent : accents)
    for (Pool& pool : pools)
      if (belongs(pool, accent.lab, spec.bands)) --pool.wanted;
}

/// Accents last; else from light to dark, and within a band by their share.
bool stands_before(const ExtractedColor& a, const ExtractedColor& b) {
  if (a.accent != b.accent) return b.accent;
  if (a.band != b.band) return a.band > b.band;
  return a.share > b.share;
}

/// The colors chosen after the first `known`.
std::vector<ExtractedColor> colors_of(const std::vector<Choice>& chosen, std::size_t known,
                                      const std::vector<double>& shares, const Bands& bands) {
  std::vector<ExtractedColor> out;
  for (std::size_t i = known; i < chosen.size(); ++i) {
    const Choice& c = chosen[i];
    out.push_back({srgb_from_8bit(c.color), shares[i], c.x, c.y, band_of(c.lab.l, bands),
                   c.accent && shares[i] < kMostAccent});
  }
  std::stable_sort(out.begin(), out.end(), stands_before);
  return out;
}

} // namespace

Status validate(const ExtractionSpec& spec, bool has_mask) {
  const int wanted = spec.quotas ? spec.quotas->dark + spec.quotas->middle + spec.quotas->light : spec.count;
  const bool negative =
      spec.quotas && (spec.quotas->dark < 0 || spec.quotas->middle < 0 || spec.quotas->light < 0);
  if (negative || wanted < 1 || wanted > kMostExtracted) return wrong(Sentence::ColorsRange);
  if (spec.accents < 0 || spec.accents > kMostAccents) return wrong(Sentence::AccentsRange);
  if (!(spec.least_difference >= 0 && spec.least_difference <= 50))
    return wrong(Sentence::LeastDifferenceRange);
  if (spec.mask != MaskUse::Ignore && !has_mask) return wrong(Sentence::NoMaskToKeepIn);
  return Done{};
}

Result<Extraction> extract_colors(const PixelView& photo, const ExtractionSpec& spec, const Wheel* wheel,
                                  const MaskRegion* region, const Progress& progress) {
  const Status valid = validate(spec, wheel && region && !region->empty());
  if (!valid) return valid.error();
  const auto stopped = [&progress](double share) { return progress && !progress(share); };
  const Error stop{ErrorCode::Stopped, Sentence::ExtractionStopped, "extraction"};
  if (stopped(0)) return stop;
  auto pools = pools_of(photo, spec, wheel, region);
  if (std::all_of(pools.begin(), pools.end(), [](const Pool& p) { return p.samples.empty(); }))
    return wrong(Sentence::NoPixels);
  std::vector<Choice> chosen = kept_of(spec, pools);
  const std::size_t known = chosen.size();
  Extraction out;
  const bool twice = spec.accents > static_cast<int>(spec.kept_accents.size());
  const auto part = [&](double from) {
    return [&, from](double share) { return !stopped(from + share * (twice ? 0.3 : 0.6)); };
  };
  if (!choose_all(pools, spec, chosen, out, part(0.3))) return stop;
  // What is far off from the best choice without accents takes places of it, and the rest is chosen again.
  if (const auto accents = accents_beside(pools, spec, chosen); !accents.empty()) {
    chosen.resize(known);
    chosen.insert(chosen.end(), accents.begin(), accents.end());
    take_places(accents, spec, pools);
    if (!choose_all(pools, spec, chosen, out, part(0.6))) return stop;
  }
  if (stopped(0.9)) return stop;
  out.colors = colors_of(chosen, known, shares_of(pools, chosen), spec.bands);
  if (stopped(1)) return stop;
  return out;
}

} // namespace zc
