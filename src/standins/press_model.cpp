// SPDX-License-Identifier: GPL-3.0-or-later
#include "standins/press_model.h"

#include <Eigen/Dense>

#include <algorithm>
#include <cmath>

namespace zc::standin {
namespace {

/// Light spreads in the paper; 1 would be none (common practice on coated paper, no source).
constexpr double kYuleNielsen = 1.5;
/// Dots grow by so much at half tone, beyond what the light does. Together the tone value of 50 % rises by
/// about 14, of black by 16 (ISO 12647-2:2004, curves A and B, from memory).
constexpr double kGrowth[4] = {0.02, 0.02, 0.02, 0.035};
constexpr double kCurveFrom = 216.0 / 24389, kCurveSlope = 24389.0 / 27;

double curve(double t) { return t > kCurveFrom ? std::cbrt(t) : (kCurveSlope * t + 16) / 116; }
double curve_back(double f) {
  const double t = f * f * f;
  return t > kCurveFrom ? t : (116 * f - 16) / kCurveSlope;
}

/// XYZ of the overprints to the power of 1 / n.
const std::array<XyzD50, 16>& spread() {
  static const auto made = [] {
    std::array<XyzD50, 16> out{};
    for (std::size_t i = 0; i < out.size(); ++i) {
      const XyzD50 c = xyz_of(overprints()[i]);
      for (std::size_t k = 0; k < 3; ++k) out[i][k] = std::pow(c[k], 1 / kYuleNielsen);
    }
    return out;
  }();
  return made;
}

LabD50 on_paper(const XyzD50& c) {
  static const XyzD50 paper = xyz_of(overprints()[0]);
  XyzD50 relative{};
  for (std::size_t k = 0; k < 3; ++k) relative[k] = c[k] * kWhiteD50[k] / paper[k];
  return lab_of(relative);
}

/// Lightness counts more than chroma where a color is out of reach.
constexpr double kWeights[3] = {1.4, 1, 1};

Eigen::Vector3d residual(const Areas& areas, const LabD50& wanted) {
  const LabD50 is = printed_on_paper(areas);
  return {kWeights[0] * (is.l - wanted.l), kWeights[1] * (is.a - wanted.a), kWeights[2] * (is.b - wanted.b)};
}

/// Cyan, magenta and yellow beside a given black: damped least squares (K. Levenberg 1944, D. Marquardt 1963)
/// kept within 0..1.
Areas solved(Areas areas, const LabD50& wanted) {
  double damping = 1e-2;
  Eigen::Vector3d r = residual(areas, wanted);
  for (int turn = 0; turn < 40 && r.squaredNorm() > 1e-8; ++turn) {
    Eigen::Matrix3d slope;
    for (int i = 0; i < 3; ++i) {
      Areas near = areas;
      const double step = near[i] > 0.5 ? -1e-4 : 1e-4;
      near[i] += step;
      slope.col(i) = (residual(near, wanted) - r) / step;
    }
    const Eigen::Matrix3d normal = slope.transpose() * slope;
    const Eigen::Vector3d move = (normal + damping * Eigen::Matrix3d(normal.diagonal().asDiagonal()) +
                                  1e-6 * Eigen::Matrix3d::Identity())
                                     .ldlt()
                                     .solve(-slope.transpose() * r);
    Areas next = areas;
    for (int i = 0; i < 3; ++i) next[i] = std::clamp(areas[i] + move[i], 0.0, 1.0);
    const Eigen::Vector3d rest = residual(next, wanted);
    if (rest.squaredNorm() >= r.squaredNorm()) {
      damping *= 6;
      if (damping > 1e6) break;
      continue;
    }
    const double gained = r.squaredNorm() - rest.squaredNorm();
    areas = next;
    r = rest;
    damping = std::max(1e-6, damping / 4);
    if (gained < 1e-9) break;
  }
  return areas;
}

/// Black in place of grey: none in light colors, nearly all in the darkest.
double black_for(double grey) {
  constexpr double from = 0.2;
  return grey <= from ? 0 : 0.98 * std::pow((grey - from) / (1 - from), 1.6);
}

} // namespace

LabD50 lab_of(const XyzD50& c) {
  const double x = curve(c[0] / kWhiteD50[0]), y = curve(c[1] / kWhiteD50[1]), z = curve(c[2] / kWhiteD50[2]);
  return {116 * y - 16, 500 * (x - y), 200 * (y - z)};
}

XyzD50 xyz_of(const LabD50& c) {
  const double y = (c.l + 16) / 116;
  return {kWhiteD50[0] * curve_back(y + c.a / 500), kWhiteD50[1] * curve_back(y),
          kWhiteD50[2] * curve_back(y - c.b / 200)};
}

const std::array<LabD50, 16>& overprints() {
  static const auto made = [] {
    // ISO 12647-2:2004/Amd 1:2007, paper types 1 and 2 on white backing; from memory.
    std::array<LabD50, 16> out{{{95, 0, -2},    // Paper.
                                {55, -37, -50}, // Cyan.
                                {48, 74, -3},   // Magenta.
                                {24, 22, -46},  // Cyan and magenta.
                                {89, -5, 93},   // Yellow.
                                {50, -65, 27},  // Cyan and yellow.
                                {47, 68, 48},   // Magenta and yellow.
                                {23, 0, 0},     // All three.
                                {16, 0, 0}}};   // Black.
    // Black lets little of what lies under it through (ours: the standard names no such overprints).
    constexpr double shows = 0.35;
    const XyzD50 paper = xyz_of(out[0]), black = xyz_of(out[8]);
    for (std::size_t i = 1; i < 8; ++i) {
      const XyzD50 under = xyz_of(out[i]);
      XyzD50 both{};
      for (std::size_t k = 0; k < 3; ++k) both[k] = black[k] * std::pow(under[k] / paper[k], shows);
      out[8 + i] = lab_of(both);
    }
    return out;
  }();
  return made;
}

double printed_area(int ink, double area) { return area + 4 * kGrowth[ink] * area * (1 - area); }

XyzD50 printed(const Areas& areas) {
  double covered[4];
  for (int i = 0; i < 4; ++i) covered[i] = printed_area(i, areas[static_cast<std::size_t>(i)]);
  XyzD50 sum{};
  for (unsigned i = 0; i < 16; ++i) {
    // By chance dots fall on each other (M. E. Demichel 1924).
    double share = 1;
    for (unsigned ink = 0; ink < 4; ++ink) share *= i >> ink & 1 ? covered[ink] : 1 - covered[ink];
    for (std::size_t k = 0; k < 3; ++k) sum[k] += share * spread()[i][k];
  }
  for (double& c : sum) c = std::pow(c, kYuleNielsen);
  return sum;
}

LabD50 printed_on_paper(const Areas& areas) { return on_paper(printed(areas)); }

Separation separated(const LabD50& wanted) {
  Areas areas = solved({0.3, 0.3, 0.3, 0}, wanted);
  areas[3] = black_for(std::min({areas[0], areas[1], areas[2]}));
  if (areas[3] > 0) areas = solved(areas, wanted);
  const double most = kMostInk - areas[3], laid = areas[0] + areas[1] + areas[2];
  if (laid > most)
    for (int i = 0; i < 3; ++i) areas[static_cast<std::size_t>(i)] *= most / laid;
  const LabD50 is = printed_on_paper(areas);
  return {areas, std::sqrt((is.l - wanted.l) * (is.l - wanted.l) + (is.a - wanted.a) * (is.a - wanted.a) +
                           (is.b - wanted.b) * (is.b - wanted.b))};
}

} // namespace zc::standin
