// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/follow.h"

#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/wheel/oklab_lightness.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

/// Below this chroma in OKLab a swatch's own turn says less and less, and it leans on the common one (ours).
constexpr double kTurnless = 0.03;
/// A ratio beyond this is left to what is added: pale colors beside a swatch that grew colorful would glow.
constexpr double kLargestRatio = 2.5;
/// Nearer than this a color is at the swatch.
constexpr double kAt2 = 1e-18;

std::complex<double> plane(const Oklab& c) { return {c.a, c.b}; }

/// The line through (x, y) with the least squares of what it leaves; flat slopes where one x says nothing.
std::pair<double, double> line_of(const std::vector<std::pair<double, double>>& points) {
  double mean_x = 0, mean_y = 0, xx = 0, xy = 0;
  for (const auto& [x, y] : points) mean_x += x, mean_y += y;
  mean_x /= static_cast<double>(points.size());
  mean_y /= static_cast<double>(points.size());
  for (const auto& [x, y] : points) xx += (x - mean_x) * (x - mean_x), xy += (x - mean_x) * (y - mean_y);
  const double slope = xx > 1 ? xy / xx : 1;
  return {slope, mean_y - slope * mean_x};
}

/// Three quarters of the colorfulness of the set must go along with it.
std::complex<double> common_factor(const std::vector<SwatchMove>& moves, std::complex<double> fitted) {
  double along = 0, all = 0;
  for (const SwatchMove& m : moves) {
    const auto p = plane(oklab_from_srgb(m.from)), q = plane(oklab_from_srgb(m.to));
    all += std::norm(p);
    if (std::abs(q - fitted * p) < 0.25 * std::abs(fitted * p)) along += std::norm(p);
  }
  return along >= 0.75 * all ? fitted : 1;
}

} // namespace

Follow::Follow(const std::vector<SwatchMove>& moves, double softness) : m_softness2(softness * softness) {
  if (std::all_of(moves.begin(), moves.end(), [](const SwatchMove& m) { return m.from == m.to; })) return;
  std::vector<std::pair<double, double>> values;
  std::complex<double> pq = 0;
  double pp = 0;
  for (const SwatchMove& m : moves) {
    const auto p = plane(oklab_from_srgb(m.from)), q = plane(oklab_from_srgb(m.to));
    values.emplace_back(value_of(m.from), value_of(m.to));
    pq += std::conj(p) * q;
    pp += std::norm(p);
  }
  // Only what every swatch does is common: one that moves alone leaves the others where they are.
  const auto [contrast, shift] = line_of(values);
  const bool one_line =
      std::all_of(values.begin(), values.end(), [&, c = contrast, s = shift](const auto& v) {
        return std::abs(c * v.first + s - v.second) < 0.75;
      });
  if (one_line) m_contrast = contrast, m_shift = shift;
  const std::complex<double> common = common_factor(moves, pp > 1e-8 ? pq / pp : 1);
  for (const SwatchMove& m : moves) {
    const Oklab from = oklab_from_srgb(m.from);
    const auto p = plane(from), q = plane(oklab_from_srgb(m.to));
    constexpr double lean = kTurnless * kTurnless;
    auto turn = (q * std::conj(p) + lean * common) / (std::norm(p) + lean);
    const double ratio = std::abs(turn);
    if (ratio > kLargestRatio * std::max(1.0, std::abs(common)))
      turn *= kLargestRatio * std::max(1.0, std::abs(common)) / ratio;
    m_moves.push_back({from, value_of(m.to) - (m_contrast * value_of(m.from) + m_shift), turn, q - turn * p});
  }
}

/// Before the gamut is met.
Oklab Follow::moved(const Xyz& color) const {
  const Oklab at = oklab_from_xyz(color);
  double weights = 0, shift = 0;
  std::complex<double> turn = 0, rest = 0;
  for (const Move& m : m_moves) {
    const double l = at.l - m.at.l, a = at.a - m.at.a, b = at.b - m.at.b;
    const double away2 = std::max(l * l + a * a + b * b, kAt2) + m_softness2;
    const double weight = 1 / (away2 * away2);
    weights += weight;
    shift += weight * m.shift;
    turn += weight * m.turn;
    rest += weight * m.rest;
  }
  const double value =
      std::clamp(m_contrast * lightness_from_luminance(color.y) + m_shift + shift / weights, 0.0, 100.0);
  const std::complex<double> ab = plane(at) * (turn / weights) + rest / weights;
  return {oklab_lightness_for(luminance_from_lightness(value), ab.real(), ab.imag()), ab.real(), ab.imag()};
}

Follow::Moved Follow::moved(Srgb color) const {
  if (still()) return {lab_from_srgb(color), color, false};
  const Xyz wanted = xyz_from_oklab(moved(xyz_from_srgb(color)));
  const Lab lab = lab_from_xyz(wanted);
  if (const auto there = clipped_to_gamut(srgb_from_xyz(wanted))) return {lab, *there, false};
  return {lab, brought_into_gamut_near_value(wanted), true};
}

Srgb8 Follow::moved(Srgb8 color) const {
  const Xyz wanted = xyz_from_oklab(moved(xyz_from_8bit(color)));
  const LinearRgb light = linear_from_xyz(wanted);
  if (std::min({light.r, light.g, light.b}) >= 0 && std::max({light.r, light.g, light.b}) <= 1) {
    const auto& encoded = encoded_8bit_of_linear();
    const auto at = [&](double c) { return encoded[static_cast<std::size_t>(c * kLinearSteps + 0.5)]; };
    return {at(light.r), at(light.g), at(light.b)};
  }
  return rounded_8bit(brought_into_gamut_near_value(wanted));
}

} // namespace zc
