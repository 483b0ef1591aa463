// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/value_band.h"

#include "app/band/rail_view.h"
#include "app/band/section_view.h"
#include "app/band/staff_view.h"
#include "model/workspace/workspace.h"

#include <QHBoxLayout>

namespace zc {

ValueBand::ValueBand(Workspace& space, QWidget* parent)
    : QWidget(parent), m_rail(new RailView(space, space.picking(), space.viewing(), space.plan(),
                                           space.reader(), space.paints(), RailView::Build::Full, this)),
      m_section(new SectionView(space, space.picking(), space.plan(), space.paints(), this)),
      m_staff(new StaffView(space, space.picking(), space.laying(), space.set_work(), space.press(),
                            space.paints(), space.tries(), StaffView::Place::Window, this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(0);
  row->addWidget(m_rail);
  row->addWidget(m_section, 5);
  row->addWidget(m_staff, 8);
  // Where another view of the set takes the stage a second, narrow staff would only repeat it.
  const auto follow = [this, &space] {
    const Session& s = space.session();
    m_section->setVisible(s.desk == Desk::Pick);
    m_staff->setVisible(s.desk != Desk::Grade || s.set_view == SetView::Staff);
    setMaximumWidth(m_staff->isVisibleTo(this) ? QWIDGETSIZE_MAX : m_rail->width());
  };
  space.hear({Part::Desk, Part::SetView}, this, follow);
  follow();
}

} // namespace zc
