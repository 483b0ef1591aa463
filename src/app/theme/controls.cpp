#include "app/theme/controls.h"

#include "app/theme/theme.h"

#include <QAbstractScrollArea>
#include <QFontMetrics>
#include <QPainter>

namespace zc {

WordButton::WordButton(const QString& word, QWidget* parent) : QAbstractButton(parent) {
  setText(word);
  setAccessibleName(word);
  setFocusPolicy(Qt::TabFocus);
  setCursor(Qt::PointingHandCursor);
  setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
}

QSize WordButton::sizeHint() const {
  const QFontMetrics metrics(heading_font());
  return {metrics.horizontalAdvance(text()) + 16, metrics.height() + 8};
}

void WordButton::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  const Theme& t = theme();
  const bool strong = isChecked() || isDown();
  painter.setFont(strong ? heading_font() : text_font());
  painter.setPen(!isEnabled() ? t.line : strong || underMouse() ? t.strong : t.text);
  painter.drawText(rect(), Qt::AlignCenter, text());
  const int thick = strong ? 3 : 1;
  painter.fillRect(QRect(4, height() - thick, width() - 8, thick), strong ? t.strong : t.line);
  if (!hasFocus()) return;
  painter.setPen(QPen(t.strong, 1, Qt::DotLine));
  painter.drawRect(rect().adjusted(1, 1, -2, -2));
}

void make_see_through(QAbstractScrollArea* area) {
  area->viewport()->setAutoFillBackground(false);
  area->setAutoFillBackground(false);
  area->setStyleSheet(
      QStringLiteral("QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; }"));
}

} // namespace zc
