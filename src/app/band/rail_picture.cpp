// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/rail_picture.h"

#include "model/plan/plan_reader.h"

#include "app/paint/paint.h"
#include "core/image/pixels.h"

namespace zc {

const QImage& RailPicture::of(Studio& space, PlanReader& plan, int pixels) {
  const Session& s = space.session();
  const Shown wanted{space.piece().wheel, s.at.at.a, s.at.at.r, pixels, space.steps(), s.eyes};
  if (wanted == m_shown) return m_image;
  m_shown = wanted;
  plan.painter().rail(Angle(wanted.angle), wanted.saturation, pixels, m_picture);
  show_as_seen(wanted.eyes, m_picture);
  m_image = image_of(m_picture);
  return m_image;
}

} // namespace zc
