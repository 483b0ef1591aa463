// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/mix/field.h"

#include "core/base/parallel.h"
#include "core/color/channel_tables.h"
#include "core/color/convert.h"
#include "core/color/gamut.h"
#include "core/mix/kubelka.h"

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

Paint paint_for(const std::optional<Paint>& paint, Srgb color) { return paint ? *paint : paint_of(color); }

std::vector<Paint> paints_of(const std::vector<FieldCorner>& corners, MixAs as,
                             const std::optional<FieldAdded>& added) {
  std::vector<Paint> out;
  if (as == MixAs::Light) return out;
  for (const FieldCorner& c : corners) out.push_back(paint_for(c.paint, c.color));
  if (added) out.push_back(paint_for(added->paint, added->color));
  return out;
}

Mixer mixer_of(const std::vector<Paint>& paints) {
  std::vector<MixPaint> out;
  out.reserve(paints.size());
  for (const Paint& p : paints) out.push_back({p, 1});
  return Mixer(out);
}

PremultipliedPixel shown_pixel(const Eigen::Vector3f& light, const std::uint8_t* encoded) {
  constexpr float tolerance = 1e-6f;
  if (light.minCoeff() < -tolerance || light.maxCoeff() > 1 + tolerance) {
    const Srgb8 c =
        rounded_8bit(brought_into_gamut_at_value(xyz_from_linear({light(0), light(1), light(2)})));
    return premultiplied(pixel_of(c));
  }
  const auto channel = [&](float x) {
    return std::uint32_t{encoded[std::lrint(std::clamp(x, 0.0f, 1.0f) * kLinearSteps)]};
  };
  return {0xff000000u | channel(light(0)) << 16 | channel(light(1)) << 8 | channel(light(2))};
}

} // namespace

// ---------------------------------------------------------------- places

FieldPoint onto_field(std::size_t corners, FieldPoint p) {
  FieldPoint out{std::clamp(p.x, 0.0, 1.0), std::clamp(p.y, 0.0, 1.0)};
  if (corners == 2) out.y = 0.5;
  if (corners != 3 || in_field(3, out)) return out;
  // The nearest place of the slanting edge beside it.
  const double side = p.x < 0.5 ? -0.5 : 0.5;
  const double along = std::clamp(((p.x - 0.5) * side + p.y) / (side * side + 1), 0.0, 1.0);
  return {0.5 + side * along, along};
}

bool in_field(std::size_t corners, FieldPoint p) {
  if (p.x < 0 || p.x > 1 || p.y < 0 || p.y > 1) return false;
  return corners != 3 || std::abs(p.x - 0.5) <= p.y / 2 + 1e-12;
}

std::vector<double> parts_at(std::size_t corners, FieldPoint p) {
  assert(corners >= kFewestCorners && corners <= kMostCorners);
  const auto [x, y] = onto_field(corners, p);
  if (corners == 2) return {1 - x, x};
  if (corners == 4) return {(1 - x) * (1 - y), x * (1 - y), (1 - x) * y, x * y};
  const double right = std::clamp(x - 0.5 + y / 2, 0.0, y);
  return {1 - y, y - right, right};
}

FieldPoint place_of_parts(const std::vector<double>& parts) {
  double whole = 0;
  for (const double p : parts) whole += p;
  if (!(whole > 0)) return {0.5, 0.5};
  if (parts.size() == 2) return {parts[1] / whole, 0.5};
  if (parts.size() == 3) return {0.5 + (parts[2] - parts[1]) / whole / 2, (parts[1] + parts[2]) / whole};
  return {(parts[1] + parts[3]) / whole, (parts[2] + parts[3]) / whole};
}

FieldPoint corner_place(std::size_t corners, std::size_t corner) {
  std::vector<double> parts(corners, 0);
  parts[corner] = 1;
  return place_of_parts(parts);
}

// ---------------------------------------------------------------- mixtures

MixField::MixField(const std::vector<FieldCorner>& corners, MixAs as, const std::optional<FieldAdded>& added)
    : m_corners(corners), m_paints(paints_of(corners, as, added)), m_as(as), m_added(added),
      m_mixer(mixer_of(m_paints)) {
  assert(corners.size() >= kFewestCorners && corners.size() <= kMostCorners);
}

bool MixField::stands_in(std::size_t corner) const { return m_as == MixAs::Paint && !m_paints[corner].exact; }

std::optional<Mixture> MixField::of_parts(const std::vector<double>& parts) const {
  return of_parts(parts, m_added ? m_added->share : 0);
}

std::optional<Mixture> MixField::of_parts(const std::vector<double>& parts, double added_share) const {
  assert(parts.size() == corners());
  double whole = 0;
  for (const double p : parts) whole += p;
  if (!(whole > 0)) return std::nullopt;
  std::vector<double> weighed;
  for (std::size_t i = 0; i < parts.size(); ++i)
    weighed.push_back(parts[i] / whole * m_corners[i].strength * (1 - added_share));
  if (m_added) weighed.push_back(added_share);
  if (std::none_of(weighed.begin(), weighed.end(), [](double w) { return w > 0; })) return std::nullopt;
  if (m_as == MixAs::Paint) return m_mixer.mixed(weighed);
  std::vector<MixPart> light;
  for (std::size_t i = 0; i < weighed.size(); ++i)
    if (weighed[i] > 0) light.push_back({i < corners() ? m_corners[i].color : m_added->color, weighed[i]});
  const auto mixture = mix(light, MixAs::Light);
  return mixture ? std::optional(*mixture) : std::nullopt;
}

