// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/panel.h"

#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QPainter>

namespace zc {

Panel::Panel(const QString& name, int width, QWidget* parent) : QWidget(parent) {
  setObjectName(name);
  setAutoFillBackground(true);
  setFixedWidth(width);
  hide();
}

void Panel::stand_at(QPoint corner) {
  adjustSize();
  move(corner);
  show();
  raise();
}

void Panel::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit closed();
  QWidget::keyPressEvent(event);
}

void Panel::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), theme().furniture);
  painter.setPen(QPen(theme().line, 1));
  painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

} // namespace zc
