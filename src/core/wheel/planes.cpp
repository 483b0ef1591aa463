// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wheel/planes.h"

#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/color/matrix.h"
#include "core/wheel/measure.h"
#include "core/wheel/oklab_lightness.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cassert>
#include <cmath>

namespace zc {
namespace {

// Chosen at start for the machine at hand; plain elsewhere, and under the sanitizers, which cannot follow it.
#if defined(__x86_64__) && defined(__OPTIMIZE__) && !defined(ZONACHROM_SANITIZED)
#define ZC_FOR_EACH_MACHINE __attribute__((target_clones("arch=x86-64-v4", "arch=x86-64-v3", "default")))
#else
#define ZC_FOR_EACH_MACHINE
#endif

/// At one L*, a linear channel is (k + p a + q b) w + c with w = Y / 4v', where p and q are the steps of u'
/// and v' from neutral; the rim lies where the first of six lines is met. Two divisions and a few
/// multiplications a pixel.
struct LuvPlane {
  explicit LuvPlane(double l) {
    const Xyz white = white_d65();
    const double d = white.x + 15 * white.y + 3 * white.z, un = 4 * white.x / d, white_v = 9 * white.y / d;
    const double y = luminance_from_lightness(l);
    vn = static_cast<float>(white_v);
    scale = static_cast<float>(y / 4);
    const Matrix3& m = xyz_to_linear_matrix();
    for (int i = 0; i < 3; ++i) {
      const double of_u = 9 * m[i][0] - 3 * m[i][2], of_v = -20 * m[i][2];
      k[i] = static_cast<float>((of_u * un + of_v * white_v + 12 * m[i][2]) * kLinearSteps);
      a[i] = static_cast<float>(of_u * kLinearSteps);
      b[i] = static_cast<float>(of_v * kLinearSteps);
      c[i] = static_cast<float>(m[i][1] * y * kLinearSteps) + 0.5f;
    }
    const LuvEdge edge(l);
    for (int i = 0; i < 6; ++i) {
      edge_a[i] = static_cast<float>(edge.a[i] * 13 * l);
      edge_b[i] = static_cast<float>(edge.b[i] * 13 * l);
    }
  }
  /// 1 / the largest step from neutral in a direction.
  [[nodiscard]] float inverse_rim(float cos_h, float sin_h) const {
    float most = edge_a[0] * cos_h + edge_b[0] * sin_h;
    for (int i = 1; i < 6; ++i) most = std::max(most, edge_a[i] * cos_h + edge_b[i] * sin_h);
    return most;
  }

