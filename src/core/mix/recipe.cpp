// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/recipe.h"

#include "core/base/parallel.h"
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/gamut.h"
#include "core/mix/nearest_mixture.h"

#include <algorithm>
#include <atomic>
#include <bit>
#include <mutex>
#include <numeric>

namespace zc {
namespace {

/// Of so many paints every recipe is tried.
constexpr std::size_t kTryAll = 5;
/// Of more, so many choices of four are tried whole: those where the mixtures come nearest.
constexpr std::size_t kTriedWhole = 2;
constexpr std::size_t kKeptRecipes = 12;
/// Of the choices whose coarse nets come nearest to a color so many are searched.
constexpr std::size_t kSearched = 12, kSearchedForRecipe = 60;
/// No mixture lies further from the knots of its net (CIEDE2000; the widest seen is about 12).
constexpr double kNetReach = 14;
/// So many knots of a net are places to begin from: far from all mixtures there is more than one way down.
constexpr std::size_t kStarts = 4;
/// As near as this there is only one.
constexpr double kOneValley = 6;
/// A color that is met so nearly is met.
constexpr double kMet = 0.01;

using Parts = std::array<int, 4>;

/// The few best by CIEDE2000 in float; they are judged exactly in the end.
struct Best {
  struct Entry {
    double difference = 0;
    std::size_t choice = 0;
    Parts parts{};
  };
  std::vector<Entry> entries;
  [[nodiscard]] double limit() const {
    return entries.size() < kKeptRecipes ? 1e30 : entries.back().difference;
  }
  void offer(const Entry& e) {
    if (e.difference >= limit()) return;
    const auto at = std::upper_bound(entries.begin(), entries.end(), e, [](const Entry& a, const Entry& b) {
      return a.difference < b.difference;
    });
    entries.insert(at, e);
    if (entries.size() > kKeptRecipes) entries.pop_back();
  }
};

struct Window {
  float low = 0, high = 1;
};
/// Outside of these luminances the values alone make a CIEDE2000 as large as this.
Window luminances_within(double l, double difference) {
  const auto by_value = [l](double other) {
    const double off = (l + other) / 2 - 50;
    return std::abs(l - other) / (1 + 0.015 * off * off / std::sqrt(20 + off * off));
  };
  const auto limit = [&](double end) {
    if (by_value(end) <= difference) return end;
    double in = l, out = end;
    for (int i = 0; i < 24; ++i) (by_value((in + out) / 2) <= difference ? in : out) = (in + out) / 2;
    return out;
  };
  constexpr float slack = 1e-5f; // Of float.
  return {static_cast<float>(luminance_from_lightness(limit(0))) - slack,
          static_cast<float>(luminance_from_lightness(limit(100))) + slack};
}

/// Mixtures of a choice by whole parts.
class WholeParts {
public:
  WholeParts(const Mixer::Kernel& kernel, const std::vector<std::size_t>& paints) : m_kernel(kernel) {
    for (std::size_t i = 0; i < 4; ++i) {
      m_ks[i] = KsBands::Zero();
      if (i >= paints.size()) continue;
      m_strength[i] = static_cast<float>(kernel.paints[paints[i]].strength);
      m_ks[i] = kernel.ks[paints[i]] * m_strength[i];
    }
  }
  /// Every different mixture. `most` parts of each paint that the choice has, none of the others.
  void try_all(std::size_t paints, int most, const Lab& to, std::size_t choice, Best& best) const {
    const int m1 = paints > 1 ? most : 0, m2 = paints > 2 ? most : 0, m3 = paints > 3 ? most : 0;
    Window window = luminances_within(to.l, best.limit());
    for (int a = 0; a <= most; ++a)
      for (int b = 0; b <= m1; ++b)
        for (int c = 0; c <= m2; ++c) {
          const int abc = std::gcd(std::gcd(a, b), c);
          const KsBands ks = m_ks[0] * static_cast<float>(a) + m_ks[1] * static_cast<float>(b) +
                             m_ks[2] * static_cast<float>(c);
          const float whole = m_strength[0] * static_cast<float>(a) + m_strength[1] * static_cast<float>(b) +
                              m_strength[2] * static_cast<float>(c);
          for (int d = 0; d <= m3; ++d) {
            if (std::gcd(abc, d) != 1) continue;
            const float n = static_cast<float>(d);
            consider(reflectance_of_ks((ks + m_ks[3] * n) / (whole + m_strength[3] * n)), {a, b, c, d}, to,
                     choice, best, window);
          }
        }
  }
  /// Whole parts beside these, at every scale.
  void try_beside(const std::array<double, 4>& parts, std::size_t paints, int most, const Lab& to,
                  std::size_t choice, Best& best) const {
    Window window = luminances_within(to.l, best.limit());
    for (int scale = 1; scale <= most; ++scale)
      for (unsigned up = 0; up < 1u << paints; ++up) {
        Parts one{};
        int common = 0;
        bool fits = true;
        for (std::size_t i = 0; i < paints; ++i) {
          one[i] = static_cast<int>(parts[i] * scale) + static_cast<int>(up >> i & 1u);
          fits = fits && one[i] <= most;
          common = std::gcd(common, one[i]);
        }
        if (fits && common == 1) consider(mixed(one), one, to, choice, best, window);
      }
  }

private:
  /// Most mixtures fail by their luminance alone.
  void consider(const KsBands& reflectance, const Parts& parts, const Lab& to, std::size_t choice, Best& best,
                Window& window) const {
    const float y = m_kernel.tristimulus.row(1).dot(reflectance.matrix());
    if (y < window.low || y > window.high) return;
    const LabF lab = shown_lab(m_kernel, reflectance);
    const double difference = ciede2000({lab.l, lab.a, lab.b}, to);
    if (difference >= best.limit()) return;
    best.offer({difference, choice, parts});
    window = luminances_within(to.l, best.limit());
  }
  [[nodiscard]] KsBands mixed(const Parts& parts) const {
    KsBands ks = KsBands::Zero();
    float whole = 0;
    for (std::size_t i = 0; i < 4; ++i) {
      ks += m_ks[i] * static_cast<float>(parts[i]);
      whole += m_strength[i] * static_cast<float>(parts[i]);
    }
    return reflectance_of_ks(ks / whole);
  }

