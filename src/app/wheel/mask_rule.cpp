// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/wheel/mask_rule.h"

#include "app/controls/controls.h"
#include "app/theme/theme.h"
#include "model/session/studio.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>

namespace zc {

MaskRuleChoice::MaskRuleChoice(Studio& model, Build build, QWidget* parent)
    : QWidget(parent), m_model(model) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(0);
  auto* label = new QLabel(tr("Mask"), this);
  label->setFont(heading_font());
  row->addWidget(label);
  row->addSpacing(kGap);
  m_rules = {add(QStringLiteral("rule.held"), tr("hold"),
                 tr("Picks stay inside the mask; their value does not change")),
             add(QStringLiteral("rule.flagged"), tr("warn"),
                 tr("Picks may lie outside the mask; those that do are marked")),
             add(QStringLiteral("rule.free"), tr("show"), tr("The mask is shown, and picks are free"))};
  m_off = add(QStringLiteral("maskOff"), tr("off"),
              tr("The mask is neither shown nor used, but stays in the piece"));
  for (std::size_t i = 0; i < m_rules.size(); ++i)
    connect(m_rules[i], &QAbstractButton::clicked, this, [this, rule = static_cast<MaskRule>(i)] {
      m_model.store().apply(tr("Change mask rule"), [rule](Piece p) -> Result<Piece> {
        return with_mask_on(with_rule(std::move(p), rule), true);
      });
      follow();
    });
  connect(m_off, &QAbstractButton::clicked, this, [this] {
    m_model.store().apply(tr("Switch mask off"),
                          [](Piece p) -> Result<Piece> { return with_mask_on(std::move(p), false); });
    follow();
  });
  if (build == Build::Word) make_word();
  model.hear({Part::Geometry}, this, &MaskRuleChoice::follow);
  follow();
}

WordControl* MaskRuleChoice::add(const QString& name, const QString& word, const QString& tip) {
  auto* button = new WordControl(ControlKind::Choice, word, this);
  button->setObjectName(name);
  button->setAccessibleName(tr("Mask %1").arg(word));
  button->setToolTip(tip);
  layout()->addWidget(button);
  return button;
}

void MaskRuleChoice::make_word() {
  m_word = word_opener(QStringLiteral("ruleMenu"), {},
                       tr("Choose whether the mask holds picks, warns, is only shown, or is off"), this);
  layout()->addWidget(m_word);
  auto* menu = new QMenu(m_word);
  for (WordControl* rule : {m_rules[0], m_rules[1], m_rules[2], m_off}) {
    rule->hide();
    auto* entry = menu->addAction(rule->text(), rule, &QAbstractButton::click);
    entry->setCheckable(true);
    connect(menu, &QMenu::aboutToShow, entry, [entry, rule] {
      entry->setChecked(rule->isChecked());
      entry->setToolTip(rule->toolTip());
    });
  }
  menu->setToolTipsVisible(true);
  opens(*m_word, *menu, MenuSide::Above);
}

void MaskRuleChoice::follow() {
  const Piece& piece = m_model.piece();
  for (WordControl* rule : {m_rules[0], m_rules[1], m_rules[2], m_off})
    allow(*rule, piece.mask.has_value(),
          tr("There is no mask yet. Choose a pattern at Limit, or draw an area."));
  for (std::size_t i = 0; i < m_rules.size(); ++i)
    m_rules[i]->setChecked(piece.mask && piece.mask_on && piece.rule == static_cast<MaskRule>(i));
  m_off->setChecked(piece.mask && !piece.mask_on);
  if (!m_word) return;
  QString said = tr("none");
  for (const WordControl* rule : {m_rules[0], m_rules[1], m_rules[2], m_off})
    if (rule->isChecked()) said = rule->text();
  m_word->setText(said);
  m_word->setAccessibleName(tr("Mask %1").arg(said));
  allow(*m_word, piece.mask.has_value(),
        tr("There is no mask yet. Choose a pattern at Limit, or draw an area."));
  m_word->updateGeometry();
}

} // namespace zc
