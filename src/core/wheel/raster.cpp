#include "core/wheel/raster.h"

#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"

#include <algorithm>

namespace zc {
namespace {

constexpr int kAngles = 7680; // A multiple of 12: the scales bend at multiples of 30 degrees.

std::uint32_t word(Srgb c) {
  const Srgb8 p = rounded_8bit(c);
  return 0xff000000u | p.r << 16 | p.g << 8 | p.b;
}

/// Runs of pixels are worked on in blocks of this many, so that the arithmetic fills vector registers.
constexpr int kBlock = 256;

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

std::uint32_t covered(std::uint32_t c, std::uint32_t alpha) {
  const auto part = [&](int shift) { return ((c >> shift & 0xff) * alpha + 127) / 255 << shift; };
  return alpha << 24 | part(16) | part(8) | part(0);
}

/// L* at the center of a row of a picture whose top edge is 100 and bottom edge 0.
double row_value(int row, int height) { return 100.0 * (height - row - 0.5) / height; }

} // namespace

SolidPainter::SolidPainter(const Wheel& wheel) : m_wheel(wheel), m_hues(kAngles + 1) {
  for (int i = 0; i <= kAngles; ++i) {
    const double h = radians(wheel.hue_at(360.0 * i / kAngles));
    m_hues[i] = {static_cast<float>(std::cos(h)), static_cast<float>(std::sin(h))};
  }
}

SolidPainter::Direction SolidPainter::direction_at(double angle) const {
  const double place = angle / 360 * kAngles;
  const int cell = std::min(static_cast<int>(place), kAngles - 1);
  const auto f = static_cast<float>(place - cell);
  const Direction &d0 = m_hues[cell], &d1 = m_hues[cell + 1];
  return {d0.cos + f * (d1.cos - d0.cos), d0.sin + f * (d1.sin - d0.sin)};
}

void SolidPainter::set_size(int size) {
  if (size == m_size) return;
  m_size = size;
  m_rows.clear();
  m_cos.clear();
  m_sin.clear();
  m_radius.clear();
  m_cover.clear();
  const double half = size / 2.0;
  for (int y = 0; y < size; ++y) {
    const auto start = m_cover.size();
    int first = 0;
    for (int x = 0; x < size; ++x) {
      const double right = x + 0.5 - half, up = half - y - 0.5, d = std::hypot(right, up);
      if (d >= half + 0.5) continue;
      if (m_cover.size() == start) first = x;
      const Direction hue = direction_at(wheel_point({right, up}, 0).a);
      m_cos.push_back(hue.cos);
      m_sin.push_back(hue.sin);
      m_radius.push_back(static_cast<float>(std::min(d / half, 1.0)));
      m_cover.push_back(static_cast<std::uint8_t>(std::lround(255 * std::min(half - d + 0.5, 1.0))));
    }
    m_rows.push_back({first, static_cast<int>(m_cover.size() - start), start});
  }
}

void SolidPainter::slice(double v, int size, Raster& out) {
  set_size(size);
  out.width = out.height = size;
  out.pixels.assign(static_cast<std::size_t>(size) * size, 0);
  const bool flat = v <= 0 || v >= 100;
  const LuvPlane plane(flat ? 50 : v);
  const std::uint32_t neutral = word(neutral_of_value(v));
  float p[kBlock], q[kBlock];
  for (int y = 0; y < size; ++y) {
    const Row& row = m_rows[y];
    std::uint32_t* pixels = out.pixels.data() + static_cast<std::size_t>(y) * size + row.first;
    for (int done = 0; done < row.count; done += kBlock) {
      const int n = std::min(kBlock, row.count - done);
      const std::size_t at = row.start + done;
      if (flat) {
        std::fill_n(pixels + done, n, neutral);
      } else {
        steps_of(plane, &m_cos[at], &m_sin[at], &m_radius[at], n, p, q);
        colors_of(plane, p, q, n, pixels + done);
      }
    }
    // Only the ends of a row are partly covered.
    for (int x = 0; x < row.count; ++x)
      if (const std::uint8_t cover = m_cover[row.start + x]; cover != 255)
        pixels[x] = covered(pixels[x], cover);
  }
}

void SolidPainter::section(double a, int width, int height, Raster& out) const {
  out.width = width;
  out.height = height;
  out.pixels.resize(static_cast<std::size_t>(width) * height);
  const double right = radians(m_wheel.hue_at(a)), left = radians(m_wheel.hue_at(a + 180));
  float p[kBlock], q[kBlock];
  for (int row = 0; row < height; ++row) {
    const LuvPlane plane(row_value(row, height));
    const auto end = [&](double hue) {
      const auto c = static_cast<float>(std::cos(hue)), s = static_cast<float>(std::sin(hue));
      const float rim = 1 / plane.inverse_rim(c, s);
      return Direction{rim * c, rim * s};
    };
    const Direction ends[2] = {end(left), end(right)};
    for (int done = 0; done < width; done += kBlock) {
      const int n = std::min(kBlock, width - done);
      for (int i = 0; i < n; ++i) {
        const auto along = static_cast<float>(2 * (done + i + 0.5) / width - 1);
        const Direction& d = ends[along > 0];
        p[i] = std::abs(along) * d.cos;
        q[i] = std::abs(along) * d.sin;
      }
      colors_of(plane, p, q, n, out.pixels.data() + static_cast<std::size_t>(row) * width + done);
    }
  }
}

void SolidPainter::rail(double a, double r, int height, Raster& out) const {
  out.width = 1;
  out.height = height;
  out.pixels.resize(height);
  for (int row = 0; row < height; ++row) {
    const auto c = m_wheel.color_at({a, r, row_value(row, height)});
    out.pixels[row] = c ? word(*c) : 0;
  }
}

} // namespace zc
