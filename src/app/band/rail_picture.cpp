// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/rail_picture.h"

#include "model/plan/plan_model.h"

#include "app/paint/paint.h"
#include "core/image/pixels.h"

namespace zc {

const QImage& RailPicture::of(Studio& model, PlanModel& plan, int pixels) {
  const Session& s = model.session();
  const Shown wanted{model.piece().wheel, s.at.at.a, s.at.at.r, pixels, model.steps(), s.vision};
  if (wanted == m_shown) return m_image;
  m_shown = wanted;
  plan.painter().rail(Angle(wanted.angle), wanted.saturation, pixels, m_picture);
  show_as_seen(wanted.vision, m_picture);
  m_image = image_of(m_picture);
  return m_image;
}

} // namespace zc
