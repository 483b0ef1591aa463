// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/color_group.h"

#include "app/controls/controls.h"
#include "app/copying/copy_on_pick.h"
#include "app/theme/theme.h"
#include "core/color/text.h"
#include "core/grading/grading.h"
#include "core/piece/press_check.h"
#include "model/application/app_model.h"
#include "model/i18n/code_words.h"
#include "model/i18n/text.h"
#include "model/proof/typed_color.h"
#include "model/share/share_model.h"

#include <QHBoxLayout>
#include <QLineEdit>

namespace zc {
namespace {

constexpr int kValueSteps = 9;
constexpr int kHexWide = 88;

} // namespace

ColorGroup::ColorGroup(AppModel& model, CopyOnPick& copy_on_pick, QWidget* parent)
    : QWidget(parent), m_model(model), m_copy_on_pick(copy_on_pick),
      m_column(new QBoxLayout(QBoxLayout::TopToBottom, this)), m_name(new ElidedLabel(heading_font(), this)),
      m_hex(new QLineEdit(this)), m_state(new ElidedLabel(caption_font(), this)),
      m_use_printable(word_action(QStringLiteral("usePrintable"), tr("Use printable"), {}, this)),
      m_every_pick(word_switch(QStringLiteral("copyOnPick"), tr("copy every pick"), {}, this)) {
  m_column->setContentsMargins(0, 0, 0, 0);
  m_name->setObjectName(QStringLiteral("colorName"));
  m_state->setObjectName(QStringLiteral("maskState"));
  m_hex->setObjectName(QStringLiteral("hex"));
  m_hex->setAccessibleName(tr("Current color as hex"));
  m_hex->setToolTip(tr("Type a color as #rrggbb or #rgb and press Enter"));
  m_hex->setFixedWidth(kHexWide);
  auto* copy =
      word_action(QStringLiteral("copyHex"), tr("Copy"), tr("Copy the color as hex (Ctrl+Shift+C)"), this);
  auto* row = new QHBoxLayout;
  row->setSpacing(kGap);
  row->addWidget(m_hex);
  row->addWidget(copy);
  row->addStretch();
  m_column->addWidget(m_name);
  m_column->addLayout(row);
  m_column->addWidget(m_state);
  m_column->addWidget(m_use_printable, 0, Qt::AlignLeft);
  m_column->addWidget(m_every_pick);
  m_column->addStretch();
  connect(m_hex, &QLineEdit::returnPressed, this, &ColorGroup::commit_typed_hex);
  connect(m_hex, &QLineEdit::editingFinished, this, &ColorGroup::follow);
  connect(copy, &QAbstractButton::clicked, this, &ColorGroup::copyHexAsked);
  connect(m_use_printable, &QAbstractButton::clicked, this, &ColorGroup::use_printable);
  connect(m_every_pick, &QAbstractButton::clicked, &m_copy_on_pick, &CopyOnPick::turn);
  fold(false);
}

void ColorGroup::fold(bool folded) {
  m_folded = folded;
  m_column->setDirection(folded ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
  m_column->setSpacing(folded ? kGap : 3);
  m_column->setStretchFactor(m_name, folded ? 1 : 0);
  m_state->setVisible(!folded);
  follow_press();
}

/// Whether it prints comes first, so that it is read whole; nothing without a press.
QString ColorGroup::print_words() const {
  if (!m_prints) return {};
  return *m_prints ? tr("prints, ") : tr("does not print, ");
}

void ColorGroup::follow_press() {
  const Session& s = m_model.session();
  const auto press = m_model.press().chosen();
  m_prints.reset();
  if (press) {
    const Code* code = current_code(s);
    const PressWish wish{s.color(), code ? std::optional(*code) : std::nullopt};
    m_prints = prints(*press, wish, s.sharing.print_limit);
  }
  const bool prints = m_folded || m_prints.value_or(true);
  m_use_printable->setVisible(!prints);
  m_use_printable->setToolTip(press ? tr("Use the nearest color that %1 prints").arg(text(press->name()))
                                    : QString());
  // There is no room for both, and the menu says it too.
  m_every_pick->setVisible(!m_folded && prints && m_copy_on_pick.on());
}

void ColorGroup::use_printable() {
  const Session& s = m_model.session();
  const auto press = m_model.press().chosen();
  if (!press) return;
  const NearestPrintable nearest = press->nearest(s.color(), s.sharing.print_limit);
  m_model.picking().use_color(nearest.color);
  if (!nearest.equal_value)
    emit m_model.notice(tr("No color of this value prints: the nearest has another one."));
}

void ColorGroup::commit_typed_hex() {
  if (!m_hex->isModified()) return;
  m_hex->setModified(false);
  use_typed(m_hex->text(), m_model, m_model.picking(), m_model.press().chosen().get());
}

void ColorGroup::follow() {
  const Session& s = m_model.session();
  m_name->setText(color_name(s.color()));
  if (!m_hex->hasFocus() || !m_hex->isModified()) m_hex->setText(QString::fromStdString(hex_of(s.color())));
  const int steps = s.at_hand.steps.values;
  const int step = steps ? static_cast<int>(std::lround(s.at.at.v / 100 * (steps - 1))) + 1
                         : value_step(s.at.at.v, kValueSteps);
  const auto inside = m_model.in_mask();
  follow_press();
  // As it was written comes before where it stands.
  const Code* code = current_code(s);
  m_state->setToolTip(code ? tr("Written as %1.").arg(code_told(*code)) : QString());
  m_state->setText(
      print_words() + (code ? code_words(*code) + QStringLiteral(", ") : QString()) +
      tr("step %1 of %2, %3").arg(step).arg(steps ? steps : kValueSteps).arg(mask_state_words(m_model)));
  m_state->setFont(inside && !*inside ? heading_font() : caption_font());
  m_every_pick->setChecked(m_copy_on_pick.on());
  m_every_pick->setToolTip(m_copy_on_pick.last().isEmpty()
                               ? tr("Copy every picked color to the clipboard, as %1 (Ctrl+H)")
                                     .arg(words_for(m_copy_on_pick.form()))
                               : m_copy_on_pick.last());
}

} // namespace zc
