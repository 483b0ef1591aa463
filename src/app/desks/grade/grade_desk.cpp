// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/grade_desk.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/desks/grade/adjust_panel.h"
#include "app/desks/grade/between_row.h"
#include "app/desks/grade/import_view.h"
#include "app/desks/grade/list_view.h"
#include "app/desks/grade/report_panel.h"
#include "app/desks/grade/rows_view.h"
#include "app/desks/grade/sets_panel.h"
#include "app/desks/grade/versions_view.h"
#include "app/shelf/set_source.h"
#include "app/shelf/shelf_panel.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/css_color.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "model/application/app_model.h"
#include "model/i18n/text.h"
#include "model/work/set_work.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QScrollBar>
#include <QSettings>
#include <QStackedWidget>
#include <QTableView>
#include <QVBoxLayout>

namespace zc {
namespace {

/// Between what stands on the desk and the tray.
constexpr int kFoot = 6;
constexpr auto kColumnsKey = "rows/columns", kPlacesKey = "rows/places";

} // namespace

GradeDesk::GradeDesk(AppModel& model, QWidget* parent)
    : QWidget(parent), m_model(model), m_center(new QStackedWidget(this)),
      m_rows(new RowsView(model, model.laying(), model.set_work(), this)),
      m_list(new ListView(model, model.set_work(), model.press(), this)),
      m_versions(new VersionsView(model, model.set_work(), this)), m_import(new ImportView(model, this)) {
  for (QWidget* view : {make_rows_page(), static_cast<QWidget*>(m_list), static_cast<QWidget*>(m_versions),
                        static_cast<QWidget*>(m_import)})
    m_center->addWidget(view);
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(kGap, 0, kMargin, 0);
  row->setSpacing(kMargin);
  row->addWidget(m_center, 1);
  // Whatever view of the set is shown, the panels stay where they are.
  row->addWidget(make_side(), 0, Qt::AlignRight);
  model.hear({Part::SetView, Part::Desk}, this, &GradeDesk::follow);
  model.hear({Part::Sets}, this, &GradeDesk::follow_sets);
  connect(m_import, &ImportView::done, this, [this] { m_model.viewing().show_set_view(m_before_import); });
  follow();
  follow_sets();
}

QComboBox* GradeDesk::make_views() {
  m_views = new QComboBox(this);
  m_views->setObjectName(QStringLiteral("setView"));
  m_views->setPlaceholderText(tr("an import"));
  m_views->setAccessibleName(tr("How the set is shown"));
  m_views->setToolTip(tr("Show the set on the staff, in rows, as a list, or beside its versions"));
  const std::tuple<QString, QString, SetView> views[] = {
      {tr("on the staff"), tr("Families as columns, height is value"), SetView::Staff},
      {tr("in rows"), tr("A compact grid with free places"), SetView::Rows},
      {tr("as a list"), tr("A table with names, numbers and notes"), SetView::List},
      {tr("beside its versions"), tr("Versions of the set side by side"), SetView::Versions}};
  for (const auto& [word, tip, view] : views) {
    m_views->addItem(word, static_cast<int>(view));
    m_views->setItemData(m_views->count() - 1, tip, Qt::ToolTipRole);
  }
  connect(m_views, &QComboBox::activated, this, [this](int i) {
    m_model.viewing().show_set_view(static_cast<SetView>(m_views->itemData(i).toInt()));
  });
  return m_views;
}

QWidget* GradeDesk::make_rows_page() {
  auto* page = new QWidget(this);
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(0, 6, 0, 0);
  column->addWidget(make_chip_sizes());
  column->addWidget(m_rows, 1);
  return page;
}

QWidget* GradeDesk::make_chip_sizes() {
  auto* box = new QWidget(this);
  auto* line = new QHBoxLayout(box);
  line->setContentsMargins(0, 0, 0, 0);
  line->setSpacing(2);
  line->addWidget(caption_label(tr("Size"), box));
  line->addSpacing(kGap);
  auto* joined = joined_row();
  line->addLayout(joined);
  auto* group = new QButtonGroup(box);
  using Size = RowsView::ChipSize;
  const std::tuple<QString, QString, Size> sizes[] = {
      {QStringLiteral("chips.small"), tr("small"), Size::Small},
      {QStringLiteral("chips.middle"), tr("middle"), Size::Middle},
      {QStringLiteral("chips.large"), tr("large"), Size::Large}};
  for (const auto& [name, word, size] : sizes) {
    auto* button = word_choice(name, word, tr("Show the swatches of the rows %1").arg(word), box);
    button->setChecked(size == m_rows->chip_size());
    group->addButton(button);
    joined->addWidget(button);
    connect(button, &QAbstractButton::clicked, this, [this, size = size] { m_rows->choose_size(size); });
  }
  line->addSpacing(2 * kGap);
  auto* columns = word_switch(QStringLiteral("rows.columns"), tr("as columns"),
                              tr("Show each family as a column with a fixed number of places"), box);
  auto* places = new NumberField(QStringLiteral("rows.places"), tr("Places of a column"), box);
  places->set_range({3, 40, 1, 0, tr(" places"), false, {}});
  places->keep_width(46);
  places->setToolTip(tr("Places of a column: type, scroll or drag"));
  line->addWidget(columns);
  line->addWidget(places);
  const auto follow = [this, columns, places](bool on, int count) {
    columns->setChecked(on);
    places->show_value(count);
    places->setVisible(on);
    m_rows->show_columns(on ? count : 0);
    QSettings().setValue(QLatin1String(kColumnsKey), on);
    QSettings().setValue(QLatin1String(kPlacesKey), count);
  };
  connect(columns, &QAbstractButton::clicked, this,
          [follow, places](bool on) { follow(on, static_cast<int>(places->value())); });
  connect(places, &NumberField::wanted, this,
          [follow](double count) { follow(true, static_cast<int>(count)); });
  follow(QSettings().value(QLatin1String(kColumnsKey), false).toBool(),
         std::clamp(QSettings().value(QLatin1String(kPlacesKey), 10).toInt(), 3, 40));
  line->addStretch();
  return box;
}

QWidget* GradeDesk::make_side() {
  auto* side = new QWidget(this);
  side->setFixedWidth(312);
  auto* column = new QVBoxLayout(side);
  column->setContentsMargins(0, 6, 0, kFoot);
  column->setSpacing(6);
  m_tabs = new SidewaysArea(side);
  m_tabs->setFixedHeight(28);
  m_find = new QLineEdit(side);
  m_find->setObjectName(QStringLiteral("find"));
  m_find->setAccessibleName(tr("Find swatches"));
  m_find->setPlaceholderText(tr("Find a name or the nearest hex"));
  m_find->setToolTip(tr("Press Enter to select the swatches whose name has these letters, or the swatch "
                        "nearest to a hex color. The list shows only rows that have these letters."));
  m_find->setFont(caption_font());
  m_find->setClearButtonEnabled(true);
  auto* pages = new Pages(side);
  pages->add(QStringLiteral("page.report"), tr("Report"),
             tr("What could be better in the set, each with a remedy"),
             new ReportPanel(m_model, m_model.viewing(), m_model.set_work(), m_model.press(), pages));
  pages->add(QStringLiteral("page.change"), tr("Adjust"), tr("Adjust many swatches at once"),
             new AdjustPanel(m_model, m_model.set_work(), AdjustPanel::Place::Page, pages));
  pages->add(QStringLiteral("page.sets"), tr("Sets"),
             tr("The sets of the piece, and the versions of the current set"),
             new SetsPanel(m_model, m_model.laying(), m_model.set_work(), pages));
  m_shelf = new ShelfPanel(m_model, std::make_unique<SetSource>(m_model), pages);
  pages->add(QStringLiteral("page.setShelf"), tr("Shelf"), tr("Sets that all your pieces share"), m_shelf);
  m_side_pages = pages;
  column->addWidget(m_tabs);
  auto* shown = new QHBoxLayout;
  shown->addWidget(caption_label(tr("Shown"), side));
  shown->addWidget(make_views(), 1);
  column->addLayout(shown);
  column->addWidget(m_find);
  column->addSpacing(2);
  column->addWidget(pages, 1);
  // At the foot, where nothing moves when it comes and goes.
  column->addWidget(new BetweenRow(m_model, m_model.set_work(), side));
  connect(m_find, &QLineEdit::returnPressed, this, &GradeDesk::find_words);
  connect(m_find, &QLineEdit::textChanged, m_list, &ListView::filter);
  connect(&m_model, &AppModel::startedAnew, m_find, &QLineEdit::clear);
  return side;
}

/// The sets as words; swatches dragged onto one go there.
void GradeDesk::follow_sets() {
  const int was = m_tabs->horizontalScrollBar()->value();
  auto* box = new QWidget;
  auto* line = new QHBoxLayout(box);
  line->setContentsMargins(0, 0, 0, 0);
  line->setSpacing(2);
  const QWidget* current = nullptr;
  for (const auto& set : m_model.piece().sets) {
    const QString name = QString::fromStdString(set.name);
    auto* button =
        word_tab(QStringLiteral("setTab"), QFontMetrics(heading_font()).elidedText(name, Qt::ElideRight, 150),
                 tr("Show %1. Swatches dropped here move to its first family.").arg(name), box);
    button->setProperty("takesSwatchesOfSet", QVariant::fromValue<qulonglong>(set.id));
    button->setChecked(set.id == m_model.piece().current_set);
    if (button->isChecked()) current = button;
    line->addWidget(button);
    connect(button, &QAbstractButton::clicked, this,
            m_model.bound([this, id = set.id](bool) { m_model.laying().show_set(id); }),
            Qt::QueuedConnection);
  }
  line->addStretch();
  m_tabs->setVisible(m_model.piece().sets.size() > 1);
  scroll_over_ground(m_tabs, box);
  line->activate();
  m_tabs->horizontalScrollBar()->setValue(was);
  if (current) m_tabs->bring(current->geometry());
}

void GradeDesk::follow() {
  const SetView view = m_model.session().set_view;
  m_center->setVisible(view != SetView::Staff);
  // The small staffs of versions end where the value band does.
  m_center->setContentsMargins(0, 0, 0, view == SetView::Versions ? 0 : kFoot);
  if (view != SetView::Staff) m_center->setCurrentIndex(static_cast<int>(view) - 1);
  // None of the entries is the import.
  m_views->setCurrentIndex(m_views->findData(static_cast<int>(view)));
}

void GradeDesk::focus_view() {
  const SetView view = m_model.session().set_view;
  if (view == SetView::Rows) m_rows->setFocus();
  if (view == SetView::List) m_list->table().setFocus();
  if (view == SetView::Versions) m_versions->setFocus();
}

void GradeDesk::offer(const FoundSet& found, const QString& file) {
  if (m_model.session().set_view != SetView::Import) m_before_import = m_model.session().set_view;
  m_import->offer(found, file);
  m_model.viewing().show_desk(Desk::Grade);
  m_model.viewing().show_set_view(SetView::Import);
}

void GradeDesk::show_on_shelf(const QString& file) {
  m_side_pages->show(m_shelf);
  m_shelf->show_item(file.toStdString());
}

void GradeDesk::find() {
  m_find->setFocus();
  m_find->selectAll();
}

void GradeDesk::find_words() {
  const QString words = m_find->text().trimmed();
  const SwatchSet* set = current_set(m_model.piece());
  if (words.isEmpty() || !set) return;
  std::vector<Id> named;
  Id nearest = 0;
  double least = 1e9;
  const auto color = typed_color(words.toStdString());
  for (const auto& family : set->families)
    for (const auto& s : family.swatches) {
      if (QString::fromStdString(s.name).contains(words, Qt::CaseInsensitive)) named.push_back(s.id);
      if (!color) continue;
      const double d = ciede2000(lab_from_srgb(color->color), lab_from_srgb(s.color));
      if (d >= least) continue;
      least = d;
      nearest = s.id;
    }
  if (named.empty() && nearest != 0) {
    m_model.laying().select_swatch(nearest);
    emit foundSwatches();
    return say_at(*m_find, tr("\"%1\" is nearest; it differs by %2 (CIEDE2000).")
                               .arg(QString::fromStdString(find_swatch(m_model.piece(), nearest)->name))
                               .arg(number(least, 1)));
  }
  if (named.empty()) return say_at(*m_find, tr("No swatch of this set has these letters in its name."));
  m_model.set_work().select(named);
  emit foundSwatches();
}

} // namespace zc
