// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/mixer.h"

#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/mix/kubelka.h"

#include <algorithm>
#include <cassert>
#include <numbers>
#include <utility>

namespace zc {

Mixer::Mixer(const std::vector<MixPaint>& paints) {
  auto kernel = std::make_shared<Kernel>();
  kernel->paints = paints;
  for (MixPaint& p : kernel->paints) {
    p.strength *= std::exchange(p.paint.own_strength, 1);
    KsBands ks;
    for (int i = 0; i < kBands; ++i) {
      const double r = p.paint.curve[i];
      ks(i) = static_cast<float>((1 - r) * (1 - r) / (2 * r));
    }
    kernel->ks.push_back(ks);
    // A little black in white says more than a little white in black: with this power the steps of a net are
    // about even in value between the two.
    kernel->scale.push_back(std::pow(std::max(1e-4f, ks.mean()), -0.3f));
  }
  const Xyz white = white_d65();
  Reflectance one{};
  for (int i = 0; i < kBands; ++i) {
    one.fill(0);
    one[i] = 1;
    const Xyz xyz = xyz_of_reflectance(one);
    const LinearRgb light = linear_from_xyz(xyz);
    kernel->light.col(i) << static_cast<float>(light.r), static_cast<float>(light.g),
        static_cast<float>(light.b);
    kernel->tristimulus.col(i) << static_cast<float>(xyz.x / white.x), static_cast<float>(xyz.y / white.y),
        static_cast<float>(xyz.z / white.z);
  }
  m_kernel = std::move(kernel);
}

std::size_t Mixer::count() const { return m_kernel->paints.size(); }

Mixture Mixer::mixed(const std::vector<double>& parts) const {
  assert(parts.size() == count());
  std::vector<PaintPart> weighed;
  for (std::size_t i = 0; i < parts.size(); ++i)
    if (const double p = parts[i] * m_kernel->paints[i].strength; p > 0)
      weighed.push_back({m_kernel->paints[i].paint, p});
  return mix_paints(weighed);
}

LabF shown_lab(const Mixer::Kernel& kernel, const KsBands& reflectance) {
  const LabF lab = lab_of_ratios(kernel.tristimulus * reflectance.matrix());
  const Eigen::Vector3f light = kernel.light * reflectance.matrix();
  if (light.minCoeff() >= 0 && light.maxCoeff() <= 1) return lab;
  const Lab shown = lab_from_srgb(brought_into_gamut_at_value(xyz_from_lab({lab.l, lab.a, lab.b})));
  return {static_cast<float>(shown.l), static_cast<float>(shown.a), static_cast<float>(shown.b)};
}

NearDifference::NearDifference(Lab target, Lab weights_of)
    : m_target{static_cast<float>(target.l), static_cast<float>(target.a), static_cast<float>(target.b)} {
  const Lab& at = weights_of;
  const double chroma = std::hypot(at.a, at.b), c7 = std::pow(chroma, 7),
               g = 0.5 * (1 - std::sqrt(c7 / (c7 + std::pow(25.0, 7)))), a = at.a * (1 + g),
               c = std::hypot(a, at.b), hue = std::atan2(at.b, a);
  const double off = (at.l - 50) * (at.l - 50);
  const double t = 1 - 0.17 * std::cos(hue - std::numbers::pi / 6) + 0.24 * std::cos(2 * hue) +
                   0.32 * std::cos(3 * hue + std::numbers::pi / 30) -
                   0.20 * std::cos(4 * hue - 63 * std::numbers::pi / 180);
  const double sl = 1 + 0.015 * off / std::sqrt(20 + off), sc = 1 + 0.045 * c, sh = 1 + 0.015 * c * t;
  const double cos = c > 0 ? a / c : 1, sin = c > 0 ? at.b / c : 0;
  m_weights << static_cast<float>(1 / sl), 0, 0, 0, static_cast<float>(cos * (1 + g) / sc),
      static_cast<float>(sin / sc), 0, static_cast<float>(-sin * (1 + g) / sh), static_cast<float>(cos / sh);
}

std::vector<int> whole_parts(const std::vector<double>& parts, int most) {
  const double largest = parts.empty() ? 0 : *std::max_element(parts.begin(), parts.end());
  if (!(largest > 0)) return {};
  double whole = 0;
  for (const double p : parts) whole += p;
  std::vector<int> best;
  double best_off = 2;
  for (int scale = 1; scale <= most; ++scale) {
    std::vector<int> out;
    int sum = 0;
    for (const double p : parts) {
      out.push_back(static_cast<int>(std::lround(p / largest * scale)));
      sum += out.back();
    }
    double off = 0;
    for (std::size_t i = 0; i < parts.size(); ++i)
      off = std::max(off, std::abs(static_cast<double>(out[i]) / sum - parts[i] / whole));
    // Larger numbers must say more.
    if (off < best_off - 0.004) {
      best_off = off;
      best = out;
    }
  }
  return best;
}

} // namespace zc
