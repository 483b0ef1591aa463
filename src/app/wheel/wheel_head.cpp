// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/wheel/wheel_head.h"

#include "app/band/value_axis.h"
#include "app/controls/controls.h"
#include "app/theme/theme.h"
#include "model/session/masking.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>

namespace zc {

WheelHead::WheelHead(Studio& space, Masking& masking, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_space(space), m_masking(masking), m_value(new QLabel(this)),
      m_hues(new QComboBox(this)), m_measures(new QComboBox(this)),
      m_vivid(new WordControl(ControlKind::Switch, tr("vivid"), this)) {
  m_vivid->setObjectName(QStringLiteral("vividPlan"));
  m_vivid->setToolTip(tr(
      "Show each hue at the value where it is strongest. A pick is then the color you see, value included."));
  connect(m_vivid, &QAbstractButton::clicked, &viewing, &Viewing::show_vivid_plan);
  m_hues->setObjectName(QStringLiteral("hueScale"));
  m_hues->setAccessibleName(tr("Hue scale of the wheel"));
  m_hues->setToolTip(tr("Choose which hues face each other: on the traditional wheel red faces green, on the "
                        "light and ink wheels red faces cyan"));
  m_hues->addItem(tr("traditional"), static_cast<int>(HueScale::Traditional));
  m_hues->addItem(tr("light"), static_cast<int>(HueScale::Light));
  m_hues->addItem(tr("ink"), static_cast<int>(HueScale::Ink));
  m_hues->addItem(tr("even"), static_cast<int>(HueScale::Even));
  m_measures->setObjectName(QStringLiteral("measure"));
  m_measures->setAccessibleName(tr("Saturation measure"));
  const std::pair<QString, SaturationMeasure> measures[] = {
      {tr("HSLuv saturation"), SaturationMeasure::Hsluv},
      {tr("HSL saturation"), SaturationMeasure::Hsl},
      {tr("HSV saturation"), SaturationMeasure::Hsv},
      {tr("CIELAB chroma"), SaturationMeasure::CielabChroma},
      {tr("OKLab chroma"), SaturationMeasure::OklabChroma}};
  for (const auto& [words, measure] : measures) m_measures->addItem(words, static_cast<int>(measure));
  setFixedHeight(ValueAxis::kHead - 4);
  m_value->setFont(heading_font());
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 2, 0, 0);
  row->setSpacing(kGap);
  row->addWidget(m_value);
  row->addWidget(m_vivid);
  row->addStretch();
  for (QComboBox* box : {m_hues, m_measures}) {
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    // Their words whole where there is room, and narrower rather than out of sight.
    box->setMinimumContentsLength(box == m_hues ? 7 : 8);
    box->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    box->setMaximumWidth(box == m_hues ? 112 : 152);
    row->addWidget(box, box == m_hues ? 3 : 4);
    connect(box, &QComboBox::activated, this, &WheelHead::choose);
  }
  space.hear({Part::Geometry}, this, &WheelHead::follow);
  space.hear({Part::Color, Part::Vivid, Part::Steps}, this, &WheelHead::say_value);
  follow();
  say_value();
}

void WheelHead::choose() {
  m_masking.change_wheel({static_cast<HueScale>(m_hues->currentData().toInt()),
                          static_cast<SaturationMeasure>(m_measures->currentData().toInt())});
}

void WheelHead::follow() {
  const WheelSpec& wheel = m_space.piece().wheel;
  m_hues->setCurrentIndex(m_hues->findData(static_cast<int>(wheel.hues)));
  m_measures->setCurrentIndex(m_measures->findData(static_cast<int>(wheel.measure)));
  const bool leaps = wheel.hues == HueScale::Even &&
                     (wheel.measure == SaturationMeasure::Hsl || wheel.measure == SaturationMeasure::Hsv);
  m_measures->setToolTip(
      leaps ? tr("HSL and HSV space hues unevenly: near blue, one degree of the even wheel is up to 26 "
                 "degrees of theirs. HSLuv, CIELAB and OKLab are even there.")
            : tr("Choose how saturation is measured; value is true lightness with every measure"));
}

void WheelHead::say_value() {
  const double value = stepped_value(m_space.session().at.at.v, m_space.steps());
  m_vivid->setChecked(m_space.session().vivid_plan);
  m_value->setText(m_space.session().vivid_plan ? tr("each hue") : tr("at value %1").arg(std::lround(value)));
}

} // namespace zc
