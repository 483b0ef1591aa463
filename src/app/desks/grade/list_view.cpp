// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/list_view.h"

#include "app/paint/paint.h"
#include "app/paint/painted_icon.h"
#include "app/platform/drag_out.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/css_color.h"
#include "core/color/text.h"
#include "model/i18n/code_words.h"
#include "model/i18n/text.h"
#include "model/proof/press_model.h"
#include "model/proof/typed_color.h"
#include "model/session/studio.h"
#include "model/work/set_work.h"

#include <QHeaderView>
#include <QLineEdit>
#include <QMimeData>
#include <QSortFilterProxyModel>
#include <QTableView>
#include <QVBoxLayout>

namespace zc {
namespace {

/// So near to the middle of the wheel no eye sees a hue.
constexpr double kNoHue = 0.005;

/// As it is typed: what stands in a field can be taken as it is.
QString code_typed(const Code& code) {
  const auto* inks = std::get_if<WrittenInks>(&code.as);
  if (!inks) return code_words(code);
  const Ink& ink = inks->ink;
  return QStringLiteral("%1 %2 %3 %4").arg(ink.c).arg(ink.m).arg(ink.y).arg(ink.k);
}

QString code_shown(const Code& code) {
  if (code.finish == Finish::Metallic) return SwatchTable::tr("%1 (metallic)").arg(code_words(code));
  if (code.finish == Finish::Fluorescent) return SwatchTable::tr("%1 (fluorescent)").arg(code_words(code));
  return beyond_display(code) ? SwatchTable::tr("%1 (not on screens)").arg(code_words(code))
                              : code_words(code);
}

} // namespace

SwatchTable::SwatchTable(Studio& model, SetWork& work, PressModel& press, QObject* parent)
    : QAbstractTableModel(parent), m_model(model), m_work(work), m_press(press) {}

void SwatchTable::renew() {
  std::vector<Row> rows;
  if (const SwatchSet* set = current_set(m_model.piece()))
    for (const auto& family : set->families)
      for (const auto& s : family.swatches) {
        const Srgb shown = m_work.shown(s);
        const WheelPoint at =
            shown == s.color ? place_on(m_model.wheel(), shown, s.picked) : m_model.wheel().locate(shown);
        rows.push_back({s.id, shown, s.name, family.name, s.note, value_of(shown), 100 * at.r,
                        at.r < kNoHue ? -1 : at.a, s.locked,
                        code_for(shown, s.code) ? s.code : std::nullopt});
      }
  // The same swatches with other contents: what is being edited and where the view stands stays.
  const bool same = std::equal(rows.begin(), rows.end(), m_rows.begin(), m_rows.end(),
                               [](const Row& p, const Row& q) { return p.id == q.id; });
  if (!same) beginResetModel();
  m_rows = std::move(rows);
  if (!same) return endResetModel();
  if (!m_rows.empty()) emit dataChanged(index(0, 0), index(rowCount() - 1, kColumns - 1));
}

int SwatchTable::rowCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}
int SwatchTable::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : kColumns; }

QVariant SwatchTable::data(const QModelIndex& index, int role) const {
  const Row& row = m_rows[static_cast<std::size_t>(index.row())];
  const bool sorts = role == Qt::UserRole;
  if (role == Qt::DecorationRole && index.column() == Name)
    return color_icon(shown_color(row.color, m_model.session().vision));
  if (role == Qt::ToolTipRole && index.column() == CodeWritten)
    return row.code ? code_told(*row.code) : tr("Type four inks in percent, such as 20 40 0 10");
  if (role == Qt::TextAlignmentRole && index.column() >= Value && index.column() <= Hue)
    return QVariant(Qt::AlignRight | Qt::AlignVCenter);
  if (role != Qt::DisplayRole && role != Qt::EditRole && !sorts) return {};
  const QVariant value = sorts ? sorted_by(row, index.column()) : QVariant();
  return value.isValid() ? value : shown_in(row, index.column(), role == Qt::DisplayRole);
}

/// Numbers as numbers; nothing for words, which are sorted as they are shown.
QVariant SwatchTable::sorted_by(const Row& row, int column) {
  if (column == Value) return row.value;
  if (column == Saturation) return row.saturation;
  return column == Hue ? QVariant(row.hue) : QVariant();
}

QVariant SwatchTable::shown_in(const Row& row, int column, bool with_lock) {
  switch (column) {
  case Name:
    return text(row.name) + (row.locked && with_lock ? tr(" (locked)") : QString());
  case Hex:
    return text(hex_of(row.color));
  case Value:
    return number(row.value, 1);
  case Saturation:
    return number(row.saturation, 1) + QStringLiteral(" %");
  case Hue:
    return row.hue < 0 ? tr("neutral") : number(row.hue, 1) + QStringLiteral("°");
  case CodeWritten:
    return row.code ? with_lock ? code_shown(*row.code) : code_typed(*row.code) : QString();
  case FamilyName:
    return text(row.family);
  case Note:
    return text(row.note);
  default:
    return {};
  }
}

