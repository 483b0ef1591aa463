// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/value_band.h"

#include "app/band/rail_view.h"
#include "app/band/section_view.h"
#include "app/band/staff_view.h"
#include "app/band/value_axis.h"
#include "app/controls/controls.h"
#include "app/theme/theme.h"
#include "model/application/app_model.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QScrollArea>
#include <QStackedWidget>

namespace zc {
namespace {

constexpr int kPageEdge = 14; ///< Left of what a page holds.

} // namespace

ValueBand::ValueBand(AppModel& model, QWidget* parent)
    : QWidget(parent), m_model(model),
      m_rail(new RailView(model, model.picking(), model.viewing(), model.plan(), model.reader(),
                          model.reaches(), RailView::Build::Full, this)),
      m_section(new SectionView(model, model.picking(), model.plan(), model.reaches(), this)),
      m_staff(new StaffView(model, model.picking(), model.laying(), model.set_work(), model.press(),
                            model.tries(), StaffView::Place::Window, this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(0);
  row->addWidget(m_rail);
  row->addWidget(m_section, 5);
  row->addWidget(make_side(), 8);
  model.hear({Part::Desk, Part::SetView}, this, &ValueBand::follow);
  follow();
}

/// The tabs stand in the room above the axis, where the head of the staff is elsewhere.
QWidget* ValueBand::make_side() {
  auto* side = new QWidget(this);
  auto* grid = new QGridLayout(side);
  grid->setContentsMargins(0, 0, 0, 0);
  m_pages = new QStackedWidget(side);
  m_pages->addWidget(m_staff);
  m_tabs = new QWidget(side);
  auto* row = new QHBoxLayout(m_tabs);
  row->setContentsMargins(kPageEdge - 6, 1, 0, 0);
  row->setSpacing(4);
  row->addStretch(1);
  m_group = new QButtonGroup(this);
  grid->addWidget(m_pages, 0, 0);
  grid->addWidget(m_tabs, 0, 0, Qt::AlignTop);
  m_tabs->raise();
  connect(m_group, &QButtonGroup::idClicked, this, &ValueBand::show_page);
  add_tab(QStringLiteral("page.set"), tr("Set"), tr("The current set by value"))->setChecked(true);
  return side;
}

WordControl* ValueBand::add_tab(const QString& name, const QString& word, const QString& tip) {
  auto* tab = word_tab(name, word, tip, m_tabs);
  auto* row = static_cast<QHBoxLayout*>(m_tabs->layout());
  row->insertWidget(row->count() - 1, tab);
  m_group->addButton(tab, row->count() - 2);
  return tab;
}

WordControl* ValueBand::add_page(const QString& name, const QString& word, const QString& tip,
                                 std::function<QWidget*()> make) {
  QWidget* const last_tab = m_group->buttons().back();
  m_to_make[m_pages->addWidget(new QWidget(m_pages))] = std::move(make);
  WordControl* const tab = add_tab(name, word, tip);
  follow_in_focus_order(*tab, last_tab);
  return tab;
}

void ValueBand::fill_page(int page) {
  const auto making = m_to_make.extract(page);
  if (making.empty()) return;
  QWidget* const last_page = last_in_focus_order(*m_pages);
  QWidget* const under_tabs = m_pages->widget(page);
  auto* scroll = new QScrollArea(under_tabs);
  scroll->setFrameShape(QFrame::NoFrame);
  scroll->setFocusPolicy(Qt::NoFocus); // What is in it has it.
  scroll->setWidgetResizable(true);
  scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  auto* framed = new QWidget;
  auto* column = new QVBoxLayout(framed);
  column->setContentsMargins(kPageEdge, 0, 10, kGap);
  column->addWidget(m_model.made_late(making.mapped()));
  scroll_over_ground(scroll, framed);
  auto* room = new QVBoxLayout(under_tabs);
  room->setContentsMargins(0, ValueAxis::kHead + 4, 0, 0);
  room->addWidget(scroll);
  follow_in_focus_order(*under_tabs, last_page);
}

void ValueBand::show_page(int page) {
  m_page = page;
  m_group->button(page)->setChecked(true);
  follow();
}

void ValueBand::follow() {
  const Session& s = m_model.session();
  const bool picking = s.desk == Desk::Pick;
  // Where another view of the set takes the stage a second, narrow staff would only repeat it.
  const bool staff_shown = s.desk != Desk::Grade || s.set_view == SetView::Staff;
  m_section->setVisible(picking);
  m_tabs->setVisible(picking);
  m_staff->show_head(!picking);
  if (picking) fill_page(m_page);
  m_pages->setCurrentIndex(picking ? m_page : 0);
  m_pages->setVisible(staff_shown);
  setMaximumWidth(staff_shown ? QWIDGETSIZE_MAX : m_rail->width());
}

} // namespace zc
