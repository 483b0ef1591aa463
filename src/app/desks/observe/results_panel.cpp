// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/observe/results_panel.h"

#include "app/controls/controls.h"
#include "app/desks/observe/extracting.h"
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

ResultsPanel::ResultsPanel(Studio& model, Picking& picking, Laying& laying, Extracting& taking,
                           QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_laying(laying), m_extracting(taking),
      m_chips(new ChipRow(tr("Colors taken from the photo"), this)),
      m_words(new ElidedLabel(caption_font(), this)) {
  m_chips->setObjectName(QStringLiteral("harvest"));
  m_words->setObjectName(QStringLiteral("extractionWords"));
  m_replace = command(QStringLiteral("replaceTaken"), tr("Replace with current"),
                      tr("Replace the chosen result with the current color; its pin on the photo stays"));
  m_drop = command(QStringLiteral("dropColor"), tr("Remove"),
                   tr("Remove the chosen result (Delete on the photo)"));
  m_refill = command(QStringLiteral("refill"), tr("Fill up"),
                     tr("Take new colors for those you removed; the others stay"));
  auto* by_hue = command(QStringLiteral("acceptColors"), tr("Add by hue"),
                         tr("Add the results to the set in families by hue, in one step"));
  by_hue->make_primary();
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

  connect(m_chips, &ChipRow::taken, &m_picks, &Picking::use_result);
  connect(m_replace, &QAbstractButton::clicked, &m_picks, &Picking::replace_chosen);
  connect(m_drop, &QAbstractButton::clicked, &m_picks, &Picking::drop_chosen);
  connect(m_refill, &QAbstractButton::clicked, &m_extracting, &Extracting::refill);
  connect(by_hue, &QAbstractButton::clicked, this,
          [this] { m_laying.add_extracted(ExtractionFamilies::ByHue); });
  connect(by_band, &QAbstractButton::clicked, this,
          [this] { m_laying.add_extracted(ExtractionFamilies::ByBand); });
  connect(away, &QAbstractButton::clicked, this, [this] { m_laying.show_extracted({}); });
  connect(&m_extracting, &Extracting::changed, this, &ResultsPanel::follow);
  model.hear({Part::Extracted, Part::ColorVision, Part::Steps}, this, &ResultsPanel::follow);
  follow();
}

WordControl* ResultsPanel::command(const QString& name, const QString& word, const QString& tip) {
  auto* button = word_action(name, word, tip, this);
  return button;
}

QString ResultsPanel::told() const {
  const Extracted& extracted = m_model.session().extracted;
  if (extracted.colors.empty())
    return tr("No results yet. Take palette finds colors and pins them to the photo.");
  if (extracted.chosen) {
    const ExtractedColor& c = extracted.colors[*extracted.chosen];
    return tr("%1, %2 % of the photo").arg(color_told(c.color)).arg(number(100 * c.share, 1));
  }
  const auto accents = std::count_if(extracted.colors.begin(), extracted.colors.end(),
                                     [](const ExtractedColor& c) { return c.accent; });
  const QString taken =
      tr("%n results", nullptr, static_cast<int>(extracted.colors.size())) +
      (accents > 0 ? tr(", %n of them accents", nullptr, static_cast<int>(accents)) : QString()) +
      QLatin1Char('.');
  return m_extracting.unmet().isEmpty() ? taken : taken + QLatin1Char(' ') + m_extracting.unmet();
}

void ResultsPanel::follow() {
  const Extracted& extracted = m_model.session().extracted;
  std::vector<RampStep> steps;
  QStringList words;
  for (std::size_t i = 0; i < extracted.colors.size(); ++i) {
    const ExtractedColor& c = extracted.colors[i];
    steps.push_back({c.color, {}, extracted.chosen == i});
    words << tr("%1, %2 %%3. Click to use the color.")
                 .arg(text(hex_of(c.color)))
                 .arg(number(100 * c.share, 1))
                 .arg(c.accent ? tr(", an accent") : QString());
  }
  m_chips->show_steps(std::move(steps), words, m_model.session().vision);
  m_words->setText(told());
  for (WordControl* button : m_all)
    allow(*button, !extracted.colors.empty() && !m_extracting.running(),
          tr("There are no results. Press Take palette first."));
  for (WordControl* button : {m_replace, m_drop})
    allow(*button, extracted.chosen.has_value(), tr("Click one of the results on the photo first."));
}

} // namespace zc