QVariant SwatchTable::headerData(int section, Qt::Orientation orientation, int role) const {
  if (orientation != Qt::Horizontal) return {};
  if (role == Qt::TextAlignmentRole && section >= Value && section <= Hue)
    return QVariant(Qt::AlignRight | Qt::AlignVCenter);
  if (role != Qt::DisplayRole) return {};
  const QString names[] = {tr("Name"), tr("Hex"),  tr("Value"),  tr("Saturation"),
                           tr("Hue"),  tr("Code"), tr("Family"), tr("Note")};
  return names[section];
}

Qt::ItemFlags SwatchTable::flags(const QModelIndex& index) const {
  const int column = index.column();
  const bool edited =
      column == Name || column == Hex || column == Value || column == CodeWritten || column == Note;
  return QAbstractTableModel::flags(index) | Qt::ItemIsDragEnabled |
         (edited ? Qt::ItemIsEditable : Qt::NoItemFlags);
}

QMimeData* SwatchTable::mimeData(const QModelIndexList& indexes) const {
  std::vector<Id> swatches;
  for (const auto& index : indexes)
    if (index.column() == Name) swatches.push_back(swatch_of(index.row()));
  const SwatchSet* set = current_set(m_model.piece());
  return set ? drag_clip_of(*set, swatches) : nullptr;
}

bool SwatchTable::setData(const QModelIndex& index, const QVariant& value, int role) {
  if (role != Qt::EditRole) return false;
  const Id id = swatch_of(index.row());
  const std::string given = value.toString().toStdString();
  switch (index.column()) {
  case Hex:
    return write_color(id, given);
  case Value:
    return write_value(id, value.toString());
  case CodeWritten:
    return write_code(id, value.toString());
  case Note:
    return m_model.store().apply(tr("Edit note"),
                                 [&](Piece p) { return with_swatch_note(std::move(p), id, given); });
  default:
    return m_work.name_swatch(id, value.toString());
  }
}

bool SwatchTable::write_color(Id swatch, const std::string& given) {
  const auto color = typed_color(given);
  if (!color) {
    emit m_model.notice(words(color.error()));
    return false;
  }
  const Swatch* s = find_swatch(m_model.piece(), swatch);
  if (!s || color->color == s->color) return false;
  return m_model.store().apply(tr("Edit color"), [&](Piece p) {
    return with_swatches_colored(std::move(p), {swatch}, {color->color, {}});
  });
}

/// Four inks of the chosen press; nothing takes the code off.
bool SwatchTable::write_code(Id swatch, const QString& given) {
  const Swatch* s = find_swatch(m_model.piece(), swatch);
  if (!s) return false;
  const Code* before = code_of(*s);
  if (given.trimmed() == (before ? code_typed(*before) : QString())) return false;
  if (given.trimmed().isEmpty())
    return m_model.store().apply(tr("Remove code"),
                                 [&](Piece p) { return without_codes(std::move(p), {swatch}); });
  const auto code = typed_code(given, m_press.chosen().get());
  if (!code || !*code) {
    emit m_model.notice(code ? tr("A code is four inks in percent, such as 20 40 0 10.")
                             : words(code.error()));
    return false;
  }
  return m_model.store().apply(tr("Edit code"),
                               [&](Piece p) { return with_swatch_coded(std::move(p), swatch, **code); });
}

/// The color moves to that value at its hue and saturation, as far as it exists there.
bool SwatchTable::write_value(Id swatch, const QString& given) {
  const double value = typed_number(given).value_or(-1);
  if (value < 0 || value > 100) {
    emit m_model.notice(tr("A value is a number from 0 to 100."));
    return false;
  }
  const Swatch* s = find_swatch(m_model.piece(), swatch);
  if (!s) return false;
  Adjustment shift;
  shift.value = value - value_of(s->color);
  if (std::abs(shift.value) < 0.05) return false;
  const Adjusted moved = adjusted(*s, shift, m_model.wheel());
  const bool applied = m_model.store().apply(tr("Edit value"), [&](Piece p) {
    return with_adjusted(std::move(p), m_model.piece().current_set, {swatch}, shift);
  });
  if (applied && moved.reduced)
    emit m_model.notice(
        tr("At value %1 the saturation was reduced to what exists.").arg(number(value_of(moved.color), 1)));
  return applied;
}

