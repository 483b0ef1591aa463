#include "app/desks/pick/pick_desk.h"

#include "app/band/value_axis.h"
#include "app/desks/pick/mask_panel.h"
#include "app/desks/pick/wheel_view.h"
#include "app/theme/theme.h"
#include "core/piece/edits.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace zc {

PickDesk::PickDesk(Workbench& bench, QWidget* parent)
    : QWidget(parent), m_bench(bench), m_wheel(new WheelView(bench, this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 0, kGap, 6);
  column->setSpacing(4);
  column->addWidget(make_head());
  column->addWidget(m_wheel, 1);
  column->addWidget(new MaskPanel(bench, this));
  connect(&bench, &Workbench::pieceChanged, this, &PickDesk::follow);
  connect(&bench, &Workbench::colorChanged, this, &PickDesk::follow);
  follow();
}

QWidget* PickDesk::make_head() {
  auto* head = new QWidget(this);
  head->setFixedHeight(ValueAxis::kHead - 4);
  auto* row = new QHBoxLayout(head);
  row->setContentsMargins(0, 2, 0, 0);
  m_title = new QLabel(head);
  m_title->setFont(heading_font());
  m_hues = new QComboBox(head);
  m_hues->setObjectName(QStringLiteral("hueScale"));
  m_hues->setAccessibleName(tr("Hue scale of the wheel"));
  m_hues->setToolTip(tr("Which hues face each other: on the traditional wheel red faces green, on light and "
                        "ink red faces cyan"));
  m_hues->addItem(tr("traditional wheel"), static_cast<int>(HueScale::Traditional));
  m_hues->addItem(tr("light wheel"), static_cast<int>(HueScale::Light));
  m_hues->addItem(tr("ink wheel"), static_cast<int>(HueScale::Ink));
  m_hues->addItem(tr("even wheel"), static_cast<int>(HueScale::Even));
  connect(m_hues, &QComboBox::activated, this, [this](int i) {
    WheelSpec spec = m_bench.piece().wheel;
    spec.hues = static_cast<HueScale>(m_hues->itemData(i).toInt());
    m_bench.store().apply(tr("Change wheel"),
                          [spec](Piece p) -> Result<Piece> { return with_wheel(std::move(p), spec); });
  });
  m_measures = new QComboBox(head);
  m_measures->setObjectName(QStringLiteral("measure"));
  m_measures->setAccessibleName(tr("Saturation measure"));
  m_measures->setToolTip(
      tr("What saturation means on this wheel; value stays true lightness with each of them"));
  const std::pair<QString, SaturationMeasure> measures[] = {
      {tr("saturation as HSLuv"), SaturationMeasure::Hsluv},
      {tr("saturation as HSL"), SaturationMeasure::Hsl},
      {tr("saturation as HSV"), SaturationMeasure::Hsv},
      {tr("CIELAB chroma"), SaturationMeasure::CielabChroma},
      {tr("OKLab chroma"), SaturationMeasure::OklabChroma}};
  for (const auto& [words, measure] : measures) m_measures->addItem(words, static_cast<int>(measure));
  connect(m_measures, &QComboBox::activated, this, [this](int i) {
    WheelSpec spec = m_bench.piece().wheel;
    spec.measure = static_cast<SaturationMeasure>(m_measures->itemData(i).toInt());
    m_bench.store().apply(tr("Change saturation measure"),
                          [spec](Piece p) -> Result<Piece> { return with_wheel(std::move(p), spec); });
  });
  m_hues->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_hues->setMinimumContentsLength(14);
  row->addWidget(m_title);
  row->addStretch();
  row->addWidget(m_hues);
  row->addWidget(m_measures);
  return head;
}

void PickDesk::follow() {
  m_title->setText(tr("Wheel at value %1").arg(std::lround(m_bench.session().at.v)));
  m_measures->setCurrentIndex(m_measures->findData(static_cast<int>(m_bench.piece().wheel.measure)));
  m_hues->setCurrentIndex(m_hues->findData(static_cast<int>(m_bench.piece().wheel.hues)));
}

} // namespace zc