  const Mixer::Kernel& m_kernel;
  std::array<KsBands, 4> m_ks;
  std::array<float, 4> m_strength{};
};

std::size_t with_strength(const Mixer::Kernel& kernel) {
  return static_cast<std::size_t>(std::count_if(kernel.paints.begin(), kernel.paints.end(),
                                                [](const MixPaint& p) { return p.strength > 0; }));
}

/// Indices of the smallest few.
template <class Number>
std::vector<std::size_t> smallest(const std::vector<Number>& numbers, std::size_t count) {
  std::vector<std::size_t> out(numbers.size());
  std::iota(out.begin(), out.end(), std::size_t{0});
  const auto end = out.begin() + static_cast<std::ptrdiff_t>(std::min(count, out.size()));
  std::partial_sort(out.begin(), end, out.end(),
                    [&](std::size_t a, std::size_t b) { return numbers[a] < numbers[b]; });
  out.erase(end, out.end());
  return out;
}

/// The search for one color among all choices of so many paints.
class RecipeSearch {
public:
  using Indices = std::vector<std::size_t>;

  RecipeSearch(const Mixer::Kernel& kernel, std::vector<Indices> choices, Srgb color, int most_parts)
      : m_kernel(kernel), m_choices(std::move(choices)), m_size(m_choices.front().size()),
        m_wanted(lab_from_srgb(color)), m_most_parts(most_parts) {}

  [[nodiscard]] Indices all() const {
    Indices out(m_choices.size());
    std::iota(out.begin(), out.end(), std::size_t{0});
    return out;
  }

