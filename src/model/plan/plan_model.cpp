// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/plan/plan_model.h"

namespace zc {

PlanModel::PlanModel(Studio& studio) : m_studio(studio) {}

SolidPainter& PlanModel::painter() {
  const auto serial = m_painter.serial();
  SolidPainter& painter = *m_painter.now(m_studio.wheel().spec(),
                                         [this] { return std::make_unique<SolidPainter>(m_studio.wheel()); });
  if (serial != m_painter.serial() || m_stepped != m_studio.steps()) painter.set_steps(m_studio.steps());
  m_stepped = m_studio.steps();
  return painter;
}

const VividTable* PlanModel::vivid_table() {
  const WheelSpec wheel = m_studio.wheel().spec();
  if (m_studio.session().vivid_plan)
    m_vivid.later(
        wheel, [made_for = m_studio.wheel()] { return zc::vivid_table(made_for); },
        [this] { emit changed(); });
  return m_vivid.value_for(wheel);
}

} // namespace zc
