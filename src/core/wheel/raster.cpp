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

/// At one L*, a linear channel is (k + p a + q b) w + c with w = Y / 4v', where p and q are the steps of u'
/// and v' from neutral; the rim lies where the first of six lines is met. Two divisions and a few
/// multiplications a pixel.
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
    const LuvEdge edge(l);
    for (int i = 0; i < 6; ++i) {
      m_edge_a[i] = static_cast<float>(edge.a[i] * 13 * l);
      m_edge_b[i] = static_cast<float>(edge.b[i] * 13 * l);
    }
  }
  /// The largest step from neutral in a direction.
  [[nodiscard]] float rim(float cos_h, float sin_h) const {
    float most = m_edge_a[0] * cos_h + m_edge_b[0] * sin_h;
    for (int i = 1; i < 6; ++i) most = std::max(most, m_edge_a[i] * cos_h + m_edge_b[i] * sin_h);
    return 1 / most;
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
  float m_edge_a[6], m_edge_b[6];
};

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
  const LuvPlane plane(v);
  const std::uint8_t* gamma = encoded_8bit_of_linear().data();
  for (std::size_t i = 0; i < count; ++i) {
    const std::uint32_t cover = m_cover[i];
    if (cover == 0) {
      out.pixels[i] = 0;
      continue;
    }
    const auto cell = static_cast<int>(m_index[i]);
    const float f = m_index[i] - static_cast<float>(cell);
    const Direction &d0 = m_hues[cell], &d1 = m_hues[cell + 1];
    const float c = d0.cos + f * (d1.cos - d0.cos), s = d0.sin + f * (d1.sin - d0.sin);
    const float step = m_radius[i] * plane.rim(c, s);
    const std::uint32_t color = plane.color(step * c, step * s, gamma);
    out.pixels[i] = cover == 255 ? color : covered(color, cover);
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
    const LuvPlane plane(v);
    const auto end = [&](double hue) {
      const auto c = static_cast<float>(std::cos(hue)), s = static_cast<float>(std::sin(hue));
      const float rim = plane.rim(c, s);
      return Direction{rim * c, rim * s};
    };
    const Direction ends[2] = {end(left), end(right)};
    for (int column = 0; column < width; ++column, ++at) {
      const float r = static_cast<float>(2 * (column + 0.5) / width - 1);
      const Direction& d = ends[r > 0];
      out.pixels[at] = plane.color(std::abs(r) * d.cos, std::abs(r) * d.sin, gamma);
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
