// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/pairs_panel.h"

#include "app/controls/controls.h"
#include "app/desks/try/color_chip.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/study/try_model.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QScrollArea>
#include <QScrollBar>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kListHeight = 118;

} // namespace

PairsPanel::PairsPanel(Studio& model, Viewing& viewing, TryModel& tries, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing), m_tries(tries), m_scroll(new QScrollArea(this)) {
  setObjectName(QStringLiteral("pairsPanel"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(20, 10, 8, 10);
  auto* heading = new QLabel(tr("Where each swatch moves to"), this);
  heading->setFont(heading_font());
  column->addWidget(heading);
  m_scroll->setFrameShape(QFrame::NoFrame);
  m_scroll->setWidgetResizable(true);
  m_scroll->setFixedHeight(kListHeight);
  column->addWidget(m_scroll);
  model.hear({Part::Sets, Part::Trying, Part::ColorVision}, this, &PairsPanel::follow);
}

void PairsPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void PairsPanel::follow() {
  if (!isVisible()) return;
  const int at = m_scroll->verticalScrollBar()->value();
  auto* list = new QWidget;
  auto* grid = new QGridLayout(list);
  grid->setContentsMargins(0, 0, 12, 0);
  grid->setHorizontalSpacing(10);
  grid->setVerticalSpacing(4);
  grid->setColumnStretch(1, 1);
  grid->setColumnStretch(3, 1);
  const Trying& trying = m_model.session().trying;
  const List<Family>*from = m_tries.families_of(trying.from),
        *to = trying.right.photo ? nullptr : m_tries.families_of(trying.right);
  int n = 0;
  for (const Pair& p : from&& to ? paired(*from, *to, trying.pairs) : std::vector<Pair>()) {
    const Swatch *old = find_swatch(*from, p.from), *now = find_swatch(*to, p.to);
    auto* name = caption_label(text(old->name), list);
    auto* choice = new QComboBox(list);
    choice->setObjectName(QStringLiteral("pair.%1").arg(n));
    choice->setAccessibleName(tr("The swatch that %1 moves to").arg(text(old->name)));
    choice->setToolTip(tr("Choose the swatch that this one moves to"));
    choice->setFont(caption_font());
    for (const auto& family : *to)
      for (const auto& swatch : family.swatches) {
        choice->addItem(text(family.name) + QStringLiteral(", ") + text(swatch.name),
                        QVariant::fromValue(swatch.id));
        if (swatch.id == p.to) choice->setCurrentIndex(choice->count() - 1);
      }
    connect(choice, &QComboBox::activated, this, [this, choice, id = p.from](int i) {
      // Not amid the list's own work: it is made anew.
      QMetaObject::invokeMethod(
          this, m_model.bound([this, id, chosen = choice->itemData(i).toULongLong()] { pair(id, chosen); }),
          Qt::QueuedConnection);
    });
    grid->addWidget(new ColorChip(m_model, old->color, list), n, 0);
    grid->addWidget(name, n, 1);
    grid->addWidget(new ColorChip(m_model, now->color, list), n, 2);
    grid->addWidget(choice, n, 3);
    ++n;
  }
  if (n == 0) {
    grid->addWidget(caption_label(tr("Choose a set or a version to move to."), list), 0, 0, 1, 4);
  }
  grid->setRowStretch(n + 1, 1);
  scroll_over_ground(m_scroll, list);
  m_scroll->verticalScrollBar()->setValue(at);
}

void PairsPanel::pair(Id from, Id to) {
  Trying next = m_model.session().trying;
  std::erase_if(next.pairs, [from](const Pair& p) { return p.from == from; });
  next.pairs.push_back({from, to});
  m_viewing.try_on(next);
}

} // namespace zc