ListView::ListView(Studio& model, SetWork& work, PressModel& press, QWidget* parent)
    : QWidget(parent), m_model(model), m_work(work), m_swatches(new SwatchTable(model, work, press, this)),
      m_shown(new QSortFilterProxyModel(this)), m_table(new QTableView(this)) {
  m_table->setObjectName(QStringLiteral("list"));
  m_table->setAccessibleName(tr("The set as a list"));
  m_table->setToolTip(
      tr("Click a row to select it, double-click or press F2 to edit, click a heading to sort"));
  m_shown->setSourceModel(m_swatches);
  m_shown->setSortRole(Qt::UserRole);
  m_shown->setFilterKeyColumn(-1);
  m_shown->setFilterCaseSensitivity(Qt::CaseInsensitive);
  m_table->setModel(m_shown);
  m_table->setSortingEnabled(true);
  m_table->sortByColumn(-1, Qt::AscendingOrder);
  m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
  m_table->setSelectionMode(QAbstractItemView::ExtendedSelection);
  m_table->setDragDropMode(QAbstractItemView::DragOnly);
  m_table->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
  m_table->setShowGrid(false);
  m_table->setTabKeyNavigation(false);
  m_table->setFrameShape(QFrame::NoFrame);
  m_table->setFont(caption_font());
  m_table->setWordWrap(false);
  m_table->verticalHeader()->hide();
  m_table->verticalHeader()->setDefaultSectionSize(24);
  m_table->horizontalHeader()->setFont(caption_strong_font());
  m_table->horizontalHeader()->setHighlightSections(false);
  m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  m_table->horizontalHeader()->setStretchLastSection(true);
  const int widths[] = {140, 64, 50, 76, 60, 190, 76, 60};
  for (int i = 0; i < SwatchTable::kColumns; ++i) m_table->setColumnWidth(i, widths[i]);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(m_table, 1);
  model.hear({Part::Sets, Part::Geometry, Part::ColorVision}, this, &ListView::follow);
  connect(&work, &SetWork::previewChanged, this, &ListView::follow);
  model.hear({Part::Selection}, this, &ListView::show_selection);
  connect(m_table->selectionModel(), &QItemSelectionModel::selectionChanged, this,
          &ListView::apply_selection);
}

void ListView::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void ListView::follow() {
  if (!isVisible()) return;
  m_following = true;
  m_swatches->renew();
  m_following = false;
  show_selection();
}

void ListView::rename_selected() {
  for (int row = 0; row < m_shown->rowCount(); ++row) {
    const QModelIndex name = m_shown->index(row, SwatchTable::Name);
    if (m_swatches->swatch_of(m_shown->mapToSource(name).row()) != m_model.session().selection.focus())
      continue;
    m_table->setFocus();
    m_table->selectionModel()->setCurrentIndex(name, QItemSelectionModel::NoUpdate);
    m_table->scrollTo(name);
    m_table->edit(name);
    // A new name takes the place of the old one, as where names are edited on the staff.
    if (auto* editor = m_table->viewport()->findChild<QLineEdit*>()) editor->selectAll();
    return;
  }
}

void ListView::show_selection() {
  if (m_following || !isVisible()) return;
  m_following = true;
  const auto selected = [this](int row) {
    const int source = m_shown->mapToSource(m_shown->index(row, 0)).row();
    return m_work.selected(m_swatches->swatch_of(source));
  };
  // Rows in runs: a table asks every range of its selection for every cell.
  QItemSelection wanted;
  for (int row = 0, end = 0; row < m_shown->rowCount(); row = end + 1) {
    for (end = row; end < m_shown->rowCount() && selected(end); ++end) {
    }
    if (end > row) wanted.select(m_shown->index(row, 0), m_shown->index(end - 1, SwatchTable::kColumns - 1));
  }
  m_table->selectionModel()->select(wanted, QItemSelectionModel::ClearAndSelect);
  m_following = false;
}

/// What is hidden is not selected any more; that is told once all rows are gone, for a change that is tried
/// on the selection changes rows in turn.
void ListView::filter(const QString& letters) {
  const auto selected = [this] { return m_table->selectionModel()->selectedRows().size(); };
  const auto before = selected();
  m_following = true;
  m_shown->setFilterFixedString(letters);
  m_following = false;
  if (selected() != before) apply_selection();
}

void ListView::apply_selection() {
  if (m_following) return;
  m_following = true;
  std::vector<Id> chosen;
  for (const auto& index : m_table->selectionModel()->selectedRows())
    chosen.push_back(m_swatches->swatch_of(m_shown->mapToSource(index).row()));
  m_work.select(chosen);
  m_following = false;
}

} // namespace zc
