// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/steps_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QGridLayout>
#include <QLabel>

namespace zc {

StepsPanel::StepsPanel(Studio& model, Picking& picking, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(kGap);
  grid->setVerticalSpacing(6);
  struct Dimension {
    QString caption, label, name, tip;
    NumberRange range;
    std::vector<int> usual;
  };
  const Dimension dimensions[] = {
      {tr("Hues"),
       tr("hues"),
       QStringLiteral("steps.hue"),
       tr("Pick in this many steps of hue: off, or 3 to 360"),
       {kHueStepsRange.low, kHueStepsRange.high, 1, 0, {}, false, tr("off")},
       {0, 12, 24, 36}},
      {tr("Saturations"),
       tr("saturations"),
       QStringLiteral("steps.saturation"),
       tr("Pick in this many steps of saturation from neutral to the rim: off, or 1 to 50"),
       {kSaturationStepsRange.low, kSaturationStepsRange.high, 1, 0, {}, false, tr("off")},
       {0, 3, 5, 10}},
      {tr("Values"),
       tr("values"),
       QStringLiteral("steps.value"),
       tr("Pick in this many steps of value from black to white: off, or 2 to 101"),
       {kValueCutsRange.low, kValueCutsRange.high, 1, 0, {}, false, tr("off")},
       {0, 5, 9, 11}}};
  for (int i = 0; i < 3; ++i) {
    auto* label = caption_label(dimensions[i].caption, this);
    m_counts[i] = new NumberField(dimensions[i].name, tr("Number of %1").arg(dimensions[i].label), this);
    m_counts[i]->set_range(dimensions[i].range);
    m_counts[i]->setToolTip(dimensions[i].tip);
    m_counts[i]->setFixedWidth(52);
    grid->addWidget(label, i, 0);
    grid->addWidget(m_counts[i], i, 1);
    const auto cut = [this, i](int count) {
      Steps s = m_model.steps();
      (i == 0 ? s.hues : i == 1 ? s.saturations : s.values) = count;
      m_picks.cut_into_steps(s);
    };
    connect(m_counts[i], &NumberField::wanted, this,
            [cut](double x) { cut(static_cast<int>(std::lround(x))); });
    auto* usual = new QWidget(this);
    auto* joined = joined_row();
    joined->setContentsMargins(0, 0, 0, 0);
    usual->setLayout(joined);
    grid->addWidget(usual, i, 2, Qt::AlignLeft);
    for (const int count : dimensions[i].usual) {
      auto* button = word_choice(QStringLiteral("%1.%2").arg(dimensions[i].name).arg(count),
                                 count ? number(count, 0) : tr("off"), dimensions[i].tip, usual);
      button->setAccessibleName(tr("%1 %2").arg(button->text(), dimensions[i].label));
      connect(button, &QAbstractButton::clicked, this, [this, cut, count] {
        cut(count);
        follow(); // Also where nothing changed: a choice stays chosen.
      });
      joined->addWidget(button);
      m_usual.push_back({button, i, count});
    }
  }
  grid->setColumnStretch(3, 1);
  grid->setRowStretch(3, 1);
  model.hear({Part::Steps}, this, &StepsPanel::follow);
  follow();
}

/// One below the lowest count reads "off".
void StepsPanel::follow() {
  const Steps& s = m_model.steps();
  m_counts[0]->show_value(s.hues ? s.hues : 2);
  m_counts[1]->show_value(s.saturations);
  m_counts[2]->show_value(s.values ? s.values : 1);
  const int now[] = {s.hues, s.saturations, s.values};
  for (const Usual& usual : m_usual) usual.button->setChecked(now[usual.dimension] == usual.count);
}

} // namespace zc
