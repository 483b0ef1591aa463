// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/limit/key_sheet.h"

#include "app/controls/controls.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "io/sheet/key_sheet_picture.h"

#include <QApplication>
#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QScrollBar>

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

constexpr double kUsualTile = 306;          ///< As wide, where there is room for several.
constexpr double kAside = 74, kWheel = 44;  ///< Beside the picture: the wheel, and the name under it.
constexpr double kBetween = 12, kInset = 4; ///< The frame of what is looked at lies in the inset.
constexpr double kRowPicture = 118;         ///< Width of the pictures in one row.
                                            ///< L* of the small wheels.

QString told_with_name(const KeyModel::Entry& entry) {
  const QString told = KeyModel::told(entry);
  return told.isEmpty() ? KeyModel::name_of(entry.key)
                        : KeyModel::name_of(entry.key) + QStringLiteral(": ") + told;
}

} // namespace

KeySheetView::KeySheetView(Studio& model, KeyModel& keys, QWidget* parent)
    : QAbstractScrollArea(parent), m_model(model), m_keys(keys) {
  setObjectName(QStringLiteral("keySheet"));
  setAccessibleName(tr("The reference in other keys"));
  setStatusTip(
      tr("Press a key to take its mask and set, drag one onto another to compare them, Space shows it "
         "large. The right button, or press and hold, offers more."));
  setFrameShape(QFrame::NoFrame);
  setFocusPolicy(Qt::StrongFocus);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  viewport()->setFocusProxy(this);
  viewport()->setMouseTracking(true);
  viewport()->setAutoFillBackground(false);
  connect(&keys, &KeyModel::changed, this, &KeySheetView::follow);
}

void KeySheetView::use_row(bool in_row) {
  m_in_row = in_row;
  setVerticalScrollBarPolicy(in_row ? Qt::ScrollBarAlwaysOff : Qt::ScrollBarAsNeeded);
  lay_out();
  look();
  scroll_to(m_pointed);
}

void KeySheetView::follow() {
  const std::size_t now = place_of(m_pointed_key).value_or(0);
  lay_out();
  const bool moved = std::exchange(m_pointed, now) != now;
  // What was pressed is no longer there: nothing else is taken or dragged instead.
  if (m_pressed && place_of(m_pressed_key) != m_pressed) m_pressed.reset();
  if (moved) emit pointedChanged();
  viewport()->update();
}

std::optional<std::size_t> KeySheetView::place_of(const ColorKey& key) const {
  const auto& entries = m_keys.entries();
  const auto at =
      std::find_if(entries.begin(), entries.end(), [&](const KeyModel::Entry& e) { return e.key == key; });
  if (at == entries.end()) return std::nullopt;
  return static_cast<std::size_t>(at - entries.begin());
}

void KeySheetView::point(std::size_t key) {
  if (key >= m_keys.entries().size()) return;
  m_pointed = key;
  m_pointed_key = m_keys.entries()[key].key;
  emit pointedChanged();
  viewport()->update();
}

QSize KeySheetView::largest_picture() const {
  const double wide = m_in_row ? kRowPicture : m_tile.width() - kAside - kBetween - 2 * kInset;
  return {std::max(1, static_cast<int>(wide)), std::max(1, static_cast<int>(wide))};
}

void KeySheetView::lay_out() {
  const double room = viewport()->width();
  m_columns = m_in_row ? static_cast<int>(std::max<std::size_t>(1, m_keys.entries().size()))
                       : std::max(1, static_cast<int>(std::lround(room / kUsualTile)));
  m_tile.setWidth(m_in_row ? kRowPicture + kBetween + 2 * kInset : room / m_columns);
  const QSize picture = m_keys.picture_size(largest_picture());
  m_tile.setHeight(picture.height() + 2 * kInset + (m_in_row ? 18 : kBetween));
  const auto rows = (m_keys.entries().size() + static_cast<std::size_t>(m_columns) - 1) /
                    static_cast<std::size_t>(m_columns);
  const int high = static_cast<int>(std::ceil(static_cast<double>(rows) * m_tile.height()));
  verticalScrollBar()->setRange(0, m_in_row ? 0 : std::max(0, high - viewport()->height()));
  verticalScrollBar()->setPageStep(viewport()->height());
  verticalScrollBar()->setSingleStep(static_cast<int>(m_tile.height()));
  const int wide = static_cast<int>(std::ceil(m_columns * m_tile.width()));
  horizontalScrollBar()->setRange(0, m_in_row ? std::max(0, wide - viewport()->width()) : 0);
  horizontalScrollBar()->setPageStep(viewport()->width());
  horizontalScrollBar()->setSingleStep(static_cast<int>(m_tile.width()));
  if (m_in_row) setFixedHeight(static_cast<int>(m_tile.height()) + 2);
  if (!m_in_row && maximumHeight() != QWIDGETSIZE_MAX) {
    setMinimumHeight(0);
    setMaximumHeight(QWIDGETSIZE_MAX);
  }
}

