// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wheel/hue_scale.h"

#include "core/base/angle.h"
#include "core/color/convert.h"
#include "core/wheel/solve.h"

#include <algorithm>
#include <cmath>
#include <functional>

namespace zc {
namespace {

const std::vector<NamedHue> kTraditional{{0, "yellow", "Y", true},    {30, "yellow-orange", "YO", false},
                                         {60, "orange", "O", false},  {90, "red-orange", "RO", false},
                                         {120, "red", "R", true},     {150, "red-violet", "RV", false},
                                         {180, "violet", "V", false}, {210, "blue-violet", "BV", false},
                                         {240, "blue", "B", true},    {270, "blue-green", "BG", false},
                                         {300, "green", "G", false},  {330, "yellow-green", "YG", false}};

std::vector<NamedHue> six_primaries(bool light) {
  return {{0, "yellow", "Y", !light},      {30, "orange", "O", false},    {60, "red", "R", light},
          {90, "rose", "Ro", false},       {120, "magenta", "M", !light}, {150, "violet", "V", false},
          {180, "blue", "B", light},       {210, "azure", "Az", false},   {240, "cyan", "C", !light},
          {270, "sea green", "SG", false}, {300, "green", "G", light},    {330, "lime", "L", false}};
}

/// Names of the even scale, each where the OKLab hue of its ring color falls.
std::vector<NamedHue> even_hues() {
  struct Named {
    double hsv;
    std::string_view name, label;
    bool primary;
  };
  constexpr Named names[] = {{60, "yellow", "Y", true},   {30, "orange", "O", false},
                             {0, "red", "R", true},       {300, "magenta", "M", false},
                             {270, "violet", "V", false}, {240, "blue", "B", true},
                             {180, "cyan", "C", false},   {120, "green", "G", true}};
  const double yellow = lch_from_oklab(oklab_from_srgb(ring_color(60))).h;
  std::vector<NamedHue> out;
  for (const auto& n : names) {
    const double hue = lch_from_oklab(oklab_from_srgb(ring_color(n.hsv))).h;
    out.push_back({wrap_degrees(yellow - hue), n.name, n.label, n.primary});
  }
  return out;
}

/// A hue number along the display's ring, unrolled so that it grows with the HSV hue.
class RingHue {
public:
  explicit RingHue(std::function<double(Srgb)> hue) : m_hue(std::move(hue)), m_start(m_hue(ring_color(0))) {}

  [[nodiscard]] double at(double hsv_hue) const {
    const double s = wrap_degrees(hsv_hue);
    return raw(s) + (hsv_hue - s);
  }
  /// HSV hue at which at() gives `hue`, for hues of the first turn and beyond.
  [[nodiscard]] double find(double hue) const {
    const double turns = 360 * std::floor((hue - m_start) / 360);
    const double wanted = hue - turns;
    return root_between([&](double s) { return raw(s) - wanted; }, 0, 360) + turns;
  }

private:
  // The hue leaves its start going up; readings below the start belong to the next turn.
  [[nodiscard]] double raw(double s) const {
    if (s >= 360) return m_start + 360;
    const double h = m_hue(ring_color(s));
    return h < m_start - 1e-9 ? h + 360 : h;
  }
  std::function<double(Srgb)> m_hue;
  double m_start;
};

/// OKLab hue of the ring, made strictly monotone. Between HSV 231.4 and 240 it runs back by 0.16 degree;
/// from kFoldStart to kFoldEnd, where the plain hue is clear of the fold on both sides, it is drawn straight.
double straightened_oklab_hue(Srgb c) {
  constexpr double kFoldStart = 225, kFoldEnd = 242;
  const auto plain = [](Srgb x) { return lch_from_oklab(oklab_from_srgb(x)).h; };
  const double s = hsv_from_srgb(c).h;
  if (s <= kFoldStart || s >= kFoldEnd) return plain(c);
  static const double low = plain(ring_color(kFoldStart)), high = plain(ring_color(kFoldEnd));
  return low + (high - low) * (s - kFoldStart) / (kFoldEnd - kFoldStart);
}

/// How a measure counts hues along the ring, strictly monotone.
std::function<double(Srgb)> ring_hue(SaturationMeasure measure) {
  if (measure == SaturationMeasure::OklabChroma) return straightened_oklab_hue;
  return [measure](Srgb c) { return measured_hue(measure, c); };
}

const RingHue& oklab_ring() {
  static const RingHue ring(straightened_oklab_hue);
  return ring;
}

} // namespace

/// Unrolled: value(angle) falls by 360 over a turn.
struct HueMap::Curve {
  virtual ~Curve() = default;
  [[nodiscard]] virtual double hue(double angle) const = 0;
  [[nodiscard]] virtual double angle(double hue) const = 0;
};

namespace {

class AnchorCurve final : public HueMap::Curve {
public:
  explicit AnchorCurve(SaturationMeasure measure) {
    m_y[0] = measured_hue(measure, srgb_from_8bit(traditional_anchors()[0]));
    for (int i = 1; i < 12; ++i) {
      const double h = measured_hue(measure, srgb_from_8bit(traditional_anchors()[i]));
      m_y[i] = m_y[i - 1] - wrap_degrees(m_y[i - 1] - h);
    }
    m_y[12] = m_y[0] - 360;
    set_tangents();
    set_guesses();
  }