  /// The few choices that are worth trying whole: where the whole parts beside the nearest mixture come
  /// nearest, which are offered to `best`, and where any parts would.
  [[nodiscard]] Indices nearest(Best& best) const {
    const MixtureNet net(m_kernel, m_choices);
    const std::vector<float> away = net.differences(m_wanted);
    std::vector<double> knots;
    for (std::size_t i = 0; i < m_choices.size(); ++i)
      knots.push_back(nearest_knots(net.knots(i), away, 1).front().difference);
    std::vector<double> near(m_choices.size(), 1e30);
    const Indices searched = smallest(knots, kSearchedForRecipe);
    try_each(searched, 4, best, [&](std::size_t i, Best& found) {
      const FewPaints::Found place =
          FewPaints(m_kernel, m_choices[i]).nearest(m_wanted, nearest_knots(net.knots(i), away, 1));
      near[i] = place.difference;
      WholeParts(m_kernel, m_choices[i]).try_beside(place.parts, m_size, m_most_parts, m_wanted, i, found);
    });
    Indices out = smallest(near, kTriedWhole);
    for (const auto& e : best.entries)
      if (out.size() < 2 * kTriedWhole && std::find(out.begin(), out.end(), e.choice) == out.end())
        out.push_back(e.choice);
    return out;
  }

  void try_whole(const Indices& choices, Best& best) const {
    try_each(choices, 1, best, [&](std::size_t i, Best& found) {
      WholeParts(m_kernel, m_choices[i]).try_all(m_size, m_most_parts, m_wanted, i, found);
    });
  }

  /// Of those that are equally near the one of fewer paints.
  [[nodiscard]] Recipe exactly_best(const Best& best, const Mixer& mixer) const {
    Recipe out = told(mixer, best.entries.front());
    for (const auto& e : best.entries) {
      Recipe one = told(mixer, e);
      const bool nearer = one.difference < out.difference - 1e-9;
      const bool simpler = one.difference < out.difference + 1e-9 && one.parts.size() < out.parts.size();
      if (nearer || simpler) out = std::move(one);
    }
    return out;
  }

private:
  /// `attempt(choice, best)` for each, side by side.
  template <class Try>
  static void try_each(const Indices& choices, int grain, Best& best, const Try& attempt) {
    std::mutex joining;
    in_parallel(static_cast<int>(choices.size()), grain, [&](int from, int to) {
      Best found;
      for (auto n = static_cast<std::size_t>(from); n < static_cast<std::size_t>(to); ++n)
        attempt(choices[n], found);
      const std::lock_guard lock(joining);
      for (const auto& e : found.entries) best.offer(e);
    });
  }

  [[nodiscard]] Recipe told(const Mixer& mixer, const Best::Entry& entry) const {
    const Indices& paints = m_choices[entry.choice];
    Recipe out;
    std::vector<double> all(mixer.count(), 0);
    for (std::size_t i = 0; i < paints.size(); ++i) {
      if (entry.parts[i] == 0) continue;
      out.parts.push_back({paints[i], entry.parts[i]});
      all[paints[i]] = entry.parts[i];
    }
    std::stable_sort(out.parts.begin(), out.parts.end(),
                     [](const RecipePart& a, const RecipePart& b) { return a.parts > b.parts; });
    out.mixture = mixer.mixed(all);
    out.difference = ciede2000(lab_from_srgb(out.mixture.color), m_wanted);
    return out;
  }

