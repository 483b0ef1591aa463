// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/ramp_panel.h"

#include "app/controls/choices.h"
#include "app/controls/controls.h"
#include "app/controls/field_grid.h"
#include "app/controls/number_field.h"
#include "app/paint/paint.h"
#include "app/paint/painted_icon.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kColorBefore = -1, kUsualHaze = -2;

QComboBox* combo(const QString& name, const QString& accessible, const QString& tip, QWidget* parent) {
  auto* box = new QComboBox(parent);
  box->setObjectName(name);
  box->setAccessibleName(accessible);
  box->setToolTip(tip);
  box->setFont(caption_font());
  box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  box->setMinimumContentsLength(9);
  return box;
}

} // namespace

void fill_with_wells(QComboBox& box, const AtHand& at_hand) {
  for (std::size_t i = 0; i < at_hand.wells.size(); ++i) {
    if (!at_hand.wells[i]) continue;
    box.addItem(color_icon(shown_color(*at_hand.wells[i], ColorVision::Normal)),
                QObject::tr("well %1").arg(i + 1), static_cast<int>(i));
  }
}

RampPanel::RampPanel(Studio& model, Picking& picking, Laying& laying, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_laying(laying),
      m_kind(combo(QStringLiteral("rampKind"), tr("Kind of ramp"),
                   tr("Choose how the ramp runs from the current color"), this)),
      m_target(combo(QStringLiteral("rampTarget"), tr("Other end of the ramp"),
                     tr("The color at the other end, or the color of the haze"), this)),
      m_way(combo(QStringLiteral("rampWay"), tr("Path of the ramp"),
                  tr("How the ramp leads to its other end"), this)),
      m_steps(new NumberField(QStringLiteral("rampSteps"), tr("Steps of the ramp"), this)),
      m_even(combo(QStringLiteral("rampEven"), tr("Spacing of the steps"),
                   tr("Space the steps evenly in value, or evenly to the eye (CIEDE2000)"), this)),
      m_hold(new WordControl(ControlKind::Switch, tr("keep in mask"), this)),
      m_show(new WordControl(ControlKind::Switch, tr("preview on staff"), this)),
      m_lay(new QPushButton(tr("Add all"), this)), m_row(new ChipRow(tr("Steps of the ramp"), this)),
      m_words(new ElidedLabel(caption_font(), this)), m_none(new QLabel(this)) {
  fill_choices();
  m_hold->setObjectName(QStringLiteral("rampHold"));
  m_hold->setChecked(true);
  m_hold->setToolTip(
      tr("Move steps outside the mask to the nearest color inside; these steps are marked with a dot"));
  m_show->setObjectName(QStringLiteral("showRamp"));
  m_show->setToolTip(tr("Show the ramp beside the staff, each step at its value"));
  connect(m_show, &QAbstractButton::clicked, this, &RampPanel::follow);
  m_lay->setObjectName(QStringLiteral("layRamp"));
  m_lay->setFont(caption_font());
  m_lay->setToolTip(tr("Add all steps to the set as a family"));
  m_row->setObjectName(QStringLiteral("ramp"));
  m_words->setObjectName(QStringLiteral("rampWords"));
  m_none->setObjectName(QStringLiteral("noRamp"));
  m_none->setFont(caption_font());
  m_none->setWordWrap(true);
  m_none->setMinimumHeight(m_row->minimumHeight());

  lay_out();
  for (QComboBox* box : {m_kind, m_target, m_way, m_even})
    connect(box, &QComboBox::currentIndexChanged, this, &RampPanel::follow);
  connect(m_steps, &NumberField::wanted, this, [this](double n) {
    m_steps->show_value(std::round(n));
    follow();
  });
  connect(m_hold, &QAbstractButton::clicked, this, &RampPanel::follow);
  connect(m_lay, &QPushButton::clicked, this, &RampPanel::lay_all);
  connect(m_row, &ChipRow::taken, this, [this](std::size_t chip) {
    const RampStep step = m_row->steps()[chip];
    m_picks.use_color(step.color, step.at);
  });
  connect(m_row, &ChipRow::laid, this, [this](std::size_t chip) {
    const RampStep step = m_row->steps()[chip];
    m_laying.lay_color({step.color, step.at});
  });
  model.hear({Part::Color, Part::Geometry, Part::ColorVision, Part::Steps, Part::Vivid, Part::Desk}, this,
             &RampPanel::follow);
  model.hear({Part::AtHand}, this, &RampPanel::follow_targets);
  follow_targets();
}

void RampPanel::fill_choices() {
  const std::pair<QString, RampKind> kinds[] = {{tr("even values"), RampKind::Values},
                                                {tr("tints"), RampKind::Tints},
                                                {tr("shades"), RampKind::Shades},
                                                {tr("tones"), RampKind::Tones},
                                                {tr("to another color"), RampKind::Between},
                                                {tr("toward the distance"), RampKind::Distance}};
  for (const auto& [words, kind] : kinds) m_kind->addItem(words, static_cast<int>(kind));
  fill_with_ways(*m_way);
  m_steps->set_range({kRampStepsRange.low, kRampStepsRange.high, 1, 0, {}, false, {}});
  m_steps->show_value(9);
  m_steps->keep_width(62);
  m_steps->setToolTip(tr("Number of steps, 2 to 24"));
  m_even->addItem(tr("even in value"), static_cast<int>(Evenness::Lightness));
  m_even->addItem(tr("even to the eye"), static_cast<int>(Evenness::Difference));
}

void RampPanel::lay_out() {
  auto* fields = new FieldGrid;
  for (QComboBox* box : {m_kind, m_target, m_way, m_even})
    box->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
  fields->add(tr("Kind"), {m_kind});
  m_to = fields->add(tr("To"), {m_target});
  m_path = fields->add(tr("Path"), {m_way});
  fields->add(tr("Steps"), {m_steps});
  fields->add(tr("Spacing"), {m_even});
  auto* last = new QHBoxLayout;
  last->addWidget(m_words, 1);
  last->addWidget(m_lay);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(8);
  column->addLayout(fields);
  column->addWidget(m_hold);
  column->addWidget(m_show);
  column->addWidget(m_row);
  column->addWidget(m_none);
  column->addLayout(last);
  column->addStretch(1);
}

void RampPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void RampPanel::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  follow();
}

