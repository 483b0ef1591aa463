// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/way_back.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/mask/outside.h"
#include "core/mix/kubelka.h"
#include "core/wheel/solve.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <memory>

namespace zc {
namespace {

constexpr int kKnots = 17;             ///< Of a pair, to find about where it comes nearest.
constexpr std::size_t kMadeFiner = 16; ///< Pairs, the nearest ones.

/// Two colors that are mixed, by a place from 0 to 1 that goes about evenly to the eye.
class Pairing {
public:
  virtual ~Pairing() = default;
  [[nodiscard]] virtual Lab coarse(std::size_t first, std::size_t second, double share) const = 0;
  [[nodiscard]] virtual Srgb mixed(std::size_t first, std::size_t second, double share) const = 0;
  /// A color's parts times this count about alike to the eye.
  [[nodiscard]] virtual double weight(std::size_t color) const = 0;
  [[nodiscard]] double share_at(std::size_t first, std::size_t second, double place) const {
    const double a = (1 - place) * weight(first), b = place * weight(second);
    return b / (a + b);
  }
};

class LightPairing final : public Pairing {
public:
  explicit LightPairing(const std::vector<Srgb>& set) {
    for (const Srgb& c : set) m_light.push_back(linear_from_srgb(c));
  }
  [[nodiscard]] Lab coarse(std::size_t first, std::size_t second, double share) const override {
    return lab_from_srgb(mixed(first, second, share));
  }
  [[nodiscard]] Srgb mixed(std::size_t first, std::size_t second, double share) const override {
    const LinearRgb &a = m_light[first], &b = m_light[second];
    return srgb_from_linear(
        {std::lerp(a.r, b.r, share), std::lerp(a.g, b.g, share), std::lerp(a.b, b.b, share)});
  }
  /// A little white in black says more than a little black in white.
  [[nodiscard]] double weight(std::size_t color) const override {
    return std::pow(std::max(xyz_from_linear(m_light[color]).y, 1e-3), -0.6);
  }

private:
  std::vector<LinearRgb> m_light;
};

class PaintPairing final : public Pairing {
public:
  explicit PaintPairing(const std::vector<Srgb>& set) : m_mixer(paints_of(set)) {}
  [[nodiscard]] Lab coarse(std::size_t first, std::size_t second, double share) const override {
    const Mixer::Kernel& k = m_mixer.kernel();
    const double a = (1 - share) * k.paints[first].strength, b = share * k.paints[second].strength;
    const auto of_second = static_cast<float>(b / (a + b));
    const LabF lab = lab_of_ks(k, (1 - of_second) * k.ks[first] + of_second * k.ks[second]);
    return {lab.l, lab.a, lab.b};
  }
  [[nodiscard]] Srgb mixed(std::size_t first, std::size_t second, double share) const override {
    const auto& paints = m_mixer.kernel().paints;
    const double a = (1 - share) * paints[first].strength, b = share * paints[second].strength;
    return mix_paints({{paints[first].paint, a}, {paints[second].paint, b}}).color;
  }
  [[nodiscard]] double weight(std::size_t color) const override {
    const Mixer::Kernel& k = m_mixer.kernel();
    return k.scale[color] / k.paints[color].strength;
  }

private:
  static std::vector<MixPaint> paints_of(const std::vector<Srgb>& set) {
    std::vector<MixPaint> out;
    out.reserve(set.size());
    for (const Srgb& c : set) out.push_back({paint_of(c), 1});
    return out;
  }
  Mixer m_mixer;
};

struct Candidate {
  std::size_t first, second;
  double place;
  double difference; ///< About.
  bool operator<(const Candidate& other) const { return difference < other.difference; }
};

Candidate nearest_knot(const Pairing& pairing, std::size_t first, std::size_t second, const Lab& stray) {
  Candidate out{first, second, 0, std::numeric_limits<double>::infinity()};
  for (int i = 0; i < kKnots; ++i) {
    const double place = static_cast<double>(i) / (kKnots - 1);
    const double difference =
        ciede2000(pairing.coarse(first, second, pairing.share_at(first, second, place)), stray);
    if (difference >= out.difference) continue;
    out.difference = difference;
    out.place = place;
  }
  return out;
}

PairMixture mixture_at(const Pairing& pairing, const Candidate& pair, double place, const Lab& stray) {
  const double share = pairing.share_at(pair.first, pair.second, place);
  const Srgb color = pairing.mixed(pair.first, pair.second, share);
  return {share, color, ciede2000(lab_from_srgb(color), stray)};
}

/// The place nearest to the stray beside that of the knot.
double finest_place(const Pairing& pairing, const Candidate& pair, const Lab& stray) {
  constexpr double step = 1.0 / (kKnots - 1);
  const double low = std::max(0.0, pair.place - step), high = std::min(1.0, pair.place + step);
  return lowest_between([&](double place) { return mixture_at(pairing, pair, place, stray).difference; }, low,
                        high);
}

/// Where the mixtures of a pair lie in a mask.
class InMask {
public:
  InMask(const Pairing& pairing, const Candidate& pair, const Wheel& wheel, const MaskRegion& region,
         double limit)
      : m_pairing(pairing), m_pair(pair), m_wheel(wheel), m_region(region), m_limit(limit) {}
  [[nodiscard]] bool at(double place) const {
    const double share = m_pairing.share_at(m_pair.first, m_pair.second, place);
    const Srgb color = m_pairing.mixed(m_pair.first, m_pair.second, share);
    return outside_by(m_wheel, m_region, color, m_wheel.locate(color)) < m_limit;
  }
  /// The first place inside from `from` on, toward 0 or 1.
  [[nodiscard]] std::optional<double> first_from(double from, double to) const {
    double out = from;
    for (int i = 1; i <= kWaySteps; ++i) {
      const double place = std::lerp(from, to, static_cast<double>(i) / kWaySteps);
      if (at(place)) return edge_between(out, place);
      out = place;
    }
    return std::nullopt;
  }

private:
  /// `in` is inside, and so is what is given back.
  [[nodiscard]] double edge_between(double out, double in) const {
    for (int i = 0; i < 30; ++i) {
      const double middle = (out + in) / 2;
      (at(middle) ? in : out) = middle;
    }
    return in;
  }
  const Pairing& m_pairing;
  const Candidate& m_pair;
  const Wheel& m_wheel;
  const MaskRegion& m_region;
  double m_limit;
};

std::optional<PairMixture> nearest_inside(const Pairing& pairing, const Candidate& pair, double nearest,
                                          const InMask& mask, const Lab& stray) {
  if (mask.at(nearest)) return mixture_at(pairing, pair, nearest, stray);
  std::optional<PairMixture> out;
  for (const double end : {0.0, 1.0}) {
    const auto place = mask.first_from(nearest, end);
    if (!place) continue;
    const PairMixture found = mixture_at(pairing, pair, *place, stray);
    if (!out || found.difference < out->difference) out = found;
  }
  return out;
}

std::unique_ptr<const Pairing> pairing_of(const std::vector<Srgb>& set, MixAs as) {
  if (as == MixAs::Paint) return std::make_unique<PaintPairing>(set);
  return std::make_unique<LightPairing>(set);
}

} // namespace

Result<WayBack> way_back(Srgb stray, const std::vector<Srgb>& set, MixAs as, const Wheel& wheel,
                         const MaskRegion* region, double outside, const Progress& progress) {
  if (set.size() < 2) return Error{ErrorCode::BadInput, Sentence::WayNeedsTwo, "set"};
  const auto pairing = pairing_of(set, as);
  const Lab lab = lab_from_srgb(stray);
  std::vector<Candidate> pairs;
  for (std::size_t i = 0; i + 1 < set.size(); ++i) {
    if (progress && !progress(static_cast<double>(i) / static_cast<double>(set.size())))
      return Error{ErrorCode::Stopped, Sentence::SearchStopped, {}};
    for (std::size_t k = i + 1; k < set.size(); ++k) pairs.push_back(nearest_knot(*pairing, i, k, lab));
  }
  const std::size_t few = std::min(kMadeFiner, pairs.size());
  std::partial_sort(pairs.begin(), pairs.begin() + static_cast<std::ptrdiff_t>(few), pairs.end());
  WayBack out;
  std::optional<Candidate> best;
  for (std::size_t i = 0; i < few; ++i) {
    const double place = finest_place(*pairing, pairs[i], lab);
    const PairMixture found = mixture_at(*pairing, pairs[i], place, lab);
    if (best && found.difference >= out.nearest.difference) continue;
    out.nearest = found;
    best = pairs[i];
    best->place = place;
  }
  out.first = best->first;
  out.second = best->second;
  for (int i = 0; i < kWaySteps; ++i)
    out.path.push_back(mixture_at(*pairing, *best, static_cast<double>(i) / (kWaySteps - 1), lab).color);
  if (region && !region->empty())
    out.inside =
        nearest_inside(*pairing, *best, best->place, InMask(*pairing, *best, wheel, *region, outside), lab);
  return out;
}

} // namespace zc
