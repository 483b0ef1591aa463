#include "app/desks/limit/shelf_panel.h"

#include "app/theme/number_field.h"
#include "app/theme/theme.h"
#include "core/mask/rewheel.h"

#include <QHBoxLayout>
#include <QIcon>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <QStandardPaths>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kIcon = 30;

/// The mask on its wheel, in the greys of the surround.
QIcon drawn(const Mask& mask, qreal scale) {
  QPixmap pixmap(QSize(kIcon, kIcon) * scale);
  pixmap.setDevicePixelRatio(scale);
  pixmap.fill(Qt::transparent);
  QPainter painter(&pixmap);
  painter.setRenderHint(QPainter::Antialiasing);
  const QPointF middle(kIcon / 2.0, kIcon / 2.0);
  constexpr double radius = kIcon / 2.0 - 1;
  QPainterPath path;
  const MaskRegion region(mask);
  for (const auto& outline : region.outlines()) {
    QPolygonF polygon;
    for (const auto& p : outline) polygon << middle + QPointF(p.x, -p.y) * radius;
    path.addPolygon(polygon);
    path.closeSubpath();
  }
  painter.setPen(QPen(theme().quiet, 1));
  painter.drawEllipse(middle, radius, radius);
  painter.fillPath(path, theme().text);
  return pixmap;
}

QString told(const ShelfMask& mask) {
  QStringList tags;
  for (const auto& tag : mask.tags) tags << QString::fromStdString(tag);
  const QString name = QString::fromStdString(mask.name);
  return tags.isEmpty() ? name : name + QStringLiteral("\n") + tags.join(QStringLiteral(", "));
}

} // namespace

QString ShelfPanel::folder() {
  return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
         QStringLiteral("/zonachrom/shelf/masks");
}

