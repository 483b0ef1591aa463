// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/place_group.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "app/tray/track_view.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QGridLayout>

namespace zc {
namespace {

constexpr int kFieldWide = 62;

} // namespace

PlaceGroup::PlaceGroup(Studio& model, Picking& picking, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(kGap);
  grid->setVerticalSpacing(9);
  struct Number {
    QString name, word, told;
    NumberRange range;
  };
  const Number numbers[] = {{QStringLiteral("place.hue"),
                             tr("Hue"),
                             tr("Hue on the wheel"),
                             {0, 360, 1, 1, QStringLiteral("°"), true, {}}},
                            {QStringLiteral("place.saturation"),
                             tr("Saturation"),
                             tr("Saturation on the wheel"),
                             {0, 100, 1, 1, QStringLiteral(" %"), false, {}}},
                            {QStringLiteral("place.value"),
                             tr("Value"),
                             tr("Value: true lightness, L*"),
                             {0, 100, 1, 1, {}, false, {}}}};
  for (int i = 0; i < 3; ++i) {
    const Number& n = numbers[i];
    auto* field = new NumberField(n.name, n.told, this);
    field->set_range(n.range);
    field->setToolTip(tr("%1: type, scroll or drag, with Shift in tens, with Alt in tenths").arg(n.told));
    field->setFixedWidth(kFieldWide);
    grid->addWidget(caption_label(n.word, this), i, 0);
    grid->addWidget(field, i, 1);
    connect(field, &NumberField::wanted, this,
            [this, i](double x) { m_picks.set_place(static_cast<PlaceNumber>(i), x); });
    m_fields[static_cast<std::size_t>(i)] = field;
    m_tracks[static_cast<std::size_t>(i)] = new TrackView(*field, model);
  }
  setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Preferred);
  model.hear({Part::Color, Part::Geometry, Part::Steps, Part::Vivid, Part::ColorVision}, this,
             &PlaceGroup::follow);
  follow();
}

void PlaceGroup::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void PlaceGroup::follow() {
  const WheelPoint at = m_model.session().at.at;
  m_fields[0]->show_value(at.a);
  m_fields[1]->show_value(100 * at.r);
  m_fields[2]->show_value(at.v);
  if (!isVisible()) return;
  const PickRules rules = m_model.pick_rules();
  for (std::size_t i = 0; i < m_fields.size(); ++i)
    m_tracks[i]->show_track(
        place_track(m_model.session(), rules, static_cast<PlaceNumber>(i), m_tracks[i]->stretches()));
}

} // namespace zc