  [[nodiscard]] double hue(double angle) const override {
    const double a = wrap_degrees(angle);
    const int i = std::min(11, static_cast<int>(a / kStep));
    return piece(i, (a - i * kStep) / kStep);
  }
  [[nodiscard]] double angle(double hue) const override {
    const double h = m_y[12] + wrap_degrees(hue - m_y[12]);
    int i = 0;
    while (i < 11 && h < m_y[i + 1]) ++i;
    return kStep * (i + place_in(i, h));
  }

private:
  static constexpr double kStep = 30;
  static constexpr int kGuesses = 64;

  void set_tangents() {
    std::array<double, 12> slope{};
    for (int i = 0; i < 12; ++i) slope[i] = (m_y[i + 1] - m_y[i]) / kStep;
    for (int i = 0; i < 12; ++i) m_tangent[i] = (slope[(i + 11) % 12] + slope[i]) / 2;
    for (int i = 0; i < 12; ++i) {
      double& left = m_tangent[i];
      double& right = m_tangent[(i + 1) % 12];
      const double length = std::hypot(left / slope[i], right / slope[i]);
      if (length <= 3) continue;
      left *= 3 / length;
      right *= 3 / length;
    }
    m_tangent[12] = m_tangent[0];
  }
  /// Where piece i has the hue h: Newton's steps, halving where one would leave the bracket.
  [[nodiscard]] double place_in(int i, double h) const {
    double low = 0, high = 1, t = first_guess(i, (h - m_y[i]) / (m_y[i + 1] - m_y[i]));
    for (int round = 0; round < 60; ++round) {
      const double off = piece(i, t) - h, next = t - off / slope_of(i, t);
      // Newton's steps square the error, so after this one it is below rounding.
      if (std::abs(off) < 1e-7) return std::clamp(next, 0.0, 1.0);
      (off > 0 ? low : high) = t; // Hue falls with the angle.
      t = next > low && next < high ? next : (low + high) / 2;
    }
    return t;
  }
  /// From a table of where the piece has even shares of its hues, so that one step is enough nearly always.
  [[nodiscard]] double first_guess(int i, double share) const {
    const double at = std::clamp(share, 0.0, 1.0) * kGuesses;
    const int k = std::min(static_cast<int>(at), kGuesses - 1);
    const auto& guesses = m_guess[static_cast<std::size_t>(i)];
    return guesses[static_cast<std::size_t>(k)] +
           (at - k) * (guesses[static_cast<std::size_t>(k) + 1] - guesses[static_cast<std::size_t>(k)]);
  }
  void set_guesses() {
    for (int i = 0; i < 12; ++i) {
      auto& guesses = m_guess[static_cast<std::size_t>(i)];
      for (int k = 0; k <= kGuesses; ++k)
        guesses[static_cast<std::size_t>(k)] = static_cast<double>(k) / kGuesses;
      const auto even = guesses;
      for (int k = 0; k <= kGuesses; ++k)
        guesses[static_cast<std::size_t>(k)] =
            place_in(i, m_y[i] + even[static_cast<std::size_t>(k)] * (m_y[i + 1] - m_y[i]));
    }
  }
  /// Rise of piece i per t.
  [[nodiscard]] double slope_of(int i, double t) const {
    const double u = 1 - t;
    return 6 * t * u * (m_y[i + 1] - m_y[i]) + m_tangent[i] * kStep * u * (1 - 3 * t) +
           m_tangent[i + 1] * kStep * t * (3 * t - 2);
  }
  /// Cubic Hermite piece i at t in 0..1.
  [[nodiscard]] double piece(int i, double t) const {
    const double u = 1 - t;
    return m_y[i] * (1 + 2 * t) * u * u + m_tangent[i] * kStep * t * u * u +
           m_y[i + 1] * t * t * (3 - 2 * t) - m_tangent[i + 1] * kStep * t * t * u;
  }