// ---------------------------------------------------------------- the picture

/// Along a row everything is a line between its two ends, before it is divided by the strength there.
struct MixField::Row {
  KsBands left = KsBands::Zero(), right = KsBands::Zero();
  Eigen::Vector3f left_light = Eigen::Vector3f::Zero(), right_light = Eigen::Vector3f::Zero();
  float left_strength = 0, right_strength = 0;
};

MixField::Row MixField::row_at(double y) const {
  // The parts at the two ends of the row.
  const double half = corners() == 3 ? y / 2 : 0.5;
  const auto left = parts_at(corners(), {0.5 - half, y}), right = parts_at(corners(), {0.5 + half, y});
  Row out;
  const auto add = [&](std::size_t i, Srgb color, double l, double r) {
    const double own = m_as == MixAs::Paint ? m_paints[i].own_strength : 1;
    const auto from = static_cast<float>(l * own), to = static_cast<float>(r * own);
    if (m_as == MixAs::Paint) {
      out.left += m_mixer.kernel().ks[i] * from;
      out.right += m_mixer.kernel().ks[i] * to;
    } else {
      const LinearRgb c = linear_from_srgb(color);
      const Eigen::Vector3f light(static_cast<float>(c.r), static_cast<float>(c.g), static_cast<float>(c.b));
      out.left_light += light * from;
      out.right_light += light * to;
    }
    out.left_strength += from;
    out.right_strength += to;
  };
  const double kept = m_added ? 1 - m_added->share : 1;
  for (std::size_t i = 0; i < corners(); ++i) {
    const double by = m_corners[i].strength * kept;
    add(i, m_corners[i].color, left[i] * by, right[i] * by);
  }
  if (m_added) add(corners(), m_added->color, m_added->share, m_added->share);
  return out;
}

FieldPoint MixField::place_of_pixel(int x, int y, int width, int height) {
  return {width > 1 ? static_cast<double>(x) / (width - 1) : 0.5,
          height > 1 ? static_cast<double>(y) / (height - 1) : 0.5};
}

template <class Emit> void MixField::walk_row(int y, int width, int height, const Emit& emit) const {
  const double down = corners() == 2 ? 0.5 : place_of_pixel(0, y, width, height).y;
  const double half = corners() == 3 ? down / 2 : 0.5;
  const Row row = row_at(down);
  const KsBands grows = row.right - row.left;
  const Eigen::Vector3f light_grows = row.right_light - row.left_light;
  const auto& to_light = m_mixer.kernel().light;
  // The pixels at a slanting edge belong to it.
  const double edge = 0.5 / std::max(1, width - 1);
  const bool paint = m_as == MixAs::Paint;
  for (int x = 0; x < width; ++x) {
    const double across = place_of_pixel(x, y, width, height).x - (0.5 - half);
    if (across < -edge || across > 2 * half + edge) continue;
    const float t = half > 0 ? static_cast<float>(std::clamp(across / (2 * half), 0.0, 1.0)) : 0;
    const float strength = row.left_strength + t * (row.right_strength - row.left_strength);
    if (!(strength > 0)) continue;
    const Eigen::Vector3f light =
        paint ? Eigen::Vector3f(to_light * reflectance_of_ks((row.left + t * grows) / strength).matrix())
              : Eigen::Vector3f((row.left_light + t * light_grows) / strength);
    emit(x, light);
  }
}

void MixField::draw_row(int y, int width, int height, PremultipliedPixel* out) const {
  const std::uint8_t* encoded = encoded_8bit_of_linear().data();
  std::fill_n(out, width, PremultipliedPixel());
  walk_row(y, width, height,
           [&](int x, const Eigen::Vector3f& light) { out[x] = shown_pixel(light, encoded); });
}

std::vector<std::optional<Srgb>> MixField::colors(int width, int height) const {
  std::vector<std::optional<Srgb>> out(static_cast<std::size_t>(width) * height);
  for (int y = 0; y < height; ++y)
    walk_row(y, width, height, [&](int x, const Eigen::Vector3f& light) {
      const LinearRgb linear{light(0), light(1), light(2)};
      const Srgb color = srgb_from_linear(linear);
      out[static_cast<std::size_t>(y) * width + x] =
          in_gamut(color) ? color : brought_into_gamut_at_value(xyz_from_linear(linear));
    });
  return out;
}

void MixField::draw(int width, int height, Raster& out) const {
  out.width = width;
  out.height = height;
  out.pixels.resize(static_cast<std::size_t>(width) * height);
  const auto row = [&](int y) { return out.pixels.data() + static_cast<std::size_t>(y) * width; };
  if (corners() == 2) {
    draw_row(0, width, height, row(0));
    for (int y = 1; y < height; ++y) std::copy_n(row(0), width, row(y));
    return;
  }
  in_parallel(height, 8, [&](int from, int to) {
    for (int y = from; y < to; ++y) draw_row(y, width, height, row(y));
  });
}

} // namespace zc
