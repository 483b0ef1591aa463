// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/pick_desk.h"

#include "app/desks/pick/mix_panel.h"
#include "app/desks/pick/mix_view.h"
#include "app/desks/pick/paints_panel.h"
#include "app/desks/pick/steps_panel.h"
#include "app/desks/pick/string_panel.h"
#include "app/desks/pick/strips_panel.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/wheel/mask_rule.h"
#include "app/wheel/wheel_head.h"
#include "app/wheel/wheel_view.h"
#include "model/workspace/workspace.h"

#include <QVBoxLayout>

namespace zc {

PickDesk::PickDesk(Workspace& space, QWidget* parent)
    : QWidget(parent), m_space(space),
      m_wheel(new WheelView(space, space.picking(), space.laying(), space.masking(), space.plan(),
                            space.reader(), space.paints(), WheelView::Use::Pick, this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 0, kGap, 4);
  column->setSpacing(4);
  column->addWidget(new WheelHead(space, space.masking(), space.viewing(), this));
  column->addWidget(m_wheel, 1);
  column->addWidget(new StripsPanel(space, space.picking(), space.laying(), this));
  column->addWidget(make_foot());
}

void PickDesk::take_dropped(QPoint global, Srgb color) {
  if (m_mixing->isVisible()) m_mixing->view().drop_at(global, color);
}

/// Strings, mixing and steps, in the same place.
QWidget* PickDesk::make_foot() {
  auto* pages = new Pages(this);
  m_mixing = new MixPanel(m_space, m_space.picking(), m_space.laying(), m_space.paints(), pages);
  pages->let_close();
  pages->add(QStringLiteral("page.string"), tr("String"), tr("A graded row from the current color"),
             new StringPanel(m_space, m_space.picking(), m_space.laying(), pages));
  pages->add(QStringLiteral("page.mixing"), tr("Mixing"), tr("Mix two to four colors by hand"), m_mixing);
  pages->add(QStringLiteral("page.paints"), tr("Paints"), tr("Put few paints out, and see what they reach"),
             new PaintsPanel(m_space, m_space.picking(), m_space.set_work(), m_space.paints(), pages));
  pages->add(QStringLiteral("page.steps"), tr("Steps"), tr("Cut hue, saturation and value into steps"),
             new StepsPanel(m_space, m_space.picking(), pages));
  pages->add_beside(new MaskRuleChoice(m_space, pages));
  return pages;
}

} // namespace zc
