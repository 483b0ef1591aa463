// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/color_pair.h"

#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QKeyEvent>
#include <QMouseEvent>

namespace zc {
namespace {

constexpr int kRoomForWord = 90;

} // namespace

ColorPair::ColorPair(Studio& model, Picking& picking, QSize size, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking) {
  setObjectName(QStringLiteral("colorPair"));
  setAccessibleName(tr("Current and previous color"));
  setToolTip(tr("The current color, and below it the previous one: click that to go back. Both can be "
                "dragged into other programs."));
  setFocusPolicy(Qt::TabFocus);
  setFixedSize(size);
  setCursor(Qt::OpenHandCursor);
  model.hear({Part::Color}, this, qOverload<>(&QWidget::update));
  model.hear({Part::ColorVision}, this, qOverload<>(&QWidget::update));
}

QRect ColorPair::before_rect() const {
  const int high = height() >= kRoomForWord ? 26 : height() * 3 / 10;
  return {0, height() - high, width(), high};
}

void ColorPair::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  const Session& s = m_model.session();
  const QColor before = shown_color(s.before, s.vision);
  painter.fillRect(rect(), shown_color(s.color(), s.vision));
  painter.fillRect(before_rect(), before);
  if (height() >= kRoomForWord) {
    painter.setPen(readable_on(before));
    painter.setFont(caption_font());
    painter.drawText(before_rect().adjusted(8, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, tr("previous"));
  }
  painter.setPen(hasFocus() ? QPen(theme().strong, 2) : QPen(theme().line, 1));
  painter.drawRect(rect().adjusted(0, 0, -1, -1));
}

void ColorPair::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return event->ignore();
  const Session& s = m_model.session();
  m_pressed.press(*event, before_rect().contains(event->pos()) ? s.before : s.color());
}

void ColorPair::mouseMoveEvent(QMouseEvent* event) { m_pressed.pull(*this, event->position()); }

void ColorPair::mouseReleaseEvent(QMouseEvent* event) {
  if (m_pressed.let_go() && before_rect().contains(event->pos())) m_picks.back_to_before();
}

void ColorPair::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Space || event->key() == Qt::Key_Return)
    m_picks.back_to_before();
  else
    QWidget::keyPressEvent(event);
}

void ColorPair::end_drag() { m_pressed.call_off(); }

AccessibleContent ColorPair::accessible() {
  const Session& s = m_model.session();
  AccessibleItem now, before;
  now.key = accessible_key(kOwnItems, 0);
  now.role = QAccessible::StaticText;
  now.name = tr("Current color: %1").arg(color_told(s.color()));
  now.rect = rect();
  before.key = accessible_key(kOwnItems, 1);
  before.role = QAccessible::Button;
  before.name = tr("Previous color: %1").arg(color_told(s.before));
  before.rect = before_rect();
  before.actions = {{tr("Go back to this color"), [this] { m_picks.back_to_before(); }}};
  return {QAccessible::Grouping, {}, {}, {std::move(now), std::move(before)}};
}

} // namespace zc