  const Mixer::Kernel& m_kernel;
  std::vector<Indices> m_choices;
  std::size_t m_size;
  Lab m_wanted;
  int m_most_parts;
};

bool reaches(const FewPaints& few, const std::vector<FewPaints::Start>& starts, const Lab& color,
             double within) {
  if (starts.front().difference <= within) return true;
  if (starts.front().difference > within + kNetReach) return false;
  return few.nearest(color, starts, within, within).difference <= within;
}

} // namespace

Result<Recipe> recipe_for(Srgb color, const Mixer& mixer, const RecipeSpec& spec) {
  if (spec.most_paints < 1 || spec.most_paints > kMostPaintsOfRecipe)
    return Error{ErrorCode::BadInput, Sentence::RecipePaints, "most"};
  if (spec.most_parts < 1 || spec.most_parts > kMostPartsOfRecipe)
    return Error{ErrorCode::BadInput, Sentence::RecipeParts, "parts"};
  const Mixer::Kernel& kernel = mixer.kernel();
  const std::size_t there = with_strength(kernel);
  if (there == 0) return Error{ErrorCode::BadInput, Sentence::NoPaintToMix, "paints"};
  const std::size_t size = std::min(there, static_cast<std::size_t>(spec.most_paints));
  const RecipeSearch search(kernel, choices_of(kernel, size), color, spec.most_parts);
  Best best;
  const auto whole = there <= kTryAll ? search.all() : search.nearest(best);
  search.try_whole(whole, best);
  return search.exactly_best(best, mixer);
}

// ---------------------------------------------------------------- what is reached

std::vector<double> distances_to_mixtures(const std::vector<Srgb>& colors, const Mixer& mixer,
                                          const Progress& progress) {
  const Mixer::Kernel& kernel = mixer.kernel();
  const std::size_t size = std::min<std::size_t>(4, with_strength(kernel));
  const auto choices = choices_of(kernel, size);
  const MixtureNet net(kernel, choices);
  std::vector<FewPaints> few;
  few.reserve(choices.size());
  for (const auto& choice : choices) few.emplace_back(kernel, choice);
  std::vector<double> out(colors.size(), 0);
  std::atomic<int> done{0};
  std::atomic<bool> stopped{false};
  in_parallel(static_cast<int>(colors.size()), 4, [&](int from, int to_color) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to_color) && !stopped; ++i) {
      const Lab wanted = lab_from_srgb(colors[i]);
      // The choices that come near first; what is met well enough ends the search.
      const std::vector<float> away = net.differences(wanted);
      std::vector<double> knots;
      for (std::size_t k = 0; k < few.size(); ++k)
        knots.push_back(nearest_knots(net.knots(k), away, 1).front().difference);
      double best = 1e30;
      for (const std::size_t k : smallest(knots, kSearched)) {
        const auto starts = nearest_knots(net.knots(k), away, kStarts);
        best = std::min(best, few[k].nearest(wanted, starts, kMet, best).difference);
        if (best <= kMet) break;
      }
      out[i] = best;
    }
    const double share = static_cast<double>(done += to_color - from) / static_cast<double>(colors.size());
    if (progress && !progress(share)) stopped = true;
  });
  return out;
}

