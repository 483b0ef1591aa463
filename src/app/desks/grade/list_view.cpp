#include "app/desks/grade/list_view.h"

#include "app/paint/paint.h"
#include "app/store/set_work.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/text.h"

#include <QHeaderView>
#include <QLineEdit>
#include <QSortFilterProxyModel>
#include <QTableView>
#include <QVBoxLayout>

namespace zc {
namespace {

QString text(const std::string& s) { return QString::fromStdString(s); }

} // namespace

SwatchTable::SwatchTable(Workbench& bench, QObject* parent) : QAbstractTableModel(parent), m_bench(bench) {}

void SwatchTable::renew() {
  beginResetModel();
  m_rows.clear();
  if (const SwatchSet* set = current_set(m_bench.piece()))
    for (const auto& family : set->families)
      for (const auto& s : family.swatches) {
        const Srgb shown = m_bench.set_work().shown(s);
        const Oklch lch = lch_from_oklab(oklab_from_srgb(shown));
        m_rows.push_back({s.id, shown, s.name, family.name, s.note, value_of(shown), lch.c,
                          lch.c < kNeutralChroma ? -1 : lch.h, s.locked});
      }
  endResetModel();
}

int SwatchTable::rowCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}
int SwatchTable::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : kColumns; }

QVariant SwatchTable::data(const QModelIndex& index, int role) const {
  const Row& row = m_rows[static_cast<std::size_t>(index.row())];
  const bool sorts = role == Qt::UserRole; // Numbers as numbers.
  if (role == Qt::DecorationRole && index.column() == Name)
    return shown_color(row.color, m_bench.session().values_only);
  if (role == Qt::TextAlignmentRole && index.column() >= Value && index.column() <= Hue)
    return QVariant(Qt::AlignRight | Qt::AlignVCenter);
  if (role != Qt::DisplayRole && role != Qt::EditRole && !sorts) return {};
  switch (index.column()) {
  case Name:
    return text(row.name) + (row.locked && role == Qt::DisplayRole ? tr(" (locked)") : QString());
  case Hex:
    return text(hex_of(row.color));
  case Value:
    return sorts ? QVariant(row.value) : QVariant(QString::number(row.value, 'f', 1));
  case Chroma:
    return sorts ? QVariant(row.chroma) : QVariant(QString::number(row.chroma, 'f', 3));
  case Hue:
    if (sorts) return row.hue;
    return row.hue < 0 ? tr("neutral") : QString::number(row.hue, 'f', 0) + QStringLiteral("°");
  case FamilyName:
    return text(row.family);
  case Note:
    return text(row.note);
  default:
    return {};
  }
}

QVariant SwatchTable::headerData(int section, Qt::Orientation orientation, int role) const {
  if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
  const QString names[] = {tr("Name"), tr("Hex"),    tr("Value"), tr("Chroma"),
                           tr("Hue"),  tr("Family"), tr("Note")};
  return names[section];
}

Qt::ItemFlags SwatchTable::flags(const QModelIndex& index) const {
  const bool edited = index.column() == Name || index.column() == Note;
  return QAbstractTableModel::flags(index) | (edited ? Qt::ItemIsEditable : Qt::NoItemFlags);
}

bool SwatchTable::setData(const QModelIndex& index, const QVariant& value, int role) {
  if (role != Qt::EditRole) return false;
  const Id id = swatch_of(index.row());
  const std::string given = value.toString().toStdString();
  if (index.column() == Note)
    return m_bench.store().apply(tr("Write note"),
                                 [&](Piece p) { return with_swatch_note(std::move(p), id, given); });
  return m_bench.store().apply(tr("Rename swatch"),
                               [&](Piece p) { return with_swatch_named(std::move(p), id, given); });
}

ListView::ListView(Workbench& bench, QWidget* parent)
    : QWidget(parent), m_bench(bench), m_swatches(new SwatchTable(bench, this)),
      m_shown(new QSortFilterProxyModel(this)), m_filter(new QLineEdit(this)), m_table(new QTableView(this)) {
  m_filter->setObjectName(QStringLiteral("listFilter"));
  m_filter->setAccessibleName(tr("Filter the list"));
  m_filter->setPlaceholderText(tr("only rows with these letters in a name, family, note or hex"));
  m_filter->setClearButtonEnabled(true);
  m_table->setObjectName(QStringLiteral("list"));
  m_table->setAccessibleName(tr("The set as a list"));
  m_shown->setSourceModel(m_swatches);
  m_shown->setSortRole(Qt::UserRole);
  m_shown->setFilterKeyColumn(-1);
  m_shown->setFilterCaseSensitivity(Qt::CaseInsensitive);
  m_table->setModel(m_shown);
  m_table->setSortingEnabled(true);
  m_table->sortByColumn(-1, Qt::AscendingOrder);
  m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
  m_table->setSelectionMode(QAbstractItemView::ExtendedSelection);
  m_table->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
  m_table->setShowGrid(false);
  m_table->setFrameShape(QFrame::NoFrame);
  m_table->setFont(caption_font());
  m_table->setWordWrap(false);
  m_table->verticalHeader()->hide();
  m_table->verticalHeader()->setDefaultSectionSize(24);
  m_table->horizontalHeader()->setFont(caption_strong_font());
  m_table->horizontalHeader()->setHighlightSections(false);
  m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  m_table->horizontalHeader()->setStretchLastSection(true);
  const int widths[] = {144, 66, 48, 56, 54, 76, 110};
  for (int i = 0; i < SwatchTable::kColumns; ++i) m_table->setColumnWidth(i, widths[i]);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  column->addWidget(m_filter);
  column->addWidget(m_table, 1);
  connect(m_filter, &QLineEdit::textChanged, m_shown, &QSortFilterProxyModel::setFilterFixedString);
  connect(&bench, &Workbench::pieceChanged, this, &ListView::follow);
  connect(&bench.set_work(), &SetWork::previewChanged, this, &ListView::follow);
  connect(&bench.set_work(), &SetWork::selectionChanged, this, &ListView::show_selection);
  connect(m_table->selectionModel(), &QItemSelectionModel::selectionChanged, this, &ListView::take_selection);
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

void ListView::show_selection() {
  if (m_following || !isVisible()) return;
  m_following = true;
  QItemSelection wanted;
  for (int row = 0; row < m_shown->rowCount(); ++row)
    if (m_bench.set_work().selected(
            m_swatches->swatch_of(m_shown->mapToSource(m_shown->index(row, 0)).row())))
      wanted.select(m_shown->index(row, 0), m_shown->index(row, SwatchTable::kColumns - 1));
  m_table->selectionModel()->select(wanted, QItemSelectionModel::ClearAndSelect);
  m_following = false;
}

void ListView::take_selection() {
  if (m_following) return;
  m_following = true;
  std::vector<Id> chosen;
  for (const auto& index : m_table->selectionModel()->selectedRows())
    chosen.push_back(m_swatches->swatch_of(m_shown->mapToSource(index).row()));
  m_bench.set_work().select(chosen);
  m_following = false;
}

} // namespace zc