/// Pictures are made as large as they are in the sheet, also while they stand in a row: coming back to the
/// sheet nothing is made anew.
void KeySheetView::look() {
  if (!isVisible()) return;
  if (!m_in_row) m_wanted = largest_picture() * devicePixelRatioF();
  m_keys.look(true, m_wanted);
}

void KeySheetView::showEvent(QShowEvent* event) {
  QAbstractScrollArea::showEvent(event);
  lay_out();
  look();
  follow();
}

void KeySheetView::hideEvent(QHideEvent* event) {
  QAbstractScrollArea::hideEvent(event);
  m_keys.look(false);
}

void KeySheetView::resizeEvent(QResizeEvent* event) {
  QAbstractScrollArea::resizeEvent(event);
  lay_out();
  look();
}

QRectF KeySheetView::tile_rect(std::size_t key) const {
  const auto columns = static_cast<std::size_t>(m_columns);
  const std::size_t column = key % columns, row = key / columns;
  return {static_cast<double>(column) * m_tile.width() - horizontalScrollBar()->value(),
          static_cast<double>(row) * m_tile.height() - verticalScrollBar()->value(), m_tile.width(),
          m_tile.height()};
}

QRectF KeySheetView::picture_rect(std::size_t key) const {
  return {tile_rect(key).topLeft() + QPointF(kInset, kInset), QSizeF(m_keys.picture_size(largest_picture()))};
}

std::optional<std::size_t> KeySheetView::key_at(QPointF p) const {
  for (std::size_t i = 0; i < m_keys.entries().size(); ++i) {
    const QRectF tile = tile_rect(i).adjusted(0, 0, -kBetween, 0);
    if (tile.contains(p)) return i;
  }
  return std::nullopt;
}

// ---------------------------------------------------------------- painting

void KeySheetView::paint_wheel(QPainter& painter, const QRectF& rect, const std::optional<Mask>& mask) {
  const int size = static_cast<int>(std::lround(kWheel * devicePixelRatioF()));
  if (m_disc.width() != size || !(m_disc_of == m_model.piece().wheel)) {
    m_disc = key_disc(m_model.piece().wheel, size);
    m_disc_of = m_model.piece().wheel;
  }
  draw_key_wheel(painter, rect, for_monitor(seen_image(m_model.session().vision, m_disc)), mask);
}

void KeySheetView::paint_key(QPainter& painter, std::size_t key) {
  const KeyModel::Entry& entry = m_keys.entries()[key];
  const QRectF picture = picture_rect(key);
  if (entry.picture.isNull())
    painter.fillRect(picture, theme().field);
  else
    painter.drawImage(picture, for_monitor(entry.picture));
  const bool looked_at = key == m_pointed;
  painter.setFont(looked_at ? caption_strong_font() : caption_font());
  painter.setPen(looked_at ? theme().strong : theme().text);
  const QString name = KeyModel::name_of(entry.key);
  if (m_in_row) {
    painter.drawText(
        QRectF(picture.left(), picture.bottom() + 2, picture.width(), 16), Qt::AlignHCenter | Qt::AlignTop,
        painter.fontMetrics().elidedText(name, Qt::ElideRight, static_cast<int>(picture.width())));
  } else {
    const QRectF aside(picture.right() + kGap, picture.top(), kAside - kGap, picture.height());
    const QRectF wheel(aside.left() + (aside.width() - kWheel) / 2, aside.top(), kWheel, kWheel);
    paint_wheel(painter, wheel, entry.key.plan ? entry.key.plan->mask : m_model.piece().mask);
    painter.setPen(looked_at ? theme().strong : theme().text);
    painter.drawText(
        QRectF(aside.left(), wheel.bottom() + 6, aside.width() + 4, aside.bottom() - wheel.bottom() - 6),
        Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap, name);
  }
  if (!looked_at) return;
  const QRectF tile = tile_rect(key);
  const double right = m_in_row ? picture.right() + kInset - 1 : tile.right() - kBetween / 2;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, hasFocus() ? 2 : 1));
  painter.drawRect(
      QRectF(QPointF(tile.left() + 1, tile.top() + 1), QPointF(right, picture.bottom() + kInset - 1)));
}

void KeySheetView::paintEvent(QPaintEvent*) {
  QPainter painter(viewport());
  painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  if (m_keys.picture_size({1, 1}).isEmpty()) {
    painter.setFont(text_font());
    painter.setPen(theme().quiet);
    painter.drawText(viewport()->rect().adjusted(kMargin, 0, -kMargin, 0), Qt::AlignCenter | Qt::TextWordWrap,
                     tr("Add a photo at Observe to see it in other keys."));
    return;
  }
  for (std::size_t i = 0; i < m_keys.entries().size(); ++i)
    if (tile_rect(i).intersects(viewport()->rect())) paint_key(painter, i);
  // What is dragged onto another to be compared with it.
  if (!m_pressed || QLineF(m_press, m_pointer).length() < QApplication::startDragDistance()) return;
  const QSizeF size = picture_rect(*m_pressed).size() / 2;
  painter.setOpacity(0.85);
  painter.drawImage(QRectF(m_pointer - QPointF(size.width() / 2, size.height() / 2), size),
                    for_monitor(m_keys.entries()[*m_pressed].picture));
}

