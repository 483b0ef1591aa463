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
  m_hues->addItem(tr("light wheel (red, green, blue)"), static_cast<int>(HueScale::Light));
  m_hues->addItem(tr("ink wheel (cyan, magenta, yellow)"), static_cast<int>(HueScale::Ink));
  m_hues->addItem(tr("even wheel"), static_cast<int>(HueScale::Even));
  connect(m_hues, &QComboBox::activated, this, [this](int i) {
    WheelSpec spec = m_bench.piece().wheel;
    spec.hues = static_cast<HueScale>(m_hues->itemData(i).toInt());
    m_bench.store().apply(tr("Change wheel"),
                          [spec](Piece p) -> Result<Piece> { return with_wheel(std::move(p), spec); });
  });
  row->addWidget(m_title);
  row->addStretch();
  row->addWidget(m_hues);
  return head;
}

void PickDesk::follow() {
  m_title->setText(tr("Wheel at value %1").arg(std::lround(m_bench.session().at.v)));
  m_hues->setCurrentIndex(m_hues->findData(static_cast<int>(m_bench.piece().wheel.hues)));
}

} // namespace zc
