// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/color/eyes.h"

#include "core/color/convert.h"

#include <algorithm>
#include <cassert>

namespace zc {

const Matrix3& deficiency_matrix(Eyes eyes) {
  static constexpr Matrix3 kProtan{
      {{0.152286, 1.052583, -0.204868}, {0.114503, 0.786281, 0.099216}, {-0.003882, -0.048116, 1.051998}}},
      kDeutan{
          {{0.367322, 0.860646, -0.227968}, {0.280085, 0.672501, 0.047413}, {-0.011820, 0.042940, 0.968881}}},
      kTritan{{{1.255528, -0.076749, -0.178779},
               {-0.078411, 0.930809, 0.147602},
               {0.004733, 0.691367, 0.303900}}};
  assert(eyes != Eyes::Usual && eyes != Eyes::Values);
  if (eyes == Eyes::Protan) return kProtan;
  return eyes == Eyes::Deutan ? kDeutan : kTritan;
}

Srgb seen_by(Eyes eyes, Srgb c) {
  if (eyes == Eyes::Usual) return c;
  if (eyes == Eyes::Values) return neutral_of_value(value_of(c));
  const Matrix3& m = deficiency_matrix(eyes);
  const LinearRgb in = linear_from_srgb(c);
  const auto channel = [&](std::size_t row) {
    return std::clamp(m[row][0] * in.r + m[row][1] * in.g + m[row][2] * in.b, 0.0, 1.0);
  };
  return srgb_from_linear({channel(0), channel(1), channel(2)});
}

} // namespace zc