ShelfPanel::ShelfPanel(Workbench& bench, QWidget* parent)
    : QWidget(parent), m_bench(bench), m_search(new QLineEdit(this)), m_list(new QListWidget(this)),
      m_name(new QLineEdit(this)), m_tags(new QLineEdit(this)), m_put(new QPushButton(tr("Put up"), this)),
      m_take(new QPushButton(tr("Take up"), this)), m_off(new QPushButton(tr("Take off"), this)) {
  m_search->setObjectName(QStringLiteral("shelfSearch"));
  m_search->setAccessibleName(tr("Search the shelf"));
  m_search->setPlaceholderText(tr("search names and tags"));
  m_search->setClearButtonEnabled(true);
  m_list->setObjectName(QStringLiteral("shelfMasks"));
  m_list->setAccessibleName(tr("Masks on the shelf"));
  m_list->setIconSize({kIcon, kIcon});
  m_list->setToolTip(tr("Double-click a mask to take it up"));
  m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  m_list->setMinimumHeight(60);
  m_name->setObjectName(QStringLiteral("shelfName"));
  m_name->setAccessibleName(tr("Name for the shelf"));
  m_name->setPlaceholderText(tr("name"));
  m_tags->setObjectName(QStringLiteral("shelfTags"));
  m_tags->setAccessibleName(tr("Tags for the shelf"));
  m_tags->setPlaceholderText(tr("tags, with commas"));
  m_put->setObjectName(QStringLiteral("shelfPut"));
  m_put->setToolTip(tr("Keep the piece's mask on the shelf under this name"));
  m_take->setObjectName(QStringLiteral("shelfTake"));
  m_take->setToolTip(tr("Use the chosen mask in this piece"));
  m_off->setObjectName(QStringLiteral("shelfOff"));
  m_off->setToolTip(tr("Take the chosen mask off the shelf; masks that came with the program stay"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  auto* first = new QHBoxLayout;
  first->setSpacing(4);
  first->addWidget(m_search, 1);
  first->addWidget(m_take);
  first->addWidget(m_off);
  auto* last = new QHBoxLayout;
  last->setSpacing(4);
  last->addWidget(m_name, 3);
  last->addWidget(m_tags, 4);
  last->addWidget(m_put);
  column->addLayout(first);
  column->addWidget(m_list, 1);
  column->addLayout(last);
  for (QPushButton* button : {m_put, m_take, m_off})
    button->setFixedWidth(QFontMetrics(caption_font()).horizontalAdvance(button->text()) + 18);
  for (QWidget* widget :
       {static_cast<QWidget*>(m_search), static_cast<QWidget*>(m_list), static_cast<QWidget*>(m_name),
        static_cast<QWidget*>(m_tags), static_cast<QWidget*>(m_put), static_cast<QWidget*>(m_take),
        static_cast<QWidget*>(m_off)})
    widget->setFont(caption_font());

  connect(m_search, &QLineEdit::textChanged, this, &ShelfPanel::show_found);
  connect(m_list, &QListWidget::itemActivated, this, &ShelfPanel::take_up);
  connect(m_list, &QListWidget::currentRowChanged, this, &ShelfPanel::follow);
  connect(m_put, &QPushButton::clicked, this, &ShelfPanel::put_up);
  connect(m_name, &QLineEdit::returnPressed, this, &ShelfPanel::put_up);
  connect(m_tags, &QLineEdit::returnPressed, this, &ShelfPanel::put_up);
  connect(m_take, &QPushButton::clicked, this, &ShelfPanel::take_up);
  connect(m_off, &QPushButton::clicked, this, &ShelfPanel::take_off);
  connect(&bench, &Workbench::pieceChanged, this, &ShelfPanel::follow);
  follow();
}

/// Another window may have put something up meanwhile.
void ShelfPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  read();
}

/// The small masks are drawn in the greys of the surround.
void ShelfPanel::changeEvent(QEvent* event) {
  QWidget::changeEvent(event);
  if (event->type() == QEvent::PaletteChange && isVisible()) show_found();
}

void ShelfPanel::read() {
  MaskShelf shelf = read_mask_shelf(folder().toStdString());
  m_masks = std::move(shelf.masks);
  for (auto& mask : shipped_masks()) m_masks.push_back(std::move(mask));
  if (!shelf.unreadable.empty())
    emit m_bench.notice(QString::fromStdString(shelf.unreadable.front().sentence));
  show_found();
}

void ShelfPanel::show_found() {
  m_found.clear(); // Before the list, which speaks up when it is emptied.
  m_list->clear();
  for (std::size_t i = 0; i < m_masks.size(); ++i) {
    if (!found_by(m_masks[i], m_search->text().toStdString())) continue;
    m_found.push_back(i);
    new QListWidgetItem(drawn(m_masks[i].mask, devicePixelRatioF()), told(m_masks[i]), m_list);
  }
  if (m_found.empty()) {
    auto* none = new QListWidgetItem(tr("No mask on the shelf has these words."), m_list);
    none->setFlags(Qt::NoItemFlags);
  }
  follow();
}

const ShelfMask* ShelfPanel::chosen() const {
  const auto row = static_cast<std::size_t>(m_list->currentRow());
  return m_list->currentRow() >= 0 && row < m_found.size() ? &m_masks[m_found[row]] : nullptr;
}

void ShelfPanel::follow() {
  m_put->setEnabled(m_bench.piece().mask.has_value());
  m_take->setEnabled(chosen());
  m_off->setEnabled(chosen() && !chosen()->file.empty());
}

void ShelfPanel::put_up() {
  if (!m_bench.piece().mask) return say_at(*m_name, tr("The piece has no mask to put up."));
  ShelfMask mask;
  mask.name = m_name->text().trimmed().toStdString();
  mask.tags = tags_of(m_tags->text().toStdString());
  mask.wheel = m_bench.piece().wheel;
  mask.mask = *m_bench.piece().mask;
  mask.mask.name = mask.name;
  const auto put = put_on_shelf(folder().toStdString(), mask);
  if (!put) return say_at(*m_name, QString::fromStdString(put.error().sentence));
  m_name->clear();
  m_tags->clear();
  m_search->clear();
  read();
  for (std::size_t row = 0; row < m_found.size(); ++row)
    if (m_masks[m_found[row]].file == *put) m_list->setCurrentRow(static_cast<int>(row));
}

void ShelfPanel::take_up() {
  const ShelfMask* mask = chosen();
  if (!mask) return;
  const bool keep_colors = m_bench.session().mask_keeps == MaskKeeps::Colors;
  const Mask taken =
      keep_colors ? with_colors_kept(mask->mask, Wheel(mask->wheel), m_bench.wheel()) : mask->mask;
  m_bench.store().apply(tr("Take up mask"), [&](Piece p) -> Result<Piece> {
    return with_mask_on(with_mask(std::move(p), taken), true);
  });
}

void ShelfPanel::take_off() {
  const ShelfMask* mask = chosen();
  if (!mask || mask->file.empty()) return;
  const Status off = take_file(*mask);
  if (!off) emit m_bench.notice(QString::fromStdString(off.error().sentence));
  read();
}

} // namespace zc
