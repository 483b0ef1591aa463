#include "core/wheel/raster.h"

#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"

#include <algorithm>

namespace zc {
namespace {

constexpr int kAngles = 8192;

std::uint32_t word(Srgb c) {
  const Srgb8 p = rounded_8bit(c);
  return 0xff000000u | p.r << 16 | p.g << 8 | p.b;
}

/// At one L*, a linear channel is (k + p a + q b) w + c with w = Y / 4v', where p and q are the steps of u'
/// and v' from neutral: one division and a few multiplications a pixel.
class LuvPlane {
public:
  explicit LuvPlane(double l) {
    const Xyz w = white_d65();
    const double d = w.x + 15 * w.y + 3 * w.z, un = 4 * w.x / d, vn = 9 * w.y / d;
    const double y = luminance_from_lightness(l);
    m_vn = static_cast<float>(vn);
    m_scale = static_cast<float>(y / 4);
    const Matrix3& m = xyz_to_linear_matrix();
    for (int i = 0; i < 3; ++i) {
      const double a = 9 * m[i][0] - 3 * m[i][2], b = -20 * m[i][2];
      m_k[i] = static_cast<float>((a * un + b * vn + 12 * m[i][2]) * kLinearSteps);
      m_a[i] = static_cast<float>(a * kLinearSteps);
      m_b[i] = static_cast<float>(b * kLinearSteps);
      m_c[i] = static_cast<float>(m[i][1] * y * kLinearSteps) + 0.5f;
    }
  }
  [[nodiscard]] std::uint32_t color(float p, float q, const std::uint8_t* gamma) const {
    const float w = m_scale / (m_vn + q);
    std::uint32_t out = 0xff;
    for (int i = 0; i < 3; ++i) {
      const float channel = (m_k[i] + p * m_a[i] + q * m_b[i]) * w + m_c[i];
      out = out << 8 | gamma[static_cast<int>(std::clamp(channel, 0.0f, float(kLinearSteps)))];
    }
    return out;
  }

private:
  float m_vn, m_scale;
  float m_k[3], m_a[3], m_b[3], m_c[3];
};

std::uint32_t covered(std::uint32_t c, std::uint32_t alpha) {
  const auto part = [&](int shift) { return ((c >> shift & 0xff) * alpha + 127) / 255 << shift; };
  return alpha << 24 | part(16) | part(8) | part(0);
}

/// L* at the center of a row of a picture whose top edge is 100 and bottom edge 0.
double row_value(int row, int height) { return 100.0 * (height - row - 0.5) / height; }

} // namespace

SolidPainter::SolidPainter(const Wheel& wheel)
    : m_wheel(wheel), m_cos(kAngles + 1), m_sin(kAngles + 1), m_rim(kAngles + 1) {
  // Hue maps are smooth between anchors; sampled coarsely and joined by straight lines they stay within
  // 0.002 degree at a fraction of the cost.
  constexpr int kCoarse = 8;
  double hue = wheel.hue_at(0);
  for (int i = 0; i < kAngles; i += kCoarse) {
    const double next = hue + turn_between(hue, wheel.hue_at(360.0 * (i + kCoarse) / kAngles));
    for (int j = 0; j <= kCoarse; ++j) {
      const double h = radians(hue + (next - hue) * j / kCoarse);
      m_cos[i + j] = static_cast<float>(std::cos(h));
      m_sin[i + j] = static_cast<float>(std::sin(h));
    }
    hue = next;
  }
}

void SolidPainter::set_value(double v) {
  const LuvEdge edge(v);
  const double scale = 1 / (13 * v);
  for (int i = 0; i <= kAngles; ++i) {
    const double c = edge.chroma(m_cos[i], m_sin[i]) * scale;
    m_rim[i] = {static_cast<float>(c * m_cos[i]), static_cast<float>(c * m_sin[i])};
  }
}

void SolidPainter::set_size(int size) {
  if (size == m_size) return;
  m_size = size;
  const auto count = static_cast<std::size_t>(size) * size;
  m_index.resize(count);
  m_radius.resize(count);
  m_cover.resize(count);
  const double half = size / 2.0;
  std::size_t at = 0;
  for (int row = 0; row < size; ++row)
    for (int column = 0; column < size; ++column, ++at) {
      const double x = column + 0.5 - half, y = half - row - 0.5, d = std::hypot(x, y);
      const WheelPoint p = wheel_point({x, y}, 0);
      m_index[at] = static_cast<float>(std::min(p.a / 360 * kAngles, kAngles - 1e-3));
      m_radius[at] = static_cast<float>(std::min(d / half, 1.0));
      m_cover[at] = static_cast<std::uint8_t>(std::lround(255 * std::clamp(half - d + 0.5, 0.0, 1.0)));
    }
}

void SolidPainter::slice(double v, int size, Raster& out) {
  set_size(size);
  out.width = out.height = size;
  const std::size_t count = m_cover.size();
  out.pixels.resize(count);
  if (v <= 0 || v >= 100) {
    const std::uint32_t flat = word(neutral_of_value(v));
    for (std::size_t i = 0; i < count; ++i) out.pixels[i] = covered(flat, m_cover[i]);
    return;
  }
  set_value(v);
  const LuvPlane plane(v);
  const std::uint8_t* gamma = encoded_8bit_of_linear().data();
  for (std::size_t i = 0; i < count; ++i) {
    const std::uint32_t cover = m_cover[i];
    if (cover == 0) {
      out.pixels[i] = 0;
      continue;
    }
    const auto cell = static_cast<int>(m_index[i]);
    const float f = m_index[i] - static_cast<float>(cell), r = m_radius[i];
    const Direction &d0 = m_rim[cell], &d1 = m_rim[cell + 1];
    const std::uint32_t c =
        plane.color(r * (d0.u + f * (d1.u - d0.u)), r * (d0.v + f * (d1.v - d0.v)), gamma);
    out.pixels[i] = cover == 255 ? c : covered(c, cover);
  }
}

void SolidPainter::section(double a, int width, int height, Raster& out) const {
  out.width = width;
  out.height = height;
  out.pixels.resize(static_cast<std::size_t>(width) * height);
  const double right = radians(m_wheel.hue_at(a)), left = radians(m_wheel.hue_at(a + 180));
  const std::uint8_t* gamma = encoded_8bit_of_linear().data();
  std::size_t at = 0;
  for (int row = 0; row < height; ++row) {
    const double v = row_value(row, height);
    const LuvEdge edge(v);
    const LuvPlane plane(v);
    const auto end = [&](double hue) {
      const double c = edge.chroma(std::cos(hue), std::sin(hue)) / (13 * v);
      return Direction{static_cast<float>(c * std::cos(hue)), static_cast<float>(c * std::sin(hue))};
    };
    const Direction ends[2] = {end(left), end(right)};
    for (int column = 0; column < width; ++column, ++at) {
      const float r = static_cast<float>(2 * (column + 0.5) / width - 1);
      const Direction& d = ends[r > 0];
      out.pixels[at] = plane.color(std::abs(r) * d.u, std::abs(r) * d.v, gamma);
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
