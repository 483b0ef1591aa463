// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/tray.h"

#include "app/controls/controls.h"
#include "app/copying/copy_on_pick.h"
#include "app/shelf/shelf_panel.h"
#include "app/theme/theme.h"
#include "app/tray/color_group.h"
#include "app/tray/color_pair.h"
#include "app/tray/place_group.h"
#include "app/tray/readout_panel.h"
#include "app/tray/relation_row.h"
#include "app/tray/set_group.h"
#include "app/tray/wells_view.h"
#include "io/shelf/press_shelf.h"
#include "model/application/app_model.h"
#include "model/i18n/text.h"

#include <QHBoxLayout>
#include <QMenu>
#include <QSettings>

namespace zc {
namespace {

constexpr int kHigh = 122, kFoldedHigh = 52;
constexpr int kEdge = 12;
/// From this width on beside the readouts, the groups stand apart as they should.
constexpr int kRoomy = 1190;
/// Below this width the family stands under what adds to it, and names have less room.
constexpr int kTight = 960;

QString fold_setting(Desk desk) {
  return desk == Desk::Share ? QStringLiteral("tray/foldedAtShare") : QStringLiteral("tray/folded");
}

} // namespace

Tray::Tray(AppModel& model, CopyOnPick& copy_on_pick, QWidget* parent)
    : QWidget(parent), m_model(model), m_pair(new ColorPair(model, model.picking(), {96, 96}, this)),
      m_color(new ColorGroup(model, copy_on_pick, this)),
      m_place(new PlaceGroup(model, model.picking(), this)),
      m_readouts(new ReadoutPanel(model, model.picking(), model.press(), this)),
      m_wells(new WellsView(model, model.picking(), WellsView::Build::Roomy, this)),
      m_set(new SetGroup(model, model.picking(), model.laying(), this)),
      m_more(word_opener(QStringLiteral("trayMore"), tr("More"),
                         tr("Add readouts, show related colors, fold or unfold the tray"), this)),
      m_row(new QHBoxLayout(this)) {
  setObjectName(QStringLiteral("tray"));
  setAutoFillBackground(true);
  setBackgroundRole(QPalette::Window);
  m_row->setContentsMargins(kMargin, kEdge, kMargin / 2, kEdge);
  for (QWidget* group :
       {static_cast<QWidget*>(m_pair), static_cast<QWidget*>(m_color), static_cast<QWidget*>(m_place),
        static_cast<QWidget*>(m_readouts), static_cast<QWidget*>(m_wells)})
    m_row->addWidget(group, 0, Qt::AlignTop);
  // A wide window leaves its room here, not between numbers that belong together.
  m_row->addStretch(1);
  m_row->addWidget(m_set, 100, Qt::AlignTop);
  m_row->addWidget(m_more, 0, Qt::AlignTop);
  connect(m_color, &ColorGroup::copyHexAsked, this, &Tray::copyHexAsked);
  make_menu();
  connect(&copy_on_pick, &CopyOnPick::changed, m_color, &ColorGroup::follow);
  model.hear({Part::Color, Part::Geometry, Part::Sharing, Part::Steps, Part::Desk}, m_color,
             &ColorGroup::follow);
  model.hear({Part::Desk}, this, &Tray::follow_desk);
  m_color->follow();
  follow_desk();
}

void Tray::make_menu() {
  auto* menu = new QMenu(m_more);
  m_readouts->fill_add_menu(*menu->addMenu(tr("Add readout")));
  auto* presses = menu->addMenu(tr("Press"));
  connect(presses, &QMenu::aboutToShow, this, [this, presses] { fill_press_menu(*presses); });
  menu->addSection(tr("Related colors"));
  m_set->relation().fill_menu(*menu);
  menu->addSeparator();
  auto* folds = menu->addAction(tr("Fold tray"), this, &Tray::fold);
  folds->setCheckable(true);
  connect(menu, &QMenu::aboutToShow, folds, [this, folds] { folds->setChecked(m_folded); });
  // What was asked for is seen.
  connect(menu, &QMenu::triggered, this, [this, folds](const QAction* chosen) {
    if (chosen != folds && m_folded) fold(false);
  });
  opens(*m_more, *menu, MenuSide::Above);
}

/// Those of the shelf; profiles are added at Share.
void Tray::fill_press_menu(QMenu& menu) {
  menu.clear();
  const std::string now = m_model.session().sharing.press;
  const auto add = [&](const QString& name, const std::string& file) {
    auto* entry = menu.addAction(name, this, [this, file] {
      Sharing next = m_model.session().sharing;
      next.press = file;
      m_model.viewing().share(next);
    });
    entry->setCheckable(true);
    entry->setChecked(file == now);
  };
  add(tr("No press"), {});
  for (const ShelfPress& press : read_press_shelf(shelf_folder(QStringLiteral("presses")).toStdString()))
    add(text(press.name), press.file.string());
}

void Tray::fold(bool folded) {
  QSettings().setValue(fold_setting(m_model.session().desk), folded);
  m_folded = folded;
  lay_out();
}

void Tray::follow_desk() {
  const Desk desk = m_model.session().desk;
  m_folded = QSettings().value(fold_setting(desk), desk == Desk::Share).toBool();
  lay_out();
}

bool Tray::is_narrow() const {
  return width() < kRoomy + (m_readouts->shown() > 0 ? m_readouts->sizeHint().width() : 0);
}

/// A narrow window draws everything closer together; nothing is left out.
void Tray::lay_out() {
  const bool narrow = is_narrow();
  m_narrow = narrow;
  // Of the window, for in a row that scrolls it is never less than it needs.
  const bool tight = window()->width() < kTight;
  const int high = m_folded ? kFoldedHigh : kHigh;
  const int inside = high - 2 * kEdge;
  m_pair->setFixedSize(m_folded ? 72 : narrow ? 84 : inside, inside);
  m_color->fold(m_folded);
  m_color->setFixedWidth(m_folded ? (tight ? 270 : 372) : narrow ? 170 : 204);
  m_place->setVisible(!m_folded);
  m_readouts->setVisible(!m_folded && m_readouts->shown() > 0);
  m_wells->set_build(m_folded ? WellsView::Build::Row
                     : narrow ? WellsView::Build::Narrow
                              : WellsView::Build::Roomy);
  m_set->fold(m_folded);
  m_set->stack(!m_folded && tight);
  m_row->setSpacing(narrow ? kGap : kMargin - 2);
  if (height() != high || minimumHeight() != high) {
    setFixedHeight(high);
    emit heightChanged();
  }
  m_row->activate(); // What is elided asks how wide it is.
}

/// Readouts come and go.
bool Tray::event(QEvent* event) {
  const bool done = QWidget::event(event);
  if (event->type() == QEvent::LayoutRequest && m_narrow != is_narrow()) lay_out();
  return done;
}

void Tray::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  if (event->size().width() != event->oldSize().width()) lay_out();
}

} // namespace zc
