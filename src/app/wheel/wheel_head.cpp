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
#include <QMenu>

namespace zc {

namespace {

std::vector<std::pair<QString, HueScale>> hue_words() {
  return {{WheelHead::tr("traditional"), HueScale::Traditional},
          {WheelHead::tr("light"), HueScale::Light},
          {WheelHead::tr("ink"), HueScale::Ink},
          {WheelHead::tr("even"), HueScale::Even}};
}

std::vector<std::pair<QString, SaturationMeasure>> measure_words() {
  return {{WheelHead::tr("HSLuv saturation"), SaturationMeasure::Hsluv},
          {WheelHead::tr("HSL saturation"), SaturationMeasure::Hsl},
          {WheelHead::tr("HSV saturation"), SaturationMeasure::Hsv},
          {WheelHead::tr("CIELAB chroma"), SaturationMeasure::CielabChroma},
          {WheelHead::tr("OKLab chroma"), SaturationMeasure::OklabChroma},
          {WheelHead::tr("luma chroma"), SaturationMeasure::LumaChroma}};
}

template <class Words, class T> QString word_of(const Words& words, T value) {
  for (const auto& [word, each] : words)
    if (each == value) return word;
  return {};
}

} // namespace

WheelHead::WheelHead(Studio& model, Masking& masking, Viewing& viewing, Build build, QWidget* parent)
    : QWidget(parent), m_model(model), m_masking(masking), m_value(new QLabel(this)),
      m_vivid(word_switch(QStringLiteral("vividPlan"), tr("vivid"),
                          tr("Show each hue at the value where it is strongest. A pick is then the color you "
                             "see, value included."),
                          this)) {
  connect(m_vivid, &QAbstractButton::clicked, &viewing, &Viewing::show_vivid_plan);
  setFixedHeight(ValueAxis::kHead - 4);
  m_value->setFont(heading_font());
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 2, 0, 0);
  row->setSpacing(kGap);
  row->addWidget(m_value);
  row->addWidget(m_vivid);
  row->addStretch();
  build == Build::Choices ? make_choices() : make_word();
  model.hear({Part::Geometry}, this, &WheelHead::follow);
  model.hear({Part::Color, Part::Vivid, Part::Steps}, this, &WheelHead::say_value);
  follow();
  say_value();
}

void WheelHead::make_choices() {
  m_hues = new QComboBox(this);
  m_measures = new QComboBox(this);
  m_hues->setObjectName(QStringLiteral("hueScale"));
  m_hues->setAccessibleName(tr("Hue scale of the wheel"));
  m_hues->setToolTip(tr("Choose which hues face each other: on the traditional wheel red faces green, on the "
                        "light and ink wheels red faces cyan"));
  for (const auto& [word, scale] : hue_words()) m_hues->addItem(word, static_cast<int>(scale));
  m_measures->setObjectName(QStringLiteral("measure"));
  m_measures->setAccessibleName(tr("Saturation measure"));
  for (const auto& [word, measure] : measure_words()) m_measures->addItem(word, static_cast<int>(measure));
  for (QComboBox* box : {m_hues, m_measures}) {
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    // Their words whole where there is room, and narrower rather than out of sight.
    box->setMinimumContentsLength(box == m_hues ? 4 : 5);
    box->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    box->setMaximumWidth(box == m_hues ? 112 : 152);
    static_cast<QHBoxLayout*>(layout())->addWidget(box, box == m_hues ? 3 : 4);
    connect(box, &QComboBox::activated, this, &WheelHead::choose);
  }
}

void WheelHead::make_word() {
  m_word = word_opener(QStringLiteral("wheelMenu"), {},
                       tr("Choose which hues face each other, and how saturation is measured"), this);
  layout()->addWidget(m_word);
  auto* menu = new QMenu(m_word);
  connect(menu, &QMenu::aboutToShow, this, [this, menu] { fill_menu(*menu); });
  opens(*m_word, *menu);
}

void WheelHead::fill_menu(QMenu& menu) {
  menu.clear();
  const WheelSpec wheel = m_model.piece().wheel;
  const auto add = [&](const QString& word, const WheelSpec& spec) {
    auto* choice = menu.addAction(word, this, [this, spec] { m_masking.change_wheel(spec); });
    choice->setCheckable(true);
    choice->setChecked(spec == wheel);
  };
  menu.addSection(tr("Hue scale of the wheel"));
  for (const auto& [word, scale] : hue_words()) add(word, {scale, wheel.measure});
  menu.addSection(tr("Saturation measure"));
  for (const auto& [word, measure] : measure_words()) add(word, {wheel.hues, measure});
}

void WheelHead::choose() {
  m_masking.change_wheel({static_cast<HueScale>(m_hues->currentData().toInt()),
                          static_cast<SaturationMeasure>(m_measures->currentData().toInt())});
}

void WheelHead::follow() {
  const WheelSpec& wheel = m_model.piece().wheel;
  if (m_word) {
    const QString word =
        word_of(hue_words(), wheel.hues) + QStringLiteral(", ") + word_of(measure_words(), wheel.measure);
    m_word->setText(word);
    m_word->setAccessibleName(tr("Wheel: %1").arg(word));
    return m_word->updateGeometry();
  }
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
  const double value = stepped_value(m_model.session().at.at.v, m_model.steps());
  m_vivid->setChecked(m_model.session().vivid_plan);
  m_value->setText(m_model.session().vivid_plan ? tr("each hue") : tr("at value %1").arg(std::lround(value)));
}

} // namespace zc