/// The preview is looked at on the staff, where this page then is not.
bool RampPanel::previewed() const { return m_model.session().desk == Desk::Pick && m_show->isChecked(); }

RampKind RampPanel::kind() const { return static_cast<RampKind>(m_kind->currentData().toInt()); }

/// Wells come and go; the chosen end stays where it can.
void RampPanel::follow_targets() {
  const QVariant chosen = m_target->currentData();
  {
    const QSignalBlocker quiet(m_target);
    m_target->clear();
    m_target->addItem(tr("previous color"), kColorBefore);
    m_target->addItem(tr("usual haze"), kUsualHaze);
    fill_with_wells(*m_target, m_model.session().at_hand);
    m_target->setCurrentIndex(std::max(0, m_target->findData(chosen)));
  }
  follow();
}

std::optional<Srgb> RampPanel::target() const {
  const int which = m_target->currentData().toInt();
  if (which == kUsualHaze) return usual_haze();
  if (which == kColorBefore) return m_model.session().before;
  return m_model.session().at_hand.wells.at(static_cast<std::size_t>(which));
}

RampSpec RampPanel::spec() const {
  const Session& s = m_model.session();
  RampSpec out;
  out.kind = kind();
  out.from = s.color();
  out.steps = static_cast<int>(std::lround(m_steps->value()));
  out.even = static_cast<Evenness>(m_even->currentData().toInt());
  out.neutral_angle = s.at.at.a;
  out.way = static_cast<Way>(m_way->currentData().toInt());
  if (out.kind == RampKind::Between || out.kind == RampKind::Distance) out.to = target();
  return out;
}

/// At other desks the same room beside the staff is used by others: only what this page put there goes.
void RampPanel::remove_from_staff() {
  if (m_on_staff) m_picks.show_ramp({});
  m_on_staff = false;
}

void RampPanel::follow() {
  if (!isVisible() && !previewed()) return remove_from_staff();
  const bool two_ended = kind() == RampKind::Between || kind() == RampKind::Distance;
  for (QWidget* w : {static_cast<QWidget*>(m_target), m_to}) w->setVisible(two_ended);
  for (QWidget* w : {static_cast<QWidget*>(m_way), m_path}) w->setVisible(kind() == RampKind::Between);
  allow(*m_hold, m_model.region(), tr("There is no mask in use. Make one at Limit."));
  const bool hold = m_model.region() && m_hold->isChecked();
  const auto made = make_ramp(spec(), m_model.wheel(), hold ? m_model.region() : nullptr);
  allow(*m_lay, made.ok(), made ? QString() : ::zc::words(made.error()));
  QStringList words;
  int held = 0, unreached = 0;
  if (made)
    for (const auto& step : *made) {
      held += step.held;
      unreached += !step.reached;
      words << (step.held ? tr("%1; moved into the mask").arg(color_told(step.color))
                          : color_told(step.color)) +
                   tr("\nClick to use the color, Ctrl+click to add it to the set.");
    }
  m_row->show_steps(made ? *made : std::vector<RampStep>{}, words, m_model.session().vision);
  QStringList said;
  if (held) said << tr("%1 moved into the mask").arg(held);
  if (unreached) said << tr("%1 do not exist on a display; the nearest color is shown").arg(unreached);
  m_words->setText(said.join(QStringLiteral("; ")));
  // Why there is none stands where it would be.
  m_none->setText(made ? QString() : zc::words(made.error()));
  m_none->setVisible(!made);
  m_row->setVisible(made.ok());
  m_on_staff = made && m_show->isChecked();
  m_picks.show_ramp(m_on_staff ? *made : std::vector<RampStep>{});
}

void RampPanel::lay_all() {
  std::vector<LaidColor> colors;
  for (const auto& step : m_row->steps()) colors.push_back({step.color, step.at});
  const QString hue = hue_word(m_model.session().color());
  const auto other = target();
  m_laying.lay_family(kind() == RampKind::Between && other ? tr("%1 to %2").arg(hue, hue_word(*other))
                                                           : tr("%1 %2").arg(hue, m_kind->currentText()),
                      colors);
}

} // namespace zc
