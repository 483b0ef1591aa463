// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/wheel/raster.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"
#include "core/wheel/planes.h"
#include "core/wheel/relations.h"

#include <algorithm>

namespace zc {
namespace {

/// The same for the vivid disc: a multiple of 12 likewise.
constexpr int kSpokes = 720, kSpokeSteps = 48;
constexpr int kAngles = 7680; // A multiple of 12: the scales bend at multiples of 30 degrees.

PremultipliedPixel whole(Srgb c) { return premultiplied(pixel_of(rounded_8bit(c))); }

/// What is left of a color that covers a pixel in part.
PremultipliedPixel covered(PremultipliedPixel whole, std::uint32_t cover) {
  return premultiplied(Pixel{cover << 24}.with(Pixel{whole.word}.rgb()));
}

/// L* at the center of a row of a picture whose top edge is 100 and bottom edge 0.
double row_value(int row, int height) { return 100.0 * (height - row - 0.5) / height; }

/// From one hue in 0..360 toward another, the short way; as wrap_degrees() would have it, without its cost.
float degrees_between(float from, float to, float part) {
  float turn = to - from;
  if (turn >= 180) turn -= 360;
  if (turn < -180) turn += 360;
  const float hue = from + part * turn;
  if (hue < 0) return hue + 360 < 360 ? hue + 360 : 0;
  return hue < 360 ? hue : hue - 360;
}

/// Two windows, and a size on either side of one that is being dragged.
constexpr std::size_t kMostDiscs = 4;

} // namespace

SolidPainter::SolidPainter(const Wheel& wheel) : m_wheel(wheel), m_hues(kAngles + 1) {
  for (int i = 0; i <= kAngles; ++i) {
    const double hue = wheel.hue_at(360.0 * i / kAngles), h = radians(hue);
    m_hues[i] = {static_cast<float>(std::cos(h)), static_cast<float>(std::sin(h)), static_cast<float>(hue)};
  }
}

HueDirection SolidPainter::direction_at(double angle) const {
  const double place = angle / 360 * kAngles;
  const int cell = std::min(static_cast<int>(place), kAngles - 1);
  const auto f = static_cast<float>(place - cell);
  const HueDirection &d0 = m_hues[cell], &d1 = m_hues[cell + 1];
  return {d0.cos + f * (d1.cos - d0.cos), d0.sin + f * (d1.sin - d0.sin),
          degrees_between(d0.degrees, d1.degrees, f)};
}

void SolidPainter::set_steps(const Steps& steps) {
  if (steps == m_steps) return;
  m_steps = steps;
  m_discs.clear();
}

const SolidPainter::Disc& SolidPainter::disc_of(int size) {
  const auto known =
      std::find_if(m_discs.begin(), m_discs.end(), [size](const Disc& d) { return d.size == size; });
  if (known != m_discs.end())
    m_discs.splice(m_discs.begin(), m_discs, known);
  else
    m_discs.push_front(made_disc(size));
  if (m_discs.size() > kMostDiscs) m_discs.pop_back();
  return m_discs.front();
}

SolidPainter::Disc SolidPainter::made_disc(int size) const {
  Disc out;
  out.size = size;
  const double half = size / 2.0;
  const auto from_middle = [half](int x, double up) {
    const double right = x + 0.5 - half;
    return std::sqrt(right * right + up * up);
  };
  std::size_t pixels = 0;
  for (int y = 0; y < size; ++y) {
    const double up = half - y - 0.5;
    int first = 0;
    while (first < size && from_middle(first, up) >= half + 0.5) ++first;
    const int count = size - 2 * first; // Left and right are alike.
    out.rows.push_back({first, std::max(0, count), pixels});
    pixels += static_cast<std::size_t>(out.rows.back().count);
  }
  for (auto* list : {&out.cos, &out.sin, &out.degrees, &out.radius}) list->resize(pixels);
  out.cover.resize(pixels);
  const auto put = [&](std::size_t i, double angle, float radius, std::uint8_t cover) {
    const HueDirection hue = direction_at(stepped_hue(angle < 360 ? angle : 0, m_steps));
    out.cos[i] = hue.cos;
    out.sin[i] = hue.sin;
    out.degrees[i] = hue.degrees;
    out.radius[i] = radius;
    out.cover[i] = cover;
  };
  // The upper left quarter; the others mirror it. What lies on an axis is put twice, the middle by the upper
  // row last.
  in_parallel((size + 1) / 2, 8, [&](int from, int to) {
    for (int y = from; y < to; ++y) {
      const Row &above = out.rows[static_cast<std::size_t>(y)],
                &below = out.rows[static_cast<std::size_t>(size - 1 - y)];
      const double up = half - y - 0.5;
      for (int x = 0; x < (above.count + 1) / 2; ++x) {
        const double left = half - 0.5 - (above.first + x), d = std::sqrt(left * left + up * up);
        const double a = degrees(std::atan2(left, up));
        const auto radius = static_cast<float>(stepped_saturation(std::min(d / half, 1.0), m_steps));
        const auto cover = static_cast<std::uint8_t>(std::lround(255 * std::min(half - d + 0.5, 1.0)));
        const auto near = static_cast<std::size_t>(x), far = static_cast<std::size_t>(above.count - 1 - x);
        put(below.start + near, 180 + a, radius, cover);
        put(below.start + far, 180 - a, radius, cover);
        put(above.start + near, 360 - a, radius, cover);
        put(above.start + far, a, radius, cover);
      }
    }
  });
  return out;
}

/// At L* 0 and 100 there is one color: on the whole disc where r is a share of what exists, else in the
/// middle only.
PremultipliedPixel SolidPainter::end_color(double v, float r) const {
  const auto c = m_wheel.color_at({0, r, v <= 0 ? 0.0 : 100.0});
  return c ? whole(*c) : PremultipliedPixel();
}

void SolidPainter::slice(double v, int size, Raster& out) {
  const Disc& disc = disc_of(size);
  v = stepped_value(v, m_steps);
  out.width = out.height = size;
  out.pixels.assign(static_cast<std::size_t>(size) * size, {});
  const bool end = v <= 0 || v >= 100;
  const auto plane = make_plane(m_wheel.spec().measure, end ? 50 : v);
  const PremultipliedPixel at_end = end ? end_color(v, 1) : PremultipliedPixel();
  for (int y = 0; y < size; ++y) {
    const Row& row = disc.rows[y];
    PremultipliedPixel* pixels = out.pixels.data() + static_cast<std::size_t>(y) * size + row.first;
    for (int done = 0; done < row.count; done += kBlock) {
      const int n = std::min(kBlock, row.count - done);
      const std::size_t at = row.start + done;
      if (end)
        std::fill_n(pixels + done, n, at_end);
      else
        plane->colors(&disc.cos[at], &disc.sin[at], &disc.degrees[at], &disc.radius[at], n, pixels + done);
    }
    // Only the ends of a row are partly covered.
    for (int x = 0; x < row.count; ++x)
      if (const std::uint8_t cover = disc.cover[row.start + x]; cover != 255 && pixels[x].alpha() != 0)
        pixels[x] = covered(pixels[x], cover);
  }
}

VividTable vivid_table(const Wheel& wheel) {
  VividTable out;
  out.spokes.resize(kSpokes + 1);
  in_parallel(kSpokes + 1, 8, [&](int from, int to) {
    for (int i = from; i < to; ++i) {
      const double a = 360.0 * i / kSpokes, v = vivid_value(wheel, Angle(a));
      VividTable::Spoke& spoke = out.spokes[static_cast<std::size_t>(i)];
      spoke.reach = wheel.reach(Angle(a), v);
      for (int k = 0; k <= kSpokeSteps; ++k) {
        const double r = std::min(static_cast<double>(k) / kSpokeSteps, spoke.reach);
        const auto color = wheel.color_at({a, r, v});
        // The last bits of the reach may lie outside.
        spoke.colors.push_back(color ? *color : wheel.nearest_existing({a, r, v}).color);
      }
    }
  });
  return out;
}

namespace {

PremultipliedPixel vivid_pixel(const VividTable& table, double angle, double r) {
  const double along = angle / 360 * kSpokes, out = r * kSpokeSteps;
  const auto i = static_cast<std::size_t>(std::clamp(along, 0.0, kSpokes - 1.0));
  const auto k = static_cast<std::size_t>(std::clamp(out, 0.0, kSpokeSteps - 1.0));
  const double f = along - static_cast<double>(i), g = out - static_cast<double>(k);
  const VividTable::Spoke &one = table.spokes[i], &other = table.spokes[i + 1];
  if (r > one.reach + f * (other.reach - one.reach) + 1e-9) return {};
  const auto part = [&](double Srgb::*p) {
    const double near_ = one.colors[k].*p + g * (one.colors[k + 1].*p - one.colors[k].*p);
    const double far_ = other.colors[k].*p + g * (other.colors[k + 1].*p - other.colors[k].*p);
    return near_ + f * (far_ - near_);
  };
  return whole({part(&Srgb::r), part(&Srgb::g), part(&Srgb::b)});
}

} // namespace

void SolidPainter::vivid(const VividTable& table, int size, Raster& out) {
  const Disc& disc = disc_of(size);
  out.width = out.height = size;
  out.pixels.assign(static_cast<std::size_t>(size) * size, {});
  const double half = size / 2.0;
  in_parallel(size, 16, [&](int from, int to) {
    for (int y = from; y < to; ++y) {
      const Row& row = disc.rows[y];
      PremultipliedPixel* pixels = out.pixels.data() + static_cast<std::size_t>(y) * size + row.first;
      for (int x = 0; x < row.count; ++x) {
        const WheelPoint at = wheel_point({row.first + x + 0.5 - half, half - y - 0.5}, 0);
        const PremultipliedPixel color =
            vivid_pixel(table, stepped_hue(at.a, m_steps), static_cast<double>(disc.radius[row.start + x]));
        pixels[x] = color.alpha() == 0 ? color : covered(color, disc.cover[row.start + x]);
      }
    }
  });
}

void SolidPainter::section(Angle a, int width, int height, Raster& out) const {
  out.width = width;
  out.height = height;
  out.pixels.resize(static_cast<std::size_t>(width) * height);
  std::vector<float> cos_h, sin_h, degrees, r;
  for (int x = 0; x < width; ++x) {
    const double along = 2 * (x + 0.5) / width - 1;
    const HueDirection hue =
        direction_at(stepped_hue(wrap_degrees(along > 0 ? a.degrees() : a.degrees() + 180), m_steps));
    cos_h.push_back(hue.cos);
    sin_h.push_back(hue.sin);
    degrees.push_back(hue.degrees);
    r.push_back(static_cast<float>(stepped_saturation(std::abs(along), m_steps)));
  }
  for (int y = 0; y < height; ++y) {
    const double v = stepped_value(row_value(y, height), m_steps);
    PremultipliedPixel* pixels = out.pixels.data() + static_cast<std::size_t>(y) * width;
    if (v <= 0 || v >= 100) {
      for (int x = 0; x < width; ++x) pixels[x] = end_color(v, r[x]);
      continue;
    }
    const auto plane = make_plane(m_wheel.spec().measure, v);
    for (int x = 0; x < width; x += kBlock)
      plane->colors(&cos_h[x], &sin_h[x], &degrees[x], &r[x], std::min(kBlock, width - x), pixels + x);
  }
}

void SolidPainter::rail(Angle a, double r, int height, Raster& out) const {
  out.width = 1;
  out.height = height;
  out.pixels.resize(height);
  for (int row = 0; row < height; ++row) {
    const auto c = m_wheel.color_at({a.degrees(), r, stepped_value(row_value(row, height), m_steps)});
    out.pixels[row] = c ? whole(*c) : PremultipliedPixel();
  }
}

} // namespace zc
