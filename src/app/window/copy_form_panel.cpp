// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/copy_form_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "core/patterns/lines_pattern.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {

CopyFormPanel::CopyFormPanel(CopyOnPick& copy_on_pick, Studio& model, QWidget* parent)
    : Panel(QStringLiteral("handPanel"), 460, parent), m_copy_on_pick(copy_on_pick),
      m_forms(new QButtonGroup(this)), m_pattern(new QLineEdit(this)),
      m_picture(new WordControl(ControlKind::Switch, tr("with a small picture"), this)),
      m_preview(new QLabel(this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 14, kMargin, 14);
  column->setSpacing(8);
  auto* heading = new QLabel(tr("Copy every pick as"), this);
  heading->setFont(heading_font());
  column->addWidget(heading);
  auto* forms = new QHBoxLayout;
  forms->setSpacing(0);
  for (const auto& w : kCopyFormWords) {
    auto* button = new WordControl(ControlKind::Choice, words_for({w.value, {}, false}), this);
    button->setObjectName(QStringLiteral("handForm.%1").arg(static_cast<int>(w.value)));
    m_forms->addButton(button, static_cast<int>(w.value));
    forms->addWidget(button);
  }
  forms->addStretch();
  column->addLayout(forms);
  m_pattern->setObjectName(QStringLiteral("handPattern"));
  m_pattern->setMaxLength(static_cast<int>(kLongestPattern) + 1);
  m_pattern->setAccessibleName(tr("Your own line"));
  column->addWidget(m_pattern);
  auto* fields =
      new QLabel(tr("Your own line, with fields in braces: {hex} {r} {g} {b} {L} {a*} {b*} {value} "
                    "{chroma} {hue} {name} {family} {set} {title}; {r:3} takes at least three places, "
                    "{{ is a brace."),
                 this);
  fields->setFont(caption_font());
  fields->setWordWrap(true);
  column->addWidget(fields);
  m_preview->setObjectName(QStringLiteral("handPreview"));
  m_preview->setTextFormat(Qt::PlainText);
  m_preview->setWordWrap(true);
  column->addWidget(m_preview);
  m_picture->setObjectName(QStringLiteral("handPicture"));
  m_picture->setToolTip(tr("The clipboard also carries a small picture of the color"));
  auto* take = new QPushButton(tr("Apply"), this);
  take->setObjectName(QStringLiteral("handTake"));
  auto* leave = new QPushButton(tr("Cancel"), this);
  leave->setObjectName(QStringLiteral("handLeave"));
  auto* foot = new QHBoxLayout;
  foot->setSpacing(8);
  foot->addWidget(m_picture);
  foot->addStretch();
  foot->addWidget(take);
  foot->addWidget(leave);
  column->addLayout(foot);
  connect(take, &QPushButton::clicked, this, &CopyFormPanel::take);
  connect(leave, &QPushButton::clicked, this, &CopyFormPanel::closed);
  connect(m_pattern, &QLineEdit::returnPressed, this, &CopyFormPanel::take);
  connect(m_pattern, &QLineEdit::textEdited, this, [this] {
    m_forms->button(static_cast<int>(CopyForm::Own))->setChecked(true);
    preview();
  });
  connect(m_forms, &QButtonGroup::idClicked, this, &CopyFormPanel::preview);
  model.hear({Part::Color}, this, &CopyFormPanel::preview);
}

void CopyFormPanel::open_at(QPoint corner) {
  const CopyOnPickForm& form = m_copy_on_pick.form();
  m_forms->button(static_cast<int>(form.form))->setChecked(true);
  m_pattern->setText(form.pattern);
  m_picture->setChecked(form.picture);
  preview();
  stand_at(corner);
  m_pattern->setFocus();
}

CopyOnPickForm CopyFormPanel::asked() const {
  return {static_cast<CopyForm>(m_forms->checkedId()), m_pattern->text(), m_picture->isChecked()};
}

void CopyFormPanel::preview() {
  if (m_forms->checkedId() < 0) return;
  const auto line = m_copy_on_pick.preview(asked());
  m_preview->setText(line ? text(*line) : words(line.error()));
}

/// A pattern that is wrong says so, and the panel stays open.
void CopyFormPanel::take() {
  const auto taken = m_copy_on_pick.take(asked());
  if (!taken) return say_at(*m_pattern, words(taken.error()));
  emit closed();
}

} // namespace zc
