// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/between_row.h"

#include "app/controls/choices.h"
#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "model/session/studio.h"
#include "model/work/set_work.h"

#include <QComboBox>
#include <QHBoxLayout>

namespace zc {
namespace {

constexpr int kMostBetween = 22, kUsual = 3;

} // namespace

BetweenRow::BetweenRow(Studio& model, SetWork& work, QWidget* parent)
    : QWidget(parent), m_model(model), m_work(work),
      m_count(new NumberField(QStringLiteral("betweenCount"), tr("How many colors between"), this)),
      m_way(new QComboBox(this)) {
  m_count->set_range({1, kMostBetween, 1, 0, {}, false, {}});
  m_count->show_value(kUsual);
  m_count->setFixedWidth(34);
  m_count->setToolTip(tr("How many colors to add between the two, 1 to 22"));
  connect(m_count, &NumberField::wanted, m_count, &NumberField::show_value);
  m_way->setObjectName(QStringLiteral("betweenWay"));
  m_way->setAccessibleName(tr("Path between the two"));
  m_way->setToolTip(tr("How the colors lead from one to the other"));
  m_way->setFont(caption_font());
  fill_with_ways(*m_way);
  auto* fill =
      word_action(QStringLiteral("fillBetween"), tr("Add colors between"),
                  tr("Add these colors between the two selected swatches (Ctrl+J adds three)"), this);
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(6);
  row->addWidget(fill);
  row->addWidget(m_count);
  row->addWidget(m_way, 1);
  connect(fill, &QAbstractButton::clicked, this, [this] {
    m_work.fill_between(static_cast<int>(std::lround(m_count->value())),
                        static_cast<Way>(m_way->currentData().toInt()));
  });
  model.hear({Part::Selection}, this, &BetweenRow::follow);
  follow();
}

void BetweenRow::follow() { setVisible(m_work.selection().size() == 2); }

} // namespace zc
