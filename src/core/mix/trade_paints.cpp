// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/trade_paints.h"

#include "core/color/convert.h"
#include "core/color/gamut.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

/// Of reflectance over wavelength, nanometres: a step up by `height`, half of it at `at`; or a hump.
struct Edge {
  double at, width, height;
};
struct Hump {
  double at, width, height;
};

/// A dry film of a trade paint reflects at least this much (common practice, no source).
constexpr double kDarkestTrade = 0.02;

Reflectance curve_of(double floor, const std::vector<Edge>& edges, const std::vector<Hump>& humps) {
  Reflectance out;
  for (int i = 0; i < kBands; ++i) {
    const double nm = 380 + 10.0 * i;
    double r = floor;
    for (const Edge& e : edges) r += e.height / (1 + std::exp(-(nm - e.at) / e.width));
    for (const Hump& h : humps) r += h.height * std::exp(-0.5 * std::pow((nm - h.at) / h.width, 2));
    out[i] = std::clamp(r, kDarkestTrade, kLightestReflectance);
  }
  return out;
}

} // namespace

const std::vector<TradePaint>& trade_paints() {
  static const std::vector<TradePaint> all{
      {"titanium white", "nearly even, falling below 410 nm", 1, curve_of(0.08, {{405, 7, 0.86}}, {})},
      {"zinc white", "nearly even, falling below 385 nm", 0.5, curve_of(0.10, {{384, 5, 0.80}}, {})},
      {"bone black", "even and low, a little warm", 2, curve_of(0.036, {{620, 60, 0.010}}, {})},
      {"lamp black", "even and low, a little cool", 5, curve_of(0.034, {}, {{430, 40, 0.008}})},
      {"yellow earth", "an edge at 545 nm", 1, curve_of(0.06, {{545, 20, 0.42}}, {})},
      {"cadmium yellow", "an edge at 510 nm", 1.5, curve_of(0.07, {{510, 10, 0.74}}, {})},
      {"raw umber", "a long edge at 580 nm", 1.5, curve_of(0.045, {{580, 40, 0.13}}, {})},
      {"burnt sienna", "an edge at 592 nm", 1.5, curve_of(0.045, {{592, 20, 0.24}}, {})},
      {"burnt umber", "a low edge at 600 nm", 1.5, curve_of(0.042, {{600, 32, 0.10}}, {})},
      {"iron-oxide red", "an edge at 588 nm", 3, curve_of(0.05, {{588, 13, 0.25}}, {})},
      {"cadmium red", "an edge at 605 nm and a low hump at 420 nm", 1.5,
       curve_of(0.034, {{605, 11, 0.62}}, {{420, 42, 0.032}})},
      {"quinacridone magenta", "an edge at 610 nm and a hump at 430 nm", 3,
       curve_of(0.06, {{612, 13, 0.50}}, {{430, 36, 0.15}})},
      {"ultramarine blue", "a hump at 450 nm and an edge at 715 nm", 1.5,
       curve_of(0.045, {{715, 12, 0.35}}, {{450, 38, 0.34}})},
      {"cobalt blue", "a hump at 460 nm and an edge at 690 nm", 1,
       curve_of(0.07, {{690, 10, 0.40}}, {{460, 46, 0.36}})},
      {"iron blue", "a low hump at 450 nm", 5, curve_of(0.034, {}, {{452, 45, 0.085}})},
      {"phthalocyanine blue", "a hump at 470 nm", 6, curve_of(0.036, {}, {{468, 36, 0.17}})},
      {"phthalocyanine green", "a hump at 512 nm", 5, curve_of(0.052, {}, {{512, 36, 0.11}})},
      {"chromium oxide green", "humps at 540 and 410 nm and an edge at 715 nm", 1.5,
       curve_of(0.08, {{715, 12, 0.25}}, {{540, 32, 0.15}, {410, 22, 0.04}})},
  };
  return all;
}

const TradePaint* trade_paint(std::string_view name) {
  const auto& all = trade_paints();
  const auto at = std::find_if(all.begin(), all.end(), [&](const TradePaint& p) { return p.name == name; });
  return at == all.end() ? nullptr : &*at;
}

Srgb color_of(const Reflectance& curve) { return brought_into_gamut_at_value(xyz_of_reflectance(curve)); }

} // namespace zc