namespace {

Status validate(const FewestSpec& spec, const Mixer::Kernel& kernel) {
  if (!(spec.within >= 0.5 && spec.within <= 20))
    return Error{ErrorCode::BadInput, Sentence::RecipeWithinRange, "within"};
  if (!(spec.share > 0 && spec.share <= 1)) return Error{ErrorCode::BadInput, Sentence::ShareRange, "share"};
  if (kernel.paints.size() > kMostPaints)
    return Error{ErrorCode::BadInput, Sentence::PalettePaints, "paints"};
  if (with_strength(kernel) == 0) return Error{ErrorCode::BadInput, Sentence::NoPaintToMix, "paints"};
  return Done{};
}

/// A bit for each paint.
std::size_t set_of(const std::vector<std::size_t>& choice) {
  std::size_t out = 0;
  for (const std::size_t i : choice) out |= std::size_t{1} << i;
  return out;
}

/// What sets of paints reach. What more than four of them reach, some four of them do.
class SetsReached {
public:
  SetsReached(const std::vector<WeightedColor>& colors, const Mixer::Kernel& kernel)
      : m_colors(colors), m_paints(kernel.paints.size()), m_sets(std::size_t{1} << m_paints),
        m_words((colors.size() + 63) / 64), m_bits(m_sets * m_words, 0) {
    for (std::size_t size = 1; size <= 4; ++size)
      for (auto& choice : choices_of(kernel, size)) m_choices.push_back(std::move(choice));
  }
  /// False when it was stopped.
  [[nodiscard]] bool ask_choices(const Mixer::Kernel& kernel, double within, const Progress& progress) {
    const MixtureNet net(kernel, m_choices);
    std::vector<FewPaints> few;
    few.reserve(m_choices.size());
    for (const auto& choice : m_choices) few.emplace_back(kernel, choice);
    std::vector<char> by(m_sets * m_colors.size(), 0);
    std::atomic<int> done{0};
    std::atomic<bool> stopped{false};
    in_parallel(static_cast<int>(m_colors.size()), 1, [&](int from, int to) {
      for (auto c = static_cast<std::size_t>(from); c < static_cast<std::size_t>(to) && !stopped; ++c)
        ask_choices_about(m_colors[c], net, few, within, by.data() + c * m_sets, stopped);
      const double share = static_cast<double>(done += to - from) / static_cast<double>(m_colors.size());
      if (progress && !progress(share)) stopped = true;
    });
    if (stopped) return false;
    for (std::size_t c = 0; c < m_colors.size(); ++c)
      for (std::size_t set = 1; set < m_sets; ++set)
        if (by[c * m_sets + set]) bits(set)[c / 64] |= std::uint64_t{1} << c % 64;
    return true;
  }
  /// All sets but the empty one, smaller ones first.
  [[nodiscard]] std::vector<std::size_t> by_size() const {
    std::vector<std::size_t> order(m_sets - 1);
    std::iota(order.begin(), order.end(), std::size_t{1});
    std::stable_sort(order.begin(), order.end(),
                     [](std::size_t a, std::size_t b) { return std::popcount(a) < std::popcount(b); });
    return order;
  }
  /// What the smaller sets within it reach it does too. REQUIRES that they were asked before.
  [[nodiscard]] double weight_of(std::size_t set) {
    std::uint64_t* own = bits(set);
    for (const std::size_t paint : paints_of(set)) {
      const std::uint64_t* without = bits(set ^ std::size_t{1} << paint);
      for (std::size_t w = 0; w < m_words; ++w) own[w] |= without[w];
    }
    double out = 0;
    for (std::size_t c = 0; c < m_colors.size(); ++c)
      if (own[c / 64] >> c % 64 & 1) out += m_colors[c].weight;
    return out;
  }
  [[nodiscard]] std::vector<std::size_t> paints_of(std::size_t set) const {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < m_paints; ++i)
      if (set >> i & 1) out.push_back(i);
    return out;
  }

private:
  [[nodiscard]] std::uint64_t* bits(std::size_t set) { return m_bits.data() + set * m_words; }
  void ask_choices_about(const WeightedColor& color, const MixtureNet& net, const std::vector<FewPaints>& few,
                         double within, char* by, const std::atomic<bool>& stopped) const {
    const std::size_t starts = within < kOneValley ? 1 : kStarts;
    const Lab wanted = lab_from_srgb(color.color);
    const std::vector<float> away = net.differences(wanted);
    for (std::size_t i = 0; i < m_choices.size() && !stopped; ++i) {
      const std::size_t set = set_of(m_choices[i]);
      // What some of them reach, all of them do; smaller choices come first.
      by[set] = std::any_of(m_choices[i].begin(), m_choices[i].end(),
                            [&](std::size_t p) { return by[set ^ std::size_t{1} << p] != 0; }) ||
                reaches(few[i], nearest_knots(net.knots(i), away, starts), wanted, within);
    }
  }

  const std::vector<WeightedColor>& m_colors;
  std::size_t m_paints, m_sets, m_words;
  std::vector<std::uint64_t> m_bits; ///< Of each set a bit for each color.
  std::vector<std::vector<std::size_t>> m_choices;
};

/// Enough is better than not enough, then more is better than less.
bool is_better(const FewestPaints& best, double share, bool enough) {
  if (enough) return !best.enough || share > best.share;
  return !best.enough && share > best.share + 1e-12;
}

} // namespace

Result<FewestPaints> fewest_paints(const std::vector<WeightedColor>& colors, const Mixer& mixer,
                                   const FewestSpec& spec, const Progress& progress) {
  const Mixer::Kernel& kernel = mixer.kernel();
  if (const Status valid = validate(spec, kernel); !valid) return valid.error();
  double whole = 0;
  for (const auto& c : colors) whole += c.weight;
  if (!(whole > 0)) return Error{ErrorCode::BadInput, Sentence::NothingToReach, "colors"};

  SetsReached reached(colors, kernel);
  if (!reached.ask_choices(kernel, spec.within, progress))
    return Error{ErrorCode::Stopped, Sentence::SearchStopped, "fewest"};
  FewestPaints out;
  for (const std::size_t set : reached.by_size()) {
    if (out.enough && static_cast<std::size_t>(std::popcount(set)) > out.paints.size()) break;
    const double share = reached.weight_of(set) / whole;
    const bool enough = share >= spec.share - 1e-12;
    if (is_better(out, share, enough)) out = {reached.paints_of(set), share, enough};
  }
  return out;
}

} // namespace zc
