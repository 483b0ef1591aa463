// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/companion/related_page.h"

#include "app/controls/controls.h"
#include "app/tray/chip_row.h"
#include "app/tray/relation_row.h"
#include "app/tray/strips_panel.h"
#include "model/application/app_model.h"

#include <QBoxLayout>
#include <QComboBox>

namespace zc {

RelatedPage::RelatedPage(AppModel& model, QWidget* parent)
    : QWidget(parent), m_model(model), m_relation(new QComboBox(this)),
      m_all(word_switch(QStringLiteral("besideAllRelations"), tr("all on the rim"),
                        tr("Show all relations on the rim of the wheel; press one there to choose it"),
                        this)),
      m_members(new ChipRow(tr("Members of the relation"), this)) {
  m_relation->setObjectName(QStringLiteral("besideRelation"));
  m_relation->setAccessibleName(tr("Relation of the current color"));
  fill_with_relations(*m_relation);
  m_members->setObjectName(QStringLiteral("besideMembers"));
  auto* head = new QHBoxLayout;
  head->setSpacing(4);
  head->addWidget(m_relation, 1);
  head->addWidget(m_all);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  column->addLayout(head);
  column->addWidget(m_members);
  column->addWidget(new StripsPanel(model, model.picking(), model.laying(), StripsPanel::Build::Stack, this));
  connect(m_relation, &QComboBox::activated, this, [this] {
    m_model.picking().choose_relation(static_cast<Relation>(m_relation->currentData().toInt()));
  });
  connect(m_all, &QAbstractButton::clicked, &model.picking(), &Picking::show_all_relations);
  connect(m_members, &ChipRow::taken, &model.picking(), &Picking::use_member);
  connect(m_members, &ChipRow::laid, &model.laying(), &Laying::lay_member);
  model.hear({Part::Color, Part::Geometry, Part::Relations, Part::Steps, Part::ColorVision, Part::Vivid},
             this, &RelatedPage::follow);
  follow();
}

void RelatedPage::follow() {
  show_members(*m_members, m_model, m_model.picking());
  const RelationView& relations = m_model.session().relations;
  m_relation->setCurrentIndex(m_relation->findData(static_cast<int>(relations.relation)));
  m_all->setChecked(relations.all);
}

} // namespace zc
