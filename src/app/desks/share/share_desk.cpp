// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/share/share_desk.h"

#include "app/controls/controls.h"
#include "app/desks/share/files_panel.h"
#include "app/desks/share/parcel_panel.h"
#include "app/desks/share/plan_panel.h"
#include "app/desks/share/press_panel.h"
#include "app/desks/share/share_stage.h"
#include "app/desks/share/sheet_panel.h"
#include "app/theme/theme.h"
#include "model/application/app_model.h"

#include <QHBoxLayout>
#include <QScrollArea>
#include <QStackedWidget>

namespace zc {
namespace {

constexpr int kPanelWidth = 420;

/// So that a small window cuts nothing off.
QWidget* scrolled(QWidget* panel) {
  auto* area = new QScrollArea(panel->parentWidget());
  area->setFrameShape(QFrame::NoFrame);
  area->setFocusPolicy(Qt::NoFocus);
  area->setWidgetResizable(true);
  scroll_over_ground(area, panel);
  return area;
}

} // namespace

ShareDesk::ShareDesk(AppModel& model, QWidget* parent)
    : QWidget(parent), m_model(model),
      m_stage(new ShareStage(model, model.press(), model.share_model(), this)),
      m_press(new PressPanel(model, model.viewing(), model.press(), model.share_model(), this)),
      m_parcel(new ParcelPanel(model, this)), m_panels(new QStackedWidget(this)) {
  auto* sheet = new SheetPanel(model, model.viewing(), this);
  auto* plan = new PlanPanel(model, model.viewing(), this);
  auto* files = new FilesPanel(model, model.viewing(), this);
  connect(files, &FilesPanel::folderAsked, this, &ShareDesk::folderAsked);
  connect(files, &FilesPanel::writeAsked, this, &ShareDesk::writeFilesAsked);
  connect(files, &FilesPanel::readAsked, this, &ShareDesk::readLinesAsked);
  connect(sheet, &SheetPanel::writeAsked, this, &ShareDesk::writeSheetAsked);
  connect(m_press, &PressPanel::profileAsked, this, &ShareDesk::profileAsked);
  connect(plan, &PlanPanel::writeAsked, this, &ShareDesk::writePlanAsked);
  connect(plan, &PlanPanel::copyAsked, this, &ShareDesk::copyPlanAsked);

  auto* side = new QWidget(this);
  side->setFixedWidth(kPanelWidth);
  auto* side_column = new QVBoxLayout(side);
  side_column->setContentsMargins(0, 6, kMargin, 6);
  side_column->setSpacing(4);
  auto* words = new QHBoxLayout;
  words->setSpacing(12);
  const std::tuple<const char*, QString, ShareView, QWidget*, QString> views[] = {
      {"share.sheet", tr("Sheet"), ShareView::Sheet, scrolled(sheet),
       tr("Print or save the plan as a sheet")},
      {"share.press", tr("Press"), ShareView::Press, m_press, tr("See which swatches a press can print")},
      {"share.files", tr("Files"), ShareView::Files, files, tr("Export the set in several formats at once")},
      {"share.plan", tr("Wheel"), ShareView::Plan, scrolled(plan),
       tr("Save the wheel and its mask as a picture")},
      {"share.parcel", tr("Parcel"), ShareView::Parcel, m_parcel,
       tr("Pack sets and masks for someone else, or open what you were given")}};
  for (const auto& [name, word, view, panel, tip] : views) {
    auto* button = word_tab(QLatin1String(name), word, tip, side);
    connect(button, &QAbstractButton::clicked, this, [this, view = view] {
      Sharing next = m_model.session().sharing;
      next.view = view;
      m_model.viewing().share(next);
      follow();
    });
    words->addWidget(button);
    m_views.emplace_back(button, view);
    m_panels->addWidget(panel);
  }
  words->addStretch(1);
  side_column->addLayout(words);
  side_column->addWidget(m_panels, 1);

  auto* left = new QVBoxLayout;
  left->setContentsMargins(kMargin - 14, 0, 0, 0);
  left->setSpacing(2);
  left->addWidget(m_stage, 1);
  left->addWidget(make_foot());
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(kGap);
  row->addLayout(left, 1);
  row->addWidget(side);
  model.hear({Part::Sharing, Part::Desk}, this, &ShareDesk::follow);
  connect(m_stage, &ShareStage::pageChanged, this, &ShareDesk::follow);
  follow();
}

QWidget* ShareDesk::make_foot() {
  auto* foot = new QWidget(this);
  auto* row = new QHBoxLayout(foot);
  row->setContentsMargins(14, 0, 0, 0);
  row->setSpacing(8);
  m_says = new ElidedLabel(caption_font(), foot);
  m_says->setObjectName(QStringLiteral("share.says"));
  row->addWidget(m_says, 1);
  m_back = word_action(QStringLiteral("share.back"), tr("Previous page"),
                       tr("Show the previous page (Page Up)"), foot);
  m_on =
      word_action(QStringLiteral("share.next"), tr("Next page"), tr("Show the next page (Page Down)"), foot);
  connect(m_back, &QAbstractButton::clicked, this,
          [this] { m_stage->turn_to(m_stage->page() == 0 ? 0 : m_stage->page() - 1); });
  connect(m_on, &QAbstractButton::clicked, this, [this] { m_stage->turn_to(m_stage->page() + 1); });
  row->addWidget(m_back);
  row->addWidget(m_on);
  return foot;
}

void ShareDesk::follow() {
  const Sharing& sharing = m_model.session().sharing;
  for (std::size_t i = 0; i < m_views.size(); ++i) {
    m_views[i].first->setChecked(m_views[i].second == sharing.view);
    if (m_views[i].second == sharing.view) m_panels->setCurrentIndex(static_cast<int>(i));
  }
  const bool several = m_stage->pages() > 1;
  m_back->setVisible(several);
  m_on->setVisible(several);
  allow(*m_back, m_stage->page() > 0, tr("This is the first page."));
  allow(*m_on, m_stage->page() + 1 < m_stage->pages(), tr("This is the last page."));
  if (sharing.view == ShareView::Plan)
    m_says->setText(tr("%1 pixels a disc, sRGB").arg(sharing.plan.size));
  else if (sharing.proof && m_model.press().chosen())
    m_says->setText(tr("Page %1 of %2, as %3 prints it")
                        .arg(m_stage->page() + 1)
                        .arg(m_stage->pages())
                        .arg(QString::fromStdString(m_model.press().chosen()->name())));
  else
    m_says->setText(tr("Page %1 of %2").arg(m_stage->page() + 1).arg(m_stage->pages()));
}

} // namespace zc