  std::array<double, 13> m_y{}, m_tangent{};
  std::array<std::array<double, kGuesses + 1>, 12> m_guess{};
};

class RingCurve final : public HueMap::Curve {
public:
  explicit RingCurve(SaturationMeasure measure) : m_ring(ring_hue(measure)) {}
  [[nodiscard]] double hue(double angle) const override { return m_ring.at(60 - angle); }
  [[nodiscard]] double angle(double hue) const override { return 60 - m_ring.find(hue); }

private:
  RingHue m_ring;
};

class EvenCurve final : public HueMap::Curve {
public:
  explicit EvenCurve(SaturationMeasure measure) : m_ring(ring_hue(measure)), m_yellow(oklab_ring().at(60)) {}
  [[nodiscard]] double hue(double angle) const override {
    return m_ring.at(oklab_ring().find(m_yellow - angle));
  }
  [[nodiscard]] double angle(double hue) const override {
    return m_yellow - oklab_ring().at(m_ring.find(hue));
  }

private:
  RingHue m_ring;
  double m_yellow;
};

std::unique_ptr<const HueMap::Curve> make_curve(HueScale scale, SaturationMeasure measure) {
  switch (scale) {
  case HueScale::Traditional:
    return std::make_unique<AnchorCurve>(measure);
  case HueScale::Even:
    return std::make_unique<EvenCurve>(measure);
  case HueScale::Light:
  case HueScale::Ink:
    break;
  }
  return std::make_unique<RingCurve>(measure);
}

} // namespace

const std::array<Srgb8, 12>& traditional_anchors() {
  static constexpr std::array<Srgb8, 12> anchors{{{0xff, 0xe5, 0x00},
                                                  {0xfb, 0xb0, 0x1e},
                                                  {0xf0, 0x7f, 0x13},
                                                  {0xe8, 0x50, 0x1e},
                                                  {0xd8, 0x23, 0x2a},
                                                  {0xa0, 0x1d, 0x62},
                                                  {0x6b, 0x2a, 0x8a},
                                                  {0x4b, 0x34, 0x9c},
                                                  {0x1f, 0x55, 0xb5},
                                                  {0x0d, 0x8a, 0x98},
                                                  {0x12, 0x94, 0x46},
                                                  {0x8f, 0xc3, 0x1f}}};
  return anchors;
}

const std::vector<NamedHue>& named_hues(HueScale scale) {
  static const std::vector<NamedHue> light = six_primaries(true), ink = six_primaries(false),
                                     even = even_hues();
  switch (scale) {
  case HueScale::Light:
    return light;
  case HueScale::Ink:
    return ink;
  case HueScale::Even:
    return even;
  case HueScale::Traditional:
    break;
  }
  return kTraditional;
}

const NamedHue& nearest_named_hue(HueScale scale, double angle) {
  const auto& all = named_hues(scale);
  return *std::min_element(all.begin(), all.end(), [angle](const NamedHue& p, const NamedHue& q) {
    return std::abs(turn_between(p.angle, angle)) < std::abs(turn_between(q.angle, angle));
  });
}

Srgb ring_color(double hsv_hue) { return srgb_from_hsv({wrap_degrees(hsv_hue), 1, 1}); }

double measured_hue(SaturationMeasure measure, Srgb c) {
  switch (measure) {
  case SaturationMeasure::Hsl:
  case SaturationMeasure::Hsv:
    return hsv_from_srgb(c).h;
  case SaturationMeasure::CielabChroma:
    return lch_from_lab(lab_from_srgb(c)).h;
  case SaturationMeasure::OklabChroma:
    return lch_from_oklab(oklab_from_srgb(c)).h;
  case SaturationMeasure::LumaChroma: {
    const Ycbcr ycbcr = ycbcr_from_srgb(c);
    return wrap_degrees(degrees(std::atan2(ycbcr.cr, ycbcr.cb)));
  }
  case SaturationMeasure::Hsluv:
    break;
  }
  return lchuv_from_srgb(c).h;
}

HueMap::HueMap(HueScale scale, SaturationMeasure measure) : m_curve(make_curve(scale, measure)) {}
HueMap::~HueMap() = default;
HueMap::HueMap(HueMap&&) noexcept = default;
double HueMap::hue_at(double angle) const { return wrap_degrees(m_curve->hue(angle)); }
double HueMap::angle_of(double hue) const { return wrap_degrees(m_curve->angle(hue)); }

} // namespace zc
