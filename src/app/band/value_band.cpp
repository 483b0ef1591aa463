#include "app/band/value_band.h"

#include "app/band/rail_view.h"
#include "app/band/section_view.h"
#include "app/band/staff_view.h"

#include <QHBoxLayout>

namespace zc {

ValueBand::ValueBand(Workspace& space, QWidget* parent)
    : QWidget(parent), m_rail(new RailView(space, this)), m_section(new SectionView(space, this)),
      m_staff(new StaffView(space, this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(0);
  row->addWidget(m_rail);
  row->addWidget(m_section, 5);
  row->addWidget(m_staff, 8);
  const auto follow = [this, &space] { m_section->setVisible(space.session().desk == Desk::Pick); };
  connect(&space, &Workspace::viewChanged, this, follow);
  follow();
}

} // namespace zc