  float vn, scale;
  float k[3], a[3], b[3], c[3];
  float edge_a[6], edge_b[6];
};

/// Steps from neutral of a block of pixels, given by hue direction and r.
ZC_FOR_EACH_MACHINE void steps_of(const LuvPlane& plane, const float* cos_h, const float* sin_h,
                                  const float* r, int n, float* p, float* q) {
  for (int i = 0; i < n; ++i) {
    const float step = r[i] / plane.inverse_rim(cos_h[i], sin_h[i]);
    p[i] = step * cos_h[i];
    q[i] = step * sin_h[i];
  }
}

/// One linear channel of a block, in steps of the gamma table.
ZC_FOR_EACH_MACHINE void channel_of(const LuvPlane& plane, int channel, const float* p, const float* q, int n,
                                    std::int32_t* out) {
  const float k = plane.k[channel], a = plane.a[channel], b = plane.b[channel], c = plane.c[channel];
  for (int i = 0; i < n; ++i) {
    const float x = (k + p[i] * a + q[i] * b) * (plane.scale / (plane.vn + q[i])) + c;
    out[i] = static_cast<std::int32_t>(std::min(std::max(x, 0.0f), static_cast<float>(kLinearSteps)));
  }
}

void colors_of(const LuvPlane& plane, const float* p, const float* q, int n, PremultipliedPixel* out) {
  std::int32_t red[kBlock], green[kBlock], blue[kBlock];
  channel_of(plane, 0, p, q, n, red);
  channel_of(plane, 1, p, q, n, green);
  channel_of(plane, 2, p, q, n, blue);
  const std::uint8_t* gamma = encoded_8bit_of_linear().data();
  for (int i = 0; i < n; ++i)
    out[i].word = 0xff000000u | gamma[red[i]] << 16 | gamma[green[i]] << 8 | gamma[blue[i]];
}

class HsluvPlane final : public Plane {
public:
  explicit HsluvPlane(double v) : m_plane(v) {}
  void colors(const float* cos_h, const float* sin_h, const float*, const float* r, int n,
              PremultipliedPixel* out) override {
    float p[kBlock], q[kBlock];
    steps_of(m_plane, cos_h, sin_h, r, n, p, q);
    colors_of(m_plane, p, q, n, out);
  }

private:
  LuvPlane m_plane;
};

// ---------------------------------------------------------------- chroma measures

struct FloatMatrix {
  float m[3][3];
  explicit FloatMatrix(const Matrix3& from) {
    for (int i = 0; i < 3; ++i)
      for (int j = 0; j < 3; ++j) m[i][j] = static_cast<float>(from[i][j]);
  }
  [[nodiscard]] float row(int i, float x, float y, float z) const {
    return m[i][0] * x + m[i][1] * y + m[i][2] * z;
  }
};

/// Linear channels of a block.
struct LinearBlock {
  alignas(32) float r[kBlock], g[kBlock], b[kBlock];
};

/// A channel in steps of the gamma table.
ZC_FOR_EACH_MACHINE void table_steps(const float* channel, int n, std::int32_t* out) {
  for (int i = 0; i < n; ++i)
    out[i] = static_cast<std::int32_t>(std::min(std::max(channel[i], 0.0f), 1.0f) * kLinearSteps + 0.5f);
}

/// All ones where the color lies in the display gamut, but for float noise.
ZC_FOR_EACH_MACHINE void shown_mask(const LinearBlock& block, int n, std::uint32_t* out) {
  constexpr float noise = 2e-6f;
  for (int i = 0; i < n; ++i) {
    const float low = std::min(std::min(block.r[i], block.g[i]), block.b[i]),
                high = std::max(std::max(block.r[i], block.g[i]), block.b[i]);
    out[i] = ((low >= -noise) & (high <= 1 + noise)) ? 0xffffffffu : 0u;
  }
}

/// Linear colors, encoded; nothing is seen where the display has none.
void encode(const LinearBlock& block, int n, PremultipliedPixel* out) {
  std::int32_t red[kBlock], green[kBlock], blue[kBlock];
  table_steps(block.r, n, red);
  table_steps(block.g, n, green);
  table_steps(block.b, n, blue);
  std::uint32_t shown[kBlock];
  shown_mask(block, n, shown);
  const std::uint8_t* gamma = encoded_8bit_of_linear().data();
  for (int i = 0; i < n; ++i)
    out[i].word = shown[i] & (0xff000000u | gamma[red[i]] << 16 | gamma[green[i]] << 8 | gamma[blue[i]]);
}

class CielabPlane final : public Plane {
public:
  explicit CielabPlane(double v)
      : m_to_linear(scaled()), m_fy(static_cast<float>((v + 16) / 116)),
        m_y(static_cast<float>(luminance_from_lightness(v))),
        m_largest(static_cast<float>(largest_chroma(SaturationMeasure::CielabChroma))) {}
  void colors(const float* cos_h, const float* sin_h, const float*, const float* r, int n,
              PremultipliedPixel* out) override {
    LinearBlock block;
    linear_of(*this, cos_h, sin_h, r, n, block);
    encode(block, n, out);
  }

private:
  ZC_FOR_EACH_MACHINE static void linear_of(const CielabPlane& p, const float* cos_h, const float* sin_h,
                                            const float* r, int n, LinearBlock& out) {
    const FloatMatrix m = p.m_to_linear;
    const float fy = p.m_fy, y = p.m_y, largest = p.m_largest;
    for (int i = 0; i < n; ++i) {
      const float c = r[i] * largest;
      const float x = luminance_of_f(fy + c * cos_h[i] / 500), z = luminance_of_f(fy - c * sin_h[i] / 200);
      out.r[i] = m.row(0, x, y, z);
      out.g[i] = m.row(1, x, y, z);
      out.b[i] = m.row(2, x, y, z);
    }
  }
  static float luminance_of_f(float f) {
    constexpr float kappa = 24389.0f / 27, bend = 6.0f / 29;
    const float curved = f * f * f, straight = (116 * f - 16) / kappa;
    return f > bend ? curved : straight;
  }
  /// From X / Xn, Y, Z / Zn.
  static Matrix3 scaled() {
    Matrix3 m = xyz_to_linear_matrix();
    for (auto& row : m) {
      row[0] *= white_d65().x;
      row[2] *= white_d65().z;
    }
    return m;
  }
  FloatMatrix m_to_linear;
  float m_fy, m_y, m_largest;
};

/// Luminance is a cubic in OKLab's L at one hue and chroma; Newton's steps on a whole block at once.
class OklabPlane final : public Plane {
public:
  explicit OklabPlane(double v)
      : m_to_linear(from_lms()), m_y(static_cast<float>(luminance_from_lightness(v))),
        m_start(static_cast<float>(std::cbrt(luminance_from_lightness(v)))),
        m_largest(static_cast<float>(largest_chroma(SaturationMeasure::OklabChroma))) {
    const Matrix3 lms = inverse(oklab_from_lms_matrix());
    for (int i = 0; i < 3; ++i) {
      m_of_a[i] = static_cast<float>(lms[i][1]);
      m_of_b[i] = static_cast<float>(lms[i][2]);
      m_weight[i] = static_cast<float>(inverse(lms_from_xyz_matrix())[1][i]);
    }
    m_sum = m_weight[0] + m_weight[1] + m_weight[2];
  }
  void colors(const float* cos_h, const float* sin_h, const float*, const float* r, int n,
              PremultipliedPixel* out) override {
    Search search;
    begin(*this, cos_h, sin_h, r, n, search);
    for (int i = 0; i < kSteps; ++i) step(m_sum, n, search);
    LinearBlock block;
    finish(*this, n, search, block);
    encode(block, n, out);
  }

private:
  static constexpr int kSteps = 5;
  /// The cubic of every pixel, sum l^3 + square l^2 + line l + rest = 0, and where its search stands. The
  /// steps run over the whole block in turn, so that none waits for the one before it.
  struct Search {
    alignas(32) float k0[kBlock], k1[kBlock], k2[kBlock];
    alignas(32) float square[kBlock], line[kBlock], rest[kBlock];
    alignas(32) float l[kBlock], per_slope[kBlock];
  };
  ZC_FOR_EACH_MACHINE static void begin(const OklabPlane& p, const float* cos_h, const float* sin_h,
                                        const float* r, int n, Search& __restrict s) {
    const float a0 = p.m_of_a[0], a1 = p.m_of_a[1], a2 = p.m_of_a[2], b0 = p.m_of_b[0], b1 = p.m_of_b[1],
                b2 = p.m_of_b[2], w0 = p.m_weight[0], w1 = p.m_weight[1], w2 = p.m_weight[2], y = p.m_y,
                start = p.m_start, largest = p.m_largest, sum = p.m_sum;
    for (int i = 0; i < n; ++i) {
      const float c = r[i] * largest, a = c * cos_h[i], b = c * sin_h[i];
      const float k0 = a0 * a + b0 * b, k1 = a1 * a + b1 * b, k2 = a2 * a + b2 * b;
      const float q0 = w0 * k0, q1 = w1 * k1, q2 = w2 * k2, first = q0 + q1 + q2;
      s.k0[i] = k0;
      s.k1[i] = k1;
      s.k2[i] = k2;
      s.square[i] = 3 * first;
      s.line[i] = 3 * (q0 * k0 + q1 * k1 + q2 * k2);
      s.rest[i] = q0 * k0 * k0 + q1 * k1 * k1 + q2 * k2 * k2 - y;
      // From above, where the cubic is steep.
      const float l = start - first + 0.12f * c;
      s.l[i] = l;
      s.per_slope[i] = 1 / std::max((3 * sum * l + 2 * s.square[i]) * l + s.line[i], 1e-3f);
    }
  }
  /// Newton's step; the reciprocal of the slope follows by Newton's own step, without a division.
  ZC_FOR_EACH_MACHINE static void step(float sum, int n, Search& __restrict s) {
    for (int i = 0; i < n; ++i) {
      const float was = s.l[i];
      const float off = ((sum * was + s.square[i]) * was + s.line[i]) * was + s.rest[i];
      // Kept to where display colors have their L, so that a search without an end stays finite.
      const float l = std::min(std::max(was - off * s.per_slope[i], 0.0f), 1.5f);
      const float slope = std::max((3 * sum * l + 2 * s.square[i]) * l + s.line[i], 1e-3f);
      s.l[i] = l;
      s.per_slope[i] *= std::max(2 - slope * s.per_slope[i], 0.5f);
    }
  }
  ZC_FOR_EACH_MACHINE static void finish(const OklabPlane& p, int n, const Search& s, LinearBlock& out) {
    const FloatMatrix m = p.m_to_linear;
    const float sum = p.m_sum, y = p.m_y;
    for (int i = 0; i < n; ++i) {
      const float l = s.l[i], off = ((sum * l + s.square[i]) * l + s.line[i]) * l + s.rest[i];
      const float x0 = l + s.k0[i], x1 = l + s.k1[i], x2 = l + s.k2[i];
      const float c0 = x0 * x0 * x0, c1 = x1 * x1 * x1, c2 = x2 * x2 * x2;
      // A place that has not settled by then is no display color.
      const float lost = std::abs(off) > 1e-3f * y ? 2.0f : 0.0f;
      out.r[i] = m.row(0, c0, c1, c2) + lost;
      out.g[i] = m.row(1, c0, c1, c2);
      out.b[i] = m.row(2, c0, c1, c2);
    }
  }
  static Matrix3 from_lms() {
    const Matrix3 to_xyz = inverse(lms_from_xyz_matrix()), &to_linear = xyz_to_linear_matrix();
    Matrix3 out{};
    for (int j = 0; j < 3; ++j) {
      const Vector3 column = multiply(to_linear, {to_xyz[0][j], to_xyz[1][j], to_xyz[2][j]});
      for (int i = 0; i < 3; ++i) out[i][j] = column[i];
    }
    return out;
  }
  FloatMatrix m_to_linear;
  float m_y, m_start, m_largest, m_sum;
  float m_of_a[3], m_of_b[3], m_weight[3];
};

// ---------------------------------------------------------------- HSL, HSV and luma

struct Light {
  float value, slope;
};
/// Linear light of an encoded channel and its slope. The curved part of the transfer function is a polynomial
/// of the fifth degree (least squares over 0.04 to 1.03, weighted toward even error in the encoded channel),
/// within 0.014 of an 8-bit step; beyond 1 it goes on rising, so that what is sought there has a way to it.
inline Light light(float e) {
  constexpr float c0 = 0.000921115557f, c1 = 0.0325969124f, c2 = 0.520922848f, c3 = 0.661246974f,
                  c4 = -0.298398702f, c5 = 0.0827062411f;
  const float curved = ((((c5 * e + c4) * e + c3) * e + c2) * e + c1) * e + c0,
              rise = (((5 * c5 * e + 4 * c4) * e + 3 * c3) * e + 2 * c2) * e + c1;
  const bool straight = e <= 0.04045f;
  return {straight ? e * (1 / 12.92f) : curved, straight ? 1 / 12.92f : rise};
}

/// y^(1/2.4) within some 6 %, for starting a search: the bits of a float are nearly its logarithm.
inline float rough_root(float y) {
  constexpr float one = 1065353216.0f; // The bits of 1.
  const auto bits = static_cast<float>(std::bit_cast<std::int32_t>(std::max(y, 1e-9f)));
  return std::bit_cast<float>(static_cast<std::int32_t>((bits - one) * (1 / 2.4f) + one));
}
/// About the encoded channel of a linear light.
inline float rough_encoded(float y) { return std::max(1.055f * rough_root(y) - 0.055f, 0.005f); }

/// HSL, HSV and luma: three encoded channels base + gain x that rise together with one number x, sought for
/// the luminance by Newton's steps on a whole block at once. HSV: base 0, gain 1 - r + r ring. HSL bends
/// where x is a half: below, base 0 and gain 1 + lean; above, base lean and gain 1 - lean. Luma: base what
/// the color differences add to luma, gain 1.
class EncodedPlane final : public Plane {
public:
  enum class Kind { Hsl, Hsv, Luma };
  EncodedPlane(double v, Kind kind)
      : m_y(static_cast<float>(luminance_from_lightness(v))), m_kind(kind), m_steps(v < 15 ? 4 : 3),
        m_largest(static_cast<float>(largest_chroma(SaturationMeasure::LumaChroma))) {
    const Srgb of_cb = srgb_from_ycbcr({0, 1, 0}), of_cr = srgb_from_ycbcr({0, 0, 1});
    const double cb[3] = {of_cb.r, of_cb.g, of_cb.b}, cr[3] = {of_cr.r, of_cr.g, of_cr.b};
    for (int i = 0; i < 3; ++i) {
      m_of_cb[i] = static_cast<float>(cb[i]);
      m_of_cr[i] = static_cast<float>(cr[i]);
    }
    const std::array<double, 3>& row = linear_to_xyz_matrix()[1];
    for (int i = 0; i < 3; ++i) m_weight[i] = static_cast<float>(row[i]);
  }
  void colors(const float* cos_h, const float* sin_h, const float* degrees, const float* r, int n,
              PremultipliedPixel* out) override {
    Search search;
    if (m_kind == Kind::Luma)
      begin_luma(*this, cos_h, sin_h, r, n, search);
    else if (m_kind == Kind::Hsv)
      begin_hsv(*this, degrees, r, n, search);
    else
      begin_hsl(*this, degrees, r, n, search);
    for (int i = 0; i < m_steps; ++i) step(*this, n, search);
    finish(n, search, out);
    if (largest_of(search.moved, n) < kTrusted) return;
    for (int i = 0; i < n; ++i)
      if (search.moved[i] >= kTrusted) out[i].word = solved_word(search, i);
  }

private:
  /// A pixel whose last step was longer than this is solved on its own.
  static constexpr float kTrusted = 0.002f;
  struct Search {
    alignas(32) float base0[kBlock], base1[kBlock], base2[kBlock];
    alignas(32) float gain0[kBlock], gain1[kBlock], gain2[kBlock];
    alignas(32) float x[kBlock], low[kBlock], high[kBlock], moved[kBlock];
    alignas(32) std::uint32_t shown[kBlock];
  };

