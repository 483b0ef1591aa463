// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/hint_line.h"

#include "app/theme/theme.h"

#include <QEvent>
#include <QPainter>

namespace zc {

HintLine::HintLine(QWidget* parent) : QWidget(parent) {
  setObjectName(QStringLiteral("hintLine"));
  setAttribute(Qt::WA_TransparentForMouseEvents);
  parent->installEventFilter(this);
}

bool HintLine::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::Resize) settle();
  return QWidget::eventFilter(watched, event);
}

void HintLine::say(const QString& words) {
  if (words == m_words) return;
  m_words = words;
  settle();
  update();
}

void HintLine::settle() {
  const int width = parentWidget()->width();
  const QRect needed = QFontMetrics(small_font())
                           .boundingRect(QRect(0, 0, width - 2 * kMargin, 1000), Qt::TextWordWrap, m_words);
  const int height = std::max(kLine, needed.height() + 3);
  setGeometry(0, parentWidget()->height() - height, width, height);
  raise();
}

void HintLine::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), theme().stage);
  painter.setFont(small_font());
  painter.setPen(theme().quiet);
  painter.drawText(rect().adjusted(kMargin, 0, -kMargin, -3),
                   Qt::AlignLeft | Qt::AlignBottom | Qt::TextWordWrap, m_words);
}

} // namespace zc
