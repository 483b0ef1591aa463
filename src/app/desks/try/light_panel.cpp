// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/light_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/piece/set_edits.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/study/try_reading.h"

#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>

namespace zc {
namespace {

/// Shows the light or the air that is in use.
class Lamp final : public QWidget {
public:
  Lamp(Studio& space, Srgb LightAndAir::*color, QWidget* parent)
      : QWidget(parent), m_space(space), m_color(color) {
    setFixedSize(40, 20);
  }

protected:
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    const Session& s = m_space.session();
    draw_chip(painter, QRectF(rect()), shown_color(s.trying.light.*m_color, s.eyes), theme().furniture);
  }

private:
  Studio& m_space;
  Srgb LightAndAir::*m_color;
};

} // namespace

LightPanel::LightPanel(Studio& space, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_space(space), m_viewing(viewing),
      m_strength(
          new NumberField(QStringLiteral("light.strength"), tr("Strength of the light, percent"), this)),
      m_stops(new NumberField(QStringLiteral("light.stops"), tr("Exposure in stops"), this)),
      m_amount(new NumberField(QStringLiteral("light.air"), tr("Amount of haze, percent"), this)),
      m_light(new Lamp(space, &LightAndAir::light, this)), m_air(new Lamp(space, &LightAndAir::air, this)) {
  setObjectName(QStringLiteral("lightPanel"));
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(20, 10, 20, 10);
  grid->setHorizontalSpacing(10);
  grid->setColumnStretch(6, 1);
  const auto row = [&](int n, const QString& word, const QString& name, QWidget* lamp, NumberField* field,
                       Srgb LightAndAir::*color, double LightAndAir::*share) {
    auto* label = caption_label(word, this);
    auto* use = word_action(name, tr("Use current color"), tr("Set this to the current color"), this);
    connect(use, &QAbstractButton::clicked, this,
            [this, color] { change([&](LightAndAir& l) { l.*color = m_space.session().color(); }); });
    field->set_range({0, 100, 5, 0, tr(" %"), false, {}});
    field->setFixedWidth(56);
    connect(field, &NumberField::wanted, this,
            [this, share](double n2) { change([&](LightAndAir& l) { l.*share = n2 / 100; }); });
    grid->addWidget(label, n, 0);
    grid->addWidget(lamp, n, 1);
    grid->addWidget(use, n, 2);
    grid->addWidget(field, n, 3);
  };
  row(0, tr("Light"), QStringLiteral("light.use"), m_light, m_strength, &LightAndAir::light,
      &LightAndAir::strength);
  row(1, tr("Haze"), QStringLiteral("air.use"), m_air, m_amount, &LightAndAir::air, &LightAndAir::amount);
  grid->addWidget(caption_label(tr("Exposure"), this), 0, 4);
  m_stops->set_range({kExposureRange.low, kExposureRange.high, 0.5, 1, tr(" stops"), false, {}});
  m_stops->setFixedWidth(76);
  m_stops->setToolTip(tr("How bright the light is. At 0 stops a white wall is as bright as the display can "
                         "show; one stop more is twice the light."));
  connect(m_stops, &NumberField::wanted, this,
          [this](double stops) { change([&](LightAndAir& l) { l.stops = stops; }); });
  grid->addWidget(m_stops, 0, 5);
  auto* take = new QPushButton(tr("Save as version"), this);
  take->setObjectName(QStringLiteral("light.take"));
  take->setToolTip(tr("Save the set under this light and haze as a version"));
  connect(take, &QPushButton::clicked, this, &LightPanel::take);
  auto* off = new QPushButton(tr("Turn off"), this);
  off->setObjectName(QStringLiteral("light.off"));
  connect(off, &QPushButton::clicked, this,
          [this] { change([](LightAndAir& l) { l.strength = l.stops = l.amount = 0; }); });
  grid->addWidget(take, 0, 7);
  grid->addWidget(off, 1, 7);
  space.hear({Part::Trying, Part::Eyes}, this, &LightPanel::follow);
  follow();
}

void LightPanel::change(const std::function<void(LightAndAir&)>& by) {
  Trying next = m_space.session().trying;
  by(next.light);
  m_viewing.try_on(next);
}

void LightPanel::follow() {
  const LightAndAir& l = m_space.session().trying.light;
  m_strength->show_value(100 * l.strength);
  m_stops->show_value(l.stops);
  m_amount->show_value(100 * l.amount);
  m_light->update();
  m_air->update();
}

void LightPanel::take() {
  const LightAndAir light = m_space.session().trying.light;
  const SwatchSet* set = current_set(m_space.piece());
  if (!set || !light.changes()) {
    emit m_space.notice(tr("Raise the light or the haze first."));
    return;
  }
  const Id id = set->id;
  const QString name = tr("under a light");
  m_space.store().apply(tr("Save light as version"), [=](Piece p) {
    return with_lit_version(std::move(p), id, name.toStdString(), light);
  });
}

} // namespace zc