  static float ring_channel(float h, float shift) {
    float k = shift + h;
    k -= k >= 6 ? 6.0f : 0.0f;
    return 1 - std::min(std::max(std::min(k, 4 - k), 0.0f), 1.0f);
  }

  ZC_FOR_EACH_MACHINE static void begin_hsv(const EncodedPlane& p, const float* degrees, const float* r,
                                            int n, Search& __restrict s) {
    const float w0 = p.m_weight[0], w1 = p.m_weight[1], w2 = p.m_weight[2], y = p.m_y,
                wanted = rough_encoded(p.m_y);
    for (int i = 0; i < n; ++i) {
      const float h = degrees[i] * (1 / 60.0f), rest = 1 - r[i];
      const float g0 = rest + r[i] * ring_channel(h, 5), g1 = rest + r[i] * ring_channel(h, 3),
                  g2 = rest + r[i] * ring_channel(h, 1);
      const float pure = w0 * light(g0).value + w1 * light(g1).value + w2 * light(g2).value;
      s.base0[i] = s.base1[i] = s.base2[i] = 0;
      s.gain0[i] = g0;
      s.gain1[i] = g1;
      s.gain2[i] = g2;
      s.low[i] = 0;
      s.high[i] = 1;
      s.x[i] = std::min(wanted / rough_encoded(pure), 1.0f);
      s.shown[i] = pure >= y - 2e-5f ? 0xffffffffu : 0u;
    }
  }
  /// Between the least and the most luma at which all channels can be shown.
  ZC_FOR_EACH_MACHINE static void begin_luma(const EncodedPlane& p, const float* cos_h, const float* sin_h,
                                             const float* r, int n, Search& __restrict s) {
    const float w0 = p.m_weight[0], w1 = p.m_weight[1], w2 = p.m_weight[2], y = p.m_y,
                wanted = rough_encoded(p.m_y), largest = p.m_largest;
    for (int i = 0; i < n; ++i) {
      const float cb = r[i] * largest * cos_h[i], cr = r[i] * largest * sin_h[i];
      const float b0 = p.m_of_cb[0] * cb + p.m_of_cr[0] * cr, b1 = p.m_of_cb[1] * cb + p.m_of_cr[1] * cr,
                  b2 = p.m_of_cb[2] * cb + p.m_of_cr[2] * cr;
      const float low = std::max(-std::min(std::min(b0, b1), b2), 0.0f),
                  high = std::min(1 - std::max(std::max(b0, b1), b2), 1.0f);
      const float least =
                      w0 * light(b0 + low).value + w1 * light(b1 + low).value + w2 * light(b2 + low).value,
                  most =
                      w0 * light(b0 + high).value + w1 * light(b1 + high).value + w2 * light(b2 + high).value;
      s.base0[i] = b0;
      s.base1[i] = b1;
      s.base2[i] = b2;
      s.gain0[i] = s.gain1[i] = s.gain2[i] = 1;
      s.low[i] = low;
      s.high[i] = std::max(low, high);
      s.x[i] = std::min(std::max(wanted, s.low[i]), s.high[i]);
      s.shown[i] = ((low <= high) & (least <= y + 2e-5f) & (most >= y - 2e-5f)) ? 0xffffffffu : 0u;
    }
  }
  ZC_FOR_EACH_MACHINE static void begin_hsl(const EncodedPlane& p, const float* degrees, const float* r,
                                            int n, Search& __restrict s) {
    const float w0 = p.m_weight[0], w1 = p.m_weight[1], w2 = p.m_weight[2], y = p.m_y,
                wanted = rough_encoded(p.m_y);
    for (int i = 0; i < n; ++i) {
      const float h = degrees[i] * (1 / 60.0f);
      // How far each channel leans from grey: at a lightness of a half it is (1 + lean) / 2.
      const float lean0 = r[i] * (2 * ring_channel(h, 5) - 1), lean1 = r[i] * (2 * ring_channel(h, 3) - 1),
                  lean2 = r[i] * (2 * ring_channel(h, 1) - 1);
      const float at_half = w0 * light(0.5f + 0.5f * lean0).value + w1 * light(0.5f + 0.5f * lean1).value +
                            w2 * light(0.5f + 0.5f * lean2).value;
      // Luminance rises with lightness, so it tells which half the lightness sought lies in.
      const bool upper = at_half < y;
      s.base0[i] = upper ? lean0 : 0;
      s.base1[i] = upper ? lean1 : 0;
      s.base2[i] = upper ? lean2 : 0;
      s.gain0[i] = upper ? 1 - lean0 : 1 + lean0;
      s.gain1[i] = upper ? 1 - lean1 : 1 + lean1;
      s.gain2[i] = upper ? 1 - lean2 : 1 + lean2;
      s.low[i] = upper ? 0.5f : 0;
      s.high[i] = upper ? 1 : 0.5f;
      // The first guess takes encoded light as rising straight from black to the half, and from there to
      // white.
      const float middle = rough_encoded(at_half);
      const float guess =
          upper ? 1 - 0.5f * (1 - wanted) / std::max(1 - middle, 0.02f) : 0.5f * wanted / middle;
      s.x[i] = std::min(std::max(guess, s.low[i]), s.high[i]);
      s.shown[i] = 0xffffffffu;
    }
  }
  ZC_FOR_EACH_MACHINE static void step(const EncodedPlane& p, int n, Search& __restrict s) {
    const float w0 = p.m_weight[0], w1 = p.m_weight[1], w2 = p.m_weight[2], y = p.m_y;
    for (int i = 0; i < n; ++i) {
      const float was = s.x[i];
      const Light l0 = light(s.base0[i] + s.gain0[i] * was), l1 = light(s.base1[i] + s.gain1[i] * was),
                  l2 = light(s.base2[i] + s.gain2[i] * was);
      const float off = w0 * l0.value + w1 * l1.value + w2 * l2.value - y;
      const float slope =
          w0 * l0.slope * s.gain0[i] + w1 * l1.slope * s.gain1[i] + w2 * l2.slope * s.gain2[i];
      const float x = std::min(std::max(was - off / std::max(slope, 1e-4f), s.low[i]), s.high[i]);
      s.moved[i] = std::abs(x - was);
      s.x[i] = x;
    }
  }
  static std::uint32_t word(float r, float g, float b) {
    const auto level = [](float c) {
      return static_cast<std::uint32_t>(
          static_cast<std::int32_t>(std::min(std::max(c, 0.0f), 1.0f) * 255 + 0.5f));
    };
    return 0xff000000u | level(r) << 16 | level(g) << 8 | level(b);
  }
  ZC_FOR_EACH_MACHINE static void finish(int n, const Search& __restrict s,
                                         PremultipliedPixel* __restrict out) {
    for (int i = 0; i < n; ++i)
      out[i].word = s.shown[i] & word(s.base0[i] + s.gain0[i] * s.x[i], s.base1[i] + s.gain1[i] * s.x[i],
                                      s.base2[i] + s.gain2[i] * s.x[i]);
  }
  ZC_FOR_EACH_MACHINE static float largest_of(const float* x, int n) {
    float most = 0;
    for (int i = 0; i < n; ++i) most = std::max(most, x[i]);
    return most;
  }
  /// By halving what is left, where Newton's steps have not settled.
  [[nodiscard]] std::uint32_t solved_word(const Search& s, int i) const {
    float low = s.low[i], high = s.high[i];
    for (int round = 0; round < 24; ++round) {
      const float x = (low + high) / 2;
      const float sum = m_weight[0] * light(s.base0[i] + s.gain0[i] * x).value +
                        m_weight[1] * light(s.base1[i] + s.gain1[i] * x).value +
                        m_weight[2] * light(s.base2[i] + s.gain2[i] * x).value;
      (sum > m_y ? high : low) = x;
    }
    return s.shown[i] &
           word(s.base0[i] + s.gain0[i] * low, s.base1[i] + s.gain1[i] * low, s.base2[i] + s.gain2[i] * low);
  }

  float m_y;
  Kind m_kind;
  int m_steps;
  float m_largest;
  float m_weight[3], m_of_cb[3], m_of_cr[3];
};

} // namespace

std::unique_ptr<Plane> make_plane(SaturationMeasure measure, double v) {
  assert(v > 0 && v < 100);
  switch (measure) {
  case SaturationMeasure::Hsl:
    return std::make_unique<EncodedPlane>(v, EncodedPlane::Kind::Hsl);
  case SaturationMeasure::Hsv:
    return std::make_unique<EncodedPlane>(v, EncodedPlane::Kind::Hsv);
  case SaturationMeasure::CielabChroma:
    return std::make_unique<CielabPlane>(v);
  case SaturationMeasure::OklabChroma:
    return std::make_unique<OklabPlane>(v);
  case SaturationMeasure::LumaChroma:
    return std::make_unique<EncodedPlane>(v, EncodedPlane::Kind::Luma);
  case SaturationMeasure::Hsluv:
    break;
  }
  return std::make_unique<HsluvPlane>(v);
}

} // namespace zc