// ---------------------------------------------------------------- hands

bool KeySheetView::viewportEvent(QEvent* event) {
  if (event->type() == QEvent::Leave && !m_pressed) viewport()->update();
  return QAbstractScrollArea::viewportEvent(event);
}

void KeySheetView::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return event->ignore();
  m_pressed = key_at(event->position());
  m_press = m_pointer = event->position();
  if (!m_pressed) return;
  m_pressed_key = m_keys.entries()[*m_pressed].key;
  point(*m_pressed);
}

void KeySheetView::mouseMoveEvent(QMouseEvent* event) {
  m_pointer = event->position();
  if (m_pressed) return viewport()->update();
  if (const auto key = key_at(m_pointer); key && *key != m_pointed) point(*key);
}

void KeySheetView::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  const auto pressed = std::exchange(m_pressed, std::nullopt);
  viewport()->update();
  const auto here = key_at(event->position());
  if (!pressed || !here) return;
  if (*here == *pressed) return emit taken(*here);
  emit compareAsked(*pressed, *here);
}

void KeySheetView::end_drag() {
  m_pressed.reset();
  viewport()->update();
}

void KeySheetView::contextMenuEvent(QContextMenuEvent* event) {
  const bool by_key = event->reason() == QContextMenuEvent::Keyboard;
  const auto key = by_key ? std::optional(m_pointed) : key_at(event->pos());
  if (!key || *key >= m_keys.entries().size()) return event->ignore();
  point(*key);
  QMenu menu(this);
  const ColorKey wanted = m_keys.entries()[*key].key;
  menu.addAction(tr("Take key"), this, [this, wanted] {
    if (const auto at = place_of(wanted)) emit taken(*at);
  });
  menu.addAction(tr("Save as version"), this, [this, wanted] {
    if (const auto at = place_of(wanted)) emit keepAsked(*at);
  });
  menu.addAction(tr("Show large"), this, &KeySheetView::largeAsked);
  menu.exec(by_key ? viewport()->mapToGlobal(picture_rect(*key).center().toPoint()) : event->globalPos());
}

void KeySheetView::scroll_to(std::size_t key) {
  const QRectF tile = tile_rect(key);
  const auto brought = [](QScrollBar* bar, double low, double high, int room) {
    if (low < 0) bar->setValue(bar->value() + static_cast<int>(std::floor(low)));
    if (high > room) bar->setValue(bar->value() + static_cast<int>(std::ceil(high - room)));
  };
  brought(verticalScrollBar(), tile.top(), tile.bottom(), viewport()->height());
  brought(horizontalScrollBar(), tile.left(), tile.right(), viewport()->width());
}

void KeySheetView::keyPressEvent(QKeyEvent* event) {
  const auto step = [this](int by) {
    const int to = static_cast<int>(m_pointed) + by, last = static_cast<int>(m_keys.entries().size()) - 1;
    if (to < 0 || to > last) return;
    point(static_cast<std::size_t>(to));
    scroll_to(m_pointed);
  };
  switch (event->key()) {
  case Qt::Key_Left:
    return step(-1);
  case Qt::Key_Right:
    return step(1);
  case Qt::Key_Up:
    return step(m_in_row ? -1 : -m_columns);
  case Qt::Key_Down:
    return step(m_in_row ? 1 : m_columns);
  case Qt::Key_Home:
    return step(-static_cast<int>(m_pointed));
  case Qt::Key_End:
    return step(static_cast<int>(m_keys.entries().size()) - 1 - static_cast<int>(m_pointed));
  case Qt::Key_Space:
    return emit largeAsked();
  case Qt::Key_Return:
  case Qt::Key_Enter:
    return emit taken(m_pointed);
  default:
    QAbstractScrollArea::keyPressEvent(event);
  }
}

AccessibleContent KeySheetView::accessible() {
  AccessibleContent out{QAccessible::List, {}, {}, {}};
  for (std::size_t i = 0; i < m_keys.entries().size(); ++i) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, i + 1);
    item.name = told_with_name(m_keys.entries()[i]);
    item.rect = tile_rect(i);
    item.selectable = true;
    item.selected = item.focused = i == m_pointed;
    item.actions = {{tr("Take key"), [this, i] { emit taken(i); }},
                    {tr("Save as version"), [this, i] { emit keepAsked(i); }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
