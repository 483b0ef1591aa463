// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/rail_picture.h"

#include "app/paint/paint.h"
#include "core/image/pixels.h"

namespace zc {

const QImage& RailPicture::of(Workspace& space, int pixels) {
  const Session& s = space.session();
  const Shown wanted{space.piece().wheel, s.at.at.a, s.at.at.r, pixels, space.steps(), s.values_only};
  if (wanted == m_shown) return m_image;
  m_shown = wanted;
  space.painter().rail(Angle(wanted.angle), wanted.saturation, pixels, m_picture);
  if (wanted.values_only)
    to_value_greys(m_picture.pixels.data(), m_picture.pixels.data(), m_picture.pixels.size());
  m_image = image_of(m_picture);
  return m_image;
}

} // namespace zc
