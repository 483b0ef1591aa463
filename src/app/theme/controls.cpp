#include "app/theme/controls.h"

#include "app/theme/theme.h"

#include <QButtonGroup>
#include <QFontMetrics>
#include <QHBoxLayout>
#include <QPainter>
#include <QProgressBar>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>

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

Pages::Pages(QWidget* parent)
    : QWidget(parent), m_row(new QHBoxLayout), m_group(new QButtonGroup(this)),
      m_pages(new QStackedWidget(this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  m_row->setSpacing(2);
  m_row->addStretch();
  column->addLayout(m_row);
  column->addWidget(m_pages, 1);
  connect(m_group, &QButtonGroup::idClicked, this, [this](int i) {
    m_pages->setCurrentIndex(i);
    emit changed();
  });
}

void Pages::add(const QString& object_name, const QString& word, const QString& tip, QWidget* page) {
  auto* button = new WordButton(word, this);
  button->setObjectName(object_name);
  button->setToolTip(tip);
  button->setCheckable(true);
  const int i = m_pages->addWidget(page);
  m_group->addButton(button, i);
  m_row->insertWidget(i, button);
  if (i == 0) button->setChecked(true);
}

void Pages::add_beside(QWidget* widget) { m_row->addWidget(widget); }

QWidget* Pages::page() const { return m_pages->currentWidget(); }

void show_share(QProgressBar& bar, double share) {
  bar.setUpdatesEnabled(false);
  bar.setValue(static_cast<int>(bar.maximum() * share));
  bar.setUpdatesEnabled(true);
}

void scroll_over_ground(QScrollArea* area, QWidget* content) {
  area->setWidget(content);
  for (QWidget* part : {static_cast<QWidget*>(area), area->viewport(), content})
    part->setAutoFillBackground(false);
}

} // namespace zc
