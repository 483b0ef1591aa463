// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/observe/taken_panel.h"

#include "app/controls/controls.h"
#include "app/desks/observe/taking.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "core/color/text.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace zc {

TakenPanel::TakenPanel(Studio& space, Picking& picking, Laying& laying, Taking& taking, QWidget* parent)
    : QWidget(parent), m_space(space), m_picks(picking), m_laying(laying), m_taking(taking),
      m_chips(new ChipRow(tr("Colors taken from the photo"), this)),
      m_words(new ElidedLabel(caption_font(), this)) {
  m_chips->setObjectName(QStringLiteral("harvest"));
  m_words->setObjectName(QStringLiteral("harvestWords"));
  m_replace = command(QStringLiteral("replaceTaken"), tr("Replace with current"),
                      tr("Replace the chosen result with the current color; its pin on the photo stays"));
  m_drop = command(QStringLiteral("dropColor"), tr("Remove"),
                   tr("Remove the chosen result (Delete on the photo)"));
  m_refill = command(QStringLiteral("refill"), tr("Fill up"),
                     tr("Take new colors for those you removed; the others stay"));
  auto* by_hue = command(QStringLiteral("acceptColors"), tr("Add by hue"),
                         tr("Add the results to the set in families by hue, in one step"));
  auto* by_band =
      command(QStringLiteral("acceptByBand"), tr("Add by value band"),
              tr("Add the results to the set in the families light, middle and dark, in one step"));
  auto* away = command(QStringLiteral("putAway"), tr("Discard"), tr("Discard all results"));
  m_all = {m_refill, by_hue, by_band, away};

  auto* line = new QHBoxLayout;
  line->setSpacing(2);
  line->addWidget(m_words, 1);
  for (WordControl* button : {m_replace, m_drop, m_refill}) line->addWidget(button);
  line->addSpacing(kMargin);
  for (WordControl* button : {by_hue, by_band, away}) line->addWidget(button);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 8, kMargin, 8);
  column->setSpacing(4);
  column->addWidget(m_chips);
  column->addLayout(line);

  connect(m_chips, &ChipRow::taken, &m_picks, &Picking::take_up_result);
  connect(m_replace, &QAbstractButton::clicked, &m_picks, &Picking::replace_chosen);
  connect(m_drop, &QAbstractButton::clicked, &m_picks, &Picking::drop_chosen);
  connect(m_refill, &QAbstractButton::clicked, &m_taking, &Taking::refill);
  connect(by_hue, &QAbstractButton::clicked, this,
          [this] { m_laying.accept_harvest(HarvestFamilies::ByHue); });
  connect(by_band, &QAbstractButton::clicked, this,
          [this] { m_laying.accept_harvest(HarvestFamilies::ByBand); });
  connect(away, &QAbstractButton::clicked, this, [this] { m_laying.show_harvest({}); });
  connect(&m_taking, &Taking::changed, this, &TakenPanel::follow);
  space.hear({Part::Harvest, Part::Eyes, Part::Steps}, this, &TakenPanel::follow);
  follow();
}

WordControl* TakenPanel::command(const QString& name, const QString& word, const QString& tip) {
  auto* button = word_action(name, word, tip, this);
  return button;
}

QString TakenPanel::told() const {
  const Harvest& harvest = m_space.session().harvest;
  if (harvest.colors.empty())
    return tr("No results yet. Take palette finds colors and pins them to the photo.");
  if (harvest.chosen) {
    const ExtractedColor& c = harvest.colors[*harvest.chosen];
    return tr("%1, %2 % of the photo").arg(color_told(c.color)).arg(number(100 * c.share, 1));
  }
  const auto accents = std::count_if(harvest.colors.begin(), harvest.colors.end(),
                                     [](const ExtractedColor& c) { return c.accent; });
  const QString taken =
      tr("%n results", nullptr, static_cast<int>(harvest.colors.size())) +
      (accents > 0 ? tr(", %n of them accents", nullptr, static_cast<int>(accents)) : QString()) +
      QLatin1Char('.');
  return m_taking.unmet().isEmpty() ? taken : taken + QLatin1Char(' ') + m_taking.unmet();
}

void TakenPanel::follow() {
  const Harvest& harvest = m_space.session().harvest;
  std::vector<StringStep> steps;
  QStringList words;
  for (std::size_t i = 0; i < harvest.colors.size(); ++i) {
    const ExtractedColor& c = harvest.colors[i];
    steps.push_back({c.color, {}, harvest.chosen == i});
    words << tr("%1, %2 %%3. Click to use the color.")
                 .arg(text(hex_of(c.color)))
                 .arg(number(100 * c.share, 1))
                 .arg(c.accent ? tr(", an accent") : QString());
  }
  m_chips->show_steps(std::move(steps), words, m_space.session().eyes);
  m_words->setText(told());
  for (WordControl* button : m_all)
    allow(*button, !harvest.colors.empty() && !m_taking.running(),
          tr("There are no results. Press Take palette first."));
  for (WordControl* button : {m_replace, m_drop})
    allow(*button, harvest.chosen.has_value(), tr("Click one of the results on the photo first."));
}

} // namespace zc
