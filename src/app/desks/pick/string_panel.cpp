// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/string_panel.h"

#include "app/paint/paint.h"
#include "app/paint/painted_icon.h"
#include "app/theme/choices.h"
#include "app/theme/controls.h"
#include "app/theme/number_field.h"
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

constexpr int kColorBefore = -1, kUsualAir = -2;

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

void fill_with_wells(QComboBox& box, const AtHand& space) {
  for (std::size_t i = 0; i < space.wells.size(); ++i) {
    if (!space.wells[i]) continue;
    box.addItem(color_icon(shown_color(*space.wells[i], Eyes::Usual)), QObject::tr("well %1").arg(i + 1),
                static_cast<int>(i));
  }
}

StringPanel::StringPanel(Studio& space, Picking& picking, Laying& laying, QWidget* parent)
    : QWidget(parent), m_space(space), m_picks(picking), m_laying(laying),
      m_kind(combo(QStringLiteral("stringKind"), tr("Kind of string"),
                   tr("A graded row from the current color"), this)),
      m_target(combo(QStringLiteral("stringTarget"), tr("Other end of the string"),
                     tr("The other end, or the color of the air"), this)),
      m_way(combo(QStringLiteral("stringWay"), tr("Way of the string"),
                  tr("How the string goes to its other end"), this)),
      m_steps(new NumberField(QStringLiteral("stringSteps"), tr("Steps of the string"), this)),
      m_even(combo(QStringLiteral("stringEven"), tr("What is even from step to step"),
                   tr("Steps of equal value, or of equal difference to the eye (CIEDE2000)"), this)),
      m_hold(new WordButton(tr("hold"), this)), m_show(new WordButton(tr("on the staff"), this)),
      m_lay(new QPushButton(tr("Lay all"), this)), m_row(new ChipRow(tr("Steps of the string"), this)),
      m_words(new ElidedLabel(caption_font(), this)), m_none(new QLabel(this)) {
  fill_choices();
  m_hold->setObjectName(QStringLiteral("stringHold"));
  m_hold->setCheckable(true);
  m_hold->setChecked(true);
  m_hold->setToolTip(tr("Bring steps outside the mask to its nearest color; such steps carry a dot"));
  m_show->setObjectName(QStringLiteral("showString"));
  m_show->setCheckable(true);
  m_show->setToolTip(tr("Show the string beside the staff, each step at its value"));
  connect(m_show, &QAbstractButton::clicked, this, &StringPanel::follow);
  m_lay->setObjectName(QStringLiteral("layString"));
  m_lay->setFont(caption_font());
  m_lay->setToolTip(tr("Lay all steps on the staff as a family"));
  m_row->setObjectName(QStringLiteral("string"));
  m_words->setObjectName(QStringLiteral("stringWords"));
  m_none->setObjectName(QStringLiteral("noString"));
  m_none->setFont(caption_font());
  m_none->setWordWrap(true);
  m_none->setMinimumHeight(m_row->minimumHeight());

  lay_out();
  for (QComboBox* box : {m_kind, m_target, m_way, m_even})
    connect(box, &QComboBox::currentIndexChanged, this, &StringPanel::follow);
  connect(m_steps, &NumberField::wanted, this, [this](double n) {
    m_steps->show_value(std::round(n));
    follow();
  });
  connect(m_hold, &QAbstractButton::clicked, this, &StringPanel::follow);
  connect(m_lay, &QPushButton::clicked, this, &StringPanel::lay_all);
  connect(m_row, &ChipRow::taken, this, [this](std::size_t chip) {
    const StringStep step = m_row->steps()[chip];
    m_picks.take_up(step.color, step.at);
  });
  connect(m_row, &ChipRow::laid, this, [this](std::size_t chip) {
    const StringStep step = m_row->steps()[chip];
    m_laying.lay_color({step.color, step.at});
  });
  space.hear({Part::Color, Part::Geometry, Part::Eyes, Part::Steps, Part::Vivid}, this, &StringPanel::follow);
  space.hear({Part::AtHand}, this, &StringPanel::follow_targets);
  follow_targets();
}

void StringPanel::fill_choices() {
  const std::pair<QString, StringKind> kinds[] = {
      {tr("even values"), StringKind::Values}, {tr("tints"), StringKind::Tints},
      {tr("shades"), StringKind::Shades},      {tr("tones"), StringKind::Tones},
      {tr("between"), StringKind::Between},    {tr("into the distance"), StringKind::Distance}};
  for (const auto& [words, kind] : kinds) m_kind->addItem(words, static_cast<int>(kind));
  fill_with_ways(*m_way);
  m_steps->set_range({kStringStepsRange.low, kStringStepsRange.high, 1, 0, tr(" steps"), false, {}});
  m_steps->show_value(9);
  m_steps->keep_width(62);
  m_steps->setToolTip(tr("Number of steps, 2 to 24"));
  m_even->addItem(tr("even in value"), static_cast<int>(Evenness::Lightness));
  m_even->addItem(tr("even to the eye"), static_cast<int>(Evenness::Difference));
}

