// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/strips_panel.h"

#include "app/controls/controls.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QGridLayout>
#include <QMenu>

namespace zc {
namespace {

/// The color itself and what lies between it and white, black or grey, which is left out.
constexpr int kShown = 6;

} // namespace

StripsPanel::StripsPanel(Studio& model, Picking& picking, Laying& laying, Build build, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_laying(laying) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(6);
  grid->setVerticalSpacing(build == Build::Row ? 0 : 3);
  const std::tuple<QString, QString, RampKind> kinds[] = {
      {QStringLiteral("tints"), tr("tints"), RampKind::Tints},
      {QStringLiteral("tones"), tr("tones"), RampKind::Tones},
      {QStringLiteral("shades"), tr("shades"), RampKind::Shades}};
  for (const auto& [name, word, kind] : kinds) {
    auto* chips = new ChipRow(tr("%1 of the current color").arg(word), this);
    chips->setObjectName((build == Build::Row ? QStringLiteral("strip.") : QStringLiteral("besideStrip.")) +
                         name);
    const int at = static_cast<int>(m_strips.size()), row = build == Build::Row ? 0 : at,
              column = build == Build::Row ? 2 * at : 0;
    grid->addWidget(caption_label(word, this), row, column);
    grid->addWidget(chips, row, column + 1);
    grid->setColumnStretch(column + 1, 1);
    m_strips.push_back({kind, word, chips});
    connect(chips, &ChipRow::taken, this, [this, chips](std::size_t chip) {
      const RampStep step = chips->steps()[chip];
      m_picks.use_color(step.color, step.at);
    });
    connect(chips, &ChipRow::laid, this, [this, chips](std::size_t chip) {
      const RampStep step = chips->steps()[chip];
      m_laying.lay_color({step.color, step.at});
    });
  }
  if (build == Build::Row) {
    auto* menu = make_menu(grid);
    for (std::size_t i = 0; i < m_strips.size(); ++i) {
      auto* all = menu->addAction(tr("Add %1").arg(m_strips[i].word), this, [this, i] { lay(m_strips[i]); });
      all->setObjectName(QStringLiteral("lay.") + std::get<0>(kinds[i]));
    }
  }
  model.hear({Part::Color, Part::Geometry, Part::Steps, Part::ColorVision, Part::Vivid}, this,
             &StripsPanel::follow);
}

QMenu* StripsPanel::make_menu(QGridLayout* grid) {
  auto* add = word_opener(QStringLiteral("layStrip"), tr("Add"),
                          tr("Add the tints, tones or shades of the current color as a family"), this);
  auto* menu = new QMenu(add);
  opens(*add, *menu);
  grid->addWidget(add, 0, grid->columnCount());
  return menu;
}

void StripsPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void StripsPanel::follow() {
  if (!isVisible()) return;
  const Session& s = m_model.session();
  for (const Strip& strip : m_strips) {
    RampSpec spec;
    spec.kind = strip.kind;
    spec.from = s.color();
    spec.steps = kShown + 1;
    spec.neutral_angle = s.at.at.a;
    const auto made = make_ramp(spec, m_model.wheel());
    std::vector<RampStep> steps;
    QStringList words;
    if (made)
      for (std::size_t i = 0; i + 1 < made->size(); ++i) {
        steps.push_back((*made)[i]);
        words << color_told((*made)[i].color) +
                     tr("\nClick to use the color, Ctrl+click to add it to the set.");
      }
    strip.chips->show_steps(std::move(steps), words, s.vision);
  }
}

void StripsPanel::lay(const Strip& strip) {
  std::vector<LaidColor> colors;
  for (const auto& step : strip.chips->steps()) colors.push_back({step.color, step.at});
  if (colors.empty()) return emit m_model.notice(tr("This color has no %1.").arg(strip.word));
  m_laying.lay_family(tr("%1 %2").arg(hue_word(m_model.session().color()), strip.word), colors);
}

} // namespace zc
