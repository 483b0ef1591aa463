// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/light_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/piece/set_edits.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/study/try_model.h"

#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>

namespace zc {
namespace {

/// Shows the light or the air that is in use.
class Lamp final : public QWidget {
public:
  Lamp(Studio& model, Srgb LightAndHaze::*color, QWidget* parent)
      : QWidget(parent), m_model(model), m_color(color) {
    setFixedSize(40, 20);
  }

protected:
  void paintEvent(QPaintEvent*) override {
    QPainter painter(this);
    const Session& s = m_model.session();
    draw_chip(painter, QRectF(rect()), shown_color(s.trying.light.*m_color, s.vision), theme().furniture);
  }

private:
  Studio& m_model;
  Srgb LightAndHaze::*m_color;
};

} // namespace

LightPanel::LightPanel(Studio& model, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing),
      m_strength(
          new NumberField(QStringLiteral("light.strength"), tr("Strength of the light, percent"), this)),
      m_stops(new NumberField(QStringLiteral("light.stops"), tr("Exposure in stops"), this)),
      m_amount(new NumberField(QStringLiteral("light.haze"), tr("Amount of haze, percent"), this)),
      m_light(new Lamp(model, &LightAndHaze::light, this)),
      m_haze(new Lamp(model, &LightAndHaze::haze, this)) {
  setObjectName(QStringLiteral("lightPanel"));
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(20, 10, 20, 10);
  grid->setHorizontalSpacing(10);
  grid->setColumnStretch(7, 1);
  const auto row = [&](int n, const QString& word, const QString& name, QWidget* lamp, NumberField* field,
                       const QString& field_name, Srgb LightAndHaze::*color, double LightAndHaze::*share) {
    auto* label = caption_label(word, this);
    auto* use = word_action(name, tr("Use current color"), tr("Set this to the current color"), this);
    connect(use, &QAbstractButton::clicked, this,
            [this, color] { change([&](LightAndHaze& l) { l.*color = m_model.session().color(); }); });
    field->set_range({0, 100, 5, 0, tr(" %"), false, {}});
    field->setFixedWidth(56);
    connect(field, &NumberField::wanted, this,
            [this, share](double n2) { change([&](LightAndHaze& l) { l.*share = n2 / 100; }); });
    grid->addWidget(label, n, 0);
    grid->addWidget(lamp, n, 1);
    grid->addWidget(use, n, 2);
    grid->addWidget(caption_label(field_name, this), n, 3);
    grid->addWidget(field, n, 4);
  };
  row(0, tr("Light"), QStringLiteral("light.use"), m_light, m_strength, tr("Strength"), &LightAndHaze::light,
      &LightAndHaze::strength);
  row(1, tr("Haze"), QStringLiteral("air.use"), m_haze, m_amount, tr("Amount"), &LightAndHaze::haze,
      &LightAndHaze::amount);
  grid->addWidget(caption_label(tr("Exposure"), this), 0, 5);
  m_stops->set_range({kExposureRange.low, kExposureRange.high, 0.5, 1, tr(" stops"), false, {}});
  m_stops->setFixedWidth(76);
  m_stops->setToolTip(tr("How bright the light is. At 0 stops a white wall is as bright as the display can "
                         "show; one stop more is twice the light."));
  connect(m_stops, &NumberField::wanted, this,
          [this](double stops) { change([&](LightAndHaze& l) { l.stops = stops; }); });
  grid->addWidget(m_stops, 0, 6);
  auto* take = new QPushButton(tr("Save as version"), this);
  take->setObjectName(QStringLiteral("light.take"));
  take->setToolTip(tr("Save the set under this light and haze as a version"));
  connect(take, &QPushButton::clicked, this, &LightPanel::take);
  auto* off = new QPushButton(tr("Turn off"), this);
  off->setObjectName(QStringLiteral("light.off"));
  connect(off, &QPushButton::clicked, this,
          [this] { change([](LightAndHaze& l) { l.strength = l.stops = l.amount = 0; }); });
  grid->addWidget(take, 0, 8);
  grid->addWidget(off, 1, 8);
  model.hear({Part::Trying, Part::ColorVision}, this, &LightPanel::follow);
  follow();
}

void LightPanel::change(const std::function<void(LightAndHaze&)>& by) {
  Trying next = m_model.session().trying;
  by(next.light);
  m_viewing.try_on(next);
}

void LightPanel::follow() {
  const LightAndHaze& l = m_model.session().trying.light;
  m_strength->show_value(100 * l.strength);
  m_stops->show_value(l.stops);
  m_amount->show_value(100 * l.amount);
  m_light->update();
  m_haze->update();
}

void LightPanel::take() {
  const LightAndHaze light = m_model.session().trying.light;
  const SwatchSet* set = current_set(m_model.piece());
  if (!set || !light.changes()) {
    emit m_model.notice(tr("Raise the light or the haze first."));
    return;
  }
  const Id id = set->id;
  const QString name = tr("under a light");
  m_model.store().apply(tr("Save light as version"), [=](Piece p) {
    return with_lit_version(std::move(p), id, name.toStdString(), light);
  });
}

} // namespace zc
