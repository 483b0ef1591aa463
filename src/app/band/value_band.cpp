#include "app/band/value_band.h"

#include "app/band/rail_view.h"
#include "app/band/section_view.h"
#include "app/band/staff_view.h"

#include <QHBoxLayout>

namespace zc {

ValueBand::ValueBand(Workbench& bench, QWidget* parent)
    : QWidget(parent), m_rail(new RailView(bench, this)), m_section(new SectionView(bench, this)),
      m_staff(new StaffView(bench, this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(0);
  row->addWidget(m_rail);
  row->addWidget(m_section, 5);
  row->addWidget(m_staff, 8);
  const auto follow = [this, &bench] { m_section->setVisible(bench.session().desk == Desk::Pick); };
  connect(&bench, &Workbench::viewChanged, this, follow);
  follow();
}

} // namespace zc
