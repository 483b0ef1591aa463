// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/match.h"

#include "core/base/angle.h"
#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/image/pixels.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>
#include <map>

namespace zc {
namespace {

/// SL of the formula is largest at either end of the values.
constexpr double kLargestSl = 1 + 0.015 * 2500 / 50.2; // sqrt(20 + 2500) is 50.199...
/// The formula's stretch of a adds at most so much to a chroma: the largest of C / 2 (1 - sqrt(C^7 / (C^7 +
/// 25^7))) is 4.7; and never more than half of it.
constexpr double kLargestStretch = 5;
/// Further than any two colors are apart.
constexpr double kAnywhere = 1e6;
/// A color with less chroma than this in CIELAB has no hue to speak of (ours).
constexpr double kHueless = 6;

/// What the rotation term leaves of the chroma and hue terms at the least, by the mean chroma in whole units:
/// 1 - RC / 2 sin 60 degrees.
const std::array<double, 256> kKeptOfChroma = [] {
  std::array<double, 256> out{};
  for (std::size_t c = 0; c < out.size(); ++c) {
    const double c7 = std::pow(static_cast<double>(c + 1), 7);
    out[c] = 1 - std::sqrt(c7 / (c7 + std::pow(25.0, 7))) * std::sin(radians(60.0)) - 1e-9;
  }
  return out;
}();
/// Where both colors lie on the yellow side the mean hue is 85 degrees or more away from the 275 at which the
/// rotation sits: 30 exp(-(85 / 25)^2) degrees of it are left.
constexpr double kKeptOfYellow = 1 - 1e-5;

/// Squared; CIEDE2000 is never below its root. The a-b distance is the least that the chroma and hue terms
/// are made of, since the stretch only lengthens it and SH is never above SC.
double least_squared(const Lab& p, double chroma_p, const Lab& q, double chroma_q) {
  const double off = (p.l + q.l) / 2 - 50, sl = 1 + 0.015 * off * off / std::sqrt(20 + off * off);
  const double dl = (p.l - q.l) / sl, da = p.a - q.a, db = p.b - q.b;
  const double plain = (chroma_p + chroma_q) / 2, mean = plain + std::min(kLargestStretch, plain / 2);
  const double kept = p.b >= 0 && q.b >= 0
                          ? kKeptOfYellow
                          : kKeptOfChroma[std::min<std::size_t>(255, static_cast<std::size_t>(mean))];
  const double sc = 1 + 0.045 * mean;
  return dl * dl + kept * (da * da + db * db) / (sc * sc);
}

} // namespace

SwatchMatcher::SwatchMatcher(const std::vector<MatchColor>& colors, Match match) : m_match(match) {
  std::map<std::size_t, std::size_t> places;
  for (std::size_t i = 0; i < colors.size(); ++i) {
    const Lab lab = lab_from_srgb(colors[i].color);
    m_labs.push_back(lab);
    m_swatches.push_back({lab, std::hypot(lab.a, lab.b), i});
    const auto [at, fresh] = places.try_emplace(colors[i].family, m_families.size());
    if (fresh) m_families.push_back({});
    FamilyHue& family = m_families[at->second];
    family.a += lab.a, family.b += lab.b;
    family.swatches.push_back(i);
  }
  for (FamilyHue& family : m_families) {
    family.a /= static_cast<double>(family.swatches.size());
    family.b /= static_cast<double>(family.swatches.size());
  }
  std::stable_sort(m_swatches.begin(), m_swatches.end(),
                   [](const Ready& p, const Ready& q) { return p.lab.l < q.lab.l; });
}

Matched SwatchMatcher::nearest(const Lab& color) const {
  assert(!empty());
  return m_match == Match::Color ? *nearest_color(color, kAnywhere, -1) : nearest_value(color);
}

std::optional<Matched> SwatchMatcher::nearest_within(const Lab& color, double limit) const {
  return nearest_color(color, limit, -1);
}

bool SwatchMatcher::any_within(const Lab& color, double limit) const {
  return nearest_color(color, limit, limit).has_value();
}

Matched SwatchMatcher::nearest(Pixel pixel) const { return nearest(lab_from_8bit(color_of(pixel))); }

/// Outward from the color's own value, until the values alone are too far apart.
std::optional<Matched> SwatchMatcher::nearest_color(const Lab& color, double within, double enough) const {
  const double chroma = std::hypot(color.a, color.b);
  const auto middle = std::lower_bound(m_swatches.begin(), m_swatches.end(), color.l,
                                       [](const Ready& s, double l) { return s.lab.l < l; });
  // The bound is a little wider, so that rounding rules nothing out.
  const auto squared = [](double away) { return away * away * (1 + 1e-9) + 1e-12; };
  constexpr std::size_t none = static_cast<std::size_t>(-1);
  Matched best{none, within};
  double best2 = squared(within);
  const auto look_at = [&](const Ready& s) {
    if (least_squared(color, chroma, s.lab, s.chroma) > best2) return;
    const double away = ciede2000(color, s.lab);
    if (away > best.away || (away == best.away && s.place > best.swatch)) return;
    best = {s.place, away};
    best2 = squared(away);
  };
  auto up = middle, down = middle;
  const auto reach = [&](double l) {
    const double d = (l - color.l) / kLargestSl;
    return d * d <= best2;
  };
  for (bool more = true; more && (best.swatch == none || best.away > enough);) {
    more = false;
    if (up != m_swatches.end() && reach(up->lab.l)) {
      look_at(*up++);
      more = true;
    }
    if (down != m_swatches.begin() && reach(std::prev(down)->lab.l)) {
      look_at(*--down);
      more = true;
    }
  }
  if (best.swatch == none) return std::nullopt;
  return best;
}

Matched SwatchMatcher::nearest_value(const Lab& color) const {
  const bool hueless = std::hypot(color.a, color.b) < kHueless;
  // A turn where there is a hue on both sides; else how far it is from one color to the other.
  const auto off = [&](const FamilyHue& f) {
    if (hueless || std::hypot(f.a, f.b) < kHueless)
      return std::pair{!hueless, std::hypot(color.a - f.a, color.b - f.b)};
    return std::pair{false,
                     std::abs(std::atan2(color.a * f.b - color.b * f.a, color.a * f.a + color.b * f.b))};
  };
  const auto family =
      std::min_element(m_families.begin(), m_families.end(),
                       [&](const FamilyHue& f, const FamilyHue& g) { return off(f) < off(g); });
  const auto swatch =
      std::min_element(family->swatches.begin(), family->swatches.end(), [&](std::size_t i, std::size_t j) {
        return std::abs(m_labs[i].l - color.l) < std::abs(m_labs[j].l - color.l);
      });
  return {*swatch, ciede2000(color, m_labs[*swatch])};
}

} // namespace zc
