#include "app/desks/pick/pick_desk.h"

#include "app/band/value_axis.h"
#include "app/desks/pick/mix_panel.h"
#include "app/desks/pick/steps_panel.h"
#include "app/desks/pick/string_panel.h"
#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/wheel/mask_rule.h"
#include "app/wheel/wheel_choice.h"
#include "app/wheel/wheel_view.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace zc {

PickDesk::PickDesk(Workbench& bench, QWidget* parent)
    : QWidget(parent), m_bench(bench), m_wheel(new WheelView(bench, WheelView::Use::Pick, this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 0, kGap, 4);
  column->setSpacing(4);
  column->addWidget(make_head());
  column->addWidget(m_wheel, 1);
  column->addWidget(make_foot());
  for (const auto signal : {&Workbench::colorChanged, &Workbench::viewChanged})
    connect(&bench, signal, this, &PickDesk::follow);
  follow();
}

QWidget* PickDesk::make_head() {
  auto* head = new QWidget(this);
  head->setFixedHeight(ValueAxis::kHead - 4);
  auto* row = new QHBoxLayout(head);
  row->setContentsMargins(0, 2, 0, 0);
  m_title = new QLabel(head);
  m_title->setFont(heading_font());
  row->addWidget(m_title);
  row->addStretch();
  row->addWidget(new WheelChoice(m_bench, head));
  return head;
}

/// Strings, mixing and steps, in the same place.
QWidget* PickDesk::make_foot() {
  auto* pages = new Pages(this);
  pages->add(QStringLiteral("page.string"), tr("String"), tr("A graded row from the current color"),
             new StringPanel(m_bench, pages));
  pages->add(QStringLiteral("page.mixing"), tr("Mixing"), tr("Mix two to four wells by parts"),
             new MixPanel(m_bench, pages));
  pages->add(QStringLiteral("page.steps"), tr("Steps"), tr("Cut hue, saturation and value into steps"),
             new StepsPanel(m_bench, pages));
  pages->add_beside(new MaskRuleChoice(m_bench, pages));
  return pages;
}

void PickDesk::follow() {
  const double v = stepped_value(m_bench.session().at.v, m_bench.steps());
  m_title->setText(tr("Wheel at value %1").arg(std::lround(v)));
}

} // namespace zc
