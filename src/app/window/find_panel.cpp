// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/find_panel.h"

#include "app/controls/controls.h"
#include "app/desks/grade/grade_desk.h"
#include "app/paint/paint.h"
#include "app/paint/painted_icon.h"
#include "app/shelf/shelf_panel.h"
#include "app/theme/theme.h"
#include "core/color/text.h"
#include "model/application/app_model.h"
#include "model/documents/documents.h"
#include "model/i18n/text.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QTimer>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kWide = 520, kRows = 9, kChip = 22;
/// A search begins when the hand rests so long, in milliseconds.
constexpr int kRests = 120;

} // namespace

FindPanel::FindPanel(AppModel& model, Documents& documents, LateWidget<GradeDesk>& grade, QWidget* parent)
    : Panel(QStringLiteral("findPanel"), kWide, parent), m_model(model), m_documents(documents),
      m_grade(grade), m_finder(model,
                               [this] {
                                 QStringList pieces = m_documents.recent_files();
                                 pieces.removeAll(m_documents.path());
                                 return Finder::Files{shelf_folder(QStringLiteral("sets")), pieces};
                               }),
      m_words(new QLineEdit(this)), m_list(new QListWidget(this)), m_says(new QLabel(this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 14, kMargin, 14);
  column->setSpacing(8);
  auto* heading = new QLabel(tr("Find everywhere"), this);
  heading->setFont(heading_font());
  column->addWidget(heading);
  m_words->setObjectName(QStringLiteral("findWords"));
  m_words->setAccessibleName(tr("Color or name to find"));
  m_words->setPlaceholderText(tr("A name, or a color such as #d8904a"));
  m_words->setClearButtonEnabled(true);
  auto* current = word_action(QStringLiteral("findCurrent"), tr("Find current color"),
                              tr("Find swatches that look like the current color"), this);
  auto* row = new QHBoxLayout;
  row->addWidget(m_words, 1);
  row->addWidget(current);
  column->addLayout(row);
  m_list->setObjectName(QStringLiteral("foundList"));
  m_list->setAccessibleName(tr("What was found"));
  m_list->setIconSize({kChip, kChip});
  m_list->setUniformItemSizes(true);
  m_list->setFixedHeight(kRows * (kChip + 8) + 4);
  column->addWidget(m_list);
  m_says->setObjectName(QStringLiteral("foundSays"));
  m_says->setFont(caption_font());
  m_says->setTextFormat(Qt::PlainText);
  auto* go = word_action(QStringLiteral("findGo"), tr("Go there"),
                         tr("Show the swatch where it is; another piece is opened (Enter)"), this);
  go->make_primary();
  auto* use = word_action(QStringLiteral("findUse"), tr("Use color"), tr("Make it the current color"), this);
  auto* close = word_action(QStringLiteral("findClose"), tr("Close"), tr("Close (Escape)"), this);
  auto* foot = new QHBoxLayout;
  foot->addWidget(m_says, 1);
  foot->addWidget(use);
  foot->addWidget(go);
  foot->addWidget(close);
  column->addLayout(foot);

  auto* rest = new QTimer(this);
  rest->setSingleShot(true);
  connect(m_words, &QLineEdit::textChanged, rest, [rest] { rest->start(kRests); });
  connect(rest, &QTimer::timeout, this, [this] { m_finder.seek(m_words->text()); });
  connect(m_words, &QLineEdit::returnPressed, this, [this, rest] {
    if (!rest->isActive() && chosen()) return this->go();
    rest->stop();
    m_finder.seek(m_words->text());
  });
  connect(current, &QAbstractButton::clicked, this, [this] {
    m_words->setText(text(hex_of(m_model.session().color())));
    m_list->setFocus();
  });
  connect(m_list, &QListWidget::itemActivated, this, &FindPanel::go);
  connect(go, &QAbstractButton::clicked, this, &FindPanel::go);
  connect(use, &QAbstractButton::clicked, this, &FindPanel::use_color);
  connect(close, &QAbstractButton::clicked, this, &Panel::closed);
  connect(&m_finder, &Finder::changed, this, &FindPanel::follow);
  connect(&model, &AppModel::startedAnew, this, [this] {
    m_words->clear();
    emit closed();
  });
}

void FindPanel::open_at(QPoint corner) {
  stand_at(corner);
  m_words->setFocus();
  m_words->selectAll();
  // What was found before may be there no longer.
  m_finder.seek(m_words->text());
}

void FindPanel::follow() {
  const int row = m_list->currentRow();
  m_list->clear();
  for (const FoundSwatch& found : m_finder.found()) {
    const QIcon chip = color_icon(shown_color(found.color, m_model.session().vision));
    const QString name = found.name.isEmpty() ? text(hex_of(found.color)) : found.name;
    const QString away = m_finder.of_color() && found.away >= 0.05
                             ? tr(", differs by %1").arg(number(found.away, 1))
                             : QString();
    new QListWidgetItem(chip, tr("%1, %2%3").arg(name, found.place, away), m_list);
  }
  if (m_list->count() > 0) m_list->setCurrentRow(std::clamp(row, 0, m_list->count() - 1));
  m_says->setText(m_finder.seeking()          ? tr("Searching...")
                  : m_words->text().isEmpty() ? tr("In this piece, on the shelf, in recent pieces")
                  : m_list->count() == 0      ? tr("Nothing found.")
                                              : tr("%n found", nullptr, m_list->count()));
}

const FoundSwatch* FindPanel::chosen() const {
  const int row = m_list->currentRow();
  const auto& found = m_finder.found();
  return row >= 0 && row < static_cast<int>(found.size()) ? &found[static_cast<std::size_t>(row)] : nullptr;
}

void FindPanel::use_color() {
  if (const FoundSwatch* found = chosen()) m_model.picking().use_color(found->color);
}

void FindPanel::go() {
  if (const FoundSwatch* found = chosen()) go_to(FoundSwatch(*found));
}

void FindPanel::go_to(const FoundSwatch& found) {
  if (found.where != FoundSwatch::Where::Piece) {
    emit closed();
    return show_in_piece(found);
  }
  m_documents.open(found.file, [this, found](bool opened) {
    if (opened) show_in_piece(found);
  });
}

/// A swatch of a version is shown among the versions.
void FindPanel::show_in_piece(const FoundSwatch& found) {
  m_model.viewing().show_desk(Desk::Grade);
  if (found.where == FoundSwatch::Where::Shelf) return m_grade->show_on_shelf(found.file);
  if (found.set != m_model.piece().current_set) m_model.laying().show_set(found.set);
  if (found.version != 0) return m_model.viewing().show_set_view(SetView::Versions);
  m_model.laying().select_swatch(found.swatch);
}

} // namespace zc
