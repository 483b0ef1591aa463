// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/set_group.h"

#include "app/controls/controls.h"
#include "app/theme/theme.h"
#include "app/tray/relation_row.h"
#include "core/piece/piece.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/picking.h"

#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kMost = 300;
constexpr int kFamilyWide = 108; ///< Of the name of the family on the button.

} // namespace

SetGroup::SetGroup(Studio& model, Picking& picking, Laying& laying, QWidget* parent)
    : QWidget(parent), m_model(model), m_laying(laying),
      m_family(word_opener(QStringLiteral("layFamily"), {}, tr("Choose the family that colors are added to"),
                           this)),
      m_families(new QMenu(m_family)), m_relation(new RelationRow(model, picking, laying, this)) {
  setMaximumWidth(kMost);
  auto* add = new QPushButton(tr("Add to set"), this);
  add->setObjectName(QStringLiteral("lay"));
  add->setDefault(true);
  add->setToolTip(tr("Add the current color to the chosen family (Ctrl+L)"));
  m_row = new QHBoxLayout;
  m_row->setSpacing(2);
  m_row->addWidget(add, 1);
  m_row->addWidget(m_family);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  column->addLayout(m_row);
  column->addWidget(m_relation);
  column->addStretch();
  connect(add, &QAbstractButton::clicked, this, [this] { m_laying.lay_current(); });
  connect(m_families, &QMenu::aboutToShow, this, &SetGroup::fill_menu);
  opens(*m_family, *m_families);
  model.hear({Part::Sets, Part::Selection}, this, &SetGroup::follow);
  follow();
}

void SetGroup::fold(bool folded) { m_relation->setVisible(!folded && m_relation->is_open()); }

void SetGroup::stack(bool stacked) {
  m_row->setDirection(stacked ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
}

/// Made each time it opens; what is chosen later belongs to the piece it was opened over.
void SetGroup::fill_menu() {
  m_families->clear();
  const SwatchSet* set = current_set(m_model.piece());
  if (!set || set->families.empty()) {
    m_families->addAction(tr("Adding a color makes the first family"))->setEnabled(false);
    return;
  }
  for (const Family& family : set->families) {
    auto* choice = m_families->addAction(text(family.name).replace(QLatin1Char('&'), QLatin1String("&&")));
    choice->setCheckable(true);
    choice->setChecked(family.id == m_model.session().family);
    connect(choice, &QAction::triggered, this,
            m_model.bound([this, id = family.id](bool) { m_laying.select_family(id); }));
  }
}

void SetGroup::follow() {
  const Family* family = find_family(m_model.piece(), m_model.session().family);
  const QString words = family ? tr("to %1").arg(text(family->name)) : tr("to a new family");
  m_family->setText(QFontMetrics(text_font()).elidedText(words, Qt::ElideRight, kFamilyWide));
  m_family->setAccessibleName(words);
  m_family->updateGeometry();
}

} // namespace zc
