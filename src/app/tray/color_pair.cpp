#include "app/tray/color_pair.h"

#include "app/paint/paint.h"
#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>

namespace zc {

ColorPair::ColorPair(Workspace& space, QWidget* parent) : QWidget(parent), m_space(space) {
  setObjectName(QStringLiteral("colorPair"));
  setAccessibleName(tr("Current color and the color before"));
  setToolTip(tr("The current color; below it the one before: click there to go back to it."));
  setFocusPolicy(Qt::TabFocus);
  setFixedSize(150, 114);
  connect(&space, &Workspace::colorChanged, this, qOverload<>(&QWidget::update));
  connect(&space, &Workspace::viewChanged, this, qOverload<>(&QWidget::update));
}

QRect ColorPair::before_rect() const { return {0, height() - 32, width(), 32}; }

void ColorPair::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  const Session& s = m_space.session();
  const QColor before = shown_color(s.before, s.values_only);
  painter.fillRect(rect(), shown_color(s.color(), s.values_only));
  painter.fillRect(before_rect(), before);
  painter.setPen(readable_on(before));
  painter.setFont(caption_font());
  painter.drawText(before_rect().adjusted(8, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, tr("before"));
  painter.setPen(hasFocus() ? QPen(theme().strong, 2) : QPen(theme().line, 1));
  painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

void ColorPair::mousePressEvent(QMouseEvent* event) {
  if (before_rect().contains(event->pos())) m_space.back_to_before();
}

void ColorPair::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Space || event->key() == Qt::Key_Return)
    m_space.back_to_before();
  else
    QWidget::keyPressEvent(event);
}

} // namespace zc