void StringPanel::lay_out() {
  auto* first = new QHBoxLayout;
  auto* second = new QHBoxLayout;
  for (auto* row : {first, second}) row->setSpacing(6);
  first->addWidget(m_kind, 3);
  first->addWidget(m_target, 2);
  first->addWidget(m_way, 3);
  second->addWidget(m_steps);
  second->addWidget(m_even);
  second->addWidget(m_hold);
  second->addWidget(m_show);
  second->addWidget(m_words, 1);
  second->addWidget(m_lay);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  column->addLayout(first);
  column->addLayout(second);
  column->addWidget(m_row);
  column->addWidget(m_none);
}

void StringPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void StringPanel::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  m_picks.show_string({});
}

StringKind StringPanel::kind() const { return static_cast<StringKind>(m_kind->currentData().toInt()); }

/// Wells come and go; the chosen end stays where it can.
void StringPanel::follow_targets() {
  const QVariant chosen = m_target->currentData();
  {
    const QSignalBlocker quiet(m_target);
    m_target->clear();
    m_target->addItem(tr("color before"), kColorBefore);
    m_target->addItem(tr("usual air"), kUsualAir);
    fill_with_wells(*m_target, m_space.session().at_hand);
    m_target->setCurrentIndex(std::max(0, m_target->findData(chosen)));
  }
  follow();
}

std::optional<Srgb> StringPanel::target() const {
  const int which = m_target->currentData().toInt();
  if (which == kUsualAir) return usual_air();
  if (which == kColorBefore) return m_space.session().before;
  return m_space.session().at_hand.wells.at(static_cast<std::size_t>(which));
}

StringSpec StringPanel::spec() const {
  const Session& s = m_space.session();
  StringSpec out;
  out.kind = kind();
  out.from = s.color();
  out.steps = static_cast<int>(std::lround(m_steps->value()));
  out.even = static_cast<Evenness>(m_even->currentData().toInt());
  out.neutral_angle = s.at.at.a;
  out.way = static_cast<Way>(m_way->currentData().toInt());
  if (out.kind == StringKind::Between || out.kind == StringKind::Distance) out.to = target();
  return out;
}

void StringPanel::follow() {
  if (!isVisible()) return;
  const bool two_ended = kind() == StringKind::Between || kind() == StringKind::Distance;
  m_target->setVisible(two_ended);
  m_way->setVisible(kind() == StringKind::Between);
  m_hold->setEnabled(m_space.region());
  const bool hold = m_space.region() && m_hold->isChecked();
  const auto made = make_string(spec(), m_space.wheel(), hold ? m_space.region() : nullptr);
  m_lay->setEnabled(made.ok());
  QStringList words;
  int held = 0, unreached = 0;
  if (made)
    for (const auto& step : *made) {
      held += step.held;
      unreached += !step.reached;
      words << (step.held ? tr("%1; moved into the mask").arg(color_told(step.color))
                          : color_told(step.color)) +
                   tr("\nClick takes it up, Ctrl+click lays it on the staff.");
    }
  m_row->show_steps(made ? *made : std::vector<StringStep>{}, words, m_space.session().eyes);
  QStringList said;
  if (held) said << tr("%1 held in the mask").arg(held);
  if (unreached) said << tr("%1 out of reach, the nearest stands").arg(unreached);
  m_words->setText(said.join(QStringLiteral("; ")));
  // Why there is none stands where it would be.
  m_none->setText(made ? QString() : zc::words(made.error()));
  m_none->setVisible(!made);
  m_row->setVisible(made.ok());
  m_picks.show_string(made && m_show->isChecked() ? *made : std::vector<StringStep>{});
}

void StringPanel::lay_all() {
  std::vector<LaidColor> colors;
  for (const auto& step : m_row->steps()) colors.push_back({step.color, step.at});
  const QString hue = hue_word(m_space.session().color());
  const auto other = target();
  m_laying.lay_family(kind() == StringKind::Between && other ? tr("%1 to %2").arg(hue, hue_word(*other))
                                                             : tr("%1 %2").arg(hue, m_kind->currentText()),
                      colors);
}

} // namespace zc
