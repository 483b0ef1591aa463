// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/color_vision.h"

#include "core/color/convert.h"
#include "core/color/matrix.h"

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

/// Long, middle and short wave cones from XYZ of the CIE 1931 observer (O. Estevez 1979; as in R. W. G. Hunt,
/// M. R. Pointer 1985).
constexpr Matrix3 kCones{{{0.38971, 0.68898, -0.07868}, {-0.22981, 1.18340, 0.04641}, {0, 0, 1}}};

/// XYZ of the CIE 1931 observer at 475, 485, 575 and 660 nm (CIE 15, table of 5 nm).
constexpr Vector3 k475{0.1421, 0.1126, 1.0419}, k485{0.05795, 0.1693, 0.6162}, k575{0.8425, 0.9154, 0.0018},
    k660{0.1649, 0.061, 0};

constexpr Vector3 cross(const Vector3& p, const Vector3& q) {
  return {p[1] * q[2] - p[2] * q[1], p[2] * q[0] - p[0] * q[2], p[0] * q[1] - p[1] * q[0]};
}
constexpr Matrix3 times(const Matrix3& p, const Matrix3& q) {
  Matrix3 out{};
  for (std::size_t i = 0; i < 3; ++i)
    for (std::size_t j = 0; j < 3; ++j) out[i][j] = p[i][0] * q[0][j] + p[i][1] * q[1][j] + p[i][2] * q[2][j];
  return out;
}

/// Colors move along one axis onto the plane of the greys and a light.
Matrix3 onto_plane(std::size_t axis, const Vector3& grey, const Vector3& light) {
  const Vector3 normal = cross(grey, light);
  Matrix3 out{{{1, 0, 0}, {0, 1, 0}, {0, 0, 1}}};
  for (std::size_t j = 0; j < 3; ++j) out[axis][j] = j == axis ? 0 : -normal[j] / normal[axis];
  return out;
}

ConeLoss full_loss(ColorVision::Kind kind) {
  const Matrix3 to_cones = times(kCones, linear_to_xyz_matrix()), back = inverse(to_cones);
  const Vector3 grey = multiply(to_cones, {1, 1, 1});
  const std::size_t axis = kind == ColorVision::Protan ? 0 : kind == ColorVision::Deutan ? 1 : 2;
  const bool blue = kind == ColorVision::Tritan;
  const std::array<Vector3, 2> lights{multiply(kCones, blue ? k485 : k475),
                                      multiply(kCones, blue ? k660 : k575)};
  ConeLoss out{};
  for (std::size_t i = 0; i < 2; ++i)
    out.through[i] = times(times(back, onto_plane(axis, grey, lights[i])), to_cones);
  // The plane of the axis and the greys parts the two; the first light lies below it.
  Vector3 unit{};
  unit[axis] = 1;
  Vector3 side = cross(unit, grey);
  const double at = side[0] * lights[0][0] + side[1] * lights[0][1] + side[2] * lights[0][2];
  for (std::size_t j = 0; j < 3; ++j)
    out.side[j] =
        (side[0] * to_cones[0][j] + side[1] * to_cones[1][j] + side[2] * to_cones[2][j]) * (at < 0 ? 1 : -1);
  return out;
}

} // namespace

ConeLoss cone_loss(ColorVision vision) {
  assert(vision.deficient());
  static const std::array<ConeLoss, 3> full{full_loss(ColorVision::Protan), full_loss(ColorVision::Deutan),
                                            full_loss(ColorVision::Tritan)};
  ConeLoss out = full[static_cast<std::size_t>(vision.kind() - ColorVision::Protan)];
  const double severity = std::clamp(vision.severity(), kSeverityRange.low, kSeverityRange.high);
  for (Matrix3& m : out.through)
    for (std::size_t i = 0; i < 3; ++i)
      for (std::size_t j = 0; j < 3; ++j) m[i][j] = severity * m[i][j] + (i == j ? 1 - severity : 0);
  return out;
}

Srgb seen_by(ColorVision vision, Srgb c) {
  if (vision == ColorVision::Normal) return c;
  if (vision == ColorVision::Values) return neutral_of_value(value_of(c));
  const ConeLoss loss = cone_loss(vision);
  const LinearRgb in = linear_from_srgb(c);
  const double side = loss.side[0] * in.r + loss.side[1] * in.g + loss.side[2] * in.b;
  const Vector3 out = multiply(loss.through[side < 0 ? 0 : 1], {in.r, in.g, in.b});
  const auto ended = [](double x) { return std::clamp(x, 0.0, 1.0); };
  return srgb_from_linear({ended(out[0]), ended(out[1]), ended(out[2])});
}

} // namespace zc
