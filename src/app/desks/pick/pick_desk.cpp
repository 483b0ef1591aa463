// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/pick_desk.h"

#include "app/band/value_band.h"
#include "app/controls/controls.h"
#include "app/desks/pick/mix_panel.h"
#include "app/desks/pick/mix_view.h"
#include "app/desks/pick/paints_panel.h"
#include "app/desks/pick/ramp_panel.h"
#include "app/desks/pick/steps_panel.h"
#include "app/theme/theme.h"
#include "app/tray/strips_panel.h"
#include "app/wheel/mask_rule.h"
#include "app/wheel/wheel_head.h"
#include "app/wheel/wheel_view.h"
#include "model/application/app_model.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace zc {

PickDesk::PickDesk(AppModel& model, QWidget* parent)
    : QWidget(parent), m_model(model),
      m_wheel(new WheelView(model, model.picking(), model.laying(), model.masking(), model.plan(),
                            model.reader(), model.reaches(), WheelView::Use::Pick, this)),
      m_mixing([this] {
        return m_model.made_late([this] {
          return new MixPanel(m_model, m_model.picking(), m_model.laying(), m_model.paints(), window());
        });
      }) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 0, kGap, 4);
  column->setSpacing(4);
  column->addWidget(new WheelHead(model, model.masking(), model.viewing(), WheelHead::Build::Word, this));
  column->addWidget(m_wheel, 1);
  column->addWidget(new StripsPanel(model, model.picking(), model.laying(), StripsPanel::Build::Row, this));
  column->addWidget(make_foot());
}

void PickDesk::accept_drop(QPoint global, Srgb color) {
  if (m_mixing.made() && m_mixing->isVisible()) return m_mixing->view().drop_at(global, color);
  if (m_mix_tab->rect().contains(m_mix_tab->mapFromGlobal(global)) && m_mix_tab->isVisible())
    m_mixing->add_corner({color});
}

void PickDesk::add_pages_to(ValueBand& band) {
  band.add_page(QStringLiteral("page.ramp"), tr("Ramp"),
                tr("Make a graded row of colors from the current color"),
                [this, &band] { return new RampPanel(m_model, m_model.picking(), m_model.laying(), &band); });
  m_mix_tab = band.add_page(QStringLiteral("page.mixing"), tr("Mix"),
                            tr("Mix two to four colors by hand; drop a swatch here to mix it"),
                            [this] { return &*m_mixing; });
  m_mix_tab->setProperty("takesColors", true);
  band.add_page(QStringLiteral("page.paints"), tr("Paints"),
                tr("Choose a few paints, see what they can mix, and get recipes"), [this, &band] {
                  return new PaintsPanel(m_model, m_model.picking(), m_model.set_work(), m_model.paints(),
                                         &band);
                });
  band.add_page(QStringLiteral("page.steps"), tr("Steps"), tr("Pick in steps of hue, saturation and value"),
                [this, &band] { return new StepsPanel(m_model, m_model.picking(), &band); });
}

QWidget* PickDesk::make_foot() {
  auto* foot = new QWidget(this);
  auto* row = new QHBoxLayout(foot);
  row->setContentsMargins(0, 4, 0, 0);
  row->addWidget(new MaskRuleChoice(m_model, MaskRuleChoice::Build::Word, foot));
  row->addStretch(1);
  return foot;
}

} // namespace zc
