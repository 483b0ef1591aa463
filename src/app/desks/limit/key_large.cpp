// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/limit/key_large.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>

#include <algorithm>

namespace zc {

KeyLarge::KeyLarge(KeyModel& keys, QWidget* parent) : QWidget(parent), m_keys(keys) {
  setObjectName(QStringLiteral("keyLarge"));
  setAccessibleName(tr("One key large, beside another"));
  setStatusTip(tr("Drag the edge between the two keys. Arrows in the row below walk through the keys."));
  setMinimumHeight(80);
  setFocusPolicy(Qt::StrongFocus);
  setCursor(Qt::SplitHCursor);
  connect(&keys, &KeyModel::changed, this, qOverload<>(&QWidget::update));
}

void KeyLarge::show_key(const ColorKey& key) {
  m_right = key;
  update();
}

void KeyLarge::compare_with(const ColorKey& key) {
  m_left = key;
  update();
}

QRectF KeyLarge::picture_rect() const {
  const QSize picture = m_keys.picture_size(size());
  // At whole pixels, so that it stays as sharp as it is.
  const int left = (width() - picture.width()) / 2, top = (height() - picture.height()) / 2;
  return {QPointF(left, top), QSizeF(picture)};
}

/// The small one of the sheet until the large one is made.
QImage KeyLarge::picture_of(const ColorKey& key) const {
  QImage large = m_keys.large(key, size() * devicePixelRatioF());
  if (!large.isNull()) return large;
  for (const auto& entry : m_keys.entries())
    if (entry.key == key) return entry.picture;
  return {};
}

void KeyLarge::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  const QRectF r = picture_rect();
  if (r.isEmpty()) return;
  const double x = r.left() + m_edge * r.width();
  const auto side = [&](const ColorKey& key, const QRectF& part) {
    painter.save();
    painter.setClipRect(part);
    painter.drawImage(r, for_monitor(picture_of(key)));
    painter.restore();
  };
  side(m_left, QRectF(r.topLeft(), QPointF(x, r.bottom())));
  side(m_right, QRectF(QPointF(x, r.top()), r.bottomRight()));
  draw_double_line(painter, {x, r.top()}, {x, r.bottom()}, 1.4);
  draw_handle(painter, {x, r.center().y()}, hasFocus());
}

void KeyLarge::move_edge(double to) {
  m_edge = std::clamp(to, 0.0, 1.0);
  update();
}

void KeyLarge::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton || picture_rect().isEmpty()) return event->ignore();
  m_dragging = true;
  m_edge_before = m_edge;
  move_edge((event->position().x() - picture_rect().left()) / picture_rect().width());
}

void KeyLarge::mouseMoveEvent(QMouseEvent* event) {
  if (m_dragging) move_edge((event->position().x() - picture_rect().left()) / picture_rect().width());
}

void KeyLarge::mouseReleaseEvent(QMouseEvent*) { m_dragging = false; }

void KeyLarge::ask_back() {
  if (m_dragging) move_edge(m_edge_before);
}

void KeyLarge::keyPressEvent(QKeyEvent* event) {
  const double step = 0.01 * nudge_size(event->modifiers());
  if (event->key() == Qt::Key_Left) return move_edge(m_edge - step);
  if (event->key() == Qt::Key_Right) return move_edge(m_edge + step);
  QWidget::keyPressEvent(event);
}

AccessibleContent KeyLarge::accessible() {
  return {QAccessible::Slider,
          tr("%1 beside %2").arg(KeyModel::name_of(m_left), KeyModel::name_of(m_right)),
          AccessibleNumber{100 * m_edge, 0, 100, 5, [this](double to) { move_edge(to / 100); }},
          {}};
}

} // namespace zc
