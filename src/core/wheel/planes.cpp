#include "core/wheel/planes.h"

#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/color/matrix.h"
#include "core/wheel/measure.h"
#include "core/wheel/oklab_lightness.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace zc {
namespace {

// Chosen at start for the machine at hand; plain elsewhere, and under the sanitizers, which cannot follow it.
#if defined(__x86_64__) && defined(__OPTIMIZE__) && !defined(__SANITIZE_ADDRESS__)
#define ZC_FOR_EACH_MACHINE __attribute__((target_clones("avx2,fma", "default")))
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

void colors_of(const LuvPlane& plane, const float* p, const float* q, int n, std::uint32_t* out) {
  std::int32_t red[kBlock], green[kBlock], blue[kBlock];
  channel_of(plane, 0, p, q, n, red);
  channel_of(plane, 1, p, q, n, green);
  channel_of(plane, 2, p, q, n, blue);
  const std::uint8_t* gamma = encoded_8bit_of_linear().data();
  for (int i = 0; i < n; ++i)
    out[i] = 0xff000000u | gamma[red[i]] << 16 | gamma[green[i]] << 8 | gamma[blue[i]];
}

class HsluvPlane final : public Plane {
public:
  explicit HsluvPlane(double v) : m_plane(v) {}
  void colors(const float* cos_h, const float* sin_h, const float*, const float* r, int n,
              std::uint32_t* out) override {
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

/// The word of a linear color, or 0 when it lies outside the display gamut by more than float noise.
std::uint32_t word_if_shown(float r, float g, float b, const std::uint8_t* gamma) {
  constexpr float noise = 2e-6f;
  const float low = std::min({r, g, b}), high = std::max({r, g, b});
  if (low < -noise || high > 1 + noise) return 0;
  const auto step = [gamma](float x) {
    return std::uint32_t{gamma[static_cast<int>(std::clamp(x, 0.0f, 1.0f) * kLinearSteps + 0.5f)]};
  };
  return 0xff000000u | step(r) << 16 | step(g) << 8 | step(b);
}

class CielabPlane final : public Plane {
public:
  explicit CielabPlane(double v)
      : m_to_linear(scaled()), m_fy(static_cast<float>((v + 16) / 116)),
        m_y(static_cast<float>(luminance_from_lightness(v))),
        m_largest(static_cast<float>(largest_chroma(SaturationMeasure::CielabChroma))) {}
  void colors(const float* cos_h, const float* sin_h, const float*, const float* r, int n,
              std::uint32_t* out) override {
    const std::uint8_t* gamma = encoded_8bit_of_linear().data();
    for (int i = 0; i < n; ++i) {
      const float c = r[i] * m_largest;
      const float x = luminance_of_f(m_fy + c * cos_h[i] / 500),
                  z = luminance_of_f(m_fy - c * sin_h[i] / 200);
      out[i] = word_if_shown(m_to_linear.row(0, x, m_y, z), m_to_linear.row(1, x, m_y, z),
                             m_to_linear.row(2, x, m_y, z), gamma);
    }
  }

private:
  static float luminance_of_f(float f) {
    constexpr float kappa = 24389.0f / 27, bend = 6.0f / 29;
    return f > bend ? f * f * f : (116 * f - 16) / kappa;
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

class OklabPlane final : public Plane {
public:
  explicit OklabPlane(double v)
      : m_to_linear(from_lms()), m_y(luminance_from_lightness(v)),
        m_start(static_cast<float>(std::cbrt(m_y))),
        m_largest(static_cast<float>(largest_chroma(SaturationMeasure::OklabChroma))) {
    const Matrix3 lms = inverse(oklab_from_lms_matrix());
    for (int i = 0; i < 3; ++i) {
      m_of_a[i] = static_cast<float>(lms[i][1]);
      m_of_b[i] = static_cast<float>(lms[i][2]);
      m_weight[i] = static_cast<float>(inverse(lms_from_xyz_matrix())[1][i]);
    }
  }
  void colors(const float* cos_h, const float* sin_h, const float*, const float* r, int n,
              std::uint32_t* out) override {
    const std::uint8_t* gamma = encoded_8bit_of_linear().data();
    const auto y = static_cast<float>(m_y);
    for (int i = 0; i < n; ++i) {
      const float a = r[i] * m_largest * cos_h[i], b = r[i] * m_largest * sin_h[i];
      float k[3];
      for (int j = 0; j < 3; ++j) k[j] = m_of_a[j] * a + m_of_b[j] * b;
      // From above, where the cubic is steep; a place that has not settled by then is no display color.
      float l = m_start + 0.25f * std::abs(r[i] * m_largest), lms[3], sum = 0;
      for (int step = 0; step < 6; ++step) {
        float slope = 0;
        sum = 0;
        for (int j = 0; j < 3; ++j) {
          const float x = l + k[j];
          sum += m_weight[j] * x * x * x;
          slope += 3 * m_weight[j] * x * x;
        }
        l -= (sum - y) / std::max(slope, 1e-3f);
      }
      for (int j = 0; j < 3; ++j) {
        const float x = l + k[j];
        lms[j] = x * x * x;
      }
      if (std::abs(sum - y) > 1e-3f * y) {
        out[i] = 0;
        continue;
      }
      out[i] = word_if_shown(m_to_linear.row(0, lms[0], lms[1], lms[2]),
                             m_to_linear.row(1, lms[0], lms[1], lms[2]),
                             m_to_linear.row(2, lms[0], lms[1], lms[2]), gamma);
    }
  }

private:
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
  double m_y;
  float m_start, m_largest;
  float m_of_a[3], m_of_b[3], m_weight[3];
};

// ---------------------------------------------------------------- HSL and HSV

/// Linear light and its slope for an encoded channel, by a table joined with straight lines.
class LinearTable {
public:
  static const LinearTable& shared() {
    static const LinearTable table;
    return table;
  }
  [[nodiscard]] float at(float e, float& slope) const {
    const float place = std::clamp(e, 0.0f, 1.0f) * kSteps;
    const int i = std::min(static_cast<int>(place), kSteps - 1);
    slope = (m_values[i + 1] - m_values[i]) * kSteps;
    return m_values[i] + (place - static_cast<float>(i)) * (m_values[i + 1] - m_values[i]);
  }

private:
  static constexpr int kSteps = 4096;
  LinearTable() {
    for (int i = 0; i <= kSteps; ++i)
      m_values[i] = static_cast<float>(linear_from_encoded(i / double(kSteps)));
  }
  std::array<float, kSteps + 1> m_values;
};

/// HSL and HSV: three encoded channels that rise together with one number x in 0..1; x is sought for the
/// luminance, starting from the neighbor's.
class HexPlane final : public Plane {
public:
  HexPlane(double v, bool hsv) : m_y(static_cast<float>(luminance_from_lightness(v))), m_hsv(hsv) {
    const std::array<double, 3>& row = linear_to_xyz_matrix()[1];
    for (int i = 0; i < 3; ++i) m_weight[i] = static_cast<float>(row[i]);
  }
  void colors(const float*, const float*, const float* degrees, const float* r, int n,
              std::uint32_t* out) override {
    for (int i = 0; i < n; ++i) {
      float ring[3];
      ring_of(degrees[i], ring);
      out[i] = solved(ring, r[i]);
    }
  }

private:
  static void ring_of(float degrees, float* ring) {
    const float h = degrees / 60;
    const auto channel = [h](float n) {
      float k = n + h;
      k -= k >= 6 ? 6.0f : 0.0f;
      return 1 - std::clamp(std::min(k, 4 - k), 0.0f, 1.0f);
    };
    ring[0] = channel(5);
    ring[1] = channel(3);
    ring[2] = channel(1);
  }
  /// Channels at x; gives the luminance and its slope.
  float luminance(const float* ring, float r, float x, float* channels, float& slope) const {
    float sum = 0;
    slope = 0;
    for (int i = 0; i < 3; ++i) {
      float of_x;
      if (m_hsv) {
        of_x = 1 - r + r * ring[i];
        channels[i] = x * of_x;
      } else {
        const float lean = r * (2 * ring[i] - 1);
        channels[i] = x + lean * std::min(x, 1 - x);
        of_x = x < 0.5f ? 1 + lean : 1 - lean;
      }
      float s;
      sum += m_weight[i] * LinearTable::shared().at(channels[i], s);
      slope += m_weight[i] * s * of_x;
    }
    return sum;
  }
  std::uint32_t solved(const float* ring, float r) {
    float channels[3], slope;
    if (m_hsv && luminance(ring, r, 1, channels, slope) < m_y - 2e-6f) return 0;
    float low = 0, high = 1, x = m_last;
    for (int i = 0; i < 40; ++i) {
      const float off = luminance(ring, r, x, channels, slope) - m_y;
      if (std::abs(off) < 1e-3f * slope) break; // A quarter of an 8-bit step in x.
      (off > 0 ? high : low) = x;
      const float next = x - off / std::max(slope, 1e-4f);
      x = next > low && next < high ? next : (low + high) / 2;
    }
    // One last straight step is worth two digits.
    const float off = luminance(ring, r, x, channels, slope) - m_y;
    x = std::clamp(x - off / std::max(slope, 1e-4f), 0.0f, 1.0f);
    luminance(ring, r, x, channels, slope);
    m_last = x;
    const auto step = [](float c) {
      return static_cast<std::uint32_t>(std::clamp(c, 0.0f, 1.0f) * 255 + 0.5f);
    };
    return 0xff000000u | step(channels[0]) << 16 | step(channels[1]) << 8 | step(channels[2]);
  }
  float m_y;
  bool m_hsv;
  float m_weight[3];
  float m_last = 0.5f;
};

} // namespace

std::unique_ptr<Plane> make_plane(SaturationMeasure measure, double v) {
  switch (measure) {
  case SaturationMeasure::Hsl:
    return std::make_unique<HexPlane>(v, false);
  case SaturationMeasure::Hsv:
    return std::make_unique<HexPlane>(v, true);
  case SaturationMeasure::CielabChroma:
    return std::make_unique<CielabPlane>(v);
  case SaturationMeasure::OklabChroma:
    return std::make_unique<OklabPlane>(v);
  case SaturationMeasure::Hsluv:
    break;
  }
  return std::make_unique<HsluvPlane>(v);
}

} // namespace zc
